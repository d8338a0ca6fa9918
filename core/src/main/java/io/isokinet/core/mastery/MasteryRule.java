package io.isokinet.core.mastery;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * When a cue counts as secure and as mastered. A rule is a value: a school chooses it, and the sentence it makes of itself
 * stands wherever a mark stands.
 *
 * <p>The check's 4 of 5 follows the component checklists of NSW SPANS and Get Skilled: Get Active (a component is present
 * when shown in at least four of five trials; from memory). The running windows are common practice.
 *
 * @param allOfLast secure when all of the last so many were shown, 1 to 5
 * @param enough or when so many ...
 * @param ofLast ... of the last so many were shown, up to 5
 * @param lessons trials in the deciding window come from at least so many lessons
 * @param checkEnough a deliberate check masters the cue at so many ...
 * @param checkOf ... of so many trials in one sitting
 * @param dueAfterWeeks a mastered cue is due for a look when none was seen for so many weeks; null for never
 */
public record MasteryRule(
        int allOfLast,
        int enough,
        int ofLast,
        int lessons,
        int checkEnough,
        int checkOf,
        @Nullable Integer dueAfterWeeks) {
    /** Secure: 3 of the last 3 or 4 of the last 5, in two lessons. Mastered: secure and seen in a game, or 4 of 5 in a check. */
    public static final MasteryRule USUAL = new MasteryRule(3, 4, 5, 2, 4, 5, 10);

    /** How many trials the pips show. */
    public static final int PIPS = 5;

    private static final int LAPSE_OF_LAST = 3;
    private static final int LAPSE_NOT_YET = 2;

    public MasteryRule {
        if (allOfLast < 1 || enough < 1 || enough > ofLast || lessons < 1 || checkEnough < 1 || checkEnough > checkOf)
            throw new IllegalArgumentException(
                    "A rule of mastery needs counts of at least 1, and no more shown than tried; %d of %d and %d of %d were given."
                            .formatted(enough, ofLast, checkEnough, checkOf));
    }

    /** The rule in a teacher's words. */
    public String sentence() {
        return "secure: %d of the last %d or %d of the last %d, in at least %d lessons; mastered: secure and seen in a game, or %d of %d in a check"
                .formatted(allOfLast, allOfLast, enough, ofLast, lessons, checkEnough, checkOf);
    }

    /**
     * The status by this rule on a day.
     *
     * @param taught whether the class has been taught the cue; before that nothing counts
     * @param trials the teacher's trials that were not voided, oldest first, up to that day
     */
    public Status status(boolean taught, List<Trial> trials, LocalDate on) {
        List<Boolean> pips = last(trials, PIPS).stream().map(Trial::shown).toList();
        int shown = (int) trials.stream().filter(Trial::shown).count();
        if (!taught)
            return new Status(
                    Mark.NOT_TAUGHT,
                    pips,
                    shown,
                    trials.size(),
                    false,
                    trials.isEmpty()
                            ? "Not taught yet."
                            : "Not taught yet: %d looks kept, not counted.".formatted(trials.size()));
        if (trials.isEmpty()) return new Status(Mark.NOT_SEEN, pips, 0, 0, false, "Taught; nobody has looked yet.");
        Mark mark = mark(trials);
        boolean stale = mark == Mark.MASTERED
                && dueAfterWeeks != null
                && ChronoUnit.WEEKS.between(trials.get(trials.size() - 1).day(), on) >= dueAfterWeeks;
        boolean owned = mark == Mark.MASTERED || mark == Mark.SECURE;
        return new Status(stale ? Mark.DUE : mark, pips, shown, trials.size(), owned, reason(mark, stale, trials));
    }

    private Mark mark(List<Trial> trials) {
        if (checkStands(trials) || isSecure(trials) && seenInGame(trials)) return Mark.MASTERED;
        if (wasMastered(trials)) return Mark.DUE;
        if (isSecure(trials)) return Mark.SECURE;
        return oneShort(trials) ? Mark.NEAR : Mark.EMERGING;
    }

    private boolean isSecure(List<Trial> trials) {
        return holds(last(trials, allOfLast), allOfLast, allOfLast) || holds(last(trials, ofLast), enough, enough);
    }

    private boolean holds(List<Trial> window, int least, int shown) {
        return window.size() >= least
                && window.stream().filter(Trial::shown).count() >= shown
                && window.stream().map(Trial::lesson).distinct().count() >= lessons;
    }

    private boolean seenInGame(List<Trial> trials) {
        return trials.stream().anyMatch(t -> t.shown() && t.setting() == Setting.GAME);
    }

    /** One more trial, shown, in another lesson, would make it secure; or the last check missed by one. */
    private boolean oneShort(List<Trial> trials) {
        List<Trial> next = new ArrayList<>(trials);
        Trial last = trials.get(trials.size() - 1);
        next.add(new Trial(true, Setting.DRILL, last.lesson() + "+", last.day(), null));
        return isSecure(next)
                || lastCheck(trials) == checkEnough - 1
                        && afterLastCheck(trials).isEmpty();
    }

    private boolean wasMastered(List<Trial> trials) {
        for (int end = 1; end < trials.size(); end++) {
            List<Trial> then = trials.subList(0, end);
            if (lastCheck(then) >= checkEnough || isSecure(then) && seenInGame(then)) return true;
        }
        return false;
    }

    /** The last full check was passed, and the looks since then do not contradict it. */
    private boolean checkStands(List<Trial> trials) {
        if (lastCheck(trials) < checkEnough) return false;
        List<Trial> since = last(afterLastCheck(trials), LAPSE_OF_LAST);
        return since.stream().filter(t -> !t.shown()).count() < LAPSE_NOT_YET;
    }

    /** How many were shown in the last full check; -1 if there was none. */
    private int lastCheck(List<Trial> trials) {
        String sitting = lastFullSitting(trials);
        if (sitting == null) return -1;
        return (int) trials.stream()
                .filter(t -> sitting.equals(t.sitting()))
                .limit(checkOf)
                .filter(Trial::shown)
                .count();
    }

    private List<Trial> afterLastCheck(List<Trial> trials) {
        String sitting = lastFullSitting(trials);
        int end = 0;
        for (int i = 0; i < trials.size(); i++)
            if (trials.get(i).sitting() != null && trials.get(i).sitting().equals(sitting)) end = i + 1;
        return trials.subList(end, trials.size());
    }

    private @Nullable String lastFullSitting(List<Trial> trials) {
        Map<String, Integer> sizes = new LinkedHashMap<>();
        Set<String> full = new LinkedHashSet<>();
        for (Trial trial : trials) {
            String sitting = trial.sitting();
            if (sitting != null && sizes.merge(sitting, 1, Integer::sum) == checkOf) full.add(sitting);
        }
        String latest = null;
        for (String sitting : full) latest = sitting;
        return latest;
    }

    private String reason(Mark mark, boolean stale, List<Trial> trials) {
        List<Trial> window = last(trials, ofLast);
        long shown = window.stream().filter(Trial::shown).count();
        long lessonsSeen = window.stream().map(Trial::lesson).distinct().count();
        String counts = "%d of the last %d shown, in %d %s"
                .formatted(shown, window.size(), lessonsSeen, lessonsSeen == 1 ? "lesson" : "lessons");
        if (stale) return "Mastered, but not looked at for %d weeks or more.".formatted(dueAfterWeeks);
        return switch (mark) {
            case MASTERED ->
                checkStands(trials)
                        ? "%d of %d shown in a check.".formatted(lastCheck(trials), checkOf)
                        : "Secure and seen in a game: %s.".formatted(counts);
            case DUE -> "Mastered once, but now %s: look again.".formatted(counts);
            case SECURE -> "Secure so far: %s; not yet seen in a game.".formatted(counts);
            case NEAR -> "One trial short: %s.".formatted(counts);
            default -> "Emerging: %s.".formatted(counts);
        };
    }

    private static List<Trial> last(List<Trial> trials, int count) {
        return trials.subList(Math.max(0, trials.size() - count), trials.size());
    }
}
