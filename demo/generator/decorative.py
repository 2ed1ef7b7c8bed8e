"""Four plain and decorative faces drawn by rule.

  Gatepost Plain       typewriter-like, one width, slab serifs
  Gingham Caps         fat capitals with a woven check cut out of them; small capitals on the small letters
  Hobnail Hand         variable (weight), instances Light and Bold; strokes overlap and are left so
  Saltglaze Ornaments  rosettes and border pieces on the keys
"""
import numpy as np
from fontTools.ttLib.tables._g_l_y_f import Glyph, GlyphCoordinates
from fontTools.ttLib.tables.ttProgram import Program
from fontTools.ttLib.tables.TupleVariation import TupleVariation
from shapely.affinity import rotate, scale, translate
from shapely.geometry import LineString, MultiPolygon, Point, box
from shapely.ops import unary_union

import hershey
from curves import smoothed
from fontfile import HERSHEY, PICTORIAL, FontFile, empty_glyph, glyph_name
from scripts import ACCENTED, DIGITS, LOWER, MARKS, UPPER, Drawing, Face, accented, currency
from shapes import leaf, petal, ring

STEP = 33.0


def plain_drawings(widen=1.0):
    """Hershey's plain alphabet: polylines in font units, corners kept."""
    alphabet = hershey.load("rowmans.jhf")
    out = {}
    for c in LOWER + UPPER + DIGITS + MARKS:
        strokes = [np.array(s, float) * [STEP * widen, STEP] for s in alphabet[c].strokes]
        out[c] = Drawing(strokes, alphabet[c].width * STEP * widen)
    return out


def curved(stroke):
    return smoothed(stroke / STEP, 0.04) * STEP if len(stroke) > 2 else stroke


def dot_or_line(stroke, width, cap):
    if np.ptp(stroke, axis=0).max() < 3.2 * STEP and len(stroke) > 3:
        return Point(*stroke.mean(axis=0)).buffer(width * 0.62, resolution=16)
    return LineString(curved(stroke)).buffer(width / 2, resolution=16, cap_style=cap, join_style=1)


def add_extras(font, drawings, draw, pen_width):
    face = Face("", "", type("Pen", (), {"width": pen_width}), 1.0, 0.1)
    for c, recipe in ACCENTED.items():
        d = accented(recipe, drawings, face)
        font.add(glyph_name(c), [unary_union(draw(d) + d.dots)], d.advance, c)
    for c in "£€":
        d = currency(c, face)
        font.add(glyph_name(c), [unary_union(draw(d))], d.advance, c)


def start(family, foundry):
    font = FontFile(family, foundry)
    font.add(".notdef", [box(60, 0, 400, 700).difference(box(100, 40, 360, 660))], 460)
    return font


# ---- Gatepost Plain -------------------------------------------------------------------------------------

def gatepost(folder):
    font, pen, width = start("Gatepost Plain", "Larch & Pail"), 74, 620
    font.add_glyph("space", empty_glyph(), width, " ", 0xA0)
    slab_heights = [0, 9 * STEP + 4 * STEP, 14 * STEP, 21 * STEP]

    def draw(d):
        shapes = []
        for s in d.strokes:
            shapes.append(dot_or_line(s, pen, 2 if len(s) == 2 else 1))
            if len(s) < 2:
                continue
            for end, before in ((s[0], s[1]), (s[-1], s[-2])):
                upright = abs(end[0] - before[0]) < 0.45 * abs(end[1] - before[1])
                if upright and min(abs(end[1] - h) for h in slab_heights) < 8:
                    shapes.append(LineString([(end[0] - 96, end[1]), (end[0] + 96, end[1])]).buffer(pen * .44, cap_style=2))
        return shapes

    drawings = plain_drawings(0.92)
    for c, d in list(drawings.items()):
        squeeze = min(1.0, 0.98 * width / d.advance)  # m, w and W share the one width
        d = Drawing([s * [squeeze, 1] for s in d.strokes], d.advance * squeeze)
        d = d.moved((width - d.advance) / 2)
        d.advance = width
        drawings[c] = d
        font.add(glyph_name(c), [unary_union(draw(d))], width, c, *(["’"] if c == "'" else []))
    add_extras(font, drawings, draw, pen)
    font.save(f"{folder}/GatepostPlain.ttf", ascent=900, descent=-300, note=HERSHEY)


# ---- Gingham Caps ---------------------------------------------------------------------------------------

def woven(shape):
    """A check of small squares, set on the slant, cut out where there is room for a whole one."""
    room = shape.buffer(-34)
    x0, y0, x1, y1 = shape.bounds
    squares = []
    for row, y in enumerate(np.arange(y0, y1, 52)):
        for x in np.arange(x0 + (row % 2) * 26, x1, 52):
            square = rotate(box(x - 15, y - 15, x + 15, y + 15), 45)
            if room.contains(square):
                squares.append(square)
    return shape.difference(unary_union(squares)) if squares else shape


def gingham(folder):
    font = start("Gingham Caps", "Larch & Pail")
    font.error = 1.0
    font.add_glyph("space", empty_glyph(), 320, " ", 0xA0)
    drawings = plain_drawings(1.12)
    fat = lambda d: [unary_union([dot_or_line(s, 168, 3) for s in d.strokes])]
    for c in UPPER + DIGITS + MARKS:
        d = drawings[c].moved(60)
        shape = unary_union(fat(d))
        font.add(glyph_name(c), lambda shape=shape: [woven(shape)], d.advance + 120, c, *(["’"] if c == "'" else []))
        if c in UPPER:
            small = scale(shape, 0.76, 0.76, origin=(0, 0))
            font.add(c.lower(), [woven(small)], (d.advance + 120) * 0.76, c.lower())
    font.save(f"{folder}/GinghamCaps.ttf", ascent=900, descent=-250, note=HERSHEY)


# ---- Hobnail Hand: variable -----------------------------------------------------------------------------

LIGHT, BOLD = 58.0, 122.0


def without_corners(stroke):
    """Splits at corners: each part becomes a contour of its own that overlaps the next."""
    parts, begin = [], 0
    for i in range(1, len(stroke) - 1):
        a, b = stroke[i] - stroke[i - 1], stroke[i + 1] - stroke[i]
        turn = np.degrees(np.arccos(np.clip(a @ b / (np.linalg.norm(a) * np.linalg.norm(b)), -1, 1)))
        if turn > 60:
            parts.append(stroke[begin:i + 1])
            begin = i
    return parts + [stroke[begin:]]


def stroke_points(stroke, width):
    """Control points of a closed quadratic B-spline round a stroke; their number depends on the
    skeleton alone, so that two widths interpolate."""
    line = curved(stroke)
    count = 3 if len(stroke) == 2 else min(12, 3 + len(stroke))
    s = np.r_[0, np.cumsum(np.linalg.norm(np.diff(line, axis=0), axis=1))]
    at = np.linspace(0, s[-1], count)
    core = np.c_[np.interp(at, s, line[:, 0]), np.interp(at, s, line[:, 1])]
    along = np.gradient(core, axis=0)
    along /= np.maximum(np.linalg.norm(along, axis=1), 1e-9)[:, None]
    across = np.c_[-along[:, 1], along[:, 0]] * width / 2
    out, back = along[-1] * width * 0.62, along[0] * width * 0.62
    left, right = core + across, core - across
    # Clockwise: along the left side, round the end, back along the right side, round the start.
    return np.vstack([left, [core[-1] + across[-1] + out, core[-1] - across[-1] + out], right[::-1],
                      [core[0] - across[0] - back, core[0] + across[0] - back]])


def hobnail_glyph(strokes, width):
    points, ends = [], []
    for stroke in strokes:
        for part in without_corners(stroke):
            points += list(stroke_points(part, width))
            ends.append(len(points) - 1)
    glyph = Glyph()
    glyph.numberOfContours = len(ends)
    glyph.endPtsOfContours = ends
    glyph.coordinates = GlyphCoordinates([(round(x), round(y)) for x, y in points])
    glyph.flags = bytearray(len(points))  # all off the curve
    glyph.program = Program()
    glyph.program.fromBytecode(b"")
    return glyph


def hobnail(folder):
    font = start("Hobnail Hand", "Millrace Lettering")
    font.add_glyph("space", empty_glyph(), 300, " ", 0xA0)
    drawings = plain_drawings(0.98)
    bold = {}
    todo = [(glyph_name(c), d, [c] + (["’"] if c == "'" else [])) for c, d in drawings.items()]
    face = Face("", "", type("Pen", (), {"width": LIGHT}), 1.0, 0.1)
    todo += [(glyph_name(c), accented(recipe, drawings, face), [c]) for c, recipe in ACCENTED.items()]
    todo += [(glyph_name(c), currency(c, face), [c]) for c in "£€"]
    for name, d, codes in todo:
        # A little bounce, the same for both weights, takes the ruler out of the letters.
        lean = 0.06 + 0.015 * np.sin(sum(map(ord, name)) * 2.4)
        strokes = [s + np.c_[s[:, 1] * lean, 0 * s[:, 1]] for s in d.strokes]
        strokes += [np.array([[p.centroid.x - 8, p.centroid.y], [p.centroid.x + 8, p.centroid.y]]) for p in d.dots]
        font.add_glyph(name, hobnail_glyph(strokes, LIGHT), d.advance, *codes)
        bold[name] = hobnail_glyph(strokes, BOLD)
    fb = font.builder(ascent=900, descent=-300, style="Light", note=HERSHEY)
    fb.setupFvar([("wght", 300, 300, 700, "Weight")],
                 [dict(location={"wght": 300}, stylename="Light"), dict(location={"wght": 700}, stylename="Bold")])
    variations = {}
    for name, heavy in bold.items():
        light = font.glyphs[name]
        deltas = [(bx - ax, by - ay) for (ax, ay), (bx, by) in zip(light.coordinates, heavy.coordinates)]
        variations[name] = [TupleVariation({"wght": (0, 1, 1)}, deltas + [(0, 0), (24, 0), (0, 0), (0, 0)])]
    fb.setupGvar(variations)
    fb.save(f"{folder}/HobnailHand.ttf")


# ---- Saltglaze Ornaments --------------------------------------------------------------------------------

def turned(shape, count, centre=(450, 350), mirrored=False):
    parts = [rotate(shape, i * 360 / count, origin=centre) for i in range(count)]
    if mirrored:
        flipped = scale(shape, -1, 1, origin=centre)
        parts += [rotate(flipped, i * 360 / count, origin=centre) for i in range(count)]
    return unary_union(parts)


def ornaments():
    c = (450, 350)
    dot = lambda r, size: Point(450, 350 + r).buffer(size, resolution=16)
    up = lambda length, width, r=0: petal(length, width, 90, 450, 350 + r)
    yield "six petals", turned(up(330, 120), 6).difference(Point(*c).buffer(60)).union(Point(*c).buffer(38))
    yield "eight petals ringed", unary_union([turned(up(230, 80, 40), 8), ring(*c, 330, 24), Point(*c).buffer(34)])
    yield "hollow petals", turned(up(320, 130).difference(up(200, 70, 50)), 8).union(Point(*c).buffer(70)).difference(Point(*c).buffer(30))
    yield "leaf wheel", turned(leaf(450, 380, 270, 90, 70, 12), 9).union(ring(*c, 60, 26))
    yield "dotted rings", unary_union([turned(dot(300, 30), 18), turned(dot(200, 34), 10), ring(*c, 120, 30), Point(*c).buffer(44)])
    yield "star in a ring", unary_union([ring(*c, 320, 26), turned(up(250, 54, 30), 5), Point(*c).buffer(60)])
    yield "double star", turned(up(340, 60), 4).union(turned(up(230, 70), 4).buffer(0).intersection(Point(*c).buffer(400))).union(
        rotate(turned(up(230, 70), 4), 45, origin=c)).difference(Point(*c).buffer(34))
    yield "fan", unary_union([leaf(450, 60, 520, 80, a, 14) for a in range(30, 151, 20)])
    yield "trefoil", turned(Point(450, 500).buffer(140).difference(Point(450, 500).buffer(84)), 3).union(Point(*c).buffer(60))
    yield "quatrefoil", turned(Point(450, 520).buffer(170), 4).difference(turned(Point(450, 520).buffer(110), 4)).union(Point(*c).buffer(46))
    yield "border leaf", unary_union([box(0, 330, 900, 362)] + [leaf(x, 346, 150, 54, a, 8) for x in range(60, 800, 130) for a in (52, -52)])
    yield "border wave", unary_union([ring(150 + 300 * i, 300, 150, 40).intersection(box(0, 300, 900, 500)) for i in range(3)] +
                                     [Point(150 + 300 * i, 320).buffer(46) for i in range(3)] + [box(0, 262, 900, 300)])
    yield "border lozenge", unary_union([rotate(box(x - 60, 286, x + 60, 406), 45).difference(rotate(box(x - 30, 316, x + 30, 376), 45))
                                         for x in range(90, 900, 180)])
    yield "snow wheel", turned(unary_union([LineString([(450, 350), (450, 690)]).buffer(16), LineString([(450, 520), (370, 620)]).buffer(13),
                                            LineString([(450, 520), (530, 620)]).buffer(13)]), 6)


def saltglaze(folder):
    font = FontFile("Saltglaze Ornaments", "Millrace Lettering", error=1.2, min_area=60)
    font.add_glyph(".notdef", empty_glyph(), 500)
    font.add_glyph("space", empty_glyph(), 300, " ", 0xA0)
    for key, (name, shape) in zip(UPPER, ornaments()):
        shape = translate(shape, 40 - shape.bounds[0], 0)
        font.add(name.replace(" ", "_"), [MultiPolygon([p for p in getattr(shape, "geoms", [shape])])],
                 shape.bounds[2] + 40, key, key.lower())
    font.save(f"{folder}/SaltglazeOrnaments.ttf", ascent=900, descent=-200, panose_family=PICTORIAL)


FACES = {"GatepostPlain": gatepost, "GinghamCaps": gingham, "HobnailHand": hobnail, "SaltglazeOrnaments": saltglaze}


def build(key, folder):
    FACES[key](folder)
