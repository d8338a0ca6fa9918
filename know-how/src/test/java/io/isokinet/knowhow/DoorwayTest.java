package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.edit.Doorway;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Five to nine, and the lesson is another: places, minutes and kit that a school has on a bad Monday (common practice, no source). */
class DoorwayTest {
    private static final Place CLASSROOM =
            new Place("the classroom", new Length(8), new Length(7), new Length(3), Place.Floor.CARPET, 4);
    private static final Place CORRIDOR =
            new Place("the corridor", new Length(20), new Length(2.4), new Length(2.8), Place.Floor.WOOD, 6);

    private static final List<UnitProblem> UNITS = List.of(
            Fixtures.problem(6, 27, 4, 45, Fixtures.HALL, "components"),
            Fixtures.problem(8, 31, 4, 40, Fixtures.HALL, "components"),
            Fixtures.problem(9, 24, 4, 50, Fixtures.YARD, "components", "overarm-throw", "dodge"),
            Fixtures.problem(7, 30, 4, 30, Fixtures.HALL, "components", "hop", "two-hand-catch"));

    private static Plan planned(UnitProblem problem) {
        return ((Outcome.Planned) new ConstructivePlanner().plan(problem, Fixtures.ids(), 1500)).plan();
    }

    private static Doorway at(Plan plan, int lesson, LessonSlot now) {
        UnitProblem problem = plan.problem().with(lesson, now);
        Candidates candidates = new Candidates(problem);
        return Doorway.of(Reading.of(problem, candidates, plan.fixed()), candidates, plan, lesson);
    }

    private static LessonSlot slot(Place place, int minutes, int kit) {
        return new LessonSlot(minutes, place, false, false, 0, false, kit);
    }

    private static LessonSlot together(LessonSlot was, int guests) {
        return new LessonSlot(was.minutes(), was.place(), false, false, 0, false, 100, guests);
    }

    private static Stream<LessonSlot> mornings(LessonSlot was) {
        return Stream.of(
                slot(Fixtures.HALL, was.minutes(), 100),
                slot(CLASSROOM, was.minutes(), 100),
                slot(CORRIDOR, was.minutes(), 100),
                slot(Fixtures.YARD, was.minutes(), 100),
                slot(was.place(), was.minutes() / 2, 100),
                slot(was.place(), was.minutes(), 50),
                slot(CLASSROOM, was.minutes() / 2, 50),
                together(was, 27));
    }

    /** It fills its minutes, fits or says what does not, keeps talk and closing, and breaks nothing that must hold and held. */
    @Test
    void theLessonWorksOrSaysWhatDoesNot() {
        for (UnitProblem unit : UNITS) {
            Plan plan = planned(unit);
            for (int lesson = 0; lesson < unit.lessons().size(); lesson++)
                for (LessonSlot now : mornings(unit.lessons().get(lesson)).toList()) check(plan, lesson, now);
        }
    }

    private static void check(Plan plan, int lesson, LessonSlot now) {
        Doorway door = at(plan, lesson, now);
        String words = String.join(" ", door.words());
        List<Segment> row = door.plan().lessons().get(lesson);
        assertThat(row.stream().mapToInt(Segment::minutes).sum()).as(words).isEqualTo(now.minutes());
        for (Segment s : row)
            if (!s.candidate().allowed())
                assertThat(words)
                        .contains("Still does not fit")
                        .contains(s.activity().name());
        for (LessonPhase phase : List.of(LessonPhase.GATHER, LessonPhase.CLOSE))
            assertThat(row.stream().anyMatch(s -> s.serves(phase)))
                    .as("%s: %s", phase, words)
                    .isEqualTo(plan.lessons().get(lesson).stream().anyMatch(s -> s.serves(phase)));
        assertThat(row).as(words).anyMatch(Segment::works);
        List<String> held = hard(plan);
        for (String broken : hard(door.plan()))
            assertThat(held.contains(broken) || words.contains(broken))
                    .as("%s: %s", broken, words)
                    .isTrue();
        for (int other = 0; other < lesson; other++)
            assertThat(door.plan().lessons().get(other))
                    .isEqualTo(plan.lessons().get(other));
    }

    private static List<String> hard(Plan plan) {
        return Rules.strains(plan).stream()
                .filter(s -> s.rule().level() == Rule.Level.HARD)
                .map(Strain::sentence)
                .toList();
    }

    /** Where a lesson's own kind of place, half its kit or half its time is left, nothing that must hold is broken in it. */
    @Test
    void halfOfItIsALegalLesson() {
        for (UnitProblem unit : UNITS) {
            Plan plan = planned(unit);
            for (int lesson = 0; lesson < unit.lessons().size(); lesson++) {
                LessonSlot was = unit.lessons().get(lesson);
                int here = lesson;
                for (LessonSlot now : List.of(
                        slot(was.place(), Math.max(20, was.minutes() / 2), 100),
                        slot(was.place(), was.minutes(), 50),
                        slot(Fixtures.HALL, was.minutes(), 100))) {
                    Doorway door = at(plan, lesson, now);
                    assertThat(Rules.strains(door.plan()))
                            .as("%s: %s", now, door.words())
                            .noneMatch(s -> s.rule().level() == Rule.Level.HARD
                                    && Integer.valueOf(here).equals(s.lesson()));
                }
            }
        }
    }

    /** As planned is as planned. */
    @Test
    void whereNothingChangesNothingIsChanged() {
        Plan plan = planned(UNITS.get(0));
        Doorway door = at(plan, 1, UNITS.get(0).lessons().get(1));
        assertThat(door.words()).containsExactly("It costs the unit nothing: the same cues, and as many tries.");
        assertThat(door.plan().lessons().get(1).stream().map(s -> s.activity().key()))
                .isEqualTo(plan.lessons().get(1).stream()
                        .map(s -> s.activity().key())
                        .toList());
    }

    @Test
    void halfTheTimeLeavesOutWhatMattersLeastAndSaysWhatItCosts() {
        Plan plan = planned(UNITS.get(0));
        Doorway door = at(plan, 1, slot(Fixtures.HALL, 22, 100));
        assertThat(String.join(" ", door.words())).contains("Left out: ", "tries for each child instead of");
        assertThat(door.plan().lessons().get(1)).anyMatch(s -> s.activity().isGame());
    }
}
