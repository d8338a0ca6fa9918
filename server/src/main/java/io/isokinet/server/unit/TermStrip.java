package io.isokinet.server.unit;

import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Schools;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Time as navigation: a line a class, a bead a lesson, over the weeks around today. */
@Service
class TermStrip {
    private static final int WEEKS_BACK = 5;
    private static final int WEEKS = 13;

    private final Classes classes;
    private final Schools schools;
    private final Units units;
    private final Units.UnitRows rows;
    private final Units.LessonRows lessons;

    TermStrip(Classes classes, Schools schools, Units units, Units.UnitRows rows, Units.LessonRows lessons) {
        this.classes = classes;
        this.schools = schools;
        this.units = units;
        this.rows = rows;
        this.lessons = lessons;
    }

    /** What a bead says. */
    enum Bead {
        FITS,
        STRAINED,
        TAUGHT,
        LOST
    }

    record BeadView(UUID lesson, UUID unit, String title, LocalDate onDate, Bead bead) {}

    record ClassBeads(ClassLine schoolClass, List<BeadView> beads) {}

    /** @param from a Monday */
    record TermView(LocalDate from, int weeks, LocalDate today, List<ClassBeads> classes) {}

    @Transactional(readOnly = true)
    public TermView view() {
        LocalDate today = schools.today();
        LocalDate from =
                today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(WEEKS_BACK);
        Map<UUID, List<BeadView>> beads = new HashMap<>();
        Map<UUID, Boolean> fits = new HashMap<>();
        units.all().forEach(u -> fits.put(u.id(), u.fits()));
        for (UnitRow unit : rows.findAll())
            for (LessonRow lesson : lessons.findByUnitIdOrderByPosition(unit.id())) {
                long week = ChronoUnit.WEEKS.between(from, lesson.onDate);
                if (lesson.onDate.isBefore(from) || week >= WEEKS) continue;
                beads.computeIfAbsent(unit.classId, c -> new ArrayList<>())
                        .add(new BeadView(
                                lesson.id(),
                                unit.id(),
                                unit.title,
                                lesson.onDate,
                                bead(lesson, fits.getOrDefault(unit.id(), true))));
            }
        return new TermView(
                from,
                WEEKS,
                today,
                classes.all().stream()
                        .map(c -> new ClassBeads(
                                c,
                                beads.getOrDefault(c.id(), List.of()).stream()
                                        .sorted(Comparator.comparing(BeadView::onDate))
                                        .toList()))
                        .toList());
    }

    private static Bead bead(LessonRow lesson, boolean fits) {
        return switch (lesson.state) {
            case TAUGHT -> Bead.TAUGHT;
            case LOST -> Bead.LOST;
            case PLANNED -> fits ? Bead.FITS : Bead.STRAINED;
        };
    }
}
