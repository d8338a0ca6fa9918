package io.isokinet.server.record;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.PressTime;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.Ids;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.Batch.TrialEntry;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
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
            select 'child' as what, c.id, null::uuid as child, null::date as day, null as zone from child c
            where c.school_id = :school and c.id = any(cast(:children as uuid[])) and %s
            union all
            select 'lesson', l.id, null, l.on_date, s.time_zone
            from lesson l join school s on s.id = l.school_id join unit u on u.school_id = l.school_id and u.id = l.unit_id
            where l.school_id = :school and l.id = any(cast(:lessons as uuid[]))
              and (:lead or exists (
                  select 1 from class_person p
                  where p.school_id = u.school_id and p.class_id = u.class_id and p.person_id = :person))
            union all
            select distinct 'there', l.id, e.child_id, null::date, null from lesson l
            join unit u on u.school_id = l.school_id and u.id = l.unit_id
            join enrolment e on e.school_id = u.school_id and e.class_id in (u.class_id, l.with_class)
            where l.school_id = :school and l.id = any(cast(:lessons as uuid[])) and e.child_id = any(cast(:children as uuid[]))""".formatted(GIVEN);

    private static final String VOID = """
            insert into trial_void (id, school_id, trial_id, by_person, at, received_at)
            values (:id, :school, :trial, :person, :at, :received) on conflict do nothing""";
    /** What is known of them, and whether whoever records may take it back: what they put in, or what is of a class given to them. */
    private static final String TAKEN_BACK = """
            select 'trial' as what, t.id, t.observer = :person or :lead or exists (
                select 1 from enrolment e
                join class_person p on p.school_id = e.school_id and p.class_id = e.class_id and p.person_id = :person
                where e.school_id = t.school_id and e.child_id = t.child_id) as theirs
            from trial t where t.school_id = :school and t.id in (:ids)
            union all
            select 'hits', h.id, h.observer = :person or :lead or exists (
                select 1 from enrolment e
                join class_person p on p.school_id = e.school_id and p.class_id = e.class_id and p.person_id = :person
                where e.school_id = h.school_id and e.child_id = h.child_id)
            from hit_set h where h.school_id = :school and h.id in (:ids)
            union all
            select 'event', v.id, v.by_person = :person or :lead or exists (
                select 1 from lesson l join unit u on u.school_id = l.school_id and u.id = l.unit_id
                join class_person p on p.school_id = u.school_id and p.class_id = u.class_id and p.person_id = :person
                where l.school_id = v.school_id and l.id = v.lesson_id)
            from lesson_event v where v.school_id = :school and v.id in (:ids)""";

    private static final String REGISTER = """
            insert into register_event
                (id, school_id, lesson_id, child_id, present, sits_out, by_person, at, received_at, doubt)
            values (:id, :school, :lesson, :child, :present, :sitsOut, :person, :at, :received, :doubt) on conflict do nothing""";
    private static final String TAUGHT = """
            insert into cue_taught (id, school_id, class_id, cue_key, lesson_id, at, by_end)
            values (:id, :school, :class, :cue, :lesson, :at, :byEnd) on conflict do nothing""";
    private static final String NOT_TAUGHT =
            "delete from cue_taught where school_id = :school and lesson_id = :lesson and by_end";
    /** What was said of its end before: a lesson that goes on has none. */
    private static final String NO_END = """
            insert into event_void (id, school_id, event_id, by_person, at, received_at)
            select gen_random_uuid(), e.school_id, e.id, :person, :now, :now from lesson_event e
            where e.school_id = :school and e.lesson_id = :lesson and e.kind = 'END' and not exists (
                select 1 from event_void v where v.school_id = e.school_id and v.event_id = e.id)""";
    /** Ends among events, with whether another end of their lesson is still there. */
    private static final String ENDS = """
            select e.lesson_id from lesson_event e
            where e.school_id = :school and e.id in (:ids) and e.kind = 'END' and not exists (
                select 1 from lesson_event o
                where o.school_id = e.school_id and o.lesson_id = e.lesson_id and o.kind = 'END' and not exists (
                    select 1 from event_void v where v.school_id = o.school_id and v.event_id = o.id))""";

    private static final String EVENT_VOID = """
            insert into event_void (id, school_id, event_id, by_person, at, received_at)
            values (:id, :school, :trial, :person, :at, :received) on conflict do nothing""";

    private final JdbcClient jdbc;
    private final KnowHows knowHows;
    private final Teams teams;
    private final Clock clock;
    private final TrialIntake trials;
    private final EventIntake events;
    private final ApplicationEventPublisher publisher;

    Recorder(
            JdbcClient jdbc,
            KnowHows knowHows,
            Teams teams,
            Clock clock,
            TrialIntake trials,
            EventIntake events,
            ApplicationEventPublisher publisher) {
        this.publisher = publisher;
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
        Intake intake = new Intake(batch, observer, school, received);
        enter(intake);
        trials.take(intake);
        events.takeEvents(intake);
        events.takeHits(intake);
        voids(intake);
        register(intake);
        taught(intake);
        intake.ends.forEach(publisher::publishEvent);
        return intake.receipt();
    }

    /** Writes down that cues were taught to a class in a lesson that ended: a fact of its own, whatever becomes of the plan. */
    @Transactional
    public void taught(UUID schoolClass, Collection<String> cues, UUID lesson, Instant at) {
        for (String cue : cues) taught(Ids.next(), schoolClass, cue, lesson, at, true);
    }

    /** Takes back what was written down because a lesson ended; what was pressed in it stays. */
    @Transactional
    public void notTaught(UUID lesson) {
        jdbc.sql(NOT_TAUGHT)
                .param("school", SchoolScope.current())
                .param("lesson", lesson)
                .update();
        jdbc.sql(NO_END)
                .param("school", SchoolScope.current())
                .param("lesson", lesson)
                .param("person", SignedIn.current().person())
                .param("now", Timestamp.from(clock.instant()))
                .update();
    }

    private void taught(UUID id, UUID schoolClass, String cue, @Nullable UUID lesson, Instant at, boolean byEnd) {
        jdbc.sql(TAUGHT)
                .param("id", id)
                .param("school", SchoolScope.current())
                .param("class", schoolClass)
                .param("cue", cue)
                .param("lesson", lesson)
                .param("at", Timestamp.from(at))
                .param("byEnd", byEnd)
                .update();
    }

    /** Those of the children who are, or were, in a class given to whoever records, and the lessons that there are. */
    private void enter(Intake intake) {
        Set<UUID> wanted = Intake.named(intake.batch.trials(), TrialEntry::child);
        wanted.addAll(Intake.named(intake.batch.hits(), Batch.HitEntry::child));
        wanted.addAll(Intake.named(intake.batch.register(), Batch.RegisterEntry::child));
        Set<UUID> named = Intake.named(intake.batch.trials(), TrialEntry::lesson);
        named.addAll(Intake.named(intake.batch.hits(), Batch.HitEntry::lesson));
        named.addAll(Intake.named(intake.batch.register(), Batch.RegisterEntry::lesson));
        named.addAll(Intake.named(intake.batch.taught(), Batch.TaughtEntry::lesson));
        named.addAll(Intake.named(intake.batch.events(), EventEntry::lesson));
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
                .query(row -> {
                    UUID id = row.getObject("id", UUID.class);
                    switch (row.getString("what")) {
                        case "child" -> intake.knowsChild(id);
                        case "lesson" ->
                            intake.knowsLesson(
                                    id, row.getObject("day", LocalDate.class), ZoneId.of(row.getString("zone")));
                        default -> intake.knowsThere(id, row.getObject("child", UUID.class));
                    }
                });
    }

    private static String array(Set<UUID> ids) {
        return ids.stream().map(UUID::toString).collect(Collectors.joining(",", "{", "}"));
    }

    private void voids(Intake intake) {
        Set<UUID> ids = Intake.named(intake.batch.voids(), Batch.VoidEntry::trial);
        if (ids.isEmpty()) return;
        Map<UUID, String> theirs = new HashMap<>();
        Set<UUID> known = new HashSet<>();
        jdbc.sql(TAKEN_BACK)
                .param("school", intake.school)
                .param("ids", ids)
                .param("person", intake.observer.person())
                .param("lead", intake.observer.role() == Role.LEAD)
                .query((row, n) -> {
                    UUID id = row.getObject("id", UUID.class);
                    if (row.getBoolean("theirs")) theirs.put(id, row.getString("what"));
                    return known.add(id);
                })
                .list();
        for (Batch.VoidEntry entry : intake.batch.voids()) {
            if (!theirs.containsKey(entry.trial())) {
                intake.refuse(
                        entry.id(),
                        known.contains(entry.trial())
                                ? "What is to be taken back is not of a class given to you."
                                : "What is to be taken back has not arrived yet.");
                continue;
            }
            event(
                            intake,
                            "trial".equals(theirs.get(entry.trial())) ? VOID : EVENT_VOID,
                            entry.id(),
                            intake.when(entry.at(), null))
                    .param("trial", entry.trial())
                    .update();
            intake.keep(entry.id());
        }
        reopen(
                intake,
                theirs.entrySet().stream()
                        .filter(e -> e.getValue().equals("event"))
                        .map(Map.Entry::getKey)
                        .toList());
    }

    /** A lesson whose last end was taken back goes on. */
    private void reopen(Intake intake, List<UUID> events) {
        if (events.isEmpty()) return;
        jdbc.sql(ENDS)
                .param("school", intake.school)
                .param("ids", events)
                .query(UUID.class)
                .list()
                .forEach(lesson -> intake.ends.add(new LessonReopened(lesson)));
    }

    private void register(Intake intake) {
        for (Batch.RegisterEntry entry : intake.batch.register()) {
            if (!intake.isThere(entry.child(), entry.lesson())) {
                intake.refuse(entry.id(), "There is no such child in a lesson of the classes given to you.");
                continue;
            }
            PressTime when = intake.when(entry.at(), entry.lesson());
            event(intake, REGISTER, entry.id(), when)
                    .param("doubt", TrialIntake.name(when.doubt()))
                    .param("lesson", entry.lesson())
                    .param("child", entry.child())
                    .param("present", entry.present())
                    .param("sitsOut", entry.present() && Boolean.TRUE.equals(entry.sitsOut()))
                    .update();
            intake.keep(entry.id());
        }
    }

    private JdbcClient.StatementSpec event(Intake intake, String sql, UUID id, PressTime when) {
        return jdbc.sql(sql)
                .param("id", id)
                .param("school", intake.school)
                .param("person", intake.observer.person())
                .param("at", Timestamp.from(when.at()))
                .param("received", Timestamp.from(intake.received));
    }

    private void taught(Intake intake) {
        if (intake.batch.taught().isEmpty()) return;
        Set<UUID> classes =
                known(intake, "school_class", Intake.named(intake.batch.taught(), Batch.TaughtEntry::schoolClass));
        classes.removeIf(teams.visible().negate());
        KnowHow knowHow = knowHows.current();
        for (Batch.TaughtEntry entry : intake.batch.taught()) {
            boolean ok = classes.contains(entry.schoolClass())
                    && (entry.lesson() == null || intake.isGiven(entry.lesson()))
                    && knowHow.hasCue(entry.cue());
            if (!ok) {
                intake.refuse(entry.id(), "There is no such class, lesson or cue.");
                continue;
            }
            Instant at = intake.when(entry.at(), entry.lesson()).at();
            taught(entry.id(), entry.schoolClass(), entry.cue(), entry.lesson(), at, false);
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
