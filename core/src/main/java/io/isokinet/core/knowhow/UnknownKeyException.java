package io.isokinet.core.knowhow;

/** A key was asked for that the know-how does not have. */
public class UnknownKeyException extends IllegalArgumentException {
    public UnknownKeyException(String what, String key) {
        super("There is no %s with the key (%s). Look it up under Know-how.".formatted(what, key));
    }
}
