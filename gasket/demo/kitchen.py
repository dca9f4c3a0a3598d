"""Fills an empty database with the demo kitchen, through the same use cases as a cook."""

import uuid
from collections.abc import Collection
from datetime import datetime, timedelta

from gasket.core.errors import Refused
from gasket.core.rebuild.trial import Build, BuildChange, BuildComponent, BuildLine
from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.records import ONE_SCALE, ReadingOrigin, RecordKind
from gasket.demo import cooks
from gasket.demo.dishes import (
    DemoDish,
    RebuiltLine,
    demo_dishes,
    demo_shelf,
    food_of_package,
)
from gasket.demo.large import grow
from gasket.demo.mark import put_mark
from gasket.demo.tastings import taste_the_loaf
from gasket.kitchen import settings
from gasket.kitchen.overview import dishes
from gasket.kitchen.overview.dishes import DishSheet, NewDish, OriginalEdit
from gasket.kitchen.rebuild import build, trials
from gasket.kitchen.rebuild.build import BuildEdit
from gasket.kitchen.rebuild.trials import NewTrial
from gasket.kitchen.settings import ScaleSpec, Vessel
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import NewFood, NewLabel, ShelfFood
from gasket.kitchen.weigh import weigh
from gasket.kitchen.weigh.weigh_sheet import BatchLine, BatchSheet
from gasket.store.books import Session
from gasket.store.books.dishes import DISHES as DISH_BOOK
from gasket.store.books.shelf import FOODS

BAKED_DAYS_AGO = 2
EMPTY_BOWL_G = 385.0
SPRAY = "Cooking spray"
SCALES = (
    ScaleSpec(name=ONE_SCALE),
    ScaleSpec(name="pocket scale", place=settings.SIMULATED_FINE, capacity_g=500.0, division_g=0.1),
)
VESSELS = (
    Vessel(name="steel bowl", empty_g=EMPTY_BOWL_G),
    Vessel(name="glass bowl", empty_g=612.0),
    Vessel(name="loaf tin", empty_g=430.0, volume_ml=2000.0),
    Vessel(name="muffin cups", volume_ml=110.0, cups=12),
)


def seed(session: Session, now: datetime, dishes: int = 0) -> None:
    """Fill the kitchen and mark it as the demo; then let it grow to so many dishes. Adds nothing
    where there are dishes already."""
    put_mark(session)
    if DISH_BOOK.any_there(session):
        return
    house = settings.read(session)
    settings.write(session, house.model_copy(update={"scales": SCALES, "vessels": VESSELS}))
    foods = _fill_shelf(session, now - timedelta(days=30))
    baked = cooks.afternoon(now - timedelta(days=BAKED_DAYS_AGO))
    tasted, *others = demo_dishes()
    trial_id = _begin(session, foods, tasted, baked - timedelta(days=1)).trials[0].id
    cooks.plan_steps(session, trial_id, baked)
    loaf = _weigh_first_batch(session, tasted, trial_id, baked)
    cooks.bake_the_loaf(session, loaf, foods["Walnut pieces"].labels[0].id, baked)
    tray = None
    for dish in others:
        first = _rebuild(session, foods, dish, now - timedelta(days=1)).trials[0].id
        if dish.terms.family == "sandwich":
            _begin_weighing(session, first, now - timedelta(minutes=6))
        if dish.terms.family == "tray":
            tray = first
    if tray is not None:
        cooks.cook_the_tray(session, tray, now)
    taste_the_loaf(session, trial_id, loaf, now)
    if dishes:
        grow(session, dishes)


def add_example(session: Session, now: datetime) -> DishSheet:
    """A whole small dish for an empty kitchen: original, build, goal, steps, and those foods of it
    that the shelf does not have by the same name. Raises `Refused` where there are dishes already.
    """
    if DISH_BOOK.any_there(session, with_removed=False):
        raise Refused("The example is for an empty kitchen: there are dishes here already.")
    example = demo_dishes()[1]
    here = _on_shelf(session, example.foods())
    foods = {**_fill_shelf(session, now, example.foods() - here.keys()), **here}
    return dishes.sheet(session, _rebuild(session, foods, example, now).id)


def _on_shelf(session: Session, names: Collection[str]) -> dict[str, ShelfFood]:
    foods = shelf.shelf_foods(session, FOODS.called(session, names))
    return {food.name: food for food in foods if food.labels}


def _begin_weighing(session: Session, trial_id: int, now: datetime) -> None:
    """A weigh-in in progress: the first two lines are in the bowl."""
    batch = weigh.begin(session, trial_id, now)
    cook = _Cook(session, batch, now, EMPTY_BOWL_G)
    for line in batch.lines[:2]:
        cook.pour(line, line.target_g + 1)


def _fill_shelf(
    session: Session, now: datetime, wanted: Collection[str] | None = None
) -> dict[str, ShelfFood]:
    """The demo's foods, or those `wanted` of them."""
    foods: dict[str, ShelfFood] = {}
    for name, (first, *others) in demo_shelf().items():
        if wanted is not None and name not in wanted:
            continue
        new = NewFood(name=name, facts=first.facts, label=first.label, package=first.package)
        food = shelf.add_food(session, new, now)
        for row in others:
            more = NewLabel(label=row.label, package=row.package)
            food = shelf.add_label(session, food.id, more, now)
        foods[name] = food
    return foods


def _enter_original(
    session: Session, foods: dict[str, ShelfFood], dish_id: int, demo: DemoDish, now: datetime
) -> None:
    """The original's ingredients; its lines are known by their keys."""
    entered = Build(
        portions=demo.original_portions,
        components=tuple(
            BuildComponent(
                name=name,
                lines=tuple(
                    BuildLine(
                        id=line.key, label_id=foods[line.food].labels[0].id, target_g=line.grams
                    )
                    for line in lines
                ),
            )
            for name, lines in demo.original_lines.items()
        ),
    )
    begun = trials.start_original(session, dish_id, now)
    build.save(session, begun.id, BuildEdit(version=begun.version, build=entered), now)


def _begin(
    session: Session, foods: dict[str, ShelfFood], demo: DemoDish, now: datetime
) -> DishSheet:
    """A dish with its original, and trial A with its goal; the sheet is that of the bare dish."""
    dish = dishes.add(session, NewDish(name=demo.name), now)
    _enter_original(session, foods, dish.id, demo, now)
    original = {"version": dish.version, "original_from": "lines", **demo.original}
    dishes.edit_original(session, dish.id, OriginalEdit.model_validate(original))
    planned = Build(
        portions=demo.portions,
        terms=demo.terms,
        components=tuple(
            BuildComponent(name=part, lines=tuple(_rebuilt(foods, part, line) for line in lines))
            for part, lines in demo.rebuild.items()
        ),
    )
    build.save(session, dish.trials[0].id, BuildEdit(version=1, build=planned), now)
    return dish


def _rebuild(
    session: Session, foods: dict[str, ShelfFood], demo: DemoDish, now: datetime
) -> DishSheet:
    """And its steps, and a copy with an intent."""
    dish = _begin(session, foods, demo, now)
    first = dish.trials[0].id
    cooks.plan_steps(session, first, now)
    if demo.next_intent:
        _next_trial(session, dish.id, first, demo, now)
    return dish


def _rebuilt(foods: dict[str, ShelfFood], part: str, line: RebuiltLine) -> BuildLine:
    return BuildLine(
        id=f"{part}/{line.food}",
        label_id=_label_of(foods[line.food], line.package),
        target_g=line.grams,
        stands_for=line.stands_for,
        why=line.why,
    )


def _label_of(food: ShelfFood, package: int) -> int:
    return food.labels[min(package, len(food.labels) - 1)].id


def _next_trial(session: Session, dish_id: int, first: int, demo: DemoDish, now: datetime) -> None:
    new = NewTrial(copy_of=first, intent=demo.next_intent)
    trial = trials.copy(session, dish_id, new, now + timedelta(hours=2))
    grams = demo.next_grams
    change = BuildChange(
        lines={
            line.id: (line.model_copy(update={"target_g": grams[line.id]}),)
            for line in trial.build.lines()
            if line.id in grams
        }
    )
    edit = BuildEdit(version=trial.version, build=change.applied(trial.build))
    build.save(session, trial.id, edit, now + timedelta(hours=2))


def _weigh_first_batch(session: Session, demo: DemoDish, trial_id: int, now: datetime) -> int:
    """The loaf as it was baked: each component in a bowl of its own."""
    batch = weigh.begin(session, trial_id, now)
    cook, weighed = _Cook(session, batch, now, EMPTY_BOWL_G), demo.weighed()
    for line in batch.lines:
        food = food_of_package()[line.name]
        if food == SPRAY:
            spray = {"net_g": 2.0, "low_g": 1.0, "high_g": 3.0, "origin": ReadingOrigin.ESTIMATE}
            _record(session, batch, now, kind=RecordKind.LINE, line=line.id, **spray)
            continue
        if line.component != cook.bowl:
            cook.take_bowl(line.component)
        cook.pour(line, weighed.get((line.component, food), line.target_g))
    _record(
        session,
        batch,
        now,
        kind=RecordKind.MIXTURE,
        net_g=demo.mixture_g,
        origin=ReadingOrigin.HAND,
    )
    return weigh.close(session, batch.id, now + timedelta(minutes=25)).id


class _Cook:
    """Weighs into a bowl on the kitchen scale, reading to reading."""

    def __init__(self, session: Session, batch: BatchSheet, now: datetime, empty_g: float) -> None:
        self.session, self.batch, self.now, self.empty_g = session, batch, now, empty_g
        self.bowl = ""
        self.take_bowl(batch.lines[0].component)

    def take_bowl(self, bowl: str) -> None:
        self.bowl, self.gross_g = bowl, self.empty_g
        fields = {"gross_g": self.gross_g, "bowl": bowl}
        self.sheet = _record(self.session, self.batch, self.now, kind=RecordKind.TARE, **fields)

    def pour(self, line: BatchLine, grams: float) -> None:
        tare = self.sheet.tares[ONE_SCALE]
        self.gross_g = tare.gross_g + tare.tipped_g + grams
        fields = {
            "line": line.id,
            "gross_g": self.gross_g,
            "tare_record": tare.record,
            "division_g": 0.1 if line.finer_scale else 1.0,
        }
        self.sheet = _record(self.session, self.batch, self.now, kind=RecordKind.LINE, **fields)


def _record(session: Session, batch: BatchSheet, now: datetime, **fields: object) -> BatchSheet:
    capture = capture_of(**{"id": str(uuid.uuid4()), **fields})
    return weigh.record(session, batch.id, capture, now)
