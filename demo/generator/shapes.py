"""Small shapes that pictures are put together from (shapely, 1000 units to the em, y up)."""
import numpy as np
from shapely.affinity import rotate, scale, translate
from shapely.geometry import LineString, MultiPolygon, Point, Polygon, box

from curves import bezier


def dot(x, y, radius):
    return Point(x, y).buffer(radius, resolution=24)


def ring(x, y, radius, width):
    return dot(x, y, radius).difference(dot(x, y, radius - width))


def ellipse(x, y, a, b, angle_deg=0):
    return translate(rotate(scale(dot(0, 0, 1), a, b, origin=(0, 0)), angle_deg, origin=(0, 0)), x, y)


def curve(width, *points, cap=1):
    return LineString(bezier(*points)).buffer(width / 2, resolution=16, cap_style=cap)


def line(width, *points, cap=1, join=1):
    return LineString(points).buffer(width / 2, resolution=16, cap_style=cap, join_style=join)


def closed(*parts):
    return Polygon(np.vstack([np.array(p, float) for p in parts])).buffer(0)


def leaf(x, y, length, width, angle_deg, vein=0.0, tip=0.55):
    upper = bezier((0, 0), (length * .25, width * .9), (length * (tip + .15), width * .75), (length, 0))
    lower = bezier((length, 0), (length * (tip + .15), -width * .55), (length * .25, -width * .8), (0, 0))
    shape = closed(upper, lower[1:-1])
    if vein:
        out = bezier((length * .06, -vein * .2), (length * .35, vein * .7), (length * .6, vein * .5), (length * .82, 0))
        back = bezier((length * .82, 0), (length * .6, -vein * .2), (length * .35, -vein * .1), (length * .06, -vein * .2))
        shape = shape.difference(closed(out, back[1:-1]))
    return translate(rotate(shape, angle_deg, origin=(0, 0)), x, y)


def petal(length, width, angle_deg, x=0, y=0):
    half = bezier((0, 0), (length * .2, width * .7), (length * .9, width * .9), (length, 0))
    other = half[::-1] * [1, -1]
    return translate(rotate(closed(half, other[1:-1]), angle_deg, origin=(0, 0)), x, y)


def rounded_box(x0, y0, x1, y1, radius):
    return box(x0 + radius, y0 + radius, x1 - radius, y1 - radius).buffer(radius, resolution=12)


def mirrored(shape, x=450):
    return scale(shape, -1, 1, origin=(x, 0))


def heart(x, y, size):
    half = bezier((0, -1), (-.35, -.65), (-1.05, -.2), (-1.02, .32), (-1, .86), (-.3, 1), (0, .45))
    shape = closed(half, (half[::-1] * [-1, 1])[1:-1])
    return translate(scale(shape, size, size, origin=(0, 0)), x, y)


def star(x, y, radius, waist=.34, points=4, turn=np.pi / 2):
    corners = [(x + (radius if k % 2 == 0 else radius * waist) * np.cos(k * np.pi / points + turn),
                y + (radius if k % 2 == 0 else radius * waist) * np.sin(k * np.pi / points + turn)) for k in range(2 * points)]
    return Polygon(corners)


def cubic(p0, p1, p2, p3):
    p = [np.array(q, float) for q in (p0, p1, p2, p3)]
    return lambda t: (1 - t) ** 3 * p[0] + 3 * (1 - t) ** 2 * t * p[1] + 3 * (1 - t) * t * t * p[2] + t ** 3 * p[3]


def along(path, parameters):
    """(point, direction in degrees, t) at each parameter of a curve."""
    for t in parameters:
        here, ahead = path(t), path(t + .01)
        yield here, np.degrees(np.arctan2(*(ahead - here)[::-1])), t


def group(*shapes):
    """Shapes that stay apart; crumbs left by cutting are dropped."""
    parts = [p for s in shapes for p in getattr(s, "geoms", [s]) if p.geom_type == "Polygon" and p.area > 60]
    return MultiPolygon(parts)
