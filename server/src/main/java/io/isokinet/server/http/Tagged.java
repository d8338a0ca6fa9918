package io.isokinet.server.http;

import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;

/** Answers that name the version of what they hold, for the If-Match of the next edit. */
public final class Tagged {
    private Tagged() {}

    /**
     * With a weak tag: a strong one would forbid the server to compress the answer.
     *
     * @param version null for none, as of what is not there yet
     */
    public static <T> ResponseEntity<T> of(T body, @Nullable Object version) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.ok();
        if (version != null) answer.eTag("W/\"%s\"".formatted(version));
        return answer.body(body);
    }
}
