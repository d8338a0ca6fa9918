package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PackReaderTest {
    private static final String ROLL = "skills/underarm-roll.yaml";
    private static final String DRILLS = "activities/roll.yaml";

    private final PackFiles shipped = PackFiles.shipped();
    private final KnowHow known = Fixtures.KNOW_HOW;

    @Test
    void theShippedPackPassesEveryCheck() {
        Pack pack = PackReader.read(shipped);
        assertThat(pack.name()).isEqualTo("starter");
        assertThat(pack.sha256()).hasSize(64);
        assertThat(pack.json()).startsWith("{").contains("Wall Returns");
        assertThat(pack.knowHow().activities()).hasSizeGreaterThanOrEqualTo(24);
    }

    @Test
    void theIdentityOfAPackIsItsContent() {
        String other = shipped.texts().get("cautions.yaml").replace("Ask before", "Do ask before");
        assertThat(PackReader.read(shipped.with("cautions.yaml", other)).sha256())
                .isNotEqualTo(PackReader.read(shipped).sha256());
    }

    @Test
    void everySkillHasAShortAndAComponentSet() {
        for (Skill skill : known.skills()) {
            assertThat(skill.set(CueSet.Kind.SHORT).cues()).hasSizeBetween(2, 4);
            assertThat(skill.set(CueSet.Kind.COMPONENTS).cues()).hasSizeBetween(4, 8);
        }
    }

    @Test
    void everySkillHasDrillsOnTheLowerRungsAndTwoGames() {
        for (Skill skill : known.skills()) {
            List<Activity> own = known.activities().stream()
                    .filter(a -> skill.key().equals(a.skill()))
                    .toList();
            for (int level = 1; level <= 5; level++) {
                int wanted = level;
                assertThat(own)
                        .as(skill.name() + " rung " + level)
                        .anyMatch(a -> a.rung() != null && a.rung().level() == wanted && !a.isGame());
            }
            assertThat(own.stream().filter(Activity::isGame)).hasSizeGreaterThanOrEqualTo(2);
        }
    }

    @Test
    void everyPartOfALessonIsServed() {
        for (LessonPhase phase : LessonPhase.values())
            assertThat(known.activities()).as(phase.label()).anyMatch(a -> a.serves(phase));
    }

    /** Enough for a term without the same warm-up twice: two lessons a week for twelve weeks. */
    @ParameterizedTest
    @CsvSource({"WARM, 24", "RECAP, 24", "CLOSE, 14", "GATHER, 14"})
    void aTermNeverRunsOutOfBeginningsAndEnds(LessonPhase phase, int atLeast) {
        assertThat(known.activities().stream().filter(a -> a.serves(phase))).hasSizeGreaterThanOrEqualTo(atLeast);
    }

    /** The report counts what stands in the pack: every fault, every drill on its rung, every game once. */
    @Test
    void theReportCountsThePack() {
        String report = PackReport.of(PackReader.read(shipped));
        KnowHow known = PackReader.read(shipped).knowHow();
        assertThat(report)
                .contains("| skills | %d |".formatted(known.skills().size()))
                .contains("| activities | %d |".formatted(known.activities().size()))
                .contains("| Jump for distance and landing | 9 | 18 | 2 2 2 2 1 | 3 |");
    }

    static Stream<Arguments> broken() {
        return Stream.of(
                Arguments.of("yaml", ROLL, "key: underarm-roll\n", "key: [underarm-roll\n", "no valid YAML"),
                Arguments.of("schema", ROLL, "phase: ready", "phase: steady", "enumeration"),
                Arguments.of("schema", ROLL, "call: Eyes on it", "call: Keep both eyes on it", "pattern"),
                Arguments.of("schema", DRILLS, "set-up: 40", "set-up: forty", "integer"),
                Arguments.of(
                        "mirrors", ROLL, "{opposite foot} step forward", "{lucky foot} step forward", "lucky foot"),
                Arguments.of(
                        "cue-exists",
                        ROLL,
                        "prerequisites: [underarm-roll/swing-back]",
                        "prerequisites: [underarm-roll/nothing]",
                        "does not exist"),
                Arguments.of(
                        "cue-exists",
                        "crosswalk.yaml",
                        "from: underarm-roll/look",
                        "from: underarm-roll/lost",
                        "does not exist"),
                Arguments.of(
                        "cue-exists",
                        DRILLS,
                        "hosts: [underarm-roll/swing-back",
                        "hosts: [underarm-roll/sideways",
                        "does not exist"),
                Arguments.of(
                        "prerequisite-first",
                        ROLL,
                        "underarm-roll/other-foot, underarm-roll/hand-low,",
                        "underarm-roll/hand-low, underarm-roll/other-foot,",
                        "builds on"),
                Arguments.of(
                        "ages-rise",
                        ROLL,
                        "from-age: 4\n    condition: target\n    faults:\n      - {seen: \"Looks at the hand",
                        "from-age: 7\n    condition: target\n    faults:\n      - {seen: \"Looks at the hand",
                        "Order the set by age"),
                Arguments.of(
                        "cue-key",
                        ROLL,
                        "key: underarm-roll/swing-back\n",
                        "key: overarm/swing-back\n",
                        "must start with its skill's key"),
                Arguments.of(
                        "key-once", ROLL, "key: underarm-roll/step\n", "key: underarm-roll/look\n", "stands twice"),
                Arguments.of(
                        "shows-hosted",
                        DRILLS,
                        "shows: [underarm-roll/other-foot, underarm-roll/step]",
                        "shows: [underarm-roll/finish]",
                        "does not host it"),
                Arguments.of(
                        "caution-exists",
                        DRILLS,
                        "cautions: [wall-permission, one-way]",
                        "cautions: [dragons]",
                        "does not exist"),
                Arguments.of("item-exists", DRILLS, "like: skittle", "like: unicorn", "does not exist"),
                Arguments.of(
                        "two-items",
                        DRILLS,
                        "like: rope, traits: [flat], width: [80, 2600]",
                        "like: rope, traits: [flat, floats], width: [80, 2600]",
                        "at least 2 must"),
                Arguments.of(
                        "values",
                        DRILLS,
                        "skill: underarm-roll\n    rung: 5",
                        "skill: moon-throw\n    rung: 5",
                        "does not exist"),
                Arguments.of(
                        "values",
                        DRILLS,
                        "skill: underarm-roll\n    rung: 5\n",
                        "skill: underarm-roll\n",
                        "a skill and a rung, or neither"),
                Arguments.of("values", DRILLS, "usual: 1", "usual: 9", "has steps 0 to"),
                Arguments.of("values", DRILLS, "sizes: [3, 4, 6]", "sizes: [5, 4, 6]", "must rise"),
                Arguments.of(
                        "values", "kit.yaml", "base: 70, centre: 95", "centre: 95", "stands, so its height, base"));
    }

    @ParameterizedTest(name = "{0}: {3}")
    @MethodSource("broken")
    void eachCheckFailsOnABrokenPackWithFileAndRemedy(String rule, String file, String good, String bad, String words) {
        String text = shipped.texts().get(file);
        assertThat(text).as("the pack holds what is to be broken").contains(good);
        PackFiles pack = shipped.with(
                file,
                text.replaceFirst(java.util.regex.Pattern.quote(good), java.util.regex.Matcher.quoteReplacement(bad)));
        FoundException found = catchThrowableOfType(FoundException.class, () -> PackReader.read(pack));
        assertThat(found).as("nothing was found").isNotNull();
        assertThat(found.findings().all()).anySatisfy((Finding f) -> {
            assertThat(f.rule()).isEqualTo(rule);
            assertThat(f.message()).contains(words);
            assertThat(f.where()).contains(".yaml");
        });
    }

    @Test
    void findingsNameTheLine() {
        String text = shipped.texts().get(DRILLS);
        int line = (int) text.substring(0, text.indexOf("set-up: 40")).lines().count();
        FoundException found = catchThrowableOfType(
                FoundException.class,
                () -> PackReader.read(shipped.with(DRILLS, text.replaceFirst("set-up: 40", "set-up: forty"))));
        assertThat(found.findings().all().get(0).where()).isEqualTo(DRILLS + ":" + line);
    }

    @Test
    void aPackWithoutANameIsRefused() {
        FoundException found = catchThrowableOfType(
                FoundException.class,
                () -> PackReader.read(new PackFiles(java.util.Map.of("cautions.yaml", "cautions: {}\n"))));
        assertThat(found.findings().all().get(0).rule()).isEqualTo("pack-named");
    }
}
