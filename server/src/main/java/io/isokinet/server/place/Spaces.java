package io.isokinet.server.place;

import io.isokinet.core.place.Place;
import io.isokinet.core.place.Place.Floor;
import io.isokinet.core.quantity.Length;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.NotFoundException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Halls and yards. */
@Service
public class Spaces {
    interface Rows extends JpaRepository<SpaceRow, UUID> {}

    private final Rows rows;

    Spaces(Rows rows) {
        this.rows = rows;
    }

    /** @param ceilingCm null outdoors */
    public record SpaceForm(
            String name,
            int lengthCm,
            int widthCm,
            @Nullable Integer ceilingCm,
            Floor floor,
            int wallSpots) {}

    /** Lengths in centimetres. @param version for If-Match */
    public record SpaceView(
            UUID id,
            String name,
            int lengthCm,
            int widthCm,
            @Nullable Integer ceilingCm,
            Floor floor,
            int wallSpots,
            @Nullable Integer version) {
        /** As the core needs it. */
        public Place toPlace() {
            return new Place(
                    name,
                    new Length(lengthCm / 100.0),
                    new Length(widthCm / 100.0),
                    ceilingCm == null ? null : new Length(ceilingCm / 100.0),
                    floor,
                    wallSpots);
        }
    }

    @Transactional(readOnly = true)
    public List<SpaceView> all() {
        return rows.findAll().stream()
                .map(Spaces::view)
                .sorted(Comparator.comparing(SpaceView::name))
                .toList();
    }

    /** @throws NotFoundException if there is none */
    @Transactional(readOnly = true)
    public SpaceView view(UUID id) {
        return rows.findById(id).map(Spaces::view).orElseThrow(() -> new NotFoundException("space", id));
    }

    /** Makes the space or changes it. */
    @Transactional
    public SpaceView put(UUID id, SpaceForm form, @Nullable String ifMatch) {
        new Fields()
                .check(!form.name().isBlank() && form.name().length() <= 60, "name", "needs 1 to 60 characters.")
                .check(
                        form.widthCm() >= 200,
                        "widthCm",
                        "must be at least 200: a place less than 2 m wide is no place to move in.")
                .check(form.lengthCm() <= 20000, "lengthCm", "must be at most 20000 (200 m).")
                .check(form.widthCm() <= form.lengthCm(), "lengthCm", "is the longer side; swap length and width.")
                .check(
                        form.ceilingCm() == null || form.ceilingCm() >= 180 && form.ceilingCm() <= 5000,
                        "ceilingCm",
                        "must be 180 to 5000, or empty outdoors.")
                .check(form.wallSpots() >= 0 && form.wallSpots() <= 200, "wallSpots", "must be 0 to 200.")
                .check(
                        all().stream()
                                .noneMatch(s ->
                                        s.name().equalsIgnoreCase(form.name().strip()) && !s.id().equals(id)),
                        "name",
                        "is taken by another space.")
                .done();
        Optional<SpaceRow> row = rows.findById(id);
        if (row.isPresent()) {
            Fields.sameVersion("space", ifMatch, row.get().version());
            row.get().set(form);
            rows.flush();
            return view(row.get());
        }
        return view(rows.saveAndFlush(new SpaceRow(id, form)));
    }

    private static SpaceView view(SpaceRow row) {
        return new SpaceView(
                row.id(), row.name, row.lengthCm, row.widthCm, row.ceilingCm, row.floor, row.wallSpots, row.version());
    }
}
