package io.isokinet.core.belief;

import java.util.Random;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;

/**
 * Classes as this one may be: what is believed of all cells at once, drawn so that what they have in common stays in common. The same
 * seed draws the same classes.
 *
 * @param logits by draw and by cell, as the belief counts its cells
 * @param learning by draw, gain of one unit of {@link Priors#practice}; never below zero
 */
record Draws(double[][] logits, double[] learning) {
    /** The lower triangle whose square is a covariance. */
    static DMatrixRMaj root(DMatrixRMaj covariance) {
        var cholesky = DecompositionFactory_DDRM.chol(covariance.numRows, true);
        if (!cholesky.decompose(covariance.copy()))
            throw new IllegalStateException(
                    "Impossible state: a covariance of %d rows is not positive.".formatted(covariance.numRows));
        return cholesky.getT(null);
    }

    /** Normal numbers that vary together. */
    static double[] normal(DMatrixRMaj root, Random random) {
        double[] z = new double[root.numRows];
        for (int i = 0; i < z.length; i++) z[i] = random.nextGaussian();
        double[] out = new double[z.length];
        for (int i = 0; i < z.length; i++) for (int j = 0; j <= i; j++) out[i] += root.get(i, j) * z[j];
        return out;
    }
}
