package io.isokinet.e2e;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;

/** Milliseconds that a script measured in a page. */
final class Times {
    private Times() {}

    /** @param script that answers with a list of them */
    static double[] of(Page page, String script) {
        return of(page, script, "");
    }

    /** @param script that answers with a list of them @param of what it is given */
    static double[] of(Page page, String script, String of) {
        return ((List<?>) page.evaluate(script, of))
                .stream().mapToDouble(t -> ((Number) t).doubleValue()).toArray();
    }

    /** @param share 0 to 1; 0.5 for the median */
    static double at(double[] values, double share) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
    }
}
