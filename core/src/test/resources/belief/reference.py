"""Reference data of a mixed model, by an independent statistics package.

    python3 -m venv v && v/bin/pip install statsmodels==0.15.0 && v/bin/python reference.py

writes looks.csv (invented looks at 20 children and 6 cues of two skills) and cells.csv: mean and standard deviation of the
logit of each cell under the posterior of statsmodels' BinomialBayesMixedGLM, at its mode by Laplace's approximation. All
scales are held at one; the prior of the intercept is standard normal.
"""

import csv

import numpy as np
import statsmodels
from scipy import optimize, sparse
from statsmodels.genmod.bayes_mixed_glm import BinomialBayesMixedGLM
from statsmodels.tools.numdiff import approx_fprime

CHILDREN, CUES, LOOKS = 20, 6, 3

random = np.random.default_rng(20260907)
child = random.normal(0, 1, CHILDREN)
cue = random.normal(0, 1, CUES)
rows = []
for i in range(CHILDREN):
    for c in range(CUES):
        own = random.normal(0, 1)
        for _ in range(random.integers(0, LOOKS + 1)):
            p = 1 / (1 + np.exp(-(child[i] + cue[c] + own)))
            rows.append((i, c, int(random.random() < p)))

groups = [
    (CHILDREN, lambda i, c: i),
    (2 * CHILDREN, lambda i, c: 2 * i + c % 2),
    (CUES, lambda i, c: c),
    (CHILDREN * CUES, lambda i, c: i * CUES + c),
]
columns = sum(n for n, _ in groups)


def effects(i, c):
    at, start = [], 0
    for n, of in groups:
        at.append(start + of(i, c))
        start += n
    return at


z = sparse.lil_matrix((len(rows), columns))
for r, (i, c, _) in enumerate(rows):
    for k in effects(i, c):
        z[r, k] = 1
ident = np.concatenate([np.full(n, g) for g, (n, _) in enumerate(groups)])
model = BinomialBayesMixedGLM(
    np.array([y for _, _, y in rows], float), np.ones((len(rows), 1)), sparse.csr_matrix(z), ident, vcp_p=1, fe_p=1
)
free = np.r_[0 : model.k_fep, model.k_fep + model.k_vcp : model.k_fep + model.k_vcp + columns]
whole = np.zeros(model.k_fep + model.k_vcp + columns)


def at(x):
    whole[free] = x
    return whole


def slope(x):
    return model.logposterior_grad(at(x))[free]


fit = optimize.minimize(
    lambda x: -model.logposterior(at(x)), np.zeros(len(free)), jac=lambda x: -slope(x), method="BFGS", options={"gtol": 1e-7}
)
params = fit.x
curved = approx_fprime(params, slope, centered=True)
covariance = np.linalg.inv(-(curved + curved.T) / 2)
first = model.k_fep

with open("looks.csv", "w", newline="") as out:
    w = csv.writer(out)
    w.writerow(["child", "cue", "shown"])
    w.writerows(rows)
with open("cells.csv", "w", newline="") as out:
    w = csv.writer(out)
    w.writerow(["child", "cue", "mean", "sd"])
    for i in range(CHILDREN):
        for c in range(CUES):
            x = np.zeros(len(params))
            x[0] = 1
            for k in effects(i, c):
                x[first + k] = 1
            w.writerow([i, c, "%.6f" % (x @ params), "%.6f" % np.sqrt(x @ covariance @ x)])
print("statsmodels", statsmodels.__version__, "looks", len(rows), "steepness", np.abs(slope(params)).max())
