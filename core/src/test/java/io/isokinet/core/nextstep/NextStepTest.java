package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.nextstep.NeedGroups.Group;
import io.isokinet.core.nextstep.NextCue.Candidate;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Sides;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class NextStepTest {
    private static List<Standing> marks(int owned, int developing, int notSeen) {
        List<Standing> all = new ArrayList<>(Collections.nCopies(owned, Standing.OWNED));
        all.addAll(Collections.nCopies(developing, Standing.DEVELOPING));
        all.addAll(Collections.nCopies(notSeen, Standing.NOT_SEEN));
        return all;
    }

    @Test
    void threeInFourWhoOwnItGoOn() {
        assertThat(MoveOn.of(marks(15, 5, 0), 60, 90, null, 0).step()).isEqualTo(Step.ON);
        assertThat(MoveOn.of(marks(14, 6, 0), 60, 90, null, 0).step()).isEqualTo(Step.STAY);
    }

    @Test
    void whereThreeInFourLooksShowItTheClassGoesOnThoughFewMarksAreDecided() {
        assertThat(MoveOn.of(marks(0, 20, 0), 15, 20, null, 0).step()).isEqualTo(Step.ON);
        assertThat(MoveOn.of(marks(0, 20, 0), 14, 20, null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(marks(0, 19, 0), 15, 19, null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(marks(0, 20, 0), 15, 20, 5, 20).step()).isEqualTo(Step.BACK);
    }

    @Test
    void whereFewShowItTheClassStepsBack() {
        assertThat(MoveOn.of(marks(0, 20, 0), 29, 100, null, 0).step()).isEqualTo(Step.BACK);
        assertThat(MoveOn.of(marks(0, 20, 0), 30, 100, null, 0).step()).isEqualTo(Step.STAY);
        assertThat(MoveOn.of(marks(2, 18, 0), 60, 100, 7, 20).step()).isEqualTo(Step.BACK);
        assertThat(MoveOn.of(marks(2, 18, 0), 60, 100, 7, 19).step()).isEqualTo(Step.STAY);
    }

    @Test
    void whatWasNotLookedAtIsNotJudged() {
        MoveOn look = MoveOn.of(marks(2, 2, 16), 6, 8, null, 0);
        assertThat(look.step()).isEqualTo(Step.LOOK);
        assertThat(look.facts()).contains("20 % of it has been looked at");
        MoveOn nothing = MoveOn.of(List.of(Standing.NOT_TAUGHT, Standing.LEFT_OUT), 0, 0, null, 0);
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

    @Test
    void whoShowsACueTwoTimesInThreeOrMoreNeedsALookAndNoPractice() {
        assertThat(NeedGroups.needsPractice(3, 3)).isFalse();
        assertThat(NeedGroups.needsPractice(2, 2)).isFalse();
        assertThat(NeedGroups.needsPractice(1, 1)).isFalse();
        assertThat(NeedGroups.needsPractice(2, 3)).isTrue();
        assertThat(NeedGroups.needsPractice(1, 3)).isTrue();
        assertThat(NeedGroups.needsPractice(0, 1)).isTrue();
        assertThat(NeedGroups.needsPractice(0, 0)).isFalse();
    }

    @Test
    void whoNeedsHelpFirstIsSaidInASentence() {
        assertThat(HelpFirst.sentence(List.of(
                        new HelpFirst.Shown("Ada", "step", 1, 3),
                        new HelpFirst.Shown("Bo", "low", 0, 3),
                        new HelpFirst.Shown("Cy", "low", 0, 1),
                        new HelpFirst.Shown("Dot", "low", 2, 3))))
                .isEqualTo("Bo (“low”, 0 of 3) and Ada (“step”, 1 of 3) need help first.");
        assertThat(HelpFirst.sentence(List.of(new HelpFirst.Shown("Bo", "low", 0, 2))))
                .isEqualTo("Bo (“low”, 0 of 2) needs help first.");
        assertThat(HelpFirst.sentence(List.of())).isEmpty();
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
                new Candidate("step", 10, 20, 0, 0, true),
                new Candidate("low", 8, 20, 2, 1, true),
                new Candidate("eyes", 20, 20, 0, 0, false),
                new Candidate("swing", 0, 20, 5, 9, true)));
        assertThat(next).extracting(NextCue::cue).containsExactly("low", "step");
        assertThat(next.get(0).facts())
                .containsExactly(
                        "8 of 20 children have not got it yet", "2 cues wait for it", "an activity to come shows it");
    }

    private static MoveOn move(int shown, int looks) {
        return MoveOn.of(marks(0, 20, 0), shown, looks, null, 0);
    }

    @Test
    void aGroupThatIsBehindOrAheadPlaysTheSameAStepEasierOrHarder() {
        List<GroupStep.Work> next =
                List.of(new GroupStep.Work("Alley", null, "4 m"), new GroupStep.Work("Gate", "2 m", null));
        GroupStep behind = GroupStep.of(move(2, 20), Step.STAY, next);
        assertThat(behind.step()).isEqualTo(Step.BACK);
        assertThat(behind.doing()).isEqualTo("In “Gate” a step easier: 2 m.");
        assertThat(behind.facts()).contains("2 of the last 20 looks showed it");
        assertThat(GroupStep.of(move(18, 20), Step.STAY, next).doing()).isEqualTo("In “Alley” a step harder: 4 m.");
        assertThat(GroupStep.of(move(10, 20), Step.ON, next).doing()).startsWith("In “Gate” a step easier");
        assertThat(GroupStep.of(move(10, 20), Step.STAY, next).doing()).isEqualTo("As the class does.");
        assertThat(GroupStep.of(move(2, 20), Step.STAY, List.of()).doing()).isEqualTo("A step easier than the class.");
        assertThat(GroupStep.of(move(2, 20), Step.STAY, List.of(new GroupStep.Work("Alley", null, null)))
                        .doing())
                .startsWith("Nothing in the next lesson has an easier step");
        assertThat(GroupStep.of(MoveOn.of(marks(0, 1, 19), 1, 1, null, 0), Step.STAY, next)
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
