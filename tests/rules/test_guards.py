#!/usr/bin/python3
"""The guards of the house are seen to fail: each gets a small tree with the fault it is there for."""
import shutil
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parents[2]


class Guards(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def layers(self, files):
        shutil.rmtree(self.folder / "src", ignore_errors=True)
        for name, text in files.items():
            path = self.folder / "src" / name
            path.parent.mkdir(parents=True, exist_ok=True)
            path.write_text(text)
        done = subprocess.run([sys.executable, ROOT / "tools" / "check_layers", self.folder], capture_output=True, text=True)
        return done.returncode, done.stderr

    def test_sentences_with_a_number_have_both_forms(self):
        done = subprocess.run([sys.executable, ROOT / "tools" / "translations", "--check"], capture_output=True, text=True)
        self.assertEqual((done.returncode, done.stderr), (0, ""))
        english = (ROOT / "translations" / "under-ink_en.ts").read_text()
        self.assertIn("<numerusform>%n piece</numerusform>", english)
        self.assertNotIn("(s)</numerusform>", english)

    def test_the_project_itself_passes(self):
        done = subprocess.run([sys.executable, ROOT / "tools" / "check_layers"], capture_output=True, text=True)
        self.assertEqual((done.returncode, done.stderr), (0, ""))

    def test_includes(self):
        self.assertEqual(self.layers({"core/type/a.cpp": '#include "core/geometry/path.h"\n'})[0], 0)
        for files, said in (
            ({"core/geometry/a.cpp": '#include "core/type/shape.h"\n'}, "may not include"),
            ({"core/type/a.cpp": '#include "core/formats/svg_writer.h"\n'}, "may not include"),
            ({"core/design/a.h": "#include <QString>\n"}, "<QString>"),
            ({"core/base/a.h": "#include <QtCore/QString>\n"}, "may not include"),
            ({"cli/a.cpp": '#include "ui/theme.h"\n'}, "may not include"),
            ({"ui/a.cpp": "#include <hb.h>\n"}, "<hb.h>"),
            ({"ui/a.cpp": "#include <polyclipping/clipper.hpp>\n"}, "polyclipping"),
            ({"other/a.cpp": ""}, "not in the table"),
            ({}, "no source files"),
        ):
            with self.subTest(said=said, files=files):
                code, message = self.layers(files)
                self.assertEqual(code, 1)
                self.assertIn(said, message)

    def configure(self, lines):
        (self.folder / "CMakeLists.txt").write_text(
            "cmake_minimum_required(VERSION 3.25)\nproject(guard LANGUAGES CXX)\n"
            f"list(APPEND CMAKE_MODULE_PATH {ROOT}/cmake)\ninclude(InkTargets)\n" + lines)
        (self.folder / "a.cpp").write_text("")
        return subprocess.run(["cmake", "-S", self.folder, "-B", self.folder / "build"], capture_output=True, text=True)

    def test_links(self):
        low_high = "ink_add_library(low LAYER 10 SOURCES a.cpp)\nink_add_library(high LAYER 20 SOURCES a.cpp LINK low)\n"
        self.assertEqual(self.configure(low_high).returncode, 0)
        for lines in (
            "ink_add_library(high LAYER 20 SOURCES a.cpp)\nink_add_library(low LAYER 10 SOURCES a.cpp LINK high)\n",
            "ink_add_library(one LAYER 20 SOURCES a.cpp)\nink_add_library(two LAYER 20 SOURCES a.cpp LINK one)\n",
            "ink_add_library(core LAYER 20 SOURCES a.cpp PRIVATE_LIBS Qt6::Core)\n",
            "ink_add_library(shelf LAYER 40 SOURCES a.cpp PRIVATE_LIBS Qt6::Gui)\n",
        ):
            with self.subTest(lines=lines):
                done = self.configure(lines)
                self.assertNotEqual(done.returncode, 0)
                self.assertIn("Layer break", done.stderr)

    def test_uink_needs_no_display_libraries(self):
        import os
        linked = subprocess.run(["ldd", os.environ["UINK"]], capture_output=True, text=True, check=True).stdout
        self.assertIn("libharfbuzz", linked)
        self.assertNotIn("Qt", linked)
        # Debian's cairo comes linked with X11 (docs/decisions/0013), and opens no display: uink itself names none.
        named = subprocess.run(["readelf", "-d", os.environ["UINK"]], capture_output=True, text=True, check=True).stdout
        self.assertIn("libcairo", named)
        for display in ("libX", "libxcb", "libwayland", "libGL"):
            self.assertNotIn(display, named)

    def test_screenshot_guard(self):
        fresh = self.folder / "fresh"
        fresh.mkdir()
        for picture in (ROOT / "docs" / "screenshots").glob("*.png"):
            shutil.copy(picture, fresh)
        check = lambda: subprocess.run([ROOT / "tools" / "check_screenshots", fresh], capture_output=True, text=True)
        self.assertEqual(check().returncode, 0, check().stderr)
        (fresh / "a-new-view.png").write_bytes(b"")
        self.assertIn("a-new-view.png is missing", check().stderr)
        self.assertEqual(check().returncode, 1)


if __name__ == "__main__":
    unittest.main()
