package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Two schools on one database see nothing of each other. */
@ExtendWith(RunningServer.class)
class TenancyTest {
    private final TestSchool ours = TestSchool.make();
    private final TestSchool theirs = TestSchool.make();

    @Test
    void anotherSchoolsThingsAreNotThere() {
        UUID schoolClass = theirs.schoolClass("Terns", 7, TestSchool.names(20));
        UUID unit = theirs.unit(schoolClass, 2, 30);
        String lesson = theirs.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        UUID child = theirs.children(schoolClass).values().iterator().next();
        assertThat(ours.as.get("/api/classes").json()).isEmpty();
        assertThat(ours.as.get("/api/units").json()).isEmpty();
        assertThat(ours.as.get("/api/spaces").json()).isEmpty();
        assertThat(ours.as.get("/api/term").json().get("classes")).isEmpty();
        for (String path : List.of(
                "/api/classes/" + schoolClass,
                "/api/classes/" + schoolClass + "/grid?set=underarm-roll/short",
                "/api/units/" + unit,
                "/api/lessons/" + lesson + "/sheet",
                "/api/hall/" + lesson))
            assertThat(ours.as.get(path).status()).as(path).isEqualTo(404);
        assertThat(ours.as
                        .get("/api/children/" + child + "/trials?cue=underarm-roll/step")
                        .status())
                .isEqualTo(404);
        assertThat(ours.as
                        .post("/api/units/" + unit + "/replan", "{}", "If-Match", "\"x\"")
                        .status())
                .isEqualTo(404);
        assertThat(ours.as
                        .put("/api/lessons/" + lesson + "/state", Map.of("state", "LOST"))
                        .status())
                .isEqualTo(404);
        assertThat(ours.as
                        .delete("/api/classes/" + schoolClass + "/children/" + child)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void anotherSchoolsChildCannotBeRecorded() {
        UUID child = theirs.children(theirs.schoolClass("Terns", 7, "Ada Moss")).get("Ada");
        var receipt = ours.record(List.of(ours.trial(child, "underarm-roll/step", true)));
        assertThat(receipt.get("kept")).isEmpty();
        assertThat(receipt.get("refused").get(0).get("why").asString())
                .isEqualTo("There is no such child in this school, or not in the classes given to you.");
    }

    @Test
    void theDatabaseRefusesAReferenceIntoAnotherSchool() {
        UUID child = theirs.children(theirs.schoolClass("Terns", 7, "Ada Moss")).get("Ada");
        JdbcClient jdbc = RunningServer.bean(JdbcClient.class);
        assertThatThrownBy(() -> jdbc.sql(
                                "insert into child_side (id, school_id, child_id, action, side) values (?, ?, ?, 'THROW', 'LEFT')")
                        .params(UUID.randomUUID(), ours.id, child)
                        .update())
                .isInstanceOf(DataIntegrityViolationException.class)
                .hasMessageContaining("child_side");
    }

    /** As in the night: where it fails for one school, the next has its turn. */
    @Test
    void eachSchoolHasItsTurn() {
        UUID one = TestSchool.make().id;
        UUID other = TestSchool.make().id;
        List<UUID> had = new ArrayList<>();
        RunningServer.bean(Schools.class).inEach("a test", () -> {
            had.add(SchoolScope.current());
            throw new IllegalStateException("of every school");
        });
        assertThat(had).contains(one, other);
        assertThat(SchoolScope.entered()).isEmpty();
    }

    /** Every table with a school has it in a unique key with the id, so that a composite reference is possible. */
    @Test
    void everySchoolOwnedTableHasTheSchoolInItsKeys() {
        List<String> without = RunningServer.bean(JdbcClient.class)
                .sql("""
                        select c.table_name from information_schema.columns c
                        where c.column_name = 'school_id' and c.table_schema = 'public'
                          and c.table_name not in ('pack_version', 'trial_conflict', 'retention_rule')
                          and not exists (
                            select 1 from pg_constraint k join pg_class t on t.oid = k.conrelid
                            where t.relname = c.table_name and k.contype = 'u'
                              and pg_get_constraintdef(k.oid) = 'UNIQUE (school_id, id)')""")
                .query(String.class)
                .list();
        assertThat(without).isEmpty();
    }
}
