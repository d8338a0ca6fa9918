package io.isokinet.core.figure;

/** A place on the body. */
public enum Spot {
    /** Middle between the hip joints. */
    HIPS,
    /** Middle between the shoulders. */
    NECK,
    /** Middle of the head. */
    HEAD,
    OWN_SHOULDER,
    OWN_ELBOW,
    OWN_WRIST,
    /** Where a ball lies in the hand. */
    OWN_HAND,
    OTHER_SHOULDER,
    OTHER_ELBOW,
    OTHER_WRIST,
    OTHER_HAND,
    OWN_HIP,
    OWN_KNEE,
    OWN_ANKLE,
    OWN_HEEL,
    OWN_TOE,
    OTHER_HIP,
    OTHER_KNEE,
    OTHER_ANKLE,
    OTHER_HEEL,
    OTHER_TOE
}
