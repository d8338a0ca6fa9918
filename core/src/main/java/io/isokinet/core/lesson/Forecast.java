package io.isokinet.core.lesson;

import io.isokinet.core.quantity.Words;
import java.util.Comparator;
import java.util.List;

/**
 * How many minutes a lesson will take this teacher, as a range, and what makes it too long.
 *
 * @param middle and the others in minutes
 */
public record Forecast(double middle, double low, double high, String sentence) {
    /**
     * A stretch.
     *
     * @param kind what its minutes were learnt from, such as "practice"
     * @param takes times what is planned
     */
    public record Part(String kind, int planned, Habit takes) {
        double over() {
            return planned * (takes.middle() - 1);
        }
    }

    /**
     * Parts vary each for itself, so their margins add up by squares.
     *
     * @param minutes of the lesson
     */
    public static Forecast of(List<Part> parts, int minutes) {
        double middle = 0;
        double down = 0;
        double up = 0;
        for (Part p : parts) {
            middle += p.planned() * p.takes().middle();
            down += Math.pow(p.planned() * (p.takes().middle() - p.takes().low()), 2);
            up += Math.pow(p.planned() * (p.takes().high() - p.takes().middle()), 2);
        }
        double low = middle - Math.sqrt(down);
        double high = middle + Math.sqrt(up);
        return new Forecast(middle, low, high, sentence(parts, minutes, middle, low, high));
    }

    private static String sentence(List<Part> parts, int minutes, double middle, double low, double high) {
        int seen = parts.stream().mapToInt(p -> p.takes().seen()).max().orElse(0);
        if (seen == 0) return "Nothing is known of your minutes yet; the plan counts with the usual ones.";
        String range = "Likely %d to %d minutes, planned for %d".formatted(Math.round(low), Math.round(high), minutes);
        int over = (int) Math.round(middle) - minutes;
        if (over < 1) return range + ".";
        return parts.stream()
                .filter(p -> p.over() > 0)
                .max(Comparator.comparingDouble(Part::over))
                .map(p -> Words.say(
                        "%s: about %d over. Most of it is %s, which takes you %.1f times what is planned.",
                        range, over, p.kind(), p.takes().middle()))
                .orElse(range + ".");
    }
}
