package io.isokinet.server.unit;

import io.isokinet.server.account.ClassOf;
import io.isokinet.server.account.Subject;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** To which class a unit, a lesson and a change of a lesson belong. */
@Configuration
class UnitOwners {
    @Bean
    ClassOf classOfUnit(Units.UnitRows units) {
        return owner(Subject.UNIT, id -> units.findById(id).map(u -> u.classId));
    }

    @Bean
    ClassOf classOfLesson(Units.UnitRows units, Units.LessonRows lessons) {
        return owner(Subject.LESSON, id -> lessons.findById(id)
                .flatMap(l -> units.findById(l.unitId))
                .map(u -> u.classId));
    }

    @Bean
    ClassOf classOfChange(Units.UnitRows units, Units.LessonRows lessons, LessonChanges.Rows changes) {
        return owner(Subject.CHANGE, id -> changes.findById(id)
                .flatMap(c -> lessons.findById(c.lessonId))
                .flatMap(l -> units.findById(l.unitId))
                .map(u -> u.classId));
    }

    private static ClassOf owner(Subject subject, Function<UUID, Optional<UUID>> find) {
        return new ClassOf() {
            @Override
            public Subject subject() {
                return subject;
            }

            @Override
            public Set<UUID> classes(UUID id) {
                return find.apply(id).map(Set::of).orElse(Set.of());
            }
        };
    }
}
