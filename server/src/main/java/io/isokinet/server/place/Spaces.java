package io.isokinet.server.place;

import io.isokinet.core.place.Fixture;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.Place.Floor;
import io.isokinet.core.quantity.Length;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Halls and yards, and what is on their floors. */
@Service
public class Spaces {
    private static final int MOST_FEATURES = 80;

    interface Rows extends JpaRepository<SpaceRow, UUID> {}

    interface FeatureRows extends JpaRepository<SpaceFeature, UUID> {
        List<SpaceFeature> findBySpaceIdOrderByPosition(UUID space);
    }

    private final Rows rows;
    private final FeatureRows features;

    Spaces(Rows rows, FeatureRows features) {
        this.rows = rows;
        this.features = features;
    }

    /** What can be on a floor or at its edge. */
    public enum FeatureKind {
        /** A stretch of wall that a ball may be played against. */
        WALL,
        DOOR,
        /** Something fixed that is in the way: a radiator, a pillar, a step. */
        HAZARD,
        /** A painted line. */
        LINE,
        /** A painted circle; its radius is dx. */
        CIRCLE
    }

    /** Colours of painted lines. */
    public enum LineColour {
        WHITE,
        YELLOW,
        RED,
        BLUE,
        GREEN,
        BLACK
    }

    /**
     * Centimetres from the corner at the left and the top; it reaches to x + dx, y + dy.
     *
     * @param colour of a line or circle
     */
    public record Feature(
            FeatureKind kind, String label, @Nullable LineColour colour, int xCm, int yCm, int dxCm, int dyCm) {
        /** As the core needs it. */
        Fixture toFixture() {
            String name = label.isEmpty() && colour != null ? colour.name().toLowerCase(Locale.ROOT) + " line" : label;
            return new Fixture(
                    Fixture.Kind.valueOf(kind.name()), name, xCm / 100.0, yCm / 100.0, dxCm / 100.0, dyCm / 100.0);
        }
    }

    /**
     * @param ceilingCm null outdoors
     * @param wallSpots null to count them along the usable walls
     * @param walkingMinutes one way from the classrooms
     * @param wetSpaceId where a lesson goes when it rains; null if nowhere
     */
    public record SpaceForm(
            String name,
            int lengthCm,
            int widthCm,
            @Nullable Integer ceilingCm,
            Floor floor,
            @Nullable Integer wallSpots,
            int walkingMinutes,
            @Nullable UUID wetSpaceId,
            List<Feature> features) {
        /** A bare floor. */
        public static SpaceForm bare(
                String name, int lengthCm, int widthCm, @Nullable Integer ceilingCm, Floor floor, int wallSpots) {
            return new SpaceForm(name, lengthCm, widthCm, ceilingCm, floor, wallSpots, 0, null, List.of());
        }

        int spots() {
            if (wallSpots != null) return wallSpots;
            return features.stream()
                    .filter(f -> f.kind() == FeatureKind.WALL)
                    .mapToInt(f -> Place.wallSpots(new Length(Math.hypot(f.dxCm(), f.dyCm()) / 100)))
                    .sum();
        }
    }

    /**
     * Lengths in centimetres.
     *
     * @param version for If-Match
     */
    public record SpaceView(
            UUID id,
            String name,
            int lengthCm,
            int widthCm,
            @Nullable Integer ceilingCm,
            Floor floor,
            int wallSpots,
            int walkingMinutes,
            @Nullable UUID wetSpaceId,
            List<Feature> features,
            @Nullable Integer version) {
        /** As the core needs it. */
        public Place toPlace() {
            return new Place(
                    name,
                    new Length(lengthCm / 100.0),
                    new Length(widthCm / 100.0),
                    ceilingCm == null ? null : new Length(ceilingCm / 100.0),
                    floor,
                    wallSpots,
                    features.stream().map(Feature::toFixture).toList());
        }
    }

    @Transactional(readOnly = true)
    public List<SpaceView> all() {
        Map<UUID, List<SpaceFeature>> bySpace = features.findAll().stream()
                .sorted(Comparator.comparing((SpaceFeature f) -> f.position))
                .collect(Collectors.groupingBy(f -> f.spaceId));
        return rows.findAll().stream()
                .map(s -> view(s, bySpace.getOrDefault(s.id(), List.of())))
                .sorted(Comparator.comparing(SpaceView::name))
                .toList();
    }

    /** @throws NotFoundException if there is none */
    @Transactional(readOnly = true)
    public SpaceView view(UUID id) {
        return rows.findById(id)
                .map(s -> view(s, features.findBySpaceIdOrderByPosition(id)))
                .orElseThrow(() -> new NotFoundException("space", id));
    }

    /** Makes the space or changes it, with all that is on its floor. */
    @Transactional
    public SpaceView put(UUID id, SpaceForm form, IfMatch version) {
        check(id, form);
        Optional<SpaceRow> row = rows.findById(id);
        if (row.isPresent()) {
            version.require("space", row.get().version());
            row.get().set(form);
            rows.flush();
        } else rows.saveAndFlush(new SpaceRow(id, form));
        List<SpaceFeature> was = features.findBySpaceIdOrderByPosition(id);
        if (!was.stream().map(SpaceFeature::view).toList().equals(form.features())) {
            features.deleteAllInBatch(was);
            for (int i = 0; i < form.features().size(); i++)
                features.save(
                        new SpaceFeature(Ids.next(), id, i, form.features().get(i)));
            features.flush();
        }
        return view(id);
    }

    /** Where a class can go when its own place is gone. Sizes are common practice, with the furniture at the walls. */
    public enum Refuge {
        CLASSROOM("Classroom", 800, 700, 300, Floor.CARPET, 4),
        CORRIDOR("Corridor", 2000, 240, 280, Floor.WOOD, 6);

        private final SpaceForm form;

        Refuge(String name, int lengthCm, int widthCm, int ceilingCm, Floor floor, int wallSpots) {
            this.form = SpaceForm.bare(name, lengthCm, widthCm, ceilingCm, floor, wallSpots);
        }
    }

    /** The school's own space of that name; where it has none, one of the usual size is added, to be measured later. */
    @Transactional
    public SpaceView refuge(Refuge refuge) {
        return all().stream()
                .filter(s -> s.name().equalsIgnoreCase(refuge.form.name()))
                .findFirst()
                .orElseGet(() -> put(Ids.next(), refuge.form, IfMatch.ANY));
    }

    /** Removes a space that no lesson and no timetable is in. */
    @Transactional
    public void remove(UUID id) {
        SpaceRow row = rows.findById(id).orElseThrow(() -> new NotFoundException("space", id));
        rows.findAll().stream().filter(s -> id.equals(s.wetSpaceId)).forEach(s -> s.wetSpaceId = null);
        features.deleteAllInBatch(features.findBySpaceIdOrderByPosition(id));
        try {
            rows.delete(row);
            rows.flush();
        } catch (DataIntegrityViolationException e) {
            throw new IllegalArgumentException(
                    "“%s” is in the timetable, or lessons were given in it. Move those first, or rename it."
                            .formatted(row.name));
        }
    }

    private void check(UUID id, SpaceForm form) {
        Fields fields = new Fields()
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
                .check(
                        form.wallSpots() == null || form.wallSpots() >= 0 && form.wallSpots() <= 200,
                        "wallSpots",
                        "must be 0 to 200.")
                .check(
                        form.walkingMinutes() >= 0 && form.walkingMinutes() <= 30,
                        "walkingMinutes",
                        "must be 0 to 30, one way.")
                .check(
                        all().stream()
                                .noneMatch(s ->
                                        s.name().equalsIgnoreCase(form.name().strip()) && !s.id().equals(id)),
                        "name",
                        "is taken by another space.")
                .check(form.features().size() <= MOST_FEATURES, "features", "may be %d.".formatted(MOST_FEATURES));
        UUID wet = form.wetSpaceId();
        if (wet != null) {
            Optional<SpaceRow> there = rows.findById(wet);
            fields.check(there.isPresent() && !wet.equals(id), "wetSpaceId", "must be another space of the school.")
                    .check(
                            there.isEmpty() || there.get().ceilingCm != null,
                            "wetSpaceId",
                            "is outdoors too; choose one with a ceiling.");
        }
        for (int i = 0; i < form.features().size(); i++) {
            Feature f = form.features().get(i);
            fields.check(inside(form, f), "features[%d]".formatted(i), "reaches outside the floor; keep it inside.")
                    .check(f.label().length() <= 60, "features[%d].label".formatted(i), "may have 60 characters.");
        }
        fields.done();
    }

    private static boolean inside(SpaceForm form, Feature f) {
        if (f.kind() == FeatureKind.CIRCLE)
            return f.dxCm() > 0
                    && f.xCm() <= form.lengthCm()
                    && f.yCm() <= form.widthCm()
                    && f.xCm() >= 0
                    && f.yCm() >= 0;
        return f.xCm() >= 0
                && f.yCm() >= 0
                && f.xCm() <= form.lengthCm()
                && f.yCm() <= form.widthCm()
                && f.xCm() + f.dxCm() >= 0
                && f.xCm() + f.dxCm() <= form.lengthCm()
                && f.yCm() + f.dyCm() >= 0
                && f.yCm() + f.dyCm() <= form.widthCm();
    }

    private static SpaceView view(SpaceRow row, List<SpaceFeature> features) {
        return new SpaceView(
                row.id(),
                row.name,
                row.lengthCm,
                row.widthCm,
                row.ceilingCm,
                row.floor,
                row.wallSpots,
                row.walkingMinutes,
                row.wetSpaceId,
                features.stream().map(SpaceFeature::view).toList(),
                row.version());
    }
}
