"""Verdicts over Debian's font packages against the licence that Debian's people declared for them.

Source: the debian/copyright files of Debian 12 (https://www.debian.org/doc/packaging-manuals/copyright-format/1.0/), gathered
by tools/collect-debian-rights into tests/data/debian-rights.json.xz with the name tables and documents of each package. Fonts
are made again from those name tables, so that the whole way from a font file to a verdict is walked.

   UINK=… test_rights_reference.py [--table]      --table prints the confusion table of docs/rights.md
"""
import json
import lzma
import os
import subprocess
import sys
import tempfile
import unittest
from collections import Counter
from pathlib import Path

from fontTools.fontBuilder import FontBuilder
from fontTools.pens.ttGlyphPen import TTGlyphPen

UINK = os.environ["UINK"]
DATA = Path(__file__).parent.parent / "data" / "debian-rights.json.xz"
TABLE = Path(__file__).parent.parent.parent / "docs" / "rights.md"
VERDICTS = ["may-sell", "sell-within-limits", "gifts-only", "ask-first", "evidence-disagrees"]


def family(record):
    """The kind of licence in one word, for the table. Debian keeps apart (non-free) what not everybody may use for everything."""
    text = " ".join([*record["declared"], record["package"]]).lower()
    if any(word in text for word in ("-nc", "non-free", "nonfree", "proprietary", "freeware", "noncommercial", "non-commercial")):
        return "closed or not for sale"
    for word, kind in (("ofl", "OFL"), ("sil", "OFL"), ("open font", "OFL"), ("open_font", "OFL"), ("gpl", "GPL"), ("apache", "Apache"), ("cc0", "CC0 or public domain"), ("public-domain", "CC0 or public domain"),
                       ("public domain", "CC0 or public domain"), ("cc-by", "CC BY or BY-SA"), ("ipa", "IPA"), ("expat", "MIT or BSD"), ("mit", "MIT or BSD"),
                       ("bsd", "MIT or BSD"), ("gust", "GUST or LPPL"), ("lppl", "GUST or LPPL"), ("ubuntu", "Ubuntu font licence"), ("bitstream", "Bitstream Vera"), ("arphic", "Arphic"), ("artistic", "Artistic"), ("unlicense", "CC0 or public domain")):
        if word in text:
            return kind
    return "own words"


def make_font(path, record):
    pen = TTGlyphPen(None)
    for command, point in (("moveTo", (0, 0)), ("lineTo", (500, 0)), ("lineTo", (250, 700))):
        getattr(pen, command)(point)
    pen.closePath()
    builder = FontBuilder(1000, isTTF=True)
    builder.setupGlyphOrder([".notdef", "A"])
    builder.setupCharacterMap({65: "A"})
    builder.setupGlyf({".notdef": pen.glyph(), "A": pen.glyph()})
    builder.setupHorizontalMetrics({".notdef": (600, 0), "A": (600, 0)})
    builder.setupHorizontalHeader(ascent=800, descent=-200)
    builder.setupNameTable({"familyName": record["family"] or "Test Family", "styleName": "Regular"})
    for name_id, text in record["names"].items():
        builder.font["name"].setName(text, int(name_id), 3, 1, 0x409)
    builder.setupOS2(fsType=record["fs_type"])
    builder.setupPost()
    builder.save(path)


def verdicts():
    """(package, declared, verdict, reason) of each package."""
    records = json.loads(lzma.decompress(DATA.read_bytes()))
    with tempfile.TemporaryDirectory() as folder:
        for record in records:
            place = Path(folder, record["package"])
            place.mkdir()
            for i, font in enumerate(record["fonts"]):
                make_font(place / f"font{i}.ttf", font)
            for name, text in record["documents"].items():
                (place / (name if Path(name).suffix else name + ".txt")).write_text(text, encoding="utf-8")
        ran = subprocess.run([UINK, "rights", *[str(Path(folder, r["package"])) for r in records]], capture_output=True, text=True, check=True)
        for record, told in zip(records, json.loads(ran.stdout), strict=True):
            yield record, told


def table(results):
    counts = Counter((family(record), told["verdict"]) for record, told in results)
    kinds = sorted({kind for kind, _ in counts})
    lines = ["| declared by Debian | " + " | ".join(VERDICTS) + " |", "| --- |" + " ---: |" * len(VERDICTS)]
    lines += [f"| {kind} | " + " | ".join(str(counts[kind, v]) for v in VERDICTS) + " |" for kind in kinds]
    return "\n".join(lines)


class RightsOverDebian(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.results = list(verdicts())

    def test_no_false_may_sell(self):
        self.assertGreater(len(self.results), 300)
        closed = [(r["package"], r["declared"]) for r, told in self.results
                  if told["verdict"] == "may-sell" and family(r) == "closed or not for sale"]
        self.assertEqual(closed, [])
        self.assertGreaterEqual(sum(family(r) == "closed or not for sale" for r, _ in self.results), 2)

    def test_the_open_font_licence_is_found(self):
        told = [t["verdict"] for r, t in self.results if family(r) == "OFL"]
        self.assertGreater(told.count("may-sell") / len(told), 0.75)
        # One: a font whose own name table still asks for a bought licence beside the open one.
        self.assertLessEqual(told.count("gifts-only"), 1)

    def test_the_table_in_the_docs_is_current(self):
        self.assertIn(table(self.results), TABLE.read_text(encoding="utf-8"), "print it with --table and put it into docs/rights.md")


if __name__ == "__main__":
    if "--table" in sys.argv:
        results = list(verdicts())
        print(table(results))
        if "-v" in sys.argv:
            for record, told in results:
                print(told["verdict"], "|", record["package"], "|", "; ".join(record["declared"])[:80], "|",
                      [q["sentence"][:120] for q in told["deciding"]][:2] if told["verdict"] in ("gifts-only", "evidence-disagrees") else "")
    else:
        unittest.main()
