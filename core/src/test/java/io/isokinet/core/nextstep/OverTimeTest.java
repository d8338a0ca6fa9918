package io.isokinet.core.nextstep;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.nextstep.Attention.LookCount;
import io.isokinet.core.nextstep.Demonstrators.Candidate;
import io.isokinet.core.quantity.Side;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Attention, demonstrators, dose and wants. */
class OverTimeTest {
    private static LookCount looked(String child, int looks) {
        return new LookCount(child, looks, 0, 0);
    }

    @Test
    void whoGetsHalfOfTheMiddleOrLessIsOverlooked() {
        Attention fair = Attention.of(List.of(
                looked("a", 6), looked("b", 5), looked("c", 3), looked("d", 0), looked("e", 7), looked("f", 2)));
        assertThat(fair.middle()).isEqualTo(4);
        assertThat(fair.overlooked()).containsExactly("d", "f");
        assertThat(Attention.of(List.of(looked("a", 1), looked("b", 0), looked("c", 1)))
                        .overlooked())
                .isEmpty();
        assertThat(Attention.of(List.of()).middle()).isZero();
    }

    @Test
    void twoDemonstratorsOneOfEachSideLongestNotChosen() {
        LocalDate day = LocalDate.of(2026, 11, 2);
        List<Candidate> owners = List.of(
                new Candidate("right, last week", Side.RIGHT, day, 1),
                new Candidate("right, never", Side.RIGHT, null, 0),
                new Candidate("left, last week", Side.LEFT, day, 1),
                new Candidate("left, long ago", Side.LEFT, day.minusWeeks(5), 3),
                new Candidate("not settled, never", null, null, 0));
        assertThat(Demonstrators.of(owners))
                .extracting(Candidate::child)
                .containsExactly("left, long ago", "right, never");
        assertThat(Demonstrators.of(owners.subList(0, 2)))
                .extracting(Candidate::child)
                .containsExactly("right, never", "right, last week");
        assertThat(Demonstrators.of(List.of())).isEmpty();
    }

    @Test
    void theDoseIsHeldAgainstThePublishedMinutes() {
        Dose dose = Dose.of(60, 60, 6, 10);
        assertThat(dose.atThisPace()).isEqualTo(320);
        assertThat(dose.sentence())
                .isEqualTo(
                        "60 minutes so far, 120 with what is planned: under the 240 to 600 that manuals give one skill; at this pace 320 by the end of the year.");
        assertThat(Dose.of(200, 40, 10, 0).sentence()).contains("within the 240 to 600");
        assertThat(Dose.of(500, 140, 10, 0).sentence()).contains("more than the 240 to 600");
        assertThat(Dose.of(60, 60, 2, 10).atThisPace()).isEqualTo(120);
        assertThat(Dose.of(0, 30, 0, 2).sentence()).endsWith("under the 240 to 600 that manuals give one skill.");
    }

    @Test
    void aWantIsAnsweredByWhatSharesAWordWithIt() {
        assertThat(Wants.unanswered(
                        List.of("Why does the ball bounce?", "How far?", " "),
                        List.of("A ball bounces back because it is pressed flat")))
                .containsExactly("How far?");
        assertThat(Wants.unanswered(List.of("Why low?"), List.of())).containsExactly("Why low?");
    }

    @Test
    void looksAreCountedOnByWhatWasMade() {
        OwnLooks nothing = OwnLooks.of(List.of(new OwnLooks.Lesson(50, 0), new OwnLooks.Lesson(0, 9)));
        assertThat(nothing.of(50)).isEqualTo(50);
        assertThat(nothing.sentence()).isEmpty();
        // Five lessons at 0.6: half trusted, so 0.5 x 0.6 + 0.5 x 1.
        OwnLooks five = OwnLooks.of(Collections.nCopies(5, new OwnLooks.Lesson(50, 30)));
        assertThat(five.of(50)).isEqualTo(40);
        assertThat(five.sentence())
                .isEqualTo("150 of 250 planned looks were made in the last 5 lessons: 80 in 100 are counted on.");
        assertThat(OwnLooks.of(List.of(new OwnLooks.Lesson(10, 400))).of(60)).isEqualTo(70);
        // Four usual ones and one with a check: the sum says more than is counted on.
        List<OwnLooks.Lesson> check = new ArrayList<>(Collections.nCopies(4, new OwnLooks.Lesson(50, 49)));
        check.add(new OwnLooks.Lesson(50, 145));
        assertThat(OwnLooks.of(check).sentence())
                .isEqualTo(
                        "341 of 250 planned looks were made in the last 5 lessons; by a usual lesson 99 in 100 are counted on.");
    }

    /** By hand: a usual look takes ten seconds, half of them to judge; who judges in 2.5 s has 10 / 7.5 as many, until lessons say otherwise. */
    @Test
    void aTrainedEyeIsCountedOnBeforeTheLessonsSayOtherwise() {
        OwnLooks quick = OwnLooks.of(List.of(), OptionalDouble.of(2.5));
        assertThat(quick.of(30)).isEqualTo(40);
        assertThat(quick.sentence())
                .isEqualTo("By your own rounds of the eye 133 in 100 of the planned looks are counted on.");
        // Five lessons at 0.6: half trusted, so 0.5 x 0.6 + 0.5 x 1.333.
        OwnLooks taught = OwnLooks.of(Collections.nCopies(5, new OwnLooks.Lesson(50, 30)), OptionalDouble.of(2.5));
        assertThat(taught.of(30)).isEqualTo(29);
        assertThat(OwnLooks.of(List.of(), OptionalDouble.empty()).of(30)).isEqualTo(30);
    }
}
