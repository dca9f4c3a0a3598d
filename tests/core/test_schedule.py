"""The schedule: nothing before what it needs, one pair of hands, never later than it must be."""

import random
from itertools import permutations

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from gasket.core.cooking.schedule import HANDS, ScheduleTask, schedule, schedule_back
from gasket.core.errors import FaultyInput


def task(key, minutes, *needs, after=(), **more):
    return ScheduleTask(key, minutes, frozenset(needs), frozenset(after), **more)


@st.composite
def kitchens(draw, most=6):
    """Random steps with hands, an oven and what they wait for."""
    count = draw(st.integers(1, most))
    tasks = []
    for i in range(count):
        needs = draw(st.sets(st.sampled_from([HANDS, "oven", "stove"]), max_size=2))
        after = draw(st.sets(st.sampled_from([t.id for t in tasks]), max_size=2)) if tasks else ()
        minutes = draw(st.sampled_from([0, 1, 2, 5, 8, 12, 30]))
        tasks.append(task(f"s{i}", float(minutes), *needs, after=after))
    return tasks


def faults_of(plan, tasks):
    """Independent look at a plan: what overlaps, what comes too early."""
    at = {
        placed_task.id: (placed_task.start_min, placed_task.end_min) for placed_task in plan.placed
    }
    assert set(at) == {task.id for task in tasks}
    for task in tasks:
        start, end = at[task.id]
        assert end - start == pytest.approx(task.minutes)
        assert start >= -1e-9
        for key in task.after:
            assert at[key][1] <= start + 1e-6, f"{task.id} begins before {key} is done"
        for other in tasks:
            if other.id < task.id and other.needs & task.needs:
                begins, ends = at[other.id]
                apart = begins >= end - 1e-6 or ends <= start + 1e-6
                assert apart or min(task.minutes, other.minutes) == 0, "needed twice at once"


def minute_by_minute(tasks, order):
    """A reference of its own: each step in turn, tried at every minute until it fits."""
    start = {}
    for key in order:
        one = next(t for t in tasks if t.id == key)
        at = max((start[t.id] + t.minutes for t in tasks if t.id in one.after), default=0)
        while any(
            other.needs & one.needs
            and start[other.id] < at + one.minutes
            and at < start[other.id] + other.minutes
            for other in tasks
            if other.id in start
        ):
            at += 1
        start[key] = at
    return max(start[t.id] + t.minutes for t in tasks)


def sound_orders(tasks):
    for order in permutations(tasks):
        seen = set()
        for one in order:
            if not one.after <= seen:
                break
            seen.add(one.id)
        else:
            yield [one.id for one in order]


@settings(max_examples=60)
@given(kitchens())
def test_small_kitchens_are_ready_as_soon_as_any_order_allows(tasks):
    plan = schedule(tasks)
    faults_of(plan, tasks)
    assert plan.proven
    best = min(minute_by_minute(tasks, order) for order in sound_orders(tasks))
    assert plan.minutes == pytest.approx(best)


@settings(max_examples=60)
@given(kitchens(most=16))
def test_large_kitchens_are_never_later_than_a_list_schedule(tasks):
    plan = schedule(tasks)
    faults_of(plan, tasks)
    longest_first, left = [], list(tasks)
    while left:
        free = [one for one in left if one.after <= set(longest_first)]
        longest_first.append(max(free, key=lambda one: one.minutes).id)
        left = [one for one in left if one.id != longest_first[-1]]
    as_written = [task.id for task in tasks]
    for order in (longest_first, as_written):
        assert plan.minutes <= minute_by_minute(tasks, order) + 1e-6


@settings(max_examples=60)
@given(kitchens())
def test_backward_is_sound_as_short_and_ends_at_the_end(tasks):
    plan = schedule_back(tasks)
    faults_of(plan, tasks)
    assert plan.minutes == pytest.approx(schedule(tasks).minutes)
    assert max(placed_task.end_min for placed_task in plan.placed) == pytest.approx(plan.minutes)


def crowded(seed, count):
    """A big kitchen: many steps, most of them by hand, few of which wait for each other."""
    dice = random.Random(seed)
    return [
        task(
            f"s{i}",
            float(dice.randint(1, 40)),
            *([HANDS] if dice.random() < 0.6 else ["oven"] if dice.random() < 0.5 else []),
            after=[f"s{j}" for j in range(i) if dice.random() < 2 / count],
        )
        for i in range(count)
    ]


@pytest.mark.parametrize("count", [12, 16, 24])
def test_forward_and_backward_are_as_short_as_each_other_and_sound(count):
    for seed in range(8):
        tasks = crowded(seed, count)
        forward, back = schedule(tasks), schedule_back(tasks)
        assert forward.minutes == pytest.approx(back.minutes)
        faults_of(forward, tasks)
        faults_of(back, tasks)
        assert schedule(tasks) == forward, "the same question has the same answer"


@pytest.mark.parametrize(("seed", "at_first", "best"), [(14, 185, 165), (9, 180, 172)])
def test_a_big_kitchen_is_proven_and_shorter_than_a_search_from_the_front(seed, at_first, best):
    """An earlier search from the front alone ended at `at_first`."""
    plan = schedule(crowded(seed, 16))
    assert plan.proven
    assert plan.minutes == pytest.approx(best)
    assert best < at_first


def test_seconds_count_and_what_runs_with_another_shares_its_tool():
    tasks = [
        task("melt", 0.75, HANDS),
        task("fold", 1.2, HANDS, after=("melt",)),
        task("bake", 12, "oven", running=True),
        task("roast", 20, "oven", running=True),
        task("gratin", 5, "oven"),
    ]
    plan = schedule(tasks)
    at = {placed_task.id: placed_task.start_min for placed_task in plan.placed}
    assert at["fold"] == 0.75
    assert at["gratin"] == 20
    assert plan.minutes == 25


def test_preheating_and_frosting_are_laid_into_passive_stretches():
    tasks = [
        task("weigh", 8, HANDS),
        task("preheat", 5, "oven", late=True),
        task("bake", 25, "oven", after=("weigh", "preheat")),
        task("cool", 15, after=("bake",)),
        task("frosting", 6, HANDS),
        task("frost", 4, HANDS, after=("cool", "frosting")),
    ]
    plan = schedule(tasks)
    at = {placed_task.id: placed_task.start_min for placed_task in plan.placed}
    assert plan.minutes == 52  # 8 + 25 + 15 + 4: preheating and frosting cost nothing
    assert at["preheat"] == 3  # put off until the oven is hot just when the mixing is done
    assert at["frosting"] >= 8


def test_a_step_that_runs_keeps_running_and_its_tool_is_taken():
    tasks = [
        task("bake", 12, "oven", running=True),
        task("other", 10, "oven"),
        task("mix", 5, HANDS),
    ]
    at = {placed_task.id: placed_task.start_min for placed_task in schedule(tasks).placed}
    assert at == {"bake": 0, "mix": 0, "other": 12}
    assert {
        placed_task.id: placed_task.start_min for placed_task in schedule_back(tasks).placed
    } == at


def test_nothing_to_do_and_a_circle():
    assert schedule([]).minutes == 0
    with pytest.raises(FaultyInput):
        schedule([task("a", 1, after=("b",)), task("b", 1, after=("a",))])
