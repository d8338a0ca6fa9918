package io.isokinet.core.figure;

import io.isokinet.core.quantity.Age;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** Draws key poses side by side, to look at; main writes an SVG. */
final class Strip {
    private Strip() {}

    static String svg(Movement m, Body body, List<View> views, boolean mirrored) {
        int wide = 150;
        StringBuilder out = new StringBuilder();
        int n = 8;
        out.append("<svg xmlns='http://www.w3.org/2000/svg' width='%d' height='%d' style='background:#f7f2e9'>"
                .formatted(n * wide, views.size() * 200));
        for (int v = 0; v < views.size(); v++)
            for (int i = 0; i < n; i++) {
                double at = m.moments().get(0).at() + m.seconds() * i / (n - 1);
                Figure f = m.figure(body, at);
                Sketch s = Sketch.of(f, views.get(v), mirrored);
                View view = views.get(v);
                double scale = 170 / (body.stature() * 1.25);
                out.append(String.format(
                        Locale.ROOT,
                        "<g transform='translate(%d,%d) scale(%.3f)'>",
                        i * wide + 60,
                        v * 200 + 185,
                        scale));
                out.append("<path d='M-0.6 0H0.8' stroke='#b9ae98' stroke-width='0.01'/>");
                for (Sketch.Limb l : s.limbs())
                    out.append(String.format(
                            Locale.ROOT,
                            "<path d='M%.3f %.3fL%.3f %.3f' stroke='%s' stroke-width='%.3f' stroke-linecap='round'/>",
                            l.x1(),
                            l.y1(),
                            l.x2(),
                            l.y2(),
                            l.of() == Sketch.Of.OWN ? "#0f5f4c" : l.of() == Sketch.Of.OTHER ? "#7fae9f" : "#33514a",
                            l.wide()));
                out.append(String.format(
                        Locale.ROOT,
                        "<circle cx='%.3f' cy='%.3f' r='%.3f' fill='#33514a'/><circle cx='%.3f' cy='%.3f' r='0.02' fill='#b23a0e'/>",
                        s.head().x(),
                        s.head().y(),
                        s.head().radius(),
                        s.head().faceX(),
                        s.head().faceY()));
                m.ball(body, at).ifPresent(b -> {
                    View.Drawn d = view.draw(b, mirrored);
                    out.append(String.format(
                            Locale.ROOT,
                            "<circle cx='%.3f' cy='%.3f' r='0.035' fill='#b23a0e'/>",
                            d.right(),
                            d.down()));
                });
                out.append("</g>");
            }
        return out.append("</svg>").toString();
    }

    public static void main(String[] arguments) throws IOException {
        Body body = Body.of(new Age(8));
        Files.writeString(
                Path.of(arguments[0]),
                svg(OverarmThrow.movement(), body, List.of(View.OWN_SIDE, View.FRONT, View.BEHIND), false));
        OverarmThrow.cues().forEach((key, q) -> System.out.println(key + " " + q.of(OverarmThrow.movement(), body)));
        OverarmThrow.faults().forEach((key, changes) -> {
            StringBuilder hidden = new StringBuilder();
            OverarmThrow.cues().forEach((k, q) -> {
                if (!q.of(OverarmThrow.movement().with(changes), body).shown())
                    hidden.append(k).append(' ');
            });
            System.out.println("fault of " + key + " hides " + hidden);
        });
        for (double t = 0; t <= 1.35; t += 0.05)
            if (!OverarmThrow.movement().figure(body, t).reaches()) System.out.println("does not reach at " + t);
    }
}
