package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.aim.Band;
import io.isokinet.core.group.Carousel;
import io.isokinet.core.group.Rotation;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.Point;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Toll;
import io.isokinet.core.task.Turn;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One stretch of a lesson: what is planned, and whether and how it is done with who and what is there. */
public sealed interface Stretch permits Stretch.Fits, Stretch.Misfits {
    Planned plan();

    /**
     * What is planned, whoever comes.
     *
     * @param setting step of the main lever, from 0
     * @param minutes the change into it included
     * @param changeSeconds of those
     * @param talkSeconds of those, spent on telling it and on freezes
     * @param watch the cue that is watched; null for none
     * @param warm true if it is there to warm up
     */
    record Planned(
            String id,
            Activity activity,
            int setting,
            int minutes,
            int changeSeconds,
            int talkSeconds,
            @Nullable Cue watch,
            boolean warm) {
        /** Seconds that are left to work in: without the change into it, putting on what is worn, telling it and freezes. */
        public int working(Fit.Works works) {
            return Turn.working(minutes, changeSeconds, works.wornSeconds(), talkSeconds);
        }
    }

    /**
     * It can be done.
     *
     * @param works the task, and how it is laid out
     * @param floor where all stand
     * @param work what it gives and takes
     */
    record Fits(Planned plan, Fit.Works works, FloorPlan floor, Work work) implements Stretch {
        public Activity activity() {
            return plan.activity();
        }

        public Task task() {
            return works.task();
        }

        public List<KitLine> things() {
            return works.kit();
        }
    }

    /** It cannot; each reason says what is missing. */
    record Misfits(Planned plan, List<String> whyNot) implements Stretch {
        public Misfits {
            whyNot = List.copyOf(whyNot);
        }
    }

    /**
     * What a stretch gives each child, and takes.
     *
     * @param tries a child gets
     * @param toll what those take of a body
     * @param options other numbers of groups and what they would give, the most tries first
     * @param rotation who has which part when; empty where all do the same
     * @param rotationSeconds until everybody had every part; 0 without parts
     * @param rounds how often the rotation goes round in its minutes
     * @param carousel from station to station, or wave by wave; empty elsewhere
     * @param waitingPercent of the time a child waits for a turn
     * @param vigorousPercent of the time that is moderate to vigorous
     * @param success what share of tries succeeds at the setting, and of how many children it is the right one; null without levers
     * @param successFrom where that figure comes from; null without one
     * @param pinTurns ways to take turns at things knocked down, with what each gives; empty elsewhere
     * @param explainSeconds the longest explanation that is listened to
     */
    record Work(
            int tries,
            Toll toll,
            List<Minutes.Option> options,
            Optional<Rotation> rotation,
            int rotationSeconds,
            double rounds,
            Optional<Carousel> carousel,
            int waitingPercent,
            int vigorousPercent,
            @Nullable String success,
            @Nullable String successFrom,
            List<String> pinTurns,
            int explainSeconds) {}

    /**
     * How a stretch is laid out beyond what its activity says.
     *
     * @param leftHanded how many of each group send with the left
     * @param moved groups that were put elsewhere by hand
     */
    record Hands(List<Integer> leftHanded, Map<Integer, Point> moved) {
        /** Nobody known to send with the left, nothing moved. */
        public static final Hands NONE = new Hands(List.of(), Map.of());
    }

    /** @param band how often a try is to succeed */
    static Stretch of(Planned plan, Fit fit, Hands hands, Place place, KnowHow known, Band band) {
        if (fit instanceof Fit.Works works) return StretchWork.of(plan, works, hands, place, known, band);
        return new Misfits(plan, ((Fit.Fails) fit).reasons());
    }
}
