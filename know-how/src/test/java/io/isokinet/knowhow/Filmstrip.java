package io.isokinet.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Sketch;
import io.isokinet.core.figure.Soundness;
import io.isokinet.core.figure.View;
import io.isokinet.core.quantity.Age;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/** Reads a file of movements, says what is not as it must be, and draws strips of pictures to look at: the model, or a fault. */
final class Filmstrip {
    private static final int PICTURES = 8;
    private static final int WIDE = 170;
    private static final int HIGH = 210;

    private Filmstrip() {}

    private static String svg(Movement m, Body body, List<View> views) {
        StringBuilder out = new StringBuilder();
        out.append("<svg xmlns='http://www.w3.org/2000/svg' width='%d' height='%d' style='background:#f7f2e9'>"
                .formatted(PICTURES * WIDE, views.size() * HIGH));
        for (int v = 0; v < views.size(); v++)
            for (int i = 0; i < PICTURES; i++) {
                double at = m.moments().get(0).at() + m.seconds() * i / (PICTURES - 1);
                View view = views.get(v);
                Sketch s = Sketch.of(m, body, at, view, false);
                double scale = 150 / (body.stature() * 1.2);
                double middle = view.draw(m.on(body).at(io.isokinet.core.figure.Spot.HIPS, at), false)
                        .right();
                out.append(String.format(
                        Locale.ROOT,
                        "<g transform='translate(%.0f,%d) scale(%.3f) translate(%.3f,0)'>",
                        i * WIDE + WIDE / 2.0,
                        v * HIGH + HIGH - 15,
                        scale,
                        -middle));
                out.append(String.format(
                        Locale.ROOT,
                        "<path d='M%.2f 0H%.2f' stroke='#b9ae98' stroke-width='0.01'/>",
                        middle - 0.65,
                        middle + 0.65));
                for (Sketch.Limb l : s.limbs()) limb(out, l, colour(l.of()));
                out.append(String.format(
                        Locale.ROOT,
                        "<circle cx='%.3f' cy='%.3f' r='%.3f' fill='#33514a'/><circle cx='%.3f' cy='%.3f' r='0.02' fill='#b23a0e'/>",
                        s.head().x(),
                        s.head().y(),
                        s.head().radius(),
                        s.head().faceX(),
                        s.head().faceY()));
                s.thing().ifPresent(t -> limb(out, t, "#8a6d3b"));
                for (Sketch.Round b : s.balls())
                    out.append(String.format(
                            Locale.ROOT,
                            "<circle cx='%.3f' cy='%.3f' r='%.3f' fill='#b23a0e'/>",
                            b.x(),
                            b.y(),
                            b.radius()));
                out.append("</g>");
            }
        return out.append("</svg>").toString();
    }

    private static String colour(Sketch.Of of) {
        return of == Sketch.Of.OWN ? "#0f5f4c" : of == Sketch.Of.OTHER ? "#7fae9f" : "#33514a";
    }

    private static void limb(StringBuilder out, Sketch.Limb l, String colour) {
        out.append(String.format(
                Locale.ROOT,
                "<path d='M%.3f %.3fL%.3f %.3f' stroke='%s' stroke-width='%.3f' stroke-linecap='round'/>",
                l.x1(),
                l.y1(),
                l.x2(),
                l.y2(),
                colour,
                l.wide()));
    }

    /** What each fault hides beside its own cue, at all ages, and what at some. */
    private static void hides(Demonstration d) {
        d.cues().forEach((cue, shown) -> shown.faults().forEach(w -> {
            if (w.movement() == null) return;
            Set<String> all = new TreeSet<>();
            Set<String> some = new TreeSet<>();
            d.cues().forEach((key, other) -> {
                if (other.question() == null || key.equals(cue)) return;
                int hidden = 0;
                for (int age : new int[] {5, 8, 11})
                    if (!other.question()
                            .of(w.movement().on(Body.of(new Age(age))), Gauge.Sided.RIGHT)
                            .shown()) hidden++;
                if (hidden == 3) all.add(key);
                else if (hidden > 0) some.add(key);
            });
            System.out.println(String.join("\t", cue, w.seen(), String.join(", ", all), String.join(", ", some)));
        }));
    }

    /** @param arguments a file of movements, then where the SVG goes, then what a fault is seen as; the last two may be left out */
    public static void main(String[] arguments) throws IOException {
        Path file = Path.of(arguments[0]);
        Demonstration d;
        try {
            d = MovementMapper.of(Located.read(file.toString(), Files.readString(file)).tree);
        } catch (IllegalArgumentException e) {
            System.out.println(file.getFileName() + ": " + e.getMessage());
            return;
        }
        Set<String> said = new HashSet<>();
        for (Finding f : Soundness.of(d))
            if (said.add(f.where() + f.message().replaceAll(" at \\d.*", "")))
                System.out.println(f.where() + ": " + f.message());
        if (arguments.length < 2) return;
        if (arguments[1].equals("values")) {
            d.cues().forEach((cue, shown) -> {
                if (shown.question() instanceof Question.All all)
                    for (Question q : all.of())
                        System.out.println(cue + ": "
                                + q.of(d.model().on(Body.of(new Age(8))), Gauge.Sided.RIGHT)
                                        .sentence());
            });
            return;
        }
        if (arguments[1].equals("hides")) {
            hides(d);
            return;
        }
        Movement m = arguments.length < 3
                ? d.model()
                : d.cues().values().stream()
                        .flatMap(s -> s.faults().stream())
                        .filter(w -> w.seen().equals(arguments[2]) && w.movement() != null)
                        .findFirst()
                        .orElseThrow()
                        .movement();
        Files.writeString(
                Path.of(arguments[1]), svg(m, Body.of(new Age(8)), List.of(View.OWN_SIDE, View.FRONT, View.BEHIND)));
    }
}
