package io.isokinet.server.record;

import io.isokinet.server.account.SignedIn;
import io.isokinet.server.tenancy.SchoolScope;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was decided on the evening of a lesson for the next one. */
@Service
public class EveningRecords {
    private static final String ANSWERS =
            "select about, yes from evening_answer where school_id = :school and lesson_id = :lesson";
    private static final String ANSWER = """
            insert into evening_answer (id, school_id, lesson_id, about, yes, for_lesson, words, by_person, at)
            values (gen_random_uuid(), :school, :lesson, :about, :yes, :for, :words, :person, :at)
            on conflict (school_id, lesson_id, about) do update
            set yes = excluded.yes, for_lesson = excluded.for_lesson, words = excluded.words, by_person = excluded.by_person,
                at = excluded.at""";
    private static final String REMINDERS = """
            select words from evening_answer
            where school_id = :school and for_lesson = :lesson and yes and words <> '' order by at""";
    private static final String FORGET = "delete from first_look where school_id = :school and lesson_id = :lesson";
    private static final String LOOK = """
            insert into first_look (id, school_id, lesson_id, child_id, cue_key)
            values (gen_random_uuid(), :school, :lesson, :child, :cue)
            on conflict do nothing""";
    private static final String LOOKS =
            "select child_id as child, cue_key as cue from first_look where school_id = :school and lesson_id = :lesson";

    private final JdbcClient jdbc;
    private final Clock clock;

    EveningRecords(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What a proposal is about. */
    public enum About {
        LOOK,
        FETCH,
        CHANGE
    }

    /** A child to look at first, for a cue. */
    public record FirstLook(UUID child, String cue) {}

    /** What was answered, by what it is about. */
    @Transactional(readOnly = true)
    public Map<About, Boolean> answers(UUID lesson) {
        Map<About, Boolean> answers = new EnumMap<>(About.class);
        statement(ANSWERS, lesson).query(row -> {
            answers.put(About.valueOf(row.getString("about")), row.getBoolean("yes"));
        });
        return answers;
    }

    /**
     * Keeps an answer in place of an earlier one.
     *
     * @param next the lesson that it is for @param words to remind of it there, without names of children; empty for none
     */
    @Transactional
    public void answer(UUID lesson, About about, boolean yes, UUID next, String words) {
        statement(ANSWER, lesson)
                .param("about", about.name())
                .param("yes", yes)
                .param("for", next)
                .param("words", words)
                .param("person", SignedIn.current().person())
                .param("at", Timestamp.from(clock.instant()))
                .update();
    }

    /** What somebody wanted to be reminded of in this lesson. */
    @Transactional(readOnly = true)
    public List<String> reminders(UUID lesson) {
        return statement(REMINDERS, lesson).query(String.class).list();
    }

    /** Sets whom to look at first in a lesson; nobody for an empty list. */
    @Transactional
    public void lookFirst(UUID lesson, Collection<FirstLook> looks) {
        statement(FORGET, lesson).update();
        for (FirstLook look : looks)
            statement(LOOK, lesson)
                    .param("child", look.child())
                    .param("cue", look.cue())
                    .update();
    }

    @Transactional(readOnly = true)
    public List<FirstLook> firstLooks(UUID lesson) {
        return statement(LOOKS, lesson).query(FirstLook.class).list();
    }

    private JdbcClient.StatementSpec statement(String sql, UUID lesson) {
        return jdbc.sql(sql).param("school", SchoolScope.current()).param("lesson", lesson);
    }
}
