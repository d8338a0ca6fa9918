package io.isokinet.knowhow;

import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.skill.Seen;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Facts of packs that say them in words alone, as packs did before steps had facts: the one place where a number is read out of words.
 * What a pack says as facts is taken as it is.
 */
final class StepWords {
    private static final Pattern DISTANCE = Pattern.compile("(\\d+(?:\\.\\d+)?) (m|paces?|steps?|giant steps?)\\b.*");
    /** The other of two; another ball, or each other, is none. */
    private static final Pattern OTHER = Pattern.compile("(?<!each )\\bother\\b");

    private static final Pattern HELD = Pattern.compile("\\b(a hold|held for)\\b");
    private static final Map<String, Reach.Unit> UNITS = Map.of(
            "m", Reach.Unit.METRES,
            "pace", Reach.Unit.PACES,
            "step", Reach.Unit.STEPS,
            "giant step", Reach.Unit.GIANT_STEPS);

    private StepWords() {}

    /** @param lever its name: a distance is told by levers that are called so, or a start */
    static List<StepFacts> facts(String lever, List<String> steps) {
        boolean apart = lever.startsWith("distance") || lever.equals("start");
        return steps.stream()
                .map(words -> new StepFacts(apart ? reach(words) : null, limb(words)))
                .toList();
    }

    private static @Nullable Reach reach(String words) {
        Matcher told = DISTANCE.matcher(words);
        if (!told.matches()) return null;
        double many = Double.parseDouble(told.group(1));
        return many > 0 && many <= 100 ? new Reach(many, UNITS.get(told.group(2).replaceAll("s$", ""))) : null;
    }

    private static StepFacts.@Nullable Limb limb(String words) {
        if (OTHER.matcher(words).find()) return StepFacts.Limb.OTHER;
        return words.contains("preferred") ? StepFacts.Limb.PREFERRED : null;
    }

    /** @param view as a cue says it: "from the side, behind the line" */
    static Seen seen(String view) {
        if (view.startsWith("from behind")) return Seen.BEHIND;
        return view.startsWith("from the front") ? Seen.FRONT : Seen.SIDE;
    }

    /** @param one what counts as one; null for a try as such */
    static boolean held(@Nullable String one) {
        return one != null && HELD.matcher(one).find();
    }
}
