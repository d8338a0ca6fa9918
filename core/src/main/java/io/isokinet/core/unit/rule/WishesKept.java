package io.isokinet.core.unit.rule;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.Wishes.Ending;
import io.isokinet.core.unit.Wishes.Order;
import io.isokinet.core.unit.Wishes.Tempo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What was wished of a unit, and whether it can be had: before it is planned, and in the plan. */
public final class WishesKept {
    /** With fewer of what fits a tempo can hardly be had, in per cent. */
    private static final int HARDLY = 30;

    private static final Set<LessonPhase> DRILL = Set.of(LessonPhase.PRACTISE, LessonPhase.TEACH);
    private static final Set<LessonPhase> GAME = Set.of(LessonPhase.PLAY);

    private WishesKept() {}

    /**
     * A wish.
     *
     * @param wish as it was made: "a calm unit"
     * @param why what stands against it, with its numbers; null where it is kept
     */
    public record Kept(String wish, @Nullable String why) {}

    /** Every wish that was made, with what became of it in a plan. */
    public static List<Kept> in(Plan plan) {
        Wishes w = plan.problem().wishes();
        List<Kept> found = new ArrayList<>();
        if (w.tempo() != Tempo.AS_IT_COMES)
            found.add(new Kept(
                    w.tempo() == Tempo.CALM ? "a calm unit" : "a lively unit",
                    some(new LivelyOrCalm(), plan, plan.work().size(), "stretches")));
        boolean tooShort = w.order() == Order.INTERLEAVED
                && plan.problem().lessons().stream().allMatch(l -> OrderAsWished.isShort(l.minutes()));
        if (plan.problem().targets().size() > 1 && !tooShort)
            found.add(new Kept(order(w), worst(new OrderAsWished(), plan)));
        if (w.ending() != Ending.AS_IT_COMES) found.add(new Kept(ending(w), worst(new EndsTogether(), plan)));
        if (w.taste() != Wishes.Taste.AS_IT_COMES)
            found.add(new Kept(
                    w.taste() == Wishes.Taste.NEW ? "what is new to the class" : "what the class knows",
                    some(new NewOrFamiliar(), plan, plan.work().size(), "stretches")));
        if (w.newCuesPerLesson() != null)
            found.add(new Kept(
                    "at most %d new cues a lesson".formatted(w.newCuesPerLesson()),
                    worst(new NewCuesWithinAge(), plan)));
        if (!w.favourites().isEmpty()) found.add(new Kept("your favourites", worst(new FavouritesIn(), plan)));
        return found;
    }

    /** What of the wishes can be seen not to be had, before anything is planned, one sentence each. */
    public static List<String> ahead(UnitProblem problem, Candidates candidates) {
        Wishes w = problem.wishes();
        List<String> found = new ArrayList<>();
        int lessons = problem.lessons().size();
        int shortest =
                problem.lessons().stream().mapToInt(l -> l.minutes()).min().orElseThrow();
        if (w.order() != Order.BLOCKED && problem.targets().size() > 1 && OrderAsWished.isShort(shortest))
            found.add("Lessons of %d minutes are too short to mix skills: each keeps to one.".formatted(shortest));
        if (w.ending() != Ending.AS_IT_COMES && lessons < EndsTogether.FEWEST)
            found.add("A unit of %d has nothing to bring together: %s needs %d lessons."
                    .formatted(lessons, ending(w), EndsTogether.FEWEST));
        else ending(candidates, w.ending(), lessons - 1).ifPresent(found::add);
        tempo(candidates, w.tempo()).ifPresent(found::add);
        for (Target target : problem.targets())
            for (String cue : target.cues().pins().keySet().stream().sorted().toList())
                if (problem.state(cue).taught())
                    found.add("“%s” was taught before: there is no lesson left to meet it first in."
                            .formatted(problem.knowHow().cue(cue).call()));
        for (String favourite : w.favourites().stream().sorted().toList()) {
            Candidate nearest = candidates.nearest(0, problem.knowHow().activity(favourite));
            if (nearest.fit() instanceof Fit.Fails fails)
                found.add(fails.reasons().get(0));
        }
        return found;
    }

    private static Optional<String> ending(Candidates candidates, Ending ending, int last) {
        List<Candidate> games = candidates.options(last, GAME);
        List<Candidate> drills = candidates.options(last, DRILL);
        return switch (ending) {
            case AS_IT_COMES, BESTS -> Optional.empty();
            case TOURNAMENT ->
                games.stream().anyMatch(g -> EndsTogether.suits(g, ending))
                        ? Optional.empty()
                        : Optional.of(
                                "No counted game between groups fits here, so there is no tournament at the end.");
            case FESTIVAL ->
                drills.stream().anyMatch(d -> EndsTogether.isFestival(d, ending))
                        ? Optional.empty()
                        : Optional.of("No three drills fit here side by side, so there is no round of stations.");
        };
    }

    private static Optional<String> tempo(Candidates candidates, Tempo tempo) {
        if (tempo == Tempo.AS_IT_COMES) return Optional.empty();
        List<Candidate> all = new ArrayList<>(candidates.options(0, GAME));
        all.addAll(candidates.options(0, DRILL));
        long so = all.stream().filter(c -> LivelyOrCalm.amount(c, tempo) == 0).count();
        return 100 * so >= (long) HARDLY * all.size()
                ? Optional.empty()
                : Optional.of("Of %d ways to drill and play that fit here %d are %s."
                        .formatted(all.size(), so, tempo == Tempo.CALM ? "calm" : "lively"));
    }

    private static String order(Wishes w) {
        return switch (w.order()) {
            case BLOCKED -> "one skill after the other";
            case INTERLEAVED -> "skills mixed in each lesson";
            case MIXED -> "one skill a lesson at first, mixed later";
        };
    }

    private static String ending(Wishes w) {
        return switch (w.ending()) {
            case AS_IT_COMES -> "whatever end suits";
            case BESTS -> "bests to beat in the last lesson";
            case TOURNAMENT -> "a small tournament in the last lesson";
            case FESTIVAL -> "a round of stations in the last lesson";
        };
    }

    /** The worst of a rule and how many more; null where there is none. */
    private static @Nullable String worst(Rule rule, Plan plan) {
        List<Strain> strains = Strain.of(rule, plan);
        return strains.stream()
                .max(Comparator.comparingLong(Strain::cost))
                .map(s -> new AtTheDoor.Said(s, strains.size() - 1).words())
                .orElse(null);
    }

    /** How many are not so, and the worst; null up to a quarter of all. */
    private static @Nullable String some(Rule rule, Plan plan, int all, String what) {
        List<Strain> strains = Strain.of(rule, plan);
        if (4 * strains.size() <= all) return null;
        return strains.stream()
                .max(Comparator.comparingLong(Strain::cost))
                .map(s -> "%d of %d %s are not. The worst: %s".formatted(strains.size(), all, what, s.sentence()))
                .orElse(null);
    }
}
