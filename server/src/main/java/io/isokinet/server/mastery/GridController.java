package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Mark;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayReport;
import io.isokinet.server.account.Subject;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.Observation;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import io.isokinet.server.table.TableWriter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class GridController {
    private final Marks marks;
    private final Records records;
    private final Schools schools;
    private final Classes classes;
    private final KnowHows knowHows;
    private final Clock clock;
    private final Calls calls;

    GridController(
            Marks marks,
            Records records,
            Schools schools,
            Classes classes,
            KnowHows knowHows,
            Clock clock,
            Calls calls) {
        this.calls = calls;
        this.marks = marks;
        this.records = records;
        this.schools = schools;
        this.classes = classes;
        this.knowHows = knowHows;
        this.clock = clock;
    }

    @GetMapping("/classes/{id}/grid")
    @MayReport(of = Subject.CLASS)
    Grid grid(
            @PathVariable UUID id,
            @RequestParam("set") List<String> sets,
            @RequestParam(required = false) @Nullable LocalDate on) {
        return seen(id, sets, on).believing();
    }

    private Grid seen(UUID id, List<String> sets, @Nullable LocalDate on) {
        return marks.grid(id, sets, on == null ? schools.today() : on);
    }

    @GetMapping(value = "/classes/{id}/grid.csv", produces = TableWriter.CSV_TYPE)
    @MayReport(of = Subject.CLASS)
    ResponseEntity<byte[]> csv(
            @PathVariable UUID id,
            @RequestParam("set") List<String> sets,
            @RequestParam(required = false) @Nullable LocalDate on) {
        Grid grid = seen(id, sets, on);
        List<String> head = new ArrayList<>(List.of("Given name", "Family name", "Year"));
        for (Grid.SkillColumns skill : grid.skills()) {
            for (CueView cue : skill.cues()) {
                head.add(skill.name() + ": " + cue.call().notSettled());
                head.add("shown of looks");
            }
            head.add(skill.name() + ": level");
            head.add("counted");
        }
        return TableWriter.csv(
                "%s %s".formatted(grid.className(), grid.on()),
                head,
                grid.rows().stream().map(row -> cells(grid, row)).toList());
    }

    private static List<String> cells(Grid grid, Grid.Row row) {
        List<String> cells = new ArrayList<>(
                List.of(row.child().given(), row.child().family(), row.child().year()));
        for (Grid.SkillColumns skill : grid.skills()) {
            for (CueView cue : skill.cues()) {
                Grid.Cell cell = row.cells().get(cue.key());
                cells.add(cell.mark().label());
                cells.add(cell.mark() == Mark.NOT_TAUGHT ? "" : "%d of %d".formatted(cell.shown(), cell.trials()));
            }
            Grid.LevelView level = row.levels().get(skill.skill());
            cells.add(level.label());
            cells.add(level.counted());
        }
        return cells;
    }

    /** Every look at a child and a cue, newest first, carried and voided ones included. */
    @GetMapping("/children/{id}/trials")
    @MayPlan(of = Subject.CHILD)
    List<Observation> history(@PathVariable UUID id, @RequestParam String cue) {
        classes.child(id);
        knowHows.current().cue(cue);
        Set<String> keys = new LinkedHashSet<>(List.of(cue));
        knowHows.current().crosswalk().sourcesOf(cue).forEach(s -> keys.add(s.cue()));
        List<Observation> looks = new ArrayList<>(
                records.trials(List.of(id), keys, clock.instant().plusSeconds(1)));
        java.util.Collections.reverse(looks);
        return looks;
    }

    /** @param owned null to take the call back */
    record CallForm(
            @NotBlank String cue,
            @Nullable Boolean owned,

            @NotBlank(message = "{needs.a.reason}") @Size(max = 300)
            String reason) {}

    /** A teacher's call, which stands in place of what was counted until it is taken back. */
    @PostMapping("/children/{id}/calls")
    @MayPlan(of = Subject.CHILD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void call(@PathVariable UUID id, @Valid @RequestBody CallForm form) {
        classes.child(id);
        knowHows.current().cue(form.cue());
        calls.add(id, form.cue(), form.owned(), form.reason().strip());
    }
}
