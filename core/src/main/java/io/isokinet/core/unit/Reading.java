package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.skill.Cue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Reads choices through time: which cues each segment introduces and works on, whole minutes, tries, looks. A pure
 * function: the same choices give the same plan. What a choice has fixed is kept.
 */
public final class Reading {
    private static final int FOCUS = 2;
    private static final int FREEZE_SECONDS = 40;

    private final UnitProblem problem;
    private final Candidates candidates;
    private final Set<String> introduced = new LinkedHashSet<>();
    private final List<String> waiting = new ArrayList<>();
    private final Map<String, Integer> exposures = new HashMap<>();
    private final Map<String, Integer> looked = new HashMap<>();

    private Reading(UnitProblem problem, Candidates candidates) {
        this.problem = problem;
        this.candidates = candidates;
        for (String cue : candidates.targetCues()) {
            if (problem.state(cue).taught()) introduced.add(cue);
            else waiting.add(cue);
        }
        problem.cues().forEach((cue, state) -> {
            if (state.taught()) introduced.add(cue);
        });
    }

    /** @param choices one list a lesson, in order */
    public static Plan of(UnitProblem problem, Candidates candidates, List<List<Choice>> choices) {
        return new Reading(problem, candidates).read(choices);
    }

    private Plan read(List<List<Choice>> choices) {
        List<List<Segment>> lessons = new ArrayList<>();
        for (int lesson = 0; lesson < choices.size(); lesson++) lessons.add(lesson(lesson, choices));
        return new Plan(problem, candidates.targetCues(), lessons, waiting);
    }

    private List<Segment> lesson(int lesson, List<List<Choice>> all) {
        List<Choice> choices = all.get(lesson);
        List<Activity> activities = choices.stream()
                .map(c -> problem.knowHow().activity(c.activity()))
                .toList();
        int[] minutes = minutes(problem.lessons().get(lesson).minutes(), choices, activities);
        int quota = quota(lesson);
        List<Segment> segments = new ArrayList<>();
        String layout = "clear";
        int lastTeaching = lastTeaching(choices);
        for (int i = 0; i < choices.size(); i++) {
            Choice choice = choices.get(i);
            Activity activity = activities.get(i);
            List<String> introduces = introduces(choice, activity, i == lastTeaching ? quota : Math.min(1, quota));
            quota -= introduces.size();
            List<String> focus = focus(choice, activity, introduces);
            String watch = watch(activity, focus);
            int change = activity.layout().equals(layout) ? 0 : activity.setUpSeconds();
            layout = activity.layout();
            Fit fit = candidates.fit(lesson, activity.key());
            int active = minutes[i] * 60 - change - FREEZE_SECONDS * introduces.size();
            int tries = fit instanceof Fit.Works works ? Math.max(0, active) * works.milliTriesPerMinute() / 60_000 : 0;
            segments.add(new Segment(
                    choice.id(),
                    lesson,
                    i,
                    choice.phases(),
                    activity,
                    choice.setting(),
                    choice.locked(),
                    minutes[i],
                    change,
                    introduces,
                    focus,
                    watch,
                    tries,
                    activity.worksOnSkill() ? Fitter.looks(minutes[i]) : 0,
                    fit));
        }
        return segments;
    }

    /** New cues for this lesson: what is left spread over the lessons that are left for introducing, up to the wish. */
    private int quota(int lesson) {
        int left = problem.lastIntroLesson() - lesson + 1;
        if (left <= 0) return 0;
        int spread = (waiting.size() + left - 1) / left;
        return Math.min(problem.wishes().newCues(problem.profile().age().years()), spread);
    }

    /** Index of the lesson's last drill that may teach: what is left of the quota goes there. */
    private int lastTeaching(List<Choice> choices) {
        int last = -1;
        for (int i = 0; i < choices.size(); i++) if (choices.get(i).phases().contains(LessonPhase.TEACH)) last = i;
        return last;
    }

    private List<String> introduces(Choice choice, Activity activity, int quota) {
        List<String> now = new ArrayList<>();
        if (choice.introduces() != null) now.addAll(choice.introduces());
        else if (activity.worksOnSkill() && choice.phases().contains(LessonPhase.TEACH))
            for (String key : waiting) {
                Cue cue = problem.knowHow().cue(key);
                boolean ready = cue.prerequisites().stream().allMatch(p -> introduced.contains(p) || now.contains(p));
                if (now.size() < Math.min(quota, FOCUS)
                        && ready
                        && activity.hosts().contains(key)) now.add(key);
            }
        introduced.addAll(now);
        waiting.removeAll(now);
        return now;
    }

    private List<String> focus(Choice choice, Activity activity, List<String> introduces) {
        List<String> focus;
        if (choice.focus() != null) focus = choice.focus();
        else {
            List<String> hosted = activity.hosts().stream()
                    .filter(c ->
                            introduced.contains(c) && candidates.targetCues().contains(c) && !introduces.contains(c))
                    .sorted((a, b) -> need(b) - need(a))
                    .collect(Collectors.toList());
            hosted.addAll(0, introduces);
            focus = hosted.subList(0, Math.min(FOCUS, hosted.size()));
        }
        focus.forEach(cue -> exposures.merge(cue, 1, Integer::sum));
        return List.copyOf(focus);
    }

    private int need(String cue) {
        return problem.state(cue).exposuresWanted() - exposures.getOrDefault(cue, 0);
    }

    private @Nullable String watch(Activity activity, List<String> focus) {
        String watch = null;
        for (String cue : focus)
            if (activity.showsWell().contains(cue)
                    && (watch == null || looked.getOrDefault(cue, 0) < looked.getOrDefault(watch, 0))) watch = cue;
        if (watch != null) looked.merge(watch, 1, Integer::sum);
        return watch;
    }

    /**
     * Whole minutes: all at their least, then minute by minute to the segment that has the smallest part of its room,
     * practice and play three times as readily as the rest, until the lesson is full.
     */
    static int[] minutes(int full, List<Choice> choices, List<Activity> activities) {
        int[] minutes = new int[choices.size()];
        for (int i = 0; i < minutes.length; i++) {
            Integer fixed = choices.get(i).minutes();
            minutes[i] = fixed == null ? activities.get(i).minutesLeast() : fixed;
        }
        int left = full - Arrays.stream(minutes).sum();
        while (left > 0) {
            int best = -1;
            double bestGain = 0;
            for (int i = 0; i < minutes.length; i++) {
                Activity activity = activities.get(i);
                if (choices.get(i).minutes() != null || minutes[i] >= activity.minutesMost()) continue;
                double room = activity.minutesMost() - minutes[i];
                double span = Math.max(1, activity.minutesMost() - activity.minutesLeast());
                double gain = room / span * (activity.worksOnSkill() ? 3 : 1);
                if (gain > bestGain) {
                    bestGain = gain;
                    best = i;
                }
            }
            if (best < 0) break;
            minutes[best]++;
            left--;
        }
        return minutes;
    }
}
