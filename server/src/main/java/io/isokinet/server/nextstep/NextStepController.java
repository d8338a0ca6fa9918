package io.isokinet.server.nextstep;

import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import io.isokinet.server.account.Subject;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/classes/{id}/next")
class NextStepController {
    private final NextSteps steps;

    NextStepController(NextSteps steps) {
        this.steps = steps;
    }

    /** @param sets cue-set keys, one a skill */
    @GetMapping
    @Allowed(value = Role.TEACHER, of = Subject.CLASS)
    WhatNext next(@PathVariable UUID id, @RequestParam("set") List<String> sets) {
        return steps.of(id, sets);
    }
}
