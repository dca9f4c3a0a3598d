"""Steps, keeping, stock, bakes, schedules, what makes food safe."""

import itertools
import random
from datetime import date, timedelta
from typing import Any, Final, get_args

from gasket.core.cooking.calls import calls_of
from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.cook_log import CookDeed, CookRecord, StepAct, left_out
from gasket.core.cooking.cook_log import refusal as cook_refusal
from gasket.core.cooking.cook_log import replay as replay_cook
from gasket.core.cooking.keeping import eat_by, keeping, keeps_until
from gasket.core.cooking.looks import looks, next_look_min
from gasket.core.cooking.oven_memory import TimedBake, bakes_of, estimate, left_min
from gasket.core.cooking.paths import moved, ways
from gasket.core.cooking.safety import InTheBuild, asked_of, is_raw, set_by_egg
from gasket.core.cooking.schedule import HANDS, ScheduleTask, schedule, schedule_back
from gasket.core.cooking.serving import late_says, reheat_says, reheat_ways
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step
from gasket.core.cooking.stock import Move, StockMove, StockRecord, add_up, book_of, refusal
from gasket.core.cooking.templates import steps_for
from gasket.core.cooking.ways import Surroundings
from gasket.core.trade.families import BY_KEY, Call
from gasket.core.trade.yields import yield_of
from tests.core.scenarios.model import START, Answers, plain, scenario

_PARTS: Final = (["Body"], ["Body", "Sauce"], ["Body", "Crust", "Crumb topping", "Frosting"])


@scenario
def steps() -> Answers:
    calls = get_args(Call)
    for family, parts in itertools.product(BY_KEY, _PARTS):
        for some in ((), calls[::2], calls[1::2]):
            found = steps_for(
                family, parts, ["blender", "air fryer"], parts[1:2], parts[:1], some, {}
            )
            yield (
                f"{family} {len(parts)} {len(some)} {some[:1]}",
                [
                    (step.id, step.says, step.kind, step.stated_min, step.hands_on, step.after)
                    for step in found
                ],
            )


@scenario
def other_ways() -> Answers:
    lines = (
        *("bake in the cups 180 C 20-25 min, look at 15", "bake in the tin 350 F fan 30 min"),
        *("air fry 380 F 12 min", "fry in the pan 4 min", "cook each in the waffle iron 3 min"),
        *("blend the oats 1 min", "beat with the stand mixer 4 min", "whisk the whites 4 min"),
        *("microwave 90 s", "churn 25 min", "pipe it 3 min", "freeze in the mould 4 h"),
        *("broil 2 min", "toast the bun 2 min", "cook on the griddle 6 min"),
    )
    for line, family in itertools.product(lines, (None, "wrap", "pancake")):
        step = read_step(line, "a").model_copy(update={"at_a_time": 3, "for_piece_g": 60.0})
        heat = read_step("preheat the oven 12 min", "h").model_copy(update={"tool": step.tool})
        steps = [heat, step.model_copy(update={"after": ("h",)})]
        for piece in (30.0, 120.0):
            kitchen = Surroundings(family, piece)
            for way in ways(steps[1], kitchen):
                found = moved(steps, "a", way.key, kitchen)
                yield f"{line} {family} {piece:g} {way.key}", plain(list(found))


@scenario
def kept_and_served() -> Answers:
    for family in (None, *BY_KEY):
        for kinds in (("flour",), ("rice", "egg")):
            advice = keeping(family, kinds)
            yield f"{family} {kinds}", plain(advice)
            for place, school in itertools.product(("fridge", "freezer"), ("us", "uk")):
                until = keeps_until(place, date(2026, 3, 1), advice, school)
                yield f"{family} {kinds} {place} {school}", str(until)
        yield (
            f"{family} served",
            (
                reheat_says(family, "us"),
                reheat_says(family, "uk"),
                reheat_ways(family),
                late_says(family, ["Body", "Crumb topping"]),
            ),
        )
        for raw, cooked in ((1000, 700), (1000, 930), (1000, 1001), (1000, 400), (0, 5)):
            yield f"{family} yield {raw} {cooked}", plain(yield_of(raw, cooked, family))


@scenario
def stocked() -> Answers:
    told = [
        ("put", 4, {}),
        ("eaten", 1, {}),
        ("moved", 2, {"to": "freezer"}),
        ("moved", 1, {"place": "freezer", "to": "fridge"}),
        ("given", 1, {"place": "freezer"}),
        ("eaten", 1, {"place": None}),
    ]
    records = [
        StockRecord(
            id=f"stock-{i:04}", move=Move(move), amount=n, at=START + timedelta(days=i), **more
        )
        for i, (move, n, more) in enumerate(told)
    ]
    part = StockRecord(id="stock-part", move=Move.PUT, part="Frosting", amount=80, at=START)
    for name in ("", "Frosting"):
        yield f"book {name}", plain(book_of([*records, part], name, START))
    for upto in range(len(records) + 1):
        stock = add_up(records[:upto], START)
        yield f"{upto}", plain(stock)
        for school, family in itertools.product(("us", "uk"), ("cake", "bowl")):
            advice = keeping(family, ("flour",))
            lots = [str(eat_by(lot, advice, school)) for lot in stock.lots]
            yield f"{upto} {school} {family}", lots
        for move, amount in itertools.product(("eaten", "moved", "put"), (1, 4, 9)):
            more = {"to": "freezer"} if move == "moved" else {}
            asked = StockMove(id="stock-asked", move=Move(move), amount=amount, **more)
            yield f"{upto} {move} {amount}", refusal(asked, stock, 8)


@scenario
def baked() -> Answers:
    step = read_step("bake the Loaf in the loaf tin 175 C 35-40 min", "bake")
    bakes = [
        TimedBake(
            **{"tool": "oven", "kind": "bake", "vessel": vessel, "stated_min": stated},
            **{"actual_min": actual, "dish": "x", "at": START + timedelta(days=i)},
        )
        for i, (vessel, stated, actual) in enumerate(
            [
                ("loaf tin", 38, 46),
                ("", 25, 33),
                ("loaf tin", 20, 19),
                ("tray", 37, 200),
                ("", 0.4, 3),
            ]
        )
    ]
    for n in range(len(bakes) + 1):
        for measured in (False, True):
            yield f"{n} {measured}", plain(estimate(step, bakes[:n], measured=measured))
    for kind, minutes in itertools.product(("bake", "pan", "chill"), (1.0, 12.0, 45.0, 400.0)):
        step = Step(id="s", kind=kind, says="x")
        plan = looks(step, minutes)
        yield f"looks {kind} {minutes}", plain((plan, looks(step, minutes, 5.0)))
        for elapsed, last in ((0.0, None), (minutes / 2, None), (minutes, minutes / 2), (2e3, 1e3)):
            due = plain((next_look_min(plan, elapsed, last), left_min(minutes, elapsed)))
            yield f"next {kind} {minutes} {elapsed}", due


@scenario
def scheduled() -> Answers:
    rng = random.Random(2)
    for n in range(10):
        tasks = [
            ScheduleTask(
                f"s{i}",
                float(rng.choice([0, 2, 5, 12, 30])),
                frozenset(rng.sample([HANDS, "oven", "stove"], rng.randint(0, 2))),
                frozenset({f"s{rng.randrange(i)}"} if i and rng.random() < 0.6 else ()),
            )
            for i in range(rng.randint(2, 9))
        ]
        yield f"forward {n}", plain(schedule(tasks))
        yield f"back {n}", plain(schedule_back(tasks))


@scenario
def made_safe() -> Answers:
    kinds = ("poultry", "mince", "fish", "egg", "egg_white", "flour", "milk", "cured_meat", "meat")
    lines = ("mix 5 min", "bake the Main 180 C 30 min", "chill 2 h", "microwave the Side 3 min")
    some = [read_step(line, f"s{i}") for i, line in enumerate(lines)]
    some[1] = some[1].model_copy(update={"uses": ("Main",)})
    some[3] = some[3].model_copy(update={"uses": ("Side",)})
    for one, other in itertools.combinations(kinds, 2):
        foods = [
            InTheBuild(f"a {one}", one, "Main", grams=60.0),
            InTheBuild(f"a {other}", other, "Side", grams=200.0, state="cooked"),
            InTheBuild("Milk", "milk", "Main", grams=500.0),
        ]
        for family in (None, "cake", "custard", "pot"):
            yield (
                f"{one} {other} {family}",
                {
                    "raw": [is_raw(food) for food in foods],
                    "set": sorted(set_by_egg(foods, family)),
                    "calls": sorted(calls_of(foods, ["Main", "Crust"], "Loaf")),
                    "asked": {
                        key: (rule.reason, plain(rule.enough))
                        for key, rule in asked_of(some, foods, family, "us").items()
                    },
                    "careful": [caution.code for caution in cautions(some, foods, family)],
                    "unplanned": [caution.code for caution in cautions([], foods, family)],
                },
            )


@scenario
def cooks() -> Answers:
    some = [
        read_step(text, f"s{i}").model_copy(update={"uses": ("Main",), "after": ()})
        for i, text in enumerate(("mix 5 min", "bake in the tin 180 C 20-25 min", "cool 10 min"))
    ]
    for seed in range(30):
        rng = random.Random(seed)
        records: list[CookRecord] = []
        for i in range(rng.randint(2, 16)):
            deed, step = rng.choice([*StepAct]), rng.choice(some).id
            more: dict[str, Any] = {"step": step}
            if deed in (StepAct.EXTEND, StepAct.TIMER, StepAct.GUESS):
                more |= {"minutes": float(rng.randint(1, 9)), "note": "tea"}
            elif deed is StepAct.TEMPERATURE:
                more |= {"temperature_c": float(rng.randint(50, 90)), "held_s": 30.0}
            elif deed in (StepAct.LOOK, StepAct.PASS, StepAct.SKIP):
                more |= {"note": "pale"}
            elif deed is StepAct.OUTCOME:
                more |= {"note": ("under", "right", "over")[i % 3]}
            elif deed is StepAct.UNDO:
                more = {"undoes": records[-1].id if records else "none"}
            at = START + timedelta(minutes=3 * i)
            asked = CookDeed(id=f"deed-{i:04}", deed=deed, **more)
            log = replay_cook(records)
            says = cook_refusal(asked, log, {step.id: step.says for step in some})
            yield f"{seed} {i} {deed.value}", says
            if says is None:
                records.append(CookRecord(**asked.model_dump(), at=at))
        log = replay_cook(records)
        yield (
            f"{seed} states",
            plain(
                [
                    (log.of(one.id).status.value, log.of(one.id).actual_min, log.of(one.id).done_at)
                    for one in some
                ]
            ),
        )
        yield f"{seed} bakes", plain(list(bakes_of(some, log, "a dish")))
        yield f"{seed} left out", left_out([step.id for step in some], log)
