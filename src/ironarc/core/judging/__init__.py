"""What is said about a reading: the rules, the table of grades, a shot's card, and the reading as JSON."""

from ironarc.core.judging.findings import CRACKED, SOUND, STRAINED, Finding, find, flight_grades, grade_of
from ironarc.core.judging.judge import judge, judge_all, match

__all__ = [
    "CRACKED", "SOUND", "STRAINED", "Finding", "find", "flight_grades", "grade_of", "judge", "judge_all", "match",
]  # fmt: skip
