package io.isokinet.server.tenancy;

import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The school that this thread works for. Outside a scope no school's rows are seen. */
public final class SchoolScope {
    /** Belongs to no school. */
    static final UUID NOBODY = new UUID(0, 0);

    private static final ThreadLocal<UUID> CURRENT = new ThreadLocal<>();

    private SchoolScope() {}

    /** @throws IllegalStateException outside a scope */
    public static UUID current() {
        UUID school = CURRENT.get();
        if (school == null) throw new IllegalStateException("Impossible state: no school in scope.");
        return school;
    }

    static UUID currentOrNobody() {
        UUID school = CURRENT.get();
        return school == null ? NOBODY : school;
    }

    /** Puts a school into scope until closed, then restores what was before. */
    public static Entered enter(UUID school) {
        UUID before = CURRENT.get();
        CURRENT.set(school);
        return () -> {
            if (before == null) CURRENT.remove();
            else CURRENT.set(before);
        };
    }

    /** Runs the work for a school. */
    public static <T extends @Nullable Object> T call(UUID school, Supplier<T> work) {
        try (Entered scope = enter(school)) {
            return work.get();
        }
    }

    /** Leaves the scope. */
    public interface Entered extends AutoCloseable {
        @Override
        void close();
    }
}
