package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Call;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Ids;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What teachers say of a child and a cue beside the count, with their reasons. Nothing is ever overwritten; the latest counts. */
@Component
class Calls {
    private static final String ADD = """
            insert into mastery_call (id, school_id, child_id, cue_key, owned, reason, by_person, at)
            values (:id, :school, :child, :cue, :owned, :reason, :person, :at)""";
    private static final String LATEST = """
            select * from (
                select distinct on (c.child_id, c.cue_key) c.child_id, c.cue_key, c.owned, c.reason, c.at, p.name as by
                from mastery_call c join person p on p.id = c.by_person
                where c.school_id = :school and c.child_id in (:children) and c.at < :before
                order by c.child_id, c.cue_key, c.at desc) latest
            where owned is not null""";

    private final JdbcClient jdbc;
    private final Clock clock;

    Calls(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** @param owned null to take the call back */
    @Transactional
    public void add(UUID child, String cue, @Nullable Boolean owned, String reason) {
        jdbc.sql(ADD)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("child", child)
                .param("cue", cue)
                .param("owned", owned)
                .param("reason", reason)
                .param("person", SignedIn.current().person())
                .param("at", Timestamp.from(clock.instant()))
                .update();
    }

    /** Those that stand before an instant, by child and cue. */
    Map<UUID, Map<String, Call>> latest(Collection<UUID> children, Instant before, ZoneId zone) {
        Map<UUID, Map<String, Call>> calls = new HashMap<>();
        if (children.isEmpty()) return calls;
        jdbc.sql(LATEST)
                .param("school", SchoolScope.current())
                .param("children", children)
                .param("before", Timestamp.from(before))
                .query((row, n) -> {
                    Call call = new Call(
                            row.getBoolean("owned"),
                            row.getString("reason"),
                            row.getString("by"),
                            row.getObject("at", OffsetDateTime.class)
                                    .atZoneSameInstant(zone)
                                    .toLocalDate());
                    calls.computeIfAbsent(row.getObject("child_id", UUID.class), c -> new HashMap<>())
                            .put(row.getString("cue_key"), call);
                    return call;
                })
                .list();
        return calls;
    }
}
