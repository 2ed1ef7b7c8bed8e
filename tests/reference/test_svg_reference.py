#!/usr/bin/python3
"""The SVG as librsvg sees it (Debian librsvg2-bin): its size, and its area by counting pixels."""
import re
import subprocess
import tempfile
import unittest
import xml.etree.ElementTree as ElementTree
from pathlib import Path

from PIL import Image

from support import DEMO, run, weld

PIXELS_PER_MM = 20
SVG = "{http://www.w3.org/2000/svg}"


class Svg(unittest.TestCase):
    def save(self, font, text, *arguments):
        path = Path(self.folder.name) / "cut.svg"
        report = weld(DEMO / font, text, *arguments, "--out", path)
        return path, report

    def setUp(self):
        self.folder = tempfile.TemporaryDirectory()
        self.addCleanup(self.folder.cleanup)

    def test_size_and_area(self):
        for font, text in (("HartsorrelScript.ttf", "Fennmoor Honey"), ("TansyCord.ttf", "Ottilie"), ("MaypoleHand.otf", "Beeswax"),
                           ("StallholderBits.ttf", "BJQ"), ("GinghamCaps.ttf", "Bram")):
            with self.subTest(font=font):
                path, report = self.save(font, text, "--width-mm", "50")
                png = path.with_suffix(".png")
                # librsvg turns mm into pixels by the stated dpi: 25.4 mm to the inch.
                dpi = 25.4 * PIXELS_PER_MM
                subprocess.run(["rsvg-convert", f"--dpi-x={dpi}", f"--dpi-y={dpi}", "-b", "white", path, "-o", png], check=True)
                image = Image.open(png).convert("L")
                self.assertAlmostEqual(image.width, 50 * PIXELS_PER_MM, delta=1)
                self.assertAlmostEqual(image.height, report["height_mm"] * PIXELS_PER_MM, delta=1)
                ink = image.getextrema()[0]
                covered = sum((255 - value) / (255 - ink) * count for value, count in enumerate(image.histogram()) if value >= ink)
                self.assertAlmostEqual(covered / PIXELS_PER_MM ** 2 / report["area_mm2"], 1.0, delta=0.004)

    def test_one_path_for_each_piece_and_curves_kept(self):
        path, report = self.save("HartsorrelScript.ttf", "Fennmoor Honey", "--width-mm", "120")
        root = ElementTree.parse(path).getroot()
        self.assertEqual(root.get("width"), "120mm")
        paths = root.findall(f".//{SVG}path")
        self.assertEqual(len(paths), report["pieces"])
        data = " ".join(p.get("d") for p in paths)
        self.assertEqual(data.count("Z"), report["pieces"] + report["middles"])
        self.assertGreater(data.count("Q"), 0.6 * report["nodes"])
        self.assertIsNone(re.search(r"[^MLQCZ0-9 ,.\-]", data))

    def test_mirrored_file_is_the_mirror_image(self):
        plain, _ = self.save("GatepostPlain.ttf", "Bram", "--width-mm", "40")
        first = plain.read_bytes()
        mirrored, _ = self.save("GatepostPlain.ttf", "Bram", "--width-mm", "40", "--mirror")
        images = []
        for number, svg in enumerate((first, mirrored.read_bytes())):
            file = Path(self.folder.name) / f"{number}.svg"
            file.write_bytes(svg)
            subprocess.run(["rsvg-convert", "-w", "800", "-b", "white", file, "-o", file.with_suffix(".png")], check=True)
            images.append(Image.open(file.with_suffix(".png")).convert("L"))
        flipped = images[1].transpose(Image.Transpose.FLIP_LEFT_RIGHT)
        differing = sum(abs(a - b) > 64 for a, b in zip(images[0].tobytes(), flipped.tobytes()))
        self.assertLess(differing, 0.0005 * images[0].width * images[0].height)
        self.assertNotEqual(images[0].tobytes(), images[1].tobytes())

    def test_nothing_is_written_when_it_fails(self):
        path = Path(self.folder.name) / "cut.svg"
        path.write_text("the old file")
        done = run("weld", "--font", DEMO / "TansyCord.ttf", "--text", "漢", "--width-mm", "40", "--out", path)
        self.assertNotEqual(done.returncode, 0)
        self.assertEqual(path.read_text(), "the old file")


if __name__ == "__main__":
    unittest.main()
