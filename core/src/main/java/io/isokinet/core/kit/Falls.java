package io.isokinet.core.kit;

import io.isokinet.core.activity.Travel;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;

/** Whether what stands falls to what is sent at it here: tried rolls outrank what is worked out. */
public final class Falls {
    private Falls() {}

    /** @param target stands */
    public static Toppling.Answer answer(Item sent, Item target, Here here, Age age, Cupboard cupboard) {
        if (cupboard.fell(sent, target).isPresent())
            return Toppling.tried(sent, target, cupboard.fell(sent, target).getAsInt());
        if (here.travel() == Travel.FLIES) return Toppling.thrown(sent, target, age);
        Double metres = here.metres();
        return Toppling.rolled(sent, target, age, here.ground(), metres == null ? 0 : metres);
    }
}
