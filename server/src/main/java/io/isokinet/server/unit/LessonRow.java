package io.isokinet.server.unit;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

/** A lesson of a unit: when, how long and where. What is in it stands in the revisions of the unit. */
@Entity
@Table(name = "lesson")
@SQLRestriction("removed_at is null")
class LessonRow extends Owned {
    /** By day and time; without a time first. */
    static final Comparator<LessonRow> IN_TIME = Comparator.comparing(LessonRow::onDate)
            .thenComparing(LessonRow::starts, Comparator.nullsFirst(Comparator.naturalOrder()));

    @Column(name = "unit_id")
    private UUID unitId;

    private int position;

    @Column(name = "on_date")
    private LocalDate onDate;

    private @Nullable LocalTime starts;

    private int minutes;

    @Column(name = "space_id")
    private UUID spaceId;

    @Enumerated(EnumType.STRING)
    private LessonState state;

    @Column(name = "ended_at")
    private @Nullable Instant endedAt;

    @Column(name = "whole_in")
    private @Nullable UUID wholeIn;

    private boolean prepared;

    @Column(name = "kit_percent")
    private int kit = 100;

    /** Another class that comes along to it; null for none. */
    @Column(name = "with_class")
    private @Nullable UUID withClass;

    /** When its unit was removed; null while it is there. */
    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    @SuppressWarnings("NullAway.Init")
    protected LessonRow() {}

    LessonRow(UUID id, UUID unitId, int position, LessonForm form) {
        super(id);
        this.unitId = unitId;
        this.position = position;
        this.onDate = form.onDate();
        this.starts = form.starts();
        this.minutes = form.minutes();
        this.spaceId = form.spaceId();
        this.state = LessonState.PLANNED;
    }

    UUID unitId() {
        return unitId;
    }

    /** In its unit, from 0. */
    int position() {
        return position;
    }

    /** In its unit, from 1, as people count. */
    int number() {
        return position + 1;
    }

    LocalDate onDate() {
        return onDate;
    }

    /** Null if no time was said. */
    @Nullable
    LocalTime starts() {
        return starts;
    }

    /** Usable minutes. */
    int minutes() {
        return minutes;
    }

    UUID spaceId() {
        return spaceId;
    }

    LessonState state() {
        return state;
    }

    boolean isPlanned() {
        return state == LessonState.PLANNED;
    }

    boolean isTaught() {
        return state == LessonState.TAUGHT;
    }

    boolean isLost() {
        return state == LessonState.LOST;
    }

    /** Whether a plan for one fits the other as it is: as many minutes in the same place, with as much kit, for the same children. */
    boolean isLike(LessonRow other) {
        return minutes == other.minutes
                && spaceId.equals(other.spaceId)
                && kit == other.kit
                && Objects.equals(withClass, other.withClass);
    }

    /** When it was said that it ended; null while nobody did. */
    @Nullable
    Instant endedAt() {
        return endedAt;
    }

    /** The revision in which it was still whole, where it was cut short. */
    @Nullable
    UUID wholeIn() {
        return wholeIn;
    }

    /** True if it was printed, laid out or told to the class. */
    boolean isPrepared() {
        return prepared;
    }

    void prepare(boolean now) {
        prepared = now;
    }

    /** Percent of the kit that can be had for it. */
    int kit() {
        return kit;
    }

    void have(int percentOfKit) {
        kit = percentOfKit;
    }

    /** Another class that comes along to it; null for none. */
    @Nullable
    UUID withClass() {
        return withClass;
    }

    void takeAlong(@Nullable UUID other) {
        withClass = other;
    }

    void become(LessonState now) {
        state = now;
        endedAt = null;
        wholeIn = null;
    }

    /** @param whole revision in which it still had all its segments, where it was cut short */
    void end(LessonState now, Instant at, @Nullable UUID whole) {
        state = now;
        endedAt = at;
        wholeIn = whole;
    }

    void stand(int at) {
        position = at;
    }

    void take(int usableMinutes) {
        minutes = usableMinutes;
    }

    void goTo(UUID space) {
        spaceId = space;
    }

    /** Puts it on another day, at a time and in a place. */
    void moveTo(LocalDate day, @Nullable LocalTime at, int usableMinutes, UUID space) {
        onDate = day;
        starts = at;
        minutes = usableMinutes;
        spaceId = space;
    }

    @Override
    public String logName() {
        return "lesson %d of a unit".formatted(number());
    }

    @Override
    public boolean logsAdding() {
        return false;
    }

    /** Goes and comes with its unit. */
    void remove(@Nullable Instant at) {
        removedAt = at;
    }
}
