package io.isokinet.server.account;

import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links that work once: to join a school, or to choose a new password. They are shown on the screen of who made them; no mail is sent. */
@Service
class Links {
    private static final Duration INVITE_LASTS = Duration.ofDays(7);
    private static final Duration RESET_LASTS = Duration.ofHours(24);
    private static final String ADD = """
            insert into one_time_link (id, school_id, secret_sha256, purpose, name, role, classes, person_id, made_by, made_at, expires_at)
            values (:id, :school, :hash, :purpose, :name, :role, :classes, :person, :by, :now, :until)""";
    // Read before anyone is signed in: the secret itself says which school.
    private static final String OPEN = """
            select l.*, s.name as school from one_time_link l join school s on s.id = l.school_id
            where secret_sha256 = :hash and used_at is null and expires_at > :now""";
    private static final String USE =
            "update one_time_link set used_at = :now where school_id = :school and id = :id and used_at is null";
    private static final String WAITING = """
            select id, name, role, made_at, expires_at from one_time_link
            where school_id = :school and purpose = 'INVITE' and used_at is null and expires_at > :now order by made_at""";
    private static final String WITHDRAW =
            "delete from one_time_link where school_id = :school and id = :id and used_at is null";

    private static final String CLOSE =
            "update one_time_link set used_at = :now where school_id = :school and person_id = :person and used_at is null";
    private static final String DROP_MADE_BY =
            "delete from one_time_link where school_id = :school and made_by = :person and used_at is null";

    private final JdbcClient jdbc;
    private final Clock clock;
    private final Accounts accounts;
    private final Teams teams;
    private final Sessions sessions;
    private final Audit audit;

    Links(JdbcClient jdbc, Clock clock, Accounts accounts, Teams teams, Sessions sessions, Audit audit) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.accounts = accounts;
        this.teams = teams;
        this.sessions = sessions;
        this.audit = audit;
    }

    enum Purpose {
        INVITE,
        RESET
    }

    /** @param secret for the link's address; it cannot be shown again */
    record Made(String secret, Instant expiresAt) {}

    /**
     * What whoever opens a link is told.
     *
     * @param signIn null where it is still to be chosen
     */
    record LinkView(
            Purpose purpose,
            String school,
            String name,
            @Nullable Role role,
            @Nullable String signIn) {}

    /** An invitation that nobody has used yet. */
    record Waiting(UUID id, String name, Role role, Instant madeAt, Instant expiresAt) {}

    private record Link(
            UUID id,
            UUID school,
            String schoolName,
            Purpose purpose,
            String name,
            @Nullable Role role,
            Set<UUID> classes,
            @Nullable UUID person) {}

    @Transactional
    Made invite(String name, Role role, Collection<UUID> classes) {
        new Fields()
                .check(!name.isBlank() && name.strip().length() <= 120, "name", "needs 1 to 120 characters.")
                .done();
        audit.add(Act.DID, "invited " + name.strip(), "as " + role.label(), null);
        return add(Purpose.INVITE, name.strip(), role, classes, null, INVITE_LASTS);
    }

    @Transactional
    Made reset(UUID person) {
        String name = accounts.person(person).name();
        audit.add(Act.DID, "made a link for a new password for " + name, "", person);
        return add(Purpose.RESET, name, null, Set.of(), person, RESET_LASTS);
    }

    private Made add(
            Purpose purpose,
            String name,
            @Nullable Role role,
            Collection<UUID> classes,
            @Nullable UUID person,
            Duration lasts) {
        String secret = Secrets.next();
        Instant now = clock.instant();
        jdbc.sql(ADD)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("hash", Secrets.hash(secret))
                .param("purpose", purpose.name())
                .param("name", name)
                .param("role", role == null ? null : role.name())
                .param("classes", classes.toArray(UUID[]::new))
                .param("person", person)
                .param("by", SignedIn.current().person())
                .param("now", Timestamp.from(now))
                .param("until", Timestamp.from(now.plus(lasts)))
                .update();
        return new Made(secret, now.plus(lasts));
    }

    @Transactional(readOnly = true)
    LinkView view(String secret) {
        Link link = open(secret);
        return new LinkView(
                link.purpose,
                link.schoolName,
                link.name,
                link.role,
                link.person == null ? null : accounts.signIn(link.person));
    }

    /**
     * Uses the link up.
     *
     * @param signIn chosen by who joins; not needed for a new password
     * @return the sign-in name
     */
    @Transactional
    String use(String secret, @Nullable String signIn, String password) {
        Link link = open(secret);
        try (SchoolScope.Entered scope = SchoolScope.enter(link.school)) {
            boolean first = jdbc.sql(USE)
                            .param("now", Timestamp.from(clock.instant()))
                            .param("school", link.school)
                            .param("id", link.id)
                            .update()
                    == 1;
            if (!first) throw gone();
            if (link.person != null) {
                accounts.setPassword(link.person, password);
                close(link.person);
                sessions.endAll(link.person, null);
                audit.add(link.person, link.name, Act.DID, "chose a new password", "", link.person);
                return accounts.signIn(link.person);
            }
            Role role = link.role;
            if (role == null) throw new IllegalStateException("Impossible state: an invitation without a role.");
            String chosen = signIn == null ? "" : signIn;
            UUID person = accounts.add(link.school, chosen, link.name, password, role);
            teams.set(person, link.classes);
            audit.add(person, link.name, Act.DID, "joined the school", "as " + role.label(), person);
            return Accounts.key(chosen);
        }
    }

    /** Closes every link for a new password of a person: a password that was chosen meanwhile is theirs. */
    @Transactional
    void close(UUID person) {
        jdbc.sql(CLOSE)
                .param("now", Timestamp.from(clock.instant()))
                .param("school", SchoolScope.current())
                .param("person", person)
                .update();
    }

    /** What somebody invited who no longer may goes with them. */
    @Transactional
    void dropMadeBy(UUID person) {
        jdbc.sql(DROP_MADE_BY)
                .param("school", SchoolScope.current())
                .param("person", person)
                .update();
    }

    @Transactional(readOnly = true)
    List<Waiting> waiting() {
        return jdbc.sql(WAITING)
                .param("school", SchoolScope.current())
                .param("now", Timestamp.from(clock.instant()))
                .query((row, n) -> new Waiting(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        Role.valueOf(row.getString("role")),
                        instant(row, "made_at"),
                        instant(row, "expires_at")))
                .list();
    }

    @Transactional
    void withdraw(UUID id) {
        int gone = jdbc.sql(WITHDRAW)
                .param("school", SchoolScope.current())
                .param("id", id)
                .update();
        if (gone == 0) throw new NotFoundException("open invitation", id);
        audit.add(Act.REMOVED, "an invitation", "", id);
    }

    private Link open(String secret) {
        return jdbc.sql(OPEN)
                .param("hash", Secrets.hash(secret))
                .param("now", Timestamp.from(clock.instant()))
                .query(Links::link)
                .optional()
                .orElseThrow(Links::gone);
    }

    private static NotFoundException gone() {
        return NotFoundException.saying(
                "This link was used already, has run out, or is not whole. Ask the lead of your school for a new one.");
    }

    private static Link link(ResultSet row, int number) throws SQLException {
        String role = row.getString("role");
        return new Link(
                row.getObject("id", UUID.class),
                row.getObject("school_id", UUID.class),
                row.getString("school"),
                Purpose.valueOf(row.getString("purpose")),
                row.getString("name"),
                role == null ? null : Role.valueOf(role),
                Set.copyOf(Arrays.asList((UUID[]) row.getArray("classes").getArray())),
                row.getObject("person_id", UUID.class));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }
}
