package io.isokinet.server.knowhow;

import io.isokinet.core.eye.Level;
import io.isokinet.core.eye.Round;
import io.isokinet.core.eye.Verdict;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Spot;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Agreement;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Seen;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.NotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Training the eye: a round of children that do or do not show one cue, and how often an eye was right. Nothing of it is kept. */
@RestController
@RequestMapping("/api/eye")
class EyeController {
    private final KnowHows knowHows;

    EyeController(KnowHows knowHows) {
        this.knowHows = knowHows;
    }

    /**
     * A child that comes.
     *
     * @param fault what it does wrong about the cue; null where nothing
     * @param left true for a left-hander
     * @param beside degrees off the best place
     * @param times how often it does it
     * @param shown whether the cue is there
     * @param at seconds from the start: the picture that decides
     * @param why what was measured, and what is asked for
     */
    record ChildOfRound(
            FigureController.ClipView clip,
            @Nullable String fault,
            boolean left,
            int beside,
            int times,
            boolean shown,
            double at,
            String why) {}

    /**
     * A round.
     *
     * @param from where the cue is seen best
     * @param looksAt what an eye looks at
     */
    record RoundView(
            String cue,
            CueView.Mirrored call,
            CueView.Mirrored question,
            Level level,
            long seed,
            Seen from,
            Set<Spot> looksAt,
            List<ChildOfRound> children) {}

    /** @param seconds from where the child came to the press */
    record AnswerForm(boolean shown, @Min(0) @Max(600) double seconds) {}

    /** @param answers one for each child, in their order */
    record AnswersForm(
            @NotNull String cue,
            @NotNull Level level,
            @Min(3) @Max(14) int age,
            long seed,
            @NotNull @Size(max = 40) List<@Valid AnswerForm> answers) {}

    /**
     * How often an eye was right.
     *
     * @param kappa agreement with the truth beyond chance; null where chance alone agrees
     */
    record VerdictView(
            int looks,
            Verdict.Share right,
            Verdict.Share misses,
            Verdict.Share alarms,
            @Nullable Double kappa,
            Agreement.@Nullable Within kappaWithin,
            double seconds,
            String sentence) {}

    /**
     * Draws a round; the same seed draws the same one.
     *
     * @param age of the children, in years
     */
    @GetMapping("/round")
    @MayRead
    RoundView round(
            @RequestParam String cue,
            @RequestParam(defaultValue = "FIRST") Level level,
            @RequestParam(defaultValue = "8") int age,
            @RequestParam long seed) {
        KnowHow known = knowHows.current();
        Round round = drawn(known, cue, level, age, seed);
        Cue asked = known.cue(cue);
        Action action = known.skill(asked.skill()).action();
        Set<Spot> looksAt = demonstration(known, cue)
                .flatMap(d -> d.question(cue))
                .map(Question::looksAt)
                .orElse(Set.of());
        return new RoundView(
                cue,
                CueView.Mirrored.of(asked.call(), action),
                CueView.Mirrored.of(asked.question(), action),
                level,
                seed,
                asked.seen(),
                looksAt,
                round.children().stream()
                        .map(c -> child(c, asked, action, looksAt))
                        .toList());
    }

    private static ChildOfRound child(Round.Child c, Cue cue, Action action, Set<Spot> looksAt) {
        return new ChildOfRound(
                FigureController.ClipView.of(c.movement(), c.body(), looksAt),
                told(c, cue, action),
                c.left(),
                c.beside(),
                c.times(),
                c.answer().shown(),
                c.answer().at() - c.movement().moments().get(0).at(),
                c.answer().sentence());
    }

    /** What it does wrong, worded for its side. */
    private static @Nullable String told(Round.Child c, Cue cue, Action action) {
        if (c.fault() == null) return null;
        Optional<Fault> fault =
                cue.faults().stream().filter(f -> f.seen().equals(c.fault())).findFirst();
        return fault.map(f -> CueView.Mirrored.of(f.told(), action))
                .map(m -> c.left() ? m.left() : m.right())
                .orElse(c.fault());
    }

    /** Counts the answers to a round, which is drawn anew from its seed. */
    @PostMapping("/verdict")
    @MayRead
    VerdictView verdict(@RequestBody @Valid AnswersForm form) {
        Round round = drawn(knowHows.current(), form.cue(), form.level(), form.age(), form.seed());
        Verdict v = Verdict.of(
                round.children().stream().map(c -> c.answer().shown()).toList(),
                form.answers().stream()
                        .map(a -> new Verdict.Pressed(a.shown(), a.seconds()))
                        .toList());
        return new VerdictView(
                v.looks(),
                v.right(),
                v.misses(),
                v.alarms(),
                v.agreement().kappa().isPresent() ? v.agreement().kappa().getAsDouble() : null,
                v.agreement().kappaWithin().orElse(null),
                v.seconds(),
                v.sentence());
    }

    private static Round drawn(KnowHow known, String cue, Level level, int age, long seed) {
        if (!known.hasCue(cue)) throw new NotFoundException("cue", cue);
        Demonstration shown = demonstration(known, cue)
                .orElseThrow(() -> NotFoundException.saying("This skill has no figure; choose another one."));
        if (shown.question(cue).isEmpty())
            throw NotFoundException.saying(
                    "No figure shows this cue, so that nobody can be trained on it; choose another one.");
        return Round.draw(shown, cue, level, age, seed);
    }

    private static Optional<Demonstration> demonstration(KnowHow known, String cue) {
        return Optional.ofNullable(
                known.library().demonstrations().get(known.cue(cue).skill()));
    }
}
