package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import java.util.List;

/** What is sent goes out once in a lesson: what was put away does not come out again. */
public final class KitStaysOut extends Rule {
    public KitStaysOut() {
        super("kit-stays-out", Level.SOFT, 3, "Kit goes out once a lesson");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (List<Segment> lesson : plan.lessons())
            for (int i = 2; i < lesson.size(); i++) {
                Segment now = lesson.get(i);
                for (String item : now.candidate().sent())
                    if (!lesson.get(i - 1).candidate().sent().contains(item) && wasOut(lesson, i - 1, item))
                        strains.segment(now, 1, () -> "In lesson %d %s go in and come out again for %s."
                                .formatted(
                                        plan.number(now.lesson()),
                                        plan.problem().knowHow().item(item).many(),
                                        now.activity().name()));
            }
    }

    private static boolean wasOut(List<Segment> lesson, int before, String item) {
        for (int i = 0; i < before; i++) if (lesson.get(i).candidate().sent().contains(item)) return true;
        return false;
    }
}
