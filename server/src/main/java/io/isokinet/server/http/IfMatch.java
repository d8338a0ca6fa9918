package io.isokinet.server.http;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ETag;

/**
 * The versions that an edit may be made on, as the header If-Match names them (RFC 9110, 13.1.1): one, a list, or {@code *} for
 * whatever is there. Our tags name a version of the thing and not the bytes of one answer, so a weak tag is as good as a strong
 * one.
 *
 * @param tags without quotes; empty if the header was not sent
 * @param any true for {@code *}
 */
public record IfMatch(List<String> tags, boolean any) {
    /** The header was not sent: enough for what is new. */
    public static final IfMatch MISSING = new IfMatch(List.of(), false);

    /** Whatever is there: for what was worked out from it just now. */
    public static final IfMatch ANY = new IfMatch(List.of(), true);

    public IfMatch {
        tags = List.copyOf(tags);
    }

    public static IfMatch of(Object version) {
        return new IfMatch(List.of(version.toString()), false);
    }

    /** @param header null if it was not sent; what is no tag is read as a bare one */
    public static IfMatch parse(@Nullable String header) {
        if (header == null || header.isBlank()) return MISSING;
        if (header.strip().equals("*")) return ANY;
        List<String> tags = ETag.parse(header).stream().map(ETag::tag).toList();
        return tags.isEmpty() ? new IfMatch(List.of(header.strip()), false) : new IfMatch(tags, false);
    }

    /**
     * Whether it names this version.
     *
     * @throws VersionMissingException if the header was not sent
     */
    public boolean names(String what, @Nullable Object version) {
        if (this.equals(MISSING)) throw new VersionMissingException(what);
        return any || tags.contains(String.valueOf(version));
    }

    /**
     * @throws VersionMissingException if the header was not sent
     * @throws EditRaceException if it names other versions than this one
     */
    public void require(String what, @Nullable Object version) {
        if (!names(what, version)) throw new EditRaceException(what);
    }
}
