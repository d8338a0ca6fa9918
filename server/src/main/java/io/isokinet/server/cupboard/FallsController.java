package io.isokinet.server.cupboard;

import io.isokinet.core.motion.Toppling;
import io.isokinet.core.motion.Toppling.Answer;
import io.isokinet.core.motion.Toppling.Verdict;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import io.isokinet.server.account.MayRecord;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.place.Cupboards;
import io.isokinet.server.place.Cupboards.Rolled;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Will it topple? Computed, until three rolls on the floor say otherwise. */
@RestController
@RequestMapping("/api/cupboard")
class FallsController {
    private final KnowHows knowHows;
    private final Cupboards cupboards;

    FallsController(KnowHows knowHows, Cupboards cupboards) {
        this.knowHows = knowHows;
        this.cupboards = cupboards;
    }

    /**
     * @param fell how many of three test rolls felled it; null if it was not tried
     * @param computed what the computation says, tried or not
     * @param fill what mass would work; null if it falls as it is, or none would
     * @param others what there is that would fall to this ball
     */
    record FallView(
            Verdict verdict,
            String reason,
            @Nullable Integer fell,
            String computed,
            @Nullable String fill,
            List<String> others) {}

    record RolledBody(
            @NotBlank String ball,
            @NotBlank String target,
            @Nullable Integer fell) {}

    @GetMapping("/falls")
    @MayRecord
    FallView falls(@RequestParam String ball, @RequestParam String target, @RequestParam int age) {
        Item sent = knowHows.withOwnThings().item(ball);
        Item stands = knowHows.withOwnThings().item(target);
        Age of = new Age(age);
        Cupboard cupboard = knowHows.cupboard();
        Answer computed = Toppling.of(sent, stands, of);
        Integer fell = cupboard.fell(sent, stands).isPresent()
                ? Integer.valueOf(cupboard.fell(sent, stands).getAsInt())
                : null;
        Answer answer = fell == null ? computed : Toppling.tried(sent, stands, fell);
        boolean well = answer.verdict() == Verdict.LIKELY;
        return new FallView(
                answer.verdict(),
                answer.reason(),
                fell,
                computed.reason(),
                well
                        ? null
                        : Toppling.heaviest(sent, stands, of)
                                .map(m -> Words.say(
                                        "One of this shape falls at up to %.0f g; this one weighs %.0f g.",
                                        m.grams(), stands.mass().grams()))
                                .orElse(null),
                well
                        ? List.of()
                        : cupboard.items().stream()
                                .filter(i -> i.has(Trait.STANDS) && !i.equals(stands))
                                .filter(i -> Toppling.of(sent, i, of).verdict() == Verdict.LIKELY)
                                .map(i -> i.counted(cupboard.count(i)))
                                .toList());
    }

    @PutMapping("/rolls")
    @MayRecord
    ResponseEntity<Void> roll(@Valid @RequestBody RolledBody body) {
        knowHows.withOwnThings().item(body.ball());
        knowHows.withOwnThings().item(body.target());
        cupboards.roll(new Rolled(body.ball(), body.target(), body.fell()));
        return ResponseEntity.noContent().build();
    }
}
