"""Weigh-in, portions, card and files of a batch; its live channel."""

import asyncio
import contextlib
from typing import Annotated

from fastapi import APIRouter, Query, Response, WebSocket, WebSocketDisconnect
from pydantic import ValidationError

from gasket.api.doors import BATCH_BODY, BatchBody, HouseDoor, Key, SessionDoor, WriteDoor
from gasket.core.entry.readings import AmountReading
from gasket.core.errors import GasketError
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.dividing import Dividing
from gasket.core.weighing.captures import Capture
from gasket.formats.batch_json import dump_batch
from gasket.kitchen.card import card, files
from gasket.kitchen.card.card import Card
from gasket.kitchen.house import House
from gasket.kitchen.rebuild.build import TrialSheet
from gasket.kitchen.weigh import by_measure, closing, overshooting, weigh, weigh_plan, writing_back
from gasket.kitchen.weigh.by_measure import MeasureText
from gasket.kitchen.weigh.closing import ClosingReport
from gasket.kitchen.weigh.live import Aim, Page
from gasket.kitchen.weigh.overshooting import Choices, OnTheScale
from gasket.kitchen.weigh.rehearsal import Rehearsal
from gasket.kitchen.weigh.sheet_change import SheetChange, sheet_change
from gasket.kitchen.weigh.weigh import BeginWeighIn, HandsFree, NewBatchLine, Nudge
from gasket.kitchen.weigh.weigh_plan import SuggestedOrder, WeighPlan
from gasket.kitchen.weigh.weigh_sheet import BatchSheet

Since = Annotated[
    int | None, Query(ge=0, description="The number of the batch sheet that the sender has.")
]
router = APIRouter(tags=["batches"])


@router.post("/trials/{trial_id}/batches", status_code=201)
def begin(
    trial_id: Key, write: WriteDoor, house: HouseDoor, how: BeginWeighIn | None = None
) -> BatchSheet:
    """Begin a weigh-in of a trial, as planned or freely."""
    return write(
        lambda session: weigh.begin(session, trial_id, house.now(), how or weigh.AS_PLANNED)
    )


@router.post("/batches", status_code=201, openapi_extra=BATCH_BODY)
def take_in(batch: BatchBody, write: WriteDoor, house: HouseDoor) -> BatchSheet:
    """Import a batch in the open format, as a dish of its own."""
    return write(lambda session: files.take_in(session, batch, house.now()))


@router.get("/batches/{batch_id}")
def batch(batch_id: Key, session: SessionDoor) -> BatchSheet:
    return weigh.sheet(session, batch_id)


@router.post("/batches/{batch_id}/weighings")
def record(
    batch_id: Key, capture: Capture, write: WriteDoor, house: HouseDoor, since: Since = None
) -> SheetChange | BatchSheet:
    """Append one record. Sending the same id again changes nothing.

    Whoever watches the batch and says which sheet they have is answered what changed, else the
    whole sheet.
    """
    had = house.live.sheet_of(batch_id)
    sheet = write(lambda session: weigh.record(session, batch_id, capture, house.now()))
    return sheet_change(had, sheet) if had is not None and had.number == since else sheet


@router.put("/batches/{batch_id}/dividing")
def divide(batch_id: Key, dividing: Dividing, write: WriteDoor) -> BatchSheet:
    """Choose how the batch is divided."""
    return write(lambda session: weigh.divide(session, batch_id, dividing))


@router.put("/batches/{batch_id}/hands-free")
def set_hands_free(batch_id: Key, hands_free: HandsFree, write: WriteDoor) -> BatchSheet:
    return write(lambda session: weigh.set_hands_free(session, batch_id, hands_free))


@router.put("/batches/{batch_id}/nudge")
def set_nudge(batch_id: Key, nudge: Nudge, write: WriteDoor) -> BatchSheet:
    """Widen or narrow the tolerance of this weigh-in."""
    return write(lambda session: weigh.set_nudge(session, batch_id, nudge))


@router.post("/batches/{batch_id}/lines")
def add_line(batch_id: Key, new: NewBatchLine, write: WriteDoor, house: HouseDoor) -> BatchSheet:
    """A line that comes in on the way, named before it is poured."""
    return write(lambda session: weigh.add_line(session, batch_id, new, house.now()))


@router.get("/batches/{batch_id}/suggested-order")
def suggested_order(batch_id: Key, session: SessionDoor) -> SuggestedOrder:
    """Bowl by bowl, dry before wet."""
    return weigh_plan.suggested(session, batch_id)


@router.put("/batches/{batch_id}/plan")
def arrange(batch_id: Key, plan: WeighPlan, write: WriteDoor) -> BatchSheet:
    """Order, bowls, ways and scales of the weigh-in."""
    return write(lambda session: weigh_plan.arrange(session, batch_id, plan))


@router.post("/batches/{batch_id}/choices")
def choices(batch_id: Key, on: OnTheScale, session: SessionDoor) -> Choices:
    """What can be done about too much or too little, each with what a serving becomes."""
    return overshooting.effects(session, batch_id, on)


@router.post("/batches/{batch_id}/lines/{line_id}/measured")
def measured(
    batch_id: Key, line_id: Key, text: MeasureText, session: SessionDoor
) -> tuple[AmountReading, ...]:
    """Cups, spoons, scoops or packets of a line's food in grams, with their honest spread."""
    return by_measure.read(session, batch_id, line_id, text)


@router.get("/batches/{batch_id}/closing")
def closing_report(batch_id: Key, session: SessionDoor) -> ClosingReport:
    """What to look at before the weigh-in is closed."""
    return closing.report(session, batch_id)


@router.post("/batches/{batch_id}/as-plan")
def as_plan(batch_id: Key, write: WriteDoor) -> TrialSheet:
    """The weights of a closed batch become the plan of its trial."""
    return write(lambda session: writing_back.as_plan(session, batch_id))


@router.put("/batches/{batch_id}/rehearsal", status_code=204)
async def rehearse(batch_id: Key, rehearsal: Rehearsal, house: HouseDoor) -> None:
    """Let a simulated person pour the batch at the simulated scales, or stop them."""
    await house.rehearse(batch_id, rehearsal)


@router.post("/batches/{batch_id}/close")
def close(batch_id: Key, write: WriteDoor, house: HouseDoor) -> BatchSheet:
    """Close the weigh-in; refused while lines are open."""
    return write(lambda session: weigh.close(session, batch_id, house.now()))


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
        while (message := await socket.receive())["type"] == "websocket.receive":
            with contextlib.suppress(ValidationError):
                house.live.aim(page, Aim.model_validate_json(message.get("text") or ""))
    except (WebSocketDisconnect, RuntimeError):
        pass
    finally:
        house.live.leave(batch_id, page)
        sending.cancel()


def _read(house: House, batch_id: int) -> BatchSheet:
    return house.read(lambda session: weigh.sheet(session, batch_id))


async def _send(socket: WebSocket, page: Page) -> None:
    with contextlib.suppress(WebSocketDisconnect, RuntimeError):
        while True:
            message = await page.waiting.get()
            await socket.send_text(message.model_dump_json())
