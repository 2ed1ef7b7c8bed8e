#!/usr/bin/python3
"""What `cmake --install` puts on a computer: all of it, knowing nothing of the tree it was built in, and still at home when it is moved.

    test_install.py BUILD
"""
import os
import re
import shutil
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path

BUILD = Path(sys.argv[1]).resolve()
SOURCE = Path(__file__).resolve().parents[2]


def run(*arguments, **more):
    more.setdefault("env", dict(os.environ, QT_QPA_PLATFORM="offscreen", LC_ALL="C.UTF-8"))
    return subprocess.run([str(a) for a in arguments], capture_output=True, text=True, timeout=120, **more)


class Installed(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.folder = tempfile.TemporaryDirectory()
        first = Path(cls.folder.name) / "first"
        for component in ("program", "demo"):
            done = run("cmake", "--install", BUILD, "--prefix", first, "--component", component, "--strip")
            assert done.returncode == 0, done.stderr
        cls.root = Path(cls.folder.name) / "moved" / "elsewhere"
        cls.root.parent.mkdir()
        shutil.move(first, cls.root)

    @classmethod
    def tearDownClass(cls):
        cls.folder.cleanup()

    def test_all_is_there(self):
        for path in ("bin/under-ink", "bin/uink", "libexec/under-ink/standin-catalogue", "libexec/under-ink/standin-cutter",
                     "libexec/under-ink/standin-stitcher", "share/under-ink/demo/fonts/HartsorrelScript.ttf",
                     "share/under-ink/demo/catalogue/listings.json", "share/under-ink/demo/pictures/label.jpg", "share/applications/io.github.underink.UnderInk.desktop",
                     "share/metainfo/io.github.underink.UnderInk.metainfo.xml", "share/mime/packages/under-ink.xml",
                     "share/icons/hicolor/scalable/apps/io.github.underink.UnderInk.svg", "share/man/man1/uink.1.gz",
                     "share/man/man1/under-ink.1.gz", "share/bash-completion/completions/uink", "share/zsh/vendor-completions/_uink",
                     "share/fish/vendor_completions.d/under-ink.fish", "share/doc/under-ink/copyright", "share/under-ink/handbook/index.md", "share/under-ink/screenshots/find.png"):
            self.assertTrue((self.root / path).is_file(), path)

    def test_nothing_knows_the_tree(self):
        for path in self.root.rglob("*"):
            if path.is_file():
                self.assertNotIn(str(SOURCE).encode(), path.read_bytes(), path)

    def test_it_works_where_it_was_moved(self):
        home = Path(self.folder.name) / "home"
        home.mkdir()
        environment = dict(os.environ, HOME=str(home), XDG_DATA_HOME=str(home / "data"), QT_QPA_PLATFORM="offscreen", LC_ALL="C.UTF-8")
        font = self.root / "share/under-ink/demo/fonts/Larkmallow.ttf"
        for command, suffix, wanted in (("weld", ".svg", b"<svg"), ("sheet", ".pdf", b"%PDF")):
            out = home / f"honey{suffix}"
            done = run(self.root / "bin/uink", command, "--font", font, "--text", "Honey", "--width-mm", 120, *(("--process", "knife-vinyl") if command == "sheet" else ()), "--out", out, env=environment)
            self.assertEqual(done.returncode, 0, done.stderr)
            self.assertIn(wanted, out.read_bytes()[:200])
        out = home / "honey.dst"
        done = run(self.root / "bin/uink", "stitch", "--font", font, "--text", "Honey", "--width-mm", 100, "--as", "satin", "--out", out, env=environment)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertTrue(out.read_bytes().startswith(b"LA:"))
        catalogue = subprocess.Popen([self.root / "libexec/under-ink/standin-catalogue", "--end-with-input"], stdin=subprocess.PIPE,
                                     stdout=subprocess.PIPE, text=True, env=environment)
        self.assertIn("listening on", catalogue.stdout.readline())
        catalogue.communicate("")
        self.assertEqual(run(self.root / "bin/under-ink", "--version", env=environment).returncode, 0)

    def test_without_the_demo_it_says_so(self):
        alone = Path(self.folder.name) / "alone"
        self.assertEqual(run("cmake", "--install", BUILD, "--prefix", alone, "--component", "program").returncode, 0)
        shared = {entry.name for entry in (alone / "share/under-ink").iterdir()}
        self.assertEqual(shared, {"handbook", "screenshots"})
        done = run(alone / "bin/under-ink", "--demo")
        self.assertEqual(done.returncode, 1)
        self.assertIn("under-ink-demo", done.stderr)


def options_of(program, *command):
    """Names of options and of commands, as --help lists them."""
    lines = run(program, *command, "--help").stdout.splitlines()
    options, commands, part = set(), [], ""
    for line in lines:
        if re.match(r"^\S.*:$", line):
            part = line
        elif part.startswith("Subcommands") and (word := re.match(r"^  (\S+)", line)):
            commands.append(word[1])
        elif (words := re.match(r"^  ((?:-\S+)(?:,-\S+)*)", line)):
            options |= set(words[1].split(","))
    return options, commands


class Manual(unittest.TestCase):
    """Man pages and completions tell every option and every command of --help."""

    def all_of(self, program, command=()):
        options, commands = options_of(program, *command)
        yield command, options
        for inner in commands:
            yield from self.all_of(program, (*command, inner))

    def test_every_option_is_told(self):
        for program in (BUILD / "src/cli/uink", BUILD / "src/app/under-ink"):
            texts = {kind: run(program, "--write-manual", kind).stdout for kind in ("man", "bash", "zsh", "fish")}
            told = 0
            for command, options in self.all_of(program):
                for option in options:
                    told += 1
                    self.assertIn(option.replace("-", r"\-"), texts["man"], (command, option))
                    self.assertRegex(texts["bash"], r"(?<![\w-])" + re.escape(option) + r"(?![\w-])")
                    self.assertIn(f"'{option}[", texts["zsh"])
                    self.assertIn((" -l " if option.startswith("--") else " -s ") + option.lstrip("-"), texts["fish"])
                for word in command:
                    self.assertIn(word, texts["man"])
            self.assertGreater(told, 10)

    def test_bash_completes(self):
        """The shell itself is asked: commands, options, words to choose from, and files where nothing else fits."""
        script = run(BUILD / "src/cli/uink", "--write-manual", "bash").stdout

        def offered(*words):
            ask = f"{script}\nCOMP_WORDS=({' '.join(words)}{' ' if words[-1] else ' ' + chr(34) * 2}); COMP_CWORD={len(words) - 1}\n_uink\nprintf '%s\\n' \"${{COMPREPLY[@]}}\""
            done = run("bash", "-c", ask, cwd=SOURCE)
            self.assertEqual(done.returncode, 0, done.stderr)
            return done.stdout.split()
        self.assertEqual(offered("uink", "alp"), ["alphabet"])
        self.assertIn("make", offered("uink", "alphabet", ""))
        self.assertEqual(offered("uink", "alphabet", "make", "--let"), ["--letters"])
        self.assertEqual(offered("uink", "alphabet", "make", "--as", "ru"), ["running"])
        self.assertIn("README.md", offered("uink", "weld", "--font", "READ"))

    def test_zsh_and_fish_take_it(self):
        for program in (BUILD / "src/cli/uink", BUILD / "src/app/under-ink"):
            with tempfile.TemporaryDirectory() as folder:
                for shell in ("zsh", "fish"):
                    path = Path(folder) / f"completion.{shell}"
                    path.write_text(run(program, "--write-manual", shell).stdout)
                    done = run(shell, "-n", path)
                    self.assertEqual((done.returncode, done.stderr), (0, ""))
        offered = subprocess.run(["fish", "-c", f"{run(BUILD / 'src/cli/uink', '--write-manual', 'fish').stdout}\ncomplete -C 'uink alphabet ma'"],
                                 capture_output=True, text=True, timeout=60).stdout
        self.assertTrue(offered.startswith("make"), offered)


if __name__ == "__main__":
    unittest.main(argv=sys.argv[:1])
