"""Iron Arc: measures a performance against body physics, and helps to true it."""

import os

# One BLAS thread: the matrices here are small, and more threads make them up to ten times slower. NumPy reads these
# when it is loaded, so that every way in has to come through here first.
for _name in ("OPENBLAS_NUM_THREADS", "OMP_NUM_THREADS", "MKL_NUM_THREADS"):
    os.environ.setdefault(_name, "1")
