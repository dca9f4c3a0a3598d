"""An example of what each operation is sent, by the operation: for whoever writes a client.

They are of an invented kitchen; `tests/api/test_examples.py` sends every one of them to the demo's.
A `version` is whatever was read last, an `id` of a record is made anew by the sender.
"""

from typing import Any, Final

_MILK_PROTEIN: Final = {
    "name": "Milk protein, vanilla",
    "style": "eu",
    "basis_g": 100,
    "kcal": 372,
    "protein_g": 78,
    "carbohydrate_g": 9,
    "fat_g": 2.6,
    "fibre_g": 0.4,
    "sugars_g": 6.1,
    "saturated_g": 1.4,
    "salt_g": 0.7,
}
_OATS: Final = {
    "name": "Rolled oats",
    "style": "us",
    "basis_g": 40,
    "kcal": 150,
    "protein_g": 5,
    "carbohydrate_g": 27,
    "fat_g": 3,
    "fibre_g": 4,
}
_BATCH: Final = {
    "format": "gasket-batch",
    "version": 1,
    "name": "Baked oats",
    "labels": {"oats": _OATS, "protein": _MILK_PROTEIN},
    "components": [
        {
            "name": "Batter",
            "lines": [{"label": "oats", "grams": 160}, {"label": "protein", "grams": 60}],
        }
    ],
    "portions": {"count": 4},
}
_BUILD: Final = {
    "components": [
        {
            "name": "Batter",
            "lines": [
                {"id": "flour", "label_id": 2, "target_g": 140},
                {"id": "protein", "label_id": 3, "target_g": 90, "least_g": 60, "most_g": 120},
            ],
        }
    ],
    "portions": 6,
    "terms": {"goal": {"kcal": {"most": 180}, "protein_g": {"least": 12}}, "family": "cake"},
}
_STEP: Final = {
    "id": "bake",
    "kind": "bake",
    "says": "Bake it in the tin",
    "least_min": 35,
    "most_min": 40,
    "temperature_c": 170,
    "tool": "oven",
    "cue": "golden, and springs back",
}
_STEPS: Final = [{"id": "stir", "kind": "mix", "says": "Stir it smooth", "least_min": 2}, _STEP]
_PRODUCT: Final = {
    "label": _MILK_PROTEIN,
    "package": {"pack_g": 700, "price": 21.5, "allergens": ["milk"]},
}
_AWAY: Final = {"where": "archive"}
_CLAIMS: Final = {
    "claims": [
        {
            "name": "one square",
            "serving": {"kcal": 210, "protein_g": 14, "carbohydrate_g": 22, "fat_g": 7},
            "servings": 8,
            "batch": {"kcal": 1680},
        }
    ]
}

EXAMPLES: Final[dict[str, Any]] = {
    # The house
    "write_settings": {
        "version": 1,
        "energy": "labelled",
        "label_style": "eu",
        "safety": "uk",
        "degrees": "C",
        "currency": "€",
        "scales": [{"name": "kitchen scale", "capacity_g": 5000, "division_g": 1}],
        "vessels": [{"name": "steel bowl", "empty_g": 318}],
    },
    "simulate": {"act": "pour", "amount": 120},
    # Dishes
    "add_dish": {"name": "Lemon traybake"},
    "put_dish": _AWAY,
    "put_trial": {"where": "here"},
    "put_batch": _AWAY,
    "edit_original": {
        "version": 1,
        "name": "Traybake slice from the corner bakery",
        "serving_g": 110,
        "kcal": 430,
        "protein_g": 5,
        "carbohydrate_g": 55,
        "fat_g": 21,
        "source_note": "From the counter's sheet.",
    },
    # Builds
    "reckon_build": _BUILD,
    "save_build": {"version": 1, "build": _BUILD},
    "swaps_for_line": {"build": _BUILD, "line_id": "flour"},
    "reach": {"build": _BUILD, "swaps": True},
    "scale_build": {"build": _BUILD, "scaling": {"by": "portions", "portions": 9}},
    "allowance": {"build": _BUILD, "kcal": 150},
    "edit_intent": {"intent": "Less sweet, the same crumb."},
    "copy_trial": {"copy_of": 1, "intent": "A third of the flour as milk protein."},
    "reject": {"reason": "It turned rubbery."},
    "add_swap": {
        "name": "Quark for half the butter",
        "takes_food_id": 1,
        "gives": [{"food_id": 2, "per_100_g": 90}],
        "most": 0.5,
        "watch": "It browns sooner.",
    },
    # Weighing
    "begin": {"free": False},
    "take_in": _BATCH,
    "record": {
        "id": "6b1f0c52-8f0e-4d0a-9a70-3d6f2c1a7e11",
        "kind": "line",
        "line": 15,
        "net_g": 498,
        "origin": "hand",
        "seen": "open",
    },
    "divide": {"way": "count", "pieces": 9},
    "set_hands_free": {"on": True},
    "set_nudge": {"divisions": 1},
    "add_line": {"key": "a-pinch-more", "label_id": 2, "component": "Chicken", "target_g": 12},
    "arrange": {"version": 1, "lines": [{"id": 15, "bowl": "Chicken", "way": "out_of"}]},
    "choices": {"line": 15, "net_g": 530},
    "measured": {"text": "2 tbsp"},
    "rehearse": {"on": True, "seed": 7},
    # Cooking
    "save_steps": {"version": 1, "steps": _STEPS},
    "report_steps": {"steps": _STEPS, "eat_at": "2026-12-05T18:30:00Z"},
    "read_step_text": {"text": "bake in the tin at 170 C for 35 to 40 min", "key": "bake"},
    "step_another_way": {"steps": _STEPS, "step": "bake", "way": "in the fan oven"},
    "log_deed": {
        "id": "0d6a7f3e-2b64-4b9f-8a0d-1c2f7b9e5a20",
        "deed": "timer",
        "minutes": 12,
        "note": "Turn the tray",
    },
    "set_timer": {
        "id": "7c1d9a44-51b7-4c3b-9d37-5e8f60b2d9c3",
        "deed": "timer",
        "minutes": 6,
        "note": "Eggs",
    },
    # Portions
    "divide_into_arms": {
        "arms": [
            {"name": "35 min", "pieces": 4},
            {"name": "30 min", "pieces": 4},
        ]
    },
    "save_finishes": {
        "version": 1,
        "finishes": [
            {"id": "berries", "name": "With berries", "lines": [{"label_id": 2, "grams": 40}]}
        ],
    },
    "keep_as": {"name": "Traybake, my own"},
    "amend": {
        "id": "91f3c7de-0a5b-49d2-b0f6-8d24a1c67b35",
        "line": 2,
        "net_g": 168,
        "note": "The display was misread.",
    },
    "book_stock": {
        "id": "e2a60b18-7c9d-4f35-9e61-4ab8d05f7c42",
        "move": "eaten",
        "amount": 1,
        "place": "fridge",
    },
    # Tasting
    "add_taster": {"name": "Cook’s friend"},
    "edit_taster": {"name": "Second taster"},
    "record_tasting": {
        "id": "3f8e5b90-6d17-4a2c-8c54-b17e92d0f366",
        "taster_id": 1,
        "state": "fresh",
        "against": "original",
        "marks": {"taste": "7.5", "texture": "6"},
        "again": "with_a_change",
        "words": ["dry"],
        "note": "Better the next day, I think.",
    },
    "put_tasting": {"archived": True},
    "answer_fullness": {
        "id": "b8d4e6a1-93c5-47f0-a2be-60f51c7d8e94",
        "after_h": 1,
        "answer": "mark",
        "mark": "6.5",
    },
    "put_photo": {"on_card": True},
    "write_verdict": {
        "version": 1,
        "verdict": {
            "stamp": "change",
            "change": "Five minutes less.",
            "lesson": "Rest the batter first.",
        },
    },
    "take_proposal": {"key": "dry/more-fat/oil"},
    "reject_proposal": {"key": "dry/more-fat/oil", "title": "More oil"},
    "begin_blind_test": {"kind": "triangle", "name_a": "A", "name_b": "B", "seats": 6},
    "answer_blind": {
        "id": "5a9c2d77-e8b1-4f06-93da-7f40c6e18b29",
        "seat": 1,
        "code": 417,
        "taster_id": 1,
    },
    "put_blind": {"removed": True},
    # Foods
    "add_food": {"name": "Milk protein", **_PRODUCT},
    "edit_food": {
        "version": 1,
        "name": "Carrots, whole",
        "facts": {
            "refuse_share": 0.12,
            "measures": [{"name": "large", "grams": 82, "origin": "weighed"}],
        },
    },
    "put_food": {"on_shelf": True},
    "tell": {"kind": "measure", "measure": "scoop", "grams": 31},
    "add_label": _PRODUCT,
    "edit_label": {"version": 1, **_PRODUCT},
    "put_label": {"on_shelf": True},
    "moved": {"label": _MILK_PROTEIN},
    "start_import": "food,style,basis_g,kcal,protein_g\nRolled oats,us,40,150,5\n",
    "commit_import": {"leave_out_refused": True},
    # Typed lines
    "quick_entry": {"text": "2 heaped tbsp rolled oats"},
    "quick_list": {"text": "140 g flour\n2 eggs\na pinch of salt"},
    "keep_line": {"text": "1 sachet of the green powder"},
    # What nobody stored
    "reckon_batch": _BATCH,
    "label_in_one_line": {"text": "150 kcal, 5 protein, 27 carbs, 3 fat, 4 fibre per 40 g"},
    "audit_label": _OATS,
    "check_claimed": _CLAIMS,
    "read_claims": {"text": "210 kcal, 14 g protein, 22 g carbs, 7 g fat, makes 8"},
}
