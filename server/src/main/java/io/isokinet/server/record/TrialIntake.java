package io.isokinet.server.record;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.PressTime;
import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.Batch.TrialEntry;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes the looks of a batch down, once each: the same again changes nothing, and another with the same id is kept aside. */
@Component
class TrialIntake {
    private static final String RECORDED_CUES =
            "select distinct cue_key from cue_taught where school_id = :school and cue_key in (:cues)";
    /** One statement for however many looks a batch has. */
    private static final String TRIALS = """
            insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, sitting, side, fault, lesson_id, segment_id,
                               pack_sha256, observer, device_id, device_seq, device_at, seen_at, received_at, payload_sha256, formal, doubt)
            select t.id, :school, t.child, t.cue, t.shown, t.kind, t.setting, t.sitting, t.side, t.fault, t.lesson, t.segment,
                   :pack, :observer, :device, t.seq, t.at, t.seen, :received, t.hash, t.formal, t.doubt
            from jsonb_to_recordset(cast(:trials as jsonb)) t(
                id uuid, child uuid, cue text, shown boolean, kind text, setting text, sitting uuid, side text, fault text, lesson uuid,
                segment uuid, seq bigint, at timestamptz, seen timestamptz, hash text, formal boolean, doubt text)
            on conflict do nothing returning id""";

    private static final String HASHES =
            "select id, payload_sha256 from trial where school_id = :school and id in (:ids)";
    private static final String CONFLICT = """
            insert into trial_conflict (school_id, trial_id, payload, by_person, received_at)
            select :school, :id, cast(:payload as jsonb), :person, :received
            where not exists (
                select 1 from trial_conflict
                where school_id = :school and trial_id = :id and payload = cast(:payload as jsonb))""";

    private final JdbcClient jdbc;
    private final KnowHows knowHows;
    private final JsonMapper json;

    TrialIntake(JdbcClient jdbc, KnowHows knowHows, JsonMapper json) {
        this.jdbc = jdbc;
        this.knowHows = knowHows;
        this.json = json;
    }

    /**
     * A look as it is written down.
     *
     * @param at by the clock of the device
     * @param seen by ours
     */
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
            boolean formal,
            PressTime.@Nullable Doubt doubt) {}

    void take(Intake intake) {
        Set<String> cues =
                cues(intake, intake.batch.trials().stream().map(TrialEntry::cue).collect(Collectors.toSet()));
        List<TrialEntry> takeable = new ArrayList<>();
        for (TrialEntry trial : intake.batch.trials()) {
            if (!intake.children.contains(trial.child()))
                intake.refuse(trial.id(), "There is no such child in this school, or not in the classes given to you.");
            else if (Boolean.TRUE.equals(trial.formal()) && trial.sitting() == null)
                intake.refuse(trial.id(), "A trial of a test names its sitting; give one id to all trials of a child.");
            else if (trial.lesson() != null && !intake.isThere(trial.child(), trial.lesson()))
                intake.refuse(trial.id(), "There is no such lesson of this child's class in the classes given to you.");
            else if (!cues.contains(trial.cue()))
                intake.refuse(trial.id(), "There is no cue with the key (%s).".formatted(trial.cue()));
            else takeable.add(trial);
        }
        if (takeable.isEmpty()) return;
        Set<UUID> fresh = new HashSet<>(jdbc.sql(TRIALS)
                .param("school", intake.school)
                .param("pack", knowHows.sha256())
                .param("observer", intake.observer.person())
                .param("device", intake.batch.device())
                .param("received", Timestamp.from(intake.received))
                .param(
                        "trials",
                        json.writeValueAsString(
                                takeable.stream().map(t -> row(intake, t)).toList()))
                .query(UUID.class)
                .list());
        List<TrialEntry> again = new ArrayList<>();
        for (TrialEntry trial : takeable) {
            if (fresh.remove(trial.id())) intake.keep(trial.id());
            else again.add(trial);
        }
        if (!again.isEmpty()) compare(intake, again);
    }

    /** Known ids: the same content is a repetition, another one a conflict that is kept aside. */
    private void compare(Intake intake, List<TrialEntry> again) {
        Map<UUID, String> hashes = new HashMap<>();
        jdbc.sql(HASHES)
                .param("school", intake.school)
                .param("ids", Intake.named(again, TrialEntry::id))
                .query((row, n) -> hashes.put(row.getObject("id", UUID.class), row.getString("payload_sha256")))
                .list();
        for (TrialEntry trial : again) {
            String hash = hashes.get(trial.id());
            if (hash == null) intake.refuse(trial.id(), "Its number is taken already. Press it once more.");
            else if (hash(trial).equals(hash)) intake.keep(trial.id());
            else keepAside(intake, trial);
        }
    }

    private void keepAside(Intake intake, TrialEntry trial) {
        intake.contradict(trial.id());
        jdbc.sql(CONFLICT)
                .param("school", intake.school)
                .param("id", trial.id())
                .param("payload", json.writeValueAsString(trial))
                .param("person", intake.observer.person())
                .param("received", Timestamp.from(intake.received))
                .update();
    }

    /** A doubt as it is kept. */
    static @Nullable String name(PressTime.@Nullable Doubt doubt) {
        return doubt == null ? null : doubt.name();
    }

    private TrialRow row(Intake intake, TrialEntry trial) {
        PressTime when = intake.when(trial.at(), trial.lesson());
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
                when.at(),
                hash(trial),
                Boolean.TRUE.equals(trial.formal()),
                when.doubt());
    }

    /** Cues that are known, and those that were once taught here though the know-how has let them go. */
    private Set<String> cues(Intake intake, Set<String> keys) {
        KnowHow knowHow = knowHows.current();
        Set<String> known = new HashSet<>(keys);
        known.removeIf(c -> !knowHow.hasCue(c));
        if (known.size() < keys.size())
            known.addAll(jdbc.sql(RECORDED_CUES)
                    .param("school", intake.school)
                    .param("cues", keys)
                    .query(String.class)
                    .list());
        return known;
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
