package io.isokinet.core.figure;

/**
 * What is held and does not leave with the ball: a bat, a racket, a spear.
 *
 * @param length in metres
 * @param behind which share of it is behind the hand
 * @param goes the moment at which it leaves the hand; empty where it stays
 * @param share how many times the speed of the hand it gets
 */
public record Thing(Kind kind, double length, double behind, String goes, double share) {
    /** How it is drawn. */
    public enum Kind {
        BAT,
        RACKET,
        SPEAR
    }
}
