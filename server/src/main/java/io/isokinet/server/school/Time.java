package io.isokinet.server.school;

import java.time.Clock;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;

/** The only place with a clock. */
@Configuration
class Time {
    @Bean
    @Profile("!test")
    Clock clock() {
        return Clock.systemUTC();
    }

    /** Tests choose the day: the clock of the profile "test" goes on by the machine's, so much away from it. */
    @Bean
    @Profile("test")
    Clock shiftedClock(@Value("${isokinet.clock-offset:PT0S}") Duration offset) {
        return Clock.offset(Clock.systemUTC(), offset);
    }
}
