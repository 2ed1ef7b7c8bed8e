"""What the core says to people and the window translates: the sentences of tables, collected from their source.

Used by tools/translations; written to translations/core_sentences.h, which lupdate reads and src/ui/core_words.cpp finds its forms in.
"""
import itertools
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


def source_of(path):
    """Without comments, and with literals that go on in the next line joined."""
    source = re.sub(r"(?m)^\s*//.*$|(?<=[;{},)]) +//.*$", "", path.read_text(encoding="utf-8"))
    return re.sub(r'"\s*\n\s*"', "", source)


def sources(*folders):
    return [source_of(path) for folder in folders for path in sorted((TOP / "src" / folder).rglob("*")) if path.suffix in (".cpp", ".h")]


def numbered(form):
    """"{} of {}" is translated as "%1 of %2"."""
    places = itertools.count(1)
    return re.sub(r"\{\}", lambda _: f"%{next(places)}", form)


def forms():
    """What is marked with told(), in core/base/told.h."""
    for source in sources("core", "shelf", "services"):
        yield from map(numbered, re.findall(r'\btold\(\s*"((?:[^"\\]|\\.)*)"', source))


def details():
    """What the place of failure says beside the code of the error."""
    for source in sources("core", "shelf", "services"):
        for call in re.findall(r'\b(?:fail\(|Error\{)ErrorCode::(?:"(?:[^"\\]|\\.)*"|[^;"])*;', source):
            call = re.sub(r'\btold\(\s*"(?:[^"\\]|\\.)*"', "", call)
            yield from (s for s in LITERALS.findall(call) if " " in s.strip() and not s.startswith(" "))


def sentences():
    """Whole sentences of what reads packages and rights."""
    spoken = [*sources("core/intake", "core/package"), *(source_of(TOP / "src/core" / f) for f in ("fit/font_kind.cpp", "rights/dossier.cpp", "rights/findings.cpp", "rights/permission.cpp"))]
    for source in spoken:
        yield from (s.strip() for s in LITERALS.findall(source) if re.fullmatch(r" ?[A-Z][^{}\\]* [^{}\\]*\.", s))


def materials():
    for path in sorted((TOP / "data" / "materials").glob("*.json")):
        card = json.loads(path.read_text(encoding="utf-8"))
        yield from (card[key] for key in ("name", "note") if card.get(key))


def collected():
    found = dict.fromkeys([*errors(), *names("src/core/rights/dossier.cpp", "nameOf(Verdict"), *names("src/core/rights/dossier.cpp", "nameOf(Question"),
                           *names("src/core/fit/font_kind.cpp", "nameOf(FontKind"), *names("src/core/intake/content_kind.cpp", "inWords(ContentKind"),
                           *names("src/core/cut/blanks.cpp", "shippedBlanks()"), *names("src/core/cut/blanks.cpp", "shippedHoops()"),
                           *(name for name in names("src/core/type/substitutions.cpp", "kFeatureWords[]") if len(name) != 4 or name[0].isupper()),
                           *processes(), *sentences(), *details(), *forms(), *materials()])
    lines = "\n".join(f'    QT_TRANSLATE_NOOP("Core", "{s}"),' for s in found)
    return f"// Written by tools/translations: what the core says to people, for src/ui/core_words.cpp.\n// clang-format off\nconstexpr const char* kCore[] = {{\n{lines}\n}};\n"
