package io.isokinet.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import java.util.List;

/**
 * A checked pack.
 *
 * @param sha256 the identity of this version, worked out once since it is asked for at every look
 * @param knowHow what it holds, together with what it was read on top of
 */
public record Pack(String name, int number, String title, PackFiles files, String sha256, KnowHow knowHow) {
    public Pack(String name, int number, String title, PackFiles files, KnowHow knowHow) {
        this(name, number, title, files, files.sha256(), knowHow);
    }

    /** The skills that have no drill on some rung, or fewer than two games, one sentence each. */
    public List<String> gaps() {
        return Gaps.of(knowHow);
    }
}
