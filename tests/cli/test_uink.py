#!/usr/bin/python3
"""The contract of `uink weld`, from outside: options, report, exit codes, one line on standard error."""
import json
import re
import os
import resource
import signal
import sys
import tempfile
import unittest
from xml.etree import ElementTree
from pathlib import Path

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "reference"))
from support import DEMO, ROOT, run, weld  # noqa: E402

FONT = DEMO / "HartsorrelScript.ttf"
PLAIN = DEMO / "GatepostPlain.ttf"


class Contract(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def refused(self, *arguments, names=(), **options):
        """Non-zero, nothing on standard output, one line on standard error that names what is asked for."""
        done = run("weld", *arguments, **options)
        self.assertNotEqual(done.returncode, 0, arguments)
        self.assertGreater(done.returncode, 0, "it was killed by a signal")
        self.assertEqual(done.stdout, "")
        self.assertEqual(len(done.stderr.strip().splitlines()), 1, done.stderr)
        for name in names:
            self.assertIn(str(name), done.stderr)
        return done.stderr

    def test_help_and_version(self):
        for arguments in (["--help"], ["weld", "--help"], ["--version"]):
            done = run(*arguments)
            self.assertEqual((done.returncode, done.stderr), (0, ""))
        self.assertRegex(run("--version").stdout, r"^uink \d+\.\d+\.\d+\n$")
        for option in ("--font", "--face", "--instance", "--text", "--height-mm", "--width-mm", "--em-mm", "--tracking-em",
                       "--features", "--mirror", "--out", "--report", "--bridge-touching", "--fill-middles", "--offset",
                       "--reduce", "--keep-apart", "--method-report"):
            self.assertIn(option, run("weld", "--help").stdout)

    def test_a_name_of_another_format_is_refused(self):
        words = ("--font", PLAIN, "--text", "Bram", "--width-mm", "60")
        for name in ("x.pdf", "x.DXF", "x.dst"):
            self.assertIn(name, self.refused(*words, "--out", self.folder / name))
            self.assertFalse((self.folder / name).exists())
        for name in ("x.svg", "x", "x.1"):
            self.assertEqual(run("weld", *words, "--out", self.folder / name).returncode, 0)
            self.assertIn("<svg", (self.folder / name).read_text())

    def test_report_fields(self):
        report = weld(FONT, "Fennmoor Honey", "--width-mm", "120")
        self.assertEqual(list(report), ["pieces", "middles", "nodes", "nodes_before", "area_mm2", "cut_length_mm", "width_mm",
                                        "height_mm", "missing", "warnings", "pairs", "missing_fonts"])
        self.assertEqual((report["pieces"], report["middles"], report["width_mm"]), (3, 7, 120.0))
        self.assertLess(report["nodes"], report["nodes_before"])

    def test_method_report(self):
        done = run("weld", "--font", FONT, "--text", "Fennmoor Honey", "--width-mm", "120", "--method-report")
        self.assertEqual(done.returncode, 0)
        report = json.loads(done.stdout)  # without --report it goes to standard output
        method = report["method"]
        self.assertEqual(method["nodes"], report["nodes"])
        self.assertGreater(method["crossings"], 10)
        self.assertGreater(method["repeated_glyphs"], 0)
        self.assertEqual(sorted(method["fallbacks"]), ["finer", "lost_edges", "polygonal", "tangent_crossings"])
        self.assertEqual(sorted(method["time_ms"]), ["check", "curves", "glyphs", "union"])
        self.assertTrue(all(t >= 0 for t in method["time_ms"].values()))
        self.assertNotIn("method", weld(FONT, "Bram", "--width-mm", "60"))

    def test_reduce(self):
        plain = weld(FONT, "Fennmoor Honey", "--width-mm", "120")
        fewer = weld(FONT, "Fennmoor Honey", "--width-mm", "120", "--reduce", "0.02")
        self.assertEqual(fewer["reduction"]["nodes_before"], plain["nodes"])
        self.assertEqual(fewer["reduction"]["nodes"], fewer["nodes"])
        self.assertLess(fewer["nodes"], 0.75 * plain["nodes"])
        self.assertTrue(0 < fewer["reduction"]["largest_deviation_mm"] <= 0.02)
        self.assertAlmostEqual(fewer["width_mm"], 120, places=3)
        self.assertAlmostEqual(fewer["area_mm2"], plain["area_mm2"], delta=0.02 * plain["cut_length_mm"])

    def test_offset(self):
        plain = weld(PLAIN, "Bram", "--width-mm", "60")
        for offset, factor in [("0.5", 1), ("0.5:round", 1), ("1:mitre", 2), ("0.5:bevel", 1)]:
            self.assertAlmostEqual(weld(PLAIN, "Bram", "--width-mm", "60", "--offset", offset)["width_mm"], 60 + factor, delta=0.1)
        self.assertLess(weld(PLAIN, "Bram", "--width-mm", "60", "--offset=-0.3")["area_mm2"], plain["area_mm2"])
        for bad in ("", "x", "1:square", "1:", "2000", "nan", "1 "):
            if bad:
                self.refused("--font", PLAIN, "--text", "Bram", "--width-mm", "60", f"--offset={bad}")
        self.refused("--font", PLAIN, "--text", "Bram", "--width-mm", "60", "--offset=-50", names=[PLAIN])

    def test_bridges_middles_and_letters_apart(self):
        plain = weld(PLAIN, "oo", "--width-mm", "60")
        self.assertEqual((plain["pieces"], plain["middles"]), (2, 2))
        joined = weld(PLAIN, "oo", "--width-mm", "60", "--bridge-touching", "20")
        self.assertEqual((joined["pieces"], joined["bridges"]), (1, 1))
        filled = weld(PLAIN, "oo", "--width-mm", "60", "--fill-middles", "10000")
        self.assertEqual((filled["pieces"], filled["middles"]), (2, 0))
        script = weld(FONT, "nn", "--width-mm", "60")
        apart = weld(FONT, "nn", "--width-mm", "60", "--keep-apart", "2")
        self.assertEqual((script["pieces"], apart["pieces"]), (1, 2))
        for option, value in [("--bridge-touching", "-1"), ("--reduce", "1e9"), ("--fill-middles", "-2"), ("--keep-apart", "0")]:
            self.refused("--font", PLAIN, "--text", "oo", "--width-mm", "60", option, value)

    def test_sizes(self):
        self.assertAlmostEqual(weld(FONT, "Bram", "--height-mm", "25")["height_mm"], 25, places=5)
        one, two = (weld(PLAIN, "H", "--em-mm", size)["height_mm"] for size in ("10", "20"))
        self.assertAlmostEqual(two, 2 * one, places=5)

    def test_tracking_is_added_after_every_glyph(self):
        plain, wide = (weld(PLAIN, "HHH", "--em-mm", "100", f"--tracking-em={t}") for t in ("0", "0.1"))
        self.assertAlmostEqual(wide["width_mm"] - plain["width_mm"], 2 * 0.1 * 100, places=3)

    def test_features_instances_faces_lines(self):
        self.assertGreater(weld(DEMO / "TansyCord.ttf", "Fay", "--em-mm", "40", "--features", "swsh,fina=1")["width_mm"],
                           weld(DEMO / "TansyCord.ttf", "Fay", "--em-mm", "40")["width_mm"] + 5)
        light, bold = (weld(DEMO / "HobnailHand.ttf", "Bram", "--em-mm", "40", "--instance", i)["area_mm2"] for i in ("Light", "Bold"))
        self.assertGreater(bold, 1.5 * light)
        collection = ROOT / "tests" / "data" / "two-faces.ttc"
        self.assertNotEqual(weld(collection, "B", "--em-mm", "40")["nodes"], weld(collection, "B", "--em-mm", "40", "--face", "1")["nodes"])
        one, two, real = (weld(PLAIN, t, "--em-mm", "40")["height_mm"] for t in ("H", r"H\nH", "H\nH"))
        self.assertGreater(two, 2 * one)
        self.assertEqual(two, real)

    def test_missing_characters_are_reported_and_the_rest_is_made(self):
        done = run("weld", "--font", FONT, "--text", "a漢b", "--em-mm", "40", "--report", "-")
        self.assertEqual(done.returncode, 0)
        report = json.loads(done.stdout)
        self.assertEqual(report["missing"], ["漢"])
        self.assertEqual(len(report["warnings"]), 1)
        self.assertIn("漢", done.stderr)

    def test_svg_and_report_to_files(self):
        svg, report = self.folder / "a.svg", self.folder / "a.json"
        done = run("weld", "--font", FONT, "--text", "Bram", "--width-mm", "50", "--out", svg, "--report", report)
        self.assertEqual((done.returncode, done.stdout, done.stderr), (0, "", ""))
        self.assertIn('width="50mm"', svg.read_text())
        self.assertEqual(json.loads(report.read_text())["width_mm"], 50.0)
        self.assertEqual(run("weld", "--font", FONT, "--text", "Bram", "--width-mm", "50", "--out", "-").stdout, svg.read_text())

    def test_redirected_output_is_not_replaced(self):
        target = self.folder / "out.txt"
        with open(target, "w") as stream:
            stream.write("before\n")
            stream.flush()
            import subprocess
            subprocess.run([os.environ["UINK"], "weld", "--font", FONT, "--text", "B", "--em-mm", "9", "--report", "-"], stdout=stream, check=True)
        self.assertTrue(target.read_text().startswith("before\n{"))

    def test_bad_arguments(self):
        self.refused("--font", FONT, "--text", "a", names=["--width-mm"])
        self.refused("--font", FONT, "--text", "a", "--width-mm", "1", "--em-mm", "1")
        self.refused("--text", "a", "--width-mm", "1", names=["--font"])
        self.refused("--font", FONT, "--text", "a", "--width-mm", "wide", names=["wide"])
        self.refused("--font", FONT, "--text", "a", "--width-mm", "9", "--features", "ss01,!", names=[FONT, "!"])
        self.refused("--font", FONT, "--text", "a", "--width-mm", "9", "--instance", "Bold", names=[FONT, "Bold"])
        self.refused("--font", FONT, "--text", "a", "--width-mm", "9", "--face", "3", names=[FONT])
        self.refused("--font", FONT, "--text", "a", "--width-mm", "9", "--tracking-em", "nan", names=["--tracking-em", "nan"])

    def test_bad_fonts(self):
        whole = FONT.read_bytes()
        cases = {"letter.ttf": (b"Dear customer", "not a font"), "half.ttf": (whole[:len(whole) // 2], "ends too early"),
                 "empty.ttf": (b"", "not a font"), "pixels.ttf": (whole.replace(b"glyf", b"EBDT", 1), "pixels, not outlines"),
                 "colour.ttf": (whole.replace(b"glyf", b"CBDT", 1), "colour pictures only")}
        for name, (content, said) in cases.items():
            path = self.folder / name
            path.write_bytes(content)
            with self.subTest(name=name):
                self.refused("--font", path, "--text", "a", "--em-mm", "9", names=[path, said])
        self.refused("--font", self.folder / "none.ttf", "--text", "a", "--em-mm", "9", names=["none.ttf", "no such file"])
        self.refused("--font", self.folder, "--text", "a", "--em-mm", "9", names=[self.folder])

    def test_a_real_colour_font(self):
        emoji = "/usr/share/fonts/truetype/noto/NotoColorEmoji.ttf"
        self.refused("--font", emoji, "--text", "🐝", "--em-mm", "9", names=[emoji, "colour pictures only"])

    def test_bad_words(self):
        for text, said in (("", "no words"), (" \\n ", "no words"), ("a" * 10000, "10000 characters"), ("漢", "none of these letters")):
            with self.subTest(text=text[:5]):
                self.refused("--font", FONT, "--text", text, "--em-mm", "9", names=[FONT, said])
        self.refused("--font", FONT, "--text", b"\xff\xfe".decode("utf-8", "surrogateescape"), "--em-mm", "9", names=["UTF-8"])

    def test_bad_sizes(self):
        for size in ("0", "-5", "1e6"):
            with self.subTest(size=size):
                self.refused("--font", FONT, "--text", "a", f"--width-mm={size}", names=[FONT, "0.5 mm to 10 m"])
        for size in ("nan", "inf"):
            with self.subTest(size=size):
                self.refused("--font", FONT, "--text", "a", f"--width-mm={size}", names=["--width-mm", size])

    def test_outputs_that_would_be_lost(self):
        """Nothing is written over what it is made from, and no two results go to one place."""
        copy = self.folder / "font.ttf"
        copy.write_bytes(FONT.read_bytes())
        base = ["--font", copy, "--text", "Bram", "--width-mm", "50"]
        self.refused(*base, "--out", copy, names=[copy, "made from"])
        self.refused(*base, "--report", self.folder / "." / "font.ttf", names=["made from"])
        self.assertEqual(copy.read_bytes(), FONT.read_bytes())
        self.refused(*base, "--out", self.folder / "a", "--report", self.folder / "a", names=["one place"])
        self.refused(*base, "--out", "-", "--report", "-", names=["standard output"])
        self.refused(*base, "--out", "-", "--method-report", names=["standard output"])
        self.refused(*base, "--out", "", names=["--out"])
        self.refused(*base, "--report", "", names=["--report"])
        self.assertEqual([p.name for p in self.folder.iterdir()], ["font.ttf"])

    def test_letters_there_are_not(self):
        self.refused("--font", FONT, "--text", "nn o", "--width-mm", "50", "--keep-apart", "99", names=[FONT, "99", "no such letter"])
        self.refused("--font", FONT, "--text", "nn o", "--width-mm", "50", "--keep-apart", "4", names=["no such letter"])

    def test_limits_are_numbers(self):
        for option in ("--gap-mm", "--stroke-floor-mm", "--stroke-comfortable-mm", "--smallest-piece-mm2"):
            for value in ("nan", "inf", "-nan"):
                with self.subTest(option=option, value=value):
                    done = run("fit", "--font", FONT, "--text", "a", "--width-mm", "20", "--process", "pen", f"{option}={value}")
                    self.assertEqual((done.returncode, done.stdout), (2, ""))
                    self.assertIn(option, done.stderr)

    def test_no_such_command(self):
        for arguments in (["nonsense"], ["shelf", "nonsense"], []):
            done = run(*arguments)
            self.assertGreater(done.returncode, 0)
            self.assertEqual(len(done.stderr.strip().splitlines()), 1, done.stderr)
            self.assertIn(*(arguments[-1:] or ["subcommand"]), done.stderr)

    def test_choices_hold_with_a_shape_and_a_close_up(self):
        """Features, letters kept apart and what is done at the finished size: one way through the core."""
        for way in ([], ["--shape", "slant:5"], ["--close-up", "0.3"], ["--shape", "arch:60", "--close-up", "0.3"]):
            with self.subTest(way=way):
                base = ["--em-mm", "40", *way]
                plain = weld(FONT, "nnn", *base)
                self.assertEqual(plain["pieces"], 1)
                self.assertEqual(weld(FONT, "nnn", *base, "--keep-apart", "2")["pieces"], 3)
                swash, small = (weld(DEMO / "TansyCord.ttf", "Fay", *base, *f)["width_mm"] for f in (["--features", "swsh,fina=1"], []))
                self.assertGreater(swash, small + 5)
                self.assertGreater(weld(FONT, "nnn", *base, "--offset", "1")["width_mm"], plain["width_mm"] + 1.9)
                self.assertGreater(weld(DEMO / "GatepostPlain.ttf", "i", *base, "--bridge-touching", "9").get("bridges", 0), 0)

    def test_what_is_drawn_before_it_is_bent_counts(self):
        """nodes_before are those of all letters, of the blocks that bend and of those that do not."""
        plain = weld(FONT, "Bram\\n\\nHoney", "--em-mm", "40")
        bent = weld(FONT, "Bram\\n\\nHoney", "--em-mm", "40", "--shape", "slant:10")
        self.assertEqual(bent["nodes_before"], plain["nodes_before"])

    def test_the_page_is_round_the_ink(self):
        for arguments in (["--offset", "3"], ["--bridge-touching", "6"], ["--offset=-0.2"], ["--offset", "3", "--mirror"]):
            with self.subTest(arguments=arguments):
                report = weld(FONT, "Bram", "--width-mm", "60", *arguments)
                svg = run("weld", "--font", FONT, "--text", "Bram", "--width-mm", "60", *arguments, "--out", "-").stdout
                width, height = (float(n) for n in re.search(r'viewBox="0 0 ([\d.]+) ([\d.]+)"', svg).groups())
                self.assertAlmostEqual(width, report["width_mm"], places=3)
                self.assertAlmostEqual(height, report["height_mm"], places=3)
                # Nodes at the outermost places are on the edges of the page; handles may lie a hair outside.
                ends = [tuple(map(float, p)) for p in re.findall(r"([-\d.]+),([-\d.]+)(?= [A-Z]|\")", svg)]
                for axis, most in ((0, width), (1, height)):
                    self.assertAlmostEqual(min(p[axis] for p in ends), 0, delta=0.3)
                    self.assertAlmostEqual(max(p[axis] for p in ends), most, delta=0.3)
                    self.assertGreaterEqual(min(p[axis] for p in ends), -1e-4)

    def test_control_characters_in_words_and_fonts(self):
        """Any reader of XML reads the cut file, whatever the words and the font's copyright line hold."""
        from fontTools.ttLib import TTFont
        font = TTFont(FONT)
        font["name"].setName("Made\x0bby\x01nobody\x1f & <sons>", 0, 3, 1, 0x409)
        font.save(self.folder / "control.ttf")
        done = run("weld", "--font", self.folder / "control.ttf", "--text", "Br\x02a\x0bm\ufffe", "--width-mm", "50", "--out", "-")
        self.assertEqual(done.returncode, 0, done.stderr)
        title = ElementTree.fromstring(done.stdout.encode()).find("{http://www.w3.org/2000/svg}title").text
        self.assertEqual(title, "Bram")
        self.assertIn("Madebynobody &amp; &lt;sons&gt;", done.stdout)

    def test_unwritable_places_and_full_disks(self):
        base = ["--font", FONT, "--text", "Fennmoor Honey", "--width-mm", "120"]
        self.refused(*base, "--out", self.folder / "none" / "a.svg", names=["a.svg", "could not be written"])
        self.refused(*base, "--out", self.folder, names=[self.folder])
        self.refused(*base, "--out", "/dev/full", names=["/dev/full", "disk is full"])
        old = self.folder / "old.svg"
        old.write_text("the old file")

        def little_room():
            signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
            resource.setrlimit(resource.RLIMIT_FSIZE, (4096, 4096))

        self.refused(*base, "--out", old, names=[old, "disk is full"], preexec_fn=little_room)
        self.assertEqual(old.read_text(), "the old file")
        self.assertEqual([p.name for p in self.folder.iterdir()], ["old.svg"])


if __name__ == "__main__":
    unittest.main()
