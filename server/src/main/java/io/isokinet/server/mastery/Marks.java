package io.isokinet.server.mastery;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Call;
import io.isokinet.core.mastery.Mark;
import io.isokinet.core.mastery.MasteryRule;
import io.isokinet.core.mastery.SkillLevel;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.mastery.Status;
import io.isokinet.core.mastery.Sureness;
import io.isokinet.core.mastery.Tally;
import io.isokinet.core.mastery.Trend;
import io.isokinet.core.mastery.Trial;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid.Cell;
import io.isokinet.server.mastery.Grid.LevelView;
import io.isokinet.server.mastery.Grid.Row;
import io.isokinet.server.mastery.Grid.SkillColumns;
import io.isokinet.server.record.Kind;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.Seen;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.school.Schools;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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

    Marks(Classes classes, Schools schools, KnowHows knowHows, Records records, Beside beside) {
        this.beside = beside;
        this.classes = classes;
        this.schools = schools;
        this.knowHows = knowHows;
        this.records = records;
    }

    /** @param sets cue-set keys, one block of columns each @param on the day; trials after it are not counted */
    @Transactional(readOnly = true)
    public Grid grid(UUID classId, List<String> sets, LocalDate on) {
        ClassView group = classes.view(classId);
        KnowHow known = knowHows.current();
        List<SkillColumns> columns = new ArrayList<>();
        Looks looks = new Looks(group, sets, on);
        for (String key : sets) {
            CueSet set = known.set(key);
            Skill skill = known.skill(set.skill());
            MasteryRule rule = looks.rule(key);
            List<CueView> cues = set.cues().stream()
                    .map(c -> CueView.of(known.cue(c), skill.action()))
                    .toList();
            columns.add(new SkillColumns(
                    skill.key(), skill.name(), skill.action(), key, set.name(), rule.sentence(), cues));
        }
        List<Row> rows = group.children().stream()
                .map(child -> row(child, columns, looks, on))
                .toList();
        return new Grid(classId, group.name(), group.year(), on, columns, rows);
    }

    private Row row(ChildView child, List<SkillColumns> columns, Looks looks, LocalDate on) {
        Map<String, Cell> cells = new LinkedHashMap<>();
        Map<String, LevelView> levels = new LinkedHashMap<>();
        for (SkillColumns column : columns) {
            List<Status> counted = new ArrayList<>();
            int leftOut = 0;
            MasteryRule rule = looks.rule(column.set());
            for (CueView cue : column.cues()) {
                CueFit fit = child.cues().getOrDefault(cue.key(), CueFit.APPLIES);
                List<Trial> trials = looks.trials(child, cue.key());
                Status byRule = rule.status(looks.taught(cue.key()), trials, on);
                Optional<Call> call = looks.call(child, cue.key());
                Status status = call.map(c -> c.on(byRule)).orElse(byRule);
                boolean against = call.isPresent() && byRule.trials() > 0 && status.owned() != byRule.owned();
                cells.put(cue.key(), cell(status, fit, Trend.of(trials, status), call.isPresent(), against));
                boolean ofAge = cue.fromAge() <= child.yearAge();
                if (ofAge && fit == CueFit.APPLIES) counted.add(status);
                else if (ofAge) leftOut++;
            }
            SkillLevel level = SkillLevel.of(counted, leftOut);
            levels.put(
                    column.skill(),
                    new LevelView(level.level(), level.owned(), level.level().label(), level.sentence()));
        }
        return new Row(child, cells, levels);
    }

    private static Cell cell(Status status, CueFit fit, Trend trend, boolean called, boolean calledAgainst) {
        boolean out = fit == CueFit.NOT_APPLYING;
        Sureness sure = Sureness.of(status);
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
                out ? Sureness.Word.NO_LOOK : sure.word(),
                out ? "" : sure.sentence(),
                out ? Trend.STEADY : trend,
                called,
                calledAgainst);
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

    /** The looks at a class by child and cue, carried ones included, read at once. */
    private final class Looks {
        private final Beside.Read said;
        private final Map<UUID, Map<String, List<Seen>>> seen = new HashMap<>();
        private final ZoneId zone;

        Looks(ClassView group, List<String> sets, LocalDate on) {
            zone = schools.zone();
            Instant before = on.plusDays(1).atStartOfDay(zone).toInstant();
            Crosswalk crosswalk = knowHows.current().crosswalk();
            Set<String> wider = new LinkedHashSet<>();
            for (String set : sets)
                for (String cue : knowHows.current().set(set).cues()) {
                    wider.add(cue);
                    crosswalk.sourcesOf(cue).forEach(s -> wider.add(s.cue()));
                }
            List<UUID> children = group.children().stream().map(ChildView::id).toList();
            said = beside.of(group.id(), children, sets, on, zone);
            for (Seen look : records.trials(children, wider, before))
                seen.computeIfAbsent(look.child(), c -> new HashMap<>())
                        .computeIfAbsent(look.cue(), c -> new ArrayList<>())
                        .add(look);
        }

        Optional<Call> call(ChildView child, String cue) {
            return Optional.ofNullable(said.call(child.id(), cue));
        }

        MasteryRule rule(String set) {
            return said.rule(set);
        }

        /** Taught under its own key or under one that is the same feature. */
        boolean taught(String cue) {
            return said.taught(cue)
                    || knowHows.current().crosswalk().sourcesOf(cue).stream()
                            .anyMatch(s -> s.carries() == Crosswalk.Carries.EVERY_TRIAL && said.taught(s.cue()));
        }

        List<Trial> trials(ChildView child, String key) {
            Map<String, List<Seen>> byCue = seen.getOrDefault(child.id(), Map.of());
            Cue cue = knowHows.current().cue(key);
            Action action = knowHows.current().skill(cue.skill()).action();
            Side preferred = child.toSides().of(action).orElse(null);
            List<Seen> looks = new ArrayList<>(byCue.getOrDefault(key, List.of()));
            for (Crosswalk.Source source : knowHows.current().crosswalk().sourcesOf(key))
                byCue.getOrDefault(source.cue(), List.of()).stream()
                        .filter(s -> source.carries().carries(s.shown()))
                        .forEach(looks::add);
            return looks.stream()
                    .filter(s -> s.kind() == Kind.TEACHER && !s.voided())
                    .filter(s -> s.side() == null || preferred == null || s.side() == preferred)
                    .sorted(Comparator.comparing(Seen::seenAt))
                    .map(s -> new Trial(
                            s.shown(),
                            s.setting(),
                            lesson(s),
                            s.seenAt().atZone(zone).toLocalDate(),
                            s.sitting() == null ? null : s.sitting().toString()))
                    .collect(Collectors.toList());
        }

        private String lesson(Seen look) {
            return look.lesson() != null
                    ? look.lesson().toString()
                    : look.seenAt().atZone(zone).toLocalDate().toString();
        }
    }
}
