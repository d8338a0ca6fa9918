package io.isokinet.server.record;

import io.isokinet.server.school.ChildErased;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Drops what was seen of an erased child where the school's rule says so, in the same transaction. */
@Component
class ErasedChildren {
    /** What somebody wrote about a child may name it: it goes whatever the rule says. */
    private static final List<String> NOTES = List.of(
            "delete from mastery_call where school_id = :school and child_id = :child",
            "delete from event_void where school_id = :school and event_id in (select id from lesson_event where school_id = :school and body ->> 'child' = cast(:child as text))",
            "delete from lesson_event where school_id = :school and body ->> 'child' = cast(:child as text)");

    private static final List<String> DROP = List.of(
            "delete from trial_void where school_id = :school and trial_id in (select id from trial where school_id = :school and child_id = :child)",
            "delete from trial_conflict where school_id = :school and trial_id in (select id from trial where school_id = :school and child_id = :child)",
            "delete from trial where school_id = :school and child_id = :child",
            "delete from event_void where school_id = :school and event_id in (select id from hit_set where school_id = :school and child_id = :child)",
            "delete from hit_set where school_id = :school and child_id = :child",
            "delete from register_event where school_id = :school and child_id = :child");

    private final JdbcClient jdbc;

    ErasedChildren(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @EventListener
    void erased(ChildErased event) {
        drop(NOTES, event);
        if (event.dropTrials()) drop(DROP, event);
    }

    private void drop(List<String> statements, ChildErased event) {
        for (String statement : statements)
            jdbc.sql(statement)
                    .param("school", SchoolScope.current())
                    .param("child", event.child())
                    .update();
    }
}
