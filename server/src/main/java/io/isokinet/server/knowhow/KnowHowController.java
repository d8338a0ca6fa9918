package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Ladder;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Trait;
import io.isokinet.knowhow.Gaps;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.NotFoundException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is known: skills, activities, symptoms, outcomes and games to cut down, found and in full. */
@RestController
@RequestMapping("/api")
public class KnowHowController {

    private final KnowHows knowHows;

    KnowHowController(KnowHows knowHows) {
        this.knowHows = knowHows;
    }

    record SetView(String key, CueSet.Kind kind, String name, List<String> cues) {}

    /**
     * A skill as lists name it.
     *
     * @param rungs from the lowest up
     * @param aside true if it is offered for nothing new
     */
    record SkillView(
            String key,
            String name,
            Ladder ladder,
            Action action,
            List<String> rungs,
            List<SetView> sets,
            List<CueLine> cues,
            boolean own,
            boolean aside) {}

    /** @param fromAge in years, from which it is asked for */
    record CueLine(String key, CueView.Mirrored call, int fromAge) {}

    record RungView(int level, String name, List<ActivityLine> activities) {}

    /**
     * @param cue the call of the cue that is lent
     * @param skill the other skill
     * @param otherCue its cue's call
     */
    record TransferView(String cue, String skill, String skillName, String otherCue, String how) {}

    record OutcomeView(String set, String code, String text, int ageFrom, int ageTo) {}

    /**
     * A skill in full.
     *
     * @param lends what it gives to others
     * @param borrows what others give to it
     */
    record SkillPage(
            SkillView skill,
            Skill.LeadUps leadUps,
            boolean playStartsWithout,
            List<Skill.Variant> variants,
            List<CueView> cues,
            List<Crosswalk.Link> crosswalk,
            List<RungView> rungs,
            List<TransferView> lends,
            List<TransferView> borrows,
            List<OutcomeView> outcomes,
            List<Library.FullGame> games,
            List<String> gaps) {}

    /** @param widthMm diameter of a ball, width of anything else */
    record ThingName(String key, String name, Set<Trait> traits, double widthMm, double grams) {}

    /** A constant and what it is called. */
    record Word(String value, String label) {}

    /**
     * What an editor lets choose from.
     *
     * @param cautions texts by key
     */
    record Vocabulary(
            List<Word> formations,
            List<Word> scorings,
            List<Word> gatherings,
            List<Layout> layouts,
            Map<String, String> cautions,
            List<ThingName> things) {}

    private static <E extends Enum<E>> List<Word> words(E[] constants, Function<E, String> label) {
        return Arrays.stream(constants)
                .map(c -> new Word(c.name(), label.apply(c)))
                .toList();
    }

    @GetMapping("/vocabulary")
    @MayRead
    Vocabulary vocabulary() {
        KnowHow known = knowHows.current();
        return new Vocabulary(
                words(Formation.values(), Formation::label),
                words(Scoring.values(), Scoring::label),
                words(Gathering.values(), Gathering::label),
                known.library().layouts().values().stream()
                        .sorted(Comparator.comparing(Layout::name))
                        .toList(),
                known.cautions(),
                known.items().stream()
                        .map(i -> new ThingName(
                                i.key(),
                                i.name(),
                                i.traits(),
                                i.width().millimetres(),
                                i.mass().grams()))
                        .toList());
    }

    @GetMapping("/skills")
    @MayRead
    List<SkillView> skills() {
        return knowHows.current().skills().stream().map(this::view).toList();
    }

    @GetMapping("/skills/{key}")
    @MayRead
    SkillPage skill(@PathVariable String key) {
        KnowHow known = knowHows.current();
        if (!known.hasSkill(key)) throw new NotFoundException("skill", key);
        Skill skill = known.skill(key);
        List<Library.Transfer> transfers = known.library().transfers();
        return new SkillPage(
                view(skill),
                skill.leadUps(),
                skill.playStartsWithout(),
                skill.variants(),
                skill.cues().stream().map(c -> CueView.of(c, skill.action())).toList(),
                known.crosswalk().links().stream()
                        .filter(l -> l.from().startsWith(key + "/"))
                        .toList(),
                rungs(skill, known),
                transfers.stream()
                        .filter(t -> t.from().startsWith(key + "/"))
                        .map(t -> transfer(t.from(), t.to(), t.how(), known))
                        .toList(),
                transfers.stream()
                        .filter(t -> t.to().startsWith(key + "/"))
                        .map(t -> transfer(t.to(), t.from(), t.how(), known))
                        .toList(),
                known.library().outcomes().stream()
                        .flatMap(s -> s.outcomes().stream()
                                .filter(o -> o.skills().contains(key))
                                .map(o -> new OutcomeView(s.name(), o.code(), o.text(), o.ageFrom(), o.ageTo())))
                        .toList(),
                known.library().games().stream()
                        .filter(g -> g.skill().equals(key))
                        .toList(),
                Gaps.of(skill, known));
    }

    @GetMapping("/outcomes")
    @MayRead
    List<Library.OutcomeSet> outcomes() {
        return knowHows.current().library().outcomes();
    }

    /** Full games that are cut down until one skill and one decision are left. */
    @GetMapping("/full-games")
    @MayRead
    List<Library.FullGame> games() {
        return knowHows.current().library().games();
    }

    private SkillView view(Skill skill) {
        return new SkillView(
                skill.key(),
                skill.name(),
                skill.ladder(),
                skill.action(),
                skill.ladder().rungs(),
                skill.sets().stream()
                        .map(s -> new SetView(s.key(), s.kind(), s.name(), s.cues()))
                        .toList(),
                skill.cues().stream()
                        .map(c -> new CueLine(
                                c.key(), CueCall.of(c, knowHows.current()).call(), c.fromAge()))
                        .toList(),
                knowHows.inForce().own().contains(skill.key()),
                knowHows.inForce().aside().contains(skill.key()));
    }

    private List<RungView> rungs(Skill skill, KnowHow known) {
        List<Activity> own = known.activities().stream()
                .filter(a -> skill.key().equals(a.skill()))
                .toList();
        return IntStream.rangeClosed(1, skill.ladder().height())
                .mapToObj(level -> new RungView(
                        level,
                        skill.ladder().rung(level).label(),
                        own.stream()
                                .filter(a -> a.rung() != null && a.rung().level() == level)
                                .map(a -> ActivityLine.of(a, knowHows))
                                .toList()))
                .toList();
    }

    private static TransferView transfer(String own, String other, String how, KnowHow known) {
        Skill skill = known.skill(known.cue(other).skill());
        return new TransferView(
                known.cue(own).call(),
                skill.key(),
                skill.name(),
                known.cue(other).call(),
                how);
    }
}
