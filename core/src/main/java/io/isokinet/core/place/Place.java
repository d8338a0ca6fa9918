package io.isokinet.core.place;

import io.isokinet.core.quantity.Length;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A hall, yard or field.
 *
 * @param length the longer side
 * @param ceiling null outdoors
 * @param wallSpots how many children can work at a wall side by side, two paces apart, where a ball may be played against it
 * @param fixtures what stands on the floor or at its edge
 */
public record Place(
        String name,
        Length length,
        Length width,
        @Nullable Length ceiling,
        Floor floor,
        int wallSpots,
        List<Fixture> fixtures) {
    /** Wall each child needs, in metres: two paces. Common practice. */
    public static final double WALL_SPOT = 1.5;

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

    /** A bare floor. */
    public Place(String name, Length length, Length width, @Nullable Length ceiling, Floor floor, int wallSpots) {
        this(name, length, width, ceiling, floor, wallSpots, List.of());
    }

    public Place {
        fixtures = List.copyOf(fixtures);
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
