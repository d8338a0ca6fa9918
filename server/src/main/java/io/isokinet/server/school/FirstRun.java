package io.isokinet.server.school;

import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.Secrets;
import io.isokinet.server.http.Fields;
import java.time.ZoneId;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The first school and its lead on an empty database. Whoever starts the application is told a code, so that nobody else on the
 * network can take a new installation for themselves.
 */
@Service
@Order(20)
class FirstRun implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(FirstRun.class);

    private final Schools schools;
    private final Accounts accounts;
    private final String code;

    FirstRun(Schools schools, Accounts accounts, @Value("${isokinet.first-run-code:}") String code) {
        this.schools = schools;
        this.accounts = accounts;
        this.code = code.isBlank() ? Secrets.next() : code;
    }

    /** Says where to begin, for whoever starts the application without the start command. */
    @Override
    public void run(ApplicationArguments arguments) {
        if (!schools.any()) LOG.info("There is no school yet. Begin at /first-run?code={}", code);
    }

    /** @param needed true while there is no school */
    record FirstRunView(boolean needed) {}

    @Transactional(readOnly = true)
    FirstRunView view() {
        return new FirstRunView(!schools.any());
    }

    @Transactional
    void start(
            String given, String school, String zone, YearNaming naming, String name, String signIn, String password) {
        if (schools.any())
            throw new IllegalArgumentException(
                    "There is a school already. Sign in, or ask its lead for a link to join.");
        Schools.checkBasics(new Fields(), school, zone)
                .check(
                        Secrets.hash(code).equals(Secrets.hash(given)),
                        "code",
                        "is not the one that the start command printed. Open the address that it printed.")
                .check(!name.isBlank() && name.strip().length() <= 120, "name", "needs 1 to 120 characters.")
                .done();
        UUID id = schools.add(school, naming, ZoneId.of(zone));
        accounts.add(id, signIn, name.strip(), password, Role.LEAD);
    }
}
