package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * Ten frames of two rolls; a strike adds the next two rolls, a spare the next one. Source: USBC Playing Rules. Each thing that
 * is scored is one roll: its first number is the pins that fell.
 */
public record Bowling() implements Game {
    private static final int FRAMES = 10;
    private static final int PINS = 10;

    @Override
    public ScoreCard card() {
        return ScoreCard.numbered(
                10,
                "sum",
                "Two rolls a frame, three in the tenth. X is all ten with one roll, / with two; a spare adds the next roll, a strike the next two.");
    }

    @Override
    public String name() {
        return "ten frames";
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        List<Result.Line> lines = new ArrayList<>();
        List<Boolean> played = new ArrayList<>();
        boolean over = true;
        int next = -1;
        int fewest = Integer.MAX_VALUE;
        for (int i = 0; i < sides.size(); i++) {
            Card card = card(Game.first(bySide.get(i)));
            String side = sides.get(i);
            card.findings.forEach(f -> findings.add(side + ": " + f));
            lines.add(new Result.Line(side, card.points, card.words));
            played.add(!bySide.get(i).isEmpty());
            over &= card.frames == FRAMES;
            if (card.frames < fewest && card.frames < FRAMES) {
                fewest = card.frames;
                next = i;
            }
        }
        return new Result(lines, Result.best(lines, played, true), over ? -1 : next, over, findings);
    }

    private record Card(long points, int frames, String words, List<String> findings) {}

    /** Rolls that are still to come count nothing yet. */
    private static Card card(List<Integer> rolls) {
        List<String> findings = new ArrayList<>();
        StringBuilder words = new StringBuilder();
        long points = 0;
        int at = 0;
        int frame = 0;
        while (frame < FRAMES && at < rolls.size()) {
            int first = rolls.get(at);
            int second = at + 1 < rolls.size() ? rolls.get(at + 1) : -1;
            int third = at + 2 < rolls.size() ? rolls.get(at + 2) : 0;
            if (first > PINS) findings.add("a roll of %d; there are %d pins.".formatted(first, PINS));
            if (first >= PINS) {
                points += PINS + Math.max(0, second) + third;
                words.append("X ");
                at += 1;
                boolean last = frame == FRAMES - 1;
                if (last) at = lastRolls(rolls, at, 2, words);
                if (!last || at >= 0) frame++;
                if (at < 0) break;
                continue;
            }
            if (second < 0) {
                points += first;
                words.append(first).append("- ");
                break;
            }
            if (first + second > PINS)
                findings.add("%d and %d in one frame make %d; there are %d pins. Was one of them another child's?"
                        .formatted(first, second, first + second, PINS));
            boolean spare = first + second >= PINS;
            points += spare ? PINS + third : first + second;
            words.append(first).append(spare ? "/" : String.valueOf(second)).append(' ');
            at += 2;
            if (frame == FRAMES - 1 && spare) {
                at = lastRolls(rolls, at, 1, words);
                if (at < 0) break;
            }
            frame++;
        }
        if (frame == FRAMES && at < rolls.size())
            findings.add("%d rolls more than ten frames have.".formatted(rolls.size() - at));
        return new Card(points, frame, words.toString().trim(), findings);
    }

    /**
     * The rolls that the last frame adds.
     *
     * @return the index after them; -1 if they are still to come
     */
    private static int lastRolls(List<Integer> rolls, int at, int many, StringBuilder words) {
        for (int i = 0; i < many; i++) {
            if (at + i >= rolls.size()) return -1;
            words.append(rolls.get(at + i) == PINS ? "X" : String.valueOf(rolls.get(at + i)));
        }
        return at + many;
    }
}
