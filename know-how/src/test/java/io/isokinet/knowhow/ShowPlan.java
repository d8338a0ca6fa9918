package io.isokinet.knowhow;

import io.isokinet.core.lesson.*;
import io.isokinet.core.unit.*;

public class ShowPlan {
    public static void main(String[] a) {
        long t0 = System.nanoTime();
        var o = new ConstructivePlanner()
                .plan(
                        Fixtures.problem(
                                Integer.parseInt(a[0]),
                                Integer.parseInt(a[1]),
                                Integer.parseInt(a[2]),
                                Integer.parseInt(a[3]),
                                Fixtures.HALL,
                                a[4]),
                        Fixtures.ids(),
                        3000);
        System.out.println((System.nanoTime() - t0) / 1e6 + " ms");
        if (o instanceof Outcome.Planned p) {
            System.out.println(p.score() + " " + p.evaluations());
            for (var l : p.plan().lessons()) {
                System.out.println("---");
                for (var s : l)
                    System.out.println(s.minutes() + "' " + s.activity().name() + " r" + s.level() + " new "
                            + s.introduces() + " focus " + s.focus() + " watch " + s.watch() + " tries " + s.tries()
                            + " "
                            + (s.fit() instanceof Fit.Works w
                                    ? w.formation() + " | "
                                            + w.kit().stream()
                                                    .map(k -> k.words()
                                                            + (k.effect() != null ? "(" + k.effect() + ")" : ""))
                                                    .toList()
                                    : s.fit()));
            }
            System.out.println("left " + p.plan().leftOver());
            Rules.strains(p.plan())
                    .forEach(s -> System.out.println(s.rule().level() + " " + s.cost() + " " + s.sentence()));
        } else System.out.println(o);
        for (int i = 0; i < 5; i++) {
            t0 = System.nanoTime();
            new ConstructivePlanner()
                    .plan(
                            Fixtures.problem(
                                    Integer.parseInt(a[0]),
                                    Integer.parseInt(a[1]),
                                    Integer.parseInt(a[2]),
                                    Integer.parseInt(a[3]),
                                    Fixtures.HALL,
                                    a[4]),
                            Fixtures.ids(),
                            3000);
            System.out.println((System.nanoTime() - t0) / 1e6 + " ms");
        }
    }
}
