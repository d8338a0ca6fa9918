package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A unit of four Mondays at nine, and what happens to its lessons. */
@ExtendWith(RunningServer.class)
class LessonChangesTest {
    private static final LocalDate MONDAY = TestClock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private UUID hall;
    private UUID unit;

    @BeforeEach
    void aTermATimetableAndAUnit() {
        unit = school.unit(terns, 1, 30);
        hall = school.hall();
        school.as.put(
                "/api/calendar/terms/" + UUID.randomUUID(),
                Map.of(
                        "name",
                        "Term",
                        "first",
                        MONDAY.toString(),
                        "last",
                        MONDAY.plusWeeks(8).toString()));
        slot(terns, "MONDAY", "09:00", hall, 30);
        unit = unit(terns, "Roll and catch", 0, hall);
    }

    private void slot(UUID group, String day, String starts, UUID space, int minutes) {
        school.as.put(
                "/api/calendar/slots/" + UUID.randomUUID(),
                Map.of(
                        "classId", group, "day", day, "weeks", "EVERY", "starts", starts, "minutes", minutes, "spaceId",
                        space));
    }

    private UUID unit(UUID group, String title, int daysLater, UUID space) {
        UUID id = UUID.randomUUID();
        List<Map<String, Object>> slots = new ArrayList<>();
        for (int i = 0; i < 4; i++)
            slots.add(Map.of(
                    "onDate",
                    MONDAY.plusDays(7L * i + daysLater).toString(),
                    "starts",
                    "09:00",
                    "minutes",
                    30,
                    "spaceId",
                    space));
        Caller.Answer made = school.as.put(
                "/api/units/" + id,
                Map.of(
                        "classId", group,
                        "title", title,
                        "cueSets", List.of("underarm-roll/components", "two-hand-catch/components"),
                        "order", "INTERLEAVED",
                        "lessons", slots));
        assertThat(made.status()).as(made.body()).isEqualTo(200);
        return id;
    }

    private JsonNode view() {
        return school.as.get("/api/units/" + unit).json();
    }

    private String lesson(int position) {
        return view().get("lessons").get(position).get("id").asString();
    }

    /** "2026-12-07 PLANNED Tide Line|Harbour Talk" for each lesson. */
    private List<String> lessons(JsonNode view) {
        List<String> lines = new ArrayList<>();
        for (JsonNode lesson : view.get("lessons"))
            lines.add("%s %s %s"
                    .formatted(
                            lesson.get("onDate").asString(),
                            lesson.get("state").asString(),
                            String.join("|", names(lesson))));
        return lines;
    }

    private static List<String> names(JsonNode lesson) {
        List<String> names = new ArrayList<>();
        lesson.get("segments").forEach(s -> names.add(s.get("name").asString()));
        return names;
    }

    private List<List<String>> contents() {
        List<List<String>> all = new ArrayList<>();
        view().get("lessons").forEach(l -> all.add(names(l)));
        return all;
    }

    private Caller.Answer change(String lesson, Map<String, Object> more) {
        Map<String, Object> body = new HashMap<>(Map.of("why", "", "anyway", false));
        body.putAll(more);
        return school.as.post("/api/lessons/" + lesson + "/changes", body);
    }

    private static String words(Caller.Answer answer) {
        return String.join(
                " ",
                answer.json()
                        .findValues("words")
                        .get(0)
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList());
    }

    @Test
    void aLostLessonMovesThePlansAlongAndTheUnitEndsOneLater() {
        List<List<String>> before = contents();
        Caller.Answer lost = change(lesson(1), Map.of("kind", "LOST", "rest", "ALONG", "why", "fire drill"));
        assertThat(lost.status()).as(lost.body()).isEqualTo(200);
        assertThat(words(lost)).contains("is lost (fire drill).", "The unit ends one lesson later");
        List<List<String>> after = contents();
        assertThat(after).hasSize(5);
        assertThat(after.get(0)).isEqualTo(before.get(0));
        assertThat(after.get(1)).isEmpty();
        assertThat(after.subList(2, 5)).isEqualTo(before.subList(1, 4));
        assertThat(view().get("lessons").get(4).get("onDate").asString())
                .isEqualTo(MONDAY.plusWeeks(4).toString());
        assertThat(view().get("lessons").get(1).get("state").asString()).isEqualTo("LOST");
    }

    @Test
    void takingItBackRestoresEveryLessonAndThePlan() {
        List<String> before = lessons(view());
        String id = change(lesson(1), Map.of("kind", "LOST", "rest", "ALONG"))
                .json()
                .get("id")
                .asString();
        assertThat(lessons(view())).isNotEqualTo(before);
        Caller.Answer undone = school.as.post("/api/changes/" + id + "/undo", "{}");
        assertThat(undone.json().get("undone").asBoolean()).isTrue();
        assertThat(lessons(view())).isEqualTo(before);
        assertThat(school.as.post("/api/changes/" + id + "/undo", "{}").detail())
                .contains("taken back already");
    }

    /** The unit's own undo takes the dates back too; redo of a plan alone would leave them apart. */
    @Test
    void theUnitsUndoTakesBackAChangeOfLessonsWhole() {
        List<String> before = lessons(view());
        change(lesson(1), Map.of("kind", "LOST", "rest", "ALONG"));
        String head = view().get("head").asString();
        assertThat(school.as
                        .post("/api/units/" + unit + "/undo", "{}", "If-Match", "\"stale\"")
                        .status())
                .isEqualTo(412);
        Caller.Answer undone = school.as.post("/api/units/" + unit + "/undo", "{}", "If-Match", "\"" + head + "\"");
        assertThat(undone.status()).isEqualTo(200);
        assertThat(lessons(view())).isEqualTo(before);
        String now = view().get("head").asString();
        assertThat(school.as
                        .post("/api/units/" + unit + "/redo", "{}", "If-Match", "\"" + now + "\"")
                        .detail())
                .contains("Change the lesson again");
    }

    @Test
    void aSqueezedUnitEndsWhenItDidAndSaysWhatWaits() {
        Caller.Answer lost = change(lesson(1), Map.of("kind", "LOST", "rest", "SQUEEZE"));
        assertThat(words(lost)).contains("goes into the 3 lessons that are left");
        assertThat(view().get("lessons")).hasSize(4);
        assertThat(contents().get(1)).isEmpty();
        assertThat(view().get("lessons").get(3).get("onDate").asString())
                .isEqualTo(MONDAY.plusWeeks(3).toString());
    }

    @Test
    void aMovedLessonTakesTheTimeOfTheTimetableAndThePlansKeepTheirOrder() {
        slot(terns, "WEDNESDAY", "11:00", hall, 30);
        List<List<String>> before = contents();
        // The first lesson goes behind the second.
        Caller.Answer moved = change(
                lesson(0), Map.of("kind", "MOVED", "onDate", MONDAY.plusDays(9).toString()));
        assertThat(moved.status()).as(moved.body()).isEqualTo(200);
        assertThat(words(moved)).contains("the plans keep their order");
        assertThat(contents()).isEqualTo(before);
        JsonNode second = view().get("lessons").get(1);
        assertThat(second.get("onDate").asString()).isEqualTo(MONDAY.plusDays(9).toString());
        assertThat(second.get("starts").asString()).startsWith("11:00");
    }

    @Test
    void aClosedDayIsAskedAboutAndDoneOnlyIfItIsMeant() {
        LocalDate day = MONDAY.plusDays(2);
        school.as.put(
                "/api/calendar/closures/" + UUID.randomUUID(),
                Map.of("name", "Regatta", "first", day.toString(), "last", day.toString()));
        List<String> before = lessons(view());
        Caller.Answer asked = change(lesson(0), Map.of("kind", "MOVED", "onDate", day.toString()));
        assertThat(asked.status()).isEqualTo(400);
        assertThat(asked.json().get("findings").get(0).get("rule").asString()).isEqualTo("closed-day");
        assertThat(asked.findings().get(0)).contains("Regatta", "Move it there all the same?");
        assertThat(lessons(view())).isEqualTo(before);
        assertThat(change(lesson(0), Map.of("kind", "MOVED", "onDate", day.toString(), "anyway", true))
                        .status())
                .isEqualTo(200);
        // On the strip it keeps its mark.
        assertThat(school.as.get("/api/term").json().findValuesAsString("clash"))
                .containsExactly("Regatta");
    }

    @Test
    void aDayThatTheTimetableDoesNotKnowIsAskedAbout() {
        LocalDate sunday = MONDAY.plusDays(6);
        Caller.Answer asked = change(lesson(0), Map.of("kind", "MOVED", "onDate", sunday.toString()));
        assertThat(asked.json().get("findings").get(0).get("rule").asString()).isEqualTo("off-timetable");
        assertThat(asked.findings().get(0)).contains("no lesson in the timetable on Sun");
        assertThat(change(lesson(0), Map.of("kind", "MOVED", "onDate", sunday.toString(), "anyway", true))
                        .status())
                .isEqualTo(200);
        // Of a class that the timetable does not know nothing is asked.
        UUID auks = school.schoolClass("Auks", 8, TestSchool.names(12));
        unit = unit(auks, "Beside", 2, hall);
        assertThat(change(
                                lesson(0),
                                Map.of(
                                        "kind",
                                        "MOVED",
                                        "onDate",
                                        sunday.minusDays(1).toString()))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aTakenPlaceIsAskedAbout() {
        UUID auks = school.schoolClass("Auks", 8, TestSchool.names(12));
        unit(auks, "Beside", 1, hall);
        Caller.Answer asked = change(
                lesson(0),
                Map.of("kind", "MOVED", "onDate", MONDAY.plusDays(1).toString(), "starts", "09:10", "spaceId", hall));
        assertThat(asked.json().get("findings").get(0).get("rule").asString()).isEqualTo("place-taken");
    }

    @Test
    void twoClassesSwapTheirLessons() {
        UUID auks = school.schoolClass("Auks", 8, TestSchool.names(12));
        UUID other = unit(auks, "Beside", 1, hall);
        String theirs = school.as
                .get("/api/units/" + other)
                .json()
                .get("lessons")
                .get(2)
                .get("id")
                .asString();
        Caller.Answer swapped = change(lesson(2), Map.of("kind", "SWAPPED", "with", theirs));
        assertThat(swapped.status()).as(swapped.body()).isEqualTo(200);
        assertThat(view().get("lessons").get(2).get("onDate").asString())
                .isEqualTo(MONDAY.plusDays(15).toString());
        assertThat(school.as
                        .get("/api/units/" + other)
                        .json()
                        .get("lessons")
                        .get(2)
                        .get("onDate")
                        .asString())
                .isEqualTo(MONDAY.plusDays(14).toString());
        String id = swapped.json().get("id").asString();
        school.as.post("/api/changes/" + id + "/undo", "{}");
        assertThat(view().get("lessons").get(2).get("onDate").asString())
                .isEqualTo(MONDAY.plusDays(14).toString());
    }

    @Test
    void twoLessonsOfOneUnitSwapTheirPlans() {
        List<List<String>> before = contents();
        change(lesson(2), Map.of("kind", "SWAPPED", "with", lesson(3)));
        assertThat(contents()).containsExactly(before.get(0), before.get(1), before.get(3), before.get(2));
    }

    @Test
    void aShorterLessonIsFittedAnewAndTheOthersStay() {
        List<List<String>> before = contents();
        Caller.Answer shorter = change(lesson(1), Map.of("kind", "SHORTENED", "minutes", 20));
        assertThat(words(shorter)).contains("has 20 minutes instead of 30");
        JsonNode lesson = view().get("lessons").get(1);
        int minutes = 0;
        for (JsonNode s : lesson.get("segments")) minutes += s.get("minutes").asInt();
        assertThat(minutes).isLessThanOrEqualTo(20);
        assertThat(contents().get(0)).isEqualTo(before.get(0));
        assertThat(contents().get(2)).isEqualTo(before.get(2));
        assertThat(change(lesson(1), Map.of("kind", "SHORTENED", "minutes", 25)).status())
                .isEqualTo(400);
    }

    private UUID yard(UUID wet) {
        UUID yard = UUID.randomUUID();
        Map<String, Object> body = new HashMap<>(
                Map.of("name", "Yard " + yard, "lengthCm", 2800, "widthCm", 1800, "floor", "TARMAC", "wallSpots", 20));
        if (wet != null) body.put("wetSpaceId", wet);
        school.as.put("/api/spaces/" + yard, body);
        return yard;
    }

    @Test
    void rainBringsALessonIntoTheWetWeatherPlace() {
        UUID auks = school.schoolClass("Auks", 8, TestSchool.names(12));
        unit = unit(auks, "Outside", 2, yard(hall));
        Caller.Answer wet = change(lesson(0), Map.of("kind", "INDOORS", "why", "rain"));
        assertThat(words(wet)).contains("comes into “Hall");
        assertThat(view().get("lessons").get(0).get("space").asString()).startsWith("Hall");
        assertThat(change(lesson(0), Map.of("kind", "INDOORS")).detail()).contains("has no wet-weather place");
        unit = unit(auks, "Nowhere to go", 3, yard(null));
        assertThat(change(lesson(0), Map.of("kind", "INDOORS")).detail()).contains("has no wet-weather place");
    }

    @Test
    void whatWasTaughtStaysAndLaterLessonsDoNotGoBeforeIt() {
        school.as.put("/api/lessons/" + lesson(1) + "/state", Map.of("state", "TAUGHT"));
        assertThat(change(lesson(1), Map.of("kind", "LOST", "rest", "ALONG")).detail())
                .contains("was taught");
        assertThat(change(lesson(2), Map.of("kind", "MOVED", "onDate", MONDAY.toString()))
                        .detail())
                .contains("cannot go before it");
    }

    @Test
    void aChangeUnderneathAnotherIsNotTakenBackFirst() {
        String first = change(lesson(1), Map.of("kind", "SHORTENED", "minutes", 20))
                .json()
                .get("id")
                .asString();
        String second = change(lesson(2), Map.of("kind", "SHORTENED", "minutes", 20))
                .json()
                .get("id")
                .asString();
        assertThat(school.as.post("/api/changes/" + first + "/undo", "{}").detail())
                .contains("Something else was changed since then");
        assertThat(school.as.post("/api/changes/" + second + "/undo", "{}").status())
                .isEqualTo(200);
        assertThat(school.as.post("/api/changes/" + first + "/undo", "{}").status())
                .isEqualTo(200);
    }

    @Test
    void aTimetableWithoutALessonLeftSaysSo() {
        for (JsonNode t : school.as.get("/api/calendar").json().get("terms"))
            school.as.put(
                    "/api/calendar/terms/" + t.get("id").asString(),
                    Map.of(
                            "name",
                            "Short",
                            "first",
                            MONDAY.toString(),
                            "last",
                            MONDAY.plusWeeks(3).toString()),
                    "If-Match",
                    "\"" + t.get("version").asInt() + "\"");
        assertThat(change(lesson(1), Map.of("kind", "LOST", "rest", "ALONG")).detail())
                .contains("no free lesson after", "Squeeze the unit instead");
        assertThat(view().get("lessons")).hasSize(4);
    }

    @Test
    void formsThatLackSomethingNameIt() {
        assertThat(change(lesson(0), Map.of("kind", "MOVED")).findings()).containsExactly("onDate: is needed");
        assertThat(change(lesson(0), Map.of("kind", "LOST")).findings().get(0)).startsWith("rest: is needed");
        assertThat(change(lesson(0), Map.of("kind", "SWAPPED")).findings().get(0))
                .startsWith("with: is needed");
    }

    /** Two classes with one unit: the one that lost a lesson is behind, and the strip says so for both. */
    @Test
    void classesOutOfStepAreShown() {
        UUID auks = school.schoolClass("Auks", 7, TestSchool.names(12));
        unit(auks, "Roll and catch", 1, hall);
        assertThat(school.as.get("/api/term").json().findValues("step")).isEmpty();
        school.as.put("/api/lessons/" + lesson(0) + "/state", Map.of("state", "TAUGHT"));
        assertThat(school.as.get("/api/term").json().findValues("step"))
                .extracting(s -> s.get("ahead").asInt() + ": " + s.get("words").asString())
                .containsExactlyInAnyOrder("1: 1 lesson ahead of Auks", "-1: 1 lesson behind Terns");
    }

    private UUID closure(String name, LocalDate first, LocalDate last) {
        UUID id = UUID.randomUUID();
        school.as.put(
                "/api/calendar/closures/" + id,
                Map.of("name", name, "first", first.toString(), "last", last.toString()));
        return id;
    }

    private Caller.Answer lose(UUID closure, String rest) {
        return school.as.post("/api/calendar/closures/" + closure + "/lessons", Map.of("rest", rest));
    }

    @Test
    void aClosureAsksForAllItsLessonsAndTheyGoRoundIt() {
        List<List<String>> before = contents();
        UUID week = closure("Regatta", MONDAY.plusWeeks(1), MONDAY.plusWeeks(2));
        assertThat(school.as
                        .get("/api/calendar/closures/" + week + "/lessons")
                        .json()
                        .findValuesAsString("number"))
                .containsExactly("2", "3");
        JsonNode answer = lose(week, "ALONG").json();
        assertThat(answer.get("left")).isEmpty();
        assertThat(answer.get("done").get(0).get("words").toString())
                .contains("Lesson 2", "is lost (Regatta).", "Lesson 3", "is lost too: Regatta.", "2 lessons later");
        assertThat(contents())
                .containsExactly(before.get(0), List.of(), List.of(), before.get(1), before.get(2), before.get(3));
        assertThat(school.as.get("/api/calendar/closures/" + week + "/lessons").json())
                .isEmpty();
        String id = answer.get("done").get(0).get("id").asString();
        school.as.post("/api/changes/" + id + "/undo", "{}");
        assertThat(contents()).isEqualTo(before);
    }

    @Test
    void whatCannotBeSqueezedIsSaidAndStays() {
        List<List<String>> before = contents();
        UUID all = closure("Flood", MONDAY, MONDAY.plusWeeks(3));
        assertThat(lose(all, "SQUEEZE").json().get("left").get(0).asString())
                .contains("Terns, Roll and catch", "nothing to squeeze it into");
        assertThat(contents()).isEqualTo(before);
    }

    @Test
    void nothingIsSwappedOntoAClosedDay() {
        closure("Regatta", MONDAY.plusWeeks(2), MONDAY.plusWeeks(2));
        assertThat(change(lesson(0), Map.of("kind", "SWAPPED", "with", lesson(2)))
                        .detail())
                .contains("there is no lesson: Regatta", "Move that one to another day");
    }

    /** Whatever closures come and whatever is lost, no plan goes to a day on which no lesson can be. */
    @Test
    void noPlanEverMovesIntoAClosedDay() {
        Random random = new Random(22);
        for (int round = 0; round < 6; round++) {
            LocalDate first = MONDAY.plusWeeks(random.nextInt(7));
            closure("Closed " + round, first, first.plusDays(random.nextInt(9)));
            Map<String, List<String>> before = onClosedDays();
            List<String> coming = new ArrayList<>();
            view().get("lessons").forEach(l -> {
                if (l.get("state").asString().equals("PLANNED"))
                    coming.add(l.get("id").asString());
            });
            String lesson = coming.get(random.nextInt(coming.size()));
            Map<String, Object> what = random.nextInt(3) == 0
                    ? Map.of("kind", "SWAPPED", "with", coming.get(random.nextInt(coming.size())))
                    : Map.of("kind", "LOST", "rest", random.nextBoolean() ? "ALONG" : "SQUEEZE");
            change(lesson, what);
            onClosedDays().forEach((id, names) -> assertThat(names).isEqualTo(before.get(id)));
        }
    }

    /** What is planned for days on which no lesson can be, by lesson. */
    private Map<String, List<String>> onClosedDays() {
        List<String> clashing = new ArrayList<>();
        school.as.get("/api/term").json().get("classes").forEach(c -> c.get("beads")
                .forEach(b -> {
                    if (b.hasNonNull("clash")) clashing.add(b.get("lesson").asString());
                }));
        Map<String, List<String>> planned = new HashMap<>();
        view().get("lessons").forEach(l -> {
            if (clashing.contains(l.get("id").asString()))
                planned.put(l.get("id").asString(), names(l));
        });
        return planned;
    }

    private int lessonMinutes(int position) {
        int minutes = 0;
        for (JsonNode segment : view().get("lessons").get(position).get("segments"))
            minutes += segment.get("minutes").asInt();
        return minutes;
    }

    /** Half the time and half the kit, in a classroom that the school did not have: a lesson at once, what it costs, and one way back. */
    @Test
    void atTheDoorALessonWorksAtOnceAndGoesBackInOnePress() {
        List<String> before = lessons(view());
        Caller.Answer done = change(
                lesson(1),
                Map.of("kind", "DOORWAY", "minutes", 20, "refuge", "CLASSROOM", "kitPercent", 50, "why", "flood"));
        assertThat(done.status()).as(done.body()).isEqualTo(200);
        assertThat(words(done)).contains("is in “Classroom”, has 20 minutes, not 30, has 50 % of the kit (flood).");
        assertThat(lessonMinutes(1)).isEqualTo(20);
        assertThat(view().get("lessons").get(1).get("space").asString()).isEqualTo("Classroom");
        List<String> after = lessons(view());
        assertThat(after.get(0)).isEqualTo(before.get(0));
        assertThat(after.subList(2, 4)).isEqualTo(before.subList(2, 4));
        assertThat(change(lesson(2), Map.of("kind", "DOORWAY", "refuge", "CLASSROOM"))
                        .status())
                .isEqualTo(200);
        assertThat(school.as.get("/api/spaces").json().findValuesAsString("name"))
                .containsOnlyOnce("Classroom");
        String second = onTop(2);
        school.as.post("/api/changes/" + second + "/undo", "{}");
        school.as.post("/api/changes/" + done.json().get("id").asString() + "/undo", "{}");
        assertThat(lessons(view())).isEqualTo(before);
        assertThat(lessonMinutes(1)).isEqualTo(30);
    }

    private String onTop(int position) {
        return school.as
                .get("/api/lessons/" + lesson(position) + "/changes")
                .json()
                .get(0)
                .get("id")
                .asString();
    }

    /** With none of the kit nothing is carried; a morning that changes nothing is no change. */
    @Test
    void withoutKitNothingIsOnTheSheetToBeCarried() {
        String sheet = "/api/lessons/" + lesson(0) + "/sheet";
        assertThat(school.as.get(sheet).json().get("layOut")).isNotEmpty();
        Map<String, Object> none = Map.of("kind", "DOORWAY", "kitPercent", 0);
        assertThat(change(lesson(0), none).status()).isEqualTo(200);
        assertThat(school.as.get(sheet).json().get("layOut")).isEmpty();
        assertThat(change(lesson(0), none).detail()).contains("as it was planned already");
        assertThat(change(lesson(0), Map.of("kind", "DOORWAY", "minutes", 5)).status())
                .isEqualTo(400);
    }

    /** Whoever is in the place that a lesson would go to is asked about, at the door too. */
    @Test
    void atTheDoorATakenPlaceIsAskedAbout() {
        UUID auks = school.schoolClass("Auks", 8, TestSchool.names(12));
        UUID yard = yard(null);
        unit(auks, "Beside", 0, yard);
        Map<String, Object> there = Map.of("kind", "DOORWAY", "spaceId", yard);
        Caller.Answer asked = change(lesson(0), there);
        assertThat(asked.json().get("findings").get(0).get("rule").asString()).isEqualTo("place-taken");
        Map<String, Object> anyway = new HashMap<>(there);
        anyway.put("anyway", true);
        assertThat(change(lesson(0), anyway).status()).isEqualTo(200);
    }
}
