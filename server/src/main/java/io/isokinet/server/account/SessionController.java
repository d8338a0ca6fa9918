package io.isokinet.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sign in, who am I, sign out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final Accounts accounts;
    private final SignInThrottle throttle;
    private final KnownDevices devices;
    private final SignInLog log;
    private final SecurityContextRepository contexts;
    private final String version;

    SessionController(
            Accounts accounts,
            SignInThrottle throttle,
            KnownDevices devices,
            SignInLog log,
            SecurityContextRepository contexts,
            @Value("${isokinet.version}") String version) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.devices = devices;
        this.log = log;
        this.contexts = contexts;
        this.version = version;
    }

    record SignIn(
            @NotBlank @Size(max = 120) String signIn,

            @NotBlank @Size(max = 200) String password) {}

    /** @param version of the application */
    record SessionView(UUID person, UUID school, String name, Role role, String version) {
        static SessionView of(SignedIn signedIn, String version) {
            return new SessionView(signedIn.person(), signedIn.school(), signedIn.name(), signedIn.role(), version);
        }
    }

    @PostMapping
    @Anybody
    SessionView signIn(@Valid @RequestBody SignIn form, HttpServletRequest request, HttpServletResponse response) {
        UUID wanted = accounts.whose(form.signIn()).orElse(null);
        Optional<String> known = devices.count(wanted, request);
        // A browser that was signed in with before waits for its own wrong tries, not for what others try elsewhere.
        String secret = known.orElse(form.signIn());
        OptionalLong attempt = throttle.begin(secret, known.isPresent() ? "" : request.getRemoteAddr());
        if (attempt.isEmpty()) {
            response.setHeader("Retry-After", String.valueOf(SignInThrottle.WAIT_SECONDS));
            throw refused(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many tries. Wait five minutes, use a device that you have signed in with before, or ask the lead for a new password.");
        }
        SignedIn signedIn = accounts.verify(form.signIn(), form.password()).orElse(null);
        if (signedIn == null) {
            if (wanted != null) log.failed(wanted);
            throw refused(
                    HttpStatus.UNAUTHORIZED,
                    "This name and password do not belong together. Check both and try again.");
        }
        throttle.takeOff(attempt.getAsLong());
        throttle.succeeded(secret);
        devices.remember(signedIn.person(), request, response);
        log.signedIn(signedIn, Sessions.words(request.getHeader(HttpHeaders.USER_AGENT)));
        HttpSession session = request.getSession(true);
        if (!session.isNew()) request.changeSessionId();
        session.setAttribute(Sessions.DEVICE, Sessions.words(request.getHeader(HttpHeaders.USER_AGENT)));
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                signedIn, null, List.of(new SimpleGrantedAuthority("ROLE_" + signedIn.role()))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return SessionView.of(signedIn, version);
    }

    @GetMapping
    @MayRead
    SessionView whoAmI() {
        return SessionView.of(SignedIn.current(), version);
    }

    @DeleteMapping
    @MayRead
    ResponseEntity<Void> signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) session.invalidate();
        SecurityContextHolder.clearContext();
        return ResponseEntity.noContent().build();
    }

    private static ErrorResponseException refused(HttpStatus status, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle("Not signed in");
        return new ErrorResponseException(status, problem, null);
    }
}
