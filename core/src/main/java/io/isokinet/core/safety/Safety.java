package io.isokinet.core.safety;

import io.isokinet.core.thing.Item;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/** Cautions by activity, place, age, kit and adaptation: what forbids first, then what changes, then what warns. */
public final class Safety {
    private Safety() {}

    /** True if a thing would be forbidden if it were sent here. */
    public static boolean forbids(Item item, Scene.Around around, Policy policy) {
        return Arrays.stream(SafetyRule.values()).anyMatch(rule -> rule.forbids(item, around, policy));
    }

    /** @param texts the shipped cautions by key, of which an activity names its own */
    public static List<Caution> of(Scene scene, Map<String, String> texts, Policy policy) {
        return Stream.concat(
                        Arrays.stream(SafetyRule.values()).flatMap(rule -> rule.of(scene, policy)),
                        scene.activity().cautions().stream()
                                .map(key -> texts.containsKey(key)
                                        ? new Caution(key, Caution.Weight.WARNS, texts.get(key), null)
                                        : null)
                                .filter(Objects::nonNull))
                .distinct()
                .sorted((a, b) -> a.weight().compareTo(b.weight()))
                .toList();
    }
}
