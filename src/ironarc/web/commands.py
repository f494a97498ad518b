"""What the bench asks for, as pydantic models read from the commands' own arguments, and the edit each one means."""

import inspect
from functools import reduce
from operator import or_
from typing import Annotated, Literal, get_type_hints

from pydantic import BaseModel, ConfigDict, Field, TypeAdapter, create_model

from ironarc.core import truing
from ironarc.core.edits import Edit
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.planning import commands as planning
from ironarc.core.reading import Seen
from ironarc.core.truing import again
from ironarc.core.truing import plan as true_plan

__all__ = ["COMMANDS", "EDIT_REQUEST", "MOVE_REQUEST", "again", "planning", "to_edit", "true_plan", "truing"]
STRICT = ConfigDict(extra="forbid", allow_inf_nan=False)


def _model_of(name: str) -> type[BaseModel]:
    """A model with a command's own arguments and its name as the kind."""
    make = COMMANDS[name]
    hints = get_type_hints(make)
    given = [p for p in inspect.signature(make).parameters.values() if p.name != "seen"]
    shape = {p.name: (hints[p.name], ... if p.default is p.empty else p.default) for p in given}
    return create_model(name, __config__=STRICT, kind=(Literal[name], ...), **shape)


Command = Annotated[reduce(or_, map(_model_of, COMMANDS)), Field(discriminator="kind")]


class EditRequest(BaseModel):
    """An edit, and the revision it was asked for on.

    shows : the performer that is shown then, whose scene, reading and blocks of frames the answer brings along; "" for
        none of it
    has : the mark of that performer's reading at `revision`, from whoever has it, so that the answer may point into it
    """

    model_config = STRICT
    revision: int
    edit: Command
    shows: str = ""
    has: str = ""


class MoveRequest(BaseModel):
    """An undo or a redo, and the revision it was asked for on."""

    model_config = STRICT
    revision: int


EDIT_REQUEST = TypeAdapter(EditRequest)
MOVE_REQUEST = TypeAdapter(MoveRequest)


def to_edit(command: BaseModel, seen: Seen) -> Edit:
    """The edit that is asked for of a shot as it is seen. Raises EditError where it can't be made."""
    return COMMANDS[command.kind](seen, **{n: getattr(command, n) for n in type(command).model_fields if n != "kind"})
