"""Fills an empty database with the demo kitchen, through the same use cases as a cook."""

import uuid
from datetime import datetime, timedelta

from sqlmodel import Session

from gasket.core.foods import FoodFacts
from gasket.core.trial import Build, BuildComponent, BuildLine
from gasket.core.weighing import Capture, Kind, Origin
from gasket.demo.packages import FACTS, MORE_FOODS, PACKAGES
from gasket.demo.shelf import CARROT_LOAF, DEMO_FOODS, MIXTURE_G, ORIGINAL, WEIGHED
from gasket.kitchen import build, dishes, shelf, weigh
from gasket.kitchen.build import BuildEdit
from gasket.kitchen.dishes import NewDish, OriginalEdit
from gasket.kitchen.shelf import NewFood, NewLabel, ShelfFood
from gasket.kitchen.weigh import BatchSheet

PORTIONS = 8
BAKED_DAYS_AGO = 2


def seed(session: Session, now: datetime) -> None:
    """Fill the kitchen. Does nothing where there are dishes already."""
    if dishes.kitchen(session).dishes:
        return
    foods = _fill_shelf(session, now - timedelta(days=30))
    baked = now - timedelta(days=BAKED_DAYS_AGO)
    trial_id = _start_loaf(session, foods, baked - timedelta(days=1))
    _weigh_first_batch(session, trial_id, baked)


def _fill_shelf(session: Session, now: datetime) -> dict[str, ShelfFood]:
    foods: dict[str, ShelfFood] = {}
    for name, panels in {**DEMO_FOODS, **MORE_FOODS}.items():
        first, *others = [_package(panel) for panel in panels]
        facts = FoodFacts.model_validate(FACTS.get(name, {}))
        new = NewFood(name=name, facts=facts, label=first.label, package=first.package)
        food = shelf.add_food(session, new, now)
        for other in others:
            food = shelf.add_label(session, food.id, other, now)
        foods[name] = food
    return foods


def _package(panel: dict[str, object]) -> NewLabel:
    found = {"label": panel, "package": PACKAGES.get(str(panel["name"]), {})}
    return NewLabel.model_validate(found)


def _start_loaf(session: Session, foods: dict[str, ShelfFood], now: datetime) -> int:
    dish = dishes.add(session, NewDish(name="Carrot loaf"), now)
    dishes.edit_original(session, dish.id, OriginalEdit(version=dish.version, **ORIGINAL))
    planned = Build(
        portions=PORTIONS,
        components=tuple(
            BuildComponent(
                name=component,
                lines=tuple(
                    BuildLine(
                        id=str(uuid.uuid4()),
                        label_id=foods[food].labels[package].id,
                        target_g=float(grams),
                    )
                    for food, package, grams in lines
                ),
            )
            for component, lines in CARROT_LOAF.items()
        ),
    )
    trial_id = dish.trials[0].id
    build.save(session, trial_id, BuildEdit(version=1, build=planned), now)
    return trial_id


def _weigh_first_batch(session: Session, trial_id: int, now: datetime) -> None:
    batch = weigh.begin(session, trial_id, now)
    foods = [(part, food) for part, lines in CARROT_LOAF.items() for food, _, _ in lines]
    gross, tare = 412.0, _record(session, batch, now, kind=Kind.TARE, gross_g=412.0)
    for line, (part, food) in zip(batch.lines, foods, strict=True):
        if food == "Cooking spray":
            spray = {"net_g": 2.0, "low_g": 1.0, "high_g": 3.0, "origin": Origin.ESTIMATE}
            _record(session, batch, now, kind=Kind.LINE, line=line.id, **spray)
            continue
        fine = line.target_g < 20
        gross += WEIGHED.get((part, food), line.target_g)
        tare = _record(
            session,
            batch,
            now,
            kind=Kind.LINE,
            line=line.id,
            gross_g=gross,
            tare_record=tare.tare_record,
            division_g=0.1 if fine else 1.0,
        )
    _record(session, batch, now, kind=Kind.MIXTURE, net_g=MIXTURE_G, origin=Origin.HAND)
    weigh.close(session, batch.id, now + timedelta(minutes=25))


def _record(session: Session, batch: BatchSheet, now: datetime, **fields: object) -> BatchSheet:
    capture = Capture.model_validate({"id": str(uuid.uuid4()), **fields})
    return weigh.record(session, batch.id, capture, now)
