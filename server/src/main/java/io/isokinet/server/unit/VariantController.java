package io.isokinet.server.unit;

import io.isokinet.core.check.FoundException;
import io.isokinet.core.unit.Rules;
import io.isokinet.core.unit.Weights;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.unit.Variants.Comparison;
import io.isokinet.server.unit.Variants.VersionLine;
import io.isokinet.server.unit.Variants.WishesForm;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Planning while one looks on, proposals, versions side by side, and the rules with their weights. */
@RestController
@RequestMapping("/api")
class VariantController {
    private final Units units;
    private final Variants variants;
    private final Teams teams;
    private final JsonMapper json;

    VariantController(Units units, Variants variants, Teams teams, JsonMapper json) {
        this.units = units;
        this.variants = variants;
        this.teams = teams;
        this.json = json;
    }

    /** @param weight what one of its counts costs unless wished otherwise; ten are one missed exposure of a cue */
    record UnitRuleView(String key, String name, Rule.Level level, int weight) {}

    record TakeBody(
            @NotNull(message = "is needed") UUID version,
            @NotNull(message = "are needed") Set<UUID> lessons) {}

    @GetMapping("/unit-rules")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<UnitRuleView> rules() {
        return Rules.all().stream()
                .map(r -> new UnitRuleView(r.key(), r.name(), r.level(), Weights.usual(r)))
                .toList();
    }

    /** Plans and saves a new unit; each line tells the best so far, the last one the unit. Closing it cancels, and nothing is saved. */
    @PutMapping(path = "/units/{id}/planning", produces = "application/x-ndjson")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    void planNew(
            @PathVariable UUID id, @Valid @RequestBody UnitController.UnitFormBody body, HttpServletResponse response) {
        teams.require(body.classId());
        stream(response, progress -> {
            units.make(id, body.toForm(), progress);
            return id;
        });
    }

    /** Plans the rest anew as a proposal; each line tells the best so far, the last one the proposal. Closing it cancels. */
    @PostMapping(path = "/units/{id}/proposals", produces = "application/x-ndjson")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    void propose(
            @PathVariable UUID id,
            @RequestBody(required = false) @Nullable WishesForm wishes,
            HttpServletResponse response) {
        stream(response, progress -> variants.propose(id, wishes, progress));
    }

    private void stream(HttpServletResponse response, Function<Progress, UUID> work) {
        Progress progress = new Progress(response, json);
        try {
            progress.made(work.apply(progress));
        } catch (CancelledException e) {
            // Nobody is there to be told.
        } catch (FoundException e) {
            progress.failed(Map.of(
                    "status",
                    400,
                    "title",
                    "There is no such plan",
                    "detail",
                    "Nothing was changed.",
                    "findings",
                    e.findings().all()));
        } catch (IllegalArgumentException e) {
            progress.failed(Map.of(
                    "status", 400, "title", "It cannot be done this way", "detail", String.valueOf(e.getMessage())));
        }
    }

    /** What fills spare minutes of a lesson, or catches up one that was missed. @param lesson counted from 0 @param missed null for spare minutes */
    @GetMapping("/units/{id}/spare")
    @Allowed(
            value = {Role.TEACHER, Role.ASSISTANT, Role.VIEWER},
            of = Subject.UNIT)
    List<Variants.SpareView> spare(
            @PathVariable UUID id,
            @RequestParam int lesson,
            @RequestParam(defaultValue = "5") int minutes,
            @RequestParam(required = false) @Nullable Integer missed) {
        return variants.spare(id, lesson, minutes, missed);
    }

    @GetMapping("/units/{id}/versions")
    @Allowed(
            value = {Role.TEACHER, Role.ASSISTANT, Role.VIEWER},
            of = Subject.UNIT)
    List<VersionLine> versions(@PathVariable UUID id) {
        return variants.versions(id);
    }

    @GetMapping("/units/{id}/versions/{version}")
    @Allowed(
            value = {Role.TEACHER, Role.ASSISTANT, Role.VIEWER},
            of = Subject.UNIT)
    Comparison compare(@PathVariable UUID id, @PathVariable UUID version) {
        return variants.compare(id, version);
    }

    @PostMapping("/units/{id}/versions")
    @Allowed(value = Role.TEACHER, of = Subject.UNIT)
    ResponseEntity<UnitView> take(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody TakeBody body) {
        UnitView view = variants.take(id, body.version(), body.lessons(), ifMatch);
        return ResponseEntity.ok().eTag(view.head().toString()).body(view);
    }
}
