package io.isokinet.knowhow;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Mirror;
import io.isokinet.core.skill.Sides;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a pack whole or not at all: schema first, then references, order of cues, mirroring and kit. */
public final class PackReader {
    private static final int ITEMS_A_NEED = 2;
    private static final String SCHEMA_ID = "https://isokinet.invalid/know-how.schema.json";
    private static final SchemaRegistry SCHEMAS = SchemaRegistry.withDefaultDialect(
            SpecificationVersion.DRAFT_2020_12, b -> b.schemas(Map.of(SCHEMA_ID, schemaText())));

    private final List<Finding> findings = new ArrayList<>();
    private final Map<String, Located> files = new LinkedHashMap<>();
    private final Map<String, String> places = new LinkedHashMap<>();

    private PackReader() {}

    /** @throws FoundException with every finding, if there is any */
    public static Pack read(PackFiles pack) {
        return new PackReader().pack(pack);
    }

    private Pack pack(PackFiles pack) {
        pack.texts().forEach(this::parse);
        if (!files.containsKey("pack.yaml"))
            add("pack-named", "pack.yaml", "A pack needs a pack.yaml with name, number and title.");
        stopIfFound();
        PackMapper mapper = new PackMapper();
        for (Located file : files.values()) places.putAll(mapper.take(file));
        mapper.problems().forEach(p -> findings.add(p));
        stopIfFound();
        check(mapper);
        stopIfFound();
        ObjectNode json = JsonMapper.shared().createObjectNode();
        files.forEach((path, file) -> json.set(path, file.tree));
        var head = files.get("pack.yaml").tree;
        return new Pack(
                head.get("name").asString(),
                head.get("number").asInt(),
                head.get("title").asString(),
                sha256(pack),
                json.toString(),
                mapper.knowHow());
    }

    private void parse(String path, String text) {
        try {
            Located file = Located.read(path, text);
            Schema schema = SCHEMAS.getSchema(SchemaLocation.of(SCHEMA_ID + "#/$defs/" + kind(path)));
            schema.validate(file.tree)
                    .forEach(e ->
                            add("schema", file.where(e.getInstanceLocation().toString()), e.getMessage()));
            files.put(path, file);
        } catch (JacksonException e) {
            add(
                    "yaml",
                    path + ":" + (e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    "This is no valid YAML: " + e.getOriginalMessage());
        }
    }

    private static String kind(String path) {
        String folder = path.contains("/") ? path.substring(0, path.indexOf('/')) : path.replace(".yaml", "");
        return folder.equals("skills") ? "skill" : folder;
    }

    private void check(PackMapper mapper) {
        KnowHow known = mapper.knowHow();
        for (Skill skill : known.skills()) checkSkill(skill, known);
        for (Crosswalk.Link link : known.crosswalk().links())
            for (String cue : List.of(link.from(), link.to()))
                if (!known.hasCue(cue))
                    add(
                            "cue-exists",
                            "crosswalk.yaml",
                            "The crosswalk names the cue (%s), which does not exist.".formatted(cue));
        for (Activity activity : known.activities()) checkActivity(activity, known);
    }

    private void checkSkill(Skill skill, KnowHow known) {
        for (Cue cue : skill.cues()) {
            if (!cue.key().startsWith(skill.key() + "/"))
                add(
                        "cue-key",
                        cue.key(),
                        "The cue (%s) must start with its skill's key, %s/.".formatted(cue.key(), skill.key()));
            for (Side side : Side.values()) mirrors(skill, cue, Sides.all(side));
            mirrors(skill, cue, Sides.NOT_SETTLED);
            for (String before : cue.prerequisites())
                if (!known.hasCue(before))
                    add("cue-exists", cue.key(), "The prerequisite (%s) does not exist.".formatted(before));
        }
        for (CueSet set : skill.sets()) {
            Set<String> before = new HashSet<>();
            int age = 0;
            for (String key : set.cues()) {
                if (!known.hasCue(key)) {
                    add("cue-exists", set.key(), "The set names the cue (%s), which does not exist.".formatted(key));
                    continue;
                }
                Cue cue = known.cue(key);
                if (!before.containsAll(cue.prerequisites()))
                    add(
                            "prerequisite-first",
                            set.key(),
                            "In this set (%s) comes before what it builds on (%s). Move it down."
                                    .formatted(key, String.join(", ", cue.prerequisites())));
                if (cue.fromAge() < age)
                    add(
                            "ages-rise",
                            set.key(),
                            "The cue (%s) is asked for from %d, but one before it only from %d. Order the set by age."
                                    .formatted(key, cue.fromAge(), age));
                age = cue.fromAge();
                before.add(key);
            }
        }
    }

    private void mirrors(Skill skill, Cue cue, Sides sides) {
        try {
            Mirror.text(cue.question(), skill.action(), sides);
            Mirror.text(cue.call(), skill.action(), sides);
            Mirror.text(cue.view(), skill.action(), sides);
            cue.faults().forEach(f -> Mirror.text(f.seen() + f.fix(), skill.action(), sides));
        } catch (IllegalArgumentException e) {
            add("mirrors", cue.key(), String.valueOf(e.getMessage()));
        }
    }

    private void checkActivity(Activity activity, KnowHow known) {
        for (String cue : activity.hosts())
            if (!known.hasCue(cue))
                add(
                        "cue-exists",
                        activity.key(),
                        "The activity hosts the cue (%s), which does not exist.".formatted(cue));
        for (String cue : activity.showsWell())
            if (!activity.hosts().contains(cue))
                add(
                        "shows-hosted",
                        activity.key(),
                        "The activity shows the cue (%s) but does not host it.".formatted(cue));
        for (String caution : activity.cautions())
            if (!known.cautions().containsKey(caution))
                add("caution-exists", activity.key(), "The caution (%s) does not exist.".formatted(caution));
        for (Need need : activity.needs()) {
            if (!known.hasItem(need.prefers()))
                add(
                        "item-exists",
                        activity.key(),
                        "The kit names the item (%s), which does not exist.".formatted(need.prefers()));
            long met = known.items().stream()
                    .filter((Item i) -> need.isMetBy(i) || i.key().equals(need.prefers()))
                    .count();
            if (met < ITEMS_A_NEED)
                add(
                        "two-items",
                        activity.key(),
                        "Only %d item does as %s; at least %d must, so that there is a substitute."
                                .formatted(met, need.what(), ITEMS_A_NEED));
        }
    }

    private void add(String rule, String where, String message) {
        findings.add(new Finding(rule, places.getOrDefault(where, where), message));
    }

    private void stopIfFound() {
        new Findings(findings).throwIfAny();
    }

    private static String sha256(PackFiles pack) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            pack.texts().forEach((path, text) -> {
                digest.update((path + "\0").getBytes(StandardCharsets.UTF_8));
                digest.update((text + "\0").getBytes(StandardCharsets.UTF_8));
            });
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", e);
        }
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
