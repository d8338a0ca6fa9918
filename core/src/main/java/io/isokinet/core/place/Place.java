package io.isokinet.core.place;

import io.isokinet.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * A hall, yard or field.
 *
 * @param length the longer side
 * @param ceiling null outdoors
 * @param wallSpots how many children can work at a wall side by side, two paces apart, where a ball may be played against it
 */
public record Place(
        String name, Length length, Length width, @Nullable Length ceiling, Floor floor, int wallSpots) {
    private static final double WALL_SPOT = 1.5;

    /** What the floor does to a rolled ball. */
    public enum Floor {
        CARPET("carpet"),
        WOOD("wood"),
        TARMAC("tarmac"),
        GRASS("grass");

        private final String label;

        Floor(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Place {
        if (length.compareTo(width) < 0)
            throw new IllegalArgumentException(
                    "The length (%s m) is the longer side; the width (%s m) is longer. Maybe swap them?"
                            .formatted(length.metres(), width.metres()));
        if (width.metres() < 2)
            throw new IllegalArgumentException(
                    "A place must be at least 2 m wide to move in; %s m was given.".formatted(width.metres()));
    }

    /** How many children can work along a usable stretch of wall: one every {@value #WALL_SPOT} m, two paces. Common practice. */
    public static int wallSpots(Length wall) {
        // A millimetre of slack, for lengths that were metres and feet before.
        return (int) ((wall.metres() + 0.001) / WALL_SPOT);
    }

    public boolean indoors() {
        return ceiling != null;
    }
}
