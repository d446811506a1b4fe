"""What was found clean and has not changed since need not be read again: for the scripts that read every file of src/."""
import functools
import hashlib
import json
import shlex
import subprocess
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent


def compiler_words(entry):
    """The command of an entry of compile_commands.json from the compiler on, without what it writes."""
    words = shlex.split(entry['command'])
    while not words[0].endswith('clang++-16'):
        words.pop(0)
    if '-o' in words:
        out = words.index('-o')
        del words[out:out + 2]
    return words


def files_of(rule):
    """The files that a rule for make, as the compiler writes it, depends on."""
    return rule.replace('\\\n', ' ').split(':', 1)[1].split()


def files_read(entry):
    """What a file is made of; None where it does not compile."""
    done = subprocess.run(compiler_words(entry) + ['-M', '-MT', 'all'], capture_output=True, text=True, cwd=entry['directory'])
    return None if done.returncode else files_of(done.stdout)


@functools.cache
def standing(path):
    """What tells a file from what it was: ours by what it says, others by their size and time; none that is gone."""
    try:
        if ROOT in path.resolve().parents:
            return hashlib.sha256(path.read_bytes()).hexdigest()
        return f'{path.stat().st_size} {path.stat().st_mtime_ns}'
    except OSError:
        return ''


class CleanBefore:
    """Keeps in a folder what was asked and found clean, with all files that this rested on."""

    def __init__(self, folder):
        self.folder = folder

    def _path(self, asked):
        return self.folder / (hashlib.sha256('\n'.join(asked).encode()).hexdigest() + '.json')

    def holds(self, asked):
        try:
            files = json.loads(self._path(asked).read_text())
        except (OSError, ValueError):
            return False
        return all(was and standing(Path(name)) == was for name, was in files.items())

    def keep(self, asked, files):
        self.folder.mkdir(parents=True, exist_ok=True)
        self._path(asked).write_text(json.dumps({str(name): standing(Path(name)) for name in files}))
