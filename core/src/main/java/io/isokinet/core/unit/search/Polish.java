package io.isokinet.core.unit.search;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.Rules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Improves a plan in small steps. Building fills the slots one after the other and never looks back; this changes afterwards which cues a segment works on and which the teacher looks for, where a cue is
 * introduced, single minutes, and at last single activities with all else kept. Steps that help are taken until none is left or
 * the effort is spent; locks stay.
 */
public final class Polish {
    private final UnitProblem problem;
    private final Candidates candidates;
    private final Reading.Onward reading;
    private final List<Frame.Slot> slots;
    private final List<List<Choice>> rows;
    private Plan plan;
    private Score score;
    private int left;

    private Polish(UnitProblem problem, Candidates candidates, List<Frame.Slot> slots, Plan plan, int effort) {
        this.slots = slots;
        this.problem = problem;
        this.candidates = candidates;
        this.reading = new Reading.Onward(problem, candidates);
        this.plan = plan;
        this.score = Rules.score(plan);
        this.left = effort;
        this.rows = new ArrayList<>();
        plan.fixed().forEach(row -> rows.add(new ArrayList<>(row)));
    }

    /** @param slots whose activities may change; none to leave them all @param effort evaluations that may be spent */
    public static Outcome.Planned of(
            UnitProblem problem, Candidates candidates, List<Frame.Slot> slots, Plan plan, int effort) {
        Polish polish = new Polish(problem, candidates, slots, plan, effort);
        boolean better = true;
        while (better && polish.left > 0) {
            better = polish.introductions() | polish.focus() | polish.minutes();
            if (!better) better = polish.activities();
        }
        return new Outcome.Planned(polish.plan, polish.score, effort - polish.left);
    }

    /** Another activity or setting, its own cues and minutes read anew, or the same cues kept. */
    private boolean activities() {
        boolean better = false;
        for (Frame.Slot slot : slots)
            for (Candidate option : slot.options()) {
                Choice before = rows.get(slot.lesson()).get(slot.position());
                if (option.activity().keys().equals(before.activity()) && option.setting() == before.setting())
                    continue;
                better |= other(slot, before, option);
            }
        return better;
    }

    private boolean other(Frame.Slot slot, Choice before, Candidate option) {
        List<Choice> row = rows.get(slot.lesson());
        List<Choice> was = List.copyOf(row);
        Choice now = before.withActivity(option.activity().keys(), option.setting());
        if (before.focus() != null && option.activity().hosts().containsAll(before.focus()))
            now = now.withCues(before.introduces(), before.focus(), null);
        else if (before.introduces() != null && option.activity().hosts().containsAll(before.introduces()))
            now = now.withCues(before.introduces(), null, null);
        row.set(slot.position(), now);
        for (int i = 0; i < row.size(); i++)
            if (!row.get(i).locked()) row.set(i, row.get(i).withMinutes(null));
        if (accept()) return true;
        for (int i = 0; i < row.size(); i++) row.set(i, was.get(i));
        return false;
    }

    private boolean open(Segment s) {
        return !s.locked() && !problem.lessons().get(s.lesson()).kept();
    }

    private boolean focus() {
        boolean better = false;
        for (Segment s : plan.all()) {
            if (!open(s) || !s.works()) continue;
            for (List<String> focus : pairs(s)) {
                better |= attempt(s, focus, null);
                for (String watch : focus) better |= attempt(s, focus, watch);
            }
        }
        return better;
    }

    /** Each pair of hosted cues that holds what is introduced here; the one cue where there is but one. */
    private List<List<String>> pairs(Segment s) {
        List<String> hosts =
                s.candidate().hosts().stream().map(candidates.targetCues()::get).toList();
        List<List<String>> pairs = new ArrayList<>();
        for (int i = 0; i < hosts.size(); i++)
            for (int j = i + 1; j < hosts.size(); j++) {
                List<String> pair = List.of(hosts.get(i), hosts.get(j));
                if (pair.containsAll(s.introduces())) pairs.add(pair);
            }
        if (hosts.size() == 1) pairs.add(hosts);
        return pairs;
    }

    /** Introduces a cue in an earlier or later segment, or one that was left over at all. */
    private boolean introductions() {
        boolean better = false;
        for (Segment s : plan.all()) {
            if (!open(s) || !s.works() || !s.serves(LessonPhase.TEACH)) continue;
            for (int cue : s.candidate().hosts())
                better |= introduce(candidates.targetCues().get(cue), s.id());
        }
        return better;
    }

    private boolean introduce(String cue, String id) {
        Segment here = plan.segment(id).orElseThrow();
        if (here.introduces().contains(cue)
                || here.introduces().size() == Reading.FOCUS
                || problem.state(cue).taught()) return false;
        Segment there = plan.all().stream()
                .filter(s -> s.introduces().contains(cue))
                .findFirst()
                .orElse(null);
        if (there != null && !open(there)) return false;
        List<String> introduces = new ArrayList<>(here.introduces());
        introduces.add(cue);
        for (String beside : here.focus().isEmpty() ? List.of(cue) : here.focus()) {
            List<String> focus = new ArrayList<>(introduces);
            if (focus.size() < Reading.FOCUS && !focus.contains(beside)) focus.add(beside);
            Choice wasHere = at(here);
            Choice wasThere = there == null ? null : at(there);
            Candidate easiest = candidates.easiest(here.lesson(), here.candidate());
            set(
                    here,
                    wasHere.withActivity(easiest.activity().keys(), easiest.setting())
                            .withMinutes(wasHere.minutes())
                            .withCues(List.copyOf(introduces), List.copyOf(focus), null));
            if (there != null) {
                List<String> rest = new ArrayList<>(there.introduces());
                rest.remove(cue);
                set(there, wasThere.withCues(List.copyOf(rest), there.focus(), there.watch()));
            }
            if (accept()) return true;
            set(here, wasHere);
            if (there != null) set(there, wasThere);
        }
        return false;
    }

    private boolean minutes() {
        boolean better = false;
        for (List<Segment> lesson : plan.lessons())
            for (Segment from : lesson) for (Segment to : lesson) better |= from != to && shift(from.id(), to.id());
        return better;
    }

    /** A minute from one segment to another, where both stay within theirs. */
    private boolean shift(String fromId, String toId) {
        Segment from = plan.segment(fromId).orElseThrow();
        Segment to = plan.segment(toId).orElseThrow();
        if (!open(from) || !open(to) || !to.works()) return false;
        if (from.minutes() <= from.activity().minutesLeast()
                || to.minutes() >= to.activity().minutesMost()
                || from.looks() > 0 && from.watch() != null && to.watch() == null) return false;
        Choice a = at(from);
        Choice b = at(to);
        set(from, a.withMinutes(from.minutes() - 1));
        set(to, b.withMinutes(to.minutes() + 1));
        if (accept()) return true;
        set(from, a);
        set(to, b);
        return false;
    }

    private boolean attempt(Segment s, List<String> focus, @Nullable String watch) {
        Choice before = at(s);
        if (focus.equals(before.focus()) && watch == null) return false;
        if (watch != null && !s.activity().showsWell().contains(watch)) return false;
        set(s, before.withCues(before.introduces(), focus, watch));
        if (accept()) return true;
        set(s, before);
        return false;
    }

    private boolean accept() {
        if (left <= 0) return false;
        left--;
        Plan other = reading.of(rows, Reading.Hints.PLANNING);
        Score now = Rules.score(other);
        if (!now.isBetterThan(score)) return false;
        plan = other;
        score = now;
        for (int i = 0; i < rows.size(); i++)
            rows.set(i, new ArrayList<>(plan.fixed().get(i)));
        return true;
    }

    private Choice at(Segment s) {
        return rows.get(s.lesson()).get(s.position());
    }

    private void set(Segment s, Choice choice) {
        rows.get(s.lesson()).set(s.position(), choice);
    }
}
