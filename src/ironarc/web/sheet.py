"""The inspection sheet: one page a performer, to be printed and hung on a wall."""

from flask import Blueprint, Response, render_template, request, url_for

from ironarc.core.document import Shot
from ironarc.core.errors import EditError
from ironarc.core.judging import grade_of, judge, match
from ironarc.core.judging.card import figure_of
from ironarc.core.judging.findings import by_cause
from ironarc.core.reading import see as see_core
from ironarc.core.whole_numbers import whole_number
from ironarc.store import house, shots
from ironarc.web.export import download
from ironarc.web.panels.look import flights_of
from ironarc.web.panels.read import changed_limits
from ironarc.web.seeing import open_session, see
from ironarc.web.sheet_pdf import pdf_of, said_of
from ironarc.web.sheet_picture import note_picture, strip_picture, trestle_picture
from ironarc.web.variants import View

pages = Blueprint("sheet", __name__)
PAPERS = ("a4", "letter")
MOST_ROWS = 11  # findings that a page has room for
MOST_DRAWN = 3  # notes with their pictures
MOST_SHOTS = 40


@pages.get("/shots/<id:shot_id>/r/<id:revision>/sheet")
def sheet(shot_id: int, revision: int):
    """Pages of all performers, or of the one that is asked for, for a paper."""
    with open_session() as session:
        sheets = _pages(session, shot_id, revision, request.args.get("who", ""))
    back = url_for("bench.bench", shot_id=shot_id, step="show")
    return _rendered(sheets, back, who=request.args.get("who"))


@pages.get("/sheets")
def sheets():
    """Pages of several shots, as they stand."""
    chosen, out = _chosen_pages()
    return _rendered(out, url_for("yard.yard", **{"as": "table"}), shot=chosen)


def _chosen_pages() -> tuple[list[int], list[dict]]:
    """The shots that are asked for, and their pages."""
    chosen = [n for text in request.args.getlist("shot") if (n := whole_number(text)) is not None]
    if not 0 < len(chosen) <= MOST_SHOTS:
        raise EditError(f"Select 1 to {MOST_SHOTS} shots for their sheets; {len(chosen)} are.")
    out = []
    with open_session() as session:
        for shot_id in chosen:
            out += _pages(session, shot_id, shots.standing(session, shot_id).revision, "")
    return chosen, out


@pages.get("/shots/<id:shot_id>/r/<id:revision>/sheet.pdf")
def sheet_pdf(shot_id: int, revision: int):
    """The same pages as a PDF."""
    with open_session() as session:
        sheets = _pages(session, shot_id, revision, request.args.get("who", ""))
    return _as_pdf(sheets)


@pages.get("/sheets.pdf")
def sheets_pdf():
    """Pages of several shots as a PDF."""
    return _as_pdf(_chosen_pages()[1])


def _as_pdf(sheets: list[dict]) -> Response:
    name = f"{sheets[0]['shot'].name} sheet" if len({s["shot"].name for s in sheets}) == 1 else "sheets"
    return download(name, pdf_of(sheets, _paper()), "pdf", "application/pdf")


def _paper() -> str:
    paper = request.args.get("paper", PAPERS[0])
    if paper not in PAPERS:
        raise EditError(f"A sheet is printed on {' or '.join(PAPERS)}; {paper[:20]!r} was given.")
    return paper


def _rendered(sheets: list[dict], back: str, **again) -> str:
    """The pages on a paper. back : where one came from; again : what asks for them on another paper"""
    paper, here = _paper(), request.view_args or {}
    papers = [(word, url_for(request.endpoint, **here, paper=word, **again)) for word in PAPERS]
    pdf = url_for(f"{request.endpoint}_pdf", **here, paper=paper, **again)
    return render_template("sheet.html", sheets=sheets, papers=papers, pdf=pdf, back=back, **said_of(paper))


def _pages(session, shot_id: int, revision: int, who: str) -> list[dict]:
    """What stands on the pages of a shot's performers, or of one. EditError for one that is gone."""
    shot = see(session, shot_id, revision).shot
    wanted = [p.id for p in shot.performers if who in ("", p.id)]
    if not wanted:
        raise EditError("There is no such performer in this shot any more.")
    limits = changed_limits(shot, house.limits(session))
    views = [tuple(see(session, shot_id, revision, side, found) for side in ("now", "before")) for found in wanted]
    return [
        page_of(now, before) | {"revision": revision, "limits": limits, "number": i + 1, "of": len(wanted)}
        for i, (now, before) in enumerate(views)
    ]  # fmt: skip


def pages_of(shot: Shot) -> list[dict]:
    """The pages of a shot that lies in no database, as it stands."""

    def view(shot: Shot, who: str) -> View:
        seen = see_core(shot, who)
        return View(shot, seen.performer, seen.reading, tuple(judge(shot, seen.performer, seen.reading)))

    ids = [p.id for p in shot.performers]
    more = {"revision": 1, "limits": changed_limits(shot, ()), "of": len(ids)}
    was = shot.without_corrections()
    return [page_of(view(shot, who), view(was, who)) | more | {"number": i + 1} for i, who in enumerate(ids)]


def page_of(now: View, before: View) -> dict:
    """What stands on a performer's page. now, before : with its corrections, and without"""
    rows, who = _rows(now, before), now.performer.id
    remarks = [r for r in now.shot.remarks if not r.settled and r.performer in ("", who)]
    strip = strip_picture(now.reading, figure_of(now.performer, now.reading))
    return {
        "shot": now.shot, "performer": now.performer, "reading": now.reading, "grade": grade_of(now.findings),
        "was": grade_of(before.findings), "strip": strip, "trestle": trestle_picture(now),
        "flights": _both(flights_of(before), flights_of(now)), "rows": rows[:MOST_ROWS],
        "remarks": remarks, "drawn": [p for p in (note_picture(now.reading, r) for r in remarks) if p][:MOST_DRAWN],
        "more": max(len(rows) - MOST_ROWS, 0), "corrections": [x for x in now.performer.corrections if not x.muted],
    }  # fmt: skip


def _rows(now, before) -> list[tuple]:
    """Findings: (kind, frames, sentence, what was done), open ones first, then those left, then those settled."""
    out = [(f[0].kind, _frames(f), f[0].says, f[0].left, f[0].grade) for f in by_cause(now.findings)]
    out.sort(key=lambda row: bool(row[3]))
    gone = {name for name, there in match(before.findings, now.findings).items() if there is None}
    settled = by_cause([f for f in before.findings if f.id in gone and not f.left])
    return out + [(f[0].kind, _frames(f), f[0].says, "settled", f[0].grade) for f in settled]


def _frames(found) -> str:
    a, b = min(f.start for f in found), max(f.end for f in found)
    return f"{a}–{b}" if a != b else f"{a}"


def _both(before: list[dict], now: list[dict]) -> list[tuple]:
    """Each flight as it is, with the one that stood there before its corrections, or None."""
    return [
        (next((b for b in before if b["start"] <= f["end"] and f["start"] <= b["end"]), None), f) for f in now
    ]  # fmt: skip
