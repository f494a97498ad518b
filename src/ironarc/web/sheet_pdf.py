"""Sheets as a PDF, for the browser's download and the shell: the pages that a browser prints, written by WeasyPrint."""

import re
from collections.abc import Mapping
from datetime import date
from functools import cache
from importlib.metadata import version
from pathlib import Path
from typing import Any

from jinja2 import Environment, FileSystemLoader
from PIL import ImageFile

from ironarc.core.judging.grades import GRADES

HERE = Path(__file__).parent
FONTS = ("Sans-Regular", "Sans-Medium", "Sans-SemiBold", "Mono-Regular", "Mono-Medium")
OWN = "https://sheet.invalid/"  # a word for what is shipped: nothing is fetched
WEIGHTS = {"Regular": 400, "Medium": 500, "SemiBold": 600}
NUMBER_AND_UNIT = re.compile(r"(\d) (%|cm|m/s|s\b|kg|frames?\b|turns\b|body weights\b)")


def keep_units(says: str) -> str:
    """A sentence whose numbers stay on one line with their units."""
    return NUMBER_AND_UNIT.sub("\\1\u00a0\\2", says)


def said_of(paper: str) -> Mapping[str, Any]:
    """What the pages are told beside what stands on them."""
    return {"paper": paper, "grades": GRADES, "today": date.today(), "version": version("ironarc")}


def pdf_of(pages: list[dict], paper: str) -> bytes:
    """The pages of sheets, as `sheet.page_of` has them, as a PDF."""
    from weasyprint import CSS, HTML  # takes half a second to come in
    from weasyprint.text.fonts import FontConfiguration

    ImageFile.LOAD_TRUNCATED_IMAGES = False  # WeasyPrint sets it for all: elsewhere a picture cut short is refused
    html = _templates().get_template("sheet_paper.html").render(sheets=pages, **said_of(paper))
    fonts = FontConfiguration()
    style = CSS(string=_fonts() + (HERE / "templates" / "sheet.css").read_text(), url_fetcher=_own, font_config=fonts)
    return HTML(string=html, url_fetcher=_own).write_pdf(stylesheets=[style], font_config=fonts)


@cache
def _templates() -> Environment:
    found = Environment(loader=FileSystemLoader(HERE / "templates"), autoescape=True, trim_blocks=False)
    found.filters["keep_units"] = keep_units
    return found


def _fonts() -> str:
    """The shipped fonts, as rules of a style sheet."""
    return "".join(
        f'@font-face {{ font-family: "IBM Plex {name.split("-")[0]}"; font-weight: {WEIGHTS[name.split("-")[1]]}; '
        f'src: url("{OWN}IBMPlex{name}.woff2"); }}\n'
        for name in FONTS
    )


def _own(url: str):
    """What a page may take in: the shipped fonts, and nothing else."""
    from weasyprint.urls import URLFetcherResponse

    name = url.removeprefix(OWN)
    if name not in {f"IBMPlex{font}.woff2" for font in FONTS}:
        raise ValueError(f"A sheet takes in nothing from {url[:80]}.")
    return URLFetcherResponse(url, (HERE / "static" / "fonts" / name).read_bytes(), {"Content-Type": "font/woff2"})
