"""Open file formats, one module each."""
