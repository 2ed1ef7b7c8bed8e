"""Puts glyphs, names and features into a TrueType file that comes out the same every time."""
from fontTools.feaLib.builder import addOpenTypeFeaturesFromString
from fontTools.fontBuilder import FontBuilder
from fontTools.pens.cu2quPen import Cu2QuPen
from fontTools.pens.ttGlyphPen import TTGlyphPen
from fontTools.ttLib.tables.O_S_2f_2 import Panose

from fitting import draw

PICTORIAL = 5
PANOSE_REST = ("bSerifStyle", "bWeight", "bProportion", "bContrast", "bStrokeVariation", "bArmStyle", "bLetterForm",
               "bMidline", "bXHeight")
HERSHEY = ("Skeletons after the Hershey alphabets, originally created by Dr. A. V. Hershey at the "
           "U. S. National Bureau of Standards; data format by James Hurt, Cognition, Inc.")
# Seconds since 1904: a fixed day in 2026, so that building twice gives the same bytes.
BUILT = 3_876_000_000

GLYPH_NAMES = {
    " ": "space", "&": "ampersand", ".": "period", ",": "comma", "!": "exclam", "?": "question",
    "'": "quotesingle", "-": "hyphen", "’": "quoteright", "£": "sterling", "€": "Euro",
    "é": "eacute", "è": "egrave", "ë": "edieresis", "ö": "odieresis", "ü": "udieresis", "ä": "adieresis",
    "ø": "oslash", "ł": "lslash", "Ł": "Lslash", "ç": "ccedilla", "ñ": "ntilde", "á": "aacute", "ó": "oacute",
    "í": "iacute", "É": "Eacute", "Ö": "Odieresis", "Ø": "Oslash",
    **dict(zip("0123456789", "zero one two three four five six seven eight nine".split())),
}


def glyph_name(character):
    return GLYPH_NAMES.get(character, character)


class FontFile:
    """Collects glyphs (shapely shapes, or none for a space) and saves them."""

    every = 1  # of the glyphs each `every`th gets its outline, the others stay empty: fitting is nearly all of the time

    def __init__(self, family, foundry, error=1.6, min_area=25):
        self.family, self.foundry = family, foundry
        self.error, self.min_area = error, min_area
        self.glyphs, self.advances, self.characters = {}, {}, {}

    def add(self, name, shapes, advance, *codes):
        """`shapes`: a list, or a function that draws one, which takes as long as fitting where a broad pen wrote it."""
        pen = TTGlyphPen(None)
        if len(self.glyphs) % self.every == 0:
            draw(Cu2QuPen(pen, 0.8, reverse_direction=False), shapes() if callable(shapes) else shapes, self.error, self.min_area)
        self.add_glyph(name, pen.glyph(), advance, *codes)

    def add_glyph(self, name, glyph, advance, *codes):
        self.glyphs[name] = glyph
        self.advances[name] = int(round(advance))
        for code in codes:
            self.characters[ord(code) if isinstance(code, str) else code] = name

    def builder(self, ascent, descent, style="Regular", licence="", note="", panose_family=0, fs_type=0):
        order = [".notdef"] + [n for n in self.glyphs if n != ".notdef"]
        fb = FontBuilder(1000, isTTF=True)
        fb.setupGlyphOrder(order)
        fb.setupCharacterMap(self.characters)
        fb.setupGlyf({n: self.glyphs[n] for n in order})
        table = fb.font["glyf"]
        fb.setupHorizontalMetrics({n: (self.advances[n], getattr(table[n], "xMin", 0) or 0) for n in order})
        fb.setupHorizontalHeader(ascent=ascent, descent=descent)
        postscript = self.family.replace(" ", "") + "-" + style
        fb.setupNameTable(dict(
            copyright=("Outlines made for Under Ink. " + note).strip(), familyName=self.family, styleName=style,
            uniqueFontIdentifier=postscript + ";1.000", fullName=f"{self.family} {style}",
            version="Version 1.000", psName=postscript, manufacturer=self.foundry,
            **({"licenseDescription": licence} if licence else {})), mac=False)
        fb.setupOS2(sTypoAscender=ascent, sTypoDescender=descent, usWinAscent=ascent + 50,
                    usWinDescent=30 - descent, fsType=fs_type, achVendID="INK ", sxHeight=420, sCapHeight=693)
        panose = fb.font["OS/2"].panose = Panose()
        for field in PANOSE_REST:
            setattr(panose, field, 0)
        panose.bFamilyType = panose_family
        fb.setupPost()
        fb.font["head"].created = fb.font["head"].modified = BUILT
        fb.font.recalcTimestamp = False
        return fb

    def save(self, path, features="", **details):
        fb = self.builder(**details)
        if features:
            addOpenTypeFeaturesFromString(fb.font, features)
        fb.save(path)


def empty_glyph():
    return TTGlyphPen(None).glyph()
