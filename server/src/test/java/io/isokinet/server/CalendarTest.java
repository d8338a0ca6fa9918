package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Terms, closures, the timetable and other people's bookings, and what is wrong with them. */
@ExtendWith(RunningServer.class)
class CalendarTest {
    private static final LocalDate MONDAY = TestClock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, "Ada Moss", "Ben Sole");
    private final UUID auks = school.schoolClass("Auks", 7, "Cleo Reed");
    private final UUID hall = school.hall();

    @BeforeEach
    void aTermOfTenWeeks() {
        assertThat(term("Term", MONDAY, MONDAY.plusWeeks(10).minusDays(3)).status())
                .isEqualTo(200);
    }

    private Caller.Answer term(String name, LocalDate first, LocalDate last) {
        return school.as.put(
                "/api/calendar/terms/" + UUID.randomUUID(),
                Map.of("name", name, "first", first.toString(), "last", last.toString()));
    }

    private Caller.Answer closure(String name, LocalDate first, LocalDate last) {
        return school.as.put(
                "/api/calendar/closures/" + UUID.randomUUID(),
                Map.of("name", name, "first", first.toString(), "last", last.toString()));
    }

    private Caller.Answer slot(UUID group, String day, String starts, Object minutes) {
        Map<String, Object> body =
                new HashMap<>(Map.of("classId", group, "day", day, "weeks", "EVERY", "spaceId", hall));
        body.put("starts", starts);
        body.put("minutes", minutes);
        return school.as.put("/api/calendar/slots/" + UUID.randomUUID(), body);
    }

    private Caller.Answer bookings(String ics, boolean take) {
        return school.as.upload(
                "/api/calendar/bookings?take=" + take + "&space=" + hall,
                Map.of("club.ics", ics.getBytes(StandardCharsets.UTF_8)),
                Map.of());
    }

    private static String ics(String... events) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Test//EN\r\n" + String.join("", events)
                + "END:VCALENDAR\r\n";
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:" + UUID.randomUUID() + "\r\nDTSTAMP:20260901T000000Z\r\nSUMMARY:Chess club\r\n"
                + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
    }

    private static String basic(LocalDate day) {
        return day.toString().replace("-", "");
    }

    private List<String> dates(UUID group, int most) {
        return school.as
                .get("/api/classes/" + group + "/dates?from=" + MONDAY + "&most=" + most)
                .json()
                .findValuesAsString("day");
    }

    @Test
    void overlappingTermsAreRefusedByTheServiceAndByTheDatabase() {
        Caller.Answer refused = term("Late", MONDAY.plusWeeks(9), MONDAY.plusWeeks(12));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.findings().get(0)).startsWith("first: overlaps Term, ");
        assertThat(term("Backwards", MONDAY.plusWeeks(20), MONDAY.plusWeeks(19))
                        .findings()
                        .get(0))
                .startsWith("last: is before the first day");
        assertThat(term("Endless", MONDAY.plusWeeks(20), MONDAY.plusWeeks(90))
                        .findings()
                        .get(0))
                .startsWith("last: is more than a year");
        assertThat(school.as.get("/api/calendar").json().get("terms")).hasSize(1);
        assertThat(term("Next", MONDAY.plusWeeks(10), MONDAY.plusWeeks(20)).status())
                .isEqualTo(200);
    }

    @Test
    void closuresAreCountedInLessonsAndPassedOver() {
        slot(terns, "MONDAY", "09:00", 45);
        slot(terns, "THURSDAY", "09:00", 45);
        closure("Regatta", MONDAY, MONDAY.plusDays(4));
        JsonNode calendar = school.as.get("/api/calendar").json();
        assertThat(calendar.get("closures").get(0).get("lessons").asInt()).isEqualTo(2);
        assertThat(dates(terns, 2))
                .containsExactly(
                        MONDAY.plusDays(7).toString(), MONDAY.plusDays(10).toString());
    }

    @Test
    void aTimetableOfTwentyFiveHoursOrHalfADayIsRefusedWithTheRemedy() {
        assertThat(slot(terns, "MONDAY", "25:00", 45).findings())
                .containsExactly("starts: must be a time of the day, 00:00 to 23:59, such as 09:15.");
        assertThat(slot(terns, "MONDAY", "09:00", 1500).findings())
                .containsExactly("minutes: must be 10 to 120; give two lessons if it is longer.");
        assertThat(slot(terns, "MONDAY", "02:30", 45).findings().get(0))
                .startsWith("starts: must lie between 05:00 and 22:00");
        assertThat(slot(terns, "MONDAY", "21:30", 45).status()).isEqualTo(400);
        assertThat(slot(terns, "MOONDAY", "09:00", 45).status()).isEqualTo(400);
        assertThat(closure("Never", MONDAY, LocalDate.of(2200, 12, 31)).status())
                .isEqualTo(200);
        assertThat(closure("Never", MONDAY, LocalDate.of(9999, 12, 31)).findings())
                .containsExactly("last: must be a day of the calendar between 1900 and 2200, such as 2027-01-31.");
        assertThat(school.as
                        .put(
                                "/api/calendar/closures/" + UUID.randomUUID(),
                                Map.of("name", "x", "first", "2026-02-30", "last", "2026-03-01"))
                        .findings())
                .containsExactly("first: must be a day of the calendar between 1900 and 2200, such as 2027-01-31.");
        assertThat(school.as.get("/api/calendar").json().get("slots")).isEmpty();
    }

    @Test
    void aClassCannotBeInTwoLessonsAtOnceAndASharedHallIsAskedAbout() {
        slot(terns, "MONDAY", "09:00", 45);
        assertThat(slot(terns, "MONDAY", "09:30", 45).findings().get(0))
                .startsWith("starts: Terns has a lesson from 09:00 to 09:45 then.");
        JsonNode calendar = slot(auks, "MONDAY", "09:30", 45).json();
        assertThat(calendar.get("slots")).hasSize(2);
        assertThat(calendar.get("findings").get(0).get("rule").asString()).isEqualTo("place-shared");
    }

    /** Walking is the place's, changing and shoes are the class's: 45 - 2 x 2 - 6 - 1 = 34. */
    @Test
    void usableMinutesComeFromThePlaceAndTheClass() {
        UUID near = UUID.randomUUID();
        Map<String, Object> space = new HashMap<>(Map.of(
                "name",
                "Near hall",
                "lengthCm",
                1700,
                "widthCm",
                950,
                "ceilingCm",
                480,
                "floor",
                "WOOD",
                "wallSpots",
                9));
        space.put("walkingMinutes", 2);
        school.as.put("/api/spaces/" + near, space);
        UUID group = UUID.randomUUID();
        school.as.put(
                "/api/classes/" + group,
                Map.of("name", "Curlews", "yearAge", 7, "changingMinutes", 6, "shoesMinutes", 1));
        JsonNode slot = school.as
                .put(
                        "/api/calendar/slots/" + UUID.randomUUID(),
                        Map.of(
                                "classId",
                                group,
                                "day",
                                "MONDAY",
                                "weeks",
                                "EVERY",
                                "spaceId",
                                near,
                                "starts",
                                "09:00:00",
                                "minutes",
                                45))
                .json()
                .get("slots")
                .get(0);
        assertThat(slot.get("usable").asInt()).isEqualTo(34);
        assertThat(slot.get("reason").asString()).endsWith("34 to teach in.");
    }

    @Test
    void everyOtherWeekFollowsTheTermsWeeks() {
        Map<String, Object> body = new HashMap<>(Map.of(
                "classId", terns, "day", "TUESDAY", "weeks", "B", "spaceId", hall, "starts", "09:00", "minutes", 45));
        school.as.put("/api/calendar/slots/" + UUID.randomUUID(), body);
        assertThat(dates(terns, 2))
                .containsExactly(
                        MONDAY.plusDays(8).toString(), MONDAY.plusDays(22).toString());
    }

    @Test
    void bookingsOfOthersTakeTheHall() {
        slot(terns, "MONDAY", "09:00", 45);
        String weekly = ics(event(
                "DTSTART:%sT093000".formatted(basic(MONDAY)),
                "DTEND:%sT103000".formatted(basic(MONDAY)),
                "RRULE:FREQ=WEEKLY;COUNT=3"));
        assertThat(bookings(weekly, false).json().get("events")).hasSize(3);
        assertThat(dates(terns, 1)).containsExactly(MONDAY.toString());
        bookings(weekly, true);
        assertThat(dates(terns, 1)).containsExactly(MONDAY.plusWeeks(3).toString());
        // The same file again replaces what it brought.
        bookings(
                ics(event("DTSTART:%sT093000".formatted(basic(MONDAY)), "DTEND:%sT103000".formatted(basic(MONDAY)))),
                true);
        assertThat(dates(terns, 1)).containsExactly(MONDAY.plusWeeks(1).toString());
        school.as.delete("/api/calendar/bookings?source=club.ics&space=" + hall);
        assertThat(dates(terns, 1)).containsExactly(MONDAY.toString());
    }

    @Test
    void anEndlessRecurrenceIsReadToTheEndOfTheTermsOnly() {
        String endless = ics(event(
                "DTSTART:20200106T090000",
                "DTEND:20200106T100000",
                "RRULE:FREQ=DAILY",
                "EXDATE:%sT090000".formatted(basic(MONDAY))));
        JsonNode read = bookings(endless, false).json();
        assertThat(read.get("findings")).isEmpty();
        int days = read.get("events").size();
        // From today on to the last day of the term, without the excepted Monday.
        long expected = java.time.temporal.ChronoUnit.DAYS.between(
                TestClock.today(), MONDAY.plusWeeks(10).minusDays(3));
        assertThat((long) days).isBetween(expected - 1, expected + 1);
    }

    @Test
    void whatCannotBeUsedInACalendarFileIsNamedAndNothingComesIn() {
        assertThat(bookings("no calendar at all", true).findings().get(0)).contains("This is no calendar file");
        assertThat(bookings(ics(event("DTSTART:20200106T090000", "DTEND:20200106T090001", "RRULE:FREQ=SECONDLY")), true)
                        .findings()
                        .get(0))
                .contains("repeats several times a day");
        assertThat(bookings(
                                ics(event(
                                        "DTSTART;TZID=Atlantis/Harbour:%sT090000".formatted(basic(MONDAY)),
                                        "DTEND;TZID=Atlantis/Harbour:%sT100000".formatted(basic(MONDAY)))),
                                true)
                        .findings()
                        .get(0))
                .contains("“Chess club”")
                .contains("Set it to a usual zone");
        assertThat(bookings(ics(event("SUMMARY2:x")), true).findings().get(0)).contains("no beginning");
        assertThat(bookings("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:2026", true)
                        .status())
                .isEqualTo(400);
        assertThat(school.as.get("/api/calendar").json().get("bookings")).isEmpty();
    }

    /** Every second of a day by three lists; a second rule; days without end from the year one: each once took the heap or minutes. */
    @Test
    void whatWouldBeTimesWithoutEndIsRefusedBeforeItIsFollowed() {
        String starts = "DTSTART:" + basic(MONDAY) + "T000000Z";
        String list = String.join(
                ",",
                java.util.stream.IntStream.range(0, 60)
                        .mapToObj(String::valueOf)
                        .toList());
        String often = "It repeats several times a day.";
        assertThat(bookings(
                                ics(event(
                                        starts,
                                        "DURATION:PT1S",
                                        "RRULE:FREQ=DAILY;BYHOUR=0,1,2,3,4,5;BYMINUTE=" + list + ";BYSECOND=" + list)),
                                true)
                        .findings()
                        .get(0))
                .contains(often);
        assertThat(bookings(ics(event(starts, "DURATION:PT1S", "RRULE:FREQ=DAILY", "RRULE:FREQ=SECONDLY")), true)
                        .findings()
                        .get(0))
                .contains(often);
        assertThat(bookings(ics(event("DTSTART:00010101T090000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY")), true)
                        .findings()
                        .get(0))
                .contains("It began in another century");
        String[] many = new String[2000];
        java.util.Arrays.setAll(
                many,
                i -> event("DTSTART:19900101T090000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY;UNTIL=19900201T090000Z"));
        assertThat(bookings(ics(many), true).findings().get(0)).contains("more single days than can be followed");
    }

    /** As offices' calendars are: one occurrence moved, one called off, one entered as free, and an empty line. */
    @Test
    void aMovedOccurrenceIsBookedOnceAndWhatIsCalledOffOrFreeNotAtAll() {
        slot(terns, "MONDAY", "09:00", 45);
        String zone = ";TZID=Europe/London:";
        String series = "BEGIN:VEVENT\r\nUID:series\r\nDTSTAMP:20260901T000000Z\r\nSUMMARY:Assembly\r\n";
        String weekly = series + "DTSTART" + zone + basic(MONDAY)
                + "T090000\r\nDURATION:PT1H\r\nRRULE:FREQ=WEEKLY;COUNT=4\r\n" + "END:VEVENT\r\n";
        String moved = series + "RECURRENCE-ID" + zone + basic(MONDAY.plusWeeks(1)) + "T090000\r\nDTSTART" + zone
                + basic(MONDAY.plusWeeks(1)) + "T140000\r\nDURATION:PT1H\r\nEND:VEVENT\r\n";
        String off = series + "RECURRENCE-ID" + zone + basic(MONDAY.plusWeeks(2)) + "T090000\r\nDTSTART" + zone
                + basic(MONDAY.plusWeeks(2)) + "T090000\r\nDURATION:PT1H\r\nSTATUS:CANCELLED\r\nEND:VEVENT\r\n";
        String free =
                event("DTSTART" + zone + basic(MONDAY.plusWeeks(4)) + "T090000", "DURATION:PT1H", "TRANSP:TRANSPARENT");
        Caller.Answer taken = bookings(ics(weekly, "\r\n", moved, off, free), true);
        assertThat(taken.status()).isEqualTo(200);
        assertThat(taken.json().get("events")).hasSize(3);
        // Free again at nine: the moved one, the one called off, and the one entered as free.
        assertThat(dates(terns, 3))
                .containsExactly(
                        MONDAY.plusWeeks(1).toString(),
                        MONDAY.plusWeeks(2).toString(),
                        MONDAY.plusWeeks(4).toString());
    }

    /** Ten megabytes of events are refused by their number before they are read; more than ten by the limit of all uploads. */
    @Test
    void aFileOfTenMegabytesIsRefusedByItsNumberOfEvents() {
        String one = event("DTSTART:20260106T090000", "DTEND:20260106T100000", "DESCRIPTION:" + "x".repeat(900));
        String many = ics(one.repeat(9_900_000 / one.length()));
        assertThat(bookings(many, true).findings().get(0)).contains("3000 is the most");
        assertThat(bookings(many + many, true).status()).isEqualTo(413);
    }

    /** New York is five hours behind London, but for the weeks between the two changes of clocks; 14:00Z is 15:00 in a London summer. */
    @Test
    void timesOfOtherZonesAndInstantsAreTurnedIntoTheSchoolsOwn() {
        String day = basic(MONDAY);
        JsonNode events = bookings(
                        ics(
                                event(
                                        "DTSTART;TZID=America/New_York:%sT040000".formatted(day),
                                        "DTEND;TZID=America/New_York:%sT050000".formatted(day)),
                                event("DTSTART:%sT140000Z".formatted(day), "DTEND:%sT150000Z".formatted(day)),
                                event(
                                        "DTSTART;VALUE=DATE:%s".formatted(day),
                                        "DTEND;VALUE=DATE:%s".formatted(basic(MONDAY.plusDays(1))))),
                        false)
                .json()
                .get("events");
        java.time.ZoneId london = java.time.ZoneId.of("Europe/London");
        assertThat(events.findValuesAsString("starts"))
                .containsExactly(
                        MONDAY.atStartOfDay(london).toInstant().toString(),
                        MONDAY.atTime(4, 0)
                                .atZone(java.time.ZoneId.of("America/New_York"))
                                .toInstant()
                                .toString(),
                        MONDAY + "T14:00:00Z");
    }

    @Test
    void aHallOfNoWidthAndAFeatureOutsideTheFloorAreRefused() {
        Map<String, Object> flat = Map.of("name", "Flat", "lengthCm", 1000, "widthCm", 0, "floor", "WOOD");
        assertThat(school.as
                        .put("/api/spaces/" + UUID.randomUUID(), flat)
                        .findings()
                        .get(0))
                .startsWith("widthCm: must be at least 200");
        Map<String, Object> out =
                new HashMap<>(Map.of("name", "Out", "lengthCm", 1000, "widthCm", 800, "floor", "WOOD"));
        out.put("features", List.of(Map.of("kind", "DOOR", "xCm", 900, "yCm", 0, "dxCm", 200, "dyCm", 0)));
        assertThat(school.as.put("/api/spaces/" + UUID.randomUUID(), out).findings())
                .containsExactly("features[0]: reaches outside the floor; keep it inside.");
    }

    /** A child needs two paces, 1.5 m, of a usable wall: 12 m and 7.5 m make 8 and 5. */
    @Test
    void placesAtAWallAreCountedAlongTheUsableWalls() {
        Map<String, Object> space =
                new HashMap<>(Map.of("name", "Walled", "lengthCm", 1700, "widthCm", 950, "floor", "WOOD"));
        space.put("ceilingCm", 480);
        space.put(
                "features",
                List.of(
                        Map.of("kind", "WALL", "xCm", 100, "yCm", 0, "dxCm", 1200, "dyCm", 0),
                        Map.of("kind", "WALL", "xCm", 1700, "yCm", 100, "dxCm", 0, "dyCm", 750),
                        Map.of(
                                "kind", "LINE", "colour", "RED", "label", "key", "xCm", 0, "yCm", 0, "dxCm", 9, "dyCm",
                                9)));
        JsonNode made = school.as.put("/api/spaces/" + UUID.randomUUID(), space).json();
        assertThat(made.get("wallSpots").asInt()).isEqualTo(13);
        assertThat(made.get("features").get(2).get("colour").asString()).isEqualTo("RED");
    }

    @Test
    void aWetWeatherPlaceHasACeilingAndASpaceInUseIsNotRemoved() {
        UUID yard = UUID.randomUUID();
        Map<String, Object> body =
                new HashMap<>(Map.of("name", "Yard", "lengthCm", 2000, "widthCm", 1500, "floor", "TARMAC"));
        school.as.put("/api/spaces/" + yard, body);
        UUID field = UUID.randomUUID();
        body.put("name", "Field");
        body.put("wetSpaceId", yard);
        assertThat(school.as.put("/api/spaces/" + field, body).findings())
                .containsExactly("wetSpaceId: is outdoors too; choose one with a ceiling.");
        body.put("wetSpaceId", hall);
        assertThat(school.as.put("/api/spaces/" + field, body).status()).isEqualTo(200);
        slot(terns, "MONDAY", "09:00", 45);
        assertThat(school.as.delete("/api/spaces/" + hall).detail()).contains("is in the timetable");
        assertThat(school.as.delete("/api/spaces/" + yard).status()).isEqualTo(204);
    }

    private Caller.Answer paste(String text, boolean take) {
        return school.as.post(
                "/api/calendar/slots/paste", Map.of("text", text, "minutes", 40, "spaceId", hall, "take", take));
    }

    /** A week of 25 lessons comes in whole or not at all, and twice is once. */
    @Test
    void aTimetableIsPastedFromASpreadsheet() {
        StringBuilder grid = new StringBuilder("\tMon\tTue\tWed\tThu\tFri\n");
        for (int row = 0; row < 5; row++)
            grid.append("%d:00-%d:40".formatted(9 + row, 9 + row))
                    .append((row % 2 == 0 ? "\tTerns" : "\tauks").repeat(5))
                    .append('\n');
        assertThat(paste(grid.toString(), false).json().get("lessons")).hasSize(25);
        assertThat(school.as.get("/api/calendar").json().get("slots")).isEmpty();
        paste(grid.toString(), true);
        assertThat(school.as.get("/api/calendar").json().get("slots")).hasSize(25);
        assertThat(paste(grid.toString(), true).json().get("lessons")).isEmpty();
        assertThat(school.as.get("/api/calendar").json().get("slots")).hasSize(25);
    }

    @Test
    void whatIsWrongInAPastedTimetableIsSaidAndNothingIsTaken() {
        JsonNode read = paste("Terns, Mon, 9:00\nTernz, Tue, 9:00\nTerns, Mon, 9:20\nAuks, Mon, 9:00, 30, Attic", true)
                .json();
        assertThat(read.get("findings").toString())
                .contains("There is no class “Ternz”", "“Auks”, “Terns”", "has a lesson from 09:00 to 09:40")
                .contains("There is no place “Attic”");
        assertThat(school.as.get("/api/calendar").json().get("slots")).isEmpty();
    }
}
