"""A report over many files: in parallel, gone on from, and in every form."""

import csv
import io
import json

import pytest

from ironarc.cli import main
from ironarc.core.exchange.take_home import motion_file
from tests.conftest import demo


@pytest.fixture
def folder(tmp_path):
    """A cracked hop, a sound fall below it, and a file that is none."""
    (tmp_path / "below").mkdir()
    (tmp_path / "hop.bvh").write_bytes(motion_file(demo("Gap hop")))
    (tmp_path / "below" / "slip.bvh").write_bytes(motion_file(demo("Gangway slip")))
    (tmp_path / "torn.bvh").write_text("HIERARCHY\nROOT")
    return tmp_path


def lines(capsys) -> list[str]:
    return capsys.readouterr().out.strip().splitlines()


def test_a_bad_file_stops_nothing_and_sets_the_status(folder, capsys):
    assert main(["report", str(folder), "--jobs", "1"]) == 2
    told = lines(capsys)
    assert told[-1] == "3 files: 1 unreadable, 1 cracked, 1 sound"
    hop = next(line for line in told if "hop.bvh" in line)
    assert "cracked" in hop
    assert "Hangs 17.0 frames" in hop
    assert "torn.bvh" in next(line for line in told if "unreadable" in line)
    (folder / "torn.bvh").unlink()
    assert main(["report", str(folder), "--jobs", "1"]) == 1
    (folder / "hop.bvh").unlink()
    assert main(["report", str(folder)]) == 0


def test_several_jobs_find_what_one_does(folder, capsys):
    made = []
    for jobs in ("1", "2"):
        main(["report", str(folder), "--jobs", jobs, "--csv", str(folder / "out.csv")])
        made.append((folder / "out.csv").read_text())
    assert made[0] == made[1]
    rows = list(csv.DictReader(io.StringIO(made[0])))
    assert [row["verdict"] for row in rows] == ["unreadable", "cracked", "sound"]
    assert rows[1]["hang_frames"] == "17.0"
    assert float(rows[1]["gravity_share"]) == pytest.approx(0.56, abs=0.01)
    assert rows[1]["cracked"] == "1"


def test_a_report_is_gone_on_from_and_reads_only_what_changed(folder, capsys, monkeypatch):
    kept = folder / "report.json"
    main(["report", str(folder), "--jobs", "1", "--json", str(kept)])
    before = json.loads(kept.read_text())
    read = []
    monkeypatch.setattr("ironarc.cli.seen_file", lambda args, path: read.append(path.name))
    capsys.readouterr()
    main(["report", str(folder), "--jobs", "1", "--json", str(kept)])
    assert read == []
    assert lines(capsys)[-1].endswith("; 3 known from before")
    assert json.loads(kept.read_text()) == before
    monkeypatch.undo()
    # another file, another mass: what they concern is read anew
    (folder / "below" / "slip.bvh").write_bytes(motion_file(demo("Gap hop"), last=40))
    main(["report", str(folder), "--jobs", "1", "--json", str(kept)])
    now = {row["file"]: row for row in json.loads(kept.read_text())["rows"]}
    assert now[str(folder / "below" / "slip.bvh")]["frames"] == 40
    assert lines(capsys)[-1].endswith("; 2 known from before")
    main(["report", str(folder), "--jobs", "1", "--json", str(kept), "--mass", "60"])
    assert "known from before" not in lines(capsys)[-1]


def test_a_page_shows_pictures_and_says_what_the_files_names_say(folder):
    (folder / "hop.bvh").rename(folder / "hop <b>&.bvh")
    main(["report", str(folder), "--jobs", "1", "--html", str(folder / "out.html")])
    page = (folder / "out.html").read_text()
    assert page.count("<svg") == 2
    assert "hop &lt;b&gt;&amp;.bvh" in page
    assert page.index("torn.bvh") < page.index("hop &lt;b") < page.index("slip.bvh")
    assert "http" not in page.replace("http://www.w3.org", "")


def test_what_can_not_be_is_said(folder, capsys):
    other = folder / "notes.json"
    other.write_text("[1, 2]")
    assert main(["report", str(folder), "--json", str(other)]) == 2
    assert "is no report" in capsys.readouterr().err
    assert other.read_text() == "[1, 2]"
    assert main(["report", str(folder), "--jobs", "1", "--csv", str(folder / "nowhere" / "out.csv")]) == 2
    assert "could not be written" in capsys.readouterr().err
    with pytest.raises(SystemExit):
        main(["report", str(folder), "--jobs", "0"])
    assert "not a number of jobs" in capsys.readouterr().err


def test_a_folder_is_trued_into_another_and_a_bad_file_stops_nothing(folder, tmp_path_factory, capsys):
    out = tmp_path_factory.mktemp("trued")
    (out / "kept.txt").write_text("mine")
    assert main(["true", str(folder), "-o", str(out), "--fix", "all", "--jobs", "2"]) == 2
    told = capsys.readouterr()
    assert "torn.bvh" in told.err
    assert "4 found, 0 left" in next(line for line in told.out.splitlines() if "hop.bvh" in line)
    assert sorted(p.name for p in out.rglob("*") if p.is_file()) == ["hop.bvh", "kept.txt", "slip.bvh"]
    assert (out / "below" / "slip.bvh").exists()
    capsys.readouterr()
    assert main(["report", str(out), "--jobs", "1"]) == 0


def test_a_folder_is_not_trued_into_itself_or_a_file(folder, capsys):
    assert main(["true", str(folder), "-o", str(folder / "below"), "--fix", "all"]) == 2
    assert "lies within" in capsys.readouterr().err
    assert main(["true", str(folder), "-o", str(folder / "hop.bvh"), "--fix", "all"]) == 2
    assert "into a folder" in capsys.readouterr().err
