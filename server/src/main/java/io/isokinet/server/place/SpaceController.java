package io.isokinet.server.place;

import io.isokinet.core.place.Place.Floor;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.place.Spaces.Feature;
import io.isokinet.server.place.Spaces.FeatureKind;
import io.isokinet.server.place.Spaces.LineColour;
import io.isokinet.server.place.Spaces.SpaceForm;
import io.isokinet.server.place.Spaces.SpaceView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/spaces")
class SpaceController {
    private final Spaces spaces;

    SpaceController(Spaces spaces) {
        this.spaces = spaces;
    }

    record FeatureBody(
            @NotNull FeatureKind kind,
            @Nullable String label,
            @Nullable LineColour colour,
            @NotNull Integer xCm,
            @NotNull Integer yCm,
            @NotNull Integer dxCm,
            @NotNull Integer dyCm) {
        Feature toFeature() {
            return new Feature(kind, label == null ? "" : label, colour, xCm, yCm, dxCm, dyCm);
        }
    }

    /** @param wallSpots left out to count them along the usable walls @param features left out for a bare floor */
    record SpaceBody(
            @NotBlank String name,
            @NotNull Integer lengthCm,
            @NotNull Integer widthCm,
            @Nullable Integer ceilingCm,
            @NotNull Floor floor,
            @Nullable Integer wallSpots,
            @Nullable Integer walkingMinutes,
            @Nullable UUID wetSpaceId,
            @Nullable List<@Valid FeatureBody> features) {}

    @GetMapping
    @MayRead
    List<SpaceView> spaces() {
        return spaces.all();
    }

    @PutMapping("/{id}")
    @LeadOnly
    SpaceView put(@PathVariable UUID id, IfMatch version, @Valid @RequestBody SpaceBody body) {
        return spaces.put(
                id,
                new SpaceForm(
                        body.name(),
                        body.lengthCm(),
                        body.widthCm(),
                        body.ceilingCm(),
                        body.floor(),
                        body.wallSpots(),
                        body.walkingMinutes() == null ? 0 : body.walkingMinutes(),
                        body.wetSpaceId(),
                        body.features() == null
                                ? List.of()
                                : body.features().stream()
                                        .map(FeatureBody::toFeature)
                                        .toList()),
                version);
    }

    @DeleteMapping("/{id}")
    @LeadOnly
    ResponseEntity<Void> remove(@PathVariable UUID id) {
        spaces.remove(id);
        return ResponseEntity.noContent().build();
    }
}
