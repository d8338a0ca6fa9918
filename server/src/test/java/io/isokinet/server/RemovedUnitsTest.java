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

/** A unit that was made by mistake goes, and comes back as it was. */
@ExtendWith(RunningServer.class)
class RemovedUnitsTest {
    private final TestSchool school = TestSchool.make();
    private final UUID terns = school.schoolClass("Terns", 7, TestSchool.names(20));
    private final UUID unit = school.unit(terns, 2, 30);

    private final JdbcClient jdbc = RunningServer.bean(JdbcClient.class);

    private int beads() {
        return school.as.get("/api/term").json().findValues("bead").size();
    }

    private Caller.Answer remove() {
        return school.as.delete("/api/units/" + unit);
    }

    @Test
    void itIsGoneEverywhereAndComesBackWhole() {
        String before = school.as.get("/api/units/" + unit).body();
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        int beads = beads();
        assertThat(beads).isPositive();
        assertThat(remove().status()).isEqualTo(204);
        assertThat(beads()).isZero();
        assertThat(school.as.get("/api/units").json()).isEmpty();
        assertThat(school.as.get("/api/units/" + unit).status()).isEqualTo(404);
        assertThat(school.as.get("/api/lessons/" + lesson + "/sheet").status()).isEqualTo(404);
        assertThat(school.as.get("/api/removed-units").json().findValuesAsString("id"))
                .containsExactly(unit.toString());
        assertThat(school.as.post("/api/removed-units/" + unit + "/back", "{}").status())
                .isEqualTo(200);
        assertThat(school.as.get("/api/units/" + unit).body()).isEqualTo(before);
        assertThat(beads()).isEqualTo(beads);
        assertThat(school.as.get("/api/removed-units").json()).isEmpty();
        assertThat(school.as.post("/api/removed-units/" + unit + "/back", "{}").detail())
                .contains("nothing has to be brought back");
    }

    @Test
    void whatWasTaughtStays() {
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(1)
                .get("id")
                .asString();
        school.as.put("/api/lessons/" + lesson + "/state", Map.of("state", "TAUGHT"));
        assertThat(remove().detail()).contains("Lesson 2 of", "was taught", "the unit stays");
        assertThat(school.as.get("/api/units").json()).hasSize(1);
    }

    /** After thirty days it is deleted, with all that hung on it; what is there stays. */
    @Test
    void afterThirtyDaysItIsDeleted() {
        UUID other = school.unit(terns, 1, 30);
        remove();
        for (String table : List.of("unit", "lesson"))
            jdbc.sql(
                            "update " + table
                                    + " set removed_at = removed_at - interval '31 days' where school_id = ? and removed_at is not null")
                    .param(school.id)
                    .update();
        assertThat(school.as.get("/api/removed-units").json()).isEmpty();
        assertThat(school.as.post("/api/removed-units/" + unit + "/back", "{}").status())
                .isEqualTo(404);
        try (var scope = SchoolScope.enter(school.id)) {
            RunningServer.bean(Removals.class).forget();
        }
        assertThat(jdbc.sql("select count(*) from unit where school_id = ?")
                        .param(school.id)
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
        assertThat(school.as.get("/api/units/" + other).status()).isEqualTo(200);
    }
}
