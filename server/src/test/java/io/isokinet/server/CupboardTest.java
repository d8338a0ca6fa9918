package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Counting, things of one's own, and tables in and out. */
@ExtendWith(RunningServer.class)
class CupboardTest {
    private final TestSchool school = TestSchool.make();

    private JsonNode line(String key) {
        for (JsonNode line : school.as.get("/api/cupboard").json())
            if (line.get("key").asString().equals(key)) return line;
        throw new AssertionError(key);
    }

    private Caller.Answer table(String name, byte[] content, boolean take) {
        return school.as.upload("/api/cupboard/table?take=" + take, Map.of(name, content), Map.of());
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static Map<String, Object> thing(String... traits) {
        return new HashMap<>(Map.of(
                "name",
                "net float",
                "many",
                "net floats",
                "grams",
                90,
                "widthMm",
                110,
                "traits",
                List.of(traits),
                "homeMade",
                true));
    }

    /** Twenty usual things, preset for the class; what was counted is said beside, and many are saved at once or none. */
    @Test
    void aFirstCountBeginsWithWhatIsUsual() {
        JsonNode usual = school.as.get("/api/cupboard/usual?children=28").json();
        assertThat(usual).hasSize(20);
        assertThat(usual.get(0).get("key").asString()).isEqualTo("foam-ball-20");
        assertThat(usual.get(0).get("count").asInt()).isEqualTo(14);
        assertThat(school.as
                        .post("/api/cupboard/counts", Map.of("counts", Map.of("cone", 9, "no-such-thing", 4)))
                        .status())
                .isGreaterThanOrEqualTo(400);
        assertThat(line("cone").hasNonNull("countedAt")).isFalse();
        school.as.post(
                "/api/cupboard/counts", Map.of("counts", Map.of("cone", 9, "hoop", 0), "storage", "not counted yet"));
        assertThat(line("cone").get("count").asInt()).isEqualTo(9);
        assertThat(line("hoop").hasNonNull("countedAt")).isTrue();
        for (JsonNode one : school.as.get("/api/cupboard/usual?children=28").json())
            if (one.get("key").asString().equals("cone"))
                assertThat(one.get("has").asInt()).isEqualTo(9);
    }

    @Test
    void brokenOnesAndTheirPlaceAreKeptApart() {
        school.as.put("/api/cupboard/cone", Map.of("count", 12, "broken", 3, "storage", "shed"));
        JsonNode cone = line("cone");
        assertThat(cone.get("count").asInt()).isEqualTo(12);
        assertThat(cone.get("broken").asInt()).isEqualTo(3);
        // A count alone leaves the rest as it was.
        school.as.put(
                "/api/cupboard/cone",
                Map.of("count", 11),
                "If-Match",
                "\"" + cone.get("version").asInt() + "\"");
        assertThat(line("cone").get("storage").asString()).isEqualTo("shed");
        assertThat(line("cone").get("broken").asInt()).isEqualTo(3);
        assertThat(school.as
                        .put("/api/cupboard/cone", Map.of("count", 10), "If-Match", "\"0\"")
                        .status())
                .isEqualTo(412);
        assertThat(school.as
                        .put("/api/cupboard/hoop", Map.of("count", -1))
                        .findings()
                        .get(0))
                .startsWith("count: must be 0 to 10000");
    }

    @Test
    void aThingOfOnesOwnIsDescribedCountedAndRemoved() {
        assertThat(school.as
                        .put("/api/cupboard/own/own-net-float", thing("ROLLS", "SOFT"))
                        .status())
                .isEqualTo(200);
        JsonNode own = line("own-net-float");
        assertThat(own.get("own").asBoolean()).isTrue();
        assertThat(own.get("like").toString()).contains("rolls", "is soft");
        school.as.put(
                "/api/cupboard/own-net-float",
                Map.of("count", 9),
                "If-Match",
                "\"" + own.get("version").asInt() + "\"");
        assertThat(line("own-net-float").get("count").asInt()).isEqualTo(9);
        // Another school knows nothing of it.
        assertThat(TestSchool.make()
                        .as
                        .put("/api/cupboard/own-net-float", Map.of("count", 1))
                        .status())
                .isEqualTo(400);
        assertThat(school.as.delete("/api/cupboard/own/own-net-float").status()).isEqualTo(204);
        assertThat(school.as.delete("/api/cupboard/own/cone").status()).isEqualTo(404);
    }

    @Test
    void whatStandsNeedsItsHeightAndItsFoot() {
        assertThat(school.as.put("/api/cupboard/own/own-float", thing("STANDS")).findings())
                .anyMatch(f -> f.startsWith("heightMm: is needed"))
                .anyMatch(f -> f.startsWith("baseMm: is needed"));
        assertThat(school.as
                        .put("/api/cupboard/own/cone", thing("SOFT"))
                        .findings()
                        .get(0))
                .startsWith("key: must be like own-");
        Map<String, Object> light = thing("SOFT");
        light.put("grams", 0);
        assertThat(school.as.put("/api/cupboard/own/own-air", light).findings().get(0))
                .contains("weigh it");
    }

    /** Nothing else in the cupboard rolls: the plan takes the school's own thing, and says so. */
    @Test
    void aPlanTakesAThingOfOnesOwn() {
        UUID terns = school.schoolClass("Terns", 7, TestSchool.names(12));
        UUID hall = school.hall();
        school.as.put("/api/cupboard/own/own-net-float", thing("ROLLS", "SOFT", "BOUNCES", "GRIPS"));
        for (String item : List.of("own-net-float", "spot", "hoop", "cone", "bottle-empty", "beanbag"))
            table("c.csv", utf8("Key,Usable\n" + item + ",30\n"), true);
        UUID unit = UUID.randomUUID();
        Caller.Answer made = school.as.put(
                "/api/units/" + unit,
                Map.of(
                        "classId",
                        terns,
                        "title",
                        "Floats",
                        "cueSets",
                        List.of("underarm-roll/components"),
                        "order",
                        "BLOCKED",
                        "lessons",
                        List.of(Map.of("onDate", "2027-01-12", "minutes", 30, "spaceId", hall))));
        assertThat(made.status()).as(made.body()).isEqualTo(200);
        assertThat(made.body()).contains("net floats");
        String lesson = made.json().get("lessons").get(0).get("id").asString();
        assertThat(school.as.get("/api/lessons/" + lesson + "/sheet").body()).contains("own-net-float");
    }

    @Test
    void aTableGoesOutAndComesInAgain() throws IOException {
        school.as.put("/api/cupboard/cone", Map.of("count", 12, "broken", 3, "storage", "=shed"));
        Caller.Answer csv = school.as.get("/api/cupboard/table.csv");
        assertThat(csv.body())
                .startsWith("\uFEFFKey,Thing,Usable,Broken,Kept in")
                .contains("cone,cone,12,3,'=shed");
        String recounted = csv.body().replace("cone,cone,12,3", "cone,cone,10,5");
        JsonNode seen = table("counts.csv", utf8(recounted), false).json();
        assertThat(seen.get("changes").get(0).get("after").asInt()).isEqualTo(10);
        assertThat(line("cone").get("count").asInt()).isEqualTo(12);
        table("counts.csv", utf8(recounted), true);
        assertThat(line("cone").get("count").asInt()).isEqualTo(10);
        assertThat(line("cone").get("broken").asInt()).isEqualTo(5);

        byte[] xlsx = school.as.get("/api/cupboard/table.xlsx").response().body();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(xlsx))) {
            List<Row> rows = book.getFirstSheet().read();
            assertThat(rows.get(0).getCellText(1)).isEqualTo("Thing");
            Row cone = rows.stream()
                    .filter(r -> r.getCellText(0).equals("cone"))
                    .findFirst()
                    .orElseThrow();
            assertThat(cone.getCellAsNumber(2).orElseThrow()).isEqualByComparingTo("10");
        }
        assertThat(table("counts.xlsx", xlsx, true).json().get("changes")).isEmpty();
    }

    @Test
    void aTableWithMistakesChangesNothing() {
        school.count("cone", 12);
        byte[] bad = utf8("Thing,Usable\ncone,5\nunicorn,3\nhoop,many\n");
        assertThat(table("c.csv", bad, false).json().get("findings")).hasSize(2);
        Caller.Answer refused = table("c.csv", bad, true);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.findings())
                .containsExactly(
                        "row 3, thing: “unicorn” is not in the cupboard's list; add it as a thing of your own first.",
                        "row 4, usable: must be a whole number, 0 to 10000.");
        assertThat(line("cone").get("count").asInt()).isEqualTo(12);
        assertThat(table("c.csv", utf8("What,How many\ncone,5\n"), true)
                        .findings()
                        .get(0))
                .contains("needs the columns Thing (or Key) and Usable (found: What, How many)");
    }

    @Test
    void aRuleOfMasteryHoldsFromTodayOnForOneSetOrForAll() {
        Map<String, Object> strict = new HashMap<>(
                Map.of("allOfLast", 5, "enough", 5, "ofLast", 5, "lessons", 3, "checkEnough", 5, "checkOf", 5));
        strict.put("cueSet", "underarm-roll/short");
        JsonNode rules = school.as.put("/api/mastery-rules", strict).json();
        Map<String, Boolean> own = new HashMap<>();
        rules.forEach(r -> own.put(r.path("cueSet").asString(""), r.get("own").asBoolean()));
        assertThat(own).containsEntry("underarm-roll/short", true).containsEntry("underarm-roll/components", false);
        UUID terns = school.schoolClass("Terns", 7, "Ada Moss");
        assertThat(school.as
                        .get("/api/classes/" + terns + "/grid?set=underarm-roll/short")
                        .body())
                .contains("5 of the last 5, in at least 3 lessons");
        assertThat(school.as
                        .get("/api/classes/" + terns + "/grid?set=underarm-roll/components")
                        .body())
                .contains("3 of the last 3 or 4 of the last 5");
        strict.put("enough", 6);
        assertThat(school.as.put("/api/mastery-rules", strict).findings()).containsExactly("enough: must be 1 to 5.");
    }
}
