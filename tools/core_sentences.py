"""What the core says to people and the window translates: the sentences of tables, collected from their source.

Used by tools/translations; written to translations/core_sentences.h, which lupdate reads and nothing compiles.
"""
import json
import pathlib
import re

TOP = pathlib.Path(__file__).resolve().parent.parent
LITERALS = re.compile(r'"((?:[^"\\]|\\.)*)"')


def joined(text):
    return "".join(LITERALS.findall(text))


def errors():
    source = (TOP / "src/core/base/error.cpp").read_text(encoding="utf-8")
    literal = r'((?:"(?:[^"\\]|\\.)*"\s*)+)'
    for row in re.findall(r"Row\{ErrorCode::\w+,\s*" + literal + r",\s*" + literal + r"\}", source):
        yield from map(joined, row)


def names(path, function):
    source = (TOP / path).read_text(encoding="utf-8")
    at = source.index(function)
    yield from LITERALS.findall(source[at:source.index("};", at)])


def processes():
    source = (TOP / "src/core/process/process.cpp").read_text(encoding="utf-8")
    for row in re.findall(r"ProcessInfo\{Process::\w+,(.*?)\}", source, re.S):
        yield from LITERALS.findall(row)[1:3]


def reasons():
    """Whole sentences only: what is put together of parts stays as it is."""
    source = (TOP / "src/core/rights/dossier.cpp").read_text(encoding="utf-8")
    for assigned in re.findall(r"m_dossier\.reason = (.*?);", source, re.S):
        yield from (s for s in LITERALS.findall(assigned) if s.endswith(".") and s[0].isupper())


def materials():
    for path in sorted((TOP / "data" / "materials").glob("*.json")):
        card = json.loads(path.read_text(encoding="utf-8"))
        yield from (card[key] for key in ("name", "note") if card.get(key))


def collected():
    found = dict.fromkeys([*errors(), *names("src/core/rights/dossier.cpp", "nameOf(Verdict"), *names("src/core/rights/dossier.cpp", "nameOf(Question"),
                           *names("src/core/fit/font_kind.cpp", "nameOf(FontKind"), *processes(), *reasons(), *materials()])
    lines = "\n".join(f'    QT_TRANSLATE_NOOP("Core", "{s}"),' for s in found)
    return f"// Written by tools/translations: what the core says to people. Read by lupdate, compiled by nobody.\n// clang-format off\nconst char* const kCore[] = {{\n{lines}\n}};\n"
