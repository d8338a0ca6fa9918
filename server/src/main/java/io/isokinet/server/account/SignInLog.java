package io.isokinet.server.account;

import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who signed in, and who could not, in the log of the school. */
@Service
class SignInLog {
    private final Accounts accounts;
    private final Audit audit;

    SignInLog(Accounts accounts, Audit audit) {
        this.accounts = accounts;
        this.audit = audit;
    }

    /** @param device in words */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void signedIn(SignedIn who, String device) {
        try (SchoolScope.Entered scope = SchoolScope.enter(who.school())) {
            audit.add(who.person(), who.name(), Act.DID, "signed in", "on " + device, who.person());
        }
    }

    /** A wrong password for somebody that there is. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(UUID person) {
        accounts.membershipOf(person).ifPresent(who -> {
            try (SchoolScope.Entered scope = SchoolScope.enter(who.school())) {
                audit.add(null, "somebody", Act.DID, "tried a wrong password for " + who.name(), "", person);
            }
        });
    }
}
