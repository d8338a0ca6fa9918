package io.isokinet.core.unit.edit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.rule.Rules;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** A change by hand. It gives new choices, which are read and scored like any others. */
public sealed interface Edit
        permits Edit.Move, Edit.MoveTo, Edit.Lock, Edit.Swap, Edit.Adjust, Edit.Minutes, Edit.Remove, Edit.Add {
    String segment();

    /**
     * Puts a segment to another place in its lesson.
     *
     * @param position index from 0
     */
    record Move(String segment, int position) implements Edit {}

    /**
     * Puts a segment into another lesson.
     *
     * @param lesson index from 0
     * @param position index in it, from 0
     */
    record MoveTo(String segment, int lesson, int position) implements Edit {}

    /**
     * Gives it so many minutes; the others of its lesson share what is left.
     *
     * @param minutes whole ones, 1 to 60
     */
    record Minutes(String segment, int minutes) implements Edit {}

    /** Takes it out; the others of its lesson share its minutes. */
    record Remove(String segment) implements Edit {}

    /**
     * Puts an activity in.
     *
     * @param segment the id it gets
     * @param lesson index from 0
     * @param position index in it, from 0
     */
    record Add(String segment, int lesson, int position, String activity) implements Edit {}

    /** Locks or unlocks a segment: a replan keeps what is locked. */
    record Lock(String segment, boolean locked) implements Edit {}

    /** Puts another activity in its place. */
    record Swap(String segment, ActivityKeys activity) implements Edit {}

    /**
     * Eases or hardens it.
     *
     * @param setting step of the main lever, from 0
     */
    record Adjust(String segment, int setting) implements Edit {}

    /**
     * The plan after the edit: with the cues of all other segments kept, or with all of them read anew where that is better.
     *
     * @throws IllegalArgumentException if the segment is not there, was taught already, is locked, or the edit leads nowhere
     */
    static Plan read(Plan plan, Candidates candidates, Edit edit) {
        List<List<Choice>> rows = apply(plan, edit);
        if (edit instanceof Swap || edit instanceof Add) atStepThatFits(plan, candidates, rows, edit.segment());
        Plan anew = Reading.of(plan.problem(), candidates, rows);
        List<List<Choice>> kept = new ArrayList<>();
        for (List<Choice> row : rows)
            kept.add(row.stream().map(c -> keeping(plan, c)).toList());
        Plan same = Reading.of(plan.problem(), candidates, kept);
        return Rules.score(anew).isBetterThan(Rules.score(same)) ? anew : same;
    }

    /** What comes in stands at the step to start from, or at the nearest to it that can be done. */
    private static void atStepThatFits(Plan plan, Candidates candidates, List<List<Choice>> rows, String segment) {
        for (int lesson = 0; lesson < rows.size(); lesson++) {
            int there = lesson;
            rows.get(lesson)
                    .replaceAll(c -> c.id().equals(segment)
                            ? c.withSetting(candidates
                                    .nearest(there, plan.problem().knowHow().activity(c.activity()))
                                    .setting())
                            : c);
        }
    }

    private static Choice keeping(Plan plan, Choice choice) {
        return plan.segment(choice.id())
                .filter(s -> s.activity().keys().equals(choice.activity()))
                .map(s -> choice.withCues(s.introduces(), s.focus(), s.watch()))
                .orElse(choice);
    }

    /**
     * The choices after the edit, open to the reading where it may change something.
     *
     * @throws IllegalArgumentException if the segment is not there, was taught already, is locked, or the edit leads nowhere
     */
    static List<List<Choice>> apply(Plan plan, Edit edit) {
        if (edit instanceof Add add) return add(plan, add);
        Segment segment = plan.segment(edit.segment())
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no segment (%s) in this unit any more; reload the unit.".formatted(edit.segment())));
        open(plan, segment.lesson());
        if (segment.locked() && !(edit instanceof Lock))
            throw new IllegalArgumentException("%s is locked; unlock it first."
                    .formatted(segment.activity().name()));
        Set<Integer> shared = sharing(edit, segment);
        boolean keepsCues = edit instanceof Lock || edit instanceof Adjust || edit instanceof Minutes;
        List<List<Choice>> choices = rows(plan, keepsCues, shared);
        List<Choice> row = choices.get(segment.lesson());
        Choice now = row.get(segment.position());
        if (edit instanceof Move move) {
            place(row.size() - 1, move.position(), plan.number(segment.lesson()));
            row.remove(segment.position());
            row.add(move.position(), now);
        } else if (edit instanceof MoveTo move) {
            lesson(plan, move.lesson());
            open(plan, move.lesson());
            row.remove(segment.position());
            List<Choice> other = choices.get(move.lesson());
            place(other.size(), move.position(), plan.number(move.lesson()));
            other.add(move.position(), now);
        } else if (edit instanceof Remove) {
            if (row.size() == 1)
                throw new IllegalArgumentException("Lesson %d would be empty; put something else in its place."
                        .formatted(plan.number(segment.lesson())));
            row.remove(segment.position());
        } else if (edit instanceof Minutes minutes) {
            if (minutes.minutes() < 1 || minutes.minutes() > 60)
                throw new IllegalArgumentException(
                        "A segment has 1 to 60 minutes, not %d.".formatted(minutes.minutes()));
            row.set(segment.position(), now.withMinutes(minutes.minutes()));
        } else if (edit instanceof Lock lock) row.set(segment.position(), now.withLocked(lock.locked()));
        else if (edit instanceof Swap swap)
            row.set(segment.position(), now.withActivity(swap.activity(), usual(plan, swap.activity())));
        else if (edit instanceof Adjust adjust) {
            var levers = segment.activity().levers();
            if (levers.isEmpty()
                    || adjust.setting() < 0
                    || adjust.setting() >= levers.get(0).steps().size())
                throw new IllegalArgumentException("%s has no setting beyond this one."
                        .formatted(segment.activity().name()));
            row.set(segment.position(), now.withSetting(adjust.setting()));
        }
        return choices;
    }

    /** The lessons whose minutes are shared out anew. */
    private static Set<Integer> sharing(Edit edit, Segment segment) {
        if (edit instanceof MoveTo move) return Set.of(segment.lesson(), move.lesson());
        boolean shares = edit instanceof Swap || edit instanceof Minutes || edit instanceof Remove;
        return shares ? Set.of(segment.lesson()) : Set.of();
    }

    /**
     * Every lesson as it is, open to the reading where it may change.
     *
     * @param shared lessons whose minutes are left open
     */
    private static List<List<Choice>> rows(Plan plan, boolean keepsCues, Set<Integer> shared) {
        List<List<Choice>> choices = new ArrayList<>();
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            boolean taught = plan.problem().lessons().get(lesson).taught();
            List<Choice> row = new ArrayList<>();
            for (Segment s : plan.lessons().get(lesson)) {
                boolean opens = shared.contains(lesson);
                if (taught || s.locked()) row.add(Choice.fixed(s));
                else if (keepsCues) row.add(opens ? Choice.fixed(s).withMinutes(null) : Choice.fixed(s));
                else row.add(Choice.open(s).withMinutes(opens ? null : s.minutes()));
            }
            choices.add(row);
        }
        return choices;
    }

    private static List<List<Choice>> add(Plan plan, Add add) {
        lesson(plan, add.lesson());
        open(plan, add.lesson());
        List<List<Choice>> choices = rows(plan, false, Set.of(add.lesson()));
        List<Choice> row = choices.get(add.lesson());
        place(row.size(), add.position(), plan.number(add.lesson()));
        Activity activity = plan.problem().knowHow().activity(add.activity());
        Set<LessonPhase> phases = activity.isGame()
                ? Set.of(LessonPhase.PLAY)
                : activity.worksOnSkill() ? Set.of(LessonPhase.PRACTISE, LessonPhase.TEACH) : activity.phases();
        row.add(
                add.position(),
                Choice.of(add.segment(), phases, add.activity(), usual(plan, ActivityKeys.of(add.activity()))));
        return choices;
    }

    private static void lesson(Plan plan, int lesson) {
        if (lesson < 0 || lesson >= plan.lessons().size())
            throw new IllegalArgumentException("This unit has lessons 1 to %d; lesson %d is not one of them."
                    .formatted(plan.lessons().size(), lesson + 1));
    }

    private static void open(Plan plan, int lesson) {
        if (plan.problem().lessons().get(lesson).taught())
            throw new IllegalArgumentException(
                    "Lesson %d was taught already; what was done stays as it was.".formatted(plan.number(lesson)));
    }

    /** @param number of the lesson, as people know it */
    private static void place(int last, int position, int number) {
        if (position < 0 || position > last)
            throw new IllegalArgumentException("Lesson %d has places 1 to %d; place %d is not one of them."
                    .formatted(number, last + 1, position + 1));
    }

    private static int usual(Plan plan, ActivityKeys activity) {
        return Candidates.usual(plan.problem().knowHow().activity(activity));
    }
}
