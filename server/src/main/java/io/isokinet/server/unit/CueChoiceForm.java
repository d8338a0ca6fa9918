package io.isokinet.server.unit;

import io.isokinet.core.unit.CueChoice;
import io.isokinet.server.unit.UnitBody.TargetBody;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the teacher decides about the cues of one skill.
 *
 * @param cueSet the set that they are from
 * @param cues those to teach, in their order; null or empty for all that the age asks for, in the order of the set
 * @param lessons the number of the lesson in which a cue is introduced, by cue; null for none
 */
public record CueChoiceForm(
        String cueSet,
        @Nullable List<String> cues,
        @Nullable Map<String, Integer> lessons) {
    CueChoice toChoice() {
        Map<String, Integer> pins = new HashMap<>();
        if (lessons != null) lessons.forEach((cue, number) -> pins.put(cue, number - 1));
        return new CueChoice(cues == null ? List.of() : cues, pins);
    }

    /**
     * Targets with what was decided about their cues; those that nothing is said of stay as they are.
     *
     * @param rows the lessons of the unit, by whose numbers cues are meant for one
     */
    static List<TargetBody> on(List<TargetBody> targets, List<CueChoiceForm> choices, List<LessonRow> rows) {
        List<TargetBody> now = new ArrayList<>(targets);
        for (CueChoiceForm choice : choices)
            for (int i = 0; i < now.size(); i++)
                if (now.get(i).cueSet().equals(choice.cueSet()))
                    now.set(i, now.get(i).choosing(choice, rows));
        return now;
    }

    static @Nullable UUID lesson(List<LessonRow> rows, int number) {
        return rows.stream()
                .filter(l -> l.number() == number)
                .map(LessonRow::id)
                .findFirst()
                .orElse(null);
    }
}
