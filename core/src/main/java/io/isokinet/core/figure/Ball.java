package io.isokinet.core.figure;

/**
 * The ball in a movement: held until it goes, then in flight.
 *
 * @param held by which hand, or by both
 * @param goes name of the moment at which it leaves
 */
public record Ball(Held held, String goes) {
    /** Who holds it before it goes. */
    public enum Held {
        OWN,
        BOTH
    }
}
