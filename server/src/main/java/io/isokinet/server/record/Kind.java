package io.isokinet.server.record;

/** Whose look it was. Only the teacher's counts for a mark; the others stand beside it. */
public enum Kind {
    TEACHER,
    PARTNER,
    SELF,
    HOME,
    SAID
}
