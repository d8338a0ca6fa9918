package io.isokinet.server.keeping;

import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;

/** What is done in the night for each school; a school where it fails does not keep it from the next. */
@Configuration
@EnableScheduling
class Night {
    private static final Logger LOG = LoggerFactory.getLogger(Night.class);

    private final Schools schools;
    private final Retention retention;

    Night(Schools schools, Retention retention) {
        this.schools = schools;
        this.retention = retention;
    }

    @Scheduled(cron = "0 30 2 * * *")
    void letGo() {
        for (UUID school : schools.ids()) {
            try (var scope = SchoolScope.enter(school)) {
                retention.apply();
            } catch (RuntimeException e) {
                LOG.warn(
                        "What is to go was not let go for school {}: {}",
                        school,
                        e.getClass().getSimpleName());
            }
        }
    }
}
