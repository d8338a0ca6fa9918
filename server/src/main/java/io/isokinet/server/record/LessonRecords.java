package io.isokinet.server.record;

import io.isokinet.server.tenancy.SchoolScope;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What happened in lessons: who was there, what ran when, what was counted, said and noted. */
@Service
public class LessonRecords {
    private static final String REGISTER =
            "select lesson_id, present, at from register_event where school_id = :school and child_id = :child order by at";
    private static final String MISSED = """
            with first_taught as (
                select distinct on (cue_key) cue_key, lesson_id from cue_taught
                where school_id = :school and class_id = :class and lesson_id is not null order by cue_key, at)
            select f.cue_key, r.child_id from first_taught f
            cross join lateral (
                select distinct on (child_id) child_id, present from register_event
                where school_id = :school and lesson_id = f.lesson_id order by child_id, at desc, received_at desc) r
            where not r.present""";
    private static final String COUNTS = """
            select e.lesson_id, e.body ->> 'what' as what, (e.body ->> 'count')::numeric::int as count, e.body ->> 'side' as side, e.at,
                   exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id) as voided
            from lesson_event e
            where e.school_id = :school and e.kind = 'COUNT' and jsonb_exists(e.body -> 'children', :child) order by e.at""";
    private static final String NOTES = """
            select e.lesson_id, e.body ->> 'text' as text, e.at,
                   exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id) as voided
            from lesson_event e
            where e.school_id = :school and e.kind = 'NOTE' and e.body ->> 'child' = :child order by e.at""";
    private static final String TAUGHT_BY = """
            select lesson_id from lesson_event
            where school_id = :school and by_person = :person and kind = 'CLOCK'
            group by lesson_id order by max(at) desc limit :most""";
    private static final String SHOWED = """
            select e.body ->> 'child' as child, e.body ->> 'cue' as cue, e.at from lesson_event e
            where e.school_id = :school and e.kind = 'SHOWED' and e.body ->> 'child' in (:children)
              and not exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id)
            order by e.at""";
    private static final String NOTED = """
            select e.body ->> 'child' as child from lesson_event e
            where e.school_id = :school and e.kind = 'NOTE' and e.body ->> 'child' in (:children) and e.at >= :since
              and not exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id)""";
    private static final String EVENTS = """
            select e.id, e.lesson_id, e.segment_id, e.kind, e.body::text as body, e.device_seq, e.at, p.name as by,
                   exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id) as voided
            from lesson_event e join person p on p.id = e.by_person
            where e.school_id = :school and e.lesson_id in (:lessons) order by e.at, e.device_seq""";
    private static final String STEPS = """
            select e.segment_id, e.at, (e.body ->> 'step')::numeric::int as step from lesson_event e
            where e.school_id = :school and e.lesson_id = any(:lessons) and e.kind = 'CLOCK' and e.segment_id is not null
              and e.body ->> 'does' = 'setting' and e.body ->> 'step' is not null
              and not exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id)
            order by e.at, e.device_seq""";
    private static final String LATEST = """
            select distinct on (lesson_id, child_id) lesson_id, child_id, present, sits_out from register_event
            where school_id = :school and lesson_id = any(:lessons) order by lesson_id, child_id, at desc""";

    private static final String AWAY = """
            select child_id, at from (
                select distinct on (lesson_id, child_id) child_id, at, present from register_event
                where school_id = :school and child_id = any(:children) order by lesson_id, child_id, at desc) latest
            where not present""";

    private final JdbcClient jdbc;
    private final JsonMapper json;

    LessonRecords(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** When a child was registered as there or away. */
    public record Attendance(UUID lesson, boolean present, Instant at) {}

    @Transactional(readOnly = true)
    public List<Attendance> register(UUID child) {
        return jdbc.sql(REGISTER)
                .param("school", SchoolScope.current())
                .param("child", child)
                .query((row, n) -> new Attendance(
                        row.getObject("lesson_id", UUID.class), row.getBoolean("present"), instant(row, "at")))
                .list();
    }

    /**
     * Something that happened in a lesson.
     *
     * @param what it was, as it was sent, at the time that was believed
     * @param by who recorded it
     * @param voided true if it was taken back
     */
    public record LessonEvent(EventEntry what, String by, boolean voided) {}

    /** What happened in a lesson beside trials, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<LessonEvent> events(UUID lesson) {
        return events(List.of(lesson)).getOrDefault(lesson, List.of());
    }

    /** The same of several lessons, by lesson; those in which nothing happened are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, List<LessonEvent>> events(Collection<UUID> lessons) {
        Map<UUID, List<LessonEvent>> events = new LinkedHashMap<>();
        if (!lessons.isEmpty())
            jdbc.sql(EVENTS)
                    .param("school", SchoolScope.current())
                    .param("lessons", lessons)
                    .query((row, n) -> events.computeIfAbsent(
                                    row.getObject("lesson_id", UUID.class), l -> new ArrayList<>())
                            .add(new LessonEvent(entry(row), row.getString("by"), row.getBoolean("voided"))))
                    .list();
        return events;
    }

    private EventEntry entry(ResultSet row) throws SQLException {
        ObjectNode entry = json.createObjectNode()
                .put("kind", row.getString("kind"))
                .put("id", row.getString("id"))
                .put("lesson", row.getString("lesson_id"))
                .put("segment", row.getString("segment_id"))
                .put("seq", row.getLong("device_seq"))
                .put("at", instant(row, "at").toString());
        entry.set("body", json.readTree(row.getString("body")));
        return json.treeToValue(entry, EventEntry.class);
    }

    /**
     * Something counted by number that a child was part of.
     *
     * @param what together, throw, streak or down
     * @param count millimetres for a throw
     * @param side own or other
     * @param voided true if it was taken back
     */
    public record Count(
            UUID lesson, String what, int count, @Nullable String side, Instant at, boolean voided) {}

    /**
     * A note about a child.
     *
     * @param voided true if it was taken back
     */
    public record Note(UUID lesson, String text, Instant at, boolean voided) {}

    /** Every note about a child, oldest first. */
    @Transactional(readOnly = true)
    public List<Note> notes(UUID child) {
        return jdbc.sql(NOTES)
                .param("school", SchoolScope.current())
                .param("child", child.toString())
                .query((row, n) -> new Note(
                        row.getObject("lesson_id", UUID.class),
                        row.getString("text"),
                        instant(row, "at"),
                        row.getBoolean("voided")))
                .list();
    }

    /** Every count by number that a child was part of, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Count> counts(UUID child) {
        return jdbc.sql(COUNTS)
                .param("school", SchoolScope.current())
                .param("child", child.toString())
                .query((row, n) -> new Count(
                        row.getObject("lesson_id", UUID.class),
                        row.getString("what"),
                        row.getInt("count"),
                        row.getString("side"),
                        instant(row, "at"),
                        row.getBoolean("voided")))
                .list();
    }

    /** Lessons whose clock a person ran, the latest first. */
    @Transactional(readOnly = true)
    public List<UUID> taughtBy(UUID person, int most) {
        return jdbc.sql(TAUGHT_BY)
                .param("school", SchoolScope.current())
                .param("person", person)
                .param("most", most)
                .query(UUID.class)
                .list();
    }

    /** A child showed a cue to the others. */
    public record Demonstration(UUID child, String cue, Instant at) {}

    /** When these children showed something to the others, oldest first. */
    @Transactional(readOnly = true)
    public List<Demonstration> showed(Collection<UUID> children) {
        if (children.isEmpty()) return List.of();
        return jdbc.sql(SHOWED)
                .param("school", SchoolScope.current())
                .param("children", children.stream().map(UUID::toString).toList())
                .query((row, n) -> new Demonstration(
                        UUID.fromString(row.getString("child")), row.getString("cue"), instant(row, "at")))
                .list();
    }

    /** Whom a note since then is about, once for each note. */
    @Transactional(readOnly = true)
    public List<UUID> notedSince(Collection<UUID> children, Instant since) {
        if (children.isEmpty()) return List.of();
        return jdbc.sql(NOTED)
                .param("school", SchoolScope.current())
                .param("children", children.stream().map(UUID::toString).toList())
                .param("since", java.sql.Timestamp.from(since))
                .query((row, n) -> UUID.fromString(row.getString("child")))
                .list();
    }

    /** Children who were registered as away from the lesson in which a cue was first taught, by cue. */
    @Transactional(readOnly = true)
    public Map<String, Set<UUID>> missed(UUID schoolClass) {
        Map<String, Set<UUID>> missed = new LinkedHashMap<>();
        jdbc.sql(MISSED)
                .param("school", SchoolScope.current())
                .param("class", schoolClass)
                .query((row, n) -> missed.computeIfAbsent(row.getString("cue_key"), c -> new HashSet<>())
                        .add(row.getObject("child_id", UUID.class)))
                .list();
        return missed;
    }

    /** The steps that were set in the stretches of these lessons while they ran, by stretch, each from when on. */
    @Transactional(readOnly = true)
    public Map<UUID, NavigableMap<Instant, Integer>> steps(Collection<UUID> lessons) {
        Map<UUID, NavigableMap<Instant, Integer>> steps = new HashMap<>();
        if (!lessons.isEmpty())
            jdbc.sql(STEPS)
                    .param("school", SchoolScope.current())
                    .param("lessons", lessons.toArray(UUID[]::new))
                    .query(row -> {
                        steps.computeIfAbsent(row.getObject("segment_id", UUID.class), s -> new TreeMap<>())
                                .put(instant(row, "at"), row.getInt("step"));
                    });
        return steps;
    }

    /** When each of these children was last registered as away from a lesson, by child, lesson after lesson. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Instant>> away(Collection<UUID> children) {
        Map<UUID, List<Instant>> away = new HashMap<>();
        if (!children.isEmpty())
            jdbc.sql(AWAY)
                    .param("school", SchoolScope.current())
                    .param("children", children.toArray(UUID[]::new))
                    .query((row, n) -> away.computeIfAbsent(
                                    row.getObject("child_id", UUID.class), c -> new ArrayList<>())
                            .add(instant(row, "at")))
                    .list();
        return away;
    }

    /** Who was last registered as not there or not taking part. */
    public record Absences(Set<UUID> away, Set<UUID> sitsOut) {
        static final Absences NONE = new Absences(Set.of(), Set.of());
    }

    /** By lesson; in one statement. */
    @Transactional(readOnly = true)
    public Map<UUID, Absences> absences(Collection<UUID> lessons) {
        Map<UUID, Absences> byLesson = new HashMap<>();
        lessons.forEach(l -> byLesson.put(l, new Absences(new HashSet<>(), new HashSet<>())));
        jdbc.sql(LATEST)
                .param("school", SchoolScope.current())
                .param("lessons", lessons.toArray(UUID[]::new))
                .query(row -> {
                    Absences of = byLesson.get(row.getObject("lesson_id", UUID.class));
                    UUID child = row.getObject("child_id", UUID.class);
                    if (!row.getBoolean("present")) of.away().add(child);
                    if (row.getBoolean("sits_out")) of.sitsOut().add(child);
                });
        return byLesson;
    }

    @Transactional(readOnly = true)
    public Absences absences(UUID lesson) {
        return absences(List.of(lesson)).getOrDefault(lesson, Absences.NONE);
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }
}
