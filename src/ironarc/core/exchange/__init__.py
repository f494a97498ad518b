"""Motion brought in and taken home: from files and the stock crew into shots, and as files out of them."""
