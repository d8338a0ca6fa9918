package io.isokinet.server.record;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.PressTime;
import io.isokinet.core.quantity.Side;
import io.isokinet.server.account.Role;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.EventEntry.EndEvent;
import io.isokinet.server.record.EventEntry.SideBody;
import io.isokinet.server.record.EventEntry.SideEvent;
import io.isokinet.server.school.Classes;
import jakarta.validation.Validator;
import java.sql.Timestamp;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes down what happened in a lesson beside the looks: its clock, score, talk, counts, finds of a side, and sets of tries. */
@Component
class EventIntake {

    private static final String CHILDREN = """
            select c.id from child c where c.school_id = :school and c.id in (:ids) and %s""".formatted(Recorder.GIVEN);

    private static final String EVENT = """
            insert into lesson_event
                (id, school_id, lesson_id, segment_id, kind, body, by_person, device_id, device_seq, at, received_at, doubt)
            values (:id, :school, :lesson, :segment, :kind, cast(:body as jsonb), :person, :device, :seq, :at, :received, :doubt)
            on conflict do nothing""";
    private static final String HITS = """
            insert into hit_set
                (id, school_id, child_id, kind, lesson_id, segment_id, skill_key, hits, missed_left, missed_right, missed_short,
                 missed_long, missed, distance_mm, width_mm, side, item_key, observer, device_id, device_seq, at, received_at, doubt)
            values (:id, :school, :child, :kind, :lesson, :segment, :skill, :hits, :left, :right, :short, :long, :missed, :distance,
                    :width, :side, :item, :person, :device, :seq, :at, :received, :doubt)
            on conflict do nothing""";
    private static final String LATEST_SIDE = """
            select body ->> 'side' from lesson_event
            where school_id = :school and kind = 'SIDE' and body ->> 'child' = :child and body ->> 'action' = :action
            order by at desc, received_at desc limit 1""";
    private static final int LONGEST_BODY = 8000;

    private final JdbcClient jdbc;
    private final KnowHows knowHows;
    private final Classes classes;
    private final JsonMapper json;
    private final Validator validator;

    EventIntake(JdbcClient jdbc, KnowHows knowHows, Classes classes, JsonMapper json, Validator validator) {
        this.validator = validator;
        this.jdbc = jdbc;
        this.knowHows = knowHows;
        this.classes = classes;
        this.json = json;
    }

    void takeEvents(Intake intake) {
        for (EventEntry entry : intake.batch.events()) {
            String body = json.writeValueAsString(entry.body());
            Optional<String> problem = problem(intake, entry, body);
            if (problem.isPresent()) intake.refuse(entry.id(), problem.get());
            else {
                PressTime when = intake.when(entry.at(), entry.lesson());
                int added = event(intake, EVENT, entry.id(), when)
                        .param("lesson", entry.lesson())
                        .param("segment", entry.segment())
                        .param("kind", EventEntry.kind(entry).name())
                        .param("body", body)
                        .param("device", intake.batch.device())
                        .param("seq", entry.seq())
                        .update();
                if (entry instanceof SideEvent side) settle(intake, side.body());
                if (entry instanceof EndEvent end && added > 0)
                    intake.ends.add(new LessonEnded(
                            end.lesson(),
                            end.body().how(),
                            Objects.requireNonNullElse(end.body().ran(), List.of()),
                            when.at()));
                intake.keep(entry.id());
            }
        }
    }

    private Optional<String> problem(Intake intake, EventEntry entry, String body) {
        if (!intake.isGiven(entry.lesson()))
            return Optional.of("There is no such lesson in this school, or not of the classes given to you.");
        if (body.length() > LONGEST_BODY)
            return Optional.of(
                    "It has %d characters and may have %d; make it shorter.".formatted(body.length(), LONGEST_BODY));
        if (entry instanceof EndEvent && intake.observer.role() == Role.ASSISTANT)
            return Optional.of("That a lesson ended is said by a teacher of the class.");
        Optional<String> lacks = validator.validate(entry.body()).stream()
                .map(v -> "%s %s".formatted(v.getPropertyPath(), v.getMessage()))
                .findFirst();
        if (lacks.isPresent()) return lacks;
        Set<UUID> named = new HashSet<>(entry.children());
        return given(intake, named).equals(named)
                ? Optional.empty()
                : Optional.of("It speaks of a child that there is not.");
    }

    /** The latest find counts, in whatever order finds arrive. */
    private void settle(Intake intake, SideBody found) {
        String latest = jdbc.sql(LATEST_SIDE)
                .param("school", intake.school)
                .param("child", found.child().toString())
                .param("action", found.action().name())
                .query(String.class)
                .single();
        classes.settle(found.child(), found.action(), Side.valueOf(latest));
    }

    void takeHits(Intake intake) {
        if (intake.batch.hits().isEmpty()) return;
        KnowHow knowHow = knowHows.current();
        for (Batch.HitEntry h : intake.batch.hits()) {
            boolean home = h.kind() == Kind.HOME;
            if (h.kind() != null && h.kind() != Kind.TEACHER && !home)
                intake.refuse(
                        h.id(), "A set of tries is the teacher's or from home; %s was given.".formatted(h.kind()));
            else if (h.lesson() == null && !home
                    || h.lesson() != null && !intake.isThere(h.child(), h.lesson())
                    || !intake.children.contains(h.child()))
                intake.refuse(
                        h.id(), "There is no such lesson or child in this school, or not of the classes given to you.");
            else if (!knowHow.hasSkill(h.skill()))
                intake.refuse(h.id(), "There is no skill with the key (%s).".formatted(h.skill()));
            else if (h.hits() + h.missedLeft() + h.missedRight() + h.missedShort() + h.missedLong() + h.missed() == 0)
                intake.refuse(h.id(), "A set of tries has at least one try.");
            else {
                event(intake, HITS, h.id(), intake.when(h.at(), h.lesson()))
                        .param("child", h.child())
                        .param("kind", home ? Kind.HOME.name() : Kind.TEACHER.name())
                        .param("lesson", h.lesson())
                        .param("segment", h.segment())
                        .param("skill", h.skill())
                        .param("hits", h.hits())
                        .param("left", h.missedLeft())
                        .param("right", h.missedRight())
                        .param("short", h.missedShort())
                        .param("long", h.missedLong())
                        .param("missed", h.missed())
                        .param("distance", h.distanceMm())
                        .param("width", h.widthMm())
                        .param("side", h.side() == null ? null : h.side().name())
                        .param("item", h.item())
                        .param("device", intake.batch.device())
                        .param("seq", h.seq())
                        .update();
                intake.keep(h.id());
            }
        }
    }

    private JdbcClient.StatementSpec event(Intake intake, String sql, UUID id, PressTime when) {
        return jdbc.sql(sql)
                .param("id", id)
                .param("school", intake.school)
                .param("person", intake.observer.person())
                .param("at", Timestamp.from(when.at()))
                .param("doubt", TrialIntake.name(when.doubt()))
                .param("received", Timestamp.from(intake.received));
    }

    /** Those of the children who are, or were, in a class that is given to whoever records: what was seen then still arrives. */
    private Set<UUID> given(Intake intake, Set<UUID> children) {
        if (children.isEmpty()) return new HashSet<>();
        return new HashSet<>(jdbc.sql(CHILDREN)
                .param("school", intake.school)
                .param("ids", children)
                .param("lead", intake.observer.role() == Role.LEAD)
                .param("person", intake.observer.person())
                .query(UUID.class)
                .list());
    }
}
