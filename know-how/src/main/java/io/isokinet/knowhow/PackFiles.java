package io.isokinet.knowhow;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * The files of a pack by their path in it.
 *
 * @param texts YAML by path, "skills/sending/underarm-roll.yaml"
 */
public record PackFiles(SortedMap<String, String> texts) {
    private static final String ROOT = "/packs/starter/";

    public PackFiles {
        texts = new TreeMap<>(texts);
    }

    public PackFiles(Map<String, String> texts) {
        this(new TreeMap<>(texts));
    }

    /** The pack that comes with the product; files.txt lists it, since a jar has no folders to walk. */
    public static PackFiles shipped() {
        SortedMap<String, String> texts = new TreeMap<>();
        resource("files.txt").lines().forEach(path -> texts.put(path, resource(path)));
        return new PackFiles(texts);
    }

    private static String resource(String path) {
        try (InputStream in = PackFiles.class.getResourceAsStream(ROOT + path)) {
            if (in == null)
                throw new IllegalStateException("Impossible state: the pack file %s is missing.".formatted(path));
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The same files with one of them added or replaced. */
    public PackFiles with(String path, String text) {
        SortedMap<String, String> changed = new TreeMap<>(texts);
        changed.put(path, text);
        return new PackFiles(changed);
    }

    /** The same files without one of them. */
    public PackFiles without(String path) {
        SortedMap<String, String> changed = new TreeMap<>(texts);
        changed.remove(path);
        return new PackFiles(changed);
    }

    /** Of all files with their paths, in hex: the identity of this version. */
    public String sha256() {
        MessageDigest digest = digest();
        texts.forEach((path, text) -> {
            digest.update((path + "\0").getBytes(StandardCharsets.UTF_8));
            digest.update((text + "\0").getBytes(StandardCharsets.UTF_8));
        });
        return HexFormat.of().formatHex(digest.digest());
    }

    /** Of one file's text, in hex. */
    static String sha256(String text) {
        return HexFormat.of().formatHex(digest().digest(text.getBytes(StandardCharsets.UTF_8)));
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", e);
        }
    }
}
