"""The table of other ways to do a step: another appliance, another vessel, or by hand.

A way says what it makes of the time, the temperature and the texture, and what to watch. All of it
is common practice except the figures marked "from memory".
"""

import re
from collections.abc import Callable
from dataclasses import dataclass
from typing import Final

from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step, changed
from gasket.core.cooking.temperatures import FAN_LESS
from gasket.core.trade.families import Family

HOT_OVEN_MIN: Final = 12.0
HOT_AIR_FRYER_MIN: Final = 4.0
SMALL_PIECE_G: Final = 40.0
_FAN_LESS_C: Final = {"C": FAN_LESS["C"], "F": FAN_LESS["F"] / 1.8}
_AIR_FRYER_LESS_C: Final = 15.0
_HELD_FLAT: Final[frozenset[Family]] = frozenset({"wrap", "sandwich"})
_IRONED: Final[frozenset[Family]] = frozenset({"pancake", "blender_pancake"})
_CUPS: Final = re.compile(r"\b(?:cups?|cases?|moulds?|tins?|tray|pan|dish)\b", re.IGNORECASE)
_SMALL_CUPS: Final = re.compile(r"\b(?:cups?|cases?|moulds?)\b", re.IGNORECASE)
_WHIPPED: Final = re.compile(r"\b(?:beat|whip|whisk)", re.IGNORECASE)
_BREAD: Final = re.compile(r"\b(?:bun|bread|toast)\b", re.IGNORECASE)


@dataclass(frozen=True, slots=True)
class Kitchen:
    """What decides whether a way fits: the dish, what one piece weighs, what is missing here."""

    family: Family | None = None
    piece_g: float | None = None
    missing: frozenset[str] = frozenset()


@dataclass(frozen=True, slots=True)
class Way:
    """Another way to do a step. `tool` is what it needs of the kitchen, `fits` which steps can go
    it, `change` the step as it is done then; `heat_min` is how long the tool heats up before."""

    key: str
    says: str
    fits: Callable[[Step, Kitchen], bool]
    change: Callable[[Step, Kitchen], Step]
    tool: str = ""
    heat_min: float = 0.0


def _times(step: Step, least: float, most: float, look: float | None = None) -> Step:
    """The step with its window from `least` times the shortest to `most` times the longest."""
    first = None if step.first_look_min is None else round(step.first_look_min * least, 2)
    return changed(
        step,
        least_min=round(step.shortest_min * least, 2),
        most_min=round(step.longest_min * most, 2),
        first_look_min=round(step.stated_min * look, 2) if look else first,
    )


def _hotter(step: Step, by_c: float) -> float | None:
    return None if step.temperature_c is None else round(step.temperature_c + by_c, 2)


def _bakes(step: Step) -> bool:
    return step.kind == "bake" and step.tool == "oven"


def _in_fan(step: Step, _: Kitchen) -> Step:
    return changed(step, air="fan", temperature_c=_hotter(step, -_FAN_LESS_C[step.written]))


def _in_still_air(step: Step, _: Kitchen) -> Step:
    return changed(step, air="conventional", temperature_c=_hotter(step, _FAN_LESS_C[step.written]))


def _in_air_fryer(step: Step, kitchen: Kitchen) -> Step:
    still = _in_still_air(step, kitchen) if step.air == "fan" else step
    small = kitchen.piece_g is not None and kitchen.piece_g < SMALL_PIECE_G
    timed = _times(still, 0.6, 0.6, 0.3) if small else _times(still, 0.7, 0.8, 0.375)
    cooler = _hotter(still, -_AIR_FRYER_LESS_C)
    return changed(timed, tool="air fryer", air="conventional", temperature_c=cooler)


def _in_oven(step: Step, _: Kitchen) -> Step:
    timed = _times(step, 1.25, 1.4)
    hotter = _hotter(step, _AIR_FRYER_LESS_C)
    return changed(timed, kind="bake", tool="oven", hands_on=False, temperature_c=hotter)


def _on_griddle(step: Step, _: Kitchen) -> Step:
    places = None if step.at_a_time is None else 2 * step.at_a_time
    return changed(step, tool="griddle", at_a_time=places, temperature_c=182.0, written="F")


def _in_pan(step: Step, _: Kitchen) -> Step:
    places = None if step.at_a_time is None else max(1, step.at_a_time // 2)
    return changed(step, tool="stove", vessel="pan", at_a_time=places, temperature_c=None)


def _in_press(step: Step, _: Kitchen) -> Step:
    timed = _times(step, 0.25, 0.3) if _bakes(step) else _times(step, 0.4, 0.5)
    other = {"kind": "machine", "tool": "sandwich press", "temperature_c": None}
    return changed(timed, **other, vessel="", hands_on=True)


def _from_press(step: Step, _: Kitchen) -> Step:
    return changed(_times(step, 2.0, 2.5), kind="pan", tool="stove", vessel="pan", hands_on=True)


def _iron_to_pan(step: Step, _: Kitchen) -> Step:
    other = {"kind": "pan", "tool": "stove", "vessel": "pan", "ladle_g": 60.0, "at_a_time": 3}
    return changed(step, **other, least_min=3.0, most_min=4.0, first_look_min=None, hands_on=True)


def _pan_to_iron(step: Step, _: Kitchen) -> Step:
    other = {"kind": "machine", "tool": "waffle iron", "ladle_g": 100.0, "at_a_time": 1}
    return changed(step, **other, least_min=2.0, most_min=4.0, vessel="", hands_on=True)


def _by_fork(step: Step, _: Kitchen) -> Step:
    return changed(_times(step, 2.0, 3.0), kind="mix", tool="", hands_on=True)


def _by_hand(step: Step, _: Kitchen) -> Step:
    return changed(_times(step, 2.5, 3.0), tool="", hands_on=True)


def _by_mixer(step: Step, _: Kitchen) -> Step:
    return changed(_times(step, 0.35, 0.45), tool="stand mixer")


def _on_stove(step: Step, _: Kitchen) -> Step:
    return changed(_times(step, 2.0, 3.0), kind="boil", tool="stove", vessel="pan", hands_on=True)


def _like(line: str) -> Callable[[Step, Kitchen], Step]:
    """The step as the line says it, with what it works on and when."""

    def change(step: Step, _: Kitchen) -> Step:
        kept = {"uses": step.uses, "after": step.after, "cue": step.cue, "must": step.must}
        new = read_step(line, step.id)
        tool = "" if new.tool == step.tool else new.tool
        return changed(new, **kept, tool=tool)

    return change


def _vessel(name: str, least: float, most: float) -> Callable[[Step, Kitchen], Step]:
    def change(step: Step, _: Kitchen) -> Step:
        bare = re.sub(r"^(?:silicone|glass|foil|cast-iron)\s+", "", step.vessel)
        return changed(_times(step, least, most), vessel=f"{name} {bare}".strip())

    return change


def _as_one_slab(step: Step, _: Kitchen) -> Step:
    return changed(_times(step, 1.4, 1.4), vessel="tray", for_piece_g=None)


def _of_steel(step: Step) -> bool:
    made_of = re.search(r"\b(?:silicone|glass|foil|cast)", step.vessel, re.IGNORECASE)
    return _bakes(step) and made_of is None and bool(_CUPS.search(step.vessel))


WAYS: Final[tuple[Way, ...]] = (
    Way(
        "in the fan oven",
        "20 °C (25 °F) lower for the same time. It browns sooner.",
        lambda step, _: _bakes(step) and step.air == "conventional" and bool(step.temperature_c),
        _in_fan,
        "fan oven",
    ),
    Way(
        "in still air",
        "20 °C (25 °F) higher for the same time. The top browns later.",
        lambda step, _: _bakes(step) and step.air == "fan" and bool(step.temperature_c),
        _in_still_air,
        "oven",
    ),
    Way(
        "in the air fryer",
        "15 °C (25 °F) lower and a quarter shorter, in one layer; look at half time. Crisper, less "
        "even. Batter only in cups, and a rack over what is light: it flies. (From memory.)",
        lambda step, _: _bakes(step),
        _in_air_fryer,
        "air fryer",
        HOT_AIR_FRYER_MIN,
    ),
    Way(
        "in the oven",
        "15 °C (25 °F) higher and a third longer, on a rack. Less crisp. (From memory.)",
        lambda step, _: step.tool == "air fryer",
        _in_oven,
        "oven",
        HOT_OVEN_MIN,
    ),
    Way(
        "on the griddle",
        "At 350 to 375 °F (177 to 190 °C): it holds more at once and browns more, with less steam.",
        lambda step, _: step.kind == "pan" and step.tool == "stove",
        _on_griddle,
        "griddle",
    ),
    Way(
        "in a pan",
        "It holds less at once, so cook in rounds. Put a lid on for thick pieces.",
        lambda step, _: step.tool == "griddle",
        _in_pan,
    ),
    Way(
        "in the sandwich press",
        "Both sides at once, so less than half the time: flat, crisp, no oil. Keep the filling "
        "off the edge. (From memory.)",
        lambda step, kitchen: kitchen.family in _HELD_FLAT and (_bakes(step) or step.kind == "pan"),
        _in_press,
        "sandwich press",
    ),
    Way(
        "in a pan, turned once",
        "A little oil, and twice the time: press it down with a second pan. (From memory.)",
        lambda step, _: step.tool == "sandwich press",
        _from_press,
    ),
    Way(
        "as pancakes in a pan",
        "Thin the batter with 30 to 60 ml more liquid for 300 g. Softer, no crisp ridges. (From "
        "memory.)",
        lambda step, _: step.tool == "waffle iron" and step.kind != "preheat",
        _iron_to_pan,
    ),
    Way(
        "in the waffle iron",
        "Thicken the batter with 10 to 15 % more of the dry ingredients; it is done when the steam "
        "stops. (From memory.)",
        lambda step, kitchen: step.kind == "pan" and kitchen.family in _IRONED,
        _pan_to_iron,
        "waffle iron",
    ),
    Way(
        "with a fork in a bowl",
        "Oats stay whole: take oat flour, or let it stand 10 min. Cottage cheese stays grainy, "
        "banana is mashed in a minute or two, florets go over a grater.",
        lambda step, _: step.tool == "blender",
        _by_fork,
    ),
    Way(
        "by hand with a whisk",
        "Whites take 8 to 10 min. A frosting keeps small lumps: 30 to 60 min in the fridge help. "
        "(Minutes from memory.)",
        lambda step, _: step.tool == "stand mixer",
        _by_hand,
    ),
    Way(
        "with the stand mixer",
        "Less than half the time. Never a muffin batter: it turns tough. (Minutes from memory.)",
        lambda step, _: step.kind == "mix" and step.tool == "" and bool(_WHIPPED.search(step.says)),
        _by_mixer,
        "stand mixer",
    ),
    Way(
        "in a pan on the stove",
        "Over low heat, stirring: two to three times as long, and it catches at the bottom.",
        lambda step, _: step.tool == "microwave",
        _on_stove,
    ),
    Way(
        "in the freezer, stirred",
        "Stir hard every 30 min for 3 h. Icier than from the machine. (From memory.)",
        lambda step, _: step.tool == "ice cream machine",
        _like("Freeze 3 h, stirring hard every 30 min"),
    ),
    Way(
        "with a freezer bag",
        "Cut a corner off. Less even.",
        lambda step, _: step.tool == "piping bag",
        _like("Pipe from a freezer bag with a corner cut off 4 min"),
    ),
    Way(
        "in mugs lined with paper",
        "Half as long again, with a fork for a stick. (The time from memory.)",
        lambda step, _: step.kind == "freeze" and "mould" in step.vessel,
        lambda step, _: changed(_times(step, 1.5, 1.5), vessel="mugs"),
    ),
    Way(
        "as one slab in a tray",
        "3 cm deep: about 1.4 times as long. Cut it when it is cold. (From memory.)",
        lambda step, _: _bakes(step) and bool(_SMALL_CUPS.search(step.vessel)),
        _as_one_slab,
    ),
    Way(
        "in silicone",
        "1 to 3 min longer, paler outside; stand it on a sheet.",
        lambda step, _: _of_steel(step),
        _vessel("silicone", 1.06, 1.18),
    ),
    Way(
        "in glass",
        "A tenth longer or a little more; it goes on baking when it is out. (From memory.)",
        lambda step, _: _of_steel(step),
        _vessel("glass", 1.1, 1.15),
    ),
    Way(
        "in foil tubs",
        "A fifth shorter. (From memory.)",
        lambda step, _: _of_steel(step),
        _vessel("foil", 0.8, 0.8),
    ),
    Way(
        "with a blowtorch",
        "A minute, held a hand away and kept moving.",
        lambda step, _: step.kind == "broil",
        _like("Brown the top with a blowtorch 1 min"),
        "blowtorch",
    ),
    Way(
        "under a lid on the stove",
        "The cheese melts and does not brown.",
        lambda step, _: step.kind == "broil",
        _like("Put a lid on the pan until the cheese melts 3 min"),
    ),
    Way(
        "in a dry pan",
        "1 to 2 min with the cut side down.",
        lambda step, _: (
            step.tool in ("oven", "toaster")
            and step.kind in ("prep", "bake")
            and bool(_BREAD.search(step.says))
            and not step.uses
        ),
        _like("Toast it in a dry pan, cut side down 1-2 min"),
    ),
)
TOOLS: Final[tuple[str, ...]] = (
    *("oven", "fan oven", "air fryer", "microwave", "griddle", "sandwich press", "waffle iron"),
    *("blender", "stand mixer", "ice cream machine", "piping bag", "blowtorch"),
)
"""What a kitchen may lack."""
