package io.isokinet.core.nextstep;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.core.unit.rule.Rules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

/**
 * Turns going on, staying or stepping back with a skill into its next lesson: work on the rung that was reached, the one above, or the
 * one below. What is put in is locked, so that the rest can be planned around it.
 *
 * @param plan with the changes in it; the same where nothing had to change
 * @param reasons one sentence for each skill
 */
public record Steer(Plan plan, List<String> reasons) {
    public Steer {
        reasons = List.copyOf(reasons);
    }

    /** @param steps by skill; those that are not in the unit are left out, and looking first changes nothing */
    public static Steer of(Plan plan, Candidates candidates, Map<String, Step> steps) {
        Plan now = plan;
        List<String> reasons = new ArrayList<>();
        for (Map.Entry<String, Step> step : new LinkedHashMap<>(steps).entrySet()) {
            if (step.getValue() == Step.LOOK) continue;
            Steer one = of(now, candidates, step.getKey(), step.getValue());
            now = one.plan();
            reasons.addAll(one.reasons());
        }
        return new Steer(now, reasons);
    }

    private static Steer of(Plan plan, Candidates candidates, String skill, Step step) {
        String name = plan.problem().knowHow().skill(skill).name();
        Optional<Segment> first = plan.work().stream()
                .filter(s -> isOf(s, skill) && isOpen(plan, s))
                .findFirst();
        int reached = reached(plan, skill);
        if (first.isEmpty()) return new Steer(plan, List.of("%s is in no lesson to come.".formatted(name)));
        int lesson = first.get().lesson();
        int number = plan.number(lesson);
        if (reached == 0)
            return new Steer(
                    plan, List.of("%s was in no lesson yet; lesson %d begins with it.".formatted(name, number)));
        return step == Step.ON
                ? on(plan, candidates, skill, lesson, reached)
                : hold(plan, candidates, skill, lesson, step == Step.STAY ? reached : Math.max(1, reached - 1));
    }

    /** Everything above a rung makes room for what is on it, or else for the highest below it that fits. */
    private static Steer hold(Plan plan, Candidates candidates, String skill, int lesson, int most) {
        Plan now = plan;
        List<String> reasons = new ArrayList<>();
        for (Segment s : plan.lessons().get(lesson)) {
            if (!isOf(s, skill) || s.level() <= most) continue;
            IntPredicate lower = atMost(candidates, s, most);
            boolean lowest = candidates.serving(s.lesson(), s.phases()).stream()
                    .noneMatch(a -> Objects.equals(a.skill(), skill) && lower.test(levelOf(a)));
            Swapped swapped = lowest ? ease(now, candidates, s) : swap(now, candidates, s, lower);
            reasons.add(swapped.reason());
            now = swapped.plan();
        }
        if (reasons.isEmpty())
            reasons.add("%s: lesson %d stays on level %d or below as it is."
                    .formatted(plan.problem().knowHow().skill(skill).name(), plan.number(lesson), most));
        return new Steer(now, reasons);
    }

    /** At most that rung; where nothing so low fits, the lowest that does. */
    private static IntPredicate atMost(Candidates candidates, Segment s, int most) {
        int lowest = candidates.serving(s.lesson(), s.phases()).stream()
                .filter(a -> Objects.equals(a.skill(), s.activity().skill()) && a.rung() != null)
                .mapToInt(Steer::levelOf)
                .min()
                .orElse(most);
        int limit = Math.max(most, lowest);
        return level -> level >= 1 && level <= limit && level < s.level();
    }

    /** The highest work of the lesson makes room for the rung above what was reached. */
    private static Steer on(Plan plan, Candidates candidates, String skill, int lesson, int reached) {
        Segment highest = plan.lessons().get(lesson).stream()
                .filter(s -> isOf(s, skill))
                .max(Comparator.comparing((Segment s) -> !s.locked()).thenComparingInt(Segment::level))
                .orElseThrow();
        boolean goesOn = plan.lessons().get(lesson).stream().anyMatch(s -> isOf(s, skill) && s.level() > reached);
        if (goesOn)
            return new Steer(
                    plan,
                    List.of("%s: lesson %d goes on to a higher level as it is."
                            .formatted(plan.problem().knowHow().skill(skill).name(), plan.number(lesson))));
        Swapped swapped = swap(plan, candidates, highest, level -> level == reached + 1);
        return new Steer(swapped.plan(), List.of(swapped.reason()));
    }

    private record Swapped(Plan plan, String reason) {}

    /** What is on the lowest rung that fits is made easier by a step of its lever. */
    private static Swapped ease(Plan plan, Candidates candidates, Segment s) {
        String where = "lesson %d: %s (level %d) is the lowest that fits"
                .formatted(plan.number(s.lesson()), s.activity().name(), s.level());
        if (s.locked() || s.setting() == 0) return new Swapped(plan, "Left in %s.".formatted(where));
        Plan eased = Edit.read(plan, candidates, new Edit.Adjust(s.id(), s.setting() - 1));
        return new Swapped(
                Edit.read(eased, candidates, new Edit.Lock(s.id(), true)),
                "Made easier in %s, %s."
                        .formatted(where, s.activity().levers().get(0).steps().get(s.setting() - 1)));
    }

    private static Swapped swap(Plan plan, Candidates candidates, Segment segment, IntPredicate level) {
        String where = "lesson %d, %s (level %d)"
                .formatted(plan.number(segment.lesson()), segment.activity().name(), segment.level());
        if (segment.locked()) return new Swapped(plan, "Left as it is, since it is locked: %s.".formatted(where));
        List<Candidate> options = candidates.options(segment.lesson(), segment.phases()).stream()
                .filter(c ->
                        Objects.equals(c.activity().skill(), segment.activity().skill()) && level.test(c.level()))
                .filter(c -> plan.lessons().get(segment.lesson()).stream()
                        .noneMatch(s -> s.activity().key().equals(c.activity().key())))
                .toList();
        int highest = options.stream().mapToInt(Candidate::level).max().orElse(0);
        Score best = null;
        Plan better = null;
        Activity chosen = null;
        for (Candidate option : options) {
            if (option.level() < highest) continue;
            Plan tried = with(plan, candidates, segment, option);
            Score score = Rules.score(tried);
            if (best == null || score.isBetterThan(best)) {
                best = score;
                better = tried;
                chosen = option.activity();
            }
        }
        if (better == null || chosen == null)
            return new Swapped(plan, "Nothing on the level that is wanted fits in the place of %s.".formatted(where));
        return new Swapped(
                Edit.read(better, candidates, new Edit.Lock(segment.id(), true)),
                "Lesson %d: %s (level %d) in place of %s (level %d)."
                        .formatted(
                                plan.number(segment.lesson()),
                                chosen.name(),
                                levelOf(chosen),
                                segment.activity().name(),
                                segment.level()));
    }

    /** An activity at its setting in place of what a segment has. */
    private static Plan with(Plan plan, Candidates candidates, Segment segment, Candidate option) {
        Plan swapped = Edit.read(
                plan, candidates, new Edit.Swap(segment.id(), option.activity().keys()));
        return option.setting() == Candidates.usual(option.activity())
                ? swapped
                : Edit.read(swapped, candidates, new Edit.Adjust(segment.id(), option.setting()));
    }

    private static int levelOf(Activity activity) {
        return activity.rung() == null ? 0 : activity.rung().level();
    }

    private static boolean isOf(Segment s, @Nullable String skill) {
        return s.works() && Objects.equals(s.activity().skill(), skill);
    }

    private static boolean isOpen(Plan plan, Segment s) {
        return !plan.problem().lessons().get(s.lesson()).taught();
    }

    /** The highest rung of a skill in what was taught, in the unit or before it; zero for none. */
    private static int reached(Plan plan, String skill) {
        int before = plan.problem().reached().getOrDefault(skill, 0);
        return plan.work().stream()
                .filter(s -> isOf(s, skill) && !isOpen(plan, s))
                .mapToInt(Segment::level)
                .reduce(before, Math::max);
    }
}
