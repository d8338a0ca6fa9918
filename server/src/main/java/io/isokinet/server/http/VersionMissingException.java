package io.isokinet.server.http;

/** An edit came without the version it was made on. */
public class VersionMissingException extends RuntimeException {
    public VersionMissingException(String what) {
        super("To change the %s, send its version in If-Match; reload it to get the version.".formatted(what));
    }
}
