package io.isokinet.server.http;

/** Somebody else saved first. */
public class EditRaceException extends RuntimeException {
    private EditRaceException(String message, boolean whole) {
        super(message);
    }

    /**
     * On one part of a thing.
     *
     * @param message what it was, what it is, and what to do
     */
    public static EditRaceException clash(String message) {
        return new EditRaceException(message, true);
    }

    public EditRaceException(String what) {
        super("The %s was changed by someone else since you opened it. Reload it, look at what is new, and save again."
                .formatted(what));
    }
}
