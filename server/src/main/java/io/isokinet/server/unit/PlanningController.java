package io.isokinet.server.unit;

import io.isokinet.core.check.FoundException;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.http.Tagged;
import io.isokinet.server.tenancy.SchoolScope;
import io.isokinet.server.unit.UnitPlanning.WishesForm;
import io.isokinet.server.unit.Versions.Comparison;
import io.isokinet.server.unit.Versions.VersionLine;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Planning while one looks on, proposals, versions side by side, and the rules with their weights. */
@RestController
@RequestMapping("/api")
class PlanningController {
    private final UnitPlanning planning;
    private final UnitEditing editing;
    private final Versions versions;
    private final Alternatives alternatives;
    private final Teams teams;
    private final JsonMapper json;
    /** Units that are being planned over a stream, and whether somebody takes what there is. */
    private final Map<Running, Boolean> running = new ConcurrentHashMap<>();

    PlanningController(
            UnitPlanning planning,
            UnitEditing editing,
            Versions versions,
            Alternatives alternatives,
            Teams teams,
            JsonMapper json) {
        this.planning = planning;
        this.editing = editing;
        this.versions = versions;
        this.alternatives = alternatives;
        this.teams = teams;
        this.json = json;
    }

    /** @param weight what one of its counts costs unless wished otherwise; ten are one missed exposure of a cue */
    record UnitRuleView(String key, String name, Rule.Level level, int weight) {}

    record TakeBody(@NotNull UUID version, @NotNull Set<UUID> lessons) {}

    @GetMapping("/unit-rules")
    @MayRead
    List<UnitRuleView> rules() {
        return Rules.all().stream()
                .map(r -> new UnitRuleView(r.key(), r.name(), r.level(), r.weight()))
                .toList();
    }

    /** Plans and saves a new unit; each line tells the best so far, the last one the unit. Closing it cancels, and nothing is saved. */
    @PutMapping(path = "/units/{id}/planning", produces = "application/x-ndjson")
    @MayPlan(of = Subject.UNIT)
    void planNew(
            @PathVariable UUID id, @Valid @RequestBody UnitController.UnitFormBody body, HttpServletResponse response) {
        teams.require(body.classId());
        stream(id, response, progress -> {
            planning.make(id, body.toForm(), progress);
            return id;
        });
    }

    /** What can be said of a unit before it is planned: why it cannot be so, and which wishes cannot be had. Nothing is saved. */
    @PostMapping("/classes/{id}/ahead")
    @MayPlan(of = Subject.CLASS)
    UnitPlanning.AheadView ahead(@PathVariable UUID id, @Valid @RequestBody UnitController.UnitFormBody body) {
        if (!id.equals(body.classId()))
            throw new IllegalArgumentException("The unit is for another class than is asked about; ask about its own.");
        return planning.ahead(body.toForm());
    }

    /** Plans the rest anew as a proposal; each line tells the best so far, the last one the proposal. Closing it cancels. */
    @PostMapping(path = "/units/{id}/proposals", produces = "application/x-ndjson")
    @MayPlan(of = Subject.UNIT)
    void propose(
            @PathVariable UUID id,
            @RequestBody(required = false) @Nullable WishesForm wishes,
            HttpServletResponse response) {
        stream(id, response, progress -> planning.propose(id, wishes, progress));
    }

    /** A unit of a school that is being planned. */
    private record Running(UUID school, UUID unit) {}

    /**
     * Takes the best plan so far of a unit that is being planned.
     *
     * @throws NotFoundException if it is not, or no more
     */
    @PostMapping("/units/{id}/planning/enough")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @MayPlan(of = Subject.UNIT)
    void enough(@PathVariable UUID id) {
        if (running.replace(new Running(SchoolScope.current(), id), true) == null)
            throw new NotFoundException("planning", id);
    }

    private void stream(UUID unit, HttpServletResponse response, Function<Progress, UUID> work) {
        Running mine = new Running(SchoolScope.current(), unit);
        running.put(mine, false);
        Progress progress = new Progress(response, json, () -> running.getOrDefault(mine, false));
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
        } finally {
            running.remove(mine);
        }
    }

    /**
     * What fills spare minutes of a lesson, or catches up one that was missed.
     *
     * @param lesson counted from 0
     * @param missed null for spare minutes
     */
    @GetMapping("/units/{id}/spare")
    @MayRead(of = Subject.UNIT)
    List<Alternatives.SpareView> spare(
            @PathVariable UUID id,
            @RequestParam int lesson,
            @RequestParam(defaultValue = "5") int minutes,
            @RequestParam(required = false) @Nullable Integer missed) {
        return alternatives.spare(id, lesson, minutes, missed);
    }

    @GetMapping("/units/{id}/versions")
    @MayRead(of = Subject.UNIT)
    List<VersionLine> versions(@PathVariable UUID id) {
        return versions.of(id);
    }

    @GetMapping("/units/{id}/versions/{version}")
    @MayRead(of = Subject.UNIT)
    Comparison compare(@PathVariable UUID id, @PathVariable UUID version) {
        return versions.compare(id, version);
    }

    @PostMapping("/units/{id}/versions")
    @MayPlan(of = Subject.UNIT)
    ResponseEntity<UnitView> take(@PathVariable UUID id, IfMatch version, @Valid @RequestBody TakeBody body) {
        UnitView view = editing.take(id, body.version(), body.lessons(), version);
        return Tagged.of(view, view.head());
    }
}
