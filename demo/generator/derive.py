"""Faces derived from fonts under the SIL Open Font License: subset, renamed, alternates also on codes.

A derived face stays wholly under the OFL-1.1: its copyright line is kept and the licence text lies
beside it. Reserved names are not used.
"""
import os
import re
from dataclasses import dataclass

from fontTools import subset
from fontTools.ttLib import TTFont

from fontfile import BUILT

FEATURES = ["swsh", "salt", "init", "fina", "liga", "calt", "aalt", "titl", "ornm", "dlig", "ccmp", "kern", "mark",
            "mkmk", "locl"] + [f"ss{i:02d}" for i in range(1, 21)]
LATIN = list(range(0x20, 0x7F)) + list(range(0xA0, 0x180)) + [0x2013, 0x2014, 0x2018, 0x2019, 0x201C, 0x201D,
                                                              0x2022, 0x2026, 0x20AC]
OFL = "This Font Software is licensed under the SIL Open Font License, Version 1.1."


@dataclass
class Recipe:
    family: str
    foundry: str
    source: str
    ending: str = "ttf"
    from_npm: bool = False


NPM = "@expo-google-fonts/"
RECIPES = {
    "HartsorrelScript": Recipe("Hartsorrel Script", "Tin Wren Letters", NPM + "great-vibes/400Regular/GreatVibes_400Regular.ttf", from_npm=True),
    "Pennyfold": Recipe("Pennyfold", "Tin Wren Letters", NPM + "allura/400Regular/Allura_400Regular.ttf", from_npm=True),
    "QuillbrookScript": Recipe("Quillbrook Script", "Tin Wren Letters", NPM + "meow-script/400Regular/MeowScript_400Regular.ttf", from_npm=True),
    "Larkmallow": Recipe("Larkmallow", "Tin Wren Letters", NPM + "hurricane/Hurricane_400Regular.ttf", from_npm=True),
    "MaypoleHand": Recipe("Maypole Hand", "Brambling Press", "/usr/share/fonts/opentype/dancingscript/DancingScript-Regular.otf", "otf"),
    "Oatbrush": Recipe("Oatbrush", "Brambling Press", "/usr/share/fonts/opentype/kaushanscript/KaushanScript-Regular.otf", "otf"),
    "SextonCourt": Recipe("Sexton Court", "Brambling Press", "/usr/share/fonts/opentype/ebgaramond/EBGaramond12-Italic.otf", "otf"),
}
STYLES = {"SextonCourt": "Italic"}


def build(key, folder, npm_folder):
    recipe, style = RECIPES[key], STYLES.get(key, "Regular")
    source = os.path.join(npm_folder, "node_modules", recipe.source) if recipe.from_npm else recipe.source
    font = TTFont(source, recalcTimestamp=False)
    options = subset.Options()
    options.layout_features, options.glyph_names, options.name_IDs = FEATURES, True, ["*"]
    options.notdef_outline, options.hinting = True, False
    subsetter = subset.Subsetter(options)
    subsetter.populate(unicodes=LATIN)
    subsetter.subset(font)
    for tag in ("FFTM", "DSIG", "meta", "STAT"):
        if tag in font:
            del font[tag]
    _give_codes(font)
    copyright_line = " ".join(font["name"].getDebugName(0).split())
    _rename(font, recipe, style, copyright_line)
    font["OS/2"].achVendID, font["OS/2"].fsType = "INK ", 0
    font["head"].created = font["head"].modified = BUILT
    font.save(os.path.join(folder, f"{key}.{recipe.ending}"))
    with open(os.path.join(folder, f"{key}-OFL.txt"), "w", encoding="utf-8") as licence:
        licence.write(f"{copyright_line}\nModified version renamed \"{recipe.family}\" for Under Ink.\n\n{_ofl_text()}")


def _ofl_text():
    with open(os.path.join(os.path.dirname(os.path.abspath(__file__)), "OFL-1.1.txt"), encoding="utf-8") as text:
        return text.read()


def _give_codes(font):
    """Every glyph that only features reach also gets a code in the Private Use Area."""
    named = set(font.getBestCmap().values()) | {".notdef", ".null", "NULL", "CR", "nonmarkingreturn"}
    codes = {0xE000 + i: g for i, g in enumerate(g for g in font.getGlyphOrder() if g not in named)}
    for table in font["cmap"].tables:
        if table.isUnicode() and table.format in (4, 12):
            table.cmap.update(codes)


def _rename(font, recipe, style, copyright_line):
    postscript = re.sub(r"[^A-Za-z]", "", recipe.family) + "-" + style
    full = recipe.family if style == "Regular" else f"{recipe.family} {style}"
    values = {0: f'{copyright_line} Modified version renamed "{recipe.family}".', 1: recipe.family, 2: style,
              3: postscript + ";1.000", 4: full, 5: "Version 1.000", 6: postscript, 8: recipe.foundry, 13: OFL,
              14: "https://openfontlicense.org"}
    names = font["name"]
    names.names = [n for n in names.names if n.nameID >= 256 and n.platformID == 3]
    for number, value in values.items():
        names.setName(value, number, 3, 1, 0x409)
    if "CFF " in font:
        cff = font["CFF "].cff
        cff.fontNames = [postscript]
        top = cff.topDictIndex[0]
        top.FullName, top.FamilyName, top.Notice = full, recipe.family, values[0]
