"""Steps to begin with, by family of dish, and the ones that are easy to forget.

A template is a list of lines as a cook would type them (common practice). `{main}` is the first
component, `{top}` the others; a line with `{top}` is left out where there is none. A line begins
after the last line that worked on the same component, or after those that it names.
"""

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Final

from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import HOT, Step, StepKind
from gasket.core.cooking.tools import by_hand
from gasket.core.families import Family
from gasket.core.numbers import Answer


@dataclass(frozen=True, slots=True)
class _Row:
    """A line of a template. `key` is how others name it in `after`; `on` what it works on."""

    key: str
    text: str
    on: str = "main"
    after: tuple[str, ...] = ()
    must: str = ""


_PREHEAT: Final = _Row("preheat", "Preheat the oven 350 F 12 min", on="")
_LINE: Final = _Row("line", "Grease or line the tin 3 min", on="", must="line")
_DRY: Final = _Row("dry", "Weigh and whisk the dry things of {main} 6 min")
_FROSTING: Final = _Row("top", "Beat {top} smooth 6 min", on="top")
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
        _FROSTING,
        _Row("frost", "Spread {top} on {main} 4 min", on="top", after=("top", "cool")),
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
        _FROSTING,
        _Row("frost", "Spread {top} on {main} 3 min", on="top", after=("top", "cool")),
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
        _FROSTING,
        _Row("put", "Top with {top} 4 min", on="top", after=("top", "par")),
        _Row(
            "bake",
            "Bake 400 F 10-12 min until golden brown",
            on="all",
            after=("par", "put"),
        ),
    ),
    "batter": (
        _DRY,
        _Row("stir", "Stir the wet things in, only just combined 2 min", must="fold"),
        _Row("rest", "Rest {main} 10 min"),
        _Row("again", "Stir again before pouring 1 min", must="again"),
        _Row("cook", "Cook each in the pan, 15 min until bubbles and a firm edge"),
        _FROSTING,
        _Row("serve", "Spread {top} 2 min", on="top", after=("top", "cook")),
    ),
    "crepe": (
        _Row("blend", "Blend {main} smooth 2 min"),
        _Row("rest", "Rest {main} in the fridge 30 min"),
        _Row("again", "Stir again before pouring 1 min", must="again"),
        _Row("cook", "Cook each in the pan 15 min until the edges lift"),
    ),
    "custard": (
        _Row("mix", "Whisk {main} smooth 6 min"),
        _Row("top", "Beat {top} smooth 5 min", on="top"),
        _Row("fill", "Fill the cups 5 min", on="all", after=("mix", "top"), must="portion"),
        _Row("chill", "Chill 4-6 h until set", on="all", after=("fill",)),
    ),
    "tray": (
        _PREHEAT,
        _Row("prep", "Weigh and cut everything 10 min"),
        _Row("sauce", "Stir {top} over low heat 8 min", on="top"),
        _Row("boil", "Boil {main} 8 min"),
        _Row("combine", "Combine in the dish 4 min", on="all", after=("boil", "sauce")),
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
        _Row("top", "Stir {top} 4 min", on="top"),
        _Row("toast", "Toast the bun 2 min", on="", after=("bake",), must="par"),
        _Row("build", "Top and close 3 min", on="all", after=("rest", "top", "toast")),
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


def steps_for(
    family: Family, components: Sequence[str], missing: Sequence[str] = ()
) -> tuple[Step, ...]:
    """The family's steps for these components; a tool that is missing is worked without."""
    rows = [row for row in TEMPLATES[family] if row.on != "top" or len(components) > 1]
    keys = {row.key for row in rows}
    main, others = (components[0] if components else "it"), components[1:]
    steps: list[Step] = []
    for row in rows:
        text = row.text.format(main=main, top=" and ".join(others) or "the topping")
        step = read_step(text, row.key)
        named = tuple(key for key in row.after if key in keys)
        update: dict[str, object] = {
            "written": "C",
            "uses": _uses(row, components),
            "must": row.must,
            "after": named or tuple(_before(row, rows)),
        }
        if row.must == "par":
            update["hands_on"] = False
        steps.append(step.model_copy(update=update))
    for tool in missing:
        steps = [new for step in steps for new in by_hand(step, tool)]
    return tuple(steps)


def _uses(row: _Row, components: Sequence[str]) -> tuple[str, ...]:
    match row.on:
        case "main":
            return tuple(components[:1])
        case "top":
            return tuple(components[1:])
        case "all":
            return tuple(components)
        case _:
            return ()


def _before(row: _Row, rows: Sequence[_Row]) -> Iterator[str]:
    """The line before that works on the same thing."""
    at = rows.index(row)
    if row.on == "":
        return
    for other in reversed(rows[:at]):
        if other.on == row.on:
            yield other.key
            return


class Must(Answer):
    """A step of the family that is easy to forget and is not there; `text` is what to add."""

    must: str
    says: str
    text: str


_MUSTS: Final[tuple[tuple[str, frozenset[Family], str, str, str], ...]] = (
    # key, families, what tells that it is there, the sentence, the line to add
    (
        "line",
        frozenset({"cake", "brownie", "no_bake"}),
        r"greas|\bline\b|liner|parchment|paper|silicone",
        "Grease or line the tin.",
        "Grease or line the tin 3 min",
    ),
    (
        "again",
        frozenset({"brownie", "batter", "crepe"}),
        r"again",
        "Stir again before pouring: powder settles.",
        "Stir again before pouring 1 min",
    ),
    (
        "fill",
        frozenset({"cake"}),
        r"3/4|three quarters|two thirds|2/3",
        "Fill to 3/4: it rises.",
        "Fill to 3/4 2 min",
    ),
    (
        "par",
        frozenset({"dough"}),
        r"par-?bake|pre-?bake|toast",
        "Par-bake the base, or it goes soggy.",
        "Par-bake the base 200 C 8 min",
    ),
)


def forgotten(steps: Sequence[Step], family: Family | None) -> tuple[Must, ...]:
    """Must-steps of the family that are not among the steps; none before there are any."""
    if family is None or not steps:
        return ()
    text = " ".join(f"{step.says} {step.vessel}" for step in steps)
    there = {step.must for step in steps}
    found = [
        Must(must=key, says=says, text=line)
        for key, families, words, says, line in _MUSTS
        if family in families and key not in there and not re.search(words, text, re.IGNORECASE)
    ]
    baked = any(step.kind == "bake" and step.tool == "oven" for step in steps)
    if baked and not any(step.kind == "preheat" for step in steps):
        degrees = next(
            (s.temperature_c for s in steps if s.kind == "bake" and s.temperature_c), 175
        )
        line = f"Preheat the oven {degrees:.0f} C 12 min"
        found.insert(0, Must(must="preheat", says="Preheat the oven.", text=line))
    cups = any(re.search(r"egg cups?", step.says, re.IGNORECASE) for step in steps)
    if cups and not re.search(r"water (pan|bath)", text, re.IGNORECASE):
        says = "A pan of water under egg cups keeps them tender."
        found.append(Must(must="water", says=says, text="Put a water pan under the rack 2 min"))
    return tuple(found)


def following(steps: Sequence[Step], new: Step) -> Step:
    """A step typed at the end of the list, set after what it most likely follows: the last one
    on its components, or the last one; a preheating oven waits for nothing, and the first baking
    step after it waits for it."""
    if new.kind == "preheat" or not steps:
        return new
    same = [step for step in steps if step.kind != "preheat" and _share(step, new)]
    last = (same or [step for step in steps if step.kind != "preheat"])[-1:]
    heats = [step.id for step in steps if step.kind == "preheat"] if _bakes(new) else []
    return new.model_copy(update={"after": tuple([step.id for step in last] + heats[-1:])})


def _share(one: Step, other: Step) -> bool:
    return bool(set(one.uses) & set(other.uses))


def _bakes(step: Step) -> bool:
    kinds: frozenset[StepKind] = HOT
    return step.kind in kinds and step.tool == "oven"


def mentions(text: str, components: Sequence[str]) -> tuple[str, ...]:
    """The components that a typed step names."""
    return tuple(
        name
        for name in components
        if re.search(rf"(?<!\w){re.escape(name)}(?!\w)", text, re.IGNORECASE)
    )
