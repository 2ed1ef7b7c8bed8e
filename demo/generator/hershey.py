"""Reads the Hershey stroke alphabets (Debian: hershey-fonts-data).

The glyph data were created by Dr. A. V. Hershey at the U. S. National Bureau of Standards and
distributed by the U. S. National Technical Information Service; the format is James Hurt's. That
acknowledgement has to travel with everything made from them (name ID 0 and demo/fonts/CREDITS.md).
"""
from dataclasses import dataclass, field

FOLDER = "/usr/share/hershey-fonts/"
# Hershey's baseline lies 9 steps below the middle that the data count from.
BASELINE = 9


@dataclass
class Skeleton:
    """Strokes of one character in Hershey steps, y up from the baseline, x from the left bearing."""
    width: float
    strokes: list = field(default_factory=list)


def load(name):
    """Character to Skeleton for the printable ASCII characters of one alphabet."""
    lines = open(FOLDER + name, encoding="ascii").read().split("\n")
    alphabet, at = {}, 0
    while at < len(lines):
        line = lines[at]
        at += 1
        if not line.strip():
            continue
        count, body = int(line[5:8]), line[8:]
        while len(body) < 2 * count:
            body += lines[at]
            at += 1
        value = lambda i: ord(body[i]) - ord("R")
        left, right = value(0), value(1)
        strokes, stroke = [], []
        for pair in range(1, count):
            if body[2 * pair:2 * pair + 2] == " R":
                strokes.append(stroke)
                stroke = []
            else:
                stroke.append((value(2 * pair) - left, BASELINE - value(2 * pair + 1)))
        strokes.append(stroke)
        alphabet[chr(32 + len(alphabet))] = Skeleton(right - left, [s for s in strokes if s])
    return alphabet
