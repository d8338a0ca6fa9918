package io.isokinet.server.school;

import io.isokinet.core.aim.Band;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.LengthUnit;
import io.isokinet.core.quantity.Paper;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.safety.SafetyRule;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.tenancy.SchoolScope;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The school in scope: its name, zone, units and habits. */
@Service
public class Schools {
    private static final Logger LOG = LoggerFactory.getLogger(Schools.class);

    static final int USUAL_PACE_CM = 75;
    private static final int MOST_CAUTIONS = 20;

    interface Rows extends JpaRepository<School, UUID> {}

    private final Rows rows;
    private final Clock clock;
    private final Audit audit;
    private final SchoolLengths lengths;

    Schools(Rows rows, Clock clock, Audit audit, SchoolLengths lengths) {
        this.rows = rows;
        this.clock = clock;
        this.audit = audit;
        this.lengths = lengths;
    }

    /** What becomes of the trials of a child that is erased. */
    public enum ErasedTrials {
        /** They stay, without whose they were. */
        KEEP,
        DROP
    }

    /** A year as the school names it, and the age underneath. */
    public record YearView(int age, String label) {}

    /**
     * @param years every year there is a name for
     * @param paceCm one pace in centimetres
     * @param paceWhose whose pace it is
     * @param weekStarts A and B weeks change on it
     * @param cautions what the school adds to every lesson sheet
     * @param softened keys of usual cautions that only warn here
     * @param bandFrom and @param bandTo how often a try is to succeed here, in percent
     * @param paper that it prints on
     * @param version for If-Match
     */
    public record SchoolView(
            UUID id,
            String name,
            String timeZone,
            YearNaming yearNaming,
            List<YearView> years,
            LengthUnit lengthUnit,
            int paceCm,
            String paceWhose,
            DayOfWeek weekStarts,
            List<String> cautions,
            List<String> softened,
            int bandFrom,
            int bandTo,
            ErasedTrials erasedTrials,
            Paper paper,
            @Nullable LocalDate movedUpOn,
            LocalDate today,
            @Nullable Integer version) {}

    /** @param ownYears names by age, for {@link YearNaming#OWN} */
    public record SchoolForm(
            String name,
            String timeZone,
            YearNaming yearNaming,
            Map<Integer, String> ownYears,
            LengthUnit lengthUnit,
            int paceCm,
            String paceWhose,
            DayOfWeek weekStarts,
            List<String> cautions,
            List<String> softened,
            int bandFrom,
            int bandTo,
            ErasedTrials erasedTrials,
            Paper paper) {}

    @Transactional
    public UUID add(String name, YearNaming naming, ZoneId zone) {
        School school = new School(Ids.next(), name.strip(), naming, zone);
        rows.save(school);
        return school.id;
    }

    /** True if there is a school in this database. */
    @Transactional(readOnly = true)
    public boolean any() {
        return rows.count() > 0;
    }

    /**
     * Does something in the scope of each school of this database, as is done in the night; a school where it fails does not keep it from
     * the next.
     *
     * @param what it is, for the log
     */
    public void inEach(String what, Runnable work) {
        for (School school : rows.findAll())
            try (var scope = SchoolScope.enter(school.id)) {
                work.run();
            } catch (RuntimeException e) {
                LOG.warn(
                        "{} failed for school {}: {}",
                        what,
                        school.id,
                        e.getClass().getSimpleName());
            }
    }

    @Transactional(readOnly = true)
    public SchoolView view() {
        School school = current();
        YearNames names = names(school);
        return new SchoolView(
                school.id,
                school.name,
                school.timeZone,
                school.yearNaming,
                IntStream.rangeClosed(Age.YOUNGEST, Age.OLDEST)
                        .mapToObj(age -> new YearView(age, names.label(age)))
                        .toList(),
                school.lengthUnit,
                school.paceCm,
                school.paceWhose,
                school.weekStarts,
                school.cautions,
                school.softened,
                school.bandFrom,
                school.bandTo,
                school.erasedTrials,
                school.paper,
                school.movedUpOn,
                today(),
                school.version);
    }

    @Transactional
    public SchoolView change(SchoolForm form, IfMatch version) {
        School school = current();
        version.require("school", school.version);
        checkBasics(new Fields(), form.name(), form.timeZone())
                .check(
                        form.paceCm() >= 30 && form.paceCm() <= 150,
                        "paceCm",
                        "must be 30 to 150: walk ten paces, measure, and divide by ten.")
                .check(
                        !form.paceWhose().isBlank() && form.paceWhose().length() <= 60,
                        "paceWhose",
                        "needs 1 to 60 characters: whose pace is it?")
                .check(
                        List.of(DayOfWeek.MONDAY, DayOfWeek.SATURDAY, DayOfWeek.SUNDAY)
                                .contains(form.weekStarts()),
                        "weekStarts",
                        "must be Monday, Saturday or Sunday.")
                .check(
                        form.ownYears().keySet().stream().allMatch(a -> a >= Age.YOUNGEST && a <= Age.OLDEST),
                        "ownYears",
                        "can name the ages %d to %d.".formatted(Age.YOUNGEST, Age.OLDEST))
                .check(
                        form.ownYears().values().stream().allMatch(n -> n.length() <= 30),
                        "ownYears",
                        "may have 30 characters each.")
                .check(
                        form.cautions().size() <= MOST_CAUTIONS
                                && form.cautions().stream().allMatch(c -> c.length() <= 200),
                        "cautions",
                        "may be %d, of 200 characters each.".formatted(MOST_CAUTIONS))
                .check(
                        form.softened().stream().allMatch(k -> Arrays.stream(SafetyRule.values())
                                .anyMatch(r -> r.key().equals(k) && !r.fixed())),
                        "softened",
                        "may name rules that are not of the fixed floor.")
                .check(
                        Band.isOne(form.bandFrom(), form.bandTo()),
                        "bandFrom",
                        "must lie between %d and %d, at least %d below the other end."
                                .formatted(Band.LEAST, Band.MOST, Band.NARROWEST))
                .done();
        List<String> changes = changes(school, form);
        change(changes, "softened cautions", school.softened, form.softened());
        school.name = form.name().strip();
        school.timeZone = form.timeZone();
        school.yearNaming = form.yearNaming();
        school.ownYears = form.ownYears();
        school.lengthUnit = form.lengthUnit();
        school.paceCm = form.paceCm();
        school.paceWhose = form.paceWhose().strip();
        school.weekStarts = form.weekStarts();
        school.cautions = form.cautions().stream()
                .map(String::strip)
                .filter(c -> !c.isEmpty())
                .toList();
        school.softened = form.softened();
        school.bandFrom = form.bandFrom();
        school.bandTo = form.bandTo();
        school.erasedTrials = form.erasedTrials();
        school.paper = form.paper();
        rows.flush();
        lengths.forget(school.id);
        if (!changes.isEmpty()) audit.add(Act.CHANGED, "the school", String.join(", ", changes), school.id);
        return view();
    }

    private static List<String> changes(School was, SchoolForm now) {
        List<String> changes = new ArrayList<>();
        change(changes, "name", was.name, now.name().strip());
        change(changes, "time zone", was.timeZone, now.timeZone());
        change(changes, "naming of years", was.yearNaming, now.yearNaming());
        change(changes, "lengths in", was.lengthUnit, now.lengthUnit());
        change(changes, "pace", was.paceCm, now.paceCm());
        change(changes, "week starts", was.weekStarts, now.weekStarts());
        change(
                changes,
                "tries to succeed",
                new Band(was.bandFrom, was.bandTo).words(),
                new Band(now.bandFrom(), now.bandTo()).words());
        change(changes, "paper", was.paper.label(), now.paper().label());
        change(changes, "trials of erased children", was.erasedTrials, now.erasedTrials());
        return changes;
    }

    private static void change(List<String> changes, String what, Object was, Object now) {
        if (!was.equals(now)) changes.add("%s %s → %s".formatted(what, was, now));
    }

    /** Checks what a school must at least have. */
    static Fields checkBasics(Fields fields, String name, String zone) {
        return fields.check(!name.isBlank() && name.strip().length() <= 120, "name", "needs 1 to 120 characters.")
                .check(
                        ZoneId.getAvailableZoneIds().contains(zone),
                        "timeZone",
                        "“%s” is no time zone; choose one such as Europe/London.".formatted(zone));
    }

    public YearNames naming() {
        return names(current());
    }

    private YearNames names(School school) {
        return new YearNames(school.yearNaming, school.ownYears);
    }

    public ZoneId zone() {
        return ZoneId.of(current().timeZone);
    }

    public DayOfWeek weekStarts() {
        return current().weekStarts;
    }

    public List<String> cautions() {
        return current().cautions;
    }

    /** What the school has decided for all its lessons. */
    public Policy policy() {
        return new Policy(new HashSet<>(current().softened), band());
    }

    /** How often a try is to succeed here. */
    public Band band() {
        return new Band(current().bandFrom, current().bandTo);
    }

    ErasedTrials erasedTrials() {
        return current().erasedTrials;
    }

    /** Remembers that the classes went up a year. */
    void movedUp(LocalDate on) {
        current().movedUpOn = on;
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
