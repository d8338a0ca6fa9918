package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * One place where a plan breaks or strains a rule.
 *
 * @param lesson index from 0; null if it concerns the unit
 * @param segment id; null if it concerns the lesson or the unit
 * @param amount how much, in the rule's own counts, more than zero
 * @param cost the amount times what one of them weighs in this plan
 * @param words the sentence, made only when somebody reads it
 */
public record Strain(
        Rule rule, @Nullable Integer lesson, @Nullable String segment, int amount, long cost, Supplier<String> words) {
    public String sentence() {
        return words.get();
    }

    /** Every place where a plan strains one rule. What was taught is not judged: nothing can be changed about it. */
    public static List<Strain> of(Rule rule, Plan plan) {
        Listed listed = new Listed(rule, plan);
        rule.judge(plan, listed);
        return listed.strains;
    }

    /** What a plan costs by one rule. */
    public static long cost(Rule rule, Plan plan) {
        Sum sum = new Sum(plan.problem().lessons());
        rule.judge(plan, sum);
        return sum.amount * rule.weight(plan.problem().wishes());
    }

    private static final class Sum implements Strains {
        private final List<LessonSlot> lessons;
        private long amount;

        Sum(List<LessonSlot> lessons) {
            this.lessons = lessons;
        }

        @Override
        public void unit(int more, Supplier<String> words) {
            amount += more;
        }

        @Override
        public void lesson(int lesson, int more, Supplier<String> words) {
            if (!lessons.get(lesson).taught()) amount += more;
        }

        @Override
        public void segment(Segment segment, int more, Supplier<String> words) {
            lesson(segment.lesson(), more, words);
        }
    }

    private static final class Listed implements Strains {
        private final Rule rule;
        private final int weight;
        private final List<LessonSlot> lessons;
        private final List<Strain> strains = new ArrayList<>();

        Listed(Rule rule, Plan plan) {
            this.rule = rule;
            this.weight = rule.weight(plan.problem().wishes());
            this.lessons = plan.problem().lessons();
        }

        @Override
        public void unit(int amount, Supplier<String> words) {
            add(null, null, amount, words);
        }

        @Override
        public void lesson(int lesson, int amount, Supplier<String> words) {
            add(lesson, null, amount, words);
        }

        @Override
        public void segment(Segment segment, int amount, Supplier<String> words) {
            add(segment.lesson(), segment.id(), amount, words);
        }

        private void add(@Nullable Integer lesson, @Nullable String segment, int amount, Supplier<String> words) {
            if (lesson == null || !lessons.get(lesson).taught())
                strains.add(new Strain(rule, lesson, segment, amount, (long) amount * weight, words));
        }
    }
}
