#!/usr/bin/python3
"""Draws the two pictures of lettering that the demo offers to match: a label photographed at an angle, and a screenshot with
swashes. Both words are set in fonts of the demo, by Pillow.

    pictures.py [FOLDER]        default: demo/pictures
"""
import sys
from pathlib import Path

import numpy
from PIL import Image, ImageDraw, ImageFilter, ImageFont

HERE = Path(__file__).resolve().parent
FONTS = HERE.parent / "fonts"


def board(width, height, seed):
    """Planks: long soft grain, darker at the seams."""
    random = numpy.random.default_rng(seed)
    grain = random.normal(0, 1, (height // 3 + 2, width // 90 + 2))
    grain = numpy.asarray(Image.fromarray((grain * 30 + 128).clip(0, 255).astype("uint8")).resize((width, height), Image.BICUBIC), float)
    fine = random.normal(0, 4, (height, width))
    tone = 0.35 * (grain - 128) + fine
    for seam in range(90, height, 190):
        tone[seam - 2:seam + 2] -= 55
    colour = numpy.array([150, 112, 78], float)
    return Image.fromarray((colour + tone[..., None]).clip(0, 255).astype("uint8"))


def seen(picture, onto, corners):
    """The picture with its corners at these places of another one."""
    width, height = picture.size
    rows, right = [], []
    for (u, v), (x, y) in zip([(0, 0), (width, 0), (width, height), (0, height)], corners):
        rows += [[x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]]
        right += [u, v]
    way = numpy.linalg.solve(numpy.array(rows, float), numpy.array(right, float))
    turned = picture.transform(onto.size, Image.PERSPECTIVE, way, Image.BICUBIC)
    mask = Image.new("L", picture.size, 255).transform(onto.size, Image.PERSPECTIVE, way, Image.BICUBIC)
    shadow = Image.new("RGB", onto.size, (60, 42, 30))
    onto.paste(shadow, (7, 9), mask.filter(ImageFilter.GaussianBlur(8)).point(lambda v: v // 2))
    onto.paste(turned, (0, 0), mask)
    return onto


def label(path):
    paper = Image.new("RGB", (900, 420), (240, 231, 212))
    draw = ImageDraw.Draw(paper)
    draw.rectangle((18, 18, 881, 401), outline=(120, 60, 52), width=4)
    font = ImageFont.truetype(str(FONTS / "QuillbrookScript.ttf"), 230)
    left, top, right, bottom = font.getbbox("Bramble", anchor="ls")
    draw.text(((900 - right + left) / 2 - left, 210 - (top + bottom) / 2), "Bramble", (112, 32, 40), font, anchor="ls")
    photo = seen(paper, board(1200, 800, 3), [(210, 190), (1010, 270), (985, 610), (180, 640)])
    light = numpy.linspace(1.06, 0.8, 1200)[None, :, None]
    values = numpy.asarray(photo.filter(ImageFilter.GaussianBlur(0.8)), float) * light
    values += numpy.random.default_rng(4).normal(0, 4, (800, 1200, 1))
    Image.fromarray(values.clip(0, 255).astype("uint8")).save(path, "JPEG", quality=86)


def screenshot(path):
    font = ImageFont.truetype(str(FONTS / "HartsorrelScript.ttf"), 150)
    picture = Image.new("RGB", (860, 360), (38, 70, 72))
    ImageDraw.Draw(picture).text((90, 220), "Honey", (245, 240, 226), font, anchor="ls", features=["swsh"])
    picture.save(path)


if __name__ == "__main__":
    folder = Path(sys.argv[1]) if len(sys.argv) > 1 else HERE.parent / "pictures"
    folder.mkdir(parents=True, exist_ok=True)
    label(folder / "label.jpg")
    screenshot(folder / "screenshot.png")
