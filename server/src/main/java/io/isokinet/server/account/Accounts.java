package io.isokinet.server.account;

import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
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
    private final SignInThrottle throttle;
    private final Clock clock;
    private final String dummyHash;

    Accounts(
            Persons persons, Memberships memberships, PasswordEncoder passwords, SignInThrottle throttle, Clock clock) {
        this.persons = persons;
        this.memberships = memberships;
        this.passwords = passwords;
        this.throttle = throttle;
        this.clock = clock;
        this.dummyHash = passwords.encode("no one has this password");
    }

    /**
     * A person of the school.
     *
     * @param locked true while too many failed tries make them wait
     */
    public record PersonView(UUID id, String signIn, String name, Role role, boolean locked) {}

    /** Adds a person to a school; the password has at least ten characters. */
    @Transactional
    public UUID add(UUID school, String signIn, String name, String password, Role role) {
        checkPassword(new Fields(), password)
                .check(key(signIn).length() >= 3 && key(signIn).length() <= 120, "signIn", "needs 3 to 120 characters.")
                .check(persons.findBySignIn(key(signIn)).isEmpty(), "signIn", "is taken; choose another.")
                .done();
        Person person = new Person(Ids.next(), key(signIn), name, passwords.encode(password));
        persons.save(person);
        persons.flush();
        memberships.saveAndFlush(new Membership(Ids.next(), school, person.id, role));
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
                .filter(m -> m.endedAt == null)
                .findFirst()
                .map(m -> new SignedIn(person.get().id, m.schoolId, person.get().name, m.role));
    }

    /** Everyone in the school, by name. */
    @Transactional(readOnly = true)
    public List<PersonView> all() {
        return memberships.findBySchoolIdAndEndedAtIsNull(SchoolScope.current()).stream()
                .map(this::view)
                .sorted(Comparator.comparing(PersonView::name, String.CASE_INSENSITIVE_ORDER))
                .toList();
    }

    /** @throws NotFoundException if there is none in the school */
    @Transactional(readOnly = true)
    public PersonView person(UUID id) {
        return view(membership(id));
    }

    /** @throws IllegalArgumentException if it would leave the school without a lead */
    @Transactional
    void setRole(UUID id, Role role) {
        Membership membership = membership(id);
        if (role != Role.LEAD) keepALead(membership);
        membership.role = role;
        memberships.flush();
    }

    /** Ends the membership; what the person did keeps their name. */
    @Transactional
    void end(UUID id) {
        Membership membership = membership(id);
        keepALead(membership);
        membership.endedAt = clock.instant();
        memberships.flush();
    }

    /** Sets a password, and forgets the failed tries before it. */
    @Transactional
    void setPassword(UUID id, String password) {
        checkPassword(new Fields(), password).done();
        Person person = persons.findById(id).orElseThrow();
        person.passwordHash = passwords.encode(password);
        persons.flush();
        throttle.forget(person.signIn);
    }

    /** True if it is the person's password. */
    @Transactional(readOnly = true)
    boolean hasPassword(UUID id, String password) {
        return passwords.matches(password, persons.findById(id).orElseThrow().passwordHash);
    }

    @Transactional(readOnly = true)
    String signIn(UUID id) {
        return persons.findById(id).orElseThrow().signIn;
    }

    private void keepALead(Membership going) {
        boolean another = memberships.findBySchoolIdAndEndedAtIsNull(going.schoolId).stream()
                .anyMatch(m -> m.role == Role.LEAD && !m.id.equals(going.id));
        if (going.role == Role.LEAD && !another)
            throw new IllegalArgumentException(
                    "A school needs a lead, and this is its last. Make someone else lead first.");
    }

    private Membership membership(UUID person) {
        return memberships
                .findBySchoolIdAndPersonId(SchoolScope.current(), person)
                .filter(m -> m.endedAt == null)
                .orElseThrow(() -> new NotFoundException("person", person));
    }

    private PersonView view(Membership membership) {
        Person person = persons.findById(membership.personId).orElseThrow();
        return new PersonView(person.id, person.signIn, person.name, membership.role, throttle.isLocked(person.signIn));
    }

    private static Fields checkPassword(Fields fields, String password) {
        return fields.check(
                password.length() >= SHORTEST_PASSWORD,
                "password",
                "needs at least %d characters.".formatted(SHORTEST_PASSWORD));
    }

    static String key(String signIn) {
        return signIn.strip().toLowerCase(Locale.ROOT);
    }
}
