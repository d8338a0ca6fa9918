package io.isokinet.core.check;

import java.util.List;
import java.util.stream.Collectors;

/** All that a check found, in order. The edge decides whether to throw. */
public record Findings(List<Finding> all) {
    public static final Findings NONE = new Findings(List.of());

    public Findings {
        all = List.copyOf(all);
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }

    /** One line a finding. */
    public String text() {
        return all.stream().map(f -> f.where() + ": " + f.message()).collect(Collectors.joining("\n"));
    }

    /** @throws FoundException if there is any finding */
    public void throwIfAny() {
        if (!all.isEmpty()) throw new FoundException(this);
    }
}
