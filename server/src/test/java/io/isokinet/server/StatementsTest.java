package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** How often the database is asked for what is asked for often; the session's own statements among them. */
@ExtendWith(RunningServer.class)
class StatementsTest {
    private static final int A_PRESS = 6;
    private static final String CUE = "underarm-roll/step";

    private final TestSchool school = TestSchool.make();
    private final ExecutorService everybody = Executors.newFixedThreadPool(25);

    @AfterEach
    void leave() {
        everybody.shutdownNow();
    }

    private UUID unit(String name) {
        return school.unit(school.schoolClass(name, 7, TestSchool.names(12)), 4, 30);
    }

    private JsonNode lesson(UUID unit) {
        return school.as.get("/api/units/" + unit).json().get("lessons").get(0);
    }

    private Caller.Answer press(Caller as, String lesson, List<?> trials) {
        Caller.Answer answer = as.post("/api/hall/" + lesson + "/batches", school.batch(trials));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(answer.json().get("receipt").get("kept")).hasSize(trials.size());
        return answer;
    }

    /** However many presses came together, and however many children, cues and lessons there are. */
    @Test
    void aPressInTheHall() {
        UUID schoolClass = school.schoolClass("Terns", 7, TestSchool.names(27));
        UUID unit = school.unit(schoolClass, 2, 30);
        school.teach(schoolClass, CUE);
        String lesson = lesson(unit).get("id").asString();
        List<UUID> children = new ArrayList<>(school.children(schoolClass).values());
        assertThat(press(school.as, lesson, List.of(school.trial(children.get(0), CUE, true)))
                        .statements())
                .hasSizeBetween(1, A_PRESS);
        List<Map<String, Object>> many = new ArrayList<>();
        for (UUID child : children) many.add(school.trial(child, CUE, true));
        assertThat(press(school.as, lesson, many).statements()).hasSizeBetween(1, A_PRESS);
    }

    /**
     * Twenty-five at once: each press is as cheap as one alone, nobody reads a plan, and nobody is sent away. How quickly they are
     * answered is what bin/bench trust measures.
     */
    @Test
    void twentyFiveTeachersPressAtOnce() {
        UUID schoolClass = school.schoolClass("Terns", 7, TestSchool.names(27));
        String lesson = lesson(school.unit(schoolClass, 2, 30)).get("id").asString();
        List<UUID> children = new ArrayList<>(school.children(schoolClass).values());
        List<Map<String, Object>> trials = new ArrayList<>();
        for (int i = 0; i < 100; i++) trials.add(school.trial(children.get(i % children.size()), CUE, true));
        List<Caller> teachers = IntStream.range(0, 25)
                .mapToObj(i -> TestSchool.signedIn(school.signIn))
                .toList();
        List<CompletableFuture<Caller.Answer>> answers = IntStream.range(0, trials.size())
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> {
                            Map<String, Object> batch = school.batch(List.of(trials.get(i)));
                            batch.put("device", UUID.randomUUID());
                            return teachers.get(i % 25).post("/api/hall/" + lesson + "/batches", batch);
                        },
                        everybody))
                .toList();
        for (CompletableFuture<Caller.Answer> answer : answers) {
            assertThat(answer.join().status()).as(answer.join().body()).isEqualTo(200);
            assertThat(answer.join().statements()).hasSizeBetween(1, A_PRESS).noneMatch(s -> s.contains("body_schema"));
        }
    }

    /** One unit, then five, each with a lesson today: the same number of statements. */
    @Test
    void listsDayAndTermAskOnceHoweverManyUnitsThereAre() {
        List<String> lists = List.of("/api/units", "/api/today", "/api/term", "/api/hall", "/api/calendar.ics");
        unit("Terns");
        List<List<String>> one = lists.stream().map(l -> asked(l, 1)).toList();
        for (String name : List.of("Auks", "Plovers", "Curlews", "Dunlins")) unit(name);
        List<List<String>> five = lists.stream().map(l -> asked(l, 5)).toList();
        for (int i = 0; i < lists.size(); i++)
            assertThat(five.get(i)).as(lists.get(i)).hasSameSizeAs(one.get(i)).isNotEmpty();
    }

    /** The same of what is to be bought, for all lessons of twelve weeks. */
    @Test
    void shoppingAsksOnceHoweverManyLessonsThereAre() {
        unit("Terns");
        int one = shopping(4);
        for (String name : List.of("Auks", "Plovers", "Curlews", "Dunlins")) unit(name);
        assertThat(shopping(20)).isEqualTo(one);
    }

    /** Of one class: two units, then five, each with a lesson that was taught and more that come. */
    @Test
    void whatTheRecordsSayOfAClassAsksOnceHoweverManyUnitsItHas() {
        UUID schoolClass = school.schoolClass("Terns", 7, TestSchool.names(12));
        List<String> pages = Stream.of("next", "over-time", "stretches")
                .map(p -> "/api/classes/%s/%s?set=underarm-roll/components".formatted(schoolClass, p))
                .toList();
        for (int i = 0; i < 2; i++) taughtOnce(school.unit(schoolClass, 4, 30));
        List<List<String>> two = pages.stream().map(this::statements).toList();
        for (int i = 0; i < 3; i++) taughtOnce(school.unit(schoolClass, 4, 30));
        for (int i = 0; i < pages.size(); i++)
            assertThat(statements(pages.get(i)))
                    .as(pages.get(i))
                    .hasSameSizeAs(two.get(i))
                    .isNotEmpty();
    }

    private void taughtOnce(UUID unit) {
        String lesson = lesson(unit).get("id").asString();
        assertThat(school.as
                        .put("/api/lessons/" + lesson + "/state", Map.of("state", "TAUGHT"))
                        .status())
                .isEqualTo(204);
    }

    private List<String> statements(String page) {
        school.as.get(page);
        Caller.Answer answer = school.as.get(page);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.statements();
    }

    private int shopping(int lessons) {
        school.as.get("/api/shopping");
        Caller.Answer answer = school.as.get("/api/shopping");
        assertThat(answer.json().get("lessons").asInt()).isEqualTo(lessons);
        return answer.statements().size();
    }

    /**
     * The second time, when what is kept for everybody is there.
     *
     * @param units whose lessons have to stand in it
     */
    private List<String> asked(String list, int units) {
        school.as.get(list);
        Caller.Answer answer = school.as.get(list);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body().split("Roll and catch", -1)).as(list).hasSizeGreaterThan(units);
        return answer.statements();
    }
}
