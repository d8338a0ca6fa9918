package io.isokinet.server.knowhow;

import io.isokinet.core.motion.BounceTask;
import io.isokinet.core.motion.Juggling;
import io.isokinet.core.motion.TossTask;
import io.isokinet.core.motion.TossTask.Task;
import io.isokinet.core.quantity.Age;
import io.isokinet.server.account.MayRead;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Small sums beside a skill: the height of a toss, the beat of juggling, the point of a bounce. */
@RestController
@RequestMapping("/api/workbench")
class WorkbenchController {
    /** @param tasks that can be asked for, with what they are called */
    record TossView(TossTask toss, List<TaskName> tasks) {}

    record TaskName(Task task, String label) {}

    /** @param ceiling metres; left out for outdoors @param more metres higher than needed */
    @GetMapping("/toss")
    @MayRead
    TossView toss(
            @RequestParam(defaultValue = "CLAP") Task task,
            @RequestParam(defaultValue = "7") int age,
            @RequestParam(required = false) @Nullable Double ceiling,
            @RequestParam(defaultValue = "0") double more) {
        return new TossView(
                TossTask.of(task, new Age(age), ceiling, more),
                Arrays.stream(Task.values())
                        .map(t -> new TaskName(t, t.label()))
                        .toList());
    }

    /** @param rise metres from hand to top @param dwell seconds in the hand */
    @GetMapping("/beat")
    @MayRead
    Juggling beat(
            @RequestParam(defaultValue = "3") int objects,
            @RequestParam(defaultValue = "0.6") double rise,
            @RequestParam(defaultValue = "0.4") double dwell) {
        return Juggling.of(objects, rise, dwell);
    }

    /**
     * Where to bounce a pass so that it arrives at the waist.
     *
     * @param metres to the partner @param speed over the floor, m/s @param rebound speed after as a share of that before
     */
    @GetMapping("/bounce")
    @MayRead
    BounceTask bounce(
            @RequestParam(defaultValue = "3") double metres,
            @RequestParam(defaultValue = "8") int age,
            @RequestParam(defaultValue = "3") double speed,
            @RequestParam(defaultValue = "0.75") double rebound) {
        return BounceTask.of(metres, new Age(age), speed, rebound);
    }
}
