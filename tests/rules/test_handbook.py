#!/usr/bin/python3
"""The handbook against the program, in each of its languages: pages, pictures and keys it names are there, and what it quotes is what the window says."""
import re
import unittest
import xml.etree.ElementTree as ET
from pathlib import Path

ROOT = Path(__file__).resolve().parents[2]
HANDBOOK = ROOT / "docs" / "handbook"
PAGES = sorted(HANDBOOK.glob("*.md"))
LANGUAGES = sorted(p.stem.removeprefix("under-ink_") for p in (ROOT / "translations").glob("under-ink_*.ts") if "_en" not in p.stem)
# How each language calls the keys, as Qt does.
KEYS = {
    "de": {"Strg": "Ctrl", "Umschalt": "Shift", "Eingabe": "Enter", "Auf": "Up", "Ab": "Down"},
    "fr": {"Maj": "Shift", "Entrée": "Enter", "Haut": "Up", "Bas": "Down"},
}
KEY = re.compile(r"\b(?:(?:Ctrl|Alt|Shift)\+)+(?:[A-Z0-9]\b|Up|Down|Enter)|\bF1\b")


def read(page):
    return page.read_text(encoding="utf-8")


def targets(page):
    return re.findall(r"\]\(([^)]+)\)", read(page))


def keys(page, names=()):
    words = read(page)
    for there, here in dict(names).items():
        words = re.sub(rf"(?<=\+){there}\b|\b{there}(?=\+)", here, words)
    return set(KEY.findall(words))


def quotes(page):
    for words in re.findall(r"(?<![*\w])\*([^*\n]+(?:\n[^*\n]+)?)\*(?![*\w])", read(page)):
        yield re.sub(r"\s+", " ", words).replace(" …", "").rstrip("…").strip()


def sentences(language):
    for message in ET.parse(ROOT / "translations" / f"under-ink_{language}.ts").iter("message"):
        told = message.find("translation")
        for form in [told, *told.iter("numerusform")]:
            yield re.sub(r"\s+", " ", form.text or "")


class Handbook(unittest.TestCase):
    def test_links_and_pictures_lead_somewhere(self):
        reached = {"index.md"}
        for page in PAGES:
            for target in targets(page):
                self.assertTrue((HANDBOOK / target).exists(), f"{page.name}: {target}")
                reached.add(target)
        self.assertEqual({page.name for page in PAGES} - reached, set(), "pages nobody leads to")

    def test_what_is_quoted_is_what_the_window_says(self):
        sources = [m.findtext("source").lower() for m in ET.parse(ROOT / "translations" / "under-ink_de.ts").iter("message")]
        quoted = 0
        for page in PAGES:
            for words in quotes(page):
                quoted += 1
                self.assertTrue(any(words.lower() in s for s in sources), f"{page.name}: {words}")
        self.assertGreater(quoted, 40)

    def test_each_language_has_every_page_with_the_same_links_keys_and_quotes(self):
        self.assertEqual(sorted(KEYS), LANGUAGES)
        for language in LANGUAGES:
            said = [s.lower() for s in sentences(language)]
            folder = HANDBOOK / language
            self.assertEqual({p.name for p in folder.glob("*.md")}, {p.name for p in PAGES}, language)
            for page in PAGES:
                there = folder / page.name
                where = f"{language}/{page.name}"
                for target in targets(there):
                    self.assertTrue((folder / target).exists(), f"{where}: {target}")
                self.assertEqual(sorted(t.replace("../", "") for t in targets(there)), sorted(t.replace("../", "") for t in targets(page)), where)
                self.assertEqual(keys(there, KEYS[language]), keys(page), where)
                self.assertEqual(len(list(quotes(there))), len(list(quotes(page))), f"{where}: as many quotes")
                for words in quotes(there):
                    self.assertTrue(any(words.lower() in s for s in said), f"{where}: {words}")

    def test_keys_are_those_of_the_window(self):
        source = "\n".join(read(p) for p in (ROOT / "src" / "ui").rglob("*.cpp"))
        names = {"Ctrl": "Qt::CTRL", "Alt": "Qt::ALT", "Shift": "Qt::SHIFT", "Enter": "Qt::Key_Return", "Up": "Qt::Key_Up", "Down": "Qt::Key_Down"}
        standard = {"Ctrl+Z": "QKeySequence::Undo", "Ctrl+S": "QKeySequence::Save", "Ctrl+O": "QKeySequence::Open", "F1": "QKeySequence::HelpContents",
                    "Alt+1": "Qt::Key_1 + place", "Alt+5": "Qt::Key_1 + place", "Alt+0": "Qt::Key_0", "Ctrl+1": "Qt::Key_1"}
        named = set().union(*(keys(page) for page in PAGES))
        self.assertGreater(len(named), 14)
        for key in named:
            parts = [names.get(p, f"Qt::Key_{p}") for p in key.split("+")]
            wanted = standard.get(key, " | ".join(parts))
            self.assertTrue(wanted in source, key)


if __name__ == "__main__":
    unittest.main()
