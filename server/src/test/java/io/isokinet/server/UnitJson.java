package io.isokinet.server;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** What tests read off a unit as it comes over HTTP. */
final class UnitJson {
    private UnitJson() {}

    /** The revision in force, as If-Match has it. */
    static String head(JsonNode unit) {
        return "\"" + unit.get("head").asString() + "\"";
    }

    static JsonNode segment(JsonNode unit, int lesson, int position) {
        return unit.get("lessons").get(lesson).get("segments").get(position);
    }

    /** Wherever in the unit it is. */
    static JsonNode segment(JsonNode unit, String id) {
        for (JsonNode lesson : unit.get("lessons"))
            for (JsonNode s : lesson.get("segments")) if (id(s).equals(id)) return s;
        throw new AssertionError("no segment " + id);
    }

    /** Names of the activities of a lesson, in order. */
    static List<String> names(JsonNode unit, int lesson) {
        List<String> names = new ArrayList<>();
        unit.get("lessons")
                .get(lesson)
                .get("segments")
                .forEach(s -> names.add(s.get("name").asString()));
        return names;
    }

    static String id(JsonNode thing) {
        return thing.get("id").asString();
    }
}
