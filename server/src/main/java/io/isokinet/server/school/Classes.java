package io.isokinet.server.school;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Sides;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.Owned;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes and the children in them. */
@Service
public class Classes {
    /** More children than any one teacher has. */
    public static final int MOST_CHILDREN = 60;

    private final ClassRows classes;
    private final ChildRows children;
    private final SideRows sides;
    private final CueRows cues;
    private final EnrolmentRows enrolments;
    private final Schools schools;
    private final Teams teams;

    Classes(
            ClassRows classes,
            ChildRows children,
            SideRows sides,
            CueRows cues,
            EnrolmentRows enrolments,
            Schools schools,
            Teams teams) {
        this.classes = classes;
        this.children = children;
        this.sides = sides;
        this.cues = cues;
        this.enrolments = enrolments;
        this.schools = schools;
        this.teams = teams;
    }

    /** A class in a list. */
    public record ClassLine(UUID id, String name, int yearAge, String year, int children, int leftHanded) {}

    /**
     * A class with its children, by name.
     *
     * @param changingMinutes minutes of a lesson that go into changing, both ends together; shoes the same
     * @param version for If-Match
     */
    public record ClassView(
            UUID id,
            String name,
            int yearAge,
            String year,
            int changingMinutes,
            int shoesMinutes,
            List<ChildView> children,
            @Nullable Integer version) {}

    /**
     * What is typed about a child.
     *
     * @param sides the known ones; leave the others out
     */
    public record ChildForm(String given, String family, int yearAge, Map<Action, Side> sides) {}

    /**
     * A child that comes with a roster.
     *
     * @param sourceId its id there; null if the roster has none
     */
    public record NewChild(
            String given,
            String family,
            int yearAge,
            Map<Action, Side> sides,
            @Nullable String sourceId) {}

    @Transactional(readOnly = true)
    public List<ClassLine> all() {
        YearNames naming = schools.naming();
        List<SchoolClass> rows =
                classes.findAll().stream().filter(c -> c.leftOn == null).toList();
        Map<UUID, List<Enrolment>> byClass =
                enrolments.on(rows.stream().map(Owned::id).toList(), schools.today()).stream()
                        .collect(Collectors.groupingBy(e -> e.classId));
        Map<UUID, Sides> sidesByChild = sides(byClass.values().stream()
                .flatMap(List::stream)
                .map(e -> e.childId)
                .toList());
        return rows.stream()
                .sorted(Comparator.comparing((SchoolClass c) -> c.yearAge).thenComparing(c -> c.name))
                .map(c -> {
                    List<Enrolment> in = byClass.getOrDefault(c.id(), List.of());
                    int left = (int) in.stream()
                            .filter(e -> sidesByChild
                                            .getOrDefault(e.childId, Sides.NOT_SETTLED)
                                            .of(Action.THROW)
                                            .orElse(null)
                                    == Side.LEFT)
                            .count();
                    return new ClassLine(c.id(), c.name, c.yearAge, naming.label(c.yearAge), in.size(), left);
                })
                .toList();
    }

    /** @throws NotFoundException if there is none, or it has left */
    @Transactional(readOnly = true)
    public ClassLine line(UUID id) {
        return all().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("class", id));
    }

    /** @throws NotFoundException if there is none */
    @Transactional(readOnly = true)
    public ClassView view(UUID id) {
        return views(List.of(id)).stream().findFirst().orElseThrow(() -> new NotFoundException("class", id));
    }

    /** Those of these classes that there are, with their children, in one statement. */
    @Transactional(readOnly = true)
    public List<ClassView> views(Collection<UUID> ids) {
        if (ids.isEmpty()) return List.of();
        Map<SchoolClass, List<@Nullable Object[]>> byClass = new LinkedHashMap<>();
        for (@Nullable Object[] row : children.in(ids, schools.today()))
            byClass.computeIfAbsent((SchoolClass) Objects.requireNonNull(row[3]), c -> new ArrayList<>())
                    .add(row);
        return byClass.entrySet().stream()
                .map(e -> view(e.getKey(), e.getValue()))
                .toList();
    }

    private ClassView view(SchoolClass row, List<@Nullable Object[]> whole) {
        return new ClassView(
                row.id(),
                row.name,
                row.yearAge,
                schools.naming().label(row.yearAge),
                row.changingMinutes,
                row.shoesMinutes,
                childViews(whole),
                row.version());
    }

    /**
     * Two classes in one lesson: the children of both under both names, by the age of the younger ones. Of two who are shown by the same
     * name the one who comes along is told with the class.
     *
     * @param other null for nobody
     */
    @Transactional(readOnly = true)
    public ClassView together(ClassView one, @Nullable UUID other) {
        if (other == null) return one;
        ClassView two = view(other);
        Set<String> names = one.children().stream().map(ChildView::name).collect(Collectors.toSet());
        List<ChildView> both = new ArrayList<>(one.children());
        for (ChildView c : two.children())
            both.add(names.contains(c.name()) ? c.called("%s (%s)".formatted(c.name(), two.name())) : c);
        return new ClassView(
                one.id(),
                "%s and %s".formatted(one.name(), two.name()),
                Math.min(one.yearAge(), two.yearAge()),
                one.yearAge() <= two.yearAge() ? one.year() : two.year(),
                one.changingMinutes(),
                one.shoesMinutes(),
                both,
                one.version());
    }

    /** Those of these children that there are, in one statement. */
    @Transactional(readOnly = true)
    public List<ChildView> children(Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : childViews(children.whole(ids));
    }

    /** What is typed about a class. Minutes that go off each lesson, both ends together. */
    public record ClassForm(String name, int yearAge, int changingMinutes, int shoesMinutes) {}

    /**
     * Makes the class or changes it; a new one is given to whoever makes it.
     *
     * @param version the version the change was made on; not needed for a new one
     */
    @Transactional
    public ClassView put(UUID id, ClassForm form, IfMatch version) {
        Optional<SchoolClass> known = classes.findById(id);
        String wanted = form.name().strip();
        new Fields()
                .check(!wanted.isEmpty() && wanted.length() <= 60, "name", "needs 1 to 60 characters.")
                .check(inRange(form.yearAge()), "yearAge", "must be %d to %d.".formatted(Age.YOUNGEST, Age.OLDEST))
                .check(
                        form.changingMinutes() >= 0 && form.changingMinutes() <= 40,
                        "changingMinutes",
                        "must be 0 to 40.")
                .check(form.shoesMinutes() >= 0 && form.shoesMinutes() <= 20, "shoesMinutes", "must be 0 to 20.")
                .check(
                        classes.findByNameIgnoreCaseAndLeftOnIsNull(wanted)
                                .filter(c -> !c.id().equals(id))
                                .isEmpty(),
                        "name",
                        "“%s” is taken by another class.".formatted(wanted))
                .done();
        known.ifPresent(row -> version.require("class", row.version()));
        SchoolClass row = known.orElseGet(() -> classes.save(new SchoolClass(id, wanted, form.yearAge())));
        row.name = wanted;
        row.yearAge = form.yearAge();
        row.changingMinutes = form.changingMinutes();
        row.shoesMinutes = form.shoesMinutes();
        classes.flush();
        if (known.isEmpty()) teams.give(SignedIn.current().person(), id);
        return view(id);
    }

    /**
     * A class that left.
     *
     * @param leftOn the first day on which it was not there any more
     */
    public record LeftClass(UUID id, String name, String year, LocalDate leftOn) {}

    /** Those that left, the last one first. */
    @Transactional(readOnly = true)
    public List<LeftClass> left() {
        YearNames naming = schools.naming();
        return classes.findByLeftOnIsNotNullOrderByLeftOnDesc().stream()
                .map(c -> new LeftClass(c.id(), c.name, naming.label(c.yearAge), Objects.requireNonNull(c.leftOn)))
                .toList();
    }

    /**
     * From today on the class is not there any more, nor are its lessons to come. What was seen in it stays; a class in which nothing
     * was taught or recorded is deleted in a night a month from now.
     *
     * @throws IllegalArgumentException if it has left
     */
    @Transactional
    public LeftClass leave(UUID id) {
        SchoolClass row = row(id);
        if (row.leftOn != null)
            throw new IllegalArgumentException("“%s” has left on %s.".formatted(row.name, row.leftOn));
        row.leftOn = schools.today();
        classes.flush();
        return new LeftClass(id, row.name, schools.naming().label(row.yearAge), row.leftOn);
    }

    /** @throws IllegalArgumentException if it is there, or another class has its name by now */
    @Transactional
    public ClassView bringBack(UUID id) {
        SchoolClass row = row(id);
        if (row.leftOn == null)
            throw new IllegalArgumentException("“%s” is there; nothing has to be brought back.".formatted(row.name));
        if (classes.findByNameIgnoreCaseAndLeftOnIsNull(row.name).isPresent())
            throw new IllegalArgumentException(
                    "Another class is called “%s” by now. Rename that one first.".formatted(row.name));
        row.leftOn = null;
        classes.flush();
        return view(id);
    }

    /** The class of that name, made if there is none. */
    @Transactional
    public UUID named(String name, int yearAge) {
        return classes.findByNameIgnoreCaseAndLeftOnIsNull(name.strip())
                .map(Owned::id)
                .orElseGet(() -> put(Ids.next(), new ClassForm(name, yearAge, 0, 0), null)
                        .id());
    }

    /** The ids of the classes of today in the roster that they came by; those that came by none are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, String> sources() {
        Map<UUID, String> known = new HashMap<>();
        for (SchoolClass c : classes.findAll())
            if (c.sourceId != null && c.leftOn == null) known.put(c.id(), c.sourceId);
        return known;
    }

    /** Says by which id a roster knows a class; what is given back goes by it. */
    @Transactional
    public void comesFrom(UUID id, String sourceId) {
        row(id).sourceId = sourceId;
    }

    /** Adds children to a class from today on. Nobody is added if one of them cannot be. */
    @Transactional
    public List<UUID> add(UUID classId, List<NewChild> newcomers) {
        return add(classId, newcomers, schools.today());
    }

    /** Adds children to a class from a day on. */
    @Transactional
    public List<UUID> add(UUID classId, List<NewChild> newcomers, LocalDate from) {
        row(classId);
        int now = enrolments.on(List.of(classId), schools.today()).size();
        Fields fields = new Fields();
        fields.check(!newcomers.isEmpty(), "children", "needs at least one name.");
        fields.check(
                now + newcomers.size() <= MOST_CHILDREN,
                "children",
                "A class has at most %d children; this would make %d."
                        .formatted(MOST_CHILDREN, now + newcomers.size()));
        for (int i = 0; i < newcomers.size(); i++)
            checkNames(
                    fields,
                    "children[%d].".formatted(i),
                    newcomers.get(i).given(),
                    newcomers.get(i).family(),
                    newcomers.get(i).yearAge());
        fields.done();
        List<UUID> ids = new ArrayList<>();
        for (NewChild newcomer : newcomers) {
            UUID id = Ids.next();
            children.save(new Child(
                    id, newcomer.given().strip(), newcomer.family().strip(), newcomer.yearAge(), newcomer.sourceId()));
            ids.add(id);
        }
        children.flush();
        for (int i = 0; i < ids.size(); i++) {
            UUID id = ids.get(i);
            newcomers.get(i).sides().forEach((action, side) -> sides.save(new ChildSide(Ids.next(), id, action, side)));
            enrolments.save(new Enrolment(Ids.next(), classId, id, from));
        }
        enrolments.flush();
        return ids;
    }

    /** @throws NotFoundException if there is none */
    @Transactional
    public ChildView change(UUID id, ChildForm form, IfMatch version) {
        Child child = row(children, id);
        version.require("child", child.version());
        Fields fields = new Fields();
        checkNames(fields, "", form.given(), form.family(), form.yearAge());
        fields.done();
        child.given = form.given().strip();
        child.family = form.family().strip();
        child.yearAge = form.yearAge();
        List<ChildSide> old = sides.findByChildIdIn(List.of(id));
        for (Action action : Action.values()) {
            Side wanted = form.sides().get(action);
            ChildSide row =
                    old.stream().filter(s -> s.action == action).findFirst().orElse(null);
            if (wanted == null && row != null) sides.delete(row);
            else if (wanted != null && row == null) sides.save(new ChildSide(Ids.next(), id, action, wanted));
            else if (row != null && wanted != null) row.side = wanted;
        }
        children.flush();
        return children(List.of(id)).get(0);
    }

    /** Settles which hand or foot a child uses for an action. */
    @Transactional
    public void settle(UUID childId, Action action, Side side) {
        row(children, childId);
        Optional<ChildSide> known = sides.findByChildIdIn(List.of(childId)).stream()
                .filter(s -> s.action == action)
                .findFirst();
        if (known.isPresent()) known.get().side = side;
        else sides.saveAndFlush(new ChildSide(Ids.next(), childId, action, side));
    }

    /** Says how a cue fits a child from today on. */
    @Transactional
    public void fitCue(UUID childId, String cueKey, CueFit fit) {
        row(children, childId);
        cues.findByToDayIsNullAndChildIdIn(List.of(childId)).stream()
                .filter(c -> c.cueKey.equals(cueKey))
                .forEach(cues::delete);
        cues.flush();
        if (fit != CueFit.APPLIES) cues.saveAndFlush(new ChildCue(Ids.next(), childId, cueKey, fit, schools.today()));
    }

    /** @throws NotFoundException if there is none, or it was erased */
    @Transactional(readOnly = true)
    public ChildView child(UUID id) {
        return children(List.of(id)).stream().findFirst().orElseThrow(() -> new NotFoundException("child", id));
    }

    private static void checkNames(Fields fields, String prefix, String given, String family, int yearAge) {
        fields.check(!given.isBlank() && given.strip().length() <= 60, prefix + "given", "needs 1 to 60 characters.")
                .check(family.strip().length() <= 60, prefix + "family", "has at most 60 characters.")
                .check(inRange(yearAge), prefix + "yearAge", "must be %d to %d.".formatted(Age.YOUNGEST, Age.OLDEST));
    }

    private static boolean inRange(int age) {
        return age >= Age.YOUNGEST && age <= Age.OLDEST;
    }

    /** @param whole child, side and cue, as {@link ChildRows#WHOLE} reads them */
    private List<ChildView> childViews(List<@Nullable Object[]> whole) {
        YearNames naming = schools.naming();
        Set<Child> rows = new LinkedHashSet<>();
        Map<UUID, Map<Action, Side>> known = new HashMap<>();
        Map<UUID, Map<String, CueFit>> cuesByChild = new HashMap<>();
        for (@Nullable Object[] row : whole) {
            if (row[0] instanceof Child c) rows.add(c);
            if (row[1] instanceof ChildSide s)
                known.computeIfAbsent(s.childId, c -> new EnumMap<>(Action.class))
                        .put(s.action, s.side);
            if (row[2] instanceof ChildCue q)
                cuesByChild.computeIfAbsent(q.childId, c -> new HashMap<>()).put(q.cueKey, q.state);
        }
        Map<String, Long> sharing = rows.stream().collect(Collectors.groupingBy(c -> c.given, Collectors.counting()));
        return rows.stream()
                .sorted(Comparator.comparing((Child c) -> c.given, String.CASE_INSENSITIVE_ORDER)
                        .thenComparing(c -> c.family))
                .map(c -> new ChildView(
                        c.id(),
                        c.given,
                        c.family,
                        sharing.get(c.given) > 1 && !c.family.isEmpty() ? c.given + " " + c.family.charAt(0) : c.given,
                        c.yearAge,
                        naming.label(c.yearAge),
                        sideViews(Sides.of(known.getOrDefault(c.id(), Map.of()))),
                        cuesByChild.getOrDefault(c.id(), Map.of()),
                        c.version()))
                .toList();
    }

    private static List<ChildView.SideView> sideViews(Sides sides) {
        return Arrays.stream(Action.values())
                .map(a -> new ChildView.SideView(a, sides.of(a).orElse(null), sides.assumed(a)))
                .toList();
    }

    private Map<UUID, Sides> sides(Collection<UUID> ids) {
        Map<UUID, Map<Action, Side>> known = new HashMap<>();
        for (ChildSide side : sides.findByChildIdIn(ids))
            known.computeIfAbsent(side.childId, c -> new EnumMap<>(Action.class))
                    .put(side.action, side.side);
        return known.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> Sides.of(e.getValue())));
    }

    private SchoolClass row(UUID id) {
        return classes.findById(id).orElseThrow(() -> new NotFoundException("class", id));
    }

    private static Child row(ChildRows children, UUID id) {
        return children.findById(id)
                .filter(c -> c.erasedAt == null)
                .orElseThrow(() -> new NotFoundException("child", id));
    }
}
