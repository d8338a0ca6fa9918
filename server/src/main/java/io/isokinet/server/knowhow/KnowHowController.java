package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class KnowHowController {
    private final KnowHows knowHows;

    KnowHowController(KnowHows knowHows) {
        this.knowHows = knowHows;
    }

    record SetView(String key, CueSet.Kind kind, String name, List<String> cues) {}

    /** @param rungs from the lowest up */
    record SkillView(
            String key,
            String name,
            Action action,
            List<String> rungs,
            List<SetView> sets,
            List<CueView> cues,
            List<Crosswalk.Link> crosswalk) {}

    record ActivityView(
            String key,
            String name,
            List<LessonPhase> phases,
            @Nullable String skill,
            @Nullable Integer level,
            @Nullable String rung,
            String formation,
            int minutesLeast,
            int minutesMost,
            int ageFrom,
            int ageTo,
            String how) {}

    @GetMapping("/skills")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<SkillView> skills() {
        KnowHow known = knowHows.current();
        return known.skills().stream().map(s -> view(s, known)).toList();
    }

    @GetMapping("/activities")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<ActivityView> activities() {
        return knowHows.current().activities().stream()
                .map(KnowHowController::view)
                .toList();
    }

    private static SkillView view(Skill skill, KnowHow known) {
        return new SkillView(
                skill.key(),
                skill.name(),
                skill.action(),
                skill.ladder().rungs(),
                skill.sets().stream()
                        .map(s -> new SetView(s.key(), s.kind(), s.name(), s.cues()))
                        .toList(),
                skill.cues().stream().map(c -> CueView.of(c, skill.action())).toList(),
                known.crosswalk().links().stream()
                        .filter(l -> l.from().startsWith(skill.key() + "/"))
                        .toList());
    }

    private static ActivityView view(Activity a) {
        return new ActivityView(
                a.key(),
                a.name(),
                a.phases().stream().sorted().toList(),
                a.skill(),
                a.rung() == null ? null : a.rung().level(),
                a.rung() == null ? null : a.rung().label(),
                a.grouping().formation().label(),
                a.minutesLeast(),
                a.minutesMost(),
                a.ageFrom(),
                a.ageTo(),
                a.how());
    }
}
