package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Call;
import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.school.CueFit;
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
import java.util.LinkedHashMap;
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
            select 'TAUGHT', cue_key, null, null::uuid, null::boolean, min(at), null
            from cue_taught where school_id = :school and class_id = :class and at < :before
            group by cue_key
            union all
            select 'CALL', cue_key, reason, child_id, owned, at, name from (
                select distinct on (c.child_id, c.cue_key) c.cue_key, c.reason, c.child_id, c.owned, c.at, p.name
                from mastery_call c join person p on p.id = c.by_person
                where c.school_id = :school and c.child_id in (:children) and c.at < :before
                order by c.child_id, c.cue_key, c.at desc) latest
            where owned is not null""";

    /** The same with the children themselves, their sides, the cues that do not fit them, and the looks that count. */
    private static final String WITH_CHILDREN = ALL + """
             union all
            select 'CHILD', null, year_age::text, id, null::boolean, null::timestamptz, null
            from child where school_id = :school and id in (:children) and erased_at is null
            union all
            select 'SIDE', action, side, child_id, null::boolean, null::timestamptz, null
            from child_side where school_id = :school and child_id in (:children)
            union all
            select 'FIT', cue_key, state, child_id, null::boolean, null::timestamptz, null
            from child_cue where school_id = :school and child_id in (:children) and to_day is null
            union all
            (select 'LOOK', t.cue_key, jsonb_build_object('setting', t.setting, 'sitting', t.sitting, 'side', t.side,
                    'lesson', t.lesson_id, 'segment', t.segment_id)::text, t.child_id, t.shown, t.seen_at, null
             from trial t
             where t.school_id = :school and t.child_id in (:children) and t.cue_key in (:cues) and t.seen_at < :before
               and t.kind = 'TEACHER'
               and not exists (select 1 from trial_void v where v.school_id = t.school_id and v.trial_id = t.id)
             order by t.seen_at, t.device_seq)""";

    /** Stands in a list that would be empty. */
    private static final UUID NOBODY = new UUID(0, 0);

    private enum Said {
        RULE,
        TAUGHT,
        CALL,
        CHILD,
        SIDE,
        FIT,
        LOOK
    }

    private final JdbcClient jdbc;
    private final JsonMapper json;

    Beside(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /**
     * What was read.
     *
     * @param usual the rule of all sets without one of their own
     * @param rules by cue set
     * @param calls by child and cue
     */
    static final class Read {
        private MasteryRule usual = MasteryRule.USUAL;
        private final Map<String, MasteryRule> rules = new HashMap<>();
        private final Map<String, LocalDate> taught = new HashMap<>();
        private final Map<UUID, Map<String, Call>> calls = new HashMap<>();
        private final Map<UUID, Learner> learners = new LinkedHashMap<>();

        /** Those who were asked for with their looks. */
        Collection<Learner> learners() {
            return learners.values();
        }

        MasteryRule rule(String cueSet) {
            return rules.getOrDefault(cueSet, usual);
        }

        /** By its own key. */
        boolean taught(String cue) {
            return taught.containsKey(cue);
        }

        /** The first time, by its own key; null if it never was. */
        @Nullable
        LocalDate taughtOn(String cue) {
            return taught.get(cue);
        }

        /** The one that stands; null for none. */
        @Nullable
        Call call(UUID child, String cue) {
            return calls.getOrDefault(child, Map.of()).get(cue);
        }
    }

    /** As it stood at the end of a day where the school is. */
    Read of(UUID schoolClass, Collection<UUID> children, Collection<String> sets, LocalDate on, ZoneId zone) {
        return read(ALL, schoolClass, children, sets, Set.of(), on, zone);
    }

    /** The same with the children and their looks at these cues, oldest first. */
    Read withChildren(
            UUID schoolClass,
            Collection<UUID> children,
            Collection<String> sets,
            Collection<String> cues,
            LocalDate on,
            ZoneId zone) {
        return read(WITH_CHILDREN, schoolClass, children, sets, cues, on, zone);
    }

    private Read read(
            String sql,
            UUID schoolClass,
            Collection<UUID> children,
            Collection<String> sets,
            Collection<String> cues,
            LocalDate on,
            ZoneId zone) {
        Read read = new Read();
        jdbc.sql(sql)
                .param("cues", cues.isEmpty() ? List.of("") : cues)
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
            case TAUGHT ->
                read.taught.put(
                        key,
                        row.getObject("at", OffsetDateTime.class)
                                .atZoneSameInstant(zone)
                                .toLocalDate());
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
            case CHILD -> learner(read, row).yearAge = Integer.parseInt(row.getString("words"));
            case SIDE -> learner(read, row).sides.put(Action.valueOf(key), Side.valueOf(row.getString("words")));
            case FIT -> learner(read, row).fits.put(key, CueFit.valueOf(row.getString("words")));
            case LOOK -> learner(read, row).take(key, json.readValue(row.getString("words"), LookBody.class), row);
        }
        return said;
    }

    private static Learner learner(Read read, ResultSet row) throws SQLException {
        return read.learners.computeIfAbsent(row.getObject("child", UUID.class), Learner::new);
    }

    /** What of a look has no column of its own. */
    record LookBody(
            Setting setting,
            @Nullable UUID sitting,
            @Nullable Side side,
            @Nullable UUID lesson,
            @Nullable UUID segment) {}
}
