package io.isokinet.server.record;

import io.isokinet.core.mastery.PressTime;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.record.Receipt.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
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

    /** Lessons of classes given to whoever records, of those that the batch names, with their days. */
    private final Map<UUID, LocalDate> lessons = new HashMap<>();

    private ZoneId zone = ZoneOffset.UTC;

    /** Children that are, or were, in the class of a lesson, by the lesson. */
    private final Map<UUID, Set<UUID>> there = new HashMap<>();

    /** Lessons that ended or go on by it, as {@link LessonEnded} and {@link LessonReopened}: told when all is written down. */
    final List<Object> ends = new ArrayList<>();

    private final List<UUID> kept = new ArrayList<>();
    private final List<UUID> conflicts = new ArrayList<>();
    private final List<Refusal> refused = new ArrayList<>();

    Intake(Batch batch, SignedIn observer, UUID school, Instant received) {
        this.batch = batch;
        this.observer = observer;
        this.school = school;
        this.received = received;
    }

    void knowsChild(UUID child) {
        children.add(child);
    }

    /** @param zone of the school, in which the day is one */
    void knowsLesson(UUID lesson, LocalDate day, ZoneId zone) {
        lessons.put(lesson, day);
        this.zone = zone;
    }

    /** A child that is, or was, in the class of a lesson. */
    void knowsThere(UUID lesson, UUID child) {
        there.computeIfAbsent(lesson, l -> new HashSet<>()).add(child);
    }

    /** True if it is a lesson of a class given to whoever records. */
    boolean isGiven(UUID lesson) {
        return lessons.containsKey(lesson);
    }

    /** True if both are given to whoever records, and the child is or was in the lesson's class. */
    boolean isThere(UUID child, UUID lesson) {
        return children.contains(child)
                && isGiven(lesson)
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

    /** When an entry was made, by our clock. */
    PressTime when(Instant at, @Nullable UUID lesson) {
        return PressTime.of(at, batch.clock(), received, lesson == null ? null : lessons.get(lesson), zone);
    }

    /** How far the clock of the device is behind ours. */
    long offsetMillis() {
        return Duration.between(batch.clock(), received).toMillis();
    }

    /** The ids that entries of a batch name. */
    static <T> Set<UUID> named(List<T> entries, Function<T, @Nullable UUID> id) {
        return entries.stream().map(id).filter(Objects::nonNull).collect(Collectors.toSet());
    }
}
