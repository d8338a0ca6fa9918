package io.isokinet.server.unit;

import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which cue sets a class works with: young ones have short sets, and what is taught by them is not seen by others. */
@Service
public class ClassCueSets {
    private final UnitHeaders units;
    private final KnowHows knowHows;
    private final Classes classes;
    private final Schools schools;

    ClassCueSets(UnitHeaders units, KnowHows knowHows, Classes classes, Schools schools) {
        this.classes = classes;
        this.units = units;
        this.knowHows = knowHows;
        this.schools = schools;
    }

    /**
     * Keys of cue sets by the keys of their skills, of every skill that a class has units of, in the order of the know-how.
     *
     * @throws io.isokinet.server.http.NotFoundException if there is no such class
     */
    @Transactional(readOnly = true)
    public Map<String, String> of(UUID classId) {
        return of(classes.view(classId).id(), units.units());
    }

    /** @param units of a school, the class's among them */
    public Map<String, String> of(UUID classId, Collection<UnitHeader> units) {
        List<String> nearest =
                nearest(units.stream().filter(u -> u.classId().equals(classId)).toList(), schools.today());
        Map<String, String> bySkill = new LinkedHashMap<>();
        for (Skill skill : knowHows.current().skills()) {
            List<String> own = skill.sets().stream().map(CueSet::key).toList();
            nearest.stream().filter(own::contains).findFirst().ifPresent(set -> bySkill.put(skill.key(), set));
        }
        return bySkill;
    }

    /** Those of the unit that began last come first, then back in time; then those of the units to come, the next one first. */
    static List<String> nearest(Collection<UnitHeader> units, LocalDate today) {
        return units.stream()
                .sorted(Comparator.comparing((UnitHeader u) -> u.from().isAfter(today))
                        .thenComparing(u -> Math.abs(u.from().toEpochDay() - today.toEpochDay())))
                .flatMap(u -> u.cueSets().stream())
                .distinct()
                .toList();
    }
}
