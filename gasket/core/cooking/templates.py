"""Steps to begin with, by family of dish (common practice).

A template is a list of lines as a cook would type them, about the body of the dish (`{main}`). A
line begins after the last line that worked on the body, or after those that it names. Every other
component is got ready in a line of its own and then joined to the dish, where and how its role has
it: crumbs before the tray is baked, frosting once the cake is cool, layers as the cups are filled.
"""

from collections.abc import Collection, Iterator, Sequence
from dataclasses import dataclass, replace
from itertools import islice
from typing import Final

from gasket.core.cooking.parts import Role, body_of, role_of
from gasket.core.cooking.preheat import with_preheats
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import HOT, Step
from gasket.core.cooking.tools import by_hand
from gasket.core.trade.families import Family


@dataclass(frozen=True, slots=True)
class _Place:
    """When a component joins the dish: in the line `into`, or in a line of its own that comes after
    the lines `after` and that the line `before` waits for."""

    after: tuple[str, ...] = ()
    before: str = ""
    into: str = ""


@dataclass(frozen=True, slots=True)
class _Row:
    """A line of a template. `key` is how others name it in `after`; `on` what it works on: the
    body, all, a `part` that is got ready, or one that is joined at its `place`."""

    key: str
    text: str
    on: str = "main"
    after: tuple[str, ...] = ()
    must: str = ""
    part: str = ""
    place: _Place | None = None


_PREHEAT: Final = _Row("preheat", "Preheat the oven 12 min", on="")
_LINE: Final = _Row("line", "Grease or line the tin 3 min", on="", must="line")
_DRY: Final = _Row("dry", "Weigh and whisk the dry things of {main} 6 min")
_CAKE_CUE: Final = "until moist crumbs on a toothpick: one minute late is dry"

TEMPLATES: Final[dict[Family, tuple[_Row, ...]]] = {
    "cake": (
        _PREHEAT,
        _LINE,
        _DRY,
        _Row("fold", "Fold in the wet things, then only 3 or 4 folds 4 min", must="fold"),
        _Row("fill", "Fill {main} to 3/4 2 min", after=("fold", "line"), must="fill"),
        _Row(
            "bake",
            f"Bake {{main}} in the tin 350 F 35-40 min {_CAKE_CUE}",
            after=("fill", "preheat"),
        ),
        _Row("cool", "Cool {main} 30 min"),
    ),
    "brownie": (
        _PREHEAT,
        _LINE,
        _DRY,
        _Row("stir", "Stir {main} for longer than seems right 5 min", must="stir"),
        _Row("rest", "Rest {main} in the fridge 20 min"),
        _Row("again", "Stir again before pouring 1 min", must="again"),
        _Row(
            "bake",
            "Bake {main} in the pan 350 F 18-22 min until the middle still shakes",
            after=("again", "line", "preheat"),
        ),
        _Row("cool", "Cool {main} 45 min, it goes on setting"),
    ),
    "dough": (
        _PREHEAT,
        _LINE,
        _DRY,
        _Row("knead", "Stir the yogurt in for longer than seems right 6 min", must="stir"),
        _Row("rest", "Rest {main} in the fridge 30 min"),
        _Row("shape", "Roll out and shape 8 min"),
        _Row(
            "par", "Par-bake the base 400 F 8 min", after=("shape", "line", "preheat"), must="par"
        ),
        _Row(
            "bake",
            "Bake 400 F 10-12 min until golden brown",
            on="all",
            after=("par",),
        ),
    ),
    "batter": (
        _DRY,
        _Row("stir", "Stir the wet things in, only just combined 2 min", must="fold"),
        _Row("rest", "Rest {main} 10 min"),
        _Row("again", "Stir again before pouring 1 min", must="again"),
        _Row("cook", "Cook each in the pan, 15 min until bubbles and a firm edge"),
    ),
    "crepe": (
        _Row("blend", "Blend {main} smooth 2 min"),
        _Row("rest", "Rest {main} in the fridge 30 min"),
        _Row("again", "Stir again before pouring 1 min", must="again"),
        _Row("cook", "Cook each in the pan 15 min until the edges lift"),
    ),
    "custard": (
        _Row("mix", "Whisk {main} smooth 6 min"),
        _Row("fill", "Fill the cups 5 min", on="all", after=("mix",), must="portion"),
        _Row("chill", "Chill 4-6 h until set", on="all", after=("fill",)),
    ),
    "tray": (
        _PREHEAT,
        _Row("prep", "Weigh and cut everything 10 min"),
        _Row("boil", "Boil {main} 8 min"),
        _Row("combine", "Combine in the dish 4 min", on="all", after=("boil",)),
        _Row(
            "bake",
            "Bake in the dish 350 F 25-30 min until golden brown",
            on="all",
            after=("combine", "preheat"),
        ),
        _Row("rest", "Rest 10 min", on="all"),
    ),
    "burger": (
        _PREHEAT,
        _Row("coat", "Weigh, pat dry and coat {main} 10 min"),
        _Row("chill", "Chill {main} 15 min"),
        _Row(
            "bake",
            "Bake {main} on a rack 400 F 18-20 min until golden brown",
            after=("chill", "preheat"),
        ),
        _Row("rest", "Rest {main} 3 min"),
        _Row("toast", "Toast the bun 2 min", on="", after=("bake",), must="par"),
        _Row("build", "Top and close 3 min", on="all", after=("rest", "toast")),
    ),
    "drink": (_Row("blend", "Blend {main} 2 min"),),
    "frozen": (
        _Row("blend", "Blend {main} smooth 3 min"),
        _Row("freeze", "Freeze {main} overnight", after=("blend",)),
        _Row("thaw", "Stand at room temperature 10 min"),
        _Row("again", "Mix again until creamy 3 min", must="again"),
    ),
    "no_bake": (
        _LINE,
        _Row("mix", "Mix {main} 6 min"),
        _Row("press", "Press into the tin 4 min", after=("mix", "line")),
        _Row("chill", "Chill {main} 45-60 min"),
        _Row("cut", "Cut 3 min"),
    ),
}


_READY: Final[dict[Role, str]] = {
    "base": "Mix {part} 4 min",
    "frosting": "Beat {part} smooth 6 min",
    "sauce": "Stir {part} smooth 4 min",
    "topping": "Mix {part} 3 min",
    "filling": "Mix {part} 5 min",
    "other": "Lay out what goes into {part} 4 min",
}
_COOKED: Final = "Cook {part} through in the pan 10 min"
_SET: Final = "Cook {part} gently in the pan 10 min, stirring, until it coats a spoon"
_WARM_SAUCE: Final = "Stir {part} over low heat 6 min"
_WARM: Final[frozenset[Family]] = frozenset({"cake", "tray"})
_JOINED: Final[dict[Role, str]] = {
    "base": "Press {part} into the tin 3 min",
    "frosting": "Spread {part} on {main} 4 min",
    "sauce": "Spoon {part} over {main} 2 min",
    "topping": "Sprinkle {part} over 1 min",
    "filling": "Fill {main} with {part} 4 min",
    "other": "Add {part} to {main} 3 min",
}
_ONCE_COOL: Final = _Place(after=("cool",))
_PLACES: Final[dict[Family, tuple[_Place, dict[Role, _Place]]]] = {
    # Where a component goes, and where those of some roles go instead.
    "cake": (
        _ONCE_COOL,
        {
            "base": _Place(after=("line",), before="fill"),
            "topping": _Place(after=("fill",), before="bake"),
        },
    ),
    "brownie": (
        _ONCE_COOL,
        {
            "base": _Place(after=("line",), before="bake"),
            "topping": _Place(after=("again",), before="bake"),
        },
    ),
    "dough": (_Place(after=("par",), before="bake"), {"frosting": _Place(after=("bake",))}),
    "batter": (_Place(after=("cook",)), {}),
    "crepe": (_Place(after=("cook",)), {}),
    "custard": (
        _Place(into="fill"),
        {
            "base": _Place(before="fill"),
            "topping": _Place(after=("chill",)),
            "frosting": _Place(after=("chill",)),
            "sauce": _Place(after=("chill",)),
        },
    ),
    "tray": (
        _Place(into="combine"),
        {
            "base": _Place(before="combine"),
            "topping": _Place(after=("combine",), before="bake"),
            "frosting": _Place(after=("rest",)),
        },
    ),
    "burger": (_Place(into="build"), {}),
    "drink": (_Place(after=("blend",)), {}),
    "frozen": (_Place(after=("again",)), {}),
    "no_bake": (
        _Place(after=("mix",), before="press"),
        {
            "base": _Place(after=("line",), before="press"),
            "topping": _Place(after=("press",), before="chill"),
            "frosting": _Place(after=("chill",), before="cut"),
            "sauce": _Place(after=("chill",), before="cut"),
        },
    ),
}
_MOST_PARTS: Final = 20
"""So many components get lines of their own; a list of steps has an end."""
_MOST_NAME: Final = 60


def steps_for(
    family: Family,
    components: Sequence[str],
    missing: Sequence[str] = (),
    raw: Collection[str] = (),
    set_by_egg: Collection[str] = (),
) -> tuple[Step, ...]:
    """The family's steps for these components; a tool that is missing is worked without. Raw meat
    or fish, and what egg sets, is heated by itself where no other line heats it."""
    main = body_of(components, family)
    others = [name for name in components if name != main]
    rows = [*TEMPLATES[family]]
    for number, part in enumerate(islice(others, _MOST_PARTS), start=1):
        rows = _with_part(rows, family, part, number)
    steps = [_step(row, rows, main, components) for row in rows]
    for name in components:
        text = _COOKED if name in raw else _SET if name in set_by_egg else None
        if text is not None and not any(step.kind in HOT and name in step.uses for step in steps):
            steps = _heated(steps, name, text)
    steps = with_preheats(steps)
    for tool in missing:
        steps = [new for step in steps for new in by_hand(step, tool)]
    return tuple(steps)


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
    says = step.says.format(part=component[:_MOST_NAME])
    return step.model_copy(update={"says": says, "uses": (component,), "after": after})


def _with_part(rows: list[_Row], family: Family, part: str, number: int) -> list[_Row]:
    """The rows with those of one more component, each before the row that waits for it."""
    role = role_of(part)
    usual, by_role = _PLACES[family]
    place = by_role.get(role, usual)
    text = _WARM_SAUCE if role == "sauce" and family in _WARM else _READY[role]
    ready = _Row(f"ready-{number}", text, on="part", part=part)
    if place.into:
        return _before(rows, place.into, ready, waits_for=ready.key)
    earlier = [row.key for row in rows if row.on == "joined" and row.place == place]
    joined = _Row(
        f"add-{number}",
        _JOINED[role],
        on="joined",
        after=(ready.key, *place.after, *earlier[-1:]),
        part=part,
        place=place,
    )
    if not place.before:
        return [*rows, ready, joined]
    return _before(_before(rows, place.before, ready), place.before, joined, waits_for=joined.key)


def _before(rows: list[_Row], key: str, new: _Row, waits_for: str = "") -> list[_Row]:
    """`new` set before the row `key`, which then waits for `waits_for` too."""
    at = next(i for i, row in enumerate(rows) if row.key == key)
    row = rows[at]
    if waits_for:
        row = replace(row, after=(*(row.after or _follows(row, rows)), waits_for))
    return [*rows[:at], new, row, *rows[at + 1 :]]


def _step(row: _Row, rows: Sequence[_Row], main: str | None, components: Sequence[str]) -> Step:
    """A row as a step. Names are put in after the text was read: they may say anything."""
    step = read_step(row.text, row.key)
    names = {"main": (main or "it")[:_MOST_NAME], "part": row.part[:_MOST_NAME]}
    update: dict[str, object] = {
        "says": step.says.format(**names),
        "written": "C",
        "uses": _uses(row, rows, main, components),
        "must": row.must,
        "after": row.after or _follows(row, rows),
    }
    if row.must == "par":
        update["hands_on"] = False
    if row.on == "joined":
        update["kind"] = "top"
    return step.model_copy(update=update)


def _uses(
    row: _Row, rows: Sequence[_Row], main: str | None, components: Sequence[str]
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


def _follows(row: _Row, rows: Sequence[_Row]) -> tuple[str, ...]:
    """The row before that worked on the same thing."""
    if row.on not in ("main", "all"):
        return ()
    earlier: Iterator[_Row] = reversed(rows[: rows.index(row)])
    return tuple(islice((above.key for above in earlier if above.on == row.on), 1))
