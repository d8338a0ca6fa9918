package io.isokinet.server.unit;

import io.isokinet.core.unit.Edit;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.http.Fields;
import io.isokinet.server.unit.Units.Alternative;
import io.isokinet.server.unit.Units.LessonForm;
import io.isokinet.server.unit.Units.UnitForm;
import io.isokinet.server.unit.Units.UnitLine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class UnitController {
    private static final int ALTERNATIVES = 6;

    private final Units units;
    private final Sheets sheets;
    private final TermStrip strip;
    private final Clock clock;

    UnitController(Units units, Sheets sheets, TermStrip strip, Clock clock) {
        this.units = units;
        this.sheets = sheets;
        this.strip = strip;
        this.clock = clock;
    }

    record LessonBody(
            @NotNull(message = "is needed") LocalDate onDate,
            @NotNull(message = "is needed") Integer minutes,
            @NotNull(message = "is needed") UUID spaceId) {}

    record UnitFormBody(
            @NotNull(message = "is needed") UUID classId,
            @NotBlank(message = "is needed") String title,
            @NotNull(message = "is needed") List<String> cueSets,
            @NotNull(message = "is needed") Wishes.Order order,
            @Nullable Integer newCues,
            @NotNull(message = "is needed") List<@Valid LessonBody> lessons) {}

    enum EditKind {
        MOVE,
        LOCK,
        UNLOCK,
        SWAP,
        ADJUST
    }

    /** @param position for MOVE @param activity for SWAP @param setting for ADJUST */
    record EditBody(
            @NotNull(message = "is needed") EditKind kind,
            @NotNull(message = "is needed") UUID segment,
            @Nullable Integer position,
            @Nullable String activity,
            @Nullable Integer setting) {
        Edit toEdit() {
            new Fields()
                    .check(kind != EditKind.MOVE || position != null, "position", "is needed to move.")
                    .check(kind != EditKind.SWAP || activity != null, "activity", "is needed to swap.")
                    .check(kind != EditKind.ADJUST || setting != null, "setting", "is needed to adjust.")
                    .done();
            String id = segment.toString();
            return switch (kind) {
                case MOVE -> new Edit.Move(id, position == null ? 0 : position);
                case LOCK -> new Edit.Lock(id, true);
                case UNLOCK -> new Edit.Lock(id, false);
                case SWAP -> new Edit.Swap(id, String.valueOf(activity));
                case ADJUST -> new Edit.Adjust(id, setting == null ? 0 : setting);
            };
        }
    }

    record StateBody(@NotNull(message = "is needed") LessonState state) {}

    @GetMapping("/units")
    List<UnitLine> units() {
        return units.all();
    }

    @PutMapping("/units/{id}")
    ResponseEntity<UnitView> make(@PathVariable UUID id, @Valid @RequestBody UnitFormBody body) {
        units.make(
                id,
                new UnitForm(
                        body.classId(),
                        body.title(),
                        body.cueSets(),
                        body.order(),
                        body.newCues(),
                        body.lessons().stream()
                                .map(l -> new LessonForm(l.onDate(), l.minutes(), l.spaceId()))
                                .toList()));
        return tagged(units.view(id));
    }

    @GetMapping("/units/{id}")
    ResponseEntity<UnitView> unit(@PathVariable UUID id) {
        return tagged(units.view(id));
    }

    @PostMapping("/units/{id}/edits")
    ResponseEntity<UnitView> edit(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody EditBody body) {
        return tagged(units.edit(id, body.toEdit(), ifMatch));
    }

    @PostMapping("/units/{id}/replan")
    ResponseEntity<UnitView> replan(
            @PathVariable UUID id, @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        return tagged(units.replan(id, ifMatch));
    }

    @PostMapping("/units/{id}/undo")
    ResponseEntity<UnitView> undo(
            @PathVariable UUID id, @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        return tagged(units.undo(id, ifMatch));
    }

    @PostMapping("/units/{id}/redo")
    ResponseEntity<UnitView> redo(
            @PathVariable UUID id, @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        return tagged(units.redo(id, ifMatch));
    }

    @GetMapping("/units/{id}/segments/{segment}/alternatives")
    List<Alternative> alternatives(@PathVariable UUID id, @PathVariable UUID segment) {
        return units.alternatives(id, segment, ALTERNATIVES);
    }

    @GetMapping("/lessons/{id}/sheet")
    Sheets.SheetView sheet(@PathVariable UUID id) {
        return sheets.view(id);
    }

    @PutMapping("/lessons/{id}/state")
    ResponseEntity<Void> state(@PathVariable UUID id, @Valid @RequestBody StateBody body) {
        units.state(id, body.state(), clock.instant());
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/term")
    TermStrip.TermView term() {
        return strip.view();
    }

    private static ResponseEntity<UnitView> tagged(UnitView view) {
        return ResponseEntity.ok().eTag(view.head().toString()).body(view);
    }
}
