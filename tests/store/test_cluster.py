import shutil
import tempfile
from pathlib import Path

import pytest

from ironarc.store.cluster import Cluster, ClusterError, free_port, port_is_free
from ironarc.store.place import only_one


@pytest.fixture
def folder():
    made = Path(tempfile.mkdtemp(prefix="ironarc-test-"))
    made.chmod(0o711)
    yield made
    shutil.rmtree(made, ignore_errors=True)


def test_a_cluster_starts_once_moves_to_another_port_and_stops(folder):
    first = Cluster(folder / "postgres", free_port(), durable=False)
    assert first.start()
    try:
        assert not first.start()
        assert not port_is_free(first.port)
        second = Cluster(folder / "postgres", free_port(), durable=False)
        assert second.start()  # what a killed start left on another port is taken over
        assert port_is_free(first.port)
    finally:
        first.stop()
    assert not first.running()


def test_a_taken_port_is_said_and_a_half_made_cluster_is_made_anew(folder, database_url):
    taken = int(database_url.rsplit(":", 1)[1].split("/")[0])
    (folder / "postgres").mkdir()
    (folder / "postgres" / "PG_VERSION").write_text("half")
    with pytest.raises(ClusterError, match=f"Port {taken}, meant for the database, is taken"):
        Cluster(folder / "postgres", taken).start()
    assert (folder / "postgres" / "ironarc.ready").exists()


def testonly_one_start_runs_in_a_folder(folder):
    with only_one(folder), pytest.raises(ClusterError, match="running already"), only_one(folder):
        pytest.fail("a second start got in")
    with only_one(folder):
        pass
