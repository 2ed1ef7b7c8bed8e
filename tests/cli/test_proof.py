#!/usr/bin/python3
"""The contract of `uink proof`, from outside: report, mendings, projects written from the documents alone, refusals, and what nobody
planned.

Outlines are judged by shapely, which knows nothing of Under Ink.
"""
import json
import random
import sys
import tempfile
import time
import unittest
from pathlib import Path
from xml.etree import ElementTree

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "reference"))
from support import DEBIAN, DEMO, run  # noqa: E402
from test_lettering import job, project  # noqa: E402
from test_proof_reference import outline_of, parts_of  # noqa: E402

LARKMALLOW = DEMO / "Larkmallow.ttf"
KINDS = {"thin-stroke", "narrow-gap", "speck", "small-middle", "sharp-point", "hanging", "loose-piece", "stencil-middle", "nodes",
         "cut-twice", "too-large", "missing", "rights"}


class Proof(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def told(self, *arguments, font=LARKMALLOW, text="Honey", size=("--width-mm", 100), process="knife-vinyl"):
        done = run("proof", "--font", font, "--text", text, *size, "--process", process, *arguments, "--report", "-")
        self.assertEqual(done.returncode, 0, done.stderr)
        return json.loads(done.stdout)

    def of_project(self, changed, *arguments):
        file = self.folder / "name.uink"
        file.write_bytes(project(changed))
        done = run("proof", file, *arguments, "--report", "-")
        self.assertEqual(done.returncode, 0, done.stderr)
        return json.loads(done.stdout)

    def test_report_fields(self):
        report = self.told()
        for field in ("process", "verdict", "findings", "mended", "unmended", "touched", "pieces", "middles", "area_mm2", "cut_length_mm",
                      "nodes", "box_mm", "weeding"):
            self.assertIn(field, report)
        self.assertIn(report["verdict"], ("holds", "barely", "not"))
        for finding in report["findings"]:
            self.assertIn(finding["kind"], KINDS)
            self.assertIn(finding["level"], ("fails", "look"))
            x0, y0, x1, y1 = finding["box_mm"]
            self.assertTrue(x0 <= x1 and y0 <= y1)
            self.assertTrue(all(0 <= letter < 5 for letter in finding["letters"]))
        self.assertEqual(set(report["weeding"]), {"parts", "smallest_mm2", "minutes"})

    def test_limits_decide_what_is_found(self):
        strict, lax = ("--stroke-floor-mm", 3, "--gap-mm", 3), ("--stroke-floor-mm", 0, "--stroke-comfortable-mm", 0, "--gap-mm", 0,
                                                               "--smallest-piece-mm2", 0, "--smallest-middle-mm2", 0)
        self.assertEqual(self.told(*strict)["verdict"], "not")
        self.assertNotIn("thin-stroke", [f["kind"] for f in self.told(*lax)["findings"]])
        large = self.told("--material-mm", "50,200")
        self.assertIn("too-large", [f["kind"] for f in large["findings"]])
        self.assertIn("rights", [f["kind"] for f in self.told("--for-sale", font=DEMO / "FennelRow.ttf")["findings"]])

    def test_each_mending_by_itself(self):
        before = self.told()
        for name, kind in (("thin", "thin-stroke"), ("gaps", "narrow-gap"), ("close-gaps", "narrow-gap"), ("points", "sharp-point")):
            after = self.told("--mend", name)
            count = sum(f["kind"] == kind for f in after["findings"])
            self.assertLessEqual(count, sum(f["kind"] == kind for f in before["findings"]), name)
            if name in ("thin", "gaps"):
                self.assertEqual((before["pieces"], before["middles"]), (after["pieces"], after["middles"]), name)

    def test_a_project_brings_its_mendings(self):
        small = {"by": "width", "value_mm": 40.0}
        plain = self.of_project(job(size=small))
        mended = self.of_project(job(size=small, lettering={"mendings": [{"kind": "thicken", "to": 1.2}]}))
        here = self.of_project(job(size=small, lettering={"mendings": [{"kind": "thicken", "to": 1.2, "place": {"letter": 0, "x_em": 0.2, "y_em": 0.3}}]}))
        self.assertEqual(plain["mended"], [])
        self.assertGreater(mended["area_mm2"], here["area_mm2"])
        self.assertGreaterEqual(here["area_mm2"], plain["area_mm2"])
        left = self.of_project(job(size=small, lettering={"mendings": [{"kind": "leave", "leaves": "thin-stroke"}]}))
        self.assertNotIn("thin-stroke", [f["kind"] for f in left["findings"]])
        self.assertEqual(left["area_mm2"], plain["area_mm2"])
        # An older project has none of it, a damaged one bad figures: both open.
        self.of_project(job(material={"width_mm": 1e300}, weeding={"frame_mm": -3}, one_piece=True,
                            lettering={"mendings": [{"kind": "thicken", "to": -1}, {"kind": "no such kind"}, None, {"kind": "bridges", "to": 1e308}]}))

    def test_a_frame_is_in_the_file(self):
        file, svg = self.folder / "framed.uink", self.folder / "framed.svg"
        file.write_bytes(project(job(weeding={"frame_mm": 5, "parting_mm": 1})))
        self.assertEqual(run("proof", file, "--out", svg).returncode, 0)
        tree = ElementTree.parse(svg).getroot()
        self.assertAlmostEqual(float(tree.get("width")[:-2]), 130.0, places=3)
        groups = {g.get("id"): len(list(g)) for g in tree if g.tag.endswith("}g")}
        self.assertGreaterEqual(groups["weeding"], 1)

    def test_refusals_are_one_line(self):
        for arguments in (["--font", LARKMALLOW, "--text", "", "--width-mm", 9], ["--font", "/none.ttf", "--text", "a", "--width-mm", 9],
                          ["--font", LARKMALLOW, "--text", "a", "--width-mm", "nan"], ["--font", LARKMALLOW, "--text", "a"],
                          ["--font", LARKMALLOW, "--text", "a", "--width-mm", 40000],
                          ["--font", LARKMALLOW, "--text", "a", "--width-mm", 9, "--mend", "everything"],
                          ["--font", LARKMALLOW, "--text", "a", "--width-mm", 9, "--gap-mm", -1],
                          ["--font", LARKMALLOW, "--text", "a", "--width-mm", 9, "--out", "/dev/full"], [self.folder / "no.uink"]):
            done = run("proof", *arguments, "--process", "knife-vinyl")
            self.assertGreater(done.returncode, 0, arguments)
            self.assertEqual((done.stdout, len(done.stderr.strip().splitlines())), ("", 1), done.stderr)

    def test_too_much_is_refused_at_once(self):
        begin = time.monotonic()
        done = run("proof", "--font", LARKMALLOW, "--text", "\\n".join(["Fennmoor Honey"] * 60), "--width-mm", 200, "--process",
                   "knife-vinyl", "--mend", "all")
        self.assertEqual(done.returncode, 1)
        self.assertIn("nodes at once", done.stderr)
        self.assertLess(time.monotonic() - begin, 20)  # it is a fraction of a second, on a machine that does nothing else

    def test_whatever_comes(self):
        """Fonts, words, limits and mendings drawn by lot: an outline that is valid and counted rightly, or one line of refusal."""
        lot = random.Random(20261127)
        fonts = sorted(map(str, [*DEMO.glob("*.[ot]tf"), *DEBIAN.glob("**/*.ttf"), *DEBIAN.glob("**/*.otf")]))
        words = ["Honey", "Wedding\\nBells", "محمد سلام", "שלום", "&@%$#!?", "iiii", "..,,;;", "8&QB", "fi ffl", "Ω≈ç√∫", "नमस्ते", "🙂"]
        svg = self.folder / "lot.svg"
        for _ in range(40):
            arguments = ["--font", lot.choice(fonts), "--text", lot.choice(words), lot.choice(["--width-mm", "--height-mm"]),
                         round(10 ** lot.uniform(-0.3, 3.3), 3), "--process", lot.choice(["knife-vinyl", "laser-wood", "stencil", "satin"]),
                         "--stroke-floor-mm", round(10 ** lot.uniform(-2, 1), 3), "--gap-mm", round(10 ** lot.uniform(-2, 1), 3),
                         "--mend", lot.choice(["all", "thin", "gaps", "close-gaps", "specks,middles", "points,bridges"]),
                         *(["--one-piece"] if lot.random() < 0.3 else [])]
            with self.subTest(arguments=arguments):
                done = run("proof", *arguments, "--out", svg, "--report", "-")
                if done.returncode == 1:
                    self.assertEqual(len(done.stderr.strip().splitlines()), 1, done.stderr)
                    continue
                self.assertEqual(done.returncode, 0, done.stderr)
                ink = outline_of(svg.read_bytes())
                self.assertTrue(ink.is_valid)
                self.assertEqual(len(parts_of(ink)), json.loads(done.stdout)["pieces"])


if __name__ == "__main__":
    unittest.main()
