package io.isokinet.server.record;

import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
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
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads what was recorded. Every statement names the school: the tenant filter does not reach hand-written SQL. */
@Service
public class Records {
    private static final String SEEN = """
            select t.id, t.child_id, t.cue_key, t.shown, t.kind, t.setting, t.sitting, t.side, t.fault, t.lesson_id, t.segment_id,
                   t.seen_at, p.name as observer, v.trial_id is not null as voided
            from trial t
            join person p on p.id = t.observer
            left join (select distinct trial_id from trial_void where school_id = :school) v on v.trial_id = t.id
            where t.school_id = :school and t.child_id\s""";
    private static final String ALL_TRIALS = SEEN + "= :child order by t.seen_at, t.device_seq";
    private static final String REGISTER =
            "select lesson_id, present, at from register_event where school_id = :school and child_id = :child order by at";
    private static final String HITS = """
            select h.*, exists (select 1 from event_void v where v.school_id = h.school_id and v.event_id = h.id) as voided
            from hit_set h where h.school_id = :school and\s""";
    private static final String HIT_RATES = """
            select child_id, skill_key, sum(hits) as hits,
                   sum(hits + missed_left + missed_right + missed_short + missed_long + missed) as tries
            from hit_set h
            where h.school_id = :school and h.child_id in (:children) and h.kind = 'TEACHER' and h.at >= :since
              and not exists (select 1 from event_void v where v.school_id = h.school_id and v.event_id = h.id)
            group by child_id, skill_key""";
    private static final String MISSED = """
            with first_taught as (
                select distinct on (cue_key) cue_key, lesson_id from cue_taught
                where school_id = :school and class_id = :class and lesson_id is not null order by cue_key, at)
            select f.cue_key, r.child_id from first_taught f
            cross join lateral (
                select distinct on (child_id) child_id, present from register_event
                where school_id = :school and lesson_id = f.lesson_id order by child_id, at desc, received_at desc) r
            where not r.present""";
    private static final String TWICE = """
            with looks as (
                select distinct on (cue_key, lesson_id, child_id, observer) cue_key, lesson_id, child_id, observer, shown from trial t
                where school_id = :school and child_id in (:children) and cue_key in (:cues) and kind = 'TEACHER' and lesson_id is not null
                  and not exists (select 1 from trial_void v where v.school_id = t.school_id and v.trial_id = t.id)
                order by cue_key, lesson_id, child_id, observer, seen_at)
            select a.cue_key, pa.name as first, pb.name as second,
                   count(*) filter (where a.shown and b.shown) as both_saw,
                   count(*) filter (where a.shown and not b.shown) as first_only,
                   count(*) filter (where not a.shown and b.shown) as second_only,
                   count(*) filter (where not a.shown and not b.shown) as neither
            from looks a
            join looks b on b.cue_key = a.cue_key and b.lesson_id = a.lesson_id and b.child_id = a.child_id and a.observer < b.observer
            join person pa on pa.id = a.observer join person pb on pb.id = b.observer
            group by a.cue_key, pa.name, pb.name order by count(*) desc""";
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
    private static final String CALLS = """
            select c.cue_key, c.owned, c.reason, c.at, p.name as by
            from mastery_call c join person p on p.id = c.by_person
            where c.school_id = :school and c.child_id = :child order by c.at""";
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
    private static final String ATTENTION = """
            select t.child_id, count(*) as looks, count(t.fault) as faults from trial t
            where t.school_id = :school and t.child_id in (:children) and t.kind = 'TEACHER' and t.seen_at >= :since
              and not exists (select 1 from trial_void v where v.school_id = t.school_id and v.trial_id = t.id)
            group by t.child_id""";
    private static final String LOOKS = """
            select t.lesson_id, count(*) as looks from trial t
            where t.school_id = :school and t.child_id in (:children) and t.lesson_id in (:lessons) and t.kind = 'TEACHER'
              and not exists (select 1 from trial_void v where v.school_id = t.school_id and v.trial_id = t.id)
            group by t.lesson_id""";
    private static final String EVENTS = """
            select e.id, e.lesson_id, e.segment_id, e.kind, e.body::text as body, e.at, p.name as by,
                   exists (select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id) as voided
            from lesson_event e join person p on p.id = e.by_person
            where e.school_id = :school and e.lesson_id in (:lessons) order by e.at, e.device_seq""";
    private static final String TRIALS = SEEN + """
            in (:children) and t.cue_key in (:cues) and t.seen_at < :before
            order by t.seen_at, t.device_seq""";
    private static final String FORMAL = SEEN + """
            in (:children) and t.formal and t.sitting is not null and v.trial_id is null
            order by t.seen_at, t.device_seq""";
    private static final String LATEST = """
            select child_id from (
                select distinct on (child_id) child_id, present, sits_out from register_event
                where school_id = :school and lesson_id = :lesson order by child_id, at desc) latest
            where\s""";

    private final JdbcClient jdbc;

    Records(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A trial as it was recorded. @param voided true if it was taken back; it stays in the history */
    public record Seen(
            UUID id,
            UUID child,
            String cue,
            boolean shown,
            Kind kind,
            Setting setting,
            @Nullable UUID sitting,
            @Nullable Side side,
            @Nullable String fault,
            @Nullable UUID lesson,
            @Nullable UUID segment,
            Instant seenAt,
            String observer,
            boolean voided) {}

    /** Trials of these children and cues before an instant, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Seen> trials(Collection<UUID> children, Collection<String> cues, Instant before) {
        if (children.isEmpty() || cues.isEmpty()) return List.of();
        return jdbc.sql(TRIALS)
                .param("school", SchoolScope.current())
                .param("children", children)
                .param("cues", cues)
                .param("before", java.sql.Timestamp.from(before))
                .query(Records::seen)
                .list();
    }

    /** Trials of tests of these children that were not taken back, oldest first; each has its sitting. */
    @Transactional(readOnly = true)
    public List<Seen> formal(Collection<UUID> children) {
        if (children.isEmpty()) return List.of();
        return jdbc.sql(FORMAL)
                .param("school", SchoolScope.current())
                .param("children", children)
                .query(Records::seen)
                .list();
    }

    /** Every trial of a child, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Seen> allTrials(UUID child) {
        return jdbc.sql(ALL_TRIALS)
                .param("school", SchoolScope.current())
                .param("child", child)
                .query(Records::seen)
                .list();
    }

    /** When a child was registered as there or away. */
    public record Attended(UUID lesson, boolean present, Instant at) {}

    @Transactional(readOnly = true)
    public List<Attended> register(UUID child) {
        return jdbc.sql(REGISTER)
                .param("school", SchoolScope.current())
                .param("child", child)
                .query((row, n) -> new Attended(
                        row.getObject("lesson_id", UUID.class), row.getBoolean("present"), instant(row, "at")))
                .list();
    }

    /** A set of tries as it was counted. @param home true if it was counted at home @param voided true if it was taken back */
    public record Hits(
            UUID id,
            UUID child,
            boolean home,
            @Nullable UUID lesson,
            @Nullable UUID segment,
            String skill,
            int hits,
            int missedLeft,
            int missedRight,
            int missedShort,
            int missedLong,
            int missed,
            @Nullable Integer distanceMm,
            @Nullable Integer widthMm,
            @Nullable Side side,
            @Nullable String item,
            Instant at,
            boolean voided) {
        public int tries() {
            return hits + missedLeft + missedRight + missedShort + missedLong + missed;
        }
    }

    /** Every set of tries of a child, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Hits> hits(UUID child) {
        return hits("h.child_id = :of", child);
    }

    /** Every set of tries in a lesson, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Hits> hitsIn(UUID lesson) {
        return hits("h.lesson_id = :of", lesson);
    }

    /** Every set of tries of these children, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Hits> hitsOf(Collection<UUID> children) {
        return children.isEmpty() ? List.of() : hits("h.child_id in (:of)", children);
    }

    private List<Hits> hits(String which, Object of) {
        return jdbc.sql(HITS + which + " order by h.at, h.device_seq")
                .param("school", SchoolScope.current())
                .param("of", of)
                .query((row, n) -> new Hits(
                        row.getObject("id", UUID.class),
                        row.getObject("child_id", UUID.class),
                        row.getString("kind").equals("HOME"),
                        row.getObject("lesson_id", UUID.class),
                        row.getObject("segment_id", UUID.class),
                        row.getString("skill_key"),
                        row.getInt("hits"),
                        row.getInt("missed_left"),
                        row.getInt("missed_right"),
                        row.getInt("missed_short"),
                        row.getInt("missed_long"),
                        row.getInt("missed"),
                        row.getObject("distance_mm", Integer.class),
                        row.getObject("width_mm", Integer.class),
                        row.getString("side") == null ? null : Side.valueOf(row.getString("side")),
                        row.getString("item_key"),
                        instant(row, "at"),
                        row.getBoolean("voided")))
                .list();
    }

    /** Something that happened in a lesson. @param body as JSON @param voided true if it was taken back */
    public record LessonEvent(
            UUID id,
            @Nullable UUID segment,
            Batch.EventKind kind,
            String body,
            Instant at,
            String by,
            boolean voided) {}

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
                            .add(new LessonEvent(
                                    row.getObject("id", UUID.class),
                                    row.getObject("segment_id", UUID.class),
                                    Batch.EventKind.valueOf(row.getString("kind")),
                                    row.getString("body"),
                                    instant(row, "at"),
                                    row.getString("by"),
                                    row.getBoolean("voided"))))
                    .list();
        return events;
    }

    /**
     * Something counted by number that a child was part of.
     *
     * @param what together, throw, streak or down @param count millimetres for a throw @param side own or other
     * @param voided true if it was taken back
     */
    public record Count(
            UUID lesson, String what, int count, @Nullable String side, Instant at, boolean voided) {}

    /** A note about a child. @param voided true if it was taken back */
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

    /** What a teacher said of a child and a cue beside the count. @param owned null where a call was taken back */
    public record Called(String cue, @Nullable Boolean owned, String reason, String by, Instant at) {}

    /** Every call about a child, oldest first. */
    @Transactional(readOnly = true)
    public List<Called> calls(UUID child) {
        return jdbc.sql(CALLS)
                .param("school", SchoolScope.current())
                .param("child", child)
                .query((row, n) -> new Called(
                        row.getString("cue_key"),
                        row.getObject("owned", Boolean.class),
                        row.getString("reason"),
                        row.getString("by"),
                        instant(row, "at")))
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
    public record Showed(UUID child, String cue, Instant at) {}

    /** When these children showed something to the others, oldest first. */
    @Transactional(readOnly = true)
    public List<Showed> showed(Collection<UUID> children) {
        if (children.isEmpty()) return List.of();
        return jdbc.sql(SHOWED)
                .param("school", SchoolScope.current())
                .param("children", children.stream().map(UUID::toString).toList())
                .query((row, n) ->
                        new Showed(UUID.fromString(row.getString("child")), row.getString("cue"), instant(row, "at")))
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

    /** @param faults looks at which a fault was named */
    public record Looked(int looks, int faults) {}

    /** How often a teacher looked at each of these children since then; those never looked at are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Looked> looked(Collection<UUID> children, Instant since) {
        Map<UUID, Looked> looked = new LinkedHashMap<>();
        if (!children.isEmpty())
            jdbc.sql(ATTENTION)
                    .param("school", SchoolScope.current())
                    .param("children", children)
                    .param("since", java.sql.Timestamp.from(since))
                    .query((row, n) -> looked.put(
                            row.getObject("child_id", UUID.class),
                            new Looked(row.getInt("looks"), row.getInt("faults"))))
                    .list();
        return looked;
    }

    /** How many looks a teacher made at these children in these lessons, by lesson; what was taken back is left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Integer> looks(Collection<UUID> children, Collection<UUID> lessons) {
        Map<UUID, Integer> looks = new HashMap<>();
        if (!children.isEmpty() && !lessons.isEmpty())
            jdbc.sql(LOOKS)
                    .param("school", SchoolScope.current())
                    .param("children", children)
                    .param("lessons", lessons)
                    .query((row, n) -> looks.put(row.getObject("lesson_id", UUID.class), row.getInt("looks")))
                    .list();
        return looks;
    }

    /** Hits of {@code tries}. */
    public record HitRate(int hits, int tries) {
        public static final HitRate NONE = new HitRate(0, 0);

        public HitRate plus(HitRate other) {
            return new HitRate(hits + other.hits, tries + other.tries);
        }
    }

    /** Hits and tries of these children since then, by skill and child; what was taken back is left out. */
    @Transactional(readOnly = true)
    public Map<String, Map<UUID, HitRate>> hitRates(Collection<UUID> children, Instant since) {
        Map<String, Map<UUID, HitRate>> rates = new LinkedHashMap<>();
        if (!children.isEmpty())
            jdbc.sql(HIT_RATES)
                    .param("school", SchoolScope.current())
                    .param("children", children)
                    .param("since", java.sql.Timestamp.from(since))
                    .query((row, n) -> rates.computeIfAbsent(row.getString("skill_key"), k -> new HashMap<>())
                            .put(
                                    row.getObject("child_id", UUID.class),
                                    new HitRate(row.getInt("hits"), row.getInt("tries"))))
                    .list();
        return rates;
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

    /** How often two people who looked at the same child for the same cue in the same lesson said the same. */
    public record Twice(
            String cue, String first, String second, int both, int firstOnly, int secondOnly, int neither) {}

    /** By cue and pair of observers; of several looks of one of them in a lesson the first counts. */
    @Transactional(readOnly = true)
    public List<Twice> watchedTwice(Collection<UUID> children, Collection<String> cues) {
        if (children.isEmpty() || cues.isEmpty()) return List.of();
        return jdbc.sql(TWICE)
                .param("school", SchoolScope.current())
                .param("children", children)
                .param("cues", cues)
                .query((row, n) -> new Twice(
                        row.getString("cue_key"),
                        row.getString("first"),
                        row.getString("second"),
                        row.getInt("both_saw"),
                        row.getInt("first_only"),
                        row.getInt("second_only"),
                        row.getInt("neither")))
                .list();
    }

    /** Children last registered as away from a lesson. */
    @Transactional(readOnly = true)
    public Set<UUID> away(UUID lesson) {
        return latest(lesson, "not present");
    }

    /** Children last registered as there, but not taking part. */
    @Transactional(readOnly = true)
    public Set<UUID> sitsOut(UUID lesson) {
        return latest(lesson, "sits_out");
    }

    private Set<UUID> latest(UUID lesson, String condition) {
        return new HashSet<>(jdbc.sql(LATEST + condition)
                .param("school", SchoolScope.current())
                .param("lesson", lesson)
                .query(UUID.class)
                .list());
    }

    private static Seen seen(ResultSet row, int number) throws SQLException {
        String side = row.getString("side");
        return new Seen(
                row.getObject("id", UUID.class),
                row.getObject("child_id", UUID.class),
                row.getString("cue_key"),
                row.getBoolean("shown"),
                Kind.valueOf(row.getString("kind")),
                Setting.valueOf(row.getString("setting")),
                row.getObject("sitting", UUID.class),
                side == null ? null : Side.valueOf(side),
                row.getString("fault"),
                row.getObject("lesson_id", UUID.class),
                row.getObject("segment_id", UUID.class),
                instant(row, "seen_at"),
                row.getString("observer"),
                row.getBoolean("voided"));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }
}
