package io.isokinet.server.school.roster;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.NewChild;
import io.isokinet.server.school.Schools;
import io.isokinet.server.school.roster.Roster.Field;
import io.isokinet.server.school.roster.Roster.RosterClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Previews a roster and takes it whole or not at all. */
@Service
class Rosters {
    private static final int USUAL_AGE = 7;

    private final Classes classes;
    private final Schools schools;

    Rosters(Classes classes, Schools schools) {
        this.classes = classes;
        this.schools = schools;
    }

    /** @param into the class for rows that name none; null if they must */
    @Transactional(readOnly = true)
    public Roster preview(Map<String, byte[]> files, @Nullable Map<Field, Integer> mapping, @Nullable UUID into) {
        int age = into == null ? USUAL_AGE : classes.view(into).yearAge();
        Roster roster = new RosterReader(schools.naming(), age).read(RosterFiles.open(files), mapping);
        List<Finding> findings = new ArrayList<>(roster.findings());
        for (RosterClass group : roster.classes()) findings.addAll(against(group, into));
        return new Roster(
                roster.kind(),
                roster.encoding(),
                roster.columns(),
                roster.sample(),
                roster.mapping(),
                roster.classes(),
                roster.children(),
                findings);
    }

    /** @return the classes that got children @throws io.isokinet.core.check.FoundException with every finding */
    @Transactional
    public List<UUID> take(Map<String, byte[]> files, @Nullable Map<Field, Integer> mapping, @Nullable UUID into) {
        Roster roster = preview(files, mapping, into);
        new Findings(roster.findings()).throwIfAny();
        List<UUID> ids = new ArrayList<>();
        for (RosterClass group : roster.classes()) {
            UUID id = group.name() == null ? into : classes.named(group.name(), group.yearAge());
            if (id == null)
                throw new IllegalStateException("Impossible state: a class without a name passed the preview.");
            classes.add(id, group.children());
            ids.add(id);
        }
        return ids;
    }

    private List<Finding> against(RosterClass group, @Nullable UUID into) {
        String name = group.name();
        if (name == null && into == null)
            return List.of(new Finding(
                    "roster",
                    "rows, class",
                    "The rows name no class. Map the column that does, or open the class and import there."));
        UUID id = name == null
                ? into
                : classes.all().stream()
                        .filter(c -> c.name().equalsIgnoreCase(name.strip()))
                        .map(Classes.ClassLine::id)
                        .findFirst()
                        .orElse(null);
        if (id == null) return List.of();
        List<ChildView> there = classes.view(id).children();
        Set<String> known = there.stream().map(c -> key(c.given(), c.family())).collect(Collectors.toSet());
        List<Finding> findings = new ArrayList<>();
        for (NewChild child : group.children())
            if (known.contains(key(child.given(), child.family())))
                findings.add(new Finding(
                        "roster",
                        (name == null ? "this class" : name) + ", name",
                        "%s %s is in the class already; take the row out of the file."
                                .formatted(child.given(), child.family())));
        if (there.size() + group.children().size() > Classes.MOST_CHILDREN)
            findings.add(new Finding(
                    "roster",
                    (name == null ? "this class" : name) + ", rows",
                    "The class has %d children and %d more would pass %d."
                            .formatted(there.size(), group.children().size(), Classes.MOST_CHILDREN)));
        return findings;
    }

    private static String key(String given, String family) {
        return (given.strip() + " " + family.strip()).toLowerCase(Locale.ROOT);
    }
}
