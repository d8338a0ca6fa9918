package io.isokinet.server.knowhow;

import io.isokinet.core.eye.Level;
import io.isokinet.core.eye.Round;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.server.http.NotFoundException;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Rounds for the eye, of the know-how in force. */
@Component
public class Rounds {
    private final KnowHows knowHows;

    Rounds(KnowHows knowHows) {
        this.knowHows = knowHows;
    }

    /**
     * The same seed draws the same one.
     *
     * @param age of the children, in years
     * @throws NotFoundException if there is no such cue, or no figure shows it
     */
    public Round drawn(String cue, Level level, int age, long seed) {
        KnowHow known = knowHows.current();
        if (!known.hasCue(cue)) throw new NotFoundException("cue", cue);
        Demonstration shown = demonstration(known, cue)
                .orElseThrow(() -> NotFoundException.saying("This skill has no figure; choose another one."));
        if (shown.question(cue).isEmpty())
            throw NotFoundException.saying(
                    "No figure shows this cue, so that nobody can be trained on it; choose another one.");
        return Round.draw(shown, cue, level, age, seed);
    }

    static Optional<Demonstration> demonstration(KnowHow known, String cue) {
        return Optional.ofNullable(
                known.library().demonstrations().get(known.cue(cue).skill()));
    }
}
