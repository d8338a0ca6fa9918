package io.isokinet.server.today;

import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Accounts.PersonView;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.Secrets;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.IcsWriter;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.ListedLesson;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** The lessons of a person's classes as a calendar (RFC 5545): as a file, and at a private address that other programs subscribe to. No child is named in it. */
@Service
class Feeds {
    private static final int WEEKS_BACK = 26;
    private static final int WEEKS_AHEAD = 52;
    private static final String SET = """
            insert into calendar_feed (id, school_id, person_id, secret_sha256, made_at) values (:id, :school, :person, :hash, :now)
            on conflict (school_id, person_id) do update set secret_sha256 = excluded.secret_sha256, made_at = excluded.made_at""";
    private static final String END = "delete from calendar_feed where school_id = :school and person_id = :person";
    private static final String MADE =
            "select made_at from calendar_feed where school_id = :school and person_id = :person";
    // Read by programs that are not signed in: the secret itself says which school and whose.
    private static final String WHOSE = "select school_id, person_id from calendar_feed where secret_sha256 = :hash";

    private final JdbcClient jdbc;
    private final Accounts accounts;
    private final Teams teams;
    private final Lessons lessons;
    private final Classes classes;
    private final Spaces spaces;
    private final Schools schools;
    private final Audit audit;
    private final Clock clock;

    Feeds(
            JdbcClient jdbc,
            Accounts accounts,
            Teams teams,
            Lessons lessons,
            Classes classes,
            Spaces spaces,
            Schools schools,
            Audit audit,
            Clock clock) {
        this.jdbc = jdbc;
        this.accounts = accounts;
        this.teams = teams;
        this.lessons = lessons;
        this.classes = classes;
        this.spaces = spaces;
        this.schools = schools;
        this.audit = audit;
        this.clock = clock;
    }

    /** When the address in force was made; empty if there is none. */
    Optional<Instant> made() {
        return jdbc.sql(MADE)
                .param("school", SchoolScope.current())
                .param("person", SignedIn.current().person())
                .query((row, n) ->
                        row.getObject("made_at", OffsetDateTime.class).toInstant())
                .optional();
    }

    /**
     * Makes a new private address; the one before ends.
     *
     * @return its secret, which cannot be shown again
     */
    String make() {
        String secret = Secrets.next();
        jdbc.sql(SET)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("person", SignedIn.current().person())
                .param("hash", Secrets.hash(secret))
                .param("now", Timestamp.from(clock.instant()))
                .update();
        audit.add(Act.DID, "made a calendar address", "", null);
        return secret;
    }

    void end() {
        jdbc.sql(END)
                .param("school", SchoolScope.current())
                .param("person", SignedIn.current().person())
                .update();
        audit.add(Act.DID, "ended the calendar address", "", null);
    }

    /** The calendar of whoever is signed in. */
    String own() {
        return write(teams.visible());
    }

    /**
     * The calendar behind a private address.
     *
     * @throws NotFoundException if the address ended, or its person left
     */
    String of(String secret) {
        record Whose(UUID school, UUID person) {}
        Whose whose = jdbc.sql(WHOSE)
                .param("hash", Secrets.hash(secret))
                .query((row, n) ->
                        new Whose(row.getObject("school_id", UUID.class), row.getObject("person_id", UUID.class)))
                .optional()
                .orElseThrow(
                        () -> NotFoundException.saying("This calendar address has ended. Make a new one in Set-up."));
        return SchoolScope.call(whose.school(), () -> {
            PersonView person = accounts.person(whose.person());
            Set<UUID> given = teams.given(person.id());
            boolean all = person.role() == Role.LEAD || person.role() == Role.VIEWER;
            return write(all ? c -> true : given::contains);
        });
    }

    private String write(Predicate<UUID> visible) {
        ZoneId zone = schools.zone();
        LocalDate today = schools.today();
        Map<UUID, String> classNames = new HashMap<>();
        classes.all().forEach(c -> classNames.put(c.id(), c.name()));
        Map<UUID, String> spaceNames = new HashMap<>();
        spaces.all().forEach(s -> spaceNames.put(s.id(), s.name()));
        IcsWriter ics = new IcsWriter(schools.view().name(), zone, clock.instant());
        for (ListedLesson listed :
                lessons.listed(today.minusWeeks(WEEKS_BACK), today.plusWeeks(WEEKS_AHEAD), visible)) {
            LessonHeader lesson = listed.header();
            ics.add(
                    lesson.lesson() + "@isokinet",
                    "%s · %d of %d · %s"
                            .formatted(
                                    classNames.getOrDefault(lesson.classId(), ""),
                                    lesson.number(),
                                    lesson.of(),
                                    lesson.title()),
                    spaceNames.getOrDefault(lesson.spaceId(), ""),
                    String.join("\n", listed.activities()),
                    lesson.onDate(),
                    lesson.starts(),
                    lesson.minutes(),
                    lesson.state() == LessonState.LOST);
        }
        return ics.text();
    }
}
