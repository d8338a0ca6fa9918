package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import io.isokinet.server.TestSchool.Member;
import io.isokinet.server.account.Role;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The day of a teacher, and the calendar that other programs read. */
@ExtendWith(RunningServer.class)
@Tag("calendar")
class TodayTest {

    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID auks = school.schoolClass("Auks", 8, TestSchool.names(12));
    private final LocalDate today = TestClock.today();
    private UUID hall;
    private UUID yard;

    @BeforeEach
    void twoClassesInOneHallAndAYard() {
        school.unit(terns, 1, 30);
        hall = school.hall();
        yard = UUID.randomUUID();
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
                        20,
                        "wetSpaceId",
                        hall));
    }

    private String lesson(UUID group, String title, LocalDate day, String starts, UUID space) {
        UUID unit = UUID.randomUUID();
        Map<String, Object> slot = new HashMap<>(Map.of("onDate", day.toString(), "minutes", 30, "spaceId", space));
        if (starts != null) slot.put("starts", starts);
        Caller.Answer made = school.as.put(
                "/api/units/" + unit,
                Map.of(
                        "classId",
                        group,
                        "title",
                        title,
                        "cueSets",
                        List.of("underarm-roll/components"),
                        "order",
                        "INTERLEAVED",
                        "lessons",
                        List.of(slot)));
        assertThat(made.status()).as(made.body()).isEqualTo(200);
        return made.json().get("lessons").get(0).get("id").asString();
    }

    private JsonNode day(LocalDate day) {
        return school.as.get("/api/today?day=" + day).json();
    }

    private static int count(JsonNode kit, String item) {
        for (JsonNode line : kit)
            if (line.get("item").asString().equals(item))
                return line.get("count").asInt();
        return 0;
    }

    @Test
    void theDayStandsInTheOrderOfItsClock() {
        LocalDate day = today.plusDays(5);
        lesson(auks, "Later", day, "11:00", hall);
        lesson(terns, "Earlier", day, "09:00", hall);
        JsonNode view = day(day);
        assertThat(view.get("lessons").findValuesAsString("title")).containsExactly("Earlier", "Later");
        assertThat(view.get("lessons").findValuesAsString("when")).containsExactly("LATER", "LATER");
        assertThat(day(day.minusDays(1)).get("nextLessonDay").asString()).isEqualTo(day.toString());
    }

    /** Half an hour each, at this very moment, an hour ago and in an hour: now, over, and next; the one after that is later. */
    @Test
    void nowAndNextAreReadFromTheSchoolsClock() {
        LocalTime now = LocalTime.ofInstant(TestClock.now(), TestClock.ZONE);
        LocalTime start = now.minusMinutes(5).withSecond(0).withNano(0);
        lesson(terns, "Over", today, start.minusHours(1).toString(), hall);
        lesson(terns, "Now", today, start.toString(), hall);
        lesson(terns, "Next", today, start.plusHours(1).toString(), hall);
        lesson(terns, "Later", today, start.plusHours(2).toString(), hall);
        Map<String, String> when = new HashMap<>();
        day(today)
                .get("lessons")
                .forEach(l -> when.put(l.get("title").asString(), l.get("when").asString()));
        assertThat(when)
                .containsEntry("Over", "PAST")
                .containsEntry("Now", "NOW")
                .containsEntry("Next", "NEXT")
                .containsEntry("Later", "LATER");
    }

    /** For lessons one after the other in one place each thing is fetched once: as many as the hungriest of them needs. */
    @Test
    void kitForSeveralClassesInOnePlaceIsLaidOutOnce() {
        LocalDate day = today.plusDays(6);
        lesson(terns, "First", day, "09:00", hall);
        lesson(auks, "Second", day, "10:00", hall);
        lesson(auks, "Outside", day, "11:00", yard);
        JsonNode view = school.as.get("/api/today/lay-out?day=" + day).json();
        assertThat(view.get("places")).hasSize(2);
        JsonNode inHall = view.get("places").get(0);
        assertThat(inHall.get("classes").valueStream().map(JsonNode::asString)).containsExactly("Terns", "Auks");
        JsonNode first = view.get("lessons").get(0).get("kit");
        JsonNode second = view.get("lessons").get(1).get("kit");
        for (JsonNode line : inHall.get("kit")) {
            String item = line.get("item").asString();
            assertThat(line.get("count").asInt()).as(item).isEqualTo(Math.max(count(first, item), count(second, item)));
        }
    }

    @Test
    void aTimetabledLessonThatNothingIsPlannedForStandsThereToo() {
        LocalDate day = today.plusDays(7);
        school.as.put(
                "/api/calendar/terms/" + UUID.randomUUID(),
                Map.of(
                        "name",
                        "Term",
                        "first",
                        today.toString(),
                        "last",
                        today.plusWeeks(6).toString()));
        for (UUID group : List.of(terns, auks))
            school.as.put(
                    "/api/calendar/slots/" + UUID.randomUUID(),
                    Map.of(
                            "classId",
                            group,
                            "day",
                            day.getDayOfWeek(),
                            "weeks",
                            "EVERY",
                            "starts",
                            "09:00",
                            "minutes",
                            30,
                            "spaceId",
                            group.equals(terns) ? hall : yard));
        lesson(terns, "Planned", day, "09:00", hall);
        JsonNode view = day(day);
        assertThat(view.get("unplanned").findValuesAsString("className")).containsExactly("Auks");
        assertThat(view.get("unplanned").get(0).has("off")).isFalse();
        school.as.put(
                "/api/calendar/closures/" + UUID.randomUUID(),
                Map.of("name", "Regatta", "first", day.toString(), "last", day.toString()));
        assertThat(day(day).get("closed").asString()).isEqualTo("Regatta");
        assertThat(day(day).get("unplanned").get(0).get("off").asString()).isEqualTo("Regatta");
        assertThat(day(day).get("lessons").get(0).get("clash").asString()).isEqualTo("Regatta");
    }

    @Test
    void rainBringsInWhatCanComeInAndSaysWhatCannot() {
        LocalDate day = today.plusDays(8);
        String free = lesson(auks, "Outside", day, "11:00", yard);
        String blocked = lesson(terns, "Outside too", day, "13:00", yard);
        lesson(auks, "Inside", day, "13:10", hall);
        JsonNode done = school.as
                .post("/api/today/wet", Map.of("lessons", List.of(free, blocked), "anyway", false))
                .json();
        assertThat(done.get(0).get("change").get("kind").asString()).isEqualTo("INDOORS");
        assertThat(done.get(1).get("why").asString()).contains("Another lesson is in this place at 13:10. Share it?");
        JsonNode view = day(day).get("lessons");
        assertThat(view.get(0).get("space").asString()).startsWith("Hall");
        assertThat(view.get(0).get("changes").get(0).get("words").get(0).asString())
                .contains("(rain)");
        assertThat(view.get(1).get("space").asString()).isEqualTo("Yard");
        assertThat(view.get(1).get("wetPlace").asString()).startsWith("Hall");
    }

    @Test
    void whoIsAwayIsRegisteredAndTakenBack() {
        String lesson = lesson(terns, "Today", today, "09:00", hall);
        UUID child = school.children(terns).get("Child3");
        assertThat(school.as
                        .put("/api/lessons/" + lesson + "/away", Map.of("away", List.of(child)))
                        .json())
                .hasSize(1);
        assertThat(day(today).get("lessons").findValue("away").get(0).asString())
                .isEqualTo(child.toString());
        assertThat(school.as
                        .put("/api/lessons/" + lesson + "/away", Map.of("away", List.of()))
                        .json())
                .isEmpty();
        UUID stranger = school.children(auks).get("Child1");
        assertThat(school.as
                        .put("/api/lessons/" + lesson + "/away", Map.of("away", List.of(stranger)))
                        .json())
                .isEmpty();
    }

    @Test
    void theCautionsOfTheSchoolStandOnEverySheet() {
        String lesson = lesson(terns, "Today", today, "09:00", hall);
        JsonNode now = school.as.get("/api/school").json();
        Map<String, Object> form = new HashMap<>(Map.of(
                "name",
                "A school",
                "timeZone",
                "Europe/London",
                "yearNaming",
                "YEARS",
                "ownYears",
                Map.of(),
                "lengthUnit",
                "METRES",
                "paceCm",
                75,
                "paceWhose",
                "the teacher",
                "weekStarts",
                "MONDAY"));
        form.put("cautions", List.of("The stage stays closed."));
        form.put("erasedTrials", "KEEP");
        school.as.put("/api/school", form, "If-Match", "\"" + now.get("version").asInt() + "\"");
        assertThat(school.as
                        .get("/api/lessons/" + lesson + "/sheet")
                        .json()
                        .get("setUpCheck")
                        .toString())
                .contains("The school's own risk assessment and local rules come first.", "The stage stays closed.");
    }

    private String feed(Caller caller) {
        String path = caller.post("/api/me/feed", "{}").json().get("path").asString();
        Caller.Answer answer = new Caller().get(path);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.header("Content-Type")).startsWith("text/calendar");
        return answer.body();
    }

    /** Once with the library that wrote it, once with another one; both must find the same lesson at the same instant. */
    @Test
    void theCalendarIsReadBackByTwoReaders() throws Exception {
        LocalDate summer = LocalDate.of(today.getYear() + (today.getMonthValue() > 6 ? 1 : 0), 6, 15);
        lesson(terns, "Across the clocks", today.plusDays(3), "09:00", hall);
        lesson(terns, "In summer; with, signs", summer, "09:00", hall);
        String lost = lesson(auks, "Lost one", today.plusDays(4), "10:00", hall);
        lesson(auks, "Some time", today.plusDays(5), null, hall);
        school.as.put("/api/lessons/" + lost + "/state", Map.of("state", "LOST"));
        String ics = feed(school.as);
        assertThat(ics).doesNotContain("Child");

        Calendar own = new CalendarBuilder().build(new StringReader(ics));
        List<net.fortuna.ical4j.model.component.VEvent> events = own.getComponents(Component.VEVENT);
        Map<String, Instant> starts = new HashMap<>();
        events.forEach(e -> {
            if (e.getStartDate().orElseThrow().getDate() instanceof ZonedDateTime at)
                starts.put(e.getSummary().getValue(), at.toInstant());
        });

        ICalendar other = Biweekly.parse(ics).first();
        Map<String, Instant> theirs = new HashMap<>();
        for (VEvent e : other.getEvents())
            if (e.getDateStart().getValue().hasTime())
                theirs.put(
                        e.getSummary().getValue(), e.getDateStart().getValue().toInstant());
        assertThat(theirs).isEqualTo(starts);
        assertThat(starts.get("Terns · 1 of 1 · In summer; with, signs"))
                .isEqualTo(summer.atTime(9, 0).atZone(TestClock.ZONE).toInstant());
        assertThat(other.getEvents()).hasSize(events.size()).hasSizeGreaterThanOrEqualTo(4);
        VEvent gone = other.getEvents().stream()
                .filter(e -> e.getSummary().getValue().contains("Lost one"))
                .findFirst()
                .orElseThrow();
        assertThat(gone.getStatus().isCancelled()).isTrue();
        VEvent whole = other.getEvents().stream()
                .filter(e -> e.getSummary().getValue().contains("Some time"))
                .findFirst()
                .orElseThrow();
        assertThat(whole.getDateStart().getValue().hasTime()).isFalse();
        assertThat(whole.getLocation().getValue()).startsWith("Hall");
        assertThat(other.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
    }

    @Test
    void aPrivateAddressShowsItsPersonsClassesAndEndsWhenItIsToldTo() {
        lesson(terns, "For Terns", today, "09:00", hall);
        lesson(auks, "For Auks", today, "10:00", hall);
        Member teacher = school.member(Role.TEACHER, terns);
        String path = teacher.as().post("/api/me/feed", "{}").json().get("path").asString();
        assertThat(new Caller().get(path).body()).contains("For Terns").doesNotContain("For Auks");
        String newer =
                teacher.as().post("/api/me/feed", "{}").json().get("path").asString();
        assertThat(new Caller().get(path).status()).isEqualTo(404);
        assertThat(teacher.as().get("/api/me/feed").json().has("madeAt")).isTrue();
        teacher.as().delete("/api/me/feed");
        assertThat(new Caller().get(newer).status()).isEqualTo(404);
        assertThat(school.as.get("/api/calendar.ics").body()).contains("For Terns", "For Auks");
    }

    @Test
    void aPrivateAddressEndsWhenItsPersonLeaves() {
        Member teacher = school.member(Role.TEACHER, terns);
        String path = teacher.as().post("/api/me/feed", "{}").json().get("path").asString();
        school.as.delete("/api/people/" + teacher.id());
        assertThat(new Caller().get(path).status()).isEqualTo(404);
    }
}
