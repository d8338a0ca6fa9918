package io.isokinet.server.school;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Child extends Owned {
    String given;
    String family;

    @Column(name = "year_age")
    int yearAge;

    /** The id in the roster it came from; null if it was typed. */
    @Column(name = "source_id")
    @Nullable
    String sourceId;

    @Column(name = "erased_at")
    @Nullable
    Instant erasedAt;

    @SuppressWarnings("NullAway.Init")
    protected Child() {}

    Child(UUID id, String given, String family, int yearAge, @Nullable String sourceId) {
        super(id);
        this.given = given;
        this.family = family;
        this.yearAge = yearAge;
        this.sourceId = sourceId;
    }

    @Override
    public String logName() {
        return "child";
    }

    @Override
    public boolean logsValues() {
        return false;
    }
}
