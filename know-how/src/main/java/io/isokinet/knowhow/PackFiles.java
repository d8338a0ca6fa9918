package io.isokinet.knowhow;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The files of a pack by their path in it. @param texts YAML by path, "skills/underarm-roll.yaml" */
public record PackFiles(Map<String, String> texts) {
    private static final String ROOT = "/packs/starter/";
    private static final List<String> SHIPPED = List.of(
            "pack.yaml",
            "skills/underarm-roll.yaml",
            "skills/underarm-throw.yaml",
            "skills/overarm-throw.yaml",
            "skills/inside-foot-pass.yaml",
            "skills/kick-for-distance.yaml",
            "skills/forearm-pass.yaml",
            "skills/foot-dribble.yaml",
            "skills/jump-for-distance.yaml",
            "skills/dodge.yaml",
            "skills/two-hand-catch.yaml",
            "crosswalk.yaml",
            "cautions.yaml",
            "kit.yaml",
            "activities/talks.yaml",
            "activities/warm-ups.yaml",
            "activities/closes.yaml",
            "activities/roll.yaml",
            "activities/underarm-throw.yaml",
            "activities/overarm-throw.yaml",
            "activities/inside-foot-pass.yaml",
            "activities/kick-for-distance.yaml",
            "activities/forearm-pass.yaml",
            "activities/foot-dribble.yaml",
            "activities/jump-for-distance.yaml",
            "activities/dodge.yaml",
            "activities/catch.yaml");

    public PackFiles {
        texts = new LinkedHashMap<>(texts);
    }

    /** The pack that comes with the product. */
    public static PackFiles shipped() {
        Map<String, String> texts = new LinkedHashMap<>();
        for (String path : SHIPPED) {
            try (InputStream in = PackFiles.class.getResourceAsStream(ROOT + path)) {
                if (in == null)
                    throw new IllegalStateException("Impossible state: the pack file %s is missing.".formatted(path));
                texts.put(path, new String(in.readAllBytes(), StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return new PackFiles(texts);
    }

    /** The same files with one of them replaced. */
    public PackFiles with(String path, String text) {
        Map<String, String> changed = new LinkedHashMap<>(texts);
        changed.put(path, text);
        return new PackFiles(changed);
    }
}
