package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Call;
import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What stands beside the looks at a class: the rules in force, what was taught, and what teachers say; in one statement. */
@Component
class Beside {
    private static final String ALL = """
            (select distinct on (cue_set) 'RULE' as said, cue_set as key, body::text as words,
                    null::uuid as child, null::boolean as owned, null::timestamptz as at, null::text as by
             from mastery_rule
             where school_id = :school and valid_from <= :on and (cue_set in (:sets) or cue_set is null)
             order by cue_set, valid_from desc)
            union all
            select distinct 'TAUGHT', cue_key, null, null::uuid, null::boolean, null::timestamptz, null
            from cue_taught where school_id = :school and class_id = :class and at < :before
            union all
            select 'CALL', cue_key, reason, child_id, owned, at, name from (
                select distinct on (c.child_id, c.cue_key) c.cue_key, c.reason, c.child_id, c.owned, c.at, p.name
                from mastery_call c join person p on p.id = c.by_person
                where c.school_id = :school and c.child_id in (:children) and c.at < :before
                order by c.child_id, c.cue_key, c.at desc) latest
            where owned is not null""";

    /** Stands in a list that would be empty. */
    private static final UUID NOBODY = new UUID(0, 0);

    private enum Said {
        RULE,
        TAUGHT,
        CALL
    }

    private final JdbcClient jdbc;
    private final JsonMapper json;

    Beside(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** What was read. @param usual the rule of all sets without one of their own @param rules by cue set @param calls by child and cue */
    static final class Read {
        private MasteryRule usual = MasteryRule.USUAL;
        private final Map<String, MasteryRule> rules = new HashMap<>();
        private final Set<String> taught = new HashSet<>();
        private final Map<UUID, Map<String, Call>> calls = new HashMap<>();

        MasteryRule rule(String cueSet) {
            return rules.getOrDefault(cueSet, usual);
        }

        /** By its own key. */
        boolean taught(String cue) {
            return taught.contains(cue);
        }

        /** The one that stands; null for none. */
        @Nullable
        Call call(UUID child, String cue) {
            return calls.getOrDefault(child, Map.of()).get(cue);
        }
    }

    /** As it stood at the end of a day where the school is. */
    Read of(UUID schoolClass, Collection<UUID> children, Collection<String> sets, LocalDate on, ZoneId zone) {
        Read read = new Read();
        jdbc.sql(ALL)
                .param("school", SchoolScope.current())
                .param("class", schoolClass)
                .param("children", children.isEmpty() ? List.of(NOBODY) : children)
                .param("sets", sets.isEmpty() ? List.of("") : sets)
                .param("on", Date.valueOf(on))
                .param(
                        "before",
                        Timestamp.from(on.plusDays(1).atStartOfDay(zone).toInstant()))
                .query((row, n) -> take(read, row, zone))
                .list();
        return read;
    }

    private Said take(Read read, ResultSet row, ZoneId zone) throws SQLException {
        Said said = Said.valueOf(row.getString("said"));
        String key = row.getString("key");
        switch (said) {
            case RULE -> {
                MasteryRule rule = json.readValue(row.getString("words"), MasteryRule.class);
                if (key == null) read.usual = rule;
                else read.rules.put(key, rule);
            }
            case TAUGHT -> read.taught.add(key);
            case CALL ->
                read.calls
                        .computeIfAbsent(row.getObject("child", UUID.class), c -> new HashMap<>())
                        .put(
                                key,
                                new Call(
                                        row.getBoolean("owned"),
                                        row.getString("words"),
                                        row.getString("by"),
                                        row.getObject("at", OffsetDateTime.class)
                                                .atZoneSameInstant(zone)
                                                .toLocalDate()));
        }
        return said;
    }
}
