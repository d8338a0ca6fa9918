package io.isokinet.server.report;

import io.isokinet.core.aim.HitChance;
import io.isokinet.core.aim.NextDistance;
import io.isokinet.core.aim.Spread;
import io.isokinet.core.aim.StartLines;
import io.isokinet.core.aim.Tries;
import io.isokinet.core.check.Deadline;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.record.HitRecords;
import io.isokinet.server.record.HitRecords.Hits;
import io.isokinet.server.report.ClassAim.AimingChild;
import io.isokinet.server.report.ClassAim.StartLine;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What counted tries say of aim. */
@Service
class Aims {
    private static final int ENOUGH = 10;

    private final HitRecords hitRecords;
    private final Classes classes;
    private final KnowHows knowHows;
    private final Schools schools;

    Aims(HitRecords hitRecords, Classes classes, KnowHows knowHows, Schools schools) {
        this.schools = schools;
        this.hitRecords = hitRecords;
        this.classes = classes;
        this.knowHows = knowHows;
    }

    /** @param width of the target with the ball, in metres @param near and {@code far} lines that the floor has */
    @Transactional(readOnly = true)
    ClassAim of(UUID classId, String skill, double width, double near, double far) {
        ClassView group = classes.view(classId);
        String name = knowHows.current().skill(skill).name();
        if (!(width > 0 && width <= 20))
            throw new IllegalArgumentException("A target is up to 20 m wide; %s m was given.".formatted(width));
        if (group.children().isEmpty())
            return new ClassAim(skill, name, width, 0, 0, 0, "Nobody is in this class.", List.of());
        Map<UUID, List<Hits>> byChild =
                hitRecords.hitsOf(group.children().stream().map(ChildView::id).toList()).stream()
                        .filter(h -> !h.voided() && !h.home() && h.skill().equals(skill))
                        .collect(Collectors.groupingBy(Hits::child));
        List<Spread> spreads = group.children().stream()
                .map(c -> Spread.of(told(byChild.getOrDefault(c.id(), List.of())), new Age(c.yearAge())))
                .toList();
        StartLines lines =
                StartLines.of(spreads.stream().map(Spread::radians).toList(), width, near, far, schools.band());
        return new ClassAim(
                skill,
                name,
                width,
                spreads.size(),
                (int) spreads.stream().filter(s -> s.tries() >= ENOUGH).count(),
                lines.inBand(),
                lines.reason(),
                IntStream.range(0, lines.metres().size())
                        .mapToObj(i -> line(i, lines, spreads, group.children(), byChild, width))
                        .toList());
    }

    private StartLine line(
            int line,
            StartLines lines,
            List<Spread> spreads,
            List<ChildView> children,
            Map<UUID, List<Hits>> byChild,
            double width) {
        double metres = lines.metres().get(line);
        List<AimingChild> here = new ArrayList<>();
        for (int c = 0; c < children.size(); c++) {
            Deadline.check();
            if (lines.lineOf().get(c) != line) continue;
            List<Hits> own = byChild.getOrDefault(children.get(c).id(), List.of());
            here.add(new AimingChild(
                    children.get(c).name(),
                    (int) Math.round(
                            100 * HitChance.across(width, metres, spreads.get(c).radians())),
                    spreads.get(c).tries() >= ENOUGH,
                    own.isEmpty() ? null : next(own.get(own.size() - 1))));
        }
        return new StartLine(metres, here);
    }

    private String next(Hits last) {
        return NextDistance.after(last.hits(), last.tries(), last.missedLeft(), last.missedRight(), schools.band());
    }

    /** Sets of which distance and target were told. */
    List<Tries> told(List<Hits> hits) {
        return hits.stream()
                .filter(h -> h.distanceMm() != null && h.widthMm() != null)
                .map(this::tries)
                .toList();
    }

    /** The target is as much wider as the ball is. */
    private Tries tries(Hits h) {
        KnowHow known = knowHows.withOwnThings();
        double ball = h.item() != null && known.hasItem(h.item())
                ? known.item(h.item()).width().metres()
                : 0;
        return new Tries(
                Objects.requireNonNull(h.distanceMm()) / 1000.0,
                Objects.requireNonNull(h.widthMm()) / 1000.0 + ball,
                h.hits(),
                h.missedLeft(),
                h.missedRight(),
                h.missedShort() + h.missedLong() + h.missed());
    }
}
