package io.isokinet.server.account;

import io.isokinet.server.account.Accounts.PersonView;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.account.Links.Made;
import io.isokinet.server.account.Links.Waiting;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who is in the school, as what, with which classes; and the log. For the lead alone. */
@RestController
@RequestMapping("/api")
public class PeopleController {
    private static final int PAGE = 60;

    private final Accounts accounts;
    private final Teams teams;
    private final Links links;
    private final Sessions sessions;
    private final Audit audit;
    private final Clock clock;

    PeopleController(Accounts accounts, Teams teams, Links links, Sessions sessions, Audit audit, Clock clock) {
        this.accounts = accounts;
        this.teams = teams;
        this.links = links;
        this.sessions = sessions;
        this.audit = audit;
        this.clock = clock;
    }

    /** @param classes given to them; a lead has them all and a viewer sees them all */
    record PersonLine(PersonView person, Set<UUID> classes) {}

    record PeopleView(List<PersonLine> people, List<Waiting> invitations) {}

    record InviteForm(
            @NotBlank String name,
            @NotNull Role role,
            @NotNull List<UUID> classes) {}

    record PersonForm(@NotNull Role role, @NotNull List<UUID> classes) {}

    @GetMapping("/people")
    @LeadOnly
    @Transactional(readOnly = true)
    public PeopleView people() {
        var given = teams.all();
        return new PeopleView(
                accounts.all().stream()
                        .map(p -> new PersonLine(p, given.getOrDefault(p.id(), Set.of())))
                        .toList(),
                links.waiting());
    }

    @PostMapping("/invitations")
    @LeadOnly
    Made invite(@Valid @RequestBody InviteForm form) {
        return links.invite(form.name(), form.role(), form.classes());
    }

    @DeleteMapping("/invitations/{id}")
    @LeadOnly
    ResponseEntity<Void> withdraw(@PathVariable UUID id) {
        links.withdraw(id);
        return ResponseEntity.noContent().build();
    }

    /** What changes for a person holds from their next sign-in on, so they are signed out. */
    @PutMapping("/people/{id}")
    @LeadOnly
    @Transactional
    public PeopleView change(@PathVariable UUID id, @Valid @RequestBody PersonForm form) {
        PersonView before = accounts.person(id);
        accounts.setRole(id, form.role());
        teams.set(id, form.classes());
        audit.add(
                Act.CHANGED,
                "person " + before.name(),
                "role %s → %s, %d classes given"
                        .formatted(
                                before.role().label(),
                                form.role().label(),
                                form.classes().size()),
                id);
        if (before.role() != form.role()) sessions.endAll(id, null);
        if (form.role() != Role.LEAD) links.dropMadeBy(id);
        return people();
    }

    @DeleteMapping("/people/{id}")
    @LeadOnly
    @Transactional
    public ResponseEntity<Void> remove(@PathVariable UUID id) {
        String name = accounts.person(id).name();
        accounts.end(id);
        teams.set(id, List.of());
        links.close(id);
        links.dropMadeBy(id);
        audit.add(Act.REMOVED, "person " + name, "", id);
        sessions.endAll(id, null);
        return ResponseEntity.noContent().build();
    }

    @PostMapping("/people/{id}/reset")
    @LeadOnly
    Made reset(@PathVariable UUID id) {
        return links.reset(id);
    }

    @PostMapping("/people/{id}/sign-out")
    @LeadOnly
    @Transactional
    public ResponseEntity<Void> signOut(@PathVariable UUID id) {
        audit.add(Act.DID, "signed out " + accounts.person(id).name() + " everywhere", "", id);
        sessions.endAll(id, null);
        return ResponseEntity.noContent().build();
    }

    /** @param before shows older entries; null for the newest */
    @GetMapping("/audit")
    @LeadOnly
    List<Audit.Entry> log(@RequestParam(required = false) @Nullable Instant before) {
        return audit.page(before == null ? clock.instant().plusSeconds(1) : before, PAGE);
    }
}
