package io.isokinet.core.mastery;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.mastery.InShort.Cue;
import io.isokinet.core.mastery.InShort.Skill;
import java.util.List;
import org.junit.jupiter.api.Test;

class InShortTest {
    @Test
    void aClassIsTold() {
        assertThat(InShort.ofClass(
                        List.of(new Skill("Underarm roll", 3, 5, 24), new Skill("Two-hand catch", 0, 9, 24)),
                        List.of(new Cue("step", 4, 24), new Cue("low", 11, 20)),
                        List.of("A1"),
                        5))
                .containsExactly(
                        "Two-hand catch came furthest: 0 of 24 children were nearly there or better, 9 are now.",
                        "What most still lack is “low”: 11 of the 20 it was taught to.",
                        "No lesson of this year works on 1 of 5 outcomes of this age: A1.");
        assertThat(InShort.ofClass(List.of(new Skill("Hop", 2, 2, 24)), List.of(new Cue("arms", 0, 24)), List.of(), 3))
                .containsExactly(
                        "In no skill did more children come nearly there in these days.",
                        "Every outcome of this age is in a lesson of this year.");
        assertThat(InShort.ofClass(List.of(), List.of(), List.of(), 0))
                .containsExactly("No unit has been planned for this year yet.");
    }

    @Test
    void aSchoolIsTold() {
        assertThat(InShort.ofSchool(
                        List.of(new Skill("Hop", 0, 0, 90)),
                        List.of("Auks", "Terns", "Knots", "Ruffs", "Stints", "Gulls"),
                        13,
                        List.of("A1", "A2"),
                        9))
                .containsExactly(
                        "Nobody is nearly there in a skill yet.",
                        "6 of 13 classes have no unit this year: Auks, Terns, Knots, Ruffs and 2 more.",
                        "2 of 9 outcomes are missing from the plans of a class of their age: A1 and A2.");
        assertThat(InShort.ofSchool(List.of(new Skill("Hop", 0, 3, 90)), List.of(), 2, List.of(), 9))
                .containsExactly(
                        "Hop came furthest: 0 of 90 children were nearly there or better, 3 are now.",
                        "Every class has a unit this year.",
                        "Every outcome is in a plan of every class of its age.");
    }
}
