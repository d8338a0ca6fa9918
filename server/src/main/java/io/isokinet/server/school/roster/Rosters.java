package io.isokinet.server.school.roster;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Children;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ChildForm;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Classes.NewChild;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.roster.Roster.Field;
import io.isokinet.server.school.roster.Roster.RosterClass;
import io.isokinet.server.school.roster.RosterDifference.Changed;
import io.isokinet.server.school.roster.RosterDifference.Gone;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Previews a roster against the children there are, and takes it whole or not at all. */
@Service
class Rosters {
    private static final int USUAL_AGE = 7;

    private final Classes classes;
    private final Children children;
    private final Schools schools;
    private final Teams teams;
    private final EntityManager entities;

    Rosters(Classes classes, Children children, Schools schools, Teams teams, EntityManager entities) {
        this.entities = entities;
        this.classes = classes;
        this.children = children;
        this.schools = schools;
        this.teams = teams;
    }

    /** Seconds that thousands of children may take on a busy machine. */
    private static final int LONGEST = 600;

    /** What becomes of children that the roster does not name. */
    enum WhenGone {
        STAY,
        LEAVE,
        /** Also where half a class or more would leave. */
        LEAVE_SURELY
    }

    /** @param into the class for rows that name none; null if they must */
    @Transactional(readOnly = true)
    public Roster preview(Map<String, byte[]> files, @Nullable Map<Field, Integer> mapping, @Nullable UUID into) {
        int age = into == null ? USUAL_AGE : classes.view(into).yearAge();
        Roster read = new RosterReader(schools.naming(), age).read(RosterFiles.open(files), mapping);
        List<Finding> findings = new ArrayList<>(read.findings());
        List<RosterDifference> differences = new ArrayList<>();
        Map<String, UUID> bySource = children.bySource();
        Map<String, UUID> classBySource = new HashMap<>();
        classes.sources().forEach((id, source) -> classBySource.put(source, id));
        Map<String, UUID> byName =
                classes.all().stream().collect(Collectors.toMap(c -> c.name().toLowerCase(Locale.ROOT), ClassLine::id));
        Set<String> listed = read.classes().stream()
                .flatMap(g -> g.children().stream())
                .map(NewChild::sourceId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        for (RosterClass group : read.classes()) {
            UUID id = group.sourceId() == null ? null : classBySource.get(group.sourceId());
            if (id == null)
                id = group.name() == null
                        ? into
                        : byName.get(group.name().strip().toLowerCase(Locale.ROOT));
            if (group.name() == null && id == null) {
                findings.add(new Finding(
                        "roster",
                        "rows, class",
                        "The rows name no class. Map the column that does, or open the class and import there."));
                continue;
            }
            if (id != null) teams.require(id);
            RosterDifference difference = difference(group, id, listed, bySource);
            int after = difference.newcomers().size()
                    + difference.changed().size()
                    + difference.same()
                    + difference.gone().size();
            if (after > Classes.MOST_CHILDREN)
                findings.add(new Finding(
                        "roster",
                        difference.name() + ", rows",
                        "The class would have %d children, those who are not in the roster included; %d is the most."
                                .formatted(after, Classes.MOST_CHILDREN)));
            differences.add(difference);
        }
        return new Roster(
                read.kind(),
                read.encoding(),
                read.columns(),
                read.sample(),
                read.mapping(),
                read.classes(),
                read.children(),
                findings,
                findings.isEmpty() ? differences : List.of());
    }

    /**
     * Takes the roster.
     *
     * @param gone what becomes of children it does not name; null only if there are none
     * @return the classes that it named
     * @throws io.isokinet.core.check.FoundException with every finding
     */
    @Transactional(timeout = LONGEST)
    public List<UUID> take(
            Map<String, byte[]> files,
            @Nullable Map<Field, Integer> mapping,
            @Nullable UUID into,
            @Nullable WhenGone gone) {
        Roster roster = preview(files, mapping, into);
        List<Finding> findings = new ArrayList<>(roster.findings());
        for (RosterDifference difference : roster.differences()) question(difference, gone, findings);
        new Findings(findings).throwIfAny();
        LocalDate today = schools.today();
        List<UUID> ids = new ArrayList<>();
        Map<String, UUID> added = new HashMap<>();
        for (RosterDifference difference : roster.differences()) {
            UUID id = difference.schoolClass() == null
                    ? classes.named(difference.name(), difference.yearAge())
                    : difference.schoolClass();
            // Leaving comes first, so that a class never has more children than it may.
            if (gone != WhenGone.STAY)
                difference.gone().forEach(g -> children.leave(id, g.child(), today.minusDays(1)));
            add(id, difference.newcomers(), added);
            for (Changed change : difference.changed()) apply(id, change, today);
            if (difference.sourceId() != null) classes.comesFrom(id, difference.sourceId());
            ids.add(id);
            // What was written is looked at again for changes with every class that follows.
            entities.flush();
            entities.clear();
        }
        return ids;
    }

    private static void question(RosterDifference difference, @Nullable WhenGone gone, List<Finding> findings) {
        int count = difference.gone().size();
        if (count == 0) return;
        if (gone == null)
            findings.add(new Finding(
                    "roster",
                    difference.name() + ", gone",
                    "%d children of the class are not in the roster. Say whether they stay or leave."
                            .formatted(count)));
        else if (gone == WhenGone.LEAVE && difference.halfGone())
            findings.add(new Finding(
                    "roster",
                    difference.name() + ", gone",
                    "%d children would leave, half of the class or more. If it is meant, say so once more."
                            .formatted(count)));
    }

    /** A child in two classes of the roster is one child. */
    private void add(UUID id, List<NewChild> newcomers, Map<String, UUID> added) {
        List<NewChild> fresh = newcomers.stream()
                .filter(n -> n.sourceId() == null || !added.containsKey(n.sourceId()))
                .toList();
        newcomers.stream()
                .filter(n -> n.sourceId() != null && added.containsKey(n.sourceId()))
                .forEach(n -> children.join(added.get(n.sourceId()), id, schools.today()));
        if (fresh.isEmpty()) return;
        List<UUID> ids = classes.add(id, fresh);
        for (int i = 0; i < fresh.size(); i++) {
            String source = fresh.get(i).sourceId();
            if (source != null) added.put(source, ids.get(i));
        }
    }

    private void apply(UUID classId, Changed change, LocalDate today) {
        if (change.movesIn()) children.move(change.child(), classId, today);
        ChildView now = classes.child(change.child());
        Map<Action, Side> sides = known(now);
        sides.putAll(change.now().sides());
        classes.change(
                change.child(),
                new ChildForm(
                        change.now().given(),
                        change.now().family(),
                        change.now().yearAge(),
                        sides),
                IfMatch.of(String.valueOf(now.version())));
    }

    /** @param listed the roster ids that stand anywhere in the roster: those children are not gone, they are elsewhere */
    private RosterDifference difference(
            RosterClass group, @Nullable UUID id, Set<String> listed, Map<String, UUID> bySource) {
        List<ChildView> there = id == null ? List.of() : classes.view(id).children();
        Map<UUID, ChildView> byId = there.stream().collect(Collectors.toMap(ChildView::id, c -> c));
        Map<String, ChildView> byName = new HashMap<>();
        there.forEach(c -> byName.putIfAbsent(key(c.given(), c.family()), c));
        Set<UUID> met = new HashSet<>();
        List<NewChild> newcomers = new ArrayList<>();
        List<Changed> changed = new ArrayList<>();
        int same = 0;
        for (NewChild child : group.children()) {
            UUID known = child.sourceId() == null ? null : bySource.get(child.sourceId());
            if (known == null) {
                ChildView namesake = byName.get(key(child.given(), child.family()));
                known = namesake == null || met.contains(namesake.id()) ? null : namesake.id();
            }
            if (known == null) {
                newcomers.add(child);
                continue;
            }
            met.add(known);
            boolean movesIn = !byId.containsKey(known);
            ChildView was = movesIn ? classes.child(known) : byId.get(known);
            List<String> what = what(Objects.requireNonNull(was), child);
            if (movesIn) what.add("comes from another class");
            if (what.isEmpty()) same++;
            else changed.add(new Changed(known, (was.given() + " " + was.family()).strip(), what, child, movesIn));
        }
        Set<UUID> elsewhere =
                listed.stream().map(bySource::get).filter(Objects::nonNull).collect(Collectors.toSet());
        List<Gone> gone = there.stream()
                .filter(c -> !met.contains(c.id()) && !elsewhere.contains(c.id()))
                .map(c -> new Gone(c.id(), (c.given() + " " + c.family()).strip()))
                .toList();
        return new RosterDifference(
                id,
                id == null ? String.valueOf(group.name()) : classes.view(id).name(),
                group.sourceId(),
                group.yearAge(),
                newcomers,
                changed,
                same,
                gone,
                !gone.isEmpty() && gone.size() * 2 >= there.size());
    }

    private static List<String> what(ChildView was, NewChild now) {
        List<String> what = new ArrayList<>();
        if (!was.given().equals(now.given().strip()))
            what.add("given name %s → %s".formatted(was.given(), now.given()));
        if (!was.family().equals(now.family().strip()))
            what.add("family name %s → %s".formatted(was.family(), now.family()));
        if (was.yearAge() != now.yearAge()) what.add("age %d → %d".formatted(was.yearAge(), now.yearAge()));
        Map<Action, Side> known = known(was);
        now.sides().forEach((action, side) -> {
            if (known.get(action) != side)
                what.add("%s: %s"
                        .formatted(
                                action.name().toLowerCase(Locale.ROOT),
                                side.name().toLowerCase(Locale.ROOT)));
        });
        return what;
    }

    private static Map<Action, Side> known(ChildView child) {
        Map<Action, Side> sides = new EnumMap<>(Action.class);
        Stream.of(child.sides().toArray(ChildView.SideView[]::new)).forEach(s -> {
            Side side = s.side();
            if (side != null && !s.assumed()) sides.put(s.action(), side);
        });
        return sides;
    }

    private static String key(String given, String family) {
        return (given.strip() + " " + family.strip()).toLowerCase(Locale.ROOT);
    }
}
