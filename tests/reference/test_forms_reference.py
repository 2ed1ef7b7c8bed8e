#!/usr/bin/python3
"""Forms of letters against fontTools: what the substitution tables hold, the names of the Adobe list, and how well
the guess does where the tables are hidden from it.

Reference: python3-fonttools (GSUB as it decompiles it, its closure, its copy of Adobe's lists).
"""
import json
import re
import unittest

from fontTools import agl
from fontTools.subset import Subsetter
from fontTools.ttLib import TTFont

from support import DEMO, ROOT, debian, run

FONTS = [
    *(str(DEMO / name) for name in ("HartsorrelScript.ttf", "Larkmallow.ttf", "QuillbrookScript.ttf", "MaypoleHand.otf",
                                    "SextonCourt.otf", "Oatbrush.otf", "Pennyfold.ttf", "GinghamCaps.ttf")),
    debian("opentype/ebgaramond/EBGaramond12-Italic.otf"), debian("opentype/ebgaramond/EBGaramond12-Regular.otf"),
    debian("opentype/dancingscript/DancingScript-Regular.otf"), debian("opentype/lobster/lobster.otf"),
    debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"), debian("opentype/kaushanscript/KaushanScript-Regular.otf"),
    debian("opentype/linux-libertine/LinLibertine_RI.otf"), debian("truetype/leckerli-one/LeckerliOne-Regular.ttf"),
    debian("truetype/vollkorn/Vollkorn-Regular.ttf"), debian("truetype/lato/Lato-Regular.ttf"),
    debian("truetype/dejavu/DejaVuSans.ttf"), debian("truetype/inter-vf/Inter-roman.var.ttf"),
]
# Connected or flowing hands with alternates of their own.
SCRIPTS = [str(DEMO / "HartsorrelScript.ttf"), str(DEMO / "Larkmallow.ttf"), str(DEMO / "QuillbrookScript.ttf"),
           str(DEMO / "MaypoleHand.otf"), debian("opentype/dancingscript/DancingScript-Regular.otf"),
           debian("opentype/lobstertwo/LobsterTwo-BoldItalic.otf"), debian("opentype/lobster/lobster.otf")]
LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&"
# Fit languages and put characters together: no choice of a person.
NOT_OFFERED = {"ccmp", "locl", "vert", "vrt2", "vkna", "ljmo"}


def alternates(font, text, *arguments):
    done = run("alternates", "--font", font, "--text", text, *arguments)
    if done.returncode != 0:
        raise AssertionError(done.stderr)
    return json.loads(done.stdout)


def exchanges(font):
    """(from glyphs, to glyph) of every lookup that an offered feature names; what only contexts lead to depends on
    them and is left to the closure below."""
    gsub = font["GSUB"].table if "GSUB" in font else None
    if not gsub or not gsub.LookupList:
        return set()
    lookups = gsub.LookupList.Lookup
    wanted, seen, found = [], set(), set()
    for record in gsub.FeatureList.FeatureRecord:
        if record.FeatureTag not in NOT_OFFERED:
            wanted += record.Feature.LookupListIndex
    while wanted:
        index = wanted.pop()
        if index in seen:
            continue
        seen.add(index)
        for sub in lookups[index].SubTable:
            sub = getattr(sub, "ExtSubTable", sub)
            kind = sub.LookupType
            if kind == 1:
                found |= {((a,), b) for a, b in sub.mapping.items() if a != b}
            elif kind == 2:
                found |= {((a,), b) for a, many in sub.mapping.items() for b in many if a != b}
            elif kind == 3:
                found |= {((a,), b) for a, many in sub.alternates.items() for b in many if a != b}
            elif kind == 4:
                found |= {((a, *lig.Component), lig.LigGlyph) for a, ligs in sub.ligatures.items() for lig in ligs}
            elif kind == 8:
                found |= {((a,), b) for a, b in zip(sub.Coverage.glyphs, sub.Substitute) if a != b}
    return found


class Forms(unittest.TestCase):
    def test_every_exchange_of_a_letter_is_offered(self):
        counted = 0
        for path in FONTS:
            font = TTFont(path, lazy=False)
            cmap = font.getBestCmap()
            order = font.getGlyphOrder()
            offered = alternates(path, "".join(c for c in LETTERS if ord(c) in cmap))
            got = {(item["letter"], order[form["gid"]]) for item in offered["letters"] for form in item["alternates"]}
            for (first, *rest), to in exchanges(font):
                letters = [c for c in LETTERS if cmap.get(ord(c)) == first]
                # Sequences are offered by their first letter when every other glyph has a key too.
                if not letters or not all(glyph in cmap.values() for glyph in rest) or rest:
                    continue
                for letter in letters:
                    counted += 1
                    self.assertTrue((letter, to) in got, f"{path}: {letter} to {to}")
        self.assertGreater(counted, 1900)

    def test_ligatures_are_offered_by_their_letters(self):
        counted = 0
        for path in FONTS:
            font = TTFont(path, lazy=False)
            cmap, order = font.getBestCmap(), font.getGlyphOrder()
            keys = {name: chr(code) for code, name in sorted(cmap.items(), reverse=True) if code < 0x80}
            for sequence, to in exchanges(font):
                if len(sequence) < 2 or len(sequence) > 8 or not all(g in keys for g in sequence):
                    continue
                text = "".join(keys[g] for g in sequence)
                if not text.isalpha():
                    continue
                counted += 1
                forms = alternates(path, text)["letters"][0]["alternates"]
                self.assertIn((text, to), {(f["letters"], order[f["gid"]]) for f in forms}, path)
                if counted % 5 == 0:
                    break  # a process each: some of every font
        self.assertGreater(counted, 40)

    def test_nothing_is_offered_that_the_closure_does_not_reach(self):
        for path in FONTS:
            font = TTFont(path, lazy=False)
            cmap, order = font.getBestCmap(), font.getGlyphOrder()
            text = "".join(c for c in LETTERS if ord(c) in cmap)
            offered = alternates(path, text)
            closure = Subsetter()
            closure.options.layout_features = ["*"]
            closure.options.layout_scripts = ["*"]
            closure.populate(unicodes=list(cmap))
            closure._closure_glyphs(font)
            for item in offered["letters"]:
                for form in item["alternates"]:
                    if form["source"] == "substitution":
                        self.assertIn(order[form["gid"]], closure.glyphs_gsubed, f"{path}: {item['letter']}")

    def test_the_shipped_list_of_names_is_adobes(self):
        rows = re.findall(r'\{"(\w+)", 0x([0-9A-F]+)\}', (ROOT / "src/core/type/aglfn.inc").read_text())
        self.assertEqual({name: int(code, 16) for name, code in rows}, agl.AGL2UV)

    def test_guesses_without_the_tables(self):
        told = guessed = right = 0
        for path in SCRIPTS:
            figures = alternates(path, "a", "--try-guesses")["guesses"]
            f = figures["names_and_shapes"]
            print(f"{path.split('/')[-1]}: names and shapes {f}; shapes alone {figures['shapes']}")
            told, guessed, right = told + f["told"], guessed + f["guessed"], right + f["right"]
        print(f"script fonts together: {told} told, precision {right / guessed:.4f}, recall {right / told:.4f}")
        self.assertGreater(told, 400)
        self.assertGreaterEqual(right / guessed, 0.95)
        self.assertGreaterEqual(right / told, 0.85)


if __name__ == "__main__":
    unittest.main()
