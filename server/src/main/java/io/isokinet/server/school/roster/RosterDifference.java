package io.isokinet.server.school.roster;

import io.isokinet.server.school.Classes.NewChild;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a roster would change in one class of the school.
 *
 * @param schoolClass null if the class is new
 * @param sourceId of the class in the roster; null if the roster has none
 * @param changed children that are known, with what would change; also those who come from another class
 * @param same how many stay as they are
 * @param gone children of the class that the roster does not name
 * @param halfGone true if they are half of the class or more: then it is asked twice
 */
record RosterDifference(
        @Nullable UUID schoolClass,
        String name,
        @Nullable String sourceId,
        int yearAge,
        List<NewChild> newcomers,
        List<Changed> changed,
        int same,
        List<Gone> gone,
        boolean halfGone) {
    /** @param what in words: "family name Moss → Marsh" @param movesIn true if it comes from another class */
    record Changed(UUID child, String name, List<String> what, NewChild now, boolean movesIn) {}

    record Gone(UUID child, String name) {}
}
