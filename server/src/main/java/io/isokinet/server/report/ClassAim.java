package io.isokinet.server.report;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Three lines to start from that fit a class, for one skill and target.
 *
 * @param width effective, in metres @param tried children of whom enough was counted; the others go by their age
 * @param inBand children who hit as often as the school's band asks from their line
 */
public record ClassAim(
        String skill,
        String name,
        double width,
        int children,
        int tried,
        int inBand,
        String reason,
        List<StartLine> lines) {
    public record StartLine(double metres, List<AimingChild> children) {}

    /** @param percent of tries that are likely to hit from the line @param own true if it is known from own tries @param nextTime after its last set; null without one */
    public record AimingChild(
            String name, int percent, boolean own, @Nullable String nextTime) {}
}
