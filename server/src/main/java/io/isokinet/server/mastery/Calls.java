package io.isokinet.server.mastery;

import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Ids;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
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
}
