package io.isokinet.server.keeping;

import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Deletes removed units that can no longer be brought back, with all that hangs on their lessons, and cover codes that ended long ago. */
@Service
public class Removals {
    /** For so long a removed unit can be brought back. */
    public static final int DAYS = 30;

    private static final String OLD =
            " in (select l.id from lesson l where l.school_id = :school and l.removed_at < :before)";
    private static final List<String> FORGET = List.of(
            "delete from cover_code where school_id = :school and ends_at < :before",
            "delete from cover_code where school_id = :school and lesson_id" + OLD,
            "delete from lesson_change where school_id = :school and lesson_id" + OLD,
            "delete from segment_setting where school_id = :school and lesson_id" + OLD,
            "delete from register_event where school_id = :school and lesson_id" + OLD,
            "delete from evening_answer where school_id = :school and lesson_id" + OLD,
            "delete from first_look where school_id = :school and lesson_id" + OLD,
            "delete from lesson where school_id = :school and removed_at < :before",
            "update unit set head_revision = null where school_id = :school and removed_at < :before",
            """
            delete from unit_revision r using unit u
            where r.school_id = :school and u.school_id = r.school_id and u.id = r.unit_id and u.removed_at < :before""",
            "delete from unit where school_id = :school and removed_at < :before");

    private final JdbcClient jdbc;
    private final Clock clock;

    Removals(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** In the school that is in scope. */
    @Transactional
    public void forget() {
        Timestamp before = Timestamp.from(clock.instant().minus(Duration.ofDays(DAYS)));
        for (String statement : FORGET)
            jdbc.sql(statement)
                    .param("school", SchoolScope.current())
                    .param("before", before)
                    .update();
    }
}
