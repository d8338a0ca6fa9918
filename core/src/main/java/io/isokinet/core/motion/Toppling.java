package io.isokinet.core.motion;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoublePredicate;

/**
 * Whether a standing thing falls to a rolled ball, and how.
 *
 * <p>A planar impact at the height h of the ball's middle, at rest before, restitution e, friction \( \mu \) at the foot;
 * M, c, b mass, height of the centre and width of the foot, \( I_c \) and \( I \) the inertia about the centre and about the far
 * edge. Three ways to fall, each compared with the energy to tip \( Mg(\sqrt{c^2+(b/2)^2}-c) \):
 * <ul>
 * <li>what is much lighter than the ball is carried along at its speed, and falls over its foot, \( E = M v'^2/2 \) with
 *     \( v' = v\,m/(m+M) \);
 * <li>it tips over the far edge where friction holds the foot through the impact,
 *     \( |1 - Mch/I| \le \mu\,Mhb/2I \): \( m_e = I/h^2 \), \( E = (Jh)^2/2I \);
 * <li>else it moves freely, \( 1/m_e = 1/M + (h-c)^2/I_c \), and turns: a low ball kicks the foot out, a high one tips it,
 *     \( E = J^2(c-h)^2/2I_c \); a foot that is kicked out slides a quarter of its width against friction while the middle moves as far, which costs
 *     \( \mu Mg\,b/4 \) more;
 * <li>or it slides and trips over its far edge, where \( \mu \ge b/2c \): \( E = (Jc)^2/2I \).
 * </ul>
 * With \( J = (1+e)\,v\,m\,m_e/(m+m_e) \). "Likely" asks for {@value #SAFE_RATIO} times the energy, so that a roll of 0.58 of
 * the usual speed still does it; "no" means that one of 1.2 times does not. Three test rolls on the floor outrank it.
 */
public final class Toppling {
    /** Standard gravity in m/s², CGPM 1901, ISO 80000-3. */
    public static final double GRAVITY = 9.80665;

    private static final double SAFE_RATIO = 3;
    private static final double HOPELESS_RATIO = 0.7;
    private static final double SOFT_RESTITUTION = 0.1;
    private static final double FIRM_RESTITUTION = 0.5;
    /** Plastic and paper on a hall floor. Common practice. */
    private static final double FRICTION = 0.4;
    /** Below this share of the ball's mass a target is carried along instead of struck. Common practice. */
    private static final double PLOUGHED_SHARE = 0.25;
    /** Where a roll meets a target at most, and where a throw does, as shares of its height. Common practice. */
    private static final double LOW = 0.9;

    private static final double HIGH = 0.6;

    /** What to expect of a child's roll. */
    public enum Verdict {
        LIKELY,
        DOUBTFUL,
        NO
    }

    /** How it falls, or that it does not. */
    public enum Way {
        TIPS("tip over"),
        FOOT_KICKED_OUT("have their foot kicked out"),
        TRIPS("slide and trip"),
        SLIDES("slide"),
        PLOUGHED("are carried along and fall"),
        NOT_REACHED("stand, for the roll stops before them");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param delivered joules that a usual roll brings
     * @param needed joules that tip it
     * @param reason one sentence with its numbers
     */
    public record Answer(Verdict verdict, Way way, double delivered, double needed, String reason) {}

    private Toppling() {}

    /**
     * Energy in joules to tip a standing thing about the edge of its foot.
     *
     * @param centre height of the centre of mass
     * @param base width of the foot, more than zero
     */
    public static double energyToTip(Mass mass, Length centre, Length base) {
        double c = centre.metres();
        double half = base.metres() / 2;
        return mass.kilograms() * GRAVITY * (Math.hypot(c, half) - c);
    }

    /** How fast a child of this age rolls a ball at a target: 2 m/s at five, 0.4 m/s more a year, to 4 m/s. Common practice. */
    public static Speed usualRoll(Age age) {
        return new Speed(Math.min(4, Math.max(1.6, 2 + 0.4 * (age.years() - 5))));
    }

    /** How fast a child of this age throws at a target: 5 m/s at five, 0.7 m/s more a year, to 9 m/s. Common practice. */
    public static Speed usualThrow(Age age) {
        return new Speed(Math.min(9, Math.max(4.3, 5 + 0.7 * (age.years() - 5))));
    }

    /** How fast a child of this age passes along the floor with the foot: 3.5 m/s at five, 0.7 m/s more a year, to 7 m/s. Common practice. */
    public static Speed usualPass(Age age) {
        return new Speed(Math.min(7, Math.max(3, 3.5 + 0.7 * (age.years() - 5))));
    }

    /**
     * To a usual roll let go close by.
     *
     * @param ball what is rolled
     * @param target what should fall
     * @throws IllegalArgumentException if the target does not stand
     */
    public static Answer of(Item ball, Item target, Age age) {
        return of(ball, target, usualRoll(age), Math.min(ball.width().metres() / 2, LOW * height(target)));
    }

    /** To a usual roll over so many metres of this floor. */
    public static Answer rolled(Item ball, Item target, Age age, Ground ground, double metres) {
        Speed arrives = ground.after(ball, usualRoll(age), metres);
        if (arrives.metresPerSecond() > 0)
            return of(ball, target, arrives, Math.min(ball.width().metres() / 2, LOW * height(target)));
        double needed = energyToTip(target.mass(), centre(target), base(target));
        return new Answer(
                Verdict.NO,
                Way.NOT_REACHED,
                0,
                needed,
                Words.say(
                        "%s will not fall to %s: a usual roll stops after %.1f m on %s and they stand at %.1f m.",
                        Words.capital(target.many()),
                        ball.many(),
                        ground.runsOn(ball, usualRoll(age)).metres(),
                        ground.floor().label(),
                        metres));
    }

    /** To a throw that meets it in the upper half. */
    public static Answer thrown(Item ball, Item target, Age age) {
        return of(ball, target, usualThrow(age), HIGH * height(target));
    }

    private static Answer of(Item ball, Item target, Speed speed, double at) {
        Hit hit = hit(
                ball,
                target.mass().kilograms(),
                height(target),
                base(target).metres(),
                centre(target).metres(),
                speed.metresPerSecond(),
                at);
        double ratio = hit.joules() / hit.needed();
        Verdict verdict =
                ratio >= SAFE_RATIO ? Verdict.LIKELY : ratio >= HOPELESS_RATIO ? Verdict.DOUBTFUL : Verdict.NO;
        String reason = Words.say(
                switch (verdict) {
                    case LIKELY -> "%s will fall to %s: they %s, it brings about %.0f mJ where %.1f mJ do it.";
                    case DOUBTFUL ->
                        "%s may not fall to %s: they %s, it brings about %.0f mJ and %.1f mJ do it. Try three rolls first.";
                    case NO -> "%s will not fall to %s: they %s, it brings about %.0f mJ, %.1f mJ are needed.";
                },
                Words.capital(target.many()),
                ball.many(),
                hit.way().words(),
                hit.joules() * 1000,
                hit.needed() * 1000);
        return new Answer(verdict, hit.way(), hit.joules(), hit.needed(), reason);
    }

    private static double height(Item target) {
        stands(target);
        return Objects.requireNonNull(target.height()).metres();
    }

    private static Length base(Item target) {
        return Objects.requireNonNull(target.base());
    }

    private static Length centre(Item target) {
        return Objects.requireNonNull(target.centre());
    }

    private static void stands(Item target) {
        if (!target.has(Trait.STANDS))
            throw new IllegalArgumentException("%s cannot topple: it does not stand. Choose a target that stands."
                    .formatted(Words.capital(target.name())));
    }

    /**
     * What three test rolls on the floor say; they outrank the computation.
     *
     * @param fell 0 to 3 of the three rolls
     */
    public static Answer tried(Item ball, Item target, int fell) {
        if (fell < 0 || fell > 3)
            throw new IllegalArgumentException("Of three rolls 0 to 3 can fall it, not %d.".formatted(fell));
        return new Answer(
                fell == 3 ? Verdict.LIKELY : fell == 0 ? Verdict.NO : Verdict.DOUBTFUL,
                fell == 0 ? Way.SLIDES : Way.TIPS,
                0,
                0,
                "%s fell to %s in %d of 3 test rolls.".formatted(Words.capital(target.many()), ball.many(), fell));
    }

    /**
     * The greatest mass at which a target of this shape still falls: what to fill a bottle to.
     *
     * @return empty if not even a tenth of its mass would fall
     */
    public static Optional<Mass> heaviest(Item ball, Item target, Age age) {
        double v = usualRoll(age).metresPerSecond();
        double height = height(target);
        double at = Math.min(ball.width().metres() / 2, LOW * height);
        DoublePredicate falls = kilograms -> {
            Hit hit = hit(
                    ball,
                    kilograms,
                    height,
                    base(target).metres(),
                    centre(target).metres(),
                    v,
                    at);
            return hit.joules() >= SAFE_RATIO * hit.needed();
        };
        double light = target.mass().kilograms() / 10;
        double heavy = 5;
        if (!falls.test(light)) return Optional.empty();
        if (falls.test(heavy)) return Optional.of(new Mass(heavy));
        for (int i = 0; i < 40; i++) {
            double middle = (light + heavy) / 2;
            if (falls.test(middle)) light = middle;
            else heavy = middle;
        }
        return Optional.of(new Mass(light));
    }

    private record Hit(Way way, double joules, double needed) {}

    /** @param h height at which it is met */
    private static Hit hit(Item ball, double big, double height, double base, double centre, double v, double h) {
        double m = ball.mass().kilograms();
        double tips = energyToTip(new Mass(big), new Length(centre), new Length(base));
        if (big < PLOUGHED_SHARE * m) {
            double along = v * m / (m + big);
            return new Hit(Way.PLOUGHED, big * along * along / 2, tips);
        }
        double own = big * (base * base + height * height) / 12;
        double inertia = own + big * (centre * centre + base * base / 4);
        double restitution = ball.has(Trait.SOFT) ? SOFT_RESTITUTION : FIRM_RESTITUTION;
        boolean footHolds = Math.abs(1 - big * centre * h / inertia) <= FRICTION * big * h * base / 2 / inertia;
        double effective = footHolds ? inertia / (h * h) : 1 / (1 / big + (h - centre) * (h - centre) / own);
        double impulse = (1 + restitution) * v * m * effective / (m + effective);
        if (footHolds) return new Hit(Way.TIPS, impulse * h * impulse * h / (2 * inertia), tips);
        double turn = impulse * impulse * (centre - h) * (centre - h) / (2 * own);
        double slid = h < centre ? tips + FRICTION * big * GRAVITY * base / 4 : tips;
        double trip = FRICTION >= base / 2 / centre ? impulse * centre * impulse * centre / (2 * inertia) : 0;
        Hit turned = new Hit(h < centre ? Way.FOOT_KICKED_OUT : Way.TIPS, turn, slid);
        Hit tripped = new Hit(Way.TRIPS, trip, tips);
        Hit better = trip > turn ? tripped : turned;
        return better.joules() < HOPELESS_RATIO * better.needed()
                ? new Hit(Way.SLIDES, better.joules(), better.needed())
                : better;
    }
}
