package io.isokinet.server.eye;

import io.isokinet.core.belief.Eye;
import io.isokinet.core.eye.OwnEye;
import io.isokinet.core.eye.Verdict;
import io.isokinet.server.account.Accounts;
import io.isokinet.server.account.SignedIn;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What rounds tell of the eyes of those who gave their leave. */
@Service
public class OwnEyes {
    private final RoundRows rounds;
    private final LeaveRows leaves;
    private final Accounts accounts;

    OwnEyes(RoundRows rounds, LeaveRows leaves, Accounts accounts) {
        this.rounds = rounds;
        this.leaves = leaves;
        this.accounts = accounts;
    }

    /** The eye of who is signed in. */
    @Transactional(readOnly = true)
    public OwnEye own() {
        return of(SignedIn.current().person());
    }

    @Transactional(readOnly = true)
    OwnEye of(UUID person) {
        return new OwnEye(rounds.of(person).stream().map(RoundRow::judged).toList());
    }

    /** By the names of observers, of those who gave their leave. */
    @Transactional(readOnly = true)
    public Map<String, OwnEye> withLeave() {
        Map<UUID, List<RoundRow>> by = rounds.withLeave().stream()
                .collect(Collectors.groupingBy(RoundRow::person, LinkedHashMap::new, Collectors.toList()));
        if (by.isEmpty()) return Map.of();
        Map<String, OwnEye> eyes = new HashMap<>();
        for (Accounts.PersonView person : accounts.all())
            if (by.containsKey(person.id()))
                eyes.put(
                        person.name(),
                        new OwnEye(by.get(person.id()).stream()
                                .map(RoundRow::judged)
                                .toList()));
        return eyes;
    }

    /** In which time who is signed in judges a child, in seconds; empty without leave, and before any round. */
    @Transactional(readOnly = true)
    public OptionalDouble secondsALook() {
        UUID me = SignedIn.current().person();
        return leaves.of(me).isEmpty() ? OptionalDouble.empty() : of(me).secondsALook();
    }

    /**
     * How often an eye errs in a cue: what is known without the trainer, then what all rounds say, then those of the cue.
     *
     * @param before what is known without the trainer
     */
    public static Eye errors(OwnEye own, String cue, Eye before) {
        return with(errors(own, before), own.asInTheHall(cue));
    }

    /** The same in any cue. */
    static Eye errors(OwnEye own, Eye before) {
        return with(before, own.asInTheHall());
    }

    private static Eye with(Eye before, Verdict v) {
        return before.with(v.falseAlarms(), v.falseAlarms() + v.rejected(), v.missed(), v.seen() + v.missed());
    }
}
