package io.isokinet.server.school;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The only place with a clock. */
@Configuration
class Time {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
