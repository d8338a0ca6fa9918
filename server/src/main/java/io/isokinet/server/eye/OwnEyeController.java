package io.isokinet.server.eye;

import io.isokinet.core.belief.Eye;
import io.isokinet.core.eye.Judged;
import io.isokinet.core.eye.Level;
import io.isokinet.core.eye.OwnEye;
import io.isokinet.core.eye.Round;
import io.isokinet.core.eye.Stand;
import io.isokinet.core.eye.Verdict;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Agreement;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.knowhow.CueView.Mirrored;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.knowhow.Rounds;
import io.isokinet.server.school.Schools;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One's own rounds of the eye: nobody reads another's. */
@RestController
@RequestMapping("/api/eye")
public class OwnEyeController {
    private final RoundRows rows;
    private final LeaveRows leaves;
    private final OwnEyes eyes;
    private final Rounds rounds;
    private final KnowHows knowHows;
    private final Schools schools;
    private final Clock clock;

    OwnEyeController(
            RoundRows rows,
            LeaveRows leaves,
            OwnEyes eyes,
            Rounds rounds,
            KnowHows knowHows,
            Schools schools,
            Clock clock) {
        this.rows = rows;
        this.leaves = leaves;
        this.eyes = eyes;
        this.rounds = rounds;
        this.knowHows = knowHows;
        this.schools = schools;
        this.clock = clock;
    }

    /**
     * @param second what a colleague beside pressed; left out where one is alone
     * @param seconds from where the child came to the press
     */
    record EyeAnswerForm(
            boolean shown,
            @Nullable Boolean second,
            @Min(0) @Max(600) double seconds) {}

    /** @param answers one for each child, in their order */
    record EyeRoundForm(
            @NotNull String cue,
            @NotNull Level level,
            @NotNull Stand stand,
            @Min(3) @Max(14) int age,
            long seed,
            @NotNull @Size(max = 40) List<@Valid EyeAnswerForm> answers) {}

    /**
     * How far two agree.
     *
     * @param kappa beyond chance; null where chance alone agrees
     */
    record EyeAgreement(int agreed, int pairs, @Nullable Double kappa, Agreement.@Nullable Within within, String band) {
        static EyeAgreement of(Agreement a) {
            return new EyeAgreement(
                    a.both() + a.neither(),
                    a.pairs(),
                    a.kappa().isPresent() ? a.kappa().getAsDouble() : null,
                    a.kappaWithin().orElse(null),
                    a.band());
        }
    }

    /**
     * How often an eye was right.
     *
     * @param truth agreement with what was there
     * @param colleague agreement with who sat beside; null where nobody did
     */
    record VerdictView(
            int looks,
            Verdict.Share right,
            Verdict.Share misses,
            Verdict.Share alarms,
            EyeAgreement truth,
            @Nullable EyeAgreement colleague,
            double seconds,
            String sentence) {
        static VerdictView of(Verdict v, Optional<Agreement> colleague) {
            return new VerdictView(
                    v.looks(),
                    v.right(),
                    v.misses(),
                    v.alarms(),
                    EyeAgreement.of(v.agreement()),
                    colleague.map(EyeAgreement::of).orElse(null),
                    v.seconds(),
                    v.sentence());
        }
    }

    /** @param call none where the know-how no longer has the cue */
    record EyeCueLine(
            String cue,
            @Nullable String call,
            @Nullable String skill,
            @Nullable String skillName,
            Verdict.Share right,
            Verdict.Share misses,
            Verdict.Share alarms) {}

    record EyeStandLine(Stand stand, Verdict.Share right) {}

    record EyeLevelLine(Level level, Verdict.Share right) {}

    record EyeDayLine(LocalDate on, Verdict.Share right) {}

    /**
     * All that one's rounds tell.
     *
     * @param secondsALook null before any round as in the hall
     * @param counts what follows for one's looks in the hall, in a sentence; empty before any round as there
     * @param leave whether that is used
     */
    record EyeView(
            int rounds,
            VerdictView all,
            List<EyeCueLine> cues,
            List<EyeStandLine> stands,
            List<EyeLevelLine> levels,
            List<EyeDayLine> days,
            @Nullable Double secondsALook,
            String counts,
            boolean leave) {}

    record EyeLeaveForm(boolean given) {}

    /** @param next how hard to go on */
    record KeptRound(VerdictView verdict, Level next) {}

    /** Keeps a round that was judged, and counts it. The same one again is kept once. */
    @PutMapping("/rounds/{id}")
    @MayRead
    @Transactional
    public KeptRound keep(@PathVariable UUID id, @RequestBody @Valid EyeRoundForm form) {
        Judged judged = judged(form);
        if (!rows.existsById(id))
            rows.save(new RoundRow(id, SignedIn.current().person(), judged, form.age(), form.seed()));
        Verdict verdict = judged.verdict();
        return new KeptRound(
                VerdictView.of(verdict, judged.withColleague()), judged.level().after(verdict));
    }

    private Judged judged(EyeRoundForm form) {
        List<Round.Child> children =
                rounds.drawn(form.cue(), form.level(), form.age(), form.seed()).children();
        long second = form.answers().stream().filter(a -> a.second() != null).count();
        new Fields()
                .check(
                        form.answers().size() == children.size(),
                        "answers",
                        "are %d for %d children; each child gets one."
                                .formatted(form.answers().size(), children.size()))
                .check(
                        second == 0 || second == form.answers().size(),
                        "answers",
                        "of a colleague are %d for %d children; each child gets one, or none does."
                                .formatted(second, children.size()))
                .done();
        List<Judged.Answer> answers = new ArrayList<>();
        for (int i = 0; i < children.size(); i++) {
            EyeAnswerForm a = form.answers().get(i);
            answers.add(new Judged.Answer(
                    children.get(i).answer().shown(), a.shown(), Optional.ofNullable(a.second()), a.seconds()));
        }
        return new Judged(clock.instant(), form.cue(), form.level(), form.stand(), answers);
    }

    @GetMapping("/mine")
    @MayRead
    @Transactional(readOnly = true)
    public EyeView mine() {
        OwnEye own = eyes.own();
        KnowHow known = knowHows.current();
        return new EyeView(
                own.rounds().size(),
                VerdictView.of(own.all(), own.withColleagues()),
                own.byCue().entrySet().stream()
                        .map(e -> line(known, e.getKey(), e.getValue()))
                        .toList(),
                own.byStand().entrySet().stream()
                        .map(e -> new EyeStandLine(e.getKey(), e.getValue().right()))
                        .toList(),
                own.byLevel().entrySet().stream()
                        .map(e -> new EyeLevelLine(e.getKey(), e.getValue().right()))
                        .toList(),
                own.overTime(schools.zone()).stream()
                        .map(d -> new EyeDayLine(d.on(), d.verdict().right()))
                        .toList(),
                own.secondsALook().isPresent() ? own.secondsALook().getAsDouble() : null,
                counts(own),
                leaves.of(SignedIn.current().person()).isPresent());
    }

    private static EyeCueLine line(KnowHow known, String cue, Verdict v) {
        if (!known.hasCue(cue)) return new EyeCueLine(cue, null, null, null, v.right(), v.misses(), v.alarms());
        Skill skill = known.skill(known.cue(cue).skill());
        return new EyeCueLine(
                cue,
                Mirrored.of(known.cue(cue).call(), skill.action()).notSettled(),
                skill.key(),
                skill.name(),
                v.right(),
                v.misses(),
                v.alarms());
    }

    private static String counts(OwnEye own) {
        Verdict v = own.asInTheHall();
        if (v.looks() == 0) return "";
        Eye eye = OwnEyes.errors(own, Eye.USUAL);
        return Words.say(
                "By %d looks as fast as in the hall you would miss %d in a hundred that are there, and see %d in a hundred that are not (usual: %d).",
                v.looks(),
                Math.round(100 * eye.missed()),
                Math.round(100 * eye.falseShown()),
                Math.round(100 * Eye.USUAL.missed()));
    }

    /** Gives or takes back one's leave to read one's own looks in the hall by what one's rounds tell. */
    @PutMapping("/leave")
    @MayRead
    @Transactional
    public ResponseEntity<Void> leave(@RequestBody @Valid EyeLeaveForm form) {
        UUID me = SignedIn.current().person();
        Optional<LeaveRow> given = leaves.of(me);
        if (form.given() && given.isEmpty()) leaves.save(new LeaveRow(Ids.next(), me, clock.instant()));
        if (!form.given()) given.ifPresent(leaves::delete);
        return ResponseEntity.noContent().build();
    }

    /** Throws all of one's rounds away. */
    @DeleteMapping("/rounds")
    @MayRead
    @Transactional
    public ResponseEntity<Void> forget() {
        rows.deleteAll(rows.of(SignedIn.current().person()));
        return ResponseEntity.noContent().build();
    }
}
