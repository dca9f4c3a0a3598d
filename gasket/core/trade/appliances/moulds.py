"""Tins and moulds: another one in the place of what the step names."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

_OF_STEEL: Final = Fits(
    kinds=("bake",),
    tools=("oven",),
    vessel=r"\b(?:cups?|cases?|moulds?|tins?|tray|pan|dish)\b",
    not_vessel=r"\b(?:silicone|glass|foil|cast)",
)

APPLIANCE: Final = Appliance(
    key="moulds",
    rank=120,
    offered=False,
    ways=(
        Way(
            "in mugs lined with paper",
            "Half as long again, with a fork for a stick. (The time from memory.)",
            (Fits(kinds=("freeze",), vessel="mould"),),
            Turns(times=(1.5, 1.5), sets={"vessel": "mugs"}),
        ),
        Way(
            "as one slab in a tray",
            "3 cm deep: about 1.4 times as long. Cut it when it is cold. (From memory.)",
            (Fits(kinds=("bake",), tools=("oven",), vessel=r"\b(?:cups?|cases?|moulds?)\b"),),
            Turns(times=(1.4, 1.4), sets={"vessel": "tray", "for_piece_g": None}),
        ),
        Way(
            "in silicone",
            "1 to 3 min longer, paler outside; stand it on a sheet.",
            (_OF_STEEL,),
            Turns(times=(1.06, 1.18), vessel="silicone"),
        ),
        Way(
            "in glass",
            "A tenth longer or a little more; it goes on baking when it is out. (From memory.)",
            (_OF_STEEL,),
            Turns(times=(1.1, 1.15), vessel="glass"),
        ),
        Way(
            "in foil tubs",
            "A fifth shorter. (From memory.)",
            (_OF_STEEL,),
            Turns(times=(0.8, 0.8), vessel="foil"),
        ),
    ),
)
