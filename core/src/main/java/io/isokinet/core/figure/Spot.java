package io.isokinet.core.figure;

import java.util.Locale;

/** A place on the body, on what it handles, or that it aims at. */
public enum Spot {
    /** Middle between the hip joints. */
    HIPS,
    /** Middle between the shoulders. */
    NECK,
    /** Middle of the head. */
    HEAD,
    /** Where the face is. */
    NOSE,
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
    OTHER_TOE,
    BALL,
    SECOND_BALL,
    THIRD_BALL,
    /** The far end of what is held. */
    TIP,
    /** Its near end. */
    BUTT,
    TARGET,
    /** Middle between the hands. */
    HANDS,
    /** Middle of both forearms. */
    FOREARMS,
    /** Middle of the foot, under the laces. */
    OWN_FOOT,
    OTHER_FOOT,
    /** Where a bat or a racket meets a ball. */
    BLADE,
    /** Middle between the feet. */
    FEET,
    /** The floor below the hips, where the child started. */
    START;

    private static final Spot[] BODY = java.util.Arrays.copyOf(values(), OTHER_TOE.ordinal() + 1);

    /** Those of the body itself, from which the others of it follow. */
    static Spot[] body() {
        return BODY.clone();
    }

    /** "the left toe", with the name of the side that does it and of the other one. */
    String words(String own, String other) {
        String plain = name().toLowerCase(Locale.ROOT).replace('_', ' ').replace(" toe", " toes");
        if (plain.startsWith("own ")) return "the " + own + plain.substring(3);
        return plain.startsWith("other ") ? "the " + other + plain.substring(5) : "the " + plain;
    }
}
