#!/usr/bin/python3
"""`uink stitch` judged from outside: a reader of DST and EXP written from their description alone, and threads as a raster over the
letters that `uink weld` gives (NumPy, GEOS). Nothing of the planner takes part.

    test_stitch_reference.py            the test
    test_stitch_reference.py --table    the whole table of docs/stitches.md (20 fonts, 3 words, 3 heights)
"""
import json
import math
import sys
import tempfile
import unittest
from pathlib import Path
from xml.etree import ElementTree

import numpy
from shapely.geometry import Point, Polygon

import stitch_reader
from support import DEMO, debian, run
from test_proof_reference import points_of

DEMO_FONTS = [DEMO / name for name in ("HartsorrelScript.ttf", "Larkmallow.ttf", "Pennyfold.ttf", "QuillbrookScript.ttf", "FennelRow.ttf",
                                       "GatepostPlain.ttf", "HobnailHand.ttf", "TansyCord.ttf", "WickerbyBroad.ttf", "MaypoleHand.otf",
                                       "Oatbrush.otf", "SextonCourt.otf")]
OTHERS = [Path(debian(f"truetype/{name}.ttf")) for name in ("dejavu/DejaVuSans", "dejavu/DejaVuSerif-Bold", "dejavu/DejaVuSansMono", "lato/Lato-Regular",
                                                      "lato/Lato-Black", "vollkorn/Vollkorn-Regular", "vollkorn/Vollkorn-Bold", "dejavu/DejaVuSerif")]
WORDS, HEIGHTS = ("Honey", "Zoe", "Amber"), (15, 25, 40)
DOTS = 10


def outline_of(font, words, height, folder):
    svg = folder / "w.svg"
    run("weld", "--font", font, "--text", words, "--height-mm", height, "--out", svg)
    root = ElementTree.parse(svg).getroot()
    rings = [ring for path in root.iter("{http://www.w3.org/2000/svg}path") for ring in points_of(path.get("d"))]
    return rings, len(list(root.iter("{http://www.w3.org/2000/svg}path")))


def judged(font, words, height, folder, *options):
    """What the threads of the file cover of the letters, and the rest of what is asked of them."""
    dst = folder / "s.dst"
    report = json.loads(run("stitch", "--font", font, "--text", words, "--height-mm", height, "--hoop", "400x400", "--out", dst, "--report", "-",
                            *options).stdout)
    steps, _ = stitch_reader.read_dst(dst.read_bytes())
    stitches, trims = stitch_reader.threads(steps)
    rings, pieces = outline_of(font, words, height, folder)
    xs, ys = [x for ring in rings for x, _ in ring], [y for ring in rings for _, y in ring]
    middle_x, middle_y = (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2
    rings = [[(x - middle_x, middle_y - y) for x, y in ring] for ring in rings]  # the file's middle is (0, 0), y upwards
    around = 3
    box = (min(xs) - middle_x - around, min(ys) - middle_y - around, max(xs) - middle_x + around, max(ys) - middle_y + around)
    layers = stitch_reader.raster(stitches, box, DOTS)
    ink = numpy.zeros(layers.shape, bool)
    ax, ay, bx, by = numpy.array([a + b for ring in rings for a, b in zip(ring, ring[1:] + ring[:1])]).T
    for row in range(layers.shape[0]):  # by the middle of each place, under the even-odd rule
        level = box[1] + (row + 0.5) / DOTS
        at = (ay <= level) != (by <= level)
        crossings = numpy.sort(ax[at] + (level - ay[at]) * (bx[at] - ax[at]) / (by[at] - ay[at]))
        for left, right in zip(crossings[::2], crossings[1::2]):
            ink[row, max(0, math.ceil((left - box[0]) * DOTS - 0.5)):max(0, math.ceil((right - box[0]) * DOTS - 0.5))] = True
    near = ink.copy()
    reach = int(0.45 * DOTS) + 1
    for dy in range(-reach, reach + 1):
        for dx in range(-reach, reach + 1):
            if dx * dx + dy * dy <= (0.45 * DOTS + 0.5) ** 2:
                near |= numpy.roll(numpy.roll(ink, dy, 0), dx, 1)
    thread = layers > 0
    lengths = numpy.array([math.dist(a, b) for a, b in stitches])
    lengths = lengths[lengths > 1e-9]
    return {"covers": float((thread & ink).sum() / ink.sum()), "outside": float((thread & ~near).sum() / thread.sum()),
            "thickest": int(numpy.percentile(layers[thread], 99)), "short": float((lengths < 0.3 - 1e-6).mean()), "longest": float(lengths.max()),
            "trims": trims, "pieces": pieces, "report": report, "stitches": len(lengths)}


class Letters(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def test_letters_are_covered(self):
        for number, font in enumerate(DEMO_FONTS + OTHERS):
            words, height = WORDS[number % 3], HEIGHTS[(number + number // 3) % 3]
            with self.subTest(font=font.name, words=words, height=height):
                j = judged(font, words, height, self.folder)
                widths = [c["width_mm"] for c in j["report"]["columns"] if c["kind"] != "fill"]
                if widths and min(widths) >= 0.8:
                    self.assertGreaterEqual(j["covers"], 0.98)
                self.assertGreaterEqual(j["covers"], 0.95)
                self.assertLess(j["outside"], 0.01)
                self.assertLessEqual(j["thickest"], 10)
                self.assertLess(j["short"], 0.01)
                self.assertLessEqual(j["longest"], 12.1 * math.sqrt(2) + 0.1)
                # Its own figures agree with those of the judge.
                self.assertAlmostEqual(j["report"]["covers"], j["covers"], delta=0.01)
                self.assertEqual(j["report"]["trims"], j["trims"])

    def test_a_joined_word_is_one_run(self):
        for font, words in ((SCRIPT, "Honey"), (DEMO / "TansyCord.ttf", "mole")):
            j = judged(font, words, 30, self.folder)
            self.assertLessEqual(j["trims"], j["pieces"] - 1)

    def test_dst_and_exp_hold_the_same(self):
        files = []
        for suffix in ("dst", "exp"):
            out = self.folder / f"s.{suffix}"
            run("stitch", "--font", SCRIPT, "--text", "Zoë", "--height-mm", 20, "--out", out)
            files.append(out.read_bytes())
        dst, head = stitch_reader.read_dst(files[0])
        exp = stitch_reader.read_exp(files[1])
        ends = lambda steps: [(round(x, 1), round(y, 1)) for kind, x, y in steps if kind == "s"]
        self.assertEqual(ends(dst)[-1], ends(exp)[-1])
        self.assertEqual(set(ends(exp)) - set(ends(dst)), set())
        # The header counts what is there.
        self.assertEqual(int(head["ST"]), len(dst))
        xs, ys = [round(x * 10) for _, x, _ in dst], [round(y * 10) for _, _, y in dst]
        self.assertEqual([int(head[k]) for k in ("+X", "-X", "+Y", "-Y")], [max(0, *xs), -min(0, *xs), max(0, *ys), -min(0, *ys)])
        self.assertEqual(head["LA"].rstrip(), "Zo__")

    def test_the_same_job_gives_the_same_file(self):
        once, again = (run("stitch", "--font", DEMO / "Oatbrush.otf", "--text", "Honey", "--height-mm", 25, "--out", self.folder / f"{n}.dst") and
                       (self.folder / f"{n}.dst").read_bytes() for n in "ab")
        self.assertEqual(once, again)

    def test_three_rounds_lie_at_their_distances(self):
        """GEOS measures the rounds of an appliqué: on the outline, 0.8 inside it, and 3.5 wide over it."""
        out = self.folder / "a.dst"
        run("stitch", "--font", DEMO / "GatepostPlain.ttf", "--text", "O", "--height-mm", 60, "--as", "applique", "--out", out)
        steps, _ = stitch_reader.read_dst(out.read_bytes())
        self.assertEqual(sum(kind == "c" for kind, _, _ in steps), 2)
        rings, _ = outline_of(DEMO / "GatepostPlain.ttf", "O", 60, self.folder)
        xs, ys = [x for r in rings for x, _ in r], [y for r in rings for _, y in r]
        mx, my = (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2
        shape = None
        for ring in rings:
            polygon = Polygon([(x - mx, my - y) for x, y in ring]).buffer(0)
            shape = polygon if shape is None else shape.symmetric_difference(polygon)
        rounds, number = [[], [], []], 0
        for kind, x, y in steps:
            number += kind == "c"
            if kind == "s":
                p = Point(x, y)
                rounds[number].append(shape.boundary.distance(p) * (1 if shape.contains(p) else -1))
        # A lock is half a millimetre long, and it lies along the edge; the grid is 0.1.
        self.assertLess(max(map(abs, rounds[0])), 0.15)
        self.assertLess(max(abs(d - 0.8) for d in rounds[1]), 0.15)
        self.assertAlmostEqual(max(rounds[2]), 2.1 + 0.1, delta=0.15)
        self.assertAlmostEqual(min(rounds[2]), -1.4 - 0.1, delta=0.15)

    def test_bad_input_is_said(self):
        for arguments, words in ((("--text", "Ada", "--height-mm", 3000), "million"), (("--text", " ", "--height-mm", 20), "")):
            done = run("stitch", "--font", SCRIPT, *arguments, "--out", self.folder / "x.dst")
            self.assertNotEqual(done.returncode, 0)
            self.assertIn(words, done.stderr)
            self.assertFalse((self.folder / "x.dst").exists())
        tiny = judged(SCRIPT, "Ada", 1, self.folder)
        self.assertIn("low-letters", [f["kind"] for f in tiny["report"]["findings"]])
        (self.folder / "y.dst").write_bytes(b"LA:nothing")
        done = run("stitch", "--look", self.folder / "y.dst")
        self.assertNotEqual(done.returncode, 0)
        self.assertIn("y.dst", done.stderr)


SCRIPT = DEMO / "HartsorrelScript.ttf"


def table():
    print("| font | word | height mm | stitches | columns mm | covers | outside | layers | short | trims / parts |")
    print("| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |")
    with tempfile.TemporaryDirectory() as folder:
        for font in DEMO_FONTS + OTHERS:
            for words in WORDS:
                for height in HEIGHTS:
                    j = judged(font, words, height, Path(folder))
                    w = [c["width_mm"] for c in j["report"]["columns"] if c["kind"] != "fill"] or [0]
                    print(f"| {font.stem} | {words} | {height} | {j['stitches']} | {min(w):.1f} to {max(w):.1f} | {100 * j['covers']:.1f} % |"
                          f" {100 * j['outside']:.2f} % | {j['thickest']} | {100 * j['short']:.1f} % | {j['trims']} / {j['pieces']} |", flush=True)


if __name__ == "__main__":
    if "--table" in sys.argv:
        table()
    else:
        unittest.main()
