package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Need;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import java.util.List;
import java.util.Locale;
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

    /** @param per whom: "child", "group" or "class" */
    record NeedView(String what, String like, int count, String per) {}

    record LeverView(String name, List<String> steps, int usual) {}

    /**
     * @param hosts cues that can be worked on in it; shows those of them that can be seen well
     * @param metresLong clear length it needs; each the clear width for each group, in metres
     * @param cautions in words
     */
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
            String how,
            List<String> hosts,
            List<String> shows,
            double metresLong,
            double each,
            List<NeedView> needs,
            List<LeverView> levers,
            @Nullable String countsAsOne,
            @Nullable String oddChild,
            @Nullable String question,
            List<String> cautions) {}

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
                .map(a -> view(a, knowHows.current()))
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

    private static ActivityView view(Activity a, KnowHow known) {
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
                a.how(),
                a.hosts(),
                a.showsWell(),
                a.space().metresLong(),
                a.space().metresPerGroup(),
                a.needs().stream().map(n -> need(n, known)).toList(),
                a.levers().stream()
                        .map(l -> new LeverView(l.name(), l.steps(), l.usual()))
                        .toList(),
                a.countsAsOne(),
                a.oddChild(),
                a.question(),
                a.cautions().stream()
                        .map(c -> known.cautions().getOrDefault(c, c))
                        .toList());
    }

    private static NeedView need(Need need, KnowHow known) {
        return new NeedView(
                need.what(),
                known.item(need.prefers()).name(),
                need.count(),
                need.per().name().toLowerCase(Locale.ROOT));
    }
}
