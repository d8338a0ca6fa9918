package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeSet;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Fills the skeletons lesson by lesson with the candidate that leaves the best plan so far, then improves one segment at a
 * time for as long as it helps and the effort lasts. What is locked stays.
 */
public final class ConstructivePlanner implements UnitPlanner {
    @Override
    public Outcome plan(UnitProblem problem, Supplier<String> ids, int effort) {
        Candidates candidates = new Candidates(problem);
        Draft draft = new Draft(problem, candidates, ids, effort);
        List<String> certificates = draft.open();
        if (!certificates.isEmpty()) return new Outcome.Impossible(certificates);
        draft.construct();
        draft.improve();
        Plan plan = draft.read();
        return new Outcome.Planned(plan, Rules.score(plan), draft.evaluations);
    }

    /** One planning run. */
    private static final class Draft {
        private final UnitProblem problem;
        private final Candidates candidates;
        private final Supplier<String> ids;
        private final int effort;
        private final List<List<Choice>> choices = new ArrayList<>();
        private final Map<String, List<Activity>> options = new HashMap<>();
        private final List<int[]> free = new ArrayList<>();
        private int evaluations;

        Draft(UnitProblem problem, Candidates candidates, Supplier<String> ids, int effort) {
            this.problem = problem;
            this.candidates = candidates;
            this.ids = ids;
            this.effort = effort;
        }

        /** Lays out locks and open slots; returns certificates of impossibility. */
        List<String> open() {
            TreeSet<String> certificates = new TreeSet<>();
            for (int lesson = 0; lesson < problem.lessons().size(); lesson++) {
                LessonSlot slot = problem.lessons().get(lesson);
                SortedMap<Integer, Choice> locks = problem.locks().get(lesson);
                List<Choice> row = new ArrayList<>();
                choices.add(row);
                if (slot.kept()) {
                    row.addAll(locks.values());
                    continue;
                }
                if (slot.minutes() < Skeleton.SHORTEST) {
                    certificates.add(
                            "Lesson %d has %d usable minutes; a warm-up, practice, play and a close need at least %d."
                                    .formatted(lesson + 1, slot.minutes(), Skeleton.SHORTEST));
                    continue;
                }
                certificates.addAll(fill(lesson, row, locks));
            }
            return List.copyOf(certificates);
        }

        private List<String> fill(int lesson, List<Choice> row, SortedMap<Integer, Choice> locks) {
            List<String> certificates = new ArrayList<>();
            List<Set<LessonPhase>> skeleton =
                    Skeleton.of(problem.lessons().get(lesson).minutes(), lesson == 0);
            List<@Nullable Choice> held = held(skeleton, locks);
            int least = 0;
            for (int i = 0; i < skeleton.size(); i++) {
                Choice lock = held.get(i);
                if (lock != null) {
                    row.add(lock);
                    continue;
                }
                List<Activity> serving = candidates.serving(lesson, skeleton.get(i));
                if (serving.isEmpty()) {
                    certificates.add(nothingServes(lesson, skeleton.get(i)));
                    continue;
                }
                Activity shortest = serving.stream()
                        .min(Comparator.comparingInt(Activity::minutesLeast))
                        .orElseThrow();
                least += shortest.minutesLeast();
                Choice choice = Choice.of(ids.get(), skeleton.get(i), shortest.key(), usual(shortest));
                options.put(choice.id(), serving);
                row.add(choice);
            }
            locks.forEach((position, lock) -> {
                if (!row.contains(lock)) row.add(Math.min(position, row.size()), lock);
            });
            for (int i = 0; i < row.size(); i++)
                if (options.containsKey(row.get(i).id())) free.add(new int[] {lesson, i});
            least += locks.values().stream().mapToInt(this::leastMinutes).sum();
            int minutes = problem.lessons().get(lesson).minutes();
            if (least > minutes)
                certificates.add(
                        "Lesson %d has %d minutes, but the shortest choice for each of its parts adds up to %d."
                                .formatted(lesson + 1, minutes, least));
            return certificates;
        }

        /** Which lock holds which slot: the one at its own place if it serves the same, else the first free one that does. */
        private static List<@Nullable Choice> held(List<Set<LessonPhase>> skeleton, SortedMap<Integer, Choice> locks) {
            List<@Nullable Choice> held = new ArrayList<>(Collections.nCopies(skeleton.size(), null));
            locks.forEach((position, lock) -> {
                if (position < skeleton.size() && sameSlot(lock.phases(), skeleton.get(position)))
                    held.set(position, lock);
            });
            for (Choice lock : locks.values())
                for (int i = 0; i < skeleton.size() && !held.contains(lock); i++)
                    if (held.get(i) == null && sameSlot(lock.phases(), skeleton.get(i))) held.set(i, lock);
            return held;
        }

        private int leastMinutes(Choice lock) {
            return lock.minutes() != null
                    ? lock.minutes()
                    : problem.knowHow().activity(lock.activity()).minutesLeast();
        }

        private static boolean sameSlot(Set<LessonPhase> lock, Set<LessonPhase> slot) {
            return lock.containsAll(slot) || slot.containsAll(lock);
        }

        private String nothingServes(int lesson, Set<LessonPhase> phases) {
            String names = phases.stream()
                    .sorted()
                    .map(LessonPhase::label)
                    .reduce((a, b) -> a + " with " + b)
                    .orElse("");
            List<String> refusals = candidates.refusals(lesson, phases);
            return "Lesson %d needs a %s and no activity fits: %s"
                    .formatted(
                            lesson + 1,
                            names,
                            refusals.isEmpty()
                                    ? "none of those known serves it for these skills."
                                    : String.join(" ", refusals));
        }

        /** Chooses slot by slot; later slots hold the shortest candidate until it is their turn. */
        void construct() {
            for (int[] place : free) best(place[0], place[1], true);
        }

        void improve() {
            boolean better = true;
            while (better && evaluations < effort) {
                better = false;
                for (int[] place : free) better |= best(place[0], place[1], false);
                better |= swaps();
            }
        }

        /** Puts the best candidate into a slot; true if the plan got better. */
        private boolean best(int lesson, int position, boolean upToHere) {
            List<Choice> row = choices.get(lesson);
            Choice now = row.get(position);
            Score best = score(lesson, upToHere);
            Choice kept = now;
            for (Activity activity : options.get(now.id())) {
                if (evaluations >= effort && !upToHere) break;
                if (activity.key().equals(now.activity())) continue;
                Choice other = now.withActivity(activity.key(), usual(activity));
                row.set(position, other);
                Score score = score(lesson, upToHere);
                if (score.isBetterThan(best)) {
                    best = score;
                    kept = other;
                }
            }
            row.set(position, kept);
            return kept != now;
        }

        /** Tries exchanging the activities of two free slots that serve the same phases. */
        private boolean swaps() {
            boolean better = false;
            Score best = score(problem.lessons().size() - 1, false);
            for (int i = 0; i < free.size(); i++)
                for (int j = i + 1; j < free.size() && evaluations < effort; j++) {
                    Choice a = at(free.get(i));
                    Choice b = at(free.get(j));
                    if (!a.phases().equals(b.phases()) || a.activity().equals(b.activity())) continue;
                    set(free.get(i), a.withActivity(b.activity(), b.setting()));
                    set(free.get(j), b.withActivity(a.activity(), a.setting()));
                    Score score = score(problem.lessons().size() - 1, false);
                    if (score.isBetterThan(best)) {
                        best = score;
                        better = true;
                    } else {
                        set(free.get(i), a);
                        set(free.get(j), b);
                    }
                }
            return better;
        }

        private Choice at(int[] place) {
            return choices.get(place[0]).get(place[1]);
        }

        private void set(int[] place, Choice choice) {
            choices.get(place[0]).set(place[1], choice);
        }

        /** While constructing only the lessons up to this one are read, so that empty ones do not speak. */
        private Score score(int lesson, boolean upToHere) {
            evaluations++;
            return Rules.score(Reading.of(problem, candidates, upToHere ? choices.subList(0, lesson + 1) : choices));
        }

        Plan read() {
            return Reading.of(problem, candidates, choices);
        }

        private static int usual(Activity activity) {
            return activity.levers().isEmpty() ? 0 : activity.levers().get(0).usual();
        }
    }
}
