package io.isokinet.server.lesson;

import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitMoves;
import io.isokinet.core.lesson.Load;
import io.isokinet.core.safety.Caution;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.unit.LessonState;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lesson as it will be taught, worked out for who is there.
 *
 * @param head revision of its unit, for If-Match
 * @param number of the lesson in its unit, from 1
 * @param children on the roll @param playing of those, who take part today
 * @param roll everybody of the class, and who takes part
 * @param groups the groups of the class in force
 * @param layOut what to fetch once @param storage the same by where it is kept
 * @param moves what is handed out and put away, and when
 * @param cues every cue in focus, in the order of the lesson
 * @param vigorousPercent share of the lesson that is moderate to vigorous; not the same as time in motion
 * @param helpers who tidies today; it goes round from lesson to lesson
 * @param wetPlace where it goes when it rains; null if nowhere or if it is inside
 */
public record SheetView(
        UUID lesson,
        UUID unit,
        UUID head,
        String unitTitle,
        UUID classId,
        String className,
        String year,
        int age,
        int number,
        int of,
        LocalDate onDate,
        @Nullable LocalTime starts,
        int minutes,
        String space,
        LessonState state,
        boolean prepared,
        List<String> cueSets,
        int children,
        int playing,
        List<ChildToday> roll,
        List<String> groupFindings,
        List<StretchView> segments,
        List<KitLine> layOut,
        List<Stored> storage,
        List<KitMoves.Move> moves,
        List<CueView> cues,
        List<Caution> cautions,
        List<String> setUpCheck,
        Load load,
        int motionPercent,
        int vigorousPercent,
        int looks,
        List<String> helpers,
        @Nullable String wetPlace) {
    /** A child of the class on the day. */
    public record ChildToday(UUID id, String name, boolean leftHanded, TakesPart takesPart) {}

    /** @param place "" where nobody said */
    public record Stored(String place, List<KitLine> kit) {}

    /** The group of a child has the floor with this index, from 0. */
    public record PlaceView(UUID child, int place) {}

    public record ItemName(String key, String name) {}

    /**
     * A step of the main lever.
     *
     * @param metres to what is aimed at, or to the partner, at this step; null where nothing says
     * @param measured true where what it sets is a distance in metres, so that paces help
     * @param whyNot why it cannot be done here today; null if it can
     */
    public record LadderStep(
            String words,
            @Nullable Double metres,
            boolean measured,
            @Nullable String whyNot) {}

    /**
     * The game of the score desk that it is played by.
     *
     * @param text as the core reads it
     * @param sides as many as there are groups
     * @param targets that stand before each
     */
    public record GameView(String text, int sides, int targets) {}

    /**
     * @param svg the drawing @param viewBox what of the plane it shows, in centimetres
     * @param distance of the start line in the school's length, paces and steps; null where there is none
     * @param findings what is too tight
     * @param moved groups that were put elsewhere by hand
     */
    public record FloorView(
            String svg,
            String viewBox,
            List<AreaView> areas,
            @Nullable String distance,
            List<String> findings,
            List<String> reasons,
            List<Integer> moved) {}

    /** The floor of a group that can be put elsewhere, in metres. */
    public record AreaView(int group, double x, double y, double w, double h) {}
}
