package io.isokinet.server.record;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Looks that came again under a number that was taken, with another content: nothing of them counts until somebody decides. It
 * happens where a tablet is set back, or copied.
 */
@Service
public class TrialConflicts {
    private static final String WAITING = """
            select x.id, x.payload ->> 'cue' as cue, (x.payload ->> 'shown')::boolean as shown, x.received_at,
                   coalesce(p.name, '') as by, t.shown as counts, t.cue_key, t.seen_at, o.name as observer,
                   trim(c.given || ' ' || c.family) as child, trim(k.given || ' ' || k.family) as counted_child
            from trial_conflict x
            join trial t on t.school_id = x.school_id and t.id = x.trial_id
            join person o on o.id = t.observer
            left join person p on p.id = x.by_person
            join child k on k.school_id = t.school_id and k.id = t.child_id
            join child c on c.school_id = x.school_id and c.id = (x.payload ->> 'child')::uuid
            where x.school_id = :school and x.settled is null order by x.received_at desc limit 200""";
    private static final String COUNT = """
            insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, sitting, side, fault, lesson_id, segment_id,
                               pack_sha256, observer, device_id, device_seq, device_at, seen_at, received_at, payload_sha256, formal, doubt)
            select :new, t.school_id, p.child, p.cue, p.shown, p.kind, p.setting, p.sitting, p.side, p.fault, p.lesson, p.segment,
                   t.pack_sha256, coalesce(x.by_person, t.observer), t.device_id, p.seq, p.at,
                   least(t.seen_at + (p.at - t.device_at), x.received_at), x.received_at, t.payload_sha256,
                   coalesce(p.formal, false), t.doubt
            from trial_conflict x
            join trial t on t.school_id = x.school_id and t.id = x.trial_id
            cross join lateral jsonb_to_record(x.payload) p(
                child uuid, cue text, shown boolean, kind text, setting text, sitting uuid, side text, fault text, lesson uuid,
                segment uuid, seq bigint, at timestamptz, formal boolean)
            where x.school_id = :school and x.id = :id""";
    private static final String TAKE_BACK = """
            insert into trial_void (id, school_id, trial_id, by_person, at, received_at)
            select :new, x.school_id, x.trial_id, :person, :now, :now from trial_conflict x
            where x.school_id = :school and x.id = :id""";
    private static final String SETTLE = """
            update trial_conflict set settled = :decision, settled_by = :person, settled_at = :now
            where school_id = :school and id = :id and settled is null""";

    private final JdbcClient jdbc;
    private final KnowHows knowHows;
    private final Audit audit;
    private final Clock clock;

    TrialConflicts(JdbcClient jdbc, KnowHows knowHows, Audit audit, Clock clock) {
        this.jdbc = jdbc;
        this.knowHows = knowHows;
        this.audit = audit;
        this.clock = clock;
    }

    /** What becomes of one. */
    public enum Decision {
        /** Both count. */
        COUNTED,
        /** It counts in place of the first, which is taken back. */
        REPLACED,
        /** The first counts alone, as until now. */
        LEFT
    }

    /** What was said of a child and a cue, when it came or was seen, and by whom. */
    public record ConflictSide(String child, String cue, boolean shown, Instant at, String by) {}

    /** @param counts what came first @param waits what came again and does not count */
    public record ConflictView(long id, ConflictSide counts, ConflictSide waits) {}

    /** Those that nobody decided yet, the latest first, 200 at most. */
    @Transactional(readOnly = true)
    public List<ConflictView> waiting() {
        KnowHow known = knowHows.current();
        return jdbc.sql(WAITING)
                .param("school", SchoolScope.current())
                .query((row, n) -> new ConflictView(
                        row.getLong("id"),
                        new ConflictSide(
                                row.getString("counted_child"),
                                call(known, row.getString("cue_key")),
                                row.getBoolean("counts"),
                                row.getObject("seen_at", OffsetDateTime.class).toInstant(),
                                row.getString("observer")),
                        new ConflictSide(
                                row.getString("child"),
                                call(known, row.getString("cue")),
                                row.getBoolean("shown"),
                                row.getObject("received_at", OffsetDateTime.class)
                                        .toInstant(),
                                row.getString("by"))))
                .list();
    }

    /** Decides one, once. */
    @Transactional
    public void decide(long id, Decision decision, SignedIn by) {
        Timestamp now = Timestamp.from(clock.instant());
        int settled = statement(SETTLE, id)
                .param("decision", decision.name())
                .param("person", by.person())
                .param("now", now)
                .update();
        if (settled == 0)
            throw NotFoundException.saying(
                    "There is no such look that waits for a decision. Somebody may have decided it; reload the page.");
        if (decision != Decision.LEFT)
            statement(COUNT, id).param("new", Ids.next()).update();
        if (decision == Decision.REPLACED)
            statement(TAKE_BACK, id)
                    .param("new", Ids.next())
                    .param("person", by.person())
                    .param("now", now)
                    .update();
        audit.add(
                Act.DID,
                "decided on a look that was kept aside",
                decision.name().toLowerCase(Locale.ROOT),
                null);
    }

    private JdbcClient.StatementSpec statement(String sql, long id) {
        return jdbc.sql(sql).param("school", SchoolScope.current()).param("id", id);
    }

    private static String call(KnowHow known, String key) {
        return known.hasCue(key) ? known.cue(key).call() : key;
    }
}
