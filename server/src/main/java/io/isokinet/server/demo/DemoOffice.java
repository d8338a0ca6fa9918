package io.isokinet.server.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Runs the stand-in for an office's calendar beside the demo. */
@Component
@ConditionalOnProperty("isokinet.demo-calendar-port")
class DemoOffice implements ApplicationRunner, DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(DemoOffice.class);

    private final int port;
    private final Clock clock;
    private @Nullable OfficeCalendar calendar;

    DemoOffice(@Value("${isokinet.demo-calendar-port}") int port, Clock clock) {
        this.port = port;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        try {
            calendar = new OfficeCalendar(port, LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC));
        } catch (IOException e) {
            LOG.warn("The stand-in for the office's calendar does not run: {}", e.getMessage());
        }
    }

    @Override
    public void destroy() {
        if (calendar != null) calendar.close();
    }
}
