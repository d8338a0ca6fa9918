package io.isokinet.server.knowhow;

import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.knowhow.PackDocuments;
import io.isokinet.knowhow.PackDocuments.Document;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.knowhow.PackReader;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Immutable versions of packs by their SHA-256, and what several of them hold together. */
@Component
class PackVersions {
    private static final Logger LOG = LoggerFactory.getLogger(PackVersions.class);
    private static final int KEPT = 32;
    private static final String KEEP = """
            insert into pack_version (sha256, school_id, pack, number, body)
            values (:sha256, :school, :pack, :number, cast(:body as jsonb))
            on conflict (sha256) do nothing""";

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Map<List<String>, KnowHow> known = latest();
    private final Map<String, Map<String, Document>> documents = latest();
    private final Map<String, Set<String>> keys = latest();

    PackVersions(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    private static <K, V> Map<K, V> latest() {
        return Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > KEPT;
            }
        });
    }

    /** Keys of the skills and activities of a version; none if it is not kept here. */
    Set<String> keys(String sha256) {
        Set<String> before = keys.get(sha256);
        if (before != null) return before;
        Set<String> now = files(sha256).map(f -> documents(f).keySet()).orElse(Set.of());
        keys.put(sha256, now);
        return now;
    }

    /** The skills and activities of a pack by their keys. */
    Map<String, Document> documents(PackFiles files) {
        Map<String, Document> before = documents.get(files.sha256());
        if (before != null) return before;
        Map<String, Document> byKey = new LinkedHashMap<>();
        for (Document d : PackDocuments.all(files))
            byKey.put(d.tree().path("key").asString(""), d);
        documents.put(files.sha256(), byKey);
        return byKey;
    }

    /** @param school null for the shipped pack */
    void keep(@Nullable UUID school, String name, int number, PackFiles files) {
        jdbc.sql(KEEP)
                .param("sha256", files.sha256())
                .param("school", school)
                .param("pack", name)
                .param("number", number)
                .param("body", json.writeValueAsString(files.texts()))
                .update();
    }

    Optional<PackFiles> files(String sha256) {
        return jdbc.sql("select body from pack_version where sha256 = :sha256")
                .param("sha256", sha256)
                .query(String.class)
                .optional()
                .map(this::open);
    }

    /** Versions of before hold trees where now stands text; a tree as JSON is YAML as well. */
    private PackFiles open(String body) {
        SortedMap<String, String> texts = new TreeMap<>();
        json.readTree(body)
                .properties()
                .forEach(e -> texts.put(
                        e.getKey(),
                        e.getValue().isString()
                                ? e.getValue().asString()
                                : e.getValue().toString()));
        return new PackFiles(texts);
    }

    /** What these versions hold together; empty if one of them is not kept here, or they no longer go together. */
    Optional<KnowHow> together(List<String> packs) {
        KnowHow before = known.get(packs);
        if (before != null) return Optional.of(before);
        List<PackFiles> all =
                packs.stream().map(this::files).flatMap(Optional::stream).toList();
        if (all.size() < packs.size()) return Optional.empty();
        try {
            KnowHow now = PackReader.known(all);
            remember(packs, now);
            return Optional.of(now);
        } catch (FoundException e) {
            LOG.warn("The packs {} no longer go together: {}", packs, e.getMessage());
            return Optional.empty();
        }
    }

    /** Remembers what was just read. */
    void remember(List<String> packs, KnowHow knowHow) {
        known.put(List.copyOf(packs), knowHow);
    }
}
