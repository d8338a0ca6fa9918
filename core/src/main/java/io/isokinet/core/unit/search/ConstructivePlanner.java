package io.isokinet.core.unit.search;

import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.OrderAsWished;
import io.isokinet.core.unit.rule.Rules;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Supplier;

/**
 * Fills the skeletons lesson by lesson with the option that leaves the best plan so far, then improves one segment or one
 * exchange at a time for as long as it helps and the effort lasts. What is locked stays. It gives the search its start,
 * and is what the search is measured against.
 */
public final class ConstructivePlanner implements UnitPlanner {
    @Override
    public Outcome plan(UnitProblem problem, Supplier<String> ids, int effort, Watcher watcher) {
        Candidates candidates = new Candidates(problem);
        Frame frame = new Frame(problem, candidates, ids);
        if (!frame.certificates().isEmpty()) return new Outcome.Impossible(frame.whyNot());
        List<Draft> drafts = drafts(problem, candidates, frame, effort, watcher);
        int evaluations = drafts.stream().mapToInt(d -> d.evaluations).sum();
        Draft best = drafts.get(0);
        int before = best.evaluations;
        best.effort += effort;
        best.improve(watcher);
        return best.planned(evaluations + best.evaluations - before);
    }

    /**
     * Plans to search from, the best first: built freely, skill by skill, and skill in turn.
     *
     * @param effort evaluations to better all of them with, once their slots were filled in the order of time
     */
    public static List<Outcome.Planned> starts(
            UnitProblem problem, Candidates candidates, Frame frame, int effort, Watcher watcher) {
        return drafts(problem, candidates, frame, effort, watcher).stream()
                .map(d -> d.planned(d.evaluations))
                .toList();
    }

    /**
     * What comes of a plan by one change or one exchange at a time, cues and minutes left open; it may be worse than the plan, which had
     * its own.
     *
     * @param effort evaluations at most
     */
    public static Outcome.Planned climbed(
            UnitProblem problem, Candidates candidates, Frame frame, Plan from, int effort, Watcher watcher) {
        Draft draft = new Draft(problem, candidates, frame, effort, List.of());
        for (Frame.Slot slot : frame.slots()) {
            Segment there = from.lessons().get(slot.lesson()).get(slot.position());
            draft.set(slot, slot.with(there.candidate()));
        }
        draft.improve(watcher);
        return draft.planned(draft.evaluations);
    }

    private static List<Draft> drafts(
            UnitProblem problem, Candidates candidates, Frame frame, int effort, Watcher watcher) {
        List<List<String>> orders = orders(problem);
        List<Draft> drafts = new ArrayList<>();
        for (List<String> order : orders) {
            Draft draft = new Draft(problem, candidates, frame, effort / orders.size(), order);
            draft.construct(watcher);
            draft.improve(watcher);
            drafts.add(draft);
        }
        drafts.sort((a, b) -> {
            Score one = a.whole();
            Score other = b.whole();
            return one.isBetterThan(other) ? -1 : other.isBetterThan(one) ? 1 : 0;
        });
        return drafts;
    }

    /**
     * Which skill each lesson keeps to while building: any in all; one after the other, forwards and backwards; and in turn, from the
     * first and from the last. Where lessons should mix them too, one skill a lesson is another valley, and often the deeper one where
     * lessons are short.
     */
    private static List<List<String>> orders(UnitProblem problem) {
        List<List<String>> orders = new ArrayList<>(List.of(List.of()));
        List<String> skills = problem.targets().stream().map(Target::skill).toList();
        int lessons = problem.lessons().size();
        if (skills.size() < 2) return orders;
        int blocked = 0;
        for (int l = 0; l < lessons; l++) if (OrderAsWished.blocked(problem, l)) blocked++;
        int some = blocked == 0 ? lessons : blocked;
        List<String> there = new ArrayList<>();
        for (int l = 0; l < some; l++) there.add(skills.get(l * skills.size() / some));
        List<String> turns = new ArrayList<>();
        for (int l = 0; l < lessons; l++) turns.add(skills.get(l % skills.size()));
        for (List<String> order : List.of(there, turns)) {
            orders.add(order);
            List<String> back = new ArrayList<>(order);
            Collections.reverse(back);
            orders.add(back);
        }
        return orders.stream().distinct().toList();
    }

    /** One planning run. */
    private static final class Draft {
        private final UnitProblem problem;
        private final Reading.Onward reading;
        private final Frame frame;
        private int effort;
        private final List<String> order;
        private final List<List<Choice>> choices;
        private int evaluations;

        /** @param order the skill that each of the first lessons keeps to while building; those after may have any */
        Draft(UnitProblem problem, Candidates candidates, Frame frame, int effort, List<String> order) {
            this.order = order;
            this.problem = problem;
            this.reading = new Reading.Onward(problem, candidates);
            this.frame = frame;
            this.effort = effort;
            this.choices = frame.rows();
        }

        /** Chooses slot by slot; later slots hold the shortest option until it is their turn. */
        void construct(Watcher watcher) {
            for (Frame.Slot slot : frame.slots()) if (!watcher.cancelled()) best(slot, true);
        }

        void improve(Watcher watcher) {
            boolean better = true;
            while (better && evaluations < effort && !watcher.cancelled()) {
                better = false;
                for (Frame.Slot slot : frame.slots()) better |= best(slot, false);
                better |= swaps();
            }
        }

        /** Puts the best option into a slot; true if the plan got better. */
        private boolean best(Frame.Slot slot, boolean upToHere) {
            Choice now = at(slot);
            Score best = score(slot.lesson(), upToHere);
            Choice kept = now;
            for (Candidate option : slot.options()) {
                if (evaluations >= effort && !upToHere) break;
                // While constructing, each activity is tried at the setting to start from.
                if (upToHere && option.setting() != Candidates.usual(option.activity())) continue;
                if (upToHere && elsewhere(slot, option)) continue;
                Choice other = slot.with(option);
                if (other.equals(now)) continue;
                set(slot, other);
                Score score = score(slot.lesson(), upToHere);
                if (score.isBetterThan(best)) {
                    best = score;
                    kept = other;
                }
            }
            set(slot, kept);
            return kept != now;
        }

        private boolean elsewhere(Frame.Slot slot, Candidate option) {
            if (slot.lesson() >= order.size() || !option.works()) return false;
            String skill = order.get(slot.lesson());
            boolean there = slot.options().stream()
                    .anyMatch(o -> skill.equals(o.activity().skill()));
            return there && !skill.equals(option.activity().skill());
        }

        private Outcome.Planned planned(int evaluated) {
            Plan plan = reading.of(choices, Reading.Hints.PLANNING);
            return new Outcome.Planned(plan, Rules.score(plan), evaluated);
        }

        private Score whole() {
            return Rules.score(reading.of(choices, Reading.Hints.PLANNING));
        }

        /** Tries exchanging the activities of two slots that serve the same phases. */
        private boolean swaps() {
            boolean better = false;
            Score best = score(problem.lessons().size() - 1, false);
            List<Frame.Slot> slots = frame.slots();
            for (int i = 0; i < slots.size(); i++)
                for (int j = i + 1; j < slots.size() && evaluations < effort; j++) {
                    Choice a = at(slots.get(i));
                    Choice b = at(slots.get(j));
                    if (!a.phases().equals(b.phases()) || a.activity().equals(b.activity())) continue;
                    set(slots.get(i), a.withActivity(b.activity(), b.setting()));
                    set(slots.get(j), b.withActivity(a.activity(), a.setting()));
                    Score score = score(problem.lessons().size() - 1, false);
                    if (score.isBetterThan(best)) {
                        best = score;
                        better = true;
                    } else {
                        set(slots.get(i), a);
                        set(slots.get(j), b);
                    }
                }
            return better;
        }

        private Choice at(Frame.Slot slot) {
            return choices.get(slot.lesson()).get(slot.position());
        }

        private void set(Frame.Slot slot, Choice choice) {
            choices.get(slot.lesson()).set(slot.position(), choice);
        }

        /** While constructing only the lessons up to this one are read, so that empty ones do not speak. */
        private Score score(int lesson, boolean upToHere) {
            evaluations++;
            return Rules.score(reading.of(
                    upToHere ? new ArrayList<>(choices.subList(0, lesson + 1)) : choices, Reading.Hints.PLANNING));
        }
    }
}
