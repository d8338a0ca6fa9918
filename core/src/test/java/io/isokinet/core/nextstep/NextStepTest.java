package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.mastery.Standing;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.nextstep.NeedGroups.Group;
import io.isokinet.core.nextstep.NextCue.Candidate;
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
        assertThat(nothing.facts()).containsExactly("Nothing of it was taught yet.");
    }

    @Test
    void childrenWithTheSameNeedStandTogetherAndNobodyStandsAlone() {
        Map<String, List<String>> needs = new LinkedHashMap<>();
        for (int i = 0; i < 5; i++) needs.put("a" + i, List.of("step", "low"));
        for (int i = 0; i < 4; i++) needs.put("b" + i, List.of("low"));
        needs.put("c0", List.of("eyes", "low"));
        needs.put("d0", List.of());
        List<Group> groups = NeedGroups.of(needs, 4);
        assertThat(groups).extracting(Group::cue).containsExactly("step", "low");
        assertThat(groups.get(1).children()).contains("c0");
        assertThat(groups.stream().mapToInt(g -> g.children().size()).sum()).isEqualTo(11);
        assertThat(groups).allMatch(g -> g.children().size() >= 3);
        assertThat(NeedGroups.of(Map.of("a", List.of("step")), 4)).hasSize(1);
        assertThat(NeedGroups.of(Map.of(), 4)).isEmpty();
    }

    @Test
    void noMoreGroupsThanThereMayBe() {
        Map<String, List<String>> needs = new LinkedHashMap<>();
        for (int i = 0; i < 24; i++) needs.put("c" + i, List.of("cue " + i % 6));
        assertThat(NeedGroups.of(needs, 3)).hasSize(3);
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
                        "8 of 20 children do not own it yet", "2 cues wait for it", "an activity to come shows it");
    }
}
