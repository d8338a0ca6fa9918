package io.isokinet.server.unit;

/** Where a lesson stands. */
public enum LessonState {
    PLANNED,
    TAUGHT,
    LOST
}
