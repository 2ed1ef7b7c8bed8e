#include "ui/handoff/handed_files.h"

#include "core/base/file_output.h"
#include "ui/cut_files.h"
#include "ui/handoff/pattern_print.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

namespace ink::ui {
namespace {

SlipPhrases slipPhrases()
{
    SlipPhrases p;
    const auto say = [](const QString& words) { return words.toStdString(); };
    p.title = say(HandedFiles::tr("Rights slip"));
    p.sale = say(HandedFiles::tr("%1, for sale, %2 in all"));
    p.gift = say(HandedFiles::tr("%1, a gift, %2 in all"));
    p.verdict = say(HandedFiles::tr("Verdict: %1"));
    p.ground = say(HandedFiles::tr("Sold on this ground, as the maker said: %1"));
    p.made = say(HandedFiles::tr("What was made"));
    p.design = say(HandedFiles::tr("%1 × %2"));
    p.digest = say(HandedFiles::tr("SHA-256 of its file: %1"));
    p.reason = say(HandedFiles::tr("%1. %2"));
    p.limit = say(HandedFiles::tr("Limit: %1"));
    p.sold = say(HandedFiles::tr("Sold with these: %1 of %2"));
    p.quote = say(HandedFiles::tr("“%1” (%2, line %3)"));
    p.attached = say(HandedFiles::tr("Attached: %1"));
    p.no_advice =
        say(HandedFiles::tr("This is no legal advice: it is what was read when it was handed off."));
    return p;
}

/// Beside the file: FILE-rights.pdf and FILE-rights.json.
Result<void> writeSlip(const QString& path, const RightsSlip& known, const SlipPhrases& phrases)
{
    const QFileInfo info(path);
    const QString stem = info.dir().filePath(info.completeBaseName() + QStringLiteral("-rights"));
    const RightsSlip slip = withDigests(known);
    if (auto done = writeFile((stem + QStringLiteral(".json")).toStdString(),
                              [&](std::ostream& out) -> Result<void> {
                                  writeSlipJson(out, slip);
                                  return {};
                              });
        !done)
        return done;
    return writeFile((stem + QStringLiteral(".pdf")).toStdString(),
                     [&](std::ostream& out) { return writeSlipPdf(out, slip, phrases); });
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

/// Hoops of names, or each name by itself.
std::vector<SewnName> sewings(const std::vector<std::shared_ptr<const MadeName>>& names,
                              const StitchSettings& settings, QStringList& left_out)
{
    std::vector<SewnName> out;
    if (settings.is_together && names.size() > 1) {
        std::vector<MadeName> all;
        for (const auto& name : names)
            all.push_back(*name);
        auto hoops = sewnTogether(all, settings);
        if (!hoops) {
            for (const auto& name : names)
                left_out << text(name->words);
            return out;
        }
        for (const auto name : hoops->left_out)
            left_out << text(all[name].words);
        for (auto& hoop : hoops->hoops)
            out.push_back(std::move(hoop.sewn));
        return out;
    }
    for (const auto& name : names) {
        auto sewn = sewName(*name, settings);
        if (sewn.error)
            left_out << text(name->words);
        else
            out.push_back(std::move(sewn));
    }
    return out;
}

} // namespace

HandedFiles::HandedFiles(Needs needs, const Theme& theme, QObject* parent)
    : QObject(parent), m_needs(std::move(needs)), m_theme(theme), m_phrases(slipPhrases())
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

void HandedFiles::tellDone(const QString& words, const std::optional<RightsSlip>& slip)
{
    const QString counted = slip ? m_needs.count_sold(*slip) : QString();
    emit told(counted.isEmpty() ? words : tr("%1 %2").arg(words, counted));
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
            done = writeSlip(path, *slip, m_phrases);
        return [this, done, plan, path, unit, slip] {
            if (!done)
                return emit problem(done.error());
            const auto& first = plan->sheets.front();
            tellDone(tr("Saved %1: %n sheet(s), the first %2 wide and %3 long. It is in %4", nullptr,
                        int(plan->sheets.size()))
                         .arg(QFileInfo(path).fileName(), figureWithUnit(first.page_mm.width(), unit),
                              figureWithUnit(first.page_mm.height(), unit), QFileInfo(path).absolutePath()),
                     slip);
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
                done = writeSlip(path, *slip, m_phrases);
            return [this, done, pattern, path, slip] {
                if (!done)
                    return emit problem(done.error());
                tellDone(tr("Saved %1: %n page(s). It is in %2", nullptr, int(pattern->pageCount()))
                             .arg(QFileInfo(path).fileName(), QFileInfo(path).absolutePath()),
                         slip);
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
        for (const auto& sewn : sewings(names, settings, left_out)) {
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
            done = writeSlip(path, *slip, m_phrases);
        return [this, done, path, written, stitches, left_out, slip] {
            if (!done)
                return emit problem(done.error());
            const QString saved = tr("Saved %1: %n file(s), %2 stitches. It is in %3", nullptr, int(written))
                                      .arg(QFileInfo(path).fileName())
                                      .arg(stitches)
                                      .arg(QFileInfo(path).absolutePath());
            tellDone(
                left_out.isEmpty()
                    ? saved
                    : tr("%1 Left out, since they cannot be sewn: %2").arg(saved, left_out.join(tr(", "))),
                slip);
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
