#!/usr/bin/python3
"""Makes the demo catalogue's packages: packages.py [--out FOLDER]; listings.json beside them is written by hand.

Each package has the trap that docs/demo-packages.md names. All makers, shops and prices are invented. A face under the
SIL Open Font License never lies in a package that says anything else. Needs python3-fonttools, python3-brotli,
python3-shapely, python3-pil, and uink (built, or named by UINK) for the stitched letters. The results are committed; tests/rules/test_demo_packages.py looks at what they hold.
"""
import argparse
import io
import os
import subprocess
import tempfile
import zipfile
from pathlib import Path

from fontTools.fontBuilder import FontBuilder
from fontTools.pens.cu2quPen import Cu2QuPen
from fontTools.pens.t2CharStringPen import T2CharStringPen
from fontTools.pens.ttGlyphPen import TTGlyphPen
from fontTools.ttLib import TTFont
from PIL import Image, ImageDraw, ImageFont
from shapely.geometry import Polygon
from shapely.ops import unary_union

HERE = Path(__file__).resolve().parent
FONTS = HERE.parent / "fonts"
DATE = (2026, 3, 14, 9, 0, 0)


def font_bytes(font):
    out = io.BytesIO()
    font.save(out)
    return out.getvalue()


def load(name):
    return TTFont(FONTS / name, recalcTimestamp=False)


def raw(name):
    return (FONTS / name).read_bytes()


def named(font, family=None, **ids):
    """The font under another family name; ids are name IDs as n13='…'."""
    table = font["name"]
    if family:
        for name_id, text in ((1, family), (4, family), (6, family.replace(" ", "")), (16, family)):
            if table.getDebugName(name_id) or name_id != 16:
                table.setName(text, name_id, 3, 1, 0x409)
                table.setName(text, name_id, 1, 0, 0)
    for key, text in ids.items():
        table.setName(text, int(key[1:]), 3, 1, 0x409)
    return font


def to_cff(font):
    """The same face with cubic outlines."""
    order, glyphs = font.getGlyphOrder(), font.getGlyphSet()
    strings = {}
    for glyph in order:
        pen = T2CharStringPen(glyphs[glyph].width, glyphs)
        glyphs[glyph].draw(pen)
        strings[glyph] = pen.getCharString()
    builder = FontBuilder(font["head"].unitsPerEm, isTTF=False)
    builder.setupGlyphOrder(order)
    builder.setupCharacterMap(font.getBestCmap())
    builder.setupCFF(font["name"].getDebugName(6), {}, strings, {})
    builder.setupHorizontalMetrics({g: (glyphs[g].width, 0) for g in order})
    builder.setupHorizontalHeader(ascent=font["hhea"].ascent, descent=font["hhea"].descent)
    builder.setupOS2(**{k: getattr(font["OS/2"], k) for k in ("sTypoAscender", "sTypoDescender", "usWinAscent", "usWinDescent", "fsType")})
    builder.setupPost()
    builder.font["name"] = font["name"]
    for table in ("GSUB", "GPOS", "GDEF"):
        if table in font:
            builder.font[table] = font[table]
    builder.font["head"].created = builder.font["head"].modified = font["head"].modified
    return builder.font


def to_ttf(font):
    """The same face with quadratic outlines."""
    order, glyphs = font.getGlyphOrder(), font.getGlyphSet()
    made = {}
    for glyph in order:
        pen = TTGlyphPen(glyphs)
        glyphs[glyph].draw(Cu2QuPen(pen, max_err=0.5, reverse_direction=True))
        made[glyph] = pen.glyph()
    builder = FontBuilder(font["head"].unitsPerEm, isTTF=True)
    builder.setupGlyphOrder(order)
    builder.setupCharacterMap(font.getBestCmap())
    builder.setupGlyf(made)
    builder.setupHorizontalMetrics({g: (glyphs[g].width, made[g].xMin if hasattr(made[g], "xMin") else 0) for g in order})
    builder.setupHorizontalHeader(ascent=font["hhea"].ascent, descent=font["hhea"].descent)
    builder.setupOS2(fsType=font["OS/2"].fsType)
    builder.setupPost()
    builder.font["name"] = font["name"]
    return builder.font


def flattened(glyphs, name, steps=6):
    from fontTools.pens.recordingPen import DecomposingRecordingPen
    pen = DecomposingRecordingPen(glyphs)
    glyphs[name].draw(pen)
    rings, ring, at = [], [], (0, 0)
    for command, points in pen.value:
        if command == "moveTo":
            ring, at = [points[0]], points[0]
        elif command == "lineTo":
            ring.append(points[0])
            at = points[0]
        elif command == "curveTo":
            a, b, c = points
            for i in range(1, steps + 1):
                t = i / steps
                ring.append(tuple((1 - t) ** 3 * at[k] + 3 * (1 - t) ** 2 * t * a[k] + 3 * (1 - t) * t * t * b[k] + t ** 3 * c[k] for k in (0, 1)))
            at = c
        elif command in ("closePath", "endPath"):
            rings.append(ring)
    return rings


def heavier(font, grow, letters):
    """A weight of its own, drawn by growing the outlines; it still calls itself Regular."""
    glyphs, cmap = font.getGlyphSet(), font.getBestCmap()
    order = [".notdef", "space"] + [cmap[ord(c)] for c in letters]
    made = {}
    for glyph in order:
        pen = TTGlyphPen(None)
        shape = Polygon()
        for ring in flattened(glyphs, glyph):
            if len(ring) > 3:
                shape = shape.symmetric_difference(Polygon(ring).buffer(0))
        shape = unary_union(shape.buffer(grow, resolution=4)).simplify(1.5)
        for part in getattr(shape, "geoms", [shape]):
            if part.is_empty:
                continue
            for ring in [part.exterior, *part.interiors]:
                points = list(ring.coords)[:-1]
                if (ring is part.exterior) == ring.is_ccw:
                    points.reverse()
                pen.moveTo(tuple(round(v) for v in points[0]))
                for p in points[1:]:
                    pen.lineTo(tuple(round(v) for v in p))
                pen.closePath()
        made[glyph] = pen.glyph()
    builder = FontBuilder(font["head"].unitsPerEm, isTTF=True)
    builder.setupGlyphOrder(order)
    builder.setupCharacterMap({32: "space", **{ord(c): cmap[ord(c)] for c in letters}})
    builder.setupGlyf(made)
    builder.setupHorizontalMetrics({g: (glyphs[g].width, getattr(made[g], "xMin", 0)) for g in order})
    builder.setupHorizontalHeader(ascent=font["hhea"].ascent, descent=font["hhea"].descent)
    builder.setupOS2(usWeightClass=400)
    builder.setupPost()
    builder.font["name"] = font["name"]
    builder.font["head"].created = builder.font["head"].modified = font["head"].modified
    return builder.font


def without(font, characters):
    for table in font["cmap"].tables:
        for c in characters:
            table.cmap.pop(ord(c), None)
    return font


def preview(name, text="Fennmoor Honey"):
    face = ImageFont.truetype(str(FONTS / name), 90)
    image = Image.new("RGB", (900, 300), "#f6f1e7")
    ImageDraw.Draw(image).text((450, 150), text, font=face, fill="#1d2333", anchor="mm")
    out = io.BytesIO()
    image.save(out, "PNG")
    return out.getvalue()


def keymap():
    keys = "abcdefghijklmnopqrstuvwxyz0123456789"
    picture, label = ImageFont.truetype(str(FONTS / "StallholderBits.ttf"), 60), ImageFont.load_default()
    image = Image.new("RGB", (9 * 100, 4 * 110), "white")
    draw = ImageDraw.Draw(image)
    for i, key in enumerate(keys):
        x, y = i % 9 * 100 + 50, i // 9 * 110
        draw.text((x, y + 12), key, font=label, fill="black", anchor="mm")
        draw.text((x, y + 65), key, font=picture, fill="#1d2333", anchor="mm")
    out = io.BytesIO()
    image.save(out, "PNG")
    return out.getvalue()


def pdf(lines):
    """One page of Helvetica. Source: ISO 32000-1, the smallest file that is one."""
    def escaped(text):
        return text.replace("\\", "\\\\").replace("(", "\\(").replace(")", "\\)")
    content = "BT /F1 11 Tf 60 780 Td 15 TL\n" + "".join(f"({escaped(line)}) '\n" for line in lines) + "ET"
    objects = ["<< /Type /Catalog /Pages 2 0 R >>", "<< /Type /Pages /Kids [3 0 R] /Count 1 >>",
               "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>",
               f"<< /Length {len(content)} >>\nstream\n{content}\nendstream",
               "<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica /Encoding /WinAnsiEncoding >>"]
    out, places = b"%PDF-1.4\n", []
    for number, body in enumerate(objects, 1):
        places.append(len(out))
        out += f"{number} 0 obj\n{body}\nendobj\n".encode("latin-1")
    start = len(out)
    out += f"xref\n0 {len(objects) + 1}\n0000000000 65535 f \n".encode()
    out += b"".join(f"{p:010d} 00000 n \n".encode() for p in places)
    return out + f"trailer << /Size {len(objects) + 1} /Root 1 0 R >>\nstartxref\n{start}\n%%EOF\n".encode()


def rtf(lines):
    body = "\\par\n".join(line.replace("\\", "\\\\") for line in lines)
    return ("{\\rtf1\\ansi\\ansicpg1252\\deff0{\\fonttbl{\\f0 Times New Roman;}}\n\\f0\\fs22 " + body + "\\par}").encode("cp1252")


class Package:
    def __init__(self, folder, name):
        self.path = folder / name
        self.zip = zipfile.ZipFile(self.path, "w", zipfile.ZIP_DEFLATED, compresslevel=9)

    def __enter__(self):
        return self

    def __exit__(self, *_):
        self.zip.close()

    def add(self, name, content, mode=0o100644):
        info = zipfile.ZipInfo(name, DATE)
        info.external_attr = mode << 16
        info.compress_type = zipfile.ZIP_DEFLATED
        self.zip.writestr(info, content if isinstance(content, bytes) else content.encode("utf-8"))


PERSONAL_READ_ME = """FENNEL ROW
by Larch & Pail

Thank you for taking Fennel Row home!

This font is free for PERSONAL USE only: birthday cards, your own walls, gifts for your friends.
For commercial use, that is anything you sell or that brings you money, please buy the commercial licence (14.00 EUR):
http://larchandpail.example/shop/fennel-row

Do not share or sell the font file itself.
"""
DEMO_READ_ME = """Fennel Row DEMO

This is a demo version for personal use only. It has no J, Q, X, no digits and no &.
The full version with a commercial licence is 14.00 EUR at http://larchandpail.example/shop/fennel-row
"""
TANSY_READ_ME = """Tansy Cord by Millrace Lettering
For personal use only. If you want to sell things made with it, write to hello@millrace.example.
"""
TANSY_OLD = """Tansy Cord 0.9 by Millrace Lettering
Free for personal and commercial use. Do not sell the font itself.
"""
COUNT = ["Goosegate Lettering: licence for Goosegate", "",
         "You may use this font for personal projects without a limit.",
         "You may sell up to 250 items made with this font.",
         "If you want to sell more than 250 items, buy the extended licence for 30.00 EUR.",
         "You may alter the letters. Cut files with the letters may not be shared or sold.",
         "Credit is not required."]
DONATE = ("Hobnail Hand\r\nby Brambling Press\r\n\r\nIt\u2019s free for personal and commercial use \u2013 sell what you make with it!\r\n"
          "If you like it, a small donation is welcome: \u201cpay what you want\u201d at http://brambling.example/thanks\r\n"
          "Please don\u2019t sell the font itself.\r\n")
HALF_SAID = """Wickerby Market
A broad face for stalls and boards, by Millrace Lettering

Thank you for taking it along. The capitals are as wide as a crate.
Commercial use is allowed, but only hardly ever on Sundays.
More of our faces hang at the market hall.
"""
EULA = """End user licence: Fennel Row Commercial, order 20417

1. The buyer may use the font for commercial use and may sell any number of physical products made with it.
2. Print on demand services are not allowed under this licence.
3. The buyer may modify the letters. The font file may not be shared or resold.
4. Sharing or selling cut files that contain the letters is not allowed.
"""
RECEIPT = """Receipt
Larch & Pail, order 20417, 14 March 2026
1 x Fennel Row, commercial licence, single user: 14.00 EUR, paid.
This commercial licence lets the buyer sell physical products made with the font.
"""
TWO_TIERS = """Saltglaze Ornaments, licences

Standard licence: personal use only.
Extended licence: commercial use allowed, up to any number of products.

Which one you have is written on your order.
"""
CC_NC_READ_ME = """Gingham Caps
Commercial use is fine, with credit to Hollow Yard Types.
"""
CC0 = (FONTS / "StallholderBits-CC0.txt")
STITCHED_READ_ME = """Fennel Row, stitched: letters of 25 mm in satin stitch, as DST.
by Larch & Pail
You may sell goods sewn with these letters, as many as you like.
The letters themselves, as stitches or as pictures, may not be sold, shared or given away.
"""
UINK = os.environ.get("UINK", HERE.parent.parent / "build" / "dev" / "src" / "cli" / "uink")


def build_packages(folder):
    folder.mkdir(parents=True, exist_ok=True)
    ofl = {k: (FONTS / f"{k}-OFL.txt").read_text(encoding="utf-8") for k in ("Pennyfold", "MaypoleHand", "Oatbrush", "SextonCourt", "Larkmallow", "QuillbrookScript", "HartsorrelScript")}

    with Package(folder, "pennyfold-full.zip") as p:
        p.add("Pennyfold.otf", font_bytes(to_cff(load("Pennyfold.ttf"))))
        p.add("Pennyfold.ttf", raw("Pennyfold.ttf"))
        p.add("OFL.txt", ofl["Pennyfold"])
        p.add("preview.png", preview("Pennyfold.ttf"))
    with Package(folder, "stallholder-bits.zip") as p:
        p.add("Stallholder Bits/StallholderBits.ttf", raw("StallholderBits.ttf"))
        p.add("Stallholder Bits/keymap.png", keymap())
        p.add("Stallholder Bits/docs/legal/CC0.txt", CC0.read_text(encoding="utf-8"))
    with Package(folder, "fennel-row-personal.zip") as p:
        p.add("FennelRow.ttf", raw("FennelRow.ttf"))
        p.add("READ ME FIRST!!.txt", PERSONAL_READ_ME)
    tansy = raw("TansyCord.ttf")
    with Package(folder, "Tansy-Cord(1).zip") as p:
        p.add("tansy_cord_free.ttf", tansy)
        p.add("readme.txt", TANSY_READ_ME)
    with Package(folder, "tansy-cord.zip") as p:
        p.add("TansyCord.ttf", tansy)
        p.add("readme.txt", TANSY_READ_ME)
        p.add("__MACOSX/._TansyCord.ttf", b"\0\5\x16\7" + bytes(60))
        p.add(".DS_Store", b"\0\0\0\1Bud1" + bytes(80))
    with Package(folder, "gatepost.zip") as p:
        p.add("GatepostPlain.ttf", raw("GatepostPlain.ttf"))
        p.add("gatepost-preview.png", preview("GatepostPlain.ttf"))
    wickerby = named(load("WickerbyBroad.ttf"))
    wickerby["OS/2"].fsType = 2
    with Package(folder, "wickerby.zip") as p:
        p.add("WickerbyBroad.ttf", font_bytes(wickerby))
        p.add("LICENSE.txt", CC0.read_text(encoding="utf-8"))
    with Package(folder, "wickerby-market.zip") as p:
        p.add("WickerbyMarket.ttf", font_bytes(named(load("WickerbyBroad.ttf"), "Wickerby Market")))
        p.add("readme.txt", HALF_SAID)
    with Package(folder, "goosegate-250.zip") as p:
        p.add("Goosegate.ttf", font_bytes(named(load("TansyCord.ttf"), "Goosegate")))
        p.add("Licence.pdf", pdf(COUNT))
        p.add("Licence.rtf", rtf(COUNT))
    with Package(folder, "hobnail-donate.zip") as p:
        p.add("HobnailHand.ttf", raw("HobnailHand.ttf"))
        p.add("Read me.txt", DONATE.encode("cp1252"))
        p.add("More fonts.url", b"[InternetShortcut]\r\nURL=http://brambling.example/\r\n")
    with Package(folder, "fennel-row-demo.zip") as p:
        demo = without(named(load("FennelRow.ttf"), "Fennel Row Demo"), "JQX0123456789&")
        p.add("FennelRowDemo.ttf", font_bytes(demo))
        p.add("demo readme.txt", DEMO_READ_ME)
    fennel_full = named(load("FennelRow.ttf"), "Fennel Row Commercial")
    with Package(folder, "order-20417.zip") as p:
        p.add("FennelRowCommercial.otf", font_bytes(to_cff(named(load("FennelRow.ttf"), "Fennel Row Commercial"))))
        p.add("FennelRowCommercial.ttf", font_bytes(fennel_full))
        web = named(load("FennelRow.ttf"), "Fennel Row Commercial")
        web.flavor = "woff2"
        p.add("FennelRowCommercial.woff2", font_bytes(web))
        p.add("EULA.txt", EULA)
        p.add("receipt.txt", RECEIPT)
    letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&.,-"
    with Package(folder, "maypole.zip") as p:
        for name, grow in (("light", -4), ("book", 4), ("heavy", 12), ("black", 20)):
            p.add(f"maypole-{name}.ttf", font_bytes(heavier(load("MaypoleHand.otf"), grow, letters)))
        p.add("OFL.txt", ofl["MaypoleHand"])
    oatbrush = raw("Oatbrush.otf")
    with Package(folder, "broken-bramble.zip") as p:
        p.add("Oatbrush.otf", oatbrush)
        p.add("OatbrushCut.otf", oatbrush[:len(oatbrush) * 6 // 10])
        p.add("OatbrushEmpty.otf", b"")
        p.add("OFL.txt", ofl["Oatbrush"])
    photo = io.BytesIO()
    Image.new("RGB", (300, 200), "#b5651d").save(photo, "JPEG")
    with Package(folder, "saltglaze.zip") as p:
        p.add("SaltglazeOrnaments.ttf", font_bytes(to_cff(load("SaltglazeOrnaments.ttf"))))
        p.add("SaltglazePlain.otf", font_bytes(named(load("SaltglazeOrnaments.ttf"), "Saltglaze Plain")))
        p.add("SaltglazePhoto.ttf", photo.getvalue())
        p.add("licences.txt", TWO_TIERS)
    with Package(folder, "evil-willow.zip") as p:
        p.add("good/SextonCourt.otf", raw("SextonCourt.otf"))
        p.add("good/OFL.txt", ofl["SextonCourt"])
        p.add("../../climbing.txt", "out of the folder")
        p.add("/etc/absolute.txt", "at a fixed place")
        p.add("C:\\Windows\\drive.txt", "on a drive")
        p.add("good\\..\\..\\backslash.txt", "the other way round")
        p.add("two\nlines.txt", "a line break")
        p.add("link.ttf", "/etc/passwd", mode=0o120777)
    build_orchard(folder, letters)
    build_stitched(folder)
    with Package(folder, "gingham-nc.zip") as p:
        p.add("GinghamCaps.ttf", raw("GinghamCaps.ttf"))
        p.add("LICENSE", (HERE.parent.parent / "data" / "licences" / "CC-BY-NC-4.0.txt").read_text(encoding="utf-8"))
        p.add("readme.txt", CC_NC_READ_ME)
    old = named(load("TansyCord.ttf"), n5="Version 0.900")
    for glyph, (advance, bearing) in old["hmtx"].metrics.items():
        old["hmtx"].metrics[glyph] = (advance + 12, bearing)
    with Package(folder, "tansy-cord-old.zip") as p:
        p.add("TansyCord.ttf", font_bytes(old))
        p.add("readme.txt", TANSY_OLD)
    for key, name in (("HartsorrelScript", "hartsorrel"), ("QuillbrookScript", "quillbrook"), ("Larkmallow", "larkmallow")):
        with Package(folder, f"{name}.zip") as p:
            p.add(f"{key}.ttf", raw(f"{key}.ttf"))
            p.add("OFL.txt", ofl[key])
            p.add("preview.png", preview(f"{key}.ttf"))


def build_stitched(folder):
    """Letters as they are sold: one DST each. Q is missing, and y is called so that nobody can be sure."""
    with tempfile.TemporaryDirectory() as made, Package(folder, "fennel-row-stitched.zip") as p:
        subprocess.run([UINK, "alphabet", "make", "--font", FONTS / "FennelRow.ttf", "--size-mm", "25", "--out", made,
                        "--report", os.devnull], check=True)
        for file in sorted(Path(made).glob("*.dst")):
            name = {"y_lower.dst": "v or y.dst", "Q_upper.dst": None}.get(file.name, file.name)
            if name:
                p.add(f"Fennel Row stitched/25 mm/{name}", file.read_bytes())
        p.add("Fennel Row stitched/read me.txt", STITCHED_READ_ME)


def build_orchard(folder, letters):
    """12,000 entries, a zip in a zip, something that unpacks to 300 MB, and 24 families with a readme each."""
    base = TTFont(FONTS / "GatepostPlain.ttf", recalcTimestamp=False)
    for table in ("GSUB", "GPOS"):
        if table in base:
            del base[table]
    fruit = ("Apple Pear Plum Quince Medlar Damson Cherry Bullace Mulberry Greengage Apricot Peach Hazel Walnut Almond Chestnut "
             "Rowan Sloe Elder Bramble Currant Gooseberry Loganberry Tayberry").split()
    says = ["Free for personal and commercial use.", "For personal use only.", "You may sell up to 100 items made with this font."]
    inner_bytes = io.BytesIO()
    with zipfile.ZipFile(inner_bytes, "w", zipfile.ZIP_DEFLATED, compresslevel=9) as inner:
        inner.writestr(zipfile.ZipInfo("Windfall.ttf", DATE), font_bytes(named(base, "Orchard Windfall")))
        inner.writestr(zipfile.ZipInfo("readme.txt", DATE), "Free for commercial use.")
    with Package(folder, "orchard-bundle.zip") as p:
        for i, name in enumerate(fruit):
            p.add(f"{name}/Orchard{name}.ttf", font_bytes(named(base, f"Orchard {name}")))
            p.add(f"{name}/readme.txt", f"Orchard {name}\n{says[i % 3]}\n")
        p.add("extras/windfall.zip", inner_bytes.getvalue())
        p.add("extras/huge.txt", bytes(64 << 20))
        for i in range(12000 - 2 * len(fruit) - 2):
            p.add(f"x/{i}", b"")


def main():
    arguments = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    arguments.add_argument("--out", default=HERE.parent / "catalogue")
    out = Path(arguments.parse_args().out)
    build_packages(out / "packages")
    print(len(list((out / "packages").glob("*.zip"))), "packages")


if __name__ == "__main__":
    os.environ.setdefault("SOURCE_DATE_EPOCH", "1773478800")
    main()
