#!/usr/bin/python3
"""The contract of `uink sheet`, `uink pattern` and `uink stitch`, from outside: reports, lists, files that are numbered, refusals, and
projects that say all of it themselves."""
import hashlib
import json
import random
import re
import socket
import subprocess
import sys
import tempfile
import threading
import unittest
from pathlib import Path

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "reference"))
import stitch_reader  # noqa: E402
from support import DEMO, run  # noqa: E402
from test_lettering import job, project  # noqa: E402

LARKMALLOW, TANSY = DEMO / "Larkmallow.ttf", DEMO / "TansyCord.ttf"


class Case(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def told(self, command, *arguments):
        done = run(command, *arguments, "--report", "-")
        self.assertEqual(done.returncode, 0, done.stderr)
        return json.loads(done.stdout)

    def refused(self, command, *arguments, says=""):
        done = run(command, *arguments)
        self.assertNotIn(done.returncode, (0, 139, 134, -11, -6), done.stderr)
        self.assertIn(says, done.stderr)
        self.assertFalse(done.stdout)
        return done

    def of_project(self, command, changed, *arguments):
        file = self.folder / "job.uink"
        file.write_bytes(project(changed))
        return self.told(command, file, *arguments)


class Sheets(Case):
    WORDS = ("--font", LARKMALLOW, "--x-height-mm", 8, "--process", "knife-vinyl")
    ENDING = ("--font", TANSY, "--x-height-mm", 8, "--process", "knife-vinyl")

    def test_report_fields(self):
        report = self.told("sheet", *self.WORDS, "--names", "Ada;Bo;Zoë", "--sheet", "200x300")
        for field in ("sheets", "placed", "left_out", "names", "used_length_mm", "least_length_mm", "covered", "cut_length_mm", "air_length_mm",
                      "parts", "minutes", "material_cost", "mirrored"):
            self.assertIn(field, report)
        self.assertEqual(len(report["placed"]), 3)
        self.assertEqual({p["words"] for p in report["placed"]}, {"Ada", "Bo", "Zoë"})
        for placed in report["placed"]:
            left, top, right, bottom = placed["box_mm"]
            self.assertTrue(0 <= left < right <= 200 and 0 <= top < bottom <= 300)
        self.assertLessEqual(report["least_length_mm"], report["used_length_mm"])

    def test_lists_are_read(self):
        file = self.folder / "names.csv"
        file.write_text("Name,Copies,Colour\nAda,2,\nBo,1,\n\nAda,1,\n", encoding="utf-8")
        done = run("sheet", *self.WORDS, "--names", file, "--report", "-")
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertEqual(len(json.loads(done.stdout)["placed"]), 4)
        for remark in ("empty-line", "twice"):
            self.assertIn(remark, done.stderr)
        many = self.told("sheet", *self.WORDS, "--names", "Ada;Bo", "--copies", 3)
        self.assertEqual(len(many["placed"]), 6)

    def test_mirrored_by_process_and_by_hand(self):
        heat = ("--font", LARKMALLOW, "--text", "Ada", "--x-height-mm", 8, "--process", "knife-heat-transfer")
        self.assertTrue(self.told("sheet", *heat)["mirrored"])
        self.assertFalse(self.told("sheet", *heat, "--no-mirror")["mirrored"])
        self.assertTrue(self.told("sheet", *self.WORDS, "--text", "Ada", "--mirror")["mirrored"])

    def test_several_sheets_are_numbered(self):
        out = self.folder / "n.svg"
        report = self.told("sheet", *self.WORDS, "--names", "Ada;Bo;Cy", "--sheet", "60x30", "--margin-mm", 2, "--out", out)
        self.assertGreater(len(report["sheets"]), 1)
        for number in range(len(report["sheets"])):
            self.assertTrue((self.folder / ("n.svg" if number == 0 else f"n-{number + 1}.svg")).exists())

    def test_what_cannot_be_is_said(self):
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--sheet", "wide", says="--sheet")
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--material", "nothing-of-that-name", says="--material")
        self.refused("sheet", *self.WORDS, "--names", self.folder / "none.csv", says="none.csv")
        self.refused("sheet", *self.WORDS, says="--text or --names")
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--out", "ada.doc", says=".dxf")
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--mirror", "--no-mirror")
        left = self.refused("sheet", *self.WORDS, "--text", "Ada", "--sheet", "12x12")
        self.assertIn("larger than the sheet", left.stderr)

    def test_letters_made_otherwise(self):
        report = self.told("sheet", *self.WORDS, "--text", "Ada Bo", "--made", "1=score", "--made", "4-5=gold")
        self.assertEqual([s["material"] for s in report["sheets"]][1:], ["gold"])
        self.assertEqual(report["sheets"][1]["registered_with"], 1)
        out = self.folder / "ada.svg"
        self.told("sheet", *self.WORDS, "--text", "Ada Bo", "--made", "1=score", "--out", out)
        self.assertIn("score", out.read_text(encoding="utf-8"))
        for wish in ("1", "0=gold", "9=gold", "3-1=gold", "x=gold", "1="):
            self.refused("sheet", *self.WORDS, "--text", "Ada Bo", "--made", wish, says="--made")

    def test_names_that_are_dressed(self):
        plain = self.told("sheet", *self.ENDING, "--names", "Marda;Hazel;Bram")
        dressed = self.told("sheet", *self.ENDING, "--names", "Marda;Hazel;Bram", "--dress-quietly")
        self.assertNotEqual(plain["cut_length_mm"], dressed["cut_length_mm"])

    def test_the_slip_lies_beside(self):
        slip = self.folder / "ada-rights.pdf"
        words = (*self.WORDS, "--names", "Ada;Bo", "--copies", 3, "--for-sale", "--out", self.folder / "ada.svg", "--slip", slip)
        asked = run("sheet", *words)
        self.assertEqual(asked.returncode, 0, asked.stderr)
        self.assertTrue(slip.read_bytes().startswith(b"%PDF-"))
        told = json.loads(slip.with_suffix(".json").read_text(encoding="utf-8"))
        self.assertEqual((told["format"], told["purpose"], told["copies"]), ("under-ink-rights-slip", "sale", 6))
        self.assertEqual([d["words"] for d in told["designs"]], ["Ada", "Bo"])
        # The digest is that of the file, by another program.
        self.assertEqual(told["fonts"][0]["sha256"], hashlib.sha256(LARKMALLOW.read_bytes()).hexdigest())
        if told["verdict"] != "may-sell":
            self.assertIn("--ground", asked.stderr)
        run("sheet", *words, "--ground", "bought on Monday")
        self.assertEqual(json.loads(slip.with_suffix(".json").read_text(encoding="utf-8"))["ground"], "bought on Monday")
        text = subprocess.run(["pdftotext", slip, "-"], capture_output=True, text=True, check=True).stdout
        for part in ("3 × Ada", "3 × Bo", "bought on Monday"):
            self.assertIn(part, text)
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--slip", self.folder / "slip.txt", says=".pdf")
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--out", slip, "--slip", slip)

    def test_nobody_answers(self):
        with socket.socket() as free:  # a port that nobody listens on
            free.bind(("127.0.0.1", 0))
            port = free.getsockname()[1]
        self.refused("sheet", *self.WORDS, "--text", "Ada", "--send", f"127.0.0.1:{port}", says="no machine answers")
        for address in ("here", "127.0.0.1:", "127.0.0.1:0", "127.0.0.1:99999", ":80"):
            self.refused("sheet", *self.WORDS, "--text", "Ada", "--send", address, says="HOST:PORT")

    def test_a_machine_that_talks_nonsense_or_hangs_up(self):
        for answer in (b"", b"hello\r", b"S1\r100\r", b"S0\r-5\r"):
            with self.subTest(answer=answer), socket.create_server(("127.0.0.1", 0)) as machine:
                def talk(machine=machine, answer=answer):
                    line, _ = machine.accept()
                    with line:
                        line.recv(100)
                        line.sendall(answer)
                thread = threading.Thread(target=talk)
                thread.start()
                self.refused("sheet", *self.WORDS, "--text", "Ada", "--send", f"127.0.0.1:{machine.getsockname()[1]}")
                thread.join()

    def test_a_machine_cuts_it(self):
        """A machine of the test's own: it says what it has room for, and tells of each part where its pen is."""
        heard = []
        with socket.create_server(("127.0.0.1", 0)) as machine:
            def cut():
                line, _ = machine.accept()
                buffer = b""
                with line:
                    while data := line.recv(4096):
                        buffer += data
                        for asked, answer in ((b"\x1b.O", b"S0\r"), (b"\x1b.B", b"300\r")):
                            while asked in buffer:
                                buffer = buffer.replace(asked, b"", 1)
                                line.sendall(answer)
                        while b"OA;" in buffer:
                            part, buffer = buffer.split(b"OA;", 1)
                            heard.append(part.decode())
                            drawn = re.findall(r"PD([-0-9,]+);", heard[-1])
                            x, y = drawn[-1].split(",")[-2:] if drawn else ("0", "0")
                            line.sendall(f"{x},{y},0\r".encode())
            thread = threading.Thread(target=cut)
            thread.start()
            done = run("sheet", *self.WORDS, "--text", "Ada", "--send", f"127.0.0.1:{machine.getsockname()[1]}")
            thread.join()
        self.assertEqual(done.returncode, 0, done.stderr)
        out = self.folder / "ada.plt"
        self.told("sheet", *self.WORDS, "--text", "Ada", "--out", out)
        lines = lambda text: re.findall(r"PD[-0-9,]+;", text)  # noqa: E731
        self.assertEqual(lines("".join(heard)), lines(out.read_text()))

    def test_a_project_brings_its_list_and_sheet(self):
        report = self.of_project("sheet", job(words="Ada", list={"shown": 0, "names": [{"words": "Ada", "copies": 2}, {"words": "Bo"}], "rules": []},
                                              sheet={"size": {"width_mm": 250, "length_mm": 0, "margin_mm": 7}, "rows": True}))
        self.assertEqual(sorted(p["words"] for p in report["placed"]), ["Ada", "Ada", "Bo"])
        self.assertTrue(all(p["box_mm"][0] >= 7 - 1e-6 for p in report["placed"]))
        self.assertEqual(report["sheets"][0]["width_mm"], 250)


class Patterns(Case):
    WORDS = ("--font", LARKMALLOW, "--process", "paper-pattern")

    def told_of(self, *arguments):
        return self.told("pattern", *self.WORDS, *arguments, "--out", self.folder / "p.pdf")

    def test_pages(self):
        small = self.told_of("--text", "Ada", "--width-mm", 100)
        self.assertEqual((small["pages"], small["joined"]), (2, False))
        self.assertEqual(self.told_of("--text", "Ada", "--width-mm", 100, "--no-cover")["pages"], 1)
        large = self.told_of("--text", "Ada", "--width-mm", 900)
        self.assertTrue(large["joined"])
        self.assertLess(self.told_of("--text", "Ada", "--width-mm", 900, "--paper", "A3")["pages"], large["pages"])
        blank = self.told_of("--text", "Ada", "--width-mm", 100, "--blank-mm", 500, 700)
        self.assertEqual((blank["width_mm"], blank["height_mm"]), (500, 700))
        names = self.told_of("--names", "Ada;Bo;Cy;Di", "--width-mm", 150)
        self.assertFalse(names["joined"])
        self.assertGreater(names["rows"], 1)

    def test_what_cannot_be_is_said(self):
        out = ("--out", self.folder / "p.pdf")
        self.refused("pattern", *self.WORDS, "--text", "Ada", "--width-mm", 4000, *out, says="3 m")
        self.refused("pattern", *self.WORDS, "--text", "Ada", "--width-mm", 100, *out, "--paper", "A0")
        self.refused("pattern", *self.WORDS, "--text", "Ada", "--width-mm", 100, *out, "--outline", "--filled")
        self.refused("pattern", *self.WORDS, "--text", "Ada", "--width-mm", 100, says="--out")
        self.assertFalse((self.folder / "p.pdf").exists())

    def test_a_project_brings_its_settings(self):
        report = self.of_project("pattern", job(size={"by": "width", "value_mm": 100.0}, pattern={"paper": "Letter", "cover": False}), "--out",
                                 self.folder / "p.pdf")
        self.assertEqual(report["page_mm"], [215.9, 279.4])
        self.assertEqual(report["pages"], 1)


class Stitches(Case):
    WORDS = ("--font", TANSY, "--height-mm", 20)

    def test_report_fields(self):
        report = self.told("stitch", *self.WORDS, "--text", "mole")
        for field in ("stitches", "layers", "columns", "covers", "outside", "thickest", "longest_mm", "shortest_mm", "trims", "stops", "thread_m",
                      "minutes", "width_mm", "height_mm", "findings", "hoop", "as"):
            self.assertIn(field, report)
        for column in report["columns"]:
            self.assertIn(column["kind"], ("running", "satin", "split-satin", "fill"))
            self.assertLessEqual(column["least_width_mm"], column["width_mm"] + 1e-9)

    def test_each_way_of_sewing(self):
        for way, layers in (("satin", 1), ("fill", 1), ("running", 1), ("applique", 3)):
            report = self.told("stitch", *self.WORDS, "--text", "mole", "--as", way)
            self.assertEqual(len(report["layers"]), layers, way)
            self.assertEqual(report["stops"], layers - 1, way)
            self.assertLess(report["short_share"], 0.01, way)
        dense = self.told("stitch", *self.WORDS, "--text", "mole", "--spacing-mm", 0.3)["stitches"]
        self.assertGreater(dense, self.told("stitch", *self.WORDS, "--text", "mole", "--spacing-mm", 0.6)["stitches"])
        bare = self.told("stitch", *self.WORDS, "--text", "mole", "--underlay", "none")["stitches"]
        self.assertLessEqual(bare, self.told("stitch", *self.WORDS, "--text", "mole")["stitches"])

    def test_hoops(self):
        for hoop, says in (("200x200", "fits"), ("30x200", "turned"), ("15x15", "too-large")):
            report = self.told("stitch", *self.WORDS, "--text", "mole", "--hoop", hoop)
            self.assertEqual(report["hoop"], says)
            self.assertEqual("too-large-for-hoop" in [f["kind"] for f in report["findings"]], says == "too-large")

    def test_a_list_is_a_file_each(self):
        out = self.folder / "s.dst"
        done = run("stitch", *self.WORDS, "--names", "mole;hen", "--out", out)
        self.assertEqual(done.returncode, 0, done.stderr)
        for name in ("s.dst", "s-2.dst"):
            steps, head = stitch_reader.read_dst((self.folder / name).read_bytes())
            self.assertEqual(int(head["ST"]), len(steps))

    def test_files_are_looked_into(self):
        out = self.folder / "s.exp"
        made = self.told("stitch", *self.WORDS, "--text", "mole", "--out", out)
        seen = self.told("stitch", "--look", out)
        self.assertEqual((seen["stitches"], seen["trims"]), (made["stitches"], made["trims"]))
        self.assertFalse(seen["cut_short"])
        # Into the other kind of file, and back.
        dst = self.folder / "again.dst"
        self.assertEqual(run("stitch", "--look", out, "--out", dst).returncode, 0)
        self.assertEqual(self.told("stitch", "--look", dst)["stitches"], made["stitches"])
        dst.write_bytes(dst.read_bytes()[:900])
        cut = self.told("stitch", "--look", dst)
        self.assertTrue(cut["cut_short"])

    def test_what_cannot_be_is_said(self):
        self.refused("stitch", *self.WORDS, "--text", "mole", "--out", "x.pes", says=".dst")
        self.refused("stitch", *self.WORDS, "--text", "mole", "--hoop", "round", says="round")
        self.refused("stitch", *self.WORDS, "--text", "mole", "--spacing-mm", 0)
        self.refused("stitch", *self.WORDS, says="--text or --names")
        self.refused("stitch", "--look", self.folder / "none.dst", says="none.dst")
        self.refused("stitch", "--look", self.folder / "none.svg", says="neither")
        rng = random.Random(3)
        for number in range(20):
            file = self.folder / f"{number}.{rng.choice(('dst', 'exp'))}"
            file.write_bytes(rng.randbytes(rng.randrange(2000)))
            done = run("stitch", "--look", file, "--report", "-")
            self.assertIn(done.returncode, (0, 1), done.stderr)

    def test_a_project_brings_its_settings(self):
        changed = job(size={"by": "height", "value_mm": 20.0}, process="satin", stitches={"as": "fill", "spacing_mm": 0.5, "hoop_mm": [300, 300]})
        report = self.of_project("stitch", changed)
        self.assertEqual(report["as"], "fill")
        self.assertEqual(report["hoop"], "fits")
        broken = job(size={"by": "height", "value_mm": 20.0}, stitches={"as": "magic", "spacing_mm": -1e300, "hoop_mm": "no", "thread": 7})
        file = self.folder / "broken.uink"
        file.write_bytes(project(broken))
        self.assertIn(run("stitch", file, "--report", "-").returncode, (0, 1))


if __name__ == "__main__":
    unittest.main()
