package io.isokinet.server.unit;

import io.isokinet.core.skill.Mirror;
import io.isokinet.core.skill.Sides;
import io.isokinet.server.mastery.Marks;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes that learn the same cues and are not equally far. */
@Service
class OtherClasses {
    /**
     * Another class on some of the same cue sets.
     *
     * @param taught lessons of its unit that were taught, of {@code lessons}
     * @param ahead calls of the cues that it was taught and this class was not
     * @param behind calls of the cues that this class was taught and it was not
     */
    record OtherClass(UUID unit, String className, int taught, int lessons, List<String> ahead, List<String> behind) {}

    private final UnitReader reader;
    private final UnitHeaders headers;
    private final Marks marks;

    OtherClasses(UnitReader reader, UnitHeaders headers, Marks marks) {
        this.reader = reader;
        this.headers = headers;
        this.marks = marks;
    }

    /** @param visible classes that may be told of @return the newest unit of each, by the name of the class */
    @Transactional(readOnly = true)
    public List<OtherClass> of(UUID id, Predicate<UUID> visible) {
        UnitInHand unit = reader.read(id);
        UUID own = unit.row().classId();
        List<String> sets = unit.body().cueSets();
        Map<String, Marks.Owned> here = marks.owned(own, sets);
        List<OtherClass> others = new ArrayList<>();
        List<UUID> seen = new ArrayList<>(List.of(own));
        for (UnitHeader line : headers.units()) {
            if (seen.contains(line.classId()) || !visible.test(line.classId())) continue;
            List<String> shared = line.cueSets().stream().filter(sets::contains).toList();
            if (shared.isEmpty()) continue;
            seen.add(line.classId());
            Map<String, Marks.Owned> there = marks.owned(line.classId(), shared);
            others.add(new OtherClass(
                    line.id(),
                    line.className(),
                    line.taught(),
                    line.lessons(),
                    only(unit, there, here),
                    only(unit, here, there)));
        }
        others.sort((a, b) -> a.className().compareTo(b.className()));
        return others;
    }

    /** What was taught in the first alone, of what both are to learn. */
    private static List<String> only(UnitInHand unit, Map<String, Marks.Owned> first, Map<String, Marks.Owned> second) {
        var known = unit.problem().knowHow();
        return first.keySet().stream()
                .filter(c -> first.get(c).taught())
                .filter(c -> second.containsKey(c) && !second.get(c).taught())
                .map(known::cue)
                .map(c -> Mirror.text(c.call(), known.skill(c.skill()).action(), Sides.NOT_SETTLED))
                .toList();
    }
}
