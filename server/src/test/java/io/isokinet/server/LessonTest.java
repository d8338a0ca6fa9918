package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** One lesson worked out: who is there, groups, floors, kit, papers. */
@ExtendWith(RunningServer.class)
class LessonTest {
    private static TestSchool school;
    private static UUID schoolClass;
    private static String lesson;
    private static Map<String, UUID> children;

    @BeforeAll
    static void aPlannedLesson() {
        school = TestSchool.make();
        schoolClass = school.schoolClass("Knots", 7, TestSchool.names(27));
        children = school.children(schoolClass);
        UUID unit = school.unit(schoolClass, 4, 35);
        lesson = lessonOf(unit, 1);
        // Lanes and pairs, whatever the planner thinks of.
        swap(unit, "PRACTISE", "big-gate");
        swap(unit, "PLAY", "quay-skittles");
    }

    /** Puts an activity into the first part of the second lesson that serves a phase. */
    private static void swap(UUID unit, String phase, String activity) {
        JsonNode view = school.as.get("/api/units/" + unit).json();
        for (JsonNode segment : view.get("lessons").get(1).get("segments"))
            if (segment.get("phases").toString().contains(phase)) {
                Caller.Answer answer = school.as.post(
                        "/api/units/" + unit + "/edits",
                        Map.of(
                                "kind",
                                "SWAP",
                                "segment",
                                segment.get("id").asString(),
                                "activities",
                                List.of(activity)),
                        "If-Match",
                        "\"" + view.get("head").asString() + "\"");
                assertThat(answer.status()).as(answer.body()).isEqualTo(200);
                return;
            }
        throw new AssertionError("No part of the lesson serves " + phase);
    }

    private static String lessonOf(UUID unit, int number) {
        return school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(number)
                .get("id")
                .asString();
    }

    private static JsonNode sheet() {
        return sheet(lesson);
    }

    private static JsonNode sheet(String of) {
        Caller.Answer answer = school.as.get("/api/lessons/" + of + "/sheet");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    private static List<JsonNode> stretches(JsonNode sheet) {
        return StreamSupport.stream(sheet.get("segments").spliterator(), false).toList();
    }

    private static void register(String of, List<UUID> away, List<UUID> sitsOut) {
        assertThat(school.as
                        .put("/api/lessons/" + of + "/away", Map.of("away", away, "sitsOut", sitsOut))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void everyStretchHasAFloorWithEverybodyOnIt() throws Exception {
        for (JsonNode s : stretches(sheet())) {
            assertThat(s.get("whyNot")).isEmpty();
            String svg = s.get("floor").get("drawing").get("svg").asString();
            var drawing = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(svg.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
            assertThat(drawing.getDocumentElement().getTagName()).isEqualTo("svg");
            assertThat(drawing.getElementsByTagName("circle").getLength()).isGreaterThanOrEqualTo(27);
        }
    }

    /** Paces go with what sets a distance: beside the width of a gate they would read as its own. */
    @Test
    void onlyADistanceIsPacedOut() {
        assertThat(measured("Big Gate")).hasSize(3).containsOnly(false);
        assertThat(measured("Quay Skittles")).isNotEmpty().containsOnly(true);
    }

    private static List<Boolean> measured(String activity) {
        return stretches(sheet()).stream()
                .filter(s -> s.get("plan").get("name").asString().equals(activity))
                .flatMap(s -> StreamSupport.stream(s.get("task").get("ladder").spliterator(), false))
                .map(step -> step.get("measured").asBoolean())
                .toList();
    }

    @Test
    void groupsHoldEverybodyOnce() {
        List<JsonNode> grouped = stretches(sheet()).stream()
                .filter(s -> !s.get("floor").get("groups").isEmpty())
                .toList();
        assertThat(grouped).isNotEmpty();
        for (JsonNode s : grouped) {
            List<String> ids = new ArrayList<>();
            for (JsonNode g : s.get("floor").get("groups"))
                for (JsonNode c : g.get("children")) ids.add(c.get("id").asString());
            assertThat(ids).hasSize(27).doesNotHaveDuplicates();
        }
    }

    @Test
    void whoIsAwayOrSitsOutIsNotPlannedFor() {
        String other = lessonOf(school.unit(schoolClass, 2, 35), 0);
        UUID away = children.get("Child3");
        UUID out = children.get("Child4");
        register(other, List.of(away), List.of(out));
        JsonNode sheet = sheet(other);
        assertThat(sheet.get("playing").asInt()).isEqualTo(25);
        for (JsonNode s : stretches(sheet))
            assertThat(s.get("floor").get("groups").toString())
                    .doesNotContain(away.toString())
                    .doesNotContain(out.toString());
        for (JsonNode c : sheet.get("roll"))
            assertThat(c.get("takesPart").asString())
                    .isEqualTo(
                            c.get("id").asString().equals(away.toString())
                                    ? "AWAY"
                                    : c.get("id").asString().equals(out.toString()) ? "SITS_OUT" : "PLAYS");
        register(other, List.of(), List.of());
        assertThat(sheet(other).get("playing").asInt()).isEqualTo(27);
        register(other, List.copyOf(children.values()), List.of());
        assertThat(sheet(other).get("playing").asInt()).isZero();
    }

    @Test
    void aChildWithAnAdaptedCueIsNamedAndCautioned() {
        UUID own = school.schoolClass("Capstans", 7, TestSchool.names(12));
        String first = lessonOf(school.unit(own, 2, 35), 0);
        JsonNode s = stretches(sheet(first)).stream()
                .filter(x -> !x.get("plan").get("focus").isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(s.get("task").get("adapted")).isEmpty();
        UUID child = school.children(own).get("Child5");
        String cue = s.get("plan").get("focus").get(0).asString();
        assertThat(school.as
                        .put("/api/children/" + child + "/cue-fit", Map.of("cue", cue, "fit", "ADAPTED"))
                        .status())
                .isLessThan(300);
        JsonNode now = stretches(sheet(first)).stream()
                .filter(x -> x.get("id").equals(s.get("id")))
                .findFirst()
                .orElseThrow();
        assertThat(now.get("task").get("adapted").get(0).asString())
                .startsWith("Child5: ")
                .endsWith("is adapted");
        assertThat(now.get("work").get("cautions").toString()).contains("\"adapted\"");
    }

    @Test
    void anotherNumberOfGroupsAndOtherKitIsWorkedOutAtOnce() {
        UUID unit = school.unit(schoolClass, 4, 45, "underarm-roll/components");
        String own = null;
        JsonNode s = null;
        for (int i = 0; i < 4 && s == null; i++) {
            own = lessonOf(unit, i);
            s = stretches(sheet(own)).stream()
                    .filter(x -> x.get("work").get("options").size() > 1)
                    .findFirst()
                    .orElse(null);
        }
        assertThat(s).as("a stretch with more than one way to group").isNotNull();
        JsonNode option =
                s.get("work").get("options").get(s.get("work").get("options").size() - 1);
        int groups = option.get("groups").asInt();
        JsonNode now = set(own, s, Map.of("groups", groups, "without", List.of(), "moved", List.of()));
        assertThat(now.get("floor").get("groupCount").asInt()).isEqualTo(groups);
        assertThat(now.get("work").get("tries").asInt())
                .isCloseTo(option.get("tries").asInt(), org.assertj.core.api.Assertions.within(1));
        JsonNode usual = set(own, s, Map.of("without", List.of(), "moved", List.of()));
        assertThat(usual.get("floor").get("groupCount").asInt())
                .isEqualTo(s.get("floor").get("groupCount").asInt());
    }

    @Test
    void whatIsNotToBeUsedIsStoodInFor() {
        JsonNode kit = stretches(sheet()).stream()
                .filter(x -> x.get("things").get("kit").toString().contains("\"foam-ball-20\""))
                .findFirst()
                .orElseThrow();
        JsonNode without = set(lesson, kit, Map.of("without", List.of("foam-ball-20"), "moved", List.of()));
        assertThat(without.get("things").get("kit").toString()).doesNotContain("\"foam-ball-20\"");
        assertThat(without.get("byHand").get("without").toString()).contains("foam-ball-20");
        set(lesson, kit, Map.of("without", List.of(), "moved", List.of()));
    }

    private static JsonNode set(String of, JsonNode stretch, Map<String, ?> body) {
        String id = stretch.get("id").asString();
        Caller.Answer answer = school.as.put("/api/lessons/" + of + "/segments/" + id + "/setting", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return stretches(answer.json()).stream()
                .filter(s -> s.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aMovedGroupStaysMovedAndAWrongOneIsSaid() {
        JsonNode s = stretches(sheet()).stream()
                .filter(x -> x.get("floor").get("drawing").get("areas").size() > 1)
                .findFirst()
                .orElseThrow();
        JsonNode area = s.get("floor").get("drawing").get("areas").get(0);
        double x = area.get("x").asDouble() + 0.3;
        JsonNode moved = set(
                lesson,
                s,
                Map.of(
                        "without",
                        List.of(),
                        "moved",
                        List.of(Map.of("group", 0, "x", x, "y", area.get("y").asDouble()))));
        assertThat(moved.get("floor").get("drawing").get("moved").get(0).asInt())
                .isZero();
        boolean there = Math.abs(moved.get("floor")
                                .get("drawing")
                                .get("areas")
                                .get(0)
                                .get("x")
                                .asDouble()
                        - x)
                < 0.01;
        assertThat(there || !moved.get("floor").get("drawing").get("findings").isEmpty())
                .isTrue();
        set(lesson, s, Map.of("without", List.of(), "moved", List.of()));
        assertThat(school.as
                        .put(
                                "/api/lessons/" + lesson + "/segments/"
                                        + s.get("id").asString() + "/setting",
                                Map.of("groups", 0, "without", List.of(), "moved", List.of()))
                        .status())
                .isEqualTo(400);
        assertThat(school.as
                        .put(
                                "/api/lessons/" + lesson + "/segments/" + UUID.randomUUID() + "/setting",
                                Map.of("without", List.of(), "moved", List.of()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void thoseToBeWatchedCanStandTogetherAndTheirPlacesHold() {
        JsonNode watched = school.as.get("/api/hall/" + lesson + "/watch").json();
        JsonNode pairs = stretches(sheet()).stream()
                .filter(s -> s.get("floor").get("groups").size() > 3
                        && !s.get("plan").get("focus").isEmpty())
                .findFirst()
                .orElseThrow();
        String id = pairs.get("id").asString();
        JsonNode watch = StreamSupport.stream(watched.spliterator(), false)
                .filter(w -> w.get("segment").asString().equals(id))
                .findFirst()
                .orElseThrow();
        JsonNode from = watch.get("from");
        assertThat(from.get("stands")).isNotEmpty();
        int seen = 0;
        for (JsonNode s : from.get("stands")) seen += s.get("looks").asInt();
        assertThat(seen).isPositive();
        assertThat(from.get("reason").asString()).contains(" looks from ");
        assertThat(from.get("byCue").properties()).isNotEmpty();
        JsonNode last = pairs.get("floor").get("groups").get(3).get("children");
        // The first may be a three.
        JsonNode first = pairs.get("floor").get("groups").get(1).get("children");
        JsonNode changed = set(
                lesson,
                pairs,
                Map.of(
                        "without",
                        List.of(),
                        "moved",
                        List.of(),
                        "places",
                        List.of(Map.of("child", last.get(0).get("id").asString(), "place", 1))));
        assertThat(changed.get("floor").get("groups").get(1).get("children")).isEqualTo(last);
        assertThat(changed.get("floor").get("groups").get(3).get("children")).isEqualTo(first);
        assertThat(changed.get("byHand").get("places")).hasSize(1);
        JsonNode hall = school.as.get("/api/hall/" + lesson).json();
        assertThat(StreamSupport.stream(hall.get("stretches").spliterator(), false)
                        .filter(s -> s.get("id").asString().equals(id))
                        .findFirst()
                        .orElseThrow()
                        .get("floor")
                        .get("groups")
                        .get(1)
                        .get("children"))
                .isEqualTo(last);
        JsonNode back = set(lesson, pairs, Map.of("without", List.of(), "moved", List.of()));
        assertThat(back.get("floor").get("groups").get(1).get("children")).isEqualTo(first);
        assertThat(school.as
                        .put(
                                "/api/lessons/" + lesson + "/segments/" + id + "/setting",
                                Map.of(
                                        "without",
                                        List.of(),
                                        "moved",
                                        List.of(),
                                        "places",
                                        List.of(Map.of("child", UUID.randomUUID(), "place", 99))))
                        .body())
                .contains("place from 0 to 59");
    }

    @Test
    void floorsAreExportedToScaleAndAsAPicture() throws IOException {
        String id = stretches(sheet()).get(1).get("id").asString();
        String svg = school.as
                .get("/api/lessons/" + lesson + "/segments/" + id + "/floor.svg")
                .body();
        assertThat(svg).contains("mm'").contains("1:100");
        // 17 m and the edges at 1:100 are 176 mm.
        assertThat(svg).contains("width='176.0mm'");
        var picture = ImageIO.read(new ByteArrayInputStream(school.as
                .get("/api/lessons/" + lesson + "/segments/" + id + "/floor.png")
                .response()
                .body()));
        assertThat(picture.getWidth()).isEqualTo(1600);
        Set<Integer> colours = new HashSet<>();
        for (int px = 0; px < picture.getWidth(); px += 7)
            for (int py = 0; py < picture.getHeight(); py += 7) colours.add(picture.getRGB(px, py));
        assertThat(colours).hasSizeGreaterThan(4);
    }

    private static String text(String path) throws IOException {
        Caller.Answer answer = school.as.get(path);
        assertThat(answer.status()).as(path).isEqualTo(200);
        try (PDDocument pdf = Loader.loadPDF(answer.response().body())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void papersSayWhatTheScreenSays() throws IOException {
        JsonNode sheet = sheet();
        String paper = text("/api/lessons/" + lesson + "/paper?kind=SHEET");
        for (JsonNode s : stretches(sheet))
            assertThat(paper).contains(s.get("plan").get("name").asString());
        assertThat(paper).contains("Fetch once").contains("risk assessment").contains("Child7");
        String cards = text("/api/lessons/" + lesson + "/paper?kind=CUE_CARDS");
        for (JsonNode c : sheet.get("cues"))
            assertThat(cards.replaceAll("\\s+", " "))
                    .contains(c.get("call").get("notSettled").asString());
        assertThat(text("/api/lessons/" + lesson + "/paper?kind=STATION_CARDS"))
                .contains("Set out")
                .contains("of your steps");
        String challenge = text("/api/lessons/" + lesson + "/paper?kind=CHALLENGE_CARDS");
        for (JsonNode s : stretches(sheet))
            if (s.get("task").hasNonNull("countsAsOne"))
                assertThat(challenge).contains(s.get("plan").get("name").asString());
        assertThat(challenge).contains("Favourite").contains("go on in your own time");
        assertThat(text("/api/lessons/" + lesson + "/paper?kind=SCORE_CARDS")).contains("Best or sum");
        assertThat(text("/api/lessons/" + lesson + "/paper?kind=HOME_SHEET"))
                .contains("To try together")
                .contains("To begin with")
                .contains("Ask a grown-up first");
        String day = sheet.get("onDate").asString();
        assertThat(text("/api/days/" + day + "/paper")).contains("Knots · lesson 2 of 4");
        assertThat(school.as.get("/api/days/2019-01-06/paper").body()).contains("choose another day");
    }

    /** Words come first; where room is left on the side, strips of figures stand under them, each over the call of its cue. */
    @Test
    void aSheetWithRoomShowsItsCuesOnAFigure() throws IOException {
        UUID unit = school.unit(schoolClass, 4, 30);
        int drawn = 0;
        for (int number = 0; number < 4; number++) {
            String of = lessonOf(unit, number);
            String paper = text("/api/lessons/" + of + "/paper?kind=SHEET").replaceAll("\\s+", " ");
            String looks = paper.substring(paper.indexOf("What to look for"));
            Set<String> calls = new HashSet<>();
            for (JsonNode c : sheet(of).get("cues"))
                calls.add("“" + c.get("call").get("notSettled").asString() + "”");
            for (String call : calls) {
                int named = looks.split(Pattern.quote(call), -1).length - 1;
                assertThat(named).as(call).isBetween(1, 2);
                drawn += named - 1;
            }
        }
        assertThat(drawn).isPositive();
    }

    @Test
    void aUnitGoesOnOnePageAndIntoATable() throws IOException {
        UUID unit = school.unit(schoolClass, 4, 35);
        JsonNode view = school.as.get("/api/units/" + unit).json();
        String paper = text("/api/units/" + unit + "/paper").replaceAll("\\s+", " ");
        String csv = school.as.get("/api/units/" + unit + "/segments.csv").body();
        int rows = 0;
        for (JsonNode lesson : view.get("lessons"))
            for (JsonNode s : lesson.get("segments")) {
                rows++;
                assertThat(csv).contains(s.get("name").asString());
                assertThat(paper.replace(" ", ""))
                        .contains(s.get("name").asString().replace(" ", ""));
            }
        assertThat(csv.lines().count()).isEqualTo(rows + 1);
        assertThat(paper).contains("Lesson 4");
    }

    @Test
    void aMakeSheetCountsForAllAndWarns() throws IOException {
        assertThat(text("/api/make-sheets/sock-ball/paper?count=12&age=7")).contains("12 sock balls");
        assertThat(school.as.get("/api/make-sheets/skittle?count=1&age=7").body())
                .contains("not home-made");
        assertThat(school.as.get("/api/make-sheets/sock-ball?count=0&age=7").status())
                .isEqualTo(400);
    }

    @Test
    void aClassIsGroupedAnewByHandAndNobodyIsLost() {
        UUID own = school.schoolClass("Reefs", 8, TestSchool.names(13));
        JsonNode before = school.as.get("/api/classes/" + own + "/groups").json();
        assertThat(before.has("madeAt") && !before.get("madeAt").isNull()).isFalse();
        JsonNode dealt = school.as
                .post("/api/classes/" + own + "/groups", Map.of("way", "FRESH", "groups", 4, "cueSets", List.of()))
                .json();
        assertThat(dealt.get("groups")).hasSize(4);
        List<List<String>> groups = ids(dealt);
        assertThat(groups.stream().mapToInt(List::size).sum()).isEqualTo(13);
        String first = groups.get(0).get(0);
        List<List<String>> byHand = new ArrayList<>(
                groups.stream().map(g -> (List<String>) new ArrayList<>(g)).toList());
        byHand.get(0).remove(first);
        byHand.get(1).add(first);
        JsonNode put = school.as
                .put("/api/classes/" + own + "/groups", Map.of("groups", byHand))
                .json();
        assertThat(ids(put).get(1)).contains(first);
        byHand.get(2).add(first);
        Caller.Answer twice = school.as.put("/api/classes/" + own + "/groups", Map.of("groups", byHand));
        assertThat(twice.status()).isEqualTo(400);
        assertThat(twice.body()).contains("is also in group 2");
        assertThat(ids(school.as.get("/api/classes/" + own + "/groups").json()).get(1))
                .contains(first);
        assertThat(school.as
                        .post(
                                "/api/classes/" + own + "/groups",
                                Map.of("way", "FRESH", "groups", 40, "cueSets", List.of()))
                        .body())
                .contains("13 children make 1 to 13 groups, not 40");
    }

    private static List<List<String>> ids(JsonNode view) {
        List<List<String>> groups = new ArrayList<>();
        for (JsonNode g : view.get("groups")) {
            List<String> group = new ArrayList<>();
            for (JsonNode c : g.get("children")) group.add(c.get("id").asString());
            groups.add(group);
        }
        return groups;
    }

    @Test
    void testRollsOutrankTheComputation() {
        String falls = "/api/cupboard/falls?ball=sock-ball&target=bottle-full&age=7";
        assertThat(school.as.get(falls).json().get("verdict").asString()).isEqualTo("NO");
        school.as.put("/api/cupboard/rolls", Map.of("ball", "sock-ball", "target", "bottle-full", "fell", 3));
        JsonNode tried = school.as.get(falls).json();
        assertThat(tried.get("verdict").asString()).isEqualTo("LIKELY");
        assertThat(tried.get("computed").asString()).contains("will not fall");
        school.as.put("/api/cupboard/rolls", Map.of("ball", "sock-ball", "target", "bottle-full"));
        assertThat(school.as.get(falls).json().get("verdict").asString()).isEqualTo("NO");
        assertThat(school.as
                        .put("/api/cupboard/rolls", Map.of("ball", "sock-ball", "target", "bottle-full", "fell", 4))
                        .body())
                .contains("0 to 3");
    }

    @Test
    void whatIsMissingAndWhatWouldHelpMost() {
        JsonNode list = school.as.get("/api/shopping").json();
        assertThat(list.get("lessons").asInt()).isGreaterThanOrEqualTo(4);
        for (JsonNode m : list.get("missing"))
            assertThat(m.get("wanted").asInt()).isGreaterThan(m.get("owned").asInt());
        JsonNode limits = school.as
                .get("/api/classes/" + schoolClass + "/limits?space=" + school.hall())
                .json();
        assertThat(limits).isNotEmpty();
        assertThat(limits.get(0).get("reason").asString()).contains("with 27 children in Hall");
    }

    private static Map<String, Object> form(JsonNode view) {
        Map<String, Object> body = new java.util.HashMap<>();
        for (String key : List.of(
                "name",
                "timeZone",
                "yearNaming",
                "lengthUnit",
                "paceCm",
                "paceWhose",
                "weekStarts",
                "cautions",
                "softened",
                "bandFrom",
                "bandTo",
                "erasedTrials")) body.put(key, view.get(key));
        body.put("ownYears", Map.of());
        return body;
    }

    private static void measuresIn(String unit) {
        JsonNode view = school.as.get("/api/school").json();
        Map<String, Object> body = form(view);
        body.put("lengthUnit", unit);
        assertThat(school.as
                        .put(
                                "/api/school",
                                body,
                                "If-Match",
                                "\"" + view.get("version").asInt() + "\"")
                        .status())
                .isEqualTo(200);
    }

    /** Desk, hall, floor drawing and paper: what is a length is in feet, and nothing else is. */
    @Test
    void aSchoolThatMeasuresInFeetReadsFeetEverywhere() throws IOException {
        Pattern metres = Pattern.compile("[0-9] m(?![\\w²/])");
        List<String> paths = List.of(
                "/api/lessons/" + lesson + "/sheet", "/api/hall/" + lesson, "/api/activities/lighthouse-skittles");
        String paper = "/api/lessons/" + lesson + "/paper?kind=SHEET";
        String drawing = "/api/lessons/" + lesson + "/segments/"
                + stretches(sheet()).get(3).get("id").asString() + "/floor.svg";
        for (String path : paths)
            assertThat(school.as.get(path).body()).as(path).containsPattern(metres);
        assertThat(text(paper)).containsPattern(metres);
        measuresIn("FEET");
        try {
            for (String path : paths)
                assertThat(school.as.get(path).body())
                        .as(path)
                        .doesNotContainPattern(metres)
                        .containsPattern("[0-9] ft [0-9]+ in")
                        .doesNotContain("\u2063");
            assertThat(text(paper)).doesNotContainPattern(metres).containsPattern("[0-9] ft [0-9]+ in");
            assertThat(school.as.get(drawing).body())
                    .doesNotContainPattern(metres)
                    .contains(" ft");
        } finally {
            measuresIn("METRES");
        }
    }

    @Test
    void aSchoolSoftensWhatIsNotOfTheFixedFloor() {
        TestSchool own = TestSchool.make();
        var view = own.as.get("/api/school");
        Map<String, Object> body = form(view.json());
        body.put("softened", List.of("kicks-indoors"));
        Caller.Answer saved = own.as.put(
                "/api/school",
                body,
                "If-Match",
                "\"" + view.json().get("version").asInt() + "\"");
        assertThat(saved.status()).as(saved.body()).isEqualTo(200);
        assertThat(saved.json().get("softened").get(0).asString()).isEqualTo("kicks-indoors");
        assertThat(saved.json().get("bandFrom").asInt()).isEqualTo(60);
        body.put("softened", List.of("hard-young"));
        assertThat(own.as
                        .put(
                                "/api/school",
                                body,
                                "If-Match",
                                "\"" + saved.json().get("version").asInt() + "\"")
                        .body())
                .contains("not of the fixed floor");
        body.put("softened", List.of());
        body.put("bandFrom", 70);
        body.put("bandTo", 75);
        String version = "\"" + saved.json().get("version").asInt() + "\"";
        assertThat(own.as.put("/api/school", body, "If-Match", version).body())
                .contains("at least 10 below the other end");
        body.put("bandTo", 90);
        assertThat(own.as
                        .put("/api/school", body, "If-Match", version)
                        .json()
                        .get("bandTo")
                        .asInt())
                .isEqualTo(90);
        UUID terns = own.schoolClass("Terns", 7, TestSchool.names(12));
        own.unit(terns, 1, 30);
        assertThat(own.as
                        .get("/api/classes/" + terns + "/aim?skill=underarm-roll")
                        .body())
                .contains("between 70 and 90 %");
    }

    @Test
    void rainIsThoughtThroughBeforeItFalls() {
        UUID yard = UUID.randomUUID();
        UUID hall = school.hall();
        school.as.put(
                "/api/spaces/" + yard,
                Map.of(
                        "name",
                        "Yard",
                        "lengthCm",
                        2800,
                        "widthCm",
                        1800,
                        "floor",
                        "TARMAC",
                        "wallSpots",
                        10,
                        "wetSpaceId",
                        hall,
                        "walkingMinutes",
                        1,
                        "features",
                        List.of()));
        UUID unit = UUID.randomUUID();
        Caller.Answer made = school.as.put(
                "/api/units/" + unit,
                Map.of(
                        "classId",
                        schoolClass,
                        "title",
                        "Outside",
                        "cueSets",
                        List.of("underarm-roll/components"),
                        "order",
                        "BLOCKED",
                        "lessons",
                        List.of(Map.of("onDate", "2027-03-01", "minutes", 40, "spaceId", yard))));
        assertThat(made.status()).as(made.body()).isEqualTo(200);
        String outside = lessonOf(unit, 0);
        assertThat(sheet(outside).get("wetPlace").asString()).startsWith("Hall");
        JsonNode wet = school.as.get("/api/lessons/" + outside + "/wet").json();
        assertThat(wet.get("stretches")).hasSize(sheet(outside).get("segments").size());
        for (JsonNode s : wet.get("stretches"))
            assertThat(s.get("sentence").asString()).isNotBlank();
        assertThat(school.as.get("/api/lessons/" + lesson + "/wet").body()).contains("has no place to go to");
    }
}
