"""Keys, layers, and the bake that turns them into poses."""
