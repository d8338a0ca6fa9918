package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.place.Place;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Activities fitted to the places of the unit, each once, when it is first asked for. One thread at a time. */
public final class Candidates {
    private final UnitProblem problem;
    private final List<String> targetCues;
    private final Fitter fitter;
    private final Map<Place, Map<String, Fit>> fits = new HashMap<>();

    public Candidates(UnitProblem problem) {
        this.problem = problem;
        this.targetCues = problem.targetCues();
        this.fitter = new Fitter(
                problem.knowHow(),
                problem.cupboard(),
                problem.profile().age(),
                problem.profile().children(),
                problem.policy());
    }

    /** The cues to teach, worked out once. */
    public List<String> targetCues() {
        return targetCues;
    }

    public Fit fit(int lesson, String activity) {
        Place place = problem.lessons().get(lesson).place();
        return fits.computeIfAbsent(place, p -> new HashMap<>())
                .computeIfAbsent(activity, key -> fitter.fit(problem.knowHow().activity(key), place));
    }

    /** Activities that serve all these phases, fit, are not banned, and work on a target skill or on none. */
    public List<Activity> serving(int lesson, Set<LessonPhase> phases) {
        return wanted(phases).stream()
                .filter(a -> fit(lesson, a.key()) instanceof Fit.Works works
                        && works.cautions().stream().noneMatch(c -> c.forbids()))
                .toList();
    }

    /** Why an activity that would serve these phases does not fit, one sentence each. */
    public List<String> refusals(int lesson, Set<LessonPhase> phases) {
        List<String> reasons = new ArrayList<>();
        for (Activity activity : wanted(phases))
            if (fit(lesson, activity.key()) instanceof Fit.Fails fails) reasons.addAll(fails.reasons());
        return reasons;
    }

    private List<Activity> wanted(Set<LessonPhase> phases) {
        Set<String> skills = problem.targets().stream().map(Target::skill).collect(java.util.stream.Collectors.toSet());
        return problem.knowHow().activities().stream()
                .filter(a -> a.phases().containsAll(phases))
                .filter(a -> a.skill() == null || skills.contains(a.skill()))
                .filter(a -> !problem.wishes().bans().contains(a.key()))
                .toList();
    }
}
