#!/usr/bin/python3
"""The handbook against the program: pages, pictures and keys it names are there, and what it quotes is what the window says."""
import re
import unittest
import xml.etree.ElementTree as ET
from pathlib import Path

ROOT = Path(__file__).resolve().parents[2]
HANDBOOK = ROOT / "docs" / "handbook"
PAGES = sorted(HANDBOOK.glob("*.md"))


class Handbook(unittest.TestCase):
    def test_links_and_pictures_lead_somewhere(self):
        reached = {"index.md"}
        for page in PAGES:
            for target in re.findall(r"\]\(([^)]+)\)", page.read_text(encoding="utf-8")):
                self.assertTrue((HANDBOOK / target).exists(), f"{page.name}: {target}")
                reached.add(target)
        self.assertEqual({page.name for page in PAGES} - reached, set(), "pages nobody leads to")

    def test_what_is_quoted_is_what_the_window_says(self):
        sentences = [m.findtext("source") for m in ET.parse(ROOT / "translations" / "under-ink_de.ts").iter("message")]
        quoted = 0
        for page in PAGES:
            for words in re.findall(r"(?<![*\w])\*([^*\n]+(?:\n[^*\n]+)?)\*(?![*\w])", page.read_text(encoding="utf-8")):
                words = words.replace("\n", " ").replace(" …", "").rstrip("…").strip()
                quoted += 1
                self.assertTrue(any(words.lower() in s.lower() for s in sentences), f"{page.name}: {words}")
        self.assertGreater(quoted, 40)

    def test_keys_are_those_of_the_window(self):
        source = "\n".join(p.read_text(encoding="utf-8") for p in (ROOT / "src" / "ui").rglob("*.cpp"))
        names = {"Ctrl": "Qt::CTRL", "Alt": "Qt::ALT", "Shift": "Qt::SHIFT", "Enter": "Qt::Key_Return", "Up": "Qt::Key_Up", "Down": "Qt::Key_Down"}
        standard = {"Ctrl+Z": "QKeySequence::Undo", "Ctrl+S": "QKeySequence::Save", "Ctrl+O": "QKeySequence::Open", "F1": "QKeySequence::HelpContents",
                    "Alt+1": "Qt::Key_1 + place", "Alt+5": "Qt::Key_1 + place", "Alt+0": "Qt::Key_0", "Ctrl+1": "Qt::Key_1"}
        keys = set()
        for page in PAGES:
            keys |= set(re.findall(r"\b(?:(?:Ctrl|Alt|Shift)\+)+(?:[A-Z0-9]\b|Up|Down|Enter)|\bF1\b", page.read_text(encoding="utf-8")))
        self.assertGreater(len(keys), 14)
        for key in keys:
            parts = [names.get(p, f"Qt::Key_{p}") for p in key.split("+")]
            wanted = standard.get(key, " | ".join(parts))
            self.assertTrue(wanted in source, key)


if __name__ == "__main__":
    unittest.main()
