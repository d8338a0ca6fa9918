package io.isokinet.server.school;

import io.isokinet.core.quantity.LengthUnit;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Shows lengths in the unit of the school in scope, which is read once; in metres where there is none. */
@Component
class SchoolLengths implements Lengths.Shown {
    private final Schools.Rows rows;
    private final Map<UUID, LengthUnit> units = new ConcurrentHashMap<>();

    SchoolLengths(Schools.Rows rows) {
        this.rows = rows;
    }

    @Override
    public String of(String text) {
        return Lengths.isIn(text) ? Lengths.shown(text, unit()) : text;
    }

    private LengthUnit unit() {
        return SchoolScope.entered()
                .map(school -> units.computeIfAbsent(school, this::read))
                .orElse(LengthUnit.METRES);
    }

    private LengthUnit read(UUID school) {
        return rows.findById(school).map(row -> row.lengthUnit).orElse(LengthUnit.METRES);
    }

    /** Another unit was chosen; who reads it before that is committed still reads the old one, and nobody after. */
    void forget(UUID school) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                units.remove(school);
            }
        });
    }
}
