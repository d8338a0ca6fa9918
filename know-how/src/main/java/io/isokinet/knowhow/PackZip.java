package io.isokinet.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A pack as one file to hand on: a zip of its YAML with a manifest.json that names each file and its SHA-256. */
public final class PackZip {
    private static final String MANIFEST = "manifest.json";
    private static final String FORMAT = "isokinet-know-how/1";
    private static final int MOST_FILES = 400;
    /** Unpacked; a zip that grows beyond it is not read on. */
    private static final int MOST_BYTES = 16_000_000;

    private PackZip() {}

    /** @param pack checked */
    public static byte[] write(String name, int number, String title, PackFiles pack) {
        JsonMapper json = JsonMapper.shared();
        ObjectNode manifest = json.createObjectNode();
        manifest.put("format", FORMAT).put("name", name).put("number", number).put("title", title);
        ArrayNode files = manifest.putArray("files");
        pack.texts().forEach((path, text) -> files.addObject().put("path", path).put("sha256", PackFiles.sha256(text)));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            entry(zip, MANIFEST, json.writerWithDefaultPrettyPrinter().writeValueAsString(manifest));
            for (Map.Entry<String, String> file : pack.texts().entrySet()) entry(zip, file.getKey(), file.getValue());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void entry(ZipOutputStream zip, String path, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(path));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    /** @throws FoundException if it is no such zip, or a file is not what the manifest says */
    public static PackFiles read(byte[] bytes) {
        Map<String, byte[]> contents = unpack(bytes);
        List<Finding> findings = new ArrayList<>();
        byte[] manifest = contents.remove(MANIFEST);
        SortedMap<String, String> texts = new TreeMap<>();
        contents.forEach((path, content) -> texts.put(path, new String(content, StandardCharsets.UTF_8)));
        if (manifest == null)
            throw refused(
                    MANIFEST, "This is no know-how pack: it needs a manifest.json. Export one to see how it is made.");
        Map<String, String> promised = promised(new String(manifest, StandardCharsets.UTF_8));
        promised.forEach((path, sha256) -> {
            String text = texts.get(path);
            if (text == null) findings.add(finding(path, "The manifest names this file, but it is not in the zip."));
            else if (!PackFiles.sha256(text).equals(sha256))
                findings.add(
                        finding(
                                path,
                                "It is not the file that the manifest speaks of. Export the pack again rather than editing the zip."));
        });
        for (String path : texts.keySet())
            if (!promised.containsKey(path))
                findings.add(finding(path, "The manifest does not name this file; take it out."));
        new Findings(findings).throwIfAny();
        return new PackFiles(texts);
    }

    private static Map<String, byte[]> unpack(byte[] bytes) {
        Map<String, byte[]> contents = new HashMap<>();
        long total = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            ZipEntry entry;
            while ((entry = zip.getNextEntry()) != null) {
                if (entry.isDirectory()) continue;
                byte[] content = zip.readNBytes((int) (MOST_BYTES - total) + 1);
                total += content.length;
                if (total > MOST_BYTES || contents.size() >= MOST_FILES)
                    throw refused(
                            entry.getName(),
                            "A pack has at most %d files and %d MB unpacked."
                                    .formatted(MOST_FILES, MOST_BYTES / 1_000_000));
                contents.put(entry.getName(), content);
            }
        } catch (IOException | IllegalArgumentException e) {
            throw refused("file", "This is no zip that can be read: " + e.getMessage());
        }
        if (contents.isEmpty()) throw refused("file", "This is no zip, or an empty one.");
        return contents;
    }

    private static Map<String, String> promised(String manifest) {
        try {
            JsonNode tree = JsonMapper.shared().readTree(manifest);
            if (!tree.path("format").asString("").equals(FORMAT))
                throw refused(MANIFEST, "The format must be %s.".formatted(FORMAT));
            Map<String, String> promised = new HashMap<>();
            for (JsonNode file : tree.path("files"))
                promised.put(file.path("path").asString(""), file.path("sha256").asString(""));
            return promised;
        } catch (JacksonException e) {
            throw refused(MANIFEST, "It is no valid JSON: " + e.getOriginalMessage());
        }
    }

    private static Finding finding(String where, String message) {
        return new Finding("manifest", where, message);
    }

    private static FoundException refused(String where, String message) {
        return new FoundException(new Findings(List.of(finding(where, message))));
    }
}
