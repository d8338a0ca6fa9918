package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class RosterTest {
    private static final String USERS = """
            sourcedId,status,enabledUser,givenName,familyName,grades
            u1,active,true,Ada,Moss,02
            u2,active,true,Ben,Sole,02
            u3,active,true,Cleo,Reed,03
            t1,active,true,Robin,Sedge,
            """;
    private static final String CLASSES = """
            sourcedId,status,title,grades
            c1,active,Curlews,02
            c2,active,Terns,03
            """;
    private static final String ENROLLMENTS = """
            sourcedId,status,classSourcedId,schoolSourcedId,userSourcedId,role
            e1,active,c1,s1,u1,student
            e2,active,c1,s1,u2,student
            e3,active,c2,s1,u3,student
            e4,active,c1,s1,t1,teacher
            e5,tobedeleted,c2,s1,u1,student
            """;

    private final TestSchool school = TestSchool.make();

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static Map<String, byte[]> oneRoster() {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("users.csv", utf8(USERS));
        files.put("classes.csv", utf8(CLASSES));
        files.put("enrollments.csv", utf8(ENROLLMENTS));
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (var file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private Caller.Answer preview(String name, byte[] content, Map<String, String> fields) {
        return school.as.upload("/api/rosters/preview", Map.of(name, content), fields);
    }

    private Caller.Answer take(String name, byte[] content, Map<String, String> fields) {
        return school.as.upload("/api/rosters", Map.of(name, content), fields);
    }

    private int children() {
        int all = 0;
        for (JsonNode line : school.as.get("/api/classes").json())
            all += line.get("children").asInt();
        return all;
    }

    @Test
    void aPlainFileIsPreviewedWithItsColumnsGuessed() {
        String csv = "First name,Surname,Class,Year,Hand\nAda,Moss,Curlews,Year 3,left\nBen,Sole,Curlews,3,R\n";
        JsonNode roster = preview("children.csv", utf8(csv), Map.of()).json();
        assertThat(roster.get("kind").asString()).isEqualTo("PLAIN");
        assertThat(roster.get("mapping").get("GIVEN").asInt()).isZero();
        assertThat(roster.get("mapping").get("THROWING_HAND").asInt()).isEqualTo(4);
        assertThat(roster.get("findings")).isEmpty();
        assertThat(roster.get("classes").get(0).get("yearAge").asInt()).isEqualTo(7);
        assertThat(children()).isZero();
        assertThat(take("children.csv", utf8(csv), Map.of()).status()).isEqualTo(200);
        assertThat(children()).isEqualTo(2);
        assertThat(school.as.get("/api/classes").json().get(0).get("leftHanded").asInt())
                .isEqualTo(1);
    }

    /** The office renames a class and a child; both are known by the ids of its own system, and what is given back names them. */
    @Test
    void idsOfTheOfficeAreKeptAndGivenBack() throws IOException {
        String first =
                "Pupil ID,Forename,Surname,Reg Group,Class ID\nP-17,Ada,Moss,3 Curlew,G-3\nP-18,Ben,Sole,3 Curlew,G-3\n";
        assertThat(take("a.csv", utf8(first), Map.of()).status()).isEqualTo(200);
        String later =
                "Pupil ID,Forename,Surname,Reg Group,Class ID\nP-17,Ada,Marsh,3 Curlews,G-3\nP-18,Ben,Sole,3 Curlews,G-3\n";
        JsonNode difference = preview("b.csv", utf8(later), Map.of())
                .json()
                .get("differences")
                .get(0);
        assertThat(difference.get("newcomers")).isEmpty();
        assertThat(difference.get("same").asInt()).isEqualTo(1);
        assertThat(difference.at("/changed/0/what/0").asString()).isEqualTo("family name Moss \u2192 Marsh");
        assertThat(take("b.csv", utf8(later), Map.of()).status()).isEqualTo(200);
        assertThat(school.as.get("/api/classes").json()).hasSize(1);
        UUID curlews = UUID.fromString(
                school.as.get("/api/classes").json().get(0).get("id").asString());
        school.unit(curlews, 1, 30);
        school.record(List.of(school.trial(school.children(curlews).get("Ada"), "underarm-roll/step", true)));
        String files = "";
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(
                school.as.get("/api/school/report/results.zip").response().body()))) {
            while (zip.getNextEntry() != null) files += new String(zip.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(files).contains(",G-3,").contains(",P-17,").doesNotContain(curlews.toString() + ",movement-skills");
    }

    @Test
    void twoChildrenOfOneIdAreRefused() {
        String csv = "Pupil ID,Name,Class\nP-1,Ada Moss,Curlews\nP-1,Ben Sole,Curlews\n";
        assertThat(preview("a.csv", utf8(csv), Map.of())
                        .json()
                        .at("/findings/0/message")
                        .asString())
                .contains("\u201cP-1\u201d stands twice");
    }

    @Test
    void columnsAreMappedByHandAndNamesMayBeWhole() {
        UUID curlews = school.schoolClass("Curlews", 7);
        String csv = "who;x\nMoss, Ada;1\nBen Sole;2\n";
        Caller.Answer blind = preview("c.csv", utf8(csv), Map.of("into", curlews.toString()));
        assertThat(blind.findings().get(0))
                .contains("columns")
                .contains("No column holds the children's names (found: who, x)");
        Map<String, String> fields = Map.of("into", curlews.toString(), "mapping", "FULL_NAME:0");
        assertThat(take("c.csv", utf8(csv), fields).status()).isEqualTo(200);
        assertThat(school.children(curlews)).containsOnlyKeys("Ada", "Ben");
    }

    @Test
    void aMappingThatMakesNoSenseIsRefused() {
        byte[] csv = utf8("name\nAda\n");
        assertThat(preview("c.csv", csv, Map.of("mapping", "GIVEN:7"))
                        .findings()
                        .get(0))
                .contains("points at column 8 of 1");
        assertThat(preview("c.csv", csv, Map.of("mapping", "COLOUR:0"))
                        .findings()
                        .get(0))
                .contains("not a field and a column");
    }

    @Test
    void readsUtf8WithAMarkAndWindows1252() {
        UUID curlews = school.schoolClass("Curlews", 7);
        Map<String, String> into = Map.of("into", curlews.toString());
        assertThat(preview("a.csv", utf8("\uFEFFgiven,family\nZoë,Müller\n"), into)
                        .json()
                        .get("encoding")
                        .asString())
                .contains("byte order mark");
        byte[] old = "given,family\nZoë,Müller\n".getBytes(Charset.forName("windows-1252"));
        assertThat(preview("a.csv", old, into).json().get("encoding").asString())
                .isEqualTo("Windows-1252");
        take("a.csv", old, into);
        assertThat(school.children(curlews)).containsOnlyKeys("Zoë");
        byte[] wide = "\uFEFFgiven,family\nZoë,Moss\n".getBytes(StandardCharsets.UTF_16LE);
        assertThat(preview("a.csv", wide, into).json().get("encoding").asString())
                .isEqualTo("UTF-16");
    }

    @Test
    void duplicatesInTheFileAreNamed() {
        UUID curlews = school.schoolClass("Curlews", 7, "Cleo Reed");
        byte[] csv = utf8("given,family\nAda,Moss\nada,moss\n");
        Caller.Answer answer = take("c.csv", csv, Map.of("into", curlews.toString()));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.findings()).anyMatch(f -> f.contains("ada moss stands twice"));
        assertThat(answer.detail()).startsWith("Nothing was changed.");
        assertThat(school.children(curlews)).hasSize(1);
    }

    @Test
    void badCellsAreNamedByRowAndField() {
        String csv = "given,family,class,year,hand\n,Moss,Curlews,Year 3,left\nBen,Sole,Curlews,Year 99,sideways\n";
        assertThat(preview("c.csv", utf8(csv), Map.of()).findings())
                .anyMatch(f -> f.startsWith("row 2, given name: is empty"))
                .anyMatch(f -> f.startsWith("row 3, year: “Year 99” is no year of this school (such as Year 3)"))
                .anyMatch(f -> f.startsWith("row 3, throwing hand: “sideways” is neither left"));
    }

    @Test
    void fiveThousandRowsComeInWithAClassColumnAndAreRefusedWithout() {
        StringBuilder csv = new StringBuilder("given,family,class\n");
        for (int i = 0; i < 5000; i++)
            csv.append("G")
                    .append(i)
                    .append(",F")
                    .append(i)
                    .append(",Class ")
                    .append(i / 30)
                    .append('\n');
        Caller.Answer taken = take("c.csv", utf8(csv.toString()), Map.of());
        assertThat(taken.status()).isEqualTo(200);
        assertThat(taken.json().get("classes")).hasSize(167);
        assertThat(children()).isEqualTo(5000);
        UUID curlews = school.schoolClass("Curlews", 7);
        String without = csv.toString().replaceAll("(?m),[^,]*$", "");
        assertThat(take("c.csv", utf8(without), Map.of("into", curlews.toString()))
                        .findings())
                .anyMatch(f -> f.contains("5000 children are more than a class can have (60)"));
        csv.append("One,More,Class 9\n");
        assertThat(preview("c.csv", utf8(csv.toString()), Map.of()).findings().get(0))
                .contains("5001 rows are more than 5000");
        assertThat(children()).isEqualTo(5000);
    }

    @Test
    void emptyAndDamagedFilesSaySo() {
        assertThat(preview("c.csv", new byte[0], Map.of()).findings().get(0)).contains("The file is empty");
        assertThat(preview("c.csv", utf8("given,family\n"), Map.of()).findings().get(0))
                .contains("There are no rows");
        assertThat(preview("c.csv", utf8("given,family\n\"Ada,Moss\n"), Map.of())
                        .findings()
                        .get(0))
                .contains("never closes");
        assertThat(preview("c.zip", utf8("no zip"), Map.of()).findings().get(0)).contains("This is no zip");
        assertThat(preview("picture.png", new byte[] {1, 2}, Map.of())
                        .findings()
                        .get(0))
                .contains("no table");
        byte[] cut = java.util.Arrays.copyOf(zip(oneRoster()), 120);
        assertThat(preview("c.zip", cut, Map.of()).status()).isEqualTo(400);
    }

    @Test
    void aZipWhosePathsClimbOutIsRefused() {
        for (String path :
                new String[] {"../users.csv", "a/../../users.csv", "/etc/users.csv", "C:\\users.csv", "a\\..\\users.csv"
                })
            assertThat(preview("c.zip", zip(Map.of(path, utf8(USERS))), Map.of())
                            .findings()
                            .get(0))
                    .as(path)
                    .contains("climbs out");
    }

    @Test
    void aZipThatExplodesIsStopped() {
        assertThat(preview("c.zip", zip(Map.of("users.csv", new byte[41 << 20])), Map.of())
                        .findings()
                        .get(0))
                .contains("more than 40 MB");
    }

    @Test
    void aOneRosterSetComesInAsZipOrAsFiles() {
        JsonNode roster = preview("roster.zip", zip(oneRoster()), Map.of()).json();
        assertThat(roster.get("kind").asString()).isEqualTo("ONEROSTER");
        assertThat(roster.get("children").asInt()).isEqualTo(3);
        assertThat(roster.get("findings")).isEmpty();
        assertThat(school.as.upload("/api/rosters", oneRoster(), Map.of()).status())
                .isEqualTo(200);
        JsonNode classes = school.as.get("/api/classes").json();
        assertThat(classes.get(0).get("name").asString()).isEqualTo("Curlews");
        assertThat(classes.get(0).get("yearAge").asInt()).isEqualTo(7);
        assertThat(classes.get(0).get("children").asInt()).isEqualTo(2);
        assertThat(classes.get(1).get("name").asString()).isEqualTo("Terns");
    }

    @Test
    void aOneRosterSetWithHolesIsRefusedWhole() {
        Map<String, byte[]> files = oneRoster();
        files.put("enrollments.csv", utf8(ENROLLMENTS.replace(",u2,", ",u9,")));
        assertThat(school.as.upload("/api/rosters", files, Map.of()).findings())
                .containsExactly("enrollments.csv, row 3, userSourcedId: users.csv has no u9.");
        files = oneRoster();
        files.put("users.csv", utf8(USERS.replace("givenName", "vorname")));
        assertThat(school.as.upload("/api/rosters", files, Map.of()).findings().get(0))
                .contains("The column givenName is missing");
        files = oneRoster();
        files.remove("classes.csv");
        assertThat(school.as.upload("/api/rosters", files, Map.of()).findings().get(0))
                .contains("needs classes.csv too");
        files = oneRoster();
        files.put("enrollments.csv", utf8(ENROLLMENTS.replace(",student", ",guest")));
        assertThat(school.as.upload("/api/rosters", files, Map.of()).findings().get(0))
                .contains("No row has the role student");
        assertThat(children()).isZero();
    }

    @Test
    void rowsWithoutAClassNeedOneToGoTo() {
        assertThat(preview("c.csv", utf8("given,family\nAda,Moss\n"), Map.of())
                        .findings()
                        .get(0))
                .contains("The rows name no class");
    }

    @Test
    void severalFilesThatAreNoSetAreRefused() {
        Map<String, byte[]> files = Map.of("a.csv", utf8("name\nAda\n"), "b.csv", utf8("name\nBen\n"));
        assertThat(school.as
                        .upload("/api/rosters/preview", files, Map.of())
                        .findings()
                        .get(0))
                .contains("several CSV files and no OneRoster set");
    }

    @Test
    void aFileOverTheLimitIsTooLarge() {
        assertThat(preview("c.csv", new byte[11 << 20], Map.of()).status()).isEqualTo(413);
    }

    @Test
    void theSameRosterAgainChangesNothing() {
        Map<String, byte[]> files = oneRoster();
        school.as.upload("/api/rosters", files, Map.of());
        JsonNode again =
                school.as.upload("/api/rosters/preview", files, Map.of()).json();
        assertThat(again.get("differences")).allSatisfy(d -> {
            assertThat(d.get("newcomers")).isEmpty();
            assertThat(d.get("changed")).isEmpty();
            assertThat(d.get("gone")).isEmpty();
        });
        assertThat(school.as.upload("/api/rosters", files, Map.of()).status()).isEqualTo(200);
        assertThat(children()).isEqualTo(3);
    }

    @Test
    void aLaterRosterSaysWhoIsNewChangedMovedAndGone() {
        UUID curlews = school.schoolClass("Curlews", 7);
        UUID terns = school.schoolClass("Terns", 7);
        school.as.upload(
                "/api/rosters",
                Map.of(
                        "a.csv",
                        utf8("given,family,class,hand\nAda,Moss,Curlews,\nBen,Sole,Curlews,R\nCleo,Reed,Curlews,\n")),
                Map.of());
        byte[] later = utf8("given,family,class,hand\nAda,Moss,Curlews,left\nDora,Wick,Curlews,\nBen,Sole,Curlews,R\n");
        JsonNode difference =
                preview("b.csv", later, Map.of()).json().get("differences").get(0);
        assertThat(difference.get("newcomers").get(0).get("given").asString()).isEqualTo("Dora");
        assertThat(difference.get("changed").get(0).get("what").get(0).asString())
                .isEqualTo("throw: left");
        assertThat(difference.get("same").asInt()).isEqualTo(1);
        assertThat(difference.get("gone").get(0).get("name").asString()).isEqualTo("Cleo Reed");
        assertThat(difference.get("halfGone").asBoolean()).isFalse();

        Caller.Answer asked = take("b.csv", later, Map.of());
        assertThat(asked.findings())
                .containsExactly(
                        "Curlews, gone: 1 children of the class are not in the roster. Say whether they stay or leave.");
        assertThat(school.children(curlews)).hasSize(3);
        assertThat(take("b.csv", later, Map.of("gone", "LEAVE")).status()).isEqualTo(200);
        assertThat(school.children(curlews)).containsOnlyKeys("Ada", "Ben", "Dora");
        assertThat(school.children(terns)).isEmpty();
    }

    @Test
    void aRosterThatWouldRemoveHalfAClassIsAskedTwice() {
        UUID curlews = school.schoolClass("Curlews", 7, "Ada Moss", "Ben Sole", "Cleo Reed", "Dora Wick");
        byte[] half = utf8("given,family\nAda,Moss\nBen,Sole\n");
        Map<String, String> leave = Map.of("into", curlews.toString(), "gone", "LEAVE");
        assertThat(take("h.csv", half, leave).findings())
                .containsExactly(
                        "Curlews, gone: 2 children would leave, half of the class or more. If it is meant, say so once more.");
        assertThat(school.children(curlews)).hasSize(4);
        take("h.csv", half, Map.of("into", curlews.toString(), "gone", "STAY"));
        assertThat(school.children(curlews)).hasSize(4);
        take("h.csv", half, Map.of("into", curlews.toString(), "gone", "LEAVE_SURELY"));
        assertThat(school.children(curlews)).hasSize(2);
    }

    /** A child keeps its id, and with it all that was seen of it, when the roster shows it in another class. */
    @Test
    void aChildThatChangesClassKeepsItsRecords() {
        school.as.upload("/api/rosters", oneRoster(), Map.of());
        Map<String, UUID> ids = new java.util.HashMap<>();
        school.as
                .get("/api/classes")
                .json()
                .forEach(c -> ids.put(
                        c.get("name").asString(), UUID.fromString(c.get("id").asString())));
        UUID moving = school.children(ids.get("Curlews")).values().iterator().next();
        school.record(List.of(school.trial(moving, "underarm-roll/step", true)));
        Map<String, byte[]> files = oneRoster();
        String user = school.children(ids.get("Curlews")).entrySet().stream()
                .filter(e -> e.getValue().equals(moving))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow();
        String source = USERS.lines()
                .filter(l -> l.contains("," + user + ","))
                .findFirst()
                .orElseThrow()
                .split(",")[0];
        String curlews = CLASSES.lines()
                .filter(l -> l.contains("Curlews"))
                .findFirst()
                .orElseThrow()
                .split(",")[0];
        String terns = CLASSES.lines()
                .filter(l -> l.contains("Terns"))
                .findFirst()
                .orElseThrow()
                .split(",")[0];
        String moved = ENROLLMENTS
                .lines()
                .map(l -> l.contains("," + source + ",") ? l.replace("," + curlews + ",", "," + terns + ",") : l)
                .collect(java.util.stream.Collectors.joining("\n"));
        files.put("enrollments.csv", utf8(moved));
        assertThat(school.as.upload("/api/rosters", files, Map.of()).status()).isEqualTo(200);
        assertThat(school.children(ids.get("Terns"))).containsValue(moving);
        assertThat(school.children(ids.get("Curlews"))).doesNotContainValue(moving);
        assertThat(school.as
                        .get("/api/children/" + moving + "/trials?cue=underarm-roll/step")
                        .json())
                .hasSize(1);
    }

    @Test
    void aSpreadsheetIsReadLikeACsv() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (org.dhatim.fastexcel.Workbook book = new org.dhatim.fastexcel.Workbook(out, "Test", "1.0")) {
            var sheet = book.newWorksheet("Roster");
            String[][] cells = {{"Given name", "Family name", "Class", "Year"}, {"Ada", "Moss", "Curlews", "Year 3"}};
            for (int r = 0; r < cells.length; r++)
                for (int c = 0; c < cells[r].length; c++) sheet.value(r, c, cells[r][c]);
        }
        assertThat(take("roster.xlsx", out.toByteArray(), Map.of()).status()).isEqualTo(200);
        assertThat(children()).isEqualTo(1);
        assertThat(preview("roster.xlsx", utf8("no spreadsheet"), Map.of())
                        .findings()
                        .get(0))
                .contains("no spreadsheet that can be read");
    }
}
