package io.isokinet.server.school;

import io.isokinet.core.quantity.Age;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The school in scope. */
@Service
public class Schools {
    interface Rows extends JpaRepository<School, UUID> {}

    private final Rows rows;
    private final Clock clock;

    Schools(Rows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** A year as the school names it, and the age underneath. */
    public record YearView(int age, String label) {}

    /** @param years every year there is a name for */
    public record SchoolView(UUID id, String name, String timeZone, List<YearView> years) {}

    @Transactional
    public UUID add(String name, YearNaming naming, ZoneId zone) {
        School school = new School(Ids.next(), name, naming, zone);
        rows.save(school);
        return school.id;
    }

    /** True if there is a school in this database. */
    @Transactional(readOnly = true)
    public boolean any() {
        return rows.count() > 0;
    }

    @Transactional(readOnly = true)
    public SchoolView view() {
        School school = current();
        return new SchoolView(
                school.id,
                school.name,
                school.timeZone,
                IntStream.rangeClosed(Age.YOUNGEST, Age.OLDEST)
                        .mapToObj(age -> new YearView(age, school.yearNaming.label(age)))
                        .toList());
    }

    public YearNaming naming() {
        return current().yearNaming;
    }

    public ZoneId zone() {
        return ZoneId.of(current().timeZone);
    }

    /** Today, where the school is. */
    public LocalDate today() {
        return LocalDate.now(clock.withZone(zone()));
    }

    private School current() {
        UUID id = SchoolScope.current();
        return rows.findById(id).orElseThrow(() -> new NotFoundException("school", id));
    }
}
