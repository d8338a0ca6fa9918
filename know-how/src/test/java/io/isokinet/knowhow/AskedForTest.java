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
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
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

    /** Each stands in a unit of seeded classes that wishes for it, and nothing is broken there. */
    @Test
    void whatWasAddedIsPlanned() throws IOException {
        Random random = new Random(21);
        List<String> missing = new ArrayList<>();
        for (String key : keys()) {
            if (!KNOWN.hasActivity(key)) continue;
            Activity a = KNOWN.activity(key);
            boolean there = false;
            for (int unit = 0; unit < 5 && !there; unit++) there = planned(a, random);
            if (!there) missing.add(key);
        }
        assertThat(missing).isEmpty();
    }

    /** Of ages that it is for, 16 to 31 children, six lessons of 45 minutes, one skill. */
    private static boolean planned(Activity a, Random random) {
        int age = a.ageFrom() + 1 + random.nextInt(a.ageTo() - a.ageFrom());
        String skill = a.skill() == null ? "underarm-roll" : a.skill();
        UnitProblem p = Fixtures.problem(age, 16 + random.nextInt(16), 6, 45, WIDE, "components", skill);
        Wishes wishes = new Wishes(
                Wishes.Order.INTERLEAVED,
                null,
                Wishes.Tempo.AS_IT_COMES,
                Wishes.Taste.AS_IT_COMES,
                false,
                false,
                true,
                Set.of(a.key()),
                Set.of(),
                Map.of(),
                Wishes.Ending.AS_IT_COMES);
        UnitProblem wished = new UnitProblem(
                p.profile(), p.lessons(), p.targets(), p.cues(), p.reached(), KNOWN, FULL, wishes, List.of());
        Outcome outcome = new ConstructivePlanner().plan(wished, Fixtures.ids(), 3000);
        return outcome instanceof Outcome.Planned planned
                && planned.broken().isEmpty()
                && planned.plan().all().stream()
                        .anyMatch(s -> s.activity().key().equals(a.key()));
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

    /** At home there are no bare balloons and nothing hard; a game that can be played there says how. Fact of the trade. */
    @Test
    void whatIsDoneAtHomeIsSafe() {
        List<String> home = KNOWN.activities().stream()
                .map(a -> a.conduct().home())
                .filter(Objects::nonNull)
                .toList();
        assertThat(home).hasSizeGreaterThan(100);
        assertThat(home)
                .noneMatch(h -> h.matches(
                        "(?i).*\\b(balloons?|stones?|bats?|rackets?|tennis balls?|glass|knife|weights?)\\b.*"));
        long games = KNOWN.activities().stream()
                .filter(a -> a.isGame() && a.conduct().home() != null)
                .count();
        assertThat(games).isGreaterThan(50);
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
