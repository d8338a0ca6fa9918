package io.isokinet.server.account;

/** What a person is in a school. */
public enum Role {
    LEAD,
    TEACHER,
    ASSISTANT,
    VIEWER
}
