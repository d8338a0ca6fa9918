package io.isokinet.server.lesson;

import io.isokinet.core.group.GroupDeal;
import io.isokinet.core.group.GroupWay;
import io.isokinet.core.group.Grouper;
import io.isokinet.core.group.Grouper.Wish;
import io.isokinet.core.group.Member;
import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.group.Together;
import io.isokinet.core.mastery.Mark;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Ids;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Children;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The groups of a class, from one deal to the next. */
@Service
class ClassGroups {
    /** Earlier deals that count for who has been with whom. */
    private static final int REMEMBERED = 12;

    private static final int USUAL_SIZE = 5;

    interface Rows extends JpaRepository<GroupSetRow, UUID> {
        List<GroupSetRow> findByClassIdOrderByMadeAtDesc(UUID classId, Limit limit);
    }

    private final Rows rows;
    private final Classes classes;
    private final Children children;
    private final Marks marks;
    private final Schools schools;
    private final Clock clock;

    ClassGroups(Rows rows, Classes classes, Children children, Marks marks, Schools schools, Clock clock) {
        this.rows = rows;
        this.classes = classes;
        this.children = children;
        this.marks = marks;
        this.schools = schools;
        this.clock = clock;
    }

    record GroupChild(UUID id, String name, boolean leftHanded) {}

    record GroupView(String label, List<GroupChild> children) {}

    /**
     * @param way null for groups made by hand
     * @param madeAt null if nobody grouped the class yet: then these are what the software would make
     * @param findings wishes that could not be kept
     */
    record GroupsView(
            @Nullable GroupWay way,
            @Nullable Instant madeAt,
            List<GroupView> groups,
            List<String> findings,
            List<String> reasons,
            List<WayLine> ways) {}

    record WayLine(GroupWay way, String label) {}

    /** Colours of shirts and bands, for groups that keep a name over a unit. */
    private static final List<String> COLOURS =
            List.of("Red", "Blue", "Yellow", "Green", "Orange", "Purple", "White", "Black");

    /** Who is grouped, and from what. */
    record Roll(ClassView schoolClass, Set<UUID> away, Set<UUID> sitsOut, List<String> cueSets) {
        TakesPart takesPart(UUID child) {
            return away.contains(child)
                    ? TakesPart.AWAY
                    : sitsOut.contains(child) ? TakesPart.SITS_OUT : TakesPart.PLAYS;
        }
    }

    /**
     * What is known of a class before it is grouped.
     *
     * @param inForce null if nobody grouped it yet
     * @param teams those in force, or what the software would make
     */
    record Known(Grouper grouper, @Nullable GroupSetRow inForce, List<List<String>> teams) {}

    Known known(Roll roll) {
        List<GroupSetRow> made =
                rows.findByClassIdOrderByMadeAtDesc(roll.schoolClass().id(), Limit.of(REMEMBERED));
        Grouper grouper = new Grouper(
                members(roll),
                wishes(roll.schoolClass()),
                Together.of(made.stream().map(r -> r.groups).toList()));
        if (!made.isEmpty()) return new Known(grouper, made.get(0), made.get(0).groups);
        int playing = grouper.playing();
        List<List<String>> usual = playing == 0
                ? List.of()
                : grouper.deal(GroupWay.MIXED_SIDES, Math.max(1, Math.round(playing / (float) USUAL_SIZE)))
                        .groups();
        return new Known(grouper, null, usual);
    }

    private List<Member> members(Roll roll) {
        Map<UUID, Map<String, Grid.Cell>> cells = new HashMap<>();
        if (!roll.cueSets().isEmpty())
            marks.grid(roll.schoolClass().id(), roll.cueSets(), schools.today())
                    .rows()
                    .forEach(r -> cells.put(r.child().id(), r.cells()));
        return roll.schoolClass().children().stream()
                .map(c -> member(c, roll, cells.getOrDefault(c.id(), Map.of())))
                .toList();
    }

    private static Member member(ChildView child, Roll roll, Map<String, Grid.Cell> cells) {
        List<Map.Entry<String, Grid.Cell>> taught = cells.entrySet().stream()
                .filter(e ->
                        e.getValue().mark() != Mark.NOT_TAUGHT && e.getValue().mark() != Mark.NOT_APPLYING)
                .toList();
        long owned = taught.stream().filter(e -> owns(e.getValue())).count();
        return new Member(
                child.id().toString(),
                roll.takesPart(child.id()),
                taught.isEmpty() ? 50 : (int) (100 * owned / taught.size()),
                taught.stream()
                        .filter(e -> !owns(e.getValue()))
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(""),
                side(child));
    }

    private static boolean owns(Grid.Cell cell) {
        return cell.mark() == Mark.SECURE || cell.mark() == Mark.MASTERED;
    }

    private static @Nullable Side side(ChildView child) {
        return child.sides().stream()
                .filter(s -> s.action() == Action.THROW)
                .findFirst()
                .map(ChildView.SideView::side)
                .orElse(null);
    }

    private List<Wish> wishes(ClassView schoolClass) {
        Collection<UUID> ids =
                schoolClass.children().stream().map(ChildView::id).toList();
        return children.pairs(ids).stream()
                .map(p -> new Wish(p.child().toString(), p.other().toString(), p.together()))
                .distinct()
                .toList();
    }

    @Transactional(readOnly = true)
    GroupsView view(UUID classId, List<String> cueSets) {
        Roll roll = new Roll(classes.view(classId), Set.of(), Set.of(), cueSets);
        Known known = known(roll);
        return view(roll, known.inForce(), known.grouper().keep(known.teams()));
    }

    private GroupsView view(Roll roll, @Nullable GroupSetRow row, GroupDeal grouped) {
        return new GroupsView(
                row == null ? null : row.way,
                row == null ? null : row.madeAt,
                coloured(views(roll.schoolClass(), grouped.groups())),
                findings(roll.schoolClass(), grouped),
                grouped.reasons(),
                ways());
    }

    private static List<GroupView> coloured(List<GroupView> groups) {
        List<GroupView> named = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++)
            named.add(
                    groups.size() <= COLOURS.size()
                            ? new GroupView(COLOURS.get(g), groups.get(g).children())
                            : groups.get(g));
        return named;
    }

    private static List<WayLine> ways() {
        return Arrays.stream(GroupWay.values())
                .map(w -> new WayLine(w, w.label()))
                .toList();
    }

    /** What could not be kept, with names. */
    static List<String> findings(ClassView schoolClass, GroupDeal grouped) {
        return grouped.findings().stream()
                .map(f -> {
                    String where = f.where();
                    for (ChildView child : schoolClass.children())
                        where = where.replace(child.id().toString(), child.name());
                    return where + ": " + f.message();
                })
                .toList();
    }

    /** Left-handers last in each group, as the floor plan has them. */
    static List<GroupView> views(ClassView schoolClass, List<List<String>> groups) {
        Map<String, ChildView> byId =
                schoolClass.children().stream().collect(Collectors.toMap(c -> c.id().toString(), c -> c));
        List<GroupView> views = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++)
            views.add(new GroupView(
                    String.valueOf(g + 1),
                    groups.get(g).stream()
                            .map(byId::get)
                            .map(c -> new GroupChild(c.id(), c.name(), c.leftHanded()))
                            .sorted(Comparator.comparing(GroupChild::leftHanded))
                            .toList()));
        return views;
    }

    /** Deals the class anew. */
    @Transactional
    GroupsView deal(UUID classId, GroupWay way, int groups, List<String> cueSets) {
        Roll roll = new Roll(classes.view(classId), Set.of(), Set.of(), cueSets);
        GroupDeal grouped = known(roll).grouper().deal(way, groups);
        GroupSetRow row = keep(classId, way, grouped.groups());
        return view(roll, row, grouped);
    }

    /** Takes groups that were made by hand. */
    @Transactional
    GroupsView put(UUID classId, List<List<UUID>> byHand) {
        Roll roll = new Roll(classes.view(classId), Set.of(), Set.of(), List.of());
        Grouper grouper = known(roll).grouper();
        List<List<String>> groups = byHand.stream()
                .filter(g -> !g.isEmpty())
                .map(g -> g.stream().map(UUID::toString).toList())
                .toList();
        grouper.check(groups).throwIfAny();
        GroupSetRow row = keep(classId, null, groups);
        return view(roll, row, new GroupDeal(groups, List.of(), List.of(), List.of(), List.of()));
    }

    private GroupSetRow keep(UUID classId, @Nullable GroupWay way, List<List<String>> groups) {
        return rows.saveAndFlush(new GroupSetRow(
                Ids.next(),
                classId,
                way,
                groups,
                clock.instant(),
                SignedIn.current().person()));
    }
}
