package io.isokinet.core.belief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;
import org.jspecify.annotations.Nullable;

/**
 * What is believed of a class, from all its looks at once: the logit of a child's chance to show a cue is what the class can do, plus
 * what the child brings, to everything and to the skill, plus how hard the cue is, plus what was learnt since it was taught, plus
 * what is left between the two, which walks at random from day to day; a look sees that through an eye that errs, less the difficulty
 * of the task. All are normal, and so is what is believed: with the mean and spread that the looks as they are give it, cell by cell
 * and day by day (expectation propagation; Minka, Proc. 17th Conf. Uncertainty in Artificial Intelligence (2001), from memory), from
 * some steps of Fisher scoring on. Cells are eliminated first, then children, so that what is solved is as large as the number of cues.
 */
public final class ClassBelief {
    private static final int MOST_STEPS = 40;
    private static final int FIRST_STEPS = 2;
    private static final double CLOSE = 1e-7;

    private static final int MOST_SWEEPS = 30;
    /** Weights that move by less, in spreads, have come to rest. */
    private static final double MATCHED = 0.01;

    private static final double LEAST_SHARE = 0.25;

    private static final int BASE = 0;
    private static final int LEARNING = 1;
    private static final int FIRST_CUE = 2;

    private final ClassLooks all;
    private final Priors priors;
    private final Map<String, Integer> childAt;
    private final Map<String, Integer> cueAt;
    private final int[] skillOf;
    private final int skills;
    private final CellLooks[] cells;

    /** What the class has in common: base, learning, cues. */
    private double[] common;
    /** By child: the child, then the child in each skill. */
    private double[][] own;

    // Of the last step.
    private DMatrixRMaj commonCovariance = new DMatrixRMaj(0, 0);
    private final DMatrixRMaj[] ownInverse;
    private final DMatrixRMaj[] ownToCommon;
    private double logDet;
    private final Here[] heres;

    // What looks since the fit changed, by cell; empty right after it.
    private final double[] shift;
    private final double[] cut;
    private final List<Since> since;

    /** Drawn when they are first asked for. */
    private @Nullable Draws usual;

    /**
     * A look since the fit.
     *
     * @param ties covariances of every cell with the one that was looked at, as they were then
     * @param weight share of their squares that the look takes from the variances
     */
    private record Since(double[] ties, double weight) {}

    private ClassBelief(ClassLooks all, Priors priors) {
        this.all = all;
        this.priors = priors;
        childAt = new HashMap<>();
        cueAt = new HashMap<>();
        for (String c : all.children()) childAt.putIfAbsent(c, childAt.size());
        Map<String, Integer> skillAt = new LinkedHashMap<>();
        List<Integer> skill = new ArrayList<>();
        for (ClassLooks.Cue c : all.cues())
            if (cueAt.putIfAbsent(c.key(), cueAt.size()) == null) {
                skillAt.putIfAbsent(c.skill(), skillAt.size());
                skill.add(skillAt.get(c.skill()));
            }
        skillOf = skill.stream().mapToInt(i -> i).toArray();
        skills = skillAt.size();
        cells = new CellLooks[childAt.size() * cueAt.size()];
        Map<Integer, List<Look>> byCell = new HashMap<>();
        for (Look l : all.looks()) {
            Integer child = childAt.get(l.child());
            Integer cue = cueAt.get(l.cue());
            if (child != null && cue != null)
                byCell.computeIfAbsent(child * cueAt.size() + cue, k -> new ArrayList<>())
                        .add(l);
        }
        byCell.forEach((at, looks) -> {
            looks.sort(Comparator.comparingDouble(Look::day));
            cells[at] = new CellLooks(looks, all, priors);
        });
        common = new double[FIRST_CUE + cueAt.size()];
        common[BASE] = priors.base();
        common[LEARNING] = priors.learning();
        own = new double[childAt.size()][1 + skills];
        ownInverse = new DMatrixRMaj[childAt.size()];
        ownToCommon = new DMatrixRMaj[childAt.size()];
        heres = new Here[cells.length];
        shift = new double[cells.length];
        cut = new double[cells.length];
        since = List.of();
    }

    /** The same fit, read on another day or one look on. */
    private ClassBelief(ClassBelief before, ClassLooks all, double[] shift, double[] cut, List<Since> since) {
        this.all = all;
        this.priors = before.priors;
        this.childAt = before.childAt;
        this.cueAt = before.cueAt;
        this.skillOf = before.skillOf;
        this.skills = before.skills;
        this.cells = before.cells;
        this.common = before.common;
        this.own = before.own;
        this.commonCovariance = before.commonCovariance;
        this.ownInverse = before.ownInverse;
        this.ownToCommon = before.ownToCommon;
        this.logDet = before.logDet;
        this.heres = all == before.all ? before.heres : new Here[before.heres.length];
        this.shift = shift;
        this.cut = cut;
        this.since = since;
    }

    /** @param priors common practice, or what a school's own records made of it */
    public static ClassBelief of(ClassLooks all, Priors priors) {
        ClassBelief belief = new ClassBelief(all, priors);
        belief.climb(FIRST_STEPS);
        belief.match();
        return belief;
    }

    /** The same with a normal around the mode, for what is beside a reference. */
    static ClassBelief atMode(ClassLooks all, Priors priors) {
        ClassBelief belief = new ClassBelief(all, priors);
        belief.climb(MOST_STEPS);
        return belief;
    }

    /** Towards the mode, by Fisher scoring. */
    private void climb(int steps) {
        double best = density();
        for (int step = 0; step < steps; step++) {
            double[] commonBefore = common.clone();
            double[][] ownBefore = copy(own);
            double[][] cellsBefore = new double[cells.length][];
            for (int i = 0; i < cells.length; i++) if (cells[i] != null) cellsBefore[i] = cells[i].own.clone();
            for (int i = 0; i < cells.length; i++)
                if (cells[i] != null) cells[i].weigh(shared(own, common, i), common[LEARNING], priors);
            solve();
            double[] commonThere = common;
            double[][] ownThere = own;
            double gained = Double.NEGATIVE_INFINITY;
            for (double share = 1; share > 1e-3; share /= 2) {
                common = between(commonBefore, commonThere, share);
                own = new double[ownBefore.length][];
                for (int c = 0; c < own.length; c++) own[c] = between(ownBefore[c], ownThere[c], share);
                for (int i = 0; i < cells.length; i++)
                    if (cells[i] != null)
                        cells[i].follow(shared(ownThere, commonThere, i), commonThere[LEARNING], share, cellsBefore[i]);
                gained = density() - best;
                if (gained >= -CLOSE) break;
            }
            if (gained < -CLOSE) {
                common = commonBefore;
                own = ownBefore;
                for (int i = 0; i < cells.length; i++)
                    if (cells[i] != null) System.arraycopy(cellsBefore[i], 0, cells[i].own, 0, cellsBefore[i].length);
            } else best += gained;
            if (gained < CLOSE * Math.max(1, Math.abs(best))) break;
        }
        // The spread is that of the place where it stopped.
        double[] commonHere = common.clone();
        double[][] ownHere = copy(own);
        for (int i = 0; i < cells.length; i++)
            if (cells[i] != null) cells[i].weigh(shared(own, common, i), common[LEARNING], priors);
        solve();
        common = commonHere;
        own = ownHere;
    }

    /** From there to the normal that has the mean and spread of the looks as they are, cell by cell and day by day. */
    private void match() {
        double share = 1;
        double last = Double.POSITIVE_INFINITY;
        for (int sweep = 0; sweep < MOST_SWEEPS; sweep++) {
            double moved = 0;
            CellLooks.Given[] given = given();
            for (int i = 0; i < cells.length; i++)
                if (cells[i] != null) {
                    moved = Math.max(moved, cells[i].match(given[i], priors, share));
                    cells[i].eliminate(priors);
                }
            logDet = solve();
            for (int i = 0; i < cells.length; i++)
                if (cells[i] != null) cells[i].follow(shared(own, common, i), common[LEARNING], 1, cells[i].own);
            if (moved < MATCHED) break;
            if (moved > last) share = Math.max(LEAST_SHARE, share / 2);
            last = moved;
        }
    }

    /** What the class gives each cell. */
    private CellLooks.Given[] given() {
        CellLooks.Given[] given = new CellLooks.Given[cells.length];
        DMatrixRMaj c = commonCovariance;
        for (int child = 0; child < own.length; child++)
            for (int s = 1; s <= skills; s++) {
                double[] pulled = new double[common.length];
                for (int j = 0; j < pulled.length; j++)
                    pulled[j] = ownToCommon[child].get(0, j) + ownToCommon[child].get(s, j);
                double[] with = times(c, pulled);
                DMatrixRMaj inverse = ownInverse[child];
                double spread = inverse.get(0, 0) + 2 * inverse.get(0, s) + inverse.get(s, s);
                for (int j = 0; j < pulled.length; j++) spread += pulled[j] * with[j];
                for (int cue = 0; cue < skillOf.length; cue++) {
                    int at = child * skillOf.length + cue;
                    if (skillOf[cue] + 1 != s || cells[at] == null) continue;
                    int q = FIRST_CUE + cue;
                    given[at] = new CellLooks.Given(
                            shared(own, common, at),
                            common[LEARNING],
                            spread + c.get(BASE, BASE) + 2 * c.get(BASE, q) + c.get(q, q) - 2 * (with[BASE] + with[q]),
                            c.get(BASE, LEARNING) + c.get(q, LEARNING) - with[LEARNING],
                            c.get(LEARNING, LEARNING));
                }
            }
        return given;
    }

    private static double[] between(double[] from, double[] to, double share) {
        double[] at = new double[from.length];
        for (int i = 0; i < at.length; i++) at[i] = from[i] + share * (to[i] - from[i]);
        return at;
    }

    private static double[][] copy(double[][] of) {
        double[][] copy = new double[of.length][];
        for (int i = 0; i < of.length; i++) copy[i] = of[i].clone();
        return copy;
    }

    private int child(int cell) {
        return cell / cueAt.size();
    }

    private int cue(int cell) {
        return cell % cueAt.size();
    }

    private double shared(double[][] own, double[] common, int cell) {
        int child = child(cell);
        int cue = cue(cell);
        return common[BASE] + common[FIRST_CUE + cue] + own[child][0] + own[child][1 + skillOf[cue]];
    }

    /** The log of likelihood times prior where things stand, but for a constant. */
    private double density() {
        double sum = prior();
        for (int i = 0; i < cells.length; i++)
            if (cells[i] != null)
                sum += cells[i].likelihood(shared(own, common, i), common[LEARNING], priors.eye())
                        + cells[i].prior(priors);
        return sum;
    }

    private double prior() {
        double sum = -square((common[BASE] - priors.base()) / priors.baseSd())
                - square((common[LEARNING] - priors.learning()) / priors.learningSd());
        for (int c = FIRST_CUE; c < common.length; c++) sum -= square(common[c] / priors.cue());
        for (double[] o : own) {
            sum -= square(o[0] / priors.child());
            for (int s = 1; s < o.length; s++) sum -= square(o[s] / priors.childSkill());
        }
        return sum / 2;
    }

    private static double square(double x) {
        return x * x;
    }

    /**
     * Solves the class with its cells eliminated: where it would be best, and how widely it spreads around that.
     *
     * @return the log of the determinant of the precision, relative to that of the priors
     */
    private double solve() {
        int n = common.length;
        DMatrixRMaj left = new DMatrixRMaj(n, n);
        double[] right = new double[n];
        left.add(BASE, BASE, 1 / square(priors.baseSd()));
        right[BASE] += priors.base() / square(priors.baseSd());
        left.add(LEARNING, LEARNING, 1 / square(priors.learningSd()));
        right[LEARNING] += priors.learning() / square(priors.learningSd());
        for (int c = FIRST_CUE; c < n; c++) left.add(c, c, 1 / square(priors.cue()));
        double logDet = 2 * Math.log(priors.baseSd())
                + 2 * Math.log(priors.learningSd())
                + 2 * (n - FIRST_CUE) * Math.log(priors.cue());
        double[][] ownRight = new double[own.length][];
        for (int child = 0; child < own.length; child++) {
            DMatrixRMaj block = new DMatrixRMaj(1 + skills, 1 + skills);
            DMatrixRMaj cross = new DMatrixRMaj(1 + skills, n);
            double[] b = new double[1 + skills];
            block.set(0, 0, 1 / square(priors.child()));
            for (int s = 1; s <= skills; s++) block.set(s, s, 1 / square(priors.childSkill()));
            logDet += 2 * Math.log(priors.child()) + 2 * skills * Math.log(priors.childSkill());
            for (int cue = 0; cue < cueAt.size(); cue++) {
                int at = child * cueAt.size() + cue;
                CellLooks cell = cells[at];
                if (cell == null) continue;
                logDet += cell.logDet;
                int c = FIRST_CUE + cue;
                int s = 1 + skillOf[cue];
                for (int i : new int[] {BASE, c}) {
                    for (int j : new int[] {BASE, c}) left.add(i, j, cell.uu);
                    left.add(i, LEARNING, cell.ul);
                    left.add(LEARNING, i, cell.ul);
                    right[i] += cell.eu;
                }
                left.add(LEARNING, LEARNING, cell.ll);
                right[LEARNING] += cell.el;
                for (int i : new int[] {0, s}) {
                    for (int j : new int[] {0, s}) block.add(i, j, cell.uu);
                    cross.add(i, BASE, cell.uu);
                    cross.add(i, c, cell.uu);
                    cross.add(i, LEARNING, cell.ul);
                    b[i] += cell.eu;
                }
            }
            logDet += logDet(block);
            DMatrixRMaj inverse = inverse(block);
            DMatrixRMaj pulled = new DMatrixRMaj(1 + skills, n);
            CommonOps_DDRM.mult(inverse, cross, pulled);
            CommonOps_DDRM.multAddTransA(-1, cross, pulled, left);
            for (int j = 0; j < n; j++) for (int i = 0; i <= skills; i++) right[j] -= pulled.get(i, j) * b[i];
            ownInverse[child] = inverse;
            ownToCommon[child] = pulled;
            ownRight[child] = b;
        }
        logDet += logDet(left);
        commonCovariance = inverse(left);
        double[] there = times(commonCovariance, right);
        double[][] ownThere = new double[own.length][];
        for (int child = 0; child < own.length; child++) {
            double[] b = times(ownInverse[child], ownRight[child]);
            double[] pull = times(ownToCommon[child], there);
            for (int i = 0; i < b.length; i++) b[i] -= pull[i];
            ownThere[child] = b;
        }
        common = there;
        own = ownThere;
        return logDet;
    }

    private static DMatrixRMaj inverse(DMatrixRMaj of) {
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(of.numRows);
        if (!solver.setA(of.copy()))
            throw new IllegalStateException(
                    "Impossible state: a precision of %d rows is not positive.".formatted(of.numRows));
        DMatrixRMaj inverse = new DMatrixRMaj(of.numRows, of.numRows);
        solver.invert(inverse);
        return inverse;
    }

    private static double logDet(DMatrixRMaj of) {
        var cholesky = org.ejml.dense.row.factory.DecompositionFactory_DDRM.chol(of.numRows, true);
        cholesky.decompose(of.copy());
        DMatrixRMaj t = cholesky.getT(null);
        double sum = 0;
        for (int i = 0; i < of.numRows; i++) sum += Math.log(t.get(i, i));
        return 2 * sum;
    }

    private static double[] times(DMatrixRMaj m, double[] v) {
        double[] out = new double[m.numRows];
        for (int i = 0; i < m.numRows; i++) {
            double sum = 0;
            for (int j = 0; j < m.numCols; j++) sum += m.data[i * m.numCols + j] * v[j];
            out[i] = sum;
        }
        return out;
    }

    /** The log of how well the looks are foretold, for comparing priors. */
    double evidence() {
        double sum = prior() - logDet / 2;
        CellLooks.Given[] given = given();
        for (int i = 0; i < cells.length; i++) if (cells[i] != null) sum += cells[i].foretold(given[i], priors);
        return sum;
    }

    /** How much a small step in what the class has in common would gain: nothing at the top. For the tests of the fit. */
    double steepness() {
        double step = 1e-4;
        double steepest = 0;
        for (int j = 0; j < common.length; j++) {
            double here = common[j];
            common[j] = here + step;
            double up = density();
            common[j] = here - step;
            double down = density();
            common[j] = here;
            steepest = Math.max(steepest, Math.abs(up - down) / (2 * step));
        }
        return steepest;
    }

    /** What a cell is made of today: how it hangs on the class, and what is its own. */
    private final class Here {
        final int cell;
        final int child;
        /** By what is common. */
        final double[] byCommon;
        /** By what is the child's: with the whole, then with what is common taken out. */
        final double byOwn;

        final double practice;
        final double mean;
        final double ownVariance;

        Here(int cell) {
            this.cell = cell;
            this.child = child(cell);
            int cue = cue(cell);
            String childKey = all.children().get(child);
            String cueKey = all.cues().get(cue).key();
            double h = priors.practice(all.lessons(childKey, cueKey, all.today() + 1));
            double fade =
                    -priors.fade() * Math.max(0, all.idleWeeks(childKey, cueKey, all.today()) - Priors.IDLE_WEEKS);
            CellLooks looks = cells[cell];
            double u = 1;
            double l = h;
            double z = 0;
            double variance = square(priors.cell());
            if (looks != null) {
                double[] last = looks.last();
                u -= last[0];
                l -= last[1];
                z = looks.own[looks.days() - 1];
                variance = last[2] + priors.drift() * Math.max(0, all.today() / 7 - looks.weeks[looks.days() - 1]);
            }
            byOwn = u;
            practice = l;
            ownVariance = variance;
            mean = shared(own, common, cell) + common[LEARNING] * h + fade + z;
            byCommon = new double[common.length];
            byCommon[BASE] = u;
            byCommon[FIRST_CUE + cue] = u;
            byCommon[LEARNING] = l;
            DMatrixRMaj pulled = ownToCommon[child];
            int s = 1 + skillOf[cue];
            for (int j = 0; j < byCommon.length; j++) byCommon[j] -= u * (pulled.get(0, j) + pulled.get(s, j));
        }

        double variance() {
            return covariance(this, times(commonCovariance, byCommon));
        }

        /** @param c covariance of what is common, times how the other hangs on it */
        double covariance(Here other, double[] c) {
            double sum = 0;
            for (int j = 0; j < c.length; j++) sum += byCommon[j] * c[j];
            if (child == other.child) {
                DMatrixRMaj inverse = ownInverse[child];
                int s = 1 + skillOf[cue(cell)];
                int t = 1 + skillOf[cue(other.cell)];
                sum += byOwn
                        * other.byOwn
                        * (inverse.get(0, 0) + inverse.get(0, t) + inverse.get(s, 0) + inverse.get(s, t));
            }
            return cell == other.cell ? sum + ownVariance : sum;
        }
    }

    private int at(String child, String cue) {
        Integer i = childAt.get(child);
        Integer c = cueAt.get(cue);
        if (i == null || c == null)
            throw new IllegalArgumentException(
                    "The child (%s) and the cue (%s) must be among those believed of.".formatted(child, cue));
        return i * cueAt.size() + c;
    }

    /** What is believed of a child and a cue today. */
    public Believed of(String child, String cue) {
        int at = at(child, cue);
        Believed fitted = fitted(at);
        if (since.isEmpty()) return fitted;
        double variance = Math.max(1e-4, fitted.sd() * fitted.sd() - cut[at]);
        return Believed.normal(fitted.mean() + shift[at], Math.sqrt(variance), fitted.looks(), fitted.own());
    }

    private Believed fitted(int at) {
        Here here = here(at);
        double variance = here.variance();
        CellLooks looks = cells[at];
        double sd = Math.sqrt(variance) * priors.widened();
        if (looks == null) return Believed.normal(here.mean, sd, 0, 0);
        double own = Math.min(1, looks.precision(all.today() / 7, priors) * variance);
        return Believed.normal(here.mean, sd, looks.count(), own);
    }

    /**
     * What is believed after one more look, today, without fitting anew: what it tells of its own cell, and through it of all others.
     *
     * @throws IllegalArgumentException if the child or the cue is not among those believed of
     */
    public ClassBelief after(Look look) {
        int at = at(look.child(), look.cue());
        Believed now = of(look.child(), look.cue());
        double variance = now.sd() * now.sd();
        Tilted then = Tilted.of(now.mean(), variance, List.of(look), 0, priors.eye());
        double[] ties = ties(at);
        double weight = Math.max(0, variance - then.variance()) / square(variance);
        double pull = (then.mean() - now.mean()) / variance;
        double[] shifted = shift.clone();
        double[] cuts = cut.clone();
        for (int i = 0; i < ties.length; i++) {
            shifted[i] += ties[i] * pull;
            cuts[i] += ties[i] * ties[i] * weight;
        }
        List<Since> more = new ArrayList<>(since);
        more.add(new Since(ties, weight));
        return new ClassBelief(this, all, shifted, cuts, more);
    }

    /**
     * What is believed in a lesson to come before anybody looks: the days until then widen it, and the lesson's own practice of some cues
     * counts, as it will behind each of its looks.
     *
     * @param day of the lesson, in the days of the looks; one that is past is read as today
     * @param cues that the class works on in it
     */
    public ClassBelief inLesson(double day, Set<String> cues) {
        return new ClassBelief(this, all.inLesson(Math.max(day, all.today()), cues), shift, cut, since);
    }

    private static final int DRAWS = 200;
    private static final long SEED = 20_260_907;

    /** Draws classes as this one may be, each from {@code seed} on. */
    Draws draws(int n, long seed) {
        Random random = new Random(seed);
        DMatrixRMaj commonRoot = Draws.root(commonCovariance);
        DMatrixRMaj[] ownRoots = new DMatrixRMaj[own.length];
        for (int child = 0; child < own.length; child++) ownRoots[child] = Draws.root(ownInverse[child]);
        Believed[] believed = new Believed[cells.length];
        double[] spread = new double[cells.length];
        for (int i = 0; i < cells.length; i++) {
            believed[i] = byIndex(i);
            spread[i] = Math.sqrt(here(i).variance());
        }
        double[][] logits = new double[n][cells.length];
        double[] learning = new double[n];
        for (int d = 0; d < n; d++) {
            double[] off = Draws.normal(commonRoot, random);
            learning[d] = Math.max(0, common[LEARNING] + off[LEARNING]);
            for (int child = 0; child < own.length; child++) {
                double[] ownOff = Draws.normal(ownRoots[child], random);
                for (int cue = 0; cue < cueAt.size(); cue++) {
                    int at = child * cueAt.size() + cue;
                    Here here = here(at);
                    double away = here.byOwn * (ownOff[0] + ownOff[1 + skillOf[cue]])
                            + Math.sqrt(here.ownVariance) * random.nextGaussian();
                    for (int j = 0; j < off.length; j++) away += here.byCommon[j] * off[j];
                    logits[d][at] = believed[at].mean() + believed[at].sd() * away / spread[at];
                }
            }
        }
        return new Draws(logits, learning);
    }

    /**
     * How many of some cells are there, all doubts taken together.
     *
     * @throws IllegalArgumentException if one of them is not believed of
     */
    public HowMany there(List<Cell> of) {
        int[] at = of.stream().mapToInt(c -> at(c.child(), c.cue())).toArray();
        if (usual == null) usual = draws(DRAWS, SEED);
        int[] counts = new int[DRAWS];
        for (int d = 0; d < DRAWS; d++) for (int i : at) if (usual.logits()[d][i] >= Believed.THERE) counts[d]++;
        return HowMany.of(counts);
    }

    /**
     * The chance that a look says shown, by whoever makes it and at whatever the child does, where this is what is believed
     * {@linkplain #inLesson in its lesson}.
     */
    double foretells(Look look) {
        Believed b = of(look.child(), look.cue());
        double wander = Math.sqrt(1 + Math.PI * b.sd() * b.sd() / 8);
        return CellLooks.says(look, (b.mean() - look.task()) / wander, priors.eye());
    }

    /** Whether a child and a cue are among those believed of. */
    boolean knows(String child, String cue) {
        return childAt.containsKey(child) && cueAt.containsKey(cue);
    }

    /** Mean and standard deviation of a cell's logit by the normal approximation alone. */
    double[] normal(String child, String cue) {
        Here here = here(at(child, cue));
        return new double[] {here.mean, Math.sqrt(here.variance())};
    }

    ClassLooks known() {
        return all;
    }

    Priors priors() {
        return priors;
    }

    /** How cells hang together with one of them, by their index: covariances of what is believed of them today. */
    double[] ties(int at) {
        Here one = here(at);
        double[] c = times(commonCovariance, one.byCommon);
        double[] ties = new double[cells.length];
        for (int i = 0; i < ties.length; i++) ties[i] = here(i).covariance(one, c);
        for (Since s : since) for (int i = 0; i < ties.length; i++) ties[i] -= s.ties()[i] * s.ties()[at] * s.weight();
        return ties;
    }

    /** The index of a cell among {@link #ties}. */
    int index(String child, String cue) {
        return at(child, cue);
    }

    /** Those of the same child or the same cue, and itself. */
    int[] near(int at) {
        int cues = cueAt.size();
        int[] near = new int[cues + childAt.size() - 1];
        int n = 0;
        for (int c = 0; c < cues; c++) near[n++] = child(at) * cues + c;
        for (int i = 0; i < childAt.size(); i++) if (i != child(at)) near[n++] = i * cues + cue(at);
        return near;
    }

    /** What is believed of a cell by its index. */
    Believed byIndex(int at) {
        return of(all.children().get(child(at)), all.cues().get(cue(at)).key());
    }

    /** True if the class was taught the cue of a cell. */
    boolean isTaught(int at) {
        return !all.practised()
                .getOrDefault(all.cues().get(cue(at)).key(), List.of())
                .isEmpty();
    }

    private Here here(int at) {
        Here known = heres[at];
        if (known == null) heres[at] = known = new Here(at);
        return known;
    }
}
