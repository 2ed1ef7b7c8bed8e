"""The three joining scripts: the Hershey script skeleton drawn with three pens, with swash tails.

  Tansy Cord      round pen       swashes by features only
  Wickerby Broad  broad nib       swashes in the Private Use Area only; tails for names on the digit keys
  Fennel Row      pressure pen    both
"""
import string
from dataclasses import dataclass

import numpy as np
from shapely.affinity import translate
from shapely.geometry import Point

import hershey
from curves import bezier, end_direction, joined, resample, smoothed
from fontfile import HERSHEY, FontFile, empty_glyph, glyph_name
from pens import BroadNib, PressurePen, RoundPen

STEP = 33.0  # font units per Hershey step
LOWER, UPPER, DIGITS = string.ascii_lowercase, string.ascii_uppercase, string.digits
MARKS = "&.,!?'-"
PUA = 0xE000


@dataclass
class Face:
    family: str
    foundry: str
    pen: object
    x_height: float          # stretch of the x-height zone
    slack: float             # how far smoothing may leave the skeleton, in steps
    widen: float = 1.0
    slant: float = 0.0
    swash_by_features: bool = True
    swash_by_codes: bool = True
    tails_on_digits: bool = False


FACES = {
    "TansyCord": Face("Tansy Cord", "Millrace Lettering", RoundPen(48), 1.12, 0.10, swash_by_codes=False),
    "WickerbyBroad": Face("Wickerby Broad", "Millrace Lettering", BroadNib(84, 36, 38), 1.22, 0.12, 1.16,
                          swash_by_features=False, tails_on_digits=True),
    "FennelRow": Face("Fennel Row", "Larch & Pail", PressurePen(86, 36, 14), 1.25, 0.12, 1.04, 0.08),
}


def skeletons():
    """Hershey's script with its few flaws mended: digits from the plain alphabet, d and W in pen order."""
    alphabet = hershey.load("scripts.jhf")
    plain = hershey.load("rowmans.jhf")
    for digit in DIGITS:
        alphabet[digit] = plain[digit]
    d, w, ampersand = alphabet["d"], alphabet["W"], alphabet["&"]
    left = 6  # scripts.jhf counts x of d from -6
    d.strokes = [d.strokes[0][:-1] + [(4 + left, 9)], [(8 + left, 21)] + d.strokes[1]] if len(d.strokes) > 1 else d.strokes
    w.strokes = [w.strokes[0], w.strokes[1][::-1], w.strokes[2], w.strokes[3][::-1]]
    ampersand.strokes = ampersand.strokes[:1]
    return alphabet


def zoned(y, x_height):
    """Hershey heights to font units: the x-height zone (0..9 steps) grows, the zone above gives way."""
    y = np.asarray(y, float)
    above = 9 * STEP * x_height + (y - 9) * STEP * (21 - 9 * x_height) / 12
    return np.where(y < 0, y * STEP * 0.95, np.where(y <= 9, y * STEP * x_height, above))


class Drawing:
    """Strokes (polylines with a direction) and dots of one glyph, before the pen."""

    def __init__(self, strokes, advance, dots=()):
        self.strokes, self.advance, self.dots = list(strokes), advance, list(dots)

    def moved(self, dx):
        return Drawing([s + [dx, 0] for s in self.strokes], self.advance, [translate(d, dx, 0) for d in self.dots])

    def with_stroke(self, index, stroke):
        return Drawing([stroke if i == index else s for i, s in enumerate(self.strokes)], self.advance, self.dots)

    def exit_stroke(self):
        return max(range(len(self.strokes)), key=lambda k: self.strokes[k][-1][0])

    def entry_stroke(self):
        return min(range(len(self.strokes)), key=lambda k: self.strokes[k][0][0])

    def right_edge(self):
        return max(s[:, 0].max() for s in self.strokes)


def drawing_of(character, skeleton, face):
    is_digit = character in DIGITS
    slant = face.slant + (0.27 if is_digit else 0)
    strokes = []
    for points in skeleton.strokes:
        line = smoothed(points, face.slack)
        y = zoned(line[:, 1], face.x_height)
        strokes.append(np.c_[line[:, 0] * STEP * face.widen + y * slant, y])
    drawing = Drawing(strokes, skeleton.width * STEP * face.widen)
    if character in "ij.!?":
        small = [s for s in strokes if np.ptp(s[:, 0]) < 3.2 * STEP and np.ptp(s[:, 1]) < 3.2 * STEP]
        radius = max(face.pen.width, 46) * 0.62
        drawing.dots = [Point(*s.mean(axis=0)).buffer(radius, resolution=16) for s in small]
        drawing.strokes = [s for s in strokes if not any(s is t for t in small)]
    if character not in LOWER + UPPER:
        drawing = drawing.moved(15)
        drawing.advance += 30
    return drawing


# ---- swashes: each leaves the point E in direction t and is a polyline starting at E -------------------

def tail(kind, E, t):
    E = np.array(E)
    q = lambda x, y: E + np.array((x, y), float)
    if kind == "flick":      # rises softly and ends in a small curl
        return bezier(E, E + t * 110, q(190, 150), q(330, 158), q(480, 165), q(640, 200), q(632, 312),
                      q(625, 398), q(505, 392), q(520, 306))
    if kind == "under":      # sweeps out and turns back beneath the word
        return bezier(E, E + t * 170, q(390, 190), q(390, 10), q(390, -190), q(60, -275), q(-260, -262),
                      q(-560, -249), q(-700, -330), q(-960, -270))
    if kind == "loop":       # a loop, then out to the right
        return bezier(E, E + t * 130, q(300, 190), q(330, 40), q(352, -70), q(210, -110), q(165, -20),
                      q(120, 70), q(330, 120), q(520, 40), q(640, -10), q(720, 20), q(800, 90))
    if kind == "lead":       # a long way in, drawn backwards
        return bezier(E, E + t * 130, q(-200, -40), q(-330, 40), q(-440, 107), q(-520, 60), q(-500, -10),
                      q(-485, -60), q(-420, -60), q(-400, -15))
    if kind == "leaf":       # capitals: a big leaf to the left
        return bezier(E, E + t * 90, q(-90, -130), q(-220, -140), q(-390, -153), q(-500, -30), q(-478, 95),
                      q(-458, 200), q(-310, 205), q(-318, 100))
    if kind == "low":        # capitals that start low: runs out along the baseline
        return bezier(E, E + t * 110, q(-180, -60), q(-340, -110), q(-470, -151), q(-560, -70), q(-490, 0),
                      q(-440, 45), q(-370, 10), q(-385, -40))
    if kind == "wave":       # a flat wave
        return bezier(E, E + t * 90, q(-110, -70), q(-230, -40), q(-350, -10), q(-400, 80), q(-520, 60),
                      q(-590, 48), q(-600, -20), q(-560, -50))
    if kind == "crook":      # a shepherd's crook that opens upwards
        return bezier(E, E + t * 100, q(-60, -190), q(-190, -200), q(-330, -211), q(-380, -60), q(-290, 0),
                      q(-220, 40), q(-160, -20), q(-200, -80))
    raise ValueError(kind)


# Stems, bowls, crossbars and low starts each get the lead-in that suits them.
CAPITAL_LEADS = {**dict.fromkeys("BDEFIPRST", "leaf"), **dict.fromkeys("UVWY", "crook"),
                 **dict.fromkeys("CGHKLMNOQXZ", "wave"), **dict.fromkeys("AJ", "low")}


def lowercase_swashes(drawing):
    out = {}
    exit_, entry = drawing.exit_stroke(), drawing.entry_stroke()
    line = drawing.strokes[exit_]
    for kind in ("flick", "under", "loop"):
        swash = tail(kind, line[-1], end_direction(line))
        worn = drawing.with_stroke(exit_, joined(line, swash))
        # The next word starts after the tail, not on it; an underline leaves room for its turn only.
        worn.advance = max(drawing.advance, swash[:, 0].max() + (30 if kind != "under" else 10))
        out[kind] = worn
    line = drawing.strokes[entry]
    swash = tail("lead", line[0], end_direction(line, at_start=True))
    worn = drawing.with_stroke(entry, joined(swash[::-1], line)).moved(300)
    worn.advance += 300
    out["lead"] = worn
    return out


def capital_swash(character, drawing):
    line = drawing.strokes[0]
    kind = CAPITAL_LEADS[character]
    if kind == "leaf" and line[0][1] < 330:
        kind = "low"
    swash = tail(kind, line[0], end_direction(line, at_start=True))
    worn = drawing.with_stroke(0, joined(swash[::-1], line)).moved(260)
    worn.advance += 260
    return worn


def name_tail(length):
    """A flourish to stand under a name: from the last letter back to the first, `length` units long."""
    return bezier((0, 60), (150, 120), (250, 20), (120, -150), (0, -290), (-length * .35, -250), (-length * .6, -215),
                  (-length * .8, -190), (-length * .95, -260), (-length, -205), (-length - 40, -160),
                  (-length + 30, -120), (-length + 60, -170))


# ---- accents: placed over or through the base letter ----------------------------------------------------

def accent_strokes(kind, x, y):
    line = lambda *points: bezier(*points)
    if kind == "acute":
        return [line((x - 10, y), (x + 20, y + 40), (x + 55, y + 85), (x + 90, y + 120))]
    if kind == "grave":
        return [line((x + 50, y), (x + 20, y + 40), (x - 15, y + 85), (x - 50, y + 120))]
    if kind == "tilde":
        return [line((x - 80, y + 20), (x - 40, y + 95), (x + 30, y - 5), (x + 100, y + 70))]
    if kind == "cedilla":
        return [line((x, 0), (x + 60, -60), (x + 60, -150), (x - 50, -140))]
    raise ValueError(kind)


ACCENTED = {"é": "e acute", "è": "e grave", "ë": "e dieresis", "ö": "o dieresis", "ü": "u dieresis",
            "ä": "a dieresis", "ñ": "n tilde", "ç": "c cedilla", "á": "a acute", "ó": "o acute", "í": "ı acute",
            "ø": "o slash", "Ø": "O slash", "ł": "l bar", "Ł": "L bar", "É": "E acute", "Ö": "O dieresis"}


def accented(recipe, drawings, face):
    base, kind = recipe.split()
    drawing = drawings["i" if base == "ı" else base]
    points = np.vstack([resample(s, 5.0) for s in drawing.strokes])
    top = points[:, 1].max()
    x = (points[:, 0].min() + points[:, 0].max()) / 2 + 0.12 * top
    if base.islower() and base != "l":
        body = points[(points[:, 1] > 100)]
        x = (body[:, 0].min() + min(body[:, 0].max(), drawing.advance)) / 2 + 30
    strokes, dots = list(drawing.strokes), [] if base == "ı" else list(drawing.dots)
    if kind == "dieresis":
        radius = max(face.pen.width, 46) * 0.55
        dots += [Point(x + dx, top + 105).buffer(radius, resolution=16) for dx in (-70, 80)]
    elif kind == "slash":
        low, high = (-60, top + 60)
        strokes.append(bezier((x - 170, low), (x - 60, low + 120), (x + 60, high - 120), (x + 150, high)))
    elif kind == "bar":
        middle = 0.52 * top
        left = points[np.abs(points[:, 1] - middle) < 40][:, 0]
        centre = left.mean() if base == "l" else left.min() + 20
        strokes.append(bezier((centre - 120, middle - 50), (centre - 40, middle - 10), (centre + 40, middle + 40),
                              (centre + 130, middle + 80)))
    else:
        strokes += accent_strokes(kind, x, top + 70)
    return Drawing(strokes, drawing.advance, dots)


def currency(character, face):
    """Pound and euro, drawn for these faces: Hershey's script has neither."""
    if character == "£":
        strokes = [bezier((430, 560), (420, 700), (190, 720), (200, 520), (205, 380), (300, 230), (170, 60),
                          (130, 10), (60, 30), (80, 70), (110, 120), (250, -10), (440, 60)),
                   bezier((100, 330), (190, 345), (280, 340), (370, 345))]
    else:
        strokes = [bezier((470, 590), (400, 730), (190, 690), (150, 420), (110, 140), (250, -40), (450, 110)),
                   bezier((60, 440), (170, 452), (280, 448), (390, 455)), bezier((50, 310), (150, 322), (250, 318), (350, 325))]
    return Drawing([s * [face.widen, 1] + np.c_[s[:, 1] * face.slant, 0 * s[:, 1]] for s in strokes], 540 * face.widen)


# ---- the font -------------------------------------------------------------------------------------------

def features(swashes):
    """swsh for capitals; init, fina, ss01, ss02 and salt for small letters."""
    lower, upper = " ".join(LOWER), " ".join(UPPER)
    text = f"@lower=[{lower}]; @upper=[{upper}]; @letter=[@lower @upper];\n"
    for kind, pairs in swashes.items():
        text += f"@{kind}_from=[{' '.join(a for a, _ in pairs)}]; @{kind}_to=[{' '.join(b for _, b in pairs)}];\n"
    text += "feature swsh { sub @swsh_from by @swsh_to; } swsh;\n"
    for tag, kind in (("fina", "flick"), ("ss01", "under"), ("ss02", "loop")):
        text += (f"feature {tag} {{ ignore sub @{kind}_from' [@letter]; sub @{kind}_from' by @{kind}_to; }} {tag};\n")
    text += "feature init { ignore sub [@letter] @lead_from'; sub @lead_from' by @lead_to; } init;\n"
    rules = "".join(f"sub {c} from [{c}.flick {c}.under {c}.loop {c}.lead]; " for c in LOWER)
    return text + f"feature salt {{ {rules}}} salt;\n"


def build(key, folder):
    face = FACES[key]
    font = FontFile(face.family, face.foundry)
    outline = lambda d: [face.pen.draw(s) for s in d.strokes] + d.dots
    add = lambda name, d, *codes: font.add(name, lambda: outline(d), d.advance, *codes)

    box = np.array([[60, 0], [60, 700], [400, 700], [400, 0], [60, 0]], float)
    font.add(".notdef", [RoundPen(40).draw(box)], 460)
    font.add_glyph("space", empty_glyph(), 260 * face.widen, " ", 0xA0)
    alphabet = skeletons()
    drawings = {c: drawing_of(c, alphabet[c], face) for c in LOWER + UPPER + DIGITS + MARKS}
    for c, d in drawings.items():
        if c in DIGITS and face.tails_on_digits:
            length = 300 + 150 * int(c)
            d = Drawing([name_tail(length)], 0)
        add(glyph_name(c), d, c, *(["’"] if c == "'" else []))
    for c, recipe in ACCENTED.items():
        add(glyph_name(c), accented(recipe, drawings, face), c)
    for c in "£€":
        add(glyph_name(c), currency(c, face), c)

    swashes, code = {}, PUA
    worn = [(c, kind, d) for c in LOWER for kind, d in lowercase_swashes(drawings[c]).items()]
    worn += [(c, "swsh", capital_swash(c, drawings[c])) for c in UPPER]
    for c, kind, d in worn:
        name = f"{c}.{kind}"
        add(name, d, *([code] if face.swash_by_codes else []))
        code += 1
        swashes.setdefault(kind, []).append((c, name))
    font.save(f"{folder}/{key}.ttf", features(swashes) if face.swash_by_features else "",
              ascent=950, descent=-420, note=HERSHEY)
