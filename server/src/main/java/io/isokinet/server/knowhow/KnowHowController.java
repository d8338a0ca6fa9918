package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import io.isokinet.server.place.Cupboards;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class KnowHowController {
    private final KnowHows knowHows;
    private final Cupboards cupboards;

    KnowHowController(KnowHows knowHows, Cupboards cupboards) {
        this.knowHows = knowHows;
        this.cupboards = cupboards;
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

    /** @param count usable pieces @param version for If-Match; null if never counted */
    record CupboardLine(
            String key,
            String name,
            double grams,
            double widthMm,
            List<String> traits,
            boolean homeMade,
            int count,
            @Nullable Integer version) {}

    record CountForm(@NotNull(message = "is needed") Integer count) {}

    @GetMapping("/skills")
    List<SkillView> skills() {
        KnowHow known = knowHows.current();
        return known.skills().stream().map(s -> view(s, known)).toList();
    }

    @GetMapping("/activities")
    List<ActivityView> activities() {
        return knowHows.current().activities().stream()
                .map(KnowHowController::view)
                .toList();
    }

    @GetMapping("/cupboard")
    List<CupboardLine> cupboard() {
        Map<String, Cupboards.Counted> counted =
                cupboards.all().stream().collect(Collectors.toMap(Cupboards.Counted::itemKey, Function.identity()));
        return knowHows.current().items().stream()
                .map(i -> line(i, counted.get(i.key())))
                .toList();
    }

    @PutMapping("/cupboard/{item}")
    CupboardLine count(
            @PathVariable String item,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody CountForm form) {
        Item known = knowHows.current().item(item);
        return line(known, cupboards.count(item, form.count(), ifMatch));
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

    private static CupboardLine line(Item item, Cupboards.@Nullable Counted counted) {
        return new CupboardLine(
                item.key(),
                item.name(),
                item.mass().grams(),
                item.width().millimetres(),
                item.traits().stream().sorted().map(Trait::label).toList(),
                item.homeMade(),
                counted == null ? 0 : counted.count(),
                counted == null ? null : counted.version());
    }
}
