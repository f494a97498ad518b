"""Iron Arc: measures a performance against body physics, and helps to true it."""
