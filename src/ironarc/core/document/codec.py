"""The one codec between a shot and plain data, of this form and the forms before."""

from collections.abc import Mapping

from ironarc.core.document.older import from_form_3, from_form_4, shot_from_older
from ironarc.core.document.plain import GetBlob, PutBlob, from_plain, to_plain
from ironarc.core.document.shot import Shot
from ironarc.core.errors import EditError

FORM, BEFORE_LAYERS = 5, (1, 2)


def shot_to_plain(shot: Shot, put: PutBlob) -> dict:
    """Plain data of a shot; its arrays go to `put`, which returns the address each is kept under."""
    return {"form": FORM, "shot": to_plain(shot, put)}


def shot_from_plain(plain: Mapping, get: GetBlob) -> Shot:
    """The shot of `shot_to_plain`, or of the forms before. Raises EditError for a form this version does not know."""
    form = plain.get("form", plain.get("schema"))
    if form in BEFORE_LAYERS:
        return shot_from_older(plain, get)
    if form not in (3, 4, FORM):
        raise EditError(f"This shot was saved in form {form}; this version reads forms 1 to {FORM}. Update Iron Arc.")
    kept = plain["shot"]
    if form == 3:
        kept = from_form_3(kept)
    if form < FORM:
        kept = from_form_4(kept)
    return from_plain(kept, Shot, get)
