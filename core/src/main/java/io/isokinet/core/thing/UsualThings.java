package io.isokinet.core.thing;

import java.util.List;

/**
 * What a primary school's cupboard usually holds, and for how many children one piece is there: where a count begins that nobody has
 * made yet. Common practice, no source.
 */
public final class UsualThings {
    /** @param children to a piece */
    public record Usual(String key, int children) {
        /** Pieces for a class of so many, at least one. */
        public int pieces(int of) {
            return Math.max(1, of / children);
        }
    }

    public static final List<Usual> ALL = List.of(
            new Usual("foam-ball-20", 2),
            new Usual("foam-ball-16", 2),
            new Usual("playground-ball", 2),
            new Usual("low-tennis-ball", 2),
            new Usual("foam-football", 4),
            new Usual("mini-basketball", 4),
            new Usual("beanbag", 1),
            new Usual("sock-ball", 2),
            new Usual("spot", 1),
            new Usual("cone", 1),
            new Usual("hoop", 2),
            new Usual("rope", 2),
            new Usual("skittle", 2),
            new Usual("bottle-empty", 2),
            new Usual("scarf", 2),
            new Usual("bib", 2),
            new Usual("foam-bat", 4),
            new Usual("short-racket", 4),
            new Usual("bench", 8),
            new Usual("mat", 4));

    private UsualThings() {}
}
