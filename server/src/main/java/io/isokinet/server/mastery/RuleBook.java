package io.isokinet.server.mastery;

import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.http.Ids;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Date;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The rule of mastery in force on a day: the school's latest for the cue set, its latest for all, or the usual one. */
@Component
public class RuleBook {
    private static final String IN_FORCE = """
            select body::text from mastery_rule
            where school_id = :school and valid_from <= :on and (cue_set = cast(:set as text) or cue_set is null)
            order by cue_set is null, valid_from desc limit 1""";

    private static final String ADD = """
            insert into mastery_rule (id, school_id, cue_set, body, valid_from)
            values (:id, :school, :set, cast(:body as jsonb), :from)""";
    private static final String OWN = """
            select exists (select 1 from mastery_rule where school_id = :school and cue_set = :set and valid_from <= :on)""";

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Audit audit;

    RuleBook(JdbcClient jdbc, JsonMapper json, Audit audit) {
        this.jdbc = jdbc;
        this.json = json;
        this.audit = audit;
    }

    /**
     * Puts a rule in force from a day on; one of the same day is replaced.
     *
     * @param cueSet null for all sets without a rule of their own
     */
    @Transactional
    public void set(@Nullable String cueSet, MasteryRule rule, LocalDate from) {
        jdbc.sql(
                        "delete from mastery_rule where school_id = :school and valid_from = :from and cue_set is not distinct from cast(:set as text)")
                .param("school", SchoolScope.current())
                .param("from", Date.valueOf(from))
                .param("set", cueSet)
                .update();
        jdbc.sql(ADD)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("set", cueSet)
                .param("body", json.writeValueAsString(rule))
                .param("from", Date.valueOf(from))
                .update();
        audit.add(Act.CHANGED, "rule of mastery, " + (cueSet == null ? "all cue sets" : cueSet), rule.sentence(), null);
    }

    /** True if the cue set has a rule of its own on that day. */
    boolean hasOwn(String cueSet, LocalDate on) {
        return jdbc.sql(OWN)
                .param("school", SchoolScope.current())
                .param("set", cueSet)
                .param("on", Date.valueOf(on))
                .query(Boolean.class)
                .single();
    }

    /** @param cueSet null for the rule of all sets without one of their own */
    MasteryRule inForce(@Nullable String cueSet, LocalDate on) {
        return jdbc.sql(IN_FORCE)
                .param("school", SchoolScope.current())
                .param("set", cueSet)
                .param("on", Date.valueOf(on))
                .query(String.class)
                .optional()
                .map(body -> json.readValue(body, MasteryRule.class))
                .orElse(MasteryRule.USUAL);
    }
}
