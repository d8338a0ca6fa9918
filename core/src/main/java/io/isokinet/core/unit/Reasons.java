package io.isokinet.core.unit;

import io.isokinet.core.lesson.Fit;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.task.Success;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Why a segment is where and what it is, in sentences with their numbers. */
public final class Reasons {
    private Reasons() {}

    public static List<String> of(Plan plan, Segment segment) {
        List<String> reasons = new ArrayList<>();
        if (segment.works()) {
            climb(plan, segment, reasons);
            setting(segment, reasons);
            for (String key : segment.introduces()) reasons.add(introduction(plan, key));
            for (String key : segment.focus())
                if (!segment.introduces().contains(key)) reasons.add(exposure(plan, segment, key));
        }
        if (segment.changeSeconds() > 0)
            reasons.add("Of its %d minutes, %d s go into changing the lay-out."
                    .formatted(segment.minutes(), segment.changeSeconds()));
        if (segment.fit() instanceof Fit.Works works) reasons.addAll(works.reasons());
        else if (segment.fit() instanceof Fit.Fails fails) reasons.addAll(fails.reasons());
        return reasons;
    }

    /** Why a target cue waits for the next unit: what it builds on waits too, nothing here hosts it, or others came first. */
    public static String waits(Plan plan, String key) {
        UnitProblem problem = plan.problem();
        Cue cue = problem.knowHow().cue(key);
        List<String> before = cue.prerequisites().stream()
                .filter(plan.leftOver()::contains)
                .map(p -> "“%s”".formatted(problem.knowHow().cue(p).call()))
                .toList();
        if (!before.isEmpty())
            return "“%s” builds on %s, which waits too.".formatted(cue.call(), String.join(" and ", before));
        int last = problem.lastIntroLesson();
        long hosts = plan.work().stream()
                .filter(s -> s.lesson() <= last && s.activity().hosts().contains(key))
                .count();
        if (hosts == 0)
            return "No drill or game up to lesson %d, where new cues end, lets “%s” be worked on."
                    .formatted(plan.number(last), cue.call());
        String taken = plan.targetCues().stream()
                .filter(c -> !plan.leftOver().contains(c) && !problem.state(c).taught())
                .map(c -> "“%s”".formatted(problem.knowHow().cue(c).call()))
                .collect(Collectors.joining(", "));
        return "“%s” could be met %d times up to lesson %d, where new cues end, but at most %d are new in a lesson; taken are %s."
                .formatted(
                        cue.call(),
                        hosts,
                        plan.number(last),
                        problem.wishes().newCues(problem.profile().age().years()),
                        taken);
    }

    /** Why it is set as it is. */
    private static void setting(Segment segment, List<String> reasons) {
        int band = segment.candidate().bandPercent();
        if (band < 0 || segment.activity().levers().isEmpty()) return;
        String step = segment.activity().levers().get(0).steps().get(segment.setting());
        Success success =
                segment.fit() instanceof Fit.Works works && works.stations().isEmpty()
                        ? works.task().success()
                        : null;
        if (success == null || success.share() == null)
            reasons.add("Set to “%s”: by age and task about right for %d %% of the class; no success is counted."
                    .formatted(step, band));
        else
            reasons.add("Set to “%s”: for about %d %% of the class six to eight tries in ten succeed (%s)."
                    .formatted(
                            step,
                            band,
                            success.source() == Success.Source.AIM
                                    ? "worked out from the aim"
                                    : "a default for the age"));
    }

    private static void climb(Plan plan, Segment segment, List<String> reasons) {
        var rung = segment.activity().rung();
        if (rung == null) return;
        String here = "Level %d of %d, %s".formatted(rung.level(), rung.ladder().height(), rung.label());
        Segment below = plan.work().stream()
                .filter(s -> String.valueOf(s.activity().skill())
                        .equals(segment.activity().skill()))
                .filter(s -> s.lesson() < segment.lesson()
                        || s.lesson() == segment.lesson() && s.position() < segment.position())
                .filter(s -> s.level() >= rung.level() - 1)
                .findFirst()
                .orElse(null);
        if (rung.level() == 1) reasons.add(here + ": where the skill starts.");
        else if (below == null) reasons.add(here + ".");
        else
            reasons.add("%s: the class was on level %d in lesson %d (%s)."
                    .formatted(
                            here,
                            below.level(),
                            plan.number(below.lesson()),
                            below.activity().name()));
    }

    private static String introduction(Plan plan, String key) {
        Cue cue = plan.problem().knowHow().cue(key);
        String builds = cue.prerequisites().isEmpty()
                ? "it builds on nothing else"
                : "it builds on "
                        + String.join(
                                " and ",
                                cue.prerequisites().stream()
                                        .map(p -> "“%s”"
                                                .formatted(plan.problem()
                                                        .knowHow()
                                                        .cue(p)
                                                        .call()))
                                        .toList());
        return "Introduces “%s” in a 40-second freeze: %s.".formatted(cue.call(), builds);
    }

    private static String exposure(Plan plan, Segment segment, String key) {
        List<Segment> met = plan.meeting(key);
        int nth = met.indexOf(segment) + 1;
        return "“%s” returns: time %d of %d in this unit."
                .formatted(plan.problem().knowHow().cue(key).call(), nth, met.size());
    }
}
