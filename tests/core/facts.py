"""The facts of the trade by family and by appliance, as a cook would read them.

`python -m tests.core.facts` writes them anew; the difference is read before it is committed.
"""

from collections.abc import Iterator
from pathlib import Path

from gasket.core.trade.appliances import APPLIANCES
from gasket.core.trade.families import BY_KEY

HERE = Path(__file__).parent


def span(value):
    """ "2 to 8"; an open end is a dash."""
    return " to ".join("–" if end is None else f"{end:.3g}" for end in value)


def told(**facts):
    """What is not as usual, in one line."""
    return "; ".join(
        f"{name.replace('_', ' ')} {value}" for name, value in facts.items() if value not in ("", 0)
    )


def family_facts() -> Iterator[str]:
    for family in BY_KEY.values():
        bands = {
            name: span(value)
            for name in ("water", "lift", "powder_most", "fat", "salt")
            if (value := getattr(family.bands, name)) is not None
        }
        flags = ("sweet", "baked", "eaten_cold", "heated", "set_by_egg", "shell", "warm_sauce")
        is_so = ", ".join(flag for flag in flags if getattr(family, flag))
        yield f"{family.key}: {family.name}; {is_so}"
        yield f"  {told(**bands, loses=span(family.loss), late=family.late)}"
        for ratio in family.ratios:
            of, to = ", ".join(ratio.of), ", ".join(ratio.to)
            yield f"  {ratio.name}: {of} for {to}: {span(ratio.span)}"
        for uptake in family.uptakes:
            yield f"  eaten of {uptake.words}: {span((uptake.least, uptake.most))}"
        for row in family.steps:
            more = {
                **{name: ", ".join(getattr(row, name)) for name in ("after", "when", "unless")},
                **{name: getattr(row, name) for name in ("kind", "must", "part")},
                **{name: getattr(row, name) or "" for name in ("piece_g", "whole_g", "ladle_g")},
                "at_a_time": row.at_a_time or "",
                "place": place(row.place) if row.place else "",
            }
            yield f"  {row.key} ({row.on}): {row.text} [{told(**more)}]"
        yield f"  usually {place(family.usually)}"
        yield from (f"  {role} {place(where)}" for role, where in family.places.items())
        yield f"  not to forget: {', '.join(must.key for must in family.musts)}"
        for habit in family.keeps:
            days, months = habit.days or habit.months, "days" if habit.days else "months"
            yield f"  keeps {habit.text}: {span(days)} {months}"
        for way in family.reheat:
            yield f"  again: {way.device} {span((way.least_min, way.most_min))} min {way.says}"


def place(where):
    return told(after=", ".join(where.after), before=where.before, into=where.into)


def appliance_facts() -> Iterator[str]:
    for one in APPLIANCES:
        yield f"{one.key}: " + told(
            rank=one.rank,
            called=one.name,
            air=one.air or "",
            of=", ".join(one.of_kinds),
            kind=one.kind or "",
            by_hand="" if one.hands_on is None else str(one.hands_on),
            heats_up_min=one.heat_min,
            knob=one.knob or "",
            looks=span(one.looks) if one.looks else "",
            learns_as=one.learns_as,
            offered="" if one.offered else "no",
        )
        for way in one.ways:
            turns = way.turns
            yield (
                f"  {way.key}: {way.says} ["
                + told(
                    times=span(turns.times),
                    **{kind: span(times) for kind, times in turns.times_of.items()},
                    small=span(turns.small_times) if turns.small_times else "",
                    look=turns.look or "",
                    small_look=turns.small_look or "",
                    air=turns.air or "",
                    hotter_c=turns.hotter_c,
                    places=turns.places if turns.places != 1 else "",
                    vessel=turns.vessel,
                    line=turns.line,
                    sets=", ".join(f"{name} {value}" for name, value in turns.sets.items()),
                    in_the=way.tool,
                    heats="yes" if way.heats else "",
                )
                + "]"
            )
            for fits in way.fits:
                yield "    for " + told(
                    kinds=", ".join(fits.kinds),
                    not_kinds=", ".join(fits.not_kinds),
                    tools=", ".join(fits.tools),
                    families=", ".join(fits.families),
                    from_min=fits.least_min,
                )
        for hazard in one.hazards:
            safe = f" (not if {', '.join(hazard.safe)})" if hazard.safe else ""
            yield f"  caution {hazard.code}{safe} of {', '.join(hazard.kinds)}"


SHEETS = {"family_facts.txt": family_facts, "appliance_facts.txt": appliance_facts}


if __name__ == "__main__":
    for name, facts in SHEETS.items():
        (HERE / name).write_text("\n".join(facts()) + "\n", encoding="utf-8")
