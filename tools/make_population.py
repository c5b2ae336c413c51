#!/usr/bin/env python3
"""Writes data/heads/population.json, the population behind the fit's prior.

    cmake --build build --target zokran-people
    build/cast/zokran-people 4000 | python3 tools/make_population.py

Means and spreads of the marks are those of published anthropometry (docs/sources.md, "The mean head"),
written out below. How marks move together is read off random adults of the open parametric model of
data/heads; taken raw, the model's own means and spreads serve the fit worse than the tables'. The
correlations are shrunk a little towards those of a smooth field, in which marks go together the more the
nearer they lie (a Gaussian kernel, as in Luthi et al., Gaussian Process Morphable Models, 2018; from
memory), and the covariance is cut into its largest directions; what is left over stays with each mark.
Needs Debian's python3-numpy.
"""

import json
import sys
from pathlib import Path

import numpy as np

BALL_RADIUS = 95.0  # mm, half the mean adult head length
SHRUNK = 0.15       # of each correlation towards that of a smooth field
REACH = 35.0        # mm, of the field
DIRECTIONS = 36
OWN = 0.5           # of the marks' own spreads below

# Of the sitter's left side and the middle, mm from the ball's middle: x outward, y up, z forward; then
# one standard deviation of each, and how far the mark strays by itself.
ADULTS = {
    "crown": ((0, 95, -10), (0, 7.8, 6.8), 3.6),
    "hairline": ((0, 55, 80), (0, 8.8, 8.2), 3.6),
    "brow": ((0, 0, 95), (0, 2.2, 2.8), 2.2),
    "nose_root": ((0, -14, 90), (0, 2.9, 2.6), 1.5),
    "inner_eye_l": ((16.5, -21, 81), (2.4, 3.5, 3.3), 1.5),
    "outer_eye_l": ((45, -20, 73.5), (3.0, 3.5, 3.3), 1.5),
    "pupil_l": ((31, -20.5, 83), (2.4, 3.5, 3.3), 1.5),
    "nose_tip": ((0, -56, 116), (0, 5.5, 5.3), 1.5),
    "nose_base": ((0, -65, 99), (0, 4.7, 4.3), 1.5),
    "nose_wing_l": ((17, -58, 89), (2.4, 4.6, 4.3), 1.5),
    "mouth_corner_l": ((26, -86, 86), (3.1, 5.4, 5.1), 1.5),
    "lip_line": ((0, -86, 97), (0, 5.4, 5.1), 1.5),
    "chin": ((0, -131, 84), (0, 7.6, 8.1), 2.2),
    "jaw_angle_l": ((52, -92, 15), (6.5, 7.8, 7.2), 3.6),
    "ear_top_l": ((77, -7, -14), (5.5, 6.7, 7.2), 2.2),
    "ear_base_l": ((71, -65, -4), (4.9, 6.7, 7.2), 2.2),
    "back": ((0, -2, -95), (0, 3.6, 7.8), 3.6),
}

# The order of core/head/marks.h, which is that of zokran-people.
ORDER = ["crown", "hairline", "brow", "nose_root", "inner_eye_l", "inner_eye_r", "outer_eye_l",
         "outer_eye_r", "pupil_l", "pupil_r", "nose_tip", "nose_base", "nose_wing_l", "nose_wing_r",
         "mouth_corner_l", "mouth_corner_r", "lip_line", "chin", "jaw_angle_l", "jaw_angle_r",
         "ear_top_l", "ear_top_r", "ear_base_l", "ear_base_r", "back"]

# Published distances, mm: mean and standard deviation of young adults, the mean of the sexes' (Farkas
# 1994; from memory), for the comparison that the script prints.
TABLE = [("en-en", "inner_eye_l", "inner_eye_r", 33, 2.7), ("ex-ex", "outer_eye_l", "outer_eye_r", 89.5, 3.9),
         ("en-ex", "inner_eye_l", "outer_eye_l", 31, 1.3), ("al-al", "nose_wing_l", "nose_wing_r", 33.2, 2.4),
         ("ch-ch", "mouth_corner_l", "mouth_corner_r", 52.3, 3.4), ("n-sn", "nose_root", "nose_base", 52.6, 3.3),
         ("sn-prn", "nose_base", "nose_tip", 19.4, 1.8), ("sn-sto", "nose_base", "lip_line", 21.2, 2.1),
         ("sto-gn", "lip_line", "chin", 48.5, 3.8), ("sn-gn", "nose_base", "chin", 68.9, 4.8),
         ("n-gn", "nose_root", "chin", 118.3, 5.9), ("tr-g", "hairline", "brow", 56, 6.5),
         ("sa-sba", "ear_top_l", "ear_base_l", 60.8, 3.6), ("go-go", "jaw_angle_l", "jaw_angle_r", 101, 5.6),
         ("g-op", "brow", "back", 192, 7.0)]
LENGTH_VARIES = 0.036  # the head's length, 7 of 192 mm: what a ball radius as the unit leaves out


def twin(name):
    return name[:-1] + {"l": "r", "r": "l"}[name[-1]] if name[-2:] in ("_l", "_r") else name


def smooth_field(mean, twins):
    """Correlations of a field that is smooth over the head and the same on both sides: across the head a
    mark and its twin move against one another, up and forward together."""
    def kernel(a, b):
        return np.exp(-((a[:, None] - b[None]) ** 2).sum(2) / (2 * REACH**2))

    near, far = kernel(mean, mean), kernel(mean, mean[twins])
    field = np.zeros((3 * len(mean), 3 * len(mean)))
    for c, side in enumerate((-1, 1, 1)):
        size = np.sqrt(np.maximum(np.diag(near) + side * np.diag(far), 1e-9))
        field[c::3, c::3] = (near + side * far) / np.outer(size, size)
    return field


def main():
    people = np.loadtxt(sys.stdin, delimiter=",")
    adults = people[people[:, 1] >= 18][:, 3:].reshape(-1, len(ORDER), 3)
    number = {name: i for i, name in enumerate(ORDER)}
    twins = [number[twin(name)] for name in ORDER]
    # A prior treats both sides alike: each head and its mirror image, averaged.
    adults = (adults + adults[:, twins] * (-1, 1, 1)) / 2
    away = (adults - adults.mean(0)).reshape(len(adults), -1)
    covariance = away.T @ away / len(away)
    spread = np.sqrt(np.diag(covariance)) + 1e-9
    together = covariance / np.outer(spread, spread)

    mean, told, own = np.zeros((len(ORDER), 3)), np.zeros((len(ORDER), 3)), np.zeros(len(ORDER))
    for name, (at, by, alone) in ADULTS.items():
        for one, side in ((name, 1), (twin(name), -1 if twin(name) != name else 1)):
            mean[number[one]] = np.array(at) * (side, 1, 1)
            told[number[one]] = by
            own[number[one]] = alone
    told = told.ravel()
    covariance = np.outer(told, told) * ((1 - SHRUNK) * together + SHRUNK * smooth_field(mean, twins))
    values, vectors = np.linalg.eigh(covariance)
    largest = values.argsort()[::-1][:DIRECTIONS]
    directions = (vectors[:, largest] * np.sqrt(np.maximum(values[largest], 0))).T
    directions *= np.sign(directions.sum(1))[:, None]  # the same on every machine
    left = np.maximum(np.diag(covariance) - (directions**2).sum(0), 0).reshape(-1, 3).mean(1)
    own = np.sqrt(left + (OWN * own) ** 2)

    whole = directions.T @ directions + np.diag(np.repeat(own**2, 3))
    print("distance      here         table      mean off, spread against the table's", file=sys.stderr)
    for name, a, b, said, varies in TABLE:
        between = mean[number[a]] - mean[number[b]]
        length = np.linalg.norm(between)
        slope = np.zeros(len(whole))
        slope[3 * number[a]: 3 * number[a] + 3] = between / length
        slope[3 * number[b]: 3 * number[b] + 3] -= between / length
        has = np.sqrt(slope @ whole @ slope + (LENGTH_VARIES * length) ** 2)
        print(f"{name:8} {length:6.1f} ± {has:4.1f}  {said:6.1f} ± {varies:3.1f}  "
              f"{(length - said) / varies:+5.2f} sd  x {has / varies:.2f}", file=sys.stderr)

    def rows(points):
        return {n: [round(float(x), 3) + 0.0 for x in p] for n, p in zip(ORDER, points.reshape(-1, 3))}

    out = {
        "format": "zokran-population", "version": 1,
        "of": "adults; millimetres, head frame; one ball radius is ball_radius",
        "sources": "means and spreads: docs/sources.md, The mean head; how marks move together:"
                   f" {len(adults)} random adults of bust.json, by tools/make_population.py",
        "ball_radius": BALL_RADIUS,
        "mean": rows(mean),
        "own": {n: round(float(s), 3) for n, s in zip(ORDER, own)},
        "directions": {f"shape_{k + 1}": rows(d) for k, d in enumerate(directions)},
    }
    file = Path(__file__).resolve().parent.parent / "data/heads/population.json"
    lines = ",\n".join(f" {json.dumps(k)}: {json.dumps(v)}" for k, v in out.items())
    file.write_text("{\n" + lines.replace('}, "', '},\n  "') + "\n}\n")


if __name__ == "__main__":
    main()
