package io.isokinet.core.group;

import java.util.ArrayList;
import java.util.List;

/** Who meets whom, each pair once: the tables that chess players call Berger's (FIDE Handbook C.05). */
public final class Pairings {
    private Pairings() {}

    /** Two teams from 1; 0 rests. */
    public record Meeting(int home, int away) {}

    /**
     * @param teams at least 2
     * @return rounds; with an odd number one rests in each
     */
    public static List<List<Meeting>> allPlayAll(int teams) {
        if (teams < 2)
            throw new IllegalArgumentException("%d team has nobody to meet; make at least two.".formatted(teams));
        int n = teams % 2 == 0 ? teams : teams + 1;
        List<List<Meeting>> rounds = new ArrayList<>();
        int others = n - 1;
        for (int r = 0; r < n - 1; r++) {
            // The last team stays; the others move on by half of their number each round.
            int first = r * (n / 2) % others;
            List<Meeting> round = new ArrayList<>();
            int pivot = first + 1;
            round.add(r % 2 == 0 ? meeting(pivot, n, teams) : meeting(n, pivot, teams));
            for (int i = 1; i < n / 2; i++)
                round.add(meeting((first + i) % others + 1, (first - i + others) % others + 1, teams));
            rounds.add(round);
        }
        return rounds;
    }

    private static Meeting meeting(int home, int away, int teams) {
        return new Meeting(home > teams ? 0 : home, away > teams ? 0 : away);
    }
}
