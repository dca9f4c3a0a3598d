"""Weigh-in, portions, card and files of a batch; its live channel."""

import asyncio
import contextlib

from fastapi import APIRouter, Response, WebSocket, WebSocketDisconnect
from pydantic import ValidationError

from gasket.api.doors import HouseDoor, Key, SessionDoor
from gasket.core.batch import Batch
from gasket.core.errors import GasketError
from gasket.core.weighing import Capture
from gasket.formats.batch_json import dump_batch
from gasket.kitchen import card, files, weigh
from gasket.kitchen.card import Card
from gasket.kitchen.house import House
from gasket.kitchen.live import Aim, Page
from gasket.kitchen.weigh import BatchSheet, HandsFree, PortionsEdit

router = APIRouter(tags=["batches"])


@router.post("/trials/{trial_id}/batches", status_code=201)
def begin(trial_id: Key, session: SessionDoor, house: HouseDoor) -> BatchSheet:
    """Begin a weigh-in of a trial."""
    return weigh.begin(session, trial_id, house.now())


@router.post("/batches", status_code=201)
def take_in(batch: Batch, session: SessionDoor, house: HouseDoor) -> BatchSheet:
    """Import a batch in the open format, as a dish of its own."""
    return files.take_in(session, batch, house.now())


@router.get("/batches/{batch_id}")
def batch(batch_id: Key, session: SessionDoor) -> BatchSheet:
    return weigh.sheet(session, batch_id)


@router.post("/batches/{batch_id}/weighings")
def record(batch_id: Key, capture: Capture, session: SessionDoor, house: HouseDoor) -> BatchSheet:
    """Append one record. Sending the same id again changes nothing."""
    return house.tell(weigh.record(session, batch_id, capture, house.now()))


@router.put("/batches/{batch_id}/portions")
def set_portions(
    batch_id: Key, edit: PortionsEdit, session: SessionDoor, house: HouseDoor
) -> BatchSheet:
    return house.tell(weigh.set_portions(session, batch_id, edit))


@router.put("/batches/{batch_id}/hands-free")
def set_hands_free(
    batch_id: Key, hands_free: HandsFree, session: SessionDoor, house: HouseDoor
) -> BatchSheet:
    return house.tell(weigh.set_hands_free(session, batch_id, hands_free))


@router.post("/batches/{batch_id}/close")
def close(batch_id: Key, session: SessionDoor, house: HouseDoor) -> BatchSheet:
    """Close the weigh-in; refused while lines are open."""
    return house.tell(weigh.close(session, batch_id, house.now()))


@router.get("/batches/{batch_id}/card")
def show_card(batch_id: Key, session: SessionDoor) -> Card:
    return card.card(session, batch_id)


@router.get("/batches/{batch_id}/file", response_model=Batch)
def export(batch_id: Key, session: SessionDoor) -> Response:
    """The batch in the open format, as a file."""
    return Response(
        dump_batch(files.export(session, batch_id)),
        media_type="application/json",
        headers={"Content-Disposition": f'attachment; filename="batch-{batch_id}.gasket.json"'},
    )


@router.websocket("/batches/{batch_id}/live")
async def live(socket: WebSocket, batch_id: int) -> None:
    """Readings and changes as they happen; the page says what it aims at."""
    house: House = socket.app.state.house
    await socket.accept()
    try:
        sheet = await asyncio.to_thread(_read, house, batch_id)
    except GasketError as error:
        await socket.close(code=4404, reason=str(error)[:120])
        return
    page = Page()
    house.live.join(sheet, page)
    sending = asyncio.create_task(_send(socket, page))
    try:
        while True:
            with contextlib.suppress(ValidationError):
                page.aim = Aim.model_validate_json(await socket.receive_text())
    except (WebSocketDisconnect, RuntimeError):
        pass
    finally:
        house.live.leave(batch_id, page)
        sending.cancel()


def _read(house: House, batch_id: int) -> BatchSheet:
    with house.session() as session:
        return weigh.sheet(session, batch_id)


async def _send(socket: WebSocket, page: Page) -> None:
    with contextlib.suppress(WebSocketDisconnect, RuntimeError):
        while True:
            message = await page.waiting.get()
            await socket.send_text(message.model_dump_json())
