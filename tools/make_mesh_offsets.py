#!/usr/bin/env python3
"""Writes data/heads/mesh_offsets.json or drawing_offsets.json: where our marks lie beside the face mesh's points.

    cmake --build build --target zokran-mesh-offsets
    build/see/zokran-mesh-offsets 100001 101540 | python3 tools/make_mesh_offsets.py mesh_offsets.json
    build/see/zokran-mesh-offsets 600001 600400 drawing | python3 tools/make_mesh_offsets.py drawing_offsets.json

The network's points are not our marks: its brow lies lower, its wings further in. On renders of plaster heads of
people who do not exist (data/heads) both are known. For every mark the script finds, by robust least squares (Huber) with a small ridge, how far it
lies from the point that stands for it, along the axes of the face's own upright picture and in ball radii as the fit
to the uncorrected points reads them, depending on the turn and tilt that this fit reads, up to their fourth powers, and on how open mouth and
eyes are. Then, by non-negative least squares, the variance of what is left, depending on the turn, on how far the
mark's side is turned away, on the tilt and on how much the readings of the face and of its mirror image disagree.
Renders and their mirror images are used together, so that both sides are treated alike. A quarter of the people is
held back and the script prints how far the marks are off on them, before and after, and how often the truth lies
within two standard deviations. The same model made prior, heads and renders: these are development data, and say
nothing of photographs of people. Needs Debian's python3-numpy and python3-scipy.
"""

import json
import sys
from pathlib import Path

import numpy as np
from scipy.optimize import nnls

# The order of core/head/marks.h.
ORDER = ["crown", "hairline", "brow", "nose_root", "inner_eye_l", "inner_eye_r", "outer_eye_l",
         "outer_eye_r", "pupil_l", "pupil_r", "nose_tip", "nose_base", "nose_wing_l", "nose_wing_r",
         "mouth_corner_l", "mouth_corner_r", "lip_line", "chin", "jaw_angle_l", "jaw_angle_r",
         "ear_top_l", "ear_top_r", "ear_base_l", "ear_base_r", "back"]
RIDGE = 1e-4
# Residuals count in the variance up to this, ball radii, by the file; larger ones are faces read wrongly, of which drawings
# have more, and which are only offered.
LARGEST = {"mesh_offsets.json": 0.15, "drawing_offsets.json": 0.08}
WELL_FITTED = 0.05  # ball radii; what is off by more counts less


def twin(name):
    return name[:-1] + {"l": "r", "r": "l"}[name[-1]] if name[-2:] in ("_l", "_r") else name


def side(name):
    return {"_l": 1, "_r": -1}.get(name[-2:], 0)


def main():
    name = sys.argv[1]
    rows = np.loadtxt(sys.stdin, delimiter=",")
    people = rows[:, 0].astype(int)
    turn, tilt, lean, radius, mouth, eyes = rows[:, 4:10].T
    raw, disagreement, marks = [rows[:, 10 + 50 * k:60 + 50 * k].reshape(-1, 25, 2) for k in range(3)]
    cos, sin = np.cos(lean), np.sin(lean)
    back = np.stack([np.stack([cos, sin], -1), np.stack([-sin, cos], -1)], 1)

    def upright(vectors):
        return np.einsum("nij,nj->ni", back, vectors) / radius[:, None]

    def terms(sign):
        t = sign * turn
        return np.stack([np.ones_like(t), t, tilt, t**2, t * tilt, tilt**2, mouth, eyes, t**3, t**2 * tilt, t * tilt**2,
                         tilt**3, t**4, t**3 * tilt, t**2 * tilt**2], -1)

    def variance_terms(name, sign):
        away = np.maximum(0, side(name) * sign * turn)
        d = (disagreement[:, ORDER.index(name)]**2).sum(-1) / 2 / radius**2
        return np.stack([np.ones_like(turn), turn**2, away**2, tilt**2, d], -1)

    found = [m for m in ORDER if np.isfinite(raw[:, ORDER.index(m)]).all()]
    here = {m: upright(marks[:, ORDER.index(m)] - raw[:, ORDER.index(m)]) for m in found}
    # Pictures in which something else was taken for the face say nothing of where its points lie.
    good = np.mean([np.linalg.norm(here[m], axis=-1) for m in found], 0) < 0.25
    print(f"{len(rows)} pictures, {(~good).sum()} of them set aside", file=sys.stderr)
    held = people % 4 == 0
    out, within = {}, []
    for mark in found:
        there = here[twin(mark)] * (-1, 1)

        def solved(chosen):
            a = np.concatenate([terms(1)[chosen], terms(-1)[chosen]])
            b = np.concatenate([here[mark][chosen], there[chosen]])
            weights = np.ones(len(a))
            for _ in range(5):
                w = np.linalg.solve(a.T @ (a * weights[:, None]) + RIDGE * len(a) * np.eye(a.shape[1]),
                                    a.T @ (b * weights[:, None]))
                weights = 1 / np.maximum(1, np.linalg.norm(b - a @ w, axis=-1) / WELL_FITTED)
            # What no point of the mesh can be off by is a face found elsewhere; it would rule the squares.
            left = np.minimum(((b - a @ w)**2).mean(-1), LARGEST[name]**2)
            v = np.concatenate([variance_terms(mark, 1)[chosen], variance_terms(twin(mark), -1)[chosen]])
            return w, nnls(v, left)[0]
        w, variance = solved(good & ~held)
        tested = good & held
        left = here[mark][tested] - terms(1)[tested] @ w
        sigma = np.sqrt(variance_terms(mark, 1)[tested] @ variance)
        inside = (np.linalg.norm(left, axis=-1) < 2 * np.sqrt(2) * sigma).mean()
        within.append(inside)
        print(f"{mark:15} before {np.sqrt((here[mark][tested]**2).mean()):.3f} after {np.sqrt((left**2).mean()):.3f}"
              f"  within two deviations {inside:.2f}", file=sys.stderr)
        w, variance = solved(good)
        out[mark] = {"x": [round(float(v), 4) for v in w[:, 0]], "y": [round(float(v), 4) for v in w[:, 1]],
                     "variance": [round(float(v), 7) for v in variance]}
    print(f"all within two deviations {np.mean(within):.3f}", file=sys.stderr)
    head = {"format": "zokran-mesh-offsets", "version": 1,
            "of": "x, y: the mark's place from the point that stands for it, ball radii along the upright face:"
                  " 1, turn, tilt, turn^2, turn tilt, tilt^2 (radians), the mouth's and the eyes' opening, turn^3,"
                  " turn^2 tilt, turn tilt^2, tilt^3, turn^4, turn^3 tilt, turn^2 tilt^2;"
                  " variance of what is left, per axis: 1, turn^2, the square of the turn by which the mark's side is"
                  " turned away, tilt^2, the square of half the mirror image's disagreement per axis",
            "source": f"{int(good.sum())} pictures of the model of bust.json, by tools/make_mesh_offsets.py",
            "marks": out}
    lines = ",\n".join(f" {json.dumps(k)}: {json.dumps(v)}" for k, v in head.items())
    file = Path(__file__).resolve().parent.parent / "data/heads" / name
    file.write_text("{\n" + lines.replace('}, "', '},\n  "') + "\n}\n")


if __name__ == "__main__":
    main()
