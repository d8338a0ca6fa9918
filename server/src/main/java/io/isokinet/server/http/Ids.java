package io.isokinet.server.http;

import java.security.SecureRandom;
import java.time.Instant;
import java.util.UUID;

/** Time-ordered ids (RFC 9562, version 7): 48 bits of milliseconds, the rest random. */
public final class Ids {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Ids() {}

    public static UUID next() {
        return at(Instant.now());
    }

    public static UUID at(Instant instant) {
        long high = instant.toEpochMilli() << 16 | 0x7000 | RANDOM.nextInt(0x1000);
        long low = RANDOM.nextLong() & 0x3FFFFFFFFFFFFFFFL | 0x8000000000000000L;
        return new UUID(high, low);
    }
}
