"""The same model as in reference.py on the same looks, without any approximation: drawn one effect at a
time, each step taken or not by Metropolis' rule.

    python3 exact.py

reads looks.csv and writes exact.csv: mean and standard deviation of the logit of each cell over the draws of two chains, and prints by
how much the chains differ. Needs nothing but Python; 2026-12-01, Python 3.11, two chains of 60,000 rounds after 4,000.
"""

import csv
import math
import random

CHILDREN, CUES, ROUNDS, FIRST = 20, 6, 60_000, 4_000

with open("looks.csv") as f:
    rows = [(int(r["child"]), int(r["cue"]), int(r["shown"])) for r in csv.DictReader(f)]

cells = [(i, c) for i in range(CHILDREN) for c in range(CUES)]
shown, not_yet = [0] * len(cells), [0] * len(cells)
for i, c, y in rows:
    if y:
        shown[i * CUES + c] += 1
    else:
        not_yet[i * CUES + c] += 1

# An effect each, all standard normal: everything, child, child in skill, cue, cell; and the cells that it moves.
effects = [list(range(len(cells)))]
effects += [[n for n, (a, _) in enumerate(cells) if a == i] for i in range(CHILDREN)]
effects += [[n for n, (a, c) in enumerate(cells) if a == i and c % 2 == s] for i in range(CHILDREN) for s in range(2)]
effects += [[n for n, (_, a) in enumerate(cells) if a == c] for c in range(CUES)]
effects += [[n] for n in range(len(cells))]


def likelihood(n, logit):
    return -shown[n] * math.log1p(math.exp(-logit)) - not_yet[n] * math.log1p(math.exp(logit))


def chain(seed):
    dice = random.Random(seed)
    value = [0.0] * len(effects)
    logit = [0.0] * len(cells)
    seen = [likelihood(n, 0.0) for n in range(len(cells))]
    wide = [1.2 / math.sqrt(1 + len(moves) / 8) * 1.6 for moves in effects]
    sums, squares = [0.0] * len(cells), [0.0] * len(cells)
    for turn in range(FIRST + ROUNDS):
        for e, moves in enumerate(effects):
            step = dice.gauss(0, wide[e])
            to = value[e] + step
            gain = (value[e] ** 2 - to**2) / 2
            fresh = [likelihood(n, logit[n] + step) if shown[n] + not_yet[n] else 0.0 for n in moves]
            for n, l in zip(moves, fresh):
                gain += l - seen[n]
            if gain >= 0 or dice.random() < math.exp(gain):
                value[e] = to
                for n, l in zip(moves, fresh):
                    logit[n] += step
                    seen[n] = l
        if turn >= FIRST:
            for n, l in enumerate(logit):
                sums[n] += l
                squares[n] += l * l
    means = [s / ROUNDS for s in sums]
    return means, [q / ROUNDS - m * m for q, m in zip(squares, means)]


a, b = chain(1), chain(2)
with open("exact.csv", "w", newline="") as out:
    w = csv.writer(out)
    w.writerow(["child", "cue", "mean", "sd"])
    for n, (i, c) in enumerate(cells):
        mean = (a[0][n] + b[0][n]) / 2
        sd = math.sqrt((a[1][n] + b[1][n]) / 2)
        w.writerow([i, c, "%.4f" % mean, "%.4f" % sd])
print("means of the two differ by", max(abs(x - y) for x, y in zip(a[0], b[0])), "at most")
print("spreads by", max(abs(math.sqrt(x) - math.sqrt(y)) for x, y in zip(a[1], b[1])))
