package io.isokinet.server.knowhow;

import io.isokinet.core.motion.BouncePass;
import io.isokinet.core.motion.Juggling;
import io.isokinet.core.motion.TossTask;
import io.isokinet.core.motion.TossTask.Task;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Share;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Small sums beside a skill: the height of a toss, the beat of juggling, the point of a bounce. */
@RestController
@RequestMapping("/api/workbench")
class WorkbenchController {
    private static final double STEP = 0.05;

    /** @param tasks that can be asked for, with what they are called */
    record TossView(TossTask toss, List<TaskName> tasks) {}

    record TaskName(Task task, String label) {}

    /** @param point where it bounces, as a share of the way @param path height in metres at each twentieth of the way @param arrives metres */
    record BounceView(double point, double from, double arrives, List<Double> path, String sentence) {}

    /** @param ceiling metres; left out for outdoors @param more metres higher than needed */
    @GetMapping("/toss")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
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
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
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
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    BounceView bounce(
            @RequestParam(defaultValue = "3") double metres,
            @RequestParam(defaultValue = "8") int age,
            @RequestParam(defaultValue = "5") double speed,
            @RequestParam(defaultValue = "0.75") double rebound) {
        if (!(metres >= 1 && metres <= 15 && speed >= 1 && speed <= 15 && rebound > 0 && rebound < 1))
            throw new IllegalArgumentException(
                    "A bounce pass goes 1 to 15 m at 1 to 15 m/s and comes up with a share of its speed between 0 and 1; %s m, %s m/s and %s were given."
                            .formatted(metres, speed, rebound));
        double tall = 0.77 + 0.06 * age;
        double from = 0.7 * tall;
        double waist = 0.55 * tall;
        Share point = BouncePass.pointFor(metres, from, speed, waist, rebound);
        double arrives = BouncePass.arrives(metres, from, speed, point, rebound);
        return new BounceView(
                point.value(),
                from,
                arrives,
                java.util.stream.IntStream.rangeClosed(0, (int) Math.round(1 / STEP))
                        .mapToObj(i -> BouncePass.height(metres, from, speed, point, rebound, i * STEP))
                        .toList(),
                String.format(
                        Locale.ROOT,
                        "It bounces %.1f m on the way, %.0f %% of it, and arrives %.1f m high; about the waist is %.1f m.",
                        point.value() * metres,
                        100 * point.value(),
                        arrives,
                        waist));
    }
}
