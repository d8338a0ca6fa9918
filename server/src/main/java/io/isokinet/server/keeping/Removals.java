package io.isokinet.server.keeping;

import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Deletes what was removed and can no longer be brought back: units with all that hangs on their lessons, classes that left and in
 * which nothing was ever taught or recorded, with the names typed into them; cover codes that ended long ago, and rounds of the eye of who left the
 * school.
 */
@Service
public class Removals {
    /** For so long what was removed by mistake can be brought back. */
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
            "delete from unit where school_id = :school and removed_at < :before",
            """
            delete from eye_round r using membership m where r.school_id = :school and m.school_id = r.school_id
                and m.person_id = r.person_id and m.ended_at < :before""",
            """
            delete from eye_leave l using membership m where l.school_id = :school and m.school_id = l.school_id
                and m.person_id = l.person_id and m.ended_at < :before""");

    /** Classes that left before a day and that nothing rests on. */
    private static final String MISTAKEN = """
            select c.id from school_class c where c.school_id = :school and c.left_on < :day
                and not exists (select 1 from unit u join lesson l on l.school_id = u.school_id and l.unit_id = u.id
                    where u.school_id = c.school_id and u.class_id = c.id and (l.state = 'TAUGHT'
                        or exists (select 1 from lesson_event e where e.school_id = l.school_id and e.lesson_id = l.id)
                        or exists (select 1 from register_event r where r.school_id = l.school_id and r.lesson_id = l.id)))
                and not exists (select 1 from lesson l where l.school_id = c.school_id and l.with_class = c.id)
                and not exists (select 1 from cue_taught t where t.school_id = c.school_id and t.class_id = c.id)
                and not exists (select 1 from enrolment n where n.school_id = c.school_id and n.class_id = c.id and (
                    exists (select 1 from trial t where t.school_id = n.school_id and t.child_id = n.child_id)
                    or exists (select 1 from register_event r where r.school_id = n.school_id and r.child_id = n.child_id)
                    or exists (select 1 from hit_set h where h.school_id = n.school_id and h.child_id = n.child_id)
                    or exists (select 1 from mastery_call m where m.school_id = n.school_id and m.child_id = n.child_id)))""";

    /** Children that are and were in no class. */
    private static final String NOWHERE = """
            \sin (select h.id from child h where h.school_id = :school
                and not exists (select 1 from enrolment n where n.school_id = h.school_id and n.child_id = h.id))""";

    /** Its units are as if they had been removed long ago; what hangs on the class itself goes after them. */
    private static final List<String> AGE_UNITS =
            List.of("""
            update lesson l set removed_at = :long_ago from unit u where l.school_id = :school and u.school_id = l.school_id
                and u.id = l.unit_id and u.class_id = :class""", "update unit set removed_at = :long_ago where school_id = :school and class_id = :class");

    private static final List<String> FORGET_CLASS = List.of(
            "delete from timetable_slot where school_id = :school and class_id = :class",
            "delete from year_skills where school_id = :school and class_id = :class",
            "delete from group_set where school_id = :school and class_id = :class",
            "delete from class_person where school_id = :school and class_id = :class",
            "delete from enrolment where school_id = :school and class_id = :class",
            "delete from school_class where school_id = :school and id = :class");

    private static final List<String> FORGET_CHILDREN = List.of(
            "delete from child_side where school_id = :school and child_id" + NOWHERE,
            "delete from child_cue where school_id = :school and child_id" + NOWHERE,
            "delete from child_pair where school_id = :school and (child_a" + NOWHERE + " or child_b" + NOWHERE + ")",
            "delete from child where school_id = :school and id" + NOWHERE);

    private final JdbcClient jdbc;
    private final Clock clock;

    Removals(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** In the school that is in scope. */
    @Transactional
    public void forget() {
        Instant before = clock.instant().minus(Duration.ofDays(DAYS));
        List<UUID> mistaken = jdbc.sql(MISTAKEN)
                .param("school", SchoolScope.current())
                .param("day", LocalDate.ofInstant(before, ZoneOffset.UTC))
                .query(UUID.class)
                .list();
        Timestamp longAgo = Timestamp.from(before.minusSeconds(1));
        for (UUID schoolClass : mistaken)
            for (String statement : AGE_UNITS)
                jdbc.sql(statement)
                        .param("school", SchoolScope.current())
                        .param("long_ago", longAgo)
                        .param("class", schoolClass)
                        .update();
        for (String statement : FORGET)
            jdbc.sql(statement)
                    .param("school", SchoolScope.current())
                    .param("before", Timestamp.from(before))
                    .update();
        for (UUID schoolClass : mistaken)
            for (String statement : FORGET_CLASS)
                jdbc.sql(statement)
                        .param("school", SchoolScope.current())
                        .param("class", schoolClass)
                        .update();
        if (!mistaken.isEmpty())
            for (String statement : FORGET_CHILDREN)
                jdbc.sql(statement).param("school", SchoolScope.current()).update();
    }
}
