package io.isokinet.server.account;

import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Codes that open one lesson for whoever covers it, without an account; each ends by itself. */
@Service
public class CoverCodes {
    private static final String ADD = """
            insert into cover_code (id, school_id, lesson_id, secret_sha256, by_person, at, ends_at)
            values (:id, :school, :lesson, :hash, :by, :now, :ends)""";
    // Read by who is not signed in: the code itself says which school and which lesson.
    private static final String OPEN = """
            select c.school_id, c.lesson_id, c.ends_at, p.id as person, p.name, m.role from cover_code c
            join person p on p.id = c.by_person
            join membership m on m.school_id = c.school_id and m.person_id = c.by_person and m.ended_at is null
            where c.secret_sha256 = :hash and c.ends_at > :now""";

    private final JdbcClient jdbc;
    private final Audit audit;
    private final Clock clock;

    CoverCodes(JdbcClient jdbc, Audit audit, Clock clock) {
        this.jdbc = jdbc;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * What a code opens.
     *
     * @param by who made it, and answers for what is written down with it; with their membership the code ends too
     */
    public record Cover(UUID school, UUID lesson, Instant ends, SignedIn by) {}

    /**
     * Makes a code for a lesson; those before go on until they end.
     *
     * @return the code, which cannot be shown again
     */
    @Transactional
    public String make(UUID lesson, Instant ends) {
        String code = Secrets.next();
        jdbc.sql(ADD)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("lesson", lesson)
                .param("hash", Secrets.hash(code))
                .param("by", SignedIn.current().person())
                .param("now", Timestamp.from(clock.instant()))
                .param("ends", Timestamp.from(ends))
                .update();
        audit.add(Act.DID, "made a code for a cover teacher", "", null);
        return code;
    }

    /** @throws NotFoundException if there is none, or it has ended */
    public Cover open(String code) {
        return jdbc.sql(OPEN)
                .param("hash", Secrets.hash(code))
                .param("now", Timestamp.from(clock.instant()))
                .query((row, n) -> new Cover(
                        row.getObject("school_id", UUID.class),
                        row.getObject("lesson_id", UUID.class),
                        row.getObject("ends_at", OffsetDateTime.class).toInstant(),
                        new SignedIn(
                                row.getObject("person", UUID.class),
                                row.getObject("school_id", UUID.class),
                                row.getString("name"),
                                Role.valueOf(row.getString("role")))))
                .optional()
                .orElseThrow(
                        () -> NotFoundException.saying(
                                "This code has ended, or was mistyped. Ask who gave it to you for a new one; the sheet of paper holds without it."));
    }
}
