package io.isokinet.core.lesson;

import static io.isokinet.core.Made.FIELD;
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

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.thing.Need.Per;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class FitterTest {
    private final Activity lanes = activity("lanes", LessonPhase.PLAY)
            .of(ROLL, 2)
            .grouped(Formation.LANES, 3, 4, 6)
            .turn(4, 3, 2, 6)
            .space(6.5, 2)
            .needs(balls(Per.GROUP, 1), targets(Per.GROUP, 6))
            .build();

    private static Fitter fitter(int children, Object... stock) {
        return new Fitter(knowHow(), cupboard(stock), new Age(7), children);
    }

    private static Fit.Works works(Fit fit) {
        assertThat(fit).isInstanceOf(Fit.Works.class);
        return (Fit.Works) fit;
    }

    private static String failure(Fit fit) {
        assertThat(fit).isInstanceOf(Fit.Fails.class);
        return ((Fit.Fails) fit).reasons().get(0);
    }

    /** Common practice: a turn at skittles with a hand reset takes 15 s, so a lane of four gives seven or eight tries in eight minutes. */
    @Test
    void aLaneOfFourGivesSevenOrEightTriesInEightMinutes() {
        int milli = works(fitter(24, FOAM, 9, SKITTLE, 60).fit(lanes, HALL)).milliTriesPerMinute();
        assertThat(8 * milli / 1000).isBetween(7, 8);
    }

    /** Common practice: a ball each at a wall gives fifty tries in eight minutes. */
    @Test
    void aBallEachAtAWallGivesAboutFifty() {
        Activity wall = activity("wall", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .grouped(Formation.WALL, 1, 1, 3)
                .turn(3, 3, 3, 0)
                .needs(balls(Per.GROUP, 1))
                .build();
        int milli = works(fitter(14, FOAM, 14).fit(wall, HALL)).milliTriesPerMinute();
        assertThat(8 * milli / 1000).isBetween(48, 56);
    }

    /** Common practice: about 60 looks in 40 minutes, of which three activities of practice and play take 24 or so. */
    @Test
    void looksAreWhatOnePairOfEyesCanMake() {
        assertThat(Fitter.looks(8)).isEqualTo(19);
        assertThat(3 * Fitter.looks(8)).isBetween(50, 65);
        assertThat(Fitter.looks(1)).isZero();
    }

    /** Common practice: lanes 25 to 45 % in motion, pairs, wall and scatter 50 to 65 %. */
    @Test
    void timeInMotionIsTheFormationsUsual() {
        assertThat(works(fitter(24, FOAM, 9, SKITTLE, 60).fit(lanes, HALL)).motionPercent())
                .isBetween(25, 45);
        for (Formation formation : new Formation[] {Formation.PAIRS, Formation.SCATTER, Formation.WALL})
            assertThat(formation.motionPercent()).isBetween(50, 65);
    }

    @Test
    void tooFewSkittlesMakeSmallerTriangles() {
        Fit.Works fit = works(fitter(24, FOAM, 9, SKITTLE, 24).fit(lanes, HALL));
        assertThat(fit.groups()).isEqualTo(6);
        assertThat(fit.needs().get(1).count()).isEqualTo(3);
        assertThat(fit.reasons().get(0)).contains("36 skittle bottles wanted").contains("So 3 for each, not 6");
    }

    @Test
    void tooFewEvenForThoseMakeFewerLanes() {
        Fit.Works fit = works(fitter(24, FOAM, 9, SKITTLE, 15).fit(lanes, HALL));
        assertThat(fit.groups()).isEqualTo(5);
        assertThat(fit.needs().get(1).count()).isEqualTo(3);
    }

    @Test
    void tooFewForAllAtOnceMakeWaves() {
        Activity each = activity("each", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .needs(balls(Per.CHILD, 1))
                .build();
        Fit.Works fit = works(fitter(27, FOAM, 9).fit(each, HALL));
        assertThat(fit.waves()).isEqualTo(3);
        assertThat(fit.reasons().get(0)).contains("So 3 waves of up to 9");
        assertThat(fit.milliTriesPerMinute())
                .isEqualTo(works(fitter(27, FOAM, 27).fit(each, HALL)).milliTriesPerMinute() / 3);
        // 60 children and one ball.
        assertThat(((Fit.Fails) fitter(60, FOAM, 1).fit(each, HALL)).reasons()).hasSize(1);
    }

    /**
     * By hand: 36 who want 2.5 m each to every side. A room of 9 m by 7 m, half a metre free along its walls, has 8 m by 6 m for
     * them: 48 m2, at 4 m2 a child 12 at once; so three parts of 12 take turns and no child has more than a third of the tries.
     */
    @Test
    void tooLittleFloorForAllAtOnceMakesPartsThatTakeTurns() {
        Activity swing = activity("swing", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .space(3, 2)
                .needs(balls(Per.CHILD, 1))
                .build();
        Place room = new Place("the room", new Length(9), new Length(7), new Length(4), Place.Floor.WOOD, 0);
        Fit.Works all = works(fitter(12, FOAM, 36).fit(swing, room));
        Fit.Works parts = works(fitter(36, FOAM, 36).fit(swing, room));
        assertThat(all.waves()).isEqualTo(1);
        assertThat(parts.waves()).isEqualTo(3);
        assertThat(parts.reasons()).anyMatch(r -> r.startsWith("The room has room for 12 of 36 at once."));
        assertThat(parts.milliTriesPerMinute()).isEqualTo(all.milliTriesPerMinute() / 3);
        // Nobody warms up by watching, and four parts would be nothing but waiting.
        Activity warm = activity("warm", LessonPhase.WARM).space(3, 2).build();
        assertThat(fitter(36).fit(warm, room)).isInstanceOf(Fit.Fails.class);
        assertThat(fitter(60, FOAM, 60).fit(swing, room)).isInstanceOf(Fit.Fails.class);
    }

    /** By hand: lanes 2 m wide, five side by side in 11 m; six children at most in one, so 30 fit, 31 with one lane of seven, 36 not. */
    @Test
    void oneGroupMayBeLargerByOneWhereAllElseFits() {
        Place room = new Place("the room", new Length(11), new Length(9), new Length(4), Place.Floor.WOOD, 0);
        Fit.Works thirty = works(fitter(30, FOAM, 9, SKITTLE, 60).fit(lanes, room));
        assertThat(thirty.sizes()).containsOnly(6);
        Fit.Works more = works(fitter(31, FOAM, 9, SKITTLE, 60).fit(lanes, room));
        assertThat(more.sizes()).containsExactly(7, 6, 6, 6, 6);
        assertThat(more.reasons().get(0))
                .isEqualTo(
                        "The room has room for 5 groups, and one child more than 6 in a group is better than leaving it out.");
        assertThat(fitter(36, FOAM, 9, SKITTLE, 60).fit(lanes, room)).isInstanceOf(Fit.Fails.class);
        // No pair is made of four.
        Activity pairs = activity("pairs", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .grouped(Formation.PAIRS, 2, 2, 3)
                .space(6, 2)
                .build();
        for (int children = 2; children <= 45; children++)
            if (fitter(children).fit(pairs, room) instanceof Fit.Works there)
                assertThat(there.sizes()).allMatch(size -> size <= 3);
        // What is missing beside the floor is still what is said.
        assertThat(failure(fitter(31, FOAM, 1, SKITTLE, 2).fit(lanes, room))).contains("missing");
    }

    /** By hand: five pairs side by side in 11 m, fifteen children in threes. Sixteen are eight pairs: four work, four watch; forty-six are too many. */
    @Test
    void pairsTakeTurnsOnAFloorThatIsTooSmall() {
        Place room = new Place("the room", new Length(11), new Length(9), new Length(4), Place.Floor.WOOD, 0);
        Activity pairs = activity("pairs", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .grouped(Formation.PAIRS, 2, 2, 3)
                .space(6, 2)
                .build();
        assertThat(works(fitter(15).fit(pairs, room)).waves()).isEqualTo(1);
        Fit.Works eight = works(fitter(16).fit(pairs, room));
        assertThat(eight.waves()).isEqualTo(2);
        assertThat(eight.groups()).isEqualTo(8);
        assertThat(eight.groupsAtOnce()).isEqualTo(4);
        assertThat(eight.reasons())
                .contains(
                        "The room has room for 5 of 8 groups at once. So 2 waves of up to 8: while one works, the others watch one child each for the cue.");
        assertThat(eight.turn().waitingPercent()).isGreaterThanOrEqualTo(50);
        FloorPlan drawn = Floors.of(eight, room, knowHow(pairs), null, List.of(), Map.of());
        assertThat(drawn.spots()).hasSize(16);
        assertThat(drawn.areas()).hasSize(4);
        assertThat(drawn.spots().stream().filter(s -> s.does() == FloorPlan.Spot.Does.WAITS))
                .hasSize(8)
                .allMatch(s -> s.group() >= 4)
                .allMatch(s -> drawn.areas().stream().noneMatch(a -> a.rect().holds(s.at())));
        // Nobody warms up like that.
        Activity warm = activity("warm", LessonPhase.WARM)
                .grouped(Formation.PAIRS, 2, 2, 3)
                .space(6, 2)
                .build();
        assertThat(fitter(16).fit(warm, room)).isInstanceOf(Fit.Fails.class);
        assertThat(fitter(46).fit(pairs, room)).isInstanceOf(Fit.Fails.class);
    }

    @Test
    void tooLittleFloorMakesFewerLanes() {
        Activity wide = activity("wide", LessonPhase.PLAY)
                .of(ROLL, 2)
                .grouped(Formation.LANES, 3, 3, 9)
                .space(12, 2.2)
                .build();
        Fit.Works fit = works(fitter(27).fit(wide, HALL));
        assertThat(fit.groups()).isEqualTo(3);
        assertThat(fit.reasons().get(0)).contains("room for 3 groups side by side");
    }

    @Test
    void noLanesAtAllSaysHowManyAreNeeded() {
        Activity wide = activity("wide", LessonPhase.PLAY)
                .of(ROLL, 2)
                .grouped(Formation.LANES, 2, 3, 4)
                .space(12, 2.2)
                .build();
        assertThat(failure(fitter(27).fit(wide, HALL)))
                .contains("at least 7 groups")
                .contains("room for 3");
    }

    @Test
    void nothingRollsSoItFails() {
        assertThat(failure(fitter(24, SKITTLE, 60).fit(lanes, HALL)))
                .contains("lanes: ")
                .contains("foam balls wanted");
    }

    @Test
    void outsideTheAgesItFails() {
        Activity older = activity("older", LessonPhase.PLAY).ages(8, 12).build();
        assertThat(failure(fitter(20).fit(older, HALL))).isEqualTo("older is for ages 8 to 12; this class is 7.");
        assertThat(fitter(20).fit(activity("now", LessonPhase.PLAY).ages(7, 7).build(), HALL))
                .isInstanceOf(Fit.Works.class);
    }

    @Test
    void groupsThatCannotBeMadeFail() {
        Activity fours = activity("fours", LessonPhase.PLAY)
                .of(ROLL, 2)
                .grouped(Formation.LANES, 4, 4, 4)
                .build();
        assertThat(failure(fitter(27).fit(fours, HALL))).contains("groups of 4 to 4, which 27 children do not make");
    }

    @Test
    void anOddChildIsSpokenFor() {
        Activity pairs = activity("pairs", LessonPhase.PRACTISE)
                .of(ROLL, 3)
                .grouped(Formation.PAIRS, 2, 2, 3)
                .space(6, 1.2)
                .build();
        Fit.Works odd = works(fitter(27).fit(pairs, HALL));
        assertThat(odd.formation()).startsWith("12 pairs and 1 three");
        assertThat(odd.reasons()).anyMatch(r -> r.startsWith("27 is odd: a three takes turns"));
        assertThat(works(fitter(26).fit(pairs, HALL)).formation()).startsWith("13 pairs,");
        assertThat(works(fitter(3).fit(pairs, HALL)).formation()).startsWith("1 three");
    }

    @Test
    void everyFormationHasItsWords() {
        for (Formation formation : Formation.values()) {
            Activity any = activity("any", LessonPhase.PLAY)
                    .grouped(formation, 1, 4, 30)
                    .space(3, 1)
                    .build();
            assertThat(works(fitter(12).fit(any, HALL)).formation()).isNotBlank();
        }
    }

    @Test
    void substitutesAreSaidWithTheirReason() {
        Fit.Works fit = works(fitter(24, FOAM, 3, SOCK, 9, SKITTLE, 60).fit(lanes, HALL));
        assertThat(fit.usesSubstitutes()).isTrue();
        assertThat(fit.reasons()).anyMatch(r -> r.startsWith("3 sock balls:"));
    }

    @Test
    void anEmptyClassIsRefused() {
        assertThatThrownBy(() -> fitter(0)).hasMessageContaining("Add children to the class");
    }

    @Test
    void theFieldHasNoWall() {
        Activity wall = activity("wall", LessonPhase.PRACTISE)
                .grouped(Formation.WALL, 1, 1, 3)
                .build();
        assertThat(failure(fitter(20).fit(wall, FIELD))).contains("wall does not fit into the field");
        assertThat(Made.HALL.indoors()).isTrue();
        assertThat(FIELD.indoors()).isFalse();
    }
}
