package io.isokinet.server.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.unit.UnitView.ChangeView;
import io.isokinet.server.unit.UnitView.ScoreView;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Other plans of a unit, proposals and earlier versions, beside the one in force. */
@Service
class Versions {
    private static final int MOST = 40;

    private final UnitStore store;
    private final UnitReader reader;

    Versions(UnitStore store, UnitReader reader) {
        this.store = store;
        this.reader = reader;
    }

    /** @param inForce true for the one that is taught @param proposal true if it never was */
    record VersionLine(
            UUID id, Instant at, String cause, ScoreView score, boolean inForce, boolean proposal, boolean mine) {}

    /** @param before its parts in force, in the order of time @param after those of the other version */
    record ComparedLesson(
            UUID lesson,
            int position,
            boolean open,
            boolean differs,
            List<ComparedPart> before,
            List<ComparedPart> after) {}

    /** @param same true if it stands in the other one too, with the same minutes, setting and cues */
    record ComparedPart(
            String name,
            @Nullable Integer level,
            boolean play,
            int minutes,
            String cues,
            boolean locked,
            boolean same) {}

    /**
     * Two plans of one unit.
     *
     * @param proposal true if the other one was never in force @param cause of the other one
     * @param why what it was asked for; empty if for nothing in particular
     * @param cues exposures by cue, where they differ
     */
    record Comparison(
            UUID head,
            UUID other,
            boolean proposal,
            String cause,
            String why,
            ScoreView before,
            ScoreView after,
            List<ChangeView> changes,
            List<CueCount> cues,
            List<ComparedLesson> lessons) {}

    record CueCount(String cue, int before, int after) {}

    @Transactional(readOnly = true)
    public List<VersionLine> of(UUID id) {
        UUID head = store.unit(id).head();
        UUID me = SignedIn.current().person();
        return store.history(id, MOST).stream()
                .map(r -> new VersionLine(
                        r.id(),
                        r.at(),
                        r.label(),
                        ScoreView.of(r.score()),
                        r.id().equals(head),
                        r.isProposal(),
                        r.byPerson().equals(me)))
                .toList();
    }

    /** What is in force beside another version. */
    @Transactional(readOnly = true)
    public Comparison compare(UUID id, UUID other) {
        UnitInHand unit = reader.read(id);
        RevisionRow row = store.revision(unit.row(), other).orElseThrow(() -> new NotFoundException("version", other));
        UnitBody body = row.body();
        Plan then = reader.plan(unit.row(), body, unit.lessons());
        // Both by the same wishes: those of the other one.
        UnitBody wished = unit.body().wishing(body.order(), body.newCues(), body.more());
        Plan now = reader.plan(unit.row(), wished, unit.lessons());
        return new Comparison(
                unit.head().id(),
                row.id(),
                row.isProposal(),
                row.label(),
                row.reason(),
                ScoreView.of(Rules.score(now)),
                ScoreView.of(Rules.score(then)),
                RuleChange.between(now, then).stream().map(ChangeView::of).toList(),
                cues(now, then),
                unit.planned().stream()
                        .map(l -> lesson(l, unit.body(), body, now, then))
                        .toList());
    }

    private static List<CueCount> cues(Plan now, Plan then) {
        return now.targetCues().stream()
                .filter(c -> now.meeting(c).size() != then.meeting(c).size())
                .map(c -> new CueCount(
                        now.problem().knowHow().cue(c).call(),
                        now.meeting(c).size(),
                        then.meeting(c).size()))
                .toList();
    }

    private static ComparedLesson lesson(LessonRow lesson, UnitBody mine, UnitBody theirs, Plan now, Plan then) {
        List<UnitBody.SegmentBody> here = segments(mine, lesson);
        List<UnitBody.SegmentBody> there = segments(theirs, lesson);
        return new ComparedLesson(
                lesson.id(),
                lesson.position(),
                lesson.isPlanned(),
                !contents(here).equals(contents(there)),
                parts(now, here, there),
                parts(then, there, here));
    }

    private static List<UnitBody.SegmentBody> segments(UnitBody body, LessonRow lesson) {
        return body.lesson(lesson.id()).map(UnitBody.LessonBody::segments).orElse(List.of());
    }

    private static List<List<Object>> contents(List<UnitBody.SegmentBody> segments) {
        return segments.stream().map(Versions::content).toList();
    }

    /** What makes a part the same in two plans; ids are new at each planning. */
    private static List<Object> content(UnitBody.SegmentBody s) {
        return List.of(s.parts(), s.minutes(), s.introduces(), s.focus());
    }

    private static List<ComparedPart> parts(
            Plan plan, List<UnitBody.SegmentBody> segments, List<UnitBody.SegmentBody> others) {
        KnowHow known = plan.problem().knowHow();
        List<List<Object>> there = contents(others);
        return segments.stream()
                .map(s -> part(known, s, there.contains(content(s))))
                .toList();
    }

    private static ComparedPart part(KnowHow known, UnitBody.SegmentBody segment, boolean same) {
        Activity activity = known.activity(segment.activity());
        return new ComparedPart(
                activity.name(),
                activity.rung() == null ? null : activity.rung().level(),
                activity.isGame(),
                segment.minutes(),
                segment.focus().stream().map(c -> known.cue(c).call()).collect(Collectors.joining(", ")),
                segment.locked(),
                same);
    }
}
