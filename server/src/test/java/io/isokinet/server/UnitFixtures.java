package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * Units for tests that need one and do not care how it was planned: each was planned once, and is kept in the product's own format
 * by what it was planned for. With ISOKINET_FIXTURES=write those that are missing, or no longer taken as they are, are planned anew.
 */
final class UnitFixtures {
    private static final Path FOLDER = Path.of("src/test/resources/units");
    private static final boolean WRITES = "write".equals(System.getenv("ISOKINET_FIXTURES"));

    private final Caller as;

    UnitFixtures(Caller as) {
        this.as = as;
    }

    void put(UUID id, UUID schoolClass, String title, List<String> cueSets, List<Map<String, Object>> lessons) {
        Path kept = FOLDER.resolve(name(schoolClass, cueSets, lessons) + ".json");
        List<String> changes =
                Files.exists(kept) ? taken(id, schoolClass, title, lessons, kept) : List.of("There is none.");
        if (changes.isEmpty()) return;
        if (!WRITES)
            throw new AssertionError(
                    "The unit of %s cannot be taken as it is: %s Write it anew: ISOKINET_FIXTURES=write bin/test"
                            .formatted(kept, changes));
        UUID planned = Files.exists(kept) ? UUID.randomUUID() : id;
        Caller.Answer made = as.put(
                "/api/units/" + planned,
                Map.of(
                        "classId",
                        schoolClass,
                        "title",
                        title,
                        "cueSets",
                        cueSets,
                        "order",
                        "INTERLEAVED",
                        "lessons",
                        lessons));
        assertThat(made.status()).as(made.body()).isEqualTo(200);
        try {
            Files.createDirectories(FOLDER);
            Files.writeString(
                    kept, as.get("/api/units/" + planned + "/unit.json").body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What had to be changed to take it in; nothing if it is as it was. */
    private List<String> taken(UUID id, UUID schoolClass, String title, List<Map<String, Object>> lessons, Path kept) {
        try {
            Caller.Answer taken = as.put(
                    "/api/units/" + id + "/file",
                    Map.of("classId", schoolClass, "title", title, "lessons", lessons, "file", Files.readString(kept)));
            if (taken.status() != 200) return List.of(taken.body());
            return taken.json()
                    .get("changes")
                    .valueStream()
                    .map(JsonNode::asString)
                    .filter(c -> !c.startsWith("It was planned with another version of the know-how"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** "7y-27c-4x30-underarm-roll.components": age, children, lessons by minutes, cue sets. */
    private String name(UUID schoolClass, List<String> cueSets, List<Map<String, Object>> lessons) {
        JsonNode group = as.get("/api/classes/" + schoolClass).json();
        return "%dy-%dc-%dx%s-%s"
                .formatted(
                        group.get("yearAge").asInt(),
                        group.get("children").size(),
                        lessons.size(),
                        lessons.get(0).get("minutes"),
                        String.join("+", cueSets).replace('/', '.'));
    }
}
