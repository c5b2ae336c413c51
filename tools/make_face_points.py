#!/usr/bin/env python3
"""Writes data/heads/face_points.json: where our marks lie beside the face predictor's 68 points.

    cmake --build build --target zokran-face-points
    build/suggest/zokran-face-points 1 1800 | python3 tools/make_face_points.py

The predictor's points are not our marks: its brow is the brows' inner ends, its wings the nostrils'
outer rims, its root lies where its training set put it. On renders of people who do not exist (data/heads)
both are known. For every mark the script finds, by least squares with a small ridge, how far it lies from
the point that stands for it, along the axes of the face's own upright picture and in ball radii as the fit
to the raw points reads them, depending on the turn and tilt that this fit reads and on how open mouth and
eyes are. Renders and their mirror images are used together, so that both sides are treated alike. A quarter
of the people is held back and the script prints how far the marks are off on them, before and after. Needs
Debian's python3-numpy.
"""

import json
import sys
from pathlib import Path

import numpy as np

# The order of core/head/marks.h.
ORDER = ["crown", "hairline", "brow", "nose_root", "inner_eye_l", "inner_eye_r", "outer_eye_l",
         "outer_eye_r", "pupil_l", "pupil_r", "nose_tip", "nose_base", "nose_wing_l", "nose_wing_r",
         "mouth_corner_l", "mouth_corner_r", "lip_line", "chin", "jaw_angle_l", "jaw_angle_r",
         "ear_top_l", "ear_top_r", "ear_base_l", "ear_base_r", "back"]
# Which of the 68 points stand for a mark, as in suggest/suggest.cpp.
POINTS = {"brow": [21, 22], "nose_root": [27], "nose_tip": [30], "nose_base": [33], "nose_wing_r": [31],
          "nose_wing_l": [35], "outer_eye_r": [36], "inner_eye_r": [39], "inner_eye_l": [42],
          "outer_eye_l": [45], "pupil_r": [37, 38, 40, 41], "pupil_l": [43, 44, 46, 47],
          "mouth_corner_r": [48], "mouth_corner_l": [54], "lip_line": [62, 66], "chin": [8]}
RIDGE = 1e-3


def twin(name):
    return name[:-1] + {"l": "r", "r": "l"}[name[-1]] if name[-2:] in ("_l", "_r") else name


def main():
    rows = np.loadtxt(sys.stdin, delimiter=",")
    people, read, scale = rows[:, 0].astype(int), np.radians(rows[:, 4:7]), rows[:, 7]
    points = rows[:, 8:8 + 136].reshape(-1, 68, 2)
    marks = rows[:, 144:144 + 50].reshape(-1, 25, 2)
    # The face stood upright: the lean that was read taken back.
    cos, sin = np.cos(read[:, 2]), np.sin(read[:, 2])
    back = np.stack([np.stack([cos, sin], -1), np.stack([-sin, cos], -1)], 1)

    def upright(vectors):
        return np.einsum("nij,n...j->n...i", back, vectors) / scale.reshape(-1, *[1] * (vectors.ndim - 1))

    stands = {m: points[:, at].mean(1) for m, at in POINTS.items()}
    mouth = np.linalg.norm(upright(points[:, 62] - points[:, 66]), axis=-1)
    eyes = sum(np.linalg.norm(upright(points[:, a] - points[:, b]), axis=-1)
               for a, b in ((37, 41), (38, 40), (43, 47), (44, 46))) / 4

    def features(turn, tilt):
        return np.stack([np.ones_like(turn), turn, tilt, turn**2, turn * tilt, tilt**2, mouth, eyes], -1)

    plain, mirrored = features(read[:, 0], read[:, 1]), features(-read[:, 0], read[:, 1])
    held = people % 4 == 0
    # Pictures in which the predictor took something else for a face say nothing of where its points lie.
    off = np.mean([np.linalg.norm(upright(marks[:, ORDER.index(m)] - stands[m]), axis=-1) for m in POINTS], 0)
    good = off < 0.25
    print(f"{len(rows)} pictures, {(~good).sum()} of them set aside", file=sys.stderr)
    out = {}
    for mark in POINTS:
        here = upright(marks[:, ORDER.index(mark)] - stands[mark])
        there = upright(marks[:, ORDER.index(twin(mark))] - stands[twin(mark)]) * (-1, 1)
        def solved(chosen):
            a = np.concatenate([plain[chosen], mirrored[chosen]])
            b = np.concatenate([here[chosen], there[chosen]])
            return np.linalg.solve(a.T @ a + RIDGE * len(a) * np.eye(a.shape[1]), a.T @ b)
        w = solved(good & ~held)
        tested = good & held
        left = here[tested] - plain[tested] @ w
        noise = np.sqrt((left**2).mean())
        print(f"{mark:15} before {np.sqrt((here[tested]**2).mean()):.3f} (mean {here[tested].mean(0).round(3)})"
              f"  after {noise:.3f}", file=sys.stderr)
        w = solved(good)
        out[mark] = {"x": [round(float(v), 4) for v in w[:, 0]], "y": [round(float(v), 4) for v in w[:, 1]],
                     "noise": round(float(noise), 4)}
    head = {"format": "zokran-face-points", "version": 1,
            "of": "the mark's place from the point that stands for it, ball radii along the upright face:"
                  " 1, turn, tilt, turn^2, turn tilt, tilt^2 (radians), the mouth's and the eyes' opening;"
                  " noise: standard deviation per axis",
            "source": f"{int(good.sum())} renders of the model of bust.json, by tools/make_face_points.py",
            "marks": out}
    lines = ",\n".join(f" {json.dumps(k)}: {json.dumps(v)}" for k, v in head.items())
    file = Path(__file__).resolve().parent.parent / "data/heads/face_points.json"
    file.write_text("{\n" + lines.replace('}, "', '},\n  "') + "\n}\n")


if __name__ == "__main__":
    main()
