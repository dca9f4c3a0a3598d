"""The shelf as a CSV file, out and in."""

from typing import Annotated

from fastapi import APIRouter, Query, Request
from fastapi.concurrency import run_in_threadpool
from fastapi.responses import StreamingResponse

from gasket.api.doors import HouseDoor, Offset, SessionDoor
from gasket.api.shelf import HowMany
from gasket.core.numbers import Value, YesNo
from gasket.formats.shelf_csv import MEDIA_TYPE, dump_shelf
from gasket.kitchen.shelf import shelf_files
from gasket.kitchen.shelf.shelf_files import ImportRows, ImportState
from gasket.kitchen.shelf.shelf_rows import Fate

router = APIRouter(tags=["shelf files"])


class Commit(Value):
    """Whether refused rows may be left out; otherwise they stop the import."""

    leave_out_refused: YesNo = False


@router.get("/shelf/export", response_class=StreamingResponse)
def export_shelf(session: SessionDoor, own_only: bool = False) -> StreamingResponse:
    """Every label on the shelf, one row each."""
    return StreamingResponse(
        dump_shelf(shelf_files.export(session, own_only)),
        media_type=MEDIA_TYPE,
        headers={"Content-Disposition": 'attachment; filename="gasket-shelf.csv"'},
    )


@router.post(
    "/shelf/imports",
    status_code=202,
    openapi_extra={
        "requestBody": {
            "content": {"text/csv": {"schema": {"type": "string", "format": "binary"}}},
            "required": True,
        }
    },
)
async def start_import(
    request: Request, house: HouseDoor, file: Annotated[str, Query(max_length=200)] = "shelf.csv"
) -> ImportState:
    """Read a file in the background. Nothing is written before it is committed."""
    return await run_in_threadpool(house.imports.start, file, await request.body())


@router.get("/shelf/imports/{key}")
def import_state(key: str, house: HouseDoor) -> ImportState:
    return house.imports.state(key)


@router.get("/shelf/imports/{key}/rows")
def import_rows(
    key: str, house: HouseDoor, fate: Fate | None = None, limit: HowMany = 50, offset: Offset = 0
) -> ImportRows:
    """What each row would do, in the order of the file."""
    return house.imports.rows(key, fate, limit, offset)


@router.post("/shelf/imports/{key}/commit", status_code=202)
def commit_import(key: str, how: Commit, house: HouseDoor) -> ImportState:
    """Write everything at once, in the background; if anything fails, nothing is written."""
    return house.imports.commit(key, how.leave_out_refused)


@router.delete("/shelf/imports/{key}", status_code=204)
def forget_import(key: str, house: HouseDoor) -> None:
    house.imports.forget(key)
