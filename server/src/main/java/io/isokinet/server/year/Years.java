package io.isokinet.server.year;

import io.isokinet.core.calendar.Occurrence;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.year.HalfTerm;
import io.isokinet.core.year.YearProposal;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.UnitHeader;
import io.isokinet.server.unit.UnitHeaders;
import io.isokinet.server.year.YearOnAPage.YearCell;
import io.isokinet.server.year.YearOnAPage.YearHalf;
import io.isokinet.server.year.YearOnAPage.YearLack;
import io.isokinet.server.year.YearOnAPage.YearOfClass;
import io.isokinet.server.year.YearOnAPage.YearShared;
import io.isokinet.server.year.YearOnAPage.YearSkill;
import io.isokinet.server.year.YearOnAPage.YearUnit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which skills each class has when in the school year. */
@Service
public class Years {
    private static final int MOST_SKILLS = 4;

    interface Rows extends JpaRepository<YearSkillsRow, UUID> {
        Optional<YearSkillsRow> findByClassIdAndFromDay(UUID classId, LocalDate fromDay);
    }

    private final Rows rows;
    private final Classes classes;
    private final Calendars calendars;
    private final KnowHows knowHows;
    private final UnitHeaders units;
    private final Spaces spaces;
    private final Teams teams;
    private final Schools schools;

    Years(
            Rows rows,
            Classes classes,
            Calendars calendars,
            KnowHows knowHows,
            UnitHeaders units,
            Spaces spaces,
            Teams teams,
            Schools schools) {
        this.schools = schools;
        this.rows = rows;
        this.classes = classes;
        this.calendars = calendars;
        this.knowHows = knowHows;
        this.units = units;
        this.spaces = spaces;
        this.teams = teams;
    }

    /** Of the classes that one may see. */
    @Transactional(readOnly = true)
    YearOnAPage view() {
        return new OnePage().view();
    }

    /**
     * @param from first day of a half term
     * @param skills keys, in order; empty for none any more
     */
    @Transactional
    YearOnAPage put(UUID classId, LocalDate from, List<String> skills) {
        KnowHow known = knowHows.current();
        classes.line(classId);
        new Fields()
                .check(
                        HalfTerm.of(calendars.year()).stream()
                                .anyMatch(h -> h.days().first().equals(from)),
                        "from",
                        "must be the first day of a half term; look at the terms and holidays in Set-up.")
                .check(skills.size() <= MOST_SKILLS, "skills", "may be %d in a half term.".formatted(MOST_SKILLS))
                .check(skills.stream().allMatch(known::hasSkill), "skills", "must be skills that are known here.")
                .check(Set.copyOf(skills).size() == skills.size(), "skills", "may each be named once.")
                .done();
        set(classId, from, skills);
        return view();
    }

    private void set(UUID classId, LocalDate from, List<String> skills) {
        Optional<YearSkillsRow> known = rows.findByClassIdAndFromDay(classId, from);
        if (skills.isEmpty()) known.ifPresent(rows::delete);
        else if (known.isPresent()) known.get().skills = List.copyOf(skills);
        else rows.save(new YearSkillsRow(Ids.next(), classId, from, List.copyOf(skills)));
        rows.flush();
    }

    /** @param from first day of the half term @param why in a sentence */
    public record YearProposed(UUID classId, String className, LocalDate from, List<YearSkill> skills, String why) {}

    /** What could be in the half terms that are empty and not over; nothing is written down. */
    @Transactional(readOnly = true)
    List<YearProposed> proposal() {
        return new OnePage().proposal();
    }

    /** Writes down what is proposed for the half terms that begin between two days, both counted. */
    @Transactional
    public void takeProposal(LocalDate from, LocalDate to) {
        for (YearProposed p : proposal())
            if (!p.from().isBefore(from) && !p.from().isAfter(to))
                set(
                        p.classId(),
                        p.from(),
                        p.skills().stream().map(YearSkill::key).toList());
    }

    /** Everything the page is made of, each read once. */
    private final class OnePage {
        private final SchoolYear year = calendars.year();
        private final List<HalfTerm> halves = HalfTerm.of(year);
        private final KnowHow known = knowHows.current();
        private final LocalDate today = schools.today();
        private final Map<UUID, String> places =
                spaces.all().stream().collect(Collectors.toMap(Spaces.SpaceView::id, Spaces.SpaceView::name));
        private final List<ClassLine> lines;
        private final Map<UUID, List<UnitHeader>> unitsOf = new HashMap<>();
        private final Map<UUID, Map<LocalDate, List<String>>> wishes = new HashMap<>();

        OnePage() {
            Predicate<UUID> visible = teams.visible();
            lines = classes.all().stream().filter(c -> visible.test(c.id())).toList();
            units.units().forEach(u -> unitsOf.computeIfAbsent(u.classId(), c -> new ArrayList<>())
                    .add(u));
            rows.findAll().forEach(r -> wishes.computeIfAbsent(r.classId, c -> new HashMap<>())
                    .put(r.fromDay, r.skills));
        }

        YearOnAPage view() {
            return new YearOnAPage(
                    halves.stream()
                            .map(h -> new YearHalf(
                                    h.name(), h.days().first(), h.days().last(), h.weeks(), isOver(h)))
                            .toList(),
                    lines.stream().map(this::classYear).toList(),
                    halves.stream().flatMap(this::shared).toList());
        }

        private boolean isOver(HalfTerm half) {
            return half.days().last().isBefore(today);
        }

        private YearOfClass classYear(ClassLine c) {
            return new YearOfClass(
                    c.id(),
                    c.name(),
                    c.year(),
                    halves.stream().map(h -> cell(c, h)).toList(),
                    YearProposal.lacks(outcomes(c.yearAge()), skillsOfYear(c)).stream()
                            .map(o -> lack(c.yearAge(), o))
                            .toList());
        }

        private YearCell cell(ClassLine c, HalfTerm half) {
            return new YearCell(
                    half.days().first(),
                    lessons(c, half).size(),
                    wished(c, half).stream().map(s -> new YearSkill(s, name(s))).toList(),
                    planned(c, half).stream()
                            .map(u -> new YearUnit(
                                    u.id(),
                                    u.title(),
                                    skills(u).stream().map(this::name).toList()))
                            .toList());
        }

        private List<Occurrence> lessons(ClassLine c, HalfTerm half) {
            return year.occurrences(c.id().toString(), half.days()).stream()
                    .filter(Occurrence::open)
                    .toList();
        }

        private List<String> wished(ClassLine c, HalfTerm half) {
            return wishes
                    .getOrDefault(c.id(), Map.of())
                    .getOrDefault(half.days().first(), List.of())
                    .stream()
                    .filter(known::hasSkill)
                    .toList();
        }

        /** Units that begin in it; the first half term has those from before it too. */
        private List<UnitHeader> planned(ClassLine c, HalfTerm half) {
            return unitsOf.getOrDefault(c.id(), List.of()).stream()
                    .filter(u -> half.days().contains(u.from()))
                    .sorted(Comparator.comparing(UnitHeader::from))
                    .toList();
        }

        private static List<String> skills(UnitHeader unit) {
            return unit.cueSets().stream()
                    .map(s -> s.substring(0, s.indexOf('/')))
                    .distinct()
                    .toList();
        }

        private List<String> has(ClassLine c, HalfTerm half) {
            return Stream.concat(
                            wished(c, half).stream(), planned(c, half).stream().flatMap(u -> skills(u).stream()))
                    .filter(known::hasSkill)
                    .distinct()
                    .toList();
        }

        private Set<String> skillsOfYear(ClassLine c) {
            return halves.stream().flatMap(h -> has(c, h).stream()).collect(Collectors.toSet());
        }

        private String name(String skill) {
            return known.hasSkill(skill) ? known.skill(skill).name() : skill;
        }

        private List<YearProposal.Outcome> outcomes(int age) {
            return known.library().outcomes().stream()
                    .flatMap(s -> s.outcomes().stream())
                    .filter(o -> o.ageFrom() <= age && age <= o.ageTo())
                    .filter(o -> o.skills().stream().anyMatch(known::hasSkill))
                    .map(o -> new YearProposal.Outcome(o.code(), new LinkedHashSet<>(o.skills())))
                    .toList();
        }

        private YearLack lack(int age, YearProposal.Outcome outcome) {
            String text = known.library().outcomes().stream()
                    .flatMap(s -> s.outcomes().stream())
                    .filter(o -> o.code().equals(outcome.code()) && o.ageFrom() <= age && age <= o.ageTo())
                    .findFirst()
                    .orElseThrow()
                    .text();
            return new YearLack(
                    outcome.code(),
                    text,
                    outcome.skills().stream()
                            .filter(known::hasSkill)
                            .map(this::name)
                            .toList());
        }

        private Stream<YearShared> shared(HalfTerm half) {
            Map<String, List<ClassLine>> bySkill = new LinkedHashMap<>();
            for (ClassLine c : lines)
                for (String s : has(c, half))
                    bySkill.computeIfAbsent(s, k -> new ArrayList<>()).add(c);
            return bySkill.entrySet().stream()
                    .filter(e -> e.getValue().size() > 1)
                    .map(e -> new YearShared(
                            half.days().first(),
                            name(e.getKey()),
                            e.getValue().stream().map(ClassLine::name).toList(),
                            e.getValue().stream()
                                    .flatMap(c -> lessons(c, half).stream())
                                    .map(o -> places.getOrDefault(
                                            UUID.fromString(o.slot().place()), ""))
                                    .distinct()
                                    .sorted()
                                    .toList()));
        }

        List<YearProposed> proposal() {
            Map<String, ClassLine> byKey = lines.stream().collect(Collectors.toMap(c -> c.id().toString(), c -> c));
            List<YearProposal.ClassYear> asked = lines.stream()
                    .map(c -> new YearProposal.ClassYear(
                            c.id().toString(),
                            c.yearAge(),
                            halves.stream()
                                    .map(h -> isOver(h) ? 0 : lessons(c, h).size())
                                    .toList(),
                            halves.stream().map(h -> has(c, h)).toList(),
                            outcomes(c.yearAge())))
                    .toList();
            List<YearProposal.Skill> skills =
                    known.skills().stream().map(OnePage::skill).toList();
            if (halves.isEmpty()) return List.of();
            return YearProposal.of(asked, skills).stream()
                    .map(e -> new YearProposed(
                            byKey.get(e.schoolClass()).id(),
                            byKey.get(e.schoolClass()).name(),
                            halves.get(e.half()).days().first(),
                            e.skills().stream()
                                    .map(s -> new YearSkill(s, name(s)))
                                    .toList(),
                            e.why()))
                    .toList();
        }

        private static YearProposal.Skill skill(Skill s) {
            return new YearProposal.Skill(s.key(), s.name(), s.ladder().name());
        }
    }
}
