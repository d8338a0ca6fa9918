package io.isokinet.server.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitMoves;
import io.isokinet.core.kit.MakeSheet;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.score.ScoreCard;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.lesson.ClassGroups.GroupView;
import io.isokinet.server.lesson.Sheets.LessonWork;
import io.isokinet.server.paper.FigureSvg;
import io.isokinet.server.paper.FloorSvg;
import io.isokinet.server.paper.PdfPress;
import io.isokinet.server.paper.Qr;
import io.isokinet.server.unit.UnitView;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Lessons on paper: sheets, cue cards, station cards, score cards and make-sheets as PDF, safe in black and white. */
@Component
class Papers {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);
    private static final Strip ON_A_CARD = new Strip(250, 6);
    private static final Strip FOR_A_HAND = new Strip(122, 4);
    private static final Strip AT_HOME = new Strip(150, 6);
    private static final Strip ON_A_SHEET = new Strip(36, 4);
    private static final Strip TO_SET_UP = new Strip(36, 3);

    /** @param wide in millimetres */
    record Strip(double wide, int pictures) {}

    private final PdfPress press;

    Papers(PdfPress press) {
        this.press = press;
    }

    /** How much a sheet leaves out so that it fits on one side: from nothing on, what is read least goes first. */
    private static final int LEANEST = 8;

    /** Stretches that go on one side; a lesson of more may take a second. */
    private static final int ON_ONE_SIDE = 7;

    /**
     * A lesson as its sheet is filled; lists go by stretch.
     *
     * @param lean how much is left out
     * @param clock minutes from and to
     * @param kinds phases, formation and tries in words
     * @param groups each way to group the class, once
     * @param strips cues on a figure, by their keys
     */
    record Filled(
            SheetView sheet,
            int lean,
            String when,
            String who,
            List<String> clock,
            List<String> kinds,
            List<String> how,
            List<List<String>> calls,
            List<String> ladders,
            List<@Nullable String> floors,
            @Nullable String legend,
            List<String> groups,
            List<BeforeIt> before,
            List<KitMoves.Change> changes,
            Map<String, String> strips) {
        /** Without signs that the font of the papers does not have. */
        public String plain(String text) {
            return text.replace("→", "›");
        }

        /** True as long as the sheet leaves out less than that. */
        public boolean has(int level) {
            return lean < level;
        }

        /** What is fetched from a place, in one line. */
        public String things(SheetView.Stored stored) {
            return stored.kit().stream().map(KitLine::words).collect(Collectors.joining(", "));
        }
    }

    /** One or more lessons, each on a side of its own as long as it has no more than seven stretches. */
    byte[] sheets(String title, List<LessonWork> lessons, KnowHow known) {
        return press.print(
                "sheets",
                title,
                Map.of(
                        "lessons",
                        lessons.stream()
                                .map(l -> onOneSide(l, strips(l.view(), known, ON_A_SHEET, false)))
                                .toList()));
    }

    /**
     * The least that has to be left out; found by halves, since who leaves out more never takes more pages. Where there is room then, the cues are
     * on a figure: all of them, or those that are new.
     */
    private Filled onOneSide(LessonWork worked, Map<String, String> strips) {
        int most = worked.view().segments().size() > ON_ONE_SIDE ? 2 : 1;
        int low = 0;
        int high = LEANEST;
        while (low < high) {
            int some = (low + high) / 2;
            if (pages(filled(worked, some, Map.of())) <= most) high = some;
            else low = some + 1;
        }
        for (Map<String, String> some : List.of(strips, ofNew(worked.view(), strips))) {
            Filled drawn = filled(worked, low, some);
            if (!some.isEmpty() && pages(drawn) <= most) return drawn;
        }
        return filled(worked, low, Map.of());
    }

    private static Map<String, String> ofNew(SheetView sheet, Map<String, String> strips) {
        Map<String, String> some = new LinkedHashMap<>(strips);
        some.keySet()
                .retainAll(sheet.segments().stream()
                        .flatMap(s -> s.plan().introduces().stream())
                        .toList());
        return some;
    }

    private int pages(Filled filled) {
        return PdfPress.pages(press.print("sheets", "", Map.of("lessons", List.of(filled))));
    }

    /** One side for who covers a lesson, with the code that opens it. */
    byte[] cover(CoverView view, String address) {
        return press.print(
                "cover",
                "Cover: " + view.className(),
                Map.of(
                        "c",
                        view,
                        "when",
                        DAY.format(view.onDate()) + (view.starts() == null ? "" : " " + view.starts()),
                        "qr",
                        Qr.svg(address, 30)));
    }

    /** A page for each cue, large, with what it is for each hand. */
    byte[] cueCards(String title, SheetView sheet, KnowHow known) {
        return press.print(
                "cue-cards",
                title,
                Map.of(
                        "cues",
                        sheet.cues(),
                        "strips",
                        strips(sheet, known, ON_A_CARD, false),
                        "right",
                        strips(sheet, known, FOR_A_HAND, false),
                        "left",
                        strips(sheet, known, FOR_A_HAND, true)));
    }

    /** The cues on a figure of a child as old as these, by key; none where no figure shows it. */
    private static Map<String, String> strips(SheetView sheet, KnowHow known, Strip strip, boolean left) {
        Map<String, String> strips = new LinkedHashMap<>();
        for (CueView c : sheet.cues()) {
            String drawn = strip(c.key(), new Age(sheet.age()), known, strip, left);
            if (drawn != null) strips.put(c.key(), drawn);
        }
        return strips;
    }

    private static @Nullable String strip(String cue, Age age, KnowHow known, Strip strip, boolean left) {
        if (!known.hasCue(cue)) return null;
        Demonstration shown =
                known.library().demonstrations().get(known.cue(cue).skill());
        if (shown == null) return null;
        return shown.question(cue)
                .map(q -> FigureSvg.strip(
                        shown.model(), Body.of(age), q, known.cue(cue).seen(), strip.wide(), strip.pictures(), left))
                .orElse(null);
    }

    /** How one lane of each stretch is set out, for children to do it: four on a page. */
    byte[] setUpCards(String title, LessonWork worked, KnowHow known) {
        return press.print(
                "set-up-cards",
                title,
                Map.of(
                        "cards",
                        LaneCards.setUps(
                                worked,
                                known,
                                cue -> strip(cue, new Age(worked.view().age()), known, TO_SET_UP, false))));
    }

    /** What a child tries in its own time: four on a page. */
    byte[] challengeCards(String title, LessonWork worked, KnowHow known) {
        return press.print("challenge-cards", title, Map.of("cards", LaneCards.challenges(worked, known)));
    }

    /** @param group null where there are no groups */
    record GroupCard(StretchView stretch, @Nullable GroupView group, List<String> names) {}

    /** A card for each group of each stretch that is scored; without groups one with empty lines. */
    byte[] scoreCards(String title, SheetView sheet) {
        List<GroupCard> cards = new ArrayList<>();
        for (StretchView s : sheet.segments()) {
            if (s.task().countsAsOne() == null) continue;
            if (s.groups().isEmpty()) cards.add(new GroupCard(s, null, List.of(" ", " ", " ", " ", " ", " ")));
            else if (s.groups().size() > 10)
                cards.add(new GroupCard(
                        s,
                        null,
                        s.groups().stream()
                                .map(g -> g.children().stream()
                                        .map(ClassGroups.GroupChild::name)
                                        .collect(Collectors.joining(" and ")))
                                .toList()));
            else
                for (GroupView g : s.groups())
                    cards.add(new GroupCard(
                            s,
                            g,
                            g.children().stream()
                                    .map(ClassGroups.GroupChild::name)
                                    .toList()));
        }
        return press.print("score-cards", title, Map.of("cards", cards));
    }

    /**
     * This week's cues, what of the lesson itself can be done at home, and an easier and a harder thing by the rungs of its skills; with
     * household things, cautions, and a box to write in.
     */
    byte[] homeSheet(SheetView sheet, KnowHow known) {
        Set<String> skills =
                sheet.cues().stream().map(CueView::skill).collect(Collectors.toCollection(LinkedHashSet::new));
        List<HomeGame> own = sheet.segments().stream()
                .filter(s -> known.hasActivity(s.plan().activity()))
                .map(s -> known.activity(s.plan().activity()))
                .filter(a -> a.conduct().home() != null)
                .map(a -> new HomeGame(
                        a.name(),
                        known.library().names().plain(a, known),
                        Objects.requireNonNull(a.conduct().home()),
                        a.conduct().card()))
                .distinct()
                .toList();
        List<HomeTry> tries = new ArrayList<>();
        for (String skill : skills) {
            List<Activity> home = known.activities().stream()
                    .filter(a -> skill.equals(a.skill()) && a.conduct().home() != null)
                    .filter(a -> own.stream().noneMatch(g -> g.name().equals(a.name())))
                    .sorted(Comparator.comparingDouble(Activity::difficulty))
                    .toList();
            if (home.isEmpty()) continue;
            tries.add(new HomeTry(
                    known.skill(skill).name(),
                    Objects.requireNonNull(home.get(0).conduct().home()),
                    home.size() < 2 ? null : home.get(home.size() - 1).conduct().home()));
        }
        return press.print(
                "home-sheet",
                "To try together: " + sheet.className(),
                Map.of(
                        "cues",
                        sheet.cues(),
                        "strips",
                        strips(sheet, known, AT_HOME, false),
                        "own",
                        own,
                        "tries",
                        tries));
    }

    /** @param card tasks to go down, empty where there is one */
    record HomeGame(String name, @Nullable String plain, String how, List<String> card) {}

    /** @param harder null where there is only one */
    record HomeTry(String skill, String easier, @Nullable String harder) {}

    /** The card of a game of the score desk, a line for each name. */
    byte[] gameCard(String title, ScoreCard card, List<String> names) {
        return press.print("game-card", title, Map.of("card", card, "names", names));
    }

    /** A unit on a page across: cues over lessons, and what each lesson holds. */
    byte[] unit(UnitView unit) {
        return press.print(
                "unit",
                unit.schoolClass().name() + " · " + unit.title(),
                Map.of(
                        "under",
                        "%s, %d children"
                                .formatted(
                                        unit.schoolClass().year(),
                                        unit.schoolClass().children()),
                        "parts",
                        UnitPaper.parts(unit),
                        "leftOver",
                        unit.leftOver(),
                        "strains",
                        unit.strains().stream()
                                .filter(s -> s.level() != Rule.Level.SOFT)
                                .map(UnitView.StrainView::sentence)
                                .toList()));
    }

    byte[] makeSheets(List<MakeSheet> sheets) {
        return press.print("make-sheets", "To make", Map.of("sheets", sheets));
    }

    private static Filled filled(LessonWork worked, int lean, Map<String, String> strips) {
        SheetView s = worked.view();
        List<String> clock = new ArrayList<>();
        int minute = 0;
        for (StretchView g : s.segments()) {
            clock.add("%d–%d".formatted(minute, minute + g.plan().minutes()));
            minute += g.plan().minutes();
        }
        List<FloorPlan> drawn = lean >= 8
                ? List.of()
                : s.segments().stream()
                        .map(g -> worked.floors().get(g.id()))
                        .filter(Papers::isDrawn)
                        .toList();
        return new Filled(
                s,
                lean,
                DAY.format(s.onDate()) + (s.starts() == null ? "" : " " + s.starts()),
                who(s),
                clock,
                s.segments().stream().map(Papers::kind).toList(),
                s.segments().stream().map(g -> how(g, lean)).toList(),
                s.segments().stream().map(g -> calls(s, g)).toList(),
                s.segments().stream().map(g -> ladder(g, lean)).toList(),
                s.segments().stream()
                        .map(g -> lean >= 8 ? null : floor(worked, g, lean))
                        .toList(),
                FloorSvg.legend(drawn, worked.place(), 184),
                lean >= 7 ? List.of() : groups(s, lean),
                BeforeIt.of(s, lean < 3 ? Integer.MAX_VALUE : lean < 4 ? 6 : 3),
                KitMoves.byMinute(s.moves()),
                strips);
    }

    /** What to tell: all of it, or its first sentences where the side is full. */
    private static String how(StretchView g, int lean) {
        String how = g.task().how().replaceAll("\\s+", " ");
        int sentences = lean < 2 ? Integer.MAX_VALUE : lean < 4 ? 3 : 2;
        String[] said = how.split("(?<=[.!?])\\s+");
        return said.length <= sentences ? how : String.join(" ", List.of(said).subList(0, sentences));
    }

    /** Each way in which the class is grouped, once, with where it is used; pairs go where a side is full, since children find them. */
    private static List<String> groups(SheetView s, int lean) {
        Map<String, List<String>> uses = new LinkedHashMap<>();
        for (StretchView g : s.segments()) {
            if (g.groups().isEmpty()) continue;
            boolean pairs = g.groups().stream().allMatch(w -> w.children().size() <= 3);
            if (pairs && lean >= 5) continue;
            String names =
                    g.groups().stream().map(w -> w.label() + " " + names(w)).collect(Collectors.joining(" · "));
            uses.computeIfAbsent(names, n -> new ArrayList<>()).add(g.plan().name());
        }
        return uses.entrySet().stream()
                // Of several ways the last one: it is that of the game.
                .skip(lean < 6 ? 0 : Math.max(0, uses.size() - 1))
                .map(e -> "%s: %s".formatted(String.join(", ", e.getValue()), e.getKey()))
                .toList();
    }

    private static String names(GroupView group) {
        return group.children().stream()
                .map(c -> c.name() + (c.leftHanded() ? " (L)" : ""))
                .collect(Collectors.joining(", "));
    }

    /** "26 of 27 children · away: Maren · sits out: … · left-handed: …". */
    private static String who(SheetView s) {
        return "%d of %d children".formatted(s.playing(), s.children())
                + names(" · away: ", s, c -> c.takesPart() == TakesPart.AWAY)
                + names(" · sits out: ", s, c -> c.takesPart() == TakesPart.SITS_OUT)
                + names(" · left-handed: ", s, c -> c.leftHanded() && c.takesPart() == TakesPart.PLAYS);
    }

    private static String names(String before, SheetView s, Predicate<SheetView.ChildToday> which) {
        String names =
                s.roll().stream().filter(which).map(SheetView.ChildToday::name).collect(Collectors.joining(", "));
        return names.isEmpty() ? "" : before + names;
    }

    private static String kind(StretchView g) {
        String phases = g.plan().play()
                ? "play"
                : g.plan().phases().stream()
                        .filter(p -> p != LessonPhase.TEACH)
                        .map(LessonPhase::label)
                        .collect(Collectors.joining(", "));
        if (g.floor() == null || g.work() == null) return phases + " · does not fit";
        int tries = g.work().tries();
        return phases + " · " + g.floor().formation() + (tries > 0 ? " · %d tries each".formatted(tries) : "");
    }

    private static List<String> calls(SheetView s, StretchView g) {
        return g.plan().focus().stream()
                .map(key -> s.cues().stream()
                                .filter(c -> c.key().equals(key))
                                .findFirst()
                                .map(c -> c.call().notSettled())
                                .orElse(key)
                        + (g.plan().introduces().contains(key) ? " · new" : "")
                        + (key.equals(g.plan().watch()) ? " · watch" : ""))
                .toList();
    }

    /** Easier to harder, with where it stands; where the side is full only the steps beside it. */
    private static String ladder(StretchView g, int lean) {
        List<String> steps = new ArrayList<>();
        for (int i = 0; i < g.task().ladder().size(); i++) {
            if (lean >= 1 && Math.abs(i - g.task().step()) > 1) continue;
            String words = g.task().ladder().get(i).words();
            steps.add(i == g.task().step() ? "[" + words + "]" : words);
        }
        return String.join(" › ", steps);
    }

    static boolean isDrawn(@Nullable FloorPlan plan) {
        // All over the floor needs no drawing.
        return plan != null
                && !(plan.areas().isEmpty()
                        && plan.lines().isEmpty()
                        && plan.things().isEmpty());
    }

    private static @Nullable String floor(LessonWork worked, StretchView g, int lean) {
        FloorPlan plan = worked.floors().get(g.id());
        if (plan == null || !isDrawn(plan)) return null;
        double wide = lean < 2 ? 58 : 50;
        return FloorSvg.ofSheet(plan, worked.place(), g.plan().name(), wide, lean < 2 ? 34 : 27);
    }
}
