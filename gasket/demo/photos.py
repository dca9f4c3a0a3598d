"""Photos of the demo's loaf, drawn by a program: no picture of a real cake."""

import io
import math
import random
from typing import Final

from PIL import Image, ImageDraw

SIZE: Final = (960, 720)
_CRUMB: Final = {"A": (198, 148, 84), "C": (176, 116, 62)}
_BOARD: Final = (226, 220, 206)


def cut(letter: str, seed: int) -> bytes:
    """A slice on a board: crust, crumb with holes, carrot, frosting."""
    dice = random.Random(seed)
    picture, draw = _board()
    crumb = _CRUMB.get(letter, _CRUMB["A"])
    draw.rounded_rectangle((180, 210, 780, 600), 90, fill=(122, 74, 36))
    draw.rounded_rectangle((200, 230, 760, 582), 76, fill=crumb)
    for _ in range(150):
        x, y, r = dice.uniform(225, 735), dice.uniform(255, 560), dice.uniform(3, 11)
        shade = tuple(int(part * dice.uniform(0.78, 0.92)) for part in crumb)
        draw.ellipse((x - r, y - r * 0.7, x + r, y + r * 0.7), fill=shade)
    for _ in range(70 if letter == "C" else 45):
        _shred(draw, dice, dice.uniform(230, 730), dice.uniform(260, 555))
    draw.rounded_rectangle((172, 150, 788, 250), 48, fill=(250, 246, 234))
    return _jpeg(picture)


def top(letter: str, seed: int) -> bytes:
    """The whole loaf from above, with its frosting."""
    dice = random.Random(seed)
    picture, draw = _board()
    draw.rounded_rectangle((130, 190, 830, 530), 60, fill=(122, 74, 36))
    draw.rounded_rectangle((160, 215, 800, 505), 52, fill=(250, 246, 234))
    for row in range(9):
        y = 240 + row * 29
        wave = [(190 + step * 10, y + 6 * math.sin(step / 2 + row)) for step in range(58)]
        draw.line(wave, fill=(232, 224, 204), width=4)
    for _ in range(26 if letter == "C" else 16):
        _shred(draw, dice, dice.uniform(190, 770), dice.uniform(235, 485))
    return _jpeg(picture)


def _board() -> tuple[Image.Image, ImageDraw.ImageDraw]:
    picture = Image.new("RGB", SIZE, _BOARD)
    draw = ImageDraw.Draw(picture)
    for x in range(0, SIZE[0], 120):
        draw.line((x, 0, x + 18, SIZE[1]), fill=(208, 200, 182), width=3)
    return picture, draw


def _shred(draw: ImageDraw.ImageDraw, dice: random.Random, x: float, y: float) -> None:
    turn, long = dice.uniform(0, math.pi), dice.uniform(8, 20)
    by = (long * math.cos(turn), long * math.sin(turn))
    draw.line((x - by[0], y - by[1], x + by[0], y + by[1]), fill=(222, 122, 40), width=5)


def _jpeg(picture: Image.Image) -> bytes:
    out = io.BytesIO()
    picture.save(out, "JPEG", quality=80)
    return out.getvalue()
