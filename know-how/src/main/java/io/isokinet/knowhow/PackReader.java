package io.isokinet.knowhow;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Reads packs whole or not at all: schema first, then what a schema cannot say. */
public final class PackReader {
    private static final int MOST_CHARACTERS = 1_000_000;
    private static final int MOST_FILES = 400;
    private static final String SCHEMA_ID = "https://isokinet.invalid/know-how.schema.json";
    private static final SchemaRegistry SCHEMAS = SchemaRegistry.withDefaultDialect(
            SpecificationVersion.DRAFT_2020_12, b -> b.schemas(Map.of(SCHEMA_ID, schemaText()))
                    .schemaRegistryConfig(
                            SchemaRegistryConfig.builder().locale(Words.LOCALE).build()));
    private static final Set<String> KINDS = Set.of(
            "pack",
            "skills",
            "movements",
            "activities",
            "kit",
            "cautions",
            "crosswalk",
            "layouts",
            "transfer",
            "symptoms",
            "outcomes",
            "games",
            "sources");

    private final List<Finding> findings = new ArrayList<>();

    private PackReader() {}

    /** @throws FoundException with every finding, if there is any */
    public static Pack read(PackFiles pack) {
        return read(pack, List.of());
    }

    /**
     * Reads a pack on top of others, whose keys it may refer to and may not take.
     *
     * @param under packs that have been read before
     * @return the pack with all that is known together with those under it
     * @throws FoundException with every finding, if there is any
     */
    public static Pack read(PackFiles pack, List<PackFiles> under) {
        return new PackReader().pack(pack, under);
    }

    /** The pack that comes with the product: checked when it was built, and only mapped here, once. */
    public static Pack shipped() {
        return Shipped.PACK;
    }

    private static final class Shipped {
        private static final Pack PACK = readShipped();
    }

    private static Pack readShipped() {
        PackFiles files = PackFiles.shipped();
        JsonNode head = Located.checked("pack.yaml", files.texts().getOrDefault("pack.yaml", "{}")).tree;
        return new Pack(
                head.get("name").asString(),
                head.get("number").asInt(),
                head.get("title").asString(),
                files,
                known(List.of(files)));
    }

    /**
     * What packs that were checked when they were taken in hold together: no check is made again. A key that a newer pack
     * below has taken since then stays with the pack on top.
     *
     * @throws FoundException if they no longer go together
     */
    public static KnowHow known(List<PackFiles> packs) {
        PackMapper mapper = new PackMapper();
        for (PackFiles pack : packs) below(mapper, pack);
        new Findings(mapper.problems().stream()
                        .filter(p -> !p.rule().equals("key-once"))
                        .toList())
                .throwIfAny();
        return mapper.knowHow();
    }

    private Pack pack(PackFiles pack, List<PackFiles> under) {
        if (pack.texts().size() > MOST_FILES)
            add(
                    "too-many",
                    "pack",
                    "A pack has at most %d files; this one has %d."
                            .formatted(MOST_FILES, pack.texts().size()));
        stopIfFound();
        Map<String, Located> files = new LinkedHashMap<>();
        pack.texts().forEach((path, text) -> parse(path, text, files));
        if (!files.containsKey("pack.yaml"))
            add("pack-named", "pack.yaml", "A pack needs a pack.yaml with name, number and title.");
        stopIfFound();
        PackMapper mapper = new PackMapper();
        for (PackFiles below : under) below(mapper, below);
        Set<String> known = Set.copyOf(mapper.places().keySet());
        mapper.begin(files.get("pack.yaml").tree);
        files.values().forEach(mapper::take);
        findings.addAll(mapper.problems());
        stopIfFound();
        findings.addAll(PackChecks.of(mapper.knowHow(), mapper.places(), known, mapper.schema()));
        mapper.movements().forEach((skill, tree) -> {
            if (!known.contains(MovementChecks.file(skill)))
                findings.addAll(MovementChecks.of(tree, skill, mapper.knowHow(), mapper.places()));
        });
        stopIfFound();
        var head = files.get("pack.yaml").tree;
        return new Pack(
                head.get("name").asString(),
                head.get("number").asInt(),
                head.get("title").asString(),
                pack,
                mapper.knowHow());
    }

    /** A pack that was checked when it was taken in. */
    private static void below(PackMapper mapper, PackFiles pack) {
        mapper.begin(Located.checked("pack.yaml", pack.texts().getOrDefault("pack.yaml", "{}")).tree);
        pack.texts().forEach((path, text) -> mapper.take(Located.checked(path, text)));
    }

    private void parse(String path, String text, Map<String, Located> files) {
        if (!KINDS.contains(kind(path)) || !path.endsWith(".yaml")) {
            add("file-known", path, "This is no file of a pack. See docs/formats/know-how.md for what may be in one.");
            return;
        }
        if (text.length() > MOST_CHARACTERS) {
            add("too-large", path, "A file has at most %d characters; split it.".formatted(MOST_CHARACTERS));
            return;
        }
        Located sound = SoundFiles.get(path, text);
        if (sound != null) {
            files.put(path, sound);
            return;
        }
        try {
            Located file = Located.read(path, text);
            findings.addAll(file.tricks);
            if (!file.tricks.isEmpty()) return;
            String def = kind(path).equals("skills") ? "skill" : kind(path);
            Schema schema = SCHEMAS.getSchema(SchemaLocation.of(SCHEMA_ID + "#/$defs/" + def));
            List<Error> errors = schema.validate(file.tree);
            errors.forEach(e -> add("schema", file.where(e.getInstanceLocation().toString()), e.getMessage()));
            if (errors.isEmpty()) SoundFiles.keep(file, text);
            files.put(path, file);
        } catch (JacksonException e) {
            add(
                    "yaml",
                    path + ":" + (e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    "This is no valid YAML: " + e.getOriginalMessage());
        }
    }

    private static String kind(String path) {
        return path.contains("/") ? path.substring(0, path.indexOf('/')) : path.replace(".yaml", "");
    }

    private void add(String rule, String where, String message) {
        findings.add(new Finding(rule, where, message));
    }

    private void stopIfFound() {
        new Findings(findings).throwIfAny();
    }

    private static String schemaText() {
        try (InputStream in = PackReader.class.getResourceAsStream("/schema/know-how.schema.json")) {
            if (in == null) throw new IllegalStateException("Impossible state: the schema is missing.");
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
