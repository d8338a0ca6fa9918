package io.isokinet.server.paper;

import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Moment;
import io.isokinet.core.figure.Motion;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Sketch;
import io.isokinet.core.figure.Spot;
import io.isokinet.core.figure.View;
import io.isokinet.core.skill.Seen;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;

/** A figure as a strip of pictures for paper: dark and grey tell the sides of the body, a ring what the cue is about. */
public final class FigureSvg {
    private static final String INK = "#22302E";
    private static final String GREY = "#9AA29F";
    /** Breadth and height of a picture, in statures. */
    private static final double BROAD = 1.15;

    private static final double HIGH = 1.35;
    private static final double BELOW = 0.06;
    /** Two moments this near in time look alike, in seconds. */
    private static final double ALIKE = 0.04;

    private final StringBuilder out = new StringBuilder();
    private final boolean mirrored;

    private FigureSvg(boolean mirrored) {
        this.mirrored = mirrored;
    }

    /**
     * The key poses of a movement side by side, the one that decides ringed.
     *
     * @param question what the cue asks of it
     * @param seen from where it is seen best
     * @param millimetres how broad it is on the paper
     * @param pictures how many at most, at least two
     * @param left true for a left-hander, who is the mirror
     */
    public static String strip(
            Movement movement,
            Body body,
            Question question,
            Seen seen,
            double millimetres,
            int pictures,
            boolean left) {
        return new FigureSvg(left).drawn(movement, body, question, seen, millimetres, pictures);
    }

    private String drawn(Movement movement, Body body, Question question, Seen seen, double millimetres, int pictures) {
        Motion motion = movement.on(body);
        double decides = question.of(motion, Gauge.Sided.RIGHT).at();
        List<Double> times = times(movement, decides, pictures);
        double wide = BROAD * body.stature();
        double high = (HIGH + BELOW) * body.stature();
        add(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.1fmm\" height=\"%.1fmm\" viewBox=\"0 0 %.3f %.3f\">",
                millimetres, millimetres * high / (wide * times.size()), wide * times.size(), high);
        for (int i = 0; i < times.size(); i++)
            picture(movement, body, question, view(seen), times.get(i), (i + 0.5) * wide, times.get(i) == decides);
        return out.append("</svg>").toString();
    }

    private static View view(Seen seen) {
        return switch (seen) {
            case SIDE -> View.OWN_SIDE;
            case FRONT -> View.FRONT;
            case BEHIND -> View.BEHIND;
        };
    }

    /** Of its moments so many, from the first on, with the time that decides among them. */
    private static List<Double> times(Movement movement, double decides, int pictures) {
        // What comes again looks the same: the first of it is enough.
        List<Double> all = movement.once().stream().map(Moment::at).toList();
        TreeSet<Double> chosen = new TreeSet<>(List.of(decides));
        int n = Math.min(pictures - 1, all.size());
        for (int i = 0; i < n; i++) {
            double t = all.get(n == 1 ? 0 : (int) Math.round((double) i * (all.size() - 1) / (n - 1)));
            if (chosen.stream().noneMatch(c -> Math.abs(c - t) < ALIKE)) chosen.add(t);
        }
        return new ArrayList<>(chosen);
    }

    private void picture(
            Movement movement, Body body, Question question, View view, double at, double middle, boolean decides) {
        Sketch s = Sketch.of(movement, body, at, view, mirrored);
        Motion motion = movement.on(body);
        double hips = view.draw(motion.at(Spot.HIPS, at), mirrored).right();
        double stature = body.stature();
        add("<g transform=\"translate(%.3f,%.3f)\">", middle - hips, HIGH * stature);
        line(hips - 0.5 * stature, 0.01, hips + 0.5 * stature, 0.01, 0.008, GREY);
        for (Sketch.Limb l : s.limbs())
            line(l.x1(), l.y1(), l.x2(), l.y2(), l.wide(), l.of() == Sketch.Of.OTHER ? GREY : INK);
        s.thing().ifPresent(l -> line(l.x1(), l.y1(), l.x2(), l.y2(), l.wide(), INK));
        add(
                "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" fill=\"%s\"/>",
                s.head().x(), s.head().y(), s.head().radius(), INK);
        if (view != View.BEHIND)
            add(
                    "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" fill=\"#fff\"/>",
                    s.head().faceX(), s.head().faceY(), s.head().radius() * 0.25);
        for (Sketch.Round b : s.balls())
            if (Math.abs(b.x() - hips) < 0.6 * stature)
                add(
                        "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" fill=\"#fff\" stroke=\"%s\" stroke-width=\"0.015\"/>",
                        b.x(), b.y(), b.radius(), INK);
        if (decides)
            for (Spot spot : question.looksAt()) {
                View.Drawn d = view.draw(motion.at(spot, at), mirrored);
                if (spot != Spot.TARGET && Math.abs(d.right() - hips) < 0.6 * stature)
                    add(
                            "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" fill=\"none\" stroke=\"#AD4510\" stroke-width=\"0.022\"/>",
                            d.right(), d.down(), 0.06 * stature);
            }
        out.append("</g>");
    }

    private void line(double x1, double y1, double x2, double y2, double wide, String colour) {
        add(
                "<line x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\" stroke=\"%s\" stroke-width=\"%.3f\" stroke-linecap=\"round\"/>",
                x1, y1, x2, y2, colour, wide);
    }

    private void add(String format, Object... values) {
        out.append(String.format(Locale.ROOT, format, values));
    }
}
