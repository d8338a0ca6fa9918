package io.isokinet.knowhow;

import static io.isokinet.knowhow.Nodes.constant;
import static io.isokinet.knowhow.Nodes.high;
import static io.isokinet.knowhow.Nodes.length;
import static io.isokinet.knowhow.Nodes.low;
import static io.isokinet.knowhow.Nodes.optional;
import static io.isokinet.knowhow.Nodes.strings;
import static io.isokinet.knowhow.Nodes.text;
import static io.isokinet.knowhow.Nodes.traits;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Attempt;
import io.isokinet.core.activity.Brings;
import io.isokinet.core.activity.Conduct;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.activity.Grouping;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.Occasion;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.Tempo;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.check.Finding;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library;
import io.isokinet.core.knowhow.Library.FullGame;
import io.isokinet.core.knowhow.Library.Outcome;
import io.isokinet.core.knowhow.Library.OutcomeSet;
import io.isokinet.core.knowhow.Library.Rule;
import io.isokinet.core.knowhow.Library.Symptom;
import io.isokinet.core.knowhow.Library.Transfer;
import io.isokinet.core.knowhow.Names;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Body;
import io.isokinet.core.skill.Condition;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Ladder;
import io.isokinet.core.skill.MovementPhase;
import io.isokinet.core.skill.Rung;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Recipe;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
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
    private final List<ActivityNode> activityNodes = new ArrayList<>();
    private final List<Item> items = new ArrayList<>();
    private final Map<String, String> cautions = new LinkedHashMap<>();
    private final List<Crosswalk.Link> links = new ArrayList<>();
    private final Map<String, Layout> layouts = new LinkedHashMap<>();
    private final List<Transfer> transfers = new ArrayList<>();
    private final List<Symptom> symptoms = new ArrayList<>();
    private final List<OutcomeSet> outcomes = new ArrayList<>();
    private final List<FullGame> games = new ArrayList<>();
    private final Map<String, String> plain = new HashMap<>();
    private final Map<String, List<String>> also = new HashMap<>();
    private final Map<String, Demonstration> demonstrations = new LinkedHashMap<>();
    private final Map<String, JsonNode> movements = new LinkedHashMap<>();
    private final List<Finding> problems = new ArrayList<>();
    private final Map<String, String> places = new HashMap<>();
    private final Set<String> keys = new HashSet<>();

    /** Where each keyed thing stands, "file:line". */
    Map<String, String> places() {
        return places;
    }

    /** @param schema of the pack it stands in */
    private record ActivityNode(JsonNode node, int schema) {}

    private int schema = 1;

    /** Begins a pack: what its files say is read by its schema, 1 where its pack.yaml names none. */
    void begin(JsonNode head) {
        schema = head.path("schema").asInt(1);
    }

    /** Of the pack that was begun last. */
    int schema() {
        return schema;
    }

    /** Takes one file. */
    void take(Located file) {
        JsonNode tree = file.tree;
        if (file.path.startsWith("skills/")) skill(file);
        if (file.path.startsWith("movements/")) movements(file);
        for (int i = 0; i < tree.path("activities").size(); i++) {
            JsonNode node = tree.get("activities").get(i);
            once(node, file, "/activities/" + i);
            named(node);
            activityNodes.add(new ActivityNode(node, schema));
        }
        for (int i = 0; i < tree.path("items").size(); i++) {
            JsonNode node = tree.get("items").get(i);
            once(node, file, "/items/" + i);
            named(node);
            guarded(text(node, "key"), () -> items.add(item(node)));
        }
        tree.path("cautions")
                .properties()
                .forEach(
                        e -> cautions.put(e.getKey(), Lengths.typed(e.getValue().asString())));
        tree.path("links")
                .forEach(n -> links.add(new Crosswalk.Link(
                        text(n, "from"), text(n, "to"), constant(Crosswalk.Relation.class, text(n, "relation")))));
        library(file);
    }

    /** What else it is called. */
    private void named(JsonNode node) {
        if (node.has("plain")) plain.put(text(node, "key"), text(node, "plain"));
        if (node.has("also")) also.put(text(node, "key"), strings(node, "also"));
    }

    /** The files of movements by the key of their skill. */
    Map<String, JsonNode> movements() {
        return movements;
    }

    private void movements(Located file) {
        String skill = text(file.tree, "skill");
        String key = MovementChecks.file(skill);
        movements.put(skill, file.tree);
        if (!keys.add(key)) twice(key, file, "");
        places.put(key, file.where(""));
        for (int i = 0; i < file.tree.get("cues").size(); i++)
            places.put(MovementChecks.cue(text(file.tree.get("cues").get(i), "cue")), file.where("/cues/" + i));
        guarded(key, () -> demonstrations.put(skill, MovementMapper.of(file.tree)));
    }

    private void library(Located file) {
        JsonNode tree = file.tree;
        for (int i = 0; i < tree.path("layouts").size(); i++) {
            JsonNode n = tree.get("layouts").get(i);
            String key = text(n, "key");
            if (layouts.put(key, new Layout(key, text(n, "name"), strings(n, "steps"), text(n, "check"))) != null)
                twice(key, file, "/layouts/" + i);
            places.put("layout " + key, file.where("/layouts/" + i));
        }
        for (int i = 0; i < tree.path("transfers").size(); i++) {
            JsonNode n = tree.get("transfers").get(i);
            Transfer transfer = new Transfer(text(n, "from"), text(n, "to"), text(n, "how"));
            transfers.add(transfer);
            places.put("transfer " + transfer.from() + " " + transfer.to(), file.where("/transfers/" + i));
        }
        for (int i = 0; i < tree.path("symptoms").size(); i++) {
            JsonNode n = tree.get("symptoms").get(i);
            symptoms.add(new Symptom(text(n, "seen"), text(n, "cause"), text(n, "cue"), text(n, "activity")));
            places.put("symptom " + text(n, "seen"), file.where("/symptoms/" + i));
        }
        for (int i = 0; i < tree.path("games").size(); i++) {
            JsonNode n = tree.get("games").get(i);
            once(n, file, "/games/" + i);
            List<Rule> rules = new ArrayList<>();
            n.get("rules").forEach(r -> rules.add(new Rule(text(r, "rule"), text(r, "instead"), text(r, "back"))));
            games.add(new FullGame(
                    text(n, "key"), text(n, "name"), text(n, "skill"), text(n, "decision"), text(n, "core"), rules));
        }
        if (file.path.startsWith("outcomes/")) outcomes(file);
    }

    private void outcomes(Located file) {
        List<Outcome> statements = new ArrayList<>();
        once(file.tree, file, "");
        for (int i = 0; i < file.tree.get("outcomes").size(); i++) {
            JsonNode n = file.tree.get("outcomes").get(i);
            statements.add(new Outcome(
                    text(n, "code"),
                    text(n, "text"),
                    low(n, "ages"),
                    high(n, "ages"),
                    strings(n, "skills"),
                    strings(n, "cues")));
            places.put("outcome " + text(n, "code"), file.where("/outcomes/" + i));
        }
        outcomes.add(
                new OutcomeSet(text(file.tree, "key"), text(file.tree, "name"), text(file.tree, "about"), statements));
    }

    private void skill(Located file) {
        JsonNode tree = file.tree;
        String skill = text(tree, "key");
        once(tree, file, "");
        named(tree);
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
        List<Skill.Variant> variants = new ArrayList<>();
        tree.path("variants")
                .forEach(v ->
                        variants.add(new Skill.Variant(text(v, "name"), text(v, "for"), text(v, "how"), looks(v))));
        skills.add(new Skill(
                skill,
                text(tree, "name"),
                constant(Ladder.class, text(tree, "ladder")),
                constant(Action.class, text(tree, "action")),
                cues,
                sets,
                variants,
                tree.has("lead-ups") ? constant(Skill.LeadUps.class, text(tree, "lead-ups")) : Skill.LeadUps.SOMETIMES,
                tree.path("play-without").asBoolean(true)));
    }

    private static List<Skill.Look> looks(JsonNode variant) {
        List<Skill.Look> looks = new ArrayList<>();
        variant.path("looks").forEach(l -> looks.add(new Skill.Look(text(l, "question"), text(l, "call"))));
        return looks;
    }

    private static Cue cue(String skill, JsonNode node) {
        List<Fault> faults = new ArrayList<>();
        node.get("faults").forEach(f -> faults.add(new Fault(text(f, "seen"), text(f, "fix"), optional(f, "variant"))));
        return new Cue(
                text(node, "key"),
                skill,
                constant(MovementPhase.class, text(node, "phase")),
                text(node, "body"),
                text(node, "question"),
                text(node, "call"),
                text(node, "view"),
                node.has("seen") ? constant(Seen.class, text(node, "seen")) : SchemaOne.seen(text(node, "view")),
                node.get("from-age").asInt(),
                strings(node, "prerequisites"),
                node.has("condition") ? constant(Condition.class, text(node, "condition")) : Condition.NONE,
                faults,
                text(node, "tell-me"),
                node.has("at-speed")
                        ? new Cue.AtSpeed(text(node.get("at-speed"), "question"), text(node.get("at-speed"), "call"))
                        : null);
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
                node.path("pieces").asInt(1),
                handling(node),
                node.has("recipe")
                        ? new Recipe(
                                materials(node.get("recipe").get("materials")),
                                strings(node.get("recipe"), "steps"),
                                node.get("recipe").get("minutes").asInt(),
                                node.get("recipe").has("filling")
                                        ? constant(Recipe.Filling.class, text(node.get("recipe"), "filling"))
                                        : Recipe.Filling.NONE)
                        : null);
    }

    private static List<Recipe.Material> materials(JsonNode node) {
        List<Recipe.Material> materials = new ArrayList<>();
        for (JsonNode m : node)
            materials.add(
                    m.isObject()
                            ? new Recipe.Material(
                                    m.get("amount").asDouble(), m.path("unit").asString(""), text(m, "of"))
                            : SchemaOne.material(m.asString()));
        return materials;
    }

    private static Handling handling(JsonNode node) {
        return new Handling(
                node.has("hardness")
                        ? constant(Handling.Hardness.class, text(node, "hardness"))
                        : Handling.Hardness.FIRM,
                number(node, "rebound"),
                strings(node, "rolls-on").stream()
                        .map(f -> constant(Place.Floor.class, f))
                        .collect(Collectors.toSet()),
                node.path("rolling").asDouble(1),
                node.has("held-by")
                        ? new Handling.HeldBy(
                                text(node.get("held-by"), "item"),
                                node.get("held-by").get("count").asInt())
                        : null,
                number(node, "fall"),
                node.path("at-people").asBoolean(false),
                node.path("indoors").asBoolean(true),
                optional(node, "check"),
                node.path("pack").asInt(1),
                node.path("fit").asInt(0),
                node.path("age-from").asInt(3));
    }

    private static @Nullable Double number(JsonNode node, String name) {
        return node.has(name) ? node.get(name).asDouble() : null;
    }

    private Activity activity(JsonNode node, int schema, Map<String, Skill> byKey) {
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
        node.path("levers").forEach(l -> levers.add(lever(l)));
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
                                cycle.get("reset").asInt(),
                                cycle.path("miss").asInt(0),
                                cycle.path("goes").asInt(1),
                                cycle.has("acts")
                                        ? constant(TurnCycle.Acts.class, text(cycle, "acts"))
                                        : TurnCycle.Acts.USUAL),
                node.path("tries").asInt(1),
                new SpaceNeed(
                        space.get("long").asDouble(),
                        space.get("each").asDouble(),
                        space.has("ceiling") ? space.get("ceiling").asDouble() : null),
                needs(node),
                node.get("set-up").asInt(),
                text(node, "layout"),
                node.path("fast").asBoolean(false),
                Lengths.typed(text(node, "how")),
                optional(node, "counts"),
                optional(node, "odd"),
                levers,
                strings(node, "cautions"),
                optional(node, "question"),
                node.path("difficulty").asDouble(0),
                node.has("task") ? attempt(node.get("task")) : schema == 1 ? SchemaOne.attempt(node) : Attempt.NONE,
                conduct(node),
                List.of());
    }

    private static Attempt attempt(JsonNode node) {
        return new Attempt(
                constant(Must.class, text(node, "must")),
                node.has("travels") ? constant(Travel.class, text(node, "travels")) : Travel.NONE,
                number(node, "opening"),
                reach(node),
                strings(node, "efforts").stream()
                        .map(e -> constant(Effort.class, e))
                        .collect(Collectors.toSet()));
    }

    private static Lever lever(JsonNode node) {
        String name = text(node, "name");
        List<String> steps = strings(node, "steps");
        int usual = node.get("usual").asInt();
        List<Double> logits = new ArrayList<>();
        if (node.has("logits")) node.get("logits").forEach(l -> logits.add(l.asDouble()));
        else logits.addAll(Lever.even(steps.size(), usual));
        List<StepFacts> facts = new ArrayList<>();
        if (node.has("facts")) node.get("facts").forEach(f -> facts.add(facts(f)));
        else facts.addAll(SchemaOne.facts(name, steps));
        return new Lever(name, steps.stream().map(Lengths::typed).toList(), usual, logits, facts);
    }

    /** How far, in whichever unit it says it. */
    private static @Nullable Reach reach(JsonNode node) {
        return Arrays.stream(Reach.Unit.values())
                .filter(u -> node.has(key(u)))
                .findFirst()
                .map(u -> new Reach(node.get(key(u)).asDouble(), u))
                .orElse(null);
    }

    private static StepFacts facts(JsonNode node) {
        Reach reach = reach(node);
        List<Brings> brings = new ArrayList<>();
        node.path("brings")
                .forEach(b -> brings.add(new Brings(
                        text(b, "need"),
                        optional(b, "like"),
                        b.has("traits") ? traits(b) : null,
                        b.has("width") ? low(b, "width") : null,
                        b.has("width") ? high(b, "width") : null,
                        b.has("per") ? constant(Need.Per.class, text(b, "per")) : null,
                        b.has("count") ? b.get("count").asInt() : null)));
        return new StepFacts(
                reach,
                node.has("limb") ? constant(StepFacts.Limb.class, text(node, "limb")) : null,
                brings,
                number(node, "opening"),
                node.has("tempo") ? constant(Tempo.class, text(node, "tempo")) : null,
                node.has("moving") ? constant(StepFacts.Mover.class, text(node, "moving")) : null,
                Arrays.stream(Amount.values())
                        .filter(a -> node.has(key(a)))
                        .collect(Collectors.toMap(a -> a, a -> node.get(key(a)).asDouble())));
    }

    private static String key(Enum<?> unit) {
        return unit.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Conduct conduct(JsonNode node) {
        Conduct usual = Conduct.USUAL;
        JsonNode link = node.get("link");
        return new Conduct(
                node.has("scoring") ? constant(Scoring.class, text(node, "scoring")) : usual.scoring(),
                node.has("gather") ? constant(Gathering.class, text(node, "gather")) : usual.gathering(),
                strings(node, "roles"),
                optional(node, "absent"),
                node.has("sits-out") ? text(node, "sits-out") : usual.sitsOut(),
                optional(node, "leaves"),
                link == null ? null : new Conduct.Link(text(link, "subject"), text(link, "ask"), text(link, "answer")),
                optional(node, "recap"),
                optional(node, "closes"),
                node.has("occasion") ? constant(Occasion.class, text(node, "occasion")) : usual.occasion(),
                strings(node, "warms").stream()
                        .map(w -> constant(Body.class, w))
                        .collect(Collectors.toSet()),
                optional(node, "home"),
                strings(node, "card"));
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
                        new Need.Asks(
                                n.has("grams-from") ? n.get("grams-from").asInt() : null,
                                n.has("grams") ? n.get("grams").asInt() : null,
                                n.path("rebound").asDouble(0),
                                n.path("underfoot").asBoolean(false),
                                n.path("in-one-hand").asInt(0),
                                n.path("alike").asBoolean(true)),
                        constant(Need.Per.class, text(n, "per")),
                        n.get("count").asInt())));
        return needs;
    }

    private final List<Activity> activities = new ArrayList<>();

    /** What did not make sense beyond the schema; maps the activities, which need the skills of every file. */
    List<Finding> problems() {
        Map<String, Skill> byKey = skills.stream().collect(Collectors.toMap(Skill::key, s -> s, (a, b) -> a));
        for (ActivityNode a : activityNodes)
            guarded(text(a.node(), "key"), () -> activities.add(activity(a.node(), a.schema(), byKey)));
        return problems;
    }

    /** All that was taken, skills by family and name. */
    KnowHow knowHow() {
        skills.sort(Comparator.comparing(Skill::ladder).thenComparing(Skill::name));
        return new KnowHow(
                skills,
                activities,
                items,
                cautions,
                new Crosswalk(links),
                new Library(transfers, symptoms, outcomes, games, layouts, new Names(plain, also), demonstrations));
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
        if (!keys.add(key)) twice(key, file, pointer);
        places.put(key, file.where(pointer));
    }

    private void twice(String key, Located file, String pointer) {
        problems.add(new Finding(
                "key-once", file.where(pointer), "The key (%s) stands twice; keys are never reused.".formatted(key)));
    }
}
