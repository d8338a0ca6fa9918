package io.isokinet.server.school;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "child_cue")
class ChildCue extends Owned {
    @Column(name = "child_id")
    UUID childId;

    @Column(name = "cue_key")
    String cueKey;

    @Enumerated(EnumType.STRING)
    CueFit state;

    @Column(name = "from_day")
    LocalDate fromDay;

    @Column(name = "to_day")
    @Nullable
    LocalDate toDay;

    @SuppressWarnings("NullAway.Init")
    protected ChildCue() {}

    ChildCue(UUID id, UUID childId, String cueKey, CueFit state, LocalDate fromDay) {
        super(id);
        this.childId = childId;
        this.cueKey = cueKey;
        this.state = state;
        this.fromDay = fromDay;
    }

    @Override
    public String logName() {
        return "cue adapted for a child";
    }

    @Override
    public boolean logsValues() {
        return false;
    }
}
