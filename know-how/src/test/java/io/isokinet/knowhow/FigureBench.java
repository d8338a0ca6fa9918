package io.isokinet.knowhow;

import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Clip;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Question;
import io.isokinet.core.quantity.Age;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What figures cost in the core: a picture, a clip of one movement, a question; over every shipped movement. */
final class FigureBench {
    private static final int ROUNDS = 5;

    private FigureBench() {}

    public static void main(String[] arguments) {
        List<Demonstration> all = List.copyOf(
                PackReader.shipped().knowHow().library().demonstrations().values());
        Body body = Body.of(new Age(8));
        double picture = 0;
        double question = 0;
        int pictures = 0;
        int questions = 0;
        List<Integer> weights = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            pictures = 0;
            questions = 0;
            weights.clear();
            long start = System.nanoTime();
            for (Demonstration d : all) {
                Clip clip = Clip.of(d.model(), body, Clip.USUAL_RATE);
                pictures += clip.frames().size();
                weights.add(clip.frames().size() * clip.spots().size() * 3);
            }
            picture = (System.nanoTime() - start) / 1e6 / pictures;
            start = System.nanoTime();
            for (Demonstration d : all)
                for (Demonstration.Shown s : d.cues().values()) {
                    Question q = s.question();
                    if (q == null) continue;
                    for (Demonstration.Wrong w : s.faults()) {
                        Movement m = w.movement();
                        if (m == null) continue;
                        q.of(m.on(body), Gauge.Sided.RIGHT);
                        questions++;
                    }
                }
            question = (System.nanoTime() - start) / 1e6 / questions;
        }
        System.out.printf(Locale.UK, "| a picture in the core, of %d | %.3f ms |%n", pictures, picture);
        System.out.printf(Locale.UK, "| a cue asked of a movement, of %d | %.2f ms |%n", questions, question);
        System.out.printf(
                Locale.UK,
                "| numbers in a clip, median and most of %d | %d, %d |%n",
                weights.size(),
                weights.stream().sorted().toList().get(weights.size() / 2),
                weights.stream().mapToInt(w -> w).max().orElse(0));
    }
}
