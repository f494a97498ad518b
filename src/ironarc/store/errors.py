"""What can be wrong with a question to the store."""

from ironarc.core.errors import IronArcError


class NotFound(IronArcError):
    """No such shot, revision or other thing that is kept."""


class StaleRevision(IronArcError):
    """The shot has moved on since the revision an edit was made on."""


class OutcomeUnknown(IronArcError):
    """The connection was cut while a change was being committed: it may have been kept, or not."""
