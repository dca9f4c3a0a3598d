"""The faults that `./run mutants` plants: small changes of one place, as they happen.

Besides comparisons, operations and numbers: an argument that is forgotten, branches that are
swapped, a word that is missing from a list, a figure in another unit, another part than was meant.
"""

import ast
import builtins
from collections.abc import Callable, Iterator
from typing import Final

Change = Callable[[], None]
"""Makes the fault in the tree that it was found in."""

_COMPARED: Final = {
    ast.Lt: ast.LtE,
    ast.LtE: ast.Lt,
    ast.Gt: ast.GtE,
    ast.GtE: ast.Gt,
    ast.Eq: ast.NotEq,
    ast.NotEq: ast.Eq,
    ast.In: ast.NotIn,
    ast.NotIn: ast.In,
    ast.Is: ast.IsNot,
    ast.IsNot: ast.Is,
}
_WORKED: Final = {ast.Add: ast.Sub, ast.Sub: ast.Add, ast.Mult: ast.Div, ast.Div: ast.Mult}
_CALLED: Final = {"min": "max", "max": "min", "any": "all", "all": "any"}
_UNITS: Final = {
    **{"g": "ml", "ml": "g", "kg": "g", "mg": "g", "oz": "fl oz", "fl oz": "oz", "lb": "oz"},
    **{"kcal": "kj", "kj": "kcal", "tsp": "tbsp", "tbsp": "tsp", "C": "F", "F": "C"},
    **{"kcal_per_g": "kj_per_g", "minutes": "seconds", "hours": "minutes", "days": "hours"},
}
_PARTS: Final = {
    **{"lo": "hi", "hi": "lo", "low_g": "high_g", "high_g": "low_g", "least": "most"},
    **{"most": "least", "likely": "worst", "worst": "likely", "above": "below", "below": "above"},
    **{"protein_g": "fat_g", "fat_g": "carbohydrate_g", "carbohydrate_g": "protein_g"},
    **{"sugars_g": "fibre_g", "fibre_g": "polyols_g", "polyols_g": "sugars_g"},
    **{"mixture_g": "cooked_g", "cooked_g": "mixture_g", "net_g": "target_g", "target_g": "net_g"},
    **{"rows": "columns", "columns": "rows", "least_min": "most_min", "most_min": "least_min"},
    **{"first": "last", "fridge": "freezer", "freezer": "fridge", "us": "eu", "eu": "us"},
}
_LEAST_WORDS: Final = 3
_BUILT_IN: Final = frozenset(dir(builtins))


def changes_of(node: ast.AST) -> list[Change]:
    """Every fault that can be made at a node itself, in an order that does not change."""
    return [*_of_arithmetic(node), *_of_arguments(node), *_of_words(node), *_of_branches(node)]


def _set(node: ast.AST, **fields: object) -> Change:
    def change() -> None:
        for name, value in fields.items():
            setattr(node, name, value)

    return change


def _of_arithmetic(node: ast.AST) -> Iterator[Change]:
    match node:
        case ast.Compare(ops=[op]) if type(op) in _COMPARED:
            yield _set(node, ops=[_COMPARED[type(op)]()])
        case ast.BinOp(op=op) if type(op) in _WORKED and not _is_text(node):
            yield _set(node, op=_WORKED[type(op)]())
        case ast.BoolOp():
            yield _set(node, op=ast.And() if isinstance(node.op, ast.Or) else ast.Or())
        case ast.UnaryOp(op=ast.Not()):
            yield _set(node, operand=ast.UnaryOp(ast.Not(), node.operand))
        case ast.Constant(value=float() | int() as value) if not isinstance(value, bool):
            yield _set(node, value=value + 1 if value in (0, 1) else value * 1.5)
        case ast.Call(func=ast.Name(id=name)) if name in _CALLED:
            yield _set(node, func=ast.Name(_CALLED[name], ast.Load()))


def _of_arguments(node: ast.AST) -> Iterator[Change]:
    """A named argument is forgotten where Python would not notice at once: one of a function that
    has others as well, and that is no class and not built in."""
    if not isinstance(node, ast.Call) or not isinstance(node.func, ast.Name):
        return
    name = node.func.id
    if name[:1].isupper() or name in _BUILT_IN or not (node.args or len(node.keywords) > 1):
        return
    for keyword in node.keywords:
        if keyword.arg is not None:
            yield _set(node, keywords=[other for other in node.keywords if other is not keyword])


def _of_words(node: ast.AST) -> Iterator[Change]:
    match node:
        case ast.Tuple(elts=items) | ast.List(elts=items) | ast.Set(elts=items):
            if len(items) >= _LEAST_WORDS and all(map(_is_word, items)):
                yield _set(node, elts=items[1:])
                yield _set(node, elts=items[:-1])
        case ast.Constant(value=str() as text) if text in _UNITS:
            yield _set(node, value=_UNITS[text])
        case ast.Constant(value=str() as text) if text in _PARTS:
            yield _set(node, value=_PARTS[text])
        case ast.Attribute(attr=name, ctx=ast.Load()) if name in _PARTS:
            yield _set(node, attr=_PARTS[name])


def _of_branches(node: ast.AST) -> Iterator[Change]:
    match node:
        case ast.IfExp():
            yield _set(node, body=node.orelse, orelse=node.body)
        case ast.If(orelse=[_, *_]):
            yield _set(node, body=node.orelse, orelse=node.body)
        case ast.If():
            yield _set(node, test=ast.Constant(False))


def _is_word(node: ast.expr) -> bool:
    return isinstance(node, ast.Constant) and isinstance(node.value, str)


def _is_text(node: ast.BinOp) -> bool:
    return any(
        isinstance(side, ast.JoinedStr) or _is_word(side) for side in (node.left, node.right)
    )
