package io.isokinet.server.unit;

import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.unit.Segment;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Schools;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The lesson sheet as data: one page, for the screen and for paper. */
@Service
public class Sheets {
    private static final List<String> SET_UP_CHECK = List.of(
            "Walls and furniture clear, floor dry, nothing lying where children run.",
            "Shoes, hair, jewellery; who has medicine at hand; who may not run today.",
            "The school's own risk assessment and local rules come first.");

    private final Units units;
    private final Schools schools;

    Sheets(Units units, Schools schools) {
        this.units = units;
        this.schools = schools;
    }

    /**
     * @param number of the lesson in its unit, from 1
     * @param layOut what to fetch once for the whole lesson
     * @param cues every cue in focus, in the order of the lesson
     */
    public record SheetView(
            UUID lesson,
            UUID unit,
            String unitTitle,
            String className,
            String year,
            int number,
            int of,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            String space,
            LessonState state,
            int children,
            List<String> leftHanded,
            List<UnitView.SegmentView> segments,
            List<KitLine> layOut,
            List<CueView> cues,
            List<Caution> cautions,
            List<String> setUpCheck) {}

    @Transactional(readOnly = true)
    public SheetView view(UUID lessonId) {
        Units.Loaded unit = units.loadByLesson(lessonId);
        List<UUID> ids = unit.lessons().stream().map(LessonRow::id).toList();
        LessonRow lesson = unit.lessons().get(ids.indexOf(lessonId));
        int planned = unit.planned().indexOf(lesson);
        List<Segment> segments = planned < 0 ? List.of() : unit.plan().lessons().get(planned);
        var spaces = units.spaceNames();
        UnitDrawing drawing = new UnitDrawing(unit, spaces);
        List<Fit.Works> fits = segments.stream()
                .filter(s -> s.fit() instanceof Fit.Works)
                .map(s -> (Fit.Works) s.fit())
                .toList();
        Set<String> cues = new LinkedHashSet<>();
        segments.forEach(s -> cues.addAll(s.focus()));
        return new SheetView(
                lessonId,
                unit.row().id(),
                unit.row().title,
                unit.schoolClass().name(),
                unit.schoolClass().year(),
                lesson.position + 1,
                unit.lessons().size(),
                lesson.onDate,
                lesson.starts,
                lesson.minutes,
                spaces.getOrDefault(lesson.spaceId, ""),
                lesson.state,
                unit.schoolClass().children().size(),
                unit.schoolClass().children().stream()
                        .filter(ChildView::leftHanded)
                        .map(ChildView::name)
                        .toList(),
                segments.stream().map(drawing::segment).toList(),
                LayOut.of(fits.stream().map(Fit.Works::kit).toList()),
                cues.stream().map(key -> cue(unit, key)).toList(),
                fits.stream().flatMap(f -> f.cautions().stream()).distinct().toList(),
                setUpCheck());
    }

    /** The usual cautions, and what the school adds. */
    private List<String> setUpCheck() {
        List<String> all = new ArrayList<>(SET_UP_CHECK);
        all.addAll(schools.cautions());
        return all;
    }

    private static CueView cue(Units.Loaded unit, String key) {
        Cue cue = unit.problem().knowHow().cue(key);
        return CueView.of(cue, unit.problem().knowHow().skill(cue.skill()).action());
    }
}
