package io.isokinet.server.school;

import io.isokinet.server.account.ClassOf;
import io.isokinet.server.account.Subject;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** To which classes a class and a child belong. */
@Configuration
class SchoolOwners {
    @Bean
    ClassOf classOfClass(ClassRows rows) {
        return new ClassOf() {
            @Override
            public Subject subject() {
                return Subject.CLASS;
            }

            @Override
            public Set<UUID> classes(UUID id) {
                return rows.existsById(id) ? Set.of(id) : Set.of();
            }
        };
    }

    @Bean
    ClassOf classOfChild(EnrolmentRows enrolments) {
        return new ClassOf() {
            @Override
            public Subject subject() {
                return Subject.CHILD;
            }

            @Override
            public Set<UUID> classes(UUID id) {
                return enrolments.classesOf(id);
            }
        };
    }
}
