package io.isokinet.server.lesson;

import io.isokinet.core.group.GroupWay;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.Point;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.lesson.ClassGroups.GroupsView;
import io.isokinet.server.lesson.Sheets.LessonWork;
import io.isokinet.server.paper.FloorSvg;
import io.isokinet.server.paper.Png;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A lesson worked out, and what can be changed about how it is laid out. */
@RestController
@RequestMapping("/api")
class LessonController {
    private final Sheets sheets;
    private final Settings settings;
    private final ClassGroups groups;
    private final Lessons lessons;
    private final Spaces spaces;
    private final Lengths.Shown lengths;

    LessonController(
            Sheets sheets,
            Settings settings,
            ClassGroups groups,
            Lessons lessons,
            Spaces spaces,
            Lengths.Shown lengths) {
        this.lengths = lengths;
        this.sheets = sheets;
        this.settings = settings;
        this.groups = groups;
        this.lessons = lessons;
        this.spaces = spaces;
    }

    /** @param x metres from the left @param y metres from the top */
    record MovedBody(
            @NotNull Integer group,
            @NotNull Double x,
            @NotNull Double y) {}

    /**
     * All of what is changed by hand about one stretch; what is left out is as usual.
     *
     * @param groups wished number @param without keys of things not to use @param moved groups put elsewhere
     * @param places that groups of a child are given; none if left out
     */
    record SettingBody(
            @Nullable Integer groups,
            @NotNull Set<String> without,
            @NotNull List<@Valid MovedBody> moved,
            @Nullable List<@Valid PlaceBody> places) {}

    /** @param child whose group is to have the place @param place index from 0 */
    record PlaceBody(@NotNull UUID child, @NotNull Integer place) {}

    record DealBody(
            @NotNull GroupWay way,
            @NotNull Integer groups,
            @NotNull List<String> cueSets) {}

    record ByHandBody(@NotNull List<List<UUID>> groups) {}

    @GetMapping("/lessons/{id}/sheet")
    @MayRead(of = Subject.LESSON)
    SheetView sheet(@PathVariable UUID id) {
        return sheets.view(id);
    }

    /** Changes how a stretch is laid out; the whole lesson is worked out anew. */
    @PutMapping("/lessons/{id}/segments/{segment}/setting")
    @MayPlan(of = Subject.LESSON)
    @Transactional
    public SheetView set(@PathVariable UUID id, @PathVariable UUID segment, @Valid @RequestBody SettingBody body) {
        List<PlaceBody> places = Objects.requireNonNullElse(body.places(), List.of());
        new Fields()
                .check(body.groups() == null || body.groups() >= 1 && body.groups() <= 60, "groups", "must be 1 to 60.")
                .check(
                        body.moved().stream()
                                .allMatch(m -> m.group() >= 0
                                        && m.group() < 60
                                        && Math.abs(m.x()) < 1000
                                        && Math.abs(m.y()) < 1000),
                        "moved",
                        "must name a group and metres on the floor.")
                .check(
                        places.stream().allMatch(p -> p.place() >= 0 && p.place() < 60),
                        "places",
                        "must name a child and a place from 0 to 59.")
                .done();
        settings.put(
                id,
                segment,
                new Setting(
                        body.groups(),
                        body.without(),
                        body.moved().stream()
                                .collect(Collectors.toMap(MovedBody::group, m -> new Point(m.x(), m.y()), (a, b) -> b)),
                        places.stream().collect(Collectors.toMap(PlaceBody::child, PlaceBody::place, (a, b) -> b))));
        return sheets.view(id);
    }

    /** The floor of a stretch to print to scale. */
    @GetMapping(value = "/lessons/{id}/segments/{segment}/floor.svg", produces = "image/svg+xml")
    @MayRead(of = Subject.LESSON)
    @Transactional(readOnly = true)
    public ResponseEntity<String> floorSvg(@PathVariable UUID id, @PathVariable UUID segment) {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .body(svg(id, segment, true));
    }

    @GetMapping(value = "/lessons/{id}/segments/{segment}/floor.png", produces = MediaType.IMAGE_PNG_VALUE)
    @MayRead(of = Subject.LESSON)
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> floorPng(@PathVariable UUID id, @PathVariable UUID segment) {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).body(Png.of(svg(id, segment, false)));
    }

    private String svg(UUID id, UUID segment, boolean toScale) {
        LessonWork worked = sheets.work(id);
        FloorPlan plan = worked.floors().get(segment);
        if (plan == null) throw new NotFoundException("floor plan of a segment", segment);
        String name = worked.view().segments().stream()
                .filter(s -> s.id().equals(segment))
                .findFirst()
                .map(s -> s.plan().name())
                .orElse("");
        return lengths.of(FloorSvg.of(
                plan,
                worked.place(),
                name + " in " + worked.place().name(),
                toScale ? FloorSvg.scaleFor(plan, 180) : null));
    }

    @GetMapping("/lessons/{id}/wet")
    @MayRead(of = Subject.LESSON)
    @Transactional(readOnly = true)
    public WetView wet(@PathVariable UUID id) {
        InHand lesson = lessons.inHand(id);
        return sheets.wet(lesson)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s has no place to go to when it rains; say one under Cupboard & spaces."
                                .formatted(spaces.view(lesson.spaceId()).name())));
    }

    /** @param cueSets from which marks and needs are read; none to group without them */
    @GetMapping("/classes/{id}/groups")
    @MayRead(of = Subject.CLASS)
    GroupsView groups(@PathVariable UUID id, @RequestParam(required = false) @Nullable List<String> cueSets) {
        return groups.view(id, Objects.requireNonNullElse(cueSets, List.of()));
    }

    /** Groups a class anew; the earlier groups stay known, for who has been with whom. */
    @PostMapping("/classes/{id}/groups")
    @MayPlan(of = Subject.CLASS)
    GroupsView deal(@PathVariable UUID id, @Valid @RequestBody DealBody body) {
        return groups.deal(id, body.way(), body.groups(), body.cueSets());
    }

    @PutMapping("/classes/{id}/groups")
    @MayPlan(of = Subject.CLASS)
    GroupsView put(@PathVariable UUID id, @Valid @RequestBody ByHandBody body) {
        return groups.put(id, body.groups());
    }
}
