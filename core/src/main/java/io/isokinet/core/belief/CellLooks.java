package io.isokinet.core.belief;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The looks at one child and one cue, by the days on which they were made; what the cell has of its own walks at random from day to
 * day. All arrays are by day.
 */
final class CellLooks {
    private static final double A_DAY = 1.0 / 7;
    /** A precision so small that it says nothing. */
    private static final double NEARLY_NOTHING = 1e-6;

    final double[] weeks;
    /** What the practice by then is worth, that of the same day with it. */
    final double[] practice;
    /** What is known of the logit beside everything that is estimated. */
    final double[] offset;

    final List<List<Look>> looks = new ArrayList<>();
    final double[] own;

    // Of the last step: weights, weighted responses, and the solutions that eliminate the cell.
    final double[] weight;
    private final double[] response;
    private final double[] byOne;
    private final double[] byPractice;
    private final double[] byResponse;
    private final double[] pivot;
    double uu;
    double ul;
    double ll;
    double eu;
    double el;
    double logDet;

    /** @param of all looks of the cell, at least one, in order of their days */
    CellLooks(List<Look> of, ClassLooks all, Priors priors) {
        List<Double> days = of.stream().map(Look::day).distinct().toList();
        int n = days.size();
        weeks = new double[n];
        practice = new double[n];
        offset = new double[n];
        own = new double[n];
        weight = new double[n];
        response = new double[n];
        byOne = new double[n];
        byPractice = new double[n];
        byResponse = new double[n];
        pivot = new double[n];
        for (int k = 0; k < n; k++) {
            double day = days.get(k);
            Look first = of.get(0);
            weeks[k] = day / 7;
            practice[k] = priors.practice(all.lessons(first.child(), first.cue(), Math.nextUp(day)));
            offset[k] =
                    -priors.fade() * Math.max(0, all.idleWeeks(first.child(), first.cue(), day) - Priors.IDLE_WEEKS);
            looks.add(of.stream().filter(l -> l.day() == day).toList());
        }
    }

    int days() {
        return weeks.length;
    }

    int count() {
        return looks.stream().mapToInt(List::size).sum();
    }

    /** The log-likelihood of the looks where the rest of the class gives {@code u} and {@code learning}. */
    double likelihood(double u, double learning, double eye) {
        double sum = 0;
        for (int k = 0; k < days(); k++)
            for (Look l : looks.get(k)) {
                double says = says(l, eta(k, u, learning) - l.task(), eye);
                sum += Math.log(l.shown() ? says : 1 - says);
            }
        return sum;
    }

    /** The log-density of what the cell has of its own, but for a constant. */
    double prior(Priors p) {
        double sum = -own[0] * own[0] / (2 * p.cell() * p.cell());
        for (int k = 1; k < days(); k++) {
            double step = own[k] - own[k - 1];
            sum -= step * step / (2 * walk(k, p));
        }
        return sum;
    }

    private double walk(int k, Priors p) {
        return p.drift() * Math.max(A_DAY, weeks[k] - weeks[k - 1]);
    }

    private double eta(int k, double u, double learning) {
        return u + learning * practice[k] + offset[k] + own[k];
    }

    private static final double MOST_ERRORS = 0.45;

    /** The chance that it says shown of what is never shown. */
    static double slip(Look l, double eye) {
        return Math.min(MOST_ERRORS, l.eye().falseShown() * eye);
    }

    /** From what is said of a cue that is never shown to what is said of one that always is. */
    static double span(Look l, double eye) {
        return 1 - slip(l, eye) - Math.min(MOST_ERRORS, l.eye().missed() * eye);
    }

    static double says(Look l, double eta, double eye) {
        return slip(l, eye) + span(l, eye) / (1 + Math.exp(-eta));
    }

    /** How steeply what is said rises with the logit. */
    static double slope(Look l, double eta, double eye) {
        double shown = 1 / (1 + Math.exp(-eta));
        return span(l, eye) * shown * (1 - shown);
    }

    /** Weighs the looks by how steep their likelihood is where things stand, and eliminates the cell. */
    void weigh(double u, double learning, Priors p) {
        int n = days();
        for (int k = 0; k < n; k++) {
            double w = 0;
            double g = 0;
            for (Look l : looks.get(k)) {
                double eta = eta(k, u, learning) - l.task();
                double says = says(l, eta, p.eye());
                double slope = slope(l, eta, p.eye());
                double spread = Math.max(1e-9, says * (1 - says));
                w += slope * slope / spread;
                g += ((l.shown() ? 1 : 0) - says) * slope / spread;
            }
            weight[k] = Math.max(NEARLY_NOTHING, w);
            response[k] = weight[k] * (u + learning * practice[k] + own[k]) + g;
        }
        eliminate(p);
    }

    /** Eliminates the cell from the equations of the class, its looks weighing what they do. */
    void eliminate(Priors p) {
        int n = days();
        factor(p);
        for (int k = 0; k < n; k++) {
            byOne[k] = weight[k];
            byPractice[k] = weight[k] * practice[k];
            byResponse[k] = response[k];
        }
        solve(byOne, p);
        solve(byPractice, p);
        solve(byResponse, p);
        uu = ul = ll = eu = el = 0;
        for (int k = 0; k < n; k++) {
            double w = weight[k];
            double h = practice[k];
            uu += w * (1 - byOne[k]);
            ul += w * (h - byPractice[k]);
            ll += w * h * (h - byPractice[k]);
            eu += response[k] - w * byResponse[k];
            el += h * (response[k] - w * byResponse[k]);
        }
    }

    /** The pivots of prior precision plus weights, which is tridiagonal. */
    private void factor(Priors p) {
        int n = days();
        double sum = 0;
        for (int k = 0; k < n; k++) {
            double d = weight[k] + (k == 0 ? 1 / (p.cell() * p.cell()) : 1 / walk(k, p));
            if (k + 1 < n) d += 1 / walk(k + 1, p);
            double off = k == 0 ? 0 : 1 / walk(k, p);
            pivot[k] = d - (k == 0 ? 0 : off * off / pivot[k - 1]);
            sum += Math.log(pivot[k]) + Math.log(k == 0 ? p.cell() * p.cell() : walk(k, p));
        }
        logDet = sum;
    }

    private void solve(double[] b, Priors p) {
        int n = days();
        for (int k = 1; k < n; k++) b[k] += b[k - 1] / (walk(k, p) * pivot[k - 1]);
        b[n - 1] /= pivot[n - 1];
        for (int k = n - 2; k >= 0; k--) b[k] = (b[k] + b[k + 1] / walk(k + 1, p)) / pivot[k];
    }

    /** What the cell has of its own once the class is solved, a share {@code step} of the way there. */
    void follow(double u, double learning, double step, double[] before) {
        for (int k = 0; k < days(); k++) {
            double there = byResponse[k] - u * byOne[k] - learning * byPractice[k];
            own[k] = before[k] + step * (there - before[k]);
        }
    }

    /** How the cell's last state moves with the class, and its own variance: [by u, by learning, variance]. */
    double[] last() {
        int n = days();
        return new double[] {byOne[n - 1], byPractice[n - 1], 1 / pivot[n - 1]};
    }

    /**
     * What the class gives a cell.
     *
     * @param u and {@code learning}: what is believed of both
     * @param uu their variances and {@code ul} covariance, {@code ll} that of learning
     */
    record Given(double u, double learning, double uu, double ul, double ll) {}

    /**
     * A day of the cell.
     *
     * @param mean and {@code variance} of the logit by all looks, without its offset
     * @param without and {@code withoutVariance}: the same by all looks but those of the day
     * @param tilted that once the day's looks are taken as they are
     */
    private record Day(double mean, double variance, double without, double withoutVariance, Tilted tilted) {
        /** The log of how likely the looks were, beside the normal that their weights stand for. */
        double surplus() {
            return tilted.logMass()
                    + (without * without / withoutVariance + Math.log(withoutVariance)) / 2
                    - (mean * mean / variance + Math.log(variance)) / 2;
        }
    }

    /** The days of the cell by what is believed of the class; nothing where a day's own looks are all that is known of it. */
    private @Nullable Day[] days(Given given, Priors p) {
        int n = days();
        Day[] days = new Day[n];
        double own = 0;
        for (int k = n - 1; k >= 0; k--) {
            double next = k + 1 < n ? 1 / (walk(k + 1, p) * pivot[k]) : 0;
            own = 1 / pivot[k] + next * next * own;
            double byU = 1 - byOne[k];
            double byLearning = practice[k] - byPractice[k];
            double variance = byU * byU * given.uu()
                    + 2 * byU * byLearning * given.ul()
                    + byLearning * byLearning * given.ll()
                    + own;
            double mean = given.u() + given.learning() * practice[k] + this.own[k];
            double left = 1 / variance - weight[k];
            if (left < NEARLY_NOTHING) continue;
            double without = (mean / variance - response[k]) / left;
            Tilted tilted = Tilted.of(without, 1 / left, looks.get(k), offset[k], p.eye());
            days[k] = new Day(mean, variance, without, 1 / left, tilted);
        }
        return days;
    }

    /**
     * Weighs the looks of each day so that the normal belief has the mean and spread that it has with them as they are.
     *
     * @param share of the way there
     * @return by how much the weights moved, in spreads
     */
    double match(Given given, Priors p, double share) {
        double moved = 0;
        Day[] days = days(given, p);
        for (int k = 0; k < days.length; k++) {
            Day day = days[k];
            if (day == null) continue;
            double left = 1 / day.withoutVariance();
            double w = Math.max(NEARLY_NOTHING, 1 / day.tilted().variance() - left);
            double r = day.tilted().mean() * (left + w) - day.without() * left;
            moved = Math.max(
                    moved,
                    Math.abs(w - weight[k]) * day.variance() + Math.abs(r - response[k]) * Math.sqrt(day.variance()));
            weight[k] += share * (w - weight[k]);
            response[k] += share * (r - response[k]);
        }
        return moved;
    }

    /** What the cell adds to the log of how well the looks are foretold. */
    double foretold(Given given, Priors p) {
        double sum = prior(p);
        Day[] days = days(given, p);
        for (int k = 0; k < days.length; k++) {
            double at = given.u() + given.learning() * practice[k] + own[k];
            sum += response[k] * at - weight[k] * at * at / 2;
            Day day = days[k];
            if (day != null) sum += day.surplus();
        }
        return sum;
    }

    /** How much its own looks tell of the logit of a day, as a precision. */
    double precision(double week, Priors p) {
        double sum = 0;
        for (int k = 0; k < days(); k++) sum += 1 / (1 / weight[k] + p.drift() * Math.max(0, week - weeks[k]));
        return sum;
    }
}
