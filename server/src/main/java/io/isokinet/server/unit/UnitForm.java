package io.isokinet.server.unit;

import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.http.Fields;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A unit as it is asked for.
 *
 * @param cueSets one for each skill
 * @param shares how much of the unit each skill gets, in the order of {@code cueSets}; empty for even ones
 * @param newCues at most so many new cues a lesson; null for the usual number
 * @param more what else is wished; null for nothing
 * @param cues what is decided about the cues of a skill; empty for nothing
 */
public record UnitForm(
        UUID classId,
        String title,
        List<String> cueSets,
        List<Integer> shares,
        Wishes.Order order,
        @Nullable Integer newCues,
        UnitBody.@Nullable MoreWishes more,
        List<CueChoiceForm> cues,
        List<LessonForm> lessons) {
    private static final int LONGEST_TITLE = 120;
    private static final int SHORTEST = 10;
    private static final int LONGEST = 120;

    /** With even shares and nothing else wished. */
    public UnitForm(
            UUID classId,
            String title,
            List<String> cueSets,
            Wishes.Order order,
            @Nullable Integer newCues,
            List<LessonForm> lessons) {
        this(classId, title, cueSets, List.of(), order, newCues, null, List.of(), lessons);
    }

    /** True if a unit may be called so. */
    static boolean isTitle(String title) {
        return !title.isBlank() && title.length() <= LONGEST_TITLE;
    }

    /** @throws io.isokinet.core.check.FoundException with each field that cannot be taken */
    void check() {
        new Fields()
                .check(isTitle(title), "title", "needs 1 to 120 characters.")
                .check(
                        !lessons.isEmpty() && lessons.size() <= UnitProblem.MOST_LESSONS,
                        "lessons",
                        "needs 1 to %d lessons.".formatted(UnitProblem.MOST_LESSONS))
                .check(
                        lessons.stream().allMatch(l -> l.minutes() >= SHORTEST && l.minutes() <= LONGEST),
                        "lessons",
                        "must have %d to %d usable minutes each.".formatted(SHORTEST, LONGEST))
                .check(!cueSets.isEmpty(), "cueSets", "needs at least one skill with a cue set.")
                .check(
                        shares.isEmpty() || shares.size() == cueSets.size(),
                        "shares",
                        "must be as many as there are skills, or none.")
                .check(newCues == null || newCues >= 1 && newCues <= 5, "newCues", "must be 1 to 5.")
                .done();
    }

    /**
     * Its lessons in the order of time, as rows that are not saved yet.
     *
     * @param ids makes an id for each
     */
    List<LessonRow> rows(UUID unit, Supplier<UUID> ids) {
        List<LessonForm> inOrder = lessons.stream()
                .sorted(Comparator.comparing(LessonForm::onDate)
                        .thenComparing(LessonForm::starts, Comparator.nullsFirst(Comparator.naturalOrder())))
                .toList();
        return IntStream.range(0, inOrder.size())
                .mapToObj(i -> new LessonRow(ids.get(), unit, i, inOrder.get(i)))
                .toList();
    }
}
