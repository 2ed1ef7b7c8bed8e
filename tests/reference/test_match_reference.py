#!/usr/bin/python3
"""`uink match` judged from outside: pictures of words made by Pillow (FreeType and Raqm), not by anything of ours, from faces among
hundreds; and look-alikes against mean letter distances by NumPy and SciPy on fontTools outlines.

    test_match_reference.py             the test
    test_match_reference.py --table N [--fonts FOLDER]
                                        the whole table of docs/match.md: first and among the first five, by condition, N words each;
                                        faces below the folder are in reach as well
    test_match_reference.py --alike     the shared look-alikes by face, and what is taken for what
"""
import functools
import io
import json
import random
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path

import numpy
from PIL import Image, ImageDraw, ImageFilter, ImageFont

from support import DEMO, run

WORDS = ("Honey", "Ambrose", "Lavender", "Kitchen", "Marigold", "Thyme", "Beatrix", "Quince")
PAPER, INK = (246, 241, 232), (38, 40, 66)


@functools.lru_cache
def faces_in_reach():
    """Files of the demo and of the system that hold plain letters, by content once."""
    listed = subprocess.run(["fc-list", "--format", "%{file}\n"], capture_output=True, text=True, check=True).stdout.split("\n")
    files = sorted({Path(f) for f in listed if f.endswith((".ttf", ".otf"))} | set(DEMO.glob("*.?tf")))
    if "--fonts" in sys.argv:
        more = Path(sys.argv[sys.argv.index("--fonts") + 1])
        files += sorted(f for f in more.rglob("*.?tf") if f.suffix in (".ttf", ".otf") and is_safe(f))
    return [f for f in files if has_letters(f)]


def is_safe(path):
    """What the safety check refuses is never in reach."""
    return subprocess.run(["ots-sanitize", path, "/dev/null"], capture_output=True).returncode == 0


def has_letters(path):
    from fontTools.ttLib import TTFont, TTLibError
    try:
        font = TTFont(path, lazy=True)
        cmap = font.getBestCmap() or {}
    except TTLibError:
        return False
    if "glyf" not in font and "CFF " not in font or "fvar" in font:
        return False
    return all(ord(c) in cmap for c in "".join(WORDS)) and font["OS/2"].panose.bFamilyType != 5


def font_at(path, x_height):
    """Pillow's font whose small x is so many pixels high."""
    probe = ImageFont.truetype(str(path), 400)
    box = probe.getbbox("x", anchor="ls")
    return ImageFont.truetype(str(path), max(8, round(400 * x_height / max(1, -box[1]))))


def drawn(path, word, x_height, ink=INK, ground=PAPER, features=None, nudged=None):
    font = font_at(path, x_height)
    left, top, right, bottom = font.getbbox(word, anchor="ls", features=features)
    margin = x_height
    width = right - left + 2 * margin + (len(word) * x_height // 2 if nudged else 0)
    picture = Image.new("RGB", (width, bottom - top + 2 * margin), ground)
    draw = ImageDraw.Draw(picture)
    if nudged:
        x = margin - left
        for letter in word:
            draw.text((x, margin - top + nudged.uniform(-0.03, 0.03) * x_height), letter, ink, font, anchor="ls")
            x += font.getlength(letter) + (-0.06 + nudged.uniform(-0.05, 0.05)) * x_height
    else:
        draw.text((margin - left, margin - top), word, ink, font, anchor="ls", features=features)
    return picture


def noisy(picture, sigma, seed):
    values = numpy.asarray(picture, float) + numpy.random.default_rng(seed).normal(0, sigma, (picture.height, picture.width, 1))
    return Image.fromarray(values.clip(0, 255).astype("uint8"))


def jpeg(picture, quality):
    out = io.BytesIO()
    picture.save(out, "JPEG", quality=quality)
    return Image.open(io.BytesIO(out.getvalue())).convert("RGB")


def textured(path, word, seed):
    mask = drawn(path, word, 60, (255, 255, 255), (0, 0, 0)).convert("L")
    random_ = numpy.random.default_rng(seed)
    coarse = random_.normal(0, 1, (mask.height // 12 + 2, mask.width // 12 + 2))
    cloth = numpy.asarray(Image.fromarray((coarse * 40 + 128).clip(0, 255).astype("uint8")).resize(mask.size, Image.BICUBIC), float)
    fine = random_.normal(0, 10, cloth.shape)
    ground = (70 + (cloth - 128) * 0.5 + fine)[..., None] * numpy.array([0.8, 1.0, 0.9])
    part = numpy.asarray(mask, float)[..., None] / 255
    return Image.fromarray((ground * (1 - part) + 240 * part).clip(0, 255).astype("uint8"))


def seen_at_an_angle(picture, degrees):
    """As a camera sees it that is turned by so much about the upright axis, at twice the width's distance."""
    width, height = picture.size
    angle, far = numpy.radians(degrees), 2.0 * width
    corners = []
    for x, y in ((-width / 2, -height / 2), (width / 2, -height / 2), (width / 2, height / 2), (-width / 2, height / 2)):
        depth = far + x * numpy.sin(angle)
        corners.append((far * x * numpy.cos(angle) / depth + width / 2, far * y / depth + height / 2))
    source = [(0, 0), (width, 0), (width, height), (0, height)]
    rows, right = [], []
    for (u, v), (x, y) in zip(source, corners):  # from the place in the new picture to that in the old one
        rows += [[x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]]
        right += [u, v]
    return picture.transform(picture.size, Image.PERSPECTIVE, numpy.linalg.solve(numpy.array(rows), numpy.array(right)), Image.BICUBIC,
                             fillcolor=PAPER)


SWASHES = ("swsh", "salt", "titl", "hist", "ss01", "ss02", "ss03", "ss04", "ss05", "ss06")


def with_a_swash(path, word, seed):
    """The first letter that has another form wears it, whatever the font calls that; none where no letter has one."""
    font = font_at(path, 60)
    for at, letter in enumerate(word):
        for feature in SWASHES:
            if font.getmask(letter, features=[feature]).getbbox() != font.getmask(letter).getbbox():
                left, top, right, bottom = font.getbbox(word, anchor="ls")
                picture = Image.new("RGB", (right - left + 300, bottom - top + 300), PAPER)
                draw = ImageDraw.Draw(picture)
                x = 150 - left
                for i, c in enumerate(word):
                    draw.text((x, 150 - top), c, INK, font, anchor="ls", features=[feature] if i == at else None)
                    x += font.getlength(c, features=[feature] if i == at else None)
                return picture
    return None


CONDITIONS = {
    "clean": lambda path, word, seed: drawn(path, word, 60),
    "blurred": lambda path, word, seed: drawn(path, word, 60).filter(ImageFilter.GaussianBlur(1.5)),
    "noisy": lambda path, word, seed: noisy(drawn(path, word, 60), 14, seed),
    "JPEG 40": lambda path, word, seed: jpeg(drawn(path, word, 60), 40),
    "turned by 6 degrees": lambda path, word, seed: drawn(path, word, 60).rotate(6, Image.BICUBIC, True, fillcolor=PAPER),
    "perspective of 10 degrees": lambda path, word, seed: seen_at_an_angle(drawn(path, word, 60), 10),
    "white on cloth": textured,
    "closed up and nudged": lambda path, word, seed: drawn(path, word, 60, nudged=random.Random(seed)),
    "with one swash": with_a_swash,
    "20 px": lambda path, word, seed: drawn(path, word, 20),
}


def same_letters(one, other, word):
    """Faces that draw the same letters count as one: each letter fills its own box alike, and the boxes have one shape."""
    if one == other:
        return True
    try:
        fonts = [font_at(path, 150) for path in (one, other)]
    except OSError:
        return False
    for letter in set(word):
        pictures = []
        for font in fonts:
            left, top, right, bottom = font.getbbox(letter, anchor="ls")
            picture = Image.new("L", (max(1, right - left), max(1, bottom - top)), 0)
            ImageDraw.Draw(picture).text((-left, -top), letter, 255, font, anchor="ls")
            pictures.append(picture)
        a, b = pictures
        if abs(a.width - b.width) > 3 + 0.02 * a.width or abs(a.height - b.height) > 3 + 0.02 * a.height:
            return False
        a, b = (numpy.asarray(p.resize((64, 64), Image.BOX), float) for p in pictures)
        if numpy.abs(a - b).mean() > 5:
            return False
    return True


def place_of(truth, picture, word, fonts, folder):
    path = folder / "picture.png"
    picture.save(path)
    report = json.loads(run("match", path, "--text", word, "--top", 10, *(("--fonts", *fonts) if fonts else ())).stdout)
    for place, found in enumerate(report["found"], 1):
        if same_letters(truth, Path(found["path"]), word):
            return place, report
    return 99, report


def sample(count, seed):
    faces = faces_in_reach()
    chosen = random.Random(seed).sample(faces, min(count, len(faces)))
    return faces, [(path, WORDS[i % len(WORDS)]) for i, path in enumerate(chosen)]


def table(count):
    faces, chosen = sample(count, 7)
    print(f"{len(faces)} faces in reach, {count} words\n\n| picture | first | among five | words | not told |\n| --- | --- | --- | --- | --- |")
    with tempfile.TemporaryDirectory() as folder:
        for name, condition in CONDITIONS.items():
            first = five = words = 0
            missed = []
            some = chosen if name != "with one swash" else [(p, WORDS[i % len(WORDS)]) for i, p in enumerate(faces)]
            for seed, (path, word) in enumerate(some):
                picture = condition(path, word, seed) if words < count else None
                if picture is None:
                    continue
                words += 1
                place, report = place_of(path, picture, word, faces, Path(folder))
                first += place == 1
                five += place <= 5
                if place > 1:
                    missed.append(f"{path.stem} {word} ({place}; {Path(report['found'][0]['path']).stem if report['found'] else '-'})")
            print(f"| {name} | {100 * first / words:.1f} % | {100 * five / words:.1f} % | {words} | {', '.join(missed)} |", flush=True)


LETTERS = "abcdefghiklmnoprstuyxABEGHMRS"


class Look:
    """A face by means of its own: points along fontTools' outlines, the area they enclose, and the slant its `post` table tells."""

    def __init__(self, path):
        from fontTools.pens.areaPen import AreaPen
        from fontTools.ttLib import TTFont
        font = TTFont(path, lazy=True)
        glyphs, cmap = font.getGlyphSet(), font.getBestCmap()
        self.family, self.slant = font["name"].getBestFamilyName() or path.stem, -font["post"].italicAngle
        outlines, weights = {}, []
        for letter in LETTERS:
            pen = Walk(glyphs)
            glyphs[cmap[ord(letter)]].draw(pen)
            points, length = pen.walked()
            area = AreaPen(glyphs)
            glyphs[cmap[ord(letter)]].draw(area)
            if len(points) > 8:
                outlines[letter] = points
                weights.append(2 * abs(area.value) / length)
        tall = numpy.mean([outlines[c][:, 1].max() for c in "bdfhkl" if c in outlines])
        size = (outlines["x"][:, 1].max() + tall) / 2
        self.weight = float(numpy.median(weights)) / size
        lean = numpy.tan(numpy.radians(self.slant))
        self.letters = {}
        for letter, points in outlines.items():
            upright = points / size
            upright[:, 0] -= upright[:, 1] * lean
            upright[:, 0] -= (upright[:, 0].max() + upright[:, 0].min()) / 2
            self.letters[letter] = upright

    def distance(self, other):
        from scipy.spatial import cKDTree
        shared = self.letters.keys() & other.letters.keys()
        letters = [(cKDTree(self.letters[c]).query(other.letters[c])[0].mean() + cKDTree(other.letters[c]).query(self.letters[c])[0].mean()) / 2
                   for c in shared]
        return numpy.mean(letters) + 0.5 * abs(self.weight - other.weight) + 0.06 * abs(self.slant - other.slant) / 10


class Walk:
    """A fontTools pen that notes a point every 1/80 em along the outline."""

    def __init__(self, glyphs):
        from fontTools.pens.basePen import BasePen

        class Pen(BasePen):
            def __init__(pen, glyph_set):
                super().__init__(glyph_set)
                pen.points, pen.length = [], 0.0

            def _moveTo(pen, p):
                pen.start = p

            def _lineTo(pen, p):
                pen.follow([p])

            def _curveToOne(pen, a, b, c):
                here = pen._getCurrentPoint()
                t = numpy.linspace(0, 1, 13)[1:, None]
                here, a, b, c = map(numpy.array, (here, a, b, c))
                pen.follow((1 - t) ** 3 * here + 3 * (1 - t) ** 2 * t * a + 3 * (1 - t) * t ** 2 * b + t ** 3 * c)

            def _closePath(pen):
                pen.follow([pen.start])

            def follow(pen, points):
                last = numpy.array(pen.points[-1] if pen.points and pen.went_on else pen._getCurrentPoint(), float)
                for p in points:
                    p = numpy.array(p, float)
                    step = numpy.hypot(*(p - last))
                    pen.length += step
                    count = max(1, int(step / 12))
                    pen.points.extend(last + (p - last) * k / count for k in range(1, count + 1))
                    last = p
            went_on = False

        self.pen = Pen(glyphs)

    def __getattr__(self, name):
        return getattr(self.pen, name)

    def walked(self):
        return numpy.array(self.pen.points, float), max(self.pen.length, 1.0)


def alike_among(names, tell=False, every=1):
    """How many of the ten likest faces of other families both find, for each name; among every so many faces."""
    faces = [p for i, p in enumerate(faces_in_reach()) if i % every == 0 or p.stem in names]
    looks = {path: Look(path) for path in faces}
    shared = []
    for name in names:
        path = next(p for p in faces if p.stem == name)
        others = [p for p in faces if looks[p].family.split()[0] != looks[path].family.split()[0]]
        ours = json.loads(run("match", "--like", path, "--top", 10, "--fonts", *others).stdout)["found"]
        theirs = sorted(others, key=lambda p: looks[path].distance(looks[p]))[:10]
        both = {f["path"] for f in ours} & {str(p) for p in theirs}
        shared.append(len(both))
        if tell:
            print(f"| {name} | {len(both)} | {', '.join(Path(f['path']).stem for f in ours[:4])} |", flush=True)
    return shared


class Pictures(unittest.TestCase):
    def test_words_are_told_among_all_faces(self):
        """The conditions of the table, a word each: which face it is stands first, nearly always."""
        faces, chosen = sample(len(CONDITIONS), 11)
        faces = [f for i, f in enumerate(faces) if i % 3 == 0 or f in (path for path, _ in chosen)]  # a third of them are enough here
        first = five = 0
        with tempfile.TemporaryDirectory() as folder:
            for seed, (path, word) in enumerate(chosen):
                condition = list(CONDITIONS.values())[seed % len(CONDITIONS)]
                picture = condition(path, word, seed) or drawn(path, word, 60)
                place, _ = place_of(path, picture, word, faces, Path(folder))
                first += place == 1
                five += place <= 5
        self.assertGreaterEqual(first, len(chosen) - 1)
        self.assertEqual(five, len(chosen))


class Alike(unittest.TestCase):
    def test_look_alikes_are_those_of_an_independent_measure(self):
        """The true family taken away: at least seven of the best ten are shared, in the mean, and never fewer than five."""
        shared = alike_among(("Vollkorn-Regular", "DejaVuSerif", "Lato-Black"), every=5)
        self.assertGreaterEqual(numpy.mean(shared), 7, shared)
        self.assertGreaterEqual(min(shared), 5, shared)

    def test_cuts_of_one_design_find_each_other(self):
        """Debian ships EB Garamond drawn for 8 and for 12 points, and Linux Libertine for text and for display."""
        pairs = (("EBGaramond08-Regular", "EBGaramond12-Regular"), ("LinLibertine_R", "LinLibertine_DR"))
        faces = [f for i, f in enumerate(faces_in_reach()) if i % 2 == 0 or f.stem in sum(pairs, ())]
        for one, other in pairs:
            for name, cut in ((one, other), (other, one)):
                path = next(p for p in faces if p.stem == name)
                found = json.loads(run("match", "--like", path, "--top", 6, "--fonts", *faces).stdout)["found"]
                self.assertIn(cut, [Path(f["path"]).stem for f in found])


ALIKE = ("Vollkorn-Regular", "Lato-Regular", "DejaVuSerif", "NimbusRoman-Italic", "Larkmallow", "DejaVuSansMono", "Cantarell-Bold",
         "EBGaramond12-Italic", "LinBiolinum_R", "Lato-Black", "QuillbrookScript", "C059-Bold")

if __name__ == "__main__":
    if "--alike" in sys.argv:
        print("| face | shared of ten | ours |\n| --- | --- | --- |")
        print(numpy.mean(alike_among(ALIKE, tell=True)))
    elif "--table" in sys.argv:
        table(int(sys.argv[sys.argv.index("--table") + 1]) if len(sys.argv) > sys.argv.index("--table") + 1 else 60)
    else:
        unittest.main()
