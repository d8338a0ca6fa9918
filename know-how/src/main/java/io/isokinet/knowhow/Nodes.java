package io.isokinet.knowhow;

import io.isokinet.core.quantity.Length;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads values out of nodes that the schema has checked. */
final class Nodes {
    private Nodes() {}

    static Set<Trait> traits(JsonNode node) {
        return strings(node, "traits").stream()
                .map(t -> constant(Trait.class, t))
                .collect(Collectors.toSet());
    }

    static List<String> strings(JsonNode node, String name) {
        List<String> values = new ArrayList<>();
        node.path(name).forEach(v -> values.add(v.asString()));
        return values;
    }

    static int low(JsonNode node, String name) {
        return node.get(name).get(0).asInt();
    }

    static int high(JsonNode node, String name) {
        return node.get(name).get(1).asInt();
    }

    static String text(JsonNode node, String name) {
        return node.get(name).asString();
    }

    static @Nullable String optional(JsonNode node, String name) {
        return node.has(name) ? text(node, name) : null;
    }

    static @Nullable Length length(JsonNode node, String name) {
        return node.has(name) ? Length.ofMillimetres(node.get(name).asDouble()) : null;
    }

    static <E extends Enum<E>> E constant(Class<E> type, String slug) {
        return Enum.valueOf(type, slug.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
