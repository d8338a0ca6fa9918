package io.isokinet.knowhow;

import static io.isokinet.knowhow.Fixtures.HALL;
import static io.isokinet.knowhow.Fixtures.KNOW_HOW;
import static io.isokinet.knowhow.Fixtures.YARD;
import static io.isokinet.knowhow.Fixtures.ids;
import static io.isokinet.knowhow.Fixtures.problem;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Units planned from the shipped know-how: classes, halls and cupboards as they come. */
class PlanningTest {
    private static Plan plan(UnitProblem problem) {
        Outcome outcome = new ConstructivePlanner().plan(problem, ids(), 3000);
        assertThat(outcome).as(String.valueOf(outcome)).isInstanceOf(Outcome.Planned.class);
        return ((Outcome.Planned) outcome).plan();
    }

    /** Over seeded classes of every size and age: no hard rule is broken, nobody is lost, no kit is missing. */
    @Test
    void everyPlanIsLegal() {
        Random random = new Random(3);
        for (int n = 0; n < 40; n++) {
            int age = 5 + random.nextInt(6);
            int children = 12 + random.nextInt(17);
            int lessons = 2 + random.nextInt(4);
            int minutes = 25 + 5 * random.nextInt(5);
            String kind = random.nextBoolean() ? "short" : "components";
            String what = "%d children aged %d, %d lessons of %d minutes, %s"
                    .formatted(children, age, lessons, minutes, kind);
            Plan plan = plan(problem(age, children, lessons, minutes, HALL, kind));
            assertThat(Rules.score(plan).hard()).as(what).isZero();
            plan.segments().forEach(s -> {
                Fit.Works fit = (Fit.Works) s.fit();
                assertThat(fit.sizes().stream().mapToInt(Integer::intValue).sum())
                        .as(what)
                        .isEqualTo(children);
            });
        }
    }

    @Test
    void fourLessonsOfThirtyMinutesForAYearThreeClass() {
        Plan plan = plan(problem(7, 27, 4, 30, HALL, "components"));
        assertThat(Rules.score(plan).medium()).isZero();
        assertThat(plan.lessons())
                .allMatch(l -> l.stream().mapToInt(Segment::minutes).sum() == 30);
        assertThat(plan.work().stream().filter(s -> s.fit() instanceof Fit.Works w && w.usesSubstitutes()))
                .isNotEmpty();
        assertThat(plan.work().stream()
                        .map(Segment::level)
                        .max(Integer::compare)
                        .orElseThrow())
                .isGreaterThanOrEqualTo(4);
    }

    /** Kicks through the air are for outdoors. */
    private static final Set<String> OUTDOORS = Set.of("lofted-pass", "drop-kick");

    /** Each skill alone, and each with the catch, for young and older classes, odd ones too: nothing is broken. */
    @ParameterizedTest
    @MethodSource("skills")
    void everySkillMakesALegalUnit(String skill) {
        int youngest = KNOW_HOW.activities().stream()
                .filter(a -> skill.equals(a.skill()) && a.isGame())
                .mapToInt(Activity::ageFrom)
                .min()
                .orElseThrow();
        assertThat(youngest).isLessThanOrEqualTo(7);
        Place place = OUTDOORS.contains(skill) ? YARD : HALL;
        for (String kind : List.of("short", "components"))
            for (int age : List.of(Math.max(6, youngest), 9))
                for (String[] skills : List.of(new String[] {skill}, new String[] {skill, "two-hand-catch"})) {
                    if (skill.equals("two-hand-catch") && skills.length == 2) continue;
                    String what = "%s, %s, age %d".formatted(String.join(" and ", skills), kind, age);
                    // Where one game fits it comes four times: a teacher gives leave for that.
                    Plan plan = plan(Fixtures.repeating(problem(age, 27, 4, 35, place, kind, skills)));
                    assertThat(Rules.score(plan).hard())
                            .as(what + " " + Rules.strains(plan))
                            .isZero();
                }
    }

    static Stream<String> skills() {
        return KNOW_HOW.skills().stream().map(Skill::key);
    }

    /** A skill is there to be taught: two shapes without an object, drills up to a moving target, and two games. */
    @ParameterizedTest
    @MethodSource("skills")
    void everySkillHasDrillsOnItsRungsAndGames(String skill) {
        List<Activity> own = KNOW_HOW.activities().stream()
                .filter(a -> skill.equals(a.skill()))
                .toList();
        assertThat(own.stream()
                        .filter(a -> a.phases().contains(LessonPhase.PRACTISE))
                        .map(a -> a.rung().level()))
                .contains(1, 2, 3, 4, 5);
        assertThat(own.stream().filter(a -> a.phases().contains(LessonPhase.PLAY)))
                .hasSizeGreaterThanOrEqualTo(2);
    }

    @Test
    void theSameProblemGivesTheSameUnit() {
        List<String> once = plan(problem(8, 25, 3, 35, HALL, "short"))
                .segments()
                .map(s -> s.activity().key())
                .toList();
        List<String> twice = plan(problem(8, 25, 3, 35, HALL, "short"))
                .segments()
                .map(s -> s.activity().key())
                .toList();
        assertThat(twice).isEqualTo(once);
    }

    @Test
    void inACorridorItSaysWhatDoesNotFit() {
        Place corridor =
                new Place("the corridor", new Length(12), new Length(2.4), new Length(2.8), Place.Floor.CARPET, 0);
        Outcome outcome = new ConstructivePlanner().plan(problem(7, 27, 2, 30, corridor, "short"), ids(), 500);
        assertThat(outcome).isInstanceOf(Outcome.Impossible.class);
        assertThat(((Outcome.Impossible) outcome).reasons()).anyMatch(r -> r.contains("m² are needed"));
    }

    @Test
    void youngBeginnersGetOneNewCueALesson() {
        Plan plan = plan(problem(5, 20, 4, 25, HALL, "short"));
        assertThat(plan.lessons())
                .allMatch(l -> l.stream().mapToInt(s -> s.introduces().size()).sum() <= 1);
    }
}
