package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library.Symptom;
import io.isokinet.core.knowhow.Names;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.UnitProblem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What practitioners do is in the pack: the list says where; and it can be done with the classes that there are. */
class AskedForTest {
    private static final KnowHow KNOWN = Fixtures.KNOW_HOW;
    private static final Place WIDE =
            new Place("the wide yard", new Length(50), new Length(30), null, Place.Floor.TARMAC, 40);
    private static final Cupboard FULL = Cupboard.of(KNOWN.items().stream().collect(Collectors.toMap(i -> i, i -> 60)));

    private static List<String> keys() throws IOException {
        List<String> keys = new ArrayList<>();
        try (InputStream list = Objects.requireNonNull(AskedForTest.class.getResourceAsStream("/asked-for.txt"))) {
            for (String line : new String(list.readAllBytes(), StandardCharsets.UTF_8).split("\n"))
                if (!line.startsWith("#") && line.contains(": "))
                    keys.addAll(List.of(
                            line.substring(line.lastIndexOf(": ") + 2).trim().split(" ")));
        }
        return keys;
    }

    @Test
    void everyPointIsThere() throws IOException {
        assertThat(keys()).hasSizeGreaterThan(60).allSatisfy(key -> assertThat(KNOWN.hasActivity(key)
                        || KNOWN.hasSkill(key)
                        || KNOWN.hasCue(key)
                        || KNOWN.items().stream().anyMatch(i -> i.key().equals(key)))
                .as(key)
                .isTrue());
    }

    /** Each that has a formation for it fits 16, 24 and 31 children of its ages, in a wide yard with a full cupboard. */
    @ParameterizedTest
    @ValueSource(ints = {16, 24, 31})
    void whatWasAddedFitsClassesOfEverySize(int children) throws IOException {
        List<String> refused = new ArrayList<>();
        for (String key : keys()) {
            if (!KNOWN.hasActivity(key)) continue;
            Activity a = KNOWN.activity(key);
            int age = Math.min(a.ageTo(), Math.max(8, a.ageFrom()));
            String skill = a.skill() == null ? "underarm-roll" : a.skill();
            UnitProblem p = Fixtures.problem(age, children, 2, 40, WIDE, "components", skill);
            UnitProblem full = new UnitProblem(
                    p.profile(), p.lessons(), p.targets(), p.cues(), p.reached(), KNOWN, FULL, p.wishes(), List.of());
            if (new Candidates(full).nearest(0, a).fit() instanceof Fit.Fails fails)
                refused.add(key + ": " + fails.reasons().get(0));
        }
        assertThat(refused).isEmpty();
    }

    /** Each says in plain words what it is, beside its harbour name. */
    @Test
    void whatWasAddedSaysWhatItIs() throws IOException {
        Names names = KNOWN.library().names();
        for (String key : keys())
            if (KNOWN.hasActivity(key))
                assertThat(names.plain(KNOWN.activity(key), KNOWN)).as(key).isNotBlank();
        // What nobody described says its skill and how the children stand.
        assertThat(names.plain(KNOWN.activity("wall-returns"), KNOWN)).isEqualTo("underarm roll, at a wall");
    }

    @Test
    void everyWarmUpStretchAndCloseSaysWhatOfTheBodyItIsFor() {
        for (Activity a : KNOWN.activities()) {
            if (a.serves(LessonPhase.WARM) || a.serves(LessonPhase.CLOSE))
                assertThat(a.conduct().warms()).as(a.key()).isNotEmpty();
        }
    }

    /** What is a fault in one way of doing it and taught in another says in which. */
    @Test
    void aFaultOfOneVariantIsTiedToIt() {
        Skill throwing = KNOWN.skill("overarm-throw");
        List<Fault> faults = KNOWN.cue("overarm-throw/arm-back").faults();
        assertThat(faults)
                .filteredOn(f -> f.seen().equals("The ball starts at the ear"))
                .extracting(Fault::told)
                .containsExactly("The ball starts at the ear (small ball)");
        assertThat(throwing.variants())
                .filteredOn(v -> v.name().equals("oval ball"))
                .singleElement()
                .satisfies(
                        v -> assertThat(v.looks()).extracting(Skill.Look::call).contains("Start at the ear"));
    }

    @Test
    void thePuntIsWithoutABounce() {
        Skill punt = KNOWN.skill("drop-kick");
        assertThat(punt.name()).isEqualTo("Punt");
        assertThat(punt.variants()).extracting(Skill.Variant::name).anyMatch(n -> n.startsWith("after a bounce"));
        assertThat(KNOWN.library().symptoms())
                .extracting(Symptom::seen)
                .contains("The spear sails off tip last", "The receiver has to run in for a short bounce");
    }
}
