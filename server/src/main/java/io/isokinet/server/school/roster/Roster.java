package io.isokinet.server.school.roster;

import io.isokinet.core.check.Finding;
import io.isokinet.server.school.Classes.NewChild;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A roster as read: what would come in, and what stands against it.
 *
 * @param columns the header of a plain CSV; empty for OneRoster
 * @param sample the first rows under it
 * @param mapping column by field, as guessed or as given
 * @param classes what would come in, by class; the name is null where the rows say none
 * @param differences what it would change, one a class; empty while there are findings
 * @param findings one for each row and field that cannot be taken; with any, nothing comes in
 */
record Roster(
        Kind kind,
        String encoding,
        List<String> columns,
        List<List<String>> sample,
        Map<Field, Integer> mapping,
        List<RosterClass> classes,
        int children,
        List<Finding> findings,
        List<RosterDifference> differences) {
    enum Kind {
        ONEROSTER,
        PLAIN
    }

    /** What a column of a plain CSV can be. */
    enum Field {
        GIVEN,
        FAMILY,
        FULL_NAME,
        CLASS,
        CLASS_ID,
        CHILD_ID,
        YEAR,
        THROWING_HAND,
        BATTING_SIDE,
        KICKING_FOOT
    }

    /** @param name null where the rows say none @param sourceId its id in the roster; null if the roster has none */
    record RosterClass(@Nullable String name, @Nullable String sourceId, int yearAge, List<NewChild> children) {}
}
