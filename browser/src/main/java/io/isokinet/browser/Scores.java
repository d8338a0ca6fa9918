package io.isokinet.browser;

import io.isokinet.core.score.Games;
import io.isokinet.core.score.Result;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.teavm.jso.JSExport;

/** The score desk's computation for a browser. */
public final class Scores {
    private Scores() {}

    /**
     * What a log comes to, as lines of text, each a word, a tab and the rest: {@code line} with points and words for each side,
     * {@code leads}, {@code next}, {@code over}, and a {@code finding} for each contradiction.
     *
     * @param game and @param events as {@link Games} reads them @param sides their names
     * @return {@code error} and why, where it cannot be scored
     */
    @JSExport
    public static String result(String game, String[] sides, String[] events) {
        try {
            Result result = Games.game(game)
                    .result(
                            List.of(sides),
                            Arrays.stream(events).map(Games::event).toList());
            StringBuilder told = new StringBuilder();
            result.lines().forEach(l -> told.append("line\t")
                    .append(l.points())
                    .append('\t')
                    .append(l.words())
                    .append('\n'));
            told.append("leads\t")
                    .append(result.leads().stream().map(String::valueOf).collect(Collectors.joining(",")))
                    .append('\n');
            told.append("next\t").append(result.next()).append('\n');
            told.append("over\t").append(result.over()).append('\n');
            result.findings().forEach(f -> told.append("finding\t").append(f).append('\n'));
            return told.toString();
        } catch (IllegalArgumentException e) {
            return "error\t" + e.getMessage();
        }
    }

    /** Nothing runs by itself. */
    public static void main(String[] arguments) {}
}
