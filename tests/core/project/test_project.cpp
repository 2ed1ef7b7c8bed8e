#include "core/package/archive.h"
#include "core/project/project.h"

#include "tests/support/environment.h"
#include "tests/support/killing.h"

#include <nlohmann/json.hpp>

#include <filesystem>
#include <functional>
#include <random>
#include <set>
#include <sstream>

#include <QElapsedTimer>
#include <QProcess>

using namespace ink;

namespace {

FindLetters fontsHere()
{
    return [](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        const auto face = FontFace::open(font.path, {font.face, font.instance});
        if (!face)
            return fail(face.error());
        return lettersOf(*face);
    };
}

FindLetters noFonts()
{
    return [](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        return fail(ErrorCode::FileNotFound, font.path);
    };
}

Job dressedJob()
{
    Job job;
    job.words = "Fennmoor\nHoney \xEF\xBF\xBC\n\nsince \xC5\x81ucja";
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    job.size = {SizeBy::Height, 87.25};
    job.tracking_em = 0.01;
    auto& l = job.lettering;
    l.letters[0].dx_em = 0.1 / 3.0;
    l.letters[3].turn_deg = -7.5;
    l.letters[13].worn = WornForm{(*FontFace::open(job.font.path))->glyphOf(U'g'), "g", 1};
    l.letters[15].motif = "bee";
    for (std::size_t i = 18; i < 23; ++i) {
        l.letters[i].font = FontRef{test::demoFont("GatepostPlain.ttf").string(), 0, {}};
        l.letters[i].font_size = 0.6;
    }
    l.letters[20].is_apart = true;
    l.blocks.resize(2);
    l.blocks[0].align = Align::Right;
    l.blocks[0].line_gap = 0.9;
    l.blocks[1].shape = {ShapeKind::Circle, true, 210.0, 33.0, true, {}};
    l.blocks[1].dy_em = -1.0 / 7.0;
    l.close_up.depth_mm = 0.35;
    l.close_up.by = CloseUp::By::Line;
    const auto bits = FontFace::open(test::demoFont("StallholderBits.ttf"));
    l.motifs["bee"] = {"Bee",  std::make_shared<const Paths>((*bits)->glyphOutline(3)),
                       700.0,  "Stallholder Bits",
                       "ab12", "CC0"};
    l.pieces.push_back({"bee", std::size_t(4), 0.5, -0.25, 0.4, 12.0, true});
    return job;
}

Project made(const Job& job)
{
    auto project =
        makeProject(job, fontsHere(), [](const FontRef&) { return std::string("c0ffee"); },
                    {{"Larkmallow/licence.txt", "May be sold.\n"}, {"note.bin", std::string("\0\xFF", 2)}});
    if (!project)
        qFatal("%s", project.error().message().c_str());
    return std::move(*project);
}

std::string bytesOf(const Project& project)
{
    std::ostringstream out;
    if (!writeProject(out, project))
        qFatal("not written");
    return out.str();
}

} // namespace

class TestProject : public QObject
{
    Q_OBJECT
private slots:
    void everyChoiceSurvives();
    void theSameProjectGivesTheSameBytes();
    void opensWithoutItsFontsAsItWas();
    void wordsOfStoredLettersCanBeChangedWithinThem();
    void everyTruncatedProjectSaysSo();
    void damagedProjectsNeverCrash();
    void newerProjectsAreLeftAlone();
    void aPlainJobOfTheFirstVersionOpens();
    void whatIsInsideIsReadableByOthers();
    void savingThatIsKilledLeavesTheOldOrTheNew();
    void whatCannotBeReadIsSaidAndKept();
    void numbersBeyondReasonAreRefusedOrBounded();
    void everyNumberMayBeBeyondReason();
    void aTailStaysWithoutItsFont();
};

void TestProject::everyChoiceSurvives()
{
    const Job job = dressedJob();
    std::stringstream text;
    writeJob(text, job);
    const auto read = readJob(text);
    QVERIFY(read);
    QCOMPARE(*read, job);
    const auto project = readProject(bytesOf(made(job)), "x.uink");
    QVERIFY(project);
    QCOMPARE(project->job, job);
    QCOMPARE(project->evidence.size(), std::size_t(2));
    QCOMPARE(project->evidence[1].bytes, std::string("\0\xFF", 2));
    QCOMPARE(project->fonts.size(), std::size_t(2));
}

void TestProject::theSameProjectGivesTheSameBytes()
{
    const auto bytes = bytesOf(made(dressedJob()));
    const auto read = readProject(bytes, "x.uink");
    QVERIFY(read);
    QCOMPARE(bytesOf(*read), bytes);
    // Saved again by a computer with the fonts, and by one without them.
    for (const auto& fonts : {fontsHere(), noFonts()}) {
        auto again = makeProject(
            read->job, lettersOf(*read, fonts), [](const FontRef&) { return std::string("c0ffee"); },
            read->evidence);
        QVERIFY(again);
        QCOMPARE(bytesOf(*again), bytes);
    }
}

void TestProject::opensWithoutItsFontsAsItWas()
{
    const Job job = dressedJob();
    const auto with = composeDesign(job, fontsHere());
    const auto project = readProject(bytesOf(made(job)), "x.uink");
    const auto without = composeDesign(project->job, lettersOf(*project, noFonts()));
    QVERIFY(with && without);
    QCOMPARE(without->design.figures_mm.area, with->design.figures_mm.area);
    QCOMPARE(without->design.figures_mm.nodes, with->design.figures_mm.nodes);
    QCOMPARE(without->setting.missing_fonts.size(), std::size_t(2));
    QVERIFY(with->setting.missing_fonts.empty());
}

void TestProject::wordsOfStoredLettersCanBeChangedWithinThem()
{
    Job job;
    job.words = "Honey";
    job.font.path = test::demoFont("GatepostPlain.ttf").string();
    const auto project = readProject(bytesOf(made(job)), "x.uink");
    Job changed = project->job;
    changed.words = "Hone";
    const auto fewer = composeDesign(changed, lettersOf(*project, noFonts()));
    QVERIFY(fewer);
    QVERIFY(fewer->design.missing.empty());
    changed.words = "Honeys";
    const auto more = composeDesign(changed, lettersOf(*project, noFonts()));
    QVERIFY(more);
    QCOMPARE(more->design.missing, std::u32string(U"s"));
}

void TestProject::everyTruncatedProjectSaysSo()
{
    Job job;
    job.words = "Hi";
    job.font.path = test::demoFont("GatepostPlain.ttf").string();
    const auto bytes = bytesOf(made(job));
    QVERIFY(readProject(bytes, "x.uink"));
    for (std::size_t n = 0; n < bytes.size(); ++n) {
        const auto cut = readProject(std::string_view(bytes).substr(0, n), "x.uink");
        if (cut)
            QFAIL(qPrintable(QStringLiteral("opened with %1 of %2 bytes").arg(n).arg(bytes.size())));
        QCOMPARE(cut.error().code, ErrorCode::ProjectDamaged);
        QCOMPARE(cut.error().subject, std::string("x.uink"));
    }
}

void TestProject::damagedProjectsNeverCrash()
{
    const auto bytes = bytesOf(made(dressedJob()));
    std::mt19937 random(11);
    std::size_t refused = 0;
    for (int i = 0; i < 160; ++i) {
        std::string bad = bytes;
        for (int k = 0; k < 1 + i % 5; ++k)
            bad[random() % bad.size()] = static_cast<char>(random());
        const auto read = readProject(bad, "x.uink");
        refused += read ? 0 : 1;
        if (read && i % 10 == 0)
            (void)composeDesign(read->job, lettersOf(*read, noFonts()));
    }
    QVERIFY(refused > 25);
}

void TestProject::newerProjectsAreLeftAlone()
{
    auto bytes = bytesOf(made(dressedJob()));
    // Stored or packed, the version is inside project.json: write one anew with another number.
    std::ostringstream out;
    Project project = made(dressedJob());
    QVERIFY(writeProject(out, project));
    test::TempFolder folder;
    const auto path = folder.write("x.uink", bytes);
    QVERIFY(openProject(path));
    QCOMPARE(openProject(folder.path() / "none.uink").error().code, ErrorCode::FileNotFound);
    const QByteArray script =
        "import sys,zipfile\n"
        "a=zipfile.ZipFile(sys.argv[1]);b=zipfile.ZipFile(sys.argv[2],'w')\n"
        "[b.writestr(n,a.read(n).replace(b'\"version\": 1',b'\"version\": 2') if n=='project.json' "
        "else a.read(n)) for n in a.namelist()]\nb.close()\n";
    const auto newer = folder.path() / "newer.uink";
    QProcess python;
    python.start("/usr/bin/python3", {"-c", script, QString::fromStdString(path.string()),
                                      QString::fromStdString(newer.string())});
    QVERIFY(python.waitForFinished());
    QCOMPARE(python.exitCode(), 0);
    QCOMPARE(openProject(newer).error().code, ErrorCode::ProjectTooNew);
}

void TestProject::aPlainJobOfTheFirstVersionOpens()
{
    std::istringstream in(
        R"({"format":"under-ink-job","version":1,"words":"Honey","size":{"by":"width","value_mm":90}})");
    const auto job = readJob(in);
    QVERIFY(job);
    QVERIFY(job->lettering.isPlain());
    std::istringstream odd(
        R"({"format":"under-ink-job","words":"Honey","lettering":{"letters":[{"at":1,"turn_deg":1e99},7],
        "blocks":[{"size":-4,"align":"upwards","shape":{"kind":"knot","amount":3}}],"motifs":[{"id":"m","outline":"M0"}]}})");
    const auto fallen_back = readJob(odd);
    QVERIFY(fallen_back);
    QCOMPARE(fallen_back->lettering.letter(1).turn_deg, 360.0);
    QCOMPARE(fallen_back->lettering.block(0).size, 0.05);
    QVERIFY(fallen_back->lettering.motifs.empty());
}

void TestProject::whatIsInsideIsReadableByOthers()
{
    test::TempFolder folder;
    const auto path = folder.path() / "x.uink";
    QVERIFY(saveProject(path, made(dressedJob())));
    const QByteArray script =
        "import sys,zipfile,json\nfrom xml.etree import ElementTree\n"
        "z=zipfile.ZipFile(sys.argv[1]);assert z.testzip() is None\n"
        "assert z.namelist()[0]=='mimetype'\n"
        "j=json.loads(z.read('job.json'));assert j['words'].startswith('Fennmoor')\n"
        "assert j['lettering']['close_up']=={'depth_mm':0.35,'by':'line'}\n"
        "l=json.loads(z.read('letters.json'));assert l['fonts'][0]['name']=='Larkmallow'\n"
        "assert all(g['outline'].startswith('M') or not g['outline'] for f in l['fonts'] for g in "
        "f['glyphs'])\n"
        "ElementTree.fromstring(z.read('preview.svg'))\n"
        "assert z.read('evidence/Larkmallow/licence.txt')==b'May be sold.\\n'\n";
    QProcess python;
    python.start("/usr/bin/python3", {"-c", script, QString::fromStdString(path.string())});
    QVERIFY(python.waitForFinished());
    QVERIFY2(python.exitCode() == 0, python.readAllStandardError().constData());
}

void TestProject::savingThatIsKilledLeavesTheOldOrTheNew()
{
    test::TempFolder folder;
    const auto path = folder.path() / "job.uink";
    Job one = dressedJob(), other = dressedJob();
    other.words = "Garden Supper";
    other.lettering = {};
    const Project first = made(one), second = made(other);
    QElapsedTimer timer;
    timer.start();
    QVERIFY(saveProject(path, first));
    const auto one_us = static_cast<unsigned>(timer.nsecsElapsed() / 1000 + 100);
    std::mt19937 random(3);
    for (int i = 0; i < 60; ++i) {
        const Project& written = i % 2 == 0 ? second : first;
        const int times = i % 3;
        QVERIFY(test::killedWhile([&] { return saveProject(path, written).has_value(); }, times,
                                  random() % (2 * one_us)));
        const auto read = openProject(path);
        QVERIFY2(read, read ? "" : read.error().message().c_str());
        QVERIFY(read->job == written.job || (times == 0 && (read->job == one || read->job == other)));
    }
}

/// The entries of a project's file, changed by `change`, as a file again.
std::string rewritten(const std::string& bytes,
                      const std::function<void(std::vector<NewArchiveEntry>&)>& change)
{
    std::vector<NewArchiveEntry> entries;
    std::string stopped;
    PackageUse use;
    const auto take = [&](ArchiveEntry entry) {
        entries.push_back(
            {entry.name, [b = entry.bytes]() -> Result<std::string> { return b; }, entry.link_target});
    };
    if (!readArchive(bytes, "test", PackageLimits(), use, take, stopped))
        qFatal("not read");
    change(entries);
    std::ostringstream out;
    if (!writeZip(out, entries))
        qFatal("not written");
    return out.str();
}

void TestProject::whatCannotBeReadIsSaidAndKept()
{
    const auto bytes = rewritten(bytesOf(made(dressedJob())), [](std::vector<NewArchiveEntry>& entries) {
        entries.push_back(
            {"evidence/elsewhere", [] { return Result<std::string>(std::string()); }, "/etc/passwd"});
        entries.push_back({"from-a-newer-version.json", [] { return Result<std::string>("{}"); }, {}});
    });
    const auto opened = readProject(bytes, "links.uink");
    QVERIFY(opened);
    QCOMPARE(opened->warnings.size(), std::size_t(1));
    QVERIFY(opened->warnings.front().find("evidence/elsewhere") != std::string::npos);
    QVERIFY(std::ranges::none_of(opened->evidence, [](const auto& e) { return e.name == "elsewhere"; }));
    const auto again = readProject(bytesOf(*opened), "links.uink");
    QVERIFY(again);
    QCOMPARE(again->others.size(), std::size_t(2));
    QCOMPARE(again->others[0].link_target, std::string("/etc/passwd"));
    QCOMPARE(again->others[1].bytes, std::string("{}"));
    QCOMPARE(again->warnings.size(), std::size_t(1));
}

void TestProject::numbersBeyondReasonAreRefusedOrBounded()
{
    // Ordinates whose differences are infinite ended in a memory fault; stored glyphs and motifs alike.
    const auto swapped = [](const std::string& from, const std::string& to) {
        return rewritten(bytesOf(made(dressedJob())), [&](std::vector<NewArchiveEntry>& entries) {
            for (auto& entry : entries) {
                std::string text = *entry.bytes();
                if (const auto at = text.find(from); at != std::string::npos)
                    text.replace(at, from.size(), to);
                entry.bytes = [text]() -> Result<std::string> { return text; };
            }
        });
    };
    const std::string wild = "\"outline\": \"M-1.5e308,-1.5e308L1.5e308,1.5e308L0,1.5e308Z\", \"was\": \"";
    for (const auto& [from, to] : {std::pair<std::string, std::string>{"\"outline\": \"", wild},
                                   {"\"advance\": ", "\"advance\": 1e308, \"was\": "},
                                   {"\"units_per_em\": ", "\"units_per_em\": 1e-300, \"was\": "}}) {
        const auto opened = readProject(swapped(from, to), "wild.uink");
        if (!opened)
            continue; // refused
        const auto composed = composeDesign(opened->job, lettersOf(*opened, noFonts()));
        QVERIFY(composed || !composed.error().message().empty());
    }
}

namespace {

/// Calls `visit` with each number inside, and the names that lead to it, without places in lists.
void eachNumber(nlohmann::json& json, const std::string& path,
                const std::function<void(nlohmann::json&, const std::string&)>& visit)
{
    if (json.is_number())
        return visit(json, path);
    if (json.is_object())
        for (auto& [name, inside] : json.items())
            eachNumber(inside, path + "/" + name, visit);
    if (json.is_array())
        for (auto& inside : json)
            eachNumber(inside, path, visit);
}

} // namespace

/// Numbers of one name at a time, in every file of a project that has all there is. What a cast may not be asked for the sanitizers tell.
void TestProject::everyNumberMayBeBeyondReason()
{
    const std::string bytes = bytesOf(made(dressedJob()));
    std::set<std::string> paths;
    const auto withNumber = [&](const std::string& path, double number) {
        return rewritten(bytes, [&](std::vector<NewArchiveEntry>& entries) {
            for (auto& entry : entries) {
                auto json = nlohmann::json::parse(*entry.bytes(), nullptr, false);
                if (json.is_discarded())
                    continue;
                eachNumber(json, entry.name, [&](nlohmann::json& here, const std::string& at) {
                    paths.insert(at);
                    if (at == path)
                        here = number;
                });
                entry.bytes = [text = json.dump()]() -> Result<std::string> { return text; };
            }
        });
    };
    withNumber({}, 0.0);
    const auto all = paths;
    QVERIFY2(all.size() > 30, qPrintable(QString::number(all.size())));
    std::size_t opened = 0;
    for (const auto& path : all)
        for (const double number : {1e300, -1e300, 0.5}) {
            const auto project = readProject(withNumber(path, number), "wild.uink");
            QVERIFY2(project || !project.error().message().empty(), path.c_str());
            opened += project ? 1 : 0;
        }
    QVERIFY2(opened > all.size(), qPrintable(QString::number(opened)));
}

void TestProject::aTailStaysWithoutItsFont()
{
    Job job;
    job.words = "Bram";
    job.font.path = test::demoFont("Larkmallow.ttf").string();
    job.size = {SizeBy::Width, 120};
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].has_tail = true;
    const auto here = composeDesign(job, fontsHere());
    QVERIFY(here);
    QCOMPARE(here->setting.pieces.size(), std::size_t(1)); // the tail
    const auto project = made(job);
    const auto read = readProject(bytesOf(project), "tail.uink");
    QVERIFY(read);
    const auto away = composeDesign(read->job, lettersOf(*read, noFonts()));
    QVERIFY(away);
    QCOMPARE(away->setting.pieces.size(), std::size_t(1));
    QCOMPARE(away->design.figures_mm.nodes, here->design.figures_mm.nodes);
    QVERIFY(std::abs(away->design.figures_mm.area - here->design.figures_mm.area) <
            1e-9 * here->design.figures_mm.area);
}

INK_TEST_CORE_MAIN(TestProject)
#include "test_project.moc"
