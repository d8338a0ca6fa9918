package io.isokinet.core.eye;

import io.isokinet.core.mastery.Agreement;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A round that somebody judged.
 *
 * @param at when it was over
 * @param cue its key
 * @param answers one for each child, in their order
 */
public record Judged(Instant at, String cue, Level level, Stand stand, List<Answer> answers) {
    /** @throws IllegalArgumentException if a colleague judged some of the children only */
    public Judged {
        answers = List.copyOf(answers);
        long second = answers.stream().filter(a -> a.second().isPresent()).count();
        if (second != 0 && second != answers.size())
            throw new IllegalArgumentException("A colleague judges all of the %d children or none; %d were given."
                    .formatted(answers.size(), second));
    }

    /**
     * What was pressed for a child.
     *
     * @param there whether the cue was there
     * @param second what a colleague beside pressed for the same child; empty where nobody did
     * @param seconds from where the child came to the press
     */
    public record Answer(boolean there, boolean shown, Optional<Boolean> second, double seconds) {}

    public Verdict verdict() {
        return Verdict.of(
                answers.stream().map(Answer::there).toList(),
                answers.stream()
                        .map(a -> new Verdict.Pressed(a.shown(), a.seconds()))
                        .toList());
    }

    /** How far one agrees with the colleague who judged the same children; empty where nobody did. */
    public Optional<Agreement> withColleague() {
        if (answers.isEmpty() || answers.get(0).second().isEmpty()) return Optional.empty();
        int[] counts = new int[4];
        for (Answer a : answers) counts[(a.shown() ? 0 : 2) + (a.second().orElseThrow() ? 0 : 1)]++;
        return Optional.of(new Agreement(counts[0], counts[1], counts[2], counts[3]));
    }

    /** Whether it says how one judges in a hall: as fast as children are, from where the cue is seen best. */
    public boolean isAsInTheHall() {
        return level != Level.FIRST && stand == Stand.BEST;
    }
}
