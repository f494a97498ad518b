"""The rules, one module for each thing they look at. A rule is a function of a Bench that gives findings."""

from ironarc.core.judging.rules import contact, flight, force, joint, push, stance

RULES = (
    flight.hang, flight.arc, flight.spin, flight.kinks, force.phantom, stance.balance, contact.faults, push.pushes,
    joint.bends, joint.pops, joint.fast, joint.stretches, joint.stops, force.jerks,
)  # fmt: skip

__all__ = ["RULES"]
