"""OpenUSD from and to binary glTF, in a process of its own: a damaged file that brings the library down brings down
nothing else, and nobody who does not use it loads it. Run as

    python -m ironarc.core.formats.usd_apart in.usda out.glb      or the other way round

UsdSkel as https://openusd.org/release/api/usd_skel_page_front.html has it: one SkelRoot with a Skeleton, a
SkelAnimation for every motion, and the skin as a Mesh."""

import sys
from pathlib import Path

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.errors import FileError
from ironarc.core.formats.gltf_container import FLOAT, UINT, USHORT, Builder, Document, binary_of, opened
from ironarc.core.formats.gltf_reading import Track

MISSING, REFUSED = 3, 4  # how it ends: without the library; with a sentence on why
CHANNELS = "ironarc:channels"  # in a skeleton's own data: channels of each joint, in their order
HALVES = "ironarc:halfWay"  # joints that carry skin between two bones
MANNEQUIN = "ironarc:mannequin"
ENDS = "ironarc:ends"
MOST_WEIGHTS = 4


def main() -> int:
    """Converts one file; the sentence of a refusal goes to standard error."""
    try:
        import pxr  # noqa: F401
    except ImportError:
        return MISSING
    source, target = map(Path, sys.argv[1:3])
    try:
        if target.suffix == ".glb":
            target.write_bytes(_to_glb(source))
        else:
            _to_usd(opened(source.read_bytes()), target)
    except FileError as error:
        print(error, file=sys.stderr)
        return REFUSED
    return 0


# --- out ------------------------------------------------------------------------------------------------


def _to_usd(document: Document, target: Path) -> None:
    from pxr import Gf, Usd, UsdGeom, UsdSkel, Vt

    nodes, parents = document.list("nodes"), _parents(document)
    bones = [i for i in _down(nodes, parents) if "mesh" not in nodes[i] and "camera" not in nodes[i]]
    paths = _joint_paths(nodes, parents, bones)
    local = {i: np.array(nodes[i].get("translation", [0, 0, 0]), dtype=float) for i in bones}
    world: dict[int, np.ndarray] = {}
    for i in bones:
        world[i] = local[i] + world.get(parents[i], 0.0)
    animations = document.list("animations")
    tracks = [_tracks_of(document, animation) for animation in animations]
    moments = [max((t.times for t in found.values()), key=len) for found in tracks]
    rate = _rate(moments[0])

    stage = Usd.Stage.CreateNew(str(target))
    UsdGeom.SetStageUpAxis(stage, UsdGeom.Tokens.y)
    UsdGeom.SetStageMetersPerUnit(stage, 1.0)
    stage.SetTimeCodesPerSecond(rate)
    stage.SetFramesPerSecond(rate)
    stage.SetStartTimeCode(1)
    stage.SetEndTimeCode(len(moments[0]))
    root = UsdSkel.Root.Define(stage, "/Figure")
    stage.SetDefaultPrim(root.GetPrim())
    skeleton = UsdSkel.Skeleton.Define(stage, "/Figure/Skeleton")
    skeleton.CreateJointsAttr([paths[i] for i in bones])
    skeleton.CreateJointNamesAttr([str(nodes[i].get("name", f"joint {i}")) for i in bones])
    stands = [Gf.Matrix4d(1).SetTranslate(Gf.Vec3d(*map(float, local[i]))) for i in bones]
    skeleton.CreateRestTransformsAttr(Vt.Matrix4dArray(stands))
    own = [nodes[i].get("extras") or {} for i in bones]
    prim = skeleton.GetPrim()
    ends = [" ".join(f"{v:.9g}" for end in told.get("ends", []) for v in end) for told in own]
    prim.SetCustomDataByKey(CHANNELS, Vt.StringArray([" ".join(told.get("channels", [])) for told in own]))
    prim.SetCustomDataByKey(HALVES, Vt.BoolArray([bool(told.get("is")) for told in own]))
    prim.SetCustomDataByKey(ENDS, Vt.StringArray(ends))
    bound = _bound(document, bones, world)
    skeleton.CreateBindTransformsAttr(Vt.Matrix4dArray([Gf.Matrix4d(*map(float, m.ravel())) for m in bound]))

    taken: set[str] = set()
    for k, (animation, found, times) in enumerate(zip(animations, tracks, moments, strict=True)):
        name = _identifier(str(animation.get("name") or "motion"), taken)
        clip = UsdSkel.Animation.Define(stage, f"/Figure/{name}")
        clip.CreateJointsAttr([paths[i] for i in bones])
        clip.CreateScalesAttr(Vt.Vec3hArray([Gf.Vec3h(1)] * len(bones)))
        turns = np.stack([_rows(found, i, "rotation", times, [0, 0, 0, 1]) for i in bones], axis=1)
        places = np.stack([_rows(found, i, "translation", times, local[i]) for i in bones], axis=1)
        rotations, translations = clip.CreateRotationsAttr(), clip.CreateTranslationsAttr()
        for f in range(len(times)):
            rotations.Set(Vt.QuatfArray([Gf.Quatf(*map(float, q)) for q in turns[f][:, [3, 0, 1, 2]]]), f + 1)
            translations.Set(Vt.Vec3fArray.FromNumpy(places[f].astype(np.float32)), f + 1)
        if k == 0:
            UsdSkel.BindingAPI.Apply(prim).CreateAnimationSourceRel().SetTargets([clip.GetPath()])
    if document.list("meshes"):
        _skin_to_usd(document, stage, bones)
    extent = np.array([world[i] for i in bones])
    lows, highs = extent.min(axis=0) - 1.0, extent.max(axis=0) + 1.0
    root.CreateExtentAttr(Vt.Vec3fArray([Gf.Vec3f(*map(float, lows)), Gf.Vec3f(*map(float, highs))]))
    stage.GetRootLayer().Save()


def _skin_to_usd(document: Document, stage, bones: list[int]) -> None:
    """All parts of the first mesh as one."""
    from pxr import Gf, Sdf, UsdGeom, UsdSkel, Vt

    order = {node: k for k, node in enumerate(bones)}
    joints = np.array([order[j] for j in document.list("skins")[0]["joints"]])
    parts = document.list("meshes")[0]["primitives"]
    held = parts[0]["attributes"]  # one set of vertices, whatever is drawn of it
    points = document.array(held["POSITION"], "its skin", 3)
    triangles = np.concatenate([document.array(part["indices"], "its skin", 1)[:, 0] for part in parts]).astype(int)
    mesh = UsdGeom.Mesh.Define(stage, "/Figure/Skin")
    mesh.CreatePointsAttr(Vt.Vec3fArray.FromNumpy(points.astype(np.float32)))
    mesh.CreateExtentAttr(UsdGeom.PointBased.ComputeExtent(mesh.GetPointsAttr().Get()))
    mesh.CreateFaceVertexCountsAttr(Vt.IntArray([3] * (len(triangles) // 3)))
    mesh.CreateFaceVertexIndicesAttr(Vt.IntArray.FromNumpy(triangles.astype(np.int32)))
    mesh.CreateSubdivisionSchemeAttr(UsdGeom.Tokens.none)
    mesh.CreateNormalsAttr(Vt.Vec3fArray.FromNumpy(document.array(held["NORMAL"], "its skin", 3).astype(np.float32)))
    mesh.SetNormalsInterpolation(UsdGeom.Tokens.vertex)
    tints = document.array(held["COLOR_0"], "its skin")[:, :3].astype(np.float32)
    mesh.CreateDisplayColorPrimvar(UsdGeom.Tokens.vertex).Set(Vt.Vec3fArray.FromNumpy(tints))
    binding = UsdSkel.BindingAPI.Apply(mesh.GetPrim())
    bone = joints[document.array(held["JOINTS_0"], "its skin", 4).astype(int)].astype(np.int32)
    weight = document.array(held["WEIGHTS_0"], "its skin", 4)
    weight = (weight / np.maximum(weight.sum(axis=1, keepdims=True), 1e-9)).astype(np.float32)
    binding.CreateJointIndicesPrimvar(False, MOST_WEIGHTS).Set(Vt.IntArray.FromNumpy(bone.ravel()))
    binding.CreateJointWeightsPrimvar(False, MOST_WEIGHTS).Set(Vt.FloatArray.FromNumpy(weight.ravel()))
    binding.CreateGeomBindTransformAttr(Gf.Matrix4d(1))
    binding.CreateSkeletonRel().SetTargets([Sdf.Path("/Figure/Skeleton")])
    if (document.list("meshes")[0].get("extras") or {}).get("is"):
        mesh.GetPrim().SetCustomDataByKey(MANNEQUIN, True)


def _parents(document: Document) -> list[int]:
    nodes = document.list("nodes")
    out = [-1] * len(nodes)
    for i, node in enumerate(nodes):
        for child in node.get("children", []):
            out[child] = i
    return out


def _down(nodes: list[dict], parents: list[int]) -> list[int]:
    """All nodes, each after the one it hangs on."""
    order: list[int] = []
    todo = [i for i in reversed(range(len(nodes))) if parents[i] < 0]
    while todo:
        order.append(todo.pop())
        todo += reversed(nodes[order[-1]].get("children", []))
    return order


def _joint_paths(nodes: list[dict], parents: list[int], bones: list[int]) -> dict[int, str]:
    paths: dict[int, str] = {}
    taken: set[str] = set()
    for i in bones:
        name = _identifier(str(nodes[i].get("name", "joint")), taken)
        paths[i] = f"{paths[parents[i]]}/{name}" if parents[i] in paths else name
    return paths


def _identifier(name: str, taken: set[str]) -> str:
    """A name that the format takes, none of them twice."""
    from pxr import Tf

    made = Tf.MakeValidIdentifier(name) or "joint"
    free, n = made, 2
    while free in taken or free in ("Skeleton", "Skin"):
        free, n = f"{made}_{n}", n + 1
    taken.add(free)
    return free


def _tracks_of(document: Document, animation: dict) -> dict[tuple[int, str], Track]:
    out = {}
    for channel in animation["channels"]:
        sampler, target = animation["samplers"][channel["sampler"]], channel["target"]
        times = document.array(sampler["input"], "its motion", 1)[:, 0]
        out[target["node"], target["path"]] = Track(times, document.array(sampler["output"], "its motion"), "LINEAR")
    return out


def _rate(times: np.ndarray) -> float:
    return round((len(times) - 1) / float(times[-1] - times[0]), 4) if len(times) > 1 else 24.0


def _rows(found: dict, node: int, path: str, times: np.ndarray, otherwise) -> np.ndarray:
    track = found.get((node, path))
    return np.tile(np.asarray(otherwise, dtype=float), (len(times), 1)) if track is None else track.at(times)


def _bound(document: Document, bones: list[int], world: dict[int, np.ndarray]) -> list[np.ndarray]:
    """(4, 4) of each, rows before columns: as its skin was bound, where it has one."""
    out = {i: np.eye(4) for i in bones}
    for i in bones:
        out[i][3, :3] = world[i]
    for skin in document.list("skins"):
        inverse = document.array(skin["inverseBindMatrices"], "its skin", 16).reshape(-1, 4, 4)
        out |= {j: np.linalg.inv(m) for j, m in zip(skin["joints"], inverse, strict=True)}
    return [out[i] for i in bones]


# --- in -------------------------------------------------------------------------------------------------


def _to_glb(source: Path) -> bytes:
    from pxr import Tf, Usd, UsdGeom, UsdSkel

    try:
        stage = Usd.Stage.Open(str(source))
    except Tf.ErrorException as error:
        raise FileError("it can't be read as OpenUSD: the file is damaged, or no USD file.") from error
    skeletons = [UsdSkel.Skeleton(prim) for prim in stage.Traverse() if prim.IsA(UsdSkel.Skeleton)]
    skeletons = [skeleton for skeleton in skeletons if skeleton.GetJointsAttr().Get()]
    if not skeletons:
        raise FileError("it has no skeleton with joints. Export it with its skeleton and animation.")
    skeleton = max(skeletons, key=lambda s: len(s.GetJointsAttr().Get()))
    prim, joints = skeleton.GetPrim(), list(skeleton.GetJointsAttr().Get())
    topology = UsdSkel.Topology(joints)
    parents = [topology.GetParent(i) for i in range(len(joints))]
    if any(p >= i for i, p in enumerate(parents)):
        raise FileError("its joints don't come each after the one it hangs on: the skeleton is damaged.")
    bound = _matrices(skeleton.GetBindTransformsAttr().Get(), len(joints))
    rest = _matrices(skeleton.GetRestTransformsAttr().Get(), len(joints))
    if rest is None:
        if bound is None:
            raise FileError("its skeleton says of no joint where it stands at rest.")
        rest = [bound[i] if p < 0 else bound[i] @ np.linalg.inv(bound[p]) for i, p in enumerate(parents)]

    built, names = Builder(), list(skeleton.GetJointNamesAttr().Get() or [])
    top = len(joints)
    nodes = [
        {"name": (names[i] if i < len(names) and names[i] else joint.rsplit("/", 1)[-1]), **_stands(rest[i])}
        for i, joint in enumerate(joints)
    ]  # fmt: skip
    _own_words(prim, nodes)
    for i, p in enumerate(parents):
        if p >= 0:
            nodes[p].setdefault("children", []).append(i)
    # unit, upward axis and wherever the skeleton stands, in one node above it
    placed = np.array(UsdGeom.XformCache().GetLocalToWorldTransform(prim))
    if UsdGeom.GetStageUpAxis(stage) == UsdGeom.Tokens.z:
        placed = placed @ np.array([[1, 0, 0, 0], [0, 0, -1, 0], [0, 1, 0, 0], [0, 0, 0, 1.0]])
    placed = placed @ np.diag([*[UsdGeom.GetStageMetersPerUnit(stage)] * 3, 1.0])
    nodes.append({"name": "stage", "children": [i for i, p in enumerate(parents) if p < 0],
                  "matrix": placed.ravel().tolist()})  # fmt: skip
    ours = prim.GetCustomDataByKey(CHANNELS) is not None
    tree = {
        "asset": {"version": "2.0", "extras": {"rest": "as the nodes stand"} if ours else {}}, "scene": 0,
        "scenes": [{"nodes": [top]}], "nodes": nodes, "animations": [_animation(stage, prim, joints, built)],
    }  # fmt: skip
    _skin_to_glb(stage, prim, bound, tree, built)
    return binary_of(tree, built)


def _matrices(told, count: int) -> list[np.ndarray] | None:
    if told is None or len(told) != count:
        return None
    found = [np.array(matrix) for matrix in told]
    if not all(np.isfinite(m).all() and abs(np.linalg.det(m[:3, :3])) > 1e-12 for m in found):
        raise FileError("a joint of its skeleton stands nowhere: a transform of it is damaged.")
    return found


def _stands(matrix: np.ndarray) -> dict:
    """Of a matrix with rows before columns, which is how glTF writes one that has columns before rows. One that only
    moves is written so, since that is kept exactly."""
    if np.array_equal(matrix[:3, :3], np.eye(3)):
        return {"translation": matrix[3, :3].tolist()}
    return {"matrix": matrix.ravel().tolist()}


def _own_words(prim, nodes: list[dict]) -> None:
    """What was written here beside what the format knows."""
    channels, halves, ends = (prim.GetCustomDataByKey(key) for key in (CHANNELS, HALVES, ENDS))
    for i, node in enumerate(nodes):
        extras = {}
        if channels is not None and i < len(channels) and channels[i]:
            extras["channels"] = channels[i].split()
        if halves is not None and i < len(halves) and halves[i]:
            extras["is"] = "half-way bone"
        if ends is not None and i < len(ends) and ends[i]:
            numbers = [float(v) for v in ends[i].split()]
            extras["ends"] = [numbers[k : k + 3] for k in range(0, len(numbers), 3)]
        if extras:
            node["extras"] = extras


def _animation(stage, prim, joints: list[str], built: Builder) -> dict:
    """The motion that is bound to the skeleton, or the first that names joints of it."""
    from pxr import UsdSkel

    bound = UsdSkel.BindingAPI(prim).GetInheritedAnimationSource()
    clips = [UsdSkel.Animation(bound)] if bound and bound.IsA(UsdSkel.Animation) else []
    clips += [UsdSkel.Animation(p) for p in stage.Traverse() if p.IsA(UsdSkel.Animation)]
    for clip in clips:
        named = list(clip.GetJointsAttr().Get() or [])
        number = {joint: i for i, joint in enumerate(joints)}
        attributes = [clip.GetRotationsAttr(), clip.GetTranslationsAttr(), clip.GetScalesAttr()]
        codes = sorted({code for attribute in attributes for code in attribute.GetTimeSamples()})
        if not codes or not any(joint in number for joint in named):
            continue
        samplers, channels = [], []
        times = built.add((np.array(codes) - codes[0]) / stage.GetTimeCodesPerSecond(), "SCALAR", FLOAT)
        for attribute, path, width in zip(attributes, ("rotation", "translation", "scale"), (4, 3, 3), strict=True):
            rows = _sampled(attribute, codes, len(named), width, path)
            if rows is None or (path == "scale" and np.abs(rows - 1.0).max() < 1e-6):
                continue
            for k, joint in enumerate(named):
                if joint in number:
                    channels.append({"sampler": len(samplers), "target": {"node": number[joint], "path": path}})
                    samplers.append({"input": times, "output": built.add(rows[:, k], f"VEC{width}")})
        return {"name": clip.GetPrim().GetName(), "samplers": samplers, "channels": channels}
    raise FileError(
        "nothing in it moves: no SkelAnimation of its skeleton has time samples. Export it with its motion."
    )


def _sampled(attribute, codes: list[float], joints: int, width: int, path: str) -> np.ndarray | None:
    """(moments, joints, width); None where it is not told."""
    if attribute.Get(codes[0]) is None:
        return None
    out = np.empty((len(codes), joints, width))
    for i, code in enumerate(codes):
        values = attribute.Get(code)
        if values is None or len(values) != joints:
            there = len(values or [])
            raise FileError(f"at time {code:g} its motion has {there} values of {path} for {joints} joints.")
        if width == 4:
            out[i] = [(*q.GetImaginary(), q.GetReal()) for q in values]
        else:
            out[i] = np.array(values, dtype=float)
    if not np.isfinite(out).all():
        raise FileError(f"its motion holds values of {path} that are no numbers.")
    return out if width == 3 else rot.continuous(np.swapaxes(out, 0, 1).reshape(-1, len(codes), 4).swapaxes(0, 1))


def _skin_to_glb(stage, skeleton, bound: list[np.ndarray] | None, tree: dict, built: Builder) -> None:
    """Every mesh that is bound to the skeleton, as primitives of one."""
    from pxr import UsdGeom, UsdSkel

    if bound is None:
        return
    joints = list(UsdSkel.Skeleton(skeleton).GetJointsAttr().Get())
    primitives, extras = [], {}
    for prim in stage.Traverse():
        binding = UsdSkel.BindingAPI(prim)
        if not prim.IsA(UsdGeom.Mesh) or binding.GetInheritedSkeleton().GetPrim() != skeleton:
            continue
        mesh, wide = UsdGeom.Mesh(prim), max(binding.GetJointIndicesPrimvar().GetElementSize(), 1)
        points, bones, weights = mesh.GetPointsAttr().Get(), *(
            p.ComputeFlattened() for p in (binding.GetJointIndicesPrimvar(), binding.GetJointWeightsPrimvar())
        )  # fmt: skip
        counts, corners = mesh.GetFaceVertexCountsAttr().Get(), mesh.GetFaceVertexIndicesAttr().Get()
        if not points or not bones or not weights or not counts or len(bones) != len(points) * wide != len(weights):
            continue
        named = binding.GetJointsAttr().Get()
        own = np.array([joints.index(j) if j in joints else 0 for j in named]) if named else np.arange(len(joints))
        bones, weights = np.array(bones).reshape(-1, wide), np.array(weights, dtype=float).reshape(-1, wide)
        if bones.min() < 0 or bones.max() >= len(own):
            raise FileError(f"{prim.GetName()} hangs on joints that its skeleton does not have.")
        most = np.argsort(-weights, axis=1)[:, :MOST_WEIGHTS]
        bones, weights = np.take_along_axis(own[bones], most, 1), np.take_along_axis(weights, most, 1)
        if wide < MOST_WEIGHTS:
            bones, weights = (np.pad(x, ((0, 0), (0, MOST_WEIGHTS - wide))) for x in (bones, weights))
        placed = np.array(binding.GetGeomBindTransformAttr().Get() or np.eye(4))
        places = np.column_stack([np.array(points, dtype=float), np.ones(len(points))]) @ placed
        triangles = _fans(np.array(counts), np.array(corners))
        if not len(triangles) or triangles.max() >= len(points) or triangles.min() < 0:
            raise FileError(f"{prim.GetName()} has faces at points that it does not have.")
        attributes = {
            "POSITION": built.add(places[:, :3], "VEC3"), "JOINTS_0": built.add(bones, "VEC4", USHORT),
            "WEIGHTS_0": built.add(weights, "VEC4"),
        }  # fmt: skip
        tints = mesh.GetDisplayColorPrimvar().ComputeFlattened() if mesh.GetDisplayColorPrimvar() else None
        if tints is not None and len(tints) in (1, len(points)):
            rows = np.broadcast_to(np.clip(np.array(tints, dtype=float), 0, 1), (len(points), 3))
            attributes["COLOR_0"] = built.add(rows, "VEC3")
        primitives.append({"attributes": attributes, "indices": built.add(triangles.ravel(), "SCALAR", UINT)})
        if prim.GetCustomDataByKey(MANNEQUIN):
            extras = {"is": "the mannequin"}
    if primitives:
        inverse = np.stack([np.linalg.inv(m) for m in bound]).reshape(-1, 16)
        tree["skins"] = [{"joints": list(range(len(joints))), "inverseBindMatrices": built.add(inverse, "MAT4")}]
        tree["meshes"] = [{"primitives": primitives, "extras": extras}]
        tree["nodes"].append({"name": "Skin", "mesh": 0, "skin": 0})
        tree["scenes"][0]["nodes"].append(len(tree["nodes"]) - 1)


def _fans(counts: np.ndarray, corners: np.ndarray) -> np.ndarray:
    """(triangles, 3) of faces with any number of corners, each from its first."""
    if counts.min() < 0 or counts.sum() != len(corners):
        raise FileError("the faces of its skin have other corners than they say: the file is damaged.")
    begins, out = np.concatenate([[0], np.cumsum(counts)[:-1]]), []
    for k in range(1, int(counts.max()) - 1):
        at = begins[counts > k + 1]
        out.append(np.stack([corners[at], corners[at + k], corners[at + k + 1]], axis=1))
    return np.concatenate(out) if out else np.zeros((0, 3), dtype=int)


if __name__ == "__main__":
    sys.exit(main())
