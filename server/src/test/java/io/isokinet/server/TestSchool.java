package io.isokinet.server;

import io.isokinet.server.account.Role;
import io.isokinet.server.account.Teams;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.YearNaming;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A school of its own for each test: nothing is shared, nothing is cleared away. */
final class TestSchool {
    static final String PASSWORD = "correct horse battery";

    final UUID id;
    final String signIn;
    final Caller as;
    private final UUID device = UUID.randomUUID();
    private long sequence;

    private TestSchool(UUID id, String signIn, Caller as) {
        this.id = id;
        this.signIn = signIn;
        this.as = as;
    }

    static TestSchool make() {
        UUID school = RunningServer.bean(Schools.class).add("A school", YearNaming.YEARS, ZoneId.of("Europe/London"));
        String signIn = "teacher-" + UUID.randomUUID();
        person(school, signIn, "A Teacher", Role.LEAD);
        return new TestSchool(school, signIn, signedIn(signIn));
    }

    /** A person whose password is kept as it is: making it unreadable takes longer than most tests. PeopleTest makes real ones. */
    private static UUID person(UUID school, String signIn, String name, Role role) {
        UUID person = UUID.randomUUID();
        JdbcClient jdbc = RunningServer.bean(JdbcClient.class);
        jdbc.sql("insert into person (id, sign_in, name, password_hash) values (?, ?, ?, ?)")
                .params(person, signIn, name, "{noop}" + PASSWORD)
                .update();
        jdbc.sql("insert into membership (id, school_id, person_id, role) values (?, ?, ?, ?)")
                .params(UUID.randomUUID(), school, person, role.name())
                .update();
        return person;
    }

    /** Somebody of this school in a role, with these classes given, signed in. */
    Member member(Role role, UUID... classes) {
        String signIn = role.label() + "-" + UUID.randomUUID();
        UUID person = person(id, signIn, "A " + role.label(), role);
        SchoolScope.call(id, () -> {
            RunningServer.bean(Teams.class).set(person, List.of(classes));
            return null;
        });
        return new Member(person, signIn, signedIn(signIn));
    }

    record Member(UUID id, String signIn, Caller as) {}

    static Caller signedIn(String signIn) {
        Caller caller = new Caller();
        caller.post("/api/session", Map.of("signIn", signIn, "password", PASSWORD));
        return caller;
    }

    UUID schoolClass(String name, int age, String... children) {
        UUID id = UUID.randomUUID();
        as.put("/api/classes/" + id, Map.of("name", name, "yearAge", age));
        if (children.length > 0) as.post("/api/classes/" + id + "/children", Map.of("names", List.of(children)));
        return id;
    }

    /** Child ids by given name. */
    Map<String, UUID> children(UUID schoolClass) {
        Map<String, UUID> ids = new HashMap<>();
        for (JsonNode child : as.get("/api/classes/" + schoolClass).json().get("children"))
            ids.put(
                    child.get("given").asString(),
                    UUID.fromString(child.get("id").asString()));
        return ids;
    }

    UUID hall() {
        UUID id = UUID.randomUUID();
        as.put(
                "/api/spaces/" + id,
                Map.of(
                        "name",
                        "Hall " + id,
                        "lengthCm",
                        1700,
                        "widthCm",
                        950,
                        "ceilingCm",
                        480,
                        "floor",
                        "WOOD",
                        "wallSpots",
                        14));
        return id;
    }

    void count(String item, int count) {
        as.put("/api/cupboard/" + item, Map.of("count", count));
    }

    /** A stocked cupboard, and a unit as it was once planned for a class like this. */
    UUID unit(UUID schoolClass, int lessons, int minutes, String... cueSets) {
        for (String item : List.of("foam-ball-20", "foam-ball-16", "spot", "hoop", "rope", "beanbag")) count(item, 20);
        count("skittle", 12);
        count("bottle-empty", 24);
        UUID id = UUID.randomUUID();
        UUID hall = hall();
        List<Map<String, Object>> slots = new ArrayList<>();
        for (int i = 0; i < lessons; i++)
            slots.add(Map.of(
                    "onDate", TestClock.today().plusDays(7L * i).toString(), "minutes", minutes, "spaceId", hall));
        List<String> sets = cueSets.length > 0
                ? List.of(cueSets)
                : List.of("underarm-roll/components", "two-hand-catch/components");
        new UnitFixtures(as).put(id, schoolClass, "Roll and catch", sets, slots);
        return id;
    }

    /** The only lesson of a unit of this class, today. */
    UUID lesson(UUID schoolClass) {
        return UUID.fromString(as.get("/api/units/" + unit(schoolClass, 1, 30))
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString());
    }

    static String[] names(int count) {
        String[] names = new String[count];
        for (int i = 0; i < count; i++) names[i] = "Child" + i + " Name" + i;
        return names;
    }

    Map<String, Object> trial(UUID child, String cue, boolean shown) {
        Map<String, Object> trial = new HashMap<>();
        trial.put("id", UUID.randomUUID());
        trial.put("child", child);
        trial.put("cue", cue);
        trial.put("shown", shown);
        trial.put("kind", "TEACHER");
        trial.put("setting", "DRILL");
        trial.put("seq", ++sequence);
        trial.put("at", TestClock.now().toString());
        return trial;
    }

    Map<String, Object> batch(List<?> trials) {
        return batch(trials, List.of(), List.of(), List.of());
    }

    Map<String, Object> batch(List<?> trials, List<?> voids, List<?> register, List<?> taught) {
        Map<String, Object> batch = new HashMap<>();
        batch.put("id", UUID.randomUUID());
        batch.put("device", device);
        batch.put("clock", TestClock.now().toString());
        batch.put("trials", trials);
        batch.put("voids", voids);
        batch.put("register", register);
        batch.put("taught", taught);
        return batch;
    }

    JsonNode record(List<?> trials) {
        return as.post("/api/batches", batch(trials)).json();
    }

    void teach(UUID schoolClass, String... cues) {
        List<Map<String, Object>> taught = new ArrayList<>();
        for (String cue : cues)
            taught.add(Map.of(
                    "id",
                    UUID.randomUUID(),
                    "schoolClass",
                    schoolClass,
                    "cue",
                    cue,
                    "at",
                    TestClock.now().minusSeconds(3600).toString()));
        as.post("/api/batches", batch(List.of(), List.of(), List.of(), taught));
    }

    JsonNode cell(UUID schoolClass, String set, UUID child, String cue) {
        return row(schoolClass, set, child).get("cells").get(cue);
    }

    JsonNode row(UUID schoolClass, String set, UUID child) {
        for (JsonNode row : as.get("/api/classes/" + schoolClass + "/grid?set=" + set)
                .json()
                .get("rows")) if (row.get("child").get("id").asString().equals(child.toString())) return row;
        throw new AssertionError("The child is not in the grid.");
    }
}
