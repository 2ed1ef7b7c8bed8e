"""Polygons back to curves: corners found, the stretches between them fitted with cubics.

Source: P. J. Schneider, "An algorithm for automatically fitting digitized curves", Graphics Gems, 1990.
"""
import math

import numpy as np
from shapely.geometry import LineString, Polygon

from curves import cumulative, unit


def draw(pen, shapes, error=1.6, min_area=25):
    """Draws each polygon on its own, so that overlaps stay, as a type designer leaves them.
    TrueType direction: outer rings clockwise."""
    for shape in shapes:
        for polygon in getattr(shape, "geoms", [shape]):
            if polygon.is_empty or polygon.geom_type != "Polygon" or polygon.area < min_area:
                continue
            for number, ring in enumerate([polygon.exterior, *polygon.interiors]):
                coordinates = list(ring.coords)
                if Polygon(coordinates).area < min_area:
                    continue
                if (number == 0) == ring.is_ccw:
                    coordinates = coordinates[::-1]
                _draw_ring(pen, ring_to_segments(coordinates, error))


def _draw_ring(pen, segments):
    if not segments:
        return
    pen.moveTo(tuple(segments[0][0]))
    for segment in segments:
        if len(segment) == 2:
            pen.lineTo(tuple(segment[1]))
        else:
            pen.curveTo(*[tuple(p) for p in segment[1:]])
    pen.closePath()


def ring_to_segments(coordinates, error=1.6, corner_deg=38, step=7):
    """Segments of 2 (line) or 4 (cubic) points around a closed ring."""
    ring = np.round(np.array(coordinates, float), 3)  # noise of the last digits ends here
    if not np.array_equal(ring[0], ring[-1]):
        ring = np.vstack([ring, ring[:1]])
    s = cumulative(ring)
    around = s[-1]
    if around < 12:
        return []

    def at(distance):
        distance = np.asarray(distance) % around
        return np.stack([np.interp(distance, s, ring[:, 0]), np.interp(distance, s, ring[:, 1])], axis=-1)

    corners = _corners(ring[:-1], s[:-1], at, around, corner_deg)
    is_smooth = not corners
    corners = corners or [0.0]
    segments = []
    for here, there in zip(corners, corners[1:] + [corners[0] + around]):
        count = max(3, int(round((there - here) / step)) + 1)
        points = at(np.linspace(here, there, count))
        if is_smooth:
            start = unit(at(here + 4) - at(here - 4))
            end = -start
        else:
            arm = min(5, (there - here) / 3)
            start, end = unit(at(here + arm) - points[0]), unit(at(there - arm) - points[-1])
        if LineString([points[0], points[-1]]).hausdorff_distance(LineString(points)) < 0.8:
            segments.append((points[0], points[-1]))
        else:
            segments += _fit(points, start, end, error)
    return segments


def _corners(points, s, at, around, corner_deg):
    arm = min(9.0, around / 12)
    before, after = points - at(s - arm), at(s + arm) - points
    cosine = np.sum(before * after, axis=1) / np.maximum(
        np.linalg.norm(before, axis=1) * np.linalg.norm(after, axis=1), 1e-9)
    angle = np.degrees(np.arccos(np.clip(cosine, -1, 1)))
    chosen = []
    for i in sorted(np.nonzero(angle > corner_deg)[0], key=lambda k: (-round(angle[k], 4), k)):
        if all(min(abs(s[i] - c), around - abs(s[i] - c)) > arm * 1.6 for c in chosen):
            chosen.append(s[i])
    return sorted(chosen)


def _fit(points, start, end, error):
    if len(points) == 2:
        third = np.linalg.norm(points[1] - points[0]) / 3
        return [(points[0], points[0] + start * third, points[1] + end * third, points[1])]
    s = cumulative(points)
    u = s / s[-1]
    for _ in range(5):
        curve = _least_squares(points, u, start, end)
        off = _value(curve, u) - points
        squared = np.einsum("ij,ij->i", off, off)
        worst = first_largest(squared)
        if squared[worst] < error * error:
            return [tuple(curve)]
        if squared[worst] > 40 * error * error:
            break
        u = _reparameterised(curve, u, off)
    worst = min(max(worst, 1), len(points) - 2)
    back, ahead = max(0, worst - 3), min(len(points) - 1, worst + 3)
    tangent = unit(points[back] - points[ahead])
    return _fit(points[:worst + 1], start, tangent, error) + _fit(points[worst:], -tangent, end, error)


def first_largest(values):
    """Index of the largest value; of several that differ only by rounding noise the first, so that every
    machine splits a symmetric shape at the same place."""
    return int(np.argmax(values >= values.max() * (1 - 1e-6)))


def _value(curve, t):
    t = t[:, None]
    k = 1 - t
    return k ** 3 * curve[0] + 3 * k * k * t * curve[1] + 3 * k * t * t * curve[2] + t ** 3 * curve[3]


def _least_squares(points, u, start, end):
    b0, b1, b2, b3 = (1 - u) ** 3, 3 * u * (1 - u) ** 2, 3 * u * u * (1 - u), u ** 3
    a1, a2 = start[None] * b1[:, None], end[None] * b2[:, None]
    matrix = np.array([[np.sum(a1 * a1), np.sum(a1 * a2)], [np.sum(a1 * a2), np.sum(a2 * a2)]])
    rest = points - (points[0] * (b0 + b1)[:, None] + points[-1] * (b2 + b3)[:, None])
    chord = math.dist(points[0], points[-1])
    first = second = chord / 3
    if abs(np.linalg.det(matrix)) > 1e-9:
        first, second = np.linalg.solve(matrix, [np.sum(a1 * rest), np.sum(a2 * rest)])
    if not (1e-3 * chord < first < 3 * chord and 1e-3 * chord < second < 3 * chord):
        first = second = chord / 3
    return np.array([points[0], points[0] + start * first, points[-1] + end * second, points[-1]])


def _reparameterised(curve, u, off):
    """One Newton step towards the parameter of the nearest point."""
    first = 3 * (curve[1:] - curve[:-1])
    second = 2 * (first[1:] - first[:-1])
    t, k = u[:, None], 1 - u[:, None]
    d1 = k * k * first[0] + 2 * t * k * first[1] + t * t * first[2]
    d2 = k * second[0] + t * second[1]
    top = np.einsum("ij,ij->i", off, d1)
    bottom = np.einsum("ij,ij->i", d1, d1) + np.einsum("ij,ij->i", off, d2)
    step = np.where(np.abs(bottom) > 1e-9, top / np.where(bottom == 0, 1, bottom), 0)
    return np.maximum.accumulate(np.clip(u - step, 0, 1))
