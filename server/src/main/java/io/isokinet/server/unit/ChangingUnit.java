package io.isokinet.server.unit;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.server.unit.RevisionRow.Made;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A unit while its lessons are changed, away from the database: what it was, what it is to be, and that in words. */
final class ChangingUnit {
    private final UnitInHand before;
    private final List<LessonCopy> copies;
    private final List<LessonRow> lessons;
    private final Set<UUID> free = new HashSet<>();
    private final List<String> words = new ArrayList<>();
    private UnitBody body;
    private @Nullable LessonRow atOnce;

    ChangingUnit(UnitInHand before) {
        this.before = before;
        this.lessons = new ArrayList<>(before.lessons());
        this.copies = lessons.stream().map(LessonCopy::of).toList();
        this.body = before.body();
    }

    UnitInHand before() {
        return before;
    }

    UUID id() {
        return before.id();
    }

    String title() {
        return before.row().title();
    }

    UUID classId() {
        return before.row().classId();
    }

    /** Its lessons as they were. */
    List<LessonCopy> copies() {
        return copies;
    }

    /** Its lessons as they are to be, those that come new among them. */
    List<LessonRow> lessons() {
        return lessons;
    }

    List<String> words() {
        return words;
    }

    LessonRow row(UUID id) {
        return lessons.stream().filter(l -> l.id().equals(id)).findFirst().orElseThrow();
    }

    /** Lessons still to be given, in order. */
    List<LessonRow> coming() {
        return lessons.stream().filter(LessonRow::isPlanned).toList();
    }

    Optional<LocalDate> lastTaught() {
        return lessons.stream()
                .filter(LessonRow::isTaught)
                .map(LessonRow::onDate)
                .max(Comparator.naturalOrder());
    }

    void say(String sentence) {
        words.add(sentence);
    }

    void add(LessonRow lesson) {
        lessons.add(lesson);
    }

    /** Lets the planner fit this lesson anew; the others stay. */
    void fit(LessonRow lesson) {
        free.add(lesson.id());
    }

    /** Fits this lesson at once, without planning; no other is planned either. */
    void fitAtOnce(LessonRow lesson) {
        atOnce = lesson;
    }

    /** The lesson to fit at once; null if none is. */
    @Nullable
    LessonRow atOnce() {
        return atOnce;
    }

    void fitAll() {
        coming().forEach(this::fit);
    }

    /** Takes what was planned for a lesson out. */
    void empty(LessonRow lesson) {
        body = body.without(lesson.id());
    }

    /** Gives what was planned for {@code from.get(i)} to {@code to.get(i)}. */
    void deal(List<LessonRow> from, List<LessonRow> to) {
        body = body.deal(
                from.stream().map(LessonRow::id).toList(),
                to.stream().map(LessonRow::id).toList());
    }

    /** Plans keep their order; the dates are sorted under them. */
    void reorder() {
        List<LessonRow> inOrder = coming();
        lessons.sort(LessonRow.IN_TIME);
        for (int i = 0; i < lessons.size(); i++) lessons.get(i).stand(i);
        List<LessonRow> sorted = coming();
        if (sorted.equals(inOrder)) return;
        deal(inOrder, sorted);
        for (int i = 0; i < sorted.size(); i++) if (!sorted.get(i).isLike(inOrder.get(i))) fit(sorted.get(i));
        say("It passes other lessons of the unit; the plans keep their order.");
    }

    /** Whether lessons are to be planned anew. */
    boolean isOpen() {
        return !free.isEmpty();
    }

    boolean isKept(LessonRow lesson) {
        return !free.contains(lesson.id());
    }

    UnitPlanning.Draft draft() {
        return new UnitPlanning.Draft(before.row(), before.head().id(), body, lessons);
    }

    /** Says what the new plan does better and worse. */
    void tell(Plan after, Made made) {
        List<RuleChange> changes = RuleChange.between(before.plan(), after);
        String better = names(changes, true);
        String worse = names(changes, false);
        if (!better.isEmpty()) say("Better: %s.".formatted(better));
        if (!worse.isEmpty()) say("Strained: %s.".formatted(worse));
        for (String cue : made.body().leftOver())
            if (!before.body().leftOver().contains(cue))
                say("“%s” waits for the next unit."
                        .formatted(before.knowHow().cue(cue).call()));
    }

    private static String names(List<RuleChange> changes, boolean better) {
        return changes.stream()
                .filter(c -> c.better() == better)
                .map(c -> c.rule().name())
                .distinct()
                .collect(Collectors.joining("; "))
                .toLowerCase(Locale.ROOT);
    }
}
