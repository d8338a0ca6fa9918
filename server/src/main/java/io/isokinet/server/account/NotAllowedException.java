package io.isokinet.server.account;

/** Signed in, but not the one to do this; the message says who is. */
public class NotAllowedException extends RuntimeException {
    public NotAllowedException(String message) {
        super(message);
    }
}
