package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Finding, pages, a school's own know-how, and packs in and out. */
@ExtendWith(RunningServer.class)
class KnowHowTest {
    private final TestSchool school = TestSchool.make();

    private JsonNode find(String query) {
        return school.as.get("/api/activities?" + query).json();
    }

    private static List<String> keys(JsonNode found) {
        return StreamSupport.stream(found.get("found").spliterator(), false)
                .map(n -> n.get("key").asString())
                .toList();
    }

    private ObjectNode copy(String key, String as, String name) {
        ObjectNode document =
                (ObjectNode) school.as.get("/api/know-how/" + key).json().get("document");
        document.put("key", as).put("name", name);
        if (document.has("how"))
            document.put(
                    "how",
                    "At the old boat shed. " + backwards(document.get("how").asString()));
        return document;
    }

    /** Other words for a test: the same ones the other way round. */
    private static String backwards(String text) {
        List<String> words = new ArrayList<>(List.of(text.split(" ")));
        Collections.reverse(words);
        return String.join(" ", words);
    }

    private Caller.Answer put(String kind, JsonNode document, String... headers) {
        return school.as.put("/api/know-how/" + document.get("key").asString() + "?kind=" + kind, document, headers);
    }

    /** The first is spelled right, the rest have a slip; the one meant is among the first five. */
    @ParameterizedTest
    @CsvSource({
        "quay skittles, quay-skittles",
        "quay skitles, quay-skittles",
        "qay skittels, quay-skittles",
        "lighthous signals, lighthouse-signals",
        "hundrd lantens, hundred-lanterns",
        "herons waves, herons-and-waves"
    })
    void typingMistakesAreForgiven(String words, String meant) {
        JsonNode found = find("words=" + words.replace(" ", "%20"));
        assertThat(keys(found).stream().limit(5)).contains(meant);
    }

    /** Sport, game, kit, school subject, body part and regional words: one of those meant, or one of that skill, is among the first five. */
    @ParameterizedTest
    @CsvSource({
        "football, kick-for-distance|inside-foot-pass|foot-dribble|foot-trap|lofted-pass",
        "soccer, kick-for-distance|inside-foot-pass|foot-dribble|foot-trap|lofted-pass",
        "penalty, last-boat-home",
        "nutmeg, figureheads",
        "bowling, underarm-roll",
        "ten pins, ten-at-the-pier",
        "boules, drifting-lamp|roll-it-or-send-it",
        "petanque, underarm-roll|gather-and-return",
        "skittles, quay-skittles",
        "volleyball, forearm-pass|underarm-serve",
        "dig, forearm-pass",
        "bump, forearm-pass",
        "serve, underarm-serve",
        "cricket, two-hand-strike|gather-and-return|overarm-throw",
        "rounders, two-hand-strike|gather-and-return|overarm-throw",
        "baseball, two-hand-strike|gather-and-return|overarm-throw",
        "batting, two-hand-strike",
        "fielding, gather-and-return",
        "punt, drop-kick",
        "drop kick, drop-kick",
        "rugby, three-on-deck|down-the-file|through-the-moorings",
        "oval ball, three-on-deck|down-the-file|off-the-tee",
        "kicking tee, off-the-tee",
        "american football, three-on-deck",
        "tag, dodge",
        "javelin, spear-style-throw",
        "shot put, push-throw",
        "athletics, push-throw|spear-style-throw|run-and-sprint-start",
        "sprint, run-and-sprint-start",
        "false start, three-points-and-go|bell-or-gull",
        "long jump, jump-for-distance",
        "tens frame, ten-at-the-pier|ten-take-away",
        "subtraction, ten-take-away",
        "take away, ten-take-away",
        "maths, underarm-roll",
        "science, roll-and-chase",
        "under the leg, under-the-bowsprit|ten-catches-card",
        "other hand, either-hand-at-the-mast|same-line-other-hand",
        "left hand, either-hand-at-the-mast|same-line-other-hand",
        "hamstring, long-sit-low-tide",
        "shoulder stretch, hug-the-mast",
        "bean bag, underarm-throw|two-hand-catch",
        "jump rope, underarm-throw|hop|skip|jump-for-distance|underarm-roll|leap",
        "basketball, hand-dribble|bounce-pass|two-hand-chest-pass",
        "tennis, one-hand-forehand-strike",
        "racquet, one-hand-forehand-strike",
        "juggle, three-object-juggling"
    })
    void whatTeachersCallItIsFound(String words, String meant) {
        JsonNode found = find("words=" + words.replace(" ", "%20"));
        assertThat(found.get("guessed").asBoolean()).isFalse();
        List<String> any = List.of(meant.split("\\|"));
        List<String> first = new ArrayList<>();
        found.get("found").valueStream().limit(5).forEach(a -> {
            first.add(a.get("key").asString());
            if (a.hasNonNull("skill")) first.add(a.get("skill").asString());
        });
        assertThat(first).containsAnyElementsOf(any);
    }

    /** A word of a sport leads to the skills that it is made of. */
    @Test
    void aSportLeadsToItsSkills() {
        assertThat(find("words=volleyball").get("skills").valueStream().map(s -> s.get("key")
                        .asString()))
                .containsExactlyInAnyOrder("forearm-pass", "underarm-serve");
        assertThat(find("words=punt").get("skills").valueStream().map(s -> s.get("name")
                        .asString()))
                .containsExactly("Punt");
        assertThat(find("words=zzzzqqq").get("skills")).isEmpty();
        assertThat(find("").get("skills")).isEmpty();
    }

    @Test
    void aGuessIsCalledOne() {
        assertThat(find("words=skittles").get("guessed").asBoolean()).isFalse();
        assertThat(find("words=skitlles").get("guessed").asBoolean()).isTrue();
        assertThat(find("words=zzzzqqq").get("total").asInt()).isZero();
        assertThat(find("words=%27%3B%20drop%20table").get("total").asInt()).isNotNegative();
    }

    @Test
    void everyFilterHolds() {
        JsonNode found = find("skill=hop&phase=PLAY&age=6&minutes=6");
        assertThat(found.get("total").asInt()).isPositive();
        for (JsonNode a : found.get("found")) {
            assertThat(a.get("skill").asString()).isEqualTo("hop");
            assertThat(a.get("phases").toString()).contains("PLAY");
            assertThat(a.get("ageFrom").asInt()).isLessThanOrEqualTo(6);
            assertThat(a.get("minutesLeast").asInt()).isLessThanOrEqualTo(6);
        }
        for (JsonNode a : find("formation=RELAY").get("found"))
            assertThat(a.get("formation").asString()).isEqualTo("in relay files");
        for (JsonNode a : find("scoring=NEAREST").get("found"))
            assertThat(a.get("scoring").asString()).startsWith("nearest");
        assertThat(find("level=6").get("total").asInt()).isGreaterThan(10);
    }

    /** In an empty cupboard only what needs no kit can be done; in the hall only what fits it. */
    @Test
    void kitIHaveAndTheHall() {
        assertThat(keys(find("kit=true&skill=two-hand-strike&age=8")))
                .contains("umbrella-and-sail")
                .doesNotContain("ball-on-the-bollard");
        school.as.put("/api/cupboard/foam-bat", Map.of("count", 8));
        school.as.put("/api/cupboard/ball-tee", Map.of("count", 8));
        school.as.put("/api/cupboard/foam-ball-20", Map.of("count", 12));
        assertThat(keys(find("kit=true&skill=two-hand-strike&age=8"))).contains("ball-on-the-bollard");
        assertThat(keys(find("skill=lofted-pass&age=9&children=27"))).contains("lighthouse-golf");
        assertThat(keys(find("skill=lofted-pass&age=9&children=27&space=" + school.hall())))
                .doesNotContain("lighthouse-golf");
    }

    @Test
    void anActivityIsCountedForAClass() {
        school.as.put("/api/cupboard/foam-ball-16", Map.of("count", 14));
        JsonNode page = school.as
                .get("/api/activities/face-to-face-rolls?age=8&children=27&space=" + school.hall())
                .json();
        assertThat(page.get("forClass").get("works").asBoolean()).isTrue();
        assertThat(page.get("forClass").get("formation").asString()).contains("12 pairs and 1 three");
        assertThat(page.get("forClass").get("kit").toString()).contains("13");
        assertThat(page.get("forClass").get("triesInTenMinutes").asInt()).isPositive();
        assertThat(page.get("success").asString()).contains("in 10");
        assertThat(page.get("levers").get(0).get("success").size())
                .isEqualTo(page.get("levers").get(0).get("steps").size());
        JsonNode none = school.as
                .get("/api/activities/face-to-face-rolls?age=8&children=60")
                .json();
        assertThat(none.get("forClass").get("works").asBoolean()).isFalse();
        assertThat(none.get("forClass").get("reasons").toString()).contains("missing");
        assertThat(school.as.get("/api/activities/moon-walk").status()).isEqualTo(404);
    }

    @Test
    void aSkillPageHasItsThreeSetsAndItsNeighbours() {
        JsonNode page = school.as.get("/api/skills/overarm-throw").json();
        assertThat(page.get("skill").get("sets")).hasSize(3);
        assertThat(page.get("rungs")).hasSize(6);
        assertThat(page.get("variants").toString()).contains("oval ball");
        assertThat(page.get("lends").toString()).contains("Spear-style throw");
        assertThat(page.get("borrows").toString()).contains("Gather and return");
        assertThat(page.get("outcomes").size()).isGreaterThan(3);
        assertThat(page.get("crosswalk").toString()).contains("NARROWER");
        JsonNode run = school.as.get("/api/skills/run-and-sprint-start").json();
        assertThat(run.get("cues").toString()).contains("\"atSpeed\":{\"question\"");
    }

    @ParameterizedTest
    @CsvSource({
        "punt wobbles, drop-kick/drop-not-toss",
        "punt woblles, drop-kick/drop-not-toss",
        "juggled collide, three-object-juggling/second-at-the-top",
        "platform side, forearm-pass/platform"
    })
    void fromWhatIsSeenToTheCue(String words, String cue) {
        JsonNode found = school.as
                .get("/api/symptoms?words=" + words.replace(" ", "%20"))
                .json();
        JsonNode first = found.get("found").get(0);
        assertThat(first.get("cue").asString()).isEqualTo(cue);
        assertThat(first.get("cause").asString()).isNotBlank();
        assertThat(first.get("use")).isNotEmpty();
    }

    @Test
    void anActivityIsCopiedChangedPlannedAndKept() {
        ObjectNode ours = copy("wall-returns", "boat-shed-rolls", "Boat Shed Rolls");
        assertThat(put("ACTIVITY", ours).status()).isEqualTo(200);
        assertThat(keys(find("words=boat%20shed"))).containsExactly("boat-shed-rolls");
        assertThat(keys(TestSchool.make()
                        .as
                        .get("/api/activities?words=boat%20shed")
                        .json()))
                .as("another school knows nothing of it")
                .doesNotContain("boat-shed-rolls");
        JsonNode saved = school.as.get("/api/know-how/boat-shed-rolls").json();
        assertThat(saved.get("own").asBoolean()).isTrue();
        String tag = saved.get("tag").asString();
        ours.put("name", "Boat Shed Rollers");
        assertThat(put("ACTIVITY", ours).status()).as("without its tag").isEqualTo(428);
        assertThat(put("ACTIVITY", ours, "If-Match", "\"0000\"").status()).isEqualTo(412);
        assertThat(put("ACTIVITY", ours, "If-Match", "\"" + tag + "\"").status())
                .isEqualTo(200);
        assertThat(find("words=boat%20shed%20rollers").get("total").asInt()).isEqualTo(1);
        assertThat(school.as.delete("/api/know-how/boat-shed-rolls").status()).isEqualTo(204);
        assertThat(keys(find("words=boat%20shed"))).doesNotContain("boat-shed-rolls");
        assertThat(school.as.delete("/api/know-how/wall-returns").status())
                .as("shipped ones are set aside, not removed")
                .isEqualTo(404);
    }

    @Test
    void theSameChecksHoldForWhatASchoolWrites() {
        ObjectNode ours = copy("wall-returns", "our-rolls", "Our Rolls");
        ((ArrayNode) ours.get("hosts")).add("moon/glow");
        ((ArrayNode) ours.get("minutes")).removeAll().add(9).add(4);
        Caller.Answer refused = put("ACTIVITY", ours);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.findings()).anyMatch(f -> f.contains("moon/glow")).anyMatch(f -> f.contains("fewest"));
        assertThat(refused.findings()).allMatch(f -> f.contains("activities/own/our-rolls.yaml:"));
        ObjectNode taken = copy("wall-returns", "hop-the-reef", "Reef");
        assertThat(put("ACTIVITY", taken).findings()).anyMatch(f -> f.contains("stands twice"));
        ObjectNode same =
                (ObjectNode) school.as.get("/api/know-how/wall-returns").json().get("document");
        same.put("key", "our-copy").put("name", "Our Copy");
        assertThat(put("ACTIVITY", same).findings()).anyMatch(f -> f.contains("same text"));
        assertThat(school.as.get("/api/packs").json()).as("nothing was kept").hasSize(1);
    }

    @Test
    void whatAPlanUsesStaysAndMayBeSetAside() {
        ObjectNode ours = copy("hop", "our-hop", "Our Hop");
        assertThat(put("SKILL", renamed(ours)).body()).contains("our-hop").doesNotContain("findings");
        JsonNode packs = school.as.get("/api/packs").json();
        assertThat(packs.get(1).get("gaps").toString()).contains("Our Hop has no activity on the levels");
        for (String key : List.of("heron-stands", "still-pools", "hop-and-hold")) {
            ObjectNode drill = copy(key, "our-" + key, "Our " + key);
            drill.put("skill", "our-hop");
            assertThat(put("ACTIVITY", renamed(drill)).body()).doesNotContain("findings");
        }
        UUID unit = school.unit(school.schoolClass("Godwits", 7, TestSchool.names(12)), 2, 30, "our-hop/short");
        Caller.Answer refused = school.as.delete("/api/know-how/our-hop");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.findings()).anyMatch(f -> f.contains("is used by the unit") && f.contains("Set it aside"));
        assertThat(school.as
                        .put("/api/know-how/our-hop/aside?aside=true", Map.of())
                        .status())
                .isEqualTo(204);
        for (JsonNode skill : school.as.get("/api/skills").json())
            if (skill.get("key").asString().equals("our-hop"))
                assertThat(skill.get("aside").asBoolean()).isTrue();
        assertThat(school.as.get("/api/units/" + unit).status()).isEqualTo(200);
    }

    /** The same with cues and sets of its own. */
    private static JsonNode renamed(JsonNode document) {
        return JsonMapper.shared().readTree(document.toString().replace("\"hop/", "\"our-hop/"));
    }

    /** A plan is read with the words it was made with, until it is changed. */
    @Test
    void aUnitKeepsTheVersionItWasPlannedWith() {
        ObjectNode warm = copy("gull-waves", "our-gulls", "Our Gulls");
        put("ACTIVITY", warm);
        for (JsonNode a : find("phase=WARM").get("found"))
            if (!a.get("own").asBoolean())
                school.as.put("/api/know-how/" + a.get("key").asString() + "/aside?aside=true", Map.of());
        UUID unit = school.unit(school.schoolClass("Plovers", 7, TestSchool.names(12)), 2, 30);
        assertThat(school.as.get("/api/units/" + unit).body()).contains("Our Gulls");
        String tag = school.as.get("/api/know-how/our-gulls").json().get("tag").asString();
        warm.put("name", "Our Terns");
        put("ACTIVITY", warm, "If-Match", "\"" + tag + "\"");
        assertThat(school.as.get("/api/units/" + unit).body())
                .contains("Our Gulls")
                .doesNotContain("Our Terns");
        String head = school.as.get("/api/units/" + unit).json().get("head").asString();
        Caller.Answer now = school.as.post("/api/units/" + unit + "/replan", Map.of(), "If-Match", "\"" + head + "\"");
        assertThat(now.body()).contains("Our Terns");
    }

    /** What is in force no longer knows a drill of the plan: the unit is changed with the versions that know it, and names them. */
    @Test
    void aUnitIsChangedWithWhatItWasPlannedWithIfNeedBe() {
        put("ACTIVITY", copy("gull-waves", "our-gulls", "Our Gulls"));
        for (JsonNode a : find("phase=WARM").get("found"))
            if (!a.get("own").asBoolean())
                school.as.put("/api/know-how/" + a.get("key").asString() + "/aside?aside=true", Map.of());
        UUID unit = school.unit(school.schoolClass("Dotterels", 7, TestSchool.names(12)), 2, 30);
        RunningServer.bean(JdbcClient.class)
                .sql(
                        "delete from school_pack where sha256 in (select p.sha256 from pack_version p where p.body::text like '%our-gulls%')"
                                + " and school_id = (select school_id from unit where id = :unit)")
                .param("unit", unit)
                .update();
        JsonNode view = school.as.get("/api/units/" + unit).json();
        assertThat(view.toString()).contains("Our Gulls");
        String segment =
                view.get("lessons").get(1).get("segments").get(2).get("id").asString();
        for (boolean locked : new boolean[] {true, false}) {
            String head = school.as.get("/api/units/" + unit).json().get("head").asString();
            Caller.Answer changed = school.as.post(
                    "/api/units/" + unit + "/edits",
                    Map.of("kind", "LOCK", "segment", segment, "locked", locked),
                    "If-Match",
                    "\"" + head + "\"");
            assertThat(changed.status()).as(changed.body()).isEqualTo(200);
            assertThat(changed.body()).contains("Our Gulls");
        }
    }

    @Test
    void aPackGoesOutAndComesBackInElsewhere() throws IOException {
        put("ACTIVITY", copy("wall-returns", "boat-shed-rolls", "Boat Shed Rolls"));
        String name = school.as.get("/api/packs").json().get(1).get("name").asString();
        byte[] zip = school.as.get("/api/packs/" + name + ".zip").response().body();
        Map<String, byte[]> files = unzip(zip);
        assertThat(files).containsKeys("manifest.json", "pack.yaml", "activities/own/boat-shed-rolls.yaml");
        assertThat(new String(files.get("manifest.json"), StandardCharsets.UTF_8))
                .contains("sha256");

        TestSchool other = TestSchool.make();
        Caller.Answer look = other.as.upload("/api/packs?take=false", Map.of("p.zip", zip), Map.of());
        assertThat(look.json().get("added").toString()).contains("boat-shed-rolls");
        assertThat(other.as.get("/api/packs").json()).hasSize(1);
        other.as.upload("/api/packs?take=true", Map.of("p.zip", zip), Map.of());
        assertThat(other.as
                        .get("/api/activities/boat-shed-rolls")
                        .json()
                        .get("activity")
                        .get("own")
                        .asBoolean())
                .as("what was taken in is not its own")
                .isFalse();
        assertThat(school.as
                        .get("/api/activities/boat-shed-rolls")
                        .json()
                        .get("activity")
                        .get("own")
                        .asBoolean())
                .isTrue();
        assertThat(keys(other.as.get("/api/activities?words=boat%20shed").json()))
                .contains("boat-shed-rolls");
        assertThat(other.as.delete("/api/packs/" + name).status()).isEqualTo(204);
        assertThat(keys(other.as.get("/api/activities?words=boat%20shed").json()))
                .doesNotContain("boat-shed-rolls");

        files.put("activities/own/boat-shed-rolls.yaml", "activities: []\n".getBytes(StandardCharsets.UTF_8));
        assertThat(other.as
                        .upload("/api/packs?take=true", Map.of("p.zip", zip(files)), Map.of())
                        .findings())
                .anyMatch(f -> f.contains("not the file that the manifest speaks of"));
        files.remove("activities/own/boat-shed-rolls.yaml");
        assertThat(other.as
                        .upload("/api/packs?take=true", Map.of("p.zip", zip(files)), Map.of())
                        .findings())
                .anyMatch(f -> f.contains("not in the zip"));
        assertThat(other.as
                        .upload("/api/packs?take=true", Map.of("p.zip", "no zip".getBytes()), Map.of())
                        .status())
                .isEqualTo(400);
        byte[] shipped = school.as.get("/api/packs/starter.zip").response().body();
        assertThat(other.as
                        .upload("/api/packs?take=true", Map.of("p.zip", shipped), Map.of())
                        .findings())
                .anyMatch(f -> f.contains("comes with the product"));
    }

    /** A megabyte that unpacks to a gigabyte is not read on. */
    @Test
    void aZipThatGrowsIsRefused() throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("manifest.json", "{}".getBytes());
        files.put("kit.yaml", new byte[60_000_000]);
        assertThat(school.as
                        .upload("/api/packs?take=true", Map.of("p.zip", zip(files)), Map.of())
                        .findings())
                .anyMatch(f -> f.contains("MB unpacked"));
    }

    @Test
    void outcomesComeFromATable() {
        byte[] good = "Code,Statement,From age,To age,Skills\nPE-1,Hops and skips,6,7,Hop; skip\n".getBytes();
        byte[] bad = "Code,Statement,From age,To age,Skills\nPE-1,Hops,six,7,Hop\nPE-2,Flies,6,7,Flight\n".getBytes();
        assertThat(school.as
                        .upload("/api/outcomes/table?take=false", Map.of("o.csv", bad), Map.of())
                        .json()
                        .get("findings"))
                .hasSize(2);
        school.as.upload("/api/outcomes/table?take=true", Map.of("o.csv", good), Map.of());
        assertThat(school.as.get("/api/outcomes").json()).hasSize(4);
        assertThat(school.as.get("/api/skills/skip").json().get("outcomes").toString())
                .contains("PE-1");
    }

    private static Map<String, byte[]> unzip(byte[] bytes) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            ZipEntry entry;
            while ((entry = zip.getNextEntry()) != null) files.put(entry.getName(), zip.readAllBytes());
        }
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }
}
