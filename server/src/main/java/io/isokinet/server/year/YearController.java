package io.isokinet.server.year;

import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.Subject;
import io.isokinet.server.calendar.IcsWriter;
import io.isokinet.server.paper.PdfPress;
import io.isokinet.server.school.Schools;
import io.isokinet.server.table.TableWriter;
import io.isokinet.server.year.YearOnAPage.YearCell;
import io.isokinet.server.year.YearOnAPage.YearHalf;
import io.isokinet.server.year.YearOnAPage.YearLack;
import io.isokinet.server.year.YearOnAPage.YearOfClass;
import io.isokinet.server.year.YearOnAPage.YearSkill;
import io.isokinet.server.year.YearOnAPage.YearUnit;
import io.isokinet.server.year.Years.YearProposed;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The school year on a page, on the screen, on paper and as files. */
@RestController
@RequestMapping("/api")
class YearController {
    private static final List<String> COLUMNS =
            List.of("class", "year", "half term", "from", "to", "lessons", "skills", "units", "outcomes lacking");
    private static final String CALENDAR = "text/calendar;charset=UTF-8";

    private final Years years;
    private final Schools schools;
    private final PdfPress press;
    private final Clock clock;

    YearController(Years years, Schools schools, PdfPress press, Clock clock) {
        this.years = years;
        this.schools = schools;
        this.press = press;
        this.clock = clock;
    }

    record SkillsForm(@NotNull List<String> skills) {}

    @GetMapping("/year")
    @MayPlan
    YearOnAPage year() {
        return years.view();
    }

    @PutMapping("/classes/{id}/year/{day}")
    @MayPlan(of = Subject.CLASS)
    YearOnAPage put(@PathVariable UUID id, @PathVariable LocalDate day, @Valid @RequestBody SkillsForm form) {
        return years.put(id, day, form.skills());
    }

    /** What could be in the half terms that are empty. */
    @GetMapping("/year/proposal")
    @MayPlan
    List<YearProposed> proposal() {
        return years.proposal();
    }

    @GetMapping(value = "/year/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayPlan
    ResponseEntity<byte[]> paper() {
        String title = "%s: the year".formatted(schools.view().name());
        return PdfPress.answer(title, press.print("year", title, Map.of("y", years.view())));
    }

    @GetMapping(value = "/year/table.csv", produces = TableWriter.CSV_TYPE)
    @MayPlan
    ResponseEntity<byte[]> csv() {
        YearOnAPage year = years.view();
        List<List<String>> rows = new ArrayList<>();
        for (YearOfClass c : year.classes())
            for (int i = 0; i < year.halves().size(); i++) {
                YearHalf half = year.halves().get(i);
                YearCell cell = c.cells().get(i);
                rows.add(List.of(
                        c.name(),
                        c.year(),
                        half.name(),
                        half.from().toString(),
                        half.to().toString(),
                        String.valueOf(cell.lessons()),
                        names(cell),
                        cell.units().stream().map(YearUnit::title).collect(Collectors.joining("; ")),
                        i == 0 ? c.lacks().stream().map(YearLack::code).collect(Collectors.joining("; ")) : ""));
            }
        return TableWriter.csv("The year", COLUMNS, rows);
    }

    /** A day for each half term of a class, its first. */
    @GetMapping(value = "/year/year.ics", produces = CALENDAR)
    @MayPlan
    ResponseEntity<byte[]> calendar() {
        YearOnAPage year = years.view();
        IcsWriter ics = new IcsWriter(schools.view().name() + ": the year", schools.zone(), clock.instant());
        for (YearOfClass c : year.classes())
            for (YearCell cell : c.cells()) {
                String what = names(cell);
                if (what.isEmpty()) continue;
                ics.add(
                        "%s-%s@isokinet".formatted(c.id(), cell.from()),
                        "%s: %s".formatted(c.name(), what),
                        "",
                        "%d lessons in this half term".formatted(cell.lessons()),
                        cell.from(),
                        null,
                        0,
                        false);
            }
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"year.ics\"")
                .body(ics.text().getBytes(StandardCharsets.UTF_8));
    }

    private static String names(YearCell cell) {
        return Stream.concat(
                        cell.units().stream().flatMap(u -> u.skills().stream()),
                        cell.skills().stream().map(YearSkill::name))
                .distinct()
                .collect(Collectors.joining(", "));
    }
}
