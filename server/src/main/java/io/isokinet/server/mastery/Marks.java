package io.isokinet.server.mastery;

import io.isokinet.core.belief.ClassLooks;
import io.isokinet.core.belief.Eye;
import io.isokinet.core.check.Deadline;
import io.isokinet.core.eye.OwnEye;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Call;
import io.isokinet.core.mastery.Mark;
import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.core.mastery.SkillLevel;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.mastery.Status;
import io.isokinet.core.mastery.Tally;
import io.isokinet.core.mastery.Trial;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.eye.OwnEyes;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid.Cell;
import io.isokinet.server.mastery.Grid.LevelView;
import io.isokinet.server.mastery.Grid.Row;
import io.isokinet.server.mastery.Grid.SkillColumns;
import io.isokinet.server.mastery.Learner.Look;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.Observation;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.school.Schools;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Computes marks from the records, by the rule in force on the day. */
@Service
public class Marks {
    private final Classes classes;
    private final Schools schools;
    private final KnowHows knowHows;
    private final Records records;
    private final Beside beside;
    private final SchoolPriors priors;
    private final LessonRecords lessonRecords;
    private final OwnEyes ownEyes;
    private final Tasks tasks;
    private final Clock clock;

    Marks(
            Classes classes,
            Schools schools,
            KnowHows knowHows,
            Records records,
            LessonRecords lessonRecords,
            Beside beside,
            SchoolPriors priors,
            OwnEyes ownEyes,
            Tasks tasks,
            Clock clock) {
        this.tasks = tasks;
        this.ownEyes = ownEyes;
        this.lessonRecords = lessonRecords;
        this.priors = priors;
        this.clock = clock;
        this.beside = beside;
        this.classes = classes;
        this.schools = schools;
        this.knowHows = knowHows;
        this.records = records;
    }

    /**
     * The marks of a class on a day.
     *
     * @param sets cue-set keys, one block of columns each
     * @param on the day; trials after it are not counted
     */
    @Transactional(readOnly = true)
    public Grid grid(UUID classId, List<String> sets, LocalDate on) {
        ClassView group = classes.view(classId);
        ZoneId zone = schools.zone();
        List<UUID> ids = group.children().stream().map(ChildView::id).toList();
        Beside.Read said = beside.of(classId, ids, sets, on, zone);
        Map<UUID, Learner> learners = new HashMap<>();
        group.children().forEach(c -> learners.put(c.id(), Learner.of(c)));
        for (Observation look : records.trials(
                ids, cues(sets), on.plusDays(1).atStartOfDay(zone).toInstant()))
            learners.get(look.child()).take(look);
        Reading reading = new Reading(said, zone, on);
        List<SkillColumns> columns = columns(sets, said);
        List<Row> rows = group.children().stream()
                .map(child -> {
                    Map<String, LevelView> levels = new LinkedHashMap<>();
                    Map<String, Cell> cells = reading.cells(learners.get(child.id()), columns, levels);
                    return new Row(child, cells, levels);
                })
                .toList();
        return new Grid(
                classId,
                group.name(),
                group.year(),
                on,
                columns,
                rows,
                new Known(() -> reading.known(learners.values(), columns), priors::current));
    }

    /** All looks at a class in the cues that anybody looked at, to this day. */
    @Transactional(readOnly = true)
    ClassLooks looked(UUID classId) {
        return whole(classId, List.of()).known().looks();
    }

    /**
     * The marks of a class today in the component sets of all that anybody looked at, so that what its children show elsewhere counts.
     *
     * @param more cue-set keys that are wanted beside them
     */
    @Transactional(readOnly = true)
    public Grid whole(UUID classId, List<String> more) {
        KnowHow known = knowHows.current();
        ClassView group = classes.view(classId);
        Set<String> seen = records.cuesLookedAt(
                group.children().stream().map(ChildView::id).toList());
        Stream<String> looked = known.skills().stream()
                .flatMap(s -> s.sets().stream())
                .filter(s ->
                        s.kind() == CueSet.Kind.COMPONENTS && s.cues().stream().anyMatch(seen::contains))
                .map(CueSet::key);
        return grid(classId, Stream.concat(more.stream(), looked).distinct().toList(), schools.today());
    }

    /**
     * The cells of some children by cue, as the grid of a class has them today: what a press in the hall needs to know again, in one
     * statement.
     *
     * @param zone of the school
     */
    @Transactional(readOnly = true)
    public Map<UUID, Map<String, Cell>> cells(UUID classId, Collection<UUID> children, List<String> sets, ZoneId zone) {
        LocalDate today = LocalDate.now(clock.withZone(zone));
        Beside.Read said = beside.withChildren(classId, children, sets, cues(sets), today, zone);
        Reading reading = new Reading(said, zone, today);
        List<SkillColumns> columns = columns(sets, said);
        return said.learners().stream()
                .collect(Collectors.toMap(l -> l.id, l -> reading.cells(l, columns, new LinkedHashMap<>())));
    }

    /** The cues of some sets, and those whose looks carry over to them. */
    private Set<String> cues(List<String> sets) {
        KnowHow known = knowHows.current();
        Set<String> wider = new LinkedHashSet<>();
        for (String set : sets)
            for (String cue : known.set(set).cues()) {
                wider.add(cue);
                known.crosswalk().sourcesOf(cue).forEach(s -> wider.add(s.cue()));
            }
        return wider;
    }

    private List<SkillColumns> columns(List<String> sets, Beside.Read said) {
        KnowHow known = knowHows.current();
        List<SkillColumns> columns = new ArrayList<>();
        for (String key : sets) {
            CueSet set = known.set(key);
            Skill skill = known.skill(set.skill());
            MasteryRule rule = said.rule(key);
            List<CueView> cues = set.cues().stream()
                    .map(c -> CueView.of(known.cue(c), skill.action()))
                    .toList();
            columns.add(new SkillColumns(
                    skill.key(), skill.name(), skill.action(), key, set.name(), rule.sentence(), cues, rule));
        }
        return columns;
    }

    private static Cell cell(Status status, CueFit fit, boolean called, boolean calledAgainst) {
        boolean out = fit == CueFit.NOT_APPLYING;
        return new Cell(
                out ? Mark.NOT_APPLYING : status.mark(),
                fit == CueFit.APPLIES ? status.standing() : Standing.LEFT_OUT,
                status.fill(),
                status.pips(),
                status.shown(),
                status.trials(),
                out
                        ? "Does not apply to this child; it is not counted."
                        : fit == CueFit.ADAPTED
                                ? "Adapted for this child; it is not counted. " + status.reason()
                                : status.reason(),
                fit,
                called,
                calledAgainst,
                null);
    }

    /** What the records say of each cue for planning: whether it was taught and what share of the class owns it. */
    @Transactional(readOnly = true)
    public Map<String, Owned> owned(UUID classId, List<String> sets) {
        Grid grid = grid(classId, sets, schools.today());
        Map<String, Owned> owned = new LinkedHashMap<>();
        for (SkillColumns column : grid.skills())
            for (CueView cue : column.cues()) {
                List<Standing> cells = grid.rows().stream()
                        .map(r -> r.cells().get(cue.key()).standing())
                        .toList();
                owned.put(
                        cue.key(),
                        new Owned(
                                cells.stream().anyMatch(Standing::isCounted),
                                Tally.of(cells).percentOwned()));
            }
        return owned;
    }

    /** @param percent share that owns it of those to whom it was taught and applies */
    public record Owned(boolean taught, int percent) {}

    /** What was read, turned into marks. */
    private final class Reading {
        private final Beside.Read said;
        private final ZoneId zone;
        private final LocalDate on;
        private final KnowHow known = knowHows.current();

        Reading(Beside.Read said, ZoneId zone, LocalDate on) {
            this.said = said;
            this.zone = zone;
            this.on = on;
        }

        /** @param levels filled on the way, by skill */
        Map<String, Cell> cells(Learner child, List<SkillColumns> columns, Map<String, LevelView> levels) {
            Deadline.check();
            Map<String, Cell> cells = new LinkedHashMap<>();
            for (SkillColumns column : columns) {
                List<Status> counted = new ArrayList<>();
                int leftOut = 0;
                MasteryRule rule = said.rule(column.set());
                for (CueView cue : column.cues()) {
                    CueFit fit = child.fit(cue.key());
                    List<Trial> trials = trials(child, cue.key());
                    Status byRule = rule.status(taught(cue.key()), trials, on);
                    Optional<Call> call = Optional.ofNullable(said.call(child.id, cue.key()));
                    Status status = call.map(c -> c.on(byRule)).orElse(byRule);
                    boolean against = call.isPresent() && byRule.trials() > 0 && status.owned() != byRule.owned();
                    cells.put(cue.key(), cell(status, fit, call.isPresent(), against));
                    boolean ofAge = cue.fromAge() <= child.yearAge;
                    if (ofAge && fit == CueFit.APPLIES) counted.add(status);
                    else if (ofAge) leftOut++;
                }
                SkillLevel level = SkillLevel.of(counted, leftOut);
                levels.put(
                        column.skill(),
                        new LevelView(
                                level.level(), level.owned(), level.level().label(), level.sentence()));
            }
            return cells;
        }

        /** The looks that count for the marks, as they count for belief. */
        ClassLooks known(Collection<Learner> children, List<SkillColumns> columns) {
            List<ClassLooks.Cue> cues = new ArrayList<>();
            List<io.isokinet.core.belief.Look> looks = new ArrayList<>();
            Map<String, List<Double>> practised = new HashMap<>();
            Map<String, Eye> eyes = eyes(children, columns);
            Map<String, OwnEye> trained = ownEyes.withLeave();
            TasksSeen seen =
                    TasksSeen.of(children.stream().flatMap(Learner::everything).toList(), tasks, lessonRecords);
            for (SkillColumns column : columns)
                for (CueView cue : column.cues()) {
                    cues.add(new ClassLooks.Cue(cue.key(), column.skill()));
                    Map<String, Eye> here = new HashMap<>(eyes);
                    trained.forEach((name, own) ->
                            here.put(name, OwnEyes.errors(own, cue.key(), eyes.getOrDefault(name, Eye.USUAL))));
                    TreeSet<Double> days = new TreeSet<>();
                    for (Learner child : children)
                        for (Look look : counted(child, cue.key())) {
                            double day = day(look).toEpochDay();
                            days.add(day);
                            looks.add(new io.isokinet.core.belief.Look(
                                    child.id.toString(),
                                    cue.key(),
                                    look.shown(),
                                    day,
                                    seen.task(look),
                                    here.getOrDefault(look.observer(), Eye.USUAL)));
                        }
                    taughtOn(cue.key()).ifPresent(d -> days.add((double) d.toEpochDay()));
                    practised.put(cue.key(), List.copyOf(days));
                }
            return new ClassLooks(
                    children.stream().map(c -> c.id.toString()).sorted().toList(),
                    cues,
                    looks,
                    practised,
                    away(children),
                    on.toEpochDay());
        }

        /** How often observers err, by their names, where two of them watched the same. */
        private Map<String, Eye> eyes(Collection<Learner> children, List<SkillColumns> columns) {
            Map<String, int[]> agreed = new HashMap<>();
            for (Records.ObserverPair pair : records.watchedTwice(
                    children.stream().map(c -> c.id).toList(),
                    columns.stream()
                            .flatMap(c -> c.cues().stream())
                            .map(CueView::key)
                            .toList()))
                for (String name : List.of(pair.first(), pair.second())) {
                    int[] count = agreed.computeIfAbsent(name, n -> new int[2]);
                    count[0] += pair.both() + pair.neither();
                    count[1] += pair.both() + pair.neither() + pair.firstOnly() + pair.secondOnly();
                }
            Map<String, Eye> eyes = new HashMap<>();
            agreed.forEach((name, count) -> eyes.put(name, Eye.ofTwo(count[0], count[1])));
            return eyes;
        }

        private Map<String, Set<Double>> away(Collection<Learner> children) {
            Map<String, Set<Double>> away = new HashMap<>();
            lessonRecords
                    .away(children.stream().map(c -> c.id).toList())
                    .forEach((child, at) -> away.put(
                            child.toString(),
                            at.stream()
                                    .map(a -> (double)
                                            a.atZone(zone).toLocalDate().toEpochDay())
                                    .collect(Collectors.toSet())));
            return away;
        }

        private Optional<LocalDate> taughtOn(String cue) {
            return Stream.concat(
                            Stream.of(cue),
                            known.crosswalk().sourcesOf(cue).stream()
                                    .filter(s -> s.carries() == Crosswalk.Carries.EVERY_TRIAL)
                                    .map(Crosswalk.Source::cue))
                    .flatMap(c -> Stream.ofNullable(said.taughtOn(c)))
                    .min(Comparator.naturalOrder());
        }

        /** Taught under its own key or under one that is the same feature. */
        private boolean taught(String cue) {
            return said.taught(cue)
                    || known.crosswalk().sourcesOf(cue).stream()
                            .anyMatch(s -> s.carries() == Crosswalk.Carries.EVERY_TRIAL && said.taught(s.cue()));
        }

        private List<Trial> trials(Learner child, String key) {
            return counted(child, key).stream()
                    .map(l -> new Trial(
                            l.shown(),
                            l.setting(),
                            lesson(l),
                            day(l),
                            l.sitting() == null ? null : l.sitting().toString()))
                    .toList();
        }

        /** The looks that count for a cue, those carried from others among them, oldest first. */
        private List<Look> counted(Learner child, String key) {
            Cue cue = known.cue(key);
            Side preferred = child.side(known.skill(cue.skill()).action());
            List<Look> looks = new ArrayList<>(child.looks(key));
            for (Crosswalk.Source source : known.crosswalk().sourcesOf(key))
                child.looks(source.cue()).stream()
                        .filter(l -> source.carries().carries(l.shown()))
                        .forEach(looks::add);
            return looks.stream()
                    .filter(l -> l.side() == null || preferred == null || l.side() == preferred)
                    .sorted(Comparator.comparing(Look::seenAt))
                    .toList();
        }

        private LocalDate day(Look look) {
            return look.seenAt().atZone(zone).toLocalDate();
        }

        private String lesson(Look look) {
            return look.lesson() != null ? look.lesson().toString() : day(look).toString();
        }
    }
}
