package io.isokinet.server.unit;

import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Units as the board shows them. */
@Service
public class UnitBoards {
    private final UnitStore store;
    private final UnitReader reader;
    private final Classes classes;
    private final Spaces spaces;

    UnitBoards(UnitStore store, UnitReader reader, Classes classes, Spaces spaces) {
        this.store = store;
        this.reader = reader;
        this.classes = classes;
        this.spaces = spaces;
    }

    /** @throws io.isokinet.server.http.NotFoundException if there is none */
    @Transactional(readOnly = true)
    public UnitView view(UUID unit) {
        return view(reader.read(unit), List.of());
    }

    /**
     * As it is after a change.
     *
     * @param before the plan that was in force
     */
    @Transactional(readOnly = true)
    UnitView changed(UUID unit, UnitInHand before) {
        UnitInHand now = reader.read(unit);
        return view(now, RuleChange.between(before.plan(), now.plan()));
    }

    /** @param changes what the last edit did, by rule */
    @Transactional(readOnly = true)
    UnitView view(UnitInHand unit, List<RuleChange> changes) {
        return new UnitDrawing(unit, spaceNames())
                .view(
                        classes.line(unit.row().classId()),
                        store.next(unit.head().id()).isPresent(),
                        changes);
    }

    Map<UUID, String> spaceNames() {
        Map<UUID, String> names = new HashMap<>();
        spaces.all().forEach(s -> names.put(s.id(), s.name()));
        return names;
    }
}
