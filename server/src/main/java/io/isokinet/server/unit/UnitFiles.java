package io.isokinet.server.unit;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.calendar.IcsWriter;
import io.isokinet.server.http.Ids;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.RevisionRow.Made;
import io.isokinet.server.unit.UnitBody.LessonBody;
import io.isokinet.server.unit.UnitBody.SegmentBody;
import io.isokinet.server.unit.UnitFile.LessonPart;
import io.isokinet.server.unit.UnitFile.ProfilePart;
import io.isokinet.server.unit.UnitFile.SegmentPart;
import io.isokinet.server.unit.UnitFile.WishesPart;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Units out as files and as calendars, and in again: from a file, or from another class or year, fitted to who is taught now. */
@Service
public class UnitFiles {
    private final UnitReader reader;
    private final UnitPlanning planning;
    private final UnitBoards boards;
    private final KnowHows knowHows;
    private final Schools schools;
    private final Clock clock;
    private final JsonMapper json;

    UnitFiles(
            UnitReader reader,
            UnitPlanning planning,
            UnitBoards boards,
            KnowHows knowHows,
            Schools schools,
            Clock clock,
            JsonMapper json) {
        this.reader = reader;
        this.planning = planning;
        this.boards = boards;
        this.knowHows = knowHows;
        this.schools = schools;
        this.clock = clock;
        this.json = json;
    }

    /** @param classId of the class that it is for @param lessons its dates, minutes and spaces */
    public record ArrivalForm(UUID classId, String title, List<LessonForm> lessons) {}

    /** What was changed on the way in, a sentence each; empty if nothing was. */
    public record ArrivalView(UUID unit, List<String> changes) {}

    /** A unit as a file. */
    @Transactional(readOnly = true)
    public UnitFile file(UUID id) {
        UnitInHand unit = reader.read(id);
        UnitBody body = unit.body();
        Map<UUID, String> spaces = boards.spaceNames();
        return new UnitFile(
                UnitFile.FORMAT,
                UnitFile.SCHEMA,
                unit.row().title(),
                unit.head().packs(),
                new ProfilePart(
                        (int) unit.problem().profile().age().years(),
                        unit.problem().profile().children()),
                body.targets().stream().map(t -> part(t, unit.planned())).toList(),
                new WishesPart(body.order(), body.newCues(), body.more()),
                unit.planned().stream()
                        .map(l -> new LessonPart(
                                l.onDate(),
                                l.minutes(),
                                spaces.get(l.spaceId()),
                                body.lesson(l.id()).map(LessonBody::segments).orElse(List.of()).stream()
                                        .map(UnitFiles::part)
                                        .toList()))
                        .toList());
    }

    private static UnitFile.TargetPart part(UnitBody.TargetBody t, List<LessonRow> planned) {
        Map<String, Integer> lessons = new TreeMap<>();
        if (t.pins() != null)
            for (int i = 0; i < planned.size(); i++) {
                int number = i + 1;
                UUID lesson = planned.get(i).id();
                t.pins().forEach((cue, meant) -> {
                    if (meant.equals(lesson)) lessons.put(cue, number);
                });
            }
        return new UnitFile.TargetPart(t.skill(), t.cueSet(), t.share(), t.cues(), lessons.isEmpty() ? null : lessons);
    }

    private static SegmentPart part(SegmentBody s) {
        return new SegmentPart(
                s.phases(),
                s.activity().areStations() ? null : s.activity().keys().get(0),
                s.activity().areStations() ? s.activity().keys() : null,
                s.parts().get(0).setting(),
                s.minutes(),
                s.introduces(),
                s.focus(),
                s.watch(),
                s.locked());
    }

    /** The lessons of a unit as a calendar. */
    @Transactional(readOnly = true)
    String calendar(UUID id) {
        UnitInHand unit = reader.read(id);
        Map<UUID, String> spaces = boards.spaceNames();
        IcsWriter writer =
                new IcsWriter(unit.schoolClass().name() + " · " + unit.row().title(), schools.zone(), clock.instant());
        for (LessonRow lesson : unit.lessons())
            writer.add(
                    lesson.id() + "@isokinet",
                    "%s, lesson %d of %d"
                            .formatted(
                                    unit.row().title(),
                                    lesson.number(),
                                    unit.lessons().size()),
                    spaces.getOrDefault(lesson.spaceId(), ""),
                    unit.body().choices(lesson.id()).stream()
                            .map(c -> unit.knowHow().activity(c.activity()).name())
                            .collect(Collectors.joining(", ")),
                    lesson.onDate(),
                    lesson.starts(),
                    lesson.minutes(),
                    lesson.isLost());
        return writer.text();
    }

    /**
     * Makes a unit from a file.
     *
     * @throws FoundException with what is wrong in it, or why it cannot be planned for this class; nothing is saved then
     */
    public ArrivalView take(UUID id, String text, ArrivalForm form) {
        JsonNode tree;
        try {
            tree = json.readTree(text);
        } catch (JacksonException e) {
            throw found(List.of(new Finding(
                    "json",
                    "file",
                    "This is no JSON: %s. Choose a file that was saved as a unit.".formatted(e.getOriginalMessage()))));
        }
        List<Finding> shape = UnitFile.shape(tree, json);
        if (!shape.isEmpty()) throw found(shape);
        UnitFile file = json.treeToValue(tree, UnitFile.class);
        List<Finding> unknown = file.unknown(knowHows.current());
        if (!unknown.isEmpty()) throw found(unknown);
        return arrive(id, file, form);
    }

    /** Copies a unit to another class or to other dates. */
    ArrivalView copy(UUID from, UUID id, ArrivalForm form) {
        UnitFile file = file(from);
        List<Finding> unknown = file.unknown(knowHows.current());
        if (!unknown.isEmpty()) throw found(unknown);
        return arrive(id, file, form);
    }

    private static FoundException found(List<Finding> findings) {
        return new FoundException(new Findings(findings));
    }

    private ArrivalView arrive(UUID id, UnitFile file, ArrivalForm form) {
        List<String> changes = new ArrayList<>();
        UnitForm as = new UnitForm(
                form.classId(),
                form.title().isBlank() ? file.title() : form.title(),
                file.targets().stream().map(UnitFile.TargetPart::cueSet).toList(),
                file.targets().stream()
                        .map(t -> Objects.requireNonNullElse(t.share(), 1))
                        .toList(),
                file.wishes().order(),
                file.wishes().newCues(),
                file.wishes().more(),
                file.targets().stream()
                        .map(t -> choice(t, form.lessons().size()))
                        .toList(),
                form.lessons());
        UnitPlanning.Draft empty = planning.open(id, as);
        List<LessonRow> rows = empty.lessons();
        if (!packsInForce(file))
            changes.add("It was planned with another version of the know-how; it is read with the one in force.");
        if (rows.size() != file.lessons().size())
            changes.add(
                    "It had %d lessons and has %d now.".formatted(file.lessons().size(), rows.size()));
        List<LessonBody> lessons = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), file.lessons().size()); i++) {
            LessonPart part = file.lessons().get(i);
            if (part.minutes() != rows.get(i).minutes())
                changes.add("Lesson %d had %d minutes and has %d now."
                        .formatted(i + 1, part.minutes(), rows.get(i).minutes()));
            lessons.add(new LessonBody(
                    rows.get(i).id(),
                    part.segments().stream().map(UnitFiles::segment).toList()));
        }
        UnitPlanning.Draft draft = empty.holding(empty.body().holding(lessons));
        Plan plan = reader.plan(draft.unit(), draft.body(), rows);
        boolean asItIs = rows.size() == lessons.size() && Rules.score(plan).hard() == 0;
        if (asItIs) {
            UnitBody body = draft.body().with(plan, draft.planned());
            planning.begin(draft, new Made(RevisionKind.ARRIVED, "Taken over as it was", body, Rules.score(plan)));
        } else {
            UnitPlanning.Draft loose = draft.holding(draft.body().unlocking(misfits(plan)));
            planning.begin(
                    loose,
                    planning.plan(
                            loose,
                            l -> false,
                            RevisionKind.ARRIVED,
                            "Taken over and fitted",
                            "",
                            PlanningDesk.Onlooker.NONE));
            differences(plan, reader.read(id).plan(), changes);
        }
        return new ArrivalView(id, changes);
    }

    /** What was decided about cues, as far as there are lessons for it. */
    private static CueChoiceForm choice(UnitFile.TargetPart target, int lessons) {
        Map<String, Integer> kept = new TreeMap<>();
        if (target.lessons() != null)
            target.lessons().forEach((cue, number) -> {
                if (number <= lessons) kept.put(cue, number);
            });
        return new CueChoiceForm(target.cueSet(), target.cues(), kept);
    }

    /** Segments that do not fit this class, and so cannot be kept. */
    private static Set<UUID> misfits(Plan plan) {
        return plan.segments()
                .filter(s -> !s.candidate().allowed())
                .map(s -> UUID.fromString(s.id()))
                .collect(Collectors.toSet());
    }

    private boolean packsInForce(UnitFile file) {
        return new HashSet<>(knowHows.packs()).containsAll(file.packs());
    }

    private static SegmentBody segment(SegmentPart s) {
        return new SegmentBody(
                Ids.next(),
                s.phases(),
                SegmentBody.parts(s.keys(), s.setting()),
                s.minutes(),
                s.introduces(),
                s.focus(),
                s.watch(),
                s.locked());
    }

    /** Which activities went and came, by lesson, and which cues wait now. */
    private static void differences(Plan before, Plan after, List<String> changes) {
        KnowHow known = after.problem().knowHow();
        for (int l = 0; l < after.lessons().size(); l++) {
            Set<String> was =
                    l < before.lessons().size() ? names(before.lessons().get(l)) : Set.of();
            Set<String> is = names(after.lessons().get(l));
            String gone = was.stream().filter(n -> !is.contains(n)).sorted().collect(Collectors.joining(", "));
            String come = is.stream().filter(n -> !was.contains(n)).sorted().collect(Collectors.joining(", "));
            if (!gone.isEmpty() && !come.isEmpty())
                changes.add("Lesson %d: %s instead of %s.".formatted(l + 1, come, gone));
            else if (!come.isEmpty()) changes.add("Lesson %d: %s is new.".formatted(l + 1, come));
            else if (!gone.isEmpty()) changes.add("Lesson %d: %s is gone.".formatted(l + 1, gone));
        }
        for (String cue : after.leftOver())
            if (!before.leftOver().contains(cue))
                changes.add(
                        "“%s” waits for the next unit.".formatted(known.cue(cue).call()));
    }

    private static Set<String> names(List<Segment> lesson) {
        return lesson.stream().map(s -> s.activity().name()).collect(Collectors.toSet());
    }
}
