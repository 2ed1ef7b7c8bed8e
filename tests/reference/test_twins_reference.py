"""Twins against fontTools: fonts that it converts, renames, packs, scales or cuts down draw the same letters and are told as such; fonts
that it changes by two per cent, and the different fonts of this computer, are not.

Reference: python3-fonttools (cu2qu, scaleUpem, subset, WOFF), fonts of Debian and of the demo.
"""
import json
import os
import subprocess
import tempfile
import unittest
from pathlib import Path

from fontTools import subset
from fontTools.misc.transform import Scale
from fontTools.pens.cu2quPen import Cu2QuPen
from fontTools.pens.recordingPen import DecomposingRecordingPen
from fontTools.pens.transformPen import TransformPen
from fontTools.pens.ttGlyphPen import TTGlyphPen
from fontTools.ttLib import TTFont, newTable
from fontTools.ttLib.scaleUpem import scale_upem

UINK = os.environ["UINK"]
DEMO = Path(__file__).resolve().parents[2] / "demo" / "fonts"
SYSTEM = Path("/usr/share/fonts/truetype")


def family(font):
    return font["name"].getBestFamilyName()


def rename(font, name):
    for record in font["name"].names:
        if record.nameID in (1, 3, 4, 6, 16):
            record.string = name.replace(" ", "") if record.nameID == 6 else name


def outline(glyphs, name):
    """Without references to other glyphs."""
    pen = DecomposingRecordingPen(glyphs)
    glyphs[name].draw(pen)
    return pen


def with_quadratics(font):
    """The same font with TrueType curves: within a thousandth of an em of its cubics (cu2qu)."""
    glyphs, order = font.getGlyphSet(), font.getGlyphOrder()
    drawn = {}
    for name in order:
        pen = TTGlyphPen(None)
        outline(glyphs, name).replay(Cu2QuPen(pen, font["head"].unitsPerEm / 1000, reverse_direction=True))
        drawn[name] = pen.glyph()
    return with_glyphs(font, drawn)


def with_glyphs(font, drawn):
    order = font.getGlyphOrder()
    for table in ("CFF ", "VORG"):
        if table in font:
            del font[table]
    font["loca"], font["glyf"] = newTable("loca"), newTable("glyf")
    font["glyf"].glyphOrder, font["glyf"].glyphs = order, drawn
    font["maxp"].tableVersion = 0x00010000
    for field in ("maxZones", "maxTwilightPoints", "maxStorage", "maxFunctionDefs", "maxInstructionDefs", "maxStackElements",
                  "maxSizeOfInstructions", "maxComponentElements", "maxPoints", "maxContours", "maxCompositePoints", "maxCompositeContours",
                  "maxComponentDepth"):
        setattr(font["maxp"], field, 2 if field == "maxZones" else 0)
    font["post"].formatType, font["post"].extraNames, font["post"].mapping = 2.0, [], {}
    font.sfntVersion = "\0\1\0\0"
    for name, glyph in drawn.items():
        glyph.recalcBounds(font["glyf"])
        font["hmtx"][name] = (font["hmtx"][name][0], getattr(glyph, "xMin", 0) if glyph.numberOfContours else 0)
    return font


def wider(font, by):
    """The same letters, stretched sideways."""
    glyphs = font.getGlyphSet()
    drawn = {}
    for name in font.getGlyphOrder():
        pen = TTGlyphPen(None)
        outline(glyphs, name).replay(TransformPen(pen, Scale(by, 1)))
        drawn[name] = pen.glyph()
    return with_glyphs(font, drawn)


class Twins(unittest.TestCase):
    def setUp(self):
        self.place = tempfile.TemporaryDirectory()
        self.addCleanup(self.place.cleanup)
        self.fonts = Path(self.place.name) / "fonts"
        self.fonts.mkdir()
        self.environment = {**os.environ, "XDG_DATA_HOME": str(Path(self.place.name) / "data")}

    def shelf(self, *arguments):
        ran = subprocess.run([UINK, "shelf", *map(str, arguments)], env=self.environment, capture_output=True, text=True, check=False)
        self.assertEqual(ran.returncode, 0, ran.stderr)
        return json.loads(ran.stdout)

    def twins(self):
        """Each group as {file name: how it relates to the first}."""
        self.shelf("add", *sorted(self.fonts.iterdir())) # each by itself: of a folder, the better of two formats is taken
        return [{f["file_name"]: f["is"] for f in group["fonts"]} for group in self.shelf("twins")]

    def keep(self, font, name):
        font.save(self.fonts / name)

    def related(self, original, change, is_kind, flavour=None):
        with self.subTest(font=original.name, kind=is_kind):
            self.setUp()
            self.keep(TTFont(original), "original" + original.suffix)
            font = change(TTFont(original)) or TTFont(original)
            font.flavor = flavour
            self.keep(font, "changed.woff" if flavour else "changed.ttf")
            groups = self.twins()
            if is_kind is None:
                self.assertEqual(groups, [])
                return
            self.assertEqual(len(groups), 1)
            # Which of the two stands first is a matter of their names.
            self.assertEqual(sorted(groups[0].values()), sorted(["first", is_kind]))

    def test_cubics_made_quadratics_are_another_format(self):
        for name in ("MaypoleHand.otf", "Oatbrush.otf", "SextonCourt.otf"):
            self.related(DEMO / name, with_quadratics, "other-format")

    def test_packed_is_another_format(self):
        for name in ("HartsorrelScript.ttf", "StallholderBits.ttf"):
            self.related(DEMO / name, lambda font: font, "other-format", flavour="woff")

    def test_renamed_is_another_name(self):
        def renamed(font):
            rename(font, "Elderflower Twist")
            return font
        for path in (DEMO / "QuillbrookScript.ttf", DEMO / "SaltglazeOrnaments.ttf", SYSTEM / "lato" / "Lato-Regular.ttf"):
            self.related(path, renamed, "other-name")

    def test_another_number_of_units_is_the_same(self):
        def scaled(font):
            scale_upem(font, 2048 if font["head"].unitsPerEm != 2048 else 1000)
            return font
        for path in (DEMO / "Larkmallow.ttf", SYSTEM / "lato" / "Lato-Bold.ttf"):
            self.related(path, scaled, "same-outlines")

    def test_cut_down_is_the_same(self):
        def cut_down(font):
            characters = sorted(font.getBestCmap())
            # The glyph names stay, so that only what was cut away differs.
            options = subset.Options(glyph_names=True, notdef_outline=True, name_IDs=["*"], layout_features=["*"])
            cutter = subset.Subsetter(options)
            cutter.populate(unicodes=characters[: len(characters) * 9 // 10])
            cutter.subset(font)
            return font
        for name in ("WickerbyBroad.ttf", "GatepostPlain.ttf"):
            self.related(DEMO / name, cut_down, "same-outlines")

    def test_two_per_cent_wider_and_renamed_is_no_twin(self):
        def changed(font):
            rename(font, "Elderflower Twist")
            return wider(font, 1.02)
        for name in ("HartsorrelScript.ttf", "GatepostPlain.ttf", "Larkmallow.ttf"):
            self.related(DEMO / name, changed, None)

    def test_the_fonts_of_this_computer_are_told_apart(self):
        names = {}
        paths = [p for folder in ("lato", "vollkorn") for p in sorted((SYSTEM / folder).glob("*.ttf"))] + sorted(DEMO.glob("*.?tf"))
        self.assertGreater(len(paths), 20)
        for path in paths:
            (self.fonts / path.name).write_bytes(path.read_bytes())
            names[path.name] = TTFont(path, lazy=True)["name"].getBestFullName()
        # Weights and slants of one family are different fonts.
        for group in self.twins():
            self.assertEqual(len({names[n] for n in group}), 1, group)


if __name__ == "__main__":
    unittest.main()
