"""BVH, the open motion-capture text format: a hierarchy with offsets and channels, then a row a frame.

Where the format leaves room, here:

* rotation channels are listed in the order their matrices are multiplied ("Zrotation Xrotation Yrotation"
  is R = Rz Rx Ry); any order of the three axes, and fewer than three, are read
* a root's position channels say where it is: they replace its OFFSET, whatever the motion looks like. A file whose
  channels were meant to be added comes in shifted by that OFFSET, which no reading depends on: the floor is found
  from the feet. For other joints a bone keeps its length: channels replace the OFFSET if their values lie nearer to
  it than to zero, else they add to it
* an end site may carry a name; it is not kept
"""

import math
from itertools import islice

import numpy as np

from ironarc.core.columns import Dense
from ironarc.core.errors import FileError
from ironarc.core.figure.rig import POSITION_CHANNELS, ROTATION_CHANNELS, EndSite, Joint, Rig
from ironarc.core.formats.format import Extras, FileMotion, Format
from ironarc.core.settings import MAX_FRAMES, MAX_FRAMES_X_JOINTS, MAX_JOINTS, MAX_NUMBER
from ironarc.core.whole_numbers import whole_number

_CHANNEL = {
    f"{axis}{word}": short + axis.lower() for axis in "XYZ" for word, short in (("position", "t"), ("rotation", "r"))
}
_CHANNEL_LOWER = {name.lower(): short for name, short in _CHANNEL.items()}
MOST_LINES = 10 * MAX_FRAMES  # of any file: a row a frame, and room to spare
LONGEST_LINE = 10_000  # letters, in the HIERARCHY
_WRITTEN = {short: name for name, short in _CHANNEL.items()}


def parse(data: bytes, first_frame: int = 1) -> FileMotion:
    """Reads a BVH file. Raises FileError, with the line, for anything that can't be understood."""
    lines = data.count(b"\n") + data.count(b"\r") - data.count(b"\r\n")
    if lines > MOST_LINES:
        raise FileError(f"the file has {lines:,} lines; up to {MOST_LINES:,} can be read.")
    text = data.decode("utf-8", errors="replace").replace("\r\n", "\n").replace("\r", "\n").lstrip("\ufeff")
    if not text.strip():
        raise FileError("the file is empty; choose a BVH file with a HIERARCHY and a MOTION part.", 1)
    reader = _Hierarchy(text)
    reader.read()
    frames, frame_time, start, data_line = _motion_header(text, reader.position, reader.line)
    channels = [(joint.name, channel) for joint in reader.joints for channel in joint.channels]
    if frames * len(reader.joints) > MAX_FRAMES_X_JOINTS:
        raise FileError(
            f"Frames: says {frames:,}; with {len(reader.joints)} joints up to "
            f"{MAX_FRAMES_X_JOINTS // len(reader.joints):,} frames can be read. Cut the motion shorter.", data_line
        )  # fmt: skip
    table = _numbers(text[start:], data_line, frames, channels)
    rig = _with_position_meaning(reader, channels, table)
    for i, (_, channel) in enumerate(channels):
        if channel in ROTATION_CHANNELS:
            table[:, i] = np.radians(table[:, i])
    columns = {key: Dense(first_frame, np.ascontiguousarray(table[:, i])) for i, key in enumerate(channels)}
    return FileMotion(rig, columns, frames, frame_time)


class _Hierarchy:
    """Reads the HIERARCHY part, line by line, keeping the line number for messages."""

    def __init__(self, text: str):
        self.text = text
        self.position = 0
        self.line = 0
        self.pending: list[str] = []
        self.joints: list[Joint] = []
        self.ends: list[EndSite] = []
        self.names: dict[str, int] = {}

    def next_line(self) -> list[str]:
        """Words of the next line that holds any; braces stand alone."""
        if self.pending:
            words, self.pending = self.pending, []
            return self._cut_at_brace(words)
        while self.position < len(self.text):
            stop = self.text.find("\n", self.position)
            stop = len(self.text) if stop < 0 else stop
            if stop - self.position > LONGEST_LINE:
                raise FileError(
                    f"the line is {stop - self.position:,} characters long; up to {LONGEST_LINE:,} can be read here.",
                    self.line + 1,
                )
            words = self.text[self.position : stop].replace("{", " { ").replace("}", " } ").split()
            self.position = stop + 1
            self.line += 1
            if words:
                return self._cut_at_brace(words)
        raise FileError("the file ends inside the HIERARCHY; a closing brace or the MOTION part is missing.", self.line)

    def _cut_at_brace(self, words: list[str]) -> list[str]:
        for i, word in enumerate(words):
            if word in "{}" and len(words) > 1:
                cut = max(i, 1)
                self.pending = words[cut:]
                return words[:cut]
        return words

    def read(self) -> None:
        words = self.next_line()
        if words[0].upper() != "HIERARCHY":
            raise FileError(
                f'a BVH file begins with the word HIERARCHY; this one begins with "{words[0][:40]}".',
                self.line,
            )
        while (words := self.next_line())[0].upper() != "MOTION":
            if words[0].upper() != "ROOT":
                raise FileError(f'expected ROOT or MOTION, found "{" ".join(words)[:60]}".', self.line)
            self._node(words)
        if not self.joints:
            raise FileError("the HIERARCHY holds no ROOT, so there is no figure to read.", self.line)

    def _node(self, words: list[str]) -> None:
        """One ROOT with all that stands below it; its own stack, so that depth is not bounded by Python's."""
        stack = [self._open(words, -1)]
        below = [0]
        while stack:
            words = self.next_line()
            head = words[0].upper()
            if head == "}":
                stack.pop()
                below.pop()
            elif head == "OFFSET":
                self._set_offset(stack[-1], words)
            elif head == "CHANNELS":
                self._set_channels(stack[-1], words)
            elif head == "JOINT":
                below[-1] += 1
                stack.append(self._open(words, stack[-1]))
                below.append(0)
            elif head == "END":
                self._end_site(stack[-1], below[-1])
            else:
                raise FileError(
                    f'expected OFFSET, CHANNELS, JOINT, End Site or a brace, found "{" ".join(words)[:60]}".',
                    self.line,
                )

    def _open(self, words: list[str], parent: int) -> int:
        name = " ".join(words[1:])
        if not name:
            raise FileError(f"{words[0]} has no name.", self.line)
        if not name.isprintable():
            raise FileError(f"the name of joint {name[:60]!r} holds a letter that can't be shown.", self.line)
        if name in self.names:
            raise FileError(f'two joints are called "{name}"; each needs a name of its own.', self.line)
        if len(self.joints) >= MAX_JOINTS:
            raise FileError(f"the figure has more than {MAX_JOINTS} joints, the most that can be read.", self.line)
        if self.next_line() != ["{"]:
            raise FileError(f'joint "{name}" must be followed by an opening brace.', self.line)
        self.names[name] = len(self.joints)
        self.joints.append(Joint(name, parent, (0.0, 0.0, 0.0)))
        return len(self.joints) - 1

    def _three(self, words: list[str], what: str) -> tuple[float, float, float]:
        try:
            values = tuple(float(w) for w in words[1:])
        except ValueError:
            values = ()
        if len(values) != 3 or not all(map(math.isfinite, values)):
            raise FileError(f'OFFSET of {what} needs three numbers, found "{" ".join(words[1:])[:60]}".', self.line)
        if max(map(abs, values)) > MAX_NUMBER:
            raise FileError(f"OFFSET of {what} is beyond {MAX_NUMBER:,.0f}, so it can't be a length.", self.line)
        return values

    def _set_offset(self, joint: int, words: list[str]) -> None:
        old = self.joints[joint]
        offset = self._three(words, f'joint "{old.name}"')
        self.joints[joint] = Joint(old.name, old.parent, offset, old.channels)

    def _set_channels(self, joint: int, words: list[str]) -> None:
        old = self.joints[joint]
        if len(words) < 2 or whole_number(words[1]) != len(words) - 2:
            said = words[1][:20] if len(words) > 1 else "nothing"
            raise FileError(
                f'CHANNELS of joint "{old.name}" says {said} and lists {max(len(words) - 2, 0)} names.',
                self.line,
            )
        channels = []
        for word in words[2:]:
            channel = _CHANNEL_LOWER.get(word.lower())
            if channel is None:
                raise FileError(f'joint "{old.name}" has a channel called "{word}", which is not known.', self.line)
            if channel in channels:
                raise FileError(f'joint "{old.name}" lists the channel {word} twice.', self.line)
            channels.append(channel)
        self.joints[joint] = Joint(old.name, old.parent, old.offset, tuple(channels))

    def _end_site(self, joint: int, after: int) -> None:
        name = self.joints[joint].name
        if self.next_line() != ["{"]:
            raise FileError(f'the End Site of joint "{name}" must be followed by an opening brace.', self.line)
        offset = (0.0, 0.0, 0.0)
        while (words := self.next_line()) != ["}"]:
            if words[0].upper() != "OFFSET":
                raise FileError(f'the End Site of joint "{name}" can hold an OFFSET only.', self.line)
            offset = self._three(words, f'the End Site of joint "{name}"')
        self.ends.append(EndSite(joint, offset, after))


def _motion_header(text: str, position: int, line: int) -> tuple[int, float, int, int]:
    """Frames, frame time, and where the numbers start (text position, line number before it)."""
    found = {}
    while len(found) < 2:
        if position >= len(text):
            missing = "Frames:" if "frames" not in found else "Frame Time:"
            raise FileError(f"the MOTION part has no line that begins with {missing}", line)
        stop = text.find("\n", position)
        stop = len(text) if stop < 0 else stop
        words = text[position:stop].strip()
        position, line = stop + 1, line + 1
        if not words:
            continue
        label, _, value = words.partition(":")
        key = " ".join(label.lower().split())
        try:
            if key == "frames":
                found[key] = _count(value)
            elif key == "frame time":
                found[key] = float(value)
            else:
                raise FileError(f'expected "Frames:" or "Frame Time:", found "{words[:60]}".', line)
        except ValueError:
            raise FileError(f'"{label.strip()}:" needs a number, found "{value.strip()[:40]}".', line) from None
        if key == "frame time" and not (math.isfinite(found[key]) and 0.0005 <= found[key] <= 2.0):
            raise FileError(f"a frame time of {value.strip()} s is not between 0.0005 s and 2 s.", line)
        if key == "frames" and not 1 <= found[key] <= MAX_FRAMES:
            raise FileError(f"Frames: says {found[key]}; from 1 to {MAX_FRAMES:,} frames can be read.", line)
    return found["frames"], found["frame time"], position, line


def _count(text: str) -> int:
    """A number of frames; ValueError for what is none."""
    whole = whole_number(text)
    if whole is None:
        raise ValueError(text)
    return whole


def _numbers(block: str, line: int, frames: int, named: list[tuple[str, str]]) -> np.ndarray:
    """(frames, channels) float from the rows of the MOTION part; `named` (joint, channel) of each column."""
    channels = len(named)
    if channels == 0:
        raise FileError("no joint has any channel, so the file holds no motion.", line)
    try:
        values = np.fromstring(block, sep=" ") if block.strip() else np.zeros(0)
    except (ValueError, DeprecationWarning):
        values = None
    if values is None or len(values) % channels or not np.isfinite(values).all():
        _say_which_row(block, line, channels)
        raise FileError(
            f"the motion holds {0 if values is None else len(values)} numbers; {channels} a frame are needed.",
            line,
        )
    if len(values) != frames * channels:
        raise FileError(
            f"Frames: says {frames}, and {len(values) // channels} frames of motion follow. "
            "Put the number right, or export the file again.", line
        )  # fmt: skip
    values = values.reshape(frames, channels)
    if np.abs(values).max() > MAX_NUMBER:
        frame, column = np.argwhere(np.abs(values) > MAX_NUMBER)[0]
        joint, channel = named[column]
        raise FileError(
            f'frame {frame + 1} holds {values[frame, column]:g} for {_WRITTEN[channel]} of joint "{joint}"; values '
            f"beyond {MAX_NUMBER:,.0f} can't be read.", _line_of_row(block, line, int(frame)),
        )  # fmt: skip
    return values


def _line_of_row(block: str, line: int, row: int) -> int:
    """The line that row `row`, from 0, of the motion stands on, where every row has a line of its own."""
    filled = (offset for offset, text in enumerate(block.split("\n"), 1) if text.strip())
    return line + next(islice(filled, row, None), 0)


def _say_which_row(block: str, line: int, channels: int) -> None:
    """Raises FileError for the first row that is wrong."""
    row = 0
    for offset, text in enumerate(block.split("\n"), 1):
        words = text.split()
        if not words:
            continue
        row += 1
        for word in words:
            try:
                value = float(word)
            except ValueError:
                raise FileError(
                    f'frame {row} of the motion holds "{word[:40]}", which is not a number.', line + offset
                ) from None
            if not math.isfinite(value):
                raise FileError(f'frame {row} of the motion holds "{word}"; every value must be finite.', line + offset)
        if len(words) != channels:
            raise FileError(
                f"frame {row} of the motion has {len(words)} values; the HIERARCHY lists {channels} channels.",
                line + offset,
            )


def _with_position_meaning(reader: _Hierarchy, channels: list, table: np.ndarray) -> Rig:
    """The rig, each joint knowing whether its position channels replace its offset or add to it."""
    columns = {key: i for i, key in enumerate(channels)}
    joints = []
    for joint in reader.joints:
        given = [(a, columns[joint.name, c]) for a, c in enumerate(POSITION_CHANNELS) if (joint.name, c) in columns]
        meaning = "replaces"
        if given and joint.parent >= 0:
            middle = np.median(table[:, [i for _, i in given]], axis=0)
            offset = np.array([joint.offset[a] for a, _ in given])
            if np.linalg.norm(middle - offset) > np.linalg.norm(middle):
                meaning = "adds"
        joints.append(Joint(joint.name, joint.parent, joint.offset, joint.channels, meaning))
    return Rig(tuple(joints), tuple(reader.ends))


def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
    """A BVH file. `table` (frames, channels) in file order: file length unit, and degrees."""
    lines = ["HIERARCHY"]
    ends = {}
    for end in rig.ends:
        ends.setdefault((end.parent, end.after), []).append(end)

    def offset(values) -> str:
        return "OFFSET " + " ".join(f"{v:.6f}" for v in values)

    def emit_ends(joint: int, after: int, pad: str) -> None:
        for end in ends.get((joint, after), []):
            lines.extend([f"{pad}End Site", f"{pad}{{", f"{pad}\t{offset(end.offset)}", f"{pad}}}"])

    # depth-first with a stack of its own: ("open", joint, depth) or ("close", …) or ("ends", joint, depth, after)
    todo = [("open", root, 0) for root in reversed(rig.roots)]
    while todo:
        what, i, depth, *after = todo.pop()
        pad, joint = "\t" * depth, rig.joints[i]
        if what == "close":
            lines.append(f"{pad}}}")
        elif what == "ends":
            emit_ends(i, after[0], pad + "\t")
        else:
            lines += [
                f"{pad}{'ROOT' if joint.parent < 0 else 'JOINT'} {joint.name}",
                f"{pad}{{",
                f"{pad}\t{offset(joint.offset)}",
            ]
            if joint.channels:
                names = " ".join(_WRITTEN[c] for c in joint.channels)
                lines.append(f"{pad}\tCHANNELS {len(joint.channels)} {names}")
            todo.append(("close", i, depth))
            for order, child in reversed(list(enumerate(rig.children[i], 1))):
                todo.append(("ends", i, depth, order))
                todo.append(("open", child, depth + 1))
            todo.append(("ends", i, depth, 0))
    lines += ["MOTION", f"Frames: {len(table)}", f"Frame Time: {frame_time_s:.10g}"]
    rows = "\n".join(" ".join(map("{:.6f}".format, row)) for row in table.tolist())
    return ("\n".join(lines) + "\n" + rows + "\n").encode()


FORMAT = Format("BVH", "bvh", "text/plain", parse, write)
