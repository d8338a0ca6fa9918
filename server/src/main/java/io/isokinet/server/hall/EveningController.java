package io.isokinet.server.hall;

import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.Subject;
import io.isokinet.server.hall.Evening.EveningView;
import io.isokinet.server.record.EveningRecords.About;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** After a lesson: what is proposed for the next one. */
@RestController
@RequestMapping("/api/lessons/{id}/evening")
class EveningController {
    private final Evening evening;

    EveningController(Evening evening) {
        this.evening = evening;
    }

    @GetMapping
    @MayPlan(of = Subject.LESSON)
    EveningView evening(@PathVariable UUID id) {
        return evening.view(id);
    }

    record EveningAnswer(@NotNull Boolean yes) {}

    /** Says yes or no to a proposal. */
    @PutMapping("/{about}")
    @MayPlan(of = Subject.LESSON)
    EveningView answerEvening(
            @PathVariable UUID id, @PathVariable About about, @Valid @RequestBody EveningAnswer body) {
        return evening.answer(id, about, body.yes());
    }
}
