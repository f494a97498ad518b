"""Corrections: each module proposes one edit that settles a kind of finding, and says what it costs."""
