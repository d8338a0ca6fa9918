package io.isokinet.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonNull;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.google.gson.JsonPrimitive;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;

/** Requests made from the contract, each with something wrong in it or nothing: the same seed, the same requests. */
final class Malformed {
    private static final List<String> JUNK = List.of(
            "\u0000",
            "a\u0000b",
            "",
            " ",
            "null",
            "-1",
            "1e309",
            "NaN",
            "0001-01-01",
            "+999999999-12-31",
            "2026-02-30",
            "9999-12-31T23:59:59Z",
            "-999999999-01-01T00:00:00Z",
            "\uffff",
            "\u202e\u0645",
            "\ud83e\udd3e",
            "../../etc/passwd",
            "%s%n",
            "'; drop table trial; --",
            "{{7*7}}",
            "x".repeat(9000),
            "00000000-0000-0000-0000-000000000000");
    /** Signing out or changing the password would end the run; planning has its own bench. */
    private static final List<String> LEFT_OUT = List.of(
            "DELETE /api/session",
            "POST /api/session",
            "PUT /api/me/password",
            "DELETE /api/me/sessions",
            "DELETE /api/me/sessions/{key}",
            "PUT /api/people/{id}",
            "DELETE /api/people/{id}",
            "POST /api/people/{id}/reset",
            "POST /api/people/{id}/sign-out",
            "PUT /api/units/{id}/planning",
            "PUT /api/units/{id}",
            "POST /api/units/{id}/replan",
            "POST /api/units/{id}/proposals");

    private final JsonObject schemas;
    private final List<Operation> operations = new ArrayList<>();
    private final Map<String, List<String>> known;
    private final Random random;

    /** @param body null for none */
    private record Operation(String method, String path, List<JsonObject> parameters, String type, JsonObject body) {}

    /** @param what method and path of the contract */
    record Request(String what, String method, String path, String type, byte[] body) {}

    /** @param known ids that there are, by the word before them in a path, such as "classes" */
    Malformed(long seed, Map<String, List<String>> known) throws IOException {
        this.random = new Random(seed);
        this.known = known;
        JsonObject contract = JsonParser.parseString(Files.readString(Path.of("../web/openapi.json")))
                .getAsJsonObject();
        schemas = contract.getAsJsonObject("components").getAsJsonObject("schemas");
        // In the order of their names, so that a seed stays a seed.
        new TreeMap<>(contract.getAsJsonObject("paths").asMap())
                .forEach((path, all) -> new TreeMap<>(all.getAsJsonObject().asMap())
                        .forEach((method, operation) -> add(method.toUpperCase(), path, operation.getAsJsonObject())));
    }

    private void add(String method, String path, JsonObject operation) {
        if (LEFT_OUT.contains(method + " " + path)) return;
        List<JsonObject> parameters = new ArrayList<>();
        if (operation.has("parameters"))
            operation.getAsJsonArray("parameters").forEach(p -> parameters.add(p.getAsJsonObject()));
        String type = "";
        JsonObject body = null;
        if (operation.has("requestBody")) {
            JsonObject content = operation.getAsJsonObject("requestBody").getAsJsonObject("content");
            type = content.keySet().iterator().next();
            body = content.getAsJsonObject(type).getAsJsonObject("schema");
        }
        operations.add(new Operation(method, path, parameters, type, body));
    }

    int operations() {
        return operations.size();
    }

    Request next() {
        Operation operation = operations.get(random.nextInt(operations.size()));
        String path = operation.path();
        StringBuilder query = new StringBuilder();
        for (JsonObject p : operation.parameters()) {
            String name = p.get("name").getAsString();
            if (p.get("in").getAsString().equals("path"))
                path = path.replace("{" + name + "}", encoded(inPath(path, name)));
            else if (p.get("in").getAsString().equals("query") && random.nextInt(5) > 0)
                query.append(query.isEmpty() ? "?" : "&")
                        .append(name)
                        .append('=')
                        .append(encoded(text(p.getAsJsonObject("schema"), random.nextInt(2) == 0)));
        }
        return new Request(
                operation.method() + " " + operation.path(),
                operation.method(),
                path + query,
                type(operation),
                body(operation));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private String type(Operation operation) {
        if (operation.body() == null) return "";
        if (operation.type().startsWith("multipart")) return "multipart/form-data; boundary=edge";
        return random.nextInt(40) == 0 ? "text/plain" : operation.type();
    }

    private String inPath(String path, String name) {
        int at = path.indexOf("/{" + name);
        String word = path.substring(path.lastIndexOf('/', at - 1) + 1, at);
        List<String> there = known.getOrDefault(word, List.of());
        int what = random.nextInt(10);
        if (what < 6 && !there.isEmpty()) return there.get(random.nextInt(there.size()));
        return what < 8 ? new UUID(random.nextLong(), random.nextLong()).toString() : junk();
    }

    private String junk() {
        return JUNK.get(random.nextInt(JUNK.size()));
    }

    private byte[] body(Operation operation) {
        if (operation.body() == null) return new byte[0];
        if (operation.type().startsWith("multipart")) return file();
        JsonElement body = made(operation.body(), 0);
        for (int i = random.nextInt(3); i > 0; i--) body = spoilt(body);
        String text = body.toString();
        if (random.nextInt(25) == 0) text = text.substring(0, random.nextInt(text.length() + 1));
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private byte[] file() {
        byte[] content = new byte[random.nextInt(3000)];
        random.nextBytes(content);
        String lines =
                switch (random.nextInt(4)) {
                    case 0 -> "name,class,year\n" + junk() + ",1A," + junk() + "\n";
                    case 1 ->
                        "BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART:" + junk() + "\nRRULE:" + junk() + "\nEND:VEVENT\n";
                    case 2 -> "PK\u0003\u0004" + new String(content, StandardCharsets.ISO_8859_1);
                    default -> new String(content, StandardCharsets.ISO_8859_1);
                };
        String name = List.of("a.csv", "a.xlsx", "a.ics", "a.zip", "a\u0000.csv", "", "x".repeat(300) + ".csv")
                .get(random.nextInt(7));
        return ("--edge\r\nContent-Disposition: form-data; name=\"" + (random.nextInt(10) == 0 ? "other" : "files")
                        + "\"; filename=\"" + name + "\"\r\n\r\n" + lines
                        + (random.nextInt(10) == 0 ? "" : "\r\n--edge--\r\n"))
                .getBytes(StandardCharsets.UTF_8);
    }

    /** What the contract asks for. */
    private JsonElement made(JsonObject schema, int depth) {
        JsonObject s = resolved(schema);
        if (s.has("oneOf")) {
            JsonArray of = s.getAsJsonArray("oneOf");
            return made(of.get(random.nextInt(of.size())).getAsJsonObject(), depth);
        }
        if (s.has("allOf")) {
            JsonObject all = new JsonObject();
            s.getAsJsonArray("allOf").forEach(part -> {
                if (made(part.getAsJsonObject(), depth) instanceof JsonObject o)
                    o.entrySet().forEach(e -> all.add(e.getKey(), e.getValue()));
            });
            return all;
        }
        if (s.has("properties")) {
            JsonObject object = new JsonObject();
            if (depth < 8)
                s.getAsJsonObject("properties").entrySet().forEach(p -> {
                    if (random.nextInt(6) > 0)
                        object.add(p.getKey(), made(p.getValue().getAsJsonObject(), depth + 1));
                });
            return object;
        }
        return switch (kind(s)) {
            case "array" -> {
                JsonArray array = new JsonArray();
                if (depth < 8)
                    for (int i = random.nextInt(3); i > 0; i--) array.add(made(s.getAsJsonObject("items"), depth + 1));
                yield array;
            }
            case "boolean" -> new JsonPrimitive(random.nextBoolean());
            case "integer" -> new JsonPrimitive(random.nextInt(60));
            case "number" -> new JsonPrimitive(random.nextDouble() * 10);
            case "object" -> new JsonObject();
            default -> new JsonPrimitive(text(s, true));
        };
    }

    private static String kind(JsonObject schema) {
        if (!schema.has("type")) return "string";
        JsonElement type = schema.get("type");
        return type.isJsonArray() ? type.getAsJsonArray().get(0).getAsString() : type.getAsString();
    }

    private JsonObject resolved(JsonObject schema) {
        if (!schema.has("$ref")) return schema;
        String ref = schema.get("$ref").getAsString();
        return resolved(schemas.getAsJsonObject(ref.substring(ref.lastIndexOf('/') + 1)));
    }

    private String text(JsonObject schema, boolean fit) {
        JsonObject s = resolved(schema);
        if (!fit) return junk();
        if (kind(s).equals("array") && s.has("items")) return text(s.getAsJsonObject("items"), true);
        if (s.has("enum")) {
            JsonArray values = s.getAsJsonArray("enum");
            return values.get(random.nextInt(values.size())).getAsString();
        }
        if (kind(s).equals("integer")) return Integer.toString(random.nextInt(40));
        if (kind(s).equals("boolean")) return Boolean.toString(random.nextBoolean());
        return switch (s.has("format") ? s.get("format").getAsString() : "") {
            case "uuid" -> {
                List<List<String>> all = List.copyOf(known.values());
                List<String> some = all.get(random.nextInt(all.size()));
                yield some.isEmpty() || random.nextInt(3) == 0
                        ? new UUID(random.nextLong(), random.nextLong()).toString()
                        : some.get(random.nextInt(some.size()));
            }
            case "date" -> "2026-1%d-%02d".formatted(random.nextInt(3), 1 + random.nextInt(28));
            case "date-time" -> "2026-11-%02dT10:00:00Z".formatted(1 + random.nextInt(28));
            default -> random.nextInt(3) == 0 ? junk() : "underarm-roll/components";
        };
    }

    /** One value somewhere in it is another. */
    private JsonElement spoilt(JsonElement element) {
        if (element instanceof JsonObject object && !object.isEmpty() && random.nextInt(8) > 0) {
            List<String> keys = List.copyOf(object.keySet());
            String key = keys.get(random.nextInt(keys.size()));
            object.add(key, spoilt(object.get(key)));
            return object;
        }
        if (element instanceof JsonArray array && !array.isEmpty() && random.nextInt(4) > 0) {
            int at = random.nextInt(array.size());
            array.set(at, spoilt(array.get(at)));
            return array;
        }
        return switch (random.nextInt(9)) {
            case 0 -> JsonNull.INSTANCE;
            case 1 -> new JsonPrimitive(-1);
            case 2 -> new JsonPrimitive(1e300);
            case 3 -> new JsonPrimitive(Long.MAX_VALUE);
            case 4 -> new JsonArray();
            case 5 -> new JsonObject();
            case 6 -> {
                JsonArray nulls = new JsonArray();
                nulls.add(JsonNull.INSTANCE);
                nulls.add(element);
                yield nulls;
            }
            default -> new JsonPrimitive(junk());
        };
    }
}
