package io.isokinet.core.unit.edit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One lesson made to work at once when its place, its minutes or its kit are others than planned. Nothing is searched: what fits stays;
 * what does not takes the nearest step that does, or else what stands best in its place; then what matters least goes until the minutes
 * are enough. Talk and closing stay, and a drill and a game as long as there is time for both. Locks of that lesson yield; other lessons
 * change only in which cues they introduce.
 *
 * @param plan with that lesson as it can be
 * @param words what became of its stretches, and what that costs the unit, a sentence each
 */
public record Doorway(Plan plan, List<String> words) {
    public Doorway {
        words = List.copyOf(words);
    }

    /**
     * @param plan read for what there is now
     * @param before the same lesson as it was planned, for what it costs
     * @param lesson index from 0, not taught
     */
    public static Doorway of(Plan plan, Candidates candidates, Plan before, int lesson) {
        if (plan.problem().lessons().get(lesson).taught())
            throw new IllegalArgumentException(
                    "Lesson %d was taught already; what was done stays as it was.".formatted(plan.number(lesson)));
        return new AtOnce(plan, candidates, lesson).answer(before);
    }

    private static final class AtOnce {
        private final Plan plan;
        private final Candidates candidates;
        private final int lesson;
        private final List<Choice> row = new ArrayList<>();
        private final List<String> instead = new ArrayList<>();
        private final List<String> out = new ArrayList<>();
        private final List<String> still = new ArrayList<>();

        AtOnce(Plan plan, Candidates candidates, int lesson) {
            this.plan = plan;
            this.candidates = candidates;
            this.lesson = lesson;
        }

        Doorway answer(Plan before) {
            for (Segment s : plan.lessons().get(lesson)) row.add(Choice.open(s).withLocked(false));
            for (Segment s : plan.lessons().get(lesson)) if (!s.candidate().allowed()) fit(s);
            while (least() > plan.problem().lessons().get(lesson).minutes() && dropOne()) continue;
            Plan now = read();
            List<String> words = new ArrayList<>();
            if (!instead.isEmpty()) words.add("Instead: " + String.join("; ", instead) + ".");
            if (!out.isEmpty()) words.add("Left out: " + String.join(", ", out) + ".");
            if (!still.isEmpty()) words.add("Still does not fit: " + String.join(", ", still) + ".");
            words.add(cost(before, now));
            words.addAll(broken(before, now));
            return new Doorway(now, words);
        }

        /** The nearest step that fits, or what stands best in its place, or nothing. */
        private void fit(Segment s) {
            int at = index(s.id());
            Candidate near = candidates.nearest(lesson, s.activity());
            if (near.allowed()) {
                row.set(at, row.get(at).withSetting(near.setting()));
                instead.add("%s at “%s”"
                        .formatted(
                                s.activity().name(),
                                s.activity().levers().get(0).steps().get(near.setting())));
                return;
            }
            Choice was = row.get(at);
            Set<String> there =
                    row.stream().flatMap(c -> c.activity().keys().stream()).collect(Collectors.toSet());
            List<Activity> serving = candidates.serving(lesson, s.phases()).stream()
                    .filter(a -> !there.contains(a.key()))
                    .toList();
            List<Activity> like = serving.stream()
                    .filter(a -> Objects.equals(a.skill(), s.activity().skill()))
                    .toList();
            Activity best = (like.isEmpty() ? serving : like)
                    .stream()
                            .min(Comparator.comparing(a -> {
                                row.set(at, put(was, a));
                                return Rules.score(read());
                            }))
                            .orElse(null);
            row.set(at, was);
            if (best != null) {
                row.set(at, put(was, best));
                instead.add("%s for %s".formatted(best.name(), s.activity().name()));
            } else if (s.works() && count(true) + count(false) > 1) {
                row.remove(at);
                out.add(s.activity().name());
            } else still.add(s.activity().name());
        }

        private Choice put(Choice was, Activity activity) {
            return was.withActivity(
                    activity.keys(), candidates.nearest(lesson, activity).setting());
        }

        /** What matters least goes: games beyond the first, then the drill or game whose loss the rules mind least; one is left. */
        private boolean dropOne() {
            List<Choice> games = row.stream().filter(this::plays).toList();
            List<Choice> drills = row.stream().filter(this::drills).toList();
            List<Choice> may = games.size() > 1 ? games : drills.size() > 1 ? drills : List.of();
            if (may.isEmpty() && games.size() + drills.size() > 1)
                may = row.stream().filter(c -> plays(c) || drills(c)).toList();
            if (may.isEmpty()) return false;
            List<Choice> all = List.copyOf(row);
            Choice least = may.stream()
                    .min(Comparator.comparing(c -> {
                        row.remove(c);
                        var score = Rules.score(read());
                        row.clear();
                        row.addAll(all);
                        return score;
                    }))
                    .orElseThrow();
            row.remove(least);
            out.add(activity(least).name());
            return true;
        }

        private int least() {
            return row.stream().mapToInt(c -> activity(c).minutesLeast()).sum();
        }

        private long count(boolean games) {
            return row.stream().filter(c -> games ? plays(c) : drills(c)).count();
        }

        private boolean plays(Choice choice) {
            return choice.phases().contains(LessonPhase.PLAY);
        }

        private boolean drills(Choice choice) {
            return !plays(choice) && activity(choice).worksOnSkill();
        }

        private Activity activity(Choice choice) {
            return plan.problem().knowHow().activity(choice.activity());
        }

        private int index(String id) {
            for (int i = 0; i < row.size(); i++) if (row.get(i).id().equals(id)) return i;
            throw new IllegalStateException("Impossible state: the segment %s has gone.".formatted(id));
        }

        /** With the cues of all other lessons kept, or with those of later ones read anew where that is better. */
        private Plan read() {
            Plan kept = Reading.of(plan.problem(), candidates, rows(false));
            Plan anew = Reading.of(plan.problem(), candidates, rows(true));
            return Rules.score(anew).isBetterThan(Rules.score(kept)) ? anew : kept;
        }

        private List<List<Choice>> rows(boolean opens) {
            List<List<Choice>> rows = new ArrayList<>();
            for (int l = 0; l < plan.lessons().size(); l++)
                if (l == lesson) rows.add(List.copyOf(row));
                else {
                    boolean open = opens
                            && l > lesson
                            && !plan.problem().lessons().get(l).kept();
                    rows.add(plan.lessons().get(l).stream()
                            .map(s -> open && !s.locked() ? Choice.open(s).withMinutes(s.minutes()) : Choice.fixed(s))
                            .toList());
                }
            return rows;
        }

        /** What must hold, held, and does no longer: in this lesson because nothing fits, in later ones because they built on it. */
        private List<String> broken(Plan before, Plan now) {
            List<String> held = hard(before).stream().map(Strain::sentence).toList();
            List<Strain> fresh =
                    hard(now).stream().filter(s -> !held.contains(s.sentence())).toList();
            List<String> said = new ArrayList<>(
                    fresh.stream().map(Strain::sentence).distinct().toList());
            if (fresh.stream().anyMatch(s -> s.lesson() == null || s.lesson() != lesson))
                said.add("Replan the rest of the unit when there is time.");
            return said;
        }

        private static List<Strain> hard(Plan of) {
            return Rules.strains(of).stream()
                    .filter(s -> s.rule().level() == Rule.Level.HARD)
                    .toList();
        }

        private String cost(Plan before, Plan now) {
            List<String> parts = new ArrayList<>();
            int tries = tries(now);
            int planned = tries(before);
            if (tries < planned) parts.add("%d tries for each child instead of %d".formatted(tries, planned));
            for (String cue : met(before, true)) {
                Segment introduced = now.introduction(cue);
                String call = plan.problem().knowHow().cue(cue).call();
                if (introduced == null) parts.add("“%s” waits for the next unit".formatted(call));
                else if (introduced.lesson() != lesson)
                    parts.add("“%s” is new in lesson %d".formatted(call, now.number(introduced.lesson())));
            }
            Set<String> missed = met(before, false);
            missed.removeAll(met(now, false));
            missed.removeAll(met(before, true));
            for (String cue : missed)
                parts.add("“%s” is not met"
                        .formatted(plan.problem().knowHow().cue(cue).call()));
            return parts.isEmpty()
                    ? "It costs the unit nothing: the same cues, and as many tries."
                    : "What it costs: " + String.join("; ", parts) + ".";
        }

        private int tries(Plan of) {
            return of.lessons().get(lesson).stream().mapToInt(Segment::tries).sum();
        }

        private Set<String> met(Plan of, boolean introduced) {
            return of.lessons().get(lesson).stream()
                    .flatMap(s -> (introduced ? s.introduces() : s.focus()).stream())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
        }
    }
}
