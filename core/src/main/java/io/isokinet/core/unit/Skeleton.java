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

    private Skeleton() {}

    /** @param first true for the first lesson of a unit, which has nothing to recap @return phases by segment, in order */
    public static List<Set<LessonPhase>> of(int minutes, boolean first) {
        if (minutes < SHORTEST)
            throw new IllegalArgumentException(
                    "A lesson of %d usable minutes cannot hold a warm-up, practice, play and a close; at least %d are needed."
                            .formatted(minutes, SHORTEST));
        List<Set<LessonPhase>> row = new ArrayList<>();
        if (minutes >= 20) row.add(Set.of(GATHER));
        row.add(first ? Set.of(WARM) : Set.of(WARM, RECAP));
        int practise = minutes < TWO_DRILLS ? 1 : minutes < 36 ? 2 : minutes < 52 ? 3 : 4;
        for (int i = 0; i < practise; i++) row.add(Set.of(PRACTISE, TEACH));
        if (minutes >= 45) row.add(Set.of(PLAY));
        row.add(Set.of(PLAY));
        row.add(Set.of(TIDY, COOL, CLOSE));
        return row;
    }
}
