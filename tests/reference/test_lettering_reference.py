#!/usr/bin/python3
"""Close-up and shapes against GEOS (python3-shapely) and closed formulas.

Close-up: the right letter of each pair is pushed to the left in small steps until GEOS says that the two touch; the
program's move has to be that way plus the depth. Shapes: outlines are bent point by point, a hundred times finer than
the program's nodes, and compared by area and distance.
"""
import json
import math
import unittest

import numpy
from shapely.affinity import translate
from shapely.geometry import MultiPolygon, Point, Polygon
from shapely.ops import unary_union
from shapely.strtree import STRtree

from support import DEMO, debian, run, shape

EM_MM = 50.0
DEPTH_MM = 0.3
WITHIN_MM = 0.01
CASES = [
    (str(DEMO / "HartsorrelScript.ttf"), ["Honey", "moor"]), (str(DEMO / "Larkmallow.ttf"), ["ennmoor", "oney"]),
    (str(DEMO / "TansyCord.ttf"), ["Honey"]), (str(DEMO / "FennelRow.ttf"), ["Garden"]),
    (debian("truetype/lato/Lato-Regular.ttf"), ["HONEY", "Garden", "AVT"]),
    (debian("opentype/kaushanscript/KaushanScript-Regular.otf"), ["Honey"]),
    (debian("truetype/vollkorn/Vollkorn-Regular.ttf"), ["filling"]), (debian("opentype/lobster/lobster.otf"), ["batch"]),
]


def points(segment, start, steps):
    kind, *flat = segment
    p = [start] + [(flat[i], flat[i + 1]) for i in range(0, len(flat), 2)]
    t = numpy.linspace(0.0, 1.0, steps + 1)[1:, None]
    p = numpy.array(p)
    if kind == "L":
        curve = (1 - t) * p[0] + t * p[1]
    elif kind == "Q":
        curve = (1 - t) ** 2 * p[0] + 2 * t * (1 - t) * p[1] + t**2 * p[2]
    else:
        curve = (1 - t) ** 3 * p[0] + 3 * t * (1 - t) ** 2 * p[1] + 3 * t**2 * (1 - t) * p[2] + t**3 * p[3]
    return [tuple(q) for q in curve]


def rings(outline, steps=64):
    found = []
    for command in outline:
        if command[0] == "M":
            found.append([(command[1], command[2])])
        elif command[0] != "Z":
            found[-1] += points(command, found[-1][-1], steps)
    return [ring for ring in found if len(ring) > 3]


def body(outline):
    """The ink of a letter without the parts that stand clear above or below its largest contour: dots, accents."""
    all_rings = [Polygon(r).buffer(0) for r in rings(outline)]
    main = max(all_rings, key=lambda p: p.area)
    low, high = main.bounds[1], main.bounds[3]
    return unary_union([p for p in all_rings if p.bounds[1] <= high and p.bounds[3] >= low])


def contact(left, right):
    """How far right can go to the left (negative: to the right) until GEOS says they touch first, coming from afar."""
    far = left.bounds[2] - right.bounds[0] + 1.0  # clear of each other
    apart, touching = far, far - (right.bounds[2] - left.bounds[0]) - 5.0
    step = 1.0
    while apart > touching and not left.intersects(translate(right, apart - step)):
        apart -= step
    low, high = apart - step, apart
    for _ in range(40):
        middle = (low + high) / 2
        if left.intersects(translate(right, middle)):
            low = middle
        else:
            high = middle
    return -high


class CloseUp(unittest.TestCase):
    def test_letters_move_by_the_way_to_contact_and_the_depth(self):
        mm_per_em, worst, pairs, joined = EM_MM, 0.0, 0, 0
        for font, words in CASES:
            for word in words:
                set_word = shape(font, word)
                scale = mm_per_em / set_word["units_per_em"]
                glyphs = [g for g in set_word["glyphs"] if g["outline"]]
                placed = [translate(body(g["outline"]), g["x"], g["y"]) for g in glyphs]
                done = run("weld", "--font", font, "--text", word, "--em-mm", EM_MM, "--close-up", DEPTH_MM, "--report", "-")
                report = json.loads(done.stdout)
                self.assertEqual(len(report["pairs"]), len(glyphs) - 1, word)
                for pair, left, right in zip(report["pairs"], placed, placed[1:]):
                    if pair["state"] == "left_as_drawn":
                        self.assertGreater(contact(left, right) * scale, 0.0, "it would have joined as drawn")
                        continue
                    expected = max(0.0, contact(left, right) * scale + DEPTH_MM)
                    worst = max(worst, abs(-pair["moved_mm"] - expected))
                    self.assertLess(abs(-pair["moved_mm"] - expected), WITHIN_MM, f"{font} {word} {pair}")
                    pairs += 1
                    joined += pair["state"] == "joins"
        print(f"close-up: {pairs} pairs, {joined} join, the move differs from the sweep by at most {worst:.4f} mm")
        self.assertEqual(pairs, joined, "a pair was left apart that could join")
        self.assertGreater(pairs, 35)

    def test_one_step_is_the_same_for_all_and_joins_all(self):
        font = debian("truetype/lato/Lato-Regular.ttf")
        done = run("weld", "--font", font, "--text", "Garden", "--em-mm", 30, "--close-up", 0.2, "--close-up-evenly",
                   "--report", "-")
        report = json.loads(done.stdout)
        moves = [pair["moved_mm"] for pair in report["pairs"]]
        self.assertLess(max(moves) - min(moves), 1e-9)
        self.assertTrue(all(pair["state"] == "joins" for pair in report["pairs"]))
        self.assertEqual(report["pieces"], 1)

    def test_depth_holds_at_a_width_that_depends_on_it(self):
        """The word is made 120 mm wide after it was closed up: the depth is one of the finished word."""
        font = debian("truetype/lato/Lato-Regular.ttf")
        by_width = json.loads(run("weld", "--font", font, "--text", "Honey", "--width-mm", 120, "--close-up", 0.8,
                                  "--report", "-").stdout)
        self.assertAlmostEqual(by_width["width_mm"], 120.0, 6)
        set_word = shape(font, "Honey")
        placed = [translate(body(g["outline"]), g["x"]) for g in set_word["glyphs"]]
        gaps = [contact(a, b) for a, b in zip(placed, placed[1:])]
        natural = unary_union(placed).bounds
        # width = scale * (natural - sum of gaps) - pairs * depth
        scale = (120.0 + 0.8 * len(gaps)) / (natural[2] - natural[0] - sum(gaps))
        for pair, gap in zip(by_width["pairs"], gaps):
            self.assertAlmostEqual(-pair["moved_mm"], gap * scale + 0.8, delta=WITHIN_MM)


def svg_rings(path, steps):
    """Rings of the program's SVG, y up."""
    import re
    from xml.etree import ElementTree
    found = []
    for element in ElementTree.parse(path).iter("{http://www.w3.org/2000/svg}path"):
        tokens = re.findall(r"[A-Za-z]|-?[\d.]+(?:e-?\d+)?", element.get("d"))
        command, numbers, at = None, [], 0
        while at < len(tokens):
            if tokens[at].isalpha():
                command = tokens[at]
                at += 1
                if command in "Zz":  # draws the closing line
                    found[-1] += points(["L", *found[-1][0]], found[-1][-1], steps)
                    continue
            count = {"M": 2, "L": 2, "H": 1, "V": 1, "Q": 4, "C": 6}[command]
            numbers = [float(n) for n in tokens[at:at + count]]
            at += count
            if command == "M":
                found.append([tuple(numbers)])
                continue
            last = found[-1][-1]
            if command == "H":
                numbers, command_as = [numbers[0], last[1]], "L"
            elif command == "V":
                numbers, command_as = [last[0], numbers[0]], "L"
            else:
                command_as = command
            found[-1] += points([command_as, *numbers], last, steps)
    return found


def area(rings_):
    return sum(0.5 * sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(r, r[1:] + r[:1])) for r in rings_)


class Shapes(unittest.TestCase):
    """The words at their size bent by the formula, point by point, against the program's cubics."""

    def bent(self, shape_text, out):
        font = debian("opentype/lobster/lobster.otf")
        done = run("weld", "--font", font, "--text", "Honey", "--em-mm", 30, "--close-up", 0.3, "--shape", shape_text,
                   "--out", out, "--report", "-")
        self.assertEqual(done.returncode, 0, done.stderr)
        return json.loads(done.stdout)

    def test_bent_outlines_lie_on_the_exact_image(self):
        import tempfile
        from pathlib import Path
        with tempfile.TemporaryDirectory() as folder:
            plain_path, bent_path = Path(folder) / "plain.svg", Path(folder) / "bent.svg"
            # "none" would be no lettering: a slant of nothing is the words as they stand.
            plain_report = self.bent("slant:0", plain_path)
            plain = svg_rings(plain_path, 400)
            xs = [x for r in plain for x, _ in r]
            low_y = max(y for r in plain for _, y in r)
            # The baseline: the lowest ink is that of the y; found from the letters' own outlines.
            font = debian("opentype/lobster/lobster.otf")
            lowest_fu = min(y for g in shape(font, "Honey")["glyphs"] for r in rings(g["outline"]) for _, y in r)
            baseline = low_y + lowest_fu * 30.0 / shape(font, "Honey")["units_per_em"]
            x0, width = min(xs), max(xs) - min(xs)
            up = [[(x - x0, baseline - y) for x, y in r] for r in plain]
            height = (min(y for r in up for _, y in r), max(y for r in up for _, y in r))

            def arch(deg):
                a = math.radians(deg)
                radius = width / a
                return lambda x, y: (width / 2 + (radius + y) * math.sin((x - width / 2) / radius),
                                     -radius + (radius + y) * math.cos((x - width / 2) / radius))

            maps = {
                "arch:120": arch(120), "arch:-90": arch(-90), "circle:300": arch(300),
                "hill:20": lambda x, y: (x, y + 0.2 * width * math.sin(math.pi * x / width)),
                "valley:30": lambda x, y: (x, y - 0.3 * width * math.sin(math.pi * x / width)),
                "wave:20": lambda x, y: (x, y + 0.1 * width * math.sin(2 * math.pi * x / width)),
                "rising:25": lambda x, y: (x, y + 0.25 * x),
                "slant:15": lambda x, y: (x + math.tan(math.radians(15)) * y, y),
                "taper:40": lambda x, y: (x, sum(height) / 2 + (y - sum(height) / 2) * (1 - 0.6 * x / width)),
                "bulge:50": lambda x, y: (x, sum(height) / 2 + (y - sum(height) / 2)
                                          * (1 + 0.5 * math.sin(math.pi * x / width))),
            }
            for text, image in maps.items():
                report = self.bent(text, bent_path)
                exact = [[image(x, y) for x, y in r] for r in up]
                left = min(x for r in exact for x, _ in r)
                bottom = min(y for r in exact for _, y in r)
                exact = [numpy.array([(x - left, y - bottom) for x, y in r]) for r in exact]
                got = svg_rings(bent_path, 60)
                top = max(y for r in got for _, y in r)
                got = numpy.array([(x, top - y) for r in got for x, y in r])
                expected = abs(area([r.tolist() for r in exact]))
                self.assertLess(abs(report["area_mm2"] - expected) / expected, 1e-3, text)
                rings_of_lines = [Polygon(r).exterior for r in exact]
                tree = STRtree(rings_of_lines)
                worst = 0.0
                for p in got[::7]:
                    q = Point(p)
                    worst = max(worst, q.distance(tree.nearest(q)))
                print(f"{text}: {plain_report['nodes']} nodes to {report['nodes']}, at most {worst:.4f} mm off, area "
                      f"{(report['area_mm2'] / expected - 1) * 1e6:.0f} ppm")
                self.assertLess(worst, 0.021, text)
                self.assertLess(report["nodes"], 2.0 * plain_report["nodes"], text)


if __name__ == "__main__":
    unittest.main()
