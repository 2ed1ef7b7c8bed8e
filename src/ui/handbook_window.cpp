#include "ui/handbook_window.h"

#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QImage>
#include <QLocale>
#include <QPushButton>
#include <QTextBrowser>
#include <QTextDocument>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// Pictures no wider than the page.
class Pages : public QTextBrowser
{
public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override
    {
        const QVariant found = QTextBrowser::loadResource(type, name);
        if (type != QTextDocument::ImageResource)
            return found;
        constexpr int kAround = 40, kLeast = 240;
        QImage picture = found.canConvert<QImage>() ? found.value<QImage>() : QImage();
        if (picture.isNull())
            picture.loadFromData(found.toByteArray());
        const int wide = std::max(kLeast, viewport()->width() - kAround);
        return picture.width() > wide ? picture.scaledToWidth(wide, Qt::SmoothTransformation) : picture;
    }
};

} // namespace

QString handbookIn(const QString& folder, const QLocale& locale)
{
    for (const QString& name : locale.uiLanguages()) {
        const QString language = name.section(QLatin1Char('-'), 0, 0);
        if (language == QStringLiteral("en"))
            break;
        if (const QDir there(QDir(folder).filePath(language)); there.exists(QStringLiteral("index.md")))
            return there.path();
    }
    return folder;
}

HandbookWindow::HandbookWindow(const QString& folder, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_folder(folder)
{
    setObjectName(QStringLiteral("handbook"));
    setWindowTitle(tr("Handbook"));
    resize(theme.scaled(760), theme.scaled(640));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kMargin, 3 * kGrid, kMargin, kMargin);
    auto* head = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& words) {
        auto* made = new QPushButton(words, this);
        made->setObjectName(QLatin1String(name));
        made->setProperty("role", QStringLiteral("quiet"));
        made->setAutoDefault(false);
        head->addWidget(made);
        return made;
    };
    m_back = button("handbookBack", tr("Back"));
    m_forward = button("handbookForward", tr("Forward"));
    auto* first = button("handbookFirst", tr("Contents"));
    auto* keys = button("handbookKeys", tr("All keys"));
    head->addStretch(1);
    column->addLayout(head);
    m_text = new Pages(this);
    m_text->setObjectName(QStringLiteral("handbookText"));
    m_text->setAccessibleName(tr("Handbook"));
    m_text->setOpenLinks(true);
    QPalette palette = m_text->palette();
    palette.setColor(QPalette::Link, theme.colours().madder);
    m_text->setPalette(palette);
    m_text->document()->setDefaultFont(theme.text(TextSize::Body));
    m_text->document()->setDocumentMargin(3 * kGrid);
    column->addWidget(m_text, 1);
    connect(m_back, &QPushButton::clicked, m_text, &QTextBrowser::backward);
    connect(m_forward, &QPushButton::clicked, m_text, &QTextBrowser::forward);
    connect(first, &QPushButton::clicked, this, [this] { openPage(QStringLiteral("index.md")); });
    connect(keys, &QPushButton::clicked, this, [this] { openPage(QStringLiteral("keys.md")); });
    connect(m_text, &QTextBrowser::historyChanged, this, &HandbookWindow::showPlace);
    showPlace();
}

void HandbookWindow::openPage(const QString& page)
{
    const QDir folder(m_folder);
    const QString there = QFileInfo::exists(folder.filePath(page)) ? page : QStringLiteral("index.md");
    m_text->setSource(QUrl::fromLocalFile(folder.absoluteFilePath(there)), QTextDocument::MarkdownResource);
    show();
    raise();
    activateWindow();
    m_text->setFocus();
}

QString HandbookWindow::page() const
{
    return QFileInfo(m_text->source().toLocalFile()).fileName();
}

void HandbookWindow::showPlace()
{
    m_back->setEnabled(m_text->isBackwardAvailable());
    m_forward->setEnabled(m_text->isForwardAvailable());
}

} // namespace ink::ui
