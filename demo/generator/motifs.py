"""Stallholder Bits: pictures for market goods on letter keys, several pieces and open middles each."""
import numpy as np
from shapely.affinity import rotate, scale, translate
from shapely.geometry import LineString, MultiPolygon, Polygon, box
from shapely.ops import unary_union

from fontfile import PICTORIAL, FontFile, empty_glyph
from shapes import (along, closed, cubic, curve, dot, ellipse, group, heart, leaf, line, mirrored, petal, ring,
                    rounded_box, star)
from curves import bezier

MOTIFS = {}
CENTRE = (450, 350)


def motif(key):
    """Registers a drawing under a key; the function's name is the glyph's name."""
    def register(draw):
        MOTIFS[key] = draw
        return draw
    return register


def sprig_along(path, pairs=6, length=190, width=58, angle=48, stem=17, vein=9, shrink=.45, berries=0, start=.12):
    parts = [LineString([path(t) for t in np.linspace(0, .97, 60)]).buffer(stem / 2)]
    for point, direction, t in along(path, np.linspace(start, .9, pairs)):
        size = 1 - shrink * t
        for side in (1, -1):
            parts.append(leaf(*point, length * size, width * size, direction + side * angle, vein * size))
            if berries:
                reach = np.radians(direction + side * (angle + 40))
                berry = point + np.array([np.cos(reach), np.sin(reach)]) * length * .45
                parts += [line(14, tuple(point), tuple(berry)), dot(*berry, berries)]
    point, direction, _ = next(along(path, [.96]))
    parts.append(leaf(*point, length * .75 * (1 - shrink), width * (1 - shrink * .7), direction, vein * .6))
    return unary_union(parts)


@motif("A")
def leaf_single():
    return unary_union([leaf(120, 40, 760, 300, 52, 30), curve(34, (120, 40), (80, -20), (50, -60), (20, -80))])


@motif("B")
def bee():
    body = ellipse(450, 330, 105, 190)
    stripes = unary_union([curve(46, (300, y), (400, y - 34), (500, y - 34), (600, y), cap=2) for y in (400, 300, 205)])
    wings = unary_union([petal(330, 150, 28, 500, 430), petal(250, 110, -6, 500, 400)])
    wings = unary_union([wings, mirrored(wings)])
    vein = line(18, (500, 430), (720, 545))
    frame = wings.difference(wings.buffer(-26)).union(unary_union([vein, mirrored(vein)]))
    head = dot(450, 575, 78)
    feeler = unary_union([curve(20, (415, 640), (395, 720), (350, 760), (300, 750)), dot(300, 750, 24)])
    eyes = unary_union([dot(420, 590, 14), dot(480, 590, 14)])
    return group(body.difference(stripes), unary_union([head.difference(eyes), feeler, mirrored(feeler)]),
                 frame.difference(body.buffer(16)).difference(head.buffer(12)),
                 Polygon([(426, 152), (474, 152), (450, 84)]))


@motif("C")
def candle():
    flame = closed(bezier((450, 790), (520, 700), (560, 650), (530, 590), (505, 545), (470, 540), (450, 540)),
                   bezier((450, 540), (430, 540), (395, 545), (370, 590), (340, 650), (410, 690), (450, 790))[1:-1])
    inner = translate(scale(flame, .42, .46, origin=(450, 560)), 0, 8)
    drip = curve(18, (320, 420), (380, 330), (400, 330), (420, 400), (440, 440), (470, 440), (480, 380), (490, 300),
                 (530, 300), (580, 415))
    dish = unary_union([curve(40, (200, 70), (250, 10), (650, 10), (700, 70)), rounded_box(250, -10, 650, 30, 18)])
    body = rounded_box(330, 60, 570, 470, 26)
    return group(flame.difference(inner), unary_union([body.difference(drip), line(22, (450, 460), (450, 520))]),
                 unary_union([dish, ring(745, 95, 75, 32)]).difference(body.buffer(14)))


@motif("J")
def jar():
    outside = unary_union([rounded_box(250, 0, 650, 560, 80), rounded_box(320, 470, 580, 640, 20)])
    lid = rounded_box(300, 655, 600, 760, 24).difference(
        unary_union([line(14, (x, 676), (x, 740)) for x in range(340, 590, 44)]))
    label = rounded_box(320, 170, 580, 400, 22)
    shine = curve(20, (300, 440), (300, 500), (318, 520), (340, 530))
    return group(outside.difference(outside.buffer(-32)), lid, label.difference(label.buffer(-18)), heart(450, 275, 90), shine)


@motif("H")
def heart_vine():
    """Two branches that meet in a heart; the leaves keep to the outside and clear of the dip."""
    right = cubic((450, -20), (760, 220), (900, 560), (640, 640))
    crest = cubic((640, 640), (540, 668), (470, 600), (450, 520))
    branch = [LineString([f(t) for t in np.linspace(0, 1, 60)]).buffer(11) for f in (right, crest)]
    for f, where, sides in ((right, np.linspace(.1, .98, 10), (1, -1)), (crest, [.22, .5], (-1,))):
        for point, direction, t in along(f, where):
            for side in sides:
                size = 120 if side < 0 else 96
                branch.append(leaf(*point, size, 44, direction + side * 50, 0))
    side = unary_union(branch)
    return unary_union([side, mirrored(side), heart(450, 490, 36)])


@motif("S")
def sun():
    rays = [rotate(Polygon([(640, 324), (790 if i % 2 == 0 else 720, 350), (640, 376)]).buffer(8), i * 22.5, origin=CENTRE)
            for i in range(16)]
    return group(ring(*CENTRE, 150, 30), dot(450, 350, 96).difference(dot(482, 374, 76)), *rays)


@motif("L")
def sprig():
    return sprig_along(cubic((160, -40), (330, 120), (420, 460), (640, 760)), 7, 230, 70, 46, 18, 11)


@motif("O")
def olive_branch():
    """Narrow leaves above, round fruit on short stalks below: read as an olive at a glance."""
    path = cubic((60, 150), (300, 400), (600, 470), (900, 420))
    parts = [LineString([path(t) for t in np.linspace(0, .98, 60)]).buffer(10)]
    for i, (point, direction, t) in enumerate(along(path, np.linspace(.1, .92, 7))):
        parts.append(leaf(*point, 210 - 60 * t, 46, direction + 52, 0))
        if i % 2:
            parts.append(leaf(*point, 180 - 50 * t, 42, direction - 46, 0))
        else:
            fruit = point + np.array([18, -120 + 30 * t])
            parts += [line(16, tuple(point), tuple(fruit + [0, 40])), ellipse(*fruit, 42, 56, -12).difference(
                ellipse(fruit[0] - 12, fruit[1] + 12, 9, 18, -20))]
    parts.append(leaf(*path(.97), 150, 44, 4, 0))
    return unary_union(parts)


@motif("F")
def fern():
    path = cubic((200, -60), (300, 220), (420, 520), (700, 760))
    parts = [LineString([path(t) for t in np.linspace(0, 1, 60)]).buffer(9)]
    for point, direction, t in along(path, np.linspace(.1, .97, 14)):
        size = np.sin(np.pi * min(1, t * .8 + .22))
        parts += [leaf(*point, 250 * size, 34 * size + 14, direction + side * 58) for side in (1, -1)]
    return unary_union(parts)


@motif("D")
def daisy():
    petals = []
    for i in range(12):
        toward = np.array([np.cos(i * np.pi / 6), np.sin(i * np.pi / 6)])
        crease = line(14, tuple(CENTRE + toward * 150), tuple(CENTRE + toward * 230))
        petals.append(petal(330, 100, i * 30, *CENTRE).difference(crease))
    seeds = unary_union([dot(450 + r * np.cos(2 * np.pi * k / n + r), 350 + r * np.sin(2 * np.pi * k / n + r), 13)
                         for r, n in ((0, 1), (46, 7)) for k in range(n)])
    return group(unary_union(petals).difference(dot(*CENTRE, 104)), dot(*CENTRE, 84).difference(seeds))


@motif("T")
def tulip():
    cup = closed(bezier((450, 330), (250, 330), (230, 560), (270, 740)), bezier((270, 740), (340, 700), (390, 640), (450, 760)),
                 bezier((450, 760), (510, 640), (560, 700), (630, 740)), bezier((630, 740), (670, 560), (650, 330), (450, 330))[:-1])
    fold = curve(18, (450, 760), (360, 640), (340, 500), (400, 370))
    stem = curve(30, (450, 345), (455, 200), (440, 60), (450, -80))
    side = leaf(448, -40, 480, 150, 112, 16)
    return group(unary_union([cup.difference(fold).difference(mirrored(fold)), stem, side, mirrored(side)]))


@motif("W")
def wheat():
    parts = [curve(20, (450, -80), (440, 200), (455, 500), (450, 640)), leaf(450, 690, 160, 52, 90),
             leaf(448, 20, 260, 50, 130), leaf(450, 80, 230, 46, 48)]
    for i in range(6):
        y = 200 + i * 82
        for angle, side in ((62, 1), (118, -1)):
            parts.append(leaf(450, y, 170, 50, angle))
            if i > 3:
                parts.append(line(15, (450 + side * 70, y + 130), (450 + side * 150, y + 300)))
    return unary_union(parts)


@motif("V")
def lavender():
    parts = [leaf(450, 0, 250, 44, 118), leaf(450, 20, 250, 44, 64), line(22, (392, 100), (508, 100)),
             ellipse(394, 122, 52, 24, -28), ellipse(506, 122, 52, 24, 28), line(18, (440, 100), (385, 0)),
             line(18, (460, 100), (520, 0))]
    for x, lift, lean in ((450, 0, 0), (320, -70, 60), (580, -50, -60)):
        path = cubic((450, -90), (450, 120), (x, 250), (x - lean * .6, 560 + lift))
        parts.append(LineString([path(t) for t in np.linspace(0, 1, 50)]).buffer(9))
        for point, direction, t in along(path, np.linspace(.6, 1, 6)):
            parts += [translate(rotate(ellipse(38, 0, 40, 22), direction + side, origin=(0, 0)), *point) for side in (30, -30)]
        parts.append(ellipse(path(1)[0], path(1)[1] + 38, 20, 38))
    return unary_union(parts)


@motif("Y")
def butterfly():
    upper, lower = petal(400, 210, 38, 450, 380), petal(310, 170, -46, 450, 360)
    hollow = lambda wing: wing.difference(wing.buffer(-30)).union(wing.buffer(-66))
    wings = unary_union([hollow(upper), hollow(lower.difference(upper.buffer(16)))])
    feeler = unary_union([curve(16, (458, 545), (480, 640), (540, 700), (590, 690)), dot(590, 690, 20)])
    body = unary_union([ellipse(450, 350, 30, 165), dot(450, 525, 36), feeler, mirrored(feeler)])
    wings = wings.difference(body.buffer(14))
    return group(wings, mirrored(wings), body)


@motif("M")
def moon():
    craters = unary_union([dot(240, 250, 34), dot(330, 130, 24), dot(180, 400, 22)])
    crescent = dot(430, 350, 330).difference(dot(570, 430, 270))
    return group(crescent.difference(craters), star(610, 450, 100), star(740, 620, 70), star(760, 300, 60))


@motif("N")
def mushroom():
    cap = closed(bezier((110, 330), (130, 820), (770, 820), (790, 330)), bezier((790, 330), (600, 270), (300, 270), (110, 330))[1:-1])
    spots = unary_union([ellipse(330, 560, 64, 52), ellipse(560, 600, 52, 44), ellipse(480, 430, 46, 30),
                         ellipse(690, 430, 40, 40), ellipse(215, 420, 34, 38)])
    stem = closed(bezier((360, 265), (390, 120), (330, 40), (310, -60)), bezier((310, -60), (420, -90), (500, -90), (590, -60)),
                  bezier((590, -60), (560, 40), (520, 120), (545, 265)))
    blades = [curve(20, (x, -78), (x + lean, 0), (x + lean * 1.4, 30), (x + lean * 2, 80)) for x, lean in
              ((170, -20), (230, 12), (690, 22), (640, -6))]
    return group(cap.buffer(8).difference(spots), stem.difference(cap.buffer(18)), *blades)


@motif("P")
def teapot():
    belly = unary_union([ellipse(420, 270, 290, 240), rounded_box(280, 20, 560, 60, 16)])
    spout = closed(bezier((650, 190), (760, 220), (740, 420), (860, 470)), bezier((860, 470), (840, 490), (810, 500), (780, 505)),
                   bezier((780, 505), (700, 460), (680, 400), (640, 380))).buffer(6)
    handle = ellipse(130, 300, 130, 150).difference(ellipse(135, 300, 82, 100)).difference(belly)
    flower = unary_union([petal(96, 38, i * 72 + 18, 420, 320) for i in range(5)]).difference(dot(420, 320, 24))
    rim = curve(18, (180, 470), (300, 520), (540, 520), (660, 470))
    knob = unary_union([curve(30, (262, 520), (330, 566), (510, 566), (578, 520)), dot(420, 592, 42)])
    return group(unary_union([belly, spout, handle]).difference(flower).difference(rim).difference(knob.buffer(10)), knob,
                 dot(420, 320, 15))


@motif("K")
def bow():
    loop = closed(bezier((450, 390), (330, 560), (120, 620), (100, 420)), bezier((100, 420), (90, 250), (320, 260), (450, 370)))
    loop = loop.difference(loop.buffer(-38)).union(curve(18, (430, 385), (350, 420), (280, 440), (230, 430)))
    tail = Polygon([(430, 350), (300, 40), (360, 70), (400, 10), (470, 350)]).buffer(8)
    knot = rounded_box(395, 325, 505, 440, 40)
    return group(unary_union([loop, mirrored(loop)]).difference(knot.buffer(16)),
                 unary_union([tail, mirrored(tail)]).difference(knot.buffer(16)), knot)


@motif("G")
def tag():
    outside = Polygon([(170, 60), (170, 520), (300, 650), (600, 650), (730, 520), (730, 60)]).buffer(24)
    twig = sprig_along(cubic((450, 120), (440, 220), (455, 320), (450, 430)), 4, 130, 40, 46, 15, 0)
    string = curve(20, (450, 590), (470, 740), (560, 720), (600, 800))
    return group(unary_union([outside.difference(outside.buffer(-34)), string]).difference(dot(450, 560, 30)).union(ring(450, 560, 56, 28)), twig)


@motif("R")
def wreath():
    parts = [ring(*CENTRE, 306, 20)]
    for i in range(24):
        turn = np.radians(i * 15)
        x, y = 450 + 296 * np.cos(turn), 350 + 296 * np.sin(turn)
        parts.append(leaf(x, y, 130, 42, i * 15 + 90 - 40))
        parts.append(leaf(x, y, 108, 38, i * 15 + 90 + 140) if i % 2 else dot(450 + 350 * np.cos(turn + .1), 350 + 350 * np.sin(turn + .1), 20))
        if not i % 2:
            parts.append(line(14, (x, y), (450 + 345 * np.cos(turn + .1), 350 + 345 * np.sin(turn + .1))))
    return unary_union(parts)


@motif("Q")
def square_frame():
    corners = [(x, y) for x in (60, 840) for y in (-40, 740)]
    plate = rounded_box(60, -40, 840, 740, 10).difference(unary_union([dot(x, y, 95) for x, y in corners]))
    inner = plate.buffer(-44)
    flowers = [unary_union([petal(84, 40, k * 90 + 45, x, y) for k in range(4)]).difference(dot(x, y, 15))
               for x, y in ((72, -28), (828, -28), (72, 728), (828, 728))]
    return group(plate.difference(plate.buffer(-22)), inner.difference(inner.buffer(-14)), *flowers)


@motif("X")
def divider_scroll():
    """A scroll to each side of a bud; strokes thick enough to weed at 60 mm."""
    side = unary_union([curve(22, (480, 300), (560, 430), (700, 430), (740, 340), (765, 275), (690, 235), (665, 300)),
                        dot(668, 306, 26), curve(20, (735, 330), (800, 290), (880, 290), (960, 306)), dot(975, 308, 24),
                        leaf(590, 392, 130, 46, 62), leaf(800, 300, 110, 40, -40)])
    bud = unary_union([petal(130, 60, 90, 450, 290), petal(110, 56, -90, 450, 300), petal(90, 44, 30, 455, 296), petal(90, 44, 150, 445, 296)])
    return group(unary_union([side, mirrored(side), bud]))


@motif("Z")
def divider_leaf():
    parts = [line(18, (-60, 300), (960, 300)), dot(-70, 300, 22), dot(970, 300, 22)]
    for side in (1, -1):
        for i in range(5):
            parts += [leaf(450 + side * (64 + i * 86), 300, 130 - 10 * i, 46 - 3 * i, (90 - side * 90) + k * 42 * side) for k in (1, -1)]
    return group(unary_union(parts).difference(dot(450, 300, 56)), ring(450, 300, 40, 22))


@motif("E")
def bell():
    body = closed(bezier((450, 640), (620, 640), (600, 420), (640, 270), (660, 200), (700, 170), (740, 140)), [(160, 140)],
                  bezier((160, 140), (200, 170), (240, 200), (260, 270), (300, 420), (280, 640), (450, 640))).buffer(10)
    bands = unary_union([curve(18, (250, 262), (380, 230), (520, 230), (650, 262)), curve(18, (215, 192), (370, 162), (530, 162), (685, 192))])
    side = leaf(478, 700, 240, 90, 12, 14)
    return group(body.difference(bands), dot(450, 90, 56).difference(body.buffer(14)), ring(450, 690, 46, 26), side, mirrored(side))


@motif("I")
def star_folk():
    outer, inner = star(*CENTRE, 380, .62, 8, np.pi / 8), star(*CENTRE, 250, .45, 8, np.pi / 8)
    dots = [dot(450 + 285 * np.cos(k * np.pi / 4), 350 + 285 * np.sin(k * np.pi / 4), 20) for k in range(8)]
    return group(outer.difference(outer.buffer(-30)), inner.difference(dot(*CENTRE, 60)), dot(*CENTRE, 34), *dots)


@motif("U")
def cup():
    body = closed(bezier((180, 420), (190, 120), (260, 60), (300, 50)), bezier((300, 50), (360, 40), (480, 40), (540, 50)),
                  bezier((540, 50), (580, 60), (650, 120), (660, 420))).buffer(8)
    handle = ring(680, 280, 110, 42).difference(body.buffer(-4))
    steam = [curve(26, (x, 480), (x - 70, 560), (x + 70, 600), (x, 700)) for x in (310, 420, 530)]
    rim = curve(16, (180, 372), (320, 350), (520, 350), (662, 372))
    return group(unary_union([body, handle]).difference(heart(420, 215, 84)).difference(rim),
                 curve(34, (110, 0), (260, -50), (580, -50), (730, 0)), *steam)


@motif("a")
def bunting():
    path = cubic((0, 640), (260, 480), (640, 480), (900, 640))
    parts = [LineString([path(t) for t in np.linspace(0, 1, 60)]).buffer(12)]
    for i, (point, direction, _) in enumerate(along(path, np.linspace(.1, .9, 5))):
        place = lambda s: translate(rotate(s, direction, origin=(0, 0)), *point)
        holes = [heart(0, -82, 36)] if i % 2 == 0 else [dot(0, -60 - 45 * k, 14) for k in range(3)]
        parts.append(place(Polygon([(-78, -8), (78, -8), (0, -230)]).buffer(6).difference(unary_union(holes))))
    return group(unary_union(parts))


@motif("b")
def honeycomb():
    cells = []
    for q, r in ((0, 0), (1, 0), (0, 1), (-1, 1), (-1, 0), (0, -1), (1, -1), (2, -1)):
        x, y = 380 + 157 * (q + r / 2), 340 + 136 * r
        cell = Polygon([(x + 80 * np.cos(k * np.pi / 3 + np.pi / 6), y + 80 * np.sin(k * np.pi / 3 + np.pi / 6)) for k in range(6)])
        cells.append(cell.difference(cell.buffer(-20)) if (q + 2 * r) % 3 else cell.difference(ellipse(x, y + 10, 26, 20)))
    return group(*cells)


@motif("c")
def corner_sprig():
    """Two branches from one corner, mirror images across the diagonal, with a bud in the corner."""
    branch = sprig_along(cubic((60, 700), (240, 690), (460, 720), (760, 640)), 6, 150, 52, 46, 17, 0, .35, berries=20)
    across = scale(rotate(branch, 90, origin=(60, 700)), -1, 1, origin=(60, 700))
    across = rotate(across, 180, origin=(60, 700))
    bud = unary_union([petal(150, 80, 135 + k, 100, 660) for k in (-40, 0, 40)])
    return unary_union([branch, across, dot(80, 680, 34), bud])


@motif("d")
def herb_pot():
    pot = Polygon([(240, 330), (300, -60), (600, -60), (660, 330)]).buffer(10)
    rim = rounded_box(200, 330, 700, 410, 18)
    leaves = unary_union([leaf(450, 395, length, width, angle, 12) for length, width, angle in
                          ((330, 96, 90), (300, 90, 58), (300, 90, 122), (230, 76, 28), (230, 76, 152))])
    return group(pot.difference(heart(450, 150, 80)).difference(rim.buffer(14)), rim, leaves.difference(rim.buffer(10)))


@motif("e")
def skep():
    """A straw hive: coils with gaps, a door, a stand."""
    dome = closed(bezier((200, 60), (190, 420), (300, 640), (450, 650), (600, 640), (710, 420), (700, 60)))
    gaps = unary_union([curve(18, (120, y), (300, y - 26), (600, y - 26), (780, y), cap=2) for y in (190, 320, 440, 545)])
    door = unary_union([dot(450, 110, 62), box(388, 40, 512, 110)])
    return group(dome.difference(gaps).difference(door), rounded_box(150, 10, 750, 46, 16))


@motif("f")
def honey_dipper():
    rings = [rotate(rounded_box(450 - w, y, 450 + w, y + 44, 22), -40, origin=(450, 300)) for w, y in
             ((70, 700), (104, 640), (118, 580), (118, 520), (104, 460), (70, 400))]
    core = rotate(rounded_box(424, -60, 476, 730, 24), -40, origin=(450, 300))
    drop = closed(bezier((760, 300), (800, 230), (830, 190), (760, 160), (690, 190), (720, 230), (760, 300)))
    return group(unary_union(rings + [core]), drop)


def build(folder):
    font = FontFile("Stallholder Bits", "Larch & Pail", error=1.2, min_area=60)
    font.add_glyph(".notdef", empty_glyph(), 500)
    font.add_glyph("space", empty_glyph(), 300, " ", 0xA0)
    for number, (key, draw) in enumerate(sorted(MOTIFS.items())):
        shape = draw()
        shape = translate(shape, 40 - shape.bounds[0], 0)
        font.add(draw.__name__, [shape], shape.bounds[2] + 40, key, 0xE000 + number)
    font.save(f"{folder}/StallholderBits.ttf", ascent=900, descent=-200, panose_family=PICTORIAL,
              licence="CC0 1.0 Universal: no rights reserved.")
