#!/usr/bin/env python3
"""Learns where marks lie beside the points of the face mesh on living skin.

Reads tests/data/see/hand-marked.json (faces marked twice by hand) and prints data/heads/skin_offsets.json on standard
output. On standard error: how far the two markings differ, and how far the corrected points lie from their mean when
each face is left out in turn, in per cent of two ball radii, median and 90th percentile.

An offset is a constant for each kind of mark, in ball radii along the axes of the upright face: away from the middle
of the face, and down. It is a robust mean (Huber) that is drawn towards zero as by `SHRINKAGE` further faces without
an offset; marks in the middle of the face have no offset sideways. The
point that stands for the peak of an eyebrow is the one of see/eyebrow_peak.cpp. What is left, each face left out in turn, gives
the standard deviation of one axis (from the median of its size, for single faces lie far out).
"""

import json
import pathlib
import sys

import numpy

ROOT = pathlib.Path(__file__).resolve().parent.parent
SHRINKAGE = 2.0
LEAST_SCALE = 0.012  # ball radii; about the noise of a mark placed by hand
LEAST_DEVIATION = 0.01

POINTS = {
    "brow": [9], "nose_root": [168], "nose_tip": [1, 4], "nose_base": [2], "nose_wing_r": [129], "nose_wing_l": [358],
    "outer_eye_r": [33], "inner_eye_r": [133], "outer_eye_l": [263], "inner_eye_l": [362], "pupil_r": [468],
    "pupil_l": [473], "mouth_corner_r": [61], "mouth_corner_l": [291], "lip_line": [13, 14], "chin": [152],
    "brow_start_r": [107, 55], "brow_peak_r": [105, 52], "brow_end_r": [70, 46], "brow_start_l": [336, 285],
    "brow_peak_l": [334, 282], "brow_end_l": [300, 276], "lid_upper_r": [159], "lid_lower_r": [145],
    "lid_upper_l": [386], "lid_lower_l": [374], "lip_upper": [0], "lip_lower": [17],
}


# As in see/eyebrow_peak.cpp, from the end of the brow to its start.
UPPER_EDGE = {"r": [70, 63, 105, 66, 107], "l": [300, 293, 334, 296, 336]}
LOWER_EDGE = {"r": [46, 53, 52, 65, 55], "l": [276, 283, 282, 295, 285]}
OUTWARDS, UPWARDS, FORWARDS = 0.5, -0.05, -0.2


def usual_rise(side, turn, tilt):
    across = side * OUTWARDS * numpy.cos(turn) + FORWARDS * numpy.sin(turn)
    depth = -side * OUTWARDS * numpy.sin(turn) + FORWARDS * numpy.cos(turn)
    return -(UPWARDS * numpy.cos(tilt) + depth * numpy.sin(tilt)) / max(0.1, side * across)


def eyebrow_peak(face, mark, upright):
    points = numpy.array(face["points"])
    line = (points[UPPER_EDGE[mark[-1]]] + points[LOWER_EDGE[mark[-1]]]) / 2 @ upright.T
    chord = line[-1] - line[0]
    length = numpy.linalg.norm(chord)
    shares = (line - line[0]) @ chord / length**2
    curve = numpy.polyfit(shares, line, 2)
    side = side_of(mark)
    slope = curve[1, 1] / length + usual_rise(side, face["turn"], face["tilt"]) - usual_rise(side, 0, 0)
    bend = curve[0, 1] / length
    share = numpy.clip(-slope / (2 * bend) if bend > 0 else 0.5, 0.02, 0.98)
    return upright.T @ (curve[0] * share**2 + curve[1] * share + curve[2])


def side_of(mark):
    return {"_l": 1, "_r": -1}.get(mark[-2:], 0)


def kind_of(mark):
    return mark[:-2] if side_of(mark) else mark


def samples_of(faces):
    """One row for each mark of each face: face, kind, side, and the offset in ball radii (away from the middle, down)."""
    rows = []
    for number, face in enumerate(faces):
        cos, sin = numpy.cos(face["lean"]), numpy.sin(face["lean"])
        upright = numpy.array([[cos, sin], [-sin, cos]])
        points = numpy.array(face["points"])
        for mark, first in face["first"].items():
            middle = (numpy.array(first) + face["second"][mark]) / 2
            is_peak = kind_of(mark) == "brow_peak"
            point = eyebrow_peak(face, mark, upright) if is_peak else points[POINTS[mark]].mean(axis=0)
            offset = upright @ (middle - point) / face["radius"]
            side = side_of(mark)
            rows.append((number, kind_of(mark), side, offset * [side or 1, 1]))
    return rows


def robust_mean(values):
    mean, weights = 0.0, numpy.ones(len(values))
    for _ in range(50):
        mean = (weights * values).sum() / (weights.sum() + SHRINKAGE)
        left = numpy.abs(values - mean)
        scale = max(LEAST_SCALE, 1.4826 * numpy.median(left))
        weights = 1 / numpy.maximum(1, left / scale)
    return mean


def offset_of(rows, kind):
    chosen = [row for row in rows if row[1] == kind]
    values = numpy.array([row[3] for row in chosen])
    across = robust_mean(values[:, 0]) if chosen[0][2] else 0.0
    return numpy.array([across, robust_mean(values[:, 1])])


def percentiles(distances):
    return f"{50 * numpy.median(distances):.2f} {50 * numpy.percentile(distances, 90):.2f}"


def main():
    faces = json.loads((ROOT / "tests/data/see/hand-marked.json").read_text())["faces"]
    rows = samples_of(faces)
    kinds = list(dict.fromkeys(row[1] for row in rows))

    differences = [numpy.linalg.norm(numpy.subtract(face["first"][mark], face["second"][mark])) / face["radius"]
                   for face in faces for mark in face["first"]]
    left_out = {kind: [] for kind in kinds}
    for number in range(len(faces)):
        others = [row for row in rows if row[0] != number]
        for kind in kinds:
            for row in rows:
                if row[0] == number and row[1] == kind:
                    left_out[kind].append(row[3] - offset_of(others, kind))
    errors = numpy.concatenate([numpy.linalg.norm(rest, axis=1) for rest in left_out.values()])
    raw = numpy.array([numpy.linalg.norm(row[3]) for row in rows])
    print("the two markings differ by", percentiles(numpy.array(differences)), file=sys.stderr)
    print("points alone", percentiles(raw), file=sys.stderr)
    print("corrected, each face left out", percentiles(errors), file=sys.stderr)

    marks, within = {}, []
    for kind in kinds:
        offset = offset_of(rows, kind)
        rest = numpy.array(left_out[kind])
        marks[kind] = {"out": round(offset[0], 4), "down": round(offset[1], 4),
                       "deviation": round(max(LEAST_DEVIATION, 1.4826 * float(numpy.median(numpy.abs(rest)))), 4)}
        within.append(numpy.abs(rest).ravel() < 2 * marks[kind]["deviation"])
    print(f"within two deviations {100 * numpy.concatenate(within).mean():.0f} of 100", file=sys.stderr)
    lines = ",\n  ".join(f'"{kind}": {json.dumps(value)}' for kind, value in marks.items())
    print('{\n "format": "zokran-skin-offsets",\n "version": 1,\n'
          ' "of": "a mark\'s place from the point that stands for it, ball radii along the upright face: away from its '
          'middle, down; the standard deviation of what is left, one axis",\n'
          f' "source": "{len(faces)} faces in photographs of people marked twice by hand, by tools/learn_skin_offsets.py",\n'
          f' "marks": {{\n  {lines}\n }}\n}}')


if __name__ == "__main__":
    main()
