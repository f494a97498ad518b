import ironarc  # noqa: F401  before NumPy, so that a benchmark runs with the same threads as the application
