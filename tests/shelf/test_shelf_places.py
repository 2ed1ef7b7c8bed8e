"""The shelf where it cannot be written: a home that is read-only, and a disk that is full, at whatever moment it fills up.

The full disk is a small tmpfs in a namespace of its own (unshare, mount: util-linux); a read-only home is a folder of somebody else's.
"""
import json
import os
import shlex
import shutil
import subprocess
import tempfile
import unittest
from pathlib import Path

UINK = os.environ["UINK"]
PACKAGES = Path(__file__).resolve().parents[2] / "demo" / "catalogue" / "packages"
NOBODY = 65534


def environment(home):
    return {**os.environ, "HOME": str(home), "XDG_DATA_HOME": str(home / "data"), "TMPDIR": "/tmp", "FONTCONFIG_FILE": "/dev/null"}


def shelf(home, *arguments, **more):
    return subprocess.run([UINK, "shelf", *map(str, arguments)], env=environment(home), capture_output=True, text=True, check=False, **more)


class ReadOnlyHome(unittest.TestCase):
    def setUp(self):
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.home = Path(place.name) / "home"
        self.home.mkdir()
        self.assertEqual(shelf(self.home, "add", PACKAGES / "larkmallow.zip", PACKAGES / "maypole.zip").returncode, 0)
        # Somebody else's folder, which may be looked into.
        os.chmod(place.name, 0o755)
        for path in [self.home, *self.home.rglob("*")]:
            os.chmod(path, 0o555 if path.is_dir() else 0o444)
        self.as_reader = {"user": NOBODY} if os.getuid() == 0 else {}
        self.addCleanup(lambda: [os.chmod(p, 0o755) for p in [self.home, *self.home.rglob("*")] if p.is_dir()])

    def look(self, *arguments):
        return shelf(self.home, *arguments, **self.as_reader)

    def test_it_is_read_all_the_same(self):
        ran = self.look("list")
        self.assertEqual(ran.returncode, 0, ran.stderr)
        self.assertEqual(len(json.loads(ran.stdout)), 5)

    def test_fonts_leave_it_in_a_file(self):
        with tempfile.TemporaryDirectory() as other:
            os.chmod(other, 0o777)
            ran = self.look("export", Path(other) / "carry.zip", "Larkmallow")
            self.assertEqual(ran.returncode, 0, ran.stderr)
            self.assertTrue((Path(other) / "carry.zip").exists())

    def test_changes_are_refused_and_told(self):
        before = {p: p.read_bytes() for p in self.home.rglob("*") if p.is_file()}
        for command in (["set", "Autumn", "Larkmallow"], ["aside", "Larkmallow"], ["install", "Larkmallow"], ["discard", "Larkmallow"],
                        ["add", PACKAGES / "goosegate-250.zip"]):
            ran = self.look(*command)
            self.assertNotEqual(ran.returncode, 0, command)
            self.assertIn("could not be written", ran.stderr, command)
        self.assertEqual({p: p.read_bytes() for p in self.home.rglob("*") if p.is_file()}, before)

    def test_a_home_without_a_shelf_says_what_is_wrong(self):
        os.chmod(self.home, 0o755)
        os.chmod(self.home / "data", 0o755)
        os.chmod(self.home / "data" / "under-ink", 0o755)
        for path in (self.home / "data").rglob("*"):
            os.chmod(path, 0o755)
        shutil.rmtree(self.home / "data" / "under-ink")
        os.chmod(self.home / "data", 0o555)
        ran = self.look("list")
        self.assertNotEqual(ran.returncode, 0)
        self.assertIn("could not be written", ran.stderr)


class FullDisk(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        may = subprocess.run(["unshare", "--user", "--map-root-user", "--mount", "mount", "-t", "tmpfs", "tmpfs", "/mnt"],
                             capture_output=True, text=True, check=False)
        if may.returncode != 0:
            print(f"NOT TESTED: a full disk, because this machine allows no mount in a namespace: {may.stderr.strip()}", flush=True)
            raise unittest.SkipTest("no mount in a namespace")

    def on_disk_of(self, kilobytes, script):
        """Runs a script where $HOME is a disk of its own; (return code, output)."""
        with tempfile.TemporaryDirectory() as place:
            inside = f"mount -t tmpfs -o size={kilobytes}k tmpfs {place} && {script}"
            ran = subprocess.run(["unshare", "--user", "--map-root-user", "--mount", "sh", "-c", inside],
                                 env=environment(Path(place)), capture_output=True, text=True, check=False)
            return ran.returncode, ran.stdout + ran.stderr

    def test_room_runs_out_at_any_moment(self):
        uink, lark = shlex.quote(UINK), shlex.quote(str(PACKAGES / "larkmallow.zip"))
        told, whole = 0, 0
        # Every command is tried on a fuller and fuller disk. What is there afterwards is all or nothing, and once there is room again,
        # the same command gets it done.
        messages = tempfile.NamedTemporaryFile()
        self.addCleanup(messages.close)
        said = messages.name # not on the full disk
        for free in (16, 60, 100, 140, 200, 260, 400, 1000):
            script = f"""
                {uink} shelf list > /dev/null || exit 1
                fill=$(( 2048 - $(du -sk $HOME | cut -f1) - {free} ))
                head -c "${{fill}}k" /dev/zero > $HOME/fill
                {uink} shelf add {lark} > /dev/null 2> {said}; echo "ended $?"; cat {said}
                rm $HOME/fill
                {uink} shelf doctor | python3 -c 'import json, sys; h = json.load(sys.stdin); print("damaged", len(h["missing"] + h["damaged"]))'
                find $HOME -name '*.??????' -path '*files*' | sed 's/^/left over: /'
                {uink} shelf add {lark} > /dev/null && {uink} shelf install Larkmallow > /dev/null && echo "done"
            """
            code, output = self.on_disk_of(2048, script)
            self.assertEqual(code, 0, output)
            self.assertIn("damaged 0", output, f"{free} kB free")
            self.assertNotIn("left over", output, f"{free} kB free")
            self.assertIn("\ndone\n", output, f"{free} kB free")
            whole += "ended 0" in output
            if "ended 0" not in output:
                self.assertIn("disk is full", output, f"{free} kB free")
                told += 1
        self.assertGreaterEqual(told, 3)
        self.assertGreaterEqual(whole, 1)


if __name__ == "__main__":
    unittest.main()
