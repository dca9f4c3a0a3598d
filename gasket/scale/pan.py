"""The simulated scale's pan: mass, settling, noise. Pure: time and dice are handed in."""

import math
import random
from dataclasses import dataclass, field
from typing import Final, Literal

from gasket.core.weighing import Mode, Reading

SETTLING_S: Final = 0.25
POUR_G_PER_S: Final = 60.0
STEADY_READINGS: Final = 4
CAPACITY_G: Final = 5000.0

Act = Literal[
    "pour", "scoop", "spill", "lift", "put", "zero", "division", "noise", "settling", "silence"
]


@dataclass(slots=True)
class Pan:
    """A bowl on a kitchen scale."""

    dice: random.Random
    bowl_g: float = 412.0
    contents_g: float = 0.0
    bowl_on: bool = True
    division_g: float = 1.0
    noise_g: float = 0.05
    settling_s: float = SETTLING_S
    zero_g: float = 0.0
    mode: Mode = "gross"
    silent_s: float = 0.0
    _to_pour_g: float = 0.0
    _felt_g: float = 412.0
    _shown: list[float] = field(default_factory=list)

    def act(self, act: Act, amount: float = 0.0) -> None:
        """Do what a cook does at a scale. Grams; for `settling` and `silence`, seconds."""
        match act:
            case "pour":
                self._to_pour_g += amount
            case "scoop":
                self.contents_g += amount
            case "spill":
                self.contents_g = max(0.0, self.contents_g - amount)
            case "lift" | "put":
                self.bowl_on = act == "put"
            case "zero":
                self.zero_g, self.mode = self.load_g, "net"
            case _:
                self._set(act, amount)

    def _set(self, act: Act, amount: float) -> None:
        """What is a property of the scale and its table rather than of the cook's hands."""
        match act:
            case "division":
                self.division_g = 0.1 if amount < 1 else 1.0
                self._shown.clear()
            case "noise":
                self.noise_g = max(0.0, amount)
            case "settling":
                self.settling_s = max(0.01, amount)
            case "silence":
                self.silent_s = max(0.0, amount)

    @property
    def load_g(self) -> float:
        """What really lies on the scale."""
        return self.bowl_g + self.contents_g if self.bowl_on else 0.0

    def advance(self, seconds: float) -> Reading | None:
        """Let time pass and show a reading; None while the scale is silent."""
        poured = min(self._to_pour_g, POUR_G_PER_S * seconds)
        self._to_pour_g -= poured
        self.contents_g += poured
        self._felt_g += (self.load_g - self._felt_g) * (1 - math.exp(-seconds / self.settling_s))
        self.silent_s = max(0.0, self.silent_s - seconds)
        if self.silent_s > 0:
            return None
        return self._show()

    def _show(self) -> Reading:
        noisy = self._felt_g - self.zero_g + self.dice.gauss(0.0, self.noise_g)
        step = self.division_g
        shown = round(math.floor(noisy / step + 0.5) * step, 3) + 0.0
        self._shown = [*self._shown[1 - STEADY_READINGS :], shown]
        steady = len(self._shown) == STEADY_READINGS and (
            max(self._shown) - min(self._shown) <= 1e-6 and abs(self._felt_g - self.load_g) < step
        )
        return Reading(
            grams=shown,
            stable=steady,
            overload=self.load_g > CAPACITY_G,
            mode=self.mode,
            division_g=step,
        )
