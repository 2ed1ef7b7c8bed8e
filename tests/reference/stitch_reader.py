"""DST and EXP read from their description alone (docs/formats/stitch-files.md): nothing of Under Ink takes part."""
import math

import numpy

UNIT = 0.1
BITS = (  # byte, bit, axis, amount
    (0, 7, "y", 1), (0, 6, "y", -1), (0, 5, "y", 9), (0, 4, "y", -9), (0, 3, "x", -9), (0, 2, "x", 9), (0, 1, "x", -1), (0, 0, "x", 1),
    (1, 7, "y", 3), (1, 6, "y", -3), (1, 5, "y", 27), (1, 4, "y", -27), (1, 3, "x", -27), (1, 2, "x", 27), (1, 1, "x", -3), (1, 0, "x", 3),
    (2, 5, "y", 81), (2, 4, "y", -81), (2, 3, "x", -81), (2, 2, "x", 81))


def read_dst(data):
    """[(kind, x mm, y mm)], kind s(titch), j(ump) or c(olour), and the header's fields."""
    head = {}
    for field in data[:512].split(b"\x1a")[0].decode("ascii").split("\r"):
        if ":" in field:
            name, value = field.split(":", 1)
            head[name] = value
    steps, x, y, at = [], 0, 0, 512
    while True:
        record = data[at:at + 3]
        if len(record) < 3:
            raise ValueError("no end")
        at += 3
        if record == b"\x00\x00\xf3":
            break
        if record[2] & 3 != 3:
            raise ValueError(f"no record: {record!r}")
        for byte, bit, axis, amount in BITS:
            if record[byte] >> bit & 1:
                x, y = (x + amount, y) if axis == "x" else (x, y + amount)
        kind = "c" if record[2] & 0x40 else "j" if record[2] & 0x80 else "s"
        steps.append((kind, x * UNIT, y * UNIT))
    if at != len(data):
        raise ValueError("something follows the end")
    return steps, head


def read_exp(data):
    steps, x, y, at = [], 0, 0, 0
    signed = lambda b: b - 256 if b > 127 else b
    while at < len(data):
        kind = "s"
        if data[at] == 0x80:
            kind = {1: "c", 4: "j"}[data[at + 1]]
            at += 2
        x, y, at = x + signed(data[at]), y + signed(data[at + 1]), at + 2
        steps.append((kind, x * UNIT, y * UNIT))
    return steps


def threads(steps):
    """Stitches as ((x, y), (x, y)), and how often the thread is cut (three jumps or more in a row, after the first stitch)."""
    out, trims, jumps, last = [], 0, 0, None
    for kind, x, y in steps:
        if kind == "s":
            if jumps >= 3 and out:
                trims += 1
            if last is not None and jumps == 0:
                out.append((last, (x, y)))
            jumps = 0
        elif kind == "j":
            jumps += 1
        else:
            jumps = 0
        last = (x, y)
    return out, trims


def raster(stitches, box, dots_mm=10, width=0.4):
    """Layers of thread, place by place; y upwards."""
    x0, y0, x1, y1 = box
    w, h = int(math.ceil((x1 - x0) * dots_mm)), int(math.ceil((y1 - y0) * dots_mm))
    layers = numpy.zeros((h, w), numpy.int16)
    half = width / 2
    for (ax, ay), (bx, by) in stitches:
        c0, c1 = int(max(0, (min(ax, bx) - half - x0) * dots_mm)), int(min(w, (max(ax, bx) + half - x0) * dots_mm + 1))
        r0, r1 = int(max(0, (min(ay, by) - half - y0) * dots_mm)), int(min(h, (max(ay, by) + half - y0) * dots_mm + 1))
        if c0 >= c1 or r0 >= r1:
            continue
        gx = (numpy.arange(c0, c1) + 0.5) / dots_mm + x0
        gy = ((numpy.arange(r0, r1) + 0.5) / dots_mm + y0)[:, None]
        dx, dy = bx - ax, by - ay
        l2 = dx * dx + dy * dy
        t = numpy.clip(((gx - ax) * dx + (gy - ay) * dy) / l2, 0, 1) if l2 else 0
        layers[r0:r1, c0:c1] += (gx - ax - t * dx) ** 2 + (gy - ay - t * dy) ** 2 <= half * half
    return layers
