package io.isokinet.server.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.task.Asked;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Tasks;
import io.isokinet.server.unit.UnitBody.PartBody;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** How hard the stretches of lessons are, by the plans that stand. */
@Component
class TasksOfPlans implements Tasks {
    private final UnitHeaders headers;
    private final KnowHows knowHows;

    TasksOfPlans(UnitHeaders headers, KnowHows knowHows) {
        this.headers = headers;
        this.knowHows = knowHows;
    }

    @Override
    public Map<UUID, Steps> of(Collection<UUID> lessons) {
        KnowHow known = knowHows.current();
        Map<UUID, Steps> tasks = new HashMap<>();
        headers.stretches(lessons).forEach((stretch, all) -> {
            List<PartBody> parts =
                    all.stream().filter(p -> known.hasActivity(p.activity())).toList();
            if (!parts.isEmpty()) tasks.put(stretch, steps(parts, known));
        });
        return tasks;
    }

    /** Of stations the mean: nobody tells at which of them a look was made, and their steps are not set in the hall. */
    private static Steps steps(List<PartBody> parts, KnowHow known) {
        if (parts.size() > 1)
            return new Steps(
                    List.of(parts.stream()
                            .mapToDouble(p -> Asked.of(known.activity(p.activity()), p.setting())
                                    .logits())
                            .average()
                            .orElseThrow()),
                    0);
        Activity activity = known.activity(parts.get(0).activity());
        return new Steps(
                IntStream.range(0, Asked.steps(activity))
                        .mapToObj(step -> Asked.of(activity, step).logits())
                        .toList(),
                parts.get(0).setting());
    }
}
