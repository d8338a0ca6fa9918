package io.isokinet.server.school.roster;

import io.isokinet.core.check.Finding;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.NewChild;
import io.isokinet.server.school.YearNames;
import io.isokinet.server.school.roster.Roster.Field;
import io.isokinet.server.school.roster.Roster.Kind;
import io.isokinet.server.school.roster.Roster.RosterClass;
import io.isokinet.server.table.Table;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Turns roster files into classes and children, with a finding for each row that cannot be taken. */
final class RosterReader {
    static final int MOST_ROWS = 5000;
    private static final int SAMPLE = 6;
    private static final int MOST_FINDINGS = 200;
    private static final Map<Field, String[]> NAMES = Map.of(
            Field.GIVEN, new String[] {"given", "given name", "first name", "forename", "first", "preferred name"},
            Field.FAMILY, new String[] {"family", "family name", "last name", "surname", "last"},
            Field.FULL_NAME,
                    new String[] {
                        "name", "full name", "child", "pupil", "student", "pupil name", "student name", "child name"
                    },
            Field.CLASS,
                    new String[] {
                        "class",
                        "class name",
                        "group",
                        "form",
                        "registration group",
                        "reg group",
                        "reg",
                        "tutor group",
                        "registration"
                    },
            Field.CLASS_ID, new String[] {"class id", "class code", "group id", "form id"},
            Field.CHILD_ID,
                    new String[] {
                        "pupil id",
                        "student id",
                        "child id",
                        "upn",
                        "unique pupil number",
                        "admission number",
                        "admission no",
                        "student number"
                    },
            Field.YEAR, new String[] {"year", "year group", "grade", "age"},
            Field.THROWING_HAND, new String[] {"throwing hand", "hand", "throws", "handedness"},
            Field.BATTING_SIDE, new String[] {"batting side", "bats"},
            Field.KICKING_FOOT, new String[] {"kicking foot", "foot", "kicks"});

    private final YearNames naming;
    private final int usualAge;
    private final List<Finding> findings = new ArrayList<>();

    /** @param usualAge for rows that say no year */
    RosterReader(YearNames naming, int usualAge) {
        this.naming = naming;
        this.usualAge = usualAge;
    }

    /** @param mapping column by field, for a plain CSV; null to guess */
    Roster read(Map<String, byte[]> files, @Nullable Map<Field, Integer> mapping) {
        boolean oneRoster = files.containsKey("users.csv") && files.containsKey("enrollments.csv");
        if (oneRoster) return oneRoster(files);
        if (files.size() > 1)
            throw RosterFiles.refused(
                    String.join(", ", files.keySet()),
                    "These are several CSV files and no OneRoster set (users.csv, classes.csv, enrollments.csv). Choose one file.");
        Map.Entry<String, byte[]> file = files.entrySet().iterator().next();
        return plain(Table.read(file.getKey(), file.getValue()), mapping);
    }

    private Roster plain(Table csv, @Nullable Map<Field, Integer> given) {
        Map<Field, Integer> mapping = given == null ? guess(csv) : given;
        mapping.forEach((field, column) -> {
            if (column < 0 || column >= csv.columns().size())
                add(
                        csv.name(),
                        "mapping",
                        "%s points at column %d of %d."
                                .formatted(field, column + 1, csv.columns().size()));
        });
        boolean named = mapping.containsKey(Field.GIVEN) || mapping.containsKey(Field.FULL_NAME);
        if (!named)
            add(
                    csv.name(),
                    "columns",
                    "No column holds the children's names (found: %s). Say which one does."
                            .formatted(String.join(", ", csv.columns())));
        if (csv.rows().isEmpty()) add(csv.name(), "rows", "There are no rows under the header.");
        Map<ClassKey, List<NewChild>> classes = new LinkedHashMap<>();
        if (findings.isEmpty()) rows(csv, mapping, classes);
        List<RosterClass> result = new ArrayList<>();
        classes.forEach((key, children) -> result.add(new RosterClass(
                key.name().isEmpty() ? orNull(key.id()) : key.name(),
                orNull(key.id()),
                children.get(0).yearAge(),
                children)));
        return done(
                Kind.PLAIN,
                csv.encoding(),
                csv.columns(),
                csv.rows().stream().limit(SAMPLE).toList(),
                mapping,
                result);
    }

    /** What rows say of their class; both may be empty. */
    private record ClassKey(String name, String id) {}

    private static @Nullable String orNull(String text) {
        return text.isBlank() ? null : text;
    }

    private static Map<Field, Integer> guess(Table csv) {
        Map<Field, Integer> mapping = new EnumMap<>(Field.class);
        NAMES.forEach((field, names) -> csv.column(names).ifPresent(c -> mapping.put(field, c)));
        if (mapping.containsKey(Field.GIVEN)) mapping.remove(Field.FULL_NAME);
        return mapping;
    }

    private void rows(Table csv, Map<Field, Integer> mapping, Map<ClassKey, List<NewChild>> classes) {
        if (csv.rows().size() > MOST_ROWS) {
            add(
                    csv.name(),
                    "rows",
                    "%d rows are more than %d; export only your classes."
                            .formatted(csv.rows().size(), MOST_ROWS));
            return;
        }
        Set<String> sources = new HashSet<>();
        for (int i = 0; i < csv.rows().size(); i++) {
            List<String> row = csv.rows().get(i);
            String where = "row " + csv.numbers().get(i);
            String givenName = cell(row, mapping, Field.GIVEN);
            String family = cell(row, mapping, Field.FAMILY);
            if (mapping.containsKey(Field.FULL_NAME) && !mapping.containsKey(Field.GIVEN)) {
                String[] parts = split(cell(row, mapping, Field.FULL_NAME));
                givenName = parts[0];
                family = parts[1];
            }
            Map<Action, Side> sides = new EnumMap<>(Action.class);
            side(sides, Action.THROW, cell(row, mapping, Field.THROWING_HAND), where, "throwing hand");
            side(sides, Action.BAT, cell(row, mapping, Field.BATTING_SIDE), where, "batting side");
            side(sides, Action.KICK, cell(row, mapping, Field.KICKING_FOOT), where, "kicking foot");
            int age = age(cell(row, mapping, Field.YEAR), where);
            name(givenName, family, where);
            String source = cell(row, mapping, Field.CHILD_ID);
            if (!source.isBlank() && !sources.add(source))
                add(where, "id", "“%s” stands twice; each child has an id of its own.".formatted(source));
            classes.computeIfAbsent(
                            new ClassKey(cell(row, mapping, Field.CLASS), cell(row, mapping, Field.CLASS_ID)),
                            c -> new ArrayList<>())
                    .add(new NewChild(givenName, family, age, sides, orNull(source)));
        }
    }

    /** "Moss, Ada" and "Ada Moss" are the same child. */
    private static String[] split(String full) {
        int comma = full.indexOf(',');
        if (comma >= 0)
            return new String[] {
                full.substring(comma + 1).strip(), full.substring(0, comma).strip()
            };
        int space = full.indexOf(' ');
        return space < 0
                ? new String[] {full, ""}
                : new String[] {
                    full.substring(0, space), full.substring(space + 1).strip()
                };
    }

    private Roster oneRoster(Map<String, byte[]> files) {
        Table users = Table.read("users.csv", files.get("users.csv"));
        Table enrolments = Table.read("enrollments.csv", files.get("enrollments.csv"));
        byte[] classFile = files.get("classes.csv");
        if (classFile == null)
            throw RosterFiles.refused("classes.csv", "A OneRoster set needs classes.csv too; export it again.");
        Table classes = Table.read("classes.csv", classFile);
        Map<String, List<String>> usersById = byId(users, "givenName", "familyName");
        Map<String, List<String>> classesById = byId(classes, "title");
        int classColumn = required(enrolments, "classSourcedId");
        int userColumn = required(enrolments, "userSourcedId");
        int roleColumn = required(enrolments, "role");
        Map<String, List<NewChild>> members = new LinkedHashMap<>();
        if (findings.isEmpty() && enrolments.rows().size() > MOST_ROWS)
            add(
                    "enrollments.csv",
                    "rows",
                    "%d rows are more than %d; export only your classes."
                            .formatted(enrolments.rows().size(), MOST_ROWS));
        if (!findings.isEmpty())
            return done(Kind.ONEROSTER, users.encoding(), List.of(), List.of(), Map.of(), List.of());
        for (int i = 0; i < enrolments.rows().size(); i++) {
            List<String> row = enrolments.rows().get(i);
            if (!row.get(roleColumn).equalsIgnoreCase("student") || deleted(enrolments, row)) continue;
            String where = "enrollments.csv, row " + (i + 2);
            List<String> user = usersById.get(row.get(userColumn));
            List<String> schoolClass = classesById.get(row.get(classColumn));
            if (user == null) add(where, "userSourcedId", "users.csv has no %s.".formatted(row.get(userColumn)));
            if (schoolClass == null)
                add(where, "classSourcedId", "classes.csv has no %s.".formatted(row.get(classColumn)));
            if (user == null || schoolClass == null) continue;
            String givenName = at(users, user, "givenName");
            String family = at(users, user, "familyName");
            name(givenName, family, where);
            String grades = at(users, user, "grades");
            int age = grade(grades.isEmpty() ? at(classes, schoolClass, "grades") : grades);
            members.computeIfAbsent(row.get(classColumn), c -> new ArrayList<>())
                    .add(new NewChild(givenName, family, age, Map.of(), row.get(userColumn)));
        }
        List<RosterClass> result = new ArrayList<>();
        members.forEach((id, children) -> {
            List<String> row = classesById.get(id);
            if (row != null && !children.isEmpty())
                result.add(new RosterClass(
                        at(classes, row, "title"), id, children.get(0).yearAge(), children));
        });
        if (result.isEmpty() && findings.isEmpty())
            add("enrollments.csv", "role", "No row has the role student, so there is no child to take.");
        return done(Kind.ONEROSTER, users.encoding(), List.of(), List.of(), Map.of(), result);
    }

    private Map<String, List<String>> byId(Table csv, String... needed) {
        int id = required(csv, "sourcedId");
        for (String column : needed) required(csv, column);
        Map<String, List<String>> rows = new HashMap<>();
        if (findings.isEmpty())
            csv.rows().stream().filter(r -> !deleted(csv, r)).forEach(r -> rows.put(r.get(id), r));
        return rows;
    }

    private int required(Table csv, String column) {
        OptionalInt at = csv.column(column);
        if (at.isEmpty())
            add(
                    csv.name(),
                    "columns",
                    "The column %s is missing (found: %s).".formatted(column, String.join(", ", csv.columns())));
        return at.orElse(0);
    }

    private static boolean deleted(Table csv, List<String> row) {
        return at(csv, row, "status").equalsIgnoreCase("tobedeleted");
    }

    private static String at(Table csv, List<String> row, String column) {
        OptionalInt at = csv.column(column);
        return at.isPresent() ? row.get(at.getAsInt()) : "";
    }

    private static String cell(List<String> row, Map<Field, Integer> mapping, Field field) {
        Integer column = mapping.get(field);
        return column == null ? "" : row.get(column);
    }

    private void name(String given, String family, String where) {
        if (given.isBlank()) add(where, "given name", "is empty; fill it in.");
        if (given.length() > 60 || family.length() > 60) add(where, "name", "has more than 60 characters; shorten it.");
        if (given.indexOf('\uFFFD') >= 0 || family.indexOf('\uFFFD') >= 0)
            add(where, "name", "holds characters that were lost in an earlier export; export it again as UTF-8.");
    }

    private void side(Map<Action, Side> sides, Action action, String text, String where, String field) {
        switch (text.toLowerCase(Locale.ROOT)) {
            case "" -> {}
            case "l", "left" -> sides.put(action, Side.LEFT);
            case "r", "right" -> sides.put(action, Side.RIGHT);
            case "n", "?", "none", "not settled", "both" -> {}
            default -> add(where, field, "“%s” is neither left, right nor not settled.".formatted(text));
        }
    }

    private int age(String text, String where) {
        if (text.isBlank()) return usualAge;
        for (int age = Age.YOUNGEST; age <= Age.OLDEST; age++) {
            String label = naming.label(age);
            if (label.equalsIgnoreCase(text)
                    || label.equalsIgnoreCase("Year " + text)
                    || label.equalsIgnoreCase("Grade " + text)
                    || label.equalsIgnoreCase("Age " + text)) return age;
        }
        add(where, "year", "“%s” is no year of this school (such as %s).".formatted(text, naming.label(7)));
        return usualAge;
    }

    /** OneRoster grades are CEDS codes: PK, KG, 01, 02 ... Grade 1 starts at six. From memory. */
    private int grade(String code) {
        String first = code.split(",")[0].strip();
        if (first.equalsIgnoreCase("KG")) return 5;
        if (first.equalsIgnoreCase("PK")) return 4;
        if (!first.matches("\\d{1,2}")) return usualAge;
        return Math.max(Age.YOUNGEST, Math.min(Age.OLDEST, Integer.parseInt(first) + 5));
    }

    private Roster done(
            Kind kind,
            String encoding,
            List<String> columns,
            List<List<String>> sample,
            Map<Field, Integer> mapping,
            List<RosterClass> classes) {
        int children = 0;
        for (RosterClass group : classes) {
            children += group.children().size();
            String name = group.name() == null ? "this class" : group.name();
            if (group.children().size() > Classes.MOST_CHILDREN)
                add(
                        name,
                        "rows",
                        "%d children are more than a class can have (%d). Map the column that says the class."
                                .formatted(group.children().size(), Classes.MOST_CHILDREN));
            Set<String> seen = new HashSet<>();
            for (NewChild child : group.children())
                if (!seen.add((child.given() + " " + child.family()).toLowerCase(Locale.ROOT)))
                    add(
                            name,
                            "name",
                            "%s %s stands twice; remove one, or tell them apart by name."
                                    .formatted(child.given(), child.family())
                                    .replace("  ", " "));
        }
        return new Roster(
                kind, encoding, columns, sample, mapping, classes, children, List.copyOf(findings), List.of());
    }

    private void add(String where, String field, String message) {
        if (findings.size() < MOST_FINDINGS) findings.add(new Finding("roster", where + ", " + field, message));
    }
}
