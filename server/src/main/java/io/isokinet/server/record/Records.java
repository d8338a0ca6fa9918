package io.isokinet.server.record;

import io.isokinet.core.mastery.PressTime;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
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
                   t.seen_at, t.doubt, p.name as observer, v.trial_id is not null as voided
            from trial t
            join person p on p.id = t.observer
            left join (select distinct trial_id from trial_void where school_id = :school) v on v.trial_id = t.id
            where t.school_id = :school and t.child_id\s""";
    private static final String ALL_TRIALS = SEEN + "= :child order by t.seen_at, t.device_seq";
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
    private static final String CALLS = """
            select c.cue_key, c.owned, c.reason, c.at, p.name as by
            from mastery_call c join person p on p.id = c.by_person
            where c.school_id = :school and c.child_id = :child order by c.at""";
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
    private static final String TRIALS = SEEN + """
            in (:children) and t.cue_key in (:cues) and t.seen_at < :before
            order by t.seen_at, t.device_seq""";
    private static final String FORMAL = SEEN + """
            in (:children) and t.formal and t.sitting is not null and v.trial_id is null
            order by t.seen_at, t.device_seq""";

    private static final String LOOKED_AT = """
            select distinct cue_key from trial
            where school_id = :school and child_id in (:children) and kind = 'TEACHER'""";

    private final JdbcClient jdbc;

    Records(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A trial as it was recorded.
     *
     * @param voided true if it was taken back; it stays in the history
     * @param doubt why it is filed under its lesson and not when its device says; null where it is
     */
    public record Observation(
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
            boolean voided,
            PressTime.@Nullable Doubt doubt) {}

    /** Trials of these children and cues before an instant, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Observation> trials(Collection<UUID> children, Collection<String> cues, Instant before) {
        if (children.isEmpty() || cues.isEmpty()) return List.of();
        return jdbc.sql(TRIALS)
                .param("school", SchoolScope.current())
                .param("children", children)
                .param("cues", cues)
                .param("before", java.sql.Timestamp.from(before))
                .query(Records::seen)
                .list();
    }

    /** Cues at which a teacher looked at any of these children. */
    @Transactional(readOnly = true)
    public Set<String> cuesLookedAt(Collection<UUID> children) {
        if (children.isEmpty()) return Set.of();
        return Set.copyOf(jdbc.sql(LOOKED_AT)
                .param("school", SchoolScope.current())
                .param("children", children)
                .query(String.class)
                .list());
    }

    /** Trials of tests of these children that were not taken back, oldest first; each has its sitting. */
    @Transactional(readOnly = true)
    public List<Observation> formal(Collection<UUID> children) {
        if (children.isEmpty()) return List.of();
        return jdbc.sql(FORMAL)
                .param("school", SchoolScope.current())
                .param("children", children)
                .query(Records::seen)
                .list();
    }

    /** Every trial of a child, oldest first, voided ones included. */
    @Transactional(readOnly = true)
    public List<Observation> allTrials(UUID child) {
        return jdbc.sql(ALL_TRIALS)
                .param("school", SchoolScope.current())
                .param("child", child)
                .query(Records::seen)
                .list();
    }

    /**
     * What a teacher said of a child and a cue beside the count.
     *
     * @param owned null where a call was taken back
     */
    public record TeacherCall(String cue, @Nullable Boolean owned, String reason, String by, Instant at) {}

    /** Every call about a child, oldest first. */
    @Transactional(readOnly = true)
    public List<TeacherCall> calls(UUID child) {
        return jdbc.sql(CALLS)
                .param("school", SchoolScope.current())
                .param("child", child)
                .query((row, n) -> new TeacherCall(
                        row.getString("cue_key"),
                        row.getObject("owned", Boolean.class),
                        row.getString("reason"),
                        row.getString("by"),
                        instant(row, "at")))
                .list();
    }

    /** @param faults looks at which a fault was named */
    public record LookCount(int looks, int faults) {}

    /** How often a teacher looked at each of these children since then; those never looked at are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, LookCount> looked(Collection<UUID> children, Instant since) {
        Map<UUID, LookCount> looked = new LinkedHashMap<>();
        if (!children.isEmpty())
            jdbc.sql(ATTENTION)
                    .param("school", SchoolScope.current())
                    .param("children", children)
                    .param("since", java.sql.Timestamp.from(since))
                    .query((row, n) -> looked.put(
                            row.getObject("child_id", UUID.class),
                            new LookCount(row.getInt("looks"), row.getInt("faults"))))
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

    /** How often two people who looked at the same child for the same cue in the same lesson said the same. */
    public record ObserverPair(
            String cue, String first, String second, int both, int firstOnly, int secondOnly, int neither) {}

    /** By cue and pair of observers; of several looks of one of them in a lesson the first counts. */
    @Transactional(readOnly = true)
    public List<ObserverPair> watchedTwice(Collection<UUID> children, Collection<String> cues) {
        if (children.isEmpty() || cues.isEmpty()) return List.of();
        return jdbc.sql(TWICE)
                .param("school", SchoolScope.current())
                .param("children", children)
                .param("cues", cues)
                .query((row, n) -> new ObserverPair(
                        row.getString("cue_key"),
                        row.getString("first"),
                        row.getString("second"),
                        row.getInt("both_saw"),
                        row.getInt("first_only"),
                        row.getInt("second_only"),
                        row.getInt("neither")))
                .list();
    }

    private static Observation seen(ResultSet row, int number) throws SQLException {
        String side = row.getString("side");
        String doubt = row.getString("doubt");
        return new Observation(
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
                row.getBoolean("voided"),
                doubt == null ? null : PressTime.Doubt.valueOf(doubt));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }
}
