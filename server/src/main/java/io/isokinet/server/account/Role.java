package io.isokinet.server.account;

/** What a person is in a school. docs/access.md says what each may do. */
public enum Role {
    /** Everything. */
    LEAD("lead"),
    /** The own classes, and the know-how and cupboard that all share. */
    TEACHER("teacher"),
    /** The hall and the trials of the classes given. */
    ASSISTANT("assistant"),
    /** Reports and what they are drawn from, to read. */
    VIEWER("viewer");

    private final String label;

    Role(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
