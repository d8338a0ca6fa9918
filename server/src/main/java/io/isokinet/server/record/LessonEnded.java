package io.isokinet.server.record;

import io.isokinet.server.record.EventEntry.Ending;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * Somebody said in the hall that a lesson ended.
 *
 * @param ran segments that ran, where it was cut short
 */
public record LessonEnded(UUID lesson, Ending how, List<UUID> ran, Instant at) {}
