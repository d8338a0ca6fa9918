package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import io.isokinet.server.account.Role;
import io.isokinet.server.table.Table;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Pictures of a class and of the school, and the files they make. */
@ExtendWith(RunningServer.class)
class ReportsTest {
    private static final String FOOT = "underarm-roll/other-foot";

    private final TestSchool school = TestSchool.make();
    private final UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole", "Cleo Tern");
    private final UUID unit = school.unit(curlews, 2, 30, "underarm-roll/components");
    private final String path = "/api/classes/" + curlews + "/report";

    /** Ada owns it since some minutes ago, Ben was seen once, Cleo never. */
    private void aRecord() {
        school.teach(curlews, FOOT);
        JsonNode lessons = school.as.get("/api/units/" + unit).json().get("lessons");
        List<Object> looks = new ArrayList<>();
        UUID ada = school.children(curlews).get("Ada");
        for (int i = 0; i < 4; i++) looks.add(look(ada, true, lessons.get(i % 2), 400 - i));
        looks.add(look(school.children(curlews).get("Ben"), false, lessons.get(0), 300));
        assertThat(school.record(looks).get("kept")).hasSize(5);
    }

    private Map<String, Object> look(UUID child, boolean shown, JsonNode lesson, int secondsAgo) {
        Map<String, Object> trial = new HashMap<>(school.trial(child, FOOT, shown));
        trial.put("lesson", lesson.get("id").asString());
        trial.put("at", TestClock.now().minusSeconds(secondsAgo).toString());
        return trial;
    }

    private static JsonNode cue(JsonNode report) {
        for (JsonNode cue : report.get("skills").get(0).get("cues"))
            if (cue.get("cue").asString().equals(FOOT)) return cue;
        throw new AssertionError("The cue is not in the report.");
    }

    @Test
    void aClassBetweenTwoDaysWithTheNumbersBehindIt() {
        aRecord();
        LocalDate yesterday = TestClock.today().minusDays(1);
        JsonNode report = school.as.get(path + "?from=" + yesterday).json();
        assertThat(report.get("children").asInt()).isEqualTo(3);
        JsonNode after = cue(report).get("after");
        assertThat(after.get("owned").asInt()).isEqualTo(1);
        assertThat(after.get("developing").asInt()).isEqualTo(1);
        assertThat(after.get("notSeen").asInt()).isEqualTo(1);
        assertThat(cue(report).get("before").get("notTaught").asInt()).isEqualTo(3);
        assertThat(cue(report).get("gained").asInt()).isEqualTo(1);
        assertThat(cue(report).get("lost").asInt()).isZero();
        JsonNode levels = report.get("skills").get(0).get("after");
        assertThat(levels.get("developing").asInt()).isEqualTo(2);
        assertThat(levels.get("notSeen").asInt()).isEqualTo(1);
        assertThat(report.get("outcomes")).anyMatch(o -> o.get("lessons").asInt() == 2);
        assertThat(report.get("outcomes")).anyMatch(o -> o.get("lessons").asInt() == 0);
    }

    /** Young ones learn three calls, not five components: what was taught of these must not look as if nothing was. */
    @Test
    void aClassIsReadByTheCueSetsThatItIsTaught() {
        UUID wrens = school.schoolClass("Wrens", 5, "Dov Moss", "Edda Sole");
        String of = "/api/classes/" + wrens;
        assertThat(school.as.get(of + "/cue-sets").json()).isEmpty();
        school.unit(wrens, 1, 25, "underarm-roll/short");
        school.teach(wrens, "underarm-roll/step");
        assertThat(school.as.get(of + "/cue-sets").json())
                .extracting(JsonNode::asString)
                .containsExactly("underarm-roll/short");
        assertThat(cues(school.as.get(of + "/report").json())).contains("underarm-roll/step");
        assertThat(cues(school.as.get(of + "/report?kind=COMPONENTS").json()))
                .contains(FOOT)
                .doesNotContain("underarm-roll/step");
        assertThat(school.as.get("/api/school/report").json().get("classes"))
                .filteredOn(c -> c.get("classId").asString().equals(wrens.toString()))
                .singleElement()
                .extracting(
                        c -> c.get("skills").get(0).get("after").get("notSeen").asInt())
                .isEqualTo(2);
        assertThat(cues(school.as.get(path).json())).contains(FOOT);
    }

    private static List<String> cues(JsonNode report) {
        List<String> cues = new ArrayList<>();
        for (JsonNode skill : report.get("skills"))
            for (JsonNode cue : skill.get("cues")) cues.add(cue.get("cue").asString());
        return cues;
    }

    @Test
    void anEmptyClassAndSwappedDaysAreSaidAsSuch() {
        UUID nobody = school.schoolClass("Nobody", 7);
        JsonNode empty = school.as.get("/api/classes/" + nobody + "/report").json();
        assertThat(empty.get("children").asInt()).isZero();
        assertThat(empty.get("skills")).isEmpty();
        assertThat(school.as.get("/api/classes/" + nobody + "/report/paper").body())
                .startsWith("%PDF");
        Caller.Answer swapped = school.as.get(path + "?from=2026-05-02&to=2026-05-01");
        assertThat(swapped.status()).isEqualTo(400);
        assertThat(swapped.json().get("detail").asString())
                .contains("2026-05-02")
                .contains("Change one of them");
    }

    @Test
    void theTablesHoldTheSameNumbers() throws IOException {
        aRecord();
        Table csv = Table.read(
                "r.csv", school.as.get(path + "/table.csv").response().body());
        Table xlsx = Table.read(
                "r.xlsx", school.as.get(path + "/table.xlsx").response().body());
        assertThat(xlsx.columns()).isEqualTo(csv.columns()).contains("Secure or mastered");
        assertThat(xlsx.rows()).isEqualTo(csv.rows());
        String today = TestClock.today().toString();
        assertThat(csv.rows()).anyMatch(r -> r.get(2).equals(today) && r.get(8).equals("1"));
        assertThat(pdf(path + "/paper"))
                .contains("Curlews")
                .contains("3 children")
                .contains("1 own it");
        assertThat(pdf("/api/school/report/paper")).contains("Curlews").contains("Not in a plan of");
        Table school = Table.read(
                "s.csv",
                this.school.as.get("/api/school/report/table.csv").response().body());
        assertThat(school.rows()).hasSize(2).allMatch(r -> r.get(0).equals("Curlews"));
    }

    private String pdf(String of) throws IOException {
        return pdf(school.as, of);
    }

    /** The text of a paper. */
    static String pdf(Caller as, String of) throws IOException {
        try (var document = Loader.loadPDF(as.get(of).response().body())) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void theSchoolShowsWhichOutcomesNoPlanReaches() {
        school.schoolClass("Dunlins", 7, "Finn Reed");
        JsonNode report = school.as.get("/api/school/report").json();
        assertThat(report.get("classes")).hasSize(2);
        assertThat(report.get("coverage"))
                .anyMatch(o -> o.get("planned").asInt() == 1
                        && o.get("of").asInt() == 2
                        && o.get("missing").get(0).asString().equals("Dunlins"));
        Caller teacher = school.member(Role.TEACHER, curlews).as();
        assertThat(teacher.get("/api/school/report").json().get("classes")).hasSize(1);
    }

    @Test
    void theFileOfMarksHasItsPublishedShape() {
        aRecord();
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(school.as.get("/api/formats/marks.schema.json").body());
        String file = school.as.get("/api/school/report/marks.json").body();
        assertThat(schema.validate(file, com.networknt.schema.InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(file.replace("\"OWNED\"", "\"KNOWN\""), com.networknt.schema.InputFormat.JSON))
                .isNotEmpty();
        assertThat(file).contains("\"given\":\"Ada\"");
    }

    @Test
    void oneRosterResultsNameLinesAndChildren() throws IOException {
        aRecord();
        Map<String, Table> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(
                school.as.get("/api/school/report/results.zip").response().body()))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry())
                files.put(e.getName(), Table.read(e.getName(), zip.readAllBytes()));
        }
        // The columns of the 1.1 binding, from memory.
        assertThat(files.get("lineItems.csv").columns())
                .containsExactly(
                        "sourcedId,status,dateLastModified,title,description,assignDate,dueDate,classSourcedId,categorySourcedId,gradingPeriodSourcedId,resultValueMin,resultValueMax"
                                .split(","));
        assertThat(files.get("results.csv").columns())
                .containsExactly(
                        "sourcedId,status,dateLastModified,lineItemSourcedId,studentSourcedId,scoreStatus,score,scoreDate,comment"
                                .split(","));
        List<List<String>> results = files.get("results.csv").rows();
        assertThat(results).hasSize(3);
        List<String> ada = results.stream()
                .filter(r -> r.get(4).equals(school.children(curlews).get("Ada").toString()))
                .findFirst()
                .orElseThrow();
        assertThat(ada.get(6)).isEqualTo("1.0");
        assertThat(results).filteredOn(r -> r.get(5).equals("not submitted")).hasSize(1);
        String line = files.get("lineItems.csv").rows().get(0).get(0);
        assertThat(results).allMatch(r -> r.get(3).equals(line));
        String manifest = String.join(
                "\n",
                files.get("manifest.csv").rows().stream()
                        .map(r -> String.join(",", r))
                        .toList());
        assertThat(manifest).contains("file.results,bulk").contains("file.users,absent");
    }
}
