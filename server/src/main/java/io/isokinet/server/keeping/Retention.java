package io.isokinet.server.keeping;

import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.school.Children;
import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Date;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets go what a school's rules say is old enough, and says before what would go. A kind without a rule is kept. */
@Service
public class Retention {
    private static final String RULES = "select kind, months from retention_rule where school_id = :school";
    private static final String SET = """
            insert into retention_rule (school_id, kind, months) values (:school, :kind, :months)
            on conflict (school_id, kind) do update set months = excluded.months""";
    private static final String UNSET = "delete from retention_rule where school_id = :school and kind = :kind";
    private static final String LEFT = """
            select c.id, trim(c.given || ' ' || c.family) as name from child c
            where c.school_id = :school and c.erased_at is null
              and exists (select 1 from enrolment e where e.school_id = c.school_id and e.child_id = c.id)
              and not exists (
                  select 1 from enrolment e
                  where e.school_id = c.school_id and e.child_id = c.id and (e.to_day is null or e.to_day >= :before))
            order by name""";

    /** What is old, by kind: the statement that counts it and, in their order, those that delete it. */
    private record Deletion(String counts, List<String> deletes) {}

    private static final Map<RecordKind, Deletion> OLD = new EnumMap<>(Map.of(
            RecordKind.NOTES,
            new Deletion(
                    "select count(*) from lesson_event where school_id = :school and kind in ('NOTE', 'TALK') and at < :before",
                    List.of(
                            """
                            delete from event_void v where v.school_id = :school and v.event_id in (
                                select id from lesson_event where school_id = :school and kind in ('NOTE', 'TALK') and at < :before)""",
                            "delete from lesson_event where school_id = :school and kind in ('NOTE', 'TALK') and at < :before")),
            RecordKind.ASIDE,
            new Deletion(
                    "select count(*) from trial_conflict where school_id = :school and settled_at < :before",
                    List.of("delete from trial_conflict where school_id = :school and settled_at < :before")),
            RecordKind.DEVICES,
            new Deletion(
                    "select count(*) from batch where school_id = :school and received_at < :before",
                    List.of("delete from batch where school_id = :school and received_at < :before")),
            RecordKind.LOG,
            new Deletion(
                    "select count(*) from audit where school_id = :school and at < :before",
                    List.of("delete from audit where school_id = :school and at < :before"))));

    private final JdbcClient jdbc;
    private final Children children;
    private final Schools schools;
    private final Audit audit;

    Retention(JdbcClient jdbc, Children children, Schools schools, Audit audit) {
        this.jdbc = jdbc;
        this.children = children;
        this.schools = schools;
        this.audit = audit;
    }

    /**
     * What goes of a kind.
     *
     * @param before what is older than this day
     * @param names of the children, where it is children
     */
    public record Expiry(RecordKind kind, LocalDate before, int count, List<String> names) {}

    /** The months of the kinds that have a rule. */
    @Transactional(readOnly = true)
    public Map<RecordKind, Integer> rules() {
        Map<RecordKind, Integer> rules = new EnumMap<>(RecordKind.class);
        jdbc.sql(RULES).param("school", SchoolScope.current()).query(row -> {
            rules.put(RecordKind.valueOf(row.getString("kind")), row.getInt("months"));
        });
        return rules;
    }

    /** @param months null to keep it */
    @Transactional
    public void set(RecordKind kind, @Nullable Integer months) {
        if (months == null)
            jdbc.sql(UNSET)
                    .param("school", SchoolScope.current())
                    .param("kind", kind.name())
                    .update();
        else
            jdbc.sql(SET)
                    .param("school", SchoolScope.current())
                    .param("kind", kind.name())
                    .param("months", months)
                    .update();
        audit.add(Act.CHANGED, "how long is kept: " + kind.what, months == null ? "kept" : months + " months", null);
    }

    /** What would go tonight; nothing goes. */
    @Transactional(readOnly = true)
    public List<Expiry> preview() {
        List<Expiry> going = new ArrayList<>();
        LocalDate today = schools.today();
        rules().forEach((kind, months) -> {
            LocalDate before = today.minusMonths(months);
            if (kind == RecordKind.LEFT_CHILDREN) {
                List<String> names = left(before).stream().map(Leaver::name).toList();
                going.add(new Expiry(kind, before, names.size(), names));
            } else
                going.add(new Expiry(
                        kind,
                        before,
                        jdbc.sql(OLD.get(kind).counts())
                                .param("school", SchoolScope.current())
                                .param("before", Date.valueOf(before))
                                .query(Integer.class)
                                .single(),
                        List.of()));
        });
        return going;
    }

    /** Lets it go, in one transaction, and writes into the log how much went, without names. */
    @Transactional
    public List<Expiry> apply() {
        List<Expiry> going = preview().stream().filter(g -> g.count() > 0).toList();
        for (Expiry g : going) {
            if (g.kind() == RecordKind.LEFT_CHILDREN) left(g.before()).forEach(c -> children.erase(c.id()));
            else
                for (String statement : OLD.get(g.kind()).deletes())
                    jdbc.sql(statement)
                            .param("school", SchoolScope.current())
                            .param("before", Date.valueOf(g.before()))
                            .update();
            audit.add(
                    Act.REMOVED,
                    "by the rule of what is kept: " + g.kind().what,
                    "%d from before %s".formatted(g.count(), g.before()),
                    null);
        }
        return going;
    }

    private record Leaver(UUID id, String name) {}

    private List<Leaver> left(LocalDate before) {
        return jdbc.sql(LEFT)
                .param("school", SchoolScope.current())
                .param("before", Date.valueOf(before))
                .query((row, n) -> new Leaver(row.getObject("id", UUID.class), row.getString("name")))
                .list();
    }
}
