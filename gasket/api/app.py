"""The web application: routes under /api, the built pages for everything else."""

import contextlib
from collections.abc import AsyncIterator
from pathlib import Path
from typing import Any, Final

from fastapi import FastAPI, Request
from fastapi.responses import FileResponse, PlainTextResponse, Response
from fastapi.routing import APIRoute
from starlette.exceptions import HTTPException
from starlette.middleware.gzip import GZipMiddleware
from starlette.staticfiles import StaticFiles
from starlette.types import Scope

from gasket import __version__
from gasket.api import (
    batches,
    cooking,
    dishes,
    entry,
    house,
    portioning,
    problems,
    rebuilding,
    reckoning,
    shelf,
    shelf_files,
    tasting,
)
from gasket.api.described import ABOUT, described
from gasket.api.guard import Guard
from gasket.kitchen.house import House

_INSTALLED: Final = Path(__file__).resolve().parents[1] / "pages"
PAGES: Final = _INSTALLED if _INSTALLED.is_dir() else _INSTALLED.parents[1] / "web" / "dist"
"""The built pages: inside an installed Gasket, beside it in its repository."""

ICONS: Final = (".svg", ".ico", ".png", ".webmanifest")
"""What stands beside the page itself, for browsers and desktops."""
NO_PAGES: Final = ("/docs", "/redoc", "/openapi.json")
"""Where other programs look for a document; ours is at /api/openapi.json."""


class _Assets(StaticFiles):
    """Built files carry a hash in their name: they may be kept for ever."""

    async def get_response(self, path: str, scope: Scope) -> Response:
        response = await super().get_response(path, scope)
        response.headers["Cache-Control"] = "public, max-age=31536000, immutable"
        return response


def _operation_id(route: APIRoute) -> str:
    return route.name


def create_app(kitchen: House, pages: Path = PAGES) -> FastAPI:
    """The application of one house; another one moves in by `app.state.house`, while it is shut."""

    @contextlib.asynccontextmanager
    async def lifespan(app: FastAPI) -> AsyncIterator[None]:
        open_house: House = app.state.house
        await open_house.open()
        yield
        await open_house.shut()

    app = FastAPI(
        title="Gasket",
        version=__version__,
        description=ABOUT,
        lifespan=lifespan,
        openapi_url="/api/openapi.json",
        docs_url=None,
        redoc_url=None,
        generate_unique_id_function=_operation_id,
        responses=problems.RESPONSES,
    )
    app.state.house = kitchen
    stages = (
        *(house, dishes, rebuilding, batches, cooking, portioning, tasting),
        *(shelf, shelf_files, entry, reckoning),
    )
    for stage in stages:
        app.include_router(stage.router, prefix="/api")
    problems.install(app)
    _describe(app)
    _serve_pages(app, pages)
    app.add_middleware(GZipMiddleware, minimum_size=1000)
    app.add_middleware(Guard)
    return app


def _describe(app: FastAPI) -> None:
    plain = app.openapi

    def document() -> dict[str, Any]:
        if app.openapi_schema is None:
            described(plain())
        return plain()

    app.openapi = document  # type: ignore[method-assign]


def _serve_pages(app: FastAPI, pages: Path) -> None:
    if (pages / "assets").is_dir():
        app.mount("/assets", _Assets(directory=pages / "assets"), name="assets")

    @app.get("/robots.txt", include_in_schema=False)
    def robots() -> PlainTextResponse:
        return PlainTextResponse("User-agent: *\nDisallow: /\n")

    @app.exception_handler(404)
    async def page_or_problem(request: Request, error: Exception) -> Response:
        """Every address of the app is one page; under /api and /assets a 404 is a 404."""
        path, index = request.url.path, pages / "index.html"
        own = path.startswith(("/api", "/assets")) or path in NO_PAGES
        if not own and request.method in ("GET", "HEAD") and index.is_file():
            icon = pages / path.lstrip("/")
            if path.count("/") == 1 and icon.suffix in ICONS and icon.is_file():
                return FileResponse(icon)
            return FileResponse(index, headers={"Cache-Control": "no-cache"})
        detail = error.detail if isinstance(error, HTTPException) else "Not here."
        if path in NO_PAGES:
            detail = "The document of the API is at /api/openapi.json."
        return problems.answer(problems.Problem(title="Not here", status=404, detail=detail))
