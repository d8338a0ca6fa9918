package io.isokinet.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads what a unit is planned from out of a short YAML text; docs are in planner/README.md. */
public final class ProblemReader {
    private static final YAMLMapper YAML = YAMLMapper.builder().build();

    private ProblemReader() {}

    /** The text as it is laid out. Lengths in metres, ages in years. */
    private record Text(
            int age,
            int children,
            int lessons,
            int minutes,
            PlaceText place,
            List<String> cueSets,
            Wishes.@Nullable Order order,
            @Nullable List<String> bans,
            Map<String, Integer> kit) {}

    private record PlaceText(
            String name,
            double length,
            double width,
            @Nullable Double ceiling,
            Place.Floor floor) {}

    /**
     * @param yaml age, children, lessons, minutes, place, cueSets, kit; order and bans if wished
     * @throws IllegalArgumentException if it cannot be read, or names a thing or a cue set that is not known
     */
    public static UnitProblem read(String yaml, KnowHow known) {
        Text text;
        try {
            text = YAML.readValue(yaml, Text.class);
        } catch (JacksonException e) {
            throw new IllegalArgumentException(
                    "This is no unit to plan: %s. Look at the example in planner/README.md."
                            .formatted(e.getOriginalMessage()),
                    e);
        }
        Map<Item, Integer> counts = new LinkedHashMap<>();
        text.kit().forEach((key, count) -> {
            if (!known.hasItem(key))
                throw new IllegalArgumentException(
                        "There is no thing (%s) in the know-how; take a key from kit.yaml.".formatted(key));
            counts.put(known.item(key), count);
        });
        PlaceText place = text.place();
        Place where = new Place(
                place.name(),
                new Length(place.length()),
                new Length(place.width()),
                place.ceiling() == null ? null : new Length(place.ceiling()),
                place.floor(),
                0);
        List<Target> targets = new ArrayList<>();
        for (String set : text.cueSets()) targets.add(new Target(known.set(set).skill(), set));
        return new UnitProblem(
                new ClassProfile(new Age(text.age()), text.children()),
                Collections.nCopies(text.lessons(), new LessonSlot(text.minutes(), where, false)),
                targets,
                Map.of(),
                Map.of(),
                known,
                Cupboard.of(counts),
                new Wishes(
                        text.order() == null ? Wishes.Order.INTERLEAVED : text.order(),
                        null,
                        text.bans() == null ? Set.of() : Set.copyOf(text.bans())),
                List.of());
    }

    /** A plan in lines: what happens when, with which cues. */
    public static String told(Plan plan) {
        StringBuilder lines = new StringBuilder();
        plan.lessons().forEach(lesson -> {
            lines.append("Lesson %d%n".formatted(plan.number(lesson.get(0).lesson())));
            lesson.forEach(s -> lines.append(Words.say(
                    "  %2d min  %s%s%n",
                    s.minutes(),
                    s.activity().name(),
                    s.focus().isEmpty()
                            ? ""
                            : ": "
                                    + String.join(
                                            ", ",
                                            s.focus().stream()
                                                    .map(c -> plan.problem()
                                                            .knowHow()
                                                            .cue(c)
                                                            .call())
                                                    .toList()))));
        });
        return lines.toString();
    }
}
