package io.isokinet.core.eye;

import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Question;
import io.isokinet.core.quantity.Age;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * One cue, many children: each comes, does it, and goes.
 *
 * @param cue its key
 * @param children in the order in which they come
 */
public record Round(String cue, Level level, List<Child> children) {
    /** Two minutes at about ten seconds a child. */
    public static final int CHILDREN = 12;

    private static final int YOUNGEST = 5;
    private static final int AGES = 7;
    private static final double LEFT = 0.15;
    private static final double DISTRACTED = 0.5;
    private static final int TRIES = 8;

    public Round {
        children = List.copyOf(children);
    }

    /**
     * A child that comes.
     *
     * @param fault what it does wrong about this cue, as the cue names it; null where nothing
     * @param left true for a left-hander
     * @param beside degrees off the best place from which it is seen
     * @param times how often it does it
     * @param answer whether the cue is there, and the picture that decides
     */
    public record Child(
            Movement movement,
            Body body,
            @Nullable String fault,
            boolean left,
            int beside,
            int times,
            Question.Answer answer) {}

    /**
     * Draws a round. Whether a cue is there is asked of the movement that was drawn, not of the name of what was drawn in: a fault that is
     * nearly right may still show it.
     *
     * @param seed the same seed draws the same round
     * @throws IllegalArgumentException if a figure cannot show this cue
     */
    public static Round draw(Demonstration shown, String cue, Level level, int age, long seed) {
        Question question = shown.question(cue)
                .orElseThrow(() -> new IllegalArgumentException(
                        "No figure shows the cue (%s); choose one that a figure can show.".formatted(cue)));
        Random random = new Random(seed);
        List<Demonstration.Wrong> wrong = shown.cues().get(cue).faults().stream()
                .filter(w -> w.movement() != null)
                .toList();
        List<Child> children = new ArrayList<>();
        for (int i = 0; i < CHILDREN; i++) {
            boolean there = wrong.isEmpty() || random.nextBoolean();
            children.add(child(shown, cue, question, wrong, level, age, there, random));
        }
        return new Round(cue, level, children);
    }

    private static Child child(
            Demonstration shown,
            String cue,
            Question question,
            List<Demonstration.Wrong> wrong,
            Level level,
            int age,
            boolean there,
            Random random) {
        Body body = Body.of(new Age(Math.max(YOUNGEST, Math.min(YOUNGEST + AGES - 1, age + random.nextInt(3) - 1))))
                .times(0.94 + 0.12 * random.nextDouble());
        double pace = level.slower() * (0.9 + 0.2 * random.nextDouble());
        boolean left = random.nextDouble() < LEFT;
        int beside = level.beside() == 0 ? 0 : random.nextInt(2 * level.beside() + 1) - level.beside();
        Gauge.Sided sides = left ? Gauge.Sided.LEFT : Gauge.Sided.RIGHT;
        String fault = null;
        Movement movement = shown.model();
        for (int tried = 0; tried < TRIES; tried++) {
            fault = null;
            movement = shown.model();
            if (!there) {
                Demonstration.Wrong w = wrong.get(random.nextInt(wrong.size()));
                double share = level.whole() + (1 - level.whole()) * random.nextDouble();
                movement = shown.model().towards(whole(w), share);
                fault = w.seen();
            } else if (level.distracts() && random.nextDouble() < DISTRACTED) movement = distracted(shown, cue, random);
            // A movement that shows what it was not drawn to show is drawn anew; on a hard level it may stay.
            if (question.of(movement.on(body), sides).shown() == there || tried == TRIES - 1) break;
        }
        Movement done = movement.slower(pace);
        return new Child(done, body, fault, left, beside, level.times(), question.of(done.on(body), sides));
    }

    private static Movement whole(Demonstration.Wrong w) {
        Movement movement = w.movement();
        if (movement == null) throw new IllegalStateException("Impossible state: a fault that is not drawn.");
        return movement;
    }

    /** Something else is wrong, which leaves this cue as it is. */
    private static Movement distracted(Demonstration shown, String cue, Random random) {
        List<Movement> others = new ArrayList<>();
        for (Map.Entry<String, Demonstration.Shown> e : shown.cues().entrySet())
            if (!e.getKey().equals(cue) && e.getValue().question() != null)
                for (Demonstration.Wrong w : e.getValue().faults())
                    if (w.movement() != null && !w.hides().contains(cue)) others.add(w.movement());
        return others.isEmpty() ? shown.model() : others.get(random.nextInt(others.size()));
    }
}
