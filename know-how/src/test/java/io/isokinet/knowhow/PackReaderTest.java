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
import io.isokinet.core.thing.Item;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PackReaderTest {
    private static final String ROLL = "skills/sending/underarm-roll.yaml";
    private static final String JUGGLING = "activities/juggling/three-object-juggling.yaml";
    private static final String DRILLS = "activities/sending/underarm-roll.yaml";

    private final PackFiles shipped = PackFiles.shipped();
    private final KnowHow known = Fixtures.KNOW_HOW;

    @Test
    void theShippedPackPassesEveryCheck() {
        Pack pack = PackReader.read(shipped);
        assertThat(pack.name()).isEqualTo("starter");
        assertThat(pack.sha256()).hasSize(64);
        assertThat(pack.gaps()).as("every rung is filled, two games a skill").isEmpty();
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
    void everySkillHasAnEasierAndAHarderThingToTryAtHome() {
        for (Skill skill : known.skills())
            assertThat(known.activities().stream()
                            .filter(a ->
                                    skill.key().equals(a.skill()) && a.conduct().home() != null)
                            .map(Activity::difficulty)
                            .distinct())
                    .as(skill.key())
                    .hasSizeGreaterThanOrEqualTo(2);
    }

    /** What was promised to be there. */
    @Test
    void thePackHasTheCountsItShould() {
        List<Activity> drills = known.activities().stream()
                .filter(a -> a.worksOnSkill() && !a.isGame())
                .toList();
        assertThat(known.skills()).hasSizeGreaterThanOrEqualTo(30);
        assertThat(known.activities()).hasSizeGreaterThanOrEqualTo(180);
        assertThat(drills).hasSizeGreaterThanOrEqualTo(70);
        assertThat(known.activities().stream().filter(Activity::isGame)).hasSizeGreaterThanOrEqualTo(60);
        assertThat(known.items()).hasSizeGreaterThanOrEqualTo(80);
        assertThat(known.items().stream().filter(Item::homeMade)).hasSizeGreaterThanOrEqualTo(25);
        assertThat(known.library().games()).hasSizeGreaterThanOrEqualTo(8);
        assertThat(known.library().symptoms()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(known.library().outcomes()).hasSize(3);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "underarm-roll",
                "underarm-throw",
                "overarm-throw",
                "two-hand-catch",
                "kick-for-distance",
                "inside-foot-pass",
                "foot-dribble",
                "two-hand-strike",
                "forearm-pass",
                "jump-for-distance"
            })
    void tenSkillsAreDoneInDepth(String skill) {
        List<Activity> own =
                known.activities().stream().filter(a -> skill.equals(a.skill())).toList();
        assertThat(own.stream().filter(a -> a.serves(LessonPhase.PRACTISE))).hasSizeGreaterThanOrEqualTo(12);
        assertThat(own.stream().filter(Activity::isGame)).hasSizeGreaterThanOrEqualTo(4);
    }

    /**
     * Ulrich, Test of Gross Motor Development, 3rd edition (2013/2019): criteria per skill, from memory. Two trials, each
     * criterion 0 or 1: greatest scores 46 and 54.
     */
    @Test
    void twoTrialSetsHaveTheCountsOfThePublishedTest() {
        Map<String, Integer> locomotor = Map.of(
                "run-and-sprint-start", 4, "gallop", 4, "hop", 4, "skip", 3, "jump-for-distance", 4, "side-slide", 4);
        Map<String, Integer> ball = Map.of(
                "two-hand-strike", 5,
                "one-hand-forehand-strike", 4,
                "hand-dribble", 3,
                "two-hand-catch", 3,
                "kick-for-distance", 4,
                "overarm-throw", 4,
                "underarm-throw", 4);
        Map<String, Integer> criteria = known.skills().stream()
                .flatMap(s -> s.sets().stream())
                .filter(s -> s.kind() == CueSet.Kind.TWO_TRIAL)
                .collect(Collectors.toMap(CueSet::skill, s -> s.cues().size()));
        Map<String, Integer> published = new HashMap<>(locomotor);
        published.putAll(ball);
        assertThat(criteria).isEqualTo(published);
        assertThat(2 * locomotor.values().stream().mapToInt(i -> i).sum()).isEqualTo(46);
        assertThat(2 * ball.values().stream().mapToInt(i -> i).sum()).isEqualTo(54);
    }

    @Test
    void aTwoTrialSetIsNotTaughtTo() {
        for (Skill skill : known.skills()) assertThat(skill.taught()).noneMatch(s -> s.kind() == CueSet.Kind.TWO_TRIAL);
    }

    /** Common practice: an easier step may never be marked as harder by accident; some ladders are not one-way. */
    @Test
    void everyActivityHasADifficultyForEachStepOfItsLevers() {
        for (Activity a : known.activities()) {
            assertThat(a.difficulty()).as(a.name()).isBetween(-5.0, 5.0);
            a.levers().forEach(l -> assertThat(l.logits()).as(a.name()).hasSameSizeAs(l.steps()));
        }
        // A low toss is easier, except where the task needs the time in the air.
        assertThat(known.activity("toss-and-touch").levers().get(1).logits()).containsExactly(0.7, 0.0, 0.4);
        assertThat(known.activities().stream().filter(a -> a.conduct().home() != null))
                .hasSizeGreaterThanOrEqualTo(20);
        assertThat(known.activities().stream().filter(a -> a.conduct().link() != null))
                .hasSizeGreaterThanOrEqualTo(15);
    }

    /** The list that stands in for a folder in a jar names every file that is there. */
    @Test
    void theListOfFilesIsTheFolder() throws IOException {
        Path root = Path.of("src/main/resources/packs/starter");
        try (Stream<Path> files = Files.walk(root)) {
            assertThat(shipped.texts().keySet())
                    .containsExactlyInAnyOrderElementsOf(
                            files.filter(f -> f.toString().endsWith(".yaml"))
                                    .map(f -> root.relativize(f).toString().replace('\\', '/'))
                                    .toList());
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
                .contains("| Jump for distance and landing | 9 | 18 | 3 2 3 2 2 | 4 |");
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
                        "from-age: 4\n    condition: target\n    faults:\n      - {seen: Looks at the hand",
                        "from-age: 7\n    condition: target\n    faults:\n      - {seen: Looks at the hand",
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
                Arguments.of(
                        "placeholder",
                        DRILLS,
                        "copies the roll, {step}",
                        "copies the {roll}",
                        "for which nothing is put in"),
                Arguments.of(
                        "names-a-thing",
                        "activities/receiving/two-hand-catch.yaml",
                        "facts: [{brings: [{need: thing to catch, like: scarf, traits: [floats], width: [200, 600]}]}, {brings: [{need: thing to catch, like: beanbag, traits: [soft, flat], width: [80, 150]}]},",
                        "facts: [{brings: [{need: thing to catch, like: scarf, traits: [floats], width: [200, 600]}]}, {},",
                        "names beanbags of the kit and brings nothing"),
                Arguments.of(
                        "typed-count",
                        "activities/locomotor/hop.yaml",
                        "a hop held for the count",
                        "a hop held for two counts",
                        "how long it is held"),
                Arguments.of(
                        "hosts-what-can-occur",
                        "activities/sending/forearm-pass.yaml",
                        "hosts: [forearm-pass/ready-low, forearm-pass/platform, forearm-pass/legs-lift,",
                        "hosts: [forearm-pass/face-target, forearm-pass/platform, forearm-pass/legs-lift,",
                        "only where there is a target"),
                Arguments.of(
                        "hosts-what-can-occur",
                        "activities/locomotor/dodge.yaml",
                        "hosts: [dodge/eyes-up,",
                        "hosts: [dodge/feint, dodge/eyes-up,",
                        "somebody to get past"),
                Arguments.of(
                        "opponents-told",
                        "activities/locomotor/leap.yaml",
                        "Crabs, {step} of them, guard",
                        "Two crabs guard",
                        "Put {step} where they are named"),
                Arguments.of(
                        "typed-length",
                        "activities/sending/lofted-pass.yaml",
                        "sits-out: \"Keeps the count for one group: a ball that bounces just ahead",
                        "sits-out: \"Keeps the count for one group: a ball that bounces two steps ahead",
                        "a lever sets the distance"),
                Arguments.of(
                        "bounces",
                        "activities/sending/forearm-pass.yaml",
                        "{bounces: 1, brings: [{need: ball, traits: [bounces, soft]}]}",
                        "{bounces: 1}",
                        "wants a bounce, and what is sent need not bounce"),
                Arguments.of(
                        "schema", "activities/locomotor/hop.yaml", "facts: [{hold: 1}", "facts: [{hold: 100}", "30"),
                Arguments.of("item-exists", DRILLS, "like: skittle", "like: unicorn", "does not exist"),
                Arguments.of(
                        "item-exists", "kit.yaml", "held-by: {item: post-stand", "held-by: {item: mast", "held up by"),
                Arguments.of(
                        "two-items",
                        DRILLS,
                        "like: rope, traits: [flat, long], width: [80, 2600]",
                        "like: rope, traits: [flat, floats, stands], width: [80, 2600]",
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
                Arguments.of("values", "kit.yaml", "base: 70, centre: 95", "centre: 95", "stands, so its height, base"),
                Arguments.of("yaml-plain", ROLL, "name: Underarm roll", "name: *name", "plain data"),
                Arguments.of("yaml-plain", ROLL, "name: Underarm roll", "name: !!str Underarm roll", "plain data"),
                Arguments.of("yaml", ROLL, "name: Underarm roll", "name: Roll\nname: Underarm roll", "Duplicate"),
                Arguments.of("yaml", ROLL, "name: Underarm roll", "name: Underarm roll\n---\nname: Other", "Trailing"),
                Arguments.of(
                        "no-circle",
                        ROLL,
                        "key: underarm-roll/swing-back\n",
                        "key: underarm-roll/swing-back\n    prerequisites: [underarm-roll/finish]\n",
                        "builds on it again"),
                Arguments.of("cue-used", ROLL, "underarm-roll/step, ", "", "in no set"),
                Arguments.of(
                        "set-size",
                        ROLL,
                        "cues: [underarm-roll/look, underarm-roll/step, underarm-roll/down-low]",
                        "cues: [underarm-roll/look, underarm-roll/step, underarm-roll/down-low, underarm-roll/hand-low, underarm-roll/finish]",
                        "2 to 4 cues"),
                // A distance of nothing, one that no hall has, one that is none, and one that its own words deny.
                Arguments.of("schema", DRILLS, "facts: [{metres: 2}", "facts: [{metres: 0}", "0"),
                Arguments.of("schema", DRILLS, "facts: [{metres: 2}", "facts: [{metres: 500}", "100"),
                Arguments.of("schema", DRILLS, "facts: [{metres: 2}", "facts: [{metres: far}", "number"),
                Arguments.of("schema", DRILLS, "facts: [{metres: 2}", "facts: [{furlongs: 2}", "furlongs"),
                Arguments.of(
                        "says-what-it-sets",
                        DRILLS,
                        "facts: [{metres: 2}",
                        "facts: [{metres: 7}",
                        "The step “2 m” of the lever (distance) sets 7.0 metres"),
                Arguments.of("values", DRILLS, "facts: [{metres: 2}, ", "facts: [", "facts of"),
                Arguments.of("layout-exists", DRILLS, "layout: lanes-skittles", "layout: lanes-moon", "layouts.yaml"),
                Arguments.of("minutes-rise", DRILLS, "minutes: [4, 6]", "minutes: [6, 4]", "fewest"),
                Arguments.of(
                        "rate-plausible",
                        DRILLS,
                        "cycle: {act: 6, fetch: 0, back: 0, reset: 0}",
                        "cycle: {act: 1, fetch: 0, back: 0, reset: 0}",
                        "plausible"),
                Arguments.of("values", DRILLS, "logits: [0, 0.3]", "logits: [0.1, 0.3]", "with 0 at the usual"),
                Arguments.of("recipe", "kit.yaml", ", check: \"Tape whole, still round.\"", "", "a check before"),
                Arguments.of(
                        "home-made-mass", "kit.yaml", "grams: 300, width: 72", "grams: 800, width: 72", "too heavy"),
                Arguments.of(
                        "cue-exists", "transfer.yaml", "to: underarm-roll/swing-back", "to: moon/swing", "not exist"),
                Arguments.of(
                        "activity-exists", "symptoms.yaml", "activity: roll-and-chase", "activity: moon", "not exist"),
                Arguments.of(
                        "symptom-hosted",
                        "symptoms.yaml",
                        "activity: roll-and-chase",
                        "activity: broom-steps",
                        "does not host"),
                Arguments.of(
                        "skill-exists", "games.yaml", "skill: inside-foot-pass", "skill: moon-walk", "does not exist"),
                Arguments.of(
                        "skill-exists",
                        "outcomes/by-stage.yaml",
                        "skills: [underarm-roll",
                        "skills: [moon-walk",
                        "not"),
                Arguments.of("schema", "symptoms.yaml", "cause: ", "reason: ", "cause"),
                Arguments.of(
                        "typed-length",
                        DRILLS,
                        "{distance} from the wall",
                        "two paces from the wall",
                        "Say {distance}"),
                Arguments.of(
                        "brings-a-need",
                        JUGGLING,
                        "brings: [{need: scarf,",
                        "brings: [{need: lantern,",
                        "which the kit does not have"),
                Arguments.of("schema", DRILLS, "{metres: 2}", "{metres: 0}", "0"),
                Arguments.of("schema", DRILLS, "{metres: 2}", "{metres: 500}", "100"),
                Arguments.of("schema", DRILLS, "{metres: 2}", "{metres: far}", "number"),
                Arguments.of("schema", DRILLS, "must: topples", "must: explode", "stops-in"));
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
    void noTwoActivitiesAreAlike() {
        String text = shipped.texts().get(DRILLS);
        String how = text.substring(text.indexOf("how: ") + 5, text.indexOf('\n', text.indexOf("how: ")));
        int second = text.indexOf("how: ", text.indexOf("how: ") + 5);
        String same = text.substring(0, second + 5) + how + text.substring(text.indexOf('\n', second));
        FoundException found =
                catchThrowableOfType(FoundException.class, () -> PackReader.read(shipped.with(DRILLS, same)));
        assertThat(found.findings().all()).anySatisfy(f -> {
            assertThat(f.rule()).isEqualTo("alike");
            assertThat(f.message()).contains("100%");
        });
    }

    @Test
    void aHugeFileIsRefusedUnread() {
        assertThat(rules(shipped.with("kit.yaml", "items:\n" + "  - {}\n".repeat(200_000))))
                .containsExactly("too-large");
    }

    @Test
    void tooManyFilesAreRefusedUnread() {
        PackFiles pack = shipped;
        for (int i = 0; i < 400; i++) pack = pack.with("skills/s" + i + ".yaml", "{}");
        assertThat(rules(pack)).containsExactly("too-many");
    }

    @Test
    void whatIsNoFileOfAPackIsRefused() {
        assertThat(rules(shipped.with("run.sh", "rm"))).containsExactly("file-known");
        assertThat(rules(shipped.with("skills/a.txt", "a"))).containsExactly("file-known");
    }

    /** Aliases that would grow to a billion values are told, not followed. */
    @Test
    void aliasesThatExplodeAreTold() {
        StringBuilder bomb = new StringBuilder("a0: &a0 [x]\n");
        for (int i = 1; i < 30; i++) bomb.append("a%d: &a%d [*a%d, *a%d]\n".formatted(i, i, i - 1, i - 1));
        assertThat(rules(shipped.with("kit.yaml", bomb.toString()))).containsOnly("yaml-plain");
    }

    @Test
    void aDeepNestIsRefused() {
        assertThat(rules(shipped.with("kit.yaml", "items: " + "[".repeat(5000))))
                .containsExactly("yaml");
    }

    /** A gap is not an error: a skill may be put in first and its activities after. */
    @Test
    void whatASkillStillNeedsIsSaid() {
        PackFiles without = shipped.without("activities/locomotor/hop.yaml");
        String symptoms = without.texts().get("symptoms.yaml").replaceAll("(?m)^.*hop/.*\n", "");
        assertThat(PackReader.read(without.with("symptoms.yaml", symptoms)).gaps())
                .containsExactly("Hop has no activity on the levels [1, 2, 3, 4, 5].", "Hop has 0 of 2 games.");
    }

    /** A pack on top of others may refer to what is under it and may not take its keys. */
    @Test
    void aPackOnTopOfAnother() {
        PackFiles own = new PackFiles(Map.of("pack.yaml", "name: our-school\nnumber: 1\ntitle: Ours\n"));
        String close = "activities:\n  - {key: %s, name: Ours, phases: [close], ages: [4, 12], minutes: [2, 4],"
                + " formation: {kind: scatter, sizes: [1, 1, 1]}, space: {long: 4, each: 1}, set-up: 0,"
                + " layout: closing, how: \"Our own goodbye, as we always say it.\"}\n";
        Pack pack =
                PackReader.read(own.with("activities/any/ours.yaml", close.formatted("our-goodbye")), List.of(shipped));
        assertThat(pack.knowHow().hasActivity("our-goodbye")).isTrue();
        assertThat(pack.knowHow().hasSkill("hop")).isTrue();
        assertThat(PackReader.known(List.of(shipped, pack.files())).activities())
                .hasSize(known.activities().size() + 1);
        FoundException taken = catchThrowableOfType(
                FoundException.class,
                () -> PackReader.read(
                        own.with("activities/any/ours.yaml", close.formatted("slow-tide")), List.of(shipped)));
        assertThat(taken.findings().all().get(0).rule()).isEqualTo("key-once");
    }

    private static List<String> rules(PackFiles pack) {
        FoundException found = catchThrowableOfType(FoundException.class, () -> PackReader.read(pack));
        return found.findings().all().stream().map(Finding::rule).distinct().toList();
    }

    @Test
    void aPackWithoutANameIsRefused() {
        FoundException found = catchThrowableOfType(
                FoundException.class, () -> PackReader.read(new PackFiles(Map.of("cautions.yaml", "cautions: {}\n"))));
        assertThat(found.findings().all().get(0).rule()).isEqualTo("pack-named");
    }
}
