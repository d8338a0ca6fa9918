package io.isokinet.server.record;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.Ids;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.Batch.TrialEntry;
import io.isokinet.server.record.Receipt.Refusal;
import io.isokinet.server.school.Classes;
import io.isokinet.server.tenancy.SchoolScope;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Appends what devices recorded, once each, whatever is sent twice or out of order. */
@Service
public class Recorder {
    private static final String GIVEN = """
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

    private static final String CHILDREN = """
            select c.id from child c where c.school_id = :school and c.id in (:ids) and %s""".formatted(GIVEN);
    private static final String RECORDED_CUES =
            "select distinct cue_key from cue_taught where school_id = :school and cue_key in (:cues)";
    /** One statement for however many looks a batch has. */
    private static final String TRIALS = """
            insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, sitting, side, fault, lesson_id, segment_id,
                               pack_sha256, observer, device_id, device_seq, device_at, seen_at, received_at, payload_sha256, formal)
            select t.id, :school, t.child, t.cue, t.shown, t.kind, t.setting, t.sitting, t.side, t.fault, t.lesson, t.segment,
                   :pack, :observer, :device, t.seq, t.at, t.seen, :received, t.hash, t.formal
            from jsonb_to_recordset(cast(:trials as jsonb)) t(
                id uuid, child uuid, cue text, shown boolean, kind text, setting text, sitting uuid, side text, fault text, lesson uuid,
                segment uuid, seq bigint, at timestamptz, seen timestamptz, hash text, formal boolean)
            on conflict do nothing returning id""";

    private static final String HASHES =
            "select id, payload_sha256 from trial where school_id = :school and id in (:ids)";
    private static final String CONFLICT = """
            insert into trial_conflict (school_id, trial_id, payload, received_at)
            values (:school, :id, cast(:payload as jsonb), :received)""";
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

    private static final String EVENT = """
            insert into lesson_event
                (id, school_id, lesson_id, segment_id, kind, body, by_person, device_id, device_seq, at, received_at)
            values (:id, :school, :lesson, :segment, :kind, cast(:body as jsonb), :person, :device, :seq, :at, :received)
            on conflict do nothing""";
    private static final String HITS = """
            insert into hit_set
                (id, school_id, child_id, kind, lesson_id, segment_id, skill_key, hits, missed_left, missed_right, missed_short,
                 missed_long, missed, distance_mm, width_mm, side, item_key, observer, device_id, device_seq, at, received_at)
            values (:id, :school, :child, :kind, :lesson, :segment, :skill, :hits, :left, :right, :short, :long, :missed, :distance,
                    :width, :side, :item, :person, :device, :seq, :at, :received)
            on conflict do nothing""";
    private static final String LATEST_SIDE = """
            select body ->> 'side' from lesson_event
            where school_id = :school and kind = 'SIDE' and body ->> 'child' = :child and body ->> 'action' = :action
            order by at desc, received_at desc limit 1""";
    private static final String EVENT_VOID = """
            insert into event_void (id, school_id, event_id, by_person, at, received_at)
            values (:id, :school, :trial, :person, :at, :received) on conflict do nothing""";
    private static final String CLASSES_OF_LESSONS = """
            select l.id, u.class_id from lesson l join unit u on u.id = l.unit_id and u.school_id = l.school_id
            where l.school_id = :school and l.id in (:ids)""";
    private static final int LONGEST_BODY = 8000;

    /** Below this a difference of clocks is the network, not the clock. */
    private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(1);

    private final JdbcClient jdbc;
    private final KnowHows knowHows;
    private final Teams teams;
    private final Classes classes;
    private final Clock clock;
    private final JsonMapper json;

    Recorder(JdbcClient jdbc, KnowHows knowHows, Teams teams, Classes classes, Clock clock, JsonMapper json) {
        this.jdbc = jdbc;
        this.knowHows = knowHows;
        this.teams = teams;
        this.classes = classes;
        this.clock = clock;
        this.json = json;
    }

    /** Takes a batch in one transaction. */
    @Transactional
    public Receipt take(Batch batch, SignedIn observer) {
        UUID school = SchoolScope.current();
        Instant received = clock.instant();
        Duration offset = Duration.between(batch.clock(), received);
        if (offset.abs().compareTo(CLOCK_TOLERANCE) < 0) offset = Duration.ZERO;
        return new Taking(batch, observer, school, received, offset).take();
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

    /** A look as it is written down. @param at by the clock of the device @param seen by ours */
    private record TrialRow(
            UUID id,
            UUID child,
            String cue,
            boolean shown,
            Kind kind,
            Setting setting,
            @Nullable UUID sitting,
            @Nullable Side side,
            @Nullable String fault,
            @Nullable UUID lesson,
            @Nullable UUID segment,
            long seq,
            Instant at,
            Instant seen,
            String hash,
            boolean formal) {}

    private final class Taking {
        private final Batch batch;
        private final SignedIn observer;
        private final UUID school;
        private final Instant received;
        private final Duration offset;
        private final List<UUID> kept = new ArrayList<>();
        private final List<UUID> conflicts = new ArrayList<>();
        private final List<Refusal> refused = new ArrayList<>();

        Taking(Batch batch, SignedIn observer, UUID school, Instant received, Duration offset) {
            this.batch = batch;
            this.observer = observer;
            this.school = school;
            this.received = received;
            this.offset = offset;
        }

        private final Set<UUID> children = new HashSet<>();
        private final Set<UUID> lessons = new HashSet<>();

        Receipt take() {
            enter();
            trials();
            events();
            hits();
            voids();
            register();
            taught();
            return new Receipt(kept, conflicts, refused);
        }

        /** Those of the children who are, or were, in a class given to whoever records, and the lessons that there are. */
        private void enter() {
            Set<UUID> wanted = map(batch.trials(), TrialEntry::child);
            wanted.addAll(map(batch.hits(), Batch.HitEntry::child));
            wanted.addAll(map(batch.register(), Batch.RegisterEntry::child));
            Set<UUID> named = map(batch.trials(), TrialEntry::lesson);
            named.addAll(map(batch.register(), Batch.RegisterEntry::lesson));
            named.addAll(map(batch.taught(), Batch.TaughtEntry::lesson));
            jdbc.sql(BATCH)
                    .param("id", batch.id())
                    .param("school", school)
                    .param("device", batch.device())
                    .param("person", observer.person())
                    .param("clock", Timestamp.from(batch.clock()))
                    .param("received", Timestamp.from(received))
                    .param("offset", offset.toMillis())
                    .param("children", array(wanted))
                    .param("lessons", array(named))
                    .param("lead", observer.role() == Role.LEAD)
                    .query((row, n) ->
                            (row.getBoolean("child") ? children : lessons).add(row.getObject("id", UUID.class)))
                    .list();
        }

        private static String array(Set<UUID> ids) {
            return ids.stream().map(UUID::toString).collect(Collectors.joining(",", "{", "}"));
        }

        private void trials() {
            Set<String> cues = cues(batch.trials().stream().map(TrialEntry::cue).collect(Collectors.toSet()));
            List<TrialEntry> takeable = new ArrayList<>();
            for (TrialEntry trial : batch.trials()) {
                if (!children.contains(trial.child()))
                    refuse(trial.id(), "There is no such child in this school, or not in the classes given to you.");
                else if (Boolean.TRUE.equals(trial.formal()) && trial.sitting() == null)
                    refuse(trial.id(), "A trial of a test names its sitting; give one id to all trials of a child.");
                else if (trial.lesson() != null && !lessons.contains(trial.lesson()))
                    refuse(trial.id(), "There is no such lesson in this school.");
                else if (!cues.contains(trial.cue()))
                    refuse(trial.id(), "There is no cue with the key (%s).".formatted(trial.cue()));
                else takeable.add(trial);
            }
            if (takeable.isEmpty()) return;
            Set<UUID> fresh = new HashSet<>(jdbc.sql(TRIALS)
                    .param("school", school)
                    .param("pack", knowHows.sha256())
                    .param("observer", observer.person())
                    .param("device", batch.device())
                    .param("received", Timestamp.from(received))
                    .param(
                            "trials",
                            json.writeValueAsString(
                                    takeable.stream().map(this::row).toList()))
                    .query(UUID.class)
                    .list());
            List<TrialEntry> again = new ArrayList<>();
            for (TrialEntry trial : takeable) {
                if (fresh.remove(trial.id())) kept.add(trial.id());
                else again.add(trial);
            }
            if (!again.isEmpty()) compare(again);
        }

        /** Known ids: the same content is a repetition, another one a conflict that is kept aside. */
        private void compare(List<TrialEntry> again) {
            Map<UUID, String> hashes = new HashMap<>();
            jdbc.sql(HASHES)
                    .param("school", school)
                    .param("ids", map(again, TrialEntry::id))
                    .query((row, n) -> hashes.put(row.getObject("id", UUID.class), row.getString("payload_sha256")))
                    .list();
            for (TrialEntry trial : again) {
                if (hash(trial).equals(hashes.get(trial.id()))) {
                    kept.add(trial.id());
                    continue;
                }
                conflicts.add(trial.id());
                jdbc.sql(CONFLICT)
                        .param("school", school)
                        .param("id", trial.id())
                        .param("payload", json.writeValueAsString(trial))
                        .param("received", Timestamp.from(received))
                        .update();
            }
        }

        private TrialRow row(TrialEntry trial) {
            return new TrialRow(
                    trial.id(),
                    trial.child(),
                    trial.cue(),
                    trial.shown(),
                    trial.kind(),
                    trial.setting(),
                    trial.sitting(),
                    trial.side(),
                    trial.fault(),
                    trial.lesson(),
                    trial.segment(),
                    trial.seq(),
                    trial.at(),
                    corrected(trial.at()),
                    hash(trial),
                    Boolean.TRUE.equals(trial.formal()));
        }

        private void voids() {
            Set<UUID> ids = map(batch.voids(), Batch.VoidEntry::trial);
            Set<UUID> trials = known("trial", ids);
            Set<UUID> others = trials.containsAll(ids) ? Set.of() : known("lesson_event", ids);
            if (!trials.containsAll(ids)) others.addAll(known("hit_set", ids));
            for (Batch.VoidEntry entry : batch.voids()) {
                if (!trials.contains(entry.trial()) && !others.contains(entry.trial())) {
                    refuse(entry.id(), "What is to be taken back has not arrived yet.");
                    continue;
                }
                event(trials.contains(entry.trial()) ? VOID : EVENT_VOID, entry.id(), entry.at())
                        .param("trial", entry.trial())
                        .update();
                kept.add(entry.id());
            }
        }

        private void events() {
            Set<UUID> theirs = givenLessons(map(batch.events(), Batch.EventEntry::lesson));
            for (Batch.EventEntry entry : batch.events()) {
                String body = json.writeValueAsString(entry.body());
                if (!theirs.contains(entry.lesson()))
                    refuse(entry.id(), "There is no such lesson in this school, or not of the classes given to you.");
                else if (body.length() > LONGEST_BODY)
                    refuse(
                            entry.id(),
                            "It has %d characters and may have %d; make it shorter."
                                    .formatted(body.length(), LONGEST_BODY));
                else if (!theirs(entry)) refuse(entry.id(), "It speaks of a child or a side that there is not.");
                else {
                    event(EVENT, entry.id(), entry.at())
                            .param("lesson", entry.lesson())
                            .param("segment", entry.segment())
                            .param("kind", entry.kind().name())
                            .param("body", body)
                            .param("device", batch.device())
                            .param("seq", entry.seq())
                            .update();
                    if (entry.kind() == Batch.EventKind.SIDE) settle(entry.body());
                    kept.add(entry.id());
                }
            }
        }

        /** Whether a count or a side speaks of children given to whoever records. */
        private boolean theirs(Batch.EventEntry entry) {
            if (entry.kind() == Batch.EventKind.SIDE)
                return theirs(List.of(entry.body().getOrDefault("child", "")))
                        && one(Action.values(), entry.body().get("action"))
                        && one(Side.values(), entry.body().get("side"));
            if (entry.kind() == Batch.EventKind.SHOWED)
                return theirs(List.of(entry.body().getOrDefault("child", "")));
            return entry.kind() != Batch.EventKind.COUNT
                    || entry.body().get("children") instanceof List<?> ids && !ids.isEmpty() && theirs(ids);
        }

        private boolean theirs(List<?> ids) {
            try {
                Set<UUID> all =
                        ids.stream().map(i -> UUID.fromString(i.toString())).collect(Collectors.toSet());
                return given(all).equals(all);
            } catch (IllegalArgumentException e) {
                return false;
            }
        }

        private static boolean one(Enum<?>[] values, @Nullable Object name) {
            return Arrays.stream(values).anyMatch(v -> v.name().equals(name));
        }

        /** The latest find counts, in whatever order finds arrive. */
        private void settle(Map<String, Object> body) {
            String latest = jdbc.sql(LATEST_SIDE)
                    .param("school", school)
                    .param("child", body.get("child"))
                    .param("action", body.get("action"))
                    .query(String.class)
                    .single();
            classes.settle(
                    UUID.fromString((String) body.get("child")),
                    Action.valueOf((String) body.get("action")),
                    Side.valueOf(latest));
        }

        private void hits() {
            if (batch.hits().isEmpty()) return;
            Set<UUID> theirs = givenLessons(map(batch.hits(), Batch.HitEntry::lesson));
            KnowHow knowHow = knowHows.current();
            for (Batch.HitEntry h : batch.hits()) {
                boolean home = h.kind() == Kind.HOME;
                if (h.kind() != null && h.kind() != Kind.TEACHER && !home)
                    refuse(h.id(), "A set of tries is the teacher's or from home; %s was given.".formatted(h.kind()));
                else if (h.lesson() == null && !home
                        || h.lesson() != null && !theirs.contains(h.lesson())
                        || !children.contains(h.child()))
                    refuse(
                            h.id(),
                            "There is no such lesson or child in this school, or not of the classes given to you.");
                else if (!knowHow.hasSkill(h.skill()))
                    refuse(h.id(), "There is no skill with the key (%s).".formatted(h.skill()));
                else if (h.hits() + h.missedLeft() + h.missedRight() + h.missedShort() + h.missedLong() + h.missed()
                        == 0) refuse(h.id(), "A set of tries has at least one try.");
                else {
                    event(HITS, h.id(), h.at())
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
                            .param("device", batch.device())
                            .param("seq", h.seq())
                            .update();
                    kept.add(h.id());
                }
            }
        }

        /** Those of the lessons whose class is given to whoever records. */
        private Set<UUID> givenLessons(Set<UUID> ids) {
            if (ids.isEmpty()) return Set.of();
            Predicate<UUID> visible = teams.visible();
            Set<UUID> given = new HashSet<>();
            jdbc.sql(CLASSES_OF_LESSONS)
                    .param("school", school)
                    .param("ids", ids)
                    .query((row, n) -> visible.test(row.getObject("class_id", UUID.class))
                            && given.add(row.getObject("id", UUID.class)))
                    .list();
            return given;
        }

        private void register() {
            for (Batch.RegisterEntry entry : batch.register()) {
                if (!children.contains(entry.child()) || !lessons.contains(entry.lesson())) {
                    refuse(entry.id(), "There is no such child or lesson in this school.");
                    continue;
                }
                event(REGISTER, entry.id(), entry.at())
                        .param("lesson", entry.lesson())
                        .param("child", entry.child())
                        .param("present", entry.present())
                        .param("sitsOut", entry.present() && Boolean.TRUE.equals(entry.sitsOut()))
                        .update();
                kept.add(entry.id());
            }
        }

        private JdbcClient.StatementSpec event(String sql, UUID id, Instant at) {
            return jdbc.sql(sql)
                    .param("id", id)
                    .param("school", school)
                    .param("person", observer.person())
                    .param("at", Timestamp.from(corrected(at)))
                    .param("received", Timestamp.from(received));
        }

        private void taught() {
            Set<UUID> classes = known("school_class", map(batch.taught(), Batch.TaughtEntry::schoolClass));
            classes.removeIf(teams.visible().negate());
            KnowHow knowHow = knowHows.current();
            for (Batch.TaughtEntry entry : batch.taught()) {
                boolean ok = classes.contains(entry.schoolClass())
                        && (entry.lesson() == null || lessons.contains(entry.lesson()))
                        && knowHow.hasCue(entry.cue());
                if (!ok) {
                    refuse(entry.id(), "There is no such class, lesson or cue.");
                    continue;
                }
                Recorder.this.taught(
                        entry.id(), entry.schoolClass(), entry.cue(), entry.lesson(), corrected(entry.at()));
                kept.add(entry.id());
            }
        }

        /** By the server's clock, and never later than now. */
        private Instant corrected(Instant at) {
            Instant corrected = at.plus(offset);
            return corrected.isAfter(received) ? received : corrected;
        }

        private void refuse(UUID id, String why) {
            refused.add(new Refusal(id, why));
        }

        /** Those of the children who are, or were, in a class that is given to whoever records: what was seen then still arrives. */
        private Set<UUID> given(Set<UUID> children) {
            if (children.isEmpty()) return new HashSet<>();
            return new HashSet<>(jdbc.sql(CHILDREN)
                    .param("school", school)
                    .param("ids", children)
                    .param("lead", observer.role() == Role.LEAD)
                    .param("person", observer.person())
                    .query(UUID.class)
                    .list());
        }

        /** Cues that are known, and those that were once taught here though the know-how has let them go. */
        private Set<String> cues(Set<String> keys) {
            KnowHow knowHow = knowHows.current();
            Set<String> known = new HashSet<>(keys);
            known.removeIf(c -> !knowHow.hasCue(c));
            if (known.size() < keys.size())
                known.addAll(jdbc.sql(RECORDED_CUES)
                        .param("school", school)
                        .param("cues", keys)
                        .query(String.class)
                        .list());
            return known;
        }

        private Set<UUID> known(String table, Collection<UUID> ids) {
            if (ids.isEmpty()) return new HashSet<>();
            return new HashSet<>(jdbc.sql("select id from " + table + " where school_id = :school and id in (:ids)")
                    .param("school", school)
                    .param("ids", ids)
                    .query(UUID.class)
                    .list());
        }
    }

    private static <T> Set<UUID> map(List<T> entries, Function<T, @Nullable UUID> id) {
        return entries.stream().map(id).filter(Objects::nonNull).collect(Collectors.toSet());
    }

    private String hash(TrialEntry trial) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of()
                    .formatHex(digest.digest(json.writeValueAsString(trial).getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", e);
        }
    }
}
