"""Steps, stock, times, safety and weigh-ins asked much more: of each case only a digest."""

import random
from datetime import timedelta
from functools import partial
from typing import Any, get_args

from gasket.core.cooking.calls import calls_of
from gasket.core.cooking.keeping import eat_by, keeping
from gasket.core.cooking.oven_memory import Baked, estimate
from gasket.core.cooking.paths import moved, ways
from gasket.core.cooking.safety import InTheBuild, asked_of, cautions, is_raw, set_by_egg
from gasket.core.cooking.schedule import HANDS, Task, schedule, schedule_back
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.stock import Move, StockMove, StockRecord, add_up, book_of, refusal
from gasket.core.cooking.templates import steps_for
from gasket.core.cooking.ways import Kitchen
from gasket.core.reckoning.weighed_batch import WeighedBatch
from gasket.core.reckoning.written_line import to_weigh
from gasket.core.trade.families import BY_KEY, Call
from gasket.core.trade.kinds import KINDS
from gasket.core.weighing.player import Known as KnownBowls
from gasket.core.weighing.player import play
from gasket.core.weighing.records import Reading
from gasket.core.weighing.task import task_of
from gasket.core.weighing.weigh_in import ToWeigh, replay
from tests.core.scenarios.model import START, Answers, answered, digest, scenario
from tests.core.scenarios.weighing import PANELS, WRITTEN, some_record


@scenario
def wide_steps() -> Answers:
    names = ("Marinade", "Glaze", "Filling", "Frosting", "Soak", "Crumbs", "Dip", "Sauce", "Base")
    calls = get_args(Call)
    for family in BY_KEY:
        said = [
            steps_for(
                family,
                ["Body", *rng.sample(names, rng.randint(0, 4))],
                rng.sample(["oven", "blender", "microwave", "griddle"], rng.randint(0, 2)),
                rng.choice([(), ("Body",), ("Sauce",)]),
                rng.choice([(), ("Filling",)]),
                rng.sample(calls, rng.randint(0, len(calls))),
                rng.choice([{}, {"Body": "coated"}]),
            )
            for rng in (random.Random(f"{family} {i}") for i in range(12))
        ]
        yield family, digest(said)
        rows = [read_step(row.text, row.key) for row in BY_KEY[family].steps]
        yield f"{family} rows", digest(rows)


@scenario
def wide_stock() -> Answers:
    for seed in range(60):
        rng = random.Random(seed)
        records: list[StockRecord] = []
        said: list[Any] = []
        for i in range(14):
            more = {"place": rng.choice(["fridge", "freezer", None])}
            move = rng.choice([*Move])
            if move is Move.MOVED:
                more |= {"place": "fridge", "to": "freezer"}
                if rng.random() < 0.5:
                    more = {"place": "freezer", "to": "fridge"}
            if move is Move.UNDO:
                more = {"undoes": records[-1].id if records else "none"}
            else:
                more["amount"] = rng.choice([0.5, 1, 2, 3])
            at = START + timedelta(hours=rng.choice([5, 20, 40]) * (i + 1))
            try:
                asked = StockMove(id=f"stock-{i:04}", move=move, **more)
            except ValueError as error:
                said.append(str(error))
                continue
            stock = add_up(records, at)
            no = refusal(asked, stock, 6)
            said.append(no)
            if no is None:
                records.append(StockRecord(**asked.model_dump(), at=at))
        end = START + timedelta(days=20)
        stock = add_up(records, end)
        advice = keeping(rng.choice([None, *BY_KEY]), ("rice", "egg")[: seed % 3])
        days = [str(eat_by(lot, advice, school)) for lot in stock.lots for school in ("us", "uk")]
        yield f"{seed}", digest([said, stock, days, book_of(records, "", end)])


@scenario
def wide_weigh_ins() -> Answers:
    plan = to_weigh(WRITTEN)
    for seed in range(1000, 1120):
        rng = random.Random(seed)
        records: list[Any] = []
        for i in range(rng.randint(4, 24)):
            records.append(some_record(rng, i, records))
        state = replay(records, plan)
        made = WeighedBatch(
            written=WRITTEN, records=tuple(records), panels=PANELS, portions=rng.randint(1, 5)
        )
        tasks = [task_of(state, line, nudge=seed % 3, hands_free=seed % 2 == 0) for line in plan]
        said = [answered(partial(getattr, made, name)) for name in ("filled", "pieces", "batch")]
        shares = [made.share_of(line) for line in WRITTEN]
        yield f"{seed}", digest([list(state.lines.values()), state.current, tasks, said, shares])


@scenario
def wide_times() -> Answers:
    for seed in range(60):
        rng = random.Random(seed)
        tasks = [
            Task(
                f"s{i}",
                float(rng.choice([0, 1, 3, 8, 20, 45])),
                frozenset(rng.sample([HANDS, "oven", "stove"], rng.randint(0, 2))),
                frozenset({f"s{rng.randrange(i)}"} if i and rng.random() < 0.7 else ()),
            )
            for i in range(rng.randint(2, 12))
        ]
        stated = rng.choice([4, 18, 37, 60])
        bakes = [
            Baked(
                **{"tool": "oven", "kind": "bake", "vessel": rng.choice(["", "loaf tin"])},
                **{"stated_min": rng.choice([0.6, 5, 20, 40]), "dish": "x"},
                **{"actual_min": rng.choice([0, 4, 22, 46, 200]), "at": START + timedelta(days=i)},
                outcome=rng.choice([None, "under", "right", "over"]),
            )
            for i in range(rng.randint(0, 6))
        ]
        step = read_step(f"bake in the loaf tin 175 C {stated} min", "bake")
        likely = [estimate(step, bakes, measured=measured) for measured in (False, True)]
        yield f"{seed}", digest([schedule(tasks), schedule_back(tasks), likely])


@scenario
def wide_played() -> Answers:
    lines = [ToWeigh(1, 120, "bowl"), ToWeigh(2, 4, "bowl"), ToWeigh(3, 60, "other")]
    for seed in range(20, 60):
        rng = random.Random(seed)
        at, gross, stream = 0.0, 0.0, []
        division = rng.choice([0.1, 1.0, 5.0])
        for _ in range(9):
            aim = gross + rng.choice([-gross, 4.0, 60.0, 61.0, 120.0, 131.0, 250.0, -120.0])
            for share in (0.2, 0.6, 0.97, 1.0):
                at += rng.choice([0.1, 0.4])
                shown = round((gross + share * (aim - gross)) / division) * division
                stream.append((at, Reading(grams=shown, stable=False, division_g=division)))
            gross = aim
            for _ in range(rng.randint(2, 30)):
                at += 0.1
                stream.append((at, Reading(grams=aim, stable=True, division_g=division)))
        known = KnownBowls(empty_g=(("bowl", 250.0),), by_hand=frozenset({2} if seed % 2 else ()))
        yield f"{seed}", digest(list(play(lines, stream, START, known)))


@scenario
def wide_safety() -> Answers:
    texts = (
        "mix 5 min",
        "bake the Main 180 C 30 min",
        "chill 2 h",
        "fry the Side 3 min",
        "rest 1 h",
    )
    for seed in range(120):
        rng = random.Random(seed)
        some = [
            read_step(text, f"s{i}").model_copy(
                update={"uses": tuple(rng.sample(["Main", "Side"], rng.randint(0, 2)))}
            )
            for i, text in enumerate(rng.sample(texts, rng.randint(1, 5)))
        ]
        foods = [
            InTheBuild(
                rng.choice([f"a {kind}", f"cooked {kind}", f"{kind}, rabbit"]),
                kind,
                rng.choice(["Main", "Side"]),
                grams=rng.choice([10.0, 90.0, 400.0]),
                state=rng.choice(["raw", "cooked", "unsaid", "frozen"]),
            )
            for kind in rng.sample(KINDS, rng.randint(1, 5))
        ]
        family = rng.choice([None, *BY_KEY])
        said: list[Any] = [list(cautions(some, foods, family)), [is_raw(food) for food in foods]]
        said += [set_by_egg(foods, family), calls_of(foods, ["Main", "Side"], "Loaf")]
        said += [asked_of(some, foods, family, school) for school in ("us", "uk")]
        yield f"{seed}", digest(said)


@scenario
def wide_ways() -> Answers:
    for family, known in BY_KEY.items():
        said: list[Any] = []
        for n, row in enumerate(known.steps):
            step = read_step(row.text, "a").model_copy(
                update={"at_a_time": 2 + n % 3, "for_piece_g": 50.0, "for_whole_g": 700.0}
            )
            kitchen = Kitchen(family, (30.0, 150.0)[n % 2])
            said += [(way.key, moved([step], "a", way.key, kitchen)) for way in ways(step, kitchen)]
        yield family, digest(said)
