package io.isokinet.server.account;

import java.io.Serializable;
import java.util.UUID;
import org.springframework.security.core.AuthenticatedPrincipal;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Who is signed in, for which school. Kept in the session. */
public record SignedIn(UUID person, UUID school, String name, Role role)
        implements AuthenticatedPrincipal, Serializable {
    /** The name under which sessions are indexed. */
    @Override
    public String getName() {
        return person.toString();
    }

    /** @throws IllegalStateException if nobody is signed in */
    public static SignedIn current() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication != null && authentication.getPrincipal() instanceof SignedIn signedIn) return signedIn;
        throw new IllegalStateException("Impossible state: nobody is signed in.");
    }
}
