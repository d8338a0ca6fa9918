package io.isokinet.server.account;

/** What an id in a path stands for, as far as it belongs to classes. */
public enum Subject {
    NONE,
    CLASS,
    CHILD,
    UNIT,
    LESSON,
    CHANGE
}
