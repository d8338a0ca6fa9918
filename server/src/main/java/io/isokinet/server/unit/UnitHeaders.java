package io.isokinet.server.unit;

import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import io.isokinet.server.unit.UnitBody.PartBody;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What lists, days and terms say of units and lessons: one statement each, whatever their number, and no plan is read. */
@Component
public class UnitHeaders {
    private static final String UNITS = """
            select u.id, u.title, u.class_id, c.name as class_name, jsonb_path_query_array(r.body, '$.targets[*].cueSet') as cue_sets,
                   r.hard = 0 and r.medium = 0 as fits, count(*) as lessons,
                   count(*) filter (where l.state = 'TAUGHT') as taught, min(l.on_date) as first, max(l.on_date) as last
            from unit u
            join school_class c on c.school_id = u.school_id and c.id = u.class_id
            join unit_revision r on r.school_id = u.school_id and r.id = u.head_revision
            join lesson l on l.school_id = u.school_id and l.unit_id = u.id
            where u.school_id = :school and u.removed_at is null
            group by u.id, c.id, r.id
            order by first desc, u.title""";

    /** A lesson of the body by its id; what it holds of parts and cues comes as JSON. */
    private static final String LESSONS = """
            select l.id, l.unit_id, u.title, u.class_id, l.with_class, l.position, l.on_date, l.starts, l.minutes, l.space_id, l.state,
                   (select count(*) from lesson o where o.school_id = l.school_id and o.unit_id = l.unit_id) as of,
                   jsonb_path_query_array(r.body, '$.targets[*].cueSet') as cue_sets, r.packs,
                   jsonb_path_query_array(b.body, '$.segments[*].parts') as parts,
                   jsonb_path_query_array(b.body, '$.segments[*].focus[*]') as focus,
                   r.hard = 0 and r.medium = 0 as fits, s.time_zone
            from lesson l
            join school s on s.id = l.school_id
            join unit u on u.school_id = l.school_id and u.id = l.unit_id
            join school_class c on c.school_id = u.school_id and c.id = u.class_id
            join unit_revision r on r.school_id = u.school_id and r.id = u.head_revision
            left join lateral (
                select e as body from jsonb_array_elements(r.body -> 'lessons') e where e ->> 'lesson' = l.id::text) b on true
            where l.school_id = :school and l.removed_at is null""";

    private static final String IN_TIME = " order by l.on_date, l.starts nulls last, u.title, l.id";
    /** Lessons to come of a class that left are none. */
    private static final String BETWEEN = LESSONS
            + " and l.on_date between :first and :last and (c.left_on is null or l.on_date < c.left_on)"
            + IN_TIME;

    private static final String ONE = LESSONS + " and l.id = :id";
    private static final String SEVERAL = LESSONS + " and l.id = any(:ids)" + IN_TIME;
    private static final String OF_CLASS = LESSONS + " and u.class_id = :class and l.state = :state" + IN_TIME;
    private static final String DATES = """
            select l.on_date from lesson l
            join unit u on u.school_id = l.school_id and u.id = l.unit_id
            where l.school_id = :school and l.removed_at is null and u.class_id = :class and l.state = any(:states)
            order by l.on_date""";

    private static final String STRETCHES = """
            select s ->> 'id' as id, s -> 'parts' as parts
            from lesson l
            join unit u on u.school_id = l.school_id and u.id = l.unit_id
            join unit_revision r on r.school_id = u.school_id and r.id = u.head_revision
            cross join lateral jsonb_array_elements(r.body -> 'lessons') e
            cross join lateral jsonb_array_elements(e -> 'segments') s
            where l.school_id = :school and l.id = any(:ids) and e ->> 'lesson' = l.id::text""";
    private static final String STANDS = """
            select u.class_id, u.title, count(*) filter (where l.state = 'TAUGHT') as taught,
                   count(*) filter (where l.state = 'PLANNED') as coming
            from unit u join lesson l on l.school_id = u.school_id and l.unit_id = u.id
            where u.school_id = :school and u.removed_at is null group by u.id""";

    /** Whatever a lesson can hold that somebody saw or wrote. */
    private static final String RECORDED = """
            select exists (select 1 from lesson l where l.school_id = :school and l.unit_id = :id and (
                exists (select 1 from trial t where t.school_id = l.school_id and t.lesson_id = l.id)
                or exists (select 1 from lesson_event e where e.school_id = l.school_id and e.lesson_id = l.id)
                or exists (select 1 from hit_set h where h.school_id = l.school_id and h.lesson_id = l.id)
                or exists (select 1 from cue_taught c where c.school_id = l.school_id and c.lesson_id = l.id)))""";

    private static final String CLASS_OF_UNIT = "select class_id from unit where school_id = :school and id = :id";
    private static final String CLASS_OF_LESSON = """
            select u.class_id from lesson l join unit u on u.school_id = l.school_id and u.id = l.unit_id
            where l.school_id = :school and l.id = :id""";
    private static final String CLASS_OF_CHANGE = """
            select u.class_id from lesson_change x
            join lesson l on l.school_id = x.school_id and l.id = x.lesson_id
            join unit u on u.school_id = l.school_id and u.id = l.unit_id
            where x.school_id = :school and x.id = :id""";

    private final JdbcClient jdbc;
    private final JsonMapper json;

    UnitHeaders(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** All units, those that begin last first. */
    public List<UnitHeader> units() {
        return statement(UNITS).query((row, n) -> unit(row)).list();
    }

    /** The lessons on these days, in the order of time; without a time last. */
    public List<LessonHeader> between(LocalDate first, LocalDate last) {
        return statement(BETWEEN)
                .param("first", first)
                .param("last", last)
                .query((row, n) -> lesson(row))
                .list();
    }

    /** @throws NotFoundException if there is none */
    public LessonHeader lesson(UUID id) {
        return statement(ONE)
                .param("id", id)
                .query((row, n) -> lesson(row))
                .optional()
                .orElseThrow(() -> new NotFoundException("lesson", id));
    }

    /** Those of these lessons that there are. */
    public List<LessonHeader> lessons(Collection<UUID> ids) {
        return statement(SEVERAL)
                .param("ids", ids.toArray(UUID[]::new))
                .query((row, n) -> lesson(row))
                .list();
    }

    /** The lessons of a class that stand so, in the order of time. */
    public List<LessonHeader> ofClass(UUID schoolClass, LessonState state) {
        return statement(OF_CLASS)
                .param("class", schoolClass)
                .param("state", state.name())
                .query((row, n) -> lesson(row))
                .list();
    }

    /** The dates of the lessons of a class that stand so. */
    public List<LocalDate> dates(UUID schoolClass, LessonState... states) {
        return statement(DATES)
                .param("class", schoolClass)
                .param("states", Arrays.stream(states).map(Enum::name).toArray(String[]::new))
                .query(LocalDate.class)
                .list();
    }

    /** What is done in the stretches of these lessons, by stretch. */
    Map<UUID, List<PartBody>> stretches(Collection<UUID> lessons) {
        Map<UUID, List<PartBody>> parts = new HashMap<>();
        if (!lessons.isEmpty())
            statement(STRETCHES).param("ids", lessons.toArray(UUID[]::new)).query(row -> {
                parts.put(UUID.fromString(row.getString("id")), List.of(read(row, "parts", PartBody[].class)));
            });
        return parts;
    }

    /** How far a class is in a unit. */
    record Stand(UUID classId, String title, int taught, int coming) {}

    List<Stand> stands() {
        return statement(STANDS).query(Stand.class).list();
    }

    /** True if something was recorded in a lesson of a unit. */
    boolean isRecorded(UUID unit) {
        return statement(RECORDED).param("id", unit).query(Boolean.class).single();
    }

    /** The class of a unit; empty if there is none, as in the two below. */
    List<UUID> classOfUnit(UUID id) {
        return statement(CLASS_OF_UNIT).param("id", id).query(UUID.class).list();
    }

    List<UUID> classOfLesson(UUID id) {
        return statement(CLASS_OF_LESSON).param("id", id).query(UUID.class).list();
    }

    List<UUID> classOfChange(UUID id) {
        return statement(CLASS_OF_CHANGE).param("id", id).query(UUID.class).list();
    }

    private JdbcClient.StatementSpec statement(String sql) {
        return jdbc.sql(sql).param("school", SchoolScope.current());
    }

    private UnitHeader unit(ResultSet row) throws SQLException {
        return new UnitHeader(
                row.getObject("id", UUID.class),
                row.getString("title"),
                row.getObject("class_id", UUID.class),
                row.getString("class_name"),
                texts(row, "cue_sets"),
                row.getInt("lessons"),
                row.getInt("taught"),
                row.getBoolean("fits"),
                row.getObject("first", LocalDate.class),
                row.getObject("last", LocalDate.class));
    }

    private LessonHeader lesson(ResultSet row) throws SQLException {
        PartBody[][] parts = read(row, "parts", PartBody[][].class);
        return new LessonHeader(
                row.getObject("id", UUID.class),
                row.getObject("unit_id", UUID.class),
                row.getString("title"),
                row.getObject("class_id", UUID.class),
                row.getObject("with_class", UUID.class),
                row.getInt("position") + 1,
                row.getInt("of"),
                row.getObject("on_date", LocalDate.class),
                row.getObject("starts", LocalTime.class),
                row.getInt("minutes"),
                row.getObject("space_id", UUID.class),
                LessonState.valueOf(row.getString("state")),
                texts(row, "cue_sets"),
                texts(row, "packs"),
                Arrays.stream(parts)
                        .map(p -> new LessonHeader.Stretch(
                                new ActivityKeys(
                                        Arrays.stream(p).map(PartBody::activity).toList()),
                                p[0].setting()))
                        .toList(),
                texts(row, "focus").stream().distinct().toList(),
                row.getBoolean("fits"),
                ZoneId.of(row.getString("time_zone")));
    }

    private List<String> texts(ResultSet row, String column) throws SQLException {
        return List.of(read(row, column, String[].class));
    }

    /** Null, as for a lesson with no plan, reads as nothing. */
    private <T> T read(ResultSet row, String column, Class<T> as) throws SQLException {
        String text = row.getString(column);
        return json.readValue(text == null ? "[]" : text, as);
    }
}
