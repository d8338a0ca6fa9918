package io.isokinet.core.task;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Brings;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.Tempo;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Pace;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What an activity asks for at a setting, before class, place and cupboard are known. The main lever stands at the setting, the
 * others at their usual step.
 *
 * @param setting step of the main lever, from 0; 0 where there is none
 * @param facts what all levers set together, the main one first
 * @param needs the things, changed by what the steps bring
 * @param logits difficulty at this setting
 */
public record Asked(Activity activity, int setting, StepFacts facts, List<Need> needs, double logits) {
    public Asked {
        needs = List.copyOf(needs);
    }

    /** @param setting beyond the hardest means the hardest */
    public static Asked of(Activity activity, int setting) {
        return at(activity, 0, Math.max(0, Math.min(setting, steps(activity) - 1)));
    }

    /**
     * With one lever at a step, and all others at their usual one.
     *
     * @param lever index among the levers; of no matter where there is none
     */
    public static Asked at(Activity activity, int lever, int step) {
        StepFacts facts = StepFacts.NONE;
        double logits = activity.difficulty();
        List<StepFacts> set = new ArrayList<>();
        for (int i = 0; i < activity.levers().size(); i++) {
            Lever each = activity.levers().get(i);
            int at = i == lever ? step : each.usual();
            set.add(each.facts().get(at));
            facts = facts.or(each.facts().get(at));
            logits += each.logits().get(at);
        }
        List<Need> needs = new ArrayList<>();
        for (Need need : activity.needs()) {
            Need now = need;
            // What the main lever brings comes last, so that it has the last word.
            for (int i = set.size() - 1; i >= 0; i--)
                for (Brings b : set.get(i).brings()) if (b.need().equals(need.what())) now = b.of(now);
            needs.add(now);
        }
        return new Asked(activity, lever == 0 ? step : usual(activity), facts, needs, logits);
    }

    /** Steps of the main lever; one where there is none. */
    public static int steps(Activity activity) {
        return activity.levers().isEmpty()
                ? 1
                : activity.levers().get(0).steps().size();
    }

    /** The step of the main lever to start from. */
    public static int usual(Activity activity) {
        return activity.levers().isEmpty() ? 0 : activity.levers().get(0).usual();
    }

    /** How far it is, as it is said; null if nothing says. */
    public @Nullable Reach reach() {
        return facts.reach() == null ? activity.attempt().reach() : facts.reach();
    }

    /** How far it is to what is aimed at or to the partner, in metres; null if nothing says. */
    public @Nullable Double metres(Age age) {
        return reach() == null ? null : reach().metres(age);
    }

    /** How far behind the line a go begins, in metres: the steps that are taken before. */
    public double runUp(Age age) {
        Double steps = facts.amount(Amount.RUN_UP);
        return steps == null ? 0 : steps * Pace.childs(age).metres();
    }

    /** True if how far it is is said in metres. */
    public boolean isMeasured() {
        return reach() != null && reach().unit() == Reach.Unit.METRES;
    }

    /** Distances of the steps beside this one, in metres: for those who need it nearer or further. */
    public List<Double> beside(Age age) {
        List<Double> metres = new ArrayList<>();
        for (int step : new int[] {setting - 1, setting + 1})
            if (step >= 0 && step < steps(activity)) {
                Double far = of(activity, step).metres(age);
                if (far != null && !far.equals(metres(age))) metres.add(far);
            }
        return metres;
    }

    public Tempo tempo() {
        return facts.tempo() == null ? Tempo.USUAL : facts.tempo();
    }

    /** True if what a cue is about can occur at this setting. */
    public boolean lets(Cue cue) {
        return switch (cue.condition()) {
            case NONE -> true;
            case FLIGHT -> tempo() != Tempo.SLOW;
            case OBJECT -> brings(Need.Role.SENT);
            case MOVING_BALL -> brings(Need.Role.SENT) && activity.attempt().travel() != Travel.NONE;
            // A wall sends it back as a partner would.
            case PARTNER ->
                activity.grouping().usual() > 1 || activity.grouping().formation() == Formation.WALL;
            case OPPONENT -> isOpposed();
            case TARGET -> isAimed();
        };
    }

    private boolean brings(Need.Role role) {
        return needs.stream().anyMatch(n -> n.role() == role);
    }

    /** True if somebody tries to stop it. */
    private boolean isOpposed() {
        Double opponents = facts.amount(Amount.OPPONENTS);
        if (opponents != null) return opponents > 0;
        return activity.attempt().must() == Must.GOT_AWAY || facts.moving() == StepFacts.Mover.OPPONENT;
    }

    /** True if there is something or somebody to send it to. */
    private boolean isAimed() {
        return switch (activity.attempt().must()) {
            case HITS, PASSES, TOPPLES, STOPS_IN, LANDS_IN, NEAREST, ARRIVES, GOT_AWAY -> true;
            case NOTHING, DONE, CAUGHT, FAR, KEPT_UP ->
                brings(Need.Role.AIMED_AT)
                        || brings(Need.Role.TOPPLED)
                        || activity.grouping().usual() > 1;
        };
    }

    /** How wide it is to pass, in metres, where no thing says it; null if nothing does. */
    public @Nullable Double opening() {
        return facts.opening() == null ? activity.attempt().opening() : facts.opening();
    }

    /** Stands in a text of an activity for how far it is at the setting. */
    public static final String DISTANCE = "{distance}";
    /** Stands in a text of an activity for what is sent at the setting. */
    public static final String THING = "{thing}";

    /** Stands in a text of an activity for the words of the step of its main lever. */
    public static final String STEP = "{step}";

    /**
     * What to tell in a stretch that recalls the lesson before, or does not.
     *
     * @param recalls true if it recalls
     */
    public String how(KnowHow known, boolean recalls) {
        String recap = activity.conduct().recap();
        return recalls && recap != null ? how(known) + " " + recap : how(known);
    }

    /** What to tell, with the distance, the thing and the step of this setting; of stations that of each. */
    public String how(KnowHow known) {
        List<Activity> stations = activity.stations();
        if (!stations.isEmpty())
            return IntStream.range(0, stations.size())
                    .mapToObj(i -> "Station %d, %s: %s"
                            .formatted(
                                    i + 1,
                                    stations.get(i).name(),
                                    of(stations.get(i), Stations.step(stations.get(i), activity, setting))
                                            .how(known)))
                    .collect(Collectors.joining("\n"));
        return activity.how()
                .replace(
                        STEP,
                        activity.levers().isEmpty()
                                ? ""
                                : activity.levers().get(0).steps().get(setting))
                .replace(DISTANCE, reach() == null ? "the distance" : reach().words())
                .replace(
                        THING,
                        needs.stream()
                                .filter(n -> n.role() == Need.Role.SENT)
                                .findFirst()
                                .map(n -> known.item(n.prefers()).name())
                                .orElse("thing"));
    }
}
