#!/usr/bin/env python3
"""Writes the ONNX files of data/networks from the TensorFlow Lite files of two npm packages.

    npm pack @mediapipe/face_mesh@0.4.1657299874 @mediapipe/face_detection@0.4.1657300184
    (unpack each into a folder of its own)
    tools/make_networks.py FACE_MESH_PACKAGE FACE_DETECTION_PACKAGE

Needs Debian's python3-numpy, python3-onnx and python3-flatbuffers. The packages are licensed under Apache-2.0
(data/networks/LICENSE). data/networks/README.md lists every file with its source and its hash; run with --check
to compare the hashes without writing.

A TensorFlow Lite file is a flatbuffer; the field numbers below are those of its public schema
(tensorflow/lite/schema/schema.fbs, version 3). The tensors there are NHWC, in ONNX they are NCHW. Padding "SAME"
with a stride of 2 is asymmetric and becomes an explicit Pad. A Transpose precedes every Reshape, so that the order
of the flattened numbers is the original one. All weights become float32, since OpenCV 4.6 does not read float16
initializers.

The face mesh contains custom operations that ONNX does not have. It is cut there: one network for the 468 points,
the face flag and a map of 48 x 48 x 32 features; three networks that refine lips and eyes from 16 x 16 features
sampled from that map. see/face_mesh.cpp does what lies between. The constants of the custom operations are written
to face_mesh.json, with the
mirror twin of every point, found in the canonical mesh of the package.
"""

import hashlib
import json
import struct
import sys
from pathlib import Path

import numpy as np
import onnx
from flatbuffers import flexbuffers
from onnx import TensorProto, helper, numpy_helper

FOLDER = Path(__file__).resolve().parent.parent / "data/networks"

# Operator codes of the schema.
ADD, CONCAT, CONV, DEPTHWISE, DEQUANTIZE, MAX_POOL, MUL, RELU = 0, 2, 3, 4, 6, 17, 18, 19
RESHAPE, RESIZE_BILINEAR, CUSTOM, PAD, PRELU = 22, 23, 32, 34, 54
TYPES = {0: "<f4", 1: "<f2", 2: "<i4"}


class Table:
    """One table of a flatbuffer; fields are addressed by their number in the schema."""

    def __init__(self, data, at):
        self.data, self.at = data, at
        self.vtable = at - struct.unpack_from("<i", data, at)[0]
        self.size = struct.unpack_from("<H", data, self.vtable)[0]

    def _offset(self, field):
        entry = 4 + 2 * field
        return struct.unpack_from("<H", self.data, self.vtable + entry)[0] if entry < self.size else 0

    def scalar(self, field, code, default=0):
        offset = self._offset(field)
        return struct.unpack_from("<" + code, self.data, self.at + offset)[0] if offset else default

    def _target(self, field):
        offset = self._offset(field)
        return self.at + offset + struct.unpack_from("<I", self.data, self.at + offset)[0] if offset else None

    def table(self, field):
        return Table(self.data, self._target(field))

    def tables(self, field):
        start = self._target(field)
        count = struct.unpack_from("<I", self.data, start)[0]
        places = [start + 4 + 4 * k for k in range(count)]
        return [Table(self.data, p + struct.unpack_from("<I", self.data, p)[0]) for p in places]

    def ints(self, field):
        start = self._target(field)
        return [] if start is None else list(
            struct.unpack_from(f"<{struct.unpack_from('<I', self.data, start)[0]}i", self.data, start + 4))

    def bytes(self, field):
        start = self._target(field)
        if start is None:
            return b""
        return self.data[start + 4:start + 4 + struct.unpack_from("<I", self.data, start)[0]]


class Graph:
    """The operators and tensors of a TensorFlow Lite file with one subgraph."""

    def __init__(self, data):
        model = Table(data, struct.unpack_from("<I", data, 0)[0])
        codes = [(max(c.scalar(0, "b"), c.scalar(3, "i")), c.bytes(1).decode()) for c in model.tables(1)]
        buffers = model.tables(4)
        graph = model.tables(2)[0]
        self.tensors = graph.tables(0)
        self.operators = [(*codes[o.scalar(0, "I")], o) for o in graph.tables(3)]
        self.constants = {}
        for index, tensor in enumerate(self.tensors):
            raw = buffers[tensor.scalar(2, "I")].bytes(0)
            if raw:
                array = np.frombuffer(raw, TYPES[tensor.scalar(1, "b")])
                self.constants[index] = array.reshape(self.shape(index))
        for code, _, operator in self.operators:
            if code == DEQUANTIZE:
                source, target = operator.ints(1)[0], operator.ints(2)[0]
                self.constants[target] = self.constants[source].astype("<f4")
        self.producer = {t: (code, o) for code, _, o in self.operators for t in o.ints(2)}

    def shape(self, index):
        return self.tensors[index].ints(0)


def nchw(shape):
    return [shape[0], shape[3], shape[1], shape[2]] if len(shape) == 4 else list(shape)


class Converter:
    """Builds one ONNX graph that computes `outputs` from `source`, all given by their index and name."""

    def __init__(self, graph, source, outputs):
        self.graph, self.nodes, self.initializers, self.done = graph, [], {}, {source}
        for index in outputs:
            self.build(index)
        value = lambda i, shape, name: helper.make_tensor_value_info(name, TensorProto.FLOAT, shape)
        names = {f"t{source}": "input", **{f"t{i}": name for i, name in outputs.items()}}
        for node in self.nodes:
            node.input[:] = [names.get(n, n) for n in node.input]
            node.output[:] = [names.get(n, n) for n in node.output]
        made = helper.make_graph(
            self.nodes, "face",
            [value(source, nchw(graph.shape(source)), "input")],
            [value(i, nchw(graph.shape(i)), name) for i, name in outputs.items()],
            [numpy_helper.from_array(a, n) for n, a in self.initializers.items()])
        self.model = helper.make_model(made, opset_imports=[helper.make_opsetid("", 11)], producer_name="zokran")
        self.model.ir_version = 6
        onnx.checker.check_model(self.model)

    def constant(self, name, array):
        self.initializers[name] = np.ascontiguousarray(array)
        return name

    def node(self, kind, inputs, output, **attributes):
        self.nodes.append(helper.make_node(kind, inputs, [output], **attributes))
        return output

    def build(self, index):
        if index in self.done:
            return f"t{index}"
        self.done.add(index)
        code, operator = self.graph.producer[index]
        ins, out, name = operator.ints(1), operator.ints(2)[0], f"t{index}"
        options = operator.table(4) if operator._offset(4) else None
        constant = self.graph.constants
        activations = [self.build(i) for i in ins if i not in constant]
        if code in (CONV, DEPTHWISE):
            weights = constant[ins[1]].astype("<f4")
            weights = weights.transpose(0, 3, 1, 2) if code == CONV else weights.transpose(3, 0, 1, 2)
            stride = [options.scalar(2, "i"), options.scalar(1, "i")]
            same, fused = options.scalar(0, "b") == 0, options.scalar(3 if code == CONV else 4, "b")
            assert fused in (0, 1), fused
            kernel, size = weights.shape[2:], self.graph.shape(ins[0])[1:3]
            pads = [max((-(-n // s) - 1) * s + k - n, 0) if same else 0 for n, s, k in zip(size, stride, kernel)]
            low, high = [p // 2 for p in pads], [p - p // 2 for p in pads]
            source = activations[0]
            if low != high:
                source = self.node("Pad", [source, self.constant(
                    f"pad{index}", np.array([0, 0, *low, 0, 0, *high], np.int64))], f"padded{index}")
                low = high = [0, 0]
            target = f"linear{index}" if fused else name
            self.node("Conv", [source, self.constant(f"w{ins[1]}", weights),
                               self.constant(f"b{ins[2]}", constant[ins[2]].astype("<f4"))], target,
                      kernel_shape=list(kernel), strides=stride, pads=low + high,
                      group=1 if code == CONV else weights.shape[0])
            if fused:
                self.node("Relu", [target], name)
        elif code == ADD:
            assert len(activations) == 2 and options.scalar(0, "b") in (0, 1)
            fused = options.scalar(0, "b")
            self.node("Add", activations, f"linear{index}" if fused else name)
            if fused:
                self.node("Relu", [f"linear{index}"], name)
        elif code == RELU:
            self.node("Relu", activations, name)
        elif code == PRELU:
            slope = constant[ins[1]].astype("<f4").reshape(-1, 1, 1)
            self.node("PRelu", [activations[0], self.constant(f"slope{ins[1]}", slope)], name)
        elif code == MAX_POOL:
            stride, kernel = [options.scalar(2, "i"), options.scalar(1, "i")], [options.scalar(4, "i"), options.scalar(3, "i")]
            assert stride == kernel and all(n % s == 0 for n, s in zip(self.graph.shape(ins[0])[1:3], stride))
            self.node("MaxPool", activations, name, kernel_shape=kernel, strides=stride)
        elif code == PAD:
            (n0, n1), (h0, h1), (w0, w1), (c0, c1) = constant[ins[1]]
            self.node("Pad", [activations[0], self.constant(
                f"pad{index}", np.array([n0, c0, h0, w0, n1, c1, h1, w1], np.int64))], name)
        elif code == RESIZE_BILINEAR:
            height, width = constant[ins[1]]
            source = self.graph.shape(ins[0])
            mode = "align_corners" if options.scalar(2, "b") else "half_pixel" if options.scalar(3, "b") else "asymmetric"
            scales = np.array([1, 1, height / source[1], width / source[2]], "<f4")
            self.node("Resize", [activations[0], self.constant("roi", np.zeros(0, "<f4")),
                                 self.constant(f"scales{index}", scales)], name,
                      mode="linear", coordinate_transformation_mode=mode)
        elif code == RESHAPE:
            source = activations[0]
            if len(self.graph.shape(ins[0])) == 4:
                source = self.node("Transpose", [source], f"nhwc{index}", perm=[0, 2, 3, 1])
            shape = self.graph.shape(out)
            self.node("Reshape", [source, self.constant(f"shape{index}", np.array(shape, np.int64))], name)
        elif code == CONCAT:
            assert len(self.graph.shape(out)) == 3
            self.node("Concat", activations, name, axis=options.scalar(0, "i"))
        else:
            raise SystemExit(f"operator {code} is not converted")
        return name


def canonical_vertices(data):
    """The 468 x 3 vertices of the canonical face in the package's geometry metadata, a serialized protobuf:
    field 1 is the mesh, whose field 3 repeats x, y, z, u, v as 32-bit floats."""

    def fields(message):
        at = 0

        def varint():
            nonlocal at
            value, shift = 0, 0
            while True:
                byte = message[at]
                at += 1
                value |= (byte & 127) << shift
                shift += 7
                if byte < 128:
                    return value

        while at < len(message):
            key = varint()
            if key & 7 == 0:
                yield key >> 3, varint()
            else:
                size = 4 if key & 7 == 5 else varint()
                yield key >> 3, message[at:at + size]
                at += size

    mesh = next(v for f, v in fields(data) if f == 1)
    numbers = [struct.unpack("<f", v)[0] for f, v in fields(mesh) if f == 3]
    return np.array(numbers).reshape(468, 5)[:, :3]


def main():
    check = "--check" in sys.argv
    mesh_package, detection_package = [Path(a) for a in sys.argv[1:] if not a.startswith("--")]
    assets = (mesh_package / "face_mesh_solution_packed_assets.data").read_bytes()
    mesh, short = Graph(assets[:2495952]), Graph(assets[3757224:3986256])
    full = Graph((detection_package / "face_detection_full_range.tflite").read_bytes())
    made = {
        "face_detector_short.onnx": Converter(short, 0, {175: "boxes", 174: "scores"}),
        "face_detector_full.onnx": Converter(full, 0, {365: "boxes", 364: "scores"}),
        "face_mesh.onnx": Converter(mesh, 0, {186: "points", 35: "features", 710: "face"}),
        "face_lips.onnx": Converter(mesh, 199, {697: "points"}),
        "face_eye_r.onnx": Converter(mesh, 200, {700: "points", 703: "iris"}),
        "face_eye_l.onnx": Converter(mesh, 201, {704: "points", 707: "iris"}),
    }
    contents = {name: c.model.SerializeToString() for name, c in made.items()}
    vertices = canonical_vertices(assets[3737848:3757224])
    twin = np.array([np.argmin(np.linalg.norm(vertices - v * (-1, 1, 1), axis=1)) for v in vertices])
    assert (twin[twin] == np.arange(468)).all()
    # The irises follow the 468 points of the surface: centre, then the edge at image right, top, left, bottom.
    twin = twin.tolist() + [473, 476, 475, 474, 477] + [468, 471, 470, 469, 472]
    regions = {}
    custom = [(name, o) for code, name, o in mesh.operators if code == CUSTOM]
    for region, (_, operator) in zip(("lips", "eye_r", "eye_l"),
                                     [c for c in custom if c[0] == "Landmarks2TransformMatrix"]):
        options = flexbuffers.Loads(operator.bytes(5))
        regions[region] = {"points": options["subset_idxs"], "left": options["left_rotation_idx"],
                           "right": options["right_rotation_idx"], "enlarged": options["scale_x"],
                           "size": options["output_width"]}
    lines = ",\n".join(f"  {json.dumps(k)}: {json.dumps(v)}" for k, v in regions.items())
    contents["face_mesh.json"] = (
        '{\n "format": "zokran-face-mesh", "version": 1,\n'
        ' "of": "regions: points of the mesh that each refined region replaces, in the order of its network\'s output;'
        ' the two that give its rotation; how much larger than their box the region is; features sampled each way.'
        ' twin: the point at the same place of the other side of the face",\n'
        f' "regions": {{\n{lines}\n }},\n "twin": {json.dumps(twin)}\n}}\n').encode()
    for name, content in contents.items():
        digest = hashlib.sha256(content).hexdigest()
        print(digest, len(content), name)
        if not check:
            (FOLDER / name).write_bytes(content)
        elif hashlib.sha256((FOLDER / name).read_bytes()).hexdigest() != digest:
            raise SystemExit(f"{name} differs from the file in data/networks")


if __name__ == "__main__":
    main()
