package io.isokinet.core.activity;

import java.util.AbstractSet;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Iterator;

/** Phases that never change, asked for thousands of times. Iterates in the order of a lesson. */
final class PhaseSet extends AbstractSet<LessonPhase> {
    private final int bits;

    private PhaseSet(int bits) {
        this.bits = bits;
    }

    static PhaseSet of(Collection<LessonPhase> phases) {
        if (phases instanceof PhaseSet same) return same;
        int bits = 0;
        for (LessonPhase phase : phases) bits |= 1 << phase.ordinal();
        return new PhaseSet(bits);
    }

    @Override
    public boolean contains(Object other) {
        return other instanceof LessonPhase phase && (bits & 1 << phase.ordinal()) != 0;
    }

    @Override
    public boolean containsAll(Collection<?> others) {
        return others instanceof PhaseSet set ? (bits & set.bits) == set.bits : super.containsAll(others);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PhaseSet set ? bits == set.bits : super.equals(other);
    }

    @Override
    public int hashCode() {
        return super.hashCode();
    }

    @Override
    public Iterator<LessonPhase> iterator() {
        EnumSet<LessonPhase> all = EnumSet.noneOf(LessonPhase.class);
        for (LessonPhase phase : LessonPhase.values()) if (contains(phase)) all.add(phase);
        Iterator<LessonPhase> inner = all.iterator();
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return inner.hasNext();
            }

            @Override
            public LessonPhase next() {
                return inner.next();
            }
        };
    }

    @Override
    public int size() {
        return Integer.bitCount(bits);
    }
}
