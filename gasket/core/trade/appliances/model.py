"""What is known of an appliance and of the ways to do a step in it or without it, as plain data."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Final, Literal

from gasket.core.trade.families import Family
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.step_kinds import MinutesApart, StepKind
from gasket.core.trade.temperatures import Air

SMALL_PIECE_G: Final = 40.0


@dataclass(frozen=True, slots=True, kw_only=True)
class Fits:
    """Which steps go a way: all that is given holds. Words and vessels are regular expressions;
    one that is `alone` works on no component."""

    kinds: tuple[StepKind, ...] = ()
    not_kinds: tuple[StepKind, ...] = ()
    tools: tuple[str, ...] = ()
    by_hand: bool = False
    air: Air | None = None
    heated: bool = False
    vessel: str = ""
    not_vessel: str = ""
    says: str = ""
    families: tuple[Family, ...] = ()
    alone: bool = False
    least_min: float = 0.0


@dataclass(frozen=True, slots=True, kw_only=True)
class Turns:
    """What becomes of a step: its minutes times `times` (another pair for a kind in `times_of`, for
    pieces under `SMALL_PIECE_G` in `small_times`), the first look at `look` of what was stated; its
    heat by `hotter_c`, after a fan's heat was turned into that of still air or the other way
    (`air`); `places` times as many at once; `sets` of its fields; a `vessel` before its own.
    With a `line` it becomes what that line says."""

    times: tuple[float, float] = (1.0, 1.0)
    times_of: Mapping[StepKind, tuple[float, float]] = field(default_factory=dict)
    small_times: tuple[float, float] | None = None
    look: float | None = None
    small_look: float | None = None
    air: Air | None = None
    hotter_c: float = 0.0
    places: float = 1.0
    sets: Mapping[str, object] = field(default_factory=dict)
    vessel: str = ""
    line: str = ""


@dataclass(frozen=True, slots=True)
class Way:
    """Another way to do a step. `tool` is what it needs of the kitchen; one that `heats` waits
    until that tool is hot."""

    key: str
    says: str
    fits: tuple[Fits, ...]
    turns: Turns
    tool: str = ""
    heats: bool = False


@dataclass(frozen=True, slots=True)
class Hazard:
    """A caution that goes with an appliance: always, or where a food is of one of `kinds` or called
    by one of `words` (a regular expression), unless it is in one of these `safe` states."""

    code: str
    says: str
    source: str
    kinds: tuple[FoodKind, ...] = ()
    words: str = ""
    safe: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True, kw_only=True)
class Appliance:
    """All that is known of an appliance. Its `tool` is its name in steps, with an `air` where that
    tells it from another of the same name; a typed step is told by `words`, or by being of one of
    `of_kinds`. What else is done in it is of `kind`.

    `rank` orders appliances where several would do. A kitchen may lack one that is `offered`.
    `learns_as` is what the memory of ovens takes it for.
    """

    key: str
    rank: int
    tool: str = ""
    air: Air | None = None
    words: str = ""
    of_kinds: tuple[StepKind, ...] = ()
    kind: StepKind | None = None
    hands_on: bool | None = None
    offered: bool = True
    heat_min: float = 0.0
    knob: Literal["oven"] | None = None
    looks: MinutesApart | None = None
    learns_as: str = ""
    ways: tuple[Way, ...] = ()
    hazards: tuple[Hazard, ...] = ()

    @property
    def name(self) -> str:
        """Its name in steps."""
        return self.tool or self.key
