package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.task.Turn;
import io.isokinet.core.unit.rule.WarmsLongEnough;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Reads choices through time: which cues each segment introduces and works on, whole minutes, tries, looks. A pure
 * function: the same choices give the same plan. What a choice has fixed is kept.
 */
public final class Reading {
    /** Cues that a segment works on at most. */
    public static final int FOCUS = 2;

    /** In which a cue is shown and tried once. Common practice. */
    public static final int FREEZE_SECONDS = 40;
    /** A game asks for what its lesson practised before anything else. */
    private static final int USED = 1000;
    /** Nothing is squeezed below this. */
    private static final int SHORTEST = 2;

    private final UnitProblem problem;
    private final Candidates candidates;
    private Hints hints;
    private final int targets;
    private final boolean[] introduced;
    /** The lesson each target cue is meant for; -1 for any. */
    private final int[] pins;
    /** True for each target cue that has its place in an order of the teacher's own. */
    private final boolean[] ordered;

    /** Skills that were worked on in the lessons before, and in this one. */
    private Set<@Nullable String> before = new HashSet<>(8);

    private Set<@Nullable String> now = new HashSet<>(8);
    private final int[] exposures;
    private final int[] lessonsMet;
    private final int[] lastMet;
    private final int[] looked;
    /** The last lesson in which each cue was practised. */
    private final int[] drilled;

    /**
     * What a search may decide beside the choices; the reading decides where it says nothing.
     *
     * @param newCues how many cues each lesson introduces
     * @param leads by lesson and position, up to two target cues to think of first, by index
     * @param begins true if a stretch that introduces a cue takes its easiest step, unless it was fixed
     */
    public record Hints(int[] newCues, List<List<List<Integer>>> leads, boolean begins) {
        /** New cues are spread evenly, and what is needed most comes first; every step stays as it was chosen. */
        public static final Hints NONE = new Hints(new int[0], List.of(), false);

        /** The same while planning. */
        public static final Hints PLANNING = new Hints(new int[0], List.of(), true);

        /** True if both say the same of a lesson. */
        private boolean alike(Hints other, int lesson) {
            boolean says = lesson < newCues.length;
            return says == lesson < other.newCues.length
                    && (!says || newCues[lesson] == other.newCues[lesson])
                    && leads.isEmpty() == other.leads.isEmpty()
                    && (leads.isEmpty() || leads.get(lesson).equals(other.leads.get(lesson)));
        }

        private List<Integer> leads(int lesson, int position) {
            return leads.isEmpty() ? List.of() : leads.get(lesson).get(position);
        }
    }

    private Reading(UnitProblem problem, Candidates candidates, Hints hints) {
        this.problem = problem;
        this.candidates = candidates;
        this.hints = hints;
        this.introduced = candidates.taught();
        this.targets = candidates.targetCues().size();
        this.pins = candidates.pins();
        this.ordered = candidates.ordered();
        this.exposures = new int[targets];
        this.lessonsMet = new int[targets];
        this.lastMet = new int[targets];
        Arrays.fill(lastMet, -1);
        this.looked = new int[targets];
        this.drilled = new int[targets];
        Arrays.fill(drilled, -1);
    }

    /** @param choices one list a lesson, in order */
    public static Plan of(UnitProblem problem, Candidates candidates, List<List<Choice>> choices) {
        return of(problem, candidates, choices, Hints.NONE);
    }

    /** @param hints for what its choices leave open */
    public static Plan of(UnitProblem problem, Candidates candidates, List<List<Choice>> choices, Hints hints) {
        return new Reading(problem, candidates, hints).read(choices);
    }

    /**
     * Reads plans of one problem one after the other: what stands before the first lesson that is another than in the last one is not
     * read again. Tells what {@link Reading#of} tells. For one thread.
     */
    public static final class Onward {
        private final Reading reading;
        private final List<List<Choice>> rows = new ArrayList<>();
        private final List<List<Segment>> read = new ArrayList<>();
        /** What was known before each lesson. */
        private final List<Known> known = new ArrayList<>();

        private long lessons;

        public Onward(UnitProblem problem, Candidates candidates) {
            reading = new Reading(problem, candidates, Hints.NONE);
        }

        /**
         * @param choices one list a lesson, in order; they may be changed afterwards
         * @param hints for what its choices leave open
         */
        public Plan of(List<List<Choice>> choices, Hints hints) {
            int from = same(choices, hints);
            reading.hints = hints;
            if (from < known.size()) reading.restore(known.get(from));
            drop(rows, from);
            drop(read, from);
            drop(known, from);
            for (int lesson = from; lesson < choices.size(); lesson++) {
                known.add(reading.known());
                rows.add(new ArrayList<>(choices.get(lesson)));
                read.add(Collections.unmodifiableList(reading.lesson(lesson, rows.get(lesson))));
                lessons++;
            }
            return reading.plan(new ArrayList<>(read));
        }

        /** How many lessons were read, all in all. */
        public long lessons() {
            return lessons;
        }

        private static void drop(List<?> list, int from) {
            list.subList(from, list.size()).clear();
        }

        /** Index of the first lesson that has to be read. */
        private int same(List<List<Choice>> choices, Hints other) {
            if (reading.hints.begins() != other.begins()) return 0;
            int most = Math.min(rows.size(), choices.size());
            // Nothing is known of what comes after the last lesson: it is read again where less is asked for.
            if (choices.size() < rows.size()) most = Math.max(0, choices.size() - 1);
            for (int lesson = 0; lesson < most; lesson++)
                if (!same(rows.get(lesson), choices.get(lesson)) || !reading.hints.alike(other, lesson)) return lesson;
            return most;
        }

        private static boolean same(List<Choice> one, List<Choice> other) {
            if (one.size() != other.size()) return false;
            for (int i = 0; i < one.size(); i++) if (one.get(i) != other.get(i)) return false;
            return true;
        }
    }

    /** What a reading knows between two lessons. */
    private record Known(
            boolean[] introduced,
            Set<@Nullable String> before,
            Set<@Nullable String> now,
            int[] exposures,
            int[] lessonsMet,
            int[] lastMet,
            int[] looked,
            int[] drilled) {}

    private Known known() {
        return new Known(
                introduced.clone(),
                before,
                now,
                exposures.clone(),
                lessonsMet.clone(),
                lastMet.clone(),
                looked.clone(),
                drilled.clone());
    }

    private void restore(Known known) {
        System.arraycopy(known.introduced, 0, introduced, 0, targets);
        before = known.before;
        now = known.now;
        System.arraycopy(known.exposures, 0, exposures, 0, targets);
        System.arraycopy(known.lessonsMet, 0, lessonsMet, 0, targets);
        System.arraycopy(known.lastMet, 0, lastMet, 0, targets);
        System.arraycopy(known.looked, 0, looked, 0, targets);
        System.arraycopy(known.drilled, 0, drilled, 0, targets);
    }

    private Plan read(List<List<Choice>> choices) {
        List<List<Segment>> lessons = new ArrayList<>(choices.size());
        for (int lesson = 0; lesson < choices.size(); lesson++) lessons.add(lesson(lesson, choices.get(lesson)));
        return plan(lessons);
    }

    private Plan plan(List<List<Segment>> lessons) {
        List<String> leftOver = new ArrayList<>();
        for (int cue = 0; cue < targets; cue++)
            if (!introduced[cue]) leftOver.add(candidates.targetCues().get(cue));
        return new Plan(problem, candidates.targetCues(), candidates.reach(), candidates.orders(), lessons, leftOver);
    }

    private List<Segment> lesson(int lesson, List<Choice> choices) {
        if (!before.containsAll(now)) {
            // A new one, since what was known before a lesson may be kept.
            before = new HashSet<>(before);
            before.addAll(now);
        }
        now = new HashSet<>(8);
        int size = choices.size();
        Candidate[] row = new Candidate[size];
        for (int i = 0; i < size; i++)
            row[i] = candidates.get(
                    lesson, choices.get(i).activity(), choices.get(i).setting());
        int[] minutes = minutes(problem.lessons().get(lesson).minutes(), choices, row);
        int quota = quota(lesson);
        List<Segment> segments = new ArrayList<>(size);
        String layout = "clear";
        int lastTeaching = lastTeaching(choices);
        for (int i = 0; i < size; i++) {
            Choice choice = choices.get(i);
            Activity activity = row[i].activity();
            List<Integer> leads = hints.leads(lesson, i);
            List<String> introduces = introduces(lesson, choice, row[i], quota, i == lastTeaching, leads);
            quota -= introduces.size();
            if (hints.begins && choice.introduces() == null && !choice.locked())
                row[i] = begun(lesson, row[i], introduces);
            List<String> focus = focus(lesson, choice, row[i], introduces, leads);
            int looks = activity.worksOnSkill() ? Fitter.looks(minutes[i]) : 0;
            String watch = watch(choice, row[i], focus, looks);
            int change = activity.layout().equals(layout) ? 0 : activity.setUpSeconds();
            layout = activity.layout();
            int talk = Turn.telling(activity, problem.profile().age()) + FREEZE_SECONDS * introduces.size();
            int active = Turn.working(minutes[i], change, row[i].wornSeconds(), talk);
            if (row[i].works()) now.add(activity.skill());
            segments.add(new Segment(
                    choice.id(),
                    lesson,
                    i,
                    choice.phases(),
                    row[i],
                    choice.locked(),
                    minutes[i],
                    change,
                    introduces,
                    focus,
                    watch,
                    row[i].tries(active),
                    looks));
        }
        return segments;
    }

    /** Where a cue is new, the easiest step at which it can be met. */
    private Candidate begun(int lesson, Candidate candidate, List<String> introduces) {
        if (introduces.isEmpty() || candidate.aboveEasiest() <= 0) return candidate;
        Candidate easiest = candidates.easiest(lesson, candidate);
        for (String cue : introduces) if (!easiest.hosts().contains(candidates.index(cue))) return candidate;
        return easiest;
    }

    /** New cues for this lesson: what is left spread over the lessons that are left for introducing, up to the wish. */
    private int quota(int lesson) {
        int meant = meant(lesson);
        if (lesson < hints.newCues().length) return Math.max(meant, hints.newCues()[lesson]);
        int left = problem.lastIntroLesson() - lesson + 1;
        if (left <= 0) return meant;
        int waiting = 0;
        for (int cue = 0; cue < targets; cue++) if (!introduced[cue] && pins[cue] <= lesson) waiting++;
        int spread = (waiting + left - 1) / left;
        return Math.max(
                meant, Math.min(problem.wishes().newCues(problem.profile().age().years()), spread));
    }

    /** Cues that the teacher wants introduced in this lesson and that wait. */
    private int meant(int lesson) {
        int meant = 0;
        for (int cue = 0; cue < targets; cue++) if (pins[cue] == lesson && !introduced[cue]) meant++;
        return meant;
    }

    /** Index of the lesson's last drill that may teach: what is left of the quota goes there. */
    private static int lastTeaching(List<Choice> choices) {
        int last = -1;
        for (int i = 0; i < choices.size(); i++) if (choices.get(i).phases().contains(LessonPhase.TEACH)) last = i;
        return last;
    }

    /** Those meant for the lesson, those hinted at; then one, or in the last drill that may teach all that are left of the quota. */
    private List<String> introduces(
            int lesson, Choice choice, Candidate candidate, int quota, boolean last, List<Integer> leads) {
        List<String> fixed = choice.introduces();
        if (fixed != null) {
            for (String cue : fixed) introduce(candidates.index(cue));
            return fixed;
        }
        if (quota <= 0 || !candidate.works() || !choice.phases().contains(LessonPhase.TEACH)) return List.of();
        List<String> now = new ArrayList<>(FOCUS);
        for (int cue : candidate.hosts())
            if (pins[cue] == lesson) introduce(lesson, candidate, cue, now, Math.min(quota, FOCUS), true);
        // A search may try what comes later in a set first, where it pays for that.
        for (int cue : leads)
            if (candidate.hosts().contains(cue))
                introduce(lesson, candidate, cue, now, Math.min(quota, FOCUS), ordered[cue]);
        int most = last ? Math.min(quota, FOCUS) : 1;
        for (int cue : candidate.hosts()) introduce(lesson, candidate, cue, now, most, true);
        return now;
    }

    /** @param inOrder false if those that come first in its set need not be introduced before it */
    private void introduce(int lesson, Candidate candidate, int cue, List<String> now, int most, boolean inOrder) {
        if (now.size() >= most || introduced[cue] || pins[cue] > lesson || !ready(candidate, cue, inOrder)) return;
        introduced[cue] = true;
        now.add(candidates.targetCues().get(cue));
    }

    private void introduce(int cue) {
        if (cue >= 0) introduced[cue] = true;
    }

    private boolean ready(Candidate candidate, int cue, boolean inOrder) {
        boolean goesOn = before.contains(candidate.activity().skill());
        for (int before : candidates.prerequisites(cue)) if (before < 0 || !introduced[before]) return false;
        if (inOrder && pins[cue] < 0)
            for (int first : candidates.earlier(cue))
                if (!introduced[first]
                        && (ordered[cue] || goesOn || !candidate.cannot().contains(first))) return false;
        return true;
    }

    private List<String> focus(
            int lesson, Choice choice, Candidate candidate, List<String> introduces, List<Integer> leads) {
        boolean play = choice.phases().contains(LessonPhase.PLAY);
        List<String> focus =
                choice.focus() != null ? choice.focus() : chosen(lesson, candidate, play, introduces, leads);
        for (String key : focus) {
            int cue = candidates.index(key);
            if (cue < 0) continue;
            exposures[cue]++;
            if (lastMet[cue] < lesson) lessonsMet[cue]++;
            lastMet[cue] = lesson;
            if (!play) drilled[cue] = lesson;
        }
        return focus;
    }

    /** What is introduced here, then the introduced cues that it hosts and that need it most. */
    private List<String> chosen(
            int lesson, Candidate candidate, boolean play, List<String> introduces, List<Integer> leads) {
        List<String> focus = new ArrayList<>(FOCUS);
        focus.addAll(introduces);
        for (int cue : leads) {
            String key = candidates.targetCues().get(cue);
            if (focus.size() < FOCUS && introduced[cue] && candidate.hosts().contains(cue) && !focus.contains(key))
                focus.add(key);
        }
        while (focus.size() < FOCUS) {
            int best = -1;
            int most = Integer.MIN_VALUE;
            List<Integer> hosts = candidate.hosts();
            for (int i = 0; i < hosts.size(); i++) {
                int cue = hosts.get(i);
                if (!introduced[cue] || focus.contains(candidates.targetCues().get(cue))) continue;
                int need = need(lesson, cue, candidate.shows().get(i));
                if (play && drilled[cue] == lesson) need += USED;
                if (need > most) {
                    most = need;
                    best = cue;
                }
            }
            if (best < 0) break;
            focus.add(candidates.targetCues().get(best));
        }
        return focus;
    }

    /** What one more exposure of a cue is worth now: as the rules of exposure, lessons, gaps and looks weigh it. */
    private int need(int lesson, int cue, boolean shown) {
        int missing = candidates.wanted(cue) - exposures[cue];
        int need = missing > 0 ? 100 + 5 * missing : missing;
        if (lastMet[cue] < lesson && lessonsMet[cue] < 3) need += 60;
        if (lastMet[cue] >= 0 && lesson - lastMet[cue] > 1) need += 40;
        if (shown && looked[cue] < problem.profile().children()) need += 10;
        return need;
    }

    private @Nullable String watch(Choice choice, Candidate candidate, List<String> focus, int looks) {
        int watch = choice.watch() != null && focus.contains(choice.watch()) ? candidates.index(choice.watch()) : -1;
        if (watch < 0)
            for (String key : focus) {
                int cue = candidates.index(key);
                int at = candidate.hosts().indexOf(cue);
                if (at >= 0 && candidate.shows().get(at) && (watch < 0 || looked[cue] < looked[watch])) watch = cue;
            }
        if (watch < 0) return null;
        looked[watch] += looks;
        return candidates.targetCues().get(watch);
    }

    /**
     * Whole minutes: all at their least, then minute by minute to the segment that has the smallest part of its room,
     * practice and play three times as readily as the rest, until the lesson is full. Where the least are too much, or the most
     * too little, the longest gives and work takes; a close keeps its least.
     */
    static int[] minutes(int full, List<Choice> choices, Candidate[] row) {
        int[] minutes = new int[row.length];
        int left = full;
        for (int i = 0; i < minutes.length; i++) {
            Integer fixed = choices.get(i).minutes();
            minutes[i] = fixed == null ? least(choices.get(i), row[i].activity()) : fixed;
            left -= minutes[i];
        }
        for (; left < 0; left++) {
            int longest = longest(minutes, choices);
            if (longest < 0) break;
            minutes[longest]--;
        }
        for (; left > 0; left--) {
            int roomiest = roomiest(minutes, choices, row);
            if (roomiest < 0) roomiest = leastStretched(minutes, choices, row);
            if (roomiest < 0) break;
            minutes[roomiest]++;
        }
        return minutes;
    }

    private static int least(Choice choice, Activity activity) {
        boolean warms = choice.phases().contains(LessonPhase.WARM);
        return warms
                ? Math.max(activity.minutesLeast(), Math.min(WarmsLongEnough.LEAST, activity.minutesMost()))
                : activity.minutesLeast();
    }

    private static int longest(int[] minutes, List<Choice> choices) {
        int longest = -1;
        for (int i = 0; i < minutes.length; i++) {
            boolean gives = choices.get(i).minutes() == null
                    && minutes[i] > SHORTEST
                    && !choices.get(i).phases().contains(LessonPhase.CLOSE);
            if (gives && (longest < 0 || minutes[i] > minutes[longest])) longest = i;
        }
        return longest;
    }

    private static int roomiest(int[] minutes, List<Choice> choices, Candidate[] row) {
        int best = -1;
        double bestGain = 0;
        for (int i = 0; i < minutes.length; i++) {
            Activity activity = row[i].activity();
            if (choices.get(i).minutes() != null || minutes[i] >= activity.minutesMost()) continue;
            double room = activity.minutesMost() - minutes[i];
            double span = Math.max(1, activity.minutesMost() - activity.minutesLeast());
            double gain = room / span * (activity.worksOnSkill() ? 3 : 1);
            if (gain > bestGain) {
                bestGain = gain;
                best = i;
            }
        }
        return best;
    }

    /** The work that is stretched least over its most. */
    private static int leastStretched(int[] minutes, List<Choice> choices, Candidate[] row) {
        int best = -1;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < row.length; i++) {
            int over = minutes[i] - row[i].activity().minutesMost();
            if (choices.get(i).minutes() == null && row[i].works() && over < least) {
                least = over;
                best = i;
            }
        }
        return best;
    }
}
