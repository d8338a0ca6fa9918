package io.isokinet.core.thing;

import io.isokinet.core.quantity.Words;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a home-made thing is made.
 *
 * @param materials what goes into one
 * @param steps what to do, in order
 * @param minutes to make one
 * @param filling what is poured in
 */
public record Recipe(List<Material> materials, List<String> steps, int minutes, Filling filling) {
    /**
     * What goes into one.
     *
     * @param amount of it; null where it is counted as it is said
     * @param unit of the amount, such as "l", "g" or "cm"; empty for pieces
     * @param what it is, as in "dry sand"
     */
    public record Material(@Nullable Double amount, String unit, String what) {
        /** As it is said, with no amount. */
        public static Material of(String what) {
            return new Material(null, "", what);
        }

        /** What one buys whole: a tenth of a roll for each of 12 is two rolls. */
        private static final Set<String> WHOLE = Set.of("roll", "reel", "tube", "pack", "bottle");

        /** For so many: 2 socks for 12 are 24 socks; what has no amount is counted in front; what is bought whole is rounded up. */
        public String words(int count) {
            if (amount == null) return count == 1 ? what : "%d × %s".formatted(count, what);
            if (WHOLE.contains(unit)) {
                int whole = (int) Math.ceil(amount * count - 1e-9);
                return "%d %s%s of %s".formatted(whole, unit, whole == 1 ? "" : "s", what);
            }
            double many = Math.ceil(amount * count * 100 - 1e-6) / 100.0;
            String number = Words.say(
                    many == Math.rint(many) ? "%.0f" : many * 10 == Math.rint(many * 10) ? "%.1f" : "%.2f", many);
            return number + (unit.isEmpty() ? " " : " " + unit + " ") + what;
        }
    }

    /** What a home-made thing is filled with. */
    public enum Filling {
        NONE,
        SAND,
        /** Makes a hall floor slippery where it leaks. */
        WATER
    }

    public Recipe {
        materials = List.copyOf(materials);
        steps = List.copyOf(steps);
    }
}
