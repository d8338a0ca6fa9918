package io.isokinet.server.account;

import java.util.OptionalLong;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down guessing: so many failures for a secret or from an address, and it has to wait. Kept in the database for every copy.
 * A try is counted before it is checked, so that tries side by side are no way around it; one that was right is taken off again.
 */
@Component
class SignInThrottle {
    static final int FAILURES_A_SECRET = 8;
    static final int FAILURES_AN_ADDRESS = 60;
    static final int WAIT_SECONDS = 300;

    private static final String RECENT = """
            select count(*) filter (where sign_in = :secret) > :ofSecret or count(*) filter (where address = :address) > :ofAddress
            from sign_in_failure
            where at > now() - make_interval(secs => :seconds) and (sign_in = :secret or address = :address)""";
    private static final String ADD =
            "insert into sign_in_failure (sign_in, address) values (:secret, :address) returning id";
    private static final String TAKE_OFF = "delete from sign_in_failure where id = :id";
    private static final String FORGET =
            "delete from sign_in_failure where sign_in = :secret or at < now() - interval '1 day'";

    private final JdbcClient jdbc;

    SignInThrottle(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * Counts a try.
     *
     * @param secret what is guessed at: a sign-in, or another name for it
     * @param address where it comes from; empty if that does not count
     * @return to take off if it was right; empty if it has to wait and must not be checked
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    OptionalLong begin(String secret, String address) {
        long id = jdbc.sql(ADD)
                .param("secret", Accounts.key(secret))
                .param("address", address)
                .query(Long.class)
                .single();
        if (!isOver(secret, address)) return OptionalLong.of(id);
        // Waiting is not made longer by who goes on trying.
        takeOff(id);
        return OptionalLong.empty();
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void takeOff(long attempt) {
        jdbc.sql(TAKE_OFF).param("id", attempt).update();
    }

    private boolean isOver(String secret, String address) {
        return jdbc.sql(RECENT)
                .param("secret", Accounts.key(secret))
                .param("address", address)
                .param("ofSecret", FAILURES_A_SECRET)
                .param("ofAddress", address.isEmpty() ? Integer.MAX_VALUE : FAILURES_AN_ADDRESS)
                .param("seconds", WAIT_SECONDS)
                .query(Boolean.class)
                .single();
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void succeeded(String secret) {
        forget(secret);
    }

    /** Forgets the failures of a secret, so that it need not wait. */
    void forget(String secret) {
        jdbc.sql(FORGET).param("secret", Accounts.key(secret)).update();
    }

    /** True while a sign-in has to wait, from wherever it is tried that has not signed in with it before. */
    boolean isLocked(String signIn) {
        return jdbc.sql("select count(*) >= :most from sign_in_failure where sign_in = :secret"
                        + " and at > now() - make_interval(secs => :seconds)")
                .param("most", FAILURES_A_SECRET)
                .param("secret", Accounts.key(signIn))
                .param("seconds", WAIT_SECONDS)
                .query(Boolean.class)
                .single();
    }
}
