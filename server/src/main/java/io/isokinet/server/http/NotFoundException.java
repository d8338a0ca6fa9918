package io.isokinet.server.http;

/** What was asked for does not exist in this school. */
public class NotFoundException extends RuntimeException {
    public NotFoundException(String what, Object id) {
        this("There is no %s with the id %s in this school. It may have been removed; go back and reload."
                .formatted(what, id));
    }

    private NotFoundException(String message) {
        super(message);
    }

    /** In words of its own, where an id would help nobody. */
    public static NotFoundException saying(String message) {
        return new NotFoundException(message);
    }
}
