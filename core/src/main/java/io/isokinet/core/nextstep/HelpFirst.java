package io.isokinet.core.nextstep;

import io.isokinet.core.quantity.Words;
import java.util.Comparator;
import java.util.List;

/** Who needs help first: those of whom it is believed that they show a taught cue least often. */
public final class HelpFirst {
    private static final int NAMES = 3;
    private static final int LEAST_LOOKS = 2;
    /** More often shown than that, it waits. */
    private static final double SELDOM = 0.4;

    private HelpFirst() {}

    /**
     * @param call of the cue
     * @param shown of its last {@code looks}
     * @param chance that the next try shows it
     */
    public record Shown(String name, String call, int shown, int looks, double chance) {}

    /**
     * @param worst of each child: the taught cue that it shows least often
     * @return a sentence; empty where nobody is seen to need help
     */
    public static String sentence(List<Shown> worst) {
        List<String> first = worst.stream()
                .filter(w -> w.looks() >= LEAST_LOOKS && w.chance() <= SELDOM)
                .sorted(Comparator.comparingDouble(Shown::chance).thenComparing(w -> -w.looks()))
                .limit(NAMES)
                .map(w -> "%s (“%s”, %d of %d)".formatted(w.name(), w.call(), w.shown(), w.looks()))
                .toList();
        if (first.isEmpty()) return "";
        return "%s %s help first.".formatted(Words.list(first), first.size() == 1 ? "needs" : "need");
    }
}
