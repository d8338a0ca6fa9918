package io.isokinet.core.mastery;

import io.isokinet.core.quantity.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a report says first: what came, what is still wanted, and what no plan reaches; a sentence each. */
public final class InShort {
    private static final int NAMES = 4;

    private InShort() {}

    /** @param before children nearly there or better on the earlier day @param after on the later one @param children of {@code children} */
    public record Skill(String name, int before, int after, int children) {}

    /** @param without children who were taught it and do not own it @param taught of so many */
    public record Cue(String call, int without, int taught) {}

    /**
     * @param skills that the class works on
     * @param cues of them
     * @param open codes of outcomes that no lesson of the year works on
     * @param outcomes of its age
     */
    public static List<String> ofClass(List<Skill> skills, List<Cue> cues, List<String> open, int outcomes) {
        List<String> said = new ArrayList<>();
        said.add(came(skills));
        cues.stream()
                .filter(c -> c.without() > 0)
                .max(Comparator.comparingInt(Cue::without))
                .ifPresent(c -> said.add("What most still lack is “%s”: %d of the %d it was taught to."
                        .formatted(c.call(), c.without(), c.taught())));
        if (outcomes > 0)
            said.add(
                    open.isEmpty()
                            ? "Every outcome of this age is in a lesson of this year."
                            : "No lesson of this year works on %d of %d outcomes of this age: %s."
                                    .formatted(open.size(), outcomes, some(open)));
        return said;
    }

    /**
     * @param skills over all classes
     * @param idle names of classes without a unit @param classes that there are
     * @param open codes of outcomes that some class of the age has in no plan @param outcomes that are asked of these classes
     */
    public static List<String> ofSchool(
            List<Skill> skills, List<String> idle, int classes, List<String> open, int outcomes) {
        List<String> said = new ArrayList<>();
        said.add(came(skills));
        if (classes > 0)
            said.add(
                    idle.isEmpty()
                            ? "Every class has a unit this year."
                            : "%d of %d classes %s no unit this year: %s."
                                    .formatted(idle.size(), classes, idle.size() == 1 ? "has" : "have", some(idle)));
        if (outcomes > 0)
            said.add(
                    open.isEmpty()
                            ? "Every outcome is in a plan of every class of its age."
                            : "%d of %d outcomes are missing from the plans of a class of their age: %s."
                                    .formatted(open.size(), outcomes, some(open)));
        return said;
    }

    private static String came(List<Skill> skills) {
        Optional<Skill> most = skills.stream().max(Comparator.comparingInt(s -> s.after() - s.before()));
        if (most.isEmpty()) return "No unit has been planned for this year yet.";
        Skill s = most.get();
        if (s.after() > s.before())
            return "%s came furthest: %d of %d children were nearly there or better, %d are now."
                    .formatted(s.name(), s.before(), s.children(), s.after());
        return skills.stream().allMatch(k -> k.after() == 0)
                ? "Nobody is nearly there in a skill yet."
                : "In no skill did more children come nearly there in these days.";
    }

    private static String some(List<String> names) {
        return names.size() <= NAMES
                ? Words.list(names)
                : "%s and %d more".formatted(String.join(", ", names.subList(0, NAMES)), names.size() - NAMES);
    }
}
