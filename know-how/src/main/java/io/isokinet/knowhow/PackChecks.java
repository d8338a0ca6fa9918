package io.isokinet.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Brings;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.check.Finding;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Mirror;
import io.isokinet.core.skill.Sides;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a schema cannot say of a pack: references, order, mirroring, kit, rates, and that no two are alike. */
final class PackChecks {
    private static final String NUMBER = "(?:two|three|four|five|six|seven|eight|nine|ten|\\d+(?:\\.\\d+)?)";
    private static final String LENGTH = NUMBER + " (?:metres?|m|paces?|steps?)";
    private static final Pattern BRACES = Pattern.compile("\\{[^}]*\\}");

    private static final Pattern TYPED_LENGTH = Pattern.compile(
            "\\b(?:from " + LENGTH + "|" + LENGTH + " (?:apart|away|off|ahead|from the wall))\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TYPED_COUNT =
            Pattern.compile("\\b(?:one|" + NUMBER + ") counts?\\b", Pattern.CASE_INSENSITIVE);

    private static final int ITEMS_A_NEED = 2;
    private static final int USUAL_CLASS = 27;
    /** Tries a minute for each child, by common practice: a wall gives about six, quick taps twenty. */
    private static final double MOST_TRIES_A_MINUTE = 20;

    private static final double FEWEST_TRIES_A_MINUTE = 0.4;
    /** Greatest mass of a home-made thing that is thrown, in grams, by age in years; common practice. */
    private static final List<int[]> HOME_MADE_LIMITS =
            List.of(new int[] {7, 400}, new int[] {9, 600}, new int[] {12, 1000});

    private final KnowHow known;
    private final Map<String, String> places;
    private final Set<String> under;
    private final int schema;
    private final List<Finding> findings = new ArrayList<>();

    private PackChecks(KnowHow known, Map<String, String> places, Set<String> under, int schema) {
        this.schema = schema;
        this.known = known;
        this.places = places;
        this.under = under;
    }

    /**
     * @param places where each keyed thing stands
     * @param under keys of packs below, which have been checked before
     * @param schema of the pack; what schema 1 could not say is not asked of it
     */
    static List<Finding> of(KnowHow known, Map<String, String> places, Set<String> under, int schema) {
        return new PackChecks(known, places, under, schema).all();
    }

    private List<Finding> all() {
        known.skills().stream().filter(s -> own(s.key())).forEach(this::skill);
        known.activities().stream().filter(a -> own(a.key())).forEach(this::activity);
        known.items().stream().filter(i -> own(i.key())).forEach(this::item);
        for (Crosswalk.Link link : known.crosswalk().links()) {
            cue(link.from(), "crosswalk.yaml", "The crosswalk");
            cue(link.to(), "crosswalk.yaml", "The crosswalk");
        }
        library(known.library());
        for (Similar.Pair pair : Similar.among(known.activities()))
            if (own(pair.one()) || own(pair.other()))
                add(
                        "alike",
                        pair.other(),
                        "This is %d%% the same text as (%s). Change what happens in it, or leave one out."
                                .formatted(Math.round(pair.share() * 100), pair.one()));
        return findings;
    }

    private boolean own(String key) {
        return !under.contains(key);
    }

    private void skill(Skill skill) {
        Set<String> inSets = new HashSet<>();
        skill.sets().forEach(s -> inSets.addAll(s.cues()));
        for (Cue cue : skill.cues()) {
            if (!cue.key().startsWith(skill.key() + "/"))
                add(
                        "cue-key",
                        cue.key(),
                        "The cue (%s) must start with its skill's key, %s/.".formatted(cue.key(), skill.key()));
            for (Fault fault : cue.faults())
                if (fault.variant() != null
                        && skill.variants().stream().noneMatch(v -> v.name().equals(fault.variant())))
                    add(
                            "variant-exists",
                            cue.key(),
                            "The fault (%s) is of a variant (%s) that the skill does not have; it has: %s."
                                    .formatted(
                                            fault.seen(),
                                            fault.variant(),
                                            skill.variants().stream()
                                                    .map(Skill.Variant::name)
                                                    .collect(Collectors.joining(", "))));
            for (Side side : Side.values()) mirrors(skill, cue, Sides.all(side));
            mirrors(skill, cue, Sides.NOT_SETTLED);
            for (String before : cue.prerequisites()) {
                if (!known.hasCue(before))
                    add("cue-exists", cue.key(), "The prerequisite (%s) does not exist.".formatted(before));
                else if (known.cue(before).fromAge() > cue.fromAge())
                    add(
                            "ages-rise",
                            cue.key(),
                            "It builds on (%s), which is asked for only from %d, later than this from %d."
                                    .formatted(before, known.cue(before).fromAge(), cue.fromAge()));
            }
            if (circle(cue, cue.key(), new HashSet<>()))
                add("no-circle", cue.key(), "What it builds on builds on it again. Take one of the prerequisites out.");
            if (!inSets.contains(cue.key()))
                add("cue-used", cue.key(), "The cue is in no set, so nobody would ever meet it. Put it in one.");
        }
        for (CueSet set : skill.sets()) set(set);
    }

    private boolean circle(Cue cue, String start, Set<String> seen) {
        for (String before : cue.prerequisites()) {
            if (before.equals(start)) return true;
            if (seen.add(before) && known.hasCue(before) && circle(known.cue(before), start, seen)) return true;
        }
        return false;
    }

    private void set(CueSet set) {
        int least = set.kind() == CueSet.Kind.COMPONENTS ? 4 : set.kind() == CueSet.Kind.TWO_TRIAL ? 3 : 2;
        int most = set.kind() == CueSet.Kind.COMPONENTS ? 8 : set.kind() == CueSet.Kind.TWO_TRIAL ? 5 : 4;
        if (set.cues().size() < least || set.cues().size() > most)
            add(
                    "set-size",
                    set.key(),
                    "A set of this kind has %d to %d cues; this one has %d."
                            .formatted(least, most, set.cues().size()));
        Set<String> before = new HashSet<>();
        int age = 0;
        for (String key : set.cues()) {
            if (!known.hasCue(key)) {
                add("cue-exists", set.key(), "The set names the cue (%s), which does not exist.".formatted(key));
                continue;
            }
            Cue cue = known.cue(key);
            // A test's criteria may build on what only the other sets name.
            boolean ready = before.containsAll(cue.prerequisites())
                    || set.kind() == CueSet.Kind.TWO_TRIAL
                            && cue.prerequisites().stream()
                                    .noneMatch(p -> set.cues().indexOf(p) > before.size());
            if (!ready)
                add(
                        "prerequisite-first",
                        set.key(),
                        "In this set (%s) comes before what it builds on (%s). Move it down."
                                .formatted(key, String.join(", ", cue.prerequisites())));
            if (cue.fromAge() < age)
                add(
                        "ages-rise",
                        set.key(),
                        "The cue (%s) is asked for from %d, but one before it only from %d. Order the set by age."
                                .formatted(key, cue.fromAge(), age));
            age = cue.fromAge();
            before.add(key);
        }
    }

    private void mirrors(Skill skill, Cue cue, Sides sides) {
        try {
            Mirror.text(cue.question(), skill.action(), sides);
            Mirror.text(cue.call(), skill.action(), sides);
            Mirror.text(cue.view(), skill.action(), sides);
            cue.faults().forEach(f -> Mirror.text(f.seen() + f.fix(), skill.action(), sides));
            skill.variants().stream()
                    .flatMap(v -> v.looks().stream())
                    .forEach(l -> Mirror.text(l.question() + l.call(), skill.action(), sides));
            if (cue.atSpeed() != null)
                Mirror.text(cue.atSpeed().question() + cue.atSpeed().call(), skill.action(), sides);
        } catch (IllegalArgumentException e) {
            add("mirrors", cue.key(), String.valueOf(e.getMessage()));
        }
    }

    private void activity(Activity activity) {
        for (String cue : activity.hosts()) cue(cue, activity.key(), "The activity hosts, and it");
        for (String cue : activity.showsWell())
            if (!activity.hosts().contains(cue))
                add(
                        "shows-hosted",
                        activity.key(),
                        "The activity shows the cue (%s) but does not host it.".formatted(cue));
        for (String caution : activity.cautions())
            if (!known.cautions().containsKey(caution))
                add("caution-exists", activity.key(), "The caution (%s) does not exist.".formatted(caution));
        if (!known.library().layouts().containsKey(activity.layout()))
            add(
                    "layout-exists",
                    activity.key(),
                    "The lay-out (%s) is not in layouts.yaml.".formatted(activity.layout()));
        if (activity.ageFrom() > activity.ageTo())
            add("ages-rise", activity.key(), "The youngest age comes first, then the oldest.");
        if (activity.minutesLeast() > activity.minutesMost())
            add("minutes-rise", activity.key(), "The fewest minutes come first, then the most.");
        rate(activity);
        for (Lever lever : activity.levers()) lever(activity, lever);
        if (schema > 1) {
            hostsWhatCanOccur(activity);
            bouncing(activity);
            typedLengths(activity);
            typedCounts(activity);
            opponents(activity);
            placeholders(activity);
        }
        brings(activity);
        for (Need need : activity.needs()) need(activity, need);
    }

    /** What a step brings is a need of the activity, and something does it. */
    private void brings(Activity activity) {
        for (Lever lever : activity.levers())
            for (StepFacts facts : lever.facts())
                for (Brings b : facts.brings()) {
                    Optional<Need> need = activity.needs().stream()
                            .filter(n -> n.what().equals(b.need()))
                            .findFirst();
                    if (need.isEmpty())
                        add(
                                "brings-a-need",
                                activity.key(),
                                "A step of the lever (%s) changes the need for a “%s”, which the kit does not have."
                                        .formatted(lever.name(), b.need()));
                    else need(activity, b.of(need.get()));
                }
    }

    /** A cue that an activity hosts can occur at one of its settings. */
    private void hostsWhatCanOccur(Activity activity) {
        for (String key : activity.hosts()) {
            if (!known.hasCue(key)) continue;
            Cue cue = known.cue(key);
            if (IntStream.range(0, Asked.steps(activity))
                    .noneMatch(i -> Asked.of(activity, i).lets(cue)))
                add(
                        "hosts-what-can-occur",
                        activity.key(),
                        "The activity hosts the cue (%s), which is only where there is %s, and it has none at any of its settings. Take the cue out, or say in the task or the kit what there is."
                                .formatted(key, cue.condition().words()));
        }
    }

    /** What is taken after a bounce is something that bounces. */
    private void bouncing(Activity activity) {
        for (int lever = 0; lever < activity.levers().size(); lever++)
            for (int step = 0; step < activity.levers().get(lever).steps().size(); step++) {
                Double bounces = activity.levers().get(lever).facts().get(step).amount(Amount.BOUNCES);
                if (bounces == null || bounces < 1) continue;
                boolean dead = Asked.at(activity, lever, step).needs().stream()
                        .anyMatch(n -> n.role() == Need.Role.SENT
                                && n.asks().rebound() == 0
                                && !n.traits().contains(Trait.BOUNCES));
                if (dead)
                    add(
                            "bounces",
                            activity.key(),
                            "The step “%s” of the lever (%s) wants a bounce, and what is sent need not bounce. Say in the kit how high it must come back, or let the step bring it."
                                    .formatted(
                                            activity.levers().get(lever).steps().get(step),
                                            activity.levers().get(lever).name()));
            }
    }

    /** What stands in braces in a text is something that is put in there. */
    private void placeholders(Activity activity) {
        Matcher braces = BRACES.matcher(activity.how());
        while (braces.find()) {
            String put = braces.group();
            boolean known = put.equals(Asked.DISTANCE)
                    || put.equals(Asked.THING)
                    || put.equals(Asked.STEP) && !activity.levers().isEmpty();
            if (!known)
                add(
                        "placeholder",
                        activity.key(),
                        "The text says “%s”, for which nothing is put in. Say {distance}, {thing} or, where there is a lever, {step}."
                                .formatted(put));
        }
    }

    /** A distance that a lever sets is not typed into the text as well: it says {distance}, which follows the setting. */
    private void typedLengths(Activity activity) {
        boolean sets = activity.attempt().reach() != null
                || activity.levers().stream().flatMap(l -> l.facts().stream()).anyMatch(f -> f.reach() != null);
        if (!sets) return;
        for (String text : told(activity)) {
            Matcher typed = TYPED_LENGTH.matcher(Lengths.plain(text));
            if (typed.find())
                add(
                        "typed-length",
                        activity.key(),
                        "The text says “%s”, and a lever sets the distance. Say {distance} instead."
                                .formatted(typed.group()));
        }
    }

    /** A hold that a lever sets is not counted in the text as well. */
    private void typedCounts(Activity activity) {
        boolean sets = activity.levers().stream()
                .flatMap(l -> l.facts().stream())
                .anyMatch(f -> f.amount(Amount.HOLD) != null);
        for (String text : told(activity)) {
            Matcher typed = TYPED_COUNT.matcher(text);
            if (sets && typed.find())
                add(
                        "typed-count",
                        activity.key(),
                        "The text says “%s”, and a lever sets how long it is held. Say {step}, or “for the count”."
                                .formatted(typed.group()));
        }
    }

    /** How many try to stop the others is said by the step of the main lever, and so follows it. */
    private void opponents(Activity activity) {
        if (activity.levers().isEmpty()) return;
        Lever main = activity.levers().get(0);
        long kinds = main.facts().stream()
                .map(f -> f.amount(Amount.OPPONENTS))
                .distinct()
                .count();
        if (kinds > 1 && !activity.how().contains(Asked.STEP))
            add(
                    "opponents-told",
                    activity.key(),
                    "The lever (%s) sets how many try to stop the others, and the text does not say it. Put {step} where they are named."
                            .formatted(main.name()));
    }

    /** Every text that is read beside the setting: what to do, what counts, who sits out, the set-up card. */
    private List<String> told(Activity activity) {
        Layout card = known.library().layouts().get(activity.layout());
        return Stream.of(
                        Stream.of(activity.how()),
                        Stream.ofNullable(activity.countsAsOne()),
                        Stream.of(activity.conduct().sitsOut()),
                        card == null
                                ? Stream.<String>empty()
                                : Stream.concat(card.steps().stream(), Stream.of(card.check())))
                .flatMap(texts -> texts)
                .toList();
    }

    /** Words and facts of a step say the same, or the words say no number. */
    private void lever(Activity activity, Lever lever) {
        List<String> plain = lever.steps().stream().map(Lengths::plain).toList();
        List<StepFacts> told = SchemaOne.facts(lever.name(), plain);
        for (int i = 0; i < told.size(); i++) {
            Reach said = told.get(i).reach();
            Reach sets = lever.facts().get(i).reach();
            if (said != null && !said.equals(sets))
                add(
                        "says-what-it-sets",
                        activity.key(),
                        "The step “%s” of the lever (%s) sets %s. Let its words and its facts say the same."
                                .formatted(plain.get(i), lever.name(), words(sets)));
            if (schema > 1) wordsOnly(activity, lever, i);
        }
    }

    /** A thing of the kit that the words of a step name is brought. */
    private void wordsOnly(Activity activity, Lever lever, int step) {
        String words = lever.steps().get(step);
        if (!lever.facts().get(step).brings().isEmpty()) return;
        known.items().stream()
                .filter(item -> words.equals(item.name()) || words.equals(item.many()))
                .findFirst()
                .ifPresent(item -> add(
                        "names-a-thing",
                        activity.key(),
                        "The step “%s” of the lever (%s) names %s of the kit and brings nothing. Say in its facts which need it changes."
                                .formatted(words, lever.name(), item.many())));
    }

    private static String words(@Nullable Reach reach) {
        return reach == null
                ? "no distance"
                : Words.say(
                        "%.1f %s",
                        reach.many(),
                        reach.unit().name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    private void rate(Activity activity) {
        int milli = Turn.of(
                        activity,
                        activity.needs(),
                        TurnCycle.USUALLY_MISSED,
                        Math.max(1, USUAL_CLASS / activity.grouping().usual()),
                        USUAL_CLASS,
                        1)
                .milliTries();
        if (milli == 0) return;
        double rate = milli / 1000.0;
        if (rate < FEWEST_TRIES_A_MINUTE || rate > MOST_TRIES_A_MINUTE)
            add(
                    "rate-plausible",
                    activity.key(),
                    Words.say(
                            "%.1f tries a minute for each child: %.1f to %.0f are plausible. Look at the turn cycle and the sizes.",
                            rate, FEWEST_TRIES_A_MINUTE, MOST_TRIES_A_MINUTE));
    }

    private void need(Activity activity, Need need) {
        if (!known.hasItem(need.prefers()))
            add(
                    "item-exists",
                    activity.key(),
                    "The kit names the item (%s), which does not exist.".formatted(need.prefers()));
        long met = known.items().stream()
                .filter((Item i) -> need.isMetBy(i) || i.key().equals(need.prefers()))
                .count();
        if (met < ITEMS_A_NEED)
            add(
                    "two-items",
                    activity.key(),
                    "Only %d item does as %s; at least %d must, so that there is a substitute."
                            .formatted(met, need.what(), ITEMS_A_NEED));
    }

    private void item(Item item) {
        Handling.HeldBy held = item.handling().heldBy();
        if (held != null && !known.hasItem(held.item()))
            add(
                    "item-exists",
                    item.key(),
                    "It is held up by the item (%s), which does not exist.".formatted(held.item()));
        if (!item.homeMade()) return;
        if (item.recipe() == null || item.handling().check() == null)
            add("recipe", item.key(), "What is home-made needs a recipe, and a check before each use.");
        if (item.has(Trait.STANDS) || item.has(Trait.FLAT) || item.has(Trait.STRIKES)) return;
        double grams = item.mass().grams();
        for (int[] limit : HOME_MADE_LIMITS)
            if (item.handling().ageFrom() <= limit[0]) {
                if (grams > limit[1])
                    add(
                            "home-made-mass",
                            item.key(),
                            Words.say(
                                    "%.0f g are too heavy from %d years: at most %d g to age %d. Make it smaller, or for older ones.",
                                    grams, item.handling().ageFrom(), limit[1], limit[0]));
                return;
            }
    }

    private void library(Library library) {
        for (Library.Transfer t : library.transfers()) {
            String at = "transfer " + t.from() + " " + t.to();
            if (!own(at)) continue;
            cue(t.from(), at, "The transfer");
            cue(t.to(), at, "The transfer");
        }
        for (Library.Symptom s : library.symptoms()) {
            String at = "symptom " + s.seen();
            if (!own(at)) continue;
            cue(s.cue(), at, "The symptom");
            if (!known.hasActivity(s.activity()))
                add("activity-exists", at, "The activity (%s) does not exist.".formatted(s.activity()));
            else if (known.hasCue(s.cue())
                    && !known.activity(s.activity()).hosts().contains(s.cue()))
                add(
                        "symptom-hosted",
                        at,
                        "The activity (%s) does not host the cue (%s); name one that does."
                                .formatted(s.activity(), s.cue()));
        }
        for (Library.OutcomeSet set : library.outcomes())
            for (Library.Outcome o : set.outcomes()) {
                String at = "outcome " + o.code();
                if (!own(at)) continue;
                o.skills().forEach(s -> skillExists(s, at));
                o.cues().forEach(c -> cue(c, at, "The outcome"));
            }
        for (Library.FullGame game : library.games()) if (own(game.key())) skillExists(game.skill(), game.key());
    }

    private void skillExists(String skill, String at) {
        if (!known.hasSkill(skill)) add("skill-exists", at, "The skill (%s) does not exist.".formatted(skill));
    }

    private void cue(String cue, String at, String what) {
        if (!known.hasCue(cue))
            add("cue-exists", at, "%s names the cue (%s), which does not exist.".formatted(what, cue));
    }

    private void add(String rule, String where, String message) {
        findings.add(new Finding(rule, places.getOrDefault(where, where), message));
    }
}
