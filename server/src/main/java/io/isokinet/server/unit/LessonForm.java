package io.isokinet.server.unit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lesson as it is asked for.
 *
 * @param starts null if no time is said
 * @param minutes usable ones
 */
public record LessonForm(LocalDate onDate, @Nullable LocalTime starts, int minutes, UUID spaceId) {}
