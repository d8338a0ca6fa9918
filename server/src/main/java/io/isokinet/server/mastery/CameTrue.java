package io.isokinet.server.mastery;

import io.isokinet.core.belief.ClassLooks;
import io.isokinet.core.belief.Fitting;
import io.isokinet.core.belief.OwnRecord;
import io.isokinet.core.belief.Priors;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Schools;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** How often what was believed came true in a school, and what its records say of how children differ; counted in the night. */
@Service
public class CameTrue {
    /** Fewer looks than that do not tell how children of a school differ from those of others. Common practice. */
    private static final int ENOUGH = 500;

    private final Marks marks;
    private final Classes classes;
    private final Schools schools;
    private final SchoolPriors priors;
    private final Clock clock;

    CameTrue(Marks marks, Classes classes, Schools schools, SchoolPriors priors, Clock clock) {
        this.marks = marks;
        this.classes = classes;
        this.schools = schools;
        this.priors = priors;
        this.clock = clock;
    }

    /**
     * @param own whether the school's own records say how children differ, or common practice does
     * @param sentence in plain words
     */
    record CameTrueView(Instant countedAt, int looks, boolean own, String sentence, List<TenthView> tenths) {}

    /**
     * Looks of which about the same was said.
     *
     * @param from tenth, 0 to 9
     * @param said and
     * @param came in per cent
     */
    record TenthView(int from, int looks, int said, int came, boolean off) {
        static TenthView of(OwnRecord.Tenth t) {
            return new TenthView(
                    t.from(), t.looks(), (int) Math.round(100 * t.said()), (int) Math.round(100 * t.came()), t.isOff());
        }
    }

    /** As it was counted last; empty before the first night. */
    Optional<CameTrueView> view() {
        return priors.counted()
                .map(c -> new CameTrueView(
                        c.at(),
                        c.looks(),
                        c.fitted(),
                        c.record().sentence(),
                        c.tenths().stream().map(TenthView::of).toList()));
    }

    @Scheduled(cron = "0 20 3 * * *")
    void inTheNight() {
        schools.inEach("counting what came true", this::count);
    }

    /** Counts anew from all looks; seconds for a school. */
    public void count() {
        List<ClassLooks> all = classes.all().stream()
                .map(ClassLine::id)
                .map(marks::looked)
                .filter(looks -> !looks.looks().isEmpty())
                .toList();
        boolean fitted = all.stream().mapToInt(c -> c.looks().size()).sum() >= ENOUGH;
        Priors own = fitted ? Fitting.fit(all, Priors.USUAL) : Priors.USUAL;
        OwnRecord record = OwnRecord.of(all, own);
        priors.keep(new SchoolPriors.Counted(
                clock.instant(), record.looks(), fitted, own.withWidened(record.widened()), record.tenths()));
    }
}
