#include "ui/handoff/handed_files.h"

#include "core/base/file_output.h"
#include "ui/cut_files.h"
#include "ui/handoff/pattern_print.h"
#include "ui/handoff/slip_page.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

namespace ink::ui {
namespace {

/// Beside the file: FILE-rights.pdf and FILE-rights.json.
Result<void> writeSlip(const QString& path, const RightsSlip& slip, const Theme& theme)
{
    const QFileInfo info(path);
    const QString stem = info.dir().filePath(info.completeBaseName() + QStringLiteral("-rights"));
    if (auto done = writeFile((stem + QStringLiteral(".json")).toStdString(),
                              [&](std::ostream& out) -> Result<void> {
                                  writeSlipJson(out, slip);
                                  return {};
                              });
        !done)
        return done;
    return writeFile((stem + QStringLiteral(".pdf")).toStdString(),
                     [&](std::ostream& out) { return SlipPage::write(out, slip, theme); });
}

/// FILE, FILE-2 and so on.
QString sheetPath(const QString& path, std::size_t sheet)
{
    if (sheet == 0)
        return path;
    const QFileInfo info(path);
    return info.dir().filePath(
        QStringLiteral("%1-%2.%3").arg(info.completeBaseName()).arg(sheet + 1).arg(info.suffix()));
}

} // namespace

HandedFiles::HandedFiles(Needs needs, const Theme& theme, QObject* parent)
    : QObject(parent), m_needs(std::move(needs)), m_theme(theme)
{
    const QString documents = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    m_last_folder = QFileInfo(documents).isDir() ? documents : QDir::homePath();
}

QString HandedFiles::pathFor(const QString& what, std::string_view suffix)
{
    const Job& job = m_needs.job.job();
    QString name = job.names.isEmpty() ? fileNameFor(job.words)
                                       : tr("%1-and-%n-more", nullptr, int(job.names.names.size()) - 1)
                                             .arg(fileNameFor(job.names.names.front().words));
    if (!what.isEmpty())
        name = tr("%1-%2").arg(name, what);
    if (!m_needs.may_hand_off()) {
        emit told(tr("Nothing was handed off."));
        return {};
    }
    const QString path = m_needs.save_path(QDir(m_last_folder).filePath(name + text(suffix)));
    if (!path.isEmpty())
        m_last_folder = QFileInfo(path).absolutePath();
    return path;
}

std::optional<RightsSlip> HandedFiles::slipOfSale() const
{
    return m_needs.job.job().purpose == Purpose::Sale ? std::optional(m_needs.slip()) : std::nullopt;
}

PatternWords HandedFiles::patternWords() const
{
    const Job& job = m_needs.job.job();
    return {withoutMotifs(job.words),
            tr("Print at 100 %, without fitting to the page, and measure the squares.").toStdString(),
            m_needs.rights(job.font)};
}

void HandedFiles::saveSheets(const std::shared_ptr<const SheetPlan>& plan, SheetFormat format)
{
    const QString path = pathFor({}, suffixOf(format));
    if (path.isEmpty())
        return;
    const Job& job = m_needs.job.job();
    const std::string title = withoutMotifs(job.words), rights = m_needs.rights(job.font);
    m_needs.writes.add([this, plan, format, path, title, rights, slip = slipOfSale(),
                        unit = job.unit]() -> WriteQueue::Answer {
        Result<void> done;
        for (std::size_t sheet = 0; done && sheet < plan->sheets.size(); ++sheet) {
            const auto drawing = drawingOf(*plan, sheet, title, rights);
            done = writeFile(sheetPath(path, sheet).toStdString(),
                             [&](std::ostream& out) { return writeSheet(out, drawing, format); });
        }
        if (done && slip)
            done = writeSlip(path, *slip, m_theme);
        return [this, done, plan, path, unit] {
            if (!done)
                return emit problem(done.error());
            const auto& first = plan->sheets.front();
            emit told(tr("Saved %1: %n sheet(s), the first %2 wide and %3 long. It is in %4", nullptr,
                         int(plan->sheets.size()))
                          .arg(QFileInfo(path).fileName(), figureWithUnit(first.page_mm.width(), unit),
                               figureWithUnit(first.page_mm.height(), unit), QFileInfo(path).absolutePath()));
        };
    });
}

void HandedFiles::savePattern(const std::shared_ptr<const Pattern>& pattern)
{
    const QString path = pathFor(tr("pattern"), ".pdf");
    if (path.isEmpty())
        return;
    m_needs.writes.add(
        [this, pattern, path, words = patternWords(), slip = slipOfSale()]() -> WriteQueue::Answer {
            auto done = writeFile(path.toStdString(),
                                  [&](std::ostream& out) { return writePattern(out, *pattern, words); });
            if (done && slip)
                done = writeSlip(path, *slip, m_theme);
            return [this, done, pattern, path] {
                if (!done)
                    return emit problem(done.error());
                emit told(tr("Saved %1: %n page(s). It is in %2", nullptr, int(pattern->pageCount()))
                              .arg(QFileInfo(path).fileName(), QFileInfo(path).absolutePath()));
            };
        });
}

void HandedFiles::saveStitches(std::vector<std::shared_ptr<const MadeName>> names,
                               const StitchSettings& settings, StitchFormat format)
{
    const QString path = pathFor({}, suffixOf(format));
    if (path.isEmpty())
        return;
    m_needs.writes.add([this, names = std::move(names), settings, format, path,
                        slip = slipOfSale()]() -> WriteQueue::Answer {
        Result<void> done;
        std::size_t written = 0, stitches = 0;
        QStringList left_out;
        for (const auto& name : names) {
            const auto sewn = sewName(*name, settings);
            if (sewn.error) {
                left_out << text(name->words);
                continue;
            }
            const QString file = sheetPath(path, written);
            const auto sewn_file = sewnFileOf(sewn, settings);
            done = writeFile(file.toStdString(),
                             [&](std::ostream& out) { return writeStitches(out, sewn_file, format); });
            if (done && (format == StitchFormat::Dst || format == StitchFormat::Exp))
                done = writeFile((file + QStringLiteral(".colours.txt")).toStdString(),
                                 [&](std::ostream& out) -> Result<void> {
                                     writeColourNote(out, sewn_file);
                                     return {};
                                 });
            if (!done)
                break;
            ++written;
            stitches += sewn.figures.stitches;
        }
        if (done && slip)
            done = writeSlip(path, *slip, m_theme);
        return [this, done, path, written, stitches, left_out] {
            if (!done)
                return emit problem(done.error());
            const QString saved = tr("Saved %1: %n file(s), %2 stitches. It is in %3", nullptr, int(written))
                                      .arg(QFileInfo(path).fileName())
                                      .arg(stitches)
                                      .arg(QFileInfo(path).absolutePath());
            emit told(
                left_out.isEmpty()
                    ? saved
                    : tr("%1 Left out, since they cannot be sewn: %2").arg(saved, left_out.join(tr(", "))));
        };
    });
}

void HandedFiles::saveCloth(const std::shared_ptr<const SewnName>& sewn)
{
    const QString path = pathFor(tr("cloth"), suffixOf(SheetFormat::Svg));
    if (path.isEmpty())
        return;
    m_needs.writes.add([this, sewn, path]() -> WriteQueue::Answer {
        const auto done = writeFile(path.toStdString(), [&](std::ostream& out) {
            return writeSheet(out, clothOf(*sewn, false), SheetFormat::Svg);
        });
        return [this, done, path] {
            if (!done)
                return emit problem(done.error());
            emit told(tr("Saved %1: the cloth, to be cut at its size. It is in %2")
                          .arg(QFileInfo(path).fileName(), QFileInfo(path).absolutePath()));
        };
    });
}

void HandedFiles::printPattern(const std::shared_ptr<const Pattern>& pattern)
{
    if (!m_needs.may_hand_off())
        return emit told(tr("Nothing was handed off."));
    const auto printer = m_needs.printer();
    if (!printer)
        return emit told(tr("Nothing was printed."));
    m_needs.writes.add([this, printer, pattern, words = patternWords()]() -> WriteQueue::Answer {
        const bool is_printed =
            ink::ui::printPattern(*printer, *pattern, words, m_theme.text(TextSize::Body));
        return [this, is_printed, pattern] {
            emit told(is_printed ? tr("%n page(s) are with the printer.", nullptr, int(pattern->pageCount()))
                                 : tr("The printer took nothing. Look whether it is on, or save the PDF."));
        };
    });
}

} // namespace ink::ui
