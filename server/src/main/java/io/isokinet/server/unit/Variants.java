package io.isokinet.server.unit;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.nextstep.Steer;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Outcome;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.RuleChange;
import io.isokinet.core.unit.Rules;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.SpareMinutes;
import io.isokinet.core.unit.UnitPlanner.Watcher;
import io.isokinet.core.unit.Wishes;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.UnitView.ChangeView;
import io.isokinet.server.unit.UnitView.ScoreView;
import io.isokinet.server.unit.Units.Loaded;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Other ways a unit was or could be planned: proposals and earlier versions, beside what is in force, to look at and take from. */
@Service
class Variants {
    private static final int MOST = 40;
    private static final int SPARE = 6;

    private final Units units;
    private final Schools schools;

    Variants(Units units, Schools schools) {
        this.units = units;
        this.schools = schools;
    }

    /** @param order null to leave the wishes as they are @param steps by skill, what to do with it in its next lesson; null for nothing */
    record WishesForm(
            Wishes.@Nullable Order order,
            @Nullable Integer newCues,
            UnitBody.@Nullable MoreWishes more,
            @Nullable Map<String, Step> steps) {}

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
     * @param why what a proposal was asked for; empty if for nothing more than planning anew
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

    /**
     * Plans anew what is neither taught nor locked, under other wishes if some are given and around the steps that are asked for, and
     * keeps it as a proposal.
     *
     * @return the id of the proposal
     * @throws CancelledException if the watcher cancelled; then nothing is kept
     */
    @Transactional
    UUID propose(UUID id, @Nullable WishesForm wishes, Watcher watcher) {
        Loaded unit = units.load(id);
        UnitBody body = wishes == null || wishes.order() == null
                ? unit.body()
                : unit.body().wishing(wishes.order(), wishes.newCues(), wishes.more());
        body.toWishes();
        String why = "";
        if (wishes != null && wishes.steps() != null && !wishes.steps().isEmpty()) {
            Steer steer = Steer.of(unit.plan(), new Candidates(unit.problem()), wishes.steps());
            body = body.with(
                    steer.plan(), unit.planned().stream().map(LessonRow::id).toList());
            why = ": " + String.join(" ", steer.reasons());
        }
        Outcome.Planned found = units.search(unit.row(), body, unit.planned(), l -> false, watcher);
        return units.propose(unit, body, found, Units.PROPOSED + why);
    }

    @Transactional(readOnly = true)
    List<VersionLine> versions(UUID id) {
        UUID head = units.load(id).head().id();
        UUID me = SignedIn.current().person();
        return units.history(id).stream()
                .limit(MOST)
                .map(r -> new VersionLine(
                        r.id(),
                        r.at,
                        r.cause,
                        new ScoreView(r.hard, r.medium, r.soft),
                        r.id().equals(head),
                        isProposal(r),
                        r.byPerson.equals(me)))
                .toList();
    }

    /** What is in force beside another version. */
    @Transactional(readOnly = true)
    Comparison compare(UUID id, UUID other) {
        Loaded unit = units.load(id);
        RevisionRow row =
                units.revision(unit.row(), other.toString()).orElseThrow(() -> new NotFoundException("version", other));
        UnitBody body = units.body(row);
        Plan then = units.read(unit.row(), body, unit.lessons());
        // Both by the same wishes: those of the other one.
        Plan now =
                units.read(unit.row(), unit.body().wishing(body.order(), body.newCues(), body.more()), unit.lessons());
        List<ComparedLesson> compared = new ArrayList<>();
        for (LessonRow lesson : unit.planned()) {
            List<UnitBody.SegmentBody> mine = segments(unit.body(), lesson);
            List<UnitBody.SegmentBody> theirs = segments(body, lesson);
            compared.add(new ComparedLesson(
                    lesson.id(),
                    lesson.position,
                    lesson.state == LessonState.PLANNED,
                    !told(mine).equals(told(theirs)),
                    parts(now, mine, theirs),
                    parts(then, theirs, mine)));
        }
        List<CueCount> cues = now.targetCues().stream()
                .filter(c -> now.meeting(c).size() != then.meeting(c).size())
                .map(c -> new CueCount(
                        now.problem().knowHow().cue(c).call(),
                        now.meeting(c).size(),
                        then.meeting(c).size()))
                .toList();
        return new Comparison(
                unit.head().id(),
                row.id(),
                isProposal(row),
                row.cause,
                isProposal(row) ? row.cause.substring(Units.PROPOSED.length()).replaceFirst("^: ", "") : "",
                score(now),
                score(then),
                RuleChange.between(now, then).stream().map(ChangeView::of).toList(),
                cues,
                compared);
    }

    /** Takes lessons of another version into the unit, and its wishes if all are taken. */
    @Transactional
    UnitView take(UUID id, UUID other, Set<UUID> lessons, @Nullable String ifMatch) {
        Loaded unit = units.load(id);
        Units.sameHead(unit, ifMatch);
        RevisionRow row =
                units.revision(unit.row(), other.toString()).orElseThrow(() -> new NotFoundException("version", other));
        UnitBody from = units.body(row);
        if (lessons.isEmpty()) throw new IllegalArgumentException("No lesson was chosen; choose at least one to take.");
        List<UnitBody.LessonBody> now = new ArrayList<>();
        int taken = 0;
        for (LessonRow lesson : unit.lessons()) {
            boolean wanted = lessons.contains(lesson.id());
            if (wanted && lesson.state != LessonState.PLANNED)
                throw new IllegalArgumentException(
                        "Lesson %d was taught or lost; what was done stays as it was.".formatted(lesson.position + 1));
            UnitBody source = wanted && from.lesson(lesson.id()).isPresent() ? from : unit.body();
            if (source == from) taken++;
            source.lesson(lesson.id()).ifPresent(now::add);
        }
        boolean whole = unit.planned().stream()
                .filter(l -> l.state == LessonState.PLANNED)
                .allMatch(l -> lessons.contains(l.id()));
        UnitBody body = unit.body().holding(now);
        if (whole) body = body.wishing(from.order(), from.newCues(), from.more());
        units.keep(
                unit.row(),
                unit.head().id(),
                body,
                unit.lessons(),
                "Took %d %s of %s"
                        .formatted(
                                taken,
                                taken == 1 ? "lesson" : "lessons",
                                isProposal(row) ? "a proposal" : "“" + row.cause + "”"));
        Loaded after = units.load(id);
        return units.view(after, RuleChange.between(unit.plan(), after.plan()));
    }

    /** @param minutes fewest in which it is worth doing */
    record SpareView(String activity, String name, String how, int minutes, List<String> cues, String reason) {}

    /** @param lesson as the board counts, from 0 @param missed the one to catch up; null to fill minutes */
    @Transactional(readOnly = true)
    List<SpareView> spare(UUID id, int lesson, int minutes, @Nullable Integer missed) {
        Loaded unit = units.load(id);
        Candidates candidates = new Candidates(unit.problem());
        int in = planned(unit, lesson);
        List<SpareMinutes.Filler> fillers = missed == null
                ? SpareMinutes.fill(unit.plan(), candidates, in, minutes)
                : SpareMinutes.catchUp(unit.plan(), candidates, planned(unit, missed), in);
        KnowHow known = unit.problem().knowHow();
        return fillers.stream()
                .limit(SPARE)
                .map(f -> new SpareView(
                        f.candidate().activity().key(),
                        f.candidate().activity().name(),
                        f.candidate().activity().how(),
                        f.candidate().activity().minutesLeast(),
                        f.cues().stream().map(c -> known.cue(c).call()).toList(),
                        f.reason()))
                .toList();
    }

    private static int planned(Loaded unit, int lesson) {
        int index = lesson < 0 || lesson >= unit.lessons().size()
                ? -1
                : unit.planned().indexOf(unit.lessons().get(lesson));
        if (index < 0)
            throw new IllegalArgumentException(
                    "This unit has no planned lesson %d; choose another.".formatted(lesson + 1));
        return index;
    }

    private static boolean isProposal(RevisionRow row) {
        return row.cause.startsWith(Units.PROPOSED);
    }

    private static List<UnitBody.SegmentBody> segments(UnitBody body, LessonRow lesson) {
        return body.lesson(lesson.id()).map(UnitBody.LessonBody::segments).orElse(List.of());
    }

    private static List<List<Object>> told(List<UnitBody.SegmentBody> segments) {
        return segments.stream().map(Variants::told).toList();
    }

    /** What makes a part the same in two plans; ids are new at each planning. */
    private static List<Object> told(UnitBody.SegmentBody s) {
        return List.of(s.parts(), s.minutes(), s.introduces(), s.focus());
    }

    private static List<ComparedPart> parts(
            Plan plan, List<UnitBody.SegmentBody> segments, List<UnitBody.SegmentBody> others) {
        KnowHow known = plan.problem().knowHow();
        List<List<Object>> there = told(others);
        return segments.stream()
                .map(s -> {
                    var activity = known.activity(s.key());
                    return new ComparedPart(
                            activity.name(),
                            activity.rung() == null ? null : activity.rung().level(),
                            activity.isGame(),
                            s.minutes(),
                            String.join(
                                    ", ",
                                    s.focus().stream()
                                            .map(c -> known.cue(c).call())
                                            .toList()),
                            s.locked(),
                            there.contains(told(s)));
                })
                .toList();
    }

    private static ScoreView score(Plan plan) {
        Score score = Rules.score(plan);
        return new ScoreView(score.hard(), score.medium(), score.soft());
    }
}
