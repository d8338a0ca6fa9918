package io.isokinet.core.group;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Grouping;
import java.util.ArrayList;
import java.util.List;

/** Splits a class by formation: sizes differ by at most one and nobody is left over. */
public final class Groups {
    private Groups() {}

    /**
     * The numbers of groups that the formation allows, those near its usual size first and then, if equal, the smaller groups,
     * which wait less.
     *
     * @param children at least 1
     * @return empty if no split has group sizes within the formation's limits
     */
    public static List<Integer> counts(Grouping grouping, int children) {
        if (children < 1)
            throw new IllegalArgumentException(
                    "A class of %d cannot be grouped; add children first.".formatted(children));
        if (grouping.formation().is(Formation.Is.ONE_GROUP)) return List.of(1);
        if (grouping.formation() == Formation.TWO_SIDES) return children < 2 ? List.of() : List.of(2);
        List<Integer> counts = new ArrayList<>();
        for (int groups = 1; groups <= children; groups++) {
            int smallest = children / groups;
            int largest = (children + groups - 1) / groups;
            if (smallest >= grouping.least() && largest <= grouping.most()) counts.add(groups);
        }
        counts.sort((a, b) -> {
            double offA = Math.abs((double) children / a - grouping.usual());
            double offB = Math.abs((double) children / b - grouping.usual());
            return offA != offB ? Double.compare(offA, offB) : b - a;
        });
        return counts;
    }

    /** Group sizes, larger ones first; they add up to the children. */
    public static List<Integer> sizes(int children, int groups) {
        List<Integer> sizes = new ArrayList<>();
        for (int i = 0; i < groups; i++) sizes.add(children / groups + (i < children % groups ? 1 : 0));
        return sizes;
    }

    /**
     * Whose turn it is at a duty: the next few along the list, further along each time, from the beginning again at its end.
     *
     * @param time how often the duty came up before, from 0
     * @param many at most everybody
     */
    public static <T> List<T> onDuty(List<T> here, int time, int many) {
        List<T> duty = new ArrayList<>();
        for (int i = 0; i < Math.min(many, here.size()); i++) duty.add(here.get((time * many + i) % here.size()));
        return duty;
    }

    /**
     * Sizes in words: "3 groups of 6, 2 of 5".
     *
     * @param noun in the plural
     */
    public static String words(String noun, List<Integer> sizes) {
        int large = sizes.get(0);
        long many = sizes.stream().filter(s -> s == large).count();
        String text = "%d %s of %d".formatted(many, many == 1 ? noun.replaceFirst("s$", "") : noun, large);
        return many == sizes.size() ? text : text + ", %d of %d".formatted(sizes.size() - many, large - 1);
    }
}
