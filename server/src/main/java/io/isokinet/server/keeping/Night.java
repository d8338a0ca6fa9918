package io.isokinet.server.keeping;

import io.isokinet.server.school.Schools;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;

/** What is done in the night for each school; a school where it fails does not keep it from the next. */
@Configuration
@EnableScheduling
class Night {
    private final Schools schools;
    private final Retention retention;

    Night(Schools schools, Retention retention) {
        this.schools = schools;
        this.retention = retention;
    }

    @Scheduled(cron = "0 30 2 * * *")
    void letGo() {
        schools.inEach("letting go what is old enough", retention::apply);
    }
}
