package io.isokinet.server.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Pace;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.task.Asked;
import io.isokinet.core.thing.Need;
import io.isokinet.server.lesson.Sheets.LessonWork;
import io.isokinet.server.paper.FloorSvg;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Small cards that children work from: how one lane is set out, and what one tries in one's own time. */
final class LaneCards {
    private static final double SKETCH_MM = 76;
    private static final int TRIES = 10;

    private LaneCards() {}

    /**
     * How one lane or group of a stretch is set out.
     *
     * @param each what it takes, in words
     * @param line how far it is, in steps of this age; null where nothing says
     * @param apart how far pins stand from each other; null without pins
     * @param check what is looked at when it stands
     * @param sketch its floor as SVG; null where all share the floor
     * @param does how it is done, as SVG; null where no figure shows it
     */
    record SetUp(
            String name,
            @Nullable String plain,
            List<String> each,
            @Nullable String line,
            @Nullable String apart,
            List<String> steps,
            @Nullable String check,
            @Nullable String sketch,
            @Nullable String does) {}

    /**
     * A card for each stretch that needs something.
     *
     * @param drawn a cue on a figure, by its key; null where no figure shows it
     */
    static List<SetUp> setUps(LessonWork worked, KnowHow known, Function<String, @Nullable String> drawn) {
        List<SetUp> cards = new ArrayList<>();
        for (StretchView s : worked.view().segments()) {
            if (s.kit().isEmpty()
                    || s.floor() == null
                    || !known.hasActivity(s.plan().activity())) continue;
            Activity a = known.activity(s.plan().activity());
            Asked asked = Asked.of(a, s.task().step());
            Layout layout = known.library().layouts().get(a.layout());
            FloorPlan floor = worked.floors().get(s.id());
            // Pairs that take turns have the things of those before them.
            int sets = floor == null || floor.areas().isEmpty()
                    ? s.floor().groupCount()
                    : floor.areas().size();
            boolean pins = asked.needs().stream()
                    .filter(n -> n.role() == Need.Role.TOPPLED)
                    .anyMatch(n -> n.count() > 1);
            cards.add(new SetUp(
                    s.plan().name(),
                    known.library().names().plain(a, known),
                    s.kit().stream()
                            .map(k -> each(k, asked.needs(), sets, known))
                            .toList(),
                    line(asked, new Age(worked.view().age())),
                    pins
                            ? Words.say(
                                    "In a row or a triangle %.0f cm from one to the next, a hand and a half.",
                                    FloorPlan.Thing.PIN_GAP * 100)
                            : null,
                    s.task().setUp(),
                    layout == null ? null : layout.check(),
                    floor == null
                            ? null
                            : FloorSvg.ofGroup(
                                    floor, worked.place(), 0, s.plan().name(), SKETCH_MM),
                    s.plan().focus().stream()
                            .map(drawn)
                            .filter(Objects::nonNull)
                            .findFirst()
                            .orElse(null)));
        }
        return cards;
    }

    /** "6 skittles", "1 beanbag for each child", "20 sock balls for all". */
    private static String each(KitLine line, List<Need> needs, int groups, KnowHow known) {
        Need.Per per = needs.stream()
                .filter(n -> n.what().equals(line.what()))
                .findFirst()
                .map(Need::per)
                .orElse(Need.Per.CLASS);
        if (line.among() > 0 && line.count() % line.among() == 0)
            return "%s (%s)".formatted(known.item(line.item()).counted(line.count() / line.among()), line.groups());
        if (line.groups() != null) return line.words() + ", " + line.groups();
        return switch (per) {
            case CLASS -> line.words() + " for all";
            case CHILD -> line.words() + " for all, the same for each child";
            case GROUP ->
                line.count() % Math.max(1, groups) == 0
                        ? known.item(line.item()).counted(line.count() / Math.max(1, groups))
                        : line.words() + " for all";
        };
    }

    private static @Nullable String line(Asked asked, Age age) {
        Double metres = asked.metres(age);
        if (metres == null) return null;
        long steps = Math.max(1, Math.round(metres / Pace.childs(age).metres()));
        return Words.say("%.1f m: %d of your steps, heel to line.", metres, steps);
    }

    /**
     * What one child tries in its own time.
     *
     * @param tasks each tried as often as there are boxes
     * @param easier and harder ways of any of them, from easy to hard
     */
    record Challenge(
            String name,
            @Nullable String plain,
            List<String> tasks,
            @Nullable String ways,
            String one,
            int tries) {}

    /** A card for each stretch of which something is counted: its own tasks, or the steps of its main lever. */
    static List<Challenge> challenges(LessonWork worked, KnowHow known) {
        List<Challenge> cards = new ArrayList<>();
        for (StretchView s : worked.view().segments()) {
            if (s.task().countsAsOne() == null || !known.hasActivity(s.plan().activity())) continue;
            Activity a = known.activity(s.plan().activity());
            List<String> steps =
                    s.task().ladder().stream().map(SheetView.LadderStep::words).toList();
            boolean own = !a.conduct().card().isEmpty();
            cards.add(new Challenge(
                    a.name(),
                    known.library().names().plain(a, known),
                    own ? a.conduct().card() : steps.isEmpty() ? List.of("as it is told") : steps,
                    own && !steps.isEmpty() ? String.join(" › ", steps) : null,
                    s.task().countsAsOne(),
                    TRIES));
        }
        return cards;
    }
}
