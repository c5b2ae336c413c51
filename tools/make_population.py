#!/usr/bin/env python3
"""Writes data/heads/population.json, the population behind the fit's prior, and children.json, that of children.

    cmake --build build --target zokran-people
    build/cast/zokran-people 4000 | python3 tools/make_population.py

Means and spreads of the marks are those of published anthropometry (docs/sources.md, "The mean head"),
written out below. How marks move together is in part our judgement of the tables and in part read off random
adults of the open parametric model of data/heads: taken raw, the model's own means and spreads serve the
fit worse than the tables', and its correlations alone read some heads better and others worse; two parts to
one reads the benchmark's heads from outside better than either. The covariance is cut
into its largest directions; what is left over stays with each mark. Children differ from the adults' means as the
model's children do from its adults. Needs Debian's python3-numpy.
"""

import json
import sys
from pathlib import Path

import numpy as np

BALL_RADIUS = 95.0  # mm, half the mean adult head length
MODEL = 0.65        # weight of what the model says of how marks go together; the rest is judged
DIRECTIONS = 36     # as many as are not next to nothing: with fewer, several photographs agree on a wrong shape
OWN = 0.35          # of the marks' own spreads below: the directions left over hold the rest

# Of the sitter's left side and the middle, mm from the ball's middle: x outward, y up, z forward; then
# one standard deviation of how far the mark strays by itself.
ADULTS = {
    "crown": ((0, 95, -10), 3.6),
    "hairline": ((0, 55, 80), 3.6),
    "brow": ((0, 0, 95), 2.2),
    "nose_root": ((0, -14, 90), 1.5),
    "inner_eye_l": ((16.5, -21, 81), 1.5),
    "outer_eye_l": ((45, -20, 73.5), 1.5),
    "pupil_l": ((31, -20.5, 83), 1.5),
    "nose_tip": ((0, -56, 116), 1.5),
    "nose_base": ((0, -65, 99), 1.5),
    "nose_wing_l": ((17, -58, 89), 1.5),
    "mouth_corner_l": ((26, -86, 86), 1.5),
    "lip_line": ((0, -86, 97), 1.5),
    "chin": ((0, -131, 84), 2.2),
    "jaw_angle_l": ((52, -92, 15), 3.6),
    "ear_top_l": ((77, -7, -14), 2.2),
    "ear_base_l": ((71, -65, -4), 2.2),
    "back": ((0, -2, -95), 3.6),
}

# How heads differ as we judge it from the tables: for one standard deviation, which marks go where, mm.
# The twin of a mark on the left goes the mirrored way.
JUDGED = {
    "midface_length": [
        ("nose_tip nose_base nose_wing_l", (0, -4.4, 0)),
        ("mouth_corner_l lip_line chin", (0, -4.4, 0)),
        ("jaw_angle_l", (0, -2.9, 0))],
    "lower_face_length": [
        ("mouth_corner_l lip_line", (0, -1.8, 0)),
        ("chin", (0, -5.8, 0)),
        ("jaw_angle_l", (0, -2.3, 0))],
    "mouth_height": [("mouth_corner_l lip_line", (0, 2.1, 0))],
    "eye_height": [("inner_eye_l outer_eye_l pupil_l", (0, 2.4, 0)), ("nose_root", (0, 1.9, 0))],
    "face_width": [
        ("outer_eye_l", (1.6, 0, 0)),
        ("pupil_l inner_eye_l", (0.9, 0, 0)),
        ("jaw_angle_l", (2.9, 0, 0)),
        ("ear_top_l ear_base_l", (3.7, 0, 0)),
        ("mouth_corner_l", (0.9, 0, 0)),
        ("nose_wing_l", (0.6, 0, 0))],
    "eye_spacing": [("inner_eye_l", (1.6, 0, 0)), ("pupil_l", (1.1, 0, 0)), ("outer_eye_l", (1.4, 0, 0))],
    "eye_width": [("outer_eye_l", (1.5, 0, -0.3)), ("pupil_l", (0.5, 0, 0))],
    "eye_depth": [("inner_eye_l outer_eye_l pupil_l", (0, 0, 3.6))],
    "jaw_width": [("jaw_angle_l", (4.6, 0, 0))],
    "jaw_height": [("jaw_angle_l", (0, 5.8, 2.3))],
    "jaw_depth": [("jaw_angle_l", (0, 0, 5.8))],
    "face_depth": [
        ("nose_root", (0, 0, 1)),
        ("nose_base nose_tip nose_wing_l", (0, 0, 3.4)),
        ("lip_line mouth_corner_l", (0, 0, 3.9)),
        ("chin", (0, 0, 4.4))],
    "chin_depth": [("chin", (0, 0, 4.4)), ("lip_line mouth_corner_l", (0, 0, 1.3))],
    "nose_length": [("nose_tip", (0, -2.9, 0.3)), ("nose_base", (0, -0.9, 0))],
    "nose_depth": [("nose_tip", (0, 0, 2.2)), ("nose_root", (0, 0, 1.2))],
    "nose_width": [("nose_wing_l", (1.6, 0, 0))],
    "mouth_width": [("mouth_corner_l", (2, 0, 0))],
    "ear_height": [("ear_top_l ear_base_l", (0, 5.8, 0))],
    "ear_depth": [("ear_top_l ear_base_l", (0, 0, 6.9))],
    "ear_length": [("ear_top_l", (0, 2.5, 0)), ("ear_base_l", (0, -2.5, 0))],
    "ear_spread": [("ear_top_l", (3.4, 0, 0)), ("ear_base_l", (2.3, 0, 0))],
    "hairline": [("hairline", (0, 8, -5.8))],
    "forehead_depth": [("hairline", (0, 0, 4.6)), ("brow", (0, 0, 1.7))],
    "crown_height": [("crown", (0, 6.9, 0))],
    "head_length": [("back", (0, 0, 6.9)), ("crown", (0, 0, 5.8))],
}

# The order of core/head/marks.h, which is that of zokran-people.
ORDER = ["crown", "hairline", "brow", "nose_root", "inner_eye_l", "inner_eye_r", "outer_eye_l",
         "outer_eye_r", "pupil_l", "pupil_r", "nose_tip", "nose_base", "nose_wing_l", "nose_wing_r",
         "mouth_corner_l", "mouth_corner_r", "lip_line", "chin", "jaw_angle_l", "jaw_angle_r",
         "ear_top_l", "ear_top_r", "ear_base_l", "ear_base_r", "back"]

# Published distances of adults, mm, for the comparison that the script prints: the mean of the sexes'
# means, and the standard deviation of all adults together, women and men alike. Those marked Z are Zhuang &
# Bradtmiller 2005 (3,997 workers of every origin, 18 to 66), D Dodgson 2004, F Farkas 1994 (young adults of
# one origin; means are his throughout). All from memory.
def all_adults(men, women, ageing=0):
    """The spread of both sexes together, each given as (mean, standard deviation)."""
    return ((men[1]**2 + women[1]**2) / 2 + ((men[0] - women[0]) / 2)**2 + ageing**2)**0.5


TABLE = [("en-en", "inner_eye_l", "inner_eye_r", 33, all_adults((33.3, 2.7), (31.8, 2.7)), "F"),
         ("ex-ex", "outer_eye_l", "outer_eye_r", 89.5, all_adults((91.2, 3.9), (87.8, 3.9)), "F"),
         ("en-ex", "inner_eye_l", "outer_eye_l", 31, all_adults((31.3, 1.3), (30.7, 1.3)), "F"),
         ("pupils", "pupil_l", "pupil_r", 63.4, all_adults((64.7, 3.7), (62.3, 3.6)), "D"),
         ("al-al", "nose_wing_l", "nose_wing_r", 33.2, all_adults((36.6, 4.1), (33.2, 3.9)), "Z"),
         ("ch-ch", "mouth_corner_l", "mouth_corner_r", 52.3, all_adults((51.1, 4.2), (48.0, 4.0)), "Z"),
         ("n-sn", "nose_root", "nose_base", 52.6, all_adults((52.0, 4.1), (48.2, 3.8)), "Z"),
         ("sn-prn", "nose_base", "nose_tip", 19.4, all_adults((21.1, 2.7), (19.8, 2.7)), "Z"),
         ("sn-sto", "nose_base", "lip_line", 21.2, all_adults((22.3, 2.1), (20.1, 2.1)), "F"),
         ("sto-gn", "lip_line", "chin", 48.5, all_adults((52.1, 3.8), (44.9, 3.8)), "F"),
         ("sn-gn", "nose_base", "chin", 68.9, all_adults((73.0, 4.8), (64.8, 4.8)), "F"),
         ("n-gn", "nose_root", "chin", 118.3, all_adults((122.7, 7.0), (113.4, 6.1)), "Z"),
         ("tr-g", "hairline", "brow", 56, all_adults((57.5, 6.5), (54.5, 6.5)), "F"),
         # Ears grow by 0.22 mm a year (Heathcote 1995); adults' ages vary by 17 years.
         ("sa-sba", "ear_top_l", "ear_base_l", 60.8, all_adults((62.8, 3.6), (58.8, 3.6), 0.22 * 17), "F"),
         ("go-go", "jaw_angle_l", "jaw_angle_r", 101, all_adults((120.4, 10.4), (110.1, 8.9)), "Z"),
         ("g-op", "brow", "back", 192, all_adults((197.3, 7.4), (187.5, 7.2)), "Z")]
# Of children about ten, girls and boys, for the same (Farkas 1994; from memory).
CHILDREN = [("n-gn", "nose_root", "chin", 105), ("sn-gn", "nose_base", "chin", 61),
            ("en-en", "inner_eye_l", "inner_eye_r", 31), ("ex-ex", "outer_eye_l", "outer_eye_r", 82.5),
            ("al-al", "nose_wing_l", "nose_wing_r", 30.5), ("ch-ch", "mouth_corner_l", "mouth_corner_r", 46),
            ("n-sn", "nose_root", "nose_base", 46), ("sn-prn", "nose_base", "nose_tip", 16.5),
            ("go-go", "jaw_angle_l", "jaw_angle_r", 89), ("g-op", "brow", "back", 182)]
CHILD = 7, 14        # years
CHILD_RADIUS = 91.0  # mm, half of g-op
LENGTH_VARIES = 0.036  # the head's length, 7 of 192 mm: what a ball radius as the unit leaves out


def twin(name):
    return name[:-1] + {"l": "r", "r": "l"}[name[-1]] if name[-2:] in ("_l", "_r") else name


NUMBER = {name: i for i, name in enumerate(ORDER)}
TWINS = [NUMBER[twin(name)] for name in ORDER]


def sides(name):
    """Where a mark and its twin stand in the order, each with the signs of its side."""
    return [(NUMBER[name], (1, 1, 1))] + (
        [(NUMBER[twin(name)], (-1, 1, 1))] if twin(name) != name else [])


def heads(people, youngest, oldest):
    """The marks of the people of these ages. A prior treats both sides alike: head and mirror image, averaged."""
    of_age = people[(people[:, 1] >= youngest) & (people[:, 1] < oldest)][:, 3:].reshape(-1, len(ORDER), 3)
    return (of_age + of_age[:, TWINS] * (-1, 1, 1)) / 2


def directions_of(some):
    """How heads differ, as directions and what is left to each mark, from how `some` do and from our judgement."""
    away = (some - some.mean(0)).reshape(len(some), -1)
    covariance = away.T @ away / len(away)
    spread = np.sqrt(np.diag(covariance)) + 1e-9
    correlation = covariance / np.outer(spread, spread)
    own = np.zeros(len(ORDER))
    judged = np.zeros((len(JUDGED), len(ORDER), 3))
    for name, (_, alone) in ADULTS.items():
        for i, _ in sides(name):
            own[i] = alone
    for k, moves in enumerate(JUDGED.values()):
        for names, by in moves:
            for name in names.split():
                for i, mirrored in sides(name):
                    judged[k, i] += np.array(by) * mirrored
    judged = judged.reshape(len(JUDGED), -1)
    told = np.sqrt((judged**2).sum(0) + np.repeat(own**2, 3))
    told[[3 * i for i, k in enumerate(TWINS) if i == k]] = 0  # the middle stays in the middle
    covariance = MODEL * np.outer(told, told) * correlation + (1 - MODEL) * judged.T @ judged
    values, vectors = np.linalg.eigh(covariance)
    largest = values.argsort()[::-1][:DIRECTIONS]
    directions = (vectors[:, largest] * np.sqrt(np.maximum(values[largest], 0))).T
    directions *= np.sign(directions.sum(1))[:, None]  # the same on every machine
    left = np.maximum(np.diag(covariance) - (directions**2).sum(0), 0).reshape(-1, 3).mean(1)
    return directions, np.sqrt(left + (OWN * own) ** 2)


def write(name, of, sources, radius, mean, directions, own):
    def rows(points):
        return {n: [round(float(x), 3) + 0.0 for x in p] for n, p in zip(ORDER, points.reshape(-1, 3))}

    scale = radius / BALL_RADIUS
    out = {
        "format": "zokran-population", "version": 1,
        "of": of + "; millimetres, head frame; one ball radius is ball_radius",
        "sources": sources,
        "ball_radius": radius,
        "mean": rows(mean * scale),
        "own": {n: round(float(s), 3) for n, s in zip(ORDER, own * scale)},
        "directions": {f"shape_{k + 1}": rows(d) for k, d in enumerate(directions * scale)},
    }
    file = Path(__file__).resolve().parent.parent / "data/heads" / name
    lines = ",\n".join(f" {json.dumps(k)}: {json.dumps(v)}" for k, v in out.items())
    file.write_text("{\n" + lines.replace('}, "', '},\n  "') + "\n}\n")


def main():
    people = np.loadtxt(sys.stdin, delimiter=",")
    adults, children = heads(people, 18, 200), heads(people, *CHILD)
    mean = np.zeros((len(ORDER), 3))
    for name, (at, _) in ADULTS.items():
        for i, mirrored in sides(name):
            mean[i] = np.array(at) * mirrored

    directions, own = directions_of(adults)
    whole = directions.T @ directions + np.diag(np.repeat(own**2, 3))
    print("distance      here         table      mean off, spread against the table's, source", file=sys.stderr)
    for name, a, b, said, varies, source in TABLE:
        between = mean[NUMBER[a]] - mean[NUMBER[b]]
        length = np.linalg.norm(between)
        slope = np.zeros(len(whole))
        slope[3 * NUMBER[a]: 3 * NUMBER[a] + 3] = between / length
        slope[3 * NUMBER[b]: 3 * NUMBER[b] + 3] -= between / length
        has = np.sqrt(slope @ whole @ slope + (LENGTH_VARIES * length) ** 2)
        print(f"{name:8} {length:6.1f} ± {has:4.1f}  {said:6.1f} ± {varies:3.1f}  "
              f"{(length - said) / varies:+5.2f} sd  x {has / varies:.2f}  {source}", file=sys.stderr)
    write("population.json", "adults",
          "means and spreads: docs/sources.md, The mean head; how marks move together:"
          f" {len(adults)} random adults of bust.json, by tools/make_population.py",
          BALL_RADIUS, mean, directions, own)

    # Children as the model has them differ from its adults, both in ball radii of their own.
    mean = mean + BALL_RADIUS * (children.mean(0) - adults.mean(0))
    print("children      here   table", file=sys.stderr)
    for name, a, b, said in CHILDREN:
        length = np.linalg.norm(mean[NUMBER[a]] - mean[NUMBER[b]]) * CHILD_RADIUS / BALL_RADIUS
        print(f"{name:8} {length:9.1f} {said:7.1f}", file=sys.stderr)
    write("children.json", "children of about ten",
          "docs/sources.md, The mean head, and how"
          f" {len(children)} random children of bust.json differ from its adults, by tools/make_population.py",
          CHILD_RADIUS, mean, *directions_of(children))


if __name__ == "__main__":
    main()
