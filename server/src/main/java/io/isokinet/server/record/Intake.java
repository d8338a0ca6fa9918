package io.isokinet.server.record;

import io.isokinet.server.account.SignedIn;
import io.isokinet.server.record.Receipt.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A batch while it is taken: what is kept of it, what contradicts what was kept before, and what is refused. */
final class Intake {
    final Batch batch;
    final SignedIn observer;
    final UUID school;
    final Instant received;

    /** Children that are, or were, in a class given to whoever records, of those that the batch names. */
    final Set<UUID> children = new HashSet<>();

    /** Lessons of classes given to whoever records, of those that the batch names. */
    final Set<UUID> lessons = new HashSet<>();

    /** Children that are, or were, in the class of a lesson, by the lesson. */
    private final Map<UUID, Set<UUID>> there = new HashMap<>();

    private final Duration offset;
    private final List<UUID> kept = new ArrayList<>();
    private final List<UUID> conflicts = new ArrayList<>();
    private final List<Refusal> refused = new ArrayList<>();

    /** @param offset how far the clock of the device is behind ours */
    Intake(Batch batch, SignedIn observer, UUID school, Instant received, Duration offset) {
        this.batch = batch;
        this.observer = observer;
        this.school = school;
        this.received = received;
        this.offset = offset;
    }

    /** @param what "child", "lesson", or "there" for a child of a lesson's class */
    boolean knows(String what, UUID id, @Nullable UUID child) {
        return switch (what) {
            case "child" -> children.add(id);
            case "lesson" -> lessons.add(id);
            default -> there.computeIfAbsent(id, l -> new HashSet<>()).add(Objects.requireNonNull(child));
        };
    }

    /** True if both are given to whoever records, and the child is or was in the lesson's class. */
    boolean isThere(UUID child, UUID lesson) {
        return children.contains(child)
                && lessons.contains(lesson)
                && there.getOrDefault(lesson, Set.of()).contains(child);
    }

    void keep(UUID id) {
        kept.add(id);
    }

    void contradict(UUID id) {
        conflicts.add(id);
    }

    void refuse(UUID id, String why) {
        refused.add(new Refusal(id, why));
    }

    Receipt receipt() {
        return new Receipt(kept, conflicts, refused);
    }

    /** By the server's clock, and never later than now. */
    Instant corrected(Instant at) {
        Instant corrected = at.plus(offset);
        return corrected.isAfter(received) ? received : corrected;
    }

    long offsetMillis() {
        return offset.toMillis();
    }

    /** The ids that entries of a batch name. */
    static <T> Set<UUID> named(List<T> entries, Function<T, @Nullable UUID> id) {
        return entries.stream().map(id).filter(Objects::nonNull).collect(Collectors.toSet());
    }
}
