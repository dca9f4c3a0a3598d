"""Random edits: each does something that a cook does, somewhere in the house."""

import uuid

from gasket.core.cooking.cook_log import CookDeed
from gasket.core.cooking.stock import StockMove
from gasket.core.label.food import FoodFacts
from gasket.core.reckoning.dividing import Dividing
from gasket.core.tasting.verdict import TasteVerdict
from gasket.core.weighing.captures import capture_of
from gasket.kitchen import settings as house_settings
from gasket.kitchen.cook import cooking, steps
from gasket.kitchen.cook.steps import StepsEdit
from gasket.kitchen.overview import dishes
from gasket.kitchen.overview.dishes import OriginalEdit
from gasket.kitchen.portion import stock
from gasket.kitchen.rebuild import build, trials
from gasket.kitchen.rebuild.build import BuildEdit
from gasket.kitchen.rebuild.trials import NewTrial
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import FoodEdit, LabelEdit
from gasket.kitchen.taste import verdicts
from gasket.kitchen.taste.verdicts import VerdictEdit
from gasket.kitchen.weigh import weigh


def some_id():
    return str(uuid.uuid4())


def ids(session, table):
    query = f"SELECT id FROM {table} ORDER BY id"
    return [key for (key,) in session.connection().exec_driver_sql(query)]


def record(session, batch, now, **capture):
    """What is answered is what is read from the file afterwards."""
    shown = weigh.record(session, batch, capture_of(id=some_id(), **capture), now)
    session.flush()
    session.expire_all()
    assert shown == weigh.sheet(session, batch)


def edit_build(session, dice, now):
    sheet = build.sheet(session, dice.choice(ids(session, "trial")))
    parts = tuple(
        part.model_copy(
            update={
                "lines": tuple(
                    line.model_copy(update={"target_g": round(dice.uniform(1, 300), 1)})
                    if dice.random() < 0.4
                    else line
                    for line in part.lines
                )
            }
        )
        for part in sheet.build.components
    )
    changed = sheet.build.model_copy(update={"components": parts, "portions": dice.randint(1, 12)})
    build.save(session, sheet.id, BuildEdit(version=sheet.version, build=changed), now)


def edit_label(session, dice, now):
    key = dice.choice(ids(session, "label"))
    there = shelf.shelf_labels(session, [key])[key]
    panel = there.label.model_copy(
        update={"kcal": float(dice.randint(10, 500)), "name": f"Pack {dice.randint(0, 99)}"}
    )
    edit = LabelEdit(version=there.version, label=panel, package=there.package)
    shelf.edit_label(session, key, edit, now)


def edit_food(session, dice, _now):
    food = shelf.food(session, dice.choice(ids(session, "food")))
    name = dice.choice(["Chicken thigh", "Beef, minced", "Basmati rice", "Quark", food.name])
    facts = FoodFacts(aliases=(f"alias {dice.randint(0, 9)}",))
    shelf.edit_food(session, food.id, FoodEdit(version=food.version, name=name, facts=facts))


def edit_original(session, dice, _now):
    there = dishes.sheet(session, dice.choice(ids(session, "dish")))
    edit = OriginalEdit(
        version=there.version,
        dish=dice.choice(["Beef burgers", "Egg muffins", there.name]),
        name="Slice",
        kcal=float(dice.randint(100, 900)),
        original_from=dice.choice(["figures", "lines"]),
    )
    dishes.edit_original(session, there.id, edit)


def edit_steps(session, dice, now):
    trial = dice.choice(ids(session, "trial"))
    there = steps.sheet(session, trial, now)
    edit = StepsEdit(version=there.version, steps=there.steps[: dice.randint(0, 3)])
    steps.save(session, trial, edit, now)


def edit_settings(session, dice, _now):
    house = house_settings.read(session)
    change = {"energy": dice.choice(["labelled", "us", "eu"]), "safety": dice.choice(["us", "uk"])}
    house_settings.write(session, house.model_copy(update=change))


def next_trial(session, dice, now):
    source = dice.choice(dishes.sheet(session, dice.choice(ids(session, "dish"))).trials)
    row = build.sheet(session, source.id)
    trials.copy(session, row.dish_id, NewTrial(copy_of=source.id), now)


def weigh_something(session, dice, now):
    batch = dice.choice(ids(session, "batch"))
    if dice.random() < 0.3:
        batch = weigh.begin(session, dice.choice(ids(session, "trial")), now).id
    sheet = weigh.sheet(session, batch)
    for line in sheet.lines[: dice.choice([1, len(sheet.lines)])]:
        pour = {"kind": "line", "line": line.id, "net_g": dice.uniform(1, 400), "origin": "hand"}
        record(session, batch, now, **pour)
    if dice.random() < 0.7 and not sheet.closed_at:
        weigh.close(session, batch, now)


def weigh_after(session, dice, now):
    batch = dice.choice(ids(session, "batch"))
    record(session, batch, now, kind=dice.choice(["mixture", "cooked"]), origin="hand", net_g=500)


def take_back(session, dice, now):
    batch = dice.choice(ids(session, "batch"))
    last = weigh.sheet(session, batch).last_record
    if last is None:
        raise IndexError
    record(session, batch, now, kind="undo", undoes=last)


def use_other_foods(session, dice, now):
    batch = weigh.begin(session, dice.choice(ids(session, "trial")), now).id
    line, labels = weigh.sheet(session, batch).lines[0].id, ids(session, "label")
    for _ in range(2):
        record(session, batch, now, kind="food", line=line, label_id=dice.choice(labels))
        if dice.random() < 0.3:
            take_back(session, dice, now)
    record(session, batch, now, kind="add", origin="hand", net_g=20, label_id=dice.choice(labels))


def divide(session, dice, _now):
    ways = [{"pieces": dice.randint(1, 9)}, {"way": "grams", "serving_g": 150.0}]
    weigh.divide(session, dice.choice(ids(session, "batch")), Dividing(**dice.choice(ways)))


def book(session, dice, now):
    batch = dice.choice(ids(session, "batch"))
    there = stock.read(session, batch, now)
    if there.last_record and dice.random() < 0.3:
        move = {"move": "undo", "undoes": there.last_record}
    else:
        place = dice.choice(["fridge", "freezer"])
        move = {"move": dice.choice(["put", "eaten"]), "amount": 1.0, "place": place}
    stock.book(session, batch, StockMove(id=some_id(), **move), now)


def cook(session, dice, now):
    batch = dice.choice(ids(session, "batch"))
    step = dice.choice(cooking.sheet(session, batch, now).steps).step.id
    deed = dice.choice(["begin", "done", "look", "skip"])
    note = "enough" if deed == "skip" else ""
    cooking.log(session, batch, CookDeed(id=some_id(), deed=deed, step=step, note=note), now)


def judge(session, dice, _now):
    trial = dice.choice(ids(session, "trial"))
    verdict = TasteVerdict(stamp=dice.choice(["keep", "drop", None]), lesson="Stand it overnight.")
    edit = VerdictEdit(version=verdicts.read(session, trial).version, verdict=verdict)
    verdicts.write(session, trial, edit)


EDITS = (
    *(edit_build, edit_label, edit_food, edit_original, edit_steps, edit_settings, next_trial),
    *(weigh_something, weigh_after, take_back, use_other_foods, divide, book, cook, judge),
)
