package io.isokinet.core.score;

import io.isokinet.core.score.ScoreEvent.OtherSide;
import io.isokinet.core.score.ScoreEvent.Scored;
import io.isokinet.core.score.ScoreEvent.Undone;
import java.util.Arrays;
import java.util.List;

/** Games and events as short text, so that a log can be kept anywhere. */
public final class Games {
    private Games() {}

    /**
     * A game from its text: {@code bowling}, {@code pins ONE_ROLL 6}, {@code fallen 10}, {@code fewest 3}, {@code nearest winner},
     * {@code nearest loser}, {@code streak 0}, {@code tally 2 1,3,5}, {@code hits 5}, {@code three}, {@code crossing tails},
     * {@code crossing hidden}, {@code zones 1,3} or {@code swap}.
     *
     * @throws IllegalArgumentException if there is no such game or its numbers cannot be
     */
    public static Game game(String text) {
        String[] words = text.trim().split(" ");
        try {
            return switch (words[0]) {
                case "bowling" -> new Bowling();
                case "pins" -> new Pins(Pins.Way.valueOf(words[1]), Integer.parseInt(words[2]));
                case "fallen" -> new FallenFrom(Integer.parseInt(words[1]));
                case "fewest" -> new FewestThrows(Integer.parseInt(words[1]));
                case "nearest" -> new Nearest(words[1].equals("loser"));
                case "streak" -> new Streak(Integer.parseInt(words[1]));
                case "tally" -> new Tally(numbers(words[2]), Integer.parseInt(words[1]));
                case "hits" -> new HitsOf(Integer.parseInt(words[1]));
                case "three" -> new BestOfThree();
                case "crossing" -> new Crossing(words[1].equals("hidden"));
                case "zones" -> new Zones(numbers(words[1]));
                case "swap" -> new Swap();
                default -> throw new IllegalArgumentException("There is no game (%s).".formatted(text));
            };
        } catch (ArrayIndexOutOfBoundsException | NumberFormatException e) {
            throw new IllegalArgumentException(
                    "The game (%s) lacks a number, or has one that is none.".formatted(text));
        }
    }

    /**
     * An event from its text: {@code s ID SIDE NUMBERS} for something scored, {@code u ID OF} for an undo, {@code o ID OF SIDE} for
     * another side.
     *
     * @throws IllegalArgumentException if it is none of these
     */
    public static ScoreEvent event(String text) {
        String[] words = text.trim().split(" ");
        try {
            return switch (words[0]) {
                case "s" -> new Scored(words[1], Integer.parseInt(words[2]), numbers(words[3]));
                case "u" -> new Undone(words[1], words[2]);
                case "o" -> new OtherSide(words[1], words[2], Integer.parseInt(words[3]));
                default -> throw new IllegalArgumentException("There is no such event (%s).".formatted(text));
            };
        } catch (ArrayIndexOutOfBoundsException | NumberFormatException e) {
            throw new IllegalArgumentException(
                    "The event (%s) lacks something, or has a number that is none.".formatted(text));
        }
    }

    private static List<Integer> numbers(String text) {
        return Arrays.stream(text.split(",")).map(Integer::valueOf).toList();
    }
}
