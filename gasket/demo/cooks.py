"""What the crew did at the stove: steps by dish, the loaf as baked, the tray in the fridge."""

import uuid
from datetime import datetime, timedelta
from typing import Final

from gasket.core.cooking.cook_log import CookDeed, StepAct
from gasket.core.cooking.stock import Move, StockMove
from gasket.core.rebuild.finishes import Finish, PlateLine
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.pan_cut import PanCut
from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.records import ReadingOrigin, RecordKind
from gasket.kitchen.cook import cooking, steps
from gasket.kitchen.cook.steps import StepsEdit
from gasket.kitchen.portion import plates, stock
from gasket.kitchen.portion.plates import FinishesEdit
from gasket.kitchen.weigh import weigh
from gasket.kitchen.weigh.weigh_sheet import BatchSheet
from gasket.store.books import Session

LOAF_MIN: Final = {
    # Minutes after the start: begun, done. The oven is slower than the recipe says.
    "preheat": (0, 13),
    "dry": (1, 8),
    "fold": (8, 12),
    "line": (12, 14),
    "fill": (14, 16),
    "bake": (16, 92),
    "ready-1": (20, 27),
    "cool": (92, 125),
    "add-1": (125, 129),
}
LOAF_LOOKS: Final = ((64, "wet in the middle", 166.0), (82, "moist crumbs, nearly", None))
LOAF_FINISH: Final = "with walnuts on top"
LOAF_FINISH_G: Final = 12.0
TRAY_DAYS_AGO: Final = 3
"""Its last serving is to be eaten today by US advice."""
COOKING_BEGINS_AT: Final = 16
TRAY_YIELD: Final = 0.92
TRAY_CUT: Final = PanCut(rows=2, columns=3, width_cm=30.0, length_cm=20.0)


def afternoon(of: datetime) -> datetime:
    """When cooking begins on that day, whatever the hour at which the demo is started."""
    return of.astimezone().replace(hour=COOKING_BEGINS_AT, minute=0)


def plan_steps(session: Session, trial_id: int, now: datetime) -> None:
    """The usual steps of the trial's family."""
    planned = steps.template(session, trial_id, None)
    version = steps.sheet(session, trial_id, now).version
    steps.save(session, trial_id, StepsEdit(version=version, steps=planned), now)


def bake_the_loaf(session: Session, batch_id: int, topping: int, began: datetime) -> None:
    """The log of the loaf's cook, its cooked weight, a finish, and what became of it."""
    for key, (begun, done) in LOAF_MIN.items():
        _log(session, batch_id, began, begun, deed=StepAct.BEGIN, step=key)
        if key == "bake":
            for minute, seen, oven_c in LOAF_LOOKS:
                more = {"note": seen, "oven_c": oven_c}
                _log(session, batch_id, began, minute, deed=StepAct.LOOK, step=key, **more)
        _log(session, batch_id, began, done, deed=StepAct.DONE, step=key)
    cooled = began + timedelta(minutes=130)
    _add_finish(session, batch_id, topping)
    _book(session, batch_id, cooled, Move.EATEN, 2, place=None)
    _book(session, batch_id, cooled, Move.PUT, 6)
    _book(session, batch_id, cooled + timedelta(days=1), Move.EATEN, 2)


def cook_the_tray(session: Session, trial_id: int, now: datetime) -> None:
    """Weighed, baked, cut in six; five are gone and one is left for today."""
    began = afternoon(now - timedelta(days=TRAY_DAYS_AGO))
    batch = weigh.begin(session, trial_id, began)
    for line in batch.lines:
        grams = round(line.target_g, 1)
        _weigh(session, batch, began, kind=RecordKind.LINE, line=line.id, net_g=grams)
    batch = weigh.close(session, batch.id, began + timedelta(minutes=20))
    cooked_g = round(TRAY_YIELD * batch.lines_g)
    weigh.divide(session, batch.id, Dividing(way="cut", pieces=6, cut=TRAY_CUT))
    baked = began + timedelta(minutes=25)
    minute = 0
    for step in cooking.sheet(session, batch.id, now).steps:
        took = 35 if step.step.kind == "bake" else int(step.step.stated_min)
        _log(session, batch.id, baked, minute, deed=StepAct.BEGIN, step=step.step.id)
        if step.rule is not None:
            measured = {"temperature_c": step.rule.enough[0].temperature_c + 3, "held_s": 60.0}
            more = {"step": step.step.id, **measured}
            _log(session, batch.id, baked, minute + took, deed=StepAct.TEMPERATURE, **more)
        minute += took
        _log(session, batch.id, baked, minute, deed=StepAct.DONE, step=step.step.id)
    _weigh(
        session, batch, baked + timedelta(minutes=minute), kind=RecordKind.COOKED, net_g=cooked_g
    )
    away = baked + timedelta(minutes=minute + 30)
    _book(session, batch.id, away, Move.PUT, 4)
    _book(session, batch.id, away, Move.PUT, 1, place="freezer")
    _book(session, batch.id, away, Move.EATEN, 1, place=None)
    for days in (1, 2):
        _book(session, batch.id, away + timedelta(days=days), Move.EATEN, 1)
    _book(session, batch.id, away + timedelta(days=2), Move.GIVEN, 1)


def _add_finish(session: Session, batch_id: int, label_id: int) -> None:
    there = plates.plates(session, batch_id)
    line = PlateLine(label_id=label_id, grams=LOAF_FINISH_G)
    added = Finish(id="topping", name=LOAF_FINISH, eater="the bow seat", lines=(line,))
    plates.save(session, batch_id, FinishesEdit(version=there.version, finishes=(added,)))


def _log(session: Session, batch_id: int, began: datetime, minute: float, **fields: object) -> None:
    deed = CookDeed.model_validate({"id": str(uuid.uuid4()), **fields})
    cooking.log(session, batch_id, deed, began + timedelta(minutes=minute))


def _book(
    session: Session, batch_id: int, at: datetime, move: Move, amount: float, **more: object
) -> None:
    fields = {"id": str(uuid.uuid4()), "move": move, "amount": float(amount), **more}
    stock.book(session, batch_id, StockMove.model_validate(fields), at)


def _weigh(session: Session, batch: BatchSheet, at: datetime, **fields: object) -> None:
    capture = {"id": str(uuid.uuid4()), "origin": ReadingOrigin.HAND, **fields}
    weigh.record(session, batch.id, capture_of(**capture), at)
