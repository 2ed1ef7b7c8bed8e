#include "ui/handoff/slip_page.h"

#include "ui/text.h"

#include <QBuffer>
#include <QPdfWriter>
#include <QTextDocument>

#include <ostream>

namespace ink::ui {
namespace {

QString line(const QString& words)
{
    return QStringLiteral("<p>%1</p>").arg(words);
}

QString safe(const std::string& words)
{
    return text(words).toHtmlEscaped();
}

} // namespace

Result<void> SlipPage::write(std::ostream& out, const RightsSlip& slip, const Theme& theme)
{
    QString html = QStringLiteral("<h1>%1</h1>").arg(tr("Rights slip"));
    html += line(slip.is_for_sale ? tr("%1, for sale, %n in all", nullptr, slip.copies()).arg(safe(slip.date))
                                  : tr("%1, a gift, %n in all", nullptr, slip.copies()).arg(safe(slip.date)));
    html += line(QStringLiteral("<b>%1</b>").arg(tr("Verdict: %1").arg(text(nameOf(slip.verdict())))));
    if (!slip.ground.empty())
        html += line(tr("Sold on this ground, as the maker said: %1").arg(safe(slip.ground)));
    html += QStringLiteral("<h2>%1</h2>").arg(tr("What was made"));
    for (const auto& [words, copies] : slip.designs)
        html += line(tr("%1 × %2").arg(copies).arg(safe(words)));
    for (const auto& font : slip.fonts) {
        html += QStringLiteral("<h2>%1 %2</h2>").arg(safe(font.name), safe(font.version));
        html += line(tr("SHA-256 of its file: %1").arg(safe(font.sha256)));
        html += line(tr("%1. %2").arg(text(nameOf(font.dossier.verdict)), safe(font.dossier.reason)));
        for (const auto& limit : font.dossier.limits)
            html += line(tr("Limit: %1").arg(safe(limit)));
        for (const auto& quote : font.dossier.deciding)
            html += QStringLiteral("<blockquote>%1</blockquote>")
                        .arg(tr("“%1” (%2, line %3)")
                                 .arg(safe(quote.sentence), safe(quote.document))
                                 .arg(quote.line));
        for (const auto& paper : font.attached)
            html += line(tr("Attached: %1").arg(safe(paper)));
    }
    html += line(QStringLiteral("<small>%1</small>")
                     .arg(tr("This is no legal advice: it is what was read when it was handed off.")));

    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setPageSize(QPageSize(QPageSize::A4));
        writer.setPageMargins(QMarginsF(20, 20, 20, 20), QPageLayout::Millimeter);
        writer.setTitle(tr("Rights slip"));
        writer.setCreator(QStringLiteral("Under Ink"));
        QTextDocument document;
        QFont font = theme.text(TextSize::Body);
        font.setPointSize(10);
        document.setDefaultFont(font);
        document.setHtml(html);
        document.print(&writer);
    }
    out.write(bytes.constData(), bytes.size());
    return out && bytes.startsWith("%PDF-") ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

} // namespace ink::ui
