package io.isokinet.server.school;

import io.isokinet.core.quantity.LengthUnit;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.quantity.Paper;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Shows lengths in the unit of the school in scope, and names its paper, both read once; metres and A4 where there is none. */
@Component
class SchoolLengths implements Lengths.Shown, Paper.Chosen {
    private static final Habits USUAL = new Habits(LengthUnit.METRES, Paper.A4);

    private final Schools.Rows rows;
    private final Map<UUID, Habits> habits = new ConcurrentHashMap<>();

    private record Habits(LengthUnit unit, Paper paper) {}

    SchoolLengths(Schools.Rows rows) {
        this.rows = rows;
    }

    @Override
    public String of(String text) {
        return Lengths.isIn(text) ? Lengths.shown(text, habits().unit()) : text;
    }

    @Override
    public Paper paper() {
        return habits().paper();
    }

    private Habits habits() {
        return SchoolScope.entered()
                .map(school -> habits.computeIfAbsent(school, this::read))
                .orElse(USUAL);
    }

    private Habits read(UUID school) {
        return rows.findById(school)
                .map(row -> new Habits(row.lengthUnit, row.paper))
                .orElse(USUAL);
    }

    /** Another unit or paper was chosen; who reads it before that is committed still reads the old one, and nobody after. */
    void forget(UUID school) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                habits.remove(school);
            }
        });
    }
}
