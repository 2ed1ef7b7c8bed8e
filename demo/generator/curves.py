"""Polylines of points: Béziers sampled, joined, smoothed, resampled. Arrays of shape (n, 2), font units."""
import numpy as np
from scipy.interpolate import splev, splprep


def unit(vector):
    size = np.linalg.norm(vector)
    return vector / size if size else vector


def bezier(*points, n=40):
    """Chained cubic Béziers through points 0, 3, 6, …; handles between."""
    points = [np.array(p, float) for p in points]
    t = np.linspace(0, 1, n)[:, None]
    out = []
    for i in range(0, len(points) - 1, 3):
        a, b, c, d = points[i:i + 4]
        curve = (1 - t) ** 3 * a + 3 * (1 - t) ** 2 * t * b + 3 * (1 - t) * t * t * c + t ** 3 * d
        out.append(curve if i == 0 else curve[1:])
    return np.vstack(out)


def cumulative(points):
    return np.r_[0, np.cumsum(np.linalg.norm(np.diff(points, axis=0), axis=1))]


def resample(points, step):
    s = cumulative(points)
    if s[-1] < step:
        return points
    at = np.linspace(0, s[-1], max(4, int(s[-1] / step)))
    return np.c_[np.interp(at, s, points[:, 0]), np.interp(at, s, points[:, 1])]


def gaussian(values, reach):
    weight = np.hanning(2 * reach + 3)[1:-1]
    return np.convolve(np.pad(values, reach, mode="edge"), weight / weight.sum(), "valid")


def end_direction(points, at_start=False, arm=25):
    """Direction in which the polyline leaves its end (or its start, outwards)."""
    points = resample(points, 3.0)
    k = min(len(points) - 1, max(2, int(arm / 3)))
    return unit(points[0] - points[k]) if at_start else unit(points[-1] - points[-1 - k])


def joined(first, second, blend=46.0):
    """Two polylines end to end; around the joint both give way, so that no kink stays."""
    line = resample(np.vstack([first, second[1:]]), 4.0)
    s = cumulative(line)
    joint = cumulative(resample(first, 4.0))[-1]
    soft = line.copy()
    for axis in (0, 1):
        soft[:, axis] = gaussian(line[:, axis], 9)
    share = np.clip(1 - np.abs(s - joint) / blend, 0, 1)[:, None]
    share[0] = share[-1] = 0
    return line * (1 - share) + soft * share


def smoothed(points, slack):
    """Hershey's coarse polylines as smooth curves; corners sharper than 72 degrees stay corners."""
    points = np.array(points, float)
    points = points[np.r_[True, np.any(np.diff(points, axis=0) != 0, axis=1)]]
    if len(points) == 1:
        return points
    directions = np.degrees(np.arctan2(*np.diff(points, axis=0).T[::-1]))
    turns = np.abs((np.diff(directions) + 180) % 360 - 180)
    corners = [0] + [i + 1 for i in range(len(turns)) if turns[i] > 72] + [len(points) - 1]
    out = None
    for first, last in zip(corners, corners[1:]):
        part = _dense(points[first:last + 1]) if last - first > 1 else points[first:last + 1]
        if len(part) == 2:
            curve = part[0] + (part[1] - part[0]) * np.linspace(0, 1, 30)[:, None]
        else:
            weight = np.ones(len(part))
            weight[0] = weight[-1] = 40
            give = slack * len(part) if len(part) > 4 else 0.0
            spline, _ = splprep(part.T, w=weight, s=give, k=min(3, len(part) - 1))
            curve = np.array(splev(np.linspace(0, 1, len(part) * 22), spline)).T
        out = curve if out is None else np.vstack([out, curve[1:]])
    return out


def _dense(points):
    """Long straight stretches get points of their own, or the spline would bulge there."""
    out = [points[0]]
    for a, b in zip(points, points[1:]):
        gap = np.linalg.norm(b - a)
        extra = int(gap // 3) if gap > 4.5 else 0
        out += [a + (b - a) * i / (extra + 1) for i in range(1, extra + 1)] + [b]
    return np.array(out)
