"""The made-up crew of the tidal ferry Petrel, and their shots, keyed in code."""
