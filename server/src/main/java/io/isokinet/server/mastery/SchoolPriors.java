package io.isokinet.server.mastery;

import io.isokinet.core.belief.OwnRecord;
import io.isokinet.core.belief.Priors;
import io.isokinet.server.http.Ids;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What the records of a school say of how its children differ, as it was counted last. */
@Component
class SchoolPriors {
    /** Priors that were fitted before the gain of practice could bend went by its logarithm. */
    private static final String READ = """
            select counted_at, looks, fitted, ('{"curve": 0}'::jsonb || priors)::text as priors, tenths::text as tenths
            from school_belief where school_id = :school""";

    private static final String KEEP = """
            insert into school_belief (id, school_id, counted_at, looks, fitted, priors, tenths)
            values (:id, :school, :at, :looks, :fitted, cast(:priors as jsonb), cast(:tenths as jsonb))
            on conflict (school_id) do update set counted_at = excluded.counted_at, looks = excluded.looks,
                fitted = excluded.fitted, priors = excluded.priors, tenths = excluded.tenths""";

    private final JdbcClient jdbc;
    private final JsonMapper json;

    SchoolPriors(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** @param fitted false while the school has too few looks, and common practice stands for it */
    record Counted(Instant at, int looks, boolean fitted, Priors priors, List<OwnRecord.Tenth> tenths) {
        OwnRecord record() {
            return new OwnRecord(tenths, looks, priors.widened());
        }
    }

    /** Empty before the first night. */
    @Transactional(readOnly = true)
    Optional<Counted> counted() {
        return jdbc.sql(READ)
                .param("school", SchoolScope.current())
                .query((row, n) -> new Counted(
                        row.getObject("counted_at", OffsetDateTime.class).toInstant(),
                        row.getInt("looks"),
                        row.getBoolean("fitted"),
                        json.readValue(row.getString("priors"), Priors.class),
                        json.readValue(row.getString("tenths"), new TypeReference<>() {})))
                .optional();
    }

    /** Its own, or common practice. */
    Priors current() {
        return counted().map(Counted::priors).orElse(Priors.USUAL);
    }

    @Transactional
    void keep(Counted counted) {
        jdbc.sql(KEEP)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("at", java.sql.Timestamp.from(counted.at()))
                .param("looks", counted.looks())
                .param("fitted", counted.fitted())
                .param("priors", json.writeValueAsString(counted.priors()))
                .param("tenths", json.writeValueAsString(counted.tenths()))
                .update();
    }
}
