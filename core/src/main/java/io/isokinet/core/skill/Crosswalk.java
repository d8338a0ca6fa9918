package io.isokinet.core.skill;

import java.util.ArrayList;
import java.util.List;

/**
 * Which cues in different sets are the same movement feature, so that a trial made in one counts in another.
 * Keys are mapped; trials are never copied.
 */
public record Crosswalk(List<Link> links) {
    /** How {@code from} stands to {@code to}. */
    public enum Relation {
        /** The same feature: every trial carries, both ways. */
        SAME,
        /** {@code from} asks for more: shown implies {@code to} shown; {@code to} not shown implies {@code from} not shown. */
        NARROWER
    }

    public record Link(String from, String to, Relation relation) {}

    /** What a trial of one cue says about another. */
    public enum Carries {
        EVERY_TRIAL,
        ONLY_SHOWN,
        ONLY_NOT_SHOWN;

        public boolean carries(boolean shown) {
            return this == EVERY_TRIAL || shown == (this == ONLY_SHOWN);
        }
    }

    /** @param cue the cue whose trials count, as far as {@code carries} lets them */
    public record Source(String cue, Carries carries) {}

    public Crosswalk {
        links = List.copyOf(links);
    }

    /** The other cues whose trials say something about this one; one step, since the packs state every pair. */
    public List<Source> sourcesOf(String cue) {
        List<Source> sources = new ArrayList<>();
        for (Link link : links) {
            boolean same = link.relation() == Relation.SAME;
            if (link.to().equals(cue))
                sources.add(new Source(link.from(), same ? Carries.EVERY_TRIAL : Carries.ONLY_SHOWN));
            if (link.from().equals(cue))
                sources.add(new Source(link.to(), same ? Carries.EVERY_TRIAL : Carries.ONLY_NOT_SHOWN));
        }
        return sources;
    }
}
