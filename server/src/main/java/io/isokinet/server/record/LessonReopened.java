package io.isokinet.server.record;

import java.util.UUID;

/** Somebody took back that a lesson ended. */
public record LessonReopened(UUID lesson) {}
