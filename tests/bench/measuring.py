"""How a measured figure is told: beside what is wanted of it, and in yardsticks of this machine."""

import statistics
import time

YARDSTICK_ROUNDS = 15


def yardstick_ms() -> float:
    """Plain Python that never changes: what this machine takes for it now."""
    times = []
    for _ in range(YARDSTICK_ROUNDS):
        start = time.perf_counter()
        found: dict[str, float] = {}
        for i in range(5_000):
            key = f"k{i % 97}"
            found[key] = found.get(key, 0.0) + (i * 0.5) ** 0.5
        times.append((time.perf_counter() - start) * 1000)
        assert len(found) == 97
    return statistics.median(times)


def percentile_95(values: list[float]) -> float:
    return statistics.quantiles(values, n=20)[-1]


def say(what: str, measured: str, wanted: str) -> None:
    print(f"\n  {what}: {measured} (wanted: {wanted})", end="")


def say_ms(what: str, ms: float, kind: str, wanted: str) -> None:
    """A time that hangs on the machine; the yardstick is laid beside it at the same moment."""
    ratio = ms / yardstick_ms()
    shown = f"{ms:.2f}" if ms < 10 else f"{ms:.0f}"
    say(what, f"{shown} ms {kind}, {ratio:.2f} yardsticks", wanted)
