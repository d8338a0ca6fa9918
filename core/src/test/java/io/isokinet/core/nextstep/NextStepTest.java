package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.Made;
import io.isokinet.core.belief.Believed;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.HowMany;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Trend;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.nextstep.NeedGroups.Group;
import io.isokinet.core.nextstep.NextCue.Candidate;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Sides;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class NextStepTest {
    /** A hundred marks of which about so many are likely there, give or take so many. */
    private static MoveOn.Believed believed(int there, int wide, double shown, int looks) {
        return new MoveOn.Believed(100, new HowMany(there - wide, there, there + wide), shown, looks);
    }

    @Test
    void threeInFourWhoHaveItGoOn() {
        assertThat(MoveOn.of(believed(75, 10, 0.7, 90), null, 0).step()).isEqualTo(Step.ON);
        assertThat(MoveOn.of(believed(74, 10, 0.7, 90), null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(believed(74, 10, 0.7, 90), null, 0).facts())
                .containsExactly(
                        "64 to 84 in 100 of what was taught is likely there, by 90 looks", "7 in 10 tries show it");
    }

    @Test
    void whereThreeInFourTriesShowItTheClassGoesOn() {
        assertThat(MoveOn.of(believed(50, 10, 0.75, 20), null, 0).step()).isEqualTo(Step.ON);
        assertThat(MoveOn.of(believed(50, 10, 0.74, 20), null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(believed(50, 10, 0.75, 19), null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(believed(50, 10, 0.75, 20), 5, 20).step()).isEqualTo(Step.BACK);
    }

    @Test
    void whereFewShowItTheClassStepsBack() {
        assertThat(MoveOn.of(believed(5, 5, 0.29, 100), null, 0).step()).isEqualTo(Step.BACK);
        assertThat(MoveOn.of(believed(5, 5, 0.30, 100), null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(believed(30, 10, 0.6, 100), 7, 20).step()).isEqualTo(Step.BACK);
        assertThat(MoveOn.of(believed(30, 10, 0.6, 100), 7, 19).step()).isEqualTo(Step.STAY);
    }

    @Test
    void whatIsTooWideToTellIsNotJudged() {
        assertThat(MoveOn.of(believed(50, 20, 0.6, 8), null, 0).step()).isEqualTo(Step.STAY);
        MoveOn look = MoveOn.of(believed(51, 24, 0.6, 8), null, 0);
        assertThat(look.step()).isEqualTo(Step.LOOK);
        assertThat(look.facts()).contains("that is too wide to tell");
        MoveOn nobody = MoveOn.of(believed(40, 5, 0.6, 0), null, 0);
        assertThat(nobody.step()).isEqualTo(Step.LOOK);
        assertThat(nobody.facts()).contains("nobody has looked yet");
        MoveOn nothing = MoveOn.of(new MoveOn.Believed(0, new HowMany(0, 0, 0), 0, 0), null, 0);
        assertThat(nothing.step()).isEqualTo(Step.STAY);
        assertThat(nothing.facts()).containsExactly("Nothing of it was taught yet");
    }

    @Test
    void childrenWithTheSameNeedStandTogetherAndWhoNeedsNoneStandsWithNobodyWhoDoes() {
        Map<String, List<String>> needs = new LinkedHashMap<>();
        for (int i = 0; i < 5; i++) needs.put("a" + i, List.of("step", "low"));
        for (int i = 0; i < 4; i++) needs.put("b" + i, List.of("low"));
        needs.put("c0", List.of("eyes", "low"));
        needs.put("d0", List.of());
        List<Group> groups = NeedGroups.of(needs, 4);
        assertThat(groups).extracting(Group::cue).containsExactly("step", "low", "");
        assertThat(groups.get(1).children()).contains("c0").hasSize(5);
        assertThat(groups.get(2).children()).containsExactly("d0");
        assertThat(groups.stream().mapToInt(g -> g.children().size()).sum()).isEqualTo(11);
        assertThat(NeedGroups.of(Map.of("a", List.of("step")), 4)).hasSize(1);
        assertThat(NeedGroups.of(Map.of(), 4)).isEmpty();
    }

    /** In a weak class and in a strong one, three of three and one of three do not share a need. */
    @Test
    void whoShowedItThreeTimesOfThreeNeedsNoPracticeAndOneOfThreeDoes() {
        for (int others : new int[] {0, 3}) {
            Seen seen = new Seen();
            for (int i = 0; i < 20; i++) seen.add("other " + i, "low", others, 3 - others);
            seen.add("three", "low", 3, 0);
            seen.add("one", "low", 1, 2);
            seen.add("none", "low", 0, 3);
            seen.add("nobody looked", "low", 0, 0);
            ClassBelief belief = seen.belief();
            assertThat(NeedGroups.needsPractice(belief.of("three", "low"), 3, 3))
                    .isFalse();
            assertThat(NeedGroups.needsPractice(belief.of("one", "low"), 1, 3)).isTrue();
            assertThat(NeedGroups.needsPractice(belief.of("none", "low"), 0, 3)).isTrue();
            assertThat(NeedGroups.needsPractice(belief.of("nobody looked", "low"), 0, 0))
                    .isFalse();
        }
    }

    @Test
    void whatAChildWasSeenNotToDoIsPractisedBeforeWhatIsOnlyBelieved() {
        Believed often = new Believed(0, 1, 0.3, 0.5, 4, 0.6);
        Believed seldom = new Believed(-0.5, 1, 0.1, 0.4, 1, 0.2);
        assertThat(NeedGroups.can(often, 0, 4)).isLessThan(NeedGroups.can(seldom, 1, 1));
        assertThat(NeedGroups.can(seldom, 1, 1)).isEqualTo(0.4);
        assertThat(NeedGroups.can(seldom, 4, 4)).isEqualTo(0.4);
    }

    @Test
    void whoNeedsHelpFirstIsSaidInASentence() {
        assertThat(HelpFirst.sentence(List.of(
                        new HelpFirst.Shown("Ada", "step", 1, 3, 0.35),
                        new HelpFirst.Shown("Bo", "low", 0, 3, 0.2),
                        new HelpFirst.Shown("Cy", "low", 0, 1, 0.3),
                        new HelpFirst.Shown("Dot", "low", 2, 3, 0.6))))
                .isEqualTo("Bo (“low”, 0 of 3) and Ada (“step”, 1 of 3) need help first.");
        assertThat(HelpFirst.sentence(List.of(new HelpFirst.Shown("Bo", "low", 0, 2, 0.3))))
                .isEqualTo("Bo (“low”, 0 of 2) needs help first.");
        assertThat(HelpFirst.sentence(List.of())).isEmpty();
    }

    @Test
    void whereAChildGoesIsWhatWasBelievedThenBesideNow() {
        Believed open = new Believed(0.5, 1, 0.4, 0.6, 2, 0.5);
        Believed there = new Believed(2.5, 1, 0.8, 0.9, 4, 0.6);
        Believed notThere = new Believed(-1, 1, 0.1, 0.3, 6, 0.6);
        assertThat(Course.of(open, there)).isEqualTo(new Course(Trend.RISING, "there 4 in 10, now 8"));
        assertThat(Course.of(there, notThere)).isEqualTo(new Course(Trend.FADING, "there 8 in 10, now 1"));
        Believed still = new Believed(-1, 1, 0.15, 0.3, 8, 0.6);
        assertThat(Course.of(notThere, still).trend()).isEqualTo(Trend.STALLED);
        assertThat(Course.of(notThere, notThere).trend())
                .as("nobody looked since")
                .isEqualTo(Trend.STEADY);
        Believed others = new Believed(2.5, 1, 0.8, 0.9, 0, 0);
        assertThat(Course.of(open, others).trend()).as("by others alone").isEqualTo(Trend.STEADY);
    }

    @Test
    void aCheckIsForThoseWhoAreLikelyToPassItAndWereLookedAt() {
        Seen seen = new Seen();
        for (int i = 0; i < 5; i++) seen.add("often " + i, "low", 3, 0);
        seen.add("not yet", "low", 0, 5);
        seen.add("nobody looked", "low", 0, 0);
        seen.add("often 0", "step", 3, 0);
        CheckOfFive check = CheckOfFive.of(seen.cells(), 4, 5).orElseThrow();
        assertThat(check.cue()).isEqualTo("low");
        assertThat(check.children()).hasSize(3).allMatch(c -> c.startsWith("often"));
        assertThat(check.pass()).isBetween(60, 100);
        assertThat(CheckOfFive.of(List.of(), 4, 5)).isEmpty();
    }

    /** Certain of the logit, the chance is the binomial one: 0.9 shown, by an eye that errs 8 times in a hundred, is 0.836 said. */
    @Test
    void theChanceToPassIsTheBinomialOne() {
        Believed sure = new Believed(Math.log(9), 1e-6, 1, 0.9, 4, 1);
        double says = 0.08 + 0.84 * 0.9;
        double expected = Math.pow(says, 5) + 5 * Math.pow(says, 4) * (1 - says);
        assertThat(sure.passes(4, 5)).isCloseTo(expected, within(1e-4));
        assertThat(sure.passes(0, 5)).isCloseTo(1, within(1e-9));
        assertThatThrownBy(() -> sure.passes(6, 5)).hasMessageContaining("6 of 5 were given");
    }

    @Test
    void enoughIsWhereNineInTenAreDecided() {
        Seen seen = new Seen();
        for (int i = 0; i < 12; i++) seen.add("c" + i, "low", 12, 0);
        seen.add("open", "low", 1, 0);
        seen.add("open", "step", 1, 1);
        assertThat(CheckOfFive.enough(seen.cells())).containsExactly("low");
    }

    @Test
    void noMoreGroupsThanThereMayBe() {
        Map<String, List<String>> needs = new LinkedHashMap<>();
        for (int i = 0; i < 24; i++) needs.put("c" + i, List.of("cue " + i % 6));
        assertThat(NeedGroups.of(needs, 3)).hasSize(3);
        needs.put("none", List.of());
        assertThat(NeedGroups.of(needs, 3)).hasSize(3).anyMatch(g -> g.children()
                .equals(List.of("none")));
        assertThat(NeedGroups.of(needs, 1)).hasSize(2);
    }

    @Test
    void theNextCueIsNeededByMostAndWaitedForByMost() {
        List<NextCue> next = NextCue.of(List.of(
                new Candidate("step", new HowMany(8, 10, 12), 20, 0, 0, true),
                new Candidate("low", new HowMany(6, 8, 9), 20, 2, 1, true),
                new Candidate("eyes", new HowMany(20, 20, 20), 20, 0, 0, false),
                new Candidate("swing", new HowMany(0, 0, 1), 20, 5, 9, true)));
        assertThat(next).extracting(NextCue::cue).containsExactly("low", "step");
        assertThat(next.get(0).facts())
                .containsExactly(
                        "6 to 9 of 20 children have not got it yet",
                        "2 cues wait for it",
                        "an activity to come shows it");
    }

    private static MoveOn move(int shown, int looks) {
        int percent = 100 * shown / looks;
        return MoveOn.of(believed(percent, 0, shown / (double) looks, looks), null, 0);
    }

    @Test
    void aGroupThatIsBehindOrAheadPlaysTheSameAStepEasierOrHarder() {
        List<GroupStep.Work> next =
                List.of(new GroupStep.Work("Alley", null, "4 m"), new GroupStep.Work("Gate", "2 m", null));
        GroupStep behind = GroupStep.of(move(2, 20), Step.STAY, next);
        assertThat(behind.step()).isEqualTo(Step.BACK);
        assertThat(behind.doing()).isEqualTo("In “Gate” a step easier: 2 m.");
        assertThat(behind.facts()).contains("1 in 10 tries show it");
        assertThat(GroupStep.of(move(18, 20), Step.STAY, next).doing()).isEqualTo("In “Alley” a step harder: 4 m.");
        assertThat(GroupStep.of(move(10, 20), Step.ON, next).doing()).startsWith("In “Gate” a step easier");
        assertThat(GroupStep.of(move(10, 20), Step.STAY, next).doing()).isEqualTo("As the class does.");
        assertThat(GroupStep.of(move(2, 20), Step.STAY, List.of()).doing()).isEqualTo("A step easier than the class.");
        assertThat(GroupStep.of(move(2, 20), Step.STAY, List.of(new GroupStep.Work("Alley", null, null)))
                        .doing())
                .startsWith("Nothing in the next lesson has an easier step");
        assertThat(GroupStep.of(MoveOn.of(believed(50, 30, 0.5, 1), null, 0), Step.STAY, next)
                        .doing())
                .isEqualTo("Look at them first.");
    }

    @Test
    void whoMissedACueHasFiveMinutesWithTheEasiestWorkThatShowsIt() {
        KnowHow known = Made.knowHow();
        CatchUp right = CatchUp.forChild(known, "roll/a", new Age(8), Sides.all(Side.RIGHT));
        CatchUp left = CatchUp.forChild(known, "roll/a", new Age(8), Sides.all(Side.LEFT));
        assertThat(right.steps()).hasSize(3);
        assertThat(right.steps().get(0)).startsWith("1 minute").contains("left foot");
        assertThat(left.steps().get(0)).contains("right foot");
        assertThat(right.steps().get(1)).startsWith("2 minutes: roll-drill1");
        assertThat(right.steps().get(2)).startsWith("2 minutes").contains("5 tries");
        assertThat(CatchUp.forAll(known, "roll/a", new Age(8)).steps().get(0))
                .contains("a left-hander")
                .contains("opposite foot");
        assertThat(CatchUp.forClass(6, 24)).isTrue();
        assertThat(CatchUp.forClass(5, 24)).isFalse();
    }
}
