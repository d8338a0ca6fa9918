package io.isokinet.core.task;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.Tempo;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.kit.Falls;
import io.isokinet.core.kit.Here;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.motion.Ground;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Action;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Need.Role;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An activity at one setting, with the things really used, on the floor really there, for children of one age.
 *
 * @param needs as they are laid out
 * @param action what the skill does with a preferred side; null where no skill is practised
 * @param sent what is rolled, thrown, kicked or struck; where there are several, what there is most of. Null where nothing is
 * @param target what is aimed at or has to fall; null where nothing is
 * @param fresh true where the skill is new to the class
 * @param falls whether the target falls to what is sent; null where nothing has to
 */
public record Task(
        Asked asked,
        Age age,
        Ground ground,
        List<Need> needs,
        @Nullable Action action,
        @Nullable Item sent,
        @Nullable Item target,
        Toppling.@Nullable Answer falls,
        boolean fresh) {
    /** A push of more than this, in grams, is heavy. Common practice. */
    private static final double HEAVY = 400;

    public Task {
        needs = List.copyOf(needs);
    }

    /**
     * @param needs as they are laid out
     * @param kit what was found for them; where it has nothing for a need, what the need prefers stands in
     * @param fresh true where the skill is new to the class
     */
    public static Task of(
            Asked asked,
            Age age,
            Place.Floor floor,
            List<Need> needs,
            List<KitLine> kit,
            KnowHow known,
            Cupboard cupboard,
            boolean fresh) {
        Ground ground = new Ground(floor);
        Item sent = used(needs, Role.SENT, kit, known);
        Item fells = used(needs, Role.TOPPLED, kit, known);
        Item target = fells == null ? used(needs, Role.AIMED_AT, kit, known) : fells;
        Activity activity = asked.activity();
        return new Task(
                asked,
                age,
                ground,
                needs,
                activity.skill() == null ? null : known.skill(activity.skill()).action(),
                sent,
                target,
                sent == null || fells == null
                        ? null
                        : Falls.answer(sent, fells, here(asked, age, ground), age, cupboard),
                fresh);
    }

    /** The same for a group that has another thing to aim at. */
    public Task at(Item other) {
        return new Task(
                asked,
                age,
                ground,
                needs,
                action,
                sent,
                other,
                falls == null || sent == null
                        ? null
                        : Falls.answer(sent, other, here(asked, age, ground), age, Cupboard.EMPTY),
                fresh);
    }

    private static Here here(Asked asked, Age age, Ground ground) {
        return new Here(
                ground,
                false,
                false,
                asked.activity().attempt().travel(),
                asked.activity().attempt().must(),
                asked.metres(age));
    }

    /** With what its needs prefer, from a cupboard that has everything. */
    public static Task preferred(Activity activity, int setting, Age age, Place.Floor floor, KnowHow known) {
        return preferred(Asked.of(activity, setting), age, floor, known);
    }

    /** With what its needs prefer, from a cupboard that has everything. */
    public static Task preferred(Asked asked, Age age, Place.Floor floor, KnowHow known) {
        return of(asked, age, floor, asked.needs(), List.of(), known, Cupboard.EMPTY, false);
    }

    private static @Nullable Item used(List<Need> needs, Role role, List<KitLine> kit, KnowHow known) {
        return needs.stream()
                .filter(n -> n.role() == role)
                .findFirst()
                .map(n -> kit.stream()
                        .filter(l -> l.what().equals(n.what()))
                        .max(Comparator.comparingInt(KitLine::count))
                        .map(l -> known.item(l.item()))
                        .orElseGet(() -> known.item(n.prefers())))
                .orElse(null);
    }

    public Activity activity() {
        return asked.activity();
    }

    public int setting() {
        return asked.setting();
    }

    /** How far it is, in metres; null if nothing says. */
    public @Nullable Double metres() {
        return asked.metres(age);
    }

    /** How far behind the line a go begins, in metres. */
    public double runUp() {
        return asked.runUp(age);
    }

    /**
     * Seconds that a go takes longer than the activity says, since this setting holds longer or lasts longer than its usual one;
     * negative where it is shorter.
     */
    double longer() {
        return amount(Amount.HOLD) + amount(Amount.LASTS);
    }

    private double amount(Amount of) {
        Double now = asked.facts().amount(of);
        if (now == null) return 0;
        Double usual = Asked.of(activity(), Asked.usual(activity())).facts().amount(of);
        return usual == null ? 0 : now - usual;
    }

    public Travel travel() {
        return activity().attempt().travel();
    }

    /** How many things stand to be felled or aimed at in one group; 0 where none do. */
    int targets() {
        return needs.stream()
                .filter(n -> n.role() == Role.TOPPLED)
                .findFirst()
                .or(() -> needs.stream().filter(n -> n.role() == Role.AIMED_AT).findFirst())
                .map(Need::count)
                .orElse(0);
    }

    /** True if each try takes some of what a body has only so much of: at full effort, and of a push with what is heavy. */
    public boolean takes(Effort effort) {
        if (!activity().attempt().asks(effort)) return false;
        return switch (effort) {
            case THROW, LAND -> asked.tempo() != Tempo.SLOW;
            case PUSH -> sent != null && sent.mass().grams() > HEAVY;
            case HOLD -> true;
        };
    }

    /** Why what is rolled does not get there on this floor; null if it does, or nothing is rolled. */
    public @Nullable String stopsShort() {
        Double metres = metres();
        Item ball = sent;
        if (travel() != Travel.ROLLS || metres == null || ball == null) return null;
        Speed hardest = Chances.hardest(this);
        double runs = ground.runsOn(ball, hardest).metres();
        return runs >= metres
                ? null
                : Words.say(
                        "%s sent as hard as children of %d do stop after %.1f m on %s, and it is %.1f m",
                        Words.capital(ball.many()),
                        age.years(),
                        runs,
                        ground.floor().label(),
                        metres);
    }

    /** Share of the tries that are expected to fail, 0 to 1; 0 where there is no figure. */
    double missed() {
        Double share = success().share();
        return share == null ? 0 : 1 - share;
    }

    /** The most tries that a child is given in one stretch. */
    public int most() {
        return Toll.most(this);
    }

    /** Why no more tries are given in one stretch; null if there is no bound. */
    public @Nullable String bound() {
        return most() == Integer.MAX_VALUE ? null : Toll.why(this);
    }

    /** How likely a try is, or why no figure is given. */
    public Success success() {
        return Chances.of(this, 0);
    }
}
