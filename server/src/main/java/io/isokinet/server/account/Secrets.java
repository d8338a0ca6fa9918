package io.isokinet.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Secrets in links: 192 random bits, shown once, kept as SHA-256. So long a secret needs no slow hash. */
public final class Secrets {
    /** Characters of one. */
    static final int LENGTH = 32;

    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    public static String next() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** 64 hexadecimal digits. */
    public static String hash(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", e);
        }
    }
}
