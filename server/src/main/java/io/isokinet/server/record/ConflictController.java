package io.isokinet.server.record;

import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.record.TrialConflicts.ConflictView;
import io.isokinet.server.record.TrialConflicts.Decision;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Looks that came twice with another content: for the lead, who decides. */
@RestController
@RequestMapping("/api/kept-aside")
class ConflictController {
    private final TrialConflicts aside;

    ConflictController(TrialConflicts aside) {
        this.aside = aside;
    }

    record DecisionForm(@NotNull Decision decision) {}

    /** Those that wait, the latest first, 200 at most. */
    @GetMapping
    @LeadOnly
    List<ConflictView> waiting() {
        return aside.waiting();
    }

    /** Decides one; those that still wait. */
    @PostMapping("/{id}")
    @LeadOnly
    List<ConflictView> decide(@PathVariable long id, @Valid @RequestBody DecisionForm form) {
        aside.decide(id, form.decision(), SignedIn.current());
        return aside.waiting();
    }
}
