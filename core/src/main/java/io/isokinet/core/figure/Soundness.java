package io.isokinet.core.figure;

import io.isokinet.core.check.Finding;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Whether a demonstration is true: the model shows every cue, each fault hides its own and, unless said, no other; limbs reach, no joint goes
 * beyond its range, no foot slides or sinks, and the ball is met. At five, eight and eleven.
 */
public final class Soundness {
    private static final List<Body> BODIES = List.of(Body.of(new Age(5)), Body.of(new Age(8)), Body.of(new Age(11)));
    private static final double STEP = 1.0 / 40;
    private static final double SINKS = 0.012;
    private static final double SLIDES = 0.012;
    private static final double FLAT = 0.003;
    /** How far from what meets it a ball may be, of stature, beyond its radius. */
    private static final double MEETS = 0.09;

    private static final double JUMPS = 0.07;

    private final Demonstration shown;
    private final List<Finding> findings = new ArrayList<>();

    private Soundness(Demonstration shown) {
        this.shown = shown;
    }

    /** Everything that is not as it must be; the place of a finding is the cue, or the skill. */
    public static List<Finding> of(Demonstration shown) {
        return new Soundness(shown).all();
    }

    private List<Finding> all() {
        moves(shown.skill(), "the model", shown.model());
        hides(shown.skill(), "The model", shown.model(), Set.of());
        shown.variants().forEach((name, v) -> {
            moves(shown.skill(), "“" + name + "”", v.movement());
            hides(shown.skill(), "“" + name + "”", v.movement(), v.hides());
        });
        shown.cues().forEach((cue, s) -> s.faults().forEach(w -> {
            Movement m = w.movement();
            if (m == null) return;
            moves(cue, "“" + w.seen() + "”", m);
            Set<String> hidden = new LinkedHashSet<>(w.hides());
            if (s.question() != null) hidden.add(cue);
            hides(cue, "“" + w.seen() + "”", m, hidden);
        }));
        return findings;
    }

    /** Just the cues named are not shown. */
    private void hides(String at, String what, Movement m, Set<String> hidden) {
        for (Body b : BODIES) {
            Motion motion = m.on(b);
            shown.cues().forEach((cue, s) -> {
                Question q = s.question();
                if (q == null) return;
                Question.Answer a;
                try {
                    a = q.of(motion, Gauge.Sided.WRITTEN);
                } catch (IllegalArgumentException e) {
                    add("figure-asks", cue, "%s: %s".formatted(what, e.getMessage()));
                    return;
                }
                if (a.shown() == hidden.contains(cue))
                    add(
                            a.shown() ? "figure-hides" : "figure-shows",
                            at,
                            Words.say(
                                    "%s %s the cue (%s) at %.2f m: %s",
                                    what, a.shown() ? "shows" : "does not show", cue, b.stature(), a.sentence()));
            });
        }
    }

    private void moves(String at, String what, Movement m) {
        for (Body b : BODIES) {
            Played p = new Played(m, b);
            Optional<Wrong> wrong = Optional.empty();
            for (double t = p.start(); t <= p.end() + 1e-9 && wrong.isEmpty(); t += STEP)
                wrong = wrong(p, t, m.handled().drags());
            wrong.ifPresent(w -> add(
                    "figure-moves",
                    at,
                    Words.say("%s at %.2f m: %s at %.2f s.", what, b.stature(), w.words(), w.at())));
            for (int i = 0; i < m.handled().balls().size(); i++)
                ball(at, what, p, m.handled().balls().get(i), Ball.SPOTS.get(i));
        }
    }

    private record Wrong(String words, double at) {}

    /** What a body cannot do, at a time. */
    private static Optional<Wrong> wrong(Played p, double t, boolean drags) {
        if (!p.figure(t).reaches()) return Optional.of(new Wrong("a foot is out of reach", t));
        for (Joint j : Joint.values())
            if (j.bend(p, t) > j.most())
                return Optional.of(new Wrong(
                        Words.say(
                                "%s bends by %.0f degrees; %.0f is the most",
                                Gauge.Sided.WRITTEN.of(j.at()), j.bend(p, t), j.most()),
                        t));
        for (Spot s : List.of(Spot.OWN_HEEL, Spot.OWN_TOE, Spot.OTHER_HEEL, Spot.OTHER_TOE))
            if (p.at(s, t).up() < -SINKS)
                return Optional.of(new Wrong(Gauge.Sided.WRITTEN.of(s) + " is under the floor", t));
        if (!drags && (slides(p, t, true) || slides(p, t, false))) return Optional.of(new Wrong("a foot slides", t));
        return Optional.empty();
    }

    /** No point of a sole that is on the floor stays where it was. */
    private static boolean slides(Played p, double t, boolean own) {
        Spot heel = own ? Spot.OWN_HEEL : Spot.OTHER_HEEL;
        Spot toe = own ? Spot.OWN_TOE : Spot.OTHER_TOE;
        double least = Double.POSITIVE_INFINITY;
        for (double share : new double[] {0, 0.25, 0.75, 1}) {
            Vec before = p.at(heel, t - STEP)
                    .times(1 - share)
                    .plus(p.at(toe, t - STEP).times(share));
            Vec now = p.at(heel, t).times(1 - share).plus(p.at(toe, t).times(share));
            if (before.up() < FLAT * p.stature() && now.up() < FLAT * p.stature())
                least = Math.min(least, Math.hypot(now.forward() - before.forward(), now.own() - before.own()));
        }
        return least != Double.POSITIVE_INFINITY && least > SLIDES * p.stature();
    }

    private void ball(String at, String what, Played p, Ball ball, Spot spot) {
        for (int i = 0; i < ball.legs().size(); i++) {
            Ball.Leg leg = ball.legs().get(i);
            double begins = i == 0 ? p.start() : p.time(ball.legs().get(i - 1).until());
            Spot meets = leg.with();
            boolean met = i > 0
                    && leg.how() == Ball.How.GOES
                    && meets != null
                    && meets != ball.legs().get(i - 1).with();
            if (met) {
                double far = p.at(meets, begins).minus(p.at(spot, begins)).length() - ball.radius();
                if (far > MEETS * p.stature())
                    add(
                            "figure-ball",
                            at,
                            Words.say(
                                    "%s at %.2f m: %s is %.0f cm from the ball as it meets it; at most %.0f may it be.",
                                    what,
                                    p.stature(),
                                    Gauge.Sided.WRITTEN.of(meets),
                                    far * 100,
                                    MEETS * p.stature() * 100));
            }
            if (i > 0) {
                double jump = p.at(spot, begins + 1e-4)
                        .minus(p.at(spot, begins - 1e-4))
                        .length();
                if (jump > JUMPS * p.stature())
                    add(
                            "figure-ball",
                            at,
                            Words.say(
                                    "%s at %.2f m: the ball jumps %.0f cm at “%s”.",
                                    what,
                                    p.stature(),
                                    jump * 100,
                                    ball.legs().get(i - 1).until()));
            }
        }
    }

    private void add(String rule, String where, String message) {
        if (findings.stream()
                .noneMatch(f -> f.rule().equals(rule)
                        && f.where().equals(where)
                        && f.message().equals(message))) findings.add(new Finding(rule, where, message));
    }
}
