package io.isokinet.knowhow;

import static io.isokinet.knowhow.Nodes.text;

import io.isokinet.core.activity.Attempt;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.thing.Recipe;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Packs of schema 1, which said in words what is a fact now: the one place where a number is read out of words, or what a try is out
 * of the kit, the scoring and the cautions. What a pack says as facts is taken as it is.
 */
final class SchemaOne {
    private static final Pattern DISTANCE = Pattern.compile("(\\d+(?:\\.\\d+)?) (m|paces?|steps?|giant steps?)\\b.*");
    /** The other of two; another ball, or each other, is none. */
    private static final Pattern OTHER = Pattern.compile("(?<!each )\\bother\\b");

    private static final Pattern AMOUNT = Pattern.compile("(\\d+(?:\\.\\d+)?) ?(?:(ml|l|g|cm|m)\\b)?(?: of)? (.*)");
    private static final Pattern HELD = Pattern.compile("\\b(a hold|held for)\\b");
    private static final Map<String, Reach.Unit> UNITS = Map.of(
            "m", Reach.Unit.METRES,
            "pace", Reach.Unit.PACES,
            "step", Reach.Unit.STEPS,
            "giant step", Reach.Unit.GIANT_STEPS);

    private static final List<String> IN_THE_AIR = List.of("airborne", "throwing-arm", "kicks-up");

    private SchemaOne() {}

    /** @param lever its name: a distance is told by levers that are called so, or a start */
    static List<StepFacts> facts(String lever, List<String> steps) {
        boolean apart = lever.startsWith("distance") || lever.equals("start");
        return steps.stream()
                .map(words -> new StepFacts(apart ? reach(words) : null, limb(words)))
                .toList();
    }

    private static @Nullable Reach reach(String words) {
        Matcher told = DISTANCE.matcher(words);
        if (!told.matches()) return null;
        double many = Double.parseDouble(told.group(1));
        return many > 0 && many <= 100 ? new Reach(many, UNITS.get(told.group(2).replaceAll("s$", ""))) : null;
    }

    private static StepFacts.@Nullable Limb limb(String words) {
        if (OTHER.matcher(words).find()) return StepFacts.Limb.OTHER;
        return words.contains("preferred") ? StepFacts.Limb.PREFERRED : null;
    }

    /** @param words as in "30 m of wool" */
    static Recipe.Material material(String words) {
        Matcher amount = AMOUNT.matcher(words);
        return amount.matches()
                ? new Recipe.Material(
                        Double.valueOf(amount.group(1)),
                        amount.group(2) == null ? "" : amount.group(2),
                        amount.group(3))
                : Recipe.Material.of(words);
    }

    /** @param view as a cue says it: "from the side, behind the line" */
    static Seen seen(String view) {
        if (view.startsWith("from behind")) return Seen.BEHIND;
        return view.startsWith("from the front") ? Seen.FRONT : Seen.SIDE;
    }

    /** @param one what counts as one; null for a try as such */
    static boolean held(@Nullable String one) {
        return one != null && HELD.matcher(one).find();
    }

    /** What one try is, by the kit, the scoring, the formation and the cautions. */
    static Attempt attempt(JsonNode activity) {
        List<String> cautions = Nodes.strings(activity, "cautions");
        Set<String> roles = new HashSet<>();
        boolean rolls = false;
        for (JsonNode need : activity.path("kit")) {
            roles.add(text(need, "role"));
            rolls |= text(need, "role").equals("sent")
                    && Nodes.strings(need, "traits").contains("rolls");
        }
        Travel travel = !roles.contains("sent")
                ? Travel.NONE
                : IN_THE_AIR.stream().anyMatch(cautions::contains) ? Travel.FLIES : rolls ? Travel.ROLLS : Travel.KEPT;
        return new Attempt(must(activity, roles), travel, null, null, efforts(activity, cautions));
    }

    private static Must must(JsonNode activity, Set<String> roles) {
        if (roles.contains("toppled")) return Must.TOPPLES;
        String scoring = activity.has("scoring") ? text(activity, "scoring") : "none";
        return switch (scoring) {
            case "none" -> Must.NOTHING;
            case "measured", "zones" -> Must.FAR;
            case "nearest" -> Must.NEAREST;
            case "crossed", "tails" -> Must.GOT_AWAY;
            case "streak" -> Must.KEPT_UP;
            default -> roles.contains("aimed-at") && roles.contains("sent") ? Must.HITS : Must.DONE;
        };
    }

    private static Set<Effort> efforts(JsonNode activity, List<String> cautions) {
        Set<Effort> efforts = EnumSet.noneOf(Effort.class);
        if (cautions.contains("throwing-arm")) efforts.add(Effort.THROW);
        if (cautions.contains("heavy")) efforts.add(Effort.PUSH);
        if (cautions.contains("landing")) efforts.add(Effort.LAND);
        boolean held =
                activity.has("held") ? activity.get("held").asBoolean() : held(Nodes.optional(activity, "counts"));
        if (held) efforts.add(Effort.HOLD);
        return efforts;
    }
}
