package io.isokinet.server.knowhow;

import io.isokinet.core.eye.Level;
import io.isokinet.core.eye.Round;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Spot;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Seen;
import io.isokinet.server.account.MayRead;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Training the eye: a round of children that do or do not show one cue. */
@RestController
@RequestMapping("/api/eye")
class EyeController {
    private final KnowHows knowHows;
    private final Rounds rounds;

    EyeController(KnowHows knowHows, Rounds rounds) {
        this.knowHows = knowHows;
        this.rounds = rounds;
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
        Round round = rounds.drawn(cue, level, age, seed);
        Cue asked = known.cue(cue);
        Action action = known.skill(asked.skill()).action();
        Set<Spot> looksAt = Rounds.demonstration(known, cue)
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
}
