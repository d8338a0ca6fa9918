package io.isokinet.core.unit;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.task.Asked;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A unit as read from its choices; immutable. */
public final class Plan {
    private final UnitProblem problem;
    private final List<String> targetCues;
    private final Reach reach;
    private final List<List<String>> orders;
    private final List<List<Segment>> lessons;
    private final List<String> leftOver;
    private final List<Segment> all = new ArrayList<>();
    private final List<Segment> work = new ArrayList<>();
    private final Map<String, List<Segment>> meetings = new HashMap<>();
    private final Map<String, Segment> introductions = new HashMap<>();

    /**
     * @param targetCues the cues to teach
     * @param reach how far each skill can be climbed here
     * @param orders the cues of each skill whose order counts
     * @param lessons segments by lesson, in order
     * @param leftOver target cues that are not introduced, for the next unit
     */
    public Plan(
            UnitProblem problem,
            List<String> targetCues,
            Reach reach,
            List<List<String>> orders,
            List<List<Segment>> lessons,
            List<String> leftOver) {
        this.problem = problem;
        this.targetCues = List.copyOf(targetCues);
        this.reach = reach;
        this.orders = orders;
        this.lessons = List.copyOf(lessons);
        this.leftOver = List.copyOf(leftOver);
        for (List<Segment> lesson : lessons)
            for (Segment segment : lesson) {
                all.add(segment);
                if (segment.works()) work.add(segment);
                for (String cue : segment.introduces()) introductions.putIfAbsent(cue, segment);
                for (String cue : segment.focus())
                    meetings.computeIfAbsent(cue, c -> new ArrayList<>(6)).add(segment);
            }
    }

    public UnitProblem problem() {
        return problem;
    }

    /**
     * The number that people know a lesson by.
     *
     * @param lesson index from 0
     */
    public int number(int lesson) {
        return problem.number(lesson);
    }

    public List<String> targetCues() {
        return targetCues;
    }

    /** How far each skill can be climbed here. */
    public Reach reach() {
        return reach;
    }

    public List<List<Segment>> lessons() {
        return lessons;
    }

    public List<String> leftOver() {
        return leftOver;
    }

    /** All segments in the order of time. */
    public Stream<Segment> segments() {
        return all.stream();
    }

    /** The same as a list, for what is asked thousands of times. */
    public List<Segment> all() {
        return Collections.unmodifiableList(all);
    }

    /** Those that practise or play a skill, in the order of time. */
    public List<Segment> work() {
        return Collections.unmodifiableList(work);
    }

    /** The segments that have the cue in focus, in the order of time. */
    public List<Segment> meeting(String cue) {
        return meetings.getOrDefault(cue, List.of());
    }

    /** The segment that introduces a cue; null if none does. */
    public @Nullable Segment introduction(String cue) {
        return introductions.get(cue);
    }

    /**
     * The cues of a skill whose order counts: new ones that something here can teach, that are not meant for a lesson, and that no
     * stretch introduces which stays as it is.
     *
     * @param target index among the skills of the unit
     */
    public List<String> inOrder(int target) {
        return orders.get(target);
    }

    public Optional<Segment> segment(String id) {
        return segments().filter(s -> s.id().equals(id)).findFirst();
    }

    /** What to tell in a stretch at its place in the unit: as it is set, with what recalls, and in the last close what the first lesson opened. */
    public String told(Segment s) {
        String how = Asked.of(s.activity(), s.setting()).how(problem.knowHow(), s.serves(LessonPhase.RECAP));
        if (!s.serves(LessonPhase.CLOSE) || s.lesson() == 0 || s.lesson() < lessons.size() - 1) return how;
        return lessons.get(0).stream()
                .map(first -> first.activity().conduct().closes())
                .filter(Objects::nonNull)
                .findFirst()
                .map(closes -> how + " " + closes)
                .orElse(how);
    }

    /** The choices behind it, each fixed to what it has now. */
    public List<List<Choice>> fixed() {
        return lessons.stream()
                .map(lesson -> lesson.stream().map(Choice::fixed).toList())
                .toList();
    }
}
