package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Clip;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Motion;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Spot;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.Skill;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The shipped movements; that each shows and hides what it says is checked as the pack is read. */
class DemonstrationsTest {
    private static final int CLIPS = 60;
    private final Map<String, Demonstration> shown = Fixtures.KNOW_HOW.library().demonstrations();

    @Test
    void everySkillHasItsFigureAndWhatAFigureCannotShowSaysWhy() {
        assertThat(shown.keySet())
                .containsExactlyInAnyOrderElementsOf(
                        Fixtures.KNOW_HOW.skills().stream().map(Skill::key).toList());
        long cues = shown.values().stream().mapToLong(Demonstration::seen).sum();
        long faults = shown.values().stream()
                .flatMap(d -> d.cues().values().stream())
                .flatMap(s -> s.faults().stream())
                .filter(w -> w.movement() != null)
                .count();
        assertThat(cues).isEqualTo(246);
        assertThat(faults).isEqualTo(465);
        shown.values().stream()
                .flatMap(d -> d.cues().values().stream())
                .filter(s -> s.question() == null)
                .forEach(s -> assertThat(s.unseen()).isNotBlank());
    }

    /**
     * The blind test: clips drawn of a child of some size and pace, with a fault in it or none, judged from pictures in whole millimetres and
     * nothing else. What was drawn in is known from the movement itself.
     */
    @Test
    void sixtyClipsAreJudgedFromTheirPicturesAsTheyWereDrawn() {
        Random random = new Random(24);
        List<Demonstration> all = List.copyOf(shown.values());
        int looks = 0;
        for (int n = 0; n < CLIPS; n++) {
            Demonstration d = all.get(n % all.size());
            List<Movement> ways = new ArrayList<>(List.of(d.model()));
            d.cues().values().forEach(s -> s.faults().forEach(w -> {
                if (w.movement() != null) ways.add(w.movement());
            }));
            Movement drawn = ways.get(random.nextInt(ways.size())).slower(0.85 + 0.05 * random.nextInt(8));
            Body child = Body.of(new Age(5 + random.nextInt(7))).times(0.94 + 0.12 * random.nextDouble());
            Clip clip = Clip.of(drawn, child, Clip.USUAL_RATE);
            for (Map.Entry<String, Demonstration.Shown> cue : d.cues().entrySet()) {
                Question q = cue.getValue().question();
                if (q == null) continue;
                looks++;
                assertThat(q.of(clip, Gauge.Sided.RIGHT).shown())
                        .as(
                                "clip %d, %s: %s",
                                n, cue.getKey(), q.of(clip, Gauge.Sided.RIGHT).sentence())
                        .isEqualTo(q.of(drawn.on(child), Gauge.Sided.RIGHT).shown());
            }
        }
        assertThat(looks).isGreaterThan(300);
    }

    /** Facts of the trade, common practice with no source: what everybody who has taught these would say of them at once. */
    @ParameterizedTest
    @CsvSource({
        "overarm-throw, 3, 12",
        "underarm-throw, 1.5, 9",
        "two-hand-chest-pass, 2, 9",
        "kick-for-distance, 5, 16",
        "lofted-pass, 4, 12",
    })
    void aBallLeavesAsFastAsAChildSendsIt(String skill, double least, double most) {
        Movement model = shown.get(skill).model();
        Motion m = model.on(Body.of(new Age(8)));
        String goes = model.handled().balls().get(0).legs().get(0).until();
        double at = m.time(goes);
        double speed = m.at(Spot.BALL, at + 0.01).minus(m.at(Spot.BALL, at)).length() / 0.01;
        assertThat(speed).isBetween(least, most);
    }

    @Test
    void aRunIsFasterThanAGallopAndALeapLongerThanAStep() {
        assertThat(speed("run-and-sprint-start", "land", "next-5")).isBetween(1.8, 4.5);
        assertThat(speed("gallop", "land", "next-4")).isLessThan(speed("run-and-sprint-start", "land", "next-5"));
        Motion leap = shown.get("leap").model().on(Body.of(new Age(8)));
        double flight = leap.time("land") - leap.time("off");
        assertThat(flight).isBetween(0.25, 0.6);
    }

    private double speed(String skill, String from, String to) {
        Motion m = shown.get(skill).model().on(Body.of(new Age(8)));
        double way = m.at(Spot.HIPS, m.time(to)).forward()
                - m.at(Spot.HIPS, m.time(from)).forward();
        return way / (m.time(to) - m.time(from));
    }

    @Test
    void whatIsWrongInAFileIsSaidWithItsPlace() {
        PackFiles shipped = PackFiles.shipped();
        String path = "movements/sending/underarm-roll.yaml";
        String text = shipped.texts().get(path);
        assertThat(found(shipped.with(path, text.replace("seen: Stands still", "seen: Stands like a tree"))))
                .anyMatch(f -> f.rule().equals("movement-fault")
                        && f.message().contains("“Stands still” is not shown")
                        && f.where().startsWith(path));
        assertThat(found(shipped.with(
                        path,
                        text.replace("at: low, least: 0.4", "at: low, least: 0.4")
                                .replace("least: 0.15}]", "least: 0.9}]"))))
                .anyMatch(f -> f.rule().equals("figure-shows")
                        && f.message().startsWith("The model does not show the cue (underarm-roll/step)"));
        assertThat(found(shipped.with(path, text.replace("{name: low, at: 0.9", "{name: deep, at: 0.9"))))
                .anyMatch(f -> f.message().contains("There is no moment “low”"));
        assertThat(found(shipped.with(path, text.replace("skill: underarm-roll", "skill: overarm-roll"))))
                .anyMatch(f -> f.rule().equals("movement-skill"));
        assertThat(found(shipped.with(path, text.replace("lean: 62", "lean: 162"))))
                .anyMatch(f -> f.message().contains("LEAN is 162.0; it must lie between -40.0 and 110.0"));
        assertThat(found(shipped.with(path, text.replace("measure: bend", "measure: bent"))))
                .anyMatch(f -> f.rule().equals("schema"));
        assertThat(found(shipped.with("movements/sending/twice.yaml", text)))
                .anyMatch(f -> f.rule().equals("key-once"));
    }

    private static List<Finding> found(PackFiles files) {
        return catchThrowableOfType(FoundException.class, () -> PackReader.read(files))
                .findings()
                .all();
    }
}
