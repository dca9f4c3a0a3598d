"""Steps to begin with, from what the trade knows of the family.

A family's steps are lines as a cook would type them, about the body of the dish (`{main}`), each
only where the build calls for it. A line begins after the last line that worked on the body, or
after those that it names. Every other component is got ready in a line of its own and then joined
to the dish, where and how its role has it: crumbs before the tray is baked, frosting once the cake
is cool, layers as the cups are filled.
"""

from collections.abc import Collection, Iterator, Mapping, Sequence
from dataclasses import replace
from itertools import islice
from typing import Final

from gasket.core.cooking.parts import body_of, role_of
from gasket.core.cooking.paths import without_missing
from gasket.core.cooking.preheat import with_preheats
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step
from gasket.core.cooking.ways import Surroundings
from gasket.core.trade.families import BY_KEY, Call, Family, Role, Row
from gasket.core.trade.step_kinds import HOT, PASSIVE
from gasket.core.trade.words import with_article

_READY: Final[dict[Role, str]] = {
    "base": "Mix {part} 4 min",
    "frosting": "Beat {part} smooth 6 min",
    "sauce": "Stir {part} smooth 4 min",
    "topping": "Mix {part} 3 min",
    "filling": "Mix {part} 5 min",
    "other": "Get {part} ready 4 min",
}
_COOKED: Final = "Cook {part} through in the pan 10 min"
_SET: Final = "Cook {part} gently in the pan 10 min, stirring, until it coats a spoon"
_WARM_SAUCE: Final = "Stir {part} over low heat 6 min"
_JOINED: Final[dict[Role, str]] = {
    "base": "Press {part} into the tin 3 min",
    "frosting": "Spread {part} on {main} 4 min",
    "sauce": "Spoon {part} over {main} 2 min",
    "topping": "Sprinkle {part} over 1 min",
    "filling": "Fill {main} with {part} 4 min",
    "other": "Add {part} to {main} 3 min",
}
_OF_MEAT: Final[frozenset[Call]] = frozenset({"meat", "mince"})
_MOST_PARTS: Final = 20
"""So many components get lines of their own; a list of steps has an end."""
_MOST_NAME: Final = 60


def steps_for(
    family: Family,
    components: Sequence[str],
    missing: Sequence[str] = (),
    raw: Collection[str] = (),
    set_by_egg: Collection[str] = (),
    calls: Collection[Call] = (),
    alone: Mapping[str, Family] | None = None,
) -> tuple[Step, ...]:
    """The family's steps for these components, those that the build calls for; a tool that is
    missing is worked without. `alone` is what each component is by itself: what a sandwich holds
    is cooked as that. Raw meat or fish, and what egg sets, is heated by itself where no
    other line heats it."""
    main = body_of(components, family)
    others = [name for name in components if name != main]
    parts: set[Call] = {"parts"} if others else set()
    rows = called_for(_whole(family, (alone or {}).get(main or "")), {*calls, *parts})
    for number, part in enumerate(islice(others, _MOST_PARTS), start=1):
        rows = _with_part(rows, family, part, number)
    holder = main if main in raw else next((name for name in others if name in raw), None)
    if holder not in (main, None):
        rows = _where_the_meat_is(rows, holder)
    steps = [_step(row, rows, main, components) for row in rows]
    for name in components:
        text = _COOKED if name in raw else _SET if name in set_by_egg else None
        if text is not None and not any(step.kind in HOT and name in step.uses for step in steps):
            steps = _heated(steps, name, text)
    steps = with_preheats(steps)
    return without_missing(steps, Surroundings(family=family, missing=frozenset(missing)))


def _whole(family: Family, body: Family | None) -> tuple[Row, ...]:
    """The rows of a family, those of its body in the place of getting it ready."""
    rows = BY_KEY[family].steps
    if not BY_KEY[family].holds_a_dish or body is None or BY_KEY[body].holds_a_dish:
        return rows
    first, *later = rows
    cooked = [row for row in BY_KEY[body].steps if row.on in ("main", "")]
    theirs = {row.key for row in later}
    cooked = [row for row in cooked if row.key not in theirs]
    last = [row.key for row in cooked if row.on == "main"]
    if not last:
        return rows
    after = {first.key: last[-1]}
    return (
        *cooked,
        *(replace(row, after=tuple(after.get(key, key) for key in row.after)) for row in later),
    )


def called_for(rows: Sequence[Row], calls: Collection[Call]) -> list[Row]:
    """The rows that the build calls for, none of them after one that is not there."""
    called = [
        row
        for row in rows
        if (not row.when or not set(row.when).isdisjoint(calls))
        and set(row.unless).isdisjoint(calls)
    ]
    keys = {row.key for row in called}
    return [replace(row, after=tuple(key for key in row.after if key in keys)) for row in called]


def _where_the_meat_is(rows: Sequence[Row], holder: str) -> list[Row]:
    """The rows that brown or cook meat, of the component that holds it: the sauce and not the
    cheese beside it, which is then stirred once its meat is done."""
    moved = [row.key for row in rows if row.on == "main" and not _OF_MEAT.isdisjoint(row.when)]

    def placed(row: Row) -> Row:
        if row.key in moved:
            text = row.text.replace("{main}", "{part}")
            return replace(row, text=text, on="part", part=holder)
        if row.on == "part" and row.part == holder:
            return replace(row, after=(*row.after, *moved))
        return row

    return [placed(row) for row in rows]


def _heated(steps: Sequence[Step], component: str, text: str) -> list[Step]:
    """The steps with one that heats a component by itself: in the place of getting it ready, else
    after the first step that works on it, before everything that follows."""
    key = f"heat-{sum(step.id.startswith('heat-') for step in steps) + 1}"
    at = next((i for i, step in enumerate(steps) if component in step.uses), None)
    if at is None:
        return [*steps, _heating(text, key, component, ())]
    first, earlier, later = steps[at], steps[:at], steps[at + 1 :]
    if first.id.startswith("ready-"):
        return [*earlier, _heating(text, first.id, component, first.after), *later]
    waiting = [
        step.model_copy(update={"after": tuple(key if a == first.id else a for a in step.after)})
        for step in later
    ]
    return [*earlier, first, _heating(text, key, component, (first.id,)), *waiting]


def _heating(text: str, key: str, component: str, after: tuple[str, ...]) -> Step:
    step = read_step(text, key)
    says = step.says.format(part=with_article(component[:_MOST_NAME]))
    return step.model_copy(update={"says": says, "uses": (component,), "after": after})


def _with_part(rows: list[Row], family: Family, part: str, number: int) -> list[Row]:
    """The rows with those of one more component, each before the row that waits for it."""
    role = role_of(part)
    known = BY_KEY[family]
    place = known.places.get(role, known.usually)
    text = _WARM_SAUCE if role == "sauce" and known.warm_sauce else _READY[role]
    ready = Row(f"ready-{number}", text, on="part", part=part)
    if place.into:
        return _before(rows, place.into, ready, waits_for=ready.key)
    earlier = [row.key for row in rows if row.on == "joined" and row.place == place]
    keys = {row.key for row in rows}
    joined = Row(
        f"add-{number}",
        _JOINED[role],
        on="joined",
        after=(ready.key, *(key for key in place.after if key in keys), *earlier[-1:]),
        part=part,
        place=place,
    )
    if not place.before:
        return [*rows, ready, joined]
    return _before(_before(rows, place.before, ready), place.before, joined, waits_for=joined.key)


def _before(rows: list[Row], key: str, new: Row, waits_for: str = "") -> list[Row]:
    """`new` set before the row `key`, which then waits for `waits_for` too."""
    at = next(i for i, row in enumerate(rows) if row.key == key)
    row = rows[at]
    if waits_for:
        row = replace(row, after=(*(row.after or _follows(row, rows)), waits_for))
    return [*rows[:at], new, row, *rows[at + 1 :]]


def _step(row: Row, rows: Sequence[Row], main: str | None, components: Sequence[str]) -> Step:
    """A row as a step. Names are put in after the text was read: they may say anything."""
    step = read_step(row.text, row.key)
    names = {
        "main": with_article(main[:_MOST_NAME]) if main else "it",
        "part": with_article(row.part[:_MOST_NAME]),
    }
    update: dict[str, object] = {
        "says": step.says.format(**names),
        "written": "C",
        "uses": _uses(row, rows, main, components),
        "must": row.must,
        "for_piece_g": row.piece_g,
        "for_whole_g": row.whole_g,
        "ladle_g": row.ladle_g,
        "at_a_time": row.at_a_time,
        "after": row.after or _follows(row, rows),
    }
    if row.kind:
        update |= {"kind": row.kind, "hands_on": row.kind not in PASSIVE}
    if row.must == "par":
        update["hands_on"] = False
    if row.on == "joined":
        update["kind"] = "top"
    return step.model_copy(update=update)


def _uses(
    row: Row, rows: Sequence[Row], main: str | None, components: Sequence[str]
) -> tuple[str, ...]:
    body = () if main is None else (main,)
    match row.on:
        case "main":
            return body
        case "part":
            return (row.part,)
        case "joined":
            return (*body, row.part)
        case "all":
            later = {below.part for below in rows[rows.index(row) :] if below.on == "joined"}
            return tuple(name for name in components if name not in later)
        case _:
            return ()


def _follows(row: Row, rows: Sequence[Row]) -> tuple[str, ...]:
    """The row before that worked on the same thing."""
    if row.on not in ("main", "all"):
        return ()
    earlier: Iterator[Row] = reversed(rows[: rows.index(row)])
    return tuple(islice((above.key for above in earlier if above.on == row.on), 1))
