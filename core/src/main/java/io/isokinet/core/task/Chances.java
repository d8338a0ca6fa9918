package io.isokinet.core.task;

import static io.isokinet.core.activity.Travel.FLIES;
import static io.isokinet.core.activity.Travel.ROLLS;

import io.isokinet.core.activity.Difficulty;
import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.aim.HitChance;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Action;
import io.isokinet.core.task.Success.Source;
import io.isokinet.core.thing.Item;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The chance of each {@link Must}: a new one is one line here and its method. */
final class Chances {
    /** How much children of one age differ in aim and pace, as a share of the usual spread. Common practice. */
    private static final double AIMS_DIFFER = 0.25;
    /** How much children of one age differ in skill, in logits. Common practice. */
    private static final double SKILLS_DIFFER = 0.8;
    /** Between the middles of two neighbours of a triangle: 12 in. USBC Equipment Specifications. */
    private static final double PIN_GAP = 0.3048;
    /** A partner takes what comes within a step to either side. Common practice. */
    private static final double REACH = 1.2;
    /** Slower than this, in m/s, a ball has not arrived but stopped on the way. Common practice. */
    private static final double ARRIVES_AT = 0.5;
    /** So much harder than usual a child sends where the floor asks for it. Common practice. */
    private static final double HARDEST = 1.3;

    /**
     * How far a class to whom a skill is new stands behind its age, in standard deviations: it begins one behind, and the unit takes it
     * there. Common practice, no source.
     */
    private static final double BEHIND = 0.5;

    private static final double FALLS_WHEN_DOUBTFUL = 0.5;

    private static final Map<Must, Chance> ALL = new EnumMap<>(Map.ofEntries(
            Map.entry(Must.NOTHING, (t, z) -> Success.none("Nothing is hit or missed.")),
            Map.entry(Must.DONE, Chances::scale),
            Map.entry(Must.CAUGHT, Chances::scale),
            Map.entry(Must.ARRIVES, Chances::arrives),
            Map.entry(Must.HITS, Chances::hits),
            Map.entry(Must.PASSES, Chances::passes),
            Map.entry(Must.TOPPLES, Chances::topples),
            Map.entry(Must.STOPS_IN, (t, z) -> stops(t, z, HitChance.usualRollPace(t.age()))),
            Map.entry(Must.LANDS_IN, (t, z) -> stops(t, z, HitChance.usualLobPace(t.age()))),
            Map.entry(Must.NEAREST, (t, z) -> Success.none("The nearest counts: there is no success rate.")),
            Map.entry(Must.FAR, (t, z) -> Success.none("How far it goes counts: there is no success rate.")),
            Map.entry(Must.KEPT_UP, Chances::scale),
            Map.entry(
                    Must.GOT_AWAY,
                    (t, z) -> Success.none("How often it succeeds is up to who tries to stop it: there is no rate."))));

    /** What is aimed. */
    private static final Set<Must> AIMED =
            Set.of(Must.ARRIVES, Must.HITS, Must.PASSES, Must.TOPPLES, Must.STOPS_IN, Must.LANDS_IN);

    private Chances() {}

    /** @param z how far a child is from the usual one of its age, in standard deviations; more is worse */
    static Success of(Task task, double z) {
        StepFacts.Mover moving = task.asked().facts().moving();
        Must must = task.activity().attempt().must();
        Chance chance = moving == null || moving == StepFacts.Mover.SELF || !AIMED.contains(must)
                ? ALL.get(must)
                : Chances::moving;
        if (!task.fresh()) return chance.of(task, z);
        Success behind = chance.of(task, z + BEHIND);
        return behind.share() == null
                ? behind
                : new Success(
                        behind.share(),
                        behind.source(),
                        () -> behind.reason() + " The skill was new to the class when the unit began, so it is less.");
    }

    /** By the scale alone, whatever has to happen. */
    static Success difficulty(Task task, double z) {
        return scale(task, task.fresh() ? z + BEHIND : z);
    }

    private static Success scale(Task t, double z) {
        return new Success(
                Difficulty.success(
                        t.asked().logits() + SKILLS_DIFFER * z, t.age().years()),
                Source.SCALE,
                () -> "A default by age and task; what the class hits replaces it.");
    }

    /** What moves is led, and that the aim at what stands does not tell. */
    private static Success moving(Task t, double z) {
        Success still = scale(t, z);
        return new Success(
                still.share(),
                still.source(),
                () ->
                        "A default by age and task, since %s moves: the aim alone does not tell it; what the class hits replaces it."
                                .formatted(who(t)));
    }

    private static String who(Task t) {
        return switch (Objects.requireNonNull(t.asked().facts().moving())) {
            case SELF -> "the child";
            case PARTNER -> "the partner";
            case TARGET -> "the target";
            case OPPONENT -> "the one in between";
        };
    }

    private static double spread(Task t, double z) {
        return HitChance.usualSpread(t.age()) * (1 + AIMS_DIFFER * z);
    }

    /** Sideways, and in height where it flies. */
    private static Success hits(Task t, double z) {
        Double metres = t.metres();
        Item ball = t.sent();
        Double wide = width(t);
        if (metres == null || ball == null || wide == null) return scale(t, z);
        double spread = spread(t, z);
        double share = HitChance.across(HitChance.widthToHit(wide, ball.width().metres()), metres, spread);
        if (t.travel() == FLIES)
            share *= HitChance.across(
                    HitChance.widthToHit(tall(t, wide), ball.width().metres()), metres, spread);
        return told(share * gets(t, metres, ARRIVES_AT), () -> aimed(t, ball, metres, wide, spread));
    }

    private static Success passes(Task t, double z) {
        Double metres = t.metres();
        Item ball = t.sent();
        Double wide = t.asked().opening();
        if (metres == null || ball == null || wide == null) return scale(t, z);
        double spread = spread(t, z);
        double share = HitChance.across(HitChance.widthToPass(wide, ball.width().metres()), metres, spread);
        return told(
                share * gets(t, metres, ARRIVES_AT),
                () -> Words.say(
                        "From the aim: a ball %.0f cm across through a gate of %.1f m at %.1f m, a spread of %.2f rad at %d years (a default).",
                        ball.width().metres() * 100,
                        wide,
                        metres,
                        spread,
                        t.age().years()));
    }

    private static Success topples(Task t, double z) {
        Double metres = t.metres();
        Item ball = t.sent();
        Item pin = t.target();
        int rows = rows(t.targets());
        if (metres == null || ball == null || pin == null || rows == 0) return scale(t, z);
        double spread = spread(t, z);
        double met = rows == 1
                ? HitChance.across(
                        HitChance.widthToHit(pin.width().metres(), ball.width().metres()), metres, spread)
                : HitChance.triangle(
                        rows, pin.width().metres(), PIN_GAP, ball.width().metres(), metres, spread);
        Toppling.Answer falls = t.falls();
        double felled = falls == null
                ? 1
                : switch (falls.verdict()) {
                    case LIKELY -> 1;
                    case DOUBTFUL -> FALLS_WHEN_DOUBTFUL;
                    case NO -> 0;
                };
        Supplier<String> reason = () -> Words.say(
                "From the aim: a %s and a ball %.0f cm across at %.1f m, a spread of %.2f rad at %d years (a default).",
                rows == 1 ? pin.name() : "triangle of " + t.targets() + " " + pin.many(),
                ball.width().metres() * 100,
                metres,
                spread,
                t.age().years());
        return told(met * felled, felled == 1 || falls == null ? reason : () -> reason.get() + " " + falls.reason());
    }

    /** Sideways and length together: pace is the hard part. */
    private static Success stops(Task t, double z, double usualPace) {
        Double metres = t.metres();
        Item ball = t.sent();
        Double wide = width(t);
        if (metres == null || ball == null || wide == null) return scale(t, z);
        double spread = spread(t, z);
        double pace = usualPace * (1 + AIMS_DIFFER * z);
        double share = HitChance.across(wide, metres, spread) * HitChance.along(wide, metres, pace);
        return told(
                share * gets(t, metres, 0),
                () -> Words.say(
                        "From aim and pace: %.1f m wide at %.1f m, a spread of %.2f rad sideways and %.0f %% of the pace at %d years (defaults).",
                        wide, metres, spread, pace * 100, t.age().years()));
    }

    /** Along the floor: within reach, and not stopped before. */
    private static Success arrives(Task t, double z) {
        Double metres = t.metres();
        Item ball = t.sent();
        if (metres == null || ball == null || t.travel() != ROLLS) return scale(t, z);
        double spread = spread(t, z);
        Double said = t.asked().opening();
        double reach = said == null ? REACH : said;
        double share = HitChance.across(reach + ball.width().metres(), metres, spread);
        return told(
                share * gets(t, metres, ARRIVES_AT),
                () -> Words.say(
                        "From the aim: a ball %.0f cm across within %.1f m of a partner at %.1f m, a spread of %.2f rad at %d years (a default).",
                        ball.width().metres() * 100,
                        reach,
                        metres,
                        spread,
                        t.age().years()));
    }

    /**
     * The chance that what rolls gets there at all, sent as hard as the floor asks for but not harder than a child does.
     *
     * @param at least speed there, in m/s
     */
    private static double gets(Task t, double metres, double at) {
        Item ball = t.sent();
        if (t.travel() != ROLLS || ball == null) return 1;
        double needed = Math.hypot(at, t.ground().toStopAt(ball, metres).metresPerSecond());
        double usual = usual(t).metresPerSecond();
        double meant = Math.min(usual * HARDEST, Math.max(usual, needed * HARDEST));
        return HitChance.fastEnough(needed, meant, HitChance.usualRollPace(t.age()));
    }

    private static Speed usual(Task t) {
        return t.action() == Action.KICK ? Toppling.usualPass(t.age()) : Toppling.usualRoll(t.age());
    }

    /** As hard as a child of the age sends along the floor. */
    static Speed hardest(Task t) {
        return new Speed(usual(t).metresPerSecond() * HARDEST);
    }

    private static Success told(double share, Supplier<String> reason) {
        return new Success(Math.max(0, Math.min(1, share)), Source.AIM, reason);
    }

    private static String aimed(Task t, Item ball, double metres, double wide, double spread) {
        return Words.say(
                "From the aim: a target of %.2f m and a ball %.0f cm across at %.1f m, a spread of %.2f rad at %d years (a default).",
                wide, ball.width().metres() * 100, metres, spread, t.age().years());
    }

    /** How wide the target is: what the task says, else the thing itself. */
    private static @Nullable Double width(Task t) {
        Double said = t.asked().opening();
        if (said != null) return said;
        Item target = t.target();
        return target == null ? null : target.width().metres();
    }

    private static double tall(Task t, double wide) {
        Item target = t.target();
        return target == null || target.height() == null
                ? wide
                : target.height().metres();
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
