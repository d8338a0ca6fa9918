package io.isokinet.server.calendar;

import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Reads the subscribed calendars of each school anew, before anybody looks at the day. */
@Component
class NightlyCalendars {
    private static final Logger LOG = LoggerFactory.getLogger(NightlyCalendars.class);

    private final Schools schools;
    private final Subscriptions subscriptions;

    NightlyCalendars(Schools schools, Subscriptions subscriptions) {
        this.schools = schools;
        this.subscriptions = subscriptions;
    }

    @Scheduled(cron = "0 10 4 * * *")
    void read() {
        for (UUID school : schools.ids()) {
            try (var scope = SchoolScope.enter(school)) {
                subscriptions.readAll();
            } catch (RuntimeException e) {
                LOG.warn(
                        "Calendars were not read for school {}: {}",
                        school,
                        e.getClass().getSimpleName());
            }
        }
    }
}
