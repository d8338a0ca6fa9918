package io.isokinet.server.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.knowhow.PackDocuments.Document;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** What plans and records use of a pack: it cannot go, and a cue that was looked at cannot come to mean something else. */
@Component
class PackUses {
    private static final String USES = """
            select distinct 'the unit “' || u.title || '”' as what
            from unit u join unit_revision r on r.school_id = u.school_id and r.unit_id = u.id
            where u.school_id = :school
              and jsonb_path_exists(r.body, '$.** ? (@ == $key)', jsonb_build_object('key', cast(:key as text)))
            order by what""";
    private static final String TRIALS = """
            select count(*) from trial where school_id = :school and cue_key = :key""";

    private final JdbcClient jdbc;
    private final PackVersions versions;

    PackUses(JdbcClient jdbc, PackVersions versions) {
        this.jdbc = jdbc;
        this.versions = versions;
    }

    /** What is gone or means something else must not be in use: plans and records would lose what they speak of. */
    void requireUnused(PackFiles before, PackFiles after) {
        List<Finding> findings = new ArrayList<>();
        Map<String, JsonNode> now = new HashMap<>();
        versions.documents(after).values().forEach(d -> parts(d).forEach(now::put));
        for (Document old : versions.documents(before).values())
            parts(old).forEach((key, was) -> {
                JsonNode is = now.get(key);
                if (is == null)
                    uses(key)
                            .forEach(use -> findings.add(new Finding(
                                    "in-use",
                                    key,
                                    "It is used by %s, so it stays. Set it aside instead: it is then offered for nothing new."
                                            .formatted(use))));
                else if (key.contains("/") && was.has("phase") && changedMeaning(was, is)) {
                    long trials = trials(key);
                    if (trials > 0)
                        findings.add(new Finding(
                                "meaning",
                                key,
                                "%d trials speak of this cue, so what it looks at stays (%s, %s). Give a new meaning a key of its own."
                                        .formatted(
                                                trials,
                                                was.path("phase").asString(""),
                                                was.path("body").asString(""))));
                }
            });
        new Findings(findings).throwIfAny();
    }

    private static boolean changedMeaning(JsonNode was, JsonNode is) {
        return !was.path("phase").equals(is.path("phase")) || !was.path("body").equals(is.path("body"));
    }

    /** The keyed things in a document: itself, and a skill's cues and sets. */
    private static Map<String, JsonNode> parts(Document document) {
        Map<String, JsonNode> parts = new HashMap<>();
        parts.put(document.tree().path("key").asString(""), document.tree());
        for (String list : List.of("cues", "sets"))
            document.tree().path(list).forEach(n -> parts.put(n.path("key").asString(""), n));
        return parts;
    }

    private List<String> uses(String key) {
        List<String> uses = new ArrayList<>(jdbc.sql(USES)
                .param("school", SchoolScope.current())
                .param("key", key)
                .query(String.class)
                .list());
        long trials = key.contains("/") ? trials(key) : 0;
        if (trials > 0) uses.add(trials + " trials");
        return uses;
    }

    private long trials(String cue) {
        return jdbc.sql(TRIALS)
                .param("school", SchoolScope.current())
                .param("key", cue)
                .query(Long.class)
                .single();
    }
}
