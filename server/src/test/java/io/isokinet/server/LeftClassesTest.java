package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.keeping.Removals;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A class leaves, by mistake or for good, and comes back. */
@ExtendWith(RunningServer.class)
class LeftClassesTest {
    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID unit = school.unit(terns, 2, 30);
    private final JdbcClient jdbc = RunningServer.bean(JdbcClient.class);

    private int count(String table) {
        return jdbc.sql("select count(*) from " + table + " where school_id = ?")
                .param(school.id)
                .query(Integer.class)
                .single();
    }

    private Caller.Answer leave() {
        return school.as.delete("/api/classes/" + terns);
    }

    private Caller.Answer back() {
        return school.as.post("/api/classes/" + terns + "/back", "{}");
    }

    private void aMonthLater() {
        jdbc.sql("update school_class set left_on = left_on - 31 where school_id = ?")
                .param(school.id)
                .update();
        try (var scope = SchoolScope.enter(school.id)) {
            RunningServer.bean(Removals.class).forget();
        }
    }

    /** Without the time of day that Today tells. */
    private List<String> bodies(List<String> pages) {
        return pages.stream()
                .map(p -> school.as.get(p).body().replaceFirst("\"now\":\"[^\"]*\"", ""))
                .toList();
    }

    @Test
    void itIsGoneFromEveryDayAndListAndComesBackWhole() {
        List<String> pages = List.of("/api/today", "/api/term", "/api/classes", "/api/calendar", "/api/units");
        school.as.put(
                "/api/calendar/slots/" + UUID.randomUUID(),
                Map.of(
                        "classId",
                        terns,
                        "day",
                        "MONDAY",
                        "weeks",
                        "EVERY",
                        "starts",
                        "09:00",
                        "minutes",
                        40,
                        "spaceId",
                        school.hall()));
        List<String> before = bodies(pages);
        assertThat(before.get(3)).contains("\"className\":\"Terns\"");
        assertThat(leave().status()).isEqualTo(200);
        assertThat(leave().detail()).contains("“Terns” has left on");
        assertThat(school.as.get("/api/classes").json()).isEmpty();
        assertThat(school.as.get("/api/term").json().findValues("bead")).isEmpty();
        for (String page : pages)
            assertThat(school.as.get(page).status()).as(page).isEqualTo(200);
        assertThat(school.as.get("/api/classes/left").json().findValuesAsString("name"))
                .containsExactly("Terns");
        assertThat(back().status()).isEqualTo(200);
        assertThat(bodies(pages)).isEqualTo(before);
        assertThat(back().detail()).contains("nothing has to be brought back");
    }

    @Test
    void itsNameIsFreeForTheNextOne() {
        leave();
        school.schoolClass("Terns", 6, TestSchool.names(3));
        assertThat(back().status()).isEqualTo(400);
        assertThat(back().detail()).contains("Another class is called “Terns”", "Rename that one first");
    }

    @Test
    void aMistakeIsDeletedAfterAMonthWithAllItsNames() {
        UUID auks = school.schoolClass("Auks", 8, TestSchool.names(5));
        int children = count("child");
        leave();
        aMonthLater();
        assertThat(children - count("child")).isEqualTo(20);
        assertThat(count("school_class")).isEqualTo(1);
        assertThat(count("unit")).isZero();
        assertThat(back().status()).isEqualTo(404);
        assertThat(school.as.get("/api/classes/" + auks).json().get("children")).hasSize(5);
    }

    /** Where it came along to another class's lesson, that lesson and its register still speak of it. */
    @Test
    void aClassThatCameAlongIsKept() {
        UUID auks = school.schoolClass("Auks", 6, TestSchool.names(5));
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        school.as.post(
                "/api/lessons/" + lesson + "/changes", Map.of("kind", "DOORWAY", "withClass", auks, "anyway", false));
        assertThat(school.as.delete("/api/classes/" + auks).status()).isEqualTo(200);
        aMonthLater();
        assertThat(count("child")).isEqualTo(25);
        assertThat(school.as.get("/api/lessons/" + lesson + "/sheet").status()).isEqualTo(200);
    }

    @Test
    void aClassThatWasTaughtIsKept() {
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        school.as.put("/api/lessons/" + lesson + "/state", Map.of("state", "TAUGHT"));
        leave();
        aMonthLater();
        assertThat(count("child")).isEqualTo(20);
        assertThat(back().status()).isEqualTo(200);
        assertThat(school.as.get("/api/units/" + unit).status()).isEqualTo(200);
    }
}
