"""Pictures in: a photograph as a phone sends it becomes a JPEG of a sensible size, upright, without
what the phone wrote beside it (place, time, maker)."""

import io
import warnings
from dataclasses import dataclass
from typing import Final

from PIL import Image, ImageOps, UnidentifiedImageError

from gasket.core.errors import FaultyInput

MOST_SIDE: Final = 1600
MOST_PIXELS: Final = 80_000_000
KINDS: Final = ("JPEG", "PNG", "WEBP")
_QUALITY: Final = 82


@dataclass(frozen=True)
class Picture:
    """A JPEG and its size in pixels."""

    jpeg: bytes
    width: int
    height: int


def as_picture(sent: bytes) -> Picture:
    """Raises `FaultyInput` for what is no picture, or one of too many pixels."""
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore", Image.DecompressionBombWarning)
            with Image.open(io.BytesIO(sent), formats=KINDS) as found:
                if found.width * found.height > MOST_PIXELS:
                    raise FaultyInput.at(
                        "photo",
                        f"That picture has {found.width} × {found.height} pixels: take it smaller.",
                    )
                return _scaled(found)
    except (UnidentifiedImageError, Image.DecompressionBombError, OSError, ValueError, SyntaxError):
        raise FaultyInput.at(
            "photo", "That isn’t a picture: choose a JPEG, PNG or WebP file."
        ) from None


def _scaled(picture: Image.Image) -> Picture:
    picture.draft("RGB", (MOST_SIDE, MOST_SIDE))
    upright = ImageOps.exif_transpose(picture)
    upright.thumbnail((MOST_SIDE, MOST_SIDE))
    plain = Image.new("RGB", upright.size, "white")
    seen_through = upright.convert("RGBA") if "A" in upright.getbands() else None
    plain.paste(upright.convert("RGB"), mask=seen_through and seen_through.getchannel("A"))
    out = io.BytesIO()
    plain.save(out, "JPEG", quality=_QUALITY, optimize=True)
    return Picture(out.getvalue(), plain.width, plain.height)
