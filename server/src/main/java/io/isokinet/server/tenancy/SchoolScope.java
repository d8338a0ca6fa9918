package io.isokinet.server.tenancy;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The school that this thread works for. Outside a scope no school's rows are seen. */
public final class SchoolScope {
    /** Belongs to no school. */
    static final UUID NOBODY = new UUID(0, 0);

    private static final ThreadLocal<UUID> CURRENT = new ThreadLocal<>();
    private static final ThreadLocal<Map<Class<?>, Object>> MEMO = ThreadLocal.withInitial(HashMap::new);

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
        MEMO.remove();
        return () -> {
            MEMO.remove();
            if (before == null) CURRENT.remove();
            else CURRENT.set(before);
        };
    }

    /** The school in scope, if there is one. */
    public static Optional<UUID> entered() {
        return Optional.ofNullable(CURRENT.get());
    }

    /** What was read once in this scope, so that a request that asks for it often reads it once. */
    public static <T> T once(Class<T> what, Supplier<T> read) {
        Map<Class<?>, Object> memo = MEMO.get();
        Object known = memo.get(what);
        if (known == null) {
            known = read.get();
            memo.put(what, known);
        }
        return what.cast(known);
    }

    /** Forgets what was read, since it was changed. */
    public static void forget(Class<?> what) {
        MEMO.get().remove(what);
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
