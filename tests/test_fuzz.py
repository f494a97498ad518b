from bench.fuzz import fuzz

SECONDS = 6  # bench/fuzz.py goes on for as long as one likes


def test_nothing_that_is_sent_breaks_anything(session, database_url):
    done = fuzz(database_url, SECONDS, seed=9)
    assert done["requests"] > 100
    assert done["edits accepted"] > 3
