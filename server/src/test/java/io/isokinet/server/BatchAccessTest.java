package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.account.Role;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each entry of a batch as each who may send one, against the second table of docs/access.md. */
@ExtendWith(RunningServer.class)
class BatchAccessTest {
    private static final String CUE = "underarm-roll/step";
    private static final List<String> ROLES = List.of("lead", "teacher", "assistant");

    private final TestSchool school = TestSchool.make();
    private final UUID ownClass = school.schoolClass("Terns", 7, TestSchool.names(12));
    private final UUID otherClass = school.schoolClass("Auks", 7, TestSchool.names(12));
    private final UUID own = school.children(ownClass).get("Child0");
    private final UUID other = school.children(otherClass).get("Child0");
    private final UUID ownLesson = school.lesson(ownClass);
    private final UUID otherLesson = school.lesson(otherClass);

    /** The part of a batch that an entry belongs to, with the entry. */
    private record Sent(String part, Map<String, Object> entry) {}

    private Map<String, Supplier<Sent>> entries() {
        Map<String, Supplier<Sent>> all = new LinkedHashMap<>();
        all.put("a look at an own child", () -> look(own, null));
        all.put("a look at an own child in an own lesson", () -> look(own, ownLesson));
        all.put("a look at an other child", () -> look(other, null));
        all.put("a look at an own child in an other lesson", () -> look(own, otherLesson));
        all.put("taking back a look at an own child", () -> takingBack(own));
        all.put("taking back a look at an other child", () -> takingBack(other));
        all.put("an own child here in an own lesson", () -> here(own, ownLesson));
        all.put("an other child here in an other lesson", () -> here(other, otherLesson));
        all.put("an own child here in an other lesson", () -> here(own, otherLesson));
        all.put("tries of an own child in an own lesson", () -> tries(own, ownLesson));
        all.put("tries of an other child in an other lesson", () -> tries(other, otherLesson));
        all.put("tries of an own child in an other lesson", () -> tries(own, otherLesson));
        all.put("a note on an own lesson", () -> event(ownLesson, "NOTE", Map.of("text", "wet")));
        all.put("a note on an other lesson", () -> event(otherLesson, "NOTE", Map.of("text", "wet")));
        all.put(
                "a note on an own child in an own lesson",
                () -> event(ownLesson, "NOTE", Map.of("text", "x", "child", own)));
        all.put(
                "a note on an other child in an own lesson",
                () -> event(ownLesson, "NOTE", Map.of("text", "x", "child", other)));
        all.put(
                "a side found of an other child in an own lesson",
                () -> event(ownLesson, "SIDE", Map.of("child", other, "action", "THROW", "side", "LEFT")));
        all.put("a cue taught to an own class", () -> taught(ownClass));
        all.put("a cue taught to an other class", () -> taught(otherClass));
        return all;
    }

    @Test
    void eachEntryIsTakenOrRefusedAsTheTableSays() throws IOException {
        Map<String, List<String>> table = table();
        Map<String, Supplier<Sent>> entries = entries();
        assertThat(table.keySet()).containsExactlyElementsOf(entries.keySet());
        List<Caller> callers = List.of(
                school.as,
                school.member(Role.TEACHER, ownClass).as(),
                school.member(Role.ASSISTANT, ownClass).as());
        Map<String, List<String>> answered = new LinkedHashMap<>();
        entries.forEach((name, entry) -> answered.put(
                name, callers.stream().map(as -> kept(as, entry.get())).toList()));
        assertThat(answered).isEqualTo(table);
    }

    private String kept(Caller as, Sent sent) {
        Map<String, Object> batch = school.batch(List.of());
        batch.put("device", UUID.randomUUID());
        batch.put(sent.part(), List.of(sent.entry()));
        Caller.Answer answer = as.post("/api/batches", batch);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(answer.json().get("kept").size()
                        + answer.json().get("refused").size())
                .isEqualTo(1);
        return answer.json().get("kept").isEmpty() ? "no" : "yes";
    }

    private static Map<String, List<String>> table() throws IOException {
        Map<String, List<String>> table = new LinkedHashMap<>();
        String text = Files.readString(Path.of("../docs/access.md"));
        text.substring(text.indexOf("| entry | " + String.join(" | ", ROLES)))
                .lines()
                .skip(2)
                .takeWhile(l -> l.startsWith("|"))
                .map(l -> Arrays.stream(l.split("\\|")).map(String::strip).toList())
                .forEach(cells -> table.put(cells.get(1), cells.subList(2, 5)));
        return table;
    }

    private Sent look(UUID child, UUID lesson) {
        Map<String, Object> trial = school.trial(child, CUE, true);
        if (lesson != null) trial.put("lesson", lesson);
        return new Sent("trials", trial);
    }

    private Sent takingBack(UUID child) {
        Map<String, Object> trial = school.trial(child, CUE, true);
        school.record(List.of(trial));
        return new Sent("voids", entry("trial", trial.get("id")));
    }

    private static Sent here(UUID child, UUID lesson) {
        return new Sent("register", entry("child", child, "lesson", lesson, "present", true));
    }

    private static Sent tries(UUID child, UUID lesson) {
        Map<String, Object> tries = entry("child", child, "lesson", lesson, "skill", "underarm-roll", "seq", 1);
        for (String count : List.of("hits", "missedLeft", "missedRight", "missedShort", "missedLong", "missed"))
            tries.put(count, 1);
        return new Sent("hits", tries);
    }

    private static Sent event(UUID lesson, String kind, Map<String, Object> body) {
        return new Sent("events", entry("lesson", lesson, "kind", kind, "body", body, "seq", 1));
    }

    private static Sent taught(UUID schoolClass) {
        return new Sent("taught", entry("schoolClass", schoolClass, "cue", CUE));
    }

    private static Map<String, Object> entry(Object... of) {
        Map<String, Object> entry = new HashMap<>(
                Map.of("id", UUID.randomUUID(), "at", TestClock.now().toString()));
        for (int i = 0; i < of.length; i += 2) entry.put((String) of[i], of[i + 1]);
        return entry;
    }
}
