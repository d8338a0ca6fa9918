package io.isokinet.core.unit;

import static io.isokinet.core.activity.LessonPhase.*;

import io.isokinet.core.activity.LessonPhase;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The row of segments a lesson of a length can hold. A recap sits in the warm-up, teaching inside a drill as a short
 * freeze, tidying and the closing talk in the cool-down. Common practice.
 */
public final class Skeleton {
    /** Below this a lesson cannot hold a warm-up, practice, play and a close. */
    public static final int SHORTEST = 15;

    /** From here on there is time for two drills beside the talks, the warm-up and the play. */
    private static final int TWO_DRILLS = 24;

    /** An activity is done so often in {@value #IN_LESSONS} lessons that follow each other, and no more. */
    public static final int USES = 3;

    public static final int IN_LESSONS = 6;

    /** Minutes of a drill and of a game at most, stretched. Common practice. */
    private static final int LONGEST = 12;
    /** Minutes of the talk, the warm-up and the close. Common practice. */
    private static final int AROUND = 12;

    private Skeleton() {}

    /** Lessons of a skill in which its shape alone may be worked on. */
    public static final int SHAPES = 2;

    /** Uses of one activity that a unit has room for before it is worn out, once a lesson. */
    static int uses(int lessons) {
        return lessons / IN_LESSONS * USES + Math.min(USES, lessons % IN_LESSONS);
    }

    /** Games that a lesson has time for. */
    static int games(int minutes) {
        return minutes >= 45 ? 2 : 1;
    }

    /** @param first true for the first lesson of a unit, which has nothing to recap @return phases by segment, in order */
    public static List<Set<LessonPhase>> of(int minutes, boolean first) {
        return of(minutes, first, Integer.MAX_VALUE, Integer.MAX_VALUE);
    }

    /**
     * Where few activities fit, fewer and longer parts stand in for repeats, as long as they hold the minutes.
     *
     * @param drills that a lesson has without repeating itself over the unit
     * @param games the same
     */
    static List<Set<LessonPhase>> of(int minutes, boolean first, int drills, int games) {
        if (minutes < SHORTEST)
            throw new IllegalArgumentException(
                    "A lesson of %d usable minutes cannot hold a warm-up, practice, play and a close; at least %d are needed."
                            .formatted(minutes, SHORTEST));
        List<Set<LessonPhase>> row = new ArrayList<>();
        if (minutes >= 20) row.add(Set.of(GATHER));
        row.add(first ? Set.of(WARM) : Set.of(WARM, RECAP));
        int practise = minutes < TWO_DRILLS ? 1 : minutes < 36 ? 2 : minutes < 52 ? 3 : 4;
        int play = games(minutes);
        int work = minutes - AROUND;
        while (practise > Math.max(1, drills) && (practise - 1 + play) * LONGEST >= work) practise--;
        while (play > Math.max(1, games) && (practise + play - 1) * LONGEST >= work) play--;
        for (int i = 0; i < practise; i++) row.add(Set.of(PRACTISE, TEACH));
        for (int i = 0; i < play; i++) row.add(Set.of(PLAY));
        row.add(Set.of(TIDY, COOL, CLOSE));
        return row;
    }
}
