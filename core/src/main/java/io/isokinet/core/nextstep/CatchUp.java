package io.isokinet.core.nextstep;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Mirror;
import io.isokinet.core.skill.Sides;
import io.isokinet.core.task.Asked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Five minutes with a cue for whoever was away when it was taught: one to see it, two to try, two to be seen. Common practice.
 *
 * @param call what the child is told, one to four words @param steps minute by minute
 */
public record CatchUp(String call, List<String> steps) {
    /** Where at least one in so many was away, the whole class comes back to it. */
    private static final int MANY = 4;

    /** Tries a partner watches. */
    public static final int TRIES = 5;

    public CatchUp {
        steps = List.copyOf(steps);
    }

    /** True where so many were away that it is five minutes for the whole class and not a card for each. */
    public static boolean forClass(int away, int children) {
        return away * MANY >= children;
    }

    /** For a child, by its own sides. */
    public static CatchUp forChild(KnowHow known, String cueKey, Age age, Sides sides) {
        return of(known, cueKey, age, sides, "Watch somebody who has it", "a partner watches");
    }

    /** For a whole class, without saying left or right where that differs. */
    public static CatchUp forAll(KnowHow known, String cueKey, Age age) {
        return of(
                known,
                cueKey,
                age,
                Sides.NOT_SETTLED,
                "Two children show it, a right-hander and a left-hander",
                "in pairs, one watches");
    }

    private static CatchUp of(KnowHow known, String cueKey, Age age, Sides sides, String see, String watches) {
        Cue cue = known.cue(cueKey);
        Action action = known.skill(cue.skill()).action();
        List<String> steps = new ArrayList<>();
        steps.add("1 minute: %s; look at the %s. %s"
                .formatted(see, cue.bodyPart(), Mirror.text(cue.question(), action, sides)));
        steps.add(easiest(known, cue, age)
                .map(a -> "2 minutes: %s%s. %s"
                        .formatted(a.name(), easy(a), Asked.of(a, 0).how(known)))
                .orElse("2 minutes: try it slowly, without hurry and without an opponent."));
        steps.add("2 minutes: %s %d tries and ticks those that show it, then change over.".formatted(watches, TRIES));
        return new CatchUp(Mirror.text(cue.call(), action, sides), steps);
    }

    /** Practice rather than play, on the lowest rung, in which the cue can be worked on. */
    private static Optional<Activity> easiest(KnowHow known, Cue cue, Age age) {
        return known.activities().stream()
                .filter(a -> Objects.equals(a.skill(), cue.skill()) && a.hosts().contains(cue.key()))
                .filter(a -> a.ageFrom() <= age.years() && age.years() <= a.ageTo())
                .min(Comparator.comparing((Activity a) -> !a.serves(LessonPhase.PRACTISE))
                        .thenComparingInt(a -> a.rung() == null ? 0 : a.rung().level())
                        .thenComparingDouble(Activity::difficulty));
    }

    private static String easy(Activity a) {
        if (a.levers().isEmpty()) return "";
        Lever lever = a.levers().get(0);
        return " (%s)".formatted(lever.steps().get(0));
    }
}
