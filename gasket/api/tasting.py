"""Tasting: tasters, tastings, verdicts, the trials of a dish, the next one, blind tests."""

from typing import Annotated

from fastapi import APIRouter, Path, Query, Request
from fastapi.concurrency import run_in_threadpool
from fastapi.responses import Response

from gasket.api.doors import HouseDoor, Key, SessionDoor, WriteDoor
from gasket.core.numbers import SentId
from gasket.core.tasting.blind import MOST_SEATS, BlindAnswer, BlindKind, Prospect, prospect
from gasket.core.tasting.frontier import RankWeights
from gasket.core.tasting.fullness import FullnessAnswer
from gasket.core.tasting.marks import TastingSheet
from gasket.formats.pictures import as_picture
from gasket.kitchen.overview import keepers
from gasket.kitchen.overview.keepers import KeeperRanking
from gasket.kitchen.rebuild.build import TrialSheet
from gasket.kitchen.taste import (
    blind_tests,
    history,
    next_trials,
    photos,
    tasters,
    tastings,
    verdicts,
)
from gasket.kitchen.taste.blind_tests import (
    BlindCups,
    BlindSheet,
    BlindSummary,
    NewBlindTest,
    PutAwayTest,
)
from gasket.kitchen.taste.history import History
from gasket.kitchen.taste.next_trials import (
    NextTrials,
    ProposalRejected,
    ProposalTaken,
    ProposalText,
)
from gasket.kitchen.taste.photos import Photo, PhotoEdit, PhotoStage
from gasket.kitchen.taste.tasters import NewTaster, Taster, TasterEdit
from gasket.kitchen.taste.tastings import ArchiveTasting, FullnessQuestion, TasteSheet, Tasting
from gasket.kitchen.taste.verdicts import TrialVerdict, VerdictEdit

router = APIRouter(tags=["tasting"])
SentKey = Annotated[str, Path(min_length=8, max_length=64)]


@router.get("/tasters")
def list_tasters(session: SessionDoor) -> tuple[Taster, ...]:
    """Who tastes in this house."""
    return tasters.all_of(session)


@router.post("/tasters", status_code=201)
def add_taster(new: NewTaster, write: WriteDoor, house: HouseDoor) -> tuple[Taster, ...]:
    return write(lambda session: tasters.add(session, new, house.now()))


@router.put("/tasters/{taster_id}")
def edit_taster(
    taster_id: Key, edit: TasterEdit, write: WriteDoor, house: HouseDoor
) -> tuple[Taster, ...]:
    """Rename or remove a taster, or bring one back. What they said stays."""
    return write(lambda session: tasters.edit(session, taster_id, edit, house.now()))


@router.get("/batches/{batch_id}/tastings")
def taste_sheet(batch_id: Key, session: SessionDoor) -> TasteSheet:
    """What was said of a batch and of the dish's original, and the verdict on its trial."""
    return tastings.sheet(session, batch_id)


@router.post("/batches/{batch_id}/tastings")
def record_tasting(
    batch_id: Key, said: TastingSheet, write: WriteDoor, house: HouseDoor
) -> TasteSheet:
    """Keep a tasting. Sending the same id again changes nothing."""
    return write(lambda session: tastings.record(session, batch_id, said, house.now()))


@router.put("/tastings/{tasting_id}/archived")
def put_tasting(
    tasting_id: SentKey, wanted: ArchiveTasting, write: WriteDoor, house: HouseDoor
) -> TasteSheet:
    """Archive a tasting, so that it counts no more, or bring it back."""
    return write(lambda session: tastings.put(session, tasting_id, wanted, house.now()))


@router.post("/tastings/{tasting_id}/fullness")
def answer_fullness(
    tasting_id: SentKey, answer: FullnessAnswer, write: WriteDoor, house: HouseDoor
) -> tuple[FullnessQuestion, ...]:
    """How full it still is; or ask later, or never. Answers who else is to be asked."""
    return write(lambda session: tastings.answer_fullness(session, tasting_id, answer, house.now()))


@router.get("/trials/{trial_id}/tastings")
def trial_tastings(trial_id: Key, session: SessionDoor) -> tuple[Tasting, ...]:
    """Everything that was said of a trial, newest first."""
    return tastings.of_trial(session, trial_id)


PICTURE = {"schema": {"type": "string", "format": "binary"}}


@router.get("/batches/{batch_id}/photos")
def batch_photos(batch_id: Key, session: SessionDoor) -> tuple[Photo, ...]:
    return photos.of_batch(session, batch_id)


@router.get("/trials/{trial_id}/photos")
def trial_photos(trial_id: Key, session: SessionDoor) -> tuple[Photo, ...]:
    """The photos of all batches of a trial."""
    return photos.of_trial(session, trial_id)


@router.post(
    "/batches/{batch_id}/photos",
    status_code=201,
    openapi_extra={
        "requestBody": {
            "content": dict.fromkeys(("image/jpeg", "image/png", "image/webp"), PICTURE),
            "required": True,
        }
    },
)
async def add_photo(
    batch_id: Key,
    request: Request,
    write: WriteDoor,
    house: HouseDoor,
    stage: PhotoStage,
    id: Annotated[SentId, Query()],
) -> tuple[Photo, ...]:
    """Keep a photo, scaled and without what stands beside it. The same id again changes nothing."""
    taken = await run_in_threadpool(as_picture, await request.body())
    return await run_in_threadpool(
        write,
        lambda session: photos.add(session, batch_id, stage, id, taken, house.now()),
    )


@router.get(
    "/photos/{photo_id}",
    response_class=Response,
    responses={200: {"content": {"image/jpeg": PICTURE}}},
)
def photo(photo_id: Key, session: SessionDoor) -> Response:
    """The picture. It never changes."""
    return Response(
        photos.jpeg_of(session, photo_id),
        media_type="image/jpeg",
        headers={"Cache-Control": "private, max-age=31536000, immutable"},
    )


@router.put("/photos/{photo_id}")
def put_photo(
    photo_id: Key, edit: PhotoEdit, write: WriteDoor, house: HouseDoor
) -> tuple[Photo, ...]:
    """Delete a photo or bring it back, put it on the card or take it off."""
    return write(lambda session: photos.put(session, photo_id, edit, house.now()))


@router.get("/trials/{trial_id}/verdict")
def read_verdict(trial_id: Key, session: SessionDoor) -> TrialVerdict:
    return verdicts.read(session, trial_id)


@router.put("/trials/{trial_id}/verdict")
def write_verdict(trial_id: Key, edit: VerdictEdit, write: WriteDoor) -> TrialVerdict:
    """Keep, change or drop, with the lesson."""
    return write(lambda session: verdicts.write(session, trial_id, edit))


@router.get("/dishes/{dish_id}/history")
def dish_history(dish_id: Key, session: SessionDoor) -> History:
    """The trials of a dish: figures, scores, what each change did, the frontier."""
    return history.read(session, dish_id)


@router.get("/trials/{trial_id}/next")
def next_from(trial_id: Key, session: SessionDoor) -> NextTrials:
    """Up to four proposals for the next trial, each one change."""
    return next_trials.read(session, trial_id)


@router.post("/trials/{trial_id}/next", status_code=201)
def take_proposal(
    trial_id: Key, taken: ProposalTaken, write: WriteDoor, house: HouseDoor
) -> TrialSheet:
    """The next trial with this change made."""
    return write(lambda session: next_trials.take(session, trial_id, taken, house.now()))


@router.post("/trials/{trial_id}/next/rejected")
def reject_proposal(
    trial_id: Key, no: ProposalRejected, write: WriteDoor, house: HouseDoor
) -> NextTrials:
    """Never propose it again in this dish."""
    return write(lambda session: next_trials.reject(session, trial_id, no, house.now()))


@router.delete("/trials/{trial_id}/next/rejected")
def allow_proposal(
    trial_id: Key, key: Annotated[ProposalText, Query()], write: WriteDoor
) -> NextTrials:
    """Propose a rejected one again."""
    return write(lambda session: next_trials.allow(session, trial_id, key))


@router.get("/keepers")
def ranked_keepers(session: SessionDoor, weights: Annotated[RankWeights, Query()]) -> KeeperRanking:
    """The keepers of all dishes, in the order that these weights give."""
    return keepers.ranked(session, weights)


@router.get("/blind-prospect")
def blind_prospect(kind: BlindKind, seats: Annotated[int, Query(ge=1, le=MOST_SEATS)]) -> Prospect:
    """What so many tasters could show at all."""
    return prospect(kind, seats)


@router.get("/dishes/{dish_id}/blind-tests")
def blind_tests_of(dish_id: Key, session: SessionDoor) -> tuple[BlindSummary, ...]:
    return blind_tests.of_dish(session, dish_id)


@router.post("/dishes/{dish_id}/blind-tests", status_code=201)
def begin_blind_test(
    dish_id: Key, new: NewBlindTest, write: WriteDoor, house: HouseDoor
) -> BlindSheet:
    """Draw codes and orders for two samples."""
    return write(lambda session: blind_tests.begin(session, dish_id, new, house.draw, house.now()))


@router.get("/blind-tests/{test_id}")
def blind_test(test_id: Key, session: SessionDoor) -> BlindSheet:
    """A blind test; the key is told once it has ended."""
    return blind_tests.read(session, test_id)


@router.get("/blind-tests/{test_id}/cups")
def blind_cups(test_id: Key, session: SessionDoor) -> BlindCups:
    """What goes into which cup, for whoever fills them and does not taste."""
    return blind_tests.cups(session, test_id)


@router.post("/blind-tests/{test_id}/answers")
def answer_blind(
    test_id: Key, given: BlindAnswer, write: WriteDoor, house: HouseDoor
) -> BlindSheet:
    """The code that was chosen at a seat. Sending the same id again changes nothing."""
    return write(lambda session: blind_tests.answer(session, test_id, given, house.now()))


@router.post("/blind-tests/{test_id}/end")
def end_blind(test_id: Key, write: WriteDoor, house: HouseDoor) -> BlindSheet:
    """Show the key and the result: no more answers after that."""
    return write(lambda session: blind_tests.end(session, test_id, house.now()))


@router.put("/blind-tests/{test_id}/removed")
def put_blind(test_id: Key, wanted: PutAwayTest, write: WriteDoor, house: HouseDoor) -> BlindSheet:
    """Put a test away, or bring it back."""
    return write(lambda session: blind_tests.put(session, test_id, wanted, house.now()))
