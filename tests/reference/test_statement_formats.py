"""Every statement of tests/data/rights as html, rtf, docx, odt and pdf, in a README, and in the name table of a font: a format changes nothing.

The files are made by general tools: Python's zipfile for the office formats (ECMA-376, OpenDocument 1.3), librsvg for pdf, fontTools
for fonts (OpenType 1.9, `name`).
"""
import html
import json
import os
import subprocess
import tempfile
import unittest
import zipfile
from pathlib import Path

from fontTools.ttLib import TTFont

UINK = os.environ["UINK"]
DATA = Path(__file__).parent.parent / "data"
YES = {"may-sell", "sell-within-limits"}


def statements():
    for line in (DATA / "rights" / "statements.tsv").read_text(encoding="utf-8").splitlines():
        if line and not line.startswith("#"):
            name, expected, text = line.split("\t")
            yield name, expected, text.replace("\\n", "\n")


def as_expected(expected, verdict):
    if expected == "may-sell":
        return verdict == "may-sell"
    return verdict == "sell-within-limits" if expected == "limits" else verdict not in YES


def paragraphs(text, one, line_break):
    """Blank lines part paragraphs; other line ends stay line ends."""
    return "".join(one(line_break.join(html.escape(line, quote=False) for line in block.split("\n"))) for block in text.split("\n\n"))


def write_html(path, text):
    path.write_text(f"<!DOCTYPE html><html><head><title>Larch</title></head><body>{paragraphs(text, '<p>{}</p>'.format, '<br>')}</body></html>", encoding="utf-8")


def write_rtf(path, text):
    escaped = "".join(c if c.isascii() and c not in "\\{}" else f"\\{c}" if c in "\\{}" else "".join(f"\\u{int.from_bytes(u, 'little', signed=True)}?" for u in units(c)) for c in text)
    path.write_text("{\\rtf1\\ansi\\uc1 " + escaped.replace("\n", "\\par\n") + "\\par}", encoding="ascii")


def units(c):
    data = c.encode("utf-16-le")
    return [data[i:i + 2] for i in range(0, len(data), 2)]


def write_docx(path, text):
    body = paragraphs(text, "<w:p><w:r><w:t xml:space='preserve'>{}</w:t></w:r></w:p>".format, "</w:t><w:br/><w:t xml:space='preserve'>")
    with zipfile.ZipFile(path, "w") as package:
        package.writestr("word/document.xml", f"<w:document xmlns:w='http://schemas.openxmlformats.org/wordprocessingml/2006/main'><w:body>{body}</w:body></w:document>")


def write_odt(path, text):
    body = paragraphs(text, "<text:p>{}</text:p>".format, "<text:line-break/>")
    with zipfile.ZipFile(path, "w") as package:
        package.writestr("mimetype", "application/vnd.oasis.opendocument.text")
        package.writestr("content.xml", "<office:document-content xmlns:office='urn:oasis:names:tc:opendocument:xmlns:office:1.0' "
                                        f"xmlns:text='urn:oasis:names:tc:opendocument:xmlns:text:1.0'><office:body><office:text>{body}</office:text></office:body></office:document-content>")


def write_font(path, text):
    font = TTFont(DATA / "ornaments.ttf")
    font["name"].setName(text, 13, 3, 1, 0x409)
    font.save(path)


def page(text):
    """One page of an SVG document with a text element for each line."""
    lines = "".join(f'<text x="20" y="{30 + 18 * i}" font-family="DejaVu Sans" font-size="9" xml:space="preserve">{html.escape(line)}</text>' for i, line in enumerate(text.split("\n")))
    return f'<svg xmlns="http://www.w3.org/2000/svg" width="900" height="{60 + 18 * text.count(chr(10))}">{lines}</svg>'


def rights_of(paths):
    ran = subprocess.run([UINK, "rights", *map(str, paths)], capture_output=True, text=True, check=True)
    return json.loads(ran.stdout)


class StatementsInEveryFormat(unittest.TestCase):
    def check_format(self, ending, write):
        rows = list(statements())
        self.assertGreater(len(rows), 250)
        with tempfile.TemporaryDirectory() as folder:
            paths = [Path(folder, f"{i:03}{ending}") for i in range(len(rows))]
            for path, (_, _, text) in zip(paths, rows, strict=True):
                write(path, text)
            told = rights_of(paths)
        wrong = [(name, t["verdict"]) for (name, expected, _), t in zip(rows, told, strict=True) if not as_expected(expected, t["verdict"])]
        self.assertEqual(wrong, [])

    def test_html(self):
        self.check_format(".html", write_html)

    def test_rtf(self):
        self.check_format(".rtf", write_rtf)

    def test_docx(self):
        self.check_format(".docx", write_docx)

    def test_odt(self):
        self.check_format(".odt", write_odt)

    def test_name_table(self):
        self.check_format(".ttf", write_font)

    def test_pdf(self):
        rows = list(statements())
        with tempfile.TemporaryDirectory() as folder:
            paths = []
            for i, (_, _, text) in enumerate(rows):
                svg, pdf = Path(folder, f"{i:03}.svg"), Path(folder, f"{i:03}.pdf")
                svg.write_text(page(text), encoding="utf-8")
                subprocess.run(["rsvg-convert", "-f", "pdf", "-o", pdf, svg], check=True)
                paths.append(pdf)
            told = rights_of(paths)
        for (name, expected, text), t in zip(rows, told, strict=True):
            # A page gives back letters, not words: a joined pair or a struck letter may be lost, and then nothing is understood.
            if expected == "no":
                self.assertNotIn(t["verdict"], YES, (name, text))
        permissions = [t["verdict"] for (_, expected, _), t in zip(rows, told, strict=True) if expected == "may-sell"]
        self.assertGreaterEqual(permissions.count("may-sell") / len(permissions), 0.95)


if __name__ == "__main__":
    unittest.main()
