package io.isokinet.server.account;

import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People and what they are in a school. */
@Service
public class Accounts {
    private static final int SHORTEST_PASSWORD = 10;

    private final Persons persons;
    private final Memberships memberships;
    private final PasswordEncoder passwords;
    private final String dummyHash;

    Accounts(Persons persons, Memberships memberships, PasswordEncoder passwords) {
        this.persons = persons;
        this.memberships = memberships;
        this.passwords = passwords;
        this.dummyHash = passwords.encode("no one has this password");
    }

    /** Adds a person to a school; the password has at least ten characters. */
    @Transactional
    public UUID add(UUID school, String signIn, String name, String password, Role role) {
        new Fields()
                .check(
                        password.length() >= SHORTEST_PASSWORD,
                        "password",
                        "needs at least %d characters.".formatted(SHORTEST_PASSWORD))
                .check(persons.findBySignIn(key(signIn)).isEmpty(), "signIn", "is taken; choose another.")
                .done();
        Person person = new Person(Ids.next(), key(signIn), name, passwords.encode(password));
        persons.save(person);
        persons.flush();
        memberships.save(new Membership(Ids.next(), school, person.id, role));
        return person.id;
    }

    /** Who signs in with this; empty if the two do not belong together. Takes the same time either way. */
    @Transactional(readOnly = true)
    Optional<SignedIn> verify(String signIn, String password) {
        Optional<Person> person = persons.findBySignIn(key(signIn));
        boolean right =
                passwords.matches(password, person.map(p -> p.passwordHash).orElse(dummyHash));
        if (!right || person.isEmpty()) return Optional.empty();
        return memberships.findByPersonIdOrderById(person.get().id).stream()
                .findFirst()
                .map(m -> new SignedIn(person.get().id, m.schoolId, person.get().name, m.role));
    }

    static String key(String signIn) {
        return signIn.strip().toLowerCase(Locale.ROOT);
    }
}
