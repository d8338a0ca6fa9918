package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Difficulty;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.aim.Band;
import io.isokinet.core.aim.HitChance;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The share of tries that succeed at a setting: computed from the aim where something is rolled at a target over a distance that is
 * told, and from the difficulty of the pack for everything else.
 *
 * @param share 0 to 1
 * @param computed true if it comes from the aim
 * @param reason one sentence with its numbers
 */
public record Success(double share, boolean computed, String reason) {
    /** Between the middles of two neighbours of a triangle: 12 in. USBC Equipment Specifications. */
    private static final double PIN_GAP = 0.3048;

    /** @param step index among the lever's steps; the other levers stand at their usual step */
    public static Success of(Activity activity, Lever lever, int step, KnowHow known, Age age) {
        return aimed(activity, lever, step, known, age, 1)
                .orElseGet(() -> new Success(
                        Difficulty.success(
                                activity.difficulty() + lever.logits().get(step), age.years()),
                        false,
                        "A default by age and task; what the class hits replaces it."));
    }

    /** How much children of one age differ in aim, as a share of the usual spread. Common practice. */
    private static final double AIMS_DIFFER = 0.25;
    /** How much children of one age differ in skill, in logits. Common practice. */
    private static final double SKILLS_DIFFER = 0.8;

    /** The normal distribution in twenty equal parts, by the middle of each. */
    private static final double[] TWENTIETHS = {
        -1.960, -1.440, -1.150, -0.935, -0.755, -0.598, -0.454, -0.319, -0.189, -0.063, 0.063, 0.189, 0.319, 0.454,
        0.598, 0.755, 0.935, 1.150, 1.440, 1.960
    };

    /**
     * The share of a class for whom the setting lies in the band: children differ about the usual child of their age, in their
     * aim where it is computed and in skill for everything else.
     */
    public static Share inBand(Activity activity, Lever lever, int step, KnowHow known, Age age, Band band) {
        int inside = 0;
        for (double z : TWENTIETHS) {
            double share = aimed(activity, lever, step, known, age, 1 + AIMS_DIFFER * z)
                    .map(Success::share)
                    .orElseGet(() -> Difficulty.success(
                            activity.difficulty() + lever.logits().get(step) + SKILLS_DIFFER * z, age.years()));
            if (band.holds(share)) inside++;
        }
        return Share.of(inside, TWENTIETHS.length);
    }

    /**
     * The same for a task without a lever, from its difficulty alone.
     *
     * @param age in years
     */
    public static Share inBand(double logits, double age, Band band) {
        int inside = 0;
        for (double z : TWENTIETHS) {
            double share = Difficulty.success(logits + SKILLS_DIFFER * z, age);
            if (band.holds(share)) inside++;
        }
        return Share.of(inside, TWENTIETHS.length);
    }

    private static Optional<Success> aimed(
            Activity activity, Lever lever, int step, KnowHow known, Age age, double of) {
        OptionalDouble metres = lever.metres(step, age);
        if (metres.isEmpty()) return Optional.empty();
        Optional<Need> sent =
                need(activity, Need.Role.SENT).filter(n -> n.traits().contains(Trait.ROLLS));
        Optional<Need> target = need(activity, Need.Role.TOPPLED).or(() -> need(activity, Need.Role.AIMED_AT));
        if (sent.isEmpty() || target.isEmpty()) return Optional.empty();
        Item ball = known.item(sent.get().prefers());
        Item aim = known.item(target.get().prefers());
        int rows = target.get().role() == Need.Role.TOPPLED ? rows(target.get().count()) : 1;
        if (rows == 0
                || target.get().role() == Need.Role.AIMED_AT && target.get().count() > 1) return Optional.empty();
        double distance = metres.getAsDouble();
        double spread = HitChance.usualSpread(age) * of;
        double share = rows == 1
                ? HitChance.across(
                        HitChance.widthToHit(aim.width().metres(), ball.width().metres()), distance, spread)
                : HitChance.triangle(
                        rows, aim.width().metres(), PIN_GAP, ball.width().metres(), distance, spread);
        return Optional.of(new Success(
                share,
                true,
                Words.say(
                        "From the aim: a %s and a %s of %.0f cm at %.1f m, a spread of %.2f rad at %d years (a default).",
                        rows == 1 ? aim.name() : "triangle of " + target.get().count() + " " + aim.many(),
                        ball.name().replaceAll(" \\(.*\\)", ""),
                        ball.width().metres() * 100,
                        distance,
                        spread,
                        age.years())));
    }

    private static Optional<Need> need(Activity activity, Need.Role role) {
        return activity.needs().stream().filter(n -> n.role() == role).findFirst();
    }

    /** Rows of a full triangle of so many pins; 0 if they make none. */
    private static int rows(int pins) {
        return switch (pins) {
            case 1 -> 1;
            case 3 -> 2;
            case 6 -> 3;
            case 10 -> 4;
            default -> 0;
        };
    }
}
