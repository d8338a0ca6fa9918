package io.isokinet.knowhow;

import io.isokinet.core.check.Finding;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;
import tools.jackson.dataformat.yaml.YAMLParser;

/** A YAML file as a tree that still knows the line of each value. Packs are plain data: no tags, anchors or aliases. */
final class Located {
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    final String path;
    final JsonNode tree;
    /** Uses of YAML's tricks, with their lines. */
    final List<Finding> tricks = new ArrayList<>();

    private final Map<String, Integer> lines = new HashMap<>();

    private Located(String path, JsonNode tree) {
        this.path = path;
        this.tree = tree;
    }

    /** @throws JacksonException if the text is no YAML */
    static Located read(String path, String text) {
        Located located = new Located(path, YAML.readTree(text));
        try (JsonParser parser = YAML.createParser(text)) {
            JsonToken token;
            while ((token = parser.nextToken()) != null) {
                int line = parser.currentTokenLocation().getLineNr();
                if (parser.getObjectId() != null
                        || parser.getTypeId() != null
                        || parser instanceof YAMLParser yaml && yaml.isCurrentAlias())
                    located.tricks.add(
                            new Finding(
                                    "yaml-plain",
                                    path + ":" + line,
                                    "A pack is plain data, without tags (!), anchors (&) or aliases (*). Write the value out."));
                if (token != JsonToken.PROPERTY_NAME)
                    located.lines.putIfAbsent(
                            parser.streamReadContext().pathAsPointer().toString(), line);
            }
        }
        return located;
    }

    /** The tree alone, of a file that was checked before: its lines are not asked for. */
    static Located checked(String path, String text) {
        Located sound = SoundFiles.get(path, text);
        return sound != null ? sound : new Located(path, YAML.readTree(text));
    }

    /** "file:line" of the value at a JSON pointer, or of the nearest value around it. */
    String where(String pointer) {
        String at = pointer;
        while (!lines.containsKey(at) && !at.isEmpty()) at = at.substring(0, at.lastIndexOf('/'));
        return path + ":" + lines.getOrDefault(at, 1);
    }
}
