package io.isokinet.server.account;

import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.account.Sessions.SessionLine;
import io.isokinet.server.http.Fields;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One's own password and sessions. */
@RestController
@RequestMapping("/api/me")
public class MeController {
    private final Accounts accounts;
    private final Sessions sessions;
    private final Links links;
    private final SignInThrottle throttle;
    private final Audit audit;

    MeController(Accounts accounts, Sessions sessions, Links links, SignInThrottle throttle, Audit audit) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.links = links;
        this.throttle = throttle;
        this.audit = audit;
    }

    record PasswordForm(
            @NotBlank @Size(max = 200) String now,

            @NotBlank @Size(max = 200) String password) {}

    /** Everywhere else one is signed out. */
    @PutMapping("/password")
    @MayRead
    @Transactional
    public ResponseEntity<Void> password(@Valid @RequestBody PasswordForm form, HttpServletRequest request) {
        UUID me = SignedIn.current().person();
        // A session left open is no way to try one's passwords out.
        OptionalLong attempt = throttle.begin("own " + me, "");
        new Fields()
                .check(attempt.isPresent(), "now", "was wrong too often; wait five minutes, then try again.")
                .done();
        new Fields()
                .check(accounts.hasPassword(me, form.now()), "now", "is not your password of now; type it again.")
                .done();
        throttle.takeOff(attempt.orElseThrow());
        accounts.setPassword(me, form.password());
        links.close(me);
        audit.add(Act.DID, "changed the own password", "", me);
        sessions.endAll(me, own(request));
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/sessions")
    @MayRead
    List<SessionLine> sessions(HttpServletRequest request) {
        return sessions.of(SignedIn.current().person(), own(request));
    }

    /** Signs out everywhere but here. */
    @DeleteMapping("/sessions")
    @MayRead
    ResponseEntity<Void> endOthers(HttpServletRequest request) {
        sessions.endAll(SignedIn.current().person(), own(request));
        return ResponseEntity.noContent().build();
    }

    @DeleteMapping("/sessions/{key}")
    @MayRead
    ResponseEntity<Void> end(@PathVariable String key) {
        sessions.end(SignedIn.current().person(), key);
        return ResponseEntity.noContent().build();
    }

    private static String own(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? "" : session.getId();
    }
}
