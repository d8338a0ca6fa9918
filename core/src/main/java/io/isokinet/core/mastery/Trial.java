package io.isokinet.core.mastery;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * One look at one child and one cue, as the rules of mastery need it.
 *
 * @param shown true if the cue was shown, false for not yet
 * @param lesson identifies the lesson; trials of the same lesson have equal ones
 * @param day the day it was seen
 * @param sitting identifies a deliberate check; null for running records
 */
public record Trial(
        boolean shown,
        Setting setting,
        String lesson,
        LocalDate day,
        @Nullable String sitting) {}
