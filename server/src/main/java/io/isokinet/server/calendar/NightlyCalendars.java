package io.isokinet.server.calendar;

import io.isokinet.server.school.Schools;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Reads the subscribed calendars of each school anew, before anybody looks at the day. */
@Component
class NightlyCalendars {
    private final Schools schools;
    private final Subscriptions subscriptions;

    NightlyCalendars(Schools schools, Subscriptions subscriptions) {
        this.schools = schools;
        this.subscriptions = subscriptions;
    }

    @Scheduled(cron = "0 10 4 * * *")
    void read() {
        schools.inEach("reading the calendars of others", subscriptions::readAll);
    }
}
