package io.isokinet.server.mastery;

import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Date;
import java.time.LocalDate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The rule of mastery in force on a day: the school's latest for the cue set, its latest for all, or the usual one. */
@Component
class RuleBook {
    private static final String IN_FORCE = """
            select body::text from mastery_rule
            where school_id = :school and valid_from <= :on and (cue_set = :set or cue_set is null)
            order by cue_set is null, valid_from desc limit 1""";

    private final JdbcClient jdbc;
    private final JsonMapper json;

    RuleBook(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    MasteryRule inForce(String cueSet, LocalDate on) {
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
