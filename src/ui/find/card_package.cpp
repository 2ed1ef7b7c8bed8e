// What came with an opened font, or what its listing says comes with it.
#include "ui/find/card_page.h"

#include "core/intake/package.h"
#include "ui/find/find_filter.h"
#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QDir>
#include <QFile>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr qint64 kLargestPicture = 8 << 20;

/// What a file of a package is, from the id that the catalogue sends; an id nobody knows stays as it is.
QString roleInWords(const QString& id)
{
    const std::pair<EntryRole, QString> words[]{
        {EntryRole::Font, CardPage::tr("font")},
        {EntryRole::Document, CardPage::tr("document")},
        {EntryRole::KeyMap, CardPage::tr("key map")},
        {EntryRole::Preview, CardPage::tr("picture")},
        {EntryRole::Stitches, CardPage::tr("stitch file")},
        {EntryRole::Junk, CardPage::tr("junk")},
        {EntryRole::Damaged, CardPage::tr("damaged")},
        {EntryRole::Refused, CardPage::tr("refused")},
        {EntryRole::Other, CardPage::tr("other file")},
    };
    const auto known =
        std::ranges::find_if(words, [&](const auto& pair) { return text(idOf(pair.first)) == id; });
    return known == std::end(words) ? id : known->second;
}

/// The picture that came with a font, on the shelf or beside it; empty when there is none.
QString packagePicture(const FontListModel& fonts, int row)
{
    if (const auto* shelf = fonts.shelf(row)) {
        for (const auto& document : shelf->documents)
            if (const auto file = fonts.shelfContents()->fileOf(document.sha256);
                isPicture(contentKindOf(firstBytes(file, 4096), document.name)))
                return text(file.string());
        return {};
    }
    const QDir folder(text(fonts.entry(row).path.parent_path().string()));
    const auto pictures = folder.entryInfoList(
        {QStringLiteral("*.png"), QStringLiteral("*.jpg"), QStringLiteral("*.jpeg")}, QDir::Files);
    return pictures.isEmpty() ? QString() : pictures.front().absoluteFilePath();
}

} // namespace

QWidget* CardPage::buildPackage()
{
    auto* holder = new QWidget(this);
    holder->setMinimumWidth(1);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    m_package = new QLabel(holder);
    m_package->setObjectName(QStringLiteral("cardPackage"));
    m_package->setWordWrap(true);
    m_package->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    m_picture = new QLabel(holder);
    m_picture->setObjectName(QStringLiteral("cardPicture"));
    m_picture->setAccessibleName(tr("Picture that came with the font"));
    column->addWidget(m_package);
    column->addWidget(m_picture);
    column->addStretch(1);
    return scrolled(holder, "packageScroll", tr("What the package holds"));
}

/// Pictures that came with a font are shown as they are, no wider than the page.
void CardPage::showPicture(const QByteArray& bytes)
{
    QPixmap picture;
    if (!picture.loadFromData(bytes)) {
        m_picture->clear();
        return;
    }
    const int widest = m_theme.scaled(560);
    m_picture->setPixmap(picture.width() > widest ? picture.scaledToWidth(widest, Qt::SmoothTransformation)
                                                  : picture);
}

void CardPage::showPackage()
{
    if (m_fonts.isListing(m_row)) {
        m_package->setText(tr("Asking what the package holds …"));
        m_picture->clear();
        m_catalogue.preview(m_fonts.listing(m_row).id,
                            [this, opened = m_opened](const Result<QByteArray>& bytes) {
                                if (opened == m_opened)
                                    showPicture(bytes ? *bytes : QByteArray());
                            });
        m_catalogue.details(
            m_fonts.listing(m_row).id, [this, opened = m_opened](const Result<ListingDetails>& details) {
                if (opened != m_opened)
                    return;
                if (!details)
                    return showFailure(details.error());
                QString html = QStringLiteral("<h3>%1</h3><p>%2</p>")
                                   .arg(details->listing.package.toHtmlEscaped(),
                                        tr("%1 kB. Author: %2, %3. Tags: %4.")
                                            .arg((details->bytes + 999) / 1000)
                                            .arg(details->listing.author, details->listing.contact,
                                                 details->listing.tags.join(QStringLiteral(", ")))
                                            .toHtmlEscaped());
                html += QStringLiteral("<table cellspacing='6'>");
                for (const auto& file : details->files)
                    html += QStringLiteral("<tr><td>%1</td><td>%2</td></tr>")
                                .arg(file.name.toHtmlEscaped(), roleInWords(file.role).toHtmlEscaped());
                m_package->setText(html + QStringLiteral("</table>"));
            });
        return;
    }
    const auto& entry = m_fonts.entry(m_row);
    m_picture->clear();
    const auto picture = packagePicture(m_fonts, m_row);
    if (QFile file(picture);
        !picture.isEmpty() && file.size() < kLargestPicture && file.open(QIODevice::ReadOnly))
        showPicture(file.readAll());
    const auto* shelf = m_fonts.shelf(m_row);
    QString html = QStringLiteral("<h3>%1</h3><p>%2</p>")
                       .arg(m_fonts.fileName(m_row).toHtmlEscaped(),
                            (shelf ? shelf->package.empty() ? tr("on the shelf")
                                                            : tr("from %1").arg(text(shelf->package))
                                   : text(entry.path.parent_path().string()))
                                .toHtmlEscaped());
    if (const auto* rights = m_fonts.rights(m_row)) {
        html += QStringLiteral("<p><b>%1</b></p><table cellspacing='6'>").arg(tr("What speaks of it"));
        for (const auto& evidence : rights->dossier.evidence)
            html += QStringLiteral("<tr><td>%1</td></tr>").arg(text(evidence.name).toHtmlEscaped());
        html += QStringLiteral("</table>");
    }
    m_package->setText(html);
}

} // namespace ink::ui
