package io.isokinet.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Grouping;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.check.Finding;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Condition;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Ladder;
import io.isokinet.core.skill.MovementPhase;
import io.isokinet.core.skill.Rung;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Turns trees that the schema has passed into core values; says where each keyed thing stands. */
final class PackMapper {
    private final List<Skill> skills = new ArrayList<>();
    private final List<JsonNode> activityNodes = new ArrayList<>();
    private final List<Item> items = new ArrayList<>();
    private final Map<String, String> cautions = new LinkedHashMap<>();
    private final List<Crosswalk.Link> links = new ArrayList<>();
    private final List<Finding> problems = new ArrayList<>();
    private final Map<String, String> places = new HashMap<>();
    private final Set<String> keys = new HashSet<>();

    /** Takes one file; returns where each key in it stands. */
    Map<String, String> take(Located file) {
        JsonNode tree = file.tree;
        if (file.path.startsWith("skills/")) skill(file);
        for (int i = 0; i < tree.path("activities").size(); i++) {
            JsonNode node = tree.get("activities").get(i);
            once(node, file, "/activities/" + i);
            activityNodes.add(node);
        }
        for (int i = 0; i < tree.path("items").size(); i++) {
            JsonNode node = tree.get("items").get(i);
            once(node, file, "/items/" + i);
            guarded(text(node, "key"), () -> items.add(item(node)));
        }
        tree.path("cautions")
                .properties()
                .forEach(e -> cautions.put(e.getKey(), e.getValue().asString()));
        tree.path("links")
                .forEach(n -> links.add(new Crosswalk.Link(
                        text(n, "from"), text(n, "to"), constant(Crosswalk.Relation.class, text(n, "relation")))));
        return places;
    }

    private void skill(Located file) {
        JsonNode tree = file.tree;
        String skill = text(tree, "key");
        once(tree, file, "");
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < tree.get("cues").size(); i++) {
            JsonNode node = tree.get("cues").get(i);
            once(node, file, "/cues/" + i);
            cues.add(cue(skill, node));
        }
        List<CueSet> sets = new ArrayList<>();
        for (int i = 0; i < tree.get("sets").size(); i++) {
            JsonNode node = tree.get("sets").get(i);
            once(node, file, "/sets/" + i);
            sets.add(new CueSet(
                    text(node, "key"),
                    skill,
                    constant(CueSet.Kind.class, text(node, "kind")),
                    text(node, "name"),
                    strings(node, "cues")));
        }
        skills.add(new Skill(
                skill,
                text(tree, "name"),
                constant(Ladder.class, text(tree, "ladder")),
                constant(Action.class, text(tree, "action")),
                cues,
                sets));
    }

    private static Cue cue(String skill, JsonNode node) {
        List<Fault> faults = new ArrayList<>();
        node.get("faults").forEach(f -> faults.add(new Fault(text(f, "seen"), text(f, "fix"))));
        return new Cue(
                text(node, "key"),
                skill,
                constant(MovementPhase.class, text(node, "phase")),
                text(node, "body"),
                text(node, "question"),
                text(node, "call"),
                text(node, "view"),
                node.get("from-age").asInt(),
                strings(node, "prerequisites"),
                node.has("condition") ? constant(Condition.class, text(node, "condition")) : Condition.NONE,
                faults,
                text(node, "tell-me"));
    }

    private static Item item(JsonNode node) {
        return new Item(
                text(node, "key"),
                text(node, "name"),
                text(node, "many"),
                Mass.ofGrams(node.get("grams").asDouble()),
                Length.ofMillimetres(node.get("width").asDouble()),
                length(node, "height"),
                length(node, "base"),
                length(node, "centre"),
                traits(node),
                node.path("home-made").asBoolean(false),
                node.path("pieces").asInt(1));
    }

    private Activity activity(JsonNode node, Map<String, Skill> byKey) {
        String skillKey = node.has("skill") ? text(node, "skill") : null;
        if (skillKey != null && !byKey.containsKey(skillKey))
            throw new IllegalArgumentException("The skill (%s) does not exist.".formatted(skillKey));
        if ((skillKey == null) == node.has("rung"))
            throw new IllegalArgumentException("An activity has a skill and a rung, or neither.");
        Rung rung = skillKey == null
                ? null
                : byKey.get(skillKey).ladder().rung(node.get("rung").asInt());
        JsonNode formation = node.get("formation");
        JsonNode cycle = node.get("cycle");
        JsonNode space = node.get("space");
        List<Lever> levers = new ArrayList<>();
        node.path("levers")
                .forEach(l -> levers.add(new Lever(
                        text(l, "name"), strings(l, "steps"), l.get("usual").asInt())));
        return new Activity(
                text(node, "key"),
                text(node, "name"),
                strings(node, "phases").stream()
                        .map(p -> constant(LessonPhase.class, p))
                        .collect(Collectors.toSet()),
                skillKey,
                rung,
                strings(node, "hosts"),
                strings(node, "shows"),
                low(node, "ages"),
                high(node, "ages"),
                low(node, "minutes"),
                high(node, "minutes"),
                new Grouping(
                        constant(Formation.class, text(formation, "kind")),
                        formation.get("sizes").get(0).asInt(),
                        formation.get("sizes").get(1).asInt(),
                        formation.get("sizes").get(2).asInt()),
                cycle == null
                        ? null
                        : new TurnCycle(
                                cycle.get("act").asInt(),
                                cycle.get("fetch").asInt(),
                                cycle.get("back").asInt(),
                                cycle.get("reset").asInt()),
                node.path("tries").asInt(1),
                new SpaceNeed(
                        space.get("long").asDouble(),
                        space.get("each").asDouble(),
                        space.has("ceiling") ? space.get("ceiling").asDouble() : null,
                        space.path("roller").asBoolean(false)),
                needs(node),
                node.get("set-up").asInt(),
                text(node, "layout"),
                node.path("fast").asBoolean(false),
                text(node, "how"),
                optional(node, "counts"),
                optional(node, "odd"),
                levers,
                strings(node, "cautions"),
                optional(node, "question"));
    }

    private static List<Need> needs(JsonNode node) {
        List<Need> needs = new ArrayList<>();
        node.path("kit")
                .forEach(n -> needs.add(new Need(
                        text(n, "what"),
                        constant(Need.Role.class, text(n, "role")),
                        text(n, "like"),
                        traits(n),
                        low(n, "width"),
                        high(n, "width"),
                        n.has("grams") ? n.get("grams").asInt() : null,
                        constant(Need.Per.class, text(n, "per")),
                        n.get("count").asInt())));
        return needs;
    }

    private final List<Activity> activities = new ArrayList<>();

    /** What did not make sense beyond the schema; maps the activities, which need the skills of every file. */
    List<Finding> problems() {
        Map<String, Skill> byKey = skills.stream().collect(Collectors.toMap(Skill::key, s -> s, (a, b) -> a));
        for (JsonNode node : activityNodes) guarded(text(node, "key"), () -> activities.add(activity(node, byKey)));
        return problems;
    }

    KnowHow knowHow() {
        return new KnowHow(skills, activities, items, cautions, new Crosswalk(links));
    }

    private void guarded(String key, Runnable mapping) {
        try {
            mapping.run();
        } catch (IllegalArgumentException e) {
            problems.add(new Finding("values", places.getOrDefault(key, key), String.valueOf(e.getMessage())));
        }
    }

    private void once(JsonNode node, Located file, String pointer) {
        String key = text(node, "key");
        if (!keys.add(key))
            problems.add(new Finding(
                    "key-once",
                    file.where(pointer),
                    "The key (%s) stands twice; keys are never reused.".formatted(key)));
        places.put(key, file.where(pointer));
    }

    private static Set<Trait> traits(JsonNode node) {
        return strings(node, "traits").stream()
                .map(t -> constant(Trait.class, t))
                .collect(Collectors.toSet());
    }

    private static List<String> strings(JsonNode node, String name) {
        List<String> values = new ArrayList<>();
        node.path(name).forEach(v -> values.add(v.asString()));
        return values;
    }

    private static int low(JsonNode node, String name) {
        return node.get(name).get(0).asInt();
    }

    private static int high(JsonNode node, String name) {
        return node.get(name).get(1).asInt();
    }

    private static String text(JsonNode node, String name) {
        return node.get(name).asString();
    }

    private static @Nullable String optional(JsonNode node, String name) {
        return node.has(name) ? text(node, name) : null;
    }

    private static @Nullable Length length(JsonNode node, String name) {
        return node.has(name) ? Length.ofMillimetres(node.get(name).asDouble()) : null;
    }

    private static <E extends Enum<E>> E constant(Class<E> type, String slug) {
        return Enum.valueOf(type, slug.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
