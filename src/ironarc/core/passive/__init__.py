"""What moves by itself: props that are thrown, struck and let fall, stepped by a rigid-body engine.

The engine is MuJoCo, taken in only where something is stepped: half a second and 24 MB that a reading does without.
"""
