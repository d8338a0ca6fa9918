package io.isokinet.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.modulith.Modulithic;

/** The application: REST under /api, the desk under /, the hall under /hall. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableJpaRepositories(considerNestedRepositories = true)
@Modulithic(sharedModules = {"http", "table", "tenancy"})
public class IsokinetServer {
    public static void main(String[] args) {
        SpringApplication.run(IsokinetServer.class, args);
    }
}
