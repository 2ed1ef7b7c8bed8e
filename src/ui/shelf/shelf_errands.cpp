// What the Shelf station does beside showing the collection: taking in, sheets, twins, health, carrying.
#include "core/alphabet/alphabet_font.h"
#include "core/alphabet/alphabet_package.h"
#include "core/alphabet/made_alphabet.h"
#include "core/base/file_output.h"
#include "core/intake/package.h"
#include "core/rights/stitching.h"
#include "shelf/bundle.h"
#include "shelf/install_package.h"
#include "shelf/shelf_health.h"
#include "shelf/shelf_intake.h"
#include "ui/alphabet/letters_page.h"
#include "ui/core_words.h"
#include "ui/find/wish_bar.h"
#include "ui/measures.h"
#include "ui/shelf/document_page.h"
#include "ui/shelf/health_page.h"
#include "ui/shelf/sheet_page.h"
#include "ui/shelf/shelf_page.h"
#include "ui/shelf/shelf_panel.h"
#include "ui/shelf/twins_page.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QFileInfo>

#include <algorithm>
#include <set>

namespace ink::ui {
namespace {

constexpr std::size_t kMostPaperBytes = 64U << 20U;

/// A work on a connection of its own, so that the person's changes need not wait for it.
template <class Value>
Result<Value> onOwnStore(const std::filesystem::path& folder,
                         const std::function<Result<Value>(ShelfStore&)>& work)
{
    const auto store = ShelfStore::open(folder);
    return store ? work(**store) : Result<Value>(fail(store.error()));
}

} // namespace

/// As they lie in their folders, with the documents that lie beside them.
void ShelfPage::takeFiles(const QStringList& files)
{
    struct Took
    {
        TakenToShelf taken;
        std::optional<Error> first;
    };
    m_shelf.run<Took>(
        [files](OpenShelf& shelf) -> Result<Took> {
            Took took;
            std::set<std::filesystem::path> folders;
            std::set<std::filesystem::path> wanted;
            for (const auto& file : files) {
                const std::filesystem::path path = file.toStdString();
                wanted.insert(path);
                folders.insert(path.parent_path());
            }
            for (const auto& folder : folders) {
                InspectOptions options;
                options.cancel = shelf.cancel;
                auto contents = inspectPackage(folder, options);
                if (!contents) {
                    took.first = took.first ? took.first : contents.error();
                    continue;
                }
                contents->is_plain_folder = true;
                contents->source.clear(); // it came from no package
                std::vector<std::size_t> chosen;
                for (const std::size_t i : contents->fonts())
                    if (wanted.contains(folder / contents->entries[i].path))
                        chosen.push_back(i);
                const auto taken = takeToShelf(shelf.store, *contents, chosen, today());
                if (!taken)
                    return fail(taken.error());
                took.taken.fonts += taken->fonts;
                took.taken.added += taken->added;
            }
            return took;
        },
        [this](const Result<Took>& took) {
            if (!took)
                return void(emit problem(took.error()));
            if (took->first)
                emit problem(*took->first);
            emit told(tr("%n new font(s) (is|are) on the shelf now.", nullptr,
                         static_cast<int>(took->taken.added)));
        });
}

void ShelfPage::showKeyMap(int row)
{
    m_sheet->show(nullptr, {});
    show(SheetPlace);
    const auto entry = m_fonts.entry(row);
    const QString name = m_fonts.name(row);
    auto& fits = m_fonts.fits();
    fits.pool().run(
        kKeyMapSlot, 2,
        [this, entry, name, marks = m_fonts.othersMarks(row),
         &faces = fits.faces()](const CancelToken&) -> SlotPool::Answer {
            const auto face = faces.open(entry.path, entry.info.choice);
            if (!face)
                return [this, error = face.error()] {
                    show(Collection);
                    emit problem(error);
                };
            auto cells = keyCellsOf(**face, marks);
            const QString note =
                tr("%n glyph(s). What is on which key, its code point, and the glyph's name; crossed "
                   "out: somebody else's mark.",
                   nullptr, static_cast<int>(cells.size()));
            std::shared_ptr<const Sheet> sheet =
                keyMapSheet(tr("%1: key map").arg(name), note, std::move(cells));
            return [this, sheet, name] { m_sheet->show(sheet, name + QStringLiteral(" key map.pdf")); };
        });
}

void ShelfPage::showLetters(int row)
{
    const auto* font = m_fonts.shelf(row);
    if (!font)
        return;
    m_letters_of = font->sha256;
    auto& fits = m_fonts.fits();
    fits.pool().run(kLettersSlot, 2,
                    [this, entry = m_fonts.entry(row),
                     &faces = fits.faces()](const CancelToken& token) -> SlotPool::Answer {
                        const auto face = faces.open(entry.path, entry.info.choice);
                        const auto letters = face ? alphabetIn(**face) : fail(face.error());
                        if (!letters || !*letters)
                            return [this,
                                    error = letters ? Error{ErrorCode::AlphabetEmpty, entry.path.string(), {}}
                                                    : letters.error()] { emit problem(error); };
                        const auto pictures = LettersPage::picturesOf(**letters, token);
                        return [this, letters = *letters, pictures] {
                            m_letters->open(*letters, pictures);
                            show(LettersPlace);
                        };
                    });
}

void ShelfPage::putLettersRight(const Alphabet& letters)
{
    show(Collection);
    m_shelf.putLettersRight(m_letters_of, letters);
}

/// From outlines to an open package, which is then looked into like any other.
void ShelfPage::makeLetters(int row)
{
    const auto size_mm = m_questions.letters_mm ? m_questions.letters_mm(this) : std::nullopt;
    if (!size_mm)
        return;
    const QString name = tr("%1 stitched %2 mm").arg(m_fonts.name(row), QString::number(*size_mm));
    const QString path = m_questions.save_path(this, name + QStringLiteral(".zip"));
    if (path.isEmpty())
        return;
    const auto* rights = m_fonts.knownRights(row);
    const Dossier dossier = rights ? rights->dossier : Dossier();
    StitchSettings settings = m_job.job().stitches;
    if (settings.as == SewnAs::Applique) // a letter by itself is thread
        settings.as = SewnAs::Satin;
    std::vector<std::pair<std::string, std::filesystem::path>> papers; // they speak of its stitches as well
    if (const auto* font = m_fonts.shelf(row))
        for (const auto& document : font->documents)
            papers.emplace_back(document.name, m_shelf.contents()->fileOf(document.sha256));
    m_panel->setMakesStitches(true);
    emit told(tr("Making stitches of %1 …").arg(m_fonts.name(row)));
    auto& fits = m_fonts.fits();
    fits.pool().run(
        kMakeSlot, 2,
        [this, path, settings, size_mm, entry = m_fonts.entry(row), name, papers = std::move(papers),
         // What was not read yet says nothing, not even that it says nothing.
         allowed = rights ? saidOfStitching(dossier) : std::string(),
         is_answered = speaksOfStitching(dossier),
         &faces = fits.faces()](const CancelToken& token) -> SlotPool::Answer {
            const auto made = [&]() -> Result<std::size_t> {
                const auto face = faces.open(entry.path, entry.info.choice);
                if (!face)
                    return fail(face.error());
                auto letters = madeAlphabet(**face, *size_mm, settings, usualLetters(), token);
                if (!letters)
                    return fail(letters.error());
                letters->alphabet.name = name.toStdString();
                if (is_answered) // else its documents speak for themselves
                    letters->alphabet.rights = allowed;
                std::vector<AlphabetFile> documents;
                for (const auto& [called, file] : papers) {
                    auto bytes = readFile(file, kMostPaperBytes);
                    if (!bytes)
                        return fail(bytes.error());
                    documents.push_back({called, std::move(*bytes)});
                }
                if (token.isCancelled())
                    return fail(ErrorCode::Cancelled);
                if (const auto done = writeAlphabet(path.toStdString(), letters->alphabet, documents); !done)
                    return fail(done.error());
                return letters->alphabet.letters.size();
            }();
            return [this, path, made, allowed] {
                m_panel->setMakesStitches(false);
                if (!made)
                    return void(emit problem(made.error()));
                emit lettersMade(path);
                emit told(tr("Saved %1 with %n letter(s). %2", nullptr, static_cast<int>(*made))
                              .arg(QFileInfo(path).fileName(), said(allowed)));
            };
        });
}

void ShelfPage::stopMakingLetters()
{
    m_fonts.fits().pool().cancel(kMakeSlot);
    m_panel->setMakesStitches(false);
    emit told(tr("No stitched letters were made."));
}

void ShelfPage::showSpecimen()
{
    m_specimen.clear();
    for (const int row : theseRows())
        m_specimen.emplace_back(m_fonts, row);
    m_sheet->show(nullptr, {});
    show(SheetPlace);
    makeSpecimen();
}

/// Once the words are there in every font.
void ShelfPage::makeSpecimen()
{
    bool is_whole = true;
    std::erase_if(m_specimen, [](const FontRow& row) { return row < 0; }); // taken away meanwhile
    for (const int row : m_specimen) {
        m_fonts.preview(row);
        m_fonts.rights(row);
        is_whole = is_whole && m_fonts.isFresh(row);
    }
    if (!is_whole)
        return;
    std::vector<SpecimenLine> lines;
    for (const int row : m_specimen) {
        const auto* preview = m_fonts.known(row);
        const auto* rights = m_fonts.knownRights(row);
        SpecimenLine line{
            m_fonts.name(row), {}, rights ? said(nameOf(rights->dossier.verdict)) : QString(), preview->card};
        line.about = preview->card ? tr("%1 wide, %2 high")
                                         .arg(figureWithUnit(preview->card->width_mm, m_job.job().unit),
                                              figureWithUnit(preview->card->height_mm, m_job.job().unit))
                                   : said(errorText(preview->error->code));
        lines.push_back(std::move(line));
    }
    m_specimen.clear();
    const QString words = text(m_job.job().words).simplified();
    const QString title = tr("“%1” in %n font(s)", nullptr, static_cast<int>(lines.size())).arg(words);
    m_sheet->show(specimenSheet(title, tr("As large as they will be cut. Print at 100 %."), std::move(lines)),
                  words + QStringLiteral(" specimen.pdf"));
}

void ShelfPage::showTwins()
{
    show(TwinsPlace);
    m_twins->showProgress(0, 0);
    using Groups = std::vector<TwinsShown>;
    m_fonts.fits().pool().run(
        kTwinsSlot, 1, [this, folder = m_shelf.folder()](const CancelToken& token) -> SlotPool::Answer {
            const auto groups = onOwnStore<Groups>(folder, [&](ShelfStore& store) -> Result<Groups> {
                auto fonts = store.fonts();
                if (!fonts)
                    return fail(fonts.error());
                std::erase_if(*fonts,
                              [](const ShelfFont& font) { return font.state == ShelfState::SetAside; });
                const auto progress = [this, of = fonts->size()](std::size_t done) {
                    constexpr std::size_t kTellEvery = 25;
                    if (done % kTellEvery == 0)
                        QMetaObject::invokeMethod(
                            this, [this, done, of] { m_twins->showProgress(done, of); },
                            Qt::QueuedConnection);
                };
                const auto prints = fontPrints(store, *fonts, token, progress);
                if (!prints)
                    return fail(prints.error());
                Groups shown;
                for (const auto& group : findTwins(*fonts, *prints)) {
                    TwinsShown one;
                    std::vector<const ShelfFont*> members;
                    std::vector<PrintPtr> member_prints;
                    for (const std::size_t i : group.fonts) {
                        members.push_back(&(*fonts)[i]);
                        const auto print = prints->find((*fonts)[i].id);
                        member_prints.push_back(print == prints->end() ? nullptr : print->second);
                        one.fonts.push_back((*fonts)[i].id);
                        one.sha256s.push_back((*fonts)[i].sha256);
                    }
                    one.kinds = group.kinds;
                    one.facts = twinFacts(members, member_prints);
                    shown.push_back(std::move(one));
                }
                return shown;
            });
            return [this, groups] {
                if (groups)
                    return m_twins->show(*groups);
                show(Collection);
                emit problem(groups.error());
            };
        });
}

void ShelfPage::showHealth()
{
    lookForMissing({});
}

void ShelfPage::lookForMissing(const QString& look_in)
{
    struct Looked
    {
        ShelfHealth health;
        std::vector<ShelfFont> never_used;
    };
    show(HealthPlace);
    m_health->showWaiting();
    m_shelf.run<Looked>(
        [look_in, font_folder = m_shelf.fontFolder()](OpenShelf& shelf) -> Result<Looked> {
            std::vector<std::filesystem::path> folders;
            if (!look_in.isEmpty())
                folders.emplace_back(look_in.toStdString());
            auto health = healthOf(shelf.store, folders);
            if (!health)
                return fail(health.error());
            Looked looked{std::move(*health), {}};
            // Without fc-list the figures stay out; the rest is worth telling all the same.
            static_cast<void>(measureCost(looked.health, font_folder));
            auto fonts = shelf.store.fonts();
            if (!fonts)
                return fail(fonts.error());
            for (auto& font : *fonts)
                if (font.last_used.empty() && font.state != ShelfState::SetAside)
                    looked.never_used.push_back(std::move(font));
            return looked;
        },
        [this](const Result<Looked>& looked) {
            if (looked)
                return m_health->show(looked->health, looked->never_used);
            show(Collection);
            emit problem(looked.error());
        });
}

void ShelfPage::carry()
{
    const QString path = m_questions.save_path(this, tr("my shelf.zip"));
    if (path.isEmpty())
        return;
    const auto fonts = theseFonts();
    m_shelf.run<bool>(
        [path, fonts](OpenShelf& shelf) -> Result<bool> {
            const auto done = writeBundle(path.toStdString(), shelf.store, fonts, shelf.rights);
            return done ? Result<bool>(true) : fail(done.error());
        },
        [this, path, count = fonts.size()](const Result<bool>& done) {
            if (!done)
                return void(emit problem(done.error()));
            emit told(
                tr("Saved %1 with %n font(s), their documents, rights, sets, tags and notes. Read it on the "
                   "other computer with “Read a carried shelf”.",
                   nullptr, static_cast<int>(count))
                    .arg(QFileInfo(path).fileName()));
        });
}

void ShelfPage::exportForAll()
{
    const QString path = m_questions.save_path(this, tr("fonts for all users.zip"));
    if (path.isEmpty())
        return;
    const auto fonts = theseFonts();
    m_shelf.run<bool>(
        [path, fonts](OpenShelf& shelf) -> Result<bool> {
            const auto done = writeInstallPackage(path.toStdString(), shelf.store, fonts);
            return done ? Result<bool>(true) : fail(done.error());
        },
        [this, path, count = fonts.size()](const Result<bool>& done) {
            if (!done)
                return void(emit problem(done.error()));
            emit told(
                tr("Saved %1 with %n font(s). READ-ME-FIRST.txt in it says what whoever looks after the "
                   "computer has to do.",
                   nullptr, static_cast<int>(count))
                    .arg(QFileInfo(path).fileName()));
        });
}

/// `theirs` by value: the page forgets its own when it begins to wait.
void ShelfPage::readCarried(const QString& file, CarryPage::Theirs theirs)
{
    show(CarryPlace);
    m_carried->showWaiting(file);
    m_shelf.run<BundleRead>(
        [file, theirs = std::move(theirs)](OpenShelf& shelf) {
            return readBundle(
                file.toStdString(), shelf.store, shelf.rights,
                [&](const BundleConflict& conflict) {
                    return theirs.contains({conflict.sha256, conflict.what});
                },
                today());
        },
        [this, file](const Result<BundleRead>& read) {
            if (read)
                return m_carried->show(file, *read);
            show(Collection);
            emit problem(read.error());
        });
}

} // namespace ink::ui
