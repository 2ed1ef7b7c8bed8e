#!/usr/bin/python3
"""Mended outlines against GEOS (python3-shapely): opened and closed by discs, and compared outside the mended places.

Opening by a disc leaves what is at least as thick as the disc (J. Serra, "Image Analysis and Mathematical Morphology",
1982); crescents of under 3 r² at corners are what it takes from any shape. Nothing of Under Ink takes part in the judging.
"""
import json
import os
import re
import tempfile
import unittest
from pathlib import Path
from xml.etree import ElementTree

import numpy
from fontTools.fontBuilder import FontBuilder
from fontTools.pens.ttGlyphPen import TTGlyphPen
from shapely.affinity import translate
from shapely.geometry import Polygon, box
from shapely.ops import unary_union

from support import DEMO, debian, run

FONTS = [
    debian("opentype/lobster/lobster.otf"), debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"),
    debian("opentype/dancingscript/DancingScript-Regular.otf"), debian("opentype/kaushanscript/KaushanScript-Regular.otf"),
    debian("opentype/ebgaramond/EBGaramond12-Italic.otf"), debian("truetype/leckerli-one/LeckerliOne-Regular.ttf"),
    debian("truetype/lato/Lato-Regular.ttf"), debian("truetype/lato/Lato-Hairline.ttf"), debian("truetype/breip/Breip.ttf"),
    debian("truetype/comfortaa/Comfortaa-Light.ttf"), debian("truetype/vollkorn/Vollkorn-Regular.ttf"),
    debian("opentype/levien/TypoScript.otf"), debian("truetype/vollkorn/Vollkorn-BlackItalic.ttf"),
    *(str(DEMO / name) for name in ("HartsorrelScript.ttf", "TansyCord.ttf", "FennelRow.ttf", "Larkmallow.ttf", "GinghamCaps.ttf",
                                    "QuillbrookScript.ttf", "Bramblewick.ttf") if (DEMO / name).exists()),
]
WORDS = ["Fennmoor Honey", "Late Summer", "Beeswax", "Garden", "Ottilie", "Xoxo Buffy"]
HEIGHTS_MM = (8, 11, 14)
STEPS = 48
WIDTH = 0.5
R = 0.45 * WIDTH
ALL = os.environ.get("INK_PROOF_ALL")
T = numpy.arange(1, STEPS + 1) / STEPS
# Bernstein's polynomials: rows are places along a curve, columns its points.
QUADRATIC = numpy.stack([(1 - T) ** 2, 2 * T * (1 - T), T ** 2], axis=1)
CUBIC = numpy.stack([(1 - T) ** 3, 3 * T * (1 - T) ** 2, 3 * T ** 2 * (1 - T), T ** 3], axis=1)


def points_of(d):
    """Rings of path data with absolute M, L, Q, C and Z, flattened."""
    rings, ring, at = [], [], None
    for op, numbers in re.findall(r"([MLHVQCZ])([^MLHVQCZ]*)", d):
        n = [float(v) for v in re.findall(r"-?\d+\.?\d*(?:e-?\d+)?", numbers)]
        if op == "M":
            at = (n[0], n[1])
            ring = [at]
            rings.append(ring)
            rest = n[2:]
            for i in range(0, len(rest), 2):
                at = (rest[i], rest[i + 1])
                ring.append(at)
        elif op == "L":
            for i in range(0, len(n), 2):
                at = (n[i], n[i + 1])
                ring.append(at)
        elif op in "HV":
            for v in n:
                at = (v, at[1]) if op == "H" else (at[0], v)
                ring.append(at)
        elif op == "Q":
            for i in range(0, len(n), 4):
                a, b, c = at, (n[i], n[i + 1]), (n[i + 2], n[i + 3])
                ring += map(tuple, (QUADRATIC @ (a, b, c)).tolist())
                at = c
        elif op == "C":
            for i in range(0, len(n), 6):
                a, b, c, e = at, (n[i], n[i + 1]), (n[i + 2], n[i + 3]), (n[i + 4], n[i + 5])
                ring += map(tuple, (CUBIC @ (a, b, c, e)).tolist())
                at = e
    return rings


def outline_of(svg):
    """The ink of a cut file, y up, in mm; the page's lower left corner is the origin."""
    root = ElementTree.fromstring(svg)
    x, y, w, h = (float(v) for v in root.get("viewBox").split())
    rings = []
    for path in root.iter("{http://www.w3.org/2000/svg}path"):
        rings += points_of(path.get("d"))
    shape = Polygon()
    for ring in rings:
        ring = [(px - x, h - (py - y)) for px, py in ring]
        if len(ring) > 2:
            shape = shape.symmetric_difference(Polygon(ring).buffer(0))
    return shape


def parts_of(shape):
    parts = list(shape.geoms) if hasattr(shape, "geoms") else [shape]
    return [p for p in parts if p.geom_type == "Polygon" and p.area > 0]


def counts(shape):
    """Pieces and middles; a sliver between two overlapping letters, under 0.07 mm square, is nothing that could be kept."""
    parts = parts_of(shape)
    return len(parts), sum(Polygon(ring).area > 0.005 for p in parts for ring in p.interiors)


def proof(font, text, height, *arguments):
    process = "stencil" if "stencil" in arguments else "knife-vinyl"
    arguments = [a for a in arguments if a != "stencil"]
    with tempfile.TemporaryDirectory() as folder:
        svg, report = Path(folder) / "ink.svg", Path(folder) / "report.json"
        done = run("proof", "--font", font, "--text", text, "--height-mm", height, "--process", process, "--out", svg,
                   "--report", report, "--stroke-floor-mm", WIDTH, "--stroke-comfortable-mm", WIDTH, "--gap-mm", WIDTH,
                   "--smallest-piece-mm2", 0, *arguments)
        if done.returncode != 0:
            raise AssertionError(done.stderr)
        report = json.loads(report.read_text())
        return translate(outline_of(svg.read_bytes()), *report["box_mm"][:2]), report


def lost_by_opening(ink):
    return [p for p in parts_of(ink.difference(ink.buffer(-R, 32).buffer(R * 1.0005, 32))) if p.area > 3 * R * R]


def lost_by_closing(ink):
    return [p for p in parts_of(ink.buffer(R, 32).buffer(-R * 1.0005, 32).difference(ink)) if p.area > 3 * R * R]


def places(findings):
    return unary_union([box(*f["box_mm"]).buffer(WIDTH) for f in findings]) if findings else Polygon()


def cases():
    for i, font in enumerate(FONTS):
        for k, word in enumerate(WORDS):
            for m, height in enumerate(HEIGHTS_MM):
                if ALL or (i + 3 * k + m) % 16 == 0:  # every font, word and height; all of them with INK_PROOF_ALL=1
                    yield font, word, height


def few(turn):
    """Each font once, words and heights in turn; every second of them without INK_PROOF_ALL, the others where `turn` is odd."""
    for i, font in enumerate(FONTS):
        if ALL or (i + turn) % 2 == 0:
            yield font, WORDS[i % len(WORDS)], HEIGHTS_MM[i % len(HEIGHTS_MM)]


def same_elsewhere(before, after, report):
    """Outside what was widened, but for how a curve that was cut is flattened: nothing thicker than 0.002 mm."""
    touched = unary_union([box(*b) for b in report["touched"]])
    return before.symmetric_difference(after).difference(touched).buffer(-0.001).is_empty


class Judged(unittest.TestCase):
    def mended(self, case, *arguments, before=()):
        """Outlines and reports, unmended and mended."""
        drawn, found = proof(*case, *before)
        mended, report = proof(*case, *before, *arguments)
        self.assertTrue(mended.is_valid)
        return drawn, found, mended, report


class Thickened(Judged):
    def test_opened_by_a_disc(self):
        for case in cases():
            with self.subTest(case=case):
                before, found, after, report = self.mended(case, "--mend", "thin")
                told, left = places(found["findings"]), places(report["unmended"])
                for part in lost_by_opening(before):
                    self.assertTrue(told.intersects(part), f"not found: {part.centroid} {part.area}")
                for part in lost_by_opening(after):
                    self.assertTrue(left.intersects(part), f"neither mended nor told: {part.centroid} {part.area:.3f}")
                self.assertEqual(counts(before), counts(after))

    def test_nothing_else_moves(self):
        for case in few(0):
            with self.subTest(case=case):
                before, _, after, report = self.mended(case, "--mend", "thin")
                self.assertTrue(same_elsewhere(before, after, report))


class Opened(Judged):
    def test_closed_by_a_disc(self):
        for case in few(1):
            with self.subTest(case=case):
                before, _, after, report = self.mended(case, "--mend", "gaps")
                left = places(report["findings"])
                for part in lost_by_closing(after):
                    self.assertTrue(left.intersects(part), f"neither mended nor told: {part.centroid} {part.area:.3f}")
                self.assertEqual(counts(before), counts(after))
                self.assertTrue(same_elsewhere(before, after, report))

    def test_gaps_filled(self):
        for case in few(0):
            with self.subTest(case=case):
                before, _, after, report = self.mended(case, "--mend", "close-gaps")
                self.assertLess(before.difference(after).area, 1e-4 * before.area)  # nothing is taken away
                self.assertTrue(same_elsewhere(before, after, report))
                left = places(report["findings"])
                for part in lost_by_closing(after):
                    self.assertTrue(left.intersects(part), f"neither closed nor told: {part.centroid} {part.area:.3f}")


def at_height(height, turn):
    return [(font, word, height) for font, word, _ in few(turn)]


class Stencils(Judged):
    def test_the_sheet_is_one_piece(self):
        for case in at_height(60, 0):
            with self.subTest(case=case):
                _, _, ink, report = self.mended(case, "--mend", "bridges", "--bridge-mm", 1.5, before=["stencil"])
                self.assertEqual(report["middles"], 0)
                self.assertEqual(counts(ink)[1], 0)
                sheet = box(*ink.bounds).buffer(10).difference(ink)
                self.assertEqual(len(parts_of(sheet)), 1)
                self.assertEqual([f for f in report["findings"] if f["kind"] == "stencil-middle"], [])


PIXELS = {  # invented; their squares meet in corners
    "o": ("..#..", ".#.#.", "#...#", ".#.#.", "..#.."),
    "x": ("#...#", ".#.#.", "..#..", ".#.#.", "#...#"),
    "d": ("###..", "#..#.", "#...#", "#..#.", "###.."),
}


def pixel_font(folder):
    """A font of squares of 200 units, each a ring of its own."""
    builder = FontBuilder(1000, isTTF=True)
    glyphs, metrics = {}, {}
    for name in [".notdef", *PIXELS]:
        pen = TTGlyphPen(None)
        for row, line in enumerate(PIXELS.get(name, ())):
            for column, dot in enumerate(line):
                if dot == "#":
                    x, y = 200 * column, 200 * (4 - row)
                    pen.moveTo((x, y))
                    for corner in ((x, y + 200), (x + 200, y + 200), (x + 200, y)):
                        pen.lineTo(corner)
                    pen.closePath()
        glyphs[name], metrics[name] = pen.glyph(), (1200, 0)
    builder.setupGlyphOrder(list(glyphs))
    builder.setupCharacterMap({ord(name): name for name in PIXELS})
    builder.setupGlyf(glyphs)
    builder.setupHorizontalMetrics(metrics)
    builder.setupHorizontalHeader(ascent=1000, descent=0)
    builder.setupNameTable({"familyName": "Cornerwise", "styleName": "Regular"})
    builder.setupOS2(sTypoAscender=1000, usWinAscent=1000, sCapHeight=1000, sxHeight=1000)
    builder.setupPost()
    path = Path(folder) / "Cornerwise.ttf"
    builder.save(path)
    return str(path)


class Touching(Judged):
    """Squares that meet in their corners are apart for GEOS, and for anybody who cuts them."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.case = pixel_font(folder.name), "oxd", 30

    def test_thickened_and_tied(self):
        for before, mend in ([], "thin"), (["--one-piece"], "all"):
            drawn, found, ink, report = self.mended(self.case, "--mend", mend, before=before)
            self.assertEqual((found["pieces"], found["middles"]), counts(drawn))
            self.assertEqual(found["verdict"], "not")
            self.assertEqual((report["pieces"], report["middles"]), counts(ink))
            self.assertEqual(counts(ink), (1 if before else 3, 2))  # the letters, and what "o" and "d" close in
            self.assertEqual(lost_by_opening(ink), [])

    def test_the_sheet_holds(self):
        for mend, fall_out in ("thin", 2), ("bridges", 0):
            _, _, ink, report = self.mended(self.case, "--mend", mend, "--bridge-mm", 2, before=["stencil"])
            sheet = box(*ink.bounds).buffer(10).difference(ink)
            self.assertEqual((report["middles"], len(parts_of(sheet))), (fall_out, 1 + fall_out))


class OnePiece(Judged):
    def test_tied_by_bridges(self):
        for case in at_height(40, 1):
            with self.subTest(case=case):
                before, _, after, report = self.mended(case, "--mend", "all", before=["--one-piece"])
                self.assertEqual((counts(after)[0], report["pieces"]), (1, 1))
                self.assertGreaterEqual(counts(before)[0], 1)


if __name__ == "__main__":
    unittest.main()
