package io.isokinet.server.school;

import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Role;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Makes the first school and its lead from what the start command was told, once, on an empty database. */
@Component
@ConditionalOnProperty("isokinet.school")
class FirstLead implements ApplicationRunner {
    private final Schools schools;
    private final Accounts accounts;
    private final Environment environment;

    FirstLead(Schools schools, Accounts accounts, Environment environment) {
        this.schools = schools;
        this.accounts = accounts;
        this.environment = environment;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (schools.any()) return;
        String signIn = environment.getRequiredProperty("isokinet.sign-in");
        UUID school = schools.add(
                environment.getRequiredProperty("isokinet.school"), YearNaming.YEARS, ZoneId.systemDefault());
        accounts.add(school, signIn, signIn, environment.getRequiredProperty("isokinet.sign-in-password"), Role.LEAD);
    }
}
