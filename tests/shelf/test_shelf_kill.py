"""The shelf when its process is killed: at every system call that changes a file, of adding, installing, removing, discarding and of
schema steps. strace delivers the kill, so the program is the one people run. Afterwards the shelf opens, holds all or nothing of what
was being done, and no file that nobody refers to; and the same command, given again, gets it done.

Installed fonts are also looked for with fc-list and fc-match, in fresh processes, and the font folder is hashed before and after.
"""
import hashlib
import json
import os
import shutil
import sqlite3
import subprocess
import tempfile
import unittest
from pathlib import Path

UINK = os.environ["UINK"]
PACKAGES = Path(__file__).resolve().parents[2] / "demo" / "catalogue" / "packages"
# strace counts each call by itself, so each has its own sweep. fchmod and fsync stand next to the calls around them.
# The database writes page after page before it says so (fdatasync): of those every fourth, all of them with INK_KILL_ALL=1.
PAGES = () if os.environ.get("INK_KILL_ALL") else ("pwrite64",)
CHANGING = ("write", "pwrite64", "rename", "unlink", "unlinkat", "rmdir", "mkdir", "fdatasync", "ftruncate")


def tree(folder):
    return {str(p.relative_to(folder)): hashlib.sha256(p.read_bytes()).hexdigest() if p.is_file() else "folder" for p in sorted(folder.rglob("*"))}


class Home:
    """A home folder with a shelf, and nothing of the real one."""

    def __init__(self, folder):
        self.folder = Path(folder)
        self.data = self.folder / "data"
        self.fonts = self.data / "fonts"
        self.shelf = self.data / "under-ink" / "shelf"
        (self.folder / "tmp").mkdir(parents=True, exist_ok=True)
        (self.folder / "fonts.conf").write_text(
            '<?xml version="1.0"?><!DOCTYPE fontconfig SYSTEM "fonts.dtd"><fontconfig>'
            f'<dir>{self.fonts}</dir><cachedir>{self.folder}/cache</cachedir></fontconfig>')
        self.environment = {**os.environ, "HOME": str(self.folder), "XDG_DATA_HOME": str(self.data),
                            "FONTCONFIG_FILE": str(self.folder / "fonts.conf"), "TMPDIR": str(self.folder / "tmp")}

    def run(self, *command):
        return subprocess.run([str(c) for c in command], env=self.environment, capture_output=True, text=True, check=False)

    def shelf_command(self, *arguments):
        return self.run(UINK, "shelf", *arguments)

    def killed_at(self, call, n, *arguments):
        """True when the process was killed at its n-th `call`; False when it came to its end before."""
        ran = self.run("strace", "-qq", "-o", "/dev/null", "-e", f"trace={call}", "-e", f"inject={call}:signal=KILL:when={n}",
                       UINK, "shelf", *arguments)
        if ran.returncode not in (0, -9, 137):
            raise AssertionError(f"strace: {ran.returncode} {ran.stderr}")
        return ran.returncode != 0

    def listed(self):
        ran = self.shelf_command("list")
        if ran.returncode != 0:
            raise AssertionError(ran.stderr)
        return json.loads(ran.stdout)

    def look(self):
        """(the state, what is not as it should be), after the shelf was opened once."""
        fonts, faults = self.listed(), []
        wanted = {f["sha256"] for f in fonts} | {d["sha256"] for f in fonts for d in f["documents"]}
        files = {p.name: p for p in (self.shelf / "files").rglob("*") if p.is_file()}
        faults += [f"{name} lies there for nobody" for name in files.keys() - wanted]
        faults += [f"{digest} is not there" for digest in wanted - files.keys()]
        faults += [f"{name} has other content" for name, p in files.items() if name in wanted and hashlib.sha256(p.read_bytes()).hexdigest() != name]
        installed = {f["installed_path"]: f["sha256"] for f in fonts if f["state"] == "installed"}
        there = {str(p) for p in self.fonts.rglob("*") if p.is_file()}
        faults += [f"{p} is half installed" for p in there - installed.keys()]
        faults += [f"{p} is said to be installed" for p in installed.keys() - there]
        faults += [f"{p} has other content" for p, d in installed.items() if p in there and hashlib.sha256(Path(p).read_bytes()).hexdigest() != d]
        with sqlite3.connect(self.shelf / "shelf.sqlite") as database:
            faults += [f"{t} has rows left" for t in ("pending_files",) if database.execute(f"SELECT COUNT(*) FROM {t}").fetchone()[0]]
            faults += [str(row) for row in database.execute("SELECT path FROM installs WHERE phase <> 'placed'")]
            faults += [str(row) for row in database.execute("PRAGMA integrity_check") if row != ("ok",)]
        return sorted((f["name"], f["state"]) for f in fonts), faults

    def faults(self):
        return self.look()[1]

    def content(self):
        """All that a command can tell one home from another by: the database's rows, and the other files."""
        with sqlite3.connect(self.shelf / "shelf.sqlite") as database:
            rows = "\n".join(database.iterdump())
        files = {p: digest for p, digest in tree(self.data).items() if not p.endswith("/shelf.sqlite")}
        return rows, tuple(files.items())


class ShelfKilled(unittest.TestCase):
    def sweep(self, prepare, command, before, after, finished=lambda home: None):
        """Kills the command at its first change, its second, and so on until it comes to its end. `before` and `after` are the states the
        shelf may be in; `finished` looks at it once the command was given again. The number of points is returned."""
        with tempfile.TemporaryDirectory() as start:
            prepared = Home(Path(start) / "home")
            prepare(prepared)
            place = Path(start) / "round" # paths are kept in the shelf, so each round has the same place
            return self.kill_everywhere(lambda: self.copied(prepared, place), command, before, after, finished)

    @staticmethod
    def copied(prepared, place):
        shutil.rmtree(place, ignore_errors=True)
        shutil.copytree(prepared.folder, place)
        return Home(place)

    def kill_everywhere(self, make_home, command, before, after, finished=lambda home: None):
        points = 0
        given_again = set()
        for call in CHANGING:
            n, was_killed = 0, True
            while was_killed:
                n += 4 if call in PAGES else 1
                home = make_home()
                was_killed = home.killed_at(call, n, *command)
                where = f"killed at {call} number {n}"
                points += was_killed
                reached, faults = home.look()
                self.assertEqual(faults, [], where)
                self.assertIn(reached, (before, after), where)
                # What is left is the state before or after, nearly always: given again in the same content, the command goes the same way.
                content = home.content()
                if content in given_again:
                    continue
                given_again.add(content)
                again = home.shelf_command(*command)
                if reached != after:
                    self.assertEqual(again.returncode, 0, again.stderr)
                self.assertEqual(home.look(), (after, []), f"given again, {where}")
                finished(home)
        return points

    def test_adding(self):
        maypole = [("Maypole Hand", "on-the-shelf")] * 4
        points = self.sweep(lambda home: home.listed(), ["add", PACKAGES / "maypole.zip"], [], maypole)
        print(f"adding: {points} points")
        self.assertGreaterEqual(points, 40)

    def test_making_the_shelf(self):
        points = self.sweep(lambda home: None, ["add", PACKAGES / "larkmallow.zip"], [], [("Larkmallow", "on-the-shelf")])
        print(f"making the shelf: {points} points")
        self.assertGreaterEqual(points, 75)

    def test_a_schema_step(self):
        def older(home):
            home.shelf_command("add", PACKAGES / "larkmallow.zip")
            with sqlite3.connect(home.shelf / "shelf.sqlite") as database:
                for table in ("motif_tags", "motifs", "motif_collections"):
                    database.execute(f"DROP TABLE {table}")
                database.execute("DROP TABLE outline_prints")
                database.execute("DROP TABLE form_corrections")
                database.execute("ALTER TABLE faces DROP COLUMN info")
                database.execute("PRAGMA user_version = 1")
        lark = [("Larkmallow", "on-the-shelf")]
        points = self.sweep(older, ["list"], lark, lark)
        print(f"a schema step: {points} points")
        self.assertGreaterEqual(points, 70)

    def test_installing(self):
        def prepare(home):
            home.shelf_command("add", PACKAGES / "larkmallow.zip")
        points = self.sweep(prepare, ["install", "Larkmallow"], [("Larkmallow", "on-the-shelf")], [("Larkmallow", "installed")])
        print(f"installing: {points} points")
        self.assertGreaterEqual(points, 15)

    def test_reading_a_carried_shelf(self):
        with tempfile.TemporaryDirectory() as folder:
            other, bundle = Home(Path(folder) / "other"), Path(folder) / "carry.zip"
            other.shelf_command("add", PACKAGES / "larkmallow.zip")
            other.shelf_command("set", "Autumn", "Larkmallow")
            self.assertEqual(other.shelf_command("export", bundle, "Larkmallow").returncode, 0)
            points = self.sweep(lambda home: home.listed(), ["import", bundle], [], [("Larkmallow", "on-the-shelf")],
                                lambda home: self.assertEqual(home.listed()[0]["sets"], ["Autumn"]))
            print(f"reading a carried shelf: {points} points")
            self.assertGreaterEqual(points, 40)

    def test_discarding(self):
        def prepare(home):
            home.shelf_command("add", PACKAGES / "larkmallow.zip")
        points = self.sweep(prepare, ["discard", "Larkmallow"], [("Larkmallow", "on-the-shelf")], [])
        print(f"discarding: {points} points")
        self.assertGreaterEqual(points, 28)

    def test_removing(self):
        with tempfile.TemporaryDirectory() as folder:
            def installed(): # the installed path names the home, so this one is prepared where it is killed
                place = Path(folder) / "home"
                shutil.rmtree(place, ignore_errors=True)
                home = Home(place)
                home.shelf_command("add", PACKAGES / "larkmallow.zip")
                self.assertEqual(home.shelf_command("install", "Larkmallow").returncode, 0)
                return home
            points = self.kill_everywhere(installed, ["remove", "Larkmallow"], [("Larkmallow", "installed")], [("Larkmallow", "on-the-shelf")])
            print(f"removing: {points} points")
            self.assertGreaterEqual(points, 15)


class Installed(unittest.TestCase):
    def test_every_program_sees_it_and_then_no_longer(self):
        with tempfile.TemporaryDirectory() as folder:
            home = Home(folder)
            home.fonts.mkdir(parents=True)
            (home.fonts / "README").write_text("somebody's own")
            before = tree(home.fonts)
            self.assertEqual(home.shelf_command("add", PACKAGES / "larkmallow.zip", PACKAGES / "goosegate-250.zip").returncode, 0)

            def families():
                return set(home.run("fc-list", ":", "family").stdout.split("\n")) - {""}

            def matched(family):
                return home.run("fc-match", "-f", "%{family}", family).stdout
            self.assertEqual(families(), set())
            installed = home.shelf_command("install", "Larkmallow", "Goosegate")
            self.assertEqual(installed.returncode, 0, installed.stderr)
            self.assertIn("restart", json.loads(installed.stdout))
            self.assertEqual(families(), {"Larkmallow", "Goosegate"})
            self.assertEqual(matched("Larkmallow"), "Larkmallow")
            # Setting aside takes it out of the other programs as well.
            self.assertEqual(home.shelf_command("aside", "Larkmallow").returncode, 0)
            self.assertEqual(families(), {"Goosegate"})
            self.assertEqual(home.shelf_command("remove", "Goosegate").returncode, 0)
            self.assertEqual(families(), set())
            self.assertNotEqual(matched("Larkmallow"), "Larkmallow")
            self.assertEqual(tree(home.fonts), before)

    def test_for_one_job_only(self):
        with tempfile.TemporaryDirectory() as folder:
            home = Home(folder)
            home.shelf_command("add", PACKAGES / "larkmallow.zip", PACKAGES / "goosegate-250.zip")
            home.shelf_command("install", "Larkmallow", "--for", "Banner")
            home.shelf_command("install", "Goosegate", "--for", "Jars", "--until", "2020-01-01")
            told = {f["name"]: (f["project"], f["until"]) for f in home.listed()}
            self.assertEqual(told, {"Larkmallow": ("Banner", ""), "Goosegate": ("Jars", "2020-01-01")})
            self.assertEqual(home.shelf_command("remove", "--closed", "Banner").returncode, 0)
            self.assertEqual({f["state"] for f in home.listed()}, {"on-the-shelf"})
            self.assertNotEqual(home.shelf_command("install", "Goosegate", "--until", "tomorrow").returncode, 0)

    def test_the_doctor_measures_what_installed_fonts_cost(self):
        with tempfile.TemporaryDirectory() as folder:
            home = Home(folder)
            home.shelf_command("add", *sorted(PACKAGES.glob("[glmp]*.zip")))
            home.shelf_command("install", "Larkmallow")
            ran = home.shelf_command("doctor")
            self.assertEqual(ran.returncode, 0, ran.stderr)
            told = json.loads(ran.stdout)
            self.assertEqual(told["installed"], 1)
            self.assertGreater(told["listing_fonts_ms"]["with_installed"], 0)
            self.assertGreater(told["listing_fonts_ms"]["without_installed"], 0)

    def test_a_full_disk_changes_nothing(self):
        with tempfile.TemporaryDirectory() as folder:
            home = Home(folder)
            home.shelf_command("add", PACKAGES / "larkmallow.zip")
            # No file may grow beyond 100 kB: the font's copy does not fit, as on a full disk.
            ran = home.run("bash", "-c", f"ulimit -f 100; {UINK} shelf add {PACKAGES / 'pennyfold-full.zip'}")
            self.assertNotEqual(ran.returncode, 0)
            self.assertIn("uink:", ran.stderr)
            self.assertEqual([f["name"] for f in home.listed()], ["Larkmallow"])
            self.assertEqual(home.faults(), [])


if __name__ == "__main__":
    unittest.main()
