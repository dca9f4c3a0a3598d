"""What a trial changed in its steps against the trial that it was copied from."""

from collections.abc import Iterator, Sequence

from gasket.core.cooking.steps import Step


def step_changes(before: Sequence[Step], after: Sequence[Step]) -> tuple[str, ...]:
    """In words, in working order: steps that came in, changed their minutes or degrees, went."""
    old, new = ({step.id: step for step in steps} for steps in (before, after))
    return (
        *_new_or_changed(old, after),
        *(f"Without: {old[key].says}" for key in old.keys() - new),
    )


def _new_or_changed(old: dict[str, Step], after: Sequence[Step]) -> Iterator[str]:
    for step in after:
        was = old.get(step.id)
        if was is None:
            yield f"New: {step.says}"
            continue
        changed = [
            f"{before} → {now}"
            for before, now in (
                (_minutes(was), _minutes(step)),
                (_degrees(was), _degrees(step)),
                (was.tool or "no tool", step.tool or "no tool"),
                (was.vessel or "no vessel", step.vessel or "no vessel"),
            )
            if before != now
        ]
        if changed:
            yield f"{step.says}: {', '.join(changed)}"
        elif was.says != step.says:
            yield f"{step.says}, before: {was.says}"


def _minutes(step: Step) -> str:
    least, most = step.least_min, step.most_min
    if least is None and most is None:
        return "no time"
    ends = dict.fromkeys(f"{end:g}" for end in (least, most) if end is not None)
    return f"{'–'.join(ends)} min"


def _degrees(step: Step) -> str:
    return "no heat" if step.temperature_c is None else f"{step.temperature_c:.0f} °C"
