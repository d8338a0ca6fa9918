package io.isokinet.server.place;

import io.isokinet.core.place.Place.Floor;
import io.isokinet.server.place.Spaces.SpaceForm;
import io.isokinet.server.place.Spaces.SpaceView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/spaces")
class SpaceController {
    private final Spaces spaces;

    SpaceController(Spaces spaces) {
        this.spaces = spaces;
    }

    record SpaceBody(
            @NotBlank(message = "is needed") String name,
            @NotNull(message = "is needed") Integer lengthCm,
            @NotNull(message = "is needed") Integer widthCm,
            @Nullable Integer ceilingCm,
            @NotNull(message = "is needed") Floor floor,
            @NotNull(message = "is needed") Integer wallSpots) {}

    @GetMapping
    List<SpaceView> spaces() {
        return spaces.all();
    }

    @PutMapping("/{id}")
    SpaceView put(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody SpaceBody body) {
        return spaces.put(
                id,
                new SpaceForm(
                        body.name(), body.lengthCm(), body.widthCm(), body.ceilingCm(), body.floor(), body.wallSpots()),
                ifMatch);
    }
}
