package io.isokinet.server.eye;

import io.isokinet.core.eye.Judged;
import io.isokinet.core.eye.Level;
import io.isokinet.core.eye.Stand;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A round that somebody judged. It stands in no log: it is that person's own. */
@Entity
@Table(name = "eye_round")
class RoundRow extends Owned {
    @Column(name = "person_id")
    private UUID person;

    private Instant at;

    @Column(name = "cue_key")
    private String cue;

    @Enumerated(EnumType.STRING)
    private Level level;

    @Enumerated(EnumType.STRING)
    private Stand stand;

    private int age;

    private long seed;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Answer> answers;

    @SuppressWarnings("NullAway.Init")
    protected RoundRow() {}

    RoundRow(UUID id, UUID person, Judged judged, int age, long seed) {
        super(id);
        this.person = person;
        this.at = judged.at();
        this.cue = judged.cue();
        this.level = judged.level();
        this.stand = judged.stand();
        this.age = age;
        this.seed = seed;
        this.answers = judged.answers().stream()
                .map(a -> new Answer(a.there(), a.shown(), a.second().orElse(null), a.seconds()))
                .toList();
    }

    /** As it is kept. */
    record Answer(boolean there, boolean shown, @Nullable Boolean second, double seconds) {}

    UUID person() {
        return person;
    }

    Judged judged() {
        return new Judged(
                at,
                cue,
                level,
                stand,
                answers.stream()
                        .map(a -> new Judged.Answer(a.there(), a.shown(), Optional.ofNullable(a.second()), a.seconds()))
                        .toList());
    }
}
