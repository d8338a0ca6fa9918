package io.isokinet.server.mastery;

import io.isokinet.core.mastery.Mark;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.Seen;
import io.isokinet.server.school.Schools;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class GridController {
    private final Marks marks;
    private final Records records;
    private final Schools schools;
    private final KnowHows knowHows;
    private final Clock clock;

    GridController(Marks marks, Records records, Schools schools, KnowHows knowHows, Clock clock) {
        this.marks = marks;
        this.records = records;
        this.schools = schools;
        this.knowHows = knowHows;
        this.clock = clock;
    }

    @GetMapping("/classes/{id}/grid")
    Grid grid(
            @PathVariable UUID id,
            @RequestParam("set") List<String> sets,
            @RequestParam(required = false) @Nullable LocalDate on) {
        return marks.grid(id, sets, on == null ? schools.today() : on);
    }

    /** RFC 4180 with a byte order mark, so that spreadsheets read the names right. */
    @GetMapping("/classes/{id}/grid.csv")
    ResponseEntity<byte[]> csv(
            @PathVariable UUID id,
            @RequestParam("set") List<String> sets,
            @RequestParam(required = false) @Nullable LocalDate on) {
        Grid grid = grid(id, sets, on);
        StringWriter text = new StringWriter().append('\uFEFF');
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            List<String> head = new ArrayList<>(List.of("Given name", "Family name", "Year"));
            for (Grid.SkillColumns skill : grid.skills()) {
                for (CueView cue : skill.cues()) {
                    head.add(skill.name() + ": " + cue.call().notSettled());
                    head.add("shown of looks");
                }
                head.add(skill.name() + ": level");
                head.add("counted");
            }
            csv.printRecord(head);
            for (Grid.Row row : grid.rows()) csv.printRecord(cells(grid, row));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        String name = "%s %s.csv".formatted(grid.className(), grid.on());
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static List<String> cells(Grid grid, Grid.Row row) {
        List<String> cells = new ArrayList<>(List.of(
                safe(row.child().given()),
                safe(row.child().family()),
                row.child().year()));
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

    /** A cell that starts like a formula is made text. */
    private static String safe(String cell) {
        return !cell.isEmpty() && "=+-@".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    /** Every look at a child and a cue, newest first, carried and voided ones included. */
    @GetMapping("/children/{id}/trials")
    List<Seen> history(@PathVariable UUID id, @RequestParam String cue) {
        knowHows.current().cue(cue);
        Set<String> keys = new LinkedHashSet<>(List.of(cue));
        knowHows.current().crosswalk().sourcesOf(cue).forEach(s -> keys.add(s.cue()));
        List<Seen> looks = new ArrayList<>(
                records.trials(List.of(id), keys, clock.instant().plusSeconds(1)));
        java.util.Collections.reverse(looks);
        return looks;
    }
}
