package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Setting;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Sides;
import io.isokinet.server.record.Kind;
import io.isokinet.server.record.Records.Observation;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.CueFit;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A child as far as its marks need it: its age, its sides, the cues that do not fit it as they stand, and the looks that count. */
final class Learner {
    final UUID id;
    final Map<Action, Side> sides = new EnumMap<>(Action.class);
    final Map<String, CueFit> fits = new HashMap<>();
    int yearAge;
    private final Map<String, List<Look>> looks = new HashMap<>();

    Learner(UUID id) {
        this.id = id;
    }

    /** Without looks yet. */
    static Learner of(ChildView child) {
        Learner learner = new Learner(child.id());
        learner.yearAge = child.yearAge();
        learner.fits.putAll(child.cues());
        child.sides().stream()
                .filter(s -> s.side() != null && !s.assumed())
                .forEach(s -> learner.sides.put(s.action(), s.side()));
        return learner;
    }

    /**
     * A look that counts: the teacher's, and not taken back.
     *
     * @param observer name of who made it; null where nobody asks
     */
    record Look(
            boolean shown,
            Setting setting,
            @Nullable UUID sitting,
            @Nullable Side side,
            @Nullable UUID lesson,
            @Nullable UUID segment,
            Instant seenAt,
            @Nullable String observer) {}

    /** Takes a look that was recorded, if it counts. */
    void take(Observation look) {
        if (look.kind() != Kind.TEACHER || look.voided()) return;
        add(
                look.cue(),
                new Look(
                        look.shown(),
                        look.setting(),
                        look.sitting(),
                        look.side(),
                        look.lesson(),
                        look.segment(),
                        look.seenAt(),
                        look.observer()));
    }

    /** Takes a look as a statement tells it: whether it was shown and when in columns of their own, the rest beside. */
    void take(String cue, Beside.LookBody body, ResultSet row) throws SQLException {
        add(
                cue,
                new Look(
                        row.getBoolean("owned"),
                        body.setting(),
                        body.sitting(),
                        body.side(),
                        body.lesson(),
                        body.segment(),
                        row.getObject("at", OffsetDateTime.class).toInstant(),
                        null));
    }

    private void add(String cue, Look look) {
        looks.computeIfAbsent(cue, c -> new ArrayList<>()).add(look);
    }

    /** Looks at a cue, the oldest first. */
    List<Look> looks(String cue) {
        return looks.getOrDefault(cue, List.of());
    }

    /** All of them. */
    Stream<Look> everything() {
        return looks.values().stream().flatMap(List::stream);
    }

    CueFit fit(String cue) {
        return fits.getOrDefault(cue, CueFit.APPLIES);
    }

    /** Its hand or foot for an action; null while it is not settled. */
    @Nullable
    Side side(Action action) {
        return Sides.of(sides).of(action).orElse(null);
    }
}
