package io.isokinet.knowhow;

import java.util.HashMap;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** A YAML file as a tree that still knows the line of each value. */
final class Located {
    private static final YAMLMapper YAML = new YAMLMapper();

    final String path;
    final JsonNode tree;
    private final Map<String, Integer> lines = new HashMap<>();

    private Located(String path, JsonNode tree) {
        this.path = path;
        this.tree = tree;
    }

    /** @throws JacksonException if the text is no YAML */
    static Located read(String path, String text) {
        Located located = new Located(path, YAML.readTree(text));
        try (JsonParser parser = YAML.createParser(text)) {
            while (parser.nextToken() != null)
                if (parser.currentToken() != JsonToken.PROPERTY_NAME)
                    located.lines.putIfAbsent(
                            parser.streamReadContext().pathAsPointer().toString(),
                            parser.currentTokenLocation().getLineNr());
        }
        return located;
    }

    /** "file:line" of the value at a JSON pointer, or of the nearest value around it. */
    String where(String pointer) {
        String at = pointer;
        while (!lines.containsKey(at) && !at.isEmpty()) at = at.substring(0, at.lastIndexOf('/'));
        return path + ":" + lines.getOrDefault(at, 1);
    }
}
