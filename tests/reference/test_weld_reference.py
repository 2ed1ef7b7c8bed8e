#!/usr/bin/python3
"""Welds and offsets against GEOS (python3-shapely) on fonts of Debian's packages and the demo fonts.

The reference takes the glyph outlines from fontTools and hb-shape, flattens them much finer than the
weld does, fills each glyph by the non-zero rule on its own (a winding number per face of the
arrangement), and unites the glyphs. Nothing of Under Ink takes part in it.
"""
import json
import os
import re
import subprocess
import unittest
from xml.etree import ElementTree

import numpy
from fontTools.pens.recordingPen import DecomposingRecordingPen
from fontTools.ttLib import TTFont
from shapely.affinity import scale, translate
from shapely.geometry import LineString, Point, Polygon
from shapely.ops import polygonize, unary_union
from shapely.strtree import STRtree
from shapely.validation import explain_validity

from support import DEBIAN, DEMO, debian, run, weld

FONTS = [
    debian("opentype/lobster/lobster.otf"), debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"),
    debian("opentype/dancingscript/DancingScript-Regular.otf"), debian("opentype/kaushanscript/KaushanScript-Regular.otf"),
    debian("opentype/ebgaramond/EBGaramond12-Italic.otf"), debian("truetype/leckerli-one/LeckerliOne-Regular.ttf"),
    debian("truetype/lato/Lato-Regular.ttf"), debian("truetype/breip/Breip.ttf"),
    debian("truetype/comfortaa/Comfortaa-Bold.ttf"), debian("truetype/vollkorn/Vollkorn-Regular.ttf"),
    debian("opentype/levien/TypoScript.otf"),
    *(str(DEMO / name) for name in ("HartsorrelScript.ttf", "TansyCord.ttf", "FennelRow.ttf", "Larkmallow.ttf", "GinghamCaps.ttf")),
]
WORDS = ["Fennmoor Honey", "Late Summer", "Beeswax", "Garden", "Ottilie", "Xoxo Buffy"]
# Words that have been hard: mirrored or wrongly directed glyphs, seams, near-coincident curves.
HARD = {
    debian("truetype/breip/Breip.ttf"): ["Willowbrook", "Quiltly", "Harvest", "Bookkeeper"],
    debian("opentype/levien/TypoScript.otf"): ["Zephyr", "lullaby", "Bookkeeper"],
    debian("opentype/lobster/lobster.otf"): ["Xoxo Buffy", "Zephyr"],
    debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"): ["Xoxo Buffy", "Zephyr"],
}
TRACKING_EM = (0.0, -0.03, -0.06, -0.1)
ALL = os.environ.get("INK_WELD_ALL")  # every word in every font at every tracking, and all fonts that join; else half of them
# Every font of four packages whose letters join edge on edge, at 1000, 1024, 1100, 2000 and 2048 units per em.
JOINING = ("truetype/fonts-arabeyes", "truetype/kacst", "truetype/farsiweb", "opentype/fonts-hosny-amiri")
JOINING_WORDS = ("محمد", "سلام", "كتاب", "بيت")
STEPS = 64  # chords to a curve: some fifty times finer in area than the weld looks at topology
FINE = 512


def flatten(commands, steps):
    t = numpy.arange(1, steps + 1) / steps
    # Bernstein's polynomials: rows are places along a curve, columns its points.
    quadratic = numpy.stack([(1 - t) ** 2, 2 * (1 - t) * t, t ** 2], axis=1)
    cubic = numpy.stack([(1 - t) ** 3, 3 * (1 - t) ** 2 * t, 3 * (1 - t) * t ** 2, t ** 3], axis=1)
    rings, ring = [], []
    for op, points in commands:
        if op == "moveTo":
            ring = [points[0]]
        elif op == "lineTo":
            ring.append(points[0])
        elif op == "curveTo":
            a, (b, c, d) = ring[-1], points
            ring += map(tuple, (cubic @ (a, b, c, d)).tolist())
        elif op == "qCurveTo":
            points = list(points)
            if points[-1] is None:
                points = points[:-1]
                first = tuple((a + b) / 2 for a, b in zip(points[-1], points[0]))
                ring, points = [first], points + [first]
            off, last = points[:-1], points[-1]
            for i, c in enumerate(off):
                a, d = ring[-1], last if i + 1 == len(off) else tuple((p + q) / 2 for p, q in zip(c, off[i + 1]))
                ring += map(tuple, (quadratic @ (a, c, d)).tolist())
        elif len(ring) > 2:
            rings.append(ring)
            ring = []
    return rings


def winding(rings, x, y):
    total = 0
    for ring in rings:
        for (x0, y0), (x1, y1) in zip(ring, ring[1:] + ring[:1]):
            if (y0 <= y) != (y1 <= y) and x0 + (x1 - x0) * (y - y0) / (y1 - y0) > x:
                total += 1 if y1 > y0 else -1
    return total


def filled(rings):
    """Faces of the arrangement of all edges whose winding number is not zero."""
    if not rings:
        return Polygon()
    lines = unary_union([LineString(ring + ring[:1]) for ring in rings])
    faces = [face for face in polygonize(lines) if winding(rings, *face.representative_point().coords[0]) != 0]
    return unary_union(faces)


class Reference:
    def __init__(self, path, steps=STEPS):
        self.path, self.font, self.steps = path, TTFont(path), steps
        self.glyphs, self.order = self.font.getGlyphSet(), self.font.getGlyphOrder()
        self.em, self.cache = self.font["head"].unitsPerEm, {}

    def glyph(self, number):
        if number not in self.cache:
            pen = DecomposingRecordingPen(self.glyphs)
            self.glyphs[self.order[number]].draw(pen)
            self.cache[number] = filled(flatten(pen.value, self.steps))
        return self.cache[number]

    def union(self, text, tracking_em):
        shaped = json.loads(subprocess.run(["hb-shape", self.path, "--output-format=json", "--no-glyph-names",
                                            "--language=en", f"--text={text}"], capture_output=True, text=True, check=True).stdout)
        shapes, x = [], 0.0
        for i, g in enumerate(shaped):
            if g["g"] != 0:  # letters a font lacks are left out
                shapes.append(translate(self.glyph(g["g"]), x + g["dx"], g["dy"]))
            ends = i + 1 == len(shaped) or shaped[i + 1]["cl"] != g["cl"]
            x += g["ax"] + (tracking_em * self.em if ends else 0)
        return unary_union(shapes)

    def word(self, text, tracking_em):
        """(area in em², least and most pieces, least and most middles). The weld leaves out rings below 1 u² or thinner
        than 0.3 u and sees them on chords within 0.25 u, so those about that thick may be there or not."""
        union = self.union(text, tracking_em)
        u = self.em / 1000
        pieces = list(getattr(union, "geoms", [union]))
        rings = [p.exterior for p in pieces], [ring for p in pieces for ring in p.interiors]
        real = lambda ring, area, thick: Polygon(ring).area >= area * u * u and 2 * Polygon(ring).area >= thick * u * ring.length
        counts = [[sum(real(ring, *least) for ring in kind) for least in ((2, 0.8), (0.5, 0.05))] for kind in rings]
        return union.area / self.em ** 2, *counts


def ours_as_polygons(steps, font, text, *arguments):
    """The cut file as shapely polygons in mm: every path's first ring is the outer one, the others are its middles."""
    done = run("weld", "--font", font, "--text", text, *arguments, "--out", "-")
    if done.returncode != 0:
        raise AssertionError(done.stderr)
    pieces = []
    for path in ElementTree.fromstring(done.stdout.encode()).iter("{http://www.w3.org/2000/svg}path"):
        commands = []
        for letter, numbers in re.findall(r"([MLQCZ])([^MLQCZ]*)", path.get("d")):
            v = [float(n) for n in re.findall(r"-?[0-9.]+(?:e-?[0-9]+)?", numbers)]
            points = list(zip(v[::2], v[1::2]))
            name = {"M": "moveTo", "L": "lineTo", "Q": "qCurveTo", "C": "curveTo", "Z": "closePath"}[letter]
            size = {"M": 1, "L": 1, "Q": 2, "C": 3, "Z": 1}[letter]
            commands += [(name, points[i:i + size]) for i in range(0, max(len(points), 1), size)]
        rings = flatten(commands, steps)
        pieces.append(Polygon(rings[0], rings[1:]))
    return pieces


class Weld(unittest.TestCase):
    def test_against_geos(self):
        worst, cases, doubtful = 0.0, 0, 0
        for path in FONTS:
            reference = Reference(path)
            for i, tracking in enumerate(TRACKING_EM):
                for k, text in enumerate(WORDS + HARD.get(path, [])):
                    if not ALL and (i + k) % 2:
                        continue
                    with self.subTest(font=path, text=text, tracking=tracking):
                        area, pieces, middles = reference.word(text, tracking)
                        ours = weld(path, text, "--em-mm", "100", f"--tracking-em={tracking}", "--method-report")
                        self.assertTrue(pieces[0] <= ours["pieces"] <= pieces[1], (ours["pieces"], pieces))
                        self.assertTrue(middles[0] <= ours["middles"] <= middles[1], (ours["middles"], middles))
                        doubtful += pieces[0] != pieces[1] or middles[0] != middles[1]
                        self.assertEqual(ours["method"]["fallbacks"]["lost_edges"], 0)
                        self.assertEqual(ours["method"]["fallbacks"]["polygonal"], 0)
                        off = abs(ours["area_mm2"] / 1e4 - area) / area
                        worst = max(worst, off)
                        self.assertLess(off, 0.0003)  # what the chords of the reference leave
                        cases += 1
        print(f"{cases} cases, worst area error {worst * 1e6:.0f} ppm against {STEPS} chords a curve")
        self.assertGreaterEqual(cases, 400 if ALL else 200)
        self.assertLess(doubtful, 0.05 * cases)

    def test_joining_scripts(self):
        """Letters that meet edge on edge, without overlap, are one piece as GEOS has it."""
        fonts = sorted(str(f) for folder in JOINING for f in DEBIAN.joinpath(folder).glob("*.[to]tf") if not f.is_symlink())
        self.assertGreaterEqual(len(fonts), 50)
        units = set()
        for path in fonts[::1 if ALL else 2]:
            reference = Reference(path, 16)
            units.add(reference.em)
            for text in JOINING_WORDS:
                with self.subTest(font=path, text=text):
                    area, pieces, middles = reference.word(text, 0.0)
                    ours = weld(path, text, "--em-mm", "100", "--method-report")
                    self.assertTrue(pieces[0] <= ours["pieces"] <= pieces[1], (ours["pieces"], pieces))
                    self.assertTrue(middles[0] <= ours["middles"] <= middles[1], (ours["middles"], middles))
                    self.assertEqual(ours["method"]["fallbacks"]["polygonal"], 0)
        print(f"joining scripts: {len(fonts)} fonts, units per em {sorted(units)}")

    def test_to_ten_parts_in_a_million(self):
        """Area of the symmetric difference, and GEOS finds the outline valid; on chords fine enough to tell."""
        worst = 0.0
        for path, text, tracking in [(FONTS[0], "Xoxo Buffy", -0.03), (FONTS[1], "Zephyr", -0.06), (FONTS[2], "Garden", 0.0),
                                     (str(DEMO / "HartsorrelScript.ttf"), "Honey", -0.03), (str(DEMO / "TansyCord.ttf"), "Bram", -0.06)]:
            with self.subTest(font=path, text=text):
                reference = Reference(path, FINE)
                union = scale(reference.union(text, tracking), 100 / reference.em, 100 / reference.em, origin=(0, 0))
                pieces = ours_as_polygons(FINE, path, text, "--em-mm", "100", f"--tracking-em={tracking}")
                for piece in pieces:
                    self.assertTrue(piece.is_valid, explain_validity(piece))
                x0, y0, _, y1 = union.bounds
                # The cut file has its own origin and y downwards.
                ours = [translate(scale(p, 1, -1, origin=(0, 0)), x0, y1) for p in pieces]
                off = union.symmetric_difference(unary_union(ours)).area / union.area
                worst = max(worst, off)
                self.assertLess(off, 10e-6)
        print(f"worst symmetric difference {worst * 1e6:.1f} ppm against {FINE} chords a curve")

    def test_reduction_stays_within_its_bound(self):
        """The distance between the outlines before and after, as GEOS measures it from both, is no more than was asked for."""
        worst, cases = 0.0, 0
        for font, text in [("HobnailHand.ttf", "Bra"), ("Larkmallow.ttf", "Bee")]:
            base = unary_union(ours_as_polygons(STEPS, DEMO / font, text, "--height-mm", "20"))
            for bound in (0.02, 0.1, 0.5, 5, 8, 40):
                with self.subTest(font=font, bound=bound):
                    pieces = ours_as_polygons(STEPS, DEMO / font, text, "--height-mm", "20", "--reduce", bound)
                    for piece in pieces:
                        self.assertTrue(piece.is_valid, explain_validity(piece))
                    # The page goes round the ink, which may reach a hair further: nodes that stayed tell by how much.
                    nodes = [[Point(at) for p in ours_as_polygons(1, DEMO / font, text, "--height-mm", "20", *more)
                              for ring in (p.exterior, *p.interiors) for at in ring.coords] for more in ([], ["--reduce", bound])]
                    tree = STRtree(nodes[0])
                    pairs = [(p, tree.nearest(p)) for p in nodes[1]]
                    x, y = (sorted(getattr(b, c) - getattr(a, c) for a, b in pairs)[len(pairs) // 2] for c in "xy")
                    apart = base.boundary.hausdorff_distance(translate(unary_union(pieces), x, y).boundary)
                    worst = max(worst, apart / bound)
                    self.assertLess(apart, bound + 0.001)  # what the chords of both leave
                    fewer, plain = (weld(DEMO / font, text, "--height-mm", "20", *more)["nodes"] for more in (["--reduce", bound], []))
                    self.assertLess(fewer, 0.75 * plain)
                    cases += 1
        print(f"reduction: {cases} cases, at most {worst:.3f} of the bound")

    def test_offsets_against_geos(self):
        """The edge lies at the distance from the words as GEOS measures it, and covers what GEOS's buffer covers."""
        worst, cases = 0.0, 0
        for font, text in [("HartsorrelScript.ttf", "Fay"), ("TansyCord.ttf", "Oh"), ("GatepostPlain.ttf", "Rag"),
                           ("Larkmallow.ttf", "Bee")]:
            base = unary_union(ours_as_polygons(STEPS, DEMO / font, text, "--width-mm", "60"))
            for distance, join, style in [(0.4, "round", 1), (3, "round", 1), (1, "mitre", 2), (1, "bevel", 3), (-0.15, "round", 1)]:
                with self.subTest(font=font, distance=distance, join=join):
                    expected = base.buffer(distance, resolution=90, join_style=style, mitre_limit=4)
                    arguments = (DEMO / font, text, "--width-mm", "60", f"--offset={distance}:{join}")
                    pieces = ours_as_polygons(STEPS, *arguments)
                    self.assertEqual(len(pieces), len(getattr(expected, "geoms", [expected])))
                    # The grown outline has an origin of its own.
                    x, y = (expected.bounds[i] - unary_union(pieces).bounds[i] for i in (0, 1))
                    ours = translate(unary_union(pieces), x, y)
                    self.assertLess(ours.symmetric_difference(expected).area, 0.005 * expected.length)
                    if join == "round":
                        edge = [translate(p, x, y) for p in ours_as_polygons(3, *arguments)]
                        apart = max(abs(base.boundary.distance(Point(at)) - abs(distance))
                                    for p in edge for ring in (p.exterior, *p.interiors) for at in ring.coords)
                        worst = max(worst, apart)
                        self.assertLess(apart, 0.01)
                    cases += 1
        print(f"offsets: {cases} cases, at most {worst:.4f} mm off the distance")


if __name__ == "__main__":
    unittest.main()
