package io.isokinet.server.demo;

import io.isokinet.core.mastery.Setting;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Ids;
import io.isokinet.server.record.Batch;
import io.isokinet.server.record.Batch.HitEntry;
import io.isokinet.server.record.Batch.RegisterEntry;
import io.isokinet.server.record.Batch.TrialEntry;
import io.isokinet.server.record.Kind;
import io.isokinet.server.record.Recorder;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.LessonStanding;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.UnitView;
import io.isokinet.server.unit.UnitView.LessonView;
import io.isokinet.server.unit.UnitView.SegmentView;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Lessons that were taught, with as many records as one pair of eyes makes in them. */
@Component
@ConditionalOnProperty("isokinet.demo")
class DemoLooks {
    /** Skills whose games have a target to count at. */
    private static final Set<String> AIMED = Set.of("underarm-roll", "underarm-throw", "overarm-throw");

    /** In logits: common practice, no source. */
    private static final double HARDER_IN_A_GAME = 0.5;

    private static final int COUNTED = 6;
    private static final int TRIES = 5;
    private static final int MILLIMETRES_TO_TARGET = 4000;
    private static final int MILLIMETRES_OF_TARGET = 600;
    private static final int SECONDS_TO_SECOND_LOOK = 4;

    private final Classes classes;
    private final LessonStanding standing;
    private final Recorder recorder;
    private final Schools schools;
    private final Clock clock;

    DemoLooks(Classes classes, LessonStanding standing, Recorder recorder, Schools schools, Clock clock) {
        this.classes = classes;
        this.standing = standing;
        this.recorder = recorder;
        this.schools = schools;
        this.clock = clock;
    }

    /** What the children of a class are able to do. */
    @FunctionalInterface
    interface Able {
        /** @return the chance that the child shows the cue */
        double chance(ChildView child, int number, String cue, Instant at);
    }

    /**
     * Teaches a lesson, as it was planned.
     *
     * @param second who looks at the same children too, and sees more than there is; null for nobody
     */
    void teach(UnitView unit, int position, SignedIn teacher, @Nullable SignedIn second, Able able, Random random) {
        new Taught(unit, unit.lessons().get(position), teacher, second, able, random).record(position);
    }

    /** Says that a lesson of long ago was lost. */
    void lose(UnitView unit, int position) {
        LessonView lesson = unit.lessons().get(position);
        standing.say(lesson.id(), LessonState.LOST, null, start(lesson));
    }

    private Instant start(LessonView lesson) {
        return lesson.onDate()
                .atTime(Objects.requireNonNullElse(lesson.starts(), LocalTime.NOON))
                .atZone(schools.zone())
                .toInstant();
    }

    private final class Taught {
        private final LessonView lesson;
        private final SignedIn teacher;
        private final @Nullable SignedIn second;
        private final Able able;
        private final Random random;
        /** For what is counted and seen beside it. */
        private final Random aside;

        private final List<ChildView> children;
        private final Instant at;
        private final List<TrialEntry> trials = new ArrayList<>();
        private final List<TrialEntry> seconds = new ArrayList<>();
        private final List<HitEntry> hits = new ArrayList<>();

        Taught(
                UnitView unit,
                LessonView lesson,
                SignedIn teacher,
                @Nullable SignedIn second,
                Able able,
                Random random) {
            this.lesson = lesson;
            this.teacher = teacher;
            this.second = second;
            this.able = able;
            this.random = random;
            this.aside = new Random(lesson.position());
            this.children = classes.view(unit.schoolClass().id()).children();
            this.at = start(lesson);
        }

        void record(int position) {
            standing.say(lesson.id(), LessonState.TAUGHT, null, at);
            int start = 0;
            int first = random.nextInt(children.size());
            List<UUID> away = Stream.of(position * 11 + 4, position * 11 + 13)
                    .map(i -> children.get(i % children.size()).id())
                    .toList();
            for (SegmentView segment : lesson.segments()) {
                String cue = segment.watch() != null
                        ? segment.watch()
                        : segment.focus().isEmpty() ? null : segment.focus().get(0);
                int looks = Math.min(segment.looks(), children.size());
                for (int i = 0; cue != null && i < looks; i++) {
                    int number = (first + i * 4) % children.size();
                    ChildView child = children.get(number);
                    Instant seen = at.plusSeconds(60L * start + 90 + 10L * i);
                    double chance = able.chance(child, number, cue, at);
                    boolean shown = (segment.play() ? inAGame(chance) : chance) > random.nextDouble();
                    if (away.contains(child.id())) continue;
                    trials.add(trial(trials.size(), child, cue, shown, segment, seen));
                    if (second != null)
                        seconds.add(trial(
                                seconds.size(),
                                child,
                                cue,
                                shown || aside.nextInt(3) > 0,
                                segment,
                                seen.plusSeconds(SECONDS_TO_SECOND_LOOK)));
                    if (segment.play() && i < COUNTED && AIMED.contains(cue.substring(0, cue.indexOf('/'))))
                        hits.add(counted(child, cue, able.chance(child, number, cue, at), segment, seen));
                }
                first += 3;
                start += segment.minutes();
            }
            List<RegisterEntry> register = away.stream()
                    .map(child -> new RegisterEntry(Ids.next(), lesson.id(), child, false, null, at))
                    .toList();
            send(teacher, trials, register, hits);
            if (second != null) send(second, seconds, List.of(), List.of());
        }

        private TrialEntry trial(
                int seq, ChildView child, String cue, boolean shown, SegmentView segment, Instant seen) {
            return new TrialEntry(
                    Ids.next(),
                    child.id(),
                    cue,
                    shown,
                    Kind.TEACHER,
                    segment.play() ? Setting.GAME : Setting.DRILL,
                    null,
                    null,
                    null,
                    lesson.id(),
                    segment.id(),
                    (long) seq,
                    seen,
                    null);
        }

        private double inAGame(double chance) {
            double odds = chance / (1 - chance) * Math.exp(-HARDER_IN_A_GAME);
            return odds / (1 + odds);
        }

        private HitEntry counted(ChildView child, String cue, double able, SegmentView segment, Instant seen) {
            int hit = 0;
            for (int i = 0; i < TRIES; i++) if (aside.nextDouble() < 0.2 + 0.6 * able) hit++;
            int left = aside.nextInt(TRIES - hit + 1);
            return new HitEntry(
                    Ids.next(),
                    child.id(),
                    Kind.TEACHER,
                    lesson.id(),
                    segment.id(),
                    cue.substring(0, cue.indexOf('/')),
                    hit,
                    left,
                    0,
                    TRIES - hit - left,
                    0,
                    0,
                    MILLIMETRES_TO_TARGET,
                    MILLIMETRES_OF_TARGET,
                    null,
                    null,
                    (long) hits.size(),
                    seen.plusSeconds(SECONDS_TO_SECOND_LOOK));
        }

        private void send(
                SignedIn observer, List<TrialEntry> looks, List<RegisterEntry> register, List<HitEntry> counts) {
            recorder.take(
                    new Batch(
                            Ids.next(),
                            Ids.next(),
                            clock.instant(),
                            looks,
                            List.of(),
                            register,
                            List.of(),
                            List.of(),
                            counts),
                    observer);
        }
    }
}
