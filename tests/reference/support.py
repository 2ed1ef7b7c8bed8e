"""What the reference tests share: the program under test, the fonts, and a Qt-free way to run it."""
import json
import os
import subprocess
import sys
from pathlib import Path

UINK = os.environ.get("UINK") or sys.exit("UINK is not set to the program under test")
ROOT = Path(__file__).resolve().parents[2]
DEMO = ROOT / "demo" / "fonts"
DEBIAN = Path("/usr/share/fonts")


def debian(path):
    """A font of a Debian package; its absence is a failure, never a skip."""
    font = DEBIAN / path
    if not font.exists():
        raise FileNotFoundError(f"{font}: tools/packages.txt should have installed it")
    return str(font)


def run(*arguments, **options):
    return subprocess.run([UINK, *map(str, arguments)], capture_output=True, text=True, timeout=60, **options)


def weld(font, text, *arguments):
    done = run("weld", "--font", font, "--text", text, *arguments, "--report", "-")
    if done.returncode != 0:
        raise AssertionError(done.stderr)
    return json.loads(done.stdout)


def shape(font, text, *arguments):
    done = run("shape", "--font", font, "--text", text, "--outlines", *arguments)
    if done.returncode != 0:
        raise AssertionError(done.stderr)
    return json.loads(done.stdout)
