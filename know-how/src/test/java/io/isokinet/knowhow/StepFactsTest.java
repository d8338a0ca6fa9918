package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.StepFacts.Limb;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.task.Asked;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What steps set stands in packs as facts; only packs from before have it read out of their words. */
class StepFactsTest {
    private final PackFiles shipped = PackFiles.shipped();

    /** Common practice: a pace is a teacher's 0.75 m, a step a child's. */
    @Test
    void aPackFromBeforeHasItsFactsReadOutOfItsWords() {
        assertThat(SchemaOne.facts("distance", List.of("3 m", "4 paces", "2 steps", "3 giant steps", "near line")))
                .containsExactly(
                        StepFacts.of(Reach.metres(3)),
                        StepFacts.of(new Reach(4, Reach.Unit.PACES)),
                        StepFacts.of(new Reach(2, Reach.Unit.STEPS)),
                        StepFacts.of(new Reach(3, Reach.Unit.GIANT_STEPS)),
                        StepFacts.NONE);
        assertThat(SchemaOne.facts("hand", List.of("preferred hand", "other hand", "in turn")))
                .containsExactly(StepFacts.of(Limb.PREFERRED), StepFacts.of(Limb.OTHER), StepFacts.NONE);
        // The width of a gate is no distance, and a pace of a thousand is none.
        assertThat(SchemaOne.facts("ball", List.of("another ball", "to each other")))
                .containsOnly(StepFacts.NONE);
        assertThat(SchemaOne.facts("gate", List.of("2 m", "1 m"))).containsOnly(StepFacts.NONE);
        assertThat(SchemaOne.facts("distance", List.of("1000 paces", "0 m"))).containsOnly(StepFacts.NONE);
    }

    /** The same pack without its facts: every distance and side is found again, so that a school's own pack goes on as it was. */
    @Test
    void withoutItsFactsThePackMeansTheSame() {
        PackFiles before =
                shipped.with("pack.yaml", shipped.texts().get("pack.yaml").replaceAll("schema: 2\n", ""));
        for (String path : shipped.texts().keySet())
            if (path.startsWith("activities/"))
                before = before.with(
                        path,
                        shipped.texts()
                                .get(path)
                                .replaceAll(", facts: \\[.*\\]\\}", "}")
                                .replaceAll("\n    task: .*", ""));
        assertThat(String.join("", before.texts().values())).doesNotContain("facts:");
        List<Activity> now = PackReader.read(shipped).knowHow().activities();
        List<Activity> then = PackReader.read(before).knowHow().activities();
        for (int i = 0; i < now.size(); i++) {
            assertThat(saidInWords(then.get(i))).as(now.get(i).name()).isEqualTo(saidInWords(now.get(i)));
            assertThat(ladders(then.get(i))).isEqualTo(ladders(now.get(i)));
            assertThat(then.get(i).attempt().asks(Effort.HOLD))
                    .as(now.get(i).name())
                    .isEqualTo(now.get(i).attempt().asks(Effort.HOLD));
        }
    }

    /** All of its levers but their facts. */
    private static List<Lever> ladders(Activity activity) {
        return activity.levers().stream()
                .map(l -> new Lever(l.name(), l.steps(), l.usual(), l.logits()))
                .toList();
    }

    /** What packs of schema 1 could say of a step: how far, where it is a number, and which limb. "Near" was only a word. */
    private static List<StepFacts> saidInWords(Activity activity) {
        return activity.levers().stream()
                .flatMap(l -> IntStream.range(0, l.steps().size())
                        .mapToObj(i -> new StepFacts(
                                l.steps().get(i).matches(".*\\d.*")
                                        ? l.facts().get(i).reach()
                                        : null,
                                l.facts().get(i).limb())))
                .toList();
    }

    /** Nothing of the shipped pack is left to its words. */
    @Test
    void theShippedPackSaysWhatItsStepsSet() {
        List<String> silent = new ArrayList<>();
        int told = 0;
        for (PackDocuments.Document document : PackDocuments.all(shipped)) {
            JsonNode activity = document.tree();
            if (document.kind() != PackDocuments.Kind.ACTIVITY) continue;
            for (JsonNode lever : activity.path("levers")) {
                if (lever.has("facts")) told++;
                else if (SchemaOne.facts(lever.path("name").asString(), words(lever)).stream()
                        .anyMatch(f -> !f.equals(StepFacts.NONE)))
                    silent.add(activity.path("key").asString());
            }
            boolean hold = activity.path("task").path("efforts").valueStream().anyMatch(e -> e.asString()
                    .equals("hold"));
            if (!hold && SchemaOne.held(activity.path("counts").asString("")))
                silent.add(activity.path("key").asString());
        }
        assertThat(silent).isEmpty();
        assertThat(told).isGreaterThan(100);
    }

    private static List<String> words(JsonNode lever) {
        return lever.path("steps").valueStream().map(JsonNode::asString).toList();
    }

    /** "From the side, behind the line" is from the side: where it is read out of words, they are read as they begin. */
    @Test
    void aCueSaysFromWhereItIsSeen() {
        assertThat(SchemaOne.seen("from the side, behind the line")).isEqualTo(Seen.SIDE);
        assertThat(SchemaOne.seen("from the front, behind the one who feeds")).isEqualTo(Seen.FRONT);
        assertThat(SchemaOne.seen("from behind, well to the side")).isEqualTo(Seen.BEHIND);
        assertThat(SchemaOne.seen("from the {throwing side}")).isEqualTo(Seen.SIDE);
        for (PackDocuments.Document document : PackDocuments.all(shipped))
            if (document.kind() == PackDocuments.Kind.SKILL)
                document.tree().path("cues").forEach(c -> assertThat(
                                c.path("seen").asString(""))
                        .as(c.path("key").asString())
                        .isIn("side", "front", "behind"));
    }

    /** Wherever a distance is set by any lever, each step of the main one says how far it is: what the hall counts hits at. */
    @Test
    void eachStepSaysHowFarItIs() {
        Age eight = new Age(8);
        int many = 0;
        for (Activity activity : PackReader.read(shipped).knowHow().activities()) {
            boolean far = activity.levers().stream()
                    .anyMatch(l -> l.metres(l.usual(), eight).isPresent());
            if (!far) continue;
            many++;
            Lever main = activity.levers().get(0);
            assertThat(IntStream.range(0, main.steps().size())
                            .mapToObj(i -> Asked.of(activity, i).metres(eight)))
                    .as(activity.name())
                    .doesNotContainNull();
        }
        assertThat(many).isGreaterThanOrEqualTo(90);
    }
}
