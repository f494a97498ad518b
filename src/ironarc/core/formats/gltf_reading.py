"""The skeleton and the motion of a glTF 2.0 file.

Joints are those of its skin, with all that lies between them and above them that moves; without a skin, all nodes that
move and what hangs on them. A node's turn in rest is taken out of its motion: in our rigs every joint stands without a
turn in rest, so that the pose it was bound in is the pose that the body is told from. Scales are worked into places."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.columns import Dense
from ironarc.core.errors import FileError
from ironarc.core.figure.rig import POSITION_CHANNELS, EndSite, Joint, Rig
from ironarc.core.formats.format import FileCamera, FileMotion
from ironarc.core.formats.gltf_container import MOST_NESTED, Document
from ironarc.core.formats.gltf_skin import Skeleton, skin_of
from ironarc.core.formats.gltf_writing import BY_NODES, HALF
from ironarc.core.formats.mesh_format import FileMesh
from ironarc.core.settings import MAX_FRAMES, MAX_FRAMES_X_JOINTS, MAX_JOINTS, MAX_NUMBER
from ironarc.core.skin import SkinMesh

RATES = (24.0, 25.0, 30.0, 48.0, 50.0, 60.0, 90.0, 100.0, 120.0, 240.0)
_ELSE = 30.0  # where keys lie on the frames of none
_SAMPLED = 20.0  # evenly spaced keys that follow one another faster are frames
_NEAR = 0.02  # of a frame, within which a key lies on it
_PATHS = {"translation": 3, "rotation": 4, "scale": 3}
_ORDER = ("rz", "rx", "ry")
_TRIANGLES = 4
_NO_SKIN = "it has no skin: no mesh in it hangs on joints. Export it with one."
_WIDE = 16 / 9  # of a camera that does not say
_MOST_CAMERAS = 12
_STILL = 1e-5  # of the figure's span: a place that moves by less is the bone's own


@dataclass(frozen=True)
class Track:
    """Keys of one node. times : (keys,) s; values : (keys, width), or (keys, 3, width) with tangents"""

    times: np.ndarray
    values: np.ndarray
    how: str

    def at(self, seconds: np.ndarray) -> np.ndarray:
        """(moments, width)"""
        times, values = self.times, self.values
        if len(times) == 1:
            return np.repeat(values[:, 1] if values.ndim == 3 else values, len(seconds), axis=0)
        clipped = np.clip(seconds, times[0], times[-1])
        i = np.clip(np.searchsorted(times, clipped, side="right") - 1, 0, len(times) - 2)
        if self.how == "STEP":
            return values[np.where(clipped >= times[-1], len(times) - 1, i)]
        step = times[i + 1] - times[i]
        share = (clipped - times[i]) / step
        if self.how == "CUBICSPLINE":
            s, step = share[:, None], step[:, None]
            a, leaves, b, comes = values[i, 1], values[i, 2] * step, values[i + 1, 1], values[i + 1, 0] * step
            near, far = (1 + 2 * s) * (1 - s) ** 2, s * s * (3 - 2 * s)
            return near * a + s * (1 - s) ** 2 * leaves + far * b + s * s * (s - 1) * comes
        a, b = values[i], values[i + 1]
        if values.shape[1] == 4:
            return _wxyz_last(rot.slerp(_wxyz(a), _wxyz(b), share))
        return a + (b - a) * share[:, None]


def _wxyz(q: np.ndarray) -> np.ndarray:
    return q[..., [3, 0, 1, 2]]


def _wxyz_last(q: np.ndarray) -> np.ndarray:
    return q[..., [1, 2, 3, 0]]


def motion_of(document: Document) -> FileMotion:
    """Raises FileError, with the node or accessor, for what can't be understood."""
    nodes, parents = _tree(document)
    tracks, says = _tracks(document, len(nodes))
    chosen, skin = _joints(document, nodes, parents, tracks)
    if len(chosen) > MAX_JOINTS:
        raise FileError(f"its skeleton has {len(chosen)} joints; up to {MAX_JOINTS} can be read.")
    dt, seconds = _moments([tracks[key] for key in tracks if key[0] in _with_above(chosen, parents)])
    if len(seconds) * len(chosen) > MAX_FRAMES_X_JOINTS:
        raise FileError(f"{len(seconds):,} frames of {len(chosen)} joints are more than can be read. Cut it shorter.")
    rest = _rest(document, nodes, parents, skin)
    turns, places = _worlds(nodes, parents, tracks, seconds)
    return _motion(document, nodes, parents, chosen, rest, (turns, places), dt, says)


def skin_alone(document: Document) -> SkinMesh:
    """The surface of a file in its skeleton's rest pose. Raises FileError where there is none."""
    nodes, parents = _tree(document)
    if not document.list("skins"):
        raise FileError(_NO_SKIN)
    chosen, skin = _joints(document, nodes, parents, {})
    rest = _rest(document, nodes, parents, skin)
    number = {node: j for j, node in enumerate(chosen)}
    ups = [next((number[a] for a in _above(node, parents) if a in number), -1) for node in chosen]
    places = np.array([rest[node, :3, 3] for node in chosen])
    skeleton = Skeleton(number, tuple(_names(nodes, chosen)), places, parents, np.array(ups), rest)
    mesh, says = skin_of(document, skeleton)
    if mesh is None:
        raise FileError(says[0] if says else _NO_SKIN)
    return mesh


def mesh_alone(document: Document) -> FileMesh:
    """All meshes of a file as they stand, skinned or not. Raises FileError where there is none."""
    nodes, parents = _tree(document)
    stands = _rest(document, nodes, parents, None)
    points, triangles, before = [], [], 0
    for i, node in enumerate(nodes):
        if "mesh" not in node:
            continue
        for part in document.item("meshes", node["mesh"], f"node {i}").get("primitives", []):
            if part.get("mode", _TRIANGLES) != _TRIANGLES:
                continue
            own = document.array(part.get("attributes", {}).get("POSITION"), f"node {i}", 3)
            if part.get("indices") is None:
                corners = np.arange(len(own) // 3 * 3)
            else:
                corners = document.array(part["indices"], f"node {i}", 1)[:, 0].astype(int)
            if len(corners) % 3 or (len(corners) and not 0 <= corners.min() <= corners.max() < len(own)):
                raise FileError(f"node {i} has triangles at points that it does not have.")
            # skinned meshes stand where their joints have them, whatever their own node says
            placed = np.eye(4) if "skin" in node else stands[i]
            points.append(own @ placed[:3, :3].T + placed[:3, 3])
            triangles.append(corners.reshape(-1, 3) + before)
            before += len(own)
    if not points:
        raise FileError("it has no mesh. Export it with one.")
    return FileMesh(np.concatenate(points), np.concatenate(triangles))


def _tree(document: Document) -> tuple[list[dict], list[int]]:
    nodes = document.list("nodes")
    if not nodes:
        raise FileError("it has no nodes, so there is no skeleton in it.")
    if len(nodes) > MOST_NESTED:
        raise FileError(f"it has {len(nodes):,} nodes; up to {MOST_NESTED:,} can be read.")
    parents = [-1] * len(nodes)
    for i, node in enumerate(nodes):
        for child in node.get("children", []):
            document.item("nodes", child, f"node {i}")
            if parents[child] >= 0:
                raise FileError(f"node {child} hangs on two others, {parents[child]} and {i}: the file is damaged.")
            parents[child] = i
    for i in range(len(nodes)):
        at, steps = i, 0
        while at >= 0:
            at, steps = parents[at], steps + 1
            if steps > len(nodes):
                raise FileError(f"node {i} hangs on itself: the file is damaged.")
    return nodes, parents


def _tracks(document: Document, count: int) -> tuple[dict[tuple[int, str], Track], list[str]]:
    """Keys by node and what they move, of the first animation that moves anything."""
    animations, says = document.list("animations"), []
    for i, animation in enumerate(animations):
        found: dict[tuple[int, str], Track] = {}
        for channel in animation.get("channels", []):
            target = channel.get("target", {})
            node, path = target.get("node"), target.get("path")
            if node is None or path not in _PATHS:
                continue
            document.item("nodes", node, f"animation {i}")
            samplers = animation.get("samplers", [])
            number = channel.get("sampler")
            if not isinstance(number, int) or not 0 <= number < len(samplers):
                raise FileError(f"a channel of animation {i} names sampler {number!r}, and there are {len(samplers)}.")
            found[node, path] = _track(document, samplers[number], path, f"animation {i}, node {node}")
        if found:
            others = len(animations) - 1
            if others:
                name = str(animation.get("name") or f"number {i + 1}")[:60]
                says.append(f"Of {others + 1} motions in the file, {name} was brought in.")
            return found, says
    raise FileError("nothing in it moves: there is no animation of a node. Export it with its animation.")


def _track(document: Document, sampler: dict, path: str, what: str) -> Track:
    times = document.array(sampler.get("input"), what, 1)[:, 0]
    values = document.array(sampler.get("output"), what, _PATHS[path])
    how = sampler.get("interpolation", "LINEAR")
    each = 3 if how == "CUBICSPLINE" else 1
    if not len(times) or len(values) != each * len(times):
        raise FileError(f"{what}: {len(times)} moments and {len(values)} values; they must match. Export it again.")
    if (np.diff(times) <= 0).any() or np.abs(values).max() > MAX_NUMBER:
        raise FileError(f"{what}: its moments don't follow one another, or values lie beyond {MAX_NUMBER:,.0f}.")
    if each == 3:
        values = values.reshape(-1, 3, _PATHS[path])
    return Track(times, values, how)


def _joints(document: Document, nodes, parents, tracks) -> tuple[list[int], dict | None]:
    """Nodes that make up the skeleton, parents first, and the skin they come from."""
    skins = document.list("skins")
    if skins:
        skin = max(skins, key=lambda s: len(s.get("joints", [])))
        wanted = {j for j in skin.get("joints", []) if document.item("nodes", j, "its skin") is not None}
    else:
        skin, wanted = None, {node for node, _ in tracks}
        hanging = {i for i in range(len(nodes)) if any(a in wanted for a in _above(i, parents))}
        wanted |= {i for i in hanging if "mesh" not in nodes[i]}
    wanted = {j for j in wanted if _own_word(nodes[j], "is") != HALF}
    if not wanted:
        raise FileError("it has a mesh and no skeleton. Export it with its joints and their animation.")
    # what moves above the skeleton goes along, and what lies between its joints
    tops = [j for j in wanted if parents[j] not in wanted]
    for top in tops:
        above = list(_above(top, parents))
        moved = [i for i, node in enumerate(above) if node in wanted or any((node, path) in tracks for path in _PATHS)]
        wanted |= set(above[: moved[-1] + 1]) if moved else set()
    order: list[int] = []
    todo = [i for i in reversed(range(len(nodes))) if parents[i] < 0]
    while todo:
        node = todo.pop()
        if node in wanted:
            order.append(node)
        todo += reversed(nodes[node].get("children", []))
    return order, skin


def _own_word(item: dict, word: str):
    """What was written here beside what the format knows; None for none."""
    extras = item.get("extras")
    return extras.get(word) if isinstance(extras, dict) else None


def _above(node: int, parents: Sequence[int]):
    node = parents[node]
    while node >= 0:
        yield node
        node = parents[node]


def _with_above(chosen: Sequence[int], parents: Sequence[int]) -> set[int]:
    return {a for j in chosen for a in (j, *_above(j, parents))}


def _moments(tracks: Sequence[Track]) -> tuple[float, np.ndarray]:
    """The frame time and the moments of all frames: the slowest usual rate whose frames the keys lie on."""
    if not tracks:
        raise FileError("its animation moves no joint of its skeleton. Export it with the skeleton's animation.")
    times = np.unique(np.concatenate([track.times for track in tracks]))
    long, steps = float(times[-1] - times[0]), np.diff(times)
    if len(steps) and np.ptp(steps) < _NEAR * np.median(steps) and 1.0 / np.median(steps) > _SAMPLED:
        rate = len(steps) / long  # a key on every frame, whatever its rate
    else:
        rate = next((rate for rate in RATES if _on_frames(times - times[0], rate)), _ELSE)
    frames = round(long * rate) + 1
    if frames > MAX_FRAMES:
        raise FileError(f"its {long:,.0f} s are {frames:,} frames; up to {MAX_FRAMES:,} can be read. Cut it shorter.")
    return 1.0 / rate, times[0] + np.arange(frames) / rate


def _on_frames(times: np.ndarray, rate: float) -> bool:
    """Whether keys lie on frames of a rate, one at most on each."""
    at = times * rate
    return np.abs(at - np.round(at)).max() < _NEAR and (len(at) < 2 or np.diff(at).min() > 1 - _NEAR)


def _matrix(nodes, i: int) -> np.ndarray:
    """(4, 4) of a node as it stands in the file."""
    node = nodes[i]
    if "matrix" in node:
        return _numbers(node["matrix"], 16, i).reshape(4, 4).T
    out = np.eye(4)
    turn = _wxyz(_numbers(node.get("rotation", [0, 0, 0, 1]), 4, i))
    out[:3, :3] = rot.to_matrix(turn / max(np.linalg.norm(turn), 1e-9)) * _numbers(node.get("scale", [1, 1, 1]), 3, i)
    out[:3, 3] = _numbers(node.get("translation", [0, 0, 0]), 3, i)
    return out


def _numbers(values, count: int, node: int) -> np.ndarray:
    try:
        out = np.array(values, dtype=float)
    except (TypeError, ValueError) as error:
        raise FileError(f"node {node} has a place or a turn that is no list of numbers.") from error
    if out.shape != (count,) or not np.isfinite(out).all() or np.abs(out).max() > MAX_NUMBER:
        raise FileError(f"node {node} needs {count} numbers for its place or its turn.")
    return out


def _rest(document: Document, nodes, parents, skin: dict | None) -> np.ndarray:
    """(nodes, 4, 4) in the world: as the skin was bound, where that is told, else as the nodes stand."""
    stands = np.empty((len(nodes), 4, 4))
    for i in _from_above(parents):
        own = _matrix(nodes, i)
        stands[i] = stands[parents[i]] @ own if parents[i] >= 0 else own
    by_nodes = _own_word(document.tree["asset"], "rest") == BY_NODES
    if skin is None or by_nodes or skin.get("inverseBindMatrices") is None:
        return stands
    joints = skin["joints"]
    inverse = document.array(skin["inverseBindMatrices"], "its skin", 16).reshape(-1, 4, 4).swapaxes(1, 2)
    if len(inverse) < len(joints):
        raise FileError(f"its skin has {len(joints)} joints and {len(inverse)} bind matrices; there must be as many.")
    if (np.abs(np.linalg.det(inverse[:, :3, :3])) < 1e-12).any():
        return stands
    bound = np.linalg.inv(inverse[: len(joints)])
    top = min(range(len(joints)), key=lambda k: len(list(_above(joints[k], parents))))
    world = stands[joints[top]] @ inverse[top]  # where the skin's own room stands
    out, told = stands.copy(), dict(zip(joints, world @ bound, strict=True))
    for i in _from_above(parents):
        if i in told:
            out[i] = told[i]
        elif parents[i] >= 0:
            out[i] = out[parents[i]] @ _matrix(nodes, i)
    return out


def _from_above(parents: Sequence[int]) -> list[int]:
    return sorted(range(len(parents)), key=lambda i: len(list(_above(i, parents))))


def _worlds(nodes, parents, tracks, seconds: np.ndarray) -> tuple[dict, dict]:
    """Matrices (frames, 3, 3) and places (frames, 3) of every node, in the world."""
    turns, places = {}, {}
    for i in _from_above(parents):
        moved = {path: tracks[i, path].at(seconds) for path in _PATHS if (i, path) in tracks}
        own = np.repeat(_matrix(nodes, i)[None], len(seconds), axis=0)
        if moved:
            scale = moved.get("scale", np.linalg.norm(own[:, :3, :3], axis=1))
            turn = own[:, :3, :3] / np.maximum(np.linalg.norm(own[:, :3, :3], axis=1)[:, None], 1e-12)
            if "rotation" in moved:
                q = _wxyz(moved["rotation"])
                turn = rot.to_matrix(q / np.maximum(np.linalg.norm(q, axis=1, keepdims=True), 1e-9))
            own[:, :3, :3] = turn * scale[:, None]
            own[:, :3, 3] = moved.get("translation", own[:, :3, 3])
        up = parents[i]
        if up >= 0:
            turns[i] = turns[up] @ own[:, :3, :3]
            places[i] = np.einsum("fij,fj->fi", turns[up], own[:, :3, 3]) + places[up]
        else:
            turns[i], places[i] = own[:, :3, :3], own[:, :3, 3]
    return turns, places


def _motion(document, nodes, parents, chosen, rest, worlds, dt: float, says: list[str]) -> FileMotion:
    turns, places = worlds
    number = {node: j for j, node in enumerate(chosen)}
    span = max(float(np.ptp([rest[i, :3, 3] for i in chosen], axis=0).max()), 1e-9)
    built = _turns(np.array([rest[i, :3, :3] for i in chosen]))
    names, joints, columns = _names(nodes, chosen), [], {}
    world: list[np.ndarray] = []
    for j, node in enumerate(chosen):
        up = next((number[a] for a in _above(node, parents) if a in number), -1)
        # the node's turn in the world, without the one it has in rest
        own = rot.multiply(_turns(turns[node]), rot.conjugate(built[j]))
        world.append(own)
        local = own if up < 0 else rot.multiply(rot.conjugate(world[up]), own)
        if up < 0:
            offset, place = rest[node, :3, 3], places[node]
        else:
            offset = rest[node, :3, 3] - rest[chosen[up], :3, 3]
            place = rot.rotate(rot.conjugate(world[up]), places[node] - places[chosen[up]])
        moves = up < 0 or np.abs(place - offset).max() > _STILL * span
        channels = _channels(nodes[node], moves)
        joints.append(joint := Joint(names[j], up, tuple(map(float, offset)), channels))
        angles = rot.each_after_the_other(rot.to_euler(joint.order, local))
        for i, channel in enumerate(joint.rotation_channels):
            columns[names[j], channel] = Dense(1, np.ascontiguousarray(angles[:, i]))
        if moves:
            for i, channel in enumerate(POSITION_CHANNELS):
                columns[names[j], channel] = Dense(1, np.ascontiguousarray(place[:, i]))
    ends = tuple(EndSite(j, end) for j, node in enumerate(chosen) for end in _ends(nodes, node, number, rest))
    rig = Rig(tuple(joints), ends)
    skin, said = skin_of(document, Skeleton(number, rig.names, rig.rest_positions, parents, rig.parents, rest))
    cameras = _cameras(document, nodes, turns, places)
    return FileMotion(rig, columns, len(places[chosen[0]]), dt, (*says, *said), skin, cameras)


def _cameras(document: Document, nodes, turns, places) -> tuple[FileCamera, ...]:
    """Those in perspective, as they move."""
    out = []
    for i, node in enumerate(nodes):
        if "camera" not in node:
            continue
        told = document.item("cameras", node["camera"], f"node {i}")
        sees = told.get("perspective") if told.get("type") == "perspective" else None
        tall = sees.get("yfov") if isinstance(sees, dict) else None
        if not isinstance(tall, int | float) or not 0.001 < tall < np.pi:
            continue
        aspect = sees.get("aspectRatio")
        aspect = float(aspect) if isinstance(aspect, int | float) and 0.2 <= aspect <= 5 else _WIDE
        name = str(node.get("name") or told.get("name") or f"Camera {len(out) + 1}")[:60]
        out.append(FileCamera(name, float(tall), aspect, places[i], _turns(turns[i])))
    return tuple(out[:_MOST_CAMERAS])


def _channels(node: dict, moves: bool) -> tuple[str, ...]:
    """A joint's channels: in the order they had when they were written here, where the file tells it."""
    usual = (*POSITION_CHANNELS, *_ORDER) if moves else _ORDER
    told = _own_word(node, "channels")
    return tuple(told) if isinstance(told, list) and sorted(map(str, told)) == sorted(usual) else usual


def _turns(matrices: np.ndarray) -> np.ndarray:
    """(frames, 4) of (frames, 3, 3) that may be scaled, all at once: of the columns made square again."""
    x = matrices[:, :, 0] / np.maximum(np.linalg.norm(matrices[:, :, 0], axis=1, keepdims=True), 1e-12)
    y = matrices[:, :, 1] - np.einsum("fi,fi->f", matrices[:, :, 1], x)[:, None] * x
    y = y / np.maximum(np.linalg.norm(y, axis=1, keepdims=True), 1e-12)
    return rot.from_matrix(np.stack([x, y, np.cross(x, y)], axis=2))


def _ends(nodes, node: int, number, rest) -> list[tuple[float, float, float]]:
    """Ends of bones: nodes that hang on a joint and are none, or what the file tells of its own accord."""
    told = _own_word(nodes[node], "ends")
    if isinstance(told, list):
        return [tuple(map(float, _numbers(end, 3, node))) for end in told[:MAX_JOINTS]]
    out = []
    for child in nodes[node].get("children", []):
        plain = child not in number and "mesh" not in nodes[child] and _own_word(nodes[child], "is") != HALF
        if plain:
            out.append(tuple(map(float, rest[child, :3, 3] - rest[node, :3, 3])))
    return out


def _names(nodes, chosen: Sequence[int]) -> list[str]:
    """One for each joint, none of them twice."""
    out: list[str] = []
    for node in chosen:
        name = str(nodes[node].get("name") or f"joint {node}").strip()[:80] or f"joint {node}"
        free, n = name, 2
        while free in out:
            free, n = f"{name} {n}", n + 1
        out.append(free)
    return out
