package io.isokinet.server.school;

/** How a cue fits a child. What does not apply or is adapted leaves the count. */
public enum CueFit {
    APPLIES,
    ADAPTED,
    NOT_APPLYING
}
