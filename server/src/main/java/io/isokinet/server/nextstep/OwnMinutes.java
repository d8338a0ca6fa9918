package io.isokinet.server.nextstep;

import io.isokinet.core.lesson.Forecast;
import io.isokinet.core.lesson.Habit;
import io.isokinet.core.lesson.RealMinutes;
import io.isokinet.core.quantity.Words;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.record.EventEntry.ClockEvent;
import io.isokinet.server.record.EventEntry.Does;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.LessonRecords.LessonEvent;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.LessonPlan;
import io.isokinet.server.unit.Lessons.PlannedSegment;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long things take whoever is signed in, learnt from the clocks of their last lessons. */
@Service
class OwnMinutes {
    private static final int LESSONS = 30;
    /** What is further off was a clock that was forgotten, not a teacher who is slow. */
    private static final double LEAST_RATIO = 0.25;

    private static final double MOST_RATIO = 4;
    private static final int USUAL_CHANGE = 60;
    private static final int USUAL_TURN = 15;

    private final LessonRecords lessonRecords;
    private final Lessons lessons;

    OwnMinutes(LessonRecords lessonRecords, Lessons lessons) {
        this.lessonRecords = lessonRecords;
        this.lessons = lessons;
    }

    /**
     * @param sentence the range and what makes it too long @param habits how long parts take, in sentences
     * @param stretches likely minutes of each, in order
     */
    record ForecastView(
            int low, int high, int planned, String sentence, List<String> habits, List<LikelyMinutes> stretches) {}

    record LikelyMinutes(String name, int planned, int low, int high) {}

    /** Times what was planned, by part of the lesson; seconds for changes and from one go to the next. */
    private static final class Learnt {
        private final Map<String, List<Double>> ratios = new HashMap<>();
        private final List<Double> changes = new ArrayList<>();
        private final List<Double> turns = new ArrayList<>();

        Habit of(String part) {
            return Habit.of(1, ratios.getOrDefault(part, List.of()));
        }
    }

    @Transactional(readOnly = true)
    ForecastView forecast(UUID lessonId) {
        LessonPlan plan = lessons.plan(lessonId);
        Learnt learnt = learn();
        int planned = plan.segments().stream().mapToInt(PlannedSegment::minutes).sum();
        Forecast forecast = Forecast.of(
                plan.segments().stream()
                        .map(s -> new Forecast.Part(s.part(), s.minutes(), learnt.of(s.part())))
                        .toList(),
                planned);
        return new ForecastView(
                (int) Math.round(forecast.low()),
                (int) Math.round(forecast.high()),
                planned,
                forecast.sentence(),
                habits(learnt),
                plan.segments().stream().map(s -> likely(s, learnt)).toList());
    }

    private static LikelyMinutes likely(PlannedSegment s, Learnt learnt) {
        Habit habit = learnt.of(s.part());
        return new LikelyMinutes(s.name(), s.minutes(), (int) Math.round(s.minutes() * habit.low()), (int)
                Math.round(s.minutes() * habit.high()));
    }

    private static List<String> habits(Learnt learnt) {
        List<String> habits = new ArrayList<>();
        learnt.ratios.keySet().stream().sorted().forEach(part -> {
            Habit h = learnt.of(part);
            habits.add(Words.say(
                    "%s: %.1f times what is planned, from %d %s",
                    part, h.middle(), h.seen(), h.seen() == 1 ? "stretch" : "stretches"));
        });
        if (!learnt.changes.isEmpty()) habits.add(seconds("a change", Habit.of(USUAL_CHANGE, learnt.changes)));
        if (!learnt.turns.isEmpty()) habits.add(seconds("from one go to the next", Habit.of(USUAL_TURN, learnt.turns)));
        return habits;
    }

    private static String seconds(String what, Habit h) {
        return "%s: about %d s (usual %d), from %d"
                .formatted(what, Math.round(h.middle()), Math.round(h.usual()), h.seen());
    }

    private Learnt learn() {
        List<UUID> ids = lessonRecords.taughtBy(SignedIn.current().person(), LESSONS);
        Map<UUID, LessonPlan> plans = lessons.plans(ids);
        Map<UUID, List<LessonEvent>> events = lessonRecords.events(ids);
        Learnt learnt = new Learnt();
        for (UUID id : ids) {
            LessonPlan plan = plans.get(id);
            if (plan != null) learn(learnt, plan, events.getOrDefault(id, List.of()));
        }
        return learnt;
    }

    private void learn(Learnt learnt, LessonPlan plan, List<LessonEvent> events) {
        List<RealMinutes.Event> clock = new ArrayList<>();
        List<Instant> goes = new ArrayList<>();
        for (LessonEvent e : events) {
            if (e.voided() || !(e.what() instanceof ClockEvent at)) continue;
            Does does = at.body().does();
            if (does == Does.TURN) goes.add(at.at());
            RealMinutes.Does.named(does.name()).ifPresent(d -> clock.add(new RealMinutes.Event(d, at.at())));
        }
        List<Duration> had = RealMinutes.of(clock);
        for (int i = 0; i < Math.min(had.size(), plan.segments().size()); i++) {
            PlannedSegment s = plan.segments().get(i);
            double ratio = had.get(i).toSeconds() / 60.0 / Math.max(1, s.minutes());
            if (ratio >= LEAST_RATIO && ratio <= MOST_RATIO)
                learnt.ratios.computeIfAbsent(s.part(), p -> new ArrayList<>()).add(ratio);
        }
        RealMinutes.changes(clock).values().forEach(d -> learnt.changes.add((double) d.toSeconds()));
        RealMinutes.betweenGoes(goes).ifPresent(d -> learnt.turns.add((double) d.toSeconds()));
    }
}
