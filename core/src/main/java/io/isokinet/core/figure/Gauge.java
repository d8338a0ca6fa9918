package io.isokinet.core.figure;

import java.util.Locale;
import java.util.Set;

/** Something that can be measured on a moving body at a time. */
public sealed interface Gauge {
    /** In shares of stature, degrees or statures a second. */
    double of(Motion m, double at);

    /** What it is, as a sentence goes on after a name and before its value. */
    String words(Sided sides);

    /** What of it changes, as a sentence begins: "How far the hips are turned". */
    String how(Sided sides);

    /** How much it changes, with its unit. */
    default String change(double by, Motion m) {
        return degrees(by);
    }

    /** A value with its unit, as it is said. */
    String say(double value, Motion m, Sided sides);

    /** The same where the sentence has said before what it is measured from. */
    default String again(double value, Motion m, Sided sides) {
        return say(value, m, sides);
    }

    /** What an eye that asks for it looks at. */
    Set<Spot> looksAt();

    /** Left and right, by which side does it. */
    record Sided(String own, String other) {
        public static final Sided RIGHT = new Sided("right", "left");
        public static final Sided LEFT = new Sided("left", "right");
        /** As a file of movements says it. */
        public static final Sided WRITTEN = new Sided("own", "other");

        String of(Spot spot) {
            return spot.words(own, other);
        }
    }

    /** How one spot lies to another. */
    enum Lies {
        AHEAD("ahead of", "behind"),
        ABOVE("above", "below"),
        /** To the own side. */
        OUT("to the %own of", "to the %other of"),
        APART("from", "from"),
        /** Degrees above the level of the line to it. */
        RISE("up from", "down from");

        private final String more;
        private final String less;

        Lies(String more, String less) {
            this.more = more;
            this.less = less;
        }
    }

    record Between(Lies lies, Spot of, Spot than) implements Gauge {
        @Override
        public double of(Motion m, double at) {
            Vec d = m.at(of, at).minus(m.at(than, at));
            return switch (lies) {
                case AHEAD -> d.forward() / m.stature();
                case ABOVE -> d.up() / m.stature();
                case OUT -> d.own() / m.stature();
                case APART -> d.length() / m.stature();
                case RISE -> Math.toDegrees(Math.atan2(d.up(), Math.hypot(d.forward(), d.own())));
            };
        }

        @Override
        public Set<Spot> looksAt() {
            // Where the child started is no part that an eye looks at.
            return than == Spot.START ? Set.of(of) : Set.of(of, than);
        }

        @Override
        public String how(Sided s) {
            return "How far " + words(s) + " from " + s.of(than);
        }

        @Override
        public String change(double by, Motion m) {
            return far(by, m);
        }

        @Override
        public String words(Sided s) {
            boolean many = of.name().endsWith("TOE")
                    || of == Spot.HIPS
                    || of == Spot.HANDS
                    || of == Spot.FEET
                    || of == Spot.FOREARMS;
            return s.of(of) + (many ? " are" : " is");
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            String way =
                    (value < 0 ? lies.less : lies.more).replace("%own", s.own()).replace("%other", s.other());
            return far(value, m) + " " + way + " " + s.of(than);
        }

        @Override
        public String again(double value, Motion m, Sided s) {
            return value < 0 ? say(value, m, s) : far(value, m);
        }

        private String far(double value, Motion m) {
            return lies == Lies.RISE ? degrees(Math.abs(value)) : centimetres(Math.abs(value), m);
        }
    }

    record Bend(Joint joint) implements Gauge {
        @Override
        public double of(Motion m, double at) {
            return joint.bend(m, at);
        }

        @Override
        public Set<Spot> looksAt() {
            return Set.of(joint.at());
        }

        @Override
        public String how(Sided s) {
            return "How far " + words(s);
        }

        @Override
        public String words(Sided s) {
            return s.of(joint.at()) + " is bent";
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            return "by " + degrees(value);
        }

        @Override
        public String again(double value, Motion m, Sided s) {
            return degrees(value);
        }
    }

    /** What can be turned. */
    enum Part {
        HIPS("the hips are"),
        CHEST("the shoulders are"),
        OWN_FOOT("the %own foot is"),
        OTHER_FOOT("the %other foot is"),
        FACE("the face is");

        private final String words;

        Part(String words) {
            this.words = words;
        }
    }

    /** Degrees from the way to the target to the own side. */
    record Turned(Part part) implements Gauge {
        @Override
        public double of(Motion m, double at) {
            Vec way =
                    switch (part) {
                        case HIPS -> across(m.at(Spot.OWN_HIP, at).minus(m.at(Spot.OTHER_HIP, at)));
                        case CHEST -> across(m.at(Spot.OWN_SHOULDER, at).minus(m.at(Spot.OTHER_SHOULDER, at)));
                        case OWN_FOOT -> m.at(Spot.OWN_TOE, at).minus(m.at(Spot.OWN_HEEL, at));
                        case OTHER_FOOT -> m.at(Spot.OTHER_TOE, at).minus(m.at(Spot.OTHER_HEEL, at));
                        case FACE -> m.at(Spot.NOSE, at).minus(m.at(Spot.HEAD, at));
                    };
            return Math.toDegrees(Math.atan2(way.own(), way.forward()));
        }

        private static Vec across(Vec toOwn) {
            return new Vec(toOwn.own(), -toOwn.forward(), 0);
        }

        @Override
        public Set<Spot> looksAt() {
            return switch (part) {
                case HIPS -> Set.of(Spot.OWN_HIP, Spot.OTHER_HIP);
                case CHEST -> Set.of(Spot.OWN_SHOULDER, Spot.OTHER_SHOULDER);
                case OWN_FOOT -> Set.of(Spot.OWN_TOE);
                case OTHER_FOOT -> Set.of(Spot.OTHER_TOE);
                case FACE -> Set.of(Spot.NOSE);
            };
        }

        @Override
        public String how(Sided s) {
            return "How far " + words(s);
        }

        @Override
        public String words(Sided s) {
            return part.words.replace("%own", s.own()).replace("%other", s.other()) + " turned";
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            return degrees(Math.abs(value)) + " to the " + (value < 0 ? s.other() : s.own());
        }
    }

    /** How far the trunk leans forward of where the hips point, or to the own side, in degrees. */
    record Leans(boolean aside) implements Gauge {
        @Override
        public double of(Motion m, double at) {
            Vec trunk = m.at(Spot.NECK, at).minus(m.at(Spot.HIPS, at));
            Vec toOwn = m.at(Spot.OWN_HIP, at).minus(m.at(Spot.OTHER_HIP, at));
            Vec side = new Vec(toOwn.forward(), toOwn.own(), 0).unit();
            Vec way = aside ? side : new Vec(side.own(), -side.forward(), 0);
            return Math.toDegrees(Math.atan2(trunk.dot(way), trunk.up()));
        }

        @Override
        public Set<Spot> looksAt() {
            return Set.of(Spot.NECK, Spot.HIPS);
        }

        @Override
        public String how(Sided s) {
            return "How far the trunk leans";
        }

        @Override
        public String words(Sided s) {
            return "the trunk leans";
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            String way = aside ? "to the " + (value < 0 ? s.other() : s.own()) : value < 0 ? "back" : "forward";
            return degrees(Math.abs(value)) + " " + way;
        }
    }

    /** How far the face is turned away from something, in degrees. */
    record Off(Spot what) implements Gauge {
        @Override
        public double of(Motion m, double at) {
            Vec head = m.at(Spot.HEAD, at);
            return m.at(Spot.NOSE, at).minus(head).angle(m.at(what, at).minus(head));
        }

        @Override
        public Set<Spot> looksAt() {
            return Set.of(Spot.NOSE, what);
        }

        @Override
        public String how(Sided s) {
            return "How far the face is off " + s.of(what);
        }

        @Override
        public String words(Sided s) {
            return "the face is";
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            return degrees(value) + " off " + s.of(what);
        }
    }

    /** How far the face is raised above the level, in degrees. */
    record Gaze() implements Gauge {
        @Override
        public double of(Motion m, double at) {
            Vec way = m.at(Spot.NOSE, at).minus(m.at(Spot.HEAD, at));
            return Math.toDegrees(Math.atan2(way.up(), Math.hypot(way.forward(), way.own())));
        }

        @Override
        public Set<Spot> looksAt() {
            return Set.of(Spot.NOSE);
        }

        @Override
        public String how(Sided s) {
            return "How far the face is raised";
        }

        @Override
        public String words(Sided s) {
            return "the face is";
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            return degrees(Math.abs(value)) + (value < 0 ? " down" : " up");
        }
    }

    /** How fast a spot goes, in statures a second. */
    record Speed(Spot of) implements Gauge {
        private static final double INSTANT = 0.025;

        @Override
        public double of(Motion m, double at) {
            double from = Math.max(m.start(), at - INSTANT);
            double to = Math.min(m.end(), at + INSTANT);
            return m.at(of, to).minus(m.at(of, from)).length() / (to - from) / m.stature();
        }

        @Override
        public Set<Spot> looksAt() {
            return Set.of(of);
        }

        @Override
        public String how(Sided s) {
            return "How fast " + words(s);
        }

        @Override
        public String change(double by, Motion m) {
            return say(by, m, Sided.WRITTEN);
        }

        @Override
        public String words(Sided s) {
            return s.of(of) + " goes";
        }

        @Override
        public String say(double value, Motion m, Sided s) {
            return String.format(Locale.UK, "%.1f metres a second", value * m.stature());
        }
    }

    private static String degrees(double value) {
        return Math.round(value) + " degrees";
    }

    private static String centimetres(double share, Motion m) {
        return Math.round(share * m.stature() * 100) + " cm";
    }
}
