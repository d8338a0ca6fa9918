package io.isokinet.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Grouping;
import java.util.List;
import org.junit.jupiter.api.Test;

class GroupsTest {
    @Test
    void oneOfThemIsSpokenOfAsOne() {
        assertThat(Groups.words("groups", Groups.sizes(31, 10))).isEqualTo("1 group of 4, 9 of 3");
        assertThat(Groups.words("lanes", Groups.sizes(27, 6))).isEqualTo("3 lanes of 5, 3 of 4");
    }

    @Test
    void nobodyIsLeftOverAndSizesDifferByAtMostOne() {
        for (int children = 1; children <= 60; children++)
            for (int groups = 1; groups <= children; groups++) {
                List<Integer> sizes = Groups.sizes(children, groups);
                assertThat(sizes.stream().mapToInt(Integer::intValue).sum()).isEqualTo(children);
                assertThat(sizes.get(0) - sizes.get(groups - 1)).isBetween(0, 1);
            }
    }

    @Test
    void everySplitKeepsToTheFormationsLimits() {
        Grouping lanes = new Grouping(Formation.LANES, 3, 4, 6);
        for (int children = 3; children <= 60; children++)
            for (int groups : Groups.counts(lanes, children))
                assertThat(Groups.sizes(children, groups)).allMatch(size -> size >= 3 && size <= 6);
    }

    @Test
    void theUsualSizeComesFirst() {
        assertThat(Groups.counts(new Grouping(Formation.LANES, 3, 4, 6), 24).get(0))
                .isEqualTo(6);
    }

    @Test
    void anOddChildMakesAThree() {
        Grouping pairs = new Grouping(Formation.PAIRS, 2, 2, 3);
        assertThat(Groups.sizes(27, Groups.counts(pairs, 27).get(0)))
                .containsExactly(3, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2);
    }

    @Test
    void oneChildMakesNoPair() {
        assertThat(Groups.counts(new Grouping(Formation.PAIRS, 2, 2, 3), 1)).isEmpty();
        assertThat(Groups.counts(new Grouping(Formation.TWO_SIDES, 1, 1, 30), 1))
                .isEmpty();
    }

    @Test
    void circlesAndGatheringsAreOneGroup() {
        assertThat(Groups.counts(new Grouping(Formation.CIRCLE, 4, 10, 34), 27)).containsExactly(1);
        assertThat(Groups.counts(new Grouping(Formation.TWO_SIDES, 4, 10, 34), 27))
                .containsExactly(2);
    }

    @Test
    void sizesInWords() {
        assertThat(Groups.words("lanes", Groups.sizes(27, 7))).isEqualTo("6 lanes of 4, 1 of 3");
        assertThat(Groups.words("lanes", Groups.sizes(24, 6))).isEqualTo("6 lanes of 4");
    }

    @Test
    void anEmptyClassCannotBeGrouped() {
        assertThatThrownBy(() -> Groups.counts(new Grouping(Formation.PAIRS, 2, 2, 3), 0))
                .hasMessageContaining("add children first");
    }

    @Test
    void groupSizesRise() {
        assertThatThrownBy(() -> new Grouping(Formation.LANES, 0, 2, 3)).hasMessageContaining("from 1");
        assertThatThrownBy(() -> new Grouping(Formation.LANES, 3, 2, 4)).hasMessageContaining("rise");
        assertThatThrownBy(() -> new Grouping(Formation.LANES, 2, 5, 4)).hasMessageContaining("rise");
    }

    @Test
    void aDutyGoesRound() {
        List<String> here = List.of("a", "b", "c", "d", "e");
        assertThat(Groups.onDuty(here, 0, 2)).containsExactly("a", "b");
        assertThat(Groups.onDuty(here, 2, 2)).containsExactly("e", "a");
        assertThat(Groups.onDuty(here, 3, 9)).hasSize(5).doesNotHaveDuplicates();
        assertThat(Groups.onDuty(List.of(), 1, 2)).isEmpty();
    }
}
