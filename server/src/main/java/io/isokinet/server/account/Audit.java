package io.isokinet.server.account;

import io.isokinet.server.http.Ids;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who changed what, and when: written in the transaction of the change itself, never changed afterwards. */
@Service
public class Audit {
    private static final String ADD = """
            insert into audit (id, school_id, at, person_id, person_name, action, what, details, subject_id)
            values (:id, :school, :at, :person, :name, :action, :what, :details, :subject)""";
    /** Once a day for each reader and whom they read about: a page is opened many times. */
    private static final String READ = """
            insert into audit (id, school_id, at, person_id, person_name, action, what, details, subject_id)
            select :id, :school, :now, :person, :name, 'DID', :what, '', :subject
            where not exists (
                select 1 from audit
                where school_id = :school and person_id = :person and subject_id = :subject and what = :what and at > :since)""";

    private static final String PAGE = """
            select id, at, person_name, action, what, details from audit
            where school_id = :school and at < :before order by at desc, id desc limit :most""";

    private final JdbcClient jdbc;
    private final Clock clock;

    Audit(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What was done. */
    public enum Act {
        ADDED,
        CHANGED,
        REMOVED,
        DID
    }

    /** @param what such as "class Dunlins" @param details what changed in it; empty if it was added, removed or is not to be kept */
    public record Entry(UUID id, Instant at, String person, Act act, String what, String details) {}

    /** Writes down what whoever is signed in did. */
    @Transactional
    public void add(Act act, String what, String details, @Nullable UUID subject) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        SignedIn signedIn = who != null && who.getPrincipal() instanceof SignedIn s ? s : null;
        add(
                signedIn == null ? null : signedIn.person(),
                signedIn == null ? "the application" : signedIn.name(),
                act,
                what,
                details,
                subject);
    }

    /** The same for somebody who is not signed in yet. */
    @Transactional
    public void add(@Nullable UUID person, String name, Act act, String what, String details, @Nullable UUID subject) {
        jdbc.sql(ADD)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("at", Timestamp.from(clock.instant()))
                .param("person", person)
                .param("name", name)
                .param("action", act.name())
                .param("what", what)
                .param("details", details)
                .param("subject", subject)
                .update();
    }

    /**
     * Writes down that whoever is signed in read about a child, once a day.
     *
     * @param what without the child's name, which can be erased
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void read(String what, UUID subject) {
        SignedIn reader = SignedIn.current();
        Instant now = clock.instant();
        jdbc.sql(READ)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("now", Timestamp.from(now))
                .param("person", reader.person())
                .param("name", reader.name())
                .param("what", what)
                .param("subject", subject)
                .param("since", Timestamp.from(now.minus(Duration.ofDays(1))))
                .update();
    }

    /** The newest entries before an instant. */
    @Transactional(readOnly = true)
    public List<Entry> page(Instant before, int most) {
        return jdbc.sql(PAGE)
                .param("school", SchoolScope.current())
                .param("before", Timestamp.from(before))
                .param("most", most)
                .query((row, n) -> new Entry(
                        row.getObject("id", UUID.class),
                        row.getObject("at", OffsetDateTime.class).toInstant(),
                        row.getString("person_name"),
                        Act.valueOf(row.getString("action")),
                        row.getString("what"),
                        row.getString("details")))
                .list();
    }
}
