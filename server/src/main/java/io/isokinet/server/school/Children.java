package io.isokinet.server.school;

import io.isokinet.core.quantity.Age;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.school.ChildPair.Wish;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where children come from and go to: enrolments, pairs, a year up, and erasing. Their records go along by themselves. */
@Service
public class Children {
    private static final int MONTHS_BETWEEN_YEARS = 6;

    interface PairRows extends JpaRepository<ChildPair, UUID> {
        @Query("select p from ChildPair p where p.childA in :children or p.childB in :children")
        List<ChildPair> of(Collection<UUID> children);
    }

    private final ClassRows classes;
    private final ChildRows children;
    private final SideRows sides;
    private final CueRows cues;
    private final EnrolmentRows enrolments;
    private final PairRows pairs;
    private final Classes all;
    private final Schools schools;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Children(
            ClassRows classes,
            ChildRows children,
            SideRows sides,
            CueRows cues,
            EnrolmentRows enrolments,
            PairRows pairs,
            Classes all,
            Schools schools,
            ApplicationEventPublisher events,
            Clock clock) {
        this.classes = classes;
        this.children = children;
        this.sides = sides;
        this.cues = cues;
        this.enrolments = enrolments;
        this.pairs = pairs;
        this.all = all;
        this.schools = schools;
        this.events = events;
        this.clock = clock;
    }

    /** @param to the last day; null while it lasts */
    public record EnrolmentView(
            UUID schoolClass,
            String name,
            LocalDate from,
            @Nullable LocalDate to) {}

    /** @param other the other child */
    public record PairView(UUID child, UUID other, String otherName, Wish wish) {
        /** True if they are to be in one group. */
        public boolean together() {
            return wish == Wish.TOGETHER;
        }
    }

    /** Everything this module knows about a child. */
    public record ChildFile(ChildView child, List<EnrolmentView> enrolments, List<PairView> pairs) {}

    @Transactional(readOnly = true)
    public ChildFile file(UUID id) {
        ChildView child = all.child(id);
        Map<UUID, String> names = new HashMap<>();
        classes.findAll().forEach(c -> names.put(c.id(), c.name));
        return new ChildFile(
                child,
                enrolments.findByChildIdOrderByFromDay(id).stream()
                        .map(e -> new EnrolmentView(e.classId, names.getOrDefault(e.classId, ""), e.fromDay, e.toDay))
                        .toList(),
                pairs(List.of(id)));
    }

    /** What rosters call the children that came by one, by their own ids. */
    @Transactional(readOnly = true)
    public Map<UUID, String> sourceIds() {
        Map<UUID, String> ids = new HashMap<>();
        children.findBySourceIdIsNotNull().forEach(c -> ids.put(c.id(), c.sourceId));
        return ids;
    }

    /** The pairs that children of these are in, seen from them. */
    @Transactional(readOnly = true)
    public List<PairView> pairs(Collection<UUID> of) {
        if (of.isEmpty()) return List.of();
        Set<UUID> wanted = new HashSet<>(of);
        return pairs.of(of).stream()
                .map(p -> {
                    UUID one = wanted.contains(p.childA) ? p.childA : p.childB;
                    UUID other = one.equals(p.childA) ? p.childB : p.childA;
                    Child there = children.findById(other).orElseThrow();
                    return new PairView(one, other, (there.given + " " + there.family).strip(), p.wish);
                })
                .toList();
    }

    /**
     * Says how two children are to be grouped.
     *
     * @param wish null for no wish
     */
    @Transactional
    public void pair(UUID one, UUID other, @Nullable Wish wish) {
        if (one.equals(other)) throw new IllegalArgumentException("A pair needs two children; choose another one.");
        all.child(one);
        all.child(other);
        Optional<ChildPair> known = pairs.of(List.of(one)).stream()
                .filter(p -> p.childA.equals(other) || p.childB.equals(other))
                .findFirst();
        if (wish == null) known.ifPresent(pairs::delete);
        else if (known.isPresent()) known.get().wish = wish;
        else pairs.save(new ChildPair(Ids.next(), one, other, wish));
        pairs.flush();
    }

    /** A child comes into a class of the school that it is not in, from a day on. */
    @Transactional
    public void join(UUID childId, UUID classId, LocalDate from) {
        all.view(classId);
        all.child(childId);
        boolean there =
                enrolments.findByToDayIsNullAndChildId(childId).stream().anyMatch(e -> e.classId.equals(classId));
        if (there) throw new IllegalArgumentException("The child is in this class already.");
        enrolments.saveAndFlush(new Enrolment(Ids.next(), classId, childId, from));
    }

    /**
     * The child leaves a class; what was seen of it stays.
     *
     * @param last the last day in it
     */
    @Transactional
    public void leave(UUID classId, UUID childId, LocalDate last) {
        Enrolment enrolment = enrolments.findByToDayIsNullAndChildId(childId).stream()
                .filter(e -> e.classId.equals(classId))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("child of this class", childId));
        if (enrolment.fromDay.isAfter(last)) enrolments.delete(enrolment);
        else enrolment.toDay = last;
        enrolments.flush();
    }

    /** The child leaves every class it is in and is in another one from a day on. */
    @Transactional
    public void move(UUID childId, UUID to, LocalDate from) {
        Child child = row(childId);
        if (enrolments.findByToDayIsNullAndChildId(childId).stream().anyMatch(e -> e.classId.equals(to)))
            throw new IllegalArgumentException("The child is in this class already.");
        for (Enrolment enrolment : enrolments.findByToDayIsNullAndChildId(childId))
            leave(enrolment.classId, childId, from.minusDays(1));
        join(childId, to, from);
        child.yearAge = all.view(to).yearAge();
        children.flush();
    }

    /** What a year up did. */
    public record MovedUp(int classes, int children, int left) {}

    /**
     * Every class and its children go up a year; the leaving ones leave the school.
     *
     * @param again true to do it although it was done less than half a year ago
     */
    @Transactional
    public MovedUp moveUp(LocalDate from, Collection<UUID> leaving, boolean again) {
        LocalDate last = schools.view().movedUpOn();
        if (last != null && ChronoUnit.MONTHS.between(last, from) < MONTHS_BETWEEN_YEARS && !again)
            throw new IllegalArgumentException(
                    "The classes went up a year on %s already. If it is meant, say so and do it again."
                            .formatted(last));
        List<SchoolClass> there =
                classes.findAll().stream().filter(c -> c.leftOn == null).toList();
        Fields fields = new Fields();
        there.stream()
                .filter(c -> !leaving.contains(c.id()) && c.yearAge >= Age.OLDEST)
                .forEach(c -> fields.check(
                        false,
                        "leaving",
                        "%s is in the last year (age %d); it can only leave.".formatted(c.name, c.yearAge)));
        fields.done();
        int moved = 0;
        int left = 0;
        Set<UUID> up = new HashSet<>();
        for (SchoolClass schoolClass : there) {
            List<Enrolment> in = enrolments.on(List.of(schoolClass.id()), from);
            if (leaving.contains(schoolClass.id())) {
                schoolClass.leftOn = from;
                for (Enrolment enrolment : in) leave(schoolClass.id(), enrolment.childId, from.minusDays(1));
                left++;
            } else {
                schoolClass.yearAge++;
                in.forEach(e -> up.add(e.childId));
                moved++;
            }
        }
        for (Child child : children.findAllById(up)) child.yearAge = Math.min(Age.OLDEST, child.yearAge + 1);
        schools.movedUp(from);
        classes.flush();
        return new MovedUp(moved, up.size(), left);
    }

    /**
     * Deletes a child's identity for good: name, roster id, sides, cue fits, pairs. What was seen of it stays without a name, or is
     * dropped, by the school's rule.
     */
    @Transactional
    public void erase(UUID childId) {
        Child child = row(childId);
        sides.deleteAll(sides.findByChildIdIn(List.of(childId)));
        cues.deleteAll(cues.findByChildId(childId));
        pairs.deleteAll(pairs.of(List.of(childId)));
        for (Enrolment enrolment : enrolments.findByToDayIsNullAndChildId(childId))
            leave(enrolment.classId, childId, schools.today().minusDays(1));
        child.given = "Erased";
        child.family = "";
        child.sourceId = null;
        child.erasedAt = clock.instant();
        children.flush();
        events.publishEvent(new ChildErased(childId, schools.erasedTrials() == Schools.ErasedTrials.DROP));
    }

    /** The children of the school by their id in a roster, those in a class on a day or not. */
    @Transactional(readOnly = true)
    public Map<String, UUID> bySource() {
        Map<String, UUID> known = new HashMap<>();
        for (Child child : children.findBySourceIdIsNotNull()) known.put(child.sourceId, child.id());
        return known;
    }

    /** The classes a child is in now, or was last in. */
    @Transactional(readOnly = true)
    public Set<UUID> classes(UUID childId) {
        return enrolments.classesOf(childId);
    }

    private Child row(UUID id) {
        return children.findById(id)
                .filter(c -> c.erasedAt == null)
                .orElseThrow(() -> new NotFoundException("child", id));
    }
}
