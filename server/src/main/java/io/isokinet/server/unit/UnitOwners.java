package io.isokinet.server.unit;

import io.isokinet.server.account.ClassOf;
import io.isokinet.server.account.Subject;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** To which class a unit, a lesson and a change of a lesson belong. */
@Configuration
class UnitOwners {
    @Bean
    ClassOf classOfUnit(UnitHeaders headers) {
        return owner(Subject.UNIT, headers::classOfUnit);
    }

    @Bean
    ClassOf classOfLesson(UnitHeaders headers) {
        return owner(Subject.LESSON, headers::classOfLesson);
    }

    @Bean
    ClassOf classOfChange(UnitHeaders headers) {
        return owner(Subject.CHANGE, headers::classOfChange);
    }

    private static ClassOf owner(Subject subject, Function<UUID, List<UUID>> find) {
        return new ClassOf() {
            @Override
            public Subject subject() {
                return subject;
            }

            @Override
            public Set<UUID> classes(UUID id) {
                return Set.copyOf(find.apply(id));
            }
        };
    }
}
