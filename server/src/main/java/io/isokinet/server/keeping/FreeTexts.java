package io.isokinet.server.keeping;

import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Children;
import io.isokinet.server.tenancy.SchoolScope;
import java.text.Normalizer;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Texts that people wrote and that may name a child: found by its names, letter marks and capitals apart, as whole words. A person
 * says which of them really speak of the child, since another may be called the same; in those its names are blanked.
 */
@Service
public class FreeTexts {
    /** What stands in place of a name. */
    static final String BLANK = "[name taken out]";

    private static final int MOST = 200;

    /**
     * Where somebody can write.
     *
     * @param finds id, text and moment of those that may match a pattern @param keeps writes a text anew, as long as its column may be
     */
    private record Place(String words, String finds, String keeps) {}

    private static final Map<String, Place> PLACES = Stream.of(
                    place(
                            "event",
                            "a note, the talk or a score of a lesson",
                            "select id, body::text as text, at from lesson_event where school_id = :school and "
                                    + plain("body::text"),
                            "update lesson_event set body = cast(:text as jsonb) where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "fault",
                            "what was seen going wrong",
                            "select id, fault as text, seen_at as at from trial where school_id = :school and "
                                    + plain("fault"),
                            "update trial set fault = :text where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "aside",
                            "what was seen going wrong, in a look that is kept aside",
                            "select id, payload ->> 'fault' as text, received_at as at from trial_conflict where school_id = :school and "
                                    + plain("payload ->> 'fault'"),
                            "update trial_conflict set payload = jsonb_set(payload, '{fault}', to_jsonb(cast(:text as text))) where school_id = :school and id = cast(:id as bigint)"),
                    place(
                            "call",
                            "the reason for a call",
                            "select id, reason as text, at from mastery_call where school_id = :school and "
                                    + plain("reason"),
                            "update mastery_call set reason = left(:text, 300) where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "change",
                            "why a lesson was changed",
                            "select id, why as text, at from lesson_change where school_id = :school and "
                                    + plain("why"),
                            "update lesson_change set why = left(:text, 120) where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "title",
                            "the title of a unit",
                            "select id, title as text, null::timestamptz as at from unit where school_id = :school and "
                                    + plain("title"),
                            "update unit set title = left(:text, 120) where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "reason",
                            "what was asked of a plan",
                            "select id, reason as text, at from unit_revision where school_id = :school and "
                                    + plain("reason"),
                            "update unit_revision set reason = :text where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "log",
                            "an entry of the log",
                            "select id, what as text, at from audit where school_id = :school and " + plain("what"),
                            "update audit set what = :text where school_id = :school and id = cast(:id as uuid)"),
                    place(
                            "log-details",
                            "the details of an entry of the log",
                            "select id, details as text, at from audit where school_id = :school and "
                                    + plain("details"),
                            "update audit set details = :text where school_id = :school and id = cast(:id as uuid)"))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    private final JdbcClient jdbc;
    private final Children children;
    private final Audit audit;
    private final JsonMapper json;

    FreeTexts(JdbcClient jdbc, Children children, Audit audit, JsonMapper json) {
        this.jdbc = jdbc;
        this.children = children;
        this.audit = audit;
        this.json = json;
    }

    private static Map.Entry<String, Place> place(String key, String words, String finds, String keeps) {
        return Map.entry(key, new Place(words, finds, keeps));
    }

    /** Whether a column holds one of the patterns, marks of letters apart. */
    private static String plain(String column) {
        return "regexp_replace(normalize(" + column + ", nfd), '[\u0300-\u036f]', '', 'g') ilike any(:patterns)";
    }

    /**
     * A text that may name a child.
     *
     * @param key of the text, to be sent back
     * @param where in words
     * @param at null where no moment is kept
     * @param fullName true if it holds given and family name; a given name alone may be another child's
     */
    public record Mention(
            String key, String where, String text, @Nullable Instant at, boolean fullName) {}

    /** A mention with the text as it is kept. */
    private record Match(Mention mention, Place place, String id, String kept) {}

    /** Texts that may name the child, the latest first, 200 at most. */
    @Transactional(readOnly = true)
    public List<Mention> mentions(UUID child) {
        return found(child, names(child)).stream().map(Match::mention).toList();
    }

    /** Blanks the child's names in those of its mentions that a person confirmed; others are left as they are. */
    @Transactional
    public int blank(UUID child, List<String> keys) {
        Names names = names(child);
        int blanked = 0;
        for (Match found : found(child, names))
            if (keys.contains(found.mention().key()))
                blanked += jdbc.sql(found.place().keeps())
                        .param("school", SchoolScope.current())
                        .param("id", found.id())
                        .param("text", names.blanked(found.kept()))
                        .update();
        audit.add(Act.DID, "took a child's name out of texts", blanked + " texts", child);
        return blanked;
    }

    private List<Match> found(UUID child, Names names) {
        List<Match> found = new ArrayList<>();
        PLACES.forEach((key, place) -> jdbc.sql(place.finds() + " limit " + MOST)
                .param("school", SchoolScope.current())
                .param("patterns", names.patterns())
                .query(row -> {
                    String kept = row.getString("text");
                    if (!names.any().matcher(kept).find()) return;
                    String id = row.getString("id");
                    OffsetDateTime at = row.getObject("at", OffsetDateTime.class);
                    Instant moment = at == null ? null : at.toInstant();
                    String text = key.equals("event") ? words(kept, names) : kept;
                    found.add(new Match(
                            new Mention(key + ":" + id, place.words(), text, moment, names.isFull(kept)),
                            place,
                            id,
                            kept));
                }));
        found.sort(
                Comparator.comparing((Match f) -> f.mention().at(), Comparator.nullsLast(Comparator.reverseOrder())));
        return found.subList(0, Math.min(MOST, found.size()));
    }

    /** Those of the texts in an event's body that name the child. */
    private String words(String body, Names names) {
        return json.readTree(body).findValuesAsString("text").stream()
                .filter(t -> names.any().matcher(t).find())
                .findFirst()
                .orElse(body);
    }

    private Names names(UUID child) {
        ChildView named = children.file(child).child();
        return new Names(named.given(), named.family());
    }

    /** The names of a child as they may be written. */
    record Names(String given, String family) {
        /** As PostgreSQL finds them, within words too. */
        String[] patterns() {
            return parts().map(Names::withoutMarks)
                    .map(p -> "%" + p.replaceAll("([\\\\%_])", "\\\\$1") + "%")
                    .toArray(String[]::new);
        }

        Pattern any() {
            return word(parts().map(Names::anyMarks).collect(Collectors.joining("|")));
        }

        boolean isFull(String text) {
            return !family.isBlank()
                    && word(anyMarks(given) + "[^\\p{L}]+" + anyMarks(family))
                            .matcher(text)
                            .find();
        }

        String blanked(String text) {
            return any().matcher(text).replaceAll(Matcher.quoteReplacement(BLANK));
        }

        private Stream<String> parts() {
            return Stream.of(given, family).filter(p -> p.strip().length() > 1);
        }

        private static Pattern word(String inner) {
            return Pattern.compile(
                    "(?<![\\p{L}\\p{M}])(?:" + inner + ")(?![\\p{L}\\p{M}])",
                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        }

        /** "Zo\u00eb" is found as "Zoe" too. */
        private static String anyMarks(String name) {
            return "(?:" + Pattern.quote(name) + "|" + Pattern.quote(withoutMarks(name)) + ")";
        }

        private static String withoutMarks(String name) {
            return Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{Mn}", "");
        }
    }
}
