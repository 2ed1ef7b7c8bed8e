#!/usr/bin/python3
"""The contract of `uink match`, from outside: what it reports, and what it says of bad pictures, frames and words."""
import io
import json
import os
import struct
import sys
import tempfile
import unittest
import zlib
from pathlib import Path

from PIL import Image

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "reference"))
from support import DEMO, ROOT, run  # noqa: E402

PICTURES = ROOT / "demo" / "pictures"
SCREENSHOT, LABEL = PICTURES / "screenshot.png", PICTURES / "label.jpg"


class Match(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.cache = tempfile.TemporaryDirectory()
        cls.environment = dict(os.environ, XDG_CACHE_HOME=cls.cache.name)

    @classmethod
    def tearDownClass(cls):
        cls.cache.cleanup()

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def match(self, *arguments):
        return run("match", *arguments, env=self.environment)

    def told(self, *arguments):
        done = self.match(*arguments, "--fonts", DEMO)
        self.assertEqual(done.returncode, 0, done.stderr)
        return json.loads(done.stdout)

    def refused(self, *arguments, says):
        done = self.match(*arguments, "--fonts", DEMO)
        self.assertNotIn(done.returncode, (0, 139, 134, -11, -6), done.stderr)
        self.assertIn(says, done.stderr)
        self.assertFalse(done.stdout)

    def write(self, name, content):
        file = self.folder / name
        file.write_bytes(content)
        return file

    def test_a_screenshot_is_told(self):
        report = self.told(SCREENSHOT, "--text", "Honey", "--top", 3)
        self.assertEqual(report["format"], "under-ink-match")
        self.assertTrue(report["reading"]["light_on_dark"])
        self.assertEqual(len(report["found"]), 3)
        first = report["found"][0]
        self.assertEqual((first["family"], first["words"]), ("Hartsorrel Script", "same"))
        self.assertIn(first["worst_letter"], "Honey")
        self.assertEqual(sorted(report["found"], key=lambda f: -f["likeness"]), report["found"])

    def test_a_label_at_an_angle_is_straightened(self):
        for how in (("--plate",), ("--corners", "210,190,1010,270,985,610,180,640")):
            report = self.told(LABEL, "--text", "Bramble", *how)
            self.assertEqual(report["found"][0]["family"], "Quillbrook Script")

    def test_every_format_is_told_alike(self):
        picture = Image.open(SCREENSHOT).convert("RGB")
        for name in ("a.png", "a.jpg", "a.webp", "a PNG called.jpg"):
            out = io.BytesIO()
            picture.save(out, {"a.jpg": "JPEG", "a.webp": "WEBP"}.get(name, "PNG"))
            report = self.told(self.write(name, out.getvalue()), "--text", "Honey", "--top", 1)
            self.assertEqual(report["found"][0]["family"], "Hartsorrel Script")

    def test_what_was_understood_is_written(self):
        ink = self.folder / "ink.png"
        self.told(SCREENSHOT, "--text", "Honey", "--ink", ink)
        picture = Image.open(ink)
        self.assertEqual(picture.mode, "L")
        self.assertEqual(picture.getpixel((1, 1)), 255)  # the ground, which was dark
        self.assertLess(min(picture.getdata()), 20)

    def test_like_a_font(self):
        report = self.told("--like", DEMO / "GatepostPlain.ttf", "--top", 3)
        self.assertEqual([f["family"] for f in report["found"]][:2], ["Gatepost Plain", "Hobnail Hand"])
        self.assertEqual((report["found"][0]["likeness"], report["found"][0]["words"]), (1.0, "same"))

    def test_the_second_time_is_the_same(self):
        once = self.told(SCREENSHOT, "--text", "Honey")
        self.assertEqual(self.told(SCREENSHOT, "--text", "Honey"), once)

    def test_bad_pictures(self):
        png = SCREENSHOT.read_bytes()
        self.refused(self.write("empty.png", b""), "--text", "a", says="no picture that can be read")
        self.refused(self.write("text.png", b"no picture"), "--text", "a", says="no picture that can be read")
        self.refused(self.write("cut.png", png[:3000]), "--text", "a", says="ends too early")
        self.refused(self.write("cut.jpg", LABEL.read_bytes()[:9000]), "--text", "a", says="ends too early")
        self.refused(self.folder, "--text", "a", says="no picture")
        self.refused(self.folder / "none.png", "--text", "a", says="no such file")
        frames = [Image.new("RGB", (60, 40), c) for c in ("red", "blue")]
        frames[0].save(self.folder / "moves.webp", save_all=True, append_images=frames[1:])
        self.refused(self.folder / "moves.webp", "--text", "a", says="moves")
        frames[0].save(self.folder / "moves.png", save_all=True, append_images=frames[1:])
        self.refused(self.folder / "moves.png", "--text", "a", says="moves")
        for name, colour in (("white", "white"), ("red", "red")):
            Image.new("RGB", (300, 200), colour).save(self.folder / f"{name}.png")
            self.refused(self.folder / f"{name}.png", "--text", "a", says="one tone")

    def test_a_hundred_megapixels(self):
        # 10,000 x 10,000 of nothing, a few hundred kilobytes packed.
        def chunk(kind, data):
            return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))
        row = b"\0" + bytes(10_000)
        pixels = zlib.compress(row * 10_000, 1)
        png = b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", struct.pack(">IIBBBBB", 10_000, 10_000, 8, 0, 0, 0, 0)) + chunk(b"IDAT", pixels) + chunk(b"IEND", b"")
        self.refused(self.write("large.png", png), "--text", "a", says="too large")

    def test_bad_words_and_frames(self):
        self.refused(SCREENSHOT, says="no words yet")
        self.refused(SCREENSHOT, "--text", "x" * 41, says="at most 40")
        self.refused(SCREENSHOT, "--text", "Honey", "--frame", "5,5,2,2", says="frame is too small")
        self.refused(SCREENSHOT, "--text", "Honey", "--frame", "nan,5,90,90", says="no number")
        self.refused(SCREENSHOT, "--text", "Honey", "--frame", "5000,5000,90,90", says="frame is too small")
        self.refused(SCREENSHOT, "--text", "Honey", "--frame", "1,2,3", says="--frame")
        self.refused(SCREENSHOT, "--text", "Honey", "--plate", says="no label or sign")
        self.refused(SCREENSHOT, "--text", "Honey", "--ink", SCREENSHOT, says="made from")
        self.refused(says="is required")
        # Other words than it says: an answer, and nothing the same.
        report = self.told(SCREENSHOT, "--text", "Xylophone")
        self.assertNotIn("same", [f["words"] for f in report["found"]])
        # Letters that no font here has.
        self.assertEqual(self.told(SCREENSHOT, "--text", "\u05e9\u05dc\u05d5\u05dd")["found"], [])

    def test_a_damaged_font_holds_nothing_up(self):
        (self.folder / "damaged.ttf").write_bytes((DEMO / "GatepostPlain.ttf").read_bytes()[:4000])
        done = self.match(SCREENSHOT, "--text", "Honey", "--fonts", self.folder, DEMO / "HartsorrelScript.ttf")
        self.assertEqual(done.returncode, 0, done.stderr)
        report = json.loads(done.stdout)
        self.assertEqual((report["faces"], report["refused"]), (1, 1))


if __name__ == "__main__":
    unittest.main()
