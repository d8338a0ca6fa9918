package io.isokinet.server.record;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.Ids;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.Batch.TrialEntry;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Appends what devices recorded, once each, whatever is sent twice or out of order. */
@Service
public class Recorder {
    static final String GIVEN = """
            (:lead or exists (
                select 1 from enrolment e
                join class_person p on p.school_id = e.school_id and p.class_id = e.class_id and p.person_id = :person
                where e.school_id = :school and e.child_id = c.id))""";
    /** Writes the batch down and finds what it speaks of, in one go: this is done for every press. */
    private static final String BATCH = """
            with device as (
                insert into device (id, school_id, person_id) values (:device, :school, :person) on conflict do nothing),
            batch as (
                insert into batch (id, school_id, device_id, device_clock, received_at, offset_ms)
                values (:id, :school, :device, :clock, :received, :offset) on conflict do nothing)
            select c.id, true as child from child c
            where c.school_id = :school and c.id = any(cast(:children as uuid[])) and %s
            union all
            select l.id, false from lesson l where l.school_id = :school and l.id = any(cast(:lessons as uuid[]))""".formatted(GIVEN);

    private static final String VOID = """
            insert into trial_void (id, school_id, trial_id, by_person, at, received_at)
            values (:id, :school, :trial, :person, :at, :received) on conflict do nothing""";
    private static final String REGISTER = """
            insert into register_event
                (id, school_id, lesson_id, child_id, present, sits_out, by_person, at, received_at)
            values (:id, :school, :lesson, :child, :present, :sitsOut, :person, :at, :received) on conflict do nothing""";
    private static final String TAUGHT = """
            insert into cue_taught (id, school_id, class_id, cue_key, lesson_id, at)
            values (:id, :school, :class, :cue, :lesson, :at) on conflict do nothing""";
    private static final String EVENT_VOID = """
            insert into event_void (id, school_id, event_id, by_person, at, received_at)
            values (:id, :school, :trial, :person, :at, :received) on conflict do nothing""";

    /** Below this a difference of clocks is the network, not the clock. */
    private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(1);

    private final JdbcClient jdbc;
    private final KnowHows knowHows;
    private final Teams teams;
    private final Clock clock;
    private final TrialIntake trials;
    private final EventIntake events;

    Recorder(JdbcClient jdbc, KnowHows knowHows, Teams teams, Clock clock, TrialIntake trials, EventIntake events) {
        this.jdbc = jdbc;
        this.knowHows = knowHows;
        this.teams = teams;
        this.clock = clock;
        this.trials = trials;
        this.events = events;
    }

    /** Takes a batch in one transaction. */
    @Transactional
    public Receipt take(Batch batch, SignedIn observer) {
        UUID school = SchoolScope.current();
        Instant received = clock.instant();
        Duration offset = Duration.between(batch.clock(), received);
        if (offset.abs().compareTo(CLOCK_TOLERANCE) < 0) offset = Duration.ZERO;
        Intake intake = new Intake(batch, observer, school, received, offset);
        enter(intake);
        trials.take(intake);
        events.takeEvents(intake);
        events.takeHits(intake);
        voids(intake);
        register(intake);
        taught(intake);
        return intake.receipt();
    }

    /** Writes down that cues were taught to a class in a lesson: a fact of its own, whatever becomes of the plan. */
    @Transactional
    public void taught(UUID schoolClass, Collection<String> cues, UUID lesson, Instant at) {
        for (String cue : cues) taught(Ids.next(), schoolClass, cue, lesson, at);
    }

    private void taught(UUID id, UUID schoolClass, String cue, @Nullable UUID lesson, Instant at) {
        jdbc.sql(TAUGHT)
                .param("id", id)
                .param("school", SchoolScope.current())
                .param("class", schoolClass)
                .param("cue", cue)
                .param("lesson", lesson)
                .param("at", Timestamp.from(at))
                .update();
    }

    /** Those of the children who are, or were, in a class given to whoever records, and the lessons that there are. */
    private void enter(Intake intake) {
        Set<UUID> wanted = Intake.named(intake.batch.trials(), TrialEntry::child);
        wanted.addAll(Intake.named(intake.batch.hits(), Batch.HitEntry::child));
        wanted.addAll(Intake.named(intake.batch.register(), Batch.RegisterEntry::child));
        Set<UUID> named = Intake.named(intake.batch.trials(), TrialEntry::lesson);
        named.addAll(Intake.named(intake.batch.register(), Batch.RegisterEntry::lesson));
        named.addAll(Intake.named(intake.batch.taught(), Batch.TaughtEntry::lesson));
        jdbc.sql(BATCH)
                .param("id", intake.batch.id())
                .param("school", intake.school)
                .param("device", intake.batch.device())
                .param("person", intake.observer.person())
                .param("clock", Timestamp.from(intake.batch.clock()))
                .param("received", Timestamp.from(intake.received))
                .param("offset", intake.offsetMillis())
                .param("children", array(wanted))
                .param("lessons", array(named))
                .param("lead", intake.observer.role() == Role.LEAD)
                .query((row, n) -> (row.getBoolean("child") ? intake.children : intake.lessons)
                        .add(row.getObject("id", UUID.class)))
                .list();
    }

    private static String array(Set<UUID> ids) {
        return ids.stream().map(UUID::toString).collect(Collectors.joining(",", "{", "}"));
    }

    private void voids(Intake intake) {
        Set<UUID> ids = Intake.named(intake.batch.voids(), Batch.VoidEntry::trial);
        Set<UUID> trials = known(intake, "trial", ids);
        Set<UUID> others = trials.containsAll(ids) ? Set.of() : known(intake, "lesson_event", ids);
        if (!trials.containsAll(ids)) others.addAll(known(intake, "hit_set", ids));
        for (Batch.VoidEntry entry : intake.batch.voids()) {
            if (!trials.contains(entry.trial()) && !others.contains(entry.trial())) {
                intake.refuse(entry.id(), "What is to be taken back has not arrived yet.");
                continue;
            }
            event(intake, trials.contains(entry.trial()) ? VOID : EVENT_VOID, entry.id(), entry.at())
                    .param("trial", entry.trial())
                    .update();
            intake.keep(entry.id());
        }
    }

    private void register(Intake intake) {
        for (Batch.RegisterEntry entry : intake.batch.register()) {
            if (!intake.children.contains(entry.child()) || !intake.lessons.contains(entry.lesson())) {
                intake.refuse(entry.id(), "There is no such child or lesson in this school.");
                continue;
            }
            event(intake, REGISTER, entry.id(), entry.at())
                    .param("lesson", entry.lesson())
                    .param("child", entry.child())
                    .param("present", entry.present())
                    .param("sitsOut", entry.present() && Boolean.TRUE.equals(entry.sitsOut()))
                    .update();
            intake.keep(entry.id());
        }
    }

    private JdbcClient.StatementSpec event(Intake intake, String sql, UUID id, Instant at) {
        return jdbc.sql(sql)
                .param("id", id)
                .param("school", intake.school)
                .param("person", intake.observer.person())
                .param("at", Timestamp.from(intake.corrected(at)))
                .param("received", Timestamp.from(intake.received));
    }

    private void taught(Intake intake) {
        Set<UUID> classes =
                known(intake, "school_class", Intake.named(intake.batch.taught(), Batch.TaughtEntry::schoolClass));
        classes.removeIf(teams.visible().negate());
        KnowHow knowHow = knowHows.current();
        for (Batch.TaughtEntry entry : intake.batch.taught()) {
            boolean ok = classes.contains(entry.schoolClass())
                    && (entry.lesson() == null || intake.lessons.contains(entry.lesson()))
                    && knowHow.hasCue(entry.cue());
            if (!ok) {
                intake.refuse(entry.id(), "There is no such class, lesson or cue.");
                continue;
            }
            taught(entry.id(), entry.schoolClass(), entry.cue(), entry.lesson(), intake.corrected(entry.at()));
            intake.keep(entry.id());
        }
    }

    private Set<UUID> known(Intake intake, String table, Collection<UUID> ids) {
        if (ids.isEmpty()) return new HashSet<>();
        return new HashSet<>(jdbc.sql("select id from " + table + " where school_id = :school and id in (:ids)")
                .param("school", intake.school)
                .param("ids", ids)
                .query(UUID.class)
                .list());
    }
}
