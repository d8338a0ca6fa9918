package io.isokinet.core.unit;

import java.util.ArrayList;
import java.util.List;

/** A change by hand. It gives new choices, which are read and scored like any others. */
public sealed interface Edit permits Edit.Move, Edit.Lock, Edit.Swap, Edit.Adjust {
    String segment();

    /** Puts a segment to another place in its lesson. @param position index from 0 */
    record Move(String segment, int position) implements Edit {}

    /** Locks or unlocks a segment: a replan keeps what is locked. */
    record Lock(String segment, boolean locked) implements Edit {}

    /** Puts another activity in its place. */
    record Swap(String segment, String activity) implements Edit {}

    /** Eases or hardens it. @param setting step of the main lever, from 0 */
    record Adjust(String segment, int setting) implements Edit {}

    /**
     * The choices after the edit.
     *
     * @throws IllegalArgumentException if the segment is not there, was taught already, is locked, or the edit leads nowhere
     */
    static List<List<Choice>> apply(Plan plan, Edit edit) {
        Segment segment = plan.segment(edit.segment())
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no segment (%s) in this unit any more; reload the unit.".formatted(edit.segment())));
        if (plan.problem().lessons().get(segment.lesson()).taught())
            throw new IllegalArgumentException(
                    "Lesson %d was taught already; what was done stays as it was.".formatted(segment.lesson() + 1));
        if (segment.locked() && !(edit instanceof Lock))
            throw new IllegalArgumentException("%s is locked; unlock it first."
                    .formatted(segment.activity().name()));
        List<List<Choice>> choices = new ArrayList<>();
        boolean keepsCues = edit instanceof Lock || edit instanceof Adjust;
        boolean keepsMinutes = !(edit instanceof Swap);
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            boolean own = lesson == segment.lesson();
            boolean taught = plan.problem().lessons().get(lesson).taught();
            List<Choice> row = new ArrayList<>();
            for (Segment s : plan.lessons().get(lesson))
                row.add(taught || s.locked() || keepsCues ? Choice.fixed(s) : reopened(s, keepsMinutes || !own));
            choices.add(row);
        }
        List<Choice> row = choices.get(segment.lesson());
        Choice now = row.get(segment.position());
        if (edit instanceof Move move) {
            if (move.position() < 0 || move.position() >= row.size())
                throw new IllegalArgumentException("Lesson %d has places 1 to %d; place %d is not one of them."
                        .formatted(segment.lesson() + 1, row.size(), move.position() + 1));
            row.remove(segment.position());
            row.add(move.position(), now);
        } else if (edit instanceof Lock lock) row.set(segment.position(), now.withLocked(lock.locked()));
        else if (edit instanceof Swap swap) {
            var levers = plan.problem().knowHow().activity(swap.activity()).levers();
            row.set(
                    segment.position(),
                    now.withActivity(
                            swap.activity(),
                            levers.isEmpty() ? 0 : levers.get(0).usual()));
        } else if (edit instanceof Adjust adjust) {
            var levers = segment.activity().levers();
            if (levers.isEmpty()
                    || adjust.setting() < 0
                    || adjust.setting() >= levers.get(0).steps().size())
                throw new IllegalArgumentException("%s has no setting beyond this one."
                        .formatted(segment.activity().name()));
            row.set(
                    segment.position(),
                    new Choice(
                            now.id(),
                            now.phases(),
                            now.activity(),
                            adjust.setting(),
                            now.locked(),
                            now.minutes(),
                            now.introduces(),
                            now.focus()));
        }
        return choices;
    }

    private static Choice reopened(Segment segment, boolean keepMinutes) {
        Choice open = Choice.open(segment);
        return new Choice(
                open.id(),
                open.phases(),
                open.activity(),
                open.setting(),
                open.locked(),
                keepMinutes ? segment.minutes() : null,
                null,
                null);
    }
}
