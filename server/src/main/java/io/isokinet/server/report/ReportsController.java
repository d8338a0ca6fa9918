package io.isokinet.server.report;

import io.isokinet.core.mastery.Tally;
import io.isokinet.core.skill.CueSet;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.MayReport;
import io.isokinet.server.account.Subject;
import io.isokinet.server.paper.PdfPress;
import io.isokinet.server.report.ClassReport.CueReport;
import io.isokinet.server.report.ClassReport.Levels;
import io.isokinet.server.report.ClassReport.SkillReport;
import io.isokinet.server.report.Reports.Span;
import io.isokinet.server.report.SchoolReport.SkillLevels;
import io.isokinet.server.school.Children;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import io.isokinet.server.table.TableWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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

/** Pictures of a class and of the school, on the screen, on paper and as files. */
@RestController
@RequestMapping("/api")
class ReportsController {
    private static final List<String> CLASS_COLUMNS = List.of(
            "Skill",
            "Cue",
            "On",
            "Children",
            "Left out",
            "Not taught",
            "Not seen",
            "Developing",
            "Secure or mastered",
            "Per cent of those taught",
            "Gained",
            "Lost");
    private static final List<String> SCHOOL_COLUMNS =
            List.of("Class", "Year", "Children", "Skill", "On", "Not seen", "Developing", "Near mastery", "Mastery");

    private final Reports reports;
    private final PdfPress press;
    private final Children children;
    private final Classes classes;
    private final Schools schools;
    private final Aims aims;
    private final CatchUpCards catchUps;

    ReportsController(
            Reports reports,
            PdfPress press,
            Children children,
            Classes classes,
            Schools schools,
            Aims aims,
            CatchUpCards catchUps) {
        this.catchUps = catchUps;
        this.aims = aims;
        this.reports = reports;
        this.press = press;
        this.children = children;
        this.classes = classes;
        this.schools = schools;
    }

    /**
     * @param kind of cue sets; left out for those that each class works with
     * @param skill keys; left out for those the class works on this year
     * @param from left out for the first day of the year
     * @param to left out for today
     */
    record Asked(
            CueSet.@Nullable Kind kind,
            @Nullable List<String> skill,
            @Nullable LocalDate from,
            @Nullable LocalDate to) {
        List<String> skills() {
            return skill == null ? List.of() : skill;
        }
    }

    @GetMapping("/classes/{id}/report")
    @MayReport(of = Subject.CLASS)
    ClassReport ofClass(@PathVariable UUID id, Asked asked) {
        return reports.ofClass(id, asked.kind(), asked.skills(), reports.span(asked.from(), asked.to()));
    }

    @GetMapping(value = "/classes/{id}/report/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayReport(of = Subject.CLASS)
    ResponseEntity<byte[]> classPaper(@PathVariable UUID id, Asked asked) {
        ClassReport report = ofClass(id, asked);
        String title = "%s, %s".formatted(report.className(), report.year());
        return PdfPress.answer(title, press.print("class-report", title, Map.of("r", report, "bars", new Bars())));
    }

    @GetMapping(value = "/classes/{id}/report/table.csv", produces = TableWriter.CSV_TYPE)
    @MayReport(of = Subject.CLASS)
    ResponseEntity<byte[]> classCsv(@PathVariable UUID id, Asked asked) {
        ClassReport report = ofClass(id, asked);
        return TableWriter.csv(name(report), CLASS_COLUMNS, rows(report));
    }

    @GetMapping(value = "/classes/{id}/report/table.xlsx", produces = TableWriter.XLSX_TYPE)
    @MayReport(of = Subject.CLASS)
    ResponseEntity<byte[]> classXlsx(@PathVariable UUID id, Asked asked) {
        ClassReport report = ofClass(id, asked);
        return TableWriter.xlsx(name(report), CLASS_COLUMNS, rows(report));
    }

    private static String name(ClassReport report) {
        return "%s %s to %s".formatted(report.className(), report.from(), report.to());
    }

    private static List<List<Object>> rows(ClassReport report) {
        List<List<Object>> rows = new ArrayList<>();
        for (SkillReport skill : report.skills())
            for (CueReport cue : skill.cues()) {
                rows.add(row(report, skill, cue, report.from(), cue.before(), "", ""));
                rows.add(row(report, skill, cue, report.to(), cue.after(), cue.gained(), cue.lost()));
            }
        return rows;
    }

    private static List<Object> row(
            ClassReport report, SkillReport skill, CueReport cue, LocalDate on, Tally t, Object gained, Object lost) {
        return List.of(
                skill.name(),
                cue.call(),
                on.toString(),
                report.children(),
                t.leftOut(),
                t.notTaught(),
                t.notSeen(),
                t.developing(),
                t.owned(),
                t.percentOwned(),
                gained,
                lost);
    }

    @GetMapping("/school/report")
    @MayReport
    SchoolReport ofSchool(Asked asked) {
        return reports.ofSchool(asked.kind(), reports.span(asked.from(), asked.to()));
    }

    @GetMapping(value = "/school/report/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayReport
    ResponseEntity<byte[]> schoolPaper(Asked asked) {
        SchoolReport report = ofSchool(asked);
        return PdfPress.answer(
                report.school(),
                press.print("school-report", report.school(), Map.of("r", report, "bars", new Bars())));
    }

    @GetMapping(value = "/school/report/table.csv", produces = TableWriter.CSV_TYPE)
    @MayReport
    ResponseEntity<byte[]> schoolCsv(Asked asked) {
        SchoolReport report = ofSchool(asked);
        return TableWriter.csv(name(report), SCHOOL_COLUMNS, rows(report));
    }

    @GetMapping(value = "/school/report/table.xlsx", produces = TableWriter.XLSX_TYPE)
    @MayReport
    ResponseEntity<byte[]> schoolXlsx(Asked asked) {
        SchoolReport report = ofSchool(asked);
        return TableWriter.xlsx(name(report), SCHOOL_COLUMNS, rows(report));
    }

    private static String name(SchoolReport report) {
        return "%s %s to %s".formatted(report.school(), report.from(), report.to());
    }

    private static List<List<Object>> rows(SchoolReport report) {
        List<List<Object>> rows = new ArrayList<>();
        for (SchoolReport.ClassLevels c : report.classes())
            for (SkillLevels s : c.skills()) {
                rows.add(row(c, s, report.from(), s.before()));
                rows.add(row(c, s, report.to(), s.after()));
            }
        return rows;
    }

    private static List<Object> row(SchoolReport.ClassLevels c, SkillLevels s, LocalDate on, Levels l) {
        return List.of(
                c.className(),
                c.year(),
                c.children(),
                s.name(),
                on.toString(),
                l.notSeen(),
                l.developing(),
                l.near(),
                l.mastery());
    }

    /** The marks of all children, for another program. */
    @GetMapping("/school/report/marks.json")
    @LeadOnly
    ResponseEntity<MarksFile> marks(Asked asked) {
        LocalDate day = reports.span(null, asked.to()).to();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("marks %s.json".formatted(day), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(MarksFile.of(schools.view().name(), day, reports.grids(asked.kind(), day)));
    }

    /** The published shape of a file of marks, as JSON Schema. */
    @GetMapping(value = "/formats/marks.schema.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @MayRead
    String schema() {
        try (InputStream in = ReportsController.class.getResourceAsStream("/formats/marks.schema.json")) {
            return new String(java.util.Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Skill levels as OneRoster line items and results, zipped. */
    @GetMapping(value = "/school/report/results.zip", produces = TableWriter.ZIP_TYPE)
    @LeadOnly
    ResponseEntity<byte[]> results(Asked asked) {
        LocalDate day = reports.span(null, asked.to()).to();
        Span year = reports.year();
        return TableWriter.file(
                "results %s.zip".formatted(day),
                MediaType.parseMediaType(TableWriter.ZIP_TYPE),
                new OneRosterResults(
                                reports.grids(asked.kind(), day), children.sourceIds(), classes.sources(), year, day)
                        .zip());
    }

    /**
     * A card for each child who was away when a cue was taught.
     *
     * @param sets cue-set keys, one a skill
     */
    @GetMapping(value = "/classes/{id}/catch-up/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayPlan(of = Subject.CLASS)
    ResponseEntity<byte[]> catchUp(@PathVariable UUID id, @RequestParam("set") List<String> sets) {
        return PdfPress.answer("Catch up", press.print("catch-up", "Catch up", Map.of("cards", catchUps.of(id, sets))));
    }

    /**
     * Three lines to start from.
     *
     * @param width of the target with the ball
     * @param near and
     * @param far lines that the floor has, in metres
     */
    @GetMapping("/classes/{id}/aim")
    @MayPlan(of = Subject.CLASS)
    ClassAim aim(
            @PathVariable UUID id,
            @RequestParam String skill,
            @RequestParam(defaultValue = "0.6") double width,
            @RequestParam(defaultValue = "1.5") double near,
            @RequestParam(defaultValue = "8") double far) {
        return aims.of(id, skill, width, near, far);
    }
}
