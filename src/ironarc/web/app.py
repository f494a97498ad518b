"""The application factory."""

import json
from pathlib import Path

from flask import Flask, request, url_for
from flask.json.provider import DefaultJSONProvider
from flask_wtf import CSRFProtect
from sqlalchemy.orm import sessionmaker

from ironarc.core.formats import FORMATS, MARKER_FORMATS, MESH_FORMATS
from ironarc.core.judging.grades import GRADES
from ironarc.film import Films
from ironarc.media import MOST_PICTURES
from ironarc.store.database import connect
from ironarc.web import (
    bench,
    block,
    bring_in,
    clips,
    errors,
    export,
    films,
    house,
    planner,
    security,
    sheet,
    true,
    waiting,
    weighings,
    yard,
)
from ironarc.web.arguments import AddressConverter, IdConverter, marker_words, mesh_words, motion_words
from ironarc.web.cards import Cards
from ironarc.web.icons import icon
from ironarc.web.sheet_pdf import keep_units
from ironarc.web.variants import Variants

UPLOAD_LIMIT_BYTES = 64 * 1024 * 1024


FOREVER_S = 31_536_000
_SHIPPED = json.loads((Path(__file__).parent / "static" / "shipped.json").read_text())
_MARKS = _SHIPPED["files"] | {"css/app.css": _SHIPPED["styles"]["built"]}


def shipped(name: str) -> str:
    """The address of a shipped file with a mark of what is in it, so that browsers may keep it for ever."""
    return url_for("static", filename=name, v=_MARKS[name][:12])


class PlainJson(DefaultJSONProvider):
    """JSON as the standard has it: no NaN and no Infinity, which no browser reads. Names stay in their order, which
    tells columns apart."""

    sort_keys = False

    def dumps(self, obj, **kwargs) -> str:
        return super().dumps(obj, allow_nan=False, **kwargs)


def create_app(secret_key: str, database_url: str | None = None, port: int = 0) -> Flask:
    """Iron Arc's web application, on the database at `database_url` (default: the one from the environment).

    port : the one it is served on, which its cookie is named by: browsers give cookies to every port of a machine
    """
    app = Flask(__name__)
    app.url_map.converters |= {"id": IdConverter, "address": AddressConverter}
    app.json = PlainJson(app)
    app.config.update(
        SECRET_KEY=secret_key,
        MAX_CONTENT_LENGTH=UPLOAD_LIMIT_BYTES,
        MAX_FORM_PARTS=MOST_PICTURES + 500,  # a few too many are told by how many there are
        SESSION_COOKIE_NAME=f"ironarc_{port}",
        SESSION_COOKIE_SAMESITE="Strict",
        SESSION_COOKIE_HTTPONLY=True,
        WTF_CSRF_TIME_LIMIT=None,  # a bench stays open for days; the token lives as long as the session
    )
    engine = connect(database_url)
    app.extensions["sessions"] = sessionmaker(engine)
    app.extensions["engine"] = engine
    app.extensions["variants"] = Variants()
    app.extensions["films"] = Films()
    app.extensions["cards"] = Cards(app.extensions["sessions"])
    security.install(app)
    waiting.install(app)
    CSRFProtect(app)
    errors.install(app)
    along = sorted({ending for known in FORMATS.values() for ending in known.beside})
    app.jinja_env.globals |= {
        "icon": icon, "shipped": shipped, "motions": list(FORMATS.values()), "motion_words": motion_words(),
        "motion_accepts": ",".join(f".{ending}" for ending in (*FORMATS, *along)), "beside": along,
        "marker_accepts": ",".join(f".{ending}" for ending in MARKER_FORMATS),
        "marker_words": marker_words(),
        "markers": list(MARKER_FORMATS.values()),
        "mesh_accepts": ",".join(f".{ending}" for ending in (*MESH_FORMATS, *along)), "mesh_words": mesh_words(),
        "meshes_alone": [ending for ending in MESH_FORMATS if ending not in FORMATS],
        "skin_accepts": ",".join(f".{known.ending}" for known in FORMATS.values() if known.skin),
    }  # fmt: skip
    app.teardown_request(lambda _: request.close())  # large files wait on the disk: not until somebody collects them
    app.get_send_file_max_age = lambda name: FOREVER_S if request.args.get("v") else None
    app.jinja_env.filters["finding_label"] = lambda kind: GRADES[kind].label
    app.jinja_env.filters["length_of"] = lambda values: sum(v * v for v in values) ** 0.5
    app.jinja_env.filters["keep_units"] = keep_units
    app.jinja_env.trim_blocks = app.jinja_env.lstrip_blocks = True
    app.register_blueprint(yard.pages)
    for part in (bench, block, bring_in, clips, export, films, house, planner, sheet, true, weighings):
        app.register_blueprint(part.pages)
    return app
