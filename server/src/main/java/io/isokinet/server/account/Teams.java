package io.isokinet.server.account;

import io.isokinet.server.http.Ids;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which classes are given to whom. A lead has them all; a viewer sees them all. */
@Service
public class Teams {
    private static final String OF =
            "select class_id from class_person where school_id = :school and person_id = :person";
    private static final String ALL = "select person_id, class_id from class_person where school_id = :school";
    private static final String CLEAR = "delete from class_person where school_id = :school and person_id = :person";
    private static final String GIVE = """
            insert into class_person (id, school_id, class_id, person_id)
            select :id, :school, c.id, :person from school_class c where c.school_id = :school and c.id = :class
            on conflict (school_id, class_id, person_id) do nothing""";

    private final JdbcClient jdbc;
    private final Map<Subject, ClassOf> owners;

    Teams(JdbcClient jdbc, List<ClassOf> owners) {
        this.jdbc = jdbc;
        this.owners = owners.stream().collect(Collectors.toMap(ClassOf::subject, owner -> owner));
    }

    /** Which classes whoever is signed in may see. */
    @Transactional(readOnly = true)
    public Predicate<UUID> visible() {
        SignedIn who = SignedIn.current();
        if (who.role() == Role.LEAD || who.role() == Role.VIEWER) return c -> true;
        return given(who.person())::contains;
    }

    /** @throws NotAllowedException unless the class is given to whoever is signed in */
    @Transactional(readOnly = true)
    public void require(UUID schoolClass) {
        require(Set.of(schoolClass));
    }

    /** One of the classes is enough: a child may be in two. */
    @Transactional(readOnly = true)
    public void require(Collection<UUID> classes) {
        SignedIn who = SignedIn.current();
        if (who.role() == Role.LEAD || who.role() == Role.VIEWER) return;
        Set<UUID> given = given(who.person());
        if (classes.stream().noneMatch(given::contains))
            throw new NotAllowedException("This class is not given to you. Ask the lead of your school for it.");
    }

    /** The same for a thing that belongs to classes. What does not exist is let through, to be not found. */
    @Transactional(readOnly = true)
    public void require(Subject subject, UUID id) {
        ClassOf owner = owners.get(subject);
        if (owner == null)
            throw new IllegalStateException("Impossible state: nobody knows the classes of a %s.".formatted(subject));
        Set<UUID> classes = owner.classes(id);
        if (!classes.isEmpty()) require(classes);
    }

    /** The classes given to a person. */
    @Transactional(readOnly = true)
    public Set<UUID> given(UUID person) {
        return new HashSet<>(jdbc.sql(OF)
                .param("school", SchoolScope.current())
                .param("person", person)
                .query(UUID.class)
                .list());
    }

    /** Class ids by person. */
    @Transactional(readOnly = true)
    public Map<UUID, Set<UUID>> all() {
        Map<UUID, Set<UUID>> all = new HashMap<>();
        jdbc.sql(ALL)
                .param("school", SchoolScope.current())
                .query((row, n) -> all.computeIfAbsent(row.getObject("person_id", UUID.class), p -> new HashSet<>())
                        .add(row.getObject("class_id", UUID.class)))
                .list();
        return all;
    }

    /** Gives a person these classes and no others; ids of other schools are passed over. */
    @Transactional
    public void set(UUID person, Collection<UUID> classes) {
        jdbc.sql(CLEAR)
                .param("school", SchoolScope.current())
                .param("person", person)
                .update();
        classes.forEach(c -> give(person, c));
    }

    /** Gives a person a class more. */
    @Transactional
    public void give(UUID person, UUID schoolClass) {
        jdbc.sql(GIVE)
                .param("id", Ids.next())
                .param("school", SchoolScope.current())
                .param("person", person)
                .param("class", schoolClass)
                .update();
    }
}
