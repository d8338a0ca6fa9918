package io.isokinet.server.place;

import io.isokinet.core.place.Place.Floor;
import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "space")
class SpaceRow extends Owned {
    String name;

    @Column(name = "length_cm")
    int lengthCm;

    @Column(name = "width_cm")
    int widthCm;

    /** Null outdoors. */
    @Column(name = "ceiling_cm")
    @Nullable
    Integer ceilingCm;

    @Enumerated(EnumType.STRING)
    Floor floor;

    @Column(name = "wall_spots")
    int wallSpots;

    /** One way from the classrooms. */
    @Column(name = "walking_minutes")
    int walkingMinutes;

    /** Where a lesson goes when it rains; null if nowhere. */
    @Column(name = "wet_space_id")
    @Nullable
    UUID wetSpaceId;

    @SuppressWarnings("NullAway.Init")
    protected SpaceRow() {}

    SpaceRow(UUID id, Spaces.SpaceForm form) {
        super(id);
        set(form);
    }

    final void set(Spaces.SpaceForm form) {
        name = form.name().strip();
        lengthCm = form.lengthCm();
        widthCm = form.widthCm();
        ceilingCm = form.ceilingCm();
        floor = form.floor();
        wallSpots = form.spots();
        walkingMinutes = form.walkingMinutes();
        wetSpaceId = form.wetSpaceId();
    }

    @Override
    public String logName() {
        return "space " + name;
    }
}
