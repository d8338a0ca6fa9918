package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.TestSchool.Member;
import io.isokinet.server.account.NotAllowedException;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.tenancy.SchoolScope;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/** docs/access.md, walked: every end point, every role, another school, and nobody. */
@ExtendWith(RunningServer.class)
class AccessTest {
    private static final int COLUMNS = 7;
    private static final int NOBODY = 6;

    private static final List<Role> ROLES =
            List.of(Role.LEAD, Role.TEACHER, Role.TEACHER, Role.ASSISTANT, Role.ASSISTANT, Role.VIEWER);

    /** One of each kind: of a class, a unit, a lesson and a child, read and written; for leads alone; for all. */
    private static final Set<String> SAMPLE = Set.of(
            "GET /api/classes/{id}",
            "POST /api/classes/{id}/children",
            "GET /api/units/{id}",
            "POST /api/units/{id}/edits",
            "GET /api/hall/{lesson}",
            "GET /api/children/{id}",
            "GET /api/audit",
            "GET /api/cautions");

    /** @param may by column of the table */
    private record Row(String method, String path, List<Boolean> may) {
        String name() {
            return method + " " + path;
        }
    }

    private static List<Row> table;
    private static TestSchool school;
    private static TestSchool other;
    private static UUID given;
    private static UUID notGiven;
    private static Map<String, String> mine;
    private static Map<String, String> foreign;
    private static List<Member> members;

    @BeforeAll
    static void readTheTableAndMakeASchool() throws IOException {
        table = Files.readAllLines(Path.of("../docs/access.md")).stream()
                .filter(l -> l.matches("\\| (GET|PUT|POST|DELETE) .*"))
                .map(AccessTest::row)
                .toList();
        school = TestSchool.make();
        other = TestSchool.make();
        given = school.schoolClass("Spindrift given", 7, TestSchool.names(8));
        notGiven = school.schoolClass("Spindrift kept", 7, TestSchool.names(8));
        mine = things(given);
        foreign = things(notGiven);
        members = List.of(
                new Member(UUID.randomUUID(), school.signIn, school.as),
                school.member(Role.TEACHER, given),
                school.member(Role.ASSISTANT, given),
                school.member(Role.VIEWER));
    }

    private static Row row(String line) {
        String[] cells = line.substring(2, line.length() - 2).split(" \\| ");
        assertThat(cells).as(line).hasSize(COLUMNS + 1);
        String[] endPoint = cells[0].split(" ");
        return new Row(
                endPoint[0],
                endPoint[1],
                Arrays.stream(cells).skip(1).map(c -> c.equals("yes")).toList());
    }

    /** An id for each kind of thing that a path names, all of one class. */
    private static Map<String, String> things(UUID schoolClass) {
        UUID unit = school.unit(schoolClass, 2, 30);
        List<UUID> children = new ArrayList<>(school.children(schoolClass).values());
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        String change = school.as
                .post(
                        "/api/lessons/" + lesson + "/changes",
                        Map.of("kind", "SHORTENED", "minutes", 25, "why", "", "anyway", false))
                .json()
                .get("id")
                .asString();
        Map<String, String> ids = new HashMap<>();
        ids.put("classes", schoolClass.toString());
        ids.put("children", children.get(0).toString());
        ids.put("childId", children.get(1).toString());
        ids.put("units", unit.toString());
        ids.put("lessons", lesson);
        ids.put("hall", lesson);
        ids.put("changes", change);
        ids.put("people", school.member(Role.VIEWER).id().toString());
        ids.put("spaces", school.hall().toString());
        return ids;
    }

    private static String path(String template, Map<String, String> ids) {
        String kind = template.split("/")[2];
        String path = template.replace("{childId}", ids.get("childId"))
                .replace("{item}", "cone")
                .replace("{secret}", "not-a-secret")
                .replace("{day}", "2026-09-07")
                .replace("{key}", "not-a-key")
                .replace("{name}", "not-a-pack")
                .replace("{segment}", UUID.randomUUID().toString())
                .replace("{version}", UUID.randomUUID().toString())
                .replace("{kind}", "NOTES")
                .replace("{about}", "LOOK")
                // Counted, not drawn: the number of one that there is not.
                .replace(
                        "{id}",
                        kind.equals("kept-aside")
                                ? "0"
                                : ids.getOrDefault(kind, UUID.randomUUID().toString()))
                .replace("{lesson}", ids.get("lessons"));
        return path
                + switch (template) {
                    case "/api/classes/{id}/grid",
                            "/api/classes/{id}/grid.csv",
                            "/api/classes/{id}/catch-up/paper",
                            "/api/classes/{id}/next",
                            "/api/classes/{id}/over-time",
                            "/api/children/{id}/picture",
                            "/api/children/{id}/paper" -> "?set=underarm-roll/short";
                    case "/api/score-cards/paper" -> "?game=bowling";
                    case "/api/classes/{id}/aim" -> "?skill=underarm-roll";
                    case "/api/children/{id}/trials" -> "?cue=underarm-roll/step";
                    case "/api/units/{id}/spare" -> "?lesson=0";
                    case "/api/classes/{id}/dates" -> "?most=3";
                    case "/api/classes/{id}/limits" -> "?space=" + ids.get("spaces");
                    case "/api/cupboard/falls" -> "?ball=sock-ball&target=skittle&age=8";
                    case "/api/lessons/{id}/paper" -> "?kind=CUE_CARDS";
                    case "/api/make-sheets/{item}", "/api/make-sheets/{item}/paper" -> "?count=2&age=8";
                    case "/api/calendar/bookings" -> "?take=false&source=x&space=" + ids.get("spaces");
                    case "/api/cupboard/table", "/api/outcomes/table", "/api/packs" -> "?take=false";
                    case "/api/know-how/{key}" -> "?kind=SKILL";
                    case "/api/know-how/{key}/aside" -> "?aside=true";
                    default -> "";
                };
    }

    private static boolean isUpload(Row row) {
        return row.method.equals("POST")
                && (row.path.startsWith("/api/rosters")
                        || row.path.equals("/api/calendar/bookings")
                        || row.path.equals("/api/outcomes/table")
                        || row.path.equals("/api/packs")
                        || row.path.equals("/api/cupboard/table"));
    }

    private static Caller.Answer call(Row row, Caller caller, Map<String, String> ids) {
        String path = path(row.path, ids);
        if (isUpload(row)) return caller.upload(path, Map.of("file.csv", "nothing".getBytes()), Map.of());
        return switch (row.method) {
            case "GET" -> caller.get(path);
            case "DELETE" -> caller.delete(path);
            default -> caller.send(row.method, path, "{}");
        };
    }

    @Test
    void everyEndPointStandsInTheTableAndNoOther() {
        Set<String> there = new TreeSet<>();
        RunningServer.bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((info, method) -> {
                    if (method.getBeanType().getPackageName().startsWith("io.isokinet"))
                        info.getPatternValues().stream()
                                .filter(p -> p.startsWith("/api/"))
                                .forEach(p ->
                                        info.getMethodsCondition().getMethods().forEach(m -> there.add(m + " " + p)));
                });
        assertThat(table.stream().map(Row::name).toList()).containsExactlyInAnyOrderElementsOf(there);
    }

    /** Asked at the gate itself, which every end point goes through; that it stands in the way is asked over HTTP below. */
    @Test
    void everyRoleMayWhatTheTableSaysAndNothingElse() throws Exception {
        List<String> wrong = new ArrayList<>();
        for (Row row : table)
            for (int column = 0; column < NOBODY; column++)
                if (lets(row, column) != row.may.get(column))
                    wrong.add("%s, column %d".formatted(row.name(), column + 1));
        assertThat(wrong).isEmpty();
    }

    private static boolean lets(Row row, int column) throws Exception {
        String path = path(row.path, column == 2 || column == 4 ? foreign : mine);
        MockHttpServletRequest request = new MockHttpServletRequest(row.method, path.split("\\?")[0]);
        if (path.contains("?")) request.setQueryString(path.split("\\?")[1]);
        request.setContentType(isUpload(row) ? "multipart/form-data" : "application/json");
        ServletRequestPathUtils.parseAndCache(request);
        Object handler = RunningServer.bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandler(request)
                .getHandler();
        Member member = members.get((column + 1) / 2);
        SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                        new SignedIn(member.id(), school.id, "Somebody", ROLES.get(column)), null, List.of()));
        try (SchoolScope.Entered scope = SchoolScope.enter(school.id)) {
            return RunningServer.bean("accessGate", HandlerInterceptor.class)
                    .preHandle(request, new MockHttpServletResponse(), handler);
        } catch (NotAllowedException e) {
            return false;
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    /** Over HTTP: every role on end points of each kind, and nobody on all of them. */
    @Test
    void theGateStandsInTheWay() {
        List<String> wrong = new ArrayList<>();
        for (Row row : table)
            for (int column = SAMPLE.contains(row.name()) ? 0 : NOBODY; column < COLUMNS; column++) {
                int status = call(row, caller(column), column == 2 || column == 4 ? foreign : mine)
                        .status();
                boolean refused = status == 401 || status == 403;
                int expected = column == NOBODY ? 401 : 403;
                if (row.may.get(column) ? refused : status != expected)
                    wrong.add("%s, column %d: %d".formatted(row.name(), column + 1, status));
            }
        assertThat(wrong).isEmpty();
    }

    private static Caller caller(int column) {
        return switch (column) {
            case 0 -> members.get(0).as();
            case 1, 2 -> members.get(1).as();
            case 3, 4 -> members.get(2).as();
            case 5 -> members.get(3).as();
            default -> new Caller();
        };
    }

    @Test
    void anotherSchoolFindsNothing() {
        List<String> open = new ArrayList<>();
        for (Row row : table) {
            if (!row.path.contains("{")
                    || row.path.contains("{item}")
                    || row.path.contains("{kind}")
                    || row.may.get(NOBODY)) continue;
            Caller.Answer answer = call(row, other.as, mine);
            boolean makes = row.method.equals("PUT");
            boolean own = row.path.startsWith("/api/me/");
            boolean closed = answer.status() == 404
                    || makes && answer.status() == 400
                    || own && answer.status() == 204
                    || row.method.equals("POST") && answer.status() == 400;
            if (!closed || answer.body().contains("Spindrift") || answer.body().contains("Child0"))
                open.add(row.name() + ": " + answer.status() + " " + answer.body());
        }
        for (Row row : table) {
            if (!row.method.equals("GET") || row.path.contains("{")) continue;
            String body = call(row, other.as, mine).body();
            if (body.contains("Spindrift") || body.contains(mine.get("units"))) open.add(row.name());
        }
        assertThat(open).isEmpty();
        assertThat(school.as.get("/api/classes/" + given).status()).isEqualTo(200);
    }

    @Test
    void listsShowTheClassesGivenAndNoOther() {
        for (Member member : members.subList(1, 3))
            for (String list : List.of("/api/classes", "/api/units", "/api/term", "/api/today", "/api/calendar"))
                assertThat(member.as().get(list).body()).as(list).doesNotContain("Spindrift kept");
        assertThat(members.get(1).as().get("/api/classes").body()).contains("Spindrift given");
        assertThat(members.get(3).as().get("/api/classes").body()).contains("Spindrift kept");
    }

    /** What a request names in its body is held to the same table. */
    @Test
    void idsInABodyOpenNothing() {
        Caller teacher = members.get(1).as();
        Caller assistant = members.get(2).as();
        String day = TestClock.today().toString();
        assertThat(teacher.put(
                                "/api/units/" + UUID.randomUUID(),
                                Map.of(
                                        "classId",
                                        notGiven,
                                        "title",
                                        "Taken",
                                        "cueSets",
                                        List.of("underarm-roll/short"),
                                        "order",
                                        "BLOCKED",
                                        "lessons",
                                        List.of(Map.of("onDate", day, "minutes", 30, "spaceId", mine.get("spaces")))))
                        .status())
                .isEqualTo(403);
        assertThat(teacher.post("/api/today/wet", Map.of("lessons", List.of(foreign.get("lessons")), "anyway", true))
                        .status())
                .isEqualTo(403);
        assertThat(teacher.post(
                                "/api/lessons/" + mine.get("lessons") + "/changes",
                                Map.of("kind", "SWAPPED", "with", foreign.get("lessons"), "anyway", true))
                        .status())
                .isEqualTo(403);
        assertThat(teacher.post("/api/children/" + mine.get("children") + "/moves", Map.of("to", notGiven, "from", day))
                        .status())
                .isEqualTo(403);
        assertThat(teacher.put(
                                "/api/classes/" + given + "/pairs",
                                Map.of("one", mine.get("children"), "other", foreign.get("children"), "wish", "APART"))
                        .status())
                .isEqualTo(403);
        assertThat(teacher.upload(
                                "/api/rosters",
                                Map.of("r.csv", "given,class\nAda,Spindrift kept\n".getBytes()),
                                Map.of("gone", "STAY"))
                        .status())
                .isEqualTo(403);
        UUID child = UUID.fromString(foreign.get("children"));
        var trial = school.trial(child, "underarm-roll/step", true);
        var receipt = assistant.post("/api/batches", batch(List.of(trial))).json();
        assertThat(receipt.get("kept")).isEmpty();
        assertThat(receipt.get("refused").get(0).get("why").asString()).contains("not in the classes given to you");
    }

    private static Map<String, Object> batch(List<?> trials) {
        return Map.of(
                "id", UUID.randomUUID(),
                "device", UUID.randomUUID(),
                "clock", TestClock.now().toString(),
                "trials", trials,
                "voids", List.of(),
                "register", List.of(),
                "taught", List.of());
    }
}
