#!/usr/bin/python3
"""`uink sheet` judged from outside: GEOS (python3-shapely) measures what lies on the sheets, ezdxf, hp2xx, Poppler, Ghostscript and
librsvg read the files, and a plotter-file reader of this test alone reads the order of the run.

Nothing of Under Ink takes part in the judging.
"""
import json
import math
import random
import re
import subprocess
import tempfile
import unittest
from pathlib import Path
from xml.etree import ElementTree

import ezdxf
import numpy
from ezdxf import path as dxf_path
from PIL import Image
from shapely.affinity import scale, translate
from shapely.geometry import LinearRing, Point, Polygon
from shapely.ops import unary_union
from shapely.prepared import prep

from support import DEMO, debian, run
from test_proof_reference import points_of

NAMES = ("Ottilie Bram Zoë Søren Wilhelmina Juno Petra Fynn Marlow Isadora Quill Xavier Agnes Timo Beatrix Clementine Dorothy Ezra "
         "Florian Gilbert Hester Imogen Jasper Lucja").split()
SCRIPT = DEMO / "HartsorrelScript.ttf"
SLAB = debian("truetype/vollkorn/Vollkorn-Regular.ttf")
PICTURES = DEMO / "StallholderBits.ttf"
PT_MM = 25.4 / 72


def plotter_paths(text):
    """Lines of an HPGL file in mm, from the words of the HP-GL/2 reference alone: IN, PA, SP, VS, PU, PD."""
    lines, at, pen, down = [], (0, 0), 0, False
    for word in filter(None, (w.strip() for w in text.split(";"))):
        name, numbers = word[:2], [float(n) for n in word[2:].split(",") if n.strip()]
        if name == "SP":
            pen = int(numbers[0])
        elif name in ("PU", "PD", "PA"):
            if name != "PA":
                down = name == "PD"
            for x, y in zip(numbers[::2], numbers[1::2]):
                if down:
                    if not lines or lines[-1][1][-1] != at or lines[-1][0] != pen or lines[-1][2]:
                        lines.append([pen, [at], False])
                    lines[-1][1].append((x, y))
                at = (x, y)
            if name == "PU" and lines:
                lines[-1][2] = True
        elif name not in ("IN", "VS"):
            raise AssertionError(f"a plotter does not know {word!r}")
    return [(pen, [(x * 0.025, y * 0.025) for x, y in points]) for pen, points, _ in lines]


def designs_of(svg):
    """What lies on a sheet: for each thing the union of its pieces, in mm from the upper left corner, y down."""
    root = ElementTree.parse(svg).getroot()
    out = {}
    for path in root.iter("{http://www.w3.org/2000/svg}path"):
        if path.get("class") and path.get("fill") != "none":
            shape = None
            for ring in points_of(path.get("d")):
                polygon = Polygon(ring).buffer(0)
                shape = polygon if shape is None else shape.symmetric_difference(polygon)
            out.setdefault(path.get("class"), []).append(shape)
    return {name: unary_union(shapes) for name, shapes in out.items()}, float(root.get("width")[:-2]), float(root.get("height")[:-2])


class SheetCase(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def made(self, out, *arguments, font=SCRIPT, size=("--x-height-mm", 8), process="knife-vinyl"):
        file = self.folder / out
        done = run("sheet", "--font", font, *size, "--process", process, *arguments, "--out", file, "--report", self.folder / "report.json")
        self.assertEqual(done.returncode, 0, done.stderr)
        return file, json.loads((self.folder / "report.json").read_text())



class Sheets(SheetCase):
    def assertLies(self, svg, margin, spacing):
        designs, width, height = designs_of(svg)
        shapes = list(designs.values())
        x0, y0, x1, y1 = margin - 0.01, margin - 0.01, width - margin + 0.01, height - margin + 0.01
        for i, shape in enumerate(shapes):
            b = shape.bounds
            self.assertTrue(b[0] >= x0 and b[1] >= y0 and b[2] <= x1 and b[3] <= y1, f"thing {i} {b} leaves the margins")
            near = prep(shape.buffer(max(0.0, spacing - 0.01)))
            for other in shapes[i + 1:]:
                if near.intersects(other):
                    self.assertEqual(spacing, 0, "nearer than was asked")
                    self.assertLess(shape.intersection(other).area, 1e-3)
        return shapes

    def test_nothing_overlaps_and_distances_are_kept(self):
        cases = [
            (SCRIPT, "180", 2, 305, NAMES), (SCRIPT, "none", 5, 305, NAMES[:12]), (SLAB, "90", 3, 200, NAMES[:15]),
            (SCRIPT, "free", 1, 305, NAMES[:8]), (PICTURES, "180", 2, 600, ["abc", "def", "ABC", "DEF", "fad", "BED"]),
            (SLAB, "180", 0, 305, NAMES[:10]),
        ]
        for font, turn, spacing, width, names in cases:
            with self.subTest(font=Path(font).name, turn=turn, spacing=spacing):
                svg, report = self.made("n.svg", "--names", ";".join(names), "--sheet", width, "--margin-mm", 4, "--spacing-mm", spacing,
                                        "--turn", turn, font=font)
                shapes = self.assertLies(svg, 4, spacing)
                self.assertEqual(len(shapes), len(names))
                self.assertEqual(report["left_out"], [])
                area = sum(s.area for s in shapes)
                self.assertAlmostEqual(report["covered"], area / (width * report["used_length_mm"]), delta=0.002)
                self.assertAlmostEqual(report["least_length_mm"], area / (width - 8) + 8, delta=0.1)
                self.assertGreaterEqual(report["used_length_mm"], report["least_length_mm"])

    def test_several_sheets_hold_what_one_does_not(self):
        _, report = self.made("n.svg", "--names", ";".join(NAMES), "--sheet", "150x100", "--margin-mm", 4, "--spacing-mm", 3)
        self.assertGreater(len(report["sheets"]), 1)
        self.assertEqual(len(report["placed"]), len(NAMES))
        count = 0
        for sheet in range(len(report["sheets"])):
            count += len(self.assertLies(self.folder / ("n.svg" if sheet == 0 else f"n-{sheet + 1}.svg"), 4, 3))
        self.assertEqual(count, len(NAMES))

    def test_never_longer_than_rows_of_boxes_and_shorter_on_lists(self):
        """Rows by decreasing height, best fit: E. G. Coffman et al., SIAM J. Comput. 9(4), 1980, reckoned here."""
        def rows(boxes, width, spacing):
            rows = []
            for w, h in sorted(boxes, key=lambda b: -b[1]):
                fitting = [r for r in rows if r[1] + w <= width + 1e-9]
                row = max(fitting, key=lambda r: r[1]) if fitting else rows.append([h, 0]) or rows[-1]
                row[1] += w + spacing
            return sum(r[0] for r in rows) + spacing * (len(rows) - 1)

        for font in (SCRIPT, SLAB, DEMO / "Larkmallow.ttf"):
            for turn in ("none", "180") if font == SCRIPT else ("180",):
                with self.subTest(font=Path(font).name, turn=turn):
                    _, report = self.made("n.svg", "--names", ";".join(NAMES), "--sheet", 305, "--margin-mm", 5, "--spacing-mm", 2, "--turn", turn,
                                          font=font)
                    boxes = [(b[2] - b[0], b[3] - b[1]) for b in (p["box_mm"] for p in report["placed"])]
                    in_rows = rows(boxes, 295, 2) + 10
                    self.assertLessEqual(report["used_length_mm"], in_rows + 0.01)
                    if turn == "180":
                        self.assertLess(report["used_length_mm"], 0.9 * in_rows, f"{report['used_length_mm']} beside rows of {in_rows}")

    def test_small_things_go_into_open_middles(self):
        """Sixteen rings with wide middles and sixteen dots: the dots take no length of their own."""
        ring = ("--names", ";".join(["O"] * 4 + ["."] * 4), "--sheet", 200, "--margin-mm", 2, "--spacing-mm", 2)
        _, both = self.made("n.svg", *ring, font=debian("truetype/comfortaa/Comfortaa-Light.ttf"), size=("--em-mm", 60))
        _, alone = self.made("n.svg", "--names", "O;O;O;O", "--sheet", 200, "--margin-mm", 2, "--spacing-mm", 2,
                             font=debian("truetype/comfortaa/Comfortaa-Light.ttf"), size=("--em-mm", 60))
        self.assertLessEqual(both["used_length_mm"], alone["used_length_mm"] + 0.6)

    def test_mirrored_twice_is_the_original(self):
        svg, report = self.made("n.svg", "--text", "Zoë", "--sheet", "200x100", process="knife-heat-transfer")
        self.assertTrue(report["mirrored"])
        mirrored = unary_union(list(designs_of(svg)[0].values()))
        svg, report = self.made("m.svg", "--text", "Zoë", "--sheet", "200x100", "--no-mirror", process="knife-heat-transfer")
        self.assertFalse(report["mirrored"])
        plain = unary_union(list(designs_of(svg)[0].values()))
        again = scale(mirrored, -1, 1, origin="center")
        dx, dy = plain.bounds[0] - again.bounds[0], plain.bounds[1] - again.bounds[1]
        self.assertLess(translate(again, dx, dy).symmetric_difference(plain).area, 0.001 * plain.area)


class Files(SheetCase):
    """Areas within 0.1 %, places within 0.05 mm, each by a reader of its own."""

    CASES = [(SCRIPT, "Ottilie & Bram"), (SLAB, "Egg 8%"), (PICTURES, "abc")]

    def each(self, suffix, check):
        for font, text in self.CASES:
            with self.subTest(font=Path(font).name, suffix=suffix):
                arguments = ("--text", text, "--sheet", "200x90", "--margin-mm", 6)
                svg, _ = self.made("n.svg", *arguments, font=font, size=("--width-mm", 120))
                ink = unary_union(list(designs_of(svg)[0].values()))
                file, _ = self.made("n" + suffix, *arguments, font=font, size=("--width-mm", 120))
                check(file, scale(ink, 1, -1, origin=(0, 45)))  # y up, from the lower left corner

    def assertSame(self, rings, ink):
        shape = None
        for ring in rings:
            polygon = Polygon(ring).buffer(0)
            shape = polygon if shape is None else shape.symmetric_difference(polygon)
        self.assertAlmostEqual(shape.area / ink.area, 1.0, delta=0.001)
        for got, wanted in zip(shape.bounds, ink.bounds):
            self.assertAlmostEqual(got, wanted, delta=0.05)

    def test_dxf(self):
        def check(file, ink):
            document = ezdxf.readfile(file)
            audit = document.audit()
            self.assertEqual((audit.errors, audit.fixes), ([], []))
            self.assertEqual((document.dxfversion, document.header["$INSUNITS"], document.header["$MEASUREMENT"]), ("AC1015", 4, 1))
            lines = document.modelspace().query("LWPOLYLINE")
            self.assertTrue(all(line.closed and line.dxf.layer == "CUT" for line in lines))
            self.assertTrue(any(b for line in lines for *_, b in line.get_points("xyb")), "curves are arcs")
            self.assertSame([[(v.x, v.y) for v in dxf_path.make_path(line).flattening(0.002)] for line in lines], ink)
        self.each(".dxf", check)

    def test_hpgl(self):
        def check(file, ink):
            lines = plotter_paths(file.read_text())
            for _, points in lines:
                self.assertEqual(points[0], points[-1], "every ring comes back to its start")
            self.assertSame([points for _, points in lines], ink)
            drawn = self.folder / "plot.eps"
            done = subprocess.run(["hp2xx", "-q", "-t", "-m", "eps", "-f", drawn, file], capture_output=True, text=True)
            self.assertEqual(done.returncode, 0, done.stderr)
            bounds = [float(v) for v in re.search(r"%%BoundingBox: (.*)", drawn.read_text()).group(1).split()]
            width, height = (bounds[2] - bounds[0]) * PT_MM, (bounds[3] - bounds[1]) * PT_MM
            self.assertAlmostEqual(width, ink.bounds[2] - ink.bounds[0], delta=1.0)  # whole points
            self.assertAlmostEqual(height, ink.bounds[3] - ink.bounds[1], delta=1.0)
        self.each(".plt", check)

    def lines_of_picture(self, file, ink, dpi):
        """The lines of a page, drawn 0.1 mm wide, lie on the outline: what is inked is where the outline is."""
        pixels = numpy.asarray(Image.open(file).convert("L")) < 160
        mm = 25.4 / dpi
        self.assertAlmostEqual(pixels.shape[1] * mm, 200, delta=0.2)
        self.assertAlmostEqual(pixels.shape[0] * mm, 90, delta=0.2)
        rows, columns = numpy.nonzero(pixels)
        bounds = (columns.min() * mm, 90 - (rows.max() + 1) * mm, (columns.max() + 1) * mm, 90 - rows.min() * mm)
        for got, wanted in zip(bounds, ink.bounds):
            self.assertAlmostEqual(got, wanted, delta=0.05 + 0.05 + mm)  # half the line, a pixel
        near = prep(ink.boundary.buffer(0.05 + mm))
        for i in random.Random(3).sample(range(len(rows)), 300):
            p = Point((columns[i] + 0.5) * mm, 90 - (rows[i] + 0.5) * mm)
            self.assertTrue(near.contains(p), (p.x, p.y))

    def test_pdf(self):
        def check(file, ink):
            subprocess.run(["pdftoppm", "-r", "300", "-png", "-singlefile", file, self.folder / "page"], check=True)
            self.lines_of_picture(self.folder / "page.png", ink, 300)
        self.each(".pdf", check)

    def test_eps(self):
        def check(file, ink):
            told = subprocess.run(["gs", "-q", "-dNOPAUSE", "-dBATCH", "-sDEVICE=bbox", "-r1200", file], capture_output=True, text=True)
            bounds = [float(v) * PT_MM for v in re.search(r"HiResBoundingBox: (.*)", told.stderr).group(1).split()]
            for got, wanted in zip(bounds, ink.bounds):
                self.assertAlmostEqual(got, wanted, delta=0.06 + 0.05)  # half the line
        self.each(".eps", check)

    def test_png(self):
        def check(file, ink):
            picture = Image.open(file)
            dpi = picture.info["dpi"][0]
            mm = 25.4 / dpi
            inked = (numpy.asarray(picture.convert("L")).astype(float) - 255) / (numpy.asarray(picture.convert("L")).min() - 255.0)
            self.assertAlmostEqual(inked.sum() * mm * mm / ink.area, 1.0, delta=0.01)
        self.each(".png", check)

    def test_svg_by_librsvg(self):
        def check(file, ink):
            subprocess.run(["rsvg-convert", "-d", "300", "-p", "300", "-o", self.folder / "page.png", file], check=True)
            alpha = numpy.asarray(Image.open(self.folder / "page.png"))[..., 3].astype(float) / 255
            self.assertAlmostEqual(alpha.sum() * (25.4 / 300) ** 2 / ink.area, 1.0, delta=0.005)
        self.each(".svg", check)


class Runs(SheetCase):
    def run_of(self, *arguments, **options):
        file, report = self.made("n.plt", *arguments, **options)
        return plotter_paths(file.read_text()), report

    def test_what_lies_inside_is_cut_first(self):
        for font, names in ((SCRIPT, NAMES), (PICTURES, ["abcdef", "ABCDEF", "fedcba"]), (SLAB, ["B8%&", "Og@", "eaq"])):
            with self.subTest(font=Path(font).name):
                lines, _ = self.run_of("--names", ";".join(names), "--sheet", 305, "--frame-mm", 3, font=font)
                rings = [(pen, Polygon(points)) for pen, points in lines]
                held = 0
                for i, (pen, ring) in enumerate(rings):
                    for later_pen, later in rings[i + 1:]:
                        inside = ring.contains(Point(later.exterior.coords[0])) and later.area < ring.area
                        self.assertFalse(inside and pen >= later_pen, "something is cut after what is around it")
                    held += any(other.area > ring.area and other.contains(Point(ring.exterior.coords[0])) for _, other in rings)
                self.assertGreater(held, 2)
                pens = [pen for pen, _ in lines]
                self.assertEqual(pens, sorted(pens), "frames last")

    def test_every_ring_once(self):
        lines, report = self.run_of("--names", ";".join(NAMES), "--sheet", 305)
        svg, _ = self.made("n.svg", "--names", ";".join(NAMES), "--sheet", 305)
        length = sum(LinearRing(ring).length for path in ElementTree.parse(svg).getroot().iter("{http://www.w3.org/2000/svg}path")
                     for ring in points_of(path.get("d")))
        cut = sum(math.dist(a, b) for _, points in lines for a, b in zip(points, points[1:]))
        self.assertAlmostEqual(cut / length, 1.0, delta=0.005)
        self.assertAlmostEqual(report["cut_length_mm"] / length, 1.0, delta=0.002)
        self.assertEqual(report["parts"], len(lines))

    def test_air_is_near_a_long_search(self):
        """Simulated annealing (S. Kirkpatrick et al., Science 220, 1983) on the same starts, in this test's own code."""
        for seed in range(2):  # thirty sheets, and longer, in tests/core/cut/test_run_order.cpp
            rng = random.Random(seed)
            names = rng.sample(NAMES, 3 + seed % 5)
            lines, report = self.run_of("--names", ";".join(names), "--sheet", 200 + 20 * (seed % 6), font=(SCRIPT, SLAB, DEMO / "Larkmallow.ttf")[seed % 3])
            height = max(s["length_mm"] for s in report["sheets"])
            rings = [points for _, points in lines]
            polygons = [Polygon(r) for r in rings]
            around = [[j for j, p in enumerate(polygons) if j != i and p.area > polygons[i].area and p.contains(Point(r[0]))]
                      for i, r in enumerate(rings)]
            starts = [self.starts(r) for r in rings]
            home = (0.0, height)
            reached = self.air([r[0] for r in rings], home)
            self.assertAlmostEqual(reached, report["air_length_mm"], delta=0.02 * reached + 1)
            best = self.anneal(starts, around, home, rng)
            self.assertLessEqual(reached, 1.10 * best, f"sheet {seed}: {reached:.0f} mm beside {best:.0f}")

    @staticmethod
    def starts(ring):
        """Corners of a ring, or some of its points where it has none."""
        points, out = ring[:-1], []
        for i, p in enumerate(points):
            a, b = points[i - 1], points[(i + 1) % len(points)]
            turn = math.atan2((p[0] - a[0]) * (b[1] - p[1]) - (p[1] - a[1]) * (b[0] - p[0]), (p[0] - a[0]) * (b[0] - p[0]) + (p[1] - a[1]) * (b[1] - p[1]))
            if abs(turn) > math.radians(35):
                out.append(p)
        return out or [ring[0]]

    @staticmethod
    def air(places, home):
        way = [home, *places, home]
        return sum(math.dist(a, b) for a, b in zip(way, way[1:]))

    def anneal(self, starts, around, home, rng):
        order = sorted(range(len(starts)), key=lambda i: -len(around[i]))
        chosen = [s[0] for s in starts]
        def cost(o):
            return self.air([chosen[i] for i in o], home)
        def allowed(o):
            place = {stop: k for k, stop in enumerate(o)}
            return all(place[i] < place[j] for i in o for j in around[i])
        now = best = cost(order)
        heat, steps = now / len(order), 6000
        for step in range(steps):
            if rng.random() < 0.3:
                i = rng.randrange(len(starts))
                before = chosen[i]
                chosen[i] = rng.choice(starts[i])
                new = cost(order)
                if new < now or rng.random() < math.exp((now - new) / heat):
                    now = new
                else:
                    chosen[i] = before
            else:
                a, b = sorted(rng.sample(range(len(order) + 1), 2))
                o = order[:a] + order[a:b][::-1] + order[b:] if rng.random() < 0.5 else order[:a] + order[a + 1:b] + [order[a]] + order[b:]
                if allowed(o):
                    new = cost(o)
                    if new < now or rng.random() < math.exp((now - new) / heat):
                        order, now = o, new
            best = min(best, now)
            heat *= 0.9985
        return best

    def test_kerf_is_a_disc_round_the_blade(self):
        for font, text in ((SLAB, "Egg"), (SCRIPT, "Bram"), (PICTURES, "ab")):
            with self.subTest(font=Path(font).name):
                plain, _ = self.run_of("--text", text, "--sheet", "300x300", font=font, size=("--width-mm", 120), process="laser-wood")
                wide, _ = self.run_of("--text", text, "--sheet", "300x300", "--kerf-mm", 0.4, font=font, size=("--width-mm", 120), process="laser-wood")
                def ink(lines):
                    shape = None
                    for _, points in lines:
                        polygon = Polygon(points).buffer(0)
                        shape = polygon if shape is None else shape.symmetric_difference(polygon)
                    return shape
                wanted = ink(plain).buffer(0.2, 64)
                got = ink(wide)
                dx, dy = wanted.bounds[0] - got.bounds[0], wanted.bounds[3] - got.bounds[3]
                self.assertLess(translate(got, dx, dy).symmetric_difference(wanted).area, 0.02 * wanted.length * 1.5)

    def test_a_drag_knife_goes_ahead_of_its_tip(self):
        """The tip follows the middle at the offset: dragged along what the file says it draws the outline (the tractrix, by steps)."""
        offset = 0.5
        plain, _ = self.run_of("--text", "EH", "--sheet", "200x100", font=debian("truetype/dejavu/DejaVuSans.ttf"), size=("--width-mm", 60))
        ahead, _ = self.run_of("--text", "EH", "--sheet", "200x100", "--blade-mm", offset, "--overcut-mm", 1, font=debian("truetype/dejavu/DejaVuSans.ttf"),
                               size=("--width-mm", 60))
        self.assertEqual(len(plain), len(ahead))
        edges = unary_union([LinearRing(points) for _, points in plain])
        for _, points in ahead:
            first = (points[1][0] - points[0][0], points[1][1] - points[0][1])
            l = math.hypot(*first)
            tip = [points[0][0] - offset * first[0] / l, points[0][1] - offset * first[1] / l]
            worst = 0.0
            for a, b in zip(points, points[1:]):
                for k in range(1, 21):
                    middle = (a[0] + (b[0] - a[0]) * k / 20, a[1] + (b[1] - a[1]) * k / 20)
                    d = (tip[0] - middle[0], tip[1] - middle[1])
                    l = math.hypot(*d)
                    tip = [middle[0] + d[0] / l * offset, middle[1] + d[1] / l * offset]
                    worst = max(worst, edges.distance(Point(tip)))
            self.assertLess(worst, 0.06, "the tip leaves the outline")

    def test_overcut_goes_past_the_start(self):
        plain, _ = self.run_of("--text", "Bo", "--sheet", "200x100", font=SLAB)
        past, _ = self.run_of("--text", "Bo", "--sheet", "200x100", "--overcut-mm", 1.5, font=SLAB)
        for (_, a), (_, b) in zip(plain, past):
            more = sum(math.dist(p, q) for p, q in zip(b, b[1:])) - sum(math.dist(p, q) for p, q in zip(a, a[1:]))
            self.assertAlmostEqual(more, 1.5, delta=0.1)
            self.assertLess(LinearRing(a).distance(Point(b[-1])), 0.03)

    def test_tabs_hold_what_is_cut(self):
        plain, _ = self.run_of("--text", "Bo", "--sheet", "300x300", font=SLAB, size=("--width-mm", 120), process="laser-wood")
        held, _ = self.run_of("--text", "Bo", "--sheet", "300x300", "--tabs", 3, font=SLAB, size=("--width-mm", 120), process="laser-wood")
        outer = [p for _, p in plain if LinearRing(p).is_ccw]
        gone = sum(LinearRing(p).length for _, p in plain) - sum(math.dist(a, b) for _, p in held for a, b in zip(p, p[1:]))
        self.assertAlmostEqual(gone, 3 * len(outer) * 0.6, delta=0.1)

    def test_a_border_lies_under_its_words(self):
        svg, report = self.made("n.svg", "--text", "Honey", "--sheet", "200x120", "--border-mm", 4)
        self.assertEqual(len(report["sheets"]), 2)
        border = unary_union(list(designs_of(self.folder / "n.svg")[0].values()))
        words = unary_union(list(designs_of(self.folder / "n-2.svg")[0].values()))
        self.assertTrue(border.contains(words))
        self.assertAlmostEqual(border.boundary.distance(words), 4, delta=0.02)
        marks = [[p.get("d") for p in ElementTree.parse(self.folder / f).getroot().find("{*}g[@id='mark']")] for f in ("n.svg", "n-2.svg")]
        self.assertEqual(marks[0], marks[1], "crosses lie in the same place")
        self.assertEqual(len(marks[0]), 6)

    def test_pages_put_together_are_the_pattern(self):
        """Poppler paints the pages; laid with 194 or 281 mm of each less the overlap they show the words that the cut file has."""
        dots = 6.0  # a millimetre
        words = ("--font", SCRIPT, "--text", "Honey", "--width-mm", 500, "--process", "stencil")
        out = self.folder / "p.pdf"
        report = json.loads(run("pattern", *words, "--out", out, "--report", "-", "--filled", "--line-mm", 0.05, "--overlap-mm", 12).stdout)
        self.assertTrue(report["joined"])
        subprocess.run(["pdftoppm", "-r", str(dots * 25.4), "-png", "-gray", out, self.folder / "page"], check=True)
        pages = sorted(self.folder.glob("page-*.png"))
        self.assertEqual(len(pages), report["pages"])
        self.assertEqual(len(pages), report["columns"] * report["rows"] + 1)  # none of them empty, and the cover
        cover = numpy.asarray(Image.open(pages[0]).convert("L")) < 160
        columns = [int(cover[:, x].sum()) for x in range(int(114 * dots))]  # beside it is how the pages lie
        upright = [x for x, n in enumerate(columns) if n > 95 * dots]  # sides of the squares of 100 mm and 4 in, under each other
        self.assertAlmostEqual((max(upright) - min(upright)) / dots, 101.6, delta=0.3)
        width, height = (side - 16.0 for side in report["page_mm"])
        whole = numpy.zeros((int((report["rows"] * height + 20) * dots), int((report["columns"] * width + 20) * dots)), bool)
        for number, page in enumerate(pages[1:]):
            row, column = divmod(number, report["columns"])
            tile = numpy.asarray(Image.open(page).convert("L"))[round(8 * dots):round((8 + height) * dots), round(8 * dots):round((8 + width) * dots)]
            ink = (tile > 215) & (tile < 235)  # its light fill: the marks are thinner and darker
            x, y = round(column * (width - 12) * dots), round(row * (height - 12) * dots)
            whole[y:y + ink.shape[0], x:x + ink.shape[1]] |= ink
        svg = self.folder / "w.svg"
        run("weld", *words[:-2], "--out", svg)
        root = ElementTree.parse(svg).getroot()
        shape = None
        for path in root.iter("{http://www.w3.org/2000/svg}path"):
            for ring in points_of(path.get("d")):
                polygon = Polygon(ring).buffer(0)
                shape = polygon if shape is None else shape.symmetric_difference(polygon)
        rows, columns = numpy.nonzero(whole)
        x0, y0, x1, y1 = shape.bounds
        self.assertAlmostEqual((columns.max() - columns.min() + 1) / dots, x1 - x0, delta=0.3)
        self.assertAlmostEqual((rows.max() - rows.min() + 1) / dots, y1 - y0, delta=0.3)
        self.assertAlmostEqual(whole.sum() / dots ** 2 / shape.area, 1, delta=0.03)
        # Points deep in the ink are ink, points well outside are not.
        rng = random.Random(4)
        ink, edge = prep(shape), prep(shape.boundary.buffer(0.4))
        left, top = columns.min() / dots, rows.min() / dots
        for _ in range(3000):
            p = Point(rng.uniform(x0, x1), rng.uniform(y0, y1))
            if not edge.contains(p):
                pixel = whole[int((p.y - y0 + top) * dots), int((p.x - x0 + left) * dots)]
                self.assertEqual(bool(pixel), ink.contains(p), (p.x, p.y))


if __name__ == "__main__":
    unittest.main()
