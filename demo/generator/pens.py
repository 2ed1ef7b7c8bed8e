"""Pens: a polyline and a pen give the shape that the pen leaves (shapely polygons, font units)."""
from dataclasses import dataclass

import numpy as np
from shapely.geometry import LineString
from shapely.ops import unary_union

from curves import gaussian, resample


def _hull(one, other):
    # Of a line through the points: shapely makes an object of each point of a MultiPoint.
    return LineString(np.vstack([one, other])).convex_hull


@dataclass
class RoundPen:
    """The same width everywhere, round ends."""
    width: float

    def draw(self, line):
        return LineString(resample(line, 5.0)).buffer(self.width / 2, resolution=16)


@dataclass
class BroadNib:
    """A flat nib held at an angle: an ellipse swept along the line."""
    width: float
    thin: float
    angle_deg: float

    def draw(self, line):
        line = resample(line, 8.0)
        angle, around = np.radians(self.angle_deg), np.linspace(0, 2 * np.pi, 28, endpoint=False)
        turn = np.array([[np.cos(angle), np.sin(angle)], [-np.sin(angle), np.cos(angle)]])
        nib = np.c_[self.width / 2 * np.cos(around), self.thin / 2 * np.sin(around)] @ turn
        hulls = [_hull(nib + a, nib + b) for a, b in zip(line, line[1:])]
        return unary_union(hulls).buffer(0.6).buffer(-0.6)


@dataclass
class PressurePen:
    """A pointed pen: wide on the way down, a hairline on the way up, tapered ends."""
    width: float
    thin: float
    lean_deg: float = 12.0
    taper: float = 46.0

    def draw(self, line):
        around = np.linspace(0, 2 * np.pi, 40, endpoint=False)
        disc = np.c_[np.cos(around), np.sin(around)]
        line = resample(line, 5.0)
        direction = np.gradient(line, axis=0)
        direction /= np.maximum(np.linalg.norm(direction, axis=1), 1e-9)[:, None]
        lean = np.radians(self.lean_deg)
        down = np.clip(-(direction[:, 1] * np.cos(lean) + direction[:, 0] * np.sin(lean)), 0, 1)
        width = self.thin + (self.width - self.thin) * gaussian(down ** 1.35, 7)
        s = np.r_[0, np.cumsum(np.linalg.norm(np.diff(line, axis=0), axis=1))]
        ends = np.minimum(np.minimum(s, s[-1] - s) / self.taper, 1.0)
        # The last stretch narrows, but never below the hairline: the knife has to hold it.
        width = np.maximum(width * (0.62 + 0.38 * np.sin(ends * np.pi / 2)), self.thin)
        width = gaussian(width, 5)
        discs = [p + disc * (w / 2) for p, w in zip(line, width)]
        hulls = [_hull(a, b) for a, b in zip(discs, discs[1:])]
        return unary_union(hulls).buffer(0.6).buffer(-0.6)
