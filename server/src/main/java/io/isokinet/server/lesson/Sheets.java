package io.isokinet.server.lesson;

import io.isokinet.core.kit.KitLine;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.Wet;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.server.lesson.ClassGroups.Roll;
import io.isokinet.server.place.Cupboards;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.LessonRecords.Absences;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works a lesson out for who is there: one page, for the screen and for paper. */
@Service
public class Sheets {
    static final String LOCAL_RULES = "The school's own risk assessment and local rules come first.";
    /** What is looked at before every lesson; a school adds its own. */
    static final List<String> SET_UP_CHECK = List.of(
            "Walls and furniture clear, ceiling free, floor dry, nothing lying where children run.",
            "Lay-out counted; area empty before it begins.",
            "Shoes, hair, jewellery; who has medicine at hand; who may not run today.",
            LOCAL_RULES);

    private final Lessons lessons;
    private final Schools schools;
    private final Spaces spaces;
    private final Cupboards cupboards;
    private final LessonRecords lessonRecords;
    private final ClassGroups groups;
    private final Settings settings;

    Sheets(
            Lessons lessons,
            Schools schools,
            Spaces spaces,
            Cupboards cupboards,
            LessonRecords lessonRecords,
            ClassGroups groups,
            Settings settings) {
        this.lessons = lessons;
        this.schools = schools;
        this.spaces = spaces;
        this.cupboards = cupboards;
        this.lessonRecords = lessonRecords;
        this.groups = groups;
        this.settings = settings;
    }

    @Transactional(readOnly = true)
    public SheetView view(UUID lessonId) {
        return work(lessonId).view();
    }

    /** What becomes of a lesson when it rains; empty where its place names none to go to. */
    @Transactional(readOnly = true)
    public Optional<WetView> wet(InHand lesson) {
        UUID to = spaces.view(lesson.spaceId()).wetSpaceId();
        if (to == null) return Optional.empty();
        Place place = spaces.view(to).toPlace();
        Fitter fitter = new Fitter(
                lesson.known(),
                lesson.cupboard(),
                new Age(lesson.schoolClass().yearAge()),
                Math.max(1, lesson.schoolClass().children().size()),
                lesson.policy(),
                lesson.fresh());
        List<Wet.Part> parts = lesson.stretches().stream()
                .map(s -> new Wet.Part(
                        s.segment().id(),
                        s.segment().activity(),
                        s.segment().phases(),
                        s.segment().minutes(),
                        s.segment().focus()))
                .toList();
        return Optional.of(new WetView(place.name(), Wet.of(parts, fitter, place, lesson.known())));
    }

    /** A lesson worked out, with its floors by stretch. */
    public record LessonWork(SheetView view, Place place, Map<UUID, FloorPlan> floors) {}

    @Transactional(readOnly = true)
    public LessonWork work(UUID lessonId) {
        return work(lessons.inHand(lessonId));
    }

    @Transactional(readOnly = true)
    public LessonWork work(InHand lesson) {
        return inWork(lesson).work();
    }

    /** What has to be laid out for a lesson; its floors are not drawn. */
    @Transactional(readOnly = true)
    public List<KitLine> layOut(InHand lesson) {
        return inWork(lesson).layOut();
    }

    private LessonInWork inWork(InHand lesson) {
        SpaceView space = spaces.view(lesson.spaceId());
        UUID wet = space.wetSpaceId();
        Absences absences = lessonRecords.absences(lesson.lesson());
        Roll roll = new Roll(lesson.schoolClass(), absences.away(), absences.sitsOut(), List.of());
        return new LessonInWork(
                lesson,
                new LessonInWork.School(
                        space,
                        wet == null ? null : spaces.view(wet).name(),
                        schools.view(),
                        Stream.concat(SET_UP_CHECK.stream(), schools.cautions().stream())
                                .toList(),
                        cupboards.all().stream()
                                .collect(Collectors.toMap(Cupboards.Counted::itemKey, Cupboards.Counted::storage))),
                roll,
                groups.known(roll),
                settings.of(lesson));
    }
}
