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
    private final Removals removals;

    Night(Schools schools, Retention retention, Removals removals) {
        this.schools = schools;
        this.retention = retention;
        this.removals = removals;
    }

    @Scheduled(cron = "0 30 2 * * *")
    void letGo() {
        schools.inEach("letting go what is old enough", retention::apply);
        schools.inEach("deleting removed units", removals::forget);
    }
}
