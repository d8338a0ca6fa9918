package io.isokinet.server.school;

import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Sides;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A child as the screens need it.
 *
 * @param name what is shown: the given name, with the family's initial where two share it
 * @param sides one for each action
 * @param cues cues that do not apply or are adapted; all others apply
 * @param version for If-Match
 */
public record ChildView(
        UUID id,
        String given,
        String family,
        String name,
        int yearAge,
        String year,
        List<SideView> sides,
        Map<String, CueFit> cues,
        @Nullable Integer version) {
    /** @param side null while not settled @param assumed true if filled from another action */
    public record SideView(Action action, @Nullable Side side, boolean assumed) {}

    /** The same child, shown by another name. */
    ChildView called(String other) {
        return new ChildView(id, given, family, other, yearAge, year, sides, cues, version);
    }

    /** The sides for mirroring. */
    public Sides toSides() {
        return Sides.of(sides.stream()
                .filter(s -> s.side() != null && !s.assumed())
                .collect(Collectors.toMap(SideView::action, SideView::side)));
    }

    /** True if the child throws with the left, by what is known or assumed. */
    public boolean leftHanded() {
        return sides.stream().anyMatch(s -> s.action() == Action.THROW && s.side() == Side.LEFT);
    }
}
