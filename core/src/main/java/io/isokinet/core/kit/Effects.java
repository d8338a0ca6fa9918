package io.isokinet.core.kit;

import io.isokinet.core.activity.Must;
import io.isokinet.core.kit.KitLine.Effect;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Need.Role;
import io.isokinet.core.thing.Trait;
import org.jspecify.annotations.Nullable;

/** What a thing does to a task in place of what the task was made for. Common practice, no source. */
final class Effects {
    private static final double WIDER = 1.15;
    private static final double NARROWER = 0.87;
    private static final double HEAVIER = 1.5;
    private static final double LIGHTER = 0.67;
    private static final double REBOUND = 0.15;

    private Effects() {}

    /** @param sentence with its numbers */
    record Told(Effect effect, String sentence) {}

    static Told of(Need need, Item made, Item item, Must must) {
        double size = item.width().metres() / made.width().metres();
        double mass = item.mass().grams() / made.mass().grams();
        if (need.role() == Role.MARKER) return new Told(Effect.SAME, "It marks the place as well.");
        if (need.role() == Role.SENT) {
            if (item.has(Trait.FLOATS) && !made.has(Trait.FLOATS))
                return new Told(Effect.EASIER, "Comes down slowly, so there is more time.");
            if (made.has(Trait.FLOATS) && !item.has(Trait.FLOATS))
                return new Told(Effect.HARDER, "Comes down faster, so there is less time.");
        }
        if (need.role() == Role.TOPPLED) return felled(made, item, size, mass);
        if (need.asks().inOneHand() > 1 && size > WIDER)
            return new Told(Effect.HARDER, sizes("Wider", "so harder to hold in one hand", made, item));
        if (size > WIDER) return new Told(Effect.EASIER, sizes("Wider", "so easier", made, item));
        if (size < NARROWER) return new Told(Effect.HARDER, sizes("Smaller", "so harder", made, item));
        if (need.role() == Role.SENT && item.has(Trait.SOFT) && !made.has(Trait.SOFT))
            return new Told(Effect.SAFER, "Softer, so safer.");
        if (mass < LIGHTER)
            return must == Must.TOPPLES && need.role() == Role.SENT
                    ? new Told(Effect.HARDER, masses("Lighter", "so less falls to it", made, item))
                    : new Told(Effect.EASIER, masses("Lighter", "so easier to send", made, item));
        if (mass > HEAVIER)
            return must == Must.TOPPLES && need.role() == Role.SENT
                    ? new Told(Effect.EASIER, masses("Heavier", "so more falls to it", made, item))
                    : new Told(Effect.HARDER, masses("Heavier", "so harder", made, item));
        double was = rebound(made);
        double is = rebound(item);
        if (need.asks().rebound() > 0 && Math.abs(is - was) > REBOUND)
            return is > was
                    ? new Told(Effect.EASIER, Words.say("Comes up higher (%.0f %% for %.0f).", is * 100, was * 100))
                    : new Told(Effect.HARDER, Words.say("Comes up less (%.0f %% for %.0f).", is * 100, was * 100));
        return new Told(Effect.SAME, "About the same task.");
    }

    /** What has to fall: how wide it is to meet, and how easily it falls then. */
    private static Told felled(Item made, Item item, double size, double mass) {
        String falls = mass < LIGHTER
                ? masses("Lighter", "so it falls more easily", made, item)
                : mass > HEAVIER ? masses("Heavier", "so it falls less easily", made, item) : "";
        if (size > WIDER)
            return new Told(Effect.EASIER, (sizes("Wider", "so easier to meet", made, item) + " " + falls).strip());
        if (size < NARROWER)
            return new Told(Effect.HARDER, (sizes("Smaller", "so harder to meet", made, item) + " " + falls).strip());
        if (falls.isEmpty()) return new Told(Effect.SAME, "About the same task.");
        return new Told(mass < LIGHTER ? Effect.EASIER : Effect.HARDER, falls);
    }

    private static double rebound(Item item) {
        @Nullable Double back = item.handling().rebound();
        return back == null ? 0 : back;
    }

    private static String sizes(String how, String so, Item made, Item item) {
        return Words.say(
                "%s (%.0f mm for %.0f), %s.",
                how, item.width().millimetres(), made.width().millimetres(), so);
    }

    private static String masses(String how, String so, Item made, Item item) {
        return Words.say(
                "%s (%.0f g for %.0f), %s.",
                how, item.mass().grams(), made.mass().grams(), so);
    }
}
