package io.isokinet.server.nextstep;

import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.Subject;
import io.isokinet.server.nextstep.Rehearsals.RehearsalView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class NextStepController {
    private final NextSteps steps;
    private final Overview overview;
    private final OwnMinutes minutes;
    private final Rehearsals rehearsals;

    NextStepController(NextSteps steps, Overview overview, OwnMinutes minutes, Rehearsals rehearsals) {
        this.rehearsals = rehearsals;
        this.steps = steps;
        this.overview = overview;
        this.minutes = minutes;
    }

    /**
     * @param sets cue-set keys, one a skill
     * @param by until when something is to be decided; left out for the last planned lesson
     */
    @GetMapping("/classes/{id}/next")
    @MayPlan(of = Subject.CLASS)
    WhatNext next(
            @PathVariable UUID id,
            @RequestParam("set") List<String> sets,
            @RequestParam(required = false) @Nullable LocalDate by) {
        return steps.of(id, sets, by);
    }

    /**
     * Trends, minutes by skill and how attention was shared.
     *
     * @param sets cue-set keys, one a skill
     */
    @GetMapping("/classes/{id}/over-time")
    @MayPlan(of = Subject.CLASS)
    OverTime overTime(@PathVariable UUID id, @RequestParam("set") List<String> sets) {
        return overview.of(id, sets);
    }

    /**
     * What may come of the lessons of a unit that are still to be given.
     *
     * @param version that is rehearsed; left out for the one in force
     * @param besides version to compare with; left out for the one before
     */
    @GetMapping("/units/{id}/rehearsal")
    @MayPlan(of = Subject.UNIT)
    RehearsalView rehearsal(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID version,
            @RequestParam(required = false) @Nullable UUID besides) {
        return rehearsals.of(id, version, besides);
    }

    /** How long this lesson will take whoever asks. */
    @GetMapping("/lessons/{id}/forecast")
    @MayPlan(of = Subject.LESSON)
    OwnMinutes.ForecastView forecast(@PathVariable UUID id) {
        return minutes.forecast(id);
    }

    /** What the stretches of a class's taught lessons were, by id: for the history of a look. */
    @GetMapping("/classes/{id}/stretches")
    @MayPlan(of = Subject.CLASS)
    Map<UUID, String> stretches(@PathVariable UUID id) {
        return overview.stretches(id);
    }
}
