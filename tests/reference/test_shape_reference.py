#!/usr/bin/python3
"""Glyphs and advances against hb-shape (Debian libharfbuzz-bin), outlines against fontTools
(python3-fonttools), on fonts of Debian's packages: TrueType, CFF, variable, right-to-left,
combining marks, ligatures, contextual forms.
"""
import json
import subprocess
import unittest

from fontTools.pens.recordingPen import DecomposingRecordingPen
from fontTools.ttLib import TTFont
from fontTools.varLib.instancer import instantiateVariableFont

from support import DEMO, debian, shape

# (font, words, instance or None, axis position for hb-shape and fontTools)
CASES = [
    (debian("opentype/lobster/lobster.otf"), "Fennmoor Honey", None, None),
    (debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"), "Late Summer Batch", None, None),
    (debian("opentype/dancingscript/DancingScript-Regular.otf"), "Beeswax & Thyme", None, None),
    (debian("opentype/kaushanscript/KaushanScript-Regular.otf"), "Garden Supper", None, None),
    (debian("opentype/ebgaramond/EBGaramond12-Italic.otf"), "efficient waffle office", None, None),
    (debian("opentype/linux-libertine/LinLibertine_R.otf"), "AVATAR Toffee fjord", None, None),
    (debian("truetype/leckerli-one/LeckerliOne-Regular.ttf"), "Fennmoor Honey", None, None),
    (debian("truetype/dejavu/DejaVuSans.ttf"), "Zoë Łucja Søren", None, None),
    (debian("truetype/lato/Lato-Regular.ttf"), "AVA Type, Wall", None, None),
    (debian("truetype/vollkorn/Vollkorn-Regular.ttf"), "Thyme & flint", None, None),
    (debian("truetype/charis/CharisSIL-Regular.ttf"), "Zoe\u0308 a\u0301\u0323 q\u0307\u0301", None, None),
    (debian("truetype/ezra/SILEOT.ttf"), "\u05d3\u05bc\u05b0\u05d1\u05b7\u05e9\u05c1", None, None),
    (debian("opentype/fonts-hosny-amiri/Amiri-Regular.ttf"), "عسل النحل", None, None),
    (debian("truetype/inter-vf/Inter-roman.var.ttf"), "Fennmoor Honey", "Black", {"wght": 900}),
    (str(DEMO / "HobnailHand.ttf"), "Fennmoor Honey", "Bold", {"wght": 700}),
    (debian("truetype/comfortaa/Comfortaa-Bold.ttf"), "Garden Supper", None, None),
]


def hb_shape(font, text, axes):
    command = ["hb-shape", font, "--output-format=json", "--no-glyph-names", f"--text={text}", "--utf8-clusters",
               "--language=en"]
    if axes:
        command.append("--variations=" + ",".join(f"{tag}={value}" for tag, value in axes.items()))
    return json.loads(subprocess.run(command, capture_output=True, text=True, check=True).stdout)


def segments_of(commands):
    """('L', points…) per segment, lines of no length left out, contours closed."""
    out, start, current = [], None, None
    for op, points in commands:
        if op == "M":
            start = current = points[0]
        elif op == "Z":
            if current != start:
                out.append(("L", current, start))
            current = start
        else:
            if any(p != current for p in points):
                out.append((op, current, *points))
            current = points[-1]
    return out


def fonttools_outline(glyphs, name):
    pen = DecomposingRecordingPen(glyphs)
    glyphs[name].draw(pen)
    commands = []
    for op, points in pen.value:
        points = [tuple(map(float, p)) if p is not None else None for p in points]
        if op == "moveTo":
            commands.append(("M", points))
        elif op == "lineTo":
            commands.append(("L", points))
        elif op == "curveTo":
            commands.append(("C", points))
        elif op == "qCurveTo":
            if points[-1] is None:  # a contour without points on the curve starts between two of them
                off = points[:-1]
                first = tuple((a + b) / 2 for a, b in zip(off[-1], off[0]))
                commands.append(("M", [first]))
                points = off + [first]
            off, last = points[:-1], points[-1]
            for i, control in enumerate(off):
                end = last if i + 1 == len(off) else tuple((a + b) / 2 for a, b in zip(control, off[i + 1]))
                commands.append(("Q", [control, end]))
            if not off:
                commands.append(("L", [last]))
        else:
            commands.append(("Z", []))
    return segments_of(commands)


def own_outline(commands):
    return segments_of([(c[0], [tuple(c[i:i + 2]) for i in range(1, len(c), 2)]) for c in commands])


def rotated_to_match(own, reference):
    """fontTools may start a contour at another of its points; the set of segments has to be the same."""
    key = lambda s: (s[0], *(round(v, 2) for p in s[1:] for v in p))
    has_length = lambda k: len(set(zip(k[1::2], k[2::2]))) > 1
    return sorted(filter(has_length, map(key, own))), sorted(filter(has_length, map(key, reference)))


class Shaping(unittest.TestCase):
    def test_there_are_at_least_twelve_fonts(self):
        self.assertGreaterEqual(len({case[0] for case in CASES}), 12)

    def test_glyphs_positions_and_advances(self):
        for font, text, instance, axes in CASES:
            with self.subTest(font=font):
                ours = shape(font, text, *(["--instance", instance] if instance else []))
                theirs = hb_shape(font, text, axes)
                self.assertEqual(len(ours["glyphs"]), len(theirs))
                pen = 0.0
                for a, b in zip(ours["glyphs"], theirs):
                    self.assertEqual((a["glyph"], a["cluster"]), (b["g"], b["cl"]))
                    self.assertAlmostEqual(a["x"], pen + b["dx"], places=6)
                    self.assertAlmostEqual(a["y"], b["dy"], places=6)
                    self.assertAlmostEqual(a["advance"], b["ax"], places=6)
                    pen += b["ax"]
                self.assertAlmostEqual(ours["advance"], pen, places=6)

    def test_outlines(self):
        compared = 0
        for font, text, instance, axes in CASES:
            with self.subTest(font=font):
                file = TTFont(font)
                if axes:
                    file = instantiateVariableFont(file, axes)
                glyphs, order = file.getGlyphSet(), file.getGlyphOrder()
                ours = shape(font, text, *(["--instance", instance] if instance else []))
                for g in ours["glyphs"]:
                    own, reference = own_outline(g["outline"]), fonttools_outline(glyphs, order[g["glyph"]])
                    # Instances made by fontTools are rounded to whole units, ours are not.
                    if axes:
                        self.assertEqual([s[0] for s in sorted(own)].count("Q"), [s[0] for s in reference].count("Q"))
                        span = lambda segments: [f(p[i] for s in segments for p in s[1:]) for i in (0, 1) for f in (min, max)]
                        for a, b in zip(span(own), span(reference)) if own else []:
                            self.assertAlmostEqual(a, b, delta=1.0)
                    else:
                        a, b = rotated_to_match(own, reference)
                        self.assertEqual(a, b, g["name"])
                    compared += len(own)
        self.assertGreater(compared, 3000)

    def test_right_to_left_line_is_marked(self):
        font = debian("opentype/fonts-hosny-amiri/Amiri-Regular.ttf")
        self.assertTrue(shape(font, "عسل")["right_to_left"])
        self.assertFalse(shape(font, "honey عسل")["right_to_left"])

    def test_mixed_directions_follow_the_bidirectional_algorithm(self):
        """Unicode Standard Annex 9, section 3: in a left-to-right line a number after Hebrew stands to its left."""
        font = debian("truetype/dejavu/DejaVuSans.ttf")
        clusters = [g["cluster"] for g in shape(font, "ab \u05d0\u05d1 12 cd")["glyphs"]]
        # bytes: a0 b1 _2 א3 ב5 _7 1@8 2@9 _10 c11 d12; drawn: a b _ 1 2 _ ב א _ c d
        self.assertEqual(clusters, [0, 1, 2, 8, 9, 7, 5, 3, 10, 11, 12])

    def test_missing_characters(self):
        self.assertEqual(shape(debian("opentype/lobster/lobster.otf"), "a漢b漢")["missing"], ["漢"])


if __name__ == "__main__":
    unittest.main()
