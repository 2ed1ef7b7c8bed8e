#!/usr/bin/python3
"""The demo packages through `uink`: what each one holds, what is refused, and its verdict."""
import json
import os
import subprocess
import tempfile
import unittest
from pathlib import Path

UINK = os.environ["UINK"]
PACKAGES = Path(__file__).resolve().parents[2] / "demo" / "catalogue" / "packages"

# package: verdict, fonts, damaged, refused
EXPECTED = {
    "pennyfold-full.zip": ("may-sell", 2, 0, 0),
    "stallholder-bits.zip": ("may-sell", 1, 0, 0),
    "fennel-row-personal.zip": ("gifts-only", 1, 0, 0),
    "Tansy-Cord(1).zip": ("gifts-only", 1, 0, 0),
    "tansy-cord.zip": ("gifts-only", 1, 0, 0),
    "gatepost.zip": ("ask-first", 1, 0, 0),
    "wickerby.zip": ("may-sell", 1, 0, 0),
    "wickerby-market.zip": ("ask-first", 1, 0, 0),
    "goosegate-250.zip": ("sell-within-limits", 1, 0, 0),
    "hobnail-donate.zip": ("may-sell", 1, 0, 0),
    "fennel-row-demo.zip": ("gifts-only", 1, 0, 0),
    "order-20417.zip": ("sell-within-limits", 3, 0, 0),
    "maypole.zip": ("may-sell", 4, 0, 0),
    "broken-bramble.zip": ("may-sell", 1, 2, 0),
    "saltglaze.zip": ("ask-first", 2, 0, 0),
    "evil-willow.zip": ("may-sell", 1, 0, 6),
    "gingham-nc.zip": ("evidence-disagrees", 1, 0, 0),
    "tansy-cord-old.zip": ("may-sell", 1, 0, 0),
    "hartsorrel.zip": ("may-sell", 1, 0, 0),
    "quillbrook.zip": ("may-sell", 1, 0, 0),
    "larkmallow.zip": ("may-sell", 1, 0, 0),
    "fennel-row-stitched.zip": ("may-sell", 1, 0, 0),
}


def uink(*arguments):
    ran = subprocess.run([UINK, *arguments], capture_output=True, text=True)
    return ran.returncode, json.loads(ran.stdout) if ran.stdout else None, ran.stderr


def rights(name):
    return uink("rights", str(PACKAGES / name))[1][0]


class DemoPackages(unittest.TestCase):
    def test_each_holds_what_it_should(self):
        self.assertEqual({p.name for p in PACKAGES.glob("*.zip")}, set(EXPECTED) | {"orchard-bundle.zip"})
        for name, (verdict, fonts, damaged, refused) in EXPECTED.items():
            with self.subTest(name=name):
                contents = uink("package", str(PACKAGES / name))[1]
                roles = [e["role"] for e in contents["entries"]]
                self.assertEqual((roles.count("font"), roles.count("damaged"), roles.count("refused")), (fonts, damaged, refused))
                self.assertTrue(all(e.get("note") for e in contents["entries"] if e["role"] in ("damaged", "refused", "junk")))
                self.assertEqual(rights(name)["verdict"], verdict)

    def test_verdicts_name_their_sentence(self):
        for name, (verdict, *_) in EXPECTED.items():
            if verdict != "ask-first":
                deciding = rights(name)["deciding"]
                self.assertTrue(deciding and all(q["document"] and q["line"] >= 1 and q["sentence"] for q in deciding), name)

    def test_what_was_not_understood_is_shown(self):
        told = rights("wickerby-market.zip")["not_understood"]
        self.assertEqual([(q["document"], q["line"], q["words"], q["otherwise"]) for q in told],
                         [("readme.txt", 5, ["but only hardly ever", "Sundays"], "may-sell")])

    def test_limits_and_prices(self):
        self.assertEqual(rights("goosegate-250.zip")["units"], 250)
        self.assertIn("no print on demand", rights("order-20417.zip")["limits"])
        self.assertEqual(rights("fennel-row-personal.zip")["price"], "14.00 EUR")
        self.assertIn("permission", [e["kind"] for e in rights("order-20417.zip")["evidence"]])

    def test_both_sides_of_a_contradiction_are_shown(self):
        documents = {q["document"] for q in rights("gingham-nc.zip")["deciding"]}
        self.assertEqual(documents, {"LICENSE", "readme.txt"})

    def test_restricted_embedding_is_explained_and_does_not_decide(self):
        self.assertTrue(any("embedd" in note for note in rights("wickerby.zip")["notes"]))

    def test_rights_belong_to_the_file_not_the_name(self):
        new, old = rights("tansy-cord.zip"), rights("tansy-cord-old.zip")
        self.assertNotEqual(new["fonts"][0]["sha256"], old["fonts"][0]["sha256"])
        self.assertNotEqual(new["verdict"], old["verdict"])
        self.assertEqual(new["fonts"][0]["sha256"], rights("Tansy-Cord(1).zip")["fonts"][0]["sha256"])

    def test_one_of_two_formats_is_recommended_with_its_reason(self):
        contents = uink("package", str(PACKAGES / "pennyfold-full.zip"))[1]
        better = [e for e in contents["entries"] if e.get("better")]
        self.assertEqual([(e["name"], e["better"]) for e in better], [("Pennyfold.ttf", "Pennyfold.otf")])
        self.assertTrue(any("Pennyfold.otf is recommended: " in note for note in contents["notes"]))

    def test_taking_writes_below_the_folder_only(self):
        with tempfile.TemporaryDirectory() as root:
            chosen = Path(root, "inner", "chosen")
            code, told, _ = uink("package", str(PACKAGES / "evil-willow.zip"), "--take", str(chosen))
            self.assertEqual(code, 0)
            files = sorted(p.relative_to(root).as_posix() for p in Path(root).rglob("*") if p.is_file())
            self.assertEqual(files, ["inner/chosen/good/OFL.txt", "inner/chosen/good/SextonCourt.otf"])
            self.assertEqual(len(told["written"]), 2)
            code, told, _ = uink("package", str(PACKAGES / "evil-willow.zip"), "--take", str(chosen))
            self.assertEqual((len(told["written"]), len(told["kept"])), (0, 2))

    def test_the_missing_letters_of_a_demo_are_named(self):
        with tempfile.TemporaryDirectory() as root:
            uink("package", str(PACKAGES / "fennel-row-demo.zip"), "--take", root)
            told = uink("fit", "--font", str(Path(root, "FennelRowDemo.ttf")), "--text", "Jar & Quince 12", "--width-mm", "90", "--process", "knife-vinyl")[1]
            self.assertEqual(told["missing"], ["J", "&", "Q", "1", "2"])

    def test_faults_are_said(self):
        code, _, words = uink("package", "/nowhere/font.zip")
        self.assertNotEqual(code, 0)
        self.assertIn("no such file", words)
        code, told, words = uink("rights", "/nowhere/font.zip", str(PACKAGES / "gatepost.zip"))
        self.assertNotEqual(code, 0)
        self.assertEqual(len(told), 1) # the other one is still told
        self.assertNotEqual(uink("fit", "--font", str(PACKAGES / "gatepost.zip"), "--text", "a", "--width-mm", "9", "--process", "pen")[0], 0)


if __name__ == "__main__":
    unittest.main()
