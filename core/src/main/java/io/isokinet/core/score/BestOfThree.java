package io.isokinet.core.score;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.score.ScoreEvent.Scored;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The best of three measured throws. The number is the distance in centimetres; a tie goes to the better second throw. */
public record BestOfThree() implements Game {
    private static final int THROWS = 3;

    @Override
    public ScoreCard card() {
        return ScoreCard.numbered(
                3, "best", "Three tries, measured in half metres or centimetres. The longest counts.");
    }

    @Override
    public String name() {
        return "best of three";
    }

    @Override
    public Result scored(List<String> sides, List<List<Scored>> bySide, List<Scored> all) {
        List<String> findings = new ArrayList<>();
        boolean over = true;
        for (int i = 0; i < sides.size(); i++) {
            int many = bySide.get(i).size();
            over &= many >= THROWS;
            if (many > THROWS)
                findings.add("%s has %d throws; the first %d count. Was one another child's?"
                        .formatted(sides.get(i), many, THROWS));
        }
        Result ranked = Game.of(
                sides,
                bySide,
                own -> best(own).stream().mapToLong(n -> n).findFirst().orElse(0),
                own -> own.isEmpty() ? "" : Words.say("%.2f m", best(own).get(0) / 100.0),
                true,
                findings);
        List<Integer> leads = ranked.leads();
        for (int nth = 1; nth < THROWS && leads.size() > 1; nth++) {
            int n = nth;
            int most = leads.stream().mapToInt(i -> at(bySide.get(i), n)).max().orElse(0);
            leads = leads.stream().filter(i -> at(bySide.get(i), n) == most).toList();
        }
        return new Result(ranked.lines(), leads, -1, over, findings);
    }

    private static int at(List<Scored> own, int nth) {
        List<Integer> best = best(own);
        return nth < best.size() ? best.get(nth) : 0;
    }

    private static List<Integer> best(List<Scored> own) {
        return own.stream()
                .limit(THROWS)
                .map(s -> s.numbers().get(0))
                .sorted(Comparator.reverseOrder())
                .toList();
    }
}
