package io.isokinet.server.mastery;

import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.mastery.CameTrue.CameTrueView;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How often what was believed came true, for who leads the school. */
@RestController
@RequestMapping("/api/school/came-true")
class CameTrueController {
    private final CameTrue cameTrue;

    CameTrueController(CameTrue cameTrue) {
        this.cameTrue = cameTrue;
    }

    /** Nothing before it was first counted. */
    @GetMapping
    @LeadOnly
    ResponseEntity<CameTrueView> view() {
        return answer(cameTrue.view());
    }

    /** Counts now what would be counted in the night. */
    @PostMapping
    @LeadOnly
    ResponseEntity<CameTrueView> count() {
        cameTrue.count();
        return answer(cameTrue.view());
    }

    private static ResponseEntity<CameTrueView> answer(Optional<CameTrueView> view) {
        return view.map(ResponseEntity::ok).orElse(ResponseEntity.noContent().build());
    }
}
