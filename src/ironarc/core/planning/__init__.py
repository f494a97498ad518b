"""The timing of a jump before there is a body, and what it puts into a shot."""
