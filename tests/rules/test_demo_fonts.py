#!/usr/bin/python3
"""The committed demo fonts: what the demo data promise of them, and that the generator still makes them.

The four faces that come from npm packages are checked for what they hold, not made again: a check has
no network. (demo/generator/build.py --npm makes them.)
"""
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path

from fontTools.pens.recordingPen import RecordingPen
from fontTools.ttLib import TTFont

ROOT = Path(__file__).resolve().parents[2]
FONTS = ROOT / "demo" / "fonts"
DERIVED = ["HartsorrelScript.ttf", "Pennyfold.ttf", "QuillbrookScript.ttf", "Larkmallow.ttf", "MaypoleHand.otf", "Oatbrush.otf", "SextonCourt.otf"]
FROM_NPM = DERIVED[:4]
NAMES_OF_THE_JOB = "Fennmoor Honey Late Summer Batch Beeswax & Thyme Garden Supper Ottilie Bram Zoë Łucja Søren"


def font(name):
    return TTFont(FONTS / name)


def features(f):
    return {r.FeatureTag for r in f["GSUB"].table.FeatureList.FeatureRecord} if "GSUB" in f else set()


def private_codes(f):
    return [c for c in f.getBestCmap() if 0xE000 <= c <= 0xF8FF]


class DemoFonts(unittest.TestCase):
    def test_all_are_there(self):
        self.assertEqual(len([*FONTS.glob("*.ttf"), *FONTS.glob("*.otf")]), 15)

    def test_derived_faces_stay_under_the_open_font_licence(self):
        for name in DERIVED:
            with self.subTest(name=name):
                names = font(name)["name"]
                self.assertIn("SIL Open Font License", names.getDebugName(13))
                self.assertIn("Modified version renamed", names.getDebugName(0))
                text = (FONTS / (Path(name).stem + "-OFL.txt")).read_text()
                self.assertIn("SIL OPEN FONT LICENSE", text.upper())
                # The copyright line travels with the licence text.
                self.assertIn(names.getDebugName(0).split(" Modified version")[0], text)
                self.assertEqual(font(name)["OS/2"].fsType, 0)

    def test_own_scripts_reach_their_swashes_in_three_ways(self):
        tansy, wickerby, fennel = font("TansyCord.ttf"), font("WickerbyBroad.ttf"), font("FennelRow.ttf")
        wanted = {"swsh", "ss01", "ss02", "init", "fina", "salt"}
        self.assertEqual((features(tansy), private_codes(tansy)), (wanted, []))
        self.assertEqual(features(wickerby), set())
        self.assertGreaterEqual(len(private_codes(wickerby)), 100)
        self.assertEqual(features(fennel), wanted)
        self.assertGreaterEqual(len(private_codes(fennel)), 100)

    def test_tails_of_different_length_on_the_digit_keys(self):
        f = font("WickerbyBroad.ttf")
        widths = [f["glyf"][f.getBestCmap()[ord(d)]].xMax - f["glyf"][f.getBestCmap()[ord(d)]].xMin for d in "0123456789"]
        self.assertEqual(widths, sorted(widths))
        self.assertGreater(widths[-1], 3 * widths[0])

    def test_one_face_is_variable_with_two_instances(self):
        fvar = font("HobnailHand.ttf")["fvar"]
        self.assertEqual(len(fvar.instances), 2)

    def test_picture_font(self):
        f = font("StallholderBits.ttf")
        self.assertGreaterEqual(len([c for c in f.getBestCmap() if chr(c).isalnum()]), 30)
        self.assertEqual(f["OS/2"].panose.bFamilyType, 5)
        self.assertIn("CC0 1.0", (FONTS / "StallholderBits-CC0.txt").read_text())

    def test_letters_of_the_demo_jobs(self):
        for name in ("HartsorrelScript.ttf", "Pennyfold.ttf", "Larkmallow.ttf", "QuillbrookScript.ttf", "SextonCourt.otf", "TansyCord.ttf",
                     "WickerbyBroad.ttf", "FennelRow.ttf", "GatepostPlain.ttf", "HobnailHand.ttf"):
            with self.subTest(name=name):
                self.assertEqual([c for c in NAMES_OF_THE_JOB + "£€" if ord(c) not in font(name).getBestCmap()], [])

    def test_hershey_is_acknowledged(self):
        for name in ("TansyCord.ttf", "WickerbyBroad.ttf", "FennelRow.ttf", "GatepostPlain.ttf", "GinghamCaps.ttf", "HobnailHand.ttf"):
            self.assertIn("Hershey", font(name)["name"].getDebugName(0))
        self.assertIn("Hershey", (ROOT / "demo" / "CREDITS.md").read_text())

    def test_the_generator_still_makes_them(self):
        """Tables whole, and of the outlines each third: fitting all of them takes a minute and a half and sees the same code."""
        with tempfile.TemporaryDirectory() as folder:
            subprocess.run([sys.executable, ROOT / "demo" / "generator" / "build.py", "--every", "3", "--out", folder], check=True, capture_output=True)
            made = sorted(p.name for p in Path(folder).iterdir() if p.suffix in (".ttf", ".otf"))
            self.assertEqual(made, sorted(p.name for p in FONTS.iterdir() if p.suffix in (".ttf", ".otf") and p.name not in FROM_NPM))
            for name in made:
                with self.subTest(name=name):
                    self.compare(TTFont(Path(folder) / name), font(name))

    def compare(self, made, kept):
        drawn, all_drawn = 0, 0
        self.assertEqual(made.getGlyphOrder(), kept.getGlyphOrder())
        self.assertEqual(made.getBestCmap(), kept.getBestCmap())
        made_glyphs, kept_glyphs = made.getGlyphSet(), kept.getGlyphSet()
        for glyph in kept.getGlyphOrder():
            self.assertLessEqual(abs(made_glyphs[glyph].width - kept_glyphs[glyph].width), 1, glyph)
            pens = RecordingPen(), RecordingPen()
            made_glyphs[glyph].draw(pens[0])
            kept_glyphs[glyph].draw(pens[1])
            all_drawn += bool(pens[1].value)
            if not pens[0].value:
                continue
            drawn += 1
            self.assertEqual([op for op, _ in pens[0].value], [op for op, _ in pens[1].value], glyph)
            for (_, a), (_, b) in zip(pens[0].value, pens[1].value):
                for p, q in zip(a, b):
                    if p is not None:
                        self.assertLessEqual(max(abs(p[0] - q[0]), abs(p[1] - q[1])), 1, glyph)
        self.assertGreaterEqual(drawn, all_drawn // 3)


if __name__ == "__main__":
    unittest.main()
