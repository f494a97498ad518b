"""What stands in a shot besides motion: placement and timing of performers, props, references, guide curves."""
