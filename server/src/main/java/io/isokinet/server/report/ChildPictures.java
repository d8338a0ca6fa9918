package io.isokinet.server.report;

import io.isokinet.core.aim.Band;
import io.isokinet.core.aim.MissHint;
import io.isokinet.core.aim.Spread;
import io.isokinet.core.aim.Tries;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.quantity.Words;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.record.HitRecords;
import io.isokinet.server.record.HitRecords.Hits;
import io.isokinet.server.record.Kind;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.Observation;
import io.isokinet.server.report.ChildPicture.AimView;
import io.isokinet.server.report.ChildPicture.CountedSet;
import io.isokinet.server.report.ChildPicture.CuePicture;
import io.isokinet.server.report.ChildPicture.LookOn;
import io.isokinet.server.report.ChildPicture.SkillPicture;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Children;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Schools;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what is known of a child. */
@Service
class ChildPictures {
    private static final int FEWEST_MISSES = 6;
    private static final int MOST_NOTES = 12;
    private static final Map<Kind, String> BESIDE = Map.of(
            Kind.PARTNER, "a partner saw it",
            Kind.SELF, "ticked by itself",
            Kind.HOME, "at home",
            Kind.SAID, "could tell it");

    private final Marks marks;
    private final HitRecords hitRecords;
    private final LessonRecords lessonRecords;
    private final Records records;
    private final Classes classes;
    private final Children children;
    private final Schools schools;
    private final KnowHows knowHows;
    private final Aims aims;

    ChildPictures(
            Marks marks,
            HitRecords hitRecords,
            LessonRecords lessonRecords,
            Records records,
            Classes classes,
            Children children,
            Schools schools,
            KnowHows knowHows,
            Aims aims) {
        this.aims = aims;
        this.marks = marks;
        this.hitRecords = hitRecords;
        this.lessonRecords = lessonRecords;
        this.records = records;
        this.classes = classes;
        this.children = children;
        this.schools = schools;
        this.knowHows = knowHows;
    }

    /**
     * With how sure the marks are: for the teacher's own page of a child, and for nothing that goes out.
     *
     * @param sets cue-set keys, one a skill
     */
    @Transactional(readOnly = true)
    public ChildPicture believed(UUID id, List<String> sets) {
        return of(id, sets, Grid::believing);
    }

    /** @param sets cue-set keys, one a skill */
    @Transactional(readOnly = true)
    public ChildPicture of(UUID id, List<String> sets) {
        return of(id, sets, grid -> grid);
    }

    private ChildPicture of(UUID id, List<String> sets, UnaryOperator<Grid> seen) {
        ChildView child = classes.child(id);
        LocalDate today = schools.today();
        Optional<Grid> grid =
                children.classes(id).stream().findFirst().map(c -> seen.apply(marks.grid(c, sets, today)));
        Optional<Grid.Row> row = grid.flatMap(
                g -> g.rows().stream().filter(r -> r.child().id().equals(id)).findFirst());
        List<Observation> looks = records.allTrials(id);
        List<Hits> all = hitRecords.hits(id).stream().filter(h -> !h.voided()).toList();
        List<Hits> hits = all.stream().filter(h -> !h.home()).toList();
        List<SkillPicture> skills = row.map(r -> grid.orElseThrow().skills().stream()
                        .map(s -> skill(child, r, s, looks, hits))
                        .toList())
                .orElse(List.of());
        List<String> notes = new ArrayList<>();
        lessonRecords.notes(id).stream()
                .filter(n -> !n.voided())
                .forEach(n -> notes.add(0, "%s: %s".formatted(day(n.at()), n.text())));
        return new ChildPicture(
                child,
                today,
                skills,
                bests(id, hits),
                atHome(all),
                notes.stream().limit(MOST_NOTES).toList());
    }

    private SkillPicture skill(
            ChildView child, Grid.Row row, Grid.SkillColumns skill, List<Observation> looks, List<Hits> hits) {
        Side own = child.toSides().of(skill.action()).orElse(null);
        Grid.LevelView level = row.levels().get(skill.skill());
        return new SkillPicture(
                skill.skill(),
                skill.name(),
                level.label(),
                level.counted(),
                skill.cues().stream()
                        .map(c -> cue(c, own, row.cells().get(c.key()), looks))
                        .toList(),
                aims(hits.stream().filter(h -> h.skill().equals(skill.skill())).toList(), new Age(child.yearAge())));
    }

    private CuePicture cue(CueView cue, @Nullable Side own, Grid.Cell cell, List<Observation> all) {
        List<Observation> teachers = all.stream()
                .filter(t -> t.cue().equals(cue.key()) && t.kind() == Kind.TEACHER && !t.voided())
                .toList();
        List<Observation> other = teachers.stream()
                .filter(t -> own != null && t.side() != null && t.side() != own)
                .toList();
        String text = own == Side.LEFT
                ? cue.question().left()
                : own == Side.RIGHT ? cue.question().right() : cue.question().notSettled();
        return new CuePicture(
                cue.key(),
                own == Side.LEFT
                        ? cue.call().left()
                        : own == Side.RIGHT ? cue.call().right() : cue.call().notSettled(),
                text,
                cell,
                beside(all, cue),
                teachers.stream()
                        .filter(t -> !other.contains(t))
                        .map(t -> new LookOn(day(t.seenAt()), t.shown()))
                        .toList(),
                other.isEmpty()
                        ? null
                        : "%d of %d with the other hand"
                                .formatted(
                                        other.stream()
                                                .filter(Observation::shown)
                                                .count(),
                                        other.size()));
    }

    /** What others ticked, and what the child said: beside the mark, never in it. */
    private static List<String> beside(List<Observation> all, CueView cue) {
        List<String> lines = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            if (kind == Kind.TEACHER) continue;
            List<Observation> some = all.stream()
                    .filter(t -> t.cue().equals(cue.key()) && t.kind() == kind && !t.voided())
                    .toList();
            if (!some.isEmpty())
                lines.add("%s: %d of %d"
                        .formatted(
                                BESIDE.get(kind),
                                some.stream().filter(Observation::shown).count(),
                                some.size()));
        }
        return lines;
    }

    /** What was counted at home stands beside, as it was told. */
    private List<String> atHome(List<Hits> hits) {
        return hits.stream()
                .filter(Hits::home)
                .map(h -> "%s: %s, %d of %d"
                        .formatted(
                                day(h.at()),
                                knowHows.current().hasSkill(h.skill())
                                        ? knowHows.current().skill(h.skill()).name()
                                        : h.skill(),
                                h.hits(),
                                h.tries()))
                .toList();
    }

    private List<AimView> aims(List<Hits> hits, Age age) {
        Map<String, List<Hits>> bySide = hits.stream()
                .collect(Collectors.groupingBy(
                        h -> h.side() == null ? "" : h.side().name(), TreeMap::new, Collectors.toList()));
        return bySide.values().stream().map(h -> aim(h, age)).toList();
    }

    private AimView aim(List<Hits> hits, Age age) {
        List<Tries> told = aims.told(hits);
        Spread spread = Spread.of(told, age);
        int left = hits.stream().mapToInt(Hits::missedLeft).sum();
        int right = hits.stream().mapToInt(Hits::missedRight).sum();
        return new AimView(
                hits.get(0).side(),
                hits.stream().mapToInt(Hits::hits).sum(),
                hits.stream().mapToInt(Hits::tries).sum(),
                hits.stream()
                        .map(h -> new CountedSet(
                                day(h.at()),
                                h.hits(),
                                h.tries(),
                                h.distanceMm() == null ? null : h.distanceMm() / 1000.0))
                        .toList(),
                told.isEmpty()
                        ? "Distance or target were not told, so nothing can be said about the aim."
                        : spread.reason(),
                told.isEmpty()
                        ? null
                        : suggestion(spread, told.get(told.size() - 1).width(), schools.band()),
                left + right < FEWEST_MISSES
                        ? null
                        : MissHint.finding(left, right).orElse(null));
    }

    private static String suggestion(Spread spread, double width, Band band) {
        Spread.Challenge challenge = spread.challenge(width, band.middle());
        return Words.say(
                "%.0f in 100 tries hit a target like the last one from about %.1f m (between %.1f m and %.1f m).",
                100 * band.middle(), challenge.metres(), challenge.near(), challenge.far());
    }

    private List<String> bests(UUID id, List<Hits> hits) {
        List<String> bests = new ArrayList<>();
        List<LessonRecords.Count> counts =
                lessonRecords.counts(id).stream().filter(c -> !c.voided()).toList();
        best(counts, "throw").ifPresent(n -> bests.add(Words.say("Longest throw past %.1f m", n / 1000.0)));
        best(counts, "streak").ifPresent(n -> bests.add("%d in a row".formatted(n)));
        best(counts, "together").ifPresent(n -> bests.add("%d with a partner".formatted(n)));
        best(counts, "down").ifPresent(n -> bests.add("%d knocked down with one throw".formatted(n)));
        long full = hits.stream()
                .filter(h -> h.tries() >= 5 && h.hits() == h.tries())
                .count();
        if (full > 0)
            bests.add(full == 1 ? "Every try of a set hit, once" : "Every try of a set hit, %d times".formatted(full));
        return bests;
    }

    private static Optional<Integer> best(List<LessonRecords.Count> counts, String what) {
        return counts.stream()
                .filter(c -> c.what().equals(what))
                .map(LessonRecords.Count::count)
                .max(Integer::compare);
    }

    private LocalDate day(Instant at) {
        return at.atZone(schools.zone()).toLocalDate();
    }
}
