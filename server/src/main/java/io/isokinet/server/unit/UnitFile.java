package io.isokinet.server.unit;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.check.Finding;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.unit.UnitBody.MoreWishes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A unit as a file, for another school or another program; its shape is published as formats/unit.schema.json. It names no
 * child, and its segments have no ids: whoever takes it in gives new ones.
 *
 * @param schema {@value #SCHEMA}
 */
public record UnitFile(
        String format,
        int schema,
        String title,
        List<String> packs,
        ProfilePart profile,
        List<TargetPart> targets,
        WishesPart wishes,
        List<LessonPart> lessons) {
    static final String FORMAT = "isokinet-unit";
    static final int SCHEMA = 1;
    private static final String SCHEMA_ID = "https://isokinet.example/formats/unit.schema.json";
    private static final SchemaRegistry SCHEMAS = SchemaRegistry.withDefaultDialect(
            SpecificationVersion.DRAFT_2020_12, b -> b.schemas(Map.of(SCHEMA_ID, schemaText()))
                    .schemaRegistryConfig(
                            SchemaRegistryConfig.builder().locale(Words.LOCALE).build()));

    /** @param age of most of the class, in years */
    public record ProfilePart(int age, int children) {}

    /**
     * @param cues those that the teacher picked, in her order; null for those of the set
     * @param lessons which of the lessons, counted from 1, introduces a cue, by cue; null for none
     */
    public record TargetPart(
            String skill,
            String cueSet,
            @Nullable Integer share,
            @Nullable List<String> cues,
            @Nullable Map<String, Integer> lessons) {}

    public record WishesPart(
            Wishes.Order order,
            @Nullable Integer newCues,
            @Nullable MoreWishes more) {}

    public record LessonPart(
            @Nullable LocalDate onDate,
            int minutes,
            @Nullable String space,
            List<SegmentPart> segments) {}

    /**
     * @param activity its key; null for stations
     * @param stations keys of what stands side by side; null for one activity
     */
    public record SegmentPart(
            List<LessonPhase> phases,
            @Nullable String activity,
            @Nullable List<String> stations,
            int setting,
            int minutes,
            List<String> introduces,
            List<String> focus,
            @Nullable String watch,
            boolean locked) {
        /** Between the stations of a segment in files from before, which had no list for them. */
        private static final String AND = "\\+";

        /** What names it, whichever way the file says it. */
        ActivityKeys keys() {
            if (stations != null) return new ActivityKeys(stations);
            return new ActivityKeys(List.of(Objects.requireNonNull(activity).split(AND)));
        }
    }

    /** What a file may look like, as JSON Schema. */
    static String schemaText() {
        try (InputStream in = UnitFile.class.getResourceAsStream("/formats/unit.schema.json")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is wrong with the shape of a file; empty if nothing is. A foreign format or number is said first and alone. */
    static List<Finding> shape(JsonNode file, JsonMapper json) {
        if (!FORMAT.equals(file.path("format").asString("")))
            return List.of(new Finding(
                    "format", "format", "This is not a unit of ours; choose a file that was saved as a unit (JSON)."));
        if (file.path("schema").asInt(-1) != SCHEMA)
            return List.of(new Finding(
                    "schema",
                    "schema",
                    "The file has schema number %s; this version reads %d. Save it again from the version that reads this one, or update."
                            .formatted(file.path("schema"), SCHEMA)));
        Schema schema = SCHEMAS.getSchema(SchemaLocation.of(SCHEMA_ID));
        return schema.validate(file).stream()
                .map(e -> new Finding("shape", e.getInstanceLocation().toString(), e.getMessage()))
                .limit(20)
                .toList();
    }

    /** What the know-how in force does not have of it. */
    List<Finding> unknown(KnowHow known) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < targets.size(); i++) {
            TargetPart target = targets.get(i);
            String where = "targets[%d]".formatted(i);
            if (!known.hasSkill(target.skill()))
                findings.add(new Finding(
                        "unknown",
                        where,
                        "The skill “%s” is not in your know-how; import the pack that has it first."
                                .formatted(target.skill())));
            else if (known.skill(target.skill()).sets().stream()
                    .noneMatch(s -> s.key().equals(target.cueSet())))
                findings.add(new Finding(
                        "unknown",
                        where,
                        "The cue set “%s” is not in your know-how; import the pack that has it first."
                                .formatted(target.cueSet())));
        }
        if (wishes.more() != null)
            Stream.concat(wishes.more().favourites().stream(), wishes.more().bans().stream())
                    .filter(a -> !known.hasActivity(a))
                    .forEach(a -> findings.add(new Finding(
                            "unknown",
                            "wishes",
                            "The activity “%s” is not in your know-how; import the pack that has it, or take it out of the file."
                                    .formatted(a))));
        for (int l = 0; l < lessons.size(); l++)
            for (SegmentPart s : lessons.get(l).segments()) {
                if (!known.hasActivity(s.keys()))
                    findings.add(new Finding(
                            "unknown",
                            "lesson %d".formatted(l + 1),
                            "The activity “%s” is not in your know-how; import the pack that has it, or take it out of the file."
                                    .formatted(String.join("”, “", s.keys().keys()))));
                else
                    try {
                        known.activity(s.keys());
                    } catch (IllegalArgumentException e) {
                        findings.add(new Finding("stations", "lesson %d".formatted(l + 1), e.getMessage()));
                    }
                for (String cue : s.introduces())
                    if (!known.hasCue(cue))
                        findings.add(new Finding(
                                "unknown",
                                "lesson %d".formatted(l + 1),
                                "The cue “%s” is not in your know-how; import the pack that has it, or take it out of the file."
                                        .formatted(cue)));
            }
        return findings;
    }
}
