package io.isokinet.server.account;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Slows down guessing: so many failures for a sign-in or from an address, and it has to wait. Kept in the database for every copy. */
@Component
class SignInThrottle {
    static final int FAILURES_A_SIGN_IN = 8;
    static final int FAILURES_AN_ADDRESS = 60;
    static final int WAIT_SECONDS = 300;

    private static final String RECENT = """
            select count(*) filter (where sign_in = :signIn) >= :ofSignIn or count(*) filter (where address = :address) >= :ofAddress
            from sign_in_failure
            where at > now() - make_interval(secs => :seconds) and (sign_in = :signIn or address = :address)""";
    private static final String ADD = "insert into sign_in_failure (sign_in, address) values (:signIn, :address)";
    private static final String FORGET =
            "delete from sign_in_failure where sign_in = :signIn or at < now() - interval '1 day'";

    private final JdbcClient jdbc;

    SignInThrottle(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    boolean mustWait(String signIn, String address) {
        return jdbc.sql(RECENT)
                .param("signIn", Accounts.key(signIn))
                .param("address", address)
                .param("ofSignIn", FAILURES_A_SIGN_IN)
                .param("ofAddress", FAILURES_AN_ADDRESS)
                .param("seconds", WAIT_SECONDS)
                .query(Boolean.class)
                .single();
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void failed(String signIn, String address) {
        jdbc.sql(ADD)
                .param("signIn", Accounts.key(signIn))
                .param("address", address)
                .update();
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void succeeded(String signIn) {
        forget(signIn);
    }

    /** Forgets the failures of a sign-in, so that it need not wait. */
    void forget(String signIn) {
        jdbc.sql(FORGET).param("signIn", Accounts.key(signIn)).update();
    }

    /** True while a sign-in has to wait, from wherever it is tried. */
    boolean isLocked(String signIn) {
        return mustWait(signIn, "");
    }
}
