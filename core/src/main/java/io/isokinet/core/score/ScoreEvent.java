package io.isokinet.core.score;

import java.util.List;

/** One thing that happened at the score desk. It is never changed; another event takes it back or puts it on another side. */
public sealed interface ScoreEvent permits ScoreEvent.Scored, ScoreEvent.Undone, ScoreEvent.OtherSide {
    String id();

    /**
     * Something counted.
     *
     * @param side index of the side, from 0
     * @param numbers what was counted; each game says what they mean
     */
    record Scored(String id, int side, List<Integer> numbers) implements ScoreEvent {
        public Scored {
            numbers = List.copyOf(numbers);
        }

        public Scored(String id, int side, Integer... numbers) {
            this(id, side, List.of(numbers));
        }
    }

    /**
     * Takes an event back, also one that took another back.
     *
     * @param of its id
     */
    record Undone(String id, String of) implements ScoreEvent {}

    /**
     * What was written for the wrong side.
     *
     * @param of the id of what was scored
     * @param side where it belongs
     */
    record OtherSide(String id, String of, int side) implements ScoreEvent {}
}
