package io.isokinet.server.knowhow;

import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Condition;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Mirror;
import io.isokinet.core.skill.Sides;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A cue with its texts for either side. */
public record CueView(
        String key,
        String skill,
        String phase,
        String body,
        Mirrored question,
        Mirrored call,
        Mirrored view,
        int fromAge,
        List<String> prerequisites,
        Condition condition,
        List<FaultView> faults,
        String tellMe,
        @Nullable AtSpeed atSpeed) {
    /** The wording at full speed. */
    public record AtSpeed(Mirrored question, Mirrored call) {}

    /** The same text for a right-hander, a left-hander, and a child who has not settled. */
    public record Mirrored(String right, String left, String notSettled) {
        public static Mirrored of(String template, Action action) {
            return new Mirrored(
                    Mirror.text(template, action, Sides.all(Side.RIGHT)),
                    Mirror.text(template, action, Sides.all(Side.LEFT)),
                    Mirror.text(template, action, Sides.NOT_SETTLED));
        }
    }

    public record FaultView(Mirrored seen, Mirrored fix) {}

    public static CueView of(Cue cue, Action action) {
        return new CueView(
                cue.key(),
                cue.skill(),
                cue.phase().label(),
                cue.bodyPart(),
                Mirrored.of(cue.question(), action),
                Mirrored.of(cue.call(), action),
                Mirrored.of(cue.view(), action),
                cue.fromAge(),
                cue.prerequisites(),
                cue.condition(),
                cue.faults().stream()
                        .map(f -> new FaultView(Mirrored.of(f.told(), action), Mirrored.of(f.fix(), action)))
                        .toList(),
                cue.tellMe(),
                cue.atSpeed() == null
                        ? null
                        : new AtSpeed(
                                Mirrored.of(cue.atSpeed().question(), action),
                                Mirrored.of(cue.atSpeed().call(), action)));
    }
}
