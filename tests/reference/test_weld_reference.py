#!/usr/bin/python3
"""Welds against GEOS (python3-shapely) on fonts of Debian's packages and the demo fonts.

The reference takes the glyph outlines from fontTools and hb-shape, flattens them much finer than the
weld does, fills each glyph by the non-zero rule on its own (a winding number per face of the
arrangement), and unites the glyphs. Nothing of Under Ink takes part in it.
"""
import json
import subprocess
import unittest

from fontTools.pens.recordingPen import DecomposingRecordingPen
from fontTools.ttLib import TTFont
from shapely.affinity import translate
from shapely.geometry import LineString, Point, Polygon
from shapely.ops import polygonize, unary_union
from shapely.prepared import prep

from support import DEMO, debian, weld

FONTS = [
    debian("opentype/lobster/lobster.otf"), debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"),
    debian("opentype/dancingscript/DancingScript-Regular.otf"), debian("opentype/kaushanscript/KaushanScript-Regular.otf"),
    debian("opentype/ebgaramond/EBGaramond12-Italic.otf"), debian("truetype/leckerli-one/LeckerliOne-Regular.ttf"),
    debian("truetype/lato/Lato-Regular.ttf"), debian("truetype/breip/Breip.ttf"),
    debian("truetype/comfortaa/Comfortaa-Bold.ttf"), debian("truetype/vollkorn/Vollkorn-Regular.ttf"),
    *(str(DEMO / name) for name in ("HartsorrelScript.ttf", "TansyCord.ttf", "FennelRow.ttf", "Larkmallow.ttf", "GinghamCaps.ttf")),
]
WORDS = ["Fennmoor Honey", "Late Summer", "Beeswax", "Garden", "Ottilie", "Xoxo Buffy"]
TRACKING_EM = -0.03
STEPS = 128  # chords to a curve: some hundred times finer in area than the weld looks at topology


def flatten(commands):
    rings, ring = [], []
    for op, points in commands:
        if op == "moveTo":
            ring = [points[0]]
        elif op == "lineTo":
            ring.append(points[0])
        elif op == "curveTo":
            a, (b, c, d) = ring[-1], points
            ring += [tuple((1 - t) ** 3 * a[i] + 3 * (1 - t) ** 2 * t * b[i] + 3 * (1 - t) * t * t * c[i] + t ** 3 * d[i]
                           for i in (0, 1)) for t in (k / STEPS for k in range(1, STEPS + 1))]
        elif op == "qCurveTo":
            points = list(points)
            if points[-1] is None:
                points = points[:-1]
                first = tuple((a + b) / 2 for a, b in zip(points[-1], points[0]))
                ring, points = [first], points + [first]
            off, last = points[:-1], points[-1]
            for i, c in enumerate(off):
                a, d = ring[-1], last if i + 1 == len(off) else tuple((p + q) / 2 for p, q in zip(c, off[i + 1]))
                ring += [tuple((1 - t) ** 2 * a[j] + 2 * (1 - t) * t * c[j] + t * t * d[j] for j in (0, 1))
                         for t in (k / STEPS for k in range(1, STEPS + 1))]
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
    def __init__(self, path):
        self.path, self.font = path, TTFont(path)
        self.glyphs, self.order = self.font.getGlyphSet(), self.font.getGlyphOrder()
        self.em, self.cache = self.font["head"].unitsPerEm, {}

    def glyph(self, number):
        if number not in self.cache:
            pen = DecomposingRecordingPen(self.glyphs)
            self.glyphs[self.order[number]].draw(pen)
            self.cache[number] = filled(flatten(pen.value))
        return self.cache[number]

    def word(self, text):
        """(area in em², pieces, middles), leaving out specks that no knife can follow, as the weld states."""
        shaped = json.loads(subprocess.run(["hb-shape", self.path, "--output-format=json", "--no-glyph-names",
                                            "--language=en", f"--text={text}"], capture_output=True, text=True, check=True).stdout)
        shapes, x = [], 0.0
        for i, g in enumerate(shaped):
            shapes.append(translate(self.glyph(g["g"]), x + g["dx"], g["dy"]))
            ends = i + 1 == len(shaped) or shaped[i + 1]["cl"] != g["cl"]
            x += g["ax"] + (TRACKING_EM * self.em if ends else 0)
        union = unary_union(shapes)
        u = self.em / 1000
        real = lambda ring: Polygon(ring).area >= u * u and 2 * Polygon(ring).area >= 0.3 * u * Polygon(ring).length
        pieces = [p for p in getattr(union, "geoms", [union]) if real(p.exterior)]
        middles = sum(1 for p in pieces for ring in p.interiors if real(ring))
        return union.area / self.em ** 2, len(pieces), middles


class Weld(unittest.TestCase):
    def test_against_geos(self):
        self.assertGreaterEqual(len(FONTS), 12)
        worst, cases = 0.0, 0
        for path in FONTS:
            reference = Reference(path)
            for text in WORDS:
                with self.subTest(font=path, text=text):
                    area, pieces, middles = reference.word(text)
                    ours = weld(path, text, "--em-mm", "100", f"--tracking-em={TRACKING_EM}")
                    self.assertEqual((ours["pieces"], ours["middles"]), (pieces, middles))
                    off = abs(ours["area_mm2"] / 1e4 - area) / area
                    worst = max(worst, off)
                    self.assertLess(off, 0.0005)
                    cases += 1
        print(f"{cases} cases, worst area error {worst * 1e6:.0f} ppm")
        self.assertGreaterEqual(cases, 72)


if __name__ == "__main__":
    unittest.main()
