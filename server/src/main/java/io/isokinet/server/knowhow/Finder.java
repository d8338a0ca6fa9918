package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library.Symptom;
import io.isokinet.core.knowhow.Names;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.task.Asked;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds activities and symptoms by full text; where nothing is spelled like that, each word is read as those most like it. */
@Component
class Finder {
    private static final int MOST_WORDS = 8;
    /** Trigrams in common from which a word may be another one with a typing mistake. */
    private static final String ALIKE = "0.25";

    private static final int MOST_READINGS = 3;

    private static final String ADD = """
            insert into know_how_entry (pack_sha256, kind, key, name, words, skill, level, phases, formation, scoring,
                age_from, age_to, minutes_least, minutes_most)
            values (:pack, :kind, :key, :name, :words, :skill, :level, cast(:phases as text[]), :formation, :scoring,
                :ageFrom, :ageTo, :least, :most)
            on conflict do nothing""";
    private static final String ADD_WORDS = """
            insert into know_how_word (pack_sha256, kind, word)
            select distinct e.pack_sha256, e.kind, w
            from know_how_entry e, regexp_split_to_table(lower(e.name || ' ' || e.words), '[^[:alnum:]]+') w
            where e.pack_sha256 = :pack and length(w) > 1
            on conflict do nothing""";
    private static final String READINGS = """
            select word from know_how_word
            where kind = :kind and pack_sha256 in (:packs) and word % :word
            group by word order by similarity(word, :word) desc, word limit :most""";

    private final JdbcClient jdbc;
    private final NamedParameterJdbcTemplate batch;

    Finder(JdbcClient jdbc, NamedParameterJdbcTemplate batch) {
        this.jdbc = jdbc;
        this.batch = batch;
    }

    /**
     * What is looked for; null or empty for no matter.
     *
     * @param minutes that there are
     */
    record Wanted(
            @Nullable String words,
            @Nullable String skill,
            @Nullable Integer level,
            @Nullable LessonPhase phase,
            @Nullable Formation formation,
            @Nullable Scoring scoring,
            @Nullable Integer age,
            @Nullable Integer minutes) {
        static Wanted of(@Nullable String words, @Nullable String skill) {
            return new Wanted(words, skill, null, null, null, null, null, null);
        }
    }

    enum Kind {
        ACTIVITY,
        SYMPTOM
    }

    /** @param guessed true if nothing is spelled like the words and these are written alike */
    record Found(List<String> keys, boolean guessed) {}

    /** Key of a fault among the symptoms: its cue, and which of the cue's faults. */
    static String faultKey(String cue, int index) {
        return cue + "#" + index;
    }

    /**
     * Puts a version's entries in, unless they are there.
     *
     * @param under keys that belong to packs below
     */
    @Transactional
    void index(String pack, KnowHow known, Set<String> under) {
        Long there = jdbc.sql("select count(*) from know_how_entry where pack_sha256 = :pack")
                .param("pack", pack)
                .query(Long.class)
                .single();
        if (there > 0) return;
        List<MapSqlParameterSource> rows = new ArrayList<>();
        for (Activity a : known.activities()) if (!under.contains(a.key())) rows.add(row(pack, a, known));
        for (Skill skill : known.skills())
            if (!under.contains(skill.key()))
                for (Cue cue : skill.cues())
                    for (int i = 0; i < cue.faults().size(); i++) {
                        var fault = cue.faults().get(i);
                        rows.add(symptom(
                                pack,
                                faultKey(cue.key(), i),
                                plain(fault.seen()),
                                plain(fault.fix() + " " + cue.call() + " " + skill.name()),
                                skill.key()));
                    }
        for (Symptom s : known.library().symptoms())
            if (!under.contains(s.seen()))
                rows.add(symptom(
                        pack,
                        s.seen(),
                        s.seen(),
                        s.cause() + " "
                                + known.skill(known.cue(s.cue()).skill()).name(),
                        known.cue(s.cue()).skill()));
        batch.batchUpdate(ADD, rows.toArray(MapSqlParameterSource[]::new));
        jdbc.sql(ADD_WORDS).param("pack", pack).update();
    }

    private static String plain(String template) {
        return template.replaceAll("[{}]", "");
    }

    private static MapSqlParameterSource symptom(String pack, String key, String seen, String words, String skill) {
        return new MapSqlParameterSource()
                .addValue("pack", pack)
                .addValue("kind", Kind.SYMPTOM.name())
                .addValue("key", key)
                .addValue("name", seen)
                .addValue("words", words)
                .addValue("skill", skill)
                .addValue("level", null)
                .addValue("phases", "{}")
                .addValue("formation", null)
                .addValue("scoring", null)
                .addValue("ageFrom", null)
                .addValue("ageTo", null)
                .addValue("least", null)
                .addValue("most", null);
    }

    private static MapSqlParameterSource row(String pack, Activity a, KnowHow known) {
        String words = String.join(
                " ",
                Lengths.plain(Asked.of(a, Asked.usual(a)).how(known)),
                a.skill() == null ? "" : known.skill(a.skill()).name(),
                a.rung() == null ? "" : a.rung().label(),
                a.grouping().formation().label(),
                a.phases().stream().map(LessonPhase::label).collect(Collectors.joining(" ")),
                a.needs().stream().map(Need::what).collect(Collectors.joining(" ")),
                a.needs().stream().map(n -> known.item(n.prefers()).name()).collect(Collectors.joining(" ")),
                a.countsAsOne() == null ? "" : a.countsAsOne(),
                a.question() == null ? "" : a.question(),
                otherwise(a, known));
        return new MapSqlParameterSource()
                .addValue("pack", pack)
                .addValue("kind", Kind.ACTIVITY.name())
                .addValue("key", a.key())
                .addValue("name", a.name())
                .addValue("words", words)
                .addValue("skill", a.skill())
                .addValue("level", a.rung() == null ? null : a.rung().level())
                .addValue("phases", a.phases().stream().map(Enum::name).collect(Collectors.joining(",", "{", "}")))
                .addValue("formation", a.grouping().formation().name())
                .addValue("scoring", a.conduct().scoring().name())
                .addValue("ageFrom", a.ageFrom())
                .addValue("ageTo", a.ageTo())
                .addValue("least", a.minutesLeast())
                .addValue("most", a.minutesMost());
    }

    /** What else it is looked for by: its own other words twice, so that it comes before what only shares a skill or a thing with it. */
    private static String otherwise(Activity a, KnowHow known) {
        Names names = known.library().names();
        List<String> words = new ArrayList<>();
        String plain = names.plain(a, known);
        for (int i = 0; i < 2; i++) {
            if (plain != null) words.add(plain);
            words.addAll(names.also(a.key()));
        }
        if (a.skill() != null) words.addAll(names.also(a.skill()));
        for (Need need : a.needs()) words.addAll(names.also(need.prefers()));
        for (String cue : a.showsWell()) words.add(known.cue(cue).bodyPart());
        if (a.conduct().link() != null) words.add(a.conduct().link().subject());
        return String.join(" ", words);
    }

    /** Skills that all of the words are in, by their names and what else they are called. */
    static List<Skill> skills(KnowHow known, @Nullable String text) {
        List<String> words = typed(text);
        if (words.isEmpty()) return List.of();
        return known.skills().stream()
                .filter(s -> {
                    List<String> there = words(s.name() + " "
                            + String.join(" ", known.library().names().also(s.key())));
                    return words.stream().allMatch(w -> there.stream().anyMatch(t -> t.startsWith(w)));
                })
                .toList();
    }

    /** The keys that fit, the best first. */
    @Transactional
    Found find(Kind kind, List<String> packs, Wanted wanted) {
        List<String> words = typed(wanted.words());
        if (words.isEmpty()) return new Found(query(kind, packs, wanted, null), false);
        String query = words.stream().map(Finder::begins).collect(Collectors.joining(" & "));
        List<String> keys = query(kind, packs, wanted, query);
        if (!keys.isEmpty()) return new Found(keys, false);
        List<String> readings = words.stream()
                .map(w -> readings(kind, packs, w))
                .filter(r -> !r.isEmpty())
                .toList();
        for (String between : List.of(" & ", " | ")) {
            keys = readings.isEmpty() ? List.of() : query(kind, packs, wanted, String.join(between, readings));
            if (!keys.isEmpty()) break;
        }
        return new Found(keys, true);
    }

    /** Any of the words that a typed one may have been meant for; empty if none is like it. */
    private String readings(Kind kind, List<String> packs, String word) {
        // For this transaction only.
        jdbc.sql("select set_config('pg_trgm.similarity_threshold', :alike, true)")
                .param("alike", ALIKE)
                .query(String.class)
                .single();
        List<String> meant = jdbc.sql(READINGS)
                .param("kind", kind.name())
                .param("packs", packs)
                .param("word", word)
                .param("most", MOST_READINGS)
                .query(String.class)
                .list();
        return meant.isEmpty() ? "" : meant.stream().map(Finder::begins).collect(Collectors.joining(" | ", "(", ")"));
    }

    private static String begins(String word) {
        return "'" + word + "':*";
    }

    private static List<String> typed(@Nullable String text) {
        List<String> all = words(text);
        return all.subList(0, Math.min(MOST_WORDS, all.size()));
    }

    private static List<String> words(@Nullable String text) {
        if (text == null) return List.of();
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    private List<String> query(Kind kind, List<String> packs, Wanted wanted, @Nullable String query) {
        Map<String, Object> values = new LinkedHashMap<>();
        StringBuilder where = new StringBuilder(" where e.kind = :kind and e.pack_sha256 in (:packs)");
        values.put("kind", kind.name());
        values.put("packs", packs);
        also(where, values, "e.skill = :skill", "skill", wanted.skill());
        also(where, values, "e.level = :level", "level", wanted.level());
        also(where, values, ":phase = any (e.phases)", "phase", name(wanted.phase()));
        also(where, values, "e.formation = :formation", "formation", name(wanted.formation()));
        also(where, values, "e.scoring = :scoring", "scoring", name(wanted.scoring()));
        also(where, values, ":age between e.age_from and e.age_to", "age", wanted.age());
        also(where, values, "e.minutes_least <= :minutes", "minutes", wanted.minutes());
        also(where, values, "e.doc @@ to_tsquery('english', :query)", "query", query);
        // As it was typed, small words and all, comes first: "under the leg" is more than a leg.
        if (query != null) values.put("typed", String.join(" ", words(wanted.words())));
        String order = query == null
                ? ""
                : "position(:typed in lower(e.name || ' ' || e.words)) = 0, ts_rank(e.doc, to_tsquery('english', :query)) desc, ";
        return jdbc.sql("select e.key from know_how_entry e" + where + " order by " + order
                        + "e.skill nulls last, e.level, e.name")
                .params(values)
                .query(String.class)
                .list();
    }

    private static void also(
            StringBuilder where, Map<String, Object> values, String condition, String name, @Nullable Object value) {
        if (value == null) return;
        where.append(" and ").append(condition);
        values.put(name, value);
    }

    private static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name();
    }
}
