"""The simulated scale's pan: mass, settling, noise, drift. Pure: time and dice are handed in."""

import math
import random
from collections import deque
from dataclasses import dataclass, field
from typing import Final, Literal

from gasket.core.weighing.records import Mode, Reading
from gasket.scale.hands import Hand, pour_like_a_person

SETTLING_S: Final = 0.25
POUR_G_PER_S: Final = 60.0
STICKY_SHARE: Final = 0.08
STICKY_G_PER_S: Final = 3.0
STEADY_READINGS: Final = 4
CAPACITY_G: Final = 5000.0
BOWL_G: Final = 412.0

Act = Literal[
    "pour",
    "scoop",
    "spill",
    "sticky",
    "person",
    "lift",
    "put",
    "bowl",
    "zero",
    "division",
    "noise",
    "settling",
    "drift",
    "auto_off",
    "silence",
]
"""What hands do, in grams: `sticky` drips on after the pour, `person` pours in several movements,
`bowl` puts on an empty one of that weight. What the scale does: `noise` in divisions, `drift` in
g a minute, `auto_off` and `silence` in seconds."""


@dataclass(slots=True)
class BowlOnScale:
    """A bowl on a kitchen scale."""

    dice: random.Random
    bowl_g: float = BOWL_G
    contents_g: float = 0.0
    bowl_on: bool = True
    division_g: float = 1.0
    capacity_g: float = CAPACITY_G
    noise_divisions: float = 0.05
    settling_s: float = SETTLING_S
    zero_g: float = 0.0
    mode: Mode = "gross"
    drift_g_per_min: float = 0.0
    auto_off_s: float = 0.0
    silent_s: float = 0.0
    off: bool = False
    _to_pour_g: float = 0.0
    _to_drip_g: float = 0.0
    _hands: deque[Hand] = field(default_factory=deque)
    _felt_g: float = BOWL_G
    _idle_s: float = 0.0
    _crept_g: float = 0.0
    _shown: list[float] = field(default_factory=list)

    def act(self, act: Act, amount: float = 0.0) -> None:
        """Do what a cook does at a scale."""
        self._wake()
        match act:
            case "pour":
                self._to_pour_g += amount
            case "sticky":
                self._to_pour_g += amount * (1 - STICKY_SHARE)
                self._to_drip_g += amount * STICKY_SHARE
            case "scoop":
                self.contents_g += amount
            case "spill":
                self.contents_g = max(0.0, self.contents_g - amount)
            case "person":
                self._hands.extend(pour_like_a_person(amount, self.dice))
            case "lift" | "put":
                self.bowl_on = act == "put"
            case "bowl":
                self.bowl_g, self.contents_g, self.bowl_on = amount, 0.0, True
            case "zero":
                self.zero_g, self.mode, self._crept_g = self.load_g, "net", 0.0
            case _:
                self._set(act, amount)

    def _set(self, act: Act, amount: float) -> None:
        """What is a property of the scale and its table rather than of the cook's hands."""
        match act:
            case "division":
                self.division_g = 0.1 if amount < 1 else 1.0
                self._shown.clear()
            case "noise":
                self.noise_divisions = max(0.0, amount)
            case "settling":
                self.settling_s = max(0.01, amount)
            case "drift":
                self.drift_g_per_min = amount
            case "auto_off":
                self.auto_off_s = max(0.0, amount)
            case "silence":
                self.silent_s = max(0.0, amount)

    def _wake(self) -> None:
        """A scale that went off takes what lies on it for its zero when it comes on again."""
        self._idle_s = 0.0
        if self.off:
            self.off, self.zero_g, self._crept_g = False, self.load_g, 0.0
            self._felt_g = self.load_g
            self._shown.clear()

    @property
    def load_g(self) -> float:
        """What really lies on the scale."""
        return self.bowl_g + self.contents_g if self.bowl_on else 0.0

    @property
    def is_busy(self) -> bool:
        """Hands are still at it."""
        return bool(self._hands) or self._to_pour_g > 0 or self._to_drip_g > 0

    def stop(self) -> None:
        """The hands stop where they are."""
        self._hands.clear()
        self._to_pour_g = self._to_drip_g = 0.0

    def advance(self, seconds: float) -> Reading | None:
        """Let time pass and show a reading; None while the scale is silent or off."""
        self._move_hands(seconds)
        self._pour(seconds)
        self._crept_g += self.drift_g_per_min / 60 * seconds
        self._felt_g += (self.load_g - self._felt_g) * (1 - math.exp(-seconds / self.settling_s))
        self.silent_s = max(0.0, self.silent_s - seconds)
        calm = abs(self._felt_g - self.load_g) < self.division_g and not self.is_busy
        self._idle_s = self._idle_s + seconds if calm else 0.0
        if self.auto_off_s and self._idle_s >= self.auto_off_s:
            self.off = True
        if self.silent_s > 0 or self.off:
            return None
        return self._show()

    def _move_hands(self, seconds: float) -> None:
        if not self._hands or self._to_pour_g > 0:
            return
        hand = self._hands[0]
        if hand.pause_s > seconds:
            self._hands[0] = Hand(hand.pause_s - seconds, hand.act, hand.grams)
            return
        self._hands.popleft()
        self.act(hand.act, hand.grams)

    def _pour(self, seconds: float) -> None:
        poured = min(self._to_pour_g, POUR_G_PER_S * seconds)
        self._to_pour_g -= poured
        if self._to_pour_g <= 0:
            dripped = min(self._to_drip_g, STICKY_G_PER_S * seconds)
            self._to_drip_g -= dripped
            poured += dripped
        self.contents_g += poured

    def _show(self) -> Reading:
        noisy = (
            self._felt_g
            + self._crept_g
            - self.zero_g
            + self.dice.gauss(0.0, self.noise_divisions * self.division_g)
        )
        step = self.division_g
        shown = round(math.floor(noisy / step + 0.5) * step, 3) + 0.0
        self._shown = [*self._shown[1 - STEADY_READINGS :], shown]
        steady = len(self._shown) == STEADY_READINGS and (
            max(self._shown) - min(self._shown) <= 1e-6 and abs(self._felt_g - self.load_g) < step
        )
        return Reading(
            grams=shown,
            stable=steady,
            overload=self.load_g > self.capacity_g,
            mode=self.mode,
            division_g=step,
        )
