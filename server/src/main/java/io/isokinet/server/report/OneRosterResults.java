package io.isokinet.server.report;

import io.isokinet.core.mastery.SkillLevel.Level;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Grid.LevelView;
import io.isokinet.server.mastery.Grid.SkillColumns;
import io.isokinet.server.report.Reports.Span;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Skill levels as OneRoster results: one line item a class and skill, one result a child, the number of components that it owns.
 * Column names of the 1.1 CSV binding (1EdTech), from memory. In bulk files status and date stay empty.
 */
final class OneRosterResults {
    private static final String CATEGORY = "movement-skills";
    private static final String PERIOD = "school-year";
    private static final CSVFormat CSV =
            CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").get();

    private final List<Grid> grids;
    private final Map<UUID, String> sourceIds;
    private final Map<UUID, String> classSources;
    private final Span year;
    private final LocalDate on;

    /** @param sourceIds of children, and @param classSources of classes that came by a roster; others go by their own ids */
    OneRosterResults(
            List<Grid> grids, Map<UUID, String> sourceIds, Map<UUID, String> classSources, Span year, LocalDate on) {
        this.grids = grids;
        this.sourceIds = sourceIds;
        this.classSources = classSources;
        this.year = year;
        this.on = on;
    }

    /** The files in a zip, in the order in which the manifest names them. */
    byte[] zip() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(zip, "manifest.csv", manifest());
            put(zip, "academicSessions.csv", sessions());
            put(zip, "categories.csv", categories());
            put(zip, "lineItems.csv", lineItems());
            put(zip, "results.csv", results());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, List<List<?>> rows) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, CSV)) {
            csv.printRecords(rows);
        }
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.toString().getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private static List<List<?>> manifest() {
        List<List<?>> rows = new ArrayList<>();
        rows.add(List.of("propertyName", "value"));
        rows.add(List.of("manifest.version", "1.0"));
        rows.add(List.of("oneroster.version", "1.1"));
        for (String file : List.of(
                "academicSessions",
                "categories",
                "classes",
                "classResources",
                "courses",
                "courseResources",
                "demographics",
                "enrollments",
                "lineItems",
                "orgs",
                "resources",
                "results",
                "users"))
            rows.add(List.of(
                    "file." + file,
                    List.of("academicSessions", "categories", "lineItems", "results")
                                    .contains(file)
                            ? "bulk"
                            : "absent"));
        rows.add(List.of("source.systemName", "Isokinet"));
        rows.add(List.of("source.systemCode", "isokinet"));
        return rows;
    }

    private List<List<?>> sessions() {
        return List.of(
                List.of(
                        "sourcedId",
                        "status",
                        "dateLastModified",
                        "title",
                        "type",
                        "startDate",
                        "endDate",
                        "parentSourcedId",
                        "schoolYear"),
                List.of(
                        PERIOD,
                        "",
                        "",
                        "School year",
                        "gradingPeriod",
                        year.from(),
                        year.to(),
                        "",
                        year.to().getYear()));
    }

    private static List<List<?>> categories() {
        return List.of(
                List.of("sourcedId", "status", "dateLastModified", "title"),
                List.of(CATEGORY, "", "", "Fundamental movement skills"));
    }

    private static String lineItem(Grid grid, SkillColumns skill) {
        return grid.classId() + "-" + skill.skill();
    }

    private List<List<?>> lineItems() {
        List<List<?>> rows = new ArrayList<>();
        rows.add(List.of(
                "sourcedId",
                "status",
                "dateLastModified",
                "title",
                "description",
                "assignDate",
                "dueDate",
                "classSourcedId",
                "categorySourcedId",
                "gradingPeriodSourcedId",
                "resultValueMin",
                "resultValueMax"));
        for (Grid grid : grids)
            for (SkillColumns skill : grid.skills())
                rows.add(List.of(
                        lineItem(grid, skill),
                        "",
                        "",
                        skill.name(),
                        "Components secure or mastered; " + skill.rule(),
                        year.from(),
                        on,
                        classSources.getOrDefault(grid.classId(), grid.classId().toString()),
                        CATEGORY,
                        PERIOD,
                        "0.0",
                        "%d.0".formatted(skill.cues().size())));
        return rows;
    }

    private List<List<?>> results() {
        List<List<?>> rows = new ArrayList<>();
        rows.add(List.of(
                "sourcedId",
                "status",
                "dateLastModified",
                "lineItemSourcedId",
                "studentSourcedId",
                "scoreStatus",
                "score",
                "scoreDate",
                "comment"));
        for (Grid grid : grids)
            for (SkillColumns skill : grid.skills())
                for (Grid.Row row : grid.rows()) {
                    LevelView level = row.levels().get(skill.skill());
                    boolean seen = level.level() != Level.NOT_SEEN;
                    UUID child = row.child().id();
                    rows.add(List.of(
                            lineItem(grid, skill) + "-" + child,
                            "",
                            "",
                            lineItem(grid, skill),
                            sourceIds.getOrDefault(child, child.toString()),
                            seen ? "partially graded" : "not submitted",
                            seen ? "%d.0".formatted(level.owned()) : "",
                            on,
                            "%s: %s".formatted(level.label(), level.counted())));
                }
        return rows;
    }
}
