package io.isokinet.server.http;

/** Somebody else saved first. */
public class EditRaceException extends RuntimeException {
    public EditRaceException(String what) {
        super("The %s was changed by someone else since you opened it. Reload it, look at what is new, and save again."
                .formatted(what));
    }
}
