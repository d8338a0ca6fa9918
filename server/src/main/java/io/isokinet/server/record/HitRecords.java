package io.isokinet.server.record;

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
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets of tries at targets, and how many of them hit. */
@Service
public class HitRecords {
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

    private final JdbcClient jdbc;

    HitRecords(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A set of tries as it was counted.
     *
     * @param home true if it was counted at home
     * @param voided true if it was taken back
     */
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

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }
}
