package io.isokinet.knowhow;

import static io.isokinet.knowhow.Nodes.constant;
import static io.isokinet.knowhow.Nodes.optional;
import static io.isokinet.knowhow.Nodes.strings;
import static io.isokinet.knowhow.Nodes.text;

import io.isokinet.core.figure.Ball;
import io.isokinet.core.figure.Bounds;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Dial;
import io.isokinet.core.figure.Eyes;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Joint;
import io.isokinet.core.figure.Moment;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Pose;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Spot;
import io.isokinet.core.figure.Thing;
import io.isokinet.core.figure.Vec;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Turns a file of movements that the schema has passed into a demonstration. */
final class MovementMapper {
    private static final double CENTIMETRES = 100;
    /** Which dials a field of a moment sets, in order. */
    private static final Map<String, List<Dial>> FIELDS = Map.ofEntries(
            Map.entry("hips", List.of(Dial.ALONG, Dial.ACROSS, Dial.HEIGHT)),
            Map.entry("turn", List.of(Dial.TURN)),
            Map.entry("twist", List.of(Dial.TWIST)),
            Map.entry("lean", List.of(Dial.LEAN)),
            Map.entry("bend", List.of(Dial.BEND)),
            Map.entry("tilt", List.of(Dial.TILT)),
            Map.entry("knees", List.of(Dial.KNEES)),
            Map.entry("own-foot", List.of(Dial.OWN_FOOT_ALONG, Dial.OWN_FOOT_ACROSS, Dial.OWN_FOOT_HEIGHT)),
            Map.entry("own-foot-tip", List.of(Dial.OWN_FOOT_TIP)),
            Map.entry("own-foot-turn", List.of(Dial.OWN_FOOT_TURN)),
            Map.entry("other-foot", List.of(Dial.OTHER_FOOT_ALONG, Dial.OTHER_FOOT_ACROSS, Dial.OTHER_FOOT_HEIGHT)),
            Map.entry("other-foot-tip", List.of(Dial.OTHER_FOOT_TIP)),
            Map.entry("other-foot-turn", List.of(Dial.OTHER_FOOT_TURN)),
            Map.entry("own-hand", List.of(Dial.OWN_HAND_AHEAD, Dial.OWN_HAND_OUT, Dial.OWN_HAND_UP)),
            Map.entry("other-hand", List.of(Dial.OTHER_HAND_AHEAD, Dial.OTHER_HAND_OUT, Dial.OTHER_HAND_UP)),
            Map.entry("own-elbow", List.of(Dial.OWN_ELBOW)),
            Map.entry("other-elbow", List.of(Dial.OTHER_ELBOW)),
            Map.entry("joined", List.of(Dial.JOINED)),
            Map.entry("thing", List.of(Dial.THING_TURN, Dial.THING_RISE)));

    private static final Map<String, List<String>> BOTH = Map.of(
            "hands", List.of("own-hand", "other-hand"),
            "elbows", List.of("own-elbow", "other-elbow"),
            "tips", List.of("own-foot-tip", "other-foot-tip"),
            "foot-turns", List.of("own-foot-turn", "other-foot-turn"));

    private final JsonNode tree;
    private final Movement model;
    private final Map<String, Movement> others = new HashMap<>();
    private final Map<String, Demonstration.Variant> variants = new LinkedHashMap<>();

    private MovementMapper(JsonNode tree) {
        this.tree = tree;
        this.model = movement(tree, Movement.Handled.NOTHING);
    }

    /** @throws IllegalArgumentException if moments, dials or what is asked do not make sense */
    static Demonstration of(JsonNode tree) {
        return new MovementMapper(tree).demonstration();
    }

    private Demonstration demonstration() {
        tree.path("others")
                .forEach(o -> others.put(text(o, "name"), movement(o, handled(tree, Movement.Handled.NOTHING))));
        tree.path("variants")
                .forEach(v -> variants.put(
                        text(v, "name"),
                        new Demonstration.Variant(changed(base(v), v), Set.copyOf(strings(v, "hides")))));
        Map<String, Demonstration.Shown> cues = new LinkedHashMap<>();
        tree.get("cues").forEach(c -> cues.put(text(c, "cue"), shown(c)));
        return new Demonstration(text(tree, "skill"), model, cues, variants);
    }

    private Demonstration.Shown shown(JsonNode node) {
        String cue = text(node, "cue");
        List<Question> asks = new ArrayList<>();
        List<Demonstration.Wrong> faults = new ArrayList<>();
        try {
            node.path("asks").forEach(a -> asks.add(question(a)));
            node.path("faults").forEach(f -> faults.add(wrong(f)));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("%s: %s".formatted(cue, e.getMessage()), e);
        }
        return new Demonstration.Shown(
                asks.isEmpty() ? null : new Question.All(asks),
                node.path("unseen").asString(""),
                faults);
    }

    private Demonstration.Wrong wrong(JsonNode node) {
        String seen = text(node, "seen");
        if (node.has("unseen")) return new Demonstration.Wrong(seen, null, text(node, "unseen"), Set.of());
        return new Demonstration.Wrong(seen, changed(base(node), node), "", Set.copyOf(strings(node, "hides")));
    }

    private Movement base(JsonNode node) {
        if (node.has("other")) return found(others, text(node, "other"), "other movement");
        if (!node.has("variant")) return model;
        return found(variants, text(node, "variant"), "variant").movement();
    }

    private static <T> T found(Map<String, T> in, String name, String what) {
        T value = in.get(name);
        if (value == null)
            throw new IllegalArgumentException(
                    "There is no %s “%s” in this file; there are %s.".formatted(what, name, in.keySet()));
        return value;
    }

    private Movement changed(Movement from, JsonNode node) {
        List<Movement.At> changes = new ArrayList<>();
        node.path("changes")
                .forEach(c -> changes.add(new Movement.At(
                        Set.copyOf(strings(c, "at")),
                        dials(c),
                        c.has("eyes") ? constant(Eyes.class, text(c, "eyes")) : null)));
        boolean handles = node.has("balls") || node.has("drags") || node.has("target") || node.has("thing");
        return from.with(new Movement.Change(changes, handles ? handled(node, from.handled()) : null));
    }

    private static Movement movement(JsonNode node, Movement.Handled usual) {
        List<Moment> moments = new ArrayList<>();
        Pose pose = Pose.STANDING;
        Eyes eyes = Eyes.AHEAD;
        for (JsonNode m : node.get("moments")) {
            try {
                pose = pose.with(dials(m));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("%s: %s".formatted(text(m, "name"), e.getMessage()), e);
            }
            if (m.has("eyes")) eyes = constant(Eyes.class, text(m, "eyes"));
            moments.add(new Moment(text(m, "name"), m.get("at").asDouble(), pose, eyes));
        }
        JsonNode again = node.get("again");
        return new Movement(
                moments,
                again == null
                        ? null
                        : new Movement.Again(
                                text(again, "from"),
                                again.get("times").asInt(),
                                again.path("swapped").asBoolean(false)),
                handled(node, usual));
    }

    private static Movement.Handled handled(JsonNode node, Movement.Handled usual) {
        List<Ball> balls = new ArrayList<>();
        node.path("balls").forEach(b -> balls.add(ball(b)));
        JsonNode thing = node.get("thing");
        return new Movement.Handled(
                node.has("balls") ? balls : usual.balls(),
                thing == null
                        ? usual.thing()
                        : new Thing(
                                constant(Thing.Kind.class, text(thing, "kind")),
                                thing.get("long").asDouble() / CENTIMETRES,
                                thing.get("behind").asDouble(),
                                thing.path("goes").asString(""),
                                thing.path("share").asDouble(1)),
                node.has("target") ? vec(node.get("target")) : usual.target(),
                node.path("drags").asBoolean(usual.drags()));
    }

    private static Ball ball(JsonNode node) {
        List<Ball.Leg> legs = new ArrayList<>();
        node.get("legs")
                .forEach(l -> legs.add(new Ball.Leg(
                        constant(Ball.How.class, text(l, "how")),
                        l.path("until").asString(""),
                        l.has("with") ? constant(Spot.class, text(l, "with")) : null,
                        l.has("to") ? vec(l.get("to")) : null,
                        l.path("share").asDouble(1),
                        l.has("speed") ? vec(l.get("speed")) : null)));
        return new Ball(
                node.get("radius").asDouble() / CENTIMETRES, node.has("from") ? vec(node.get("from")) : null, legs);
    }

    private static Vec vec(JsonNode node) {
        return new Vec(
                node.get(0).asDouble(), node.get(1).asDouble(), node.get(2).asDouble());
    }

    private static Map<Dial, Double> dials(JsonNode node) {
        Map<Dial, Double> set = new EnumMap<>(Dial.class);
        BOTH.forEach((field, each) -> {
            if (node.has(field)) each.forEach(f -> set(set, f, node.get(field)));
        });
        FIELDS.keySet().forEach(field -> {
            if (node.has(field)) set(set, field, node.get(field));
        });
        return set;
    }

    private static void set(Map<Dial, Double> set, String field, JsonNode value) {
        List<Dial> dials = found(FIELDS, field, "field");
        for (int i = 0; i < dials.size(); i++)
            set.put(dials.get(i), (value.isArray() ? value.get(i) : value).asDouble());
    }

    private static Question question(JsonNode n) {
        if (n.has("steps"))
            return new Question.Counted(
                    constant(Question.Steps.class, text(n, "steps")),
                    n.has("foot") ? constant(Question.Foot.class, text(n, "foot")) : null,
                    n.path("from").asString(""),
                    n.path("to").asString(""),
                    bounds(n));
        if (n.has("first"))
            return new Question.Sooner(
                    gauge(n.get("first")),
                    bounds(n.get("first")),
                    gauge(n.get("then")),
                    bounds(n.get("then")),
                    n.path("from").asString(""),
                    bounds(n));
        if (n.has("at")) return new Question.At(gauge(n), text(n, "at"), bounds(n));
        return new Question.Through(
                gauge(n),
                n.has("over") ? constant(Question.Over.class, text(n, "over")) : Question.Over.EVERY,
                n.path("from").asString(""),
                n.path("to").asString(""),
                bounds(n));
    }

    private static Gauge gauge(JsonNode n) {
        String measure = text(n, "measure");
        return switch (measure) {
            case "bend" -> new Gauge.Bend(constant(Joint.class, needed(n, "of")));
            case "turned" -> new Gauge.Turned(constant(Gauge.Part.class, needed(n, "of")));
            case "lean" -> new Gauge.Leans(false);
            case "side-lean" -> new Gauge.Leans(true);
            case "off" -> new Gauge.Off(constant(Spot.class, needed(n, "of")));
            case "gaze" -> new Gauge.Gaze();
            case "speed" -> new Gauge.Speed(constant(Spot.class, needed(n, "of")));
            default ->
                new Gauge.Between(
                        constant(Gauge.Lies.class, measure),
                        constant(Spot.class, needed(n, "of")),
                        constant(Spot.class, needed(n, "than")));
        };
    }

    private static String needed(JsonNode n, String field) {
        String value = optional(n, field);
        if (value == null)
            throw new IllegalArgumentException(
                    "The measure “%s” needs the field “%s”.".formatted(text(n, "measure"), field));
        return value;
    }

    private static Bounds bounds(JsonNode n) {
        return new Bounds(number(n, "least", Double.NEGATIVE_INFINITY), number(n, "most", Double.POSITIVE_INFINITY));
    }

    private static double number(JsonNode n, String field, double usual) {
        return n.has(field) ? n.get(field).asDouble() : usual;
    }
}
