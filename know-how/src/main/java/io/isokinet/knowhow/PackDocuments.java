package io.isokinet.knowhow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;
import tools.jackson.dataformat.yaml.YAMLWriteFeature;

/** Single skills and activities of a pack, as the trees that its files hold: what an editor reads and writes. */
public final class PackDocuments {
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .disable(YAMLWriteFeature.WRITE_DOC_START_MARKER)
            .enable(YAMLWriteFeature.MINIMIZE_QUOTES)
            .enable(YAMLWriteFeature.ALWAYS_QUOTE_NUMBERS_AS_STRINGS)
            .disable(YAMLWriteFeature.SPLIT_LINES)
            .build();

    private PackDocuments() {}

    /** What can be edited alone. */
    public enum Kind {
        SKILL,
        ACTIVITY
    }

    /** @param path the file it stands in @param tree as in the file */
    public record Document(Kind kind, String path, JsonNode tree) {}

    /** Every skill and activity of a pack. */
    public static List<Document> all(PackFiles pack) {
        List<Document> found = new ArrayList<>();
        pack.texts().forEach((path, text) -> {
            if (path.startsWith("skills/")) found.add(new Document(Kind.SKILL, path, YAML.readTree(text)));
            if (path.startsWith("activities/"))
                YAML.readTree(text).path("activities").forEach(a -> found.add(new Document(Kind.ACTIVITY, path, a)));
        });
        return found;
    }

    public static Optional<Document> find(PackFiles pack, String key) {
        return all(pack).stream()
                .filter(d -> d.tree().path("key").asString("").equals(key))
                .findFirst();
    }

    /** The pack with a skill or activity put in, or put in the place of the one with its key. */
    public static PackFiles put(PackFiles pack, Kind kind, JsonNode tree) {
        PackFiles without = remove(pack, tree.path("key").asString(""));
        return without.with(path(kind, tree), yaml(kind, tree));
    }

    /** The pack without a skill or activity. */
    public static PackFiles remove(PackFiles pack, String key) {
        Optional<Document> known = find(pack, key);
        if (known.isEmpty()) return pack;
        PackFiles rest = pack.without(known.get().path());
        for (Document other : all(pack))
            if (other.path().equals(known.get().path())
                    && !other.tree().path("key").asString("").equals(key))
                rest = rest.with(path(other.kind(), other.tree()), yaml(other.kind(), other.tree()));
        return rest;
    }

    /** The pack with another number. */
    public static PackFiles titled(PackFiles pack, String name, int number, String title) {
        ObjectNode head = JsonMapper.shared().createObjectNode();
        head.put("name", name).put("number", number).put("title", title);
        return pack.with("pack.yaml", YAML.writeValueAsString(head));
    }

    private static String path(Kind kind, JsonNode tree) {
        String key = tree.path("key").asString("").replaceAll("[^a-z0-9-]", "-");
        return (kind == Kind.SKILL ? "skills/own/" : "activities/own/") + key + ".yaml";
    }

    private static String yaml(Kind kind, JsonNode tree) {
        if (kind == Kind.SKILL) return YAML.writeValueAsString(tree);
        ObjectNode file = JsonMapper.shared().createObjectNode();
        file.putArray("activities").add(tree);
        return YAML.writeValueAsString(file);
    }
}
