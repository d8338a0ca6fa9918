package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** New cues a lesson stay within the number for the age. */
public final class NewCuesWithinAge extends Rule {
    public NewCuesWithinAge() {
        super("new-cues-within-age", Level.MEDIUM, 1, "Not too many new cues a lesson");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        int usual =
                plan.problem().wishes().newCues(plan.problem().profile().age().years());
        for (int lesson = 0; lesson < plan.lessons().size(); lesson++) {
            int sum = 0;
            for (Segment s : plan.lessons().get(lesson)) sum += s.introduces().size();
            int cues = sum;
            // What the teacher wants there is not too much.
            int most = cues > usual ? Math.max(usual, plan.problem().pinned(lesson)) : usual;
            int number = plan.number(lesson);
            if (cues > most)
                strains.lesson(lesson, cues - most, () -> "Lesson %d introduces %d cues; at this age %d are enough."
                        .formatted(number, cues, most));
        }
    }
}
