"""The physics and the document. Knows nothing of the web, the store or the command line.

Conventions, pinned by tests/core/test_conventions.py:

* metres, kilograms, seconds and radians; right-handed, Y up; gravity is (0, -g, 0)
* quaternions are (w, x, y, z), unit, active; R_world_child = R_world_parent @ R_local
* an Euler order "ZXY" means R = Rz @ Rx @ Ry: the order in which a BVH file lists the channels
* arrays are (frames, joints, ...); frame numbers are the shot's own
"""
