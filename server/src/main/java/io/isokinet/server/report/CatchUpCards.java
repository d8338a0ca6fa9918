package io.isokinet.server.report;

import io.isokinet.core.nextstep.CatchUp;
import io.isokinet.core.quantity.Age;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.nextstep.NextSteps;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Cards for children who were away when a cue was taught. */
@Component
class CatchUpCards {
    private final NextSteps next;
    private final Classes classes;
    private final KnowHows knowHows;

    CatchUpCards(NextSteps next, Classes classes, KnowHows knowHows) {
        this.next = next;
        this.classes = classes;
        this.knowHows = knowHows;
    }

    /** @param tries empty boxes, one for each try that is watched */
    record Card(String name, String skill, String call, List<String> steps, int tries) {}

    /** One for each child and cue; none if nobody missed anything. */
    @Transactional(readOnly = true)
    public List<Card> of(UUID classId, List<String> sets) {
        Map<UUID, ChildView> children =
                classes.view(classId).children().stream().collect(Collectors.toMap(ChildView::id, Function.identity()));
        return next.catchUps(classId, sets).stream()
                .flatMap(c -> c.children().stream().map(child -> card(children.get(child), c.cue())))
                .toList();
    }

    private Card card(ChildView child, String cue) {
        CatchUp card = CatchUp.forChild(knowHows.current(), cue, new Age(child.yearAge()), child.toSides());
        return new Card(
                child.name(),
                knowHows.current().skill(knowHows.current().cue(cue).skill()).name(),
                card.call(),
                card.steps(),
                CatchUp.TRIES);
    }
}
