package io.isokinet.server.knowhow;

import io.isokinet.core.figure.Ball;
import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Clip;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.figure.Movement;
import io.isokinet.core.figure.Question;
import io.isokinet.core.figure.Sketch;
import io.isokinet.core.figure.Spot;
import io.isokinet.core.figure.Thing;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Fault;
import io.isokinet.core.skill.Seen;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.NotFoundException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A cue on a figure that moves: as it is shown, or with one of its faults. */
@RestController
@RequestMapping("/api/figures")
class FigureController {
    private static final int YOUNGEST = 4;
    private static final int OLDEST = 12;

    private final KnowHows knowHows;

    FigureController(KnowHows knowHows) {
        this.knowHows = knowHows;
    }

    /** @param wide in millimetres */
    record BoneView(Spot from, Spot to, Sketch.Of of, int wide) {}

    /** @param at seconds from the start */
    record MomentView(String name, double at) {}

    /**
     * A movement picture by picture.
     *
     * @param stature of the child, in millimetres
     * @param rate pictures a second
     * @param spots in the order in which they stand in a picture
     * @param frames ahead, to the side that does it, and up of each spot, in millimetres
     * @param bones what is drawn between which spots
     * @param head its radius, in millimetres
     * @param balls their radii, in millimetres
     */
    record ClipView(
            int stature,
            int rate,
            List<Spot> spots,
            List<int[]> frames,
            List<MomentView> moments,
            List<BoneView> bones,
            int head,
            List<Integer> balls,
            Thing.@Nullable Kind thing) {
        /** @param marked spots that are to be marked */
        static ClipView of(Movement movement, Body body, Set<Spot> marked) {
            Clip clip = Clip.of(movement, body, Clip.USUAL_RATE, marked);
            Thing thing = movement.handled().thing();
            return new ClipView(
                    millimetres(body.stature()),
                    clip.rate(),
                    clip.spots(),
                    clip.frames(),
                    clip.moments().entrySet().stream()
                            .map(e -> new MomentView(e.getKey(), e.getValue()))
                            .toList(),
                    Sketch.BONES.stream()
                            .map(b -> new BoneView(b.from(), b.to(), b.of(), millimetres(b.wide() * body.stature())))
                            .toList(),
                    millimetres(body.skull() / 2),
                    movement.handled().balls().stream()
                            .map(Ball::radius)
                            .map(ClipView::millimetres)
                            .toList(),
                    thing == null ? null : thing.kind());
        }

        private static int millimetres(double metres) {
            return (int) Math.round(metres * 1000);
        }
    }

    /**
     * @param unseen why a figure cannot show it; empty where it can
     * @param from where the cue is seen best
     * @param clip null where there is nothing to show; the movement as it should be where the cue itself is not drawn
     * @param shown whether the cue is there
     * @param at seconds from the start: the picture that decides
     * @param why what was measured, and what is asked for
     * @param looksAt what an eye looks at
     * @param variants other ways of doing it whose shape differs, by name
     */
    record FigureView(
            String cue,
            @Nullable Integer fault,
            String unseen,
            Seen from,
            @Nullable ClipView clip,
            boolean shown,
            double at,
            CueView.@Nullable Mirrored why,
            Set<Spot> looksAt,
            List<String> variants) {}

    /**
     * @param fault which of the cue's faults, from 0; none for the cue as it is shown
     * @param age of the child, in years
     * @param variant a way of doing it; none for the usual one, and without effect beside a fault
     */
    @GetMapping
    @MayRead
    FigureView figure(
            @RequestParam String cue,
            @RequestParam(required = false) @Nullable Integer fault,
            @RequestParam(defaultValue = "8") int age,
            @RequestParam(required = false) @Nullable String variant) {
        KnowHow known = knowHows.current();
        if (!known.hasCue(cue)) throw new NotFoundException("cue", cue);
        Cue asked = known.cue(cue);
        Demonstration shown = known.library().demonstrations().get(asked.skill());
        if (shown == null)
            return unseen(asked, fault, "This skill has no figure. A pack gives it one in a file of movements.");
        Demonstration.Shown c = shown.cues().get(cue);
        if (c == null) return unseen(asked, fault, "The figure of this skill does not speak of this cue.");
        Body body = Body.of(new Age(Math.max(YOUNGEST, Math.min(OLDEST, age))));
        List<String> variants = List.copyOf(shown.variants().keySet());
        Movement model = shown.model();
        if (variant != null) {
            if (!variants.contains(variant)) throw new NotFoundException("variant", variant);
            model = shown.variants().get(variant).movement();
        }
        // The movement helps even where the cue itself is too small to be drawn.
        if (c.question() == null)
            return new FigureView(
                    cue,
                    fault,
                    c.unseen(),
                    asked.seen(),
                    ClipView.of(model, body, Set.of()),
                    false,
                    0,
                    null,
                    Set.of(),
                    variants);
        if (fault == null) return view(asked, null, c.question(), model, body, variants);
        if (fault < 0 || fault >= asked.faults().size()) throw new NotFoundException("fault", String.valueOf(fault));
        Fault seen = asked.faults().get(fault);
        Optional<Demonstration.Wrong> wrong = c.wrong(seen.seen());
        Movement movement = wrong.map(Demonstration.Wrong::movement).orElse(null);
        if (movement == null)
            return unseen(
                    asked, fault, wrong.map(Demonstration.Wrong::unseen).orElse("The figure does not speak of it."));
        return view(asked, fault, c.question(), movement, body, variants);
    }

    private static FigureView unseen(Cue cue, @Nullable Integer fault, String why) {
        return new FigureView(cue.key(), fault, why, cue.seen(), null, false, 0, null, Set.of(), List.of());
    }

    private static FigureView view(
            Cue cue, @Nullable Integer fault, Question q, Movement movement, Body body, List<String> variants) {
        Question.Answer right = q.of(movement.on(body), Gauge.Sided.RIGHT);
        Question.Answer left = q.of(movement.on(body), Gauge.Sided.LEFT);
        return new FigureView(
                cue.key(),
                fault,
                "",
                cue.seen(),
                ClipView.of(movement, body, q.looksAt()),
                right.shown(),
                right.at() - movement.moments().get(0).at(),
                new CueView.Mirrored(right.sentence(), left.sentence(), right.sentence()),
                q.looksAt(),
                variants);
    }
}
