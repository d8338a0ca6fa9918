package io.isokinet.core.unit;

import io.isokinet.core.activity.LessonPhase;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeSet;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What a planner has to fill: the rows of every lesson, with what is locked in place, and for every other slot what may stand
 * there. If that cannot be filled at all, the certificates say why, with their numbers.
 */
public final class Frame {
    /**
     * One thing to decide.
     *
     * @param options never empty
     */
    public record Slot(int lesson, int position, Choice first, List<Candidate> options) {
        /** The choice with one of the options. */
        public Choice with(Candidate option) {
            return first.withActivity(option.activity().keys(), option.setting());
        }
    }

    private final UnitProblem problem;
    private final Candidates candidates;
    private final List<List<Choice>> rows = new ArrayList<>();
    private final List<Slot> slots = new ArrayList<>();
    private final List<String> certificates = new ArrayList<>();

    /** @param ids a new stable id for each new segment */
    public Frame(UnitProblem problem, Candidates candidates, Supplier<String> ids) {
        this.problem = problem;
        this.candidates = candidates;
        TreeSet<String> found = new TreeSet<>();
        for (int lesson = 0; lesson < problem.lessons().size(); lesson++) {
            LessonSlot slot = problem.lessons().get(lesson);
            SortedMap<Integer, Choice> locks = problem.locks().get(lesson);
            List<Choice> row = new ArrayList<>();
            rows.add(row);
            if (slot.kept()) row.addAll(locks.values());
            else if (slot.minutes() < Skeleton.SHORTEST)
                found.add("Lesson %d has %d usable minutes; a warm-up, practice, play and a close need at least %d."
                        .formatted(problem.number(lesson), slot.minutes(), Skeleton.SHORTEST));
            else found.addAll(fill(lesson, row, locks, ids));
        }
        if (found.isEmpty()) found.addAll(startOfLadders());
        certificates.addAll(found);
    }

    /** Why no plan can be legal; empty if that is not known. */
    public List<String> certificates() {
        return List.copyOf(certificates);
    }

    /** The certificates, and the fewest wishes, bans and locks without which they would not stand; empty if there are none. */
    public List<String> whyNot() {
        if (certificates.isEmpty()) return List.of();
        List<String> all = new ArrayList<>(certificates);
        List<String> less = LeastToGiveUp.of(problem, candidates);
        if (!less.isEmpty())
            all.add("It would work without %s; all the rest of what you wished can stay."
                    .formatted(String.join(" and ", less)));
        return all;
    }

    /** The rows with the shortest option in every free slot; the caller may change them. */
    public List<List<Choice>> rows() {
        List<List<Choice>> copy = new ArrayList<>();
        for (List<Choice> row : rows) copy.add(new ArrayList<>(row));
        return copy;
    }

    /** What is to be decided, in the order of time. */
    public List<Slot> slots() {
        return Collections.unmodifiableList(slots);
    }

    private List<String> fill(int lesson, List<Choice> row, SortedMap<Integer, Choice> locks, Supplier<String> ids) {
        List<String> found = new ArrayList<>(lockedWrongly(lesson, locks));
        List<Set<LessonPhase>> skeleton =
                Skeleton.of(problem.lessons().get(lesson).minutes(), lesson == 0);
        List<@Nullable Choice> held = held(skeleton, locks);
        List<List<Candidate>> options = new ArrayList<>();
        int least = 0;
        int most = 0;
        for (int i = 0; i < skeleton.size(); i++) {
            Choice lock = held.get(i);
            if (lock != null) {
                row.add(lock);
                options.add(List.of());
                continue;
            }
            List<Candidate> serving = candidates.options(lesson, skeleton.get(i));
            if (serving.isEmpty()) {
                found.add(nothingServes(lesson, skeleton.get(i)));
                continue;
            }
            Candidate shortest = serving.stream()
                    .min(Comparator.comparingInt((Candidate c) -> c.activity().minutesLeast())
                            .thenComparingInt(Candidate::level))
                    .orElseThrow();
            least += shortest.activity().minutesLeast();
            most += serving.stream()
                    .mapToInt(c -> c.activity().minutesMost())
                    .max()
                    .orElseThrow();
            row.add(Choice.of(ids.get(), skeleton.get(i), shortest.activity().keys(), shortest.setting()));
            options.add(serving);
        }
        locks.forEach((position, lock) -> {
            if (row.contains(lock)) return;
            int at = Math.min(position, row.size());
            row.add(at, lock);
            options.add(Math.min(at, options.size()), List.of());
        });
        if (found.isEmpty())
            for (int i = 0; i < row.size(); i++)
                if (!options.get(i).isEmpty()) slots.add(new Slot(lesson, i, row.get(i), options.get(i)));
        least += locks.values().stream().mapToInt(l -> fixedOr(l, true)).sum();
        most += locks.values().stream().mapToInt(l -> fixedOr(l, false)).sum();
        int minutes = problem.lessons().get(lesson).minutes();
        if (least > minutes)
            found.add("Lesson %d has %d minutes, but the shortest choice for each of its parts adds up to %d."
                    .formatted(problem.number(lesson), minutes, least));
        else if (most < minutes && found.isEmpty())
            found.add(
                    "Lesson %d has %d minutes, but the longest choice for each of its parts adds up to %d; unlock minutes or shorten the lesson."
                            .formatted(problem.number(lesson), minutes, most));
        return found;
    }

    private int fixedOr(Choice lock, boolean least) {
        if (lock.minutes() != null) return lock.minutes();
        var activity = problem.knowHow().activity(lock.activity());
        return least ? activity.minutesLeast() : activity.minutesMost();
    }

    /** Locks that no plan can make legal. */
    private List<String> lockedWrongly(int lesson, SortedMap<Integer, Choice> locks) {
        List<String> found = new ArrayList<>();
        for (Choice lock : locks.values()) {
            String name = problem.knowHow().activity(lock.activity()).name();
            if (lock.activity().keys().stream().anyMatch(problem.wishes().bans()::contains))
                found.add("%s is locked in lesson %d and banned; unlock it or take back the ban."
                        .formatted(name, problem.number(lesson)));
        }
        return found;
    }

    /** Which lock holds which slot: the one at its own place if it serves the same, else the first free one that does. */
    private static List<@Nullable Choice> held(List<Set<LessonPhase>> skeleton, SortedMap<Integer, Choice> locks) {
        List<@Nullable Choice> held = new ArrayList<>(Collections.nCopies(skeleton.size(), null));
        locks.forEach((position, lock) -> {
            if (position < skeleton.size() && sameSlot(lock.phases(), skeleton.get(position))) held.set(position, lock);
        });
        for (Choice lock : locks.values())
            for (int i = 0; i < skeleton.size() && !held.contains(lock); i++)
                if (held.get(i) == null && sameSlot(lock.phases(), skeleton.get(i))) held.set(i, lock);
        return held;
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
        var banned = candidates.banned(lesson, phases);
        if (!banned.isEmpty())
            return "Lesson %d needs a %s and no activity fits but what is banned: take back the ban on %s."
                    .formatted(problem.number(lesson), names, banned.get(0).name());
        List<String> refusals = candidates.refusals(lesson, phases);
        return "Lesson %d needs a %s and no activity fits: %s"
                .formatted(
                        problem.number(lesson),
                        names,
                        refusals.isEmpty()
                                ? "none of those known serves it for these skills."
                                : String.join(" ", refusals.subList(0, Math.min(4, refusals.size()))));
    }

    /** The first piece of work of a unit must stand on a rung that the class can step on. */
    private List<String> startOfLadders() {
        int step = problem.wishes().climb();
        for (Slot slot : slots) {
            if (!slot.first().phases().contains(LessonPhase.PRACTISE)) continue;
            boolean onto = slot.options().stream()
                    .anyMatch(c -> c.level()
                            <= problem.reached()
                                            .getOrDefault(
                                                    String.valueOf(c.activity().skill()), 0)
                                    + step);
            if (onto || !slot.first().equals(firstWork())) return List.of();
            int lowest =
                    slot.options().stream().mapToInt(Candidate::level).min().orElseThrow();
            return List.of(
                    "Lesson %d starts the practice, and the lowest drill that fits is on rung %d; the class has not been on the rung below. Get the kit or the room for a lower one, or give leave to skip a rung."
                            .formatted(problem.number(slot.lesson()), lowest));
        }
        return List.of();
    }

    private @Nullable Choice firstWork() {
        for (List<Choice> row : rows)
            for (Choice choice : row)
                if (problem.knowHow().activity(choice.activity()).worksOnSkill()) return choice;
        return null;
    }
}
