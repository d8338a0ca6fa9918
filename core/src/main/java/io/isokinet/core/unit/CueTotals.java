package io.isokinet.core.unit;

import java.util.List;

/**
 * What a unit does for a cue.
 *
 * @param exposures segments that have it in focus
 * @param lessons in which it is met
 * @param gap most whole lessons between two in which it is met; 0 where there is no gap
 * @param looks the teacher has at it
 */
public record CueTotals(int exposures, int lessons, int gap, int looks) {
    public static CueTotals of(Plan plan, String cue) {
        List<Segment> met = plan.meeting(cue);
        int lessons = 0;
        int gap = 0;
        int looks = 0;
        int last = -1;
        for (Segment s : met) {
            if (s.lesson() != last) {
                if (last >= 0) gap = Math.max(gap, s.lesson() - last - 1);
                lessons++;
                last = s.lesson();
            }
            if (cue.equals(s.watch())) looks += s.looks();
        }
        return new CueTotals(met.size(), lessons, gap, looks);
    }
}
