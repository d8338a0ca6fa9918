package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.List;

/**
 * Things knocked down. Each thing that is scored is one roll: its first number is how many fell.
 *
 * @param pins that stand at the beginning of a turn, 1 to 20
 */
public record Pins(Way way, int pins) implements Game {
    /** How they are counted, and when they stand again. */
    public enum Way {
        /** One roll to a turn, all stand again. */
        ONE_ROLL,
        /** Two rolls to a turn; all with the first is a strike, all with both a spare. They are told, and add nothing. */
        TWO_ROLLS,
        /** As many as fall in a minute; they stand again only when all are down. */
        IN_A_MINUTE,
        /** What falls is taken away; whoever needs the fewest rolls for all is in front. */
        TAKE_AWAY
    }

    public Pins {
        if (pins < 1 || pins > 20)
            throw new IllegalArgumentException("1 to 20 pins are set up, not %d.".formatted(pins));
    }

    @Override
    public ScoreCard card() {
        return switch (way) {
            case TWO_ROLLS ->
                ScoreCard.numbered(
                        6, "sum", "Both rolls in a box. X is all %d with one roll, / with two.".formatted(pins));
            case IN_A_MINUTE ->
                ScoreCard.numbered(
                        4, "best", "One box a minute. Stand them up only when all %d are down.".formatted(pins));
            case TAKE_AWAY ->
                ScoreCard.numbered(8, "rolls", "One box a roll: how many fell. They stay away until all are gone.");
            case ONE_ROLL -> ScoreCard.numbered(10, "sum", "One box a roll: how many of %d fell.".formatted(pins));
        };
    }

    @Override
    public String name() {
        return switch (way) {
            case ONE_ROLL -> "one roll a turn";
            case TWO_ROLLS -> "two rolls a turn";
            case IN_A_MINUTE -> "pins in a minute";
            case TAKE_AWAY -> "fallen pins are taken away";
        };
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) check(sides.get(i), Game.first(bySide.get(i)), findings);
        if (way == Way.TAKE_AWAY) return takeAway(sides, bySide, findings);
        return Game.of(
                sides,
                bySide,
                own -> Game.first(own).stream().mapToLong(n -> n).sum(),
                own -> words(Game.first(own)),
                true,
                findings);
    }

    private void check(String side, List<Integer> rolls, List<String> findings) {
        int standing = pins;
        for (int i = 0; i < rolls.size(); i++) {
            if (way == Way.ONE_ROLL || way == Way.TWO_ROLLS && turnBegins(rolls, i)) standing = pins;
            int fell = rolls.get(i);
            if (fell > standing)
                findings.add("%s: %d fell and %d stood. Count again, or was it another side?"
                        .formatted(side, fell, standing));
            standing = Math.max(0, standing - fell);
            if (way == Way.IN_A_MINUTE && standing == 0) standing = pins;
        }
    }

    /** With two rolls a strike ends the turn. */
    private boolean turnBegins(List<Integer> rolls, int index) {
        int at = 0;
        while (at < index) at += rolls.get(at) >= pins ? 1 : 2;
        return at == index;
    }

    private String words(List<Integer> rolls) {
        int sum = rolls.stream().mapToInt(n -> n).sum();
        if (way != Way.TWO_ROLLS) return sum + " down in " + rolls.size() + (rolls.size() == 1 ? " roll" : " rolls");
        int strikes = 0;
        int spares = 0;
        for (int at = 0; at < rolls.size(); ) {
            if (rolls.get(at) >= pins) {
                strikes++;
                at++;
            } else {
                if (at + 1 < rolls.size() && rolls.get(at) + rolls.get(at + 1) >= pins) spares++;
                at += 2;
            }
        }
        return "%d down, %d %s, %d %s"
                .formatted(sum, strikes, strikes == 1 ? "strike" : "strikes", spares, spares == 1 ? "spare" : "spares");
    }

    private Result takeAway(List<String> sides, List<List<Scored>> bySide, List<String> findings) {
        List<Result.Line> lines = new ArrayList<>();
        List<Boolean> done = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            List<Integer> rolls = Game.first(bySide.get(i));
            int left = Math.max(0, pins - rolls.stream().mapToInt(n -> n).sum());
            done.add(left == 0);
            lines.add(new Result.Line(
                    sides.get(i),
                    rolls.size(),
                    left == 0 ? "all in %d rolls".formatted(rolls.size()) : "%d stand".formatted(left)));
        }
        return new Result(lines, Result.best(lines, done, false), -1, !done.contains(false), findings);
    }
}
