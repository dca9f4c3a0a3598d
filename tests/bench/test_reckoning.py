"""Measured, not gated: reckoning, laying out and reaching a goal. `./run bench` prints each figure
beside what is wanted of it."""

import itertools
import json
import random
import time

import httpx

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.cooking.schedule import HANDS, ScheduleTask, schedule
from gasket.core.reckoning.reckon import reckon
from gasket.core.solver.programme import warm_up
from gasket.core.solver.reach import reach
from gasket.core.trade.families.reading import read_family
from gasket.formats.batch_json import to_batch
from tests.bench.measuring import percentile_95, say_ms
from tests.core.builds import ALL, workpiece
from tests.core.solver_builds import random_task
from tests.core.test_families import NAMES


def forty_lines() -> dict[str, object]:
    label = {"protein_g": 20, "carbohydrate_g": 4, "fat_g": 1.5, "fibre_g": 1, "sugars_g": 2}
    return {
        "format": "gasket-batch",
        "version": 1,
        "labels": {
            f"l{i}": {"name": f"food {i}", "style": "us", "basis_g": 30 + i, "kcal": 110, **label}
            for i in range(40)
        },
        "components": [
            {
                "name": name,
                "lines": [{"label": f"l{i}", "grams": 50 + i} for i in range(start, start + 20)],
            }
            for name, start in (("loaf", 0), ("frosting", 20))
        ],
        "portions": {"count": 8},
        "original": {"name": "original", "serving_g": 180, "kcal": 690},
    }


def test_reckoning_40_lines_with_margins(benchmark):
    batch = to_batch(forty_lines())
    benchmark(reckon, batch)
    median = benchmark.stats.stats.median * 1000
    say_ms("reckoning 40 lines", median, "median", "≤ 2 ms")
    assert median > 0


def test_laying_out_16_steps(benchmark):
    """Ten steps is an ordinary dish; sixteen that fight for hands and the oven is a hard one."""
    draw = random.Random(5)
    tasks: list[ScheduleTask] = []
    for i in range(16):
        needs = frozenset(draw.sample([HANDS, "oven", "stove"], draw.randint(0, 2)))
        after = frozenset(task.id for task in draw.sample(tasks, min(len(tasks), 1)))
        tasks.append(ScheduleTask(f"s{i}", float(draw.choice([2, 5, 8, 12, 30])), needs, after))
    plan = benchmark(schedule, tasks)
    median = benchmark.stats.stats.median * 1000
    say_ms(f"laying out 16 steps, proven {plan.proven}", median, "median", "≤ 100 ms while typing")
    assert plan.minutes > 0


def test_post_reckon_of_40_lines(benchmark, server):
    body = json.dumps(forty_lines())
    headers = {"content-type": "application/json"}
    times: list[float] = []
    with httpx.Client(base_url=server.url) as client:

        def post() -> None:
            start = time.perf_counter()
            answer = client.post("/api/reckon", content=body, headers=headers)
            times.append((time.perf_counter() - start) * 1000)
            assert answer.status_code == 200

        benchmark.pedantic(post, rounds=300, warmup_rounds=20)
    say_ms("POST /api/reckon", percentile_95(times), "at the 95th percentile", "≤ 15 ms")


def test_reaching_a_goal_over_40_lines_and_60_swaps(benchmark):
    tasks = [random_task(seed, lines=40, swaps=60) for seed in range(12)]
    warm_up()
    waiting = itertools.cycle(tasks)
    found = []
    benchmark.pedantic(lambda: found.append(reach(next(waiting))), rounds=len(tasks))
    say_ms("reaching a goal", 1000 * benchmark.stats.stats.max, "at most", "≤ 300 ms")
    assert all(one.proposals for one in found)


def test_reading_10_000_names(benchmark):
    """Every name is another one: nothing is remembered."""
    names = [f"{name} no {i}" for i, (name, _) in zip(range(10_000), itertools.cycle(NAMES))]

    def read() -> int:
        read_family.cache_clear()
        return sum(read_family(name) is not None for name in names)

    known = benchmark.pedantic(read, rounds=3)
    say_ms("families of 10,000 names", 1000 * benchmark.stats.stats.median, "median", "≤ 1,000 ms")
    assert known > 0


def test_checks_of_40_lines(benchmark):
    foods = {food: 20.0 + i for i, food in enumerate(itertools.islice(ALL, 40))}
    original = workpiece({"flour": 200, "sugar": 100, "butter": 80, "egg": 100})
    whole = {"original": original, "original_serving_g": 480.0, "serving_g": 900.0}
    pieces = [CheckedBuild(workpiece(foods, family="cake"), **whole) for _ in range(200)]
    waiting = iter(pieces)
    found = benchmark.pedantic(lambda: check_build(next(waiting)), rounds=len(pieces))
    say_ms("checks of 40 lines", 1000 * benchmark.stats.stats.median, "median", "≤ 2 ms")
    assert len(found) >= 6
