#!/usr/bin/python3
"""Makes the small font files of this folder from the demo fonts: the same face in other containers."""
from pathlib import Path

from fontTools.ttLib import TTCollection, TTFont

HERE = Path(__file__).parent
FONTS = HERE.parent.parent / "demo" / "fonts"

for flavor in (None, "woff", "woff2"):
    font = TTFont(FONTS / "SaltglazeOrnaments.ttf", recalcTimestamp=False)
    font.flavor = flavor
    font.save(HERE / f"ornaments.{flavor or 'ttf'}")

collection = TTCollection()
collection.fonts = [TTFont(FONTS / name, recalcTimestamp=False) for name in ("SaltglazeOrnaments.ttf", "StallholderBits.ttf")]
collection.save(HERE / "two-faces.ttc")
