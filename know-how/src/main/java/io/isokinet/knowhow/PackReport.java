package io.isokinet.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Item;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What a pack holds, counted, as a table in Markdown; bin/know-how report prints it. */
public final class PackReport {
    /** From this share on pairs are listed. */
    private static final double REPORTED = 0.1;

    private static final int MOST_REPORTED = 10;

    private PackReport() {}

    public static void main(String[] arguments) {
        try {
            System.out.println(of(PackReader.read(PackFiles.shipped())));
        } catch (FoundException e) {
            e.findings().all().forEach(f -> System.err.println(f.where() + " " + f.rule() + ": " + f.message()));
            System.exit(1);
        }
    }

    /** @param pack checked, as it was read */
    public static String of(Pack pack) {
        KnowHow known = pack.knowHow();
        StringBuilder text =
                new StringBuilder("| skill | cues | faults | drills by rung | games |\n|---|---|---|---|---|\n");
        for (Skill skill : known.skills()) text.append(row(skill, known)).append('\n');
        text.append('\n').append("| what | count |\n|---|---|\n");
        count(text, "skills", known.skills().size());
        count(
                text,
                "cues",
                known.skills().stream().mapToInt(s -> s.cues().size()).sum());
        count(
                text,
                "faults with their fix",
                faults(known.skills().stream().flatMap(s -> s.cues().stream()).toList()));
        count(
                text,
                "cues that a figure shows",
                known.library().demonstrations().values().stream()
                        .mapToInt(d -> (int) d.seen())
                        .sum());
        count(
                text,
                "faults that a figure shows",
                known.library().demonstrations().values().stream()
                        .flatMap(d -> d.cues().values().stream())
                        .flatMap(s -> s.faults().stream())
                        .mapToInt(w -> w.movement() == null ? 0 : 1)
                        .sum());
        count(text, "activities", known.activities().size());
        for (LessonPhase phase : LessonPhase.values())
            count(
                    text,
                    "of them for: " + phase.label(),
                    known.activities().stream().filter(a -> a.serves(phase)).count());
        count(text, "kit items", known.items().size());
        count(
                text,
                "of them home-made",
                known.items().stream().filter(Item::homeMade).count());
        for (CueSet.Kind kind : CueSet.Kind.values())
            count(
                    text,
                    "sets: " + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    known.skills().stream()
                            .flatMap(s -> s.sets().stream())
                            .filter(s -> s.kind() == kind)
                            .count());
        count(text, "links of the crosswalk", known.crosswalk().links().size());
        count(text, "transfers", known.library().transfers().size());
        count(
                text,
                "symptoms with cause, cue and activity",
                known.library().symptoms().size());
        known.library()
                .outcomes()
                .forEach(s -> count(text, "outcomes: " + s.name(), s.outcomes().size()));
        count(text, "full games to cut down", known.library().games().size());
        count(text, "lay-outs with a set-up card", known.library().layouts().size());
        count(text, "home versions", having(known, a -> a.conduct().home() != null));
        count(text, "links to another subject", having(known, a -> a.conduct().link() != null));
        List<String> gaps = pack.gaps();
        count(text, "gaps", gaps.size());
        text.append("\nThe most alike, by word triples in common (").append(Math.round(Similar.ALIKE * 100));
        text.append(" % is refused):\n\n| one | other | share |\n|---|---|---|\n");
        Similar.closest(known.activities(), REPORTED).stream()
                .limit(MOST_REPORTED)
                .forEach(p -> text.append(
                        "| %s | %s | %d %% |\n".formatted(p.one(), p.other(), Math.round(p.share() * 100))));
        return text.toString();
    }

    private static long having(KnowHow known, Predicate<Activity> what) {
        return known.activities().stream().filter(what).count();
    }

    private static String row(Skill skill, KnowHow known) {
        List<Activity> own = known.activities().stream()
                .filter(a -> skill.key().equals(a.skill()))
                .toList();
        String drills = IntStream.rangeClosed(1, skill.ladder().height())
                .mapToObj(level -> String.valueOf(own.stream()
                        .filter(a -> !a.serves(LessonPhase.PLAY))
                        .filter(a -> a.rung() != null && a.rung().level() == level)
                        .count()))
                .collect(Collectors.joining(" "));
        long games = own.stream().filter(a -> a.serves(LessonPhase.PLAY)).count();
        return "| %s | %d | %d | %s | %d |"
                .formatted(skill.name(), skill.cues().size(), faults(skill.cues()), drills, games);
    }

    private static long faults(List<Cue> cues) {
        return cues.stream().mapToLong(c -> c.faults().size()).sum();
    }

    private static void count(StringBuilder text, String what, long count) {
        text.append("| ").append(what).append(" | ").append(count).append(" |\n");
    }
}
