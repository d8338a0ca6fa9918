package io.isokinet.core.lesson;

import java.util.random.RandomGenerator;

/**
 * A lane of skittles played by one way of taking turns and standing pins up, simulated roll by roll.
 *
 * @param rolls a child of the lane gets @param fallen pins a child fells @param waitingPercent of the time
 */
public record PinTurns(double rolls, double fallen, int waitingPercent) {
    /** When fallen pins stand again. */
    public enum Reset {
        EVERY_TURN("stood up after every turn"),
        ALL_DOWN("stood up when all are down"),
        TAKE_AWAY("taken away until none is left");

        private final String label;

        Reset(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * @param children in the lane, at least 1 @param seconds to play @param rollsATurn 1 or 2
     * @param pins that stand at first @param chance that one standing pin falls to a roll, 0 to 1
     * @param roll seconds for one roll and its return @param reset seconds to stand pins up
     */
    public static PinTurns simulated(
            int children,
            int seconds,
            int rollsATurn,
            Reset when,
            int pins,
            double chance,
            int roll,
            int reset,
            RandomGenerator random) {
        if (children < 1 || pins < 1 || roll < 1 || rollsATurn < 1)
            throw new IllegalArgumentException(
                    "A lane needs a child, a pin, a roll and its seconds; %d, %d, %d and %d were given."
                            .formatted(children, pins, rollsATurn, roll));
        int left = seconds;
        int standing = pins;
        int rolls = 0;
        int fallen = 0;
        while (true) {
            for (int r = 0; r < rollsATurn && (r == 0 || standing > 0); r++) {
                if (left < roll) return result(rolls, fallen, children);
                left -= roll;
                rolls++;
                int falls = 0;
                for (int p = 0; p < standing; p++) if (random.nextDouble() < chance) falls++;
                standing -= falls;
                fallen += falls;
            }
            boolean again = when == Reset.EVERY_TURN ? standing < pins : standing == 0;
            if (again) {
                left -= reset;
                standing = pins;
            }
        }
    }

    private static PinTurns result(int rolls, int fallen, int children) {
        return new PinTurns(
                (double) rolls / children, (double) fallen / children, (int) Math.round(100 * (1 - 1.0 / children)));
    }
}
