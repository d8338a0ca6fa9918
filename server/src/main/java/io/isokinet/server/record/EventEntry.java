package io.isokinet.server.record;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that happened in a lesson beside the looks; its {@code kind} says what, and its body the rest, without names. Bodies are
 * checked one by one, so that a bad one does not hold up the others of its batch.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @Type(name = "CLOCK", value = EventEntry.ClockEvent.class),
    @Type(name = "SCORE", value = EventEntry.ScoreEvent.class),
    @Type(name = "TALK", value = EventEntry.TalkEvent.class),
    @Type(name = "VOTE", value = EventEntry.VoteEvent.class),
    @Type(name = "NOTE", value = EventEntry.NoteEvent.class),
    @Type(name = "COUNT", value = EventEntry.CountEvent.class),
    @Type(name = "SIDE", value = EventEntry.SideEvent.class),
    @Type(name = "SHOWED", value = EventEntry.ShowedEvent.class),
    @Type(name = "END", value = EventEntry.EndEvent.class)
})
public sealed interface EventEntry {
    /** As it is kept. */
    enum Kind {
        CLOCK,
        SCORE,
        TALK,
        VOTE,
        NOTE,
        COUNT,
        SIDE,
        SHOWED,
        END
    }

    UUID id();

    UUID lesson();

    /** That ran; null where it is about the lesson. */
    @Nullable
    UUID segment();

    /** What the kind says. */
    Object body();

    /** The device's own running number. */
    Long seq();

    /** By the device's own time. */
    Instant at();

    /** Children that it speaks of. */
    default List<UUID> children() {
        return List.of();
    }

    /** Which of them it is. */
    static Kind kind(EventEntry entry) {
        if (entry instanceof ClockEvent) return Kind.CLOCK;
        if (entry instanceof ScoreEvent) return Kind.SCORE;
        if (entry instanceof TalkEvent) return Kind.TALK;
        if (entry instanceof VoteEvent) return Kind.VOTE;
        if (entry instanceof NoteEvent) return Kind.NOTE;
        if (entry instanceof CountEvent) return Kind.COUNT;
        if (entry instanceof SideEvent) return Kind.SIDE;
        if (entry instanceof ShowedEvent) return Kind.SHOWED;
        return Kind.END;
    }

    private static List<UUID> about(@Nullable UUID child) {
        return child == null ? List.of() : List.of(child);
    }

    /** What can happen to the clock of a lesson. */
    enum Does {
        @JsonProperty("begin")
        BEGIN,
        @JsonProperty("next")
        NEXT,
        @JsonProperty("repeat")
        REPEAT,
        @JsonProperty("pause")
        PAUSE,
        @JsonProperty("resume")
        RESUME,
        /** A minute more, a minute less. */
        @JsonProperty("longer")
        LONGER,
        @JsonProperty("shorter")
        SHORTER,
        /** What had to be changed is changed, and they play. */
        @JsonProperty("set")
        SET,
        /** The lever of what runs stands at another step. */
        @JsonProperty("setting")
        SETTING,
        /** A child had a go. */
        @JsonProperty("turn")
        TURN
    }

    record ClockEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull ClockBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {
        @Override
        public List<UUID> children() {
            return about(body.child());
        }
    }

    /** @param step of a setting, from 0 @param child of a turn, with its role where it had one */
    record ClockBody(
            @NotNull Does does,
            @Nullable Integer step,
            @Nullable UUID child,
            @Nullable String role) {}

    record ScoreEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull ScoreBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {}

    /** A game with its sides as it begins, or one event of its log as the core reads it. */
    record ScoreBody(
            @NotBlank String score,
            @Nullable String game,
            @Nullable List<String> sides,
            @Nullable String event) {}

    record TalkEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull TalkBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {}

    /** Parts of the talks that open and close a lesson. */
    enum TalkPart {
        @JsonProperty("know")
        KNOW,
        @JsonProperty("want")
        WANT,
        @JsonProperty("learnt")
        LEARNT,
        /** A closing question, and how it went. */
        @JsonProperty("question")
        QUESTION
    }

    record TalkBody(
            @NotNull TalkPart part,
            @Nullable String text,
            @Nullable String question,
            @Nullable String how) {}

    record VoteEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull VoteBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {}

    /** What a child can vote for, in one press. */
    enum VoteFor {
        @JsonProperty("favourite")
        FAVOURITE,
        @JsonProperty("hardest")
        HARDEST
    }

    record VoteBody(@NotBlank String activity, @NotNull VoteFor what) {}

    record NoteEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull NoteBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {
        @Override
        public List<UUID> children() {
            return about(body.child());
        }
    }

    record NoteBody(@NotBlank String text, @Nullable UUID child) {}

    record CountEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull CountBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {
        @Override
        public List<UUID> children() {
            return body.children() == null ? List.of() : body.children();
        }
    }

    /** What is counted by number. */
    enum Counts {
        /** By a pair, both together. */
        @JsonProperty("together")
        TOGETHER,
        /** How far, in millimetres. */
        @JsonProperty("throw")
        THROW,
        /** In a row, without a miss. */
        @JsonProperty("streak")
        STREAK,
        /** Knocked down with one throw. */
        @JsonProperty("down")
        DOWN
    }

    /** Which hand. */
    enum Hand {
        @JsonProperty("own")
        OWN,
        @JsonProperty("other")
        OTHER
    }

    record CountBody(
            @NotNull Counts what,
            @NotEmpty List<UUID> children,
            @NotNull @Min(0) @Max(1_000_000) Integer count,
            @Nullable Hand side) {}

    record SideEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull SideBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {
        @Override
        public List<UUID> children() {
            return about(body.child());
        }
    }

    /** It was found out which side a child uses for an action. */
    record SideBody(
            @NotNull UUID child,
            @NotNull Action action,
            @NotNull Side side) {}

    record ShowedEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull ShowedBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {
        @Override
        public List<UUID> children() {
            return about(body.child());
        }
    }

    /** A child showed a cue to the others. */
    record ShowedBody(@NotNull UUID child, @NotBlank String cue) {}

    record EndEvent(
            @NotNull UUID id,
            @NotNull UUID lesson,
            @Nullable UUID segment,
            @NotNull EndBody body,
            @NotNull Long seq,
            @NotNull @DeviceTime Instant at)
            implements EventEntry {}

    /** How a lesson ended. */
    enum Ending {
        /** All of it ran. */
        @JsonProperty("taught")
        TAUGHT,
        /** Only some segments ran. */
        @JsonProperty("cut")
        CUT,
        /** Nothing ran. */
        @JsonProperty("none")
        NONE
    }

    /** @param ran ids of the segments that ran; of no use but where it was cut short */
    record EndBody(@NotNull Ending how, @Nullable List<UUID> ran) {}
}
