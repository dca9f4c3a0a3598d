"""The one line format of the scale port: see docs/formats/scale-line.md.

    S G 412.0 g t=1732521600123

Stability (S stable, U unstable, O overload), what the value is (G gross, N net), the value, its
unit, and optional `key=value` fields. The unit of the last digit shown is the scale's division.
"""

import re
from typing import Final

from gasket.core.trade.quantities import GRAMS_PER
from gasket.core.weighing.records import Reading

_LINE: Final = re.compile(
    r"^(?P<state>[SUO]) (?P<mode>[GN]) (?P<sign>[+-]?)(?P<value>\d{1,7}(?:\.\d{1,4})?) "
    r"(?P<unit>g|kg|oz|lb)(?P<fields>(?: [a-z]=[\w.]+)*)$"
)
MOST_LINE_BYTES: Final = 200


def parse_line(line: str) -> Reading | None:
    """The reading of one line, in grams; None for a line that is not of this format."""
    match = _LINE.match(line.strip())
    if not match:
        return None
    factor = GRAMS_PER[match["unit"]]
    decimals = len(match["value"].partition(".")[2])
    sent = re.search(r"\bt=([\d.]+)", match["fields"])
    sign = -1 if match["sign"] == "-" else 1
    return Reading(
        grams=round(sign * float(match["value"]) * factor, 6),
        stable=match["state"] == "S",
        overload=match["state"] == "O",
        mode="gross" if match["mode"] == "G" else "net",
        division_g=10.0**-decimals * factor,
        sent_ms=float(sent[1]) if sent else None,
    )


def print_line(reading: Reading) -> str:
    """The line of a reading in grams, without its line end."""
    state = "O" if reading.overload else "S" if reading.stable else "U"
    mode = "G" if reading.mode == "gross" else "N"
    decimals = 0 if reading.division_g >= 1 else 1 if reading.division_g >= 0.1 else 2
    sent = "" if reading.sent_ms is None else f" t={reading.sent_ms:.0f}"
    return f"{state} {mode} {reading.grams:.{decimals}f} g{sent}"
