package io.isokinet.server.report;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library.Outcome;
import io.isokinet.core.knowhow.Library.OutcomeSet;
import io.isokinet.core.mastery.InShort;
import io.isokinet.core.mastery.SkillLevel.Level;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.mastery.Tally;
import io.isokinet.core.skill.CueSet;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Grid.SkillColumns;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.report.ClassReport.CueReport;
import io.isokinet.server.report.ClassReport.Levels;
import io.isokinet.server.report.ClassReport.OutcomeReport;
import io.isokinet.server.report.ClassReport.SkillReport;
import io.isokinet.server.report.SchoolReport.ClassLevels;
import io.isokinet.server.report.SchoolReport.CoverageLine;
import io.isokinet.server.report.SchoolReport.SkillLevels;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.ClassCueSets;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.UnitHeader;
import io.isokinet.server.unit.UnitHeaders;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of classes and of the school between two days. */
@Service
class Reports {
    private final Marks marks;
    private final Classes classes;
    private final UnitHeaders units;
    private final ClassCueSets cueSets;
    private final Lessons lessons;
    private final Calendars calendars;
    private final KnowHows knowHows;
    private final Schools schools;
    private final Teams teams;

    Reports(
            Marks marks,
            Classes classes,
            UnitHeaders units,
            ClassCueSets cueSets,
            Lessons lessons,
            Calendars calendars,
            KnowHows knowHows,
            Schools schools,
            Teams teams) {
        this.marks = marks;
        this.classes = classes;
        this.units = units;
        this.cueSets = cueSets;
        this.lessons = lessons;
        this.calendars = calendars;
        this.knowHows = knowHows;
        this.schools = schools;
        this.teams = teams;
    }

    /** Two days, the earlier first. */
    record Span(LocalDate from, LocalDate to) {
        Span {
            if (to.isBefore(from))
                throw new IllegalArgumentException(
                        "A report goes from an earlier day (%s was given) to a later one (%s). Change one of them."
                                .formatted(from, to));
        }
    }

    /** What is not given: from the first day of the school year, to today. */
    @Transactional(readOnly = true)
    Span span(@Nullable LocalDate from, @Nullable LocalDate to) {
        LocalDate end = to == null ? schools.today() : to;
        LocalDate begin = from == null ? year().from() : from;
        return new Span(from == null && begin.isAfter(end) ? end : begin, end);
    }

    @Transactional(readOnly = true)
    Span year() {
        Days days = calendars.year().whole(schools.today());
        return new Span(days.first(), days.last());
    }

    /** The lessons of the year, with the skills that each works on. */
    private final class Year {
        private final Map<UUID, List<String>> skillsOfUnit = new LinkedHashMap<>();
        private final List<UnitHeader> units = Reports.this.units.units();
        private final List<LessonHeader> all;

        Year(Predicate<UUID> wanted) {
            units.forEach(u -> skillsOfUnit.put(
                    u.id(), u.cueSets().stream().map(Reports::skillOf).toList()));
            Span year = year();
            all = lessons.between(year.from(), year.to(), wanted).stream()
                    .filter(l -> l.state() != LessonState.LOST)
                    .toList();
        }

        List<LessonHeader> on(UUID classId, Set<String> skills) {
            return all.stream()
                    .filter(l -> l.classId().equals(classId))
                    .filter(l -> skillsOfUnit.getOrDefault(l.unit(), List.of()).stream()
                            .anyMatch(skills::contains))
                    .toList();
        }

        Set<String> skills(UUID classId) {
            return all.stream()
                    .filter(l -> l.classId().equals(classId))
                    .flatMap(l -> skillsOfUnit.getOrDefault(l.unit(), List.of()).stream())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
        }
    }

    /** A cue set is named by its skill and its kind. */
    private static String skillOf(String cueSet) {
        return cueSet.substring(0, cueSet.indexOf('/'));
    }

    /**
     * The sets of the skills that are wanted, or else that the class works on this year.
     *
     * @param kind null for those that the class works with, components where it has no unit of the skill
     */
    private List<String> sets(Year year, UUID classId, CueSet.@Nullable Kind kind, List<String> wanted) {
        KnowHow known = knowHows.current();
        Map<String, String> own = kind == null ? cueSets.of(classId, year.units) : Map.of();
        CueSet.Kind other = kind == null ? CueSet.Kind.COMPONENTS : kind;
        Collection<String> skills = wanted.isEmpty() ? year.skills(classId) : wanted;
        return skills.stream()
                .filter(known::hasSkill)
                .flatMap(s -> own.containsKey(s)
                        ? Stream.of(own.get(s))
                        : known.skill(s).sets().stream()
                                .filter(c -> c.kind() == other)
                                .limit(1)
                                .map(CueSet::key))
                .toList();
    }

    /** @param skills keys; empty for those that the class works on this year */
    @Transactional(readOnly = true)
    ClassReport ofClass(UUID classId, CueSet.@Nullable Kind kind, List<String> skills, Span span) {
        Year year = new Year(classId::equals);
        List<String> sets = sets(year, classId, kind, skills);
        Grid before = marks.grid(classId, sets, span.from());
        Grid after = marks.grid(classId, sets, span.to());
        List<SkillReport> reports = new ArrayList<>();
        for (int i = 0; i < after.skills().size(); i++)
            reports.add(
                    skill(before, after, before.skills().get(i), after.skills().get(i)));
        int age = classes.view(classId).yearAge();
        List<OutcomeReport> outcomes = outcomes()
                .filter(o -> o.ofAge(age))
                .map(o -> outcome(o, after, year.on(classId, o.skills())))
                .toList();
        return new ClassReport(
                classId,
                after.className(),
                after.year(),
                after.rows().size(),
                span.from(),
                span.to(),
                inShort(reports, outcomes, after.rows().size()),
                reports,
                outcomes);
    }

    private static List<String> inShort(List<SkillReport> skills, List<OutcomeReport> outcomes, int children) {
        return InShort.ofClass(
                skills.stream()
                        .map(s -> new InShort.Skill(
                                s.name(), s.before().advanced(), s.after().advanced(), children))
                        .toList(),
                skills.stream()
                        .flatMap(s -> s.cues().stream())
                        .map(c -> new InShort.Cue(
                                c.call(),
                                c.after().counted() - c.after().owned(),
                                c.after().counted()))
                        .toList(),
                outcomes.stream()
                        .filter(o -> o.lessons() == 0)
                        .map(OutcomeReport::code)
                        .toList(),
                outcomes.size());
    }

    private static List<String> inShort(
            List<ClassLevels> classes, Collection<SkillLevels> skills, List<CoverageLine> coverage) {
        return InShort.ofSchool(
                skills.stream()
                        .map(s -> new InShort.Skill(
                                s.name(),
                                s.before().advanced(),
                                s.after().advanced(),
                                s.after().children()))
                        .toList(),
                classes.stream()
                        .filter(c -> c.skills().isEmpty())
                        .map(ClassLevels::className)
                        .toList(),
                classes.size(),
                coverage.stream()
                        .filter(c -> c.planned() < c.of())
                        .map(CoverageLine::code)
                        .toList(),
                coverage.size());
    }

    private static SkillReport skill(Grid before, Grid after, SkillColumns then, SkillColumns now) {
        List<CueReport> cues =
                now.cues().stream().map(c -> cue(c, before, after)).toList();
        return new SkillReport(
                now.skill(),
                now.name(),
                now.setName(),
                now.rule(),
                then.rule().equals(now.rule()) ? "" : then.rule(),
                levels(before, now.skill()),
                levels(after, now.skill()),
                cues);
    }

    private static CueReport cue(CueView cue, Grid before, Grid after) {
        Map<UUID, Standing> then = standings(before, cue.key());
        Map<UUID, Standing> now = standings(after, cue.key());
        int gained = 0;
        int lost = 0;
        for (Map.Entry<UUID, Standing> child : now.entrySet()) {
            boolean owned = then.get(child.getKey()) == Standing.OWNED;
            boolean owns = child.getValue() == Standing.OWNED;
            if (owns && !owned) gained++;
            if (owned && !owns) lost++;
        }
        return new CueReport(
                cue.key(),
                cue.call().notSettled(),
                cue.question().notSettled(),
                Tally.of(then.values()),
                Tally.of(now.values()),
                gained,
                lost);
    }

    private static Map<UUID, Standing> standings(Grid grid, String cue) {
        Map<UUID, Standing> standings = new LinkedHashMap<>();
        grid.rows()
                .forEach(r -> standings.put(r.child().id(), r.cells().get(cue).standing()));
        return standings;
    }

    private static Levels levels(Grid grid, String skill) {
        Map<Level, Long> counts = grid.rows().stream()
                .collect(Collectors.groupingBy(r -> r.levels().get(skill).level(), Collectors.counting()));
        return new Levels(
                counts.getOrDefault(Level.NOT_SEEN, 0L).intValue(),
                counts.getOrDefault(Level.DEVELOPING, 0L).intValue(),
                counts.getOrDefault(Level.NEAR_MASTERY, 0L).intValue(),
                counts.getOrDefault(Level.MASTERY, 0L).intValue());
    }

    /** An outcome with the set it is from. */
    private record Asked(OutcomeSet set, Outcome outcome) {
        boolean ofAge(int age) {
            return outcome.ageFrom() <= age && age <= outcome.ageTo();
        }

        Set<String> skills() {
            return Set.copyOf(outcome.skills());
        }
    }

    private Stream<Asked> outcomes() {
        return knowHows.current().library().outcomes().stream()
                .flatMap(set -> set.outcomes().stream().map(o -> new Asked(set, o)));
    }

    private OutcomeReport outcome(Asked asked, Grid grid, List<LessonHeader> on) {
        Outcome outcome = asked.outcome();
        Set<String> looked = grid.skills().stream().map(SkillColumns::skill).collect(Collectors.toSet());
        int advanced = (int) grid.rows().stream()
                .filter(r -> outcome.skills().stream()
                        .filter(looked::contains)
                        .map(s -> r.levels().get(s).level())
                        .anyMatch(l -> l == Level.MASTERY || l == Level.NEAR_MASTERY))
                .count();
        return new OutcomeReport(
                asked.set().name(), outcome.code(), outcome.text(), names(outcome), on.size(), taught(on), advanced);
    }

    private List<String> names(Outcome outcome) {
        KnowHow known = knowHows.current();
        return outcome.skills().stream()
                .filter(known::hasSkill)
                .map(s -> known.skill(s).name())
                .toList();
    }

    private static int taught(List<LessonHeader> lessons) {
        return (int)
                lessons.stream().filter(l -> l.state() == LessonState.TAUGHT).count();
    }

    /** Every class that one may see. */
    @Transactional(readOnly = true)
    SchoolReport ofSchool(CueSet.@Nullable Kind kind, Span span) {
        Predicate<UUID> visible = teams.visible();
        Year year = new Year(visible);
        List<ClassLine> mine =
                classes.all().stream().filter(c -> visible.test(c.id())).toList();
        List<ClassLevels> lines = mine.stream()
                .map(c -> levels(c, sets(year, c.id(), kind, List.of()), span))
                .toList();
        Map<String, SkillLevels> bySkill = new LinkedHashMap<>();
        lines.stream()
                .flatMap(c -> c.skills().stream())
                .forEach(s -> bySkill.merge(
                        s.skill(),
                        s,
                        (a, b) -> new SkillLevels(
                                a.skill(),
                                a.name(),
                                a.before().plus(b.before()),
                                a.after().plus(b.after()))));
        List<CoverageLine> coverage = outcomes()
                .filter(o -> mine.stream().anyMatch(c -> o.ofAge(c.yearAge())))
                .map(o -> coverage(
                        o, mine.stream().filter(c -> o.ofAge(c.yearAge())).toList(), year))
                .toList();
        return new SchoolReport(
                schools.view().name(),
                span.from(),
                span.to(),
                inShort(lines, bySkill.values(), coverage),
                lines,
                List.copyOf(bySkill.values()),
                coverage);
    }

    private ClassLevels levels(ClassLine c, List<String> sets, Span span) {
        if (sets.isEmpty()) return new ClassLevels(c.id(), c.name(), c.year(), c.children(), List.of());
        Grid before = marks.grid(c.id(), sets, span.from());
        Grid after = marks.grid(c.id(), sets, span.to());
        return new ClassLevels(
                c.id(),
                c.name(),
                c.year(),
                c.children(),
                after.skills().stream()
                        .map(s -> new SkillLevels(
                                s.skill(), s.name(), levels(before, s.skill()), levels(after, s.skill())))
                        .toList());
    }

    private CoverageLine coverage(Asked asked, List<ClassLine> ofAge, Year year) {
        Outcome outcome = asked.outcome();
        int count = 0;
        int taught = 0;
        List<String> missing = new ArrayList<>();
        for (ClassLine c : ofAge) {
            List<LessonHeader> on = year.on(c.id(), asked.skills());
            count += on.size();
            taught += taught(on);
            if (on.isEmpty()) missing.add(c.name());
        }
        return new CoverageLine(
                asked.set().name(),
                outcome.code(),
                outcome.text(),
                names(outcome),
                ofAge.size(),
                ofAge.size() - missing.size(),
                count,
                taught,
                missing);
    }

    /**
     * Every child's marks on a day by class, for files that other programs read.
     *
     * @return in the order of the classes
     */
    @Transactional(readOnly = true)
    List<Grid> grids(CueSet.@Nullable Kind kind, LocalDate on) {
        Predicate<UUID> visible = teams.visible();
        Year year = new Year(visible);
        return classes.all().stream()
                .filter(c -> visible.test(c.id()))
                .map(c -> Map.entry(c.id(), sets(year, c.id(), kind, List.of())))
                .filter(c -> !c.getValue().isEmpty())
                .map(c -> marks.grid(c.getKey(), c.getValue(), on))
                .toList();
    }
}
