package io.isokinet.server.place;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What stands on the floor or at its edge. Centimetres from the corner at the left and the top. */
@Entity
@Table(name = "space_feature")
class SpaceFeature extends Owned {
    @Column(name = "space_id")
    UUID spaceId;

    @Enumerated(EnumType.STRING)
    Spaces.FeatureKind kind;

    String label;

    @Enumerated(EnumType.STRING)
    Spaces.@Nullable LineColour colour;

    @Column(name = "x_cm")
    int xCm;

    @Column(name = "y_cm")
    int yCm;

    @Column(name = "dx_cm")
    int dxCm;

    @Column(name = "dy_cm")
    int dyCm;

    int position;

    @SuppressWarnings("NullAway.Init")
    protected SpaceFeature() {}

    SpaceFeature(UUID id, UUID spaceId, int position, Spaces.Feature feature) {
        super(id);
        this.spaceId = spaceId;
        this.position = position;
        this.kind = feature.kind();
        this.label = feature.label().strip();
        this.colour = feature.colour();
        this.xCm = feature.xCm();
        this.yCm = feature.yCm();
        this.dxCm = feature.dxCm();
        this.dyCm = feature.dyCm();
    }

    Spaces.Feature view() {
        return new Spaces.Feature(kind, label, colour, xCm, yCm, dxCm, dyCm);
    }
}
