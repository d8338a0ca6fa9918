package io.isokinet.core.activity;

import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a step of a lever makes of one of the needs: another thing, another size, another number. What it leaves null stays as the
 * activity has it.
 *
 * @param need the word for it in the activity
 * @param prefers key of the item that does it best
 */
public record Brings(
        String need,
        @Nullable String prefers,
        @Nullable Set<Trait> traits,
        @Nullable Integer widthFrom,
        @Nullable Integer widthTo,
        Need.@Nullable Per per,
        @Nullable Integer count) {
    /** The need as it is at this step. */
    public Need of(Need usual) {
        return new Need(
                usual.what(),
                usual.role(),
                prefers == null ? usual.prefers() : prefers,
                traits == null ? usual.traits() : traits,
                widthFrom == null ? usual.widthFrom() : widthFrom,
                widthTo == null ? usual.widthTo() : widthTo,
                usual.asks(),
                per == null ? usual.per() : per,
                count == null ? usual.count() : count);
    }
}
