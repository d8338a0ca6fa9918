package io.isokinet.server.lesson;

import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.lesson.Sheets.LessonWork;
import io.isokinet.server.paper.FloorSvg;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A lesson for an adult who never taught it: what to say, what to do, when to stop; no percentages and no marks.
 *
 * @param ends when the code for it ends
 * @param fetch what to carry out, by where it is kept
 * @param cautions what to look at before it begins
 * @param children everybody on the roll
 */
public record CoverView(
        String className,
        String year,
        int number,
        String title,
        LocalDate onDate,
        @Nullable LocalTime starts,
        int minutes,
        String space,
        Instant ends,
        List<String> fetch,
        List<String> cautions,
        String stopSignal,
        List<String> sitOut,
        List<String> leftHanded,
        List<String> helpers,
        List<CoverChild> children,
        List<CoverStep> steps) {
    private static final int CAUTIONS = 4;
    private static final String STOP_SIGNAL =
            "One loud whistle or clap: everybody stands still, holds what they have, and looks at you. Try it once at the start.";
    private static final int SENTENCES = 3;

    /** @param away as it is registered */
    public record CoverChild(UUID id, String name, boolean away) {}

    /**
     * @param say short calls, word for word; empty where the doing says it all
     * @param groups how the children stand
     * @param stop when, and what the children do then
     * @param floor its drawing; null where all share the floor
     */
    public record CoverStep(
            String name,
            int minutes,
            List<String> say,
            String what,
            String groups,
            String stop,
            @Nullable String floor) {}

    static CoverView of(LessonWork work, Instant ends) {
        SheetView s = work.view();
        return new CoverView(
                s.className(),
                s.year(),
                s.number(),
                s.unitTitle(),
                s.onDate(),
                s.starts(),
                s.minutes(),
                s.space(),
                ends,
                s.storage().stream()
                        .map(p -> (p.place().isEmpty() ? "" : p.place() + ": ")
                                + p.kit().stream().map(KitLine::words).collect(Collectors.joining(", ")))
                        .toList(),
                BeforeIt.of(s, CAUTIONS).stream().map(BeforeIt::text).toList(),
                STOP_SIGNAL,
                names(s, c -> c.takesPart() == TakesPart.SITS_OUT),
                names(s, c -> c.leftHanded() && c.takesPart() == TakesPart.PLAYS),
                s.helpers(),
                s.roll().stream()
                        .map(c -> new CoverChild(c.id(), c.name(), c.takesPart() == TakesPart.AWAY))
                        .toList(),
                s.segments().stream().map(g -> step(work, g)).toList());
    }

    private static List<String> names(SheetView s, Predicate<SheetView.ChildToday> which) {
        return s.roll().stream().filter(which).map(SheetView.ChildToday::name).toList();
    }

    private static CoverStep step(LessonWork work, StretchView g) {
        List<String> say = g.plan().focus().stream()
                .flatMap(key -> work.view().cues().stream().filter(c -> c.key().equals(key)))
                .map((CueView c) -> c.call().notSettled())
                .toList();
        String[] how = g.task().how().replaceAll("\\s+", " ").split("(?<=[.!?])\\s+");
        FloorPlan plan = work.floors().get(g.id());
        return new CoverStep(
                g.plan().name(),
                g.plan().minutes(),
                say,
                String.join(" ", List.of(how).subList(0, Math.min(SENTENCES, how.length))),
                g.floor() == null ? "" : g.floor().formation(),
                "After %d minute%s, at the stop signal: %s."
                        .formatted(
                                g.plan().minutes(),
                                g.plan().minutes() == 1 ? "" : "s",
                                g.task().gathering()),
                Papers.isDrawn(plan)
                        ? FloorSvg.ofSheet(plan, work.place(), g.plan().name(), 46, 26)
                        : null);
    }
}
