"""Fit marks against brute force and against GEOS (shapely).

Widths: every sample of a finely sampled outline gets its largest empty circle on the ink side (the shrinking ball of J. Ma,
S. W. Bae, S. Choi, "3D medial axis point approximation using nearest neighbors and the normal field", The Visual Computer
28, 2012), found with scipy's k-d tree: no Voronoi diagram, none of our code. Joins: pieces of the union by GEOS.
"""
import json
import math
import os
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path

import numpy as np
from fontTools.fontBuilder import FontBuilder
from fontTools.pens.ttGlyphPen import TTGlyphPen
from scipy.spatial import cKDTree
from shapely import affinity
from shapely.geometry import MultiLineString, Polygon
from shapely.ops import unary_union

UINK = os.environ["UINK"]
ROOT = Path(__file__).resolve().parents[2]
sys.path.append(str(ROOT / "demo" / "generator"))
import hershey  # noqa: E402
DEMO = ROOT / "demo" / "fonts"
DEJAVU = Path("/usr/share/fonts/truetype/dejavu/DejaVuSans.ttf")
DANCING = Path("/usr/share/fonts/opentype/dancingscript/DancingScript-Regular.otf")
KAUSHAN = Path("/usr/share/fonts/opentype/kaushanscript/KaushanScript-Regular.otf")
LECKERLI = Path("/usr/share/fonts/truetype/leckerli-one/LeckerliOne-Regular.ttf")


def run(*arguments):
    return json.loads(subprocess.run([UINK, *arguments], capture_output=True, text=True, check=True).stdout)


def fit(font, text, width_mm=100.0):
    return run("fit", "--font", str(font), "--text", text, "--width-mm", str(width_mm), "--process", "knife-vinyl")


def bezier(points, steps):
    t = np.linspace(0, 1, steps + 1)[:, None]
    p = np.array(points, float)
    while len(p) > 1 and p.ndim == 2:
        n = len(p) - 1
        weights = [math.comb(n, i) * t**i * (1 - t) ** (n - i) for i in range(n + 1)]
        return sum(w * p[i] for i, w in enumerate(weights))
    return p


def rings_of(outline, steps, dx=0.0, dy=0.0):
    rings, ring, at = [], [], None
    for command in outline:
        kind, values = command[0], command[1:]
        if kind == "M":
            ring, at = [np.array([values])], values
        elif kind == "Z":
            rings.append(np.concatenate(ring)[:-1] + [dx, dy])
        else:
            points = [at, *[values[i:i + 2] for i in range(0, len(values), 2)]]
            ring.append(bezier(points, steps)[1:])
            at = values[-2:]
    return rings


def filled(rings):
    """Union of one glyph's contours under the non-zero rule: counter-clockwise and clockwise apart, then cut out."""
    shape = Polygon()
    by_area = sorted((Polygon(r).buffer(0) for r in rings if len(r) > 2), key=lambda p: -p.area)
    signs = {}
    for r in rings:
        if len(r) > 2:
            x, y = r[:, 0], r[:, 1]
            signs[Polygon(r).buffer(0).wkb] = np.sign(np.sum(x * np.roll(y, -1) - np.roll(x, -1) * y))
    main = signs.get(by_area[0].wkb, 1) if by_area else 1
    for polygon in by_area:
        shape = shape.union(polygon) if signs.get(polygon.wkb, main) == main else shape.difference(polygon)
    return shape


def glyph_shapes(font, text, steps):
    line = run("shape", "--font", str(font), "--text", text, "--outlines")
    return [filled(rings_of(g["outline"], steps, g["x"], g["y"])) for g in line["glyphs"] if g["outline"]]


def samples_of(shape, spacing):
    """Points on the boundary with their normal into the ink."""
    points, normals = [], []
    for part in getattr(shape, "geoms", [shape]):
        for ring, sign in [(part.exterior, 1), *[(i, 1) for i in part.interiors]]:
            xy = np.array(ring.coords)
            if (ring is part.exterior) != ring.is_ccw:
                xy = xy[::-1] # ink on the left
            for a, b in zip(xy[:-1], xy[1:]):
                d = b - a
                size = np.hypot(*d)
                if size < 1e-9:
                    continue
                count = max(1, int(size / spacing))
                t = (np.arange(count) + 0.5)[:, None] / count
                points.append(a + t * d)
                normals.append(np.repeat([[-d[1] / size, d[0] / size]], count, 0) * sign)
    return np.concatenate(points), np.concatenate(normals)


def opposite_widths(points, normals, largest):
    """Width and centre of the circles that touch on opposite sides (within 6 degrees of exactly opposite)."""
    tree = cKDTree(points)
    radius = np.full(len(points), largest)
    other = np.zeros(len(points), int)
    for _ in range(60):
        centre = points + normals * radius[:, None]
        _, near = tree.query(centre, k=2)
        own = near[:, 0] == np.arange(len(points))
        q = np.where(own, near[:, 1], near[:, 0])
        d = points[q] - points
        along = np.einsum("ij,ij->i", d, normals)
        new = np.where(along > 1e-12, np.einsum("ij,ij->i", d, d) / (2 * np.maximum(along, 1e-12)), radius)
        new = np.minimum(new, radius)
        other = np.where(new < radius - 1e-7, q, other)
        if np.all(radius - new < 1e-6):
            break
        radius = new
    centre = points + normals * radius[:, None]
    a, b = points - centre, points[other] - centre
    cosine = np.einsum("ij,ij->i", a, b) / np.maximum(np.linalg.norm(a, axis=1) * np.linalg.norm(b, axis=1), 1e-12)
    is_opposite = cosine < math.cos(math.radians(174))
    return 2 * radius[is_opposite], centre[is_opposite]


def save_font(path, shapes):
    """A TrueType font with these polygons on their keys."""
    def glyph(shape):
        pen = TTGlyphPen(None)
        for part in getattr(shape, "geoms", [shape]):
            for ring in [part.exterior, *part.interiors]:
                first, *rest = [(round(x), round(y)) for x, y in ring.coords[:-1]]
                pen.moveTo(first)
                for point in rest:
                    pen.lineTo(point)
                pen.closePath()
        return pen.glyph()
    names = {c: f"uni{ord(c):04X}" for c in shapes}
    builder = FontBuilder(16384, isTTF=True)
    builder.setupGlyphOrder([".notdef", *names.values()])
    builder.setupCharacterMap({ord(c): name for c, name in names.items()})
    builder.setupGlyf({".notdef": TTGlyphPen(None).glyph(), **{names[c]: glyph(s) for c, s in shapes.items()}})
    builder.setupHorizontalMetrics({name: (12000, 0) for name in builder.font.getGlyphOrder()})
    builder.setupHorizontalHeader(ascent=13000, descent=-4000)
    builder.setupNameTable({"familyName": "Round Pen", "styleName": "Regular"})
    builder.setupOS2()
    builder.setupPost()
    builder.save(path)


class FitReference(unittest.TestCase):
    # Letters without sharp points, where the narrowest place is a stroke or a gap with opposite sides.
    CASES = [(DEJAVU, c) for c in "oeacgsmnHBR8&"] + [(DEMO / "GatepostPlain.ttf", c) for c in "aeognRB"] + [(DEMO / "TansyCord.ttf", c) for c in "oaen"]

    def test_thinnest_stroke_against_brute_force(self):
        for font, text in self.CASES:
            with self.subTest(font=font.name, text=text):
                marks = fit(font, text)
                shape = unary_union(glyph_shapes(font, text, 96))
                scale = 100.0 / (shape.bounds[2] - shape.bounds[0])
                points, normals = samples_of(shape, 0.12 / scale)
                widths, _ = opposite_widths(points, normals, 60.0 / scale)
                brute = widths.min() * scale
                ours = marks["thinnest_stroke_mm"]
                # Ours may also be a tapering stroke, which has no exactly opposite sides: then it is thinner.
                self.assertLessEqual(ours, brute + max(0.01, 0.01 * brute))
                c = np.array(marks["thinnest_stroke_place"]["centre_mm"]) / scale + shape.bounds[:2]
                nearest = cKDTree(points).query(c)[0] * 2 * scale
                self.assertAlmostEqual(nearest, ours, delta=max(0.02, 0.01 * ours)) # an empty circle, that touches
                if ours < brute - max(0.01, 0.01 * brute):
                    self.assertLess(ours, brute)
                    self.assertGreater(ours, 0.75 * brute) # no further than its taper goes

    def test_narrowest_gap_against_brute_force(self):
        for font, text in [(DEJAVU, "oo"), (DEJAVU, "Hill"), (DEJAVU, "Ho"), (DEMO / "GatepostPlain.ttf", "on"), (DEJAVU, "ill")]:
            with self.subTest(font=font.name, text=text):
                marks = fit(font, text)
                shape = unary_union(glyph_shapes(font, text, 96))
                scale = 100.0 / (shape.bounds[2] - shape.bounds[0])
                points, normals = samples_of(shape, 0.12 / scale)
                widths, _ = opposite_widths(points, -normals, 60.0 / scale)
                brute = widths.min() * scale
                self.assertLessEqual(abs(marks["narrowest_gap_mm"] - brute), max(0.02, 0.01 * brute))

    def test_hershey_lines_drawn_with_a_known_pen(self):
        """A. V. Hershey's lines (Debian: hershey-fonts-data), drawn with a round pen by GEOS: no stroke is thinner than the pen, and between
        two strokes that stand apart the gap is what lies between their lines, less the pen."""
        alphabet = hershey.load("rowmans.jhf")
        step_fu, pen_fu = 400, 900 # fine enough that whole font units do not count
        letters = "oisucnzSCNJL="
        outlines = {c: MultiLineString([s for s in alphabet[c].strokes if len(s) > 1]) for c in letters}
        outlines = {c: affinity.scale(lines, step_fu, step_fu, origin=(0, 0)) for c, lines in outlines.items()}
        inked = {c: lines.buffer(pen_fu / 2, resolution=64) for c, lines in outlines.items()}
        with tempfile.TemporaryDirectory() as folder:
            font = Path(folder) / "pen.ttf"
            save_font(font, inked)
            for c in letters:
                with self.subTest(letter=c):
                    marks = fit(font, c)
                    scale = 100.0 / (inked[c].bounds[2] - inked[c].bounds[0])
                    pen_mm = pen_fu * scale
                    self.assertAlmostEqual(marks["thinnest_stroke_mm"], pen_mm, delta=max(0.01, 0.01 * pen_mm))
                    if c in "=i":
                        apart = outlines[c].geoms[0].distance(outlines[c].geoms[1]) * scale - pen_mm
                        self.assertAlmostEqual(marks["narrowest_gap_mm"], apart, delta=max(0.01, 0.01 * apart))

    def test_joins_against_the_pieces_of_the_union(self):
        words = [(DEMO / "HartsorrelScript.ttf", "Honey"), (DEMO / "Pennyfold.ttf", "summer"), (DEMO / "TansyCord.ttf", "garden"),
                 (DEMO / "QuillbrookScript.ttf", "thyme"), (DANCING, "minimum"), (KAUSHAN, "brambles"), (LECKERLI, "cherry"), (DEJAVU, "wave"),
                 (DEMO / "WickerbyBroad.ttf", "willow"), (DEMO / "FennelRow.ttf", "meadow")]
        for font, text in words:
            with self.subTest(font=font.name, text=text):
                marks = fit(font, text)
                shapes = glyph_shapes(font, text, 24)

                def pieces(s):
                    return len(getattr(s, "geoms", [s]))
                joins = sum(pieces(unary_union([a, b])) < pieces(a) + pieces(b) for a, b in zip(shapes, shapes[1:]))
                self.assertEqual((marks["joins"], marks["pairs"]), (joins, len(shapes) - 1))

    def test_connected_scripts_are_told_from_letters_that_stand_apart(self):
        for font in (DANCING, DEMO / "HartsorrelScript.ttf", DEMO / "TansyCord.ttf", DEMO / "FennelRow.ttf", DEMO / "WickerbyBroad.ttf"):
            self.assertTrue(fit(font, "a")["is_joining_script"], font.name)
        for font in (DEJAVU, DEMO / "GatepostPlain.ttf", DEMO / "SextonCourt.otf", DEMO / "GinghamCaps.ttf"):
            self.assertFalse(fit(font, "a")["is_joining_script"], font.name)


if __name__ == "__main__":
    unittest.main()
