package io.isokinet.server.account;

import com.nulabinc.zxcvbn.Zxcvbn;
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
    private static final int LONGEST_PASSWORD = 200;
    /** Of 0 to 4: more than a million guesses. */
    private static final int LEAST_SCORE = 2;

    private static final Zxcvbn GUESSING = new Zxcvbn();

    private final Persons persons;
    private final Memberships memberships;
    private final PasswordEncoder passwords;
    private final SignInThrottle throttle;
    private final KnownDevices devices;
    private final Clock clock;
    private final String dummyHash;

    Accounts(
            Persons persons,
            Memberships memberships,
            PasswordEncoder passwords,
            SignInThrottle throttle,
            KnownDevices devices,
            Clock clock) {
        this.persons = persons;
        this.memberships = memberships;
        this.passwords = passwords;
        this.throttle = throttle;
        this.devices = devices;
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
        checkPassword(new Fields(), password, signIn, name)
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
        return membershipOf(person.get());
    }

    /** Whose sign-in it is, whether or not anybody may come in by it. */
    @Transactional(readOnly = true)
    Optional<UUID> whose(String signIn) {
        return persons.findBySignIn(key(signIn)).map(p -> p.id);
    }

    /** What a person is, in the school they came to first; empty if they have left. */
    @Transactional(readOnly = true)
    Optional<SignedIn> membershipOf(UUID person) {
        return persons.findById(person).flatMap(this::membershipOf);
    }

    private Optional<SignedIn> membershipOf(Person person) {
        return memberships.findByPersonIdOrderById(person.id).stream()
                .filter(m -> m.endedAt == null)
                .findFirst()
                .map(m -> new SignedIn(person.id, m.schoolId, person.name, m.role));
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
        Person person = persons.findById(id).orElseThrow();
        checkPassword(new Fields(), password, person.signIn, person.name).done();
        person.passwordHash = passwords.encode(password);
        persons.flush();
        throttle.forget(person.signIn);
        devices.forget(id);
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

    /**
     * Long enough, and not among what is tried first: words and passwords that are known to be common, and one's own names.
     * How many guesses it withstands is estimated by zxcvbn (Wheeler, USENIX Security 2016).
     */
    private static Fields checkPassword(Fields fields, String password, String signIn, String name) {
        boolean fits = password.length() >= SHORTEST_PASSWORD && password.length() <= LONGEST_PASSWORD;
        return fields.check(
                        fits, "password", "needs %d to %d characters.".formatted(SHORTEST_PASSWORD, LONGEST_PASSWORD))
                .check(
                        !fits
                                || GUESSING.measure(password, List.of(signIn, name, "isokinet"))
                                                .getScore()
                                        >= LEAST_SCORE,
                        "password",
                        "would be guessed soon; take three or four words that do not belong together, and not your name.");
    }

    static String key(String signIn) {
        return signIn.strip().toLowerCase(Locale.ROOT);
    }
}
