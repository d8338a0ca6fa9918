package io.isokinet.server.paper;

import io.isokinet.core.place.Fixture;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.Point;
import io.isokinet.core.space.Rect;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A floor plan as SVG, one for the screen, paper and export. Shapes tell what is what, so that it reads in black and white;
 * the user's unit is a centimetre of the floor.
 */
public final class FloorSvg {
    private static final String ROPE = "16 5";
    private static final String INK = "#22302E";
    private static final String PAPER = "#FBF7EE";
    private static final String TAPE = "#AD4510";
    private static final String GREEN = "#0E5A4A";
    private static final String FAINT = "#8A8371";
    private static final double EDGE = 30;
    /** Smaller things could not be seen on a card, in metres. */
    private static final double LEAST_SEEN = 0.2;

    private final StringBuilder out = new StringBuilder();
    private final FloorPlan plan;
    private final Place place;
    private final double length;
    private final double width;
    /** Size of texts in centimetres of the floor. */
    private final double text;

    private FloorSvg(FloorPlan plan, Place place, double texts) {
        this.plan = plan;
        this.place = place;
        this.length = plan.length().metres() * 100;
        this.width = plan.width().metres() * 100;
        this.text = length / texts;
    }

    /**
     * @param title what is drawn, for those who do not see it
     * @param scale one to so many, for print; null to fill what there is
     */
    public static String of(FloorPlan plan, Place place, String title, @Nullable Integer scale) {
        return new FloorSvg(plan, place, 34).draw(title, scale);
    }

    /** Height of the texts of a sheet in millimetres: the smallest of them, at four fifths, are 7 points. */
    private static final double SHEET_TEXT = 3.1;

    /** Of a legend's texts: 8 points. */
    private static final double LEGEND_TEXT = 2.82;

    /**
     * For a sheet: without bar and signs, which one legend tells for all of its drawings, and with texts that can be read.
     *
     * @param millimetres it may be wide; {@code high} the same for its height
     */
    public static String ofSheet(FloorPlan plan, Place place, String title, double millimetres, double high) {
        double w = plan.length().metres() * 100 + 2 * EDGE;
        double h = plan.width().metres() * 100 + 2 * EDGE;
        double each = Math.min(millimetres / w, high / h);
        FloorSvg svg = new FloorSvg(plan, place, plan.length().metres() * 100 * each / SHEET_TEXT);
        return svg.drawBare(title, w, h, each);
    }

    private String drawBare(String title, double w, double h, double each) {
        out.append(f(
                        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='%.0f %.0f %.0f %.0f' width='%.1fmm' height='%.1fmm'",
                        -EDGE, -EDGE, w, h, w * each, h * each))
                .append(" role='img' font-family=\"'Atkinson Hyperlegible', sans-serif\"><title>")
                .append(escaped(title))
                .append("</title>");
        floor();
        return out.append("</svg>").toString();
    }

    /**
     * What the signs of several drawings mean, in rows; null where there are none.
     *
     * @param millimetres it is wide
     */
    public static @Nullable String legend(List<FloorPlan> plans, Place place, double millimetres) {
        if (plans.isEmpty()) return null;
        Set<String> signs = new LinkedHashSet<>();
        for (FloorPlan plan : plans) signs.addAll(new FloorSvg(plan, place, 34).signs());
        FloorSvg drawn = new FloorSvg(plans.get(0), place, plans.get(0).length().metres() * 100 / 50);
        double wide = millimetres / LEGEND_TEXT * 50;
        double x = 0;
        double row = 30;
        for (String sign : signs) {
            double own = 40 + sign.length() * 25 + 44;
            if (x + own > wide) {
                x = 0;
                row += 64;
            }
            drawn.out.append(f("<g transform='translate(%.1f %.1f)'>", x, row));
            drawn.sign(sign, 0, 0);
            drawn.out.append("</g>");
            drawn.text(x + 36, row + 15, sign, "start", 1, false);
            x += own;
        }
        double high = row + 34;
        return f(
                        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='-20 0 %.0f %.0f' width='%.1fmm' height='%.1fmm' font-family=\"'Atkinson Hyperlegible', sans-serif\">",
                        wide, high, millimetres, high * LEGEND_TEXT / 50)
                + drawn.out
                + "</svg>";
    }

    /**
     * One lane or group for a card: what stands and lies on its floor and who stands where, and nothing of the room.
     *
     * @param millimetres it may be wide on paper; half of that high at most
     * @return null where all share the floor
     */
    public static @Nullable String ofGroup(FloorPlan plan, Place place, int group, String title, double millimetres) {
        return plan.only(group)
                .map(own -> new FloorSvg(own, place, 16).drawGroup(title, millimetres))
                .orElse(null);
    }

    private String drawGroup(String title, double millimetres) {
        double w = length + 2 * EDGE;
        double h = width + 2 * EDGE;
        double each = Math.min(millimetres / w, millimetres / 2 / h);
        out.append(f(
                        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='%.0f %.0f %.0f %.0f' width='%.1fmm' height='%.1fmm'",
                        -EDGE, -EDGE, w, h, w * each, h * each))
                .append(" role='img' font-family=\"'Atkinson Hyperlegible', sans-serif\"><title>")
                .append(escaped(title))
                .append("</title>");
        out.append(f(
                "<rect width='%.0f' height='%.0f' fill='#FFFFFF' stroke='%s' stroke-width='3'/>", length, width, INK));
        // How far a line is stands beside the drawing; in so small a one a label would lie under the children.
        plan.lines().forEach(l -> line(new Line(l.kind(), l.from(), l.to(), "")));
        plan.things().forEach(t -> thing(new Thing(t.kind(), t.at(), Math.max(t.size(), LEAST_SEEN), t.group(), "")));
        plan.spots().forEach(s -> spot(new Spot(s.does(), s.at(), s.group(), s.place(), false, "")));
        return out.append("</svg>").toString();
    }

    /** The largest usual scale at which a floor is at most so wide on paper. */
    public static int scaleFor(FloorPlan plan, double millimetres) {
        for (int scale : new int[] {50, 75, 100, 125, 150, 200, 250, 300, 400, 500})
            if ((plan.length().metres() * 1000 + 20 * EDGE) / scale <= millimetres) return scale;
        return 1000;
    }

    /** Room below the floor for the bar and the signs, in centimetres. */
    private static double foot(FloorPlan plan) {
        return plan.length().metres() * 100 / 34 * 4.6;
    }

    /** The part of the plane that is drawn, in centimetres. */
    public static String viewBox(FloorPlan plan) {
        return f(
                "%.0f %.0f %.0f %.0f",
                -EDGE,
                -EDGE,
                plan.length().metres() * 100 + 2 * EDGE,
                plan.width().metres() * 100 + EDGE + foot(plan));
    }

    private String draw(String title, @Nullable Integer scale) {
        double w = length + 2 * EDGE;
        double h = width + EDGE + foot(plan);
        String size = scale == null ? "" : f(" width='%.1fmm' height='%.1fmm'", w * 10 / scale, h * 10 / scale);
        out.append("<svg xmlns='http://www.w3.org/2000/svg' viewBox='" + viewBox(plan) + "'")
                .append(size)
                .append(" role='img' font-family=\"'Atkinson Hyperlegible', sans-serif\"><title>")
                .append(escaped(title))
                .append("</title>");
        floor();
        foot(scale);
        return out.append("</svg>").toString();
    }

    private void fixtures() {
        for (Fixture f : place.fixtures()) {
            double x = f.x() * 100;
            double y = f.y() * 100;
            double dx = f.dx() * 100;
            double dy = f.dy() * 100;
            switch (f.kind()) {
                case LINE -> stroke(x, y, x + dx, y + dy, "#C9C2B0", 3, null);
                case CIRCLE ->
                    out.append(f(
                            "<circle cx='%.0f' cy='%.0f' r='%.0f' fill='none' stroke='#C9C2B0' stroke-width='3'/>",
                            x, y, dx));
                case WALL -> stroke(x, y, x + dx, y + dy, GREEN, 10, null);
                case DOOR -> {
                    stroke(x, y, x + dx, y + dy, PAPER, 10, null);
                    stroke(x, y, x + dx, y + dy, INK, 3, "4 6");
                }
                case HAZARD -> {
                    Rect box = new Rect(
                            Math.min(f.x(), f.x() + f.dx()),
                            Math.min(f.y(), f.y() + f.dy()),
                            Math.abs(f.dx()),
                            Math.abs(f.dy()));
                    rect(box, "#E9E1CF", INK, 2, null);
                    if (Math.abs(dx) > 5 * text && Math.abs(dy) > text)
                        text(x + dx / 2, y + dy / 2, f.label(), "middle", 0.8, false);
                }
            }
        }
    }

    /** Shut floor: thin slanted lines. */
    private void closed(Rect r) {
        double x0 = r.x() * 100;
        double y0 = r.y() * 100;
        double w = r.w() * 100;
        double h = r.h() * 100;
        for (double at = 40; at < w + h; at += 55) {
            double ax = Math.min(at, w);
            double ay = at - ax;
            double by = Math.min(at, h);
            double bx = at - by;
            stroke(x0 + ax, y0 + ay, x0 + bx, y0 + by, "#E4D6C2", 2, null);
        }
    }

    private void line(Line line) {
        double x1 = line.from().x() * 100;
        double y1 = line.from().y() * 100;
        double x2 = line.to().x() * 100;
        double y2 = line.to().y() * 100;
        switch (line.kind()) {
            case START -> stroke(x1, y1, x2, y2, TAPE, 7, null);
            case STEP -> stroke(x1, y1, x2, y2, TAPE, 3, "10 10");
            case BACK_STOP -> {
                stroke(x1, y1, x2, y2, INK, 9, null);
                stroke(x1, y1, x2, y2, PAPER, 3, null);
            }
            case MIDDLE -> stroke(x1, y1, x2, y2, INK, 5, "26 12");
            case FAR -> stroke(x1, y1, x2, y2, TAPE, 4, "20 10");
            case ZONE -> stroke(x1, y1, x2, y2, FAINT, 2, "6 6");
            case SECTOR -> stroke(x1, y1, x2, y2, GREEN, 3, "16 8");
            case WAY -> arrow(x1, y1, x2, y2, "10 8");
            case ROTATE -> arrow(x1, y1, x2, y2, null);
            case ROPE -> stroke(x1, y1, x2, y2, TAPE, 6, ROPE);
            case NET -> net(x1, y1, x2, y2);
        }
        if (line.label().isEmpty()) return;
        boolean upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
        // What lies across a lane is longer to say than the lane is wide: it is said over the next ones, never beyond
        // the wall.
        boolean across = line.kind() == Line.Kind.ROPE || line.kind() == Line.Kind.NET;
        boolean first = upright || across;
        text(
                upright ? (x1 + x2) / 2 + 8 : across ? Math.min(x1, x2) : (x1 + x2) / 2,
                (y1 + y2) / 2 - (upright ? 0 : 12),
                line.label(),
                first ? "start" : "middle",
                0.8,
                true);
    }

    private void net(double x1, double y1, double x2, double y2) {
        stroke(x1, y1, x2, y2, INK, 6, null);
        stroke(x1, y1, x2, y2, PAPER, 3, "6 6");
    }

    private void arrow(double x1, double y1, double x2, double y2, @Nullable String dash) {
        stroke(x1, y1, x2, y2, GREEN, 3, dash);
        double a = Math.atan2(y2 - y1, x2 - x1);
        out.append(f(
                "<path d='M%.1f %.1fL%.1f %.1fL%.1f %.1fZ' fill='%s'/>",
                x2,
                y2,
                x2 - 24 * Math.cos(a - 0.4),
                y2 - 24 * Math.sin(a - 0.4),
                x2 - 24 * Math.cos(a + 0.4),
                y2 - 24 * Math.sin(a + 0.4),
                GREEN));
    }

    private void thing(Thing t) {
        double x = t.at().x() * 100;
        double y = t.at().y() * 100;
        double s = Math.max(12, t.size() * 100);
        switch (t.kind()) {
            case PIN ->
                out.append(f("<circle cx='%.1f' cy='%.1f' r='%.1f' fill='%s'/>", x, y, Math.max(6, s / 2), INK));
            case TARGET ->
                out.append(f(
                        "<circle cx='%.1f' cy='%.1f' r='%.1f' fill='%s' stroke='%s' stroke-width='4'/><circle cx='%.1f' cy='%.1f' r='%.1f' fill='%s'/>",
                        x, y, Math.min(60, s / 2) + 4, PAPER, INK, x, y, Math.min(60, s / 2) / 2, INK));
            case MARKER ->
                out.append(f("<path d='M%.1f %.1fl%.1f %.1fh%.1fz' fill='%s'/>", x, y - 12, 12.0, 22.0, -24.0, TAPE));
            case PILE ->
                out.append(f(
                        "<rect x='%.1f' y='%.1f' width='22' height='22' rx='4' fill='%s' stroke='%s' stroke-width='3'/>",
                        x - 11, y - 11, PAPER, GREEN));
        }
    }

    /** A child: full if it acts, a ring if it waits; a notch at the left for the left hand. */
    private void spot(Spot s) {
        double x = s.at().x() * 100;
        double y = s.at().y() * 100;
        double r = Math.min(24, text * 0.5);
        out.append(f(
                "<circle cx='%.1f' cy='%.1f' r='%.1f' fill='%s' stroke='%s' stroke-width='3.5'/>",
                x, y, r, s.does() == Spot.Does.WAITS ? PAPER : GREEN, GREEN));
        if (s.leftHanded()) out.append(f("<path d='M%.1f %.1fl-18 -11v22z' fill='%s'/>", x - r, y, TAPE));
    }

    private void teacher() {
        double x = plan.teacher().x() * 100;
        double y = plan.teacher().y() * 100;
        double s = Math.max(22, text * 0.8);
        out.append(f(
                "<path d='M%.1f %.1fl%.1f %.1fl%.1f %.1fl%.1f %.1fz' fill='%s' stroke='%s' stroke-width='4'/>",
                x, y - s, s, s, -s, s, -s, -s, TAPE, PAPER));
    }

    private void gather(Point p) {
        out.append(f(
                "<circle cx='%.1f' cy='%.1f' r='60' fill='none' stroke='%s' stroke-width='3' stroke-dasharray='4 8'/>",
                p.x() * 100, p.y() * 100, TAPE));
    }

    /** The bar for the scale, and what the signs mean. */
    /** The room with all that is in it, without what explains it. */
    private void floor() {
        out.append(f(
                "<rect width='%.0f' height='%.0f' fill='%s' stroke='%s' stroke-width='4'/>",
                length, width, PAPER, INK));
        fixtures();
        plan.closed().forEach(this::closed);
        for (FloorPlan.Area a : plan.areas()) {
            rect(a.rect(), "none", FAINT, 1.5, "8 8");
            text(
                    a.rect().x() * 100 + 6,
                    a.rect().y() * 100 + text * 0.75,
                    String.valueOf(a.group() + 1),
                    "start",
                    0.75,
                    false);
        }
        plan.lines().forEach(this::line);
        plan.things().forEach(this::thing);
        plan.spots().forEach(this::spot);
        teacher();
        if (plan.gather() != null) gather(plan.gather());
    }

    private void foot(@Nullable Integer scale) {
        double y = width + text;
        double bar = length > 2500 ? 500 : 200;
        stroke(0, y, bar, y, INK, 5, null);
        for (int i = 0; i <= bar / 100; i++) stroke(i * 100, y - 10, i * 100, y + 10, INK, 3, null);
        text(
                bar + 14,
                y + text * 0.3,
                Words.say("%.0f m", bar / 100) + (scale == null ? "" : "   1:" + scale),
                "start",
                0.85,
                false);
        double x = 0;
        double row = width + text * 2.3;
        for (String sign : signs()) {
            double wide = 40 * text / 50 + sign.length() * text * 0.44 + 24;
            if (x + wide > length) {
                x = 0;
                row += text * 1.25;
            }
            out.append(f("<g transform='translate(%.1f %.1f) scale(%.3f)'>", x, row, text / 50));
            sign(sign, 0, 0);
            out.append("</g>");
            text(x + 36 * text / 50, row + text * 0.3, sign, "start", 0.8, false);
            x += wide;
        }
    }

    private Set<String> signs() {
        Set<String> signs = new LinkedHashSet<>();
        signs.add("teacher");
        if (plan.spots().stream().anyMatch(s -> s.does() != Spot.Does.WAITS)) signs.add("acts");
        if (plan.spots().stream().anyMatch(s -> s.does() == Spot.Does.WAITS)) signs.add("waits");
        if (plan.spots().stream().anyMatch(Spot::leftHanded)) signs.add("left hand");
        plan.things().forEach(t -> signs.add(name(t.kind())));
        if (plan.lines().stream().anyMatch(l -> l.kind() == Line.Kind.START)) signs.add("start line");
        if (plan.lines().stream().anyMatch(l -> l.kind() == Line.Kind.STEP)) signs.add("nearer or further");
        if (plan.lines().stream().anyMatch(l -> l.kind() == Line.Kind.WAY)) signs.add("fetch and back");
        if (plan.lines().stream().anyMatch(l -> l.kind() == Line.Kind.ROPE)) signs.add("rope or line");
        if (plan.lines().stream().anyMatch(l -> l.kind() == Line.Kind.NET)) signs.add("hung across");
        if (!plan.closed().isEmpty()) signs.add("shut until the signal");
        if (plan.gather() != null) signs.add("gather");
        return signs;
    }

    private static String name(Thing.Kind kind) {
        return switch (kind) {
            case PIN -> "knocked down";
            case TARGET -> "target";
            case MARKER -> "marker";
            case PILE -> "kit";
        };
    }

    private void sign(String sign, double x, double y) {
        double c = x + 14;
        switch (sign) {
            case "teacher" -> out.append(f("<path d='M%.1f %.1fl13 13l-13 13l-13 -13z' fill='%s'/>", c, y - 13, TAPE));
            case "acts" -> out.append(f("<circle cx='%.1f' cy='%.1f' r='11' fill='%s'/>", c, y, GREEN));
            case "waits" ->
                out.append(f(
                        "<circle cx='%.1f' cy='%.1f' r='10' fill='%s' stroke='%s' stroke-width='3'/>",
                        c, y, PAPER, GREEN));
            case "left hand" -> out.append(f("<path d='M%.1f %.1fl-12 -7v14z' fill='%s'/>", c + 6, y, TAPE));
            case "knocked down" -> out.append(f("<circle cx='%.1f' cy='%.1f' r='7' fill='%s'/>", c, y, INK));
            case "target" ->
                out.append(f(
                        "<circle cx='%.1f' cy='%.1f' r='10' fill='%s' stroke='%s' stroke-width='3'/><circle cx='%.1f' cy='%.1f' r='4' fill='%s'/>",
                        c, y, PAPER, INK, c, y, INK));
            case "marker" -> out.append(f("<path d='M%.1f %.1fl10 19h-20z' fill='%s'/>", c, y - 10, TAPE));
            case "kit" ->
                out.append(f(
                        "<rect x='%.1f' y='%.1f' width='20' height='20' rx='4' fill='%s' stroke='%s' stroke-width='3'/>",
                        c - 10, y - 10, PAPER, GREEN));
            case "fetch and back" -> arrow(c - 14, y, c + 14, y, null);
            case "nearer or further" -> stroke(c - 12, y, c + 12, y, TAPE, 3, "6 5");
            case "start line" -> stroke(c - 12, y, c + 12, y, TAPE, 7, null);
            case "rope or line" -> stroke(c - 12, y, c + 12, y, TAPE, 6, ROPE);
            case "hung across" -> net(c - 12, y, c + 12, y);
            case "gather" ->
                out.append(f(
                        "<circle cx='%.1f' cy='%.1f' r='11' fill='none' stroke='%s' stroke-width='3' stroke-dasharray='3 5'/>",
                        c, y, TAPE));
            default -> {
                for (int i = -1; i <= 1; i++)
                    stroke(c + i * 9 + 6, y - 10, c + i * 9 - 6, y + 10, "#CDB89A", 2.5, null);
            }
        }
    }

    private void rect(Rect r, String fill, String stroke, double thick, @Nullable String dash) {
        out.append(f(
                "<rect x='%.1f' y='%.1f' width='%.1f' height='%.1f' fill='%s' stroke='%s' stroke-width='%.1f'%s/>",
                r.x() * 100,
                r.y() * 100,
                r.w() * 100,
                r.h() * 100,
                fill,
                stroke,
                thick,
                dash == null ? "" : " stroke-dasharray='" + dash + "'"));
    }

    private void stroke(
            double x1, double y1, double x2, double y2, String colour, double thick, @Nullable String dash) {
        out.append(f(
                "<line x1='%.1f' y1='%.1f' x2='%.1f' y2='%.1f' stroke='%s' stroke-width='%.1f'%s/>",
                x1, y1, x2, y2, colour, thick, dash == null ? "" : " stroke-dasharray='" + dash + "'"));
    }

    private void text(double x, double y, String words, String anchor, double size, boolean halo) {
        out.append(f(
                        "<text x='%.1f' y='%.1f' font-size='%.1f' text-anchor='%s' fill='%s'",
                        x, y, text * size, anchor, INK))
                .append(halo ? f(" stroke='%s' stroke-width='6' paint-order='stroke'", PAPER) : "")
                .append('>')
                .append(escaped(words))
                .append("</text>");
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("'", "&#39;");
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
