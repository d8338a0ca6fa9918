package io.isokinet.server.report;

import io.isokinet.core.mastery.Tally;
import io.isokinet.server.report.ClassReport.Levels;
import java.util.List;

/** Bars for paper: parts as wide as their share, each with its number and a ground that differs in grey. */
public final class Bars {
    /** @param kind 0 for not seen, up to 3 for all of it @param percent of the bar's width */
    public record Part(int kind, int count, double percent) {}

    public List<Part> of(Levels l) {
        return parts(l.notSeen(), l.developing(), l.near(), l.mastery());
    }

    public List<Part> of(Tally t) {
        return parts(t.notSeen(), t.developing(), 0, t.owned());
    }

    private static List<Part> parts(int... counts) {
        int all = 0;
        for (int c : counts) all += c;
        List<Part> parts = new java.util.ArrayList<>();
        for (int i = 0; i < counts.length; i++)
            if (counts[i] > 0) parts.add(new Part(i, counts[i], 100.0 * counts[i] / all));
        return parts;
    }
}
