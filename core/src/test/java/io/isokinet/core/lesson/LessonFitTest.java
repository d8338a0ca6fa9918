package io.isokinet.core.lesson;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.SKITTLE;
import static io.isokinet.core.Made.SOCK;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.balls;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.targets;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.StepFacts.Limb;
import io.isokinet.core.aim.Band;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitMoves;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.PinTurns.Reset;
import io.isokinet.core.lesson.Shopping.Missing;
import io.isokinet.core.lesson.Shopping.Purchase;
import io.isokinet.core.lesson.Shopping.Use;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.space.FloorPlan.Line;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Toll;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Need.Per;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LessonFitTest {
    private static final Age EIGHT = new Age(8);
    private final Activity lanes = activity("lanes", LessonPhase.PRACTISE)
            .of(ROLL, 2)
            .grouped(Formation.LANES, 3, 4, 6)
            .turn(5, 3, 2, 0)
            .space(8, 2)
            .needs(balls(Per.GROUP, 1), targets(Per.GROUP, 6))
            .lever(Made.distance(0, 3, 4))
            .layout("lanes", 60)
            .build();
    private final Activity each = activity("each", LessonPhase.PRACTISE)
            .of(ROLL, 1)
            .needs(balls(Per.CHILD, 1))
            .build();
    private final KnowHow known = knowHow(lanes, each);
    private final Cupboard cupboard = cupboard(FOAM, 30, SKITTLE, 60);
    private final Fitter fitter = new Fitter(known, cupboard, EIGHT, 27);

    private Stretch.Fits part(Activity activity, int minutes, int change) {
        return part(activity, 0, minutes, change, fitter);
    }

    private Stretch.Fits part(Activity activity, int setting, int minutes, int change, Fitter by) {
        return part(activity, setting, minutes, change, by.fit(activity, setting, HALL));
    }

    private Stretch.Fits part(Activity activity, int setting, int minutes, int change, Fit fit) {
        return (Stretch.Fits) Stretch.of(
                new Stretch.Planned(activity.key(), activity, setting, minutes, change, 0, null, false),
                fit,
                new Stretch.Hands(List.of(1, 1), Map.of()),
                HALL,
                known,
                Band.USUAL);
    }

    private Load.Part load(Activity activity, int setting, int minutes, int tries, int motion, boolean warm) {
        return new Load.Part(
                activity,
                Toll.of(Task.preferred(activity, setting, EIGHT, Place.Floor.WOOD, known), tries),
                minutes,
                motion,
                warm);
    }

    @Test
    void aLessonIsWorkedOutWhole() {
        LessonFit fit = LessonFit.of(List.of(part(each, 6, 0), part(lanes, 8, 60)), known, EIGHT);
        assertThat(LessonFit.fitting(fit.stretches()))
                .hasSize(2)
                .allMatch(p -> p.floor().spots().size() == 27);
        assertThat(fit.fetch()).extracting(k -> k.words()).containsExactly("27 foam balls", "42 skittle bottles");
        assertThat(fit.moves())
                .extracting(KitMoves.Move::words)
                .containsExactly(
                        "27 foam balls handed out",
                        "20 foam balls put away, 7 stay",
                        "42 skittle bottles handed out",
                        "7 foam balls put away",
                        "42 skittle bottles put away");
        assertThat(fit.moves().get(1).minute()).isEqualTo(6);
        // Motion 60 % for six minutes, for eight the quarter that those who wait leave, 27 in seven lanes; moderate to
        // vigorous is
        // another figure.
        assertThat(fit.motionPercent()).isEqualTo(Math.round((6 * 60 + 8 * 26) / 14f));
        assertThat(fit.vigorousPercent()).isLessThan(fit.motionPercent());
    }

    @Test
    void puttingOnTailsTakesItsTimeOffTheTries() {
        Stretch.Fits part = part(each, 6, 30);
        assertThat(part.plan().working(part.works())).isEqualTo(330);
        Fit.Works w = part.works();
        KitLine tail = new KitLine("tail", "tail", 27, "27 tails", null, 140, null);
        Fit.Works worn = new Fit.Works(
                w.task(),
                w.groups(),
                w.waves(),
                w.sizes(),
                w.formation(),
                w.space(),
                w.turn(),
                List.of(tail),
                w.cautions(),
                w.reasons(),
                List.of());
        assertThat(part.plan().working(worn)).isEqualTo(190);
        assertThat(part(each, 0, 6, 30, worn).work().tries())
                .isLessThan(part.work().tries());
    }

    @Test
    void theStartLineFollowsTheSetting() {
        Line line = part(lanes, 8, 60).floor().lines().stream()
                .filter(l -> l.kind() == Line.Kind.START)
                .findFirst()
                .orElseThrow();
        assertThat(Lengths.plain(line.label())).isEqualTo("3.0 m");
    }

    /** Common practice: in ten minutes six lanes of five give 12 tries each where three of ten give 6: half the tries. */
    @Test
    void moreLanesGiveMoreTries() {
        Activity wide = activity("wide", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .grouped(Formation.LANES, 3, 5, 10)
                .turn(5, 3, 2, 0)
                .build();
        List<Minutes.Option> options = Minutes.options(
                Task.of(Asked.of(wide, 0), EIGHT, HALL.floor(), List.of(), List.of(), known, Cupboard.EMPTY, false),
                30,
                600,
                6);
        assertThat(options.get(0).words()).isEqualTo("6 groups of 5: 12 tries each in 10 minutes");
        assertThat(options.get(options.size() - 1).words()).isEqualTo("3 groups of 10: 6 tries each in 10 minutes");
        assertThat(options.get(0).waitingPercent()).isEqualTo(80);
        assertThat(options.get(options.size() - 1).waitingPercent()).isEqualTo(90);
    }

    @Test
    void musicAndTalkHaveTheirLength() {
        assertThat(Minutes.music(32, 120)).isEqualTo(16);
        assertThat(Turn.explanation(new Age(5))).isEqualTo(25);
        assertThatThrownBy(() -> Minutes.music(8, 0)).hasMessageContaining("one or more");
    }

    /**
     * Facts of the trade: a turn with a reset by hand takes about 15 s, so a lane of four gives a child seven or eight tries in
     * eight minutes; two rolls to a reset give a few more tries; a reset only when all are down gives more still.
     */
    @Test
    void standingUpPinsCostsTries() {
        PinTurns one = PinTurns.simulated(4, 480, 1, Reset.EVERY_TURN, 6, 0.4, 5, 10, new Random(1));
        assertThat(one.rolls()).isBetween(7.0, 8.5);
        PinTurns two = PinTurns.simulated(4, 480, 2, Reset.EVERY_TURN, 6, 0.4, 5, 10, new Random(1));
        assertThat(two.rolls()).isBetween(one.rolls() + 1, one.rolls() + 5);
        PinTurns late = PinTurns.simulated(4, 480, 1, Reset.ALL_DOWN, 6, 0.4, 5, 10, new Random(1));
        assertThat(late.rolls()).isGreaterThan(two.rolls());
        assertThat(late.fallen()).isLessThan(late.rolls() * 6);
        assertThat(one.waitingPercent()).isEqualTo(75);
        assertThatThrownBy(() -> PinTurns.simulated(0, 480, 1, Reset.ALL_DOWN, 6, 0.4, 5, 10, new Random(1)))
                .hasMessageContaining("needs a child");
    }

    @Test
    void tooMuchForTheBodyIsFlagged() {
        Activity throwing = activity("throwing", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .takes(Effort.THROW)
                .build();
        Activity running =
                activity("running", LessonPhase.WARM).fast().cautions("running").build();
        Load load = Load.of(List.of(load(running, 0, 20, 0, 60, true), load(throwing, 0, 10, 51, 40, false)), EIGHT);
        assertThat(load.toll().overarm()).isEqualTo(51);
        assertThat(load.metres()).isEqualTo(20 * 60 * 60 / 100 * 2);
        assertThat(load.flags()).hasSize(2);
        assertThat(load.flags().get(0)).contains("at most 50 a day");
        assertThat(Load.of(List.of(load(throwing, 0, 10, 50, 40, false)), EIGHT).flags())
                .isEmpty();
        assertThat(Load.of(List.of(load(running, 0, 5, 0, 60, true)), EIGHT).flags())
                .isEmpty();
        Activity heavy = activity("heavy", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .takes(Effort.PUSH, Effort.LAND)
                .needs(new Need("ball", Need.Role.SENT, "weight", Set.of(), 50, 200, Need.Asks.NOTHING, Per.GROUP, 1))
                .build();
        assertThat(Load.of(List.of(load(heavy, 0, 10, 15, 40, false)), EIGHT).flags())
                .isEmpty();
        assertThat(Load.of(List.of(load(heavy, 0, 10, 61, 40, false)), EIGHT).flags())
                .hasSize(2);
    }

    @Test
    void armsAreCountedApart() {
        Activity throwing = activity("throwing", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .takes(Effort.THROW)
                .lever(Made.limb("hand", List.of("preferred hand", "other hand"), Limb.PREFERRED, Limb.OTHER))
                .build();
        Load load = Load.of(List.of(load(throwing, 0, 8, 30, 40, false), load(throwing, 1, 8, 25, 40, false)), EIGHT);
        assertThat(load.toll().overarm()).isEqualTo(30);
        assertThat(load.toll().otherArm()).isEqualTo(25);
        assertThat(load.flags()).isEmpty();
        assertThat(Load.of(List.of(load(throwing, 1, 8, 51, 40, false)), EIGHT).flags())
                .hasSize(1);
    }

    @Test
    void holdsAreCountedBySideAndOneSidedOnesFlagged() {
        Activity holding = activity("holding", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .takes(Effort.HOLD)
                .lever(Made.limb("foot", List.of("preferred", "other", "in turn"), Limb.PREFERRED, Limb.OTHER, null))
                .build();
        Load turn = Load.of(List.of(load(holding, 2, 8, 13, 40, false)), EIGHT);
        assertThat(turn.toll().holds()).isEqualTo(7);
        assertThat(turn.toll().otherHolds()).isEqualTo(6);
        assertThat(turn.flags()).isEmpty();
        assertThat(Load.of(List.of(load(holding, 0, 8, 8, 40, false)), EIGHT).flags())
                .isEmpty();
        assertThat(Load.of(List.of(load(holding, 1, 8, 9, 40, false)), EIGHT)
                        .flags()
                        .get(0))
                .contains("9 holds on one side and 0 on the other");
    }

    @Test
    void aLessonCountsHoldsBySideAsTheyAreSet() {
        Activity holding = activity("holding", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .takes(Effort.HOLD)
                .lever(Made.limb("foot", List.of("preferred", "other"), Limb.PREFERRED, Limb.OTHER))
                .build();
        Stretch.Fits other = part(holding, 1, 6, 0, fitter);
        Load load = LessonFit.of(List.of(other), known, EIGHT).load();
        assertThat(load.toll().otherHolds()).isEqualTo(other.work().tries()).isPositive();
        assertThat(load.toll().holds()).isZero();
    }

    @Test
    void wavesTakeTheirTurns() {
        Fitter few = new Fitter(known, cupboard(FOAM, 9), EIGHT, 27);
        assertThat(part(each, 0, 6, 0, few).work().carousel().orElseThrow().reason())
                .isEqualTo("3 groups in turn, 113 s each and 10 s to change: 6 minutes.");
    }

    /** Published youth-pitching limits, from memory: 50 at 7 to 8 years, 75 at 9 to 10, 85 at 11 to 12. */
    @Test
    void throwsADayGrowWithAge() {
        assertThat(List.of(7, 8, 9, 10, 11, 12).stream().map(a -> Toll.mostOverarm(new Age(a))))
                .containsExactly(50, 50, 75, 75, 85, 85);
    }

    @Test
    void whatIsMissingGoesOnAList() {
        List<Missing> list = Shopping.list(
                List.of(new Use(each, 0, 27, 1), new Use(lanes, 0, 27, 7)), cupboard(FOAM, 20, SKITTLE, 12), known);
        assertThat(list).extracting(Missing::words).containsExactly("30 skittle bottles", "7 foam balls");
        assertThat(list.get(1).uses()).containsExactly("each");
    }

    @Test
    void thePurchaseThatRemovesMostStrainComesFirst() {
        List<Purchase> purchases = Shopping.limits(
                List.of(each, lanes), known, cupboard(FOAM, 7, SOCK, 3), EIGHT, 27, HALL, Policy.USUAL, 5);
        // Skittles open the lanes; balls end the waves of the other and let nothing new in.
        assertThat(purchases).extracting(Purchase::item).containsExactly("skittle", "foam");
        assertThat(purchases.get(0).opens()).isEqualTo(1);
    }

    @Test
    void whenItRainsEachStretchStaysOrIsStoodInFor() {
        Place small = new Place("the small hall", new Length(10), new Length(7), new Length(3), Place.Floor.WOOD, 0);
        Activity long1 = activity("long", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .space(20, 2)
                .grouped(Formation.LANES, 3, 4, 6)
                .minutes(4, 9)
                .build();
        Activity talk = known.activity("talk");
        List<Wet.Inside> inside = Wet.of(
                List.of(
                        new Wet.Part("1", talk, Set.of(LessonPhase.GATHER), 3, List.of()),
                        new Wet.Part("2", long1, Set.of(LessonPhase.PRACTISE), 8, List.of("roll/a")),
                        new Wet.Part("3", long1, Set.of(LessonPhase.TIDY), 20, List.of())),
                new Fitter(known, cupboard, EIGHT, 20),
                small,
                known);
        assertThat(inside.get(0).same()).isTrue();
        assertThat(inside.get(1).same()).isFalse();
        assertThat(inside.get(1).sentence()).contains("instead of long");
        assertThat(known.activity(inside.get(1).activity()).hosts()).contains("roll/a");
        assertThat(inside.get(2).activity()).isNull();
        assertThat(inside.get(2).sentence()).contains("Nothing else");
    }

    @Test
    void vigorousIsNotMotion() {
        assertThat(Minutes.vigorous(activity("a", LessonPhase.WARM).fast().build(), 60)
                        .value())
                .isCloseTo(0.48, within(1e-9));
        assertThat(Minutes.vigorous(each, 60).value()).isCloseTo(0.3, within(1e-9));
    }

    /** What does not fit says why, and takes nothing from what does. */
    @Test
    void whatDoesNotFitIsAStretchOfItsOwn() {
        Stretch.Planned plan = new Stretch.Planned("m", each, 0, 6, 0, 0, null, false);
        Fit none = new Fitter(known, Cupboard.EMPTY, EIGHT, 27).fit(each, HALL);
        Stretch misfit = Stretch.of(plan, none, Stretch.Hands.NONE, HALL, known, Band.USUAL);
        assertThat(misfit).isInstanceOf(Stretch.Misfits.class);
        assertThat(((Stretch.Misfits) misfit).whyNot().get(0)).contains("27 foam balls wanted");
        Stretch.Fits fits = part(lanes, 8, 60);
        LessonFit both = LessonFit.of(List.of(misfit, fits), known, EIGHT);
        assertThat(both.stretches()).containsExactly(misfit, fits);
        // Its minutes pass all the same.
        assertThat(both.moves().get(0).minute()).isEqualTo(6);
        assertThat(both.fetch())
                .isEqualTo(LessonFit.of(List.of(fits), known, EIGHT).fetch());
    }
}
