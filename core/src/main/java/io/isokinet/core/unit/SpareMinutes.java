package io.isokinet.core.unit;

import io.isokinet.core.kit.KitLine;
import io.isokinet.core.lesson.Fit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What fills a few minutes with what stands there already: when a lesson runs short of things to do, or some missed one. */
public final class SpareMinutes {
    /** A catch-up is as short as this. */
    public static final int CATCH_UP = 5;

    private SpareMinutes() {}

    /**
     * Something to do in a few minutes.
     *
     * @param cues of the unit that it works on and that the class knows by then
     * @param reason one sentence
     */
    public record Filler(Candidate candidate, List<String> cues, String reason) {}

    /**
     * Drills and games for spare minutes at the end of a lesson's work: no new kit, no new lay-out, on a rung that the class has
     * reached, and with a cue that it knows. Those whose cues lack most come first.
     *
     * @param minutes that are to be filled
     */
    public static List<Filler> fill(Plan plan, Candidates candidates, int lesson, int minutes) {
        Set<String> known = knownAfter(plan, lesson);
        List<Filler> fillers = new ArrayList<>();
        for (Candidate c : withWhatStands(plan, candidates, lesson, minutes)) {
            List<String> cues = hosted(plan, c, known);
            if (cues.isEmpty()) continue;
            fillers.add(new Filler(
                    c, cues, "Uses what is out already; “%s” comes up once more.".formatted(call(plan, cues.get(0)))));
        }
        return fillers;
    }

    /**
     * Five minutes for those who missed a lesson: for each cue that it introduced, what shows and practises it with what stands in
     * the next lesson, as few activities as cover them all.
     *
     * @param missed the lesson that was missed
     * @param in the lesson in which it is caught up
     */
    public static List<Filler> catchUp(Plan plan, Candidates candidates, int missed, int in) {
        Set<String> open = new LinkedHashSet<>();
        plan.lessons().get(missed).forEach(s -> open.addAll(s.introduces()));
        List<Filler> found = new ArrayList<>();
        List<Candidate> from = withWhatStands(plan, candidates, in, CATCH_UP);
        while (!open.isEmpty()) {
            Candidate best = null;
            List<String> most = List.of();
            for (Candidate c : from) {
                List<String> cues = hosted(plan, c, open);
                if (cues.size() > most.size()) {
                    best = c;
                    most = cues;
                }
            }
            if (best == null) break;
            found.add(new Filler(
                    best, most, "Lesson %d introduced “%s”.".formatted(plan.number(missed), call(plan, most.get(0)))));
            most.forEach(open::remove);
        }
        return found;
    }

    /** Drills and games that fit, need nothing that is not out, and are on a rung that is reached by then; the shortest first. */
    private static List<Candidate> withWhatStands(Plan plan, Candidates candidates, int lesson, int minutes) {
        Set<String> out = new HashSet<>();
        Set<String> layouts = new HashSet<>(Set.of("clear"));
        for (Segment s : plan.lessons().get(lesson)) {
            layouts.add(s.activity().layout());
            if (s.fit() instanceof Fit.Works works) for (KitLine line : works.kit()) out.add(line.item());
        }
        Map<String, Integer> reached = new HashMap<>(plan.problem().reached());
        for (Segment s : plan.work())
            if (s.lesson() <= lesson) reached.merge(String.valueOf(s.activity().skill()), s.level(), Math::max);
        List<Candidate> found = new ArrayList<>();
        for (Target target : plan.problem().targets())
            for (var activity : plan.problem().knowHow().activities()) {
                if (!target.skill().equals(activity.skill()) || activity.minutesLeast() > minutes) continue;
                if (plan.problem().wishes().bans().contains(activity.key()) || !layouts.contains(activity.layout()))
                    continue;
                Candidate c = candidates.get(lesson, activity.keys(), Candidates.usual(activity));
                boolean climbs = c.level() <= reached.getOrDefault(target.skill(), 0);
                boolean stands =
                        c.allowed() && ((Fit.Works) c.fit()).kit().stream().allMatch(line -> out.contains(line.item()));
                if (climbs && stands) found.add(c);
            }
        found.sort(Comparator.comparingInt((Candidate c) -> -c.milliTries())
                .thenComparing(c -> c.activity().key()));
        return found;
    }

    private static Set<String> knownAfter(Plan plan, int lesson) {
        Set<String> known = new HashSet<>();
        for (String cue : plan.targetCues()) if (plan.problem().state(cue).taught()) known.add(cue);
        for (Segment s : plan.all()) if (s.lesson() <= lesson) known.addAll(s.introduces());
        return known;
    }

    /** Those of the cues that it hosts, the least met first. */
    private static List<String> hosted(Plan plan, Candidate c, Set<String> of) {
        return c.hosts().stream()
                .map(plan.targetCues()::get)
                .filter(of::contains)
                .sorted(Comparator.comparingInt(cue -> plan.meeting(cue).size()))
                .toList();
    }

    private static String call(Plan plan, String cue) {
        return plan.problem().knowHow().cue(cue).call();
    }
}
