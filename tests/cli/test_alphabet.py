#!/usr/bin/python3
"""The contract of `uink alphabet`, from outside: letters told from names of many kinds, words read back by a reader of its own, and what
is said of bad packages."""
import json
import os
import random
import string
import sys
import tempfile
import unittest
import zipfile
from pathlib import Path

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "reference"))
import stitch_reader  # noqa: E402
from support import DEMO, run  # noqa: E402

GATEPOST = DEMO / "GatepostPlain.ttf"
SIGNS = {"&": ["ampersand", "amp", "and"], "!": ["exclamation", "exclam"], "?": ["question"], "-": ["hyphen", "dash"], "'": ["apostrophe"],
         ".": ["period", "fullstop"], ",": ["comma"]}
ACCENTS = {"é": ["e_acute", "eacute"], "è": ["e-grave", "egrave"], "ü": ["u umlaut", "udieresis"], "ñ": ["n_tilde", "ntilde"],
           "ç": ["ccedilla", "c cedilla"], "Ö": ["O_umlaut", "Odieresis"]}


def schemes(chance):
    """Ways in which people call files, made up: what is round the letter, and how case, signs and sizes are told."""
    family = chance.choice(["Rosehip", "bramble lane", "Cottage_Script", "MAPLE", "Fern2"])
    before = chance.choice(["", f"{family} ", f"{family}_", f"{family.lower()}-", "letter ", f"{family} letter "])
    after = chance.choice(["", " 2in", "_50mm", " satin", f" {family}", "-1.5inch"])
    case = chance.choice(["as it is", "word", "folder", "short"])
    numbered = chance.random() < 0.2

    def name(index, letter):
        folder = ""
        if letter in SIGNS:
            core = chance.choice(SIGNS[letter])
        elif letter in ACCENTS:
            core = chance.choice(ACCENTS[letter])
        else:
            core = letter
            if letter.isalpha() and case == "word":
                core = letter + (" upper" if letter.isupper() else " lower")
            elif letter.isalpha() and case == "short":
                core = ("uc_" if letter.isupper() else "lc_") + letter
            elif letter.isalpha() and case == "folder":
                folder = "Uppercase/" if letter.isupper() else "lowercase/"
                core = letter
        running = f"{index + 1:02d}_" if numbered and not letter.isdigit() else ""
        return folder + running + before + core + after + chance.choice([".dst", ".DST", ".exp"])
    return name


class Case(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.shared = tempfile.TemporaryDirectory()
        cls.packed = Path(cls.shared.name) / "gatepost.zip"
        done = run("alphabet", "make", "--font", GATEPOST, "--size-mm", 25, "--letters", string.ascii_letters + "0123456789&.,!?'-", "--out", cls.packed)
        assert done.returncode == 0, done.stderr
        with zipfile.ZipFile(cls.packed) as package:
            cls.description = json.loads(package.read("alphabet.json"))
            cls.letters = {one["letter"]: package.read(one["file"]) for one in cls.description["letters"]}
            cls.exp = {one["letter"]: package.read(one["file"].replace(".dst", ".exp")) for one in cls.description["letters"]}

    @classmethod
    def tearDownClass(cls):
        cls.shared.cleanup()

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.environment = dict(os.environ, XDG_DATA_HOME=str(self.folder / "data"))

    def told(self, *arguments):
        done = run("alphabet", *arguments, env=self.environment)
        self.assertEqual(done.returncode, 0, done.stderr)
        return json.loads(done.stdout)

    def refused(self, *arguments, says):
        done = run("alphabet", *arguments, env=self.environment)
        self.assertNotIn(done.returncode, (0, 139, 134, -11, -6), done.stderr)
        self.assertIn(says, done.stderr)


class Names(Case):
    def test_odd_names_are_told_or_said_to_be_unsure(self):
        """40 packages of invented names: at least 95 % of the letters are told right, and none is told wrong that is called sure."""
        right = all_of_them = 0
        for seed in range(40):
            chance = random.Random(seed)
            wanted = chance.choice([string.ascii_uppercase, string.ascii_letters, string.ascii_letters + "0123456789",
                                    string.ascii_letters + "".join(SIGNS) + "".join(ACCENTS)])
            name = schemes(chance)
            folder = self.folder / str(seed)
            truth = {}
            for index, letter in enumerate(wanted):
                called = name(index, letter)
                if called.lower() in (n.lower() for n in truth) and letter.isalpha():
                    continue  # a disk that knows no case would not hold both
                truth[called] = letter
                file = folder / called
                file.parent.mkdir(parents=True, exist_ok=True)
                source = self.letters if called.lower().endswith("dst") else self.exp
                file.write_bytes(source.get(letter, source["A"]))
            report = self.told("look", folder)
            told = {one["file"]: one for alphabet in report["alphabets"] for one in alphabet["told"]}
            for called, letter in truth.items():
                all_of_them += 1
                one = told.get(called)
                if one and one["letter"] == letter and one["is_sure"]:
                    right += 1
                elif one and one["is_sure"]:
                    self.fail(f"{called} is {letter} and was told to be {one['letter']}, surely (seed {seed})")
        self.assertGreaterEqual(right / all_of_them, 0.95, f"{right} of {all_of_them}")
        print(f"letters told right: {right} of {all_of_them}")


class Words(Case):
    def test_letters_lie_where_the_report_says(self):
        """Read back by the second reader: the box of each letter's stitches, within the needle's grid."""
        for options in ((), ("--radius-mm", 80), ("--radius-mm", -90), ("--size-mm", 29), ("--tracking-mm", -0.5)):
            out = self.folder / "words.dst"
            report = self.told("type", self.packed, "--text", "Ham & Rye", "--out", out, *options)
            steps, _ = stitch_reader.read_dst(out.read_bytes())
            points = [(x, y) for kind, x, y in steps if kind == "s"]
            for letter in report["letters"]:
                x0, y0, x1, y1 = letter["box_mm"]
                own = [(x, y) for x, y in points if x0 - 0.11 <= x <= x1 + 0.11 and y0 - 0.11 <= y <= y1 + 0.11]
                self.assertGreater(len(own), 50, letter)
                for edge, value in ((x0, min(x for x, _ in own)), (x1, max(x for x, _ in own)), (y0, min(y for _, y in own)), (y1, max(y for _, y in own))):
                    self.assertAlmostEqual(edge, value, delta=0.1001)  # 0.1 mm is the step of the file
            self.assertEqual([one["letter"] for one in report["letters"]], list("Ham&Rye"))

    def test_kept_typed_and_removed(self):
        added = self.told("add", self.packed, "--name", "Gatepost small")
        self.assertEqual(added["added"][0]["letters"], len(self.letters))
        self.assertEqual([one["name"] for one in self.told("list")["alphabets"]], ["Gatepost small"])
        for suffix in ("dst", "exp", "svg", "png"):
            out = self.folder / f"words.{suffix}"
            self.told("type", "Gatepost small", "--text", "Anna", "--out", out)
            self.assertGreater(out.stat().st_size, 500)
        self.assertEqual(run("alphabet", "remove", "Gatepost small", env=self.environment).returncode, 0)
        self.assertEqual(self.told("list")["alphabets"], [])
        self.assertEqual([p for p in (self.folder / "data").rglob("*") if p.is_file()], [])

    def test_bad_packages(self):
        self.refused("look", self.folder / "none", says="no such file")
        empty = self.folder / "empty"
        empty.mkdir()
        self.refused("look", empty, says="no stitched letters")
        (empty / "A.dst").write_bytes(b"nothing")
        self.refused("look", empty, says="no stitched letters")
        cut = self.folder / "cut"
        cut.mkdir()
        (cut / "A.dst").write_bytes(self.letters["A"][:-30])
        (cut / "B.dst").write_bytes(self.letters["B"])
        report = self.told("look", cut)
        self.assertEqual([one["letter"] for one in report["alphabets"][0]["told"]], ["B"])
        self.assertIn("ends before its end", report["left_out"][0]["reason"])
        (self.folder / "no.zip").write_bytes(b"PK no package")
        self.refused("look", self.folder / "no.zip", says="package")
        twice = self.folder / "twice"
        for name in ("x/A.dst", "y/A.dst", "B.dst"):
            (twice / name).parent.mkdir(parents=True, exist_ok=True)
            (twice / name).write_bytes(self.letters["A"])
        self.assertEqual([one["is_sure"] for one in self.told("look", twice)["alphabets"][0]["told"]], [False, False, True])
        # Unsure letters are not kept silently.
        done = run("alphabet", "add", twice, env=self.environment)
        self.assertEqual(json.loads(done.stdout)["added"][0]["letters"], 1)
        self.assertIn("not told surely", done.stderr)

    def test_the_licence_is_weighed(self):
        font = self.folder / "papers" / "font.ttf"
        font.parent.mkdir()
        font.write_bytes(GATEPOST.read_bytes())
        for text, begins in (("", "The font's papers say nothing"),
                             ("You may not digitize this font or make an embroidery font of it.", "The font's licence forbids")):
            if text:
                (font.parent / "licence.txt").write_text(text)
            out = self.folder / "made" / begins[-3:]
            done = run("alphabet", "make", "--font", font, "--size-mm", 25, "--letters", "AB", "--out", out, env=self.environment)
            self.assertEqual(done.returncode, 0, done.stderr)
            said = json.loads((out / "alphabet.json").read_text())["rights"]
            self.assertTrue(said.startswith(begins), said)
            self.assertEqual(json.loads(done.stdout)["rights"], said)
            self.assertEqual("forbids" in done.stderr, bool(text))

    def test_a_font_with_stitches_is_taken_like_a_package(self):
        """What the window keeps is a font; fontTools (not ours) reads it as one, and its letters are typed as those of the package."""
        from fontTools.ttLib import TTFont
        done = run("package", self.packed, "--take", self.folder / "taken", env=self.environment)
        self.assertEqual(done.returncode, 0, done.stderr)
        made = next((self.folder / "taken").rglob("*.ttf"))
        font = TTFont(made)
        self.assertIn("UIsw", font)
        keys = font.getBestCmap()
        self.assertEqual({chr(c) for c in keys} - {" "}, set(self.letters))
        mm = self.description["size_mm"] / 0.7 / font["head"].unitsPerEm
        for one in self.description["letters"]:
            advance, _ = font["hmtx"][keys[ord(one["letter"])]]
            self.assertAlmostEqual(advance * mm, one["before_mm"] + one["width_mm"] + one["after_mm"], delta=0.03)
        typed = [self.told("type", path, "--text", "Anna & Bo") for path in (self.packed, made)]
        for key in ("width_mm", "height_mm", "stitches", "trims"):
            self.assertAlmostEqual(typed[0][key], typed[1][key], delta=0.11, msg=key)

    def test_bad_wishes(self):
        self.refused("type", self.packed, "--text", "Honey", "--size-mm", 40, says="30 mm is the nearest")
        self.refused("type", self.packed, "--text", "", says="no words")
        self.refused("type", self.packed, "--text", "\u05e9", says="none of these letters")
        self.refused("type", self.packed, "--text", "x" * 301, says="too long")
        self.refused("type", self.packed, "--text", "Honey Honey", "--radius-mm", 9, says="more than the circle")
        self.refused("type", self.packed, "--text", "a", "--out", self.folder / "a.pdf", says=".dst")
        self.refused("type", "no such", "--text", "a", says="no stitched alphabet")
        self.refused("make", "--font", GATEPOST, "--size-mm", 2, "--out", self.folder / "x", says="5 to 200")
        self.refused("make", "--font", self.folder, "--size-mm", 20, "--out", self.folder / "x", says="uink")
        self.refused("remove", "no such", says="no stitched alphabet")


if __name__ == "__main__":
    unittest.main()
