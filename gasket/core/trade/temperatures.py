"""Oven temperatures: °C and °F, conventional and fan."""

from typing import Final, Literal

from gasket.core.numbers import Answer

DegreeScale = Literal["C", "F"]
Air = Literal["conventional", "fan"]

FAN_LESS: Final[dict[DegreeScale, float]] = {"C": 20.0, "F": 25.0}
"""A fan oven is set lower by this much (common practice: 15 to 20 °C, 25 °F)."""
STEP: Final[dict[DegreeScale, float]] = {"C": 5.0, "F": 5.0}


def celsius(degrees: float, scale: DegreeScale) -> float:
    """350 °F → 176.7 °C."""
    return degrees if scale == "C" else (degrees - 32) / 1.8


def fahrenheit(degrees_c: float) -> float:
    """180 °C → 356 °F."""
    return degrees_c * 1.8 + 32


class Knob(Answer):
    """What to turn the knob to, in whole steps of 5: conventional and fan, °C and °F."""

    conventional_c: float
    conventional_f: float
    fan_c: float
    fan_f: float


def knob(temperature_c: float, air: Air = "conventional") -> Knob:
    """The four figures of one oven temperature, given as `air` means it."""
    temperature_f = fahrenheit(temperature_c)
    up_c, up_f = (FAN_LESS["C"], FAN_LESS["F"]) if air == "fan" else (0.0, 0.0)
    conventional_c, conventional_f = temperature_c + up_c, temperature_f + up_f
    return Knob(
        conventional_c=_stepped(conventional_c, "C"),
        conventional_f=_stepped(conventional_f, "F"),
        fan_c=_stepped(conventional_c - FAN_LESS["C"], "C"),
        fan_f=_stepped(conventional_f - FAN_LESS["F"], "F"),
    )


def knob_words(turned: Knob, first: DegreeScale) -> str:
    """ "175 °C / 350 °F, fan 155 °C": in the degrees that the kitchen reads `first`."""
    if first == "F":
        return (
            f"{turned.conventional_f:.0f} °F / {turned.conventional_c:.0f} °C, "
            f"fan {turned.fan_f:.0f} °F"
        )
    return (
        f"{turned.conventional_c:.0f} °C / {turned.conventional_f:.0f} °F, "
        f"fan {turned.fan_c:.0f} °C"
    )


def _stepped(degrees: float, scale: DegreeScale) -> float:
    return round(degrees / STEP[scale]) * STEP[scale]
