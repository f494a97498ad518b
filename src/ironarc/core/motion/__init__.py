"""From keys and layers to poses: one road, by stages, and the way back to a file's channels."""
