package io.isokinet.server;

import static io.isokinet.server.UnitJson.head;
import static io.isokinet.server.UnitJson.id;
import static io.isokinet.server.UnitJson.names;
import static io.isokinet.server.UnitJson.segment;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class UnitTest {
    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, TestSchool.names(27));
    private final UUID unit = school.unit(curlews, 4, 30);

    private JsonNode view() {
        return school.as.get("/api/units/" + unit).json();
    }

    private Caller.Answer edit(JsonNode on, Map<String, Object> body) {
        return school.as.post("/api/units/" + unit + "/edits", body, "If-Match", head(on));
    }

    private Caller.Answer step(String what, JsonNode on) {
        return school.as.post("/api/units/" + unit + "/" + what, "{}", "If-Match", head(on));
    }

    @Test
    void isRenamedAndItsPlanStaysAsItIs() {
        JsonNode before = view();
        JsonNode renamed = school.as
                .put("/api/units/" + unit + "/title", Map.of("title", " Autumn rolls "))
                .json();
        assertThat(renamed.get("title").asString()).isEqualTo("Autumn rolls");
        assertThat(head(view())).isEqualTo(head(before));
        assertThat(school.as.get("/api/units").json().toString()).contains("Autumn rolls");
        assertThat(school.as
                        .put("/api/units/" + unit + "/title", Map.of("title", "x".repeat(121)))
                        .status())
                .isEqualTo(400);
        assertThat(school.as
                        .put("/api/units/" + unit + "/title", Map.of("title", " "))
                        .status())
                .isEqualTo(400);
        assertThat(view().get("title").asString()).isEqualTo("Autumn rolls");
    }

    @Test
    void isPlannedLegallyWithReasonsAndSubstitutes() {
        JsonNode view = view();
        assertThat(view.get("score").get("hard").asInt()).isZero();
        assertThat(view.get("score").get("medium").asInt()).isZero();
        assertThat(view.get("lessons")).hasSize(4);
        boolean substitute = false;
        for (JsonNode lesson : view.get("lessons")) {
            int minutes = 0;
            for (JsonNode segment : lesson.get("segments")) {
                minutes += segment.get("minutes").asInt();
                for (JsonNode line : segment.get("kit")) substitute |= line.has("reason");
            }
            assertThat(minutes).isEqualTo(30);
            assertThat(lesson.get("fits").asBoolean()).isTrue();
        }
        assertThat(substitute).isTrue();
        assertThat(view.get("threads")).hasSize(2);
        boolean introduced = false;
        for (JsonNode cue : view.get("threads").get(0).get("cues"))
            introduced |= !cue.get("marks").isEmpty()
                    && cue.get("marks").get(0).get("kind").asString().equals("INTRODUCED");
        assertThat(introduced).isTrue();
    }

    @Test
    void theSameIdAgainChangesNothing() {
        String before = head(view());
        school.as.put(
                "/api/units/" + unit,
                Map.of(
                        "classId",
                        curlews,
                        "title",
                        "Other",
                        "cueSets",
                        List.of("underarm-roll/short"),
                        "order",
                        "BLOCKED",
                        "lessons",
                        List.of()));
        assertThat(head(view())).isEqualTo(before);
    }

    @Test
    void aBlockMovesAndUndoAndRedoFollow() {
        JsonNode before = view();
        Caller.Answer moved = edit(before, Map.of("kind", "MOVE", "segment", id(segment(before, 0, 4)), "position", 2));
        assertThat(moved.status()).isEqualTo(200);
        JsonNode after = moved.json();
        assertThat(names(after, 0).get(2)).isEqualTo(names(before, 0).get(4));
        assertThat(after.get("cause").asString())
                .isEqualTo("Moved " + names(before, 0).get(4));
        assertThat(after.get("changes")).isNotEmpty();
        assertThat(after.get("strains").toString()).contains("which is not play");
        JsonNode undone = step("undo", after).json();
        assertThat(names(undone, 0)).isEqualTo(names(before, 0));
        assertThat(undone.get("canRedo").asBoolean()).isTrue();
        assertThat(undone.get("canUndo").asBoolean()).isFalse();
        assertThat(step("undo", undone).detail()).contains("nothing to undo");
        JsonNode redone = step("redo", undone).json();
        assertThat(names(redone, 0)).isEqualTo(names(after, 0));
        assertThat(step("redo", redone).detail()).contains("nothing to redo");
    }

    @Test
    void minutesOtherLessonsInAndOut() {
        JsonNode now = view();
        String drill = id(segment(now, 0, 2));
        int had = segment(now, 0, 2).get("minutes").asInt();
        now = edit(now, Map.of("kind", "MINUTES", "segment", drill, "minutes", had - 1))
                .json();
        assertThat(segment(now, 0, 2).get("minutes").asInt()).isEqualTo(had - 1);
        assertThat(now.get("cause").asString()).startsWith(had - 1 + " minutes for ");
        int first = now.get("lessons").get(0).get("segments").size();
        int second = now.get("lessons").get(1).get("segments").size();
        now = edit(now, Map.of("kind", "MOVE_TO", "segment", drill, "lesson", 1, "position", 2))
                .json();
        assertThat(now.get("lessons").get(0).get("segments")).hasSize(first - 1);
        assertThat(id(segment(now, 1, 2))).isEqualTo(drill);
        String activity = segment(now, 1, 2).get("activity").asString();
        now = edit(now, Map.of("kind", "REMOVE", "segment", drill)).json();
        assertThat(now.get("lessons").get(1).get("segments")).hasSize(second);
        now = edit(now, Map.of("kind", "ADD", "segment", id(segment(now, 0, 1)), "activity", activity))
                .json();
        assertThat(names(now, 0)).hasSize(first);
        assertThat(segment(now, 0, 2).get("activity").asString()).isEqualTo(activity);
        assertThat(edit(now, Map.of("kind", "MOVE_TO", "segment", id(segment(now, 0, 2)), "lesson", 9, "position", 0))
                        .detail())
                .contains("lesson 10 is not one of them");
        assertThat(edit(now, Map.of("kind", "MINUTES", "segment", id(segment(now, 0, 2))))
                        .body())
                .contains("minutes");
    }

    @Test
    void aSaveOnAnOldRevisionIs412() {
        JsonNode old = view();
        String segment = id(segment(old, 0, 2));
        edit(old, Map.of("kind", "LOCK", "segment", segment));
        Caller.Answer second = edit(old, Map.of("kind", "UNLOCK", "segment", segment));
        assertThat(second.status()).isEqualTo(412);
        assertThat(second.detail()).contains("was changed by someone else since you opened the unit. It was");
        assertThat(school.as.post("/api/units/" + unit + "/replan", "{}").status())
                .isEqualTo(428);
    }

    /** RFC 9110, 8.8.1: what is compressed on the way is not the same byte for byte, so its tag is weak. */
    @Test
    void goesOutCompressedBehindAWeakTag() {
        Caller.Answer packed = school.as.send("GET", "/api/units/" + unit, "", "Accept-Encoding", "gzip");
        assertThat(packed.status()).isEqualTo(200);
        assertThat(packed.header("Content-Encoding")).isEqualTo("gzip");
        assertThat(packed.header("ETag")).startsWith("W/\"");
    }

    @Test
    void aSegmentIsSplitIntoStationsAndBack() {
        JsonNode before = view();
        JsonNode whole = null;
        JsonNode beside = null;
        for (JsonNode s : before.get("lessons").get(1).get("segments")) {
            if (whole != null || !s.hasNonNull("skill")) continue;
            JsonNode fits = school.as
                    .get("/api/units/" + unit + "/segments/" + id(s) + "/alternatives?beside=true")
                    .json();
            if (fits.isEmpty()) continue;
            whole = s;
            beside = fits.get(0);
        }
        assertThat(whole).isNotNull();
        String alone = whole.get("activity").asString();
        List<String> both = List.of(alone, beside.get("activity").asString());
        assertThat(beside.get("activities").valueStream().map(JsonNode::asString))
                .containsExactlyElementsOf(both);
        JsonNode split = edit(before, Map.of("kind", "SWAP", "segment", id(whole), "activities", both))
                .json();
        JsonNode now = segment(split, id(whole));
        assertThat(now.get("stations")).hasSize(2);
        assertThat(now.get("formation").asString()).contains("go round");
        JsonNode lesson = split.get("lessons").get(1);
        assertThat(school.as.get("/api/units/" + unit + "/unit.json").body())
                .contains("\"stations\":[\"%s\"".formatted(String.join("\",\"", both)));
        JsonNode sheet = school.as.get("/api/lessons/" + id(lesson) + "/sheet").json();
        JsonNode stretch = null;
        for (JsonNode s : sheet.get("segments")) if (id(s).equals(id(whole))) stretch = s;
        assertThat(stretch.get("floor").get("stations").asString()).contains("2 stations");
        assertThat(stretch.get("floor").get("groups")).hasSize(2);
        assertThat(stretch.get("floor").get("drawing").get("svg").asString()).contains("<svg");
        JsonNode back = edit(
                        split,
                        Map.of(
                                "kind",
                                "SWAP",
                                "segment",
                                id(whole),
                                "activities",
                                List.of(whole.get("activity").asString())))
                .json();
        assertThat(segment(back, id(whole)).get("stations")).isEmpty();
        assertThat(edit(back, Map.of("kind", "SWAP", "segment", id(whole), "activities", List.of(alone, "moon-walk")))
                        .detail())
                .contains("moon-walk");
    }

    @Test
    void whatIsLockedSurvivesAReplan() {
        JsonNode before = view();
        JsonNode kept = segment(before, 1, 3);
        List<JsonNode> options = new ArrayList<>();
        school.as
                .get("/api/units/" + unit + "/segments/" + id(kept) + "/alternatives")
                .json()
                .forEach(options::add);
        assertThat(options).isNotEmpty();
        JsonNode swapped = edit(
                        before,
                        Map.of(
                                "kind",
                                "SWAP",
                                "segment",
                                id(kept),
                                "activities",
                                List.of(options.get(options.size() - 1)
                                        .get("activity")
                                        .asString())))
                .json();
        JsonNode locked =
                edit(swapped, Map.of("kind", "LOCK", "segment", id(kept))).json();
        JsonNode replanned = step("replan", locked).json();
        assertThat(segment(replanned, 1, 3).get("id").asString()).isEqualTo(id(kept));
        assertThat(segment(replanned, 1, 3).get("name").asString())
                .isEqualTo(segment(swapped, 1, 3).get("name").asString());
        assertThat(segment(replanned, 1, 3).get("locked").asBoolean()).isTrue();
        assertThat(edit(replanned, Map.of("kind", "MOVE", "segment", id(kept), "position", 0))
                        .detail())
                .contains("is locked; unlock it first");
    }

    @Test
    void alternativesAreRankedByWhatTheyCost() {
        JsonNode view = view();
        long before = Long.MIN_VALUE;
        for (JsonNode option : school.as
                .get("/api/units/" + unit + "/segments/" + id(segment(view, 2, 2)) + "/alternatives")
                .json()) {
            long cost = option.get("hard").asLong() * 1_000_000
                    + option.get("medium").asLong() * 1000
                    + option.get("soft").asLong();
            assertThat(cost).isGreaterThanOrEqualTo(before);
            before = cost;
        }
        assertThat(school.as
                        .get("/api/units/" + unit + "/segments/" + UUID.randomUUID() + "/alternatives")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void easierAndHarderWalkTheLever() {
        JsonNode view = view();
        for (int position = 0; position < 6; position++) {
            JsonNode segment = segment(view, 3, position);
            if (!segment.has("harder")) continue;
            JsonNode harder = edit(
                            view,
                            Map.of(
                                    "kind",
                                    "ADJUST",
                                    "segment",
                                    id(segment),
                                    "setting",
                                    segment.get("step").asInt() + 1))
                    .json();
            assertThat(segment(harder, 3, position).get("setting").asString())
                    .isEqualTo(segment.get("harder").asString());
            assertThat(segment(harder, 3, position).get("easier").asString())
                    .isEqualTo(segment.get("setting").asString());
            return;
        }
        throw new AssertionError("No segment has a lever.");
    }

    /** The cupboard is emptied; what needs a thing is said, with what becomes of it, and one press fits it again and can be taken back. */
    @Test
    void whatDoesNotFitAnyMoreIsFittedAgainOnAsking() {
        String refit = "/api/units/" + unit + "/refit";
        assertThat(school.as.get(refit).json()).isEmpty();
        for (JsonNode line : school.as.get("/api/cupboard").json())
            if (line.hasNonNull("version"))
                school.as.put(
                        "/api/cupboard/" + line.get("key").asString(),
                        Map.of("count", 0),
                        "If-Match",
                        "\"" + line.get("version").asInt() + "\"");
        JsonNode before = view();
        long broken = before.get("score").get("hard").asLong();
        assertThat(broken).isPositive();
        JsonNode told = school.as.get(refit).json();
        assertThat(told).isNotEmpty();
        assertThat(told.valueStream().map(JsonNode::asString)).allMatch(t -> t.startsWith("Lesson "));
        JsonNode after = step("refit", before).json();
        assertThat(after.get("score").get("hard").asLong()).isLessThan(broken);
        assertThat(after.get("cause").asString()).isEqualTo("Fitted again");
        assertThat(step("undo", after).json().get("score").get("hard").asLong()).isEqualTo(broken);
    }

    @Test
    void anEditNamesTheFieldItLacks() {
        JsonNode view = view();
        assertThat(edit(view, Map.of("kind", "MOVE", "segment", id(segment(view, 0, 2))))
                        .findings())
                .containsExactly("position: is needed");
        assertThat(edit(
                                view,
                                Map.of(
                                        "kind",
                                        "SWAP",
                                        "segment",
                                        id(segment(view, 0, 2)),
                                        "activities",
                                        List.of("moon-walk")))
                        .detail())
                .contains("no activity with the key (moon-walk)");
    }

    @Test
    void aTaughtLessonStaysAndItsCuesAreTaught() {
        JsonNode view = view();
        String lesson = view.get("lessons").get(0).get("id").asString();
        assertThat(school.as
                        .put("/api/lessons/" + lesson + "/state", Map.of("state", "TAUGHT"))
                        .status())
                .isEqualTo(204);
        JsonNode after = step("replan", view()).json();
        assertThat(names(after, 0)).isEqualTo(names(view, 0));
        assertThat(edit(after, Map.of("kind", "LOCK", "segment", id(segment(after, 0, 2))))
                        .detail())
                .contains("Lesson 1 was taught already");
        UUID child = school.children(curlews).get("Child0");
        for (JsonNode segment : view.get("lessons").get(0).get("segments"))
            for (JsonNode cue : segment.get("introduces")) {
                String set = cue.asString().split("/")[0] + "/components";
                assertThat(school.cell(curlews, set, child, cue.asString())
                                .get("mark")
                                .asString())
                        .isEqualTo("NOT_SEEN");
            }
        assertThat(school.as.get("/api/units").json().get(0).get("taught").asInt())
                .isEqualTo(1);
    }

    @Test
    void undoDoesNotReachBehindATaughtLesson() {
        JsonNode view = view();
        JsonNode moved = edit(view, Map.of("kind", "MOVE", "segment", id(segment(view, 0, 2)), "position", 3))
                .json();
        school.as.put(
                "/api/lessons/" + view.get("lessons").get(0).get("id").asString() + "/state",
                Map.of("state", "TAUGHT"));
        assertThat(step("undo", moved).detail()).contains("Lesson 1 was taught since then");
    }

    @Test
    void aLostLessonIsLeftOutAndTheRestPlannedAgain() {
        JsonNode view = view();
        school.as.put(
                "/api/lessons/" + view.get("lessons").get(1).get("id").asString() + "/state", Map.of("state", "LOST"));
        JsonNode after = step("replan", view()).json();
        assertThat(after.get("lessons").get(1).get("segments")).isEmpty();
        assertThat(after.get("score").get("hard").asInt()).isZero();
        JsonNode term = school.as.get("/api/term").json().get("classes").get(0).get("beads");
        assertThat(term.get(1).get("bead").asString()).isEqualTo("LOST");
    }

    @Test
    void theSheetHoldsWhatATeacherNeeds() {
        String lesson = view().get("lessons").get(0).get("id").asString();
        JsonNode sheet = school.as.get("/api/lessons/" + lesson + "/sheet").json();
        assertThat(sheet.get("children").asInt()).isEqualTo(27);
        assertThat(sheet.get("segments")).hasSize(6);
        assertThat(sheet.get("layOut")).isNotEmpty();
        assertThat(sheet.get("cues")).isNotEmpty();
        assertThat(sheet.get("cautions")).isNotEmpty();
        assertThat(sheet.get("setUpCheck").toString()).contains("risk assessment and local rules come first");
    }

    @Test
    void theHallGetsEverythingAndAnswersWithTheNewMarks() {
        JsonNode first = view().get("lessons").get(0);
        String lesson = first.get("id").asString();
        JsonNode hall = school.as.get("/api/hall/" + lesson).json();
        assertThat(hall.get("grid").get("rows")).hasSize(27);
        assertThat(hall.get("lesson").get("segments")).hasSize(6);
        UUID child = school.children(curlews).get("Child3");
        JsonNode watched = hall.get("lesson").get("segments").get(2);
        String cue = watched.get("focus").get(0).asString();
        Map<String, Object> trial = school.trial(child, cue, true);
        trial.put("lesson", lesson);
        trial.put("segment", watched.get("id").asString());
        Map<String, Object> taught = Map.of(
                "id",
                UUID.randomUUID(),
                "schoolClass",
                curlews,
                "cue",
                cue,
                "lesson",
                lesson,
                "at",
                TestClock.now().toString());
        JsonNode receipt = school.as
                .post(
                        "/api/hall/" + lesson + "/batches",
                        school.batch(List.of(trial), List.of(), List.of(), List.of(taught)))
                .json();
        assertThat(receipt.get("receipt").get("kept")).hasSize(2);
        assertThat(receipt.get("cells")
                        .get(child.toString())
                        .get(cue)
                        .get("mark")
                        .asString())
                .isEqualTo("EMERGING");
    }

    @Test
    void whatCannotBePlannedSaysWhy() {
        UUID hall = school.hall();
        UUID empty = school.schoolClass("Nobody", 7);
        Map<String, Object> slot = Map.of("onDate", TestClock.today().toString(), "minutes", 30, "spaceId", hall);
        Map<String, Object> shortSlot = Map.of("onDate", TestClock.today().toString(), "minutes", 12, "spaceId", hall);
        assertThat(plan(empty, List.of(slot), "underarm-roll/short").detail())
                .contains("nobody in it; add children first");
        assertThat(plan(curlews, List.of(shortSlot), "underarm-roll/short")
                        .findings()
                        .get(0))
                .contains("12 usable minutes")
                .contains("at least 15");
        assertThat(plan(curlews, List.of(), "underarm-roll/short").findings())
                .contains("lessons: needs 1 to 16 lessons.");
        assertThat(plan(curlews, List.of(slot), "underarm-roll/secret").detail())
                .contains("no cue set with the key");
        assertThat(plan(UUID.randomUUID(), List.of(slot), "underarm-roll/short").status())
                .isEqualTo(404);
        UUID toddlers = school.schoolClass("Toddlers", 3, "Ada Moss");
        assertThat(plan(toddlers, List.of(slot), "underarm-roll/short")
                        .findings()
                        .get(0))
                .contains("Underarm roll cannot be done here at all")
                .contains("is for ages 4 to");
        assertThat(school.as.get("/api/units").json()).hasSize(1);
    }

    private Caller.Answer plan(UUID group, List<?> slots, String set) {
        return school.as.put(
                "/api/units/" + UUID.randomUUID(),
                Map.of("classId", group, "title", "T", "cueSets", List.of(set), "order", "BLOCKED", "lessons", slots));
    }
}
