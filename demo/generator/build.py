#!/usr/bin/python3
"""Makes the demo fonts: build.py [--out FOLDER] [--npm FOLDER] [--every N] [NAME …]

Without names everything that needs no npm package is made. With --every N only each Nth glyph gets its
outline, which is enough to see whether they come out as they did. With --npm FOLDER (where
`npm install @expo-google-fonts/great-vibes …` was run) the four faces derived from it as well.
Needs python3-fonttools, python3-shapely, python3-scipy, hershey-fonts-data and the Debian fonts
named in derive.py. The results are committed, so nobody needs to run this to use Under Ink.
"""
import argparse
import os
import sys
from concurrent.futures import ProcessPoolExecutor

sys.path.insert(0, os.path.dirname(os.path.abspath(__file__)))

import derive  # noqa: E402
import decorative  # noqa: E402
import motifs  # noqa: E402
import scripts  # noqa: E402
from fontfile import FontFile  # noqa: E402

HERE = os.path.dirname(os.path.abspath(__file__))


def makers(npm_folder):
    out = {key: lambda folder, k=key: scripts.build(k, folder) for key in scripts.FACES}
    out.update({key: lambda folder, k=key: decorative.build(k, folder) for key in decorative.FACES})
    out["StallholderBits"] = lambda folder: motifs.build(folder)
    for key, recipe in derive.RECIPES.items():
        if npm_folder or not recipe.from_npm:
            out[key] = lambda folder, k=key: derive.build(k, folder, npm_folder)
    return out


def make(name, npm_folder, out, every):
    FontFile.every = every
    makers(npm_folder)[name](out)
    return name


def main():
    arguments = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    arguments.add_argument("--out", default=os.path.join(HERE, "..", "fonts"))
    arguments.add_argument("--npm")
    arguments.add_argument("--every", type=int, default=1)
    arguments.add_argument("names", nargs="*")
    options = arguments.parse_args()
    available = makers(options.npm)
    os.makedirs(options.out, exist_ok=True)
    names = options.names or list(available)
    for name in names:
        if name not in available:
            sys.exit(f"build.py: no font is called {name}; there are {', '.join(available)}")
    with ProcessPoolExecutor() as pool:
        for name in pool.map(make, names, [options.npm] * len(names), [options.out] * len(names),
                             [options.every] * len(names)):
            print(f"made {name}", flush=True)


if __name__ == "__main__":
    main()
