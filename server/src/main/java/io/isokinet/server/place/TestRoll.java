package io.isokinet.server.place;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Three test rolls of a ball at a target, as they fell. */
@Entity
@Table(name = "test_roll")
class TestRoll extends Owned {
    String ball;
    String target;
    int fell;
    Instant at;

    @SuppressWarnings("NullAway.Init")
    protected TestRoll() {}

    TestRoll(UUID id, String ball, String target) {
        super(id);
        this.ball = ball;
        this.target = target;
        this.at = Instant.EPOCH;
    }

    @Override
    public @Nullable String logName() {
        return "test rolls: " + ball + " at " + target;
    }
}
