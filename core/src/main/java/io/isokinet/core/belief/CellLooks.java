package io.isokinet.core.belief;

import java.util.ArrayList;
import java.util.List;

/**
 * The looks at one child and one cue, by the days on which they were made; what the cell has of its own walks at random from day to
 * day. All arrays are by day.
 */
final class CellLooks {
    private static final double A_DAY = 1.0 / 7;

    final double[] weeks;
    /** What the practice by then is worth. */
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
            int before = all.lessons(first.child(), first.cue(), day);
            int after = all.lessons(first.child(), first.cue(), Math.nextUp(day));
            practice[k] = priors.behind(before, after);
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

    private static double slip(Look l, double eye) {
        return Math.min(MOST_ERRORS, l.eye().falseShown() * eye);
    }

    /** From what is said of a cue that is never shown to what is said of one that always is. */
    private static double span(Look l, double eye) {
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

    /** Weighs the looks where things stand, and eliminates the cell from the equations of the class. */
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
            weight[k] = Math.max(1e-6, w);
            response[k] = weight[k] * (u + learning * practice[k] + own[k]) + g;
        }
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
     * Its own looks as they speak of today.
     *
     * @param shift what has to be taken from today's logit to have that of each day
     * @param blur how much a day's logit wanders until today, as a variance
     * @param stale chance that something was won or lost at once since then, so that the look tells nothing of today
     * @param precision and {@code pull} are what they bring in the normal approximation, in all
     */
    record Sites(double[] shift, double[] blur, double[] stale, double precision, double pull) {}

    Sites sites(double learning, double practiceNow, double offsetNow, double weekNow, Priors p) {
        int n = days();
        double[] shift = new double[n];
        double[] blur = new double[n];
        double[] stale = new double[n];
        double precision = 0;
        double pull = 0;
        for (int k = 0; k < n; k++) {
            shift[k] = learning * (practiceNow - practice[k]) + offsetNow - offset[k];
            blur[k] = p.drift() * Math.max(0, weekNow - weeks[k]);
            stale[k] = 1 - Math.exp(-Priors.AT_ONCE * Math.max(0, weekNow - weeks[k]));
            double w = 1 / (1 / weight[k] + blur[k]);
            // The response is of u + learning * practice + own; today's logit has today's practice and offset.
            double today = response[k] / weight[k] + offset[k] + shift[k];
            precision += w;
            pull += w * today;
        }
        return new Sites(shift, blur, stale, precision, pull);
    }
}
