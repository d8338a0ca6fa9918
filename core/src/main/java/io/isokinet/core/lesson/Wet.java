package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What becomes of a lesson when it rains. */
public final class Wet {
    private Wet() {}

    /** @param minutes it has @param focus cues in focus, which a stand-in should show too */
    public record Part(String id, Activity activity, Set<LessonPhase> phases, int minutes, List<String> focus) {}

    /**
     * What one stretch becomes.
     *
     * @param activity what is done inside; null if nothing that is known fits
     * @param same true if it stays what it was
     * @param sentence what changes, in words
     */
    public record Inside(
            String id,
            @Nullable String activity,
            boolean same,
            @Nullable String formation,
            String sentence) {}

    public static List<Inside> of(List<Part> parts, Fitter fitter, Place wet, KnowHow known) {
        return parts.stream().map(p -> inside(p, fitter, wet, known)).toList();
    }

    private static Inside inside(Part p, Fitter fitter, Place wet, KnowHow known) {
        Fit here = fitter.fit(p.activity(), wet);
        Fit.Works stays = works(here);
        if (stays != null)
            return new Inside(
                    p.id(),
                    p.activity().key(),
                    true,
                    stays.formation(),
                    "%s stays: %s.".formatted(p.activity().name(), stays.formation()));
        String why = here instanceof Fit.Fails fails
                ? fails.reasons().get(0)
                : ((Fit.Works) here)
                        .cautions().stream()
                                .filter(c -> c.forbids())
                                .findFirst()
                                .orElseThrow()
                                .sentence();
        Optional<Activity> other = known.activities().stream()
                .filter(a -> a.phases().containsAll(p.phases()))
                .filter(a -> Objects.equals(a.skill(), p.activity().skill()))
                .filter(a -> a.minutesLeast() <= p.minutes() && p.minutes() <= a.minutesMost())
                .filter(a -> works(fitter.fit(a, wet)) != null)
                .min(Comparator.comparingInt((Activity a) -> missed(p, a))
                        .thenComparingDouble(
                                a -> Math.abs(a.difficulty() - p.activity().difficulty()))
                        .thenComparing(Activity::key));
        if (other.isEmpty())
            return new Inside(
                    p.id(),
                    null,
                    false,
                    null,
                    "%s Nothing else that is known does it here in %d minutes; give the minutes to the others."
                            .formatted(why, p.minutes()));
        Fit.Works works = Objects.requireNonNull(works(fitter.fit(other.get(), wet)));
        return new Inside(
                p.id(),
                other.get().key(),
                false,
                works.formation(),
                "%s instead of %s: %s. %s"
                        .formatted(other.get().name(), p.activity().name(), works.formation(), why));
    }

    private static int missed(Part p, Activity a) {
        return (int) p.focus().stream().filter(c -> !a.hosts().contains(c)).count();
    }

    private static Fit.@Nullable Works works(Fit fit) {
        return fit instanceof Fit.Works works && works.cautions().stream().noneMatch(c -> c.forbids()) ? works : null;
    }
}
