package io.isokinet.server.mastery;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.TwoTrialScore;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Ladder;
import io.isokinet.core.skill.Skill;
import io.isokinet.server.account.MayReport;
import io.isokinet.server.account.Subject;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.TwoTrialTable.ScoreLine;
import io.isokinet.server.mastery.TwoTrialTable.TestView;
import io.isokinet.server.mastery.TwoTrialTable.TestedChild;
import io.isokinet.server.mastery.TwoTrialTable.TestedSkill;
import io.isokinet.server.record.Records;
import io.isokinet.server.record.Records.Observation;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The scores of a class in tests with two formal trials. */
@RestController
@RequestMapping("/api/classes/{id}/two-trials")
class TwoTrials {
    private final Classes classes;
    private final Records records;
    private final KnowHows knowHows;
    private final Schools schools;

    TwoTrials(Classes classes, Records records, KnowHows knowHows, Schools schools) {
        this.classes = classes;
        this.records = records;
        this.knowHows = knowHows;
        this.schools = schools;
    }

    @GetMapping
    @MayReport(of = Subject.CLASS)
    @Transactional(readOnly = true)
    public TwoTrialTable table(@PathVariable UUID id) {
        ClassView group = classes.view(id);
        List<TestedSkill> skills = skills(knowHows.current());
        Map<UUID, List<Observation>> byChild =
                records.formal(group.children().stream().map(ChildView::id).toList()).stream()
                        .collect(Collectors.groupingBy(Observation::child));
        return new TwoTrialTable(
                id,
                skills,
                group.children().stream()
                        .map(c -> row(c, skills, byChild.getOrDefault(c.id(), List.of())))
                        .toList());
    }

    private static List<TestedSkill> skills(KnowHow known) {
        List<TestedSkill> skills = new ArrayList<>();
        for (Skill skill : known.skills())
            for (CueSet set : skill.sets())
                if (set.kind() == CueSet.Kind.TWO_TRIAL)
                    skills.add(new TestedSkill(
                            skill.key(),
                            skill.name(),
                            skill.ladder() == Ladder.LOCOMOTOR,
                            TwoTrialScore.TRIALS * set.cues().size(),
                            set.cues().stream()
                                    .map(c -> CueView.of(known.cue(c), skill.action()))
                                    .toList()));
        return skills;
    }

    private TestedChild row(ChildView child, List<TestedSkill> skills, List<Observation> seen) {
        Map<String, TestView> tests = new LinkedHashMap<>();
        Map<String, TwoTrialScore> scores = new LinkedHashMap<>();
        for (TestedSkill skill : skills) {
            Map<UUID, List<Observation>> sittings = seen.stream()
                    .filter(s -> skill.criteria().stream().anyMatch(c -> c.key().equals(s.cue())))
                    .collect(Collectors.groupingBy(
                            s -> Objects.requireNonNull(s.sitting()), LinkedHashMap::new, Collectors.toList()));
            if (sittings.isEmpty()) continue;
            List<List<Observation>> inOrder = List.copyOf(sittings.values());
            List<Observation> latest = inOrder.get(inOrder.size() - 1);
            TwoTrialScore score = score(skill, latest);
            scores.put(skill.skill(), score);
            tests.put(
                    skill.skill(),
                    new TestView(
                            Objects.requireNonNull(latest.get(0).sitting()),
                            latest.get(0).seenAt().atZone(zone()).toLocalDate(),
                            trials(skill, latest),
                            number(score),
                            score.trialsMissing(),
                            inOrder.size() < 2 ? null : number(score(skill, inOrder.get(inOrder.size() - 2)))));
        }
        return new TestedChild(
                child.id(),
                child.name(),
                tests,
                line(skills, scores, TestedSkill::locomotor),
                line(skills, scores, s -> !s.locomotor()),
                line(skills, scores, s -> true));
    }

    private ZoneId zone() {
        return schools.zone();
    }

    private static Map<String, List<Boolean>> trials(TestedSkill skill, List<Observation> sitting) {
        Map<String, List<Boolean>> trials = new LinkedHashMap<>();
        for (CueView c : skill.criteria())
            trials.put(
                    c.key(),
                    sitting.stream()
                            .filter(s -> s.cue().equals(c.key()))
                            .map(Observation::shown)
                            .toList());
        return trials;
    }

    private static TwoTrialScore score(TestedSkill skill, List<Observation> sitting) {
        return TwoTrialScore.of(trials(skill, sitting).values());
    }

    private static @Nullable Integer number(TwoTrialScore score) {
        return score.score().isPresent() ? score.score().getAsInt() : null;
    }

    private static ScoreLine line(
            List<TestedSkill> skills, Map<String, TwoTrialScore> scores, Predicate<TestedSkill> which) {
        Collection<TwoTrialScore> some = skills.stream()
                .filter(which)
                .filter(s -> scores.containsKey(s.skill()))
                .map(s -> scores.get(s.skill()))
                .toList();
        TwoTrialScore sum = TwoTrialScore.sum(some);
        return new ScoreLine(number(sum), sum.greatest(), some.size());
    }
}
