package io.isokinet.core.nextstep;

import io.isokinet.core.belief.HowMany;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The cue to teach or to come back to next: needed by most, asked for by most others, and seen most in what comes.
 *
 * @param worth what it is ranked by: its need in per cent, ten for each cue that waits for it, five for each coming activity up to four
 */
public record NextCue(String cue, int worth, List<String> facts) {
    private static final int WAITS = 10;
    private static final int COMING = 5;
    private static final int MOST_COMING = 4;

    public NextCue {
        facts = List.copyOf(facts);
    }

    /**
     * @param need children who are likely not to have it yet, of {@code children}
     * @param waiting cues of the unit that need it first @param coming activities to come that show it
     * @param ready whether what it needs itself was taught
     */
    public record Candidate(String cue, HowMany need, int children, int waiting, int coming, boolean ready) {}

    /** Best first; those whose own needs were not taught are left out. */
    public static List<NextCue> of(List<Candidate> candidates) {
        return candidates.stream()
                .filter(c -> c.ready() && c.need().middle() > 0 && c.children() > 0)
                .map(NextCue::of)
                .sorted(Comparator.comparingInt(NextCue::worth).reversed())
                .toList();
    }

    private static NextCue of(Candidate c) {
        List<String> facts = new ArrayList<>(List.of(
                "%s of %d children have not got it yet".formatted(c.need().words(), c.children())));
        if (c.waiting() > 0)
            facts.add(c.waiting() == 1 ? "another cue waits for it" : c.waiting() + " cues wait for it");
        if (c.coming() > 0)
            facts.add(c.coming() == 1 ? "an activity to come shows it" : c.coming() + " activities to come show it");
        return new NextCue(
                c.cue(),
                (int) Math.round(100.0 * c.need().middle() / c.children())
                        + WAITS * c.waiting()
                        + COMING * Math.min(MOST_COMING, c.coming()),
                facts);
    }
}
