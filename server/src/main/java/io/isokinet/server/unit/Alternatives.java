package io.isokinet.server.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.task.Asked;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.SpareMinutes;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.http.NotFoundException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What could stand in a plan instead, beside, or in spare minutes, and what it would cost. */
@Service
class Alternatives {
    private static final int SPARE = 6;

    private final UnitReader reader;

    Alternatives(UnitReader reader) {
        this.reader = reader;
    }

    /**
     * An activity that could stand in a segment's place, and what it would cost.
     *
     * @param activities what the segment would have then: it, or all stations
     */
    record Alternative(
            String activity,
            List<String> activities,
            String name,
            @Nullable Integer level,
            int minutes,
            int tries,
            long hard,
            long medium,
            long soft,
            List<UnitView.ChangeView> changes) {}

    private record Rated(Alternative alternative, Score score) {}

    /**
     * The best alternatives, by what they would cost.
     *
     * @param beside true for what could stand beside it, as stations; only what fits
     */
    List<Alternative> of(UUID id, UUID segmentId, boolean beside, int most) {
        UnitInHand unit = reader.readToEdit(id);
        Segment segment = unit.plan()
                .segment(segmentId.toString())
                .orElseThrow(() -> new NotFoundException("segment", segmentId));
        Candidates candidates = new Candidates(unit.problem());
        List<String> parts = segment.activity().keys().keys();
        if (beside && (parts.size() == Stations.MOST || !segment.works())) return List.of();
        return candidates.serving(segment.lesson(), segment.phases()).stream()
                .filter(a -> !parts.contains(a.key()))
                .filter(a -> !beside || standsBeside(a, segment, candidates))
                .map(a -> rated(unit.plan(), candidates, segment, a, beside))
                .sorted(Comparator.comparing(Rated::score))
                .limit(most)
                .map(Rated::alternative)
                .toList();
    }

    private static ActivityKeys keys(Activity activity, Segment segment, boolean beside) {
        if (!beside) return activity.keys();
        List<String> all = new ArrayList<>(segment.activity().keys().keys());
        all.add(activity.key());
        return new ActivityKeys(all);
    }

    private static boolean standsBeside(Activity activity, Segment segment, Candidates candidates) {
        return Objects.equals(activity.skill(), segment.activity().skill())
                && candidates.fit(segment.lesson(), keys(activity, segment, true)) instanceof Fit.Works;
    }

    private static Rated rated(Plan now, Candidates candidates, Segment segment, Activity activity, boolean beside) {
        ActivityKeys keys = keys(activity, segment, beside);
        Plan plan = Edit.read(now, candidates, new Edit.Swap(segment.id(), keys));
        Score before = Rules.score(now);
        Score score = Rules.score(plan);
        Segment swapped = plan.segment(segment.id()).orElseThrow();
        return new Rated(
                new Alternative(
                        activity.key(),
                        keys.keys(),
                        activity.name(),
                        activity.rung() == null ? null : activity.rung().level(),
                        swapped.minutes(),
                        swapped.tries(),
                        score.hard() - before.hard(),
                        score.medium() - before.medium(),
                        score.soft() - before.soft(),
                        RuleChange.between(now, plan).stream()
                                .map(UnitView.ChangeView::of)
                                .toList()),
                score);
    }

    /** @param minutes fewest in which it is worth doing */
    record SpareView(String activity, String name, String how, int minutes, List<String> cues, String reason) {}

    /** @param lesson as the board counts, from 0 @param missed the one to catch up; null to fill minutes */
    List<SpareView> spare(UUID id, int lesson, int minutes, @Nullable Integer missed) {
        UnitInHand unit = reader.read(id);
        Candidates candidates = new Candidates(unit.problem());
        int in = inPlan(unit, lesson);
        List<SpareMinutes.Filler> fillers = missed == null
                ? SpareMinutes.fill(unit.plan(), candidates, in, minutes)
                : SpareMinutes.catchUp(unit.plan(), candidates, inPlan(unit, missed), in);
        KnowHow known = unit.knowHow();
        return fillers.stream()
                .limit(SPARE)
                .map(f -> new SpareView(
                        f.candidate().activity().key(),
                        f.candidate().activity().name(),
                        Asked.of(f.candidate().activity(), f.candidate().setting())
                                .how(known),
                        f.candidate().activity().minutesLeast(),
                        f.cues().stream().map(c -> known.cue(c).call()).toList(),
                        f.reason()))
                .toList();
    }

    private static int inPlan(UnitInHand unit, int lesson) {
        int index = unit.inPlan(lesson);
        if (index < 0)
            throw new IllegalArgumentException(
                    "This unit has no planned lesson %d; choose another.".formatted(lesson + 1));
        return index;
    }
}
