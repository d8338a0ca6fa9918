package io.isokinet.core.motion;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import java.util.Locale;
import java.util.Objects;

/**
 * Whether a standing thing falls to a rolled ball.
 *
 * <p>The ball meets the target at its own radius and the target turns about the far edge of its foot:
 * \( m_e = I/h^2 \), \( J = (1+e)\,v\,m\,m_e/(m+m_e) \), \( E = (Jh)^2/2I \); it falls when \( E \) exceeds the energy
 * to tip \( Mg(\sqrt{c^2+(b/2)^2}-c) \). A low ball may kick the foot out instead, so the answer is "likely" only with
 * {@value #SAFE_RATIO} times the energy. Three test rolls on the floor outrank it.
 */
public final class Toppling {
    /** Standard gravity in m/s², CGPM 1901, ISO 80000-3. */
    public static final double GRAVITY = 9.80665;

    private static final double SAFE_RATIO = 3;
    private static final double HOPELESS_RATIO = 0.7;
    private static final double SOFT_RESTITUTION = 0.1;
    private static final double FIRM_RESTITUTION = 0.5;

    /** What to expect of a child's roll. */
    public enum Verdict {
        LIKELY,
        DOUBTFUL,
        NO
    }

    /** @param reason one sentence with its numbers */
    public record Answer(Verdict verdict, double delivered, double needed, String reason) {}

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

    /**
     * @param ball what is rolled
     * @param target what should fall
     * @throws IllegalArgumentException if the target does not stand
     */
    public static Answer of(Item ball, Item target, Age age) {
        if (!target.has(Trait.STANDS))
            throw new IllegalArgumentException("%s cannot topple: it does not stand. Choose a target that stands."
                    .formatted(capital(target.name())));
        double height = Objects.requireNonNull(target.height()).metres();
        double base = Objects.requireNonNull(target.base()).metres();
        double centre = Objects.requireNonNull(target.centre()).metres();
        double m = ball.mass().kilograms();
        double big = target.mass().kilograms();
        double v = usualRoll(age).metresPerSecond();
        double h = Math.min(ball.width().metres() / 2, height * 0.9);
        double inertia = big * (base * base + height * height) / 12 + big * (centre * centre + base * base / 4);
        double effective = inertia / (h * h);
        double restitution = ball.has(Trait.SOFT) ? SOFT_RESTITUTION : FIRM_RESTITUTION;
        double impulse = (1 + restitution) * v * m * effective / (m + effective);
        double delivered = impulse * h * impulse * h / (2 * inertia);
        double needed = energyToTip(
                target.mass(), Objects.requireNonNull(target.centre()), Objects.requireNonNull(target.base()));
        double ratio = delivered / needed;
        Verdict verdict =
                ratio >= SAFE_RATIO ? Verdict.LIKELY : ratio >= HOPELESS_RATIO ? Verdict.DOUBTFUL : Verdict.NO;
        String reason = String.format(
                Locale.ROOT,
                switch (verdict) {
                    case LIKELY -> "%s will fall to %s: a roll brings about %.0f mJ where %.1f mJ tip it.";
                    case DOUBTFUL ->
                        "%s may not fall to %s: a roll brings about %.0f mJ and %.1f mJ tip it. Try three rolls first.";
                    case NO -> "%s will not fall to %s: a roll brings about %.0f mJ, %.1f mJ are needed.";
                },
                capital(target.many()),
                ball.many(),
                delivered * 1000,
                needed * 1000);
        return new Answer(verdict, delivered, needed, reason);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
