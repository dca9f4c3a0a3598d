"""How a person pours: most of it at once, then by spoons, now and then too much and a spoon back.

Pure: the dice are handed in, so that the same seed always pours the same.
"""

import random
from collections.abc import Iterator
from dataclasses import dataclass
from typing import Final, Literal

HandAct = Literal["pour", "scoop", "spill"]
LARGE_G: Final = 60.0
OVERSHOOTS: Final = 0.15


@dataclass(frozen=True, slots=True)
class Hand:
    """One movement after a pause in seconds."""

    pause_s: float
    act: HandAct
    grams: float


def pour_like_a_person(target_g: float, dice: random.Random) -> Iterator[Hand]:
    """Movements that end within 1 % of the target (a tenth of a gram for very little)."""
    aimed = target_g * (1 + dice.uniform(-0.008, 0.008))
    poured = 0.0
    if target_g >= LARGE_G:
        poured = round(aimed * dice.uniform(0.75, 0.93), 1)
        yield Hand(dice.uniform(0.2, 0.6), "pour", poured)
    too_much = dice.random() < OVERSHOOTS and target_g >= 20
    goal = aimed * (1 + dice.uniform(0.03, 0.06)) if too_much else aimed
    scoops = dice.randint(1, 3)
    for i in range(scoops, 0, -1):
        rest = goal - poured
        scoop = rest if i == 1 else rest * dice.uniform(0.4, 0.7)
        yield Hand(dice.uniform(0.3, 1.1), "scoop", round(scoop, 2))
        poured += round(scoop, 2)
    if too_much:
        yield Hand(dice.uniform(0.8, 1.6), "spill", round(poured - aimed, 2))
