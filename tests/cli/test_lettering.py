#!/usr/bin/python3
"""The contracts of `uink compose`, `uink alternates` and of close-up and shape in `uink weld`, from outside.

The projects are written here with Python's own zip and JSON, from docs/formats/project.md and job.md alone: what another program can
write by the documents, uink reads.
"""
import io
import json
import re
import sys
import tempfile
import unittest
import zipfile
from pathlib import Path

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "reference"))
from support import DEMO, run, weld  # noqa: E402

LARKMALLOW = DEMO / "Larkmallow.ttf"


def job(words="Honey", font=LARKMALLOW, lettering=None, **changes):
    made = {"format": "under-ink-job", "version": 1, "words": words, "size": {"by": "width", "value_mm": 120.0}, "unit": "mm",
            "process": "knife-vinyl", "purpose": "sale", "mirrored": False, "tracking_em": 0.0, "limits": {},
            "font": {"path": str(font), "face": 0, "instance": ""}}
    if lettering:
        made["lettering"] = lettering
    return {**made, **changes}


def project(job, version=1, without=(), **entries):
    """The bytes of a project."""
    content = {"mimetype": "application/x-under-ink-project", "project.json": json.dumps({"format": "under-ink-project", "version": version}),
               "job.json": json.dumps(job), "letters.json": json.dumps({"fonts": []}), **entries}
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, text in content.items():
            if name not in without:
                archive.writestr(name, text)
    return out.getvalue()


def path_data(svg):
    return re.findall(r'<path[^>]*\bd="([^"]*)"', svg)


class Lettering(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def written(self, content, name="job.uink"):
        place = self.folder / name
        place.write_bytes(content)
        return place

    def composed(self, content, *arguments):
        svg, report = self.folder / "out.svg", self.folder / "out.json"
        done = run("compose", self.written(content), "--out", svg, "--report", report, *arguments)
        self.assertEqual(done.returncode, 0, done.stderr)
        return svg.read_text(), json.loads(report.read_text())

    def refused(self, *arguments, names=()):
        """Non-zero, nothing on standard output, one line on standard error that names what is asked for."""
        done = run(*arguments)
        self.assertGreater(done.returncode, 0, (arguments, done.returncode))
        self.assertEqual(done.stdout, "")
        self.assertEqual(len(done.stderr.strip().splitlines()), 1, done.stderr)
        for name in names:
            self.assertIn(str(name), done.stderr)
        return done.stderr

    def test_a_project_gives_what_the_words_give(self):
        svg, report = self.composed(project(job()))
        welded = self.folder / "weld.svg"
        plain = run("weld", "--font", LARKMALLOW, "--text", "Honey", "--width-mm", "120", "--out", welded)
        self.assertEqual(plain.returncode, 0, plain.stderr)
        self.assertEqual(path_data(svg), path_data(welded.read_text()))
        self.assertTrue(path_data(svg))
        self.assertEqual(report["width_mm"], 120.0)

    def test_close_up_and_shape_are_those_of_weld(self):
        lettering = {"close_up": {"depth_mm": 0.4, "by": "pair"}, "blocks": [{"shape": {"kind": "arch", "bends": True, "amount": 120}}]}
        svg, report = self.composed(project(job(lettering=lettering)))
        welded = self.folder / "weld.svg"
        done = run("weld", "--font", LARKMALLOW, "--text", "Honey", "--width-mm", "120", "--close-up", "0.4", "--shape", "arch:120",
                   "--out", welded)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertEqual(path_data(svg), path_data(welded.read_text()))
        self.assertTrue(all(pair["state"] in ("joins", "left_as_drawn") for pair in report["pairs"]), report["pairs"])

    def test_settings_change_words_and_size(self):
        _, report = self.composed(project(job()), "--set", "words=Jar", "--set", "height_mm=40")
        self.assertEqual(report["height_mm"], 40.0)
        jar = weld(LARKMALLOW, "Jar", "--height-mm", "40")
        self.assertEqual((report["nodes"], report["width_mm"]), (jar["nodes"], jar["width_mm"]))
        _, lines = self.composed(project(job()), "--set", r"words=Jar\nHoney")
        self.assertGreater(lines["height_mm"], report["height_mm"])
        for size in ("em_mm=30", "cap_height_mm=20", "x_height_mm=9", "width_mm=80"):
            self.composed(project(job()), "--set", size)

    def test_both_sides_can_be_asked_for(self):
        _, report = self.composed(project(job()), "--set", "width_mm=90", "--set", "other_mm=20")
        self.assertEqual((report["width_mm"], report["height_mm"]), (90.0, 20.0))
        _, report = self.composed(project(job(size={"by": "height", "value_mm": 55, "other_mm": 44})))
        self.assertEqual((report["width_mm"], report["height_mm"]), (44.0, 55.0))
        _, report = self.composed(project(job(size={"by": "height", "value_mm": 55, "other_mm": 44})), "--set", "height_mm=30")
        self.assertNotEqual(report["width_mm"], 44.0) # asked for anew, it is in proportion

    def test_a_piece_follows_the_shape_of_its_letter(self):
        square = {"id": "m", "name": "Square", "outline": "M0 0L300 0L300 -300L0 -300Z", "advance": 300}
        hung = {"motifs": [square], "pieces": [{"motif": "m", "letter": 4, "x_em": 0.6, "y_em": 1.1}]}
        for bends in (False, True):
            shape = {"kind": "hill", "amount": 30, "bends": bends}
            _, plain = self.composed(project(job(lettering={"blocks": [{"shape": shape}]})))
            _, bent = self.composed(project(job(lettering=hung | {"blocks": [{"shape": shape}]})))
            self.assertEqual(bent["pieces"], plain["pieces"] + 1, bends)
            self.assertAlmostEqual(bent["width_mm"], 120.0, places=4)

    def test_choices_stay_with_their_letters(self):
        alternates = json.loads(run("alternates", "--font", LARKMALLOW, "--text", "y", "--report", "-").stdout)
        form = next(f for f in alternates["letters"][0]["alternates"] if f["name"] == "y.ss03")
        worn = {"letters": [{"at": 4, "worn": {"glyph": form["gid"], "name": form["name"], "characters": 1}}]}
        plain, _ = self.composed(project(job()))
        dressed, _ = self.composed(project(job(lettering=worn)))
        self.assertNotEqual(path_data(plain), path_data(dressed))
        before, _ = self.composed(project(job("Money")), "--set", "words=Money")
        after, _ = self.composed(project(job(lettering=worn)), "--set", "words=Money")
        self.assertNotEqual(path_data(before), path_data(after))

    def test_guides_are_not_cut(self):
        plain, _ = self.composed(project(job()))
        guided, _ = self.composed(project(job(lettering={"guides": [{"upright": True, "at_em": 0.5}, {"upright": False, "at_em": -9}]})))
        self.assertEqual(path_data(plain), path_data(guided))

    def test_bad_settings(self):
        place = self.written(project(job()))
        for setting in ("words", "words=", "wrods=Jar", "width_mm=", "width_mm=wide", "width_mm=12,5", "width_mm=-3", "width_mm=nan",
                        "width_mm=1e300", "height_mm=0", "other_mm=0", "other_mm=", "other_mm=1e9", "=", "", "words=\ufdd0"):
            with self.subTest(setting=setting):
                self.refused("compose", place, "--out", "-", "--set", setting)

    def test_bad_projects(self):
        good = project(job())
        newer = self.written(project(job(), version=99), "newer.uink")
        self.refused("compose", newer, "--out", "-", names=["newer.uink"])
        bad = {"empty": b"", "text": b"Honey", "short": good[:len(good) // 2], "no job": project(job(), without=["job.json"]),
               "no sheet": project(job(), without=["project.json"]), "no JSON": project(job(), **{"job.json": "{"}),
               "a list": project(job(), **{"job.json": "[1]"}), "deep": project(job(), **{"job.json": "[" * 100000}),
               "letters": project(job(), **{"letters.json": "7"}), "number": project(job(), **{"project.json": '{"version": "x"}'})}
        for name, content in bad.items():
            with self.subTest(name=name):
                place = self.written(content, "bad.uink")
                self.refused("compose", place, "--out", "-", names=["bad.uink"])
                self.assertEqual(place.read_bytes(), content)
        self.refused("compose", self.folder / "nowhere.uink", "--out", "-", names=["nowhere.uink"])
        self.refused("compose", self.folder, "--out", "-")

    def test_a_missing_font_is_named(self):
        place = self.written(project(job(font=self.folder / "gone.ttf")))
        self.refused("compose", place, "--out", "-", names=["gone.ttf"])

    def test_a_large_picture_in_the_zip_is_no_bomb(self):
        content = project(job(), **{"preview.svg": "<svg/>" + " " * (300 << 20)})
        self.assertLess(len(content), 1 << 20)
        done = run("compose", self.written(content), "--report", "-")
        self.assertIn(done.returncode, (0, 1))
        self.assertLess(len(done.stderr.splitlines()), 2)

    def test_alternates_fields(self):
        done = run("alternates", "--font", LARKMALLOW, "--text", "ry", "--report", "-")
        self.assertEqual((done.returncode, done.stderr), (0, ""))
        report = json.loads(done.stdout)
        self.assertEqual([entry["letter"] for entry in report["letters"]], ["r", "y"])
        for entry in report["letters"]:
            self.assertTrue(entry["alternates"])
            for form in entry["alternates"]:
                self.assertLessEqual({"gid", "name", "code_point", "source", "feature", "confidence"}, set(form))
                self.assertTrue(0 < form["confidence"] <= 1)
                self.assertTrue(form["source"] != "substitution" or len(form["feature"]) == 4, form)
        self.assertTrue(all(not piece["name"].endswith("comb") for piece in report["pieces"]), "a mark is no piece")

    def test_alternates_of_bad_input(self):
        self.refused("alternates", "--font", self.folder / "gone.ttf", "--text", "r", names=["gone.ttf"])
        self.refused("alternates", "--font", self.written(b"no font", "bad.ttf"), "--text", "r", names=["bad.ttf"])
        self.refused("alternates", "--font", LARKMALLOW, "--face", "7", "--text", "r")
        self.assertEqual(json.loads(run("alternates", "--font", LARKMALLOW, "--text", "", "--report", "-").stdout)["letters"], [])
        damaged = bytearray(LARKMALLOW.read_bytes())
        at = int.from_bytes(damaged[12 + 16 * next(i for i in range(40) if damaged[12 + 16 * i:16 + 16 * i] == b"GSUB") + 8:][:4], "big")
        damaged[at + 10:at + 400] = b"\xff" * 390
        done = run("alternates", "--font", self.written(bytes(damaged), "damaged.ttf"), "--text", "ry", "--report", "-")
        self.assertIn(done.returncode, (0, 1), done.stderr)

    def test_bad_close_up_and_shape(self):
        words = ("weld", "--font", LARKMALLOW, "--text", "Honey", "--width-mm", "120", "--out", "-")
        for arguments in (["--close-up", "-1"], ["--close-up", "nan"], ["--close-up", "deep"], ["--close-up", "1e9"], ["--close-up"],
                          ["--shape", "heart:3"], ["--shape", "arch:"], ["--shape", "arch:x"], ["--shape", ""], ["--shape", ":"],
                          ["--shape", "arch:1e999"], ["--close-up-evenly", "maybe"]):
            with self.subTest(arguments=arguments):
                self.refused(*words, *arguments)


if __name__ == "__main__":
    unittest.main()
