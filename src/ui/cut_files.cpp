#include "ui/cut_files.h"

#include "core/base/file_output.h"
#include "core/design/lettering.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QClipboard>
#include <QDir>
#include <QFileInfo>
#include <QGuiApplication>
#include <QMimeData>
#include <QRegularExpression>
#include <QStandardPaths>

#include <sstream>

namespace ink::ui {
QString fileNameFor(const std::string& words)
{
    QString name = QString::fromStdString(words).simplified().toLower().left(60);
    name.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N}]+")), QStringLiteral("-"));
    name.remove(QRegularExpression(QStringLiteral("^-+|-+$")));
    return name.isEmpty() ? QStringLiteral("cut") : name;
}

CutFiles::CutFiles(Needs needs, QObject* parent) : QObject(parent), m_needs(std::move(needs))
{
    const QString documents = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    m_last_folder = QFileInfo(documents).isDir() ? documents : QDir::homePath();
}

void CutFiles::save()
{
    const auto design = m_needs.design.design();
    if (!design)
        return emit notYet(tr("There is nothing to save yet: choose a font in Find and type the words."));
    if (!m_needs.design.isUpToDate())
        return emit notYet(tr("The words are still being welded. Save again in a moment."));
    const auto job = m_needs.job.job();
    const QString path =
        m_needs.save_path(QDir(m_last_folder).filePath(fileNameFor(job.words) + QStringLiteral(".svg")));
    if (path.isEmpty())
        return;
    m_last_folder = QFileInfo(path).absolutePath();
    const SvgOptions options{withoutMotifs(job.words), m_needs.rights(job.font),
                             m_needs.colour().toStdString(), weedingLines(design->outline_mm, job.weeding)};
    m_needs.writes.add([this, design, options, path, job]() -> WriteQueue::Answer {
        const auto done = writeFile(path.toStdString(), [&](std::ostream& out) {
            return writeSvg(out, design->outline_mm, options);
        });
        return [this, done, path, design, job] {
            if (!done)
                return emit problem(done.error());
            emit used(job.font, text(job.words).simplified());
            const auto& f = design->figures_mm;
            const QString what = design->is_mirrored
                                     ? tr("Saved %1: %2 wide, %3 high, %n piece(s), mirrored. It is in %4",
                                          nullptr, static_cast<int>(f.pieces))
                                     : tr("Saved %1: %2 wide, %3 high, %n piece(s). It is in %4", nullptr,
                                          static_cast<int>(f.pieces));
            emit told(what.arg(QFileInfo(path).fileName(), figureWithUnit(f.box.width(), job.unit),
                               figureWithUnit(f.box.height(), job.unit), QFileInfo(path).absolutePath()));
        };
    });
}

void CutFiles::copy()
{
    const auto design = m_needs.design.design();
    if (!design)
        return emit notYet(tr("There is nothing to copy yet: choose a font in Find and type the words."));
    std::ostringstream svg;
    if (auto done = writeSvg(svg, design->outline_mm,
                             {withoutMotifs(m_needs.job.job().words),
                              {},
                              m_needs.colour().toStdString(),
                              weedingLines(design->outline_mm, m_needs.job.job().weeding)});
        !done)
        return emit problem(done.error());
    auto* copied = new QMimeData;
    const auto bytes = QByteArray::fromStdString(svg.str());
    copied->setData(QStringLiteral("image/svg+xml"), bytes);
    copied->setText(QString::fromUtf8(bytes));
    QGuiApplication::clipboard()->setMimeData(copied);
    emit told(tr("Copied as SVG at true size: paste it where you need it."));
}

} // namespace ink::ui
