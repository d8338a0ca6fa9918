package io.isokinet.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import java.util.List;

/**
 * A checked pack.
 *
 * @param knowHow what it holds, together with what it was read on top of
 */
public record Pack(String name, int number, String title, PackFiles files, KnowHow knowHow) {
    /** The identity of this version. */
    public String sha256() {
        return files.sha256();
    }

    /** The skills that have no drill on some rung, or fewer than two games, one sentence each. */
    public List<String> gaps() {
        return Gaps.of(knowHow);
    }
}
