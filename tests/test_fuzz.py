from bench.fuzz import fuzz

REQUESTS = 200  # bench/fuzz.py goes on for as long as one likes


def test_nothing_that_is_sent_breaks_anything(session, database_url):
    done = fuzz(database_url, 0, seed=14, requests=REQUESTS)
    assert done["requests"] >= REQUESTS
    assert done["edits accepted"] > 3
