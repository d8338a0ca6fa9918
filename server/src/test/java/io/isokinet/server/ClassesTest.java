package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ClassesTest {
    private final TestSchool school = TestSchool.make();

    private JsonNode side(JsonNode child, String action) {
        for (JsonNode side : child.get("sides"))
            if (side.get("action").asString().equals(action)) return side;
        throw new AssertionError(action);
    }

    @Test
    void aClassIsMadeAndListedWithItsYearAndAge() {
        UUID id = school.schoolClass("Curlews", 7, "Ada Moss", "Ben", "Cleo van der Meer");
        JsonNode line = school.as.get("/api/classes").json().get(0);
        assertThat(line.get("name").asString()).isEqualTo("Curlews");
        assertThat(line.get("year").asString()).isEqualTo("Year 3");
        assertThat(line.get("children").asInt()).isEqualTo(3);
        JsonNode children = school.as.get("/api/classes/" + id).json().get("children");
        assertThat(children.get(2).get("family").asString()).isEqualTo("van der Meer");
        assertThat(children.get(1).get("family").asString()).isEmpty();
    }

    @Test
    void theOtherSidesAreAssumedFromTheOneKnown() {
        UUID id = school.schoolClass("Curlews", 7, "Ada Moss");
        JsonNode ada =
                school.as.get("/api/classes/" + id).json().get("children").get(0);
        assertThat(side(ada, "KICK").has("side")).isFalse();
        JsonNode now = school.as
                .put(
                        "/api/children/" + ada.get("id").asString(),
                        Map.of("given", "Ada", "family", "Moss", "yearAge", 7, "sides", Map.of("THROW", "LEFT")),
                        "If-Match",
                        "\"" + ada.get("version").asInt() + "\"")
                .json();
        assertThat(side(now, "THROW").get("assumed").asBoolean()).isFalse();
        assertThat(side(now, "KICK").get("side").asString()).isEqualTo("LEFT");
        assertThat(side(now, "KICK").get("assumed").asBoolean()).isTrue();
        assertThat(school.as.get("/api/classes").json().get(0).get("leftHanded").asInt())
                .isEqualTo(1);
        JsonNode mixed = school.as
                .put(
                        "/api/children/" + ada.get("id").asString(),
                        Map.of("given", "Ada", "family", "Moss", "yearAge", 7, "sides", Map.of("KICK", "RIGHT")),
                        "If-Match",
                        "\"" + now.get("version").asInt() + "\"")
                .json();
        assertThat(side(mixed, "THROW").get("side").asString()).isEqualTo("RIGHT");
        assertThat(side(mixed, "THROW").get("assumed").asBoolean()).isTrue();
    }

    @Test
    void twoWhoShareANameAreToldApart() {
        UUID id = school.schoolClass("Curlews", 7, "Ada Moss", "Ada Reed", "Ben Sole");
        List<String> names = new ArrayList<>();
        school.as
                .get("/api/classes/" + id)
                .json()
                .get("children")
                .forEach(c -> names.add(c.get("name").asString()));
        assertThat(names).containsExactly("Ada M", "Ada R", "Ben");
    }

    @Test
    void aLostEditRaceIs412AndAMissingVersion428() {
        UUID id = school.schoolClass("Curlews", 7);
        Map<String, Object> body = Map.of("name", "Whimbrels", "yearAge", 7);
        assertThat(school.as.put("/api/classes/" + id, body).status()).isEqualTo(428);
        Caller.Answer first = school.as.put("/api/classes/" + id, body, "If-Match", "\"0\"");
        assertThat(first.status()).isEqualTo(200);
        assertThat(first.header("ETag")).isEqualTo("W/\"1\"");
        Caller.Answer second = school.as.put("/api/classes/" + id, body, "If-Match", "\"0\"");
        assertThat(second.status()).isEqualTo(412);
        assertThat(second.detail()).contains("changed by someone else").contains("Reload");
    }

    @ParameterizedTest
    @CsvSource({"'', 7, name", "Terns, 2, yearAge", "Terns, 15, yearAge"})
    void invalidFieldsAreNamed(String name, int age, String field) {
        Caller.Answer answer = school.as.put("/api/classes/" + UUID.randomUUID(), Map.of("name", name, "yearAge", age));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.findings()).anyMatch(f -> f.startsWith(field + ":"));
    }

    @Test
    void aNameThatIsTakenIsRefused() {
        school.schoolClass("Curlews", 7);
        Caller.Answer again =
                school.as.put("/api/classes/" + UUID.randomUUID(), Map.of("name", "curlews", "yearAge", 8));
        assertThat(again.findings()).containsExactly("name: “curlews” is taken by another class.");
    }

    @Test
    void unknownIdsAre404AndWhatIsNoIdIs400() {
        assertThat(school.as.get("/api/classes/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(school.as.get("/api/classes/curlews").status()).isEqualTo(400);
        Map<String, Object> child = Map.of("given", "A", "family", "", "yearAge", 7, "sides", Map.of());
        assertThat(school.as
                        .put("/api/children/" + UUID.randomUUID(), child, "If-Match", "\"0\"")
                        .status())
                .isEqualTo(404);
        assertThat(school.as.get("/api/nothing-here").status()).isEqualTo(404);
    }

    @Test
    void whatCannotBeReadNamesItsField() {
        Caller.Answer answer =
                school.as.put("/api/classes/" + UUID.randomUUID(), "{\"name\":\"Terns\",\"yearAge\":\"seven\"}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.findings().get(0)).startsWith("yearAge:");
        assertThat(school.as.put("/api/classes/" + UUID.randomUUID(), "{").status())
                .isEqualTo(400);
    }

    @Test
    void nobodyIsAddedIfOneCannotBe() {
        UUID id = school.schoolClass("Curlews", 7, "Ada Moss");
        Caller.Answer answer =
                school.as.post("/api/classes/" + id + "/children", Map.of("names", List.of("Ben", "x".repeat(61))));
        assertThat(answer.findings()).containsExactly("children[1].given: needs 1 to 60 characters.");
        assertThat(school.children(id)).containsOnlyKeys("Ada");
        assertThat(school.as
                        .post("/api/classes/" + id + "/children", Map.of("names", List.of(TestSchool.names(60))))
                        .findings())
                .containsExactly("children: A class has at most 60 children; this would make 61.");
    }

    @Test
    void aChildLeavesTheClass() {
        UUID id = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole");
        UUID ben = school.children(id).get("Ben");
        assertThat(school.as.delete("/api/classes/" + id + "/children/" + ben).status())
                .isEqualTo(204);
        assertThat(school.children(id)).containsOnlyKeys("Ada");
        assertThat(school.as.delete("/api/classes/" + id + "/children/" + ben).status())
                .isEqualTo(404);
    }

    @Test
    void theSchoolNamesItsYearsWithAgesUnderneath() {
        JsonNode years = school.as.get("/api/school").json().get("years");
        assertThat(years.get(4).get("label").asString()).isEqualTo("Year 3");
        assertThat(years.get(4).get("age").asInt()).isEqualTo(7);
    }

    @Test
    void spacesAndCountsAreCheckedToo() {
        Map<String, Object> narrow =
                Map.of("name", "Slot", "lengthCm", 500, "widthCm", 0, "floor", "WOOD", "wallSpots", 0);
        assertThat(school.as
                        .put("/api/spaces/" + UUID.randomUUID(), narrow)
                        .findings()
                        .get(0))
                .startsWith("widthCm: must be at least 200");
        assertThat(school.as
                        .put("/api/cupboard/foam-ball-20", Map.of("count", -1))
                        .findings()
                        .get(0))
                .startsWith("count: must be 0");
        assertThat(school.as.put("/api/cupboard/unicorn", Map.of("count", 1)).detail())
                .contains("There is no item with the key (unicorn)");
        school.count("foam-ball-20", 7);
        assertThat(school.as
                        .put("/api/cupboard/foam-ball-20", Map.of("count", 8), "If-Match", "\"9\"")
                        .status())
                .isEqualTo(412);
        assertThat(school.as
                        .put("/api/cupboard/foam-ball-20", Map.of("count", 8), "If-Match", "\"0\"")
                        .json()
                        .get("count")
                        .asInt())
                .isEqualTo(8);
    }
}
