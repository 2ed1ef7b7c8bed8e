#include "ui/shelf/document_page.h"

#include "ui/core_words.h"

#include "core/base/file_copy.h"
#include "core/intake/document_text.h"
#include "shelf/shelf_store.h"
#include "ui/text.h"

#include <QHBoxLayout>
#include <QImage>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

constexpr quint64 kDocumentSlot = 311;

QString wordsOf(const std::filesystem::path& file, const std::string& name)
{
    const auto kind = contentKindOf(firstBytes(file, 4096), name);
    if (!isDocument(kind))
        return QObject::tr("It is %1: open it in its own program.").arg(said(inWords(kind)));
    const auto words = documentText(file, kind);
    return words ? text(*words) : said(words.error());
}

} // namespace

DocumentPage::DocumentPage(SlotPool& pool, const Theme& theme, std::function<void(const QUrl&)> open_file,
                           QWidget* parent)
    : SubPage(QStringLiteral("document"), tr("All my fonts"), theme, parent), m_pool(pool),
      m_open_file(std::move(open_file))
{
    auto* outside = new QPushButton(tr("Open in its own program"), this);
    outside->setObjectName(QStringLiteral("documentOutside"));
    m_head->addWidget(outside);
    auto* body = new QVBoxLayout;
    body->setContentsMargins(kMargin, 0, kMargin, 3 * kGrid);
    m_page_column->addLayout(body, 1);
    m_text = new QPlainTextEdit(this);
    m_text->setObjectName(QStringLiteral("shelfDocumentText"));
    m_text->setReadOnly(true);
    m_text->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    body->addWidget(m_text, 1);
    m_picture = new QScrollArea(this);
    m_picture->setObjectName(QStringLiteral("documentPicture"));
    m_picture->setAlignment(Qt::AlignHCenter);
    m_picture->hide();
    body->addWidget(m_picture, 1);
    connect(outside, &QPushButton::clicked, this, &DocumentPage::openOutside);
}

void DocumentPage::open(const std::filesystem::path& file, const QString& name)
{
    m_file = file;
    m_name = name;
    m_title->setText(name);
    m_text->setAccessibleName(name);
    m_picture->setAccessibleName(name);
    show(tr("Reading it …"), {});
    m_text->setFocus();
    m_pool.run(kDocumentSlot, 2,
               [this, file, name = name.toStdString()](const CancelToken&) -> SlotPool::Answer {
                   if (isPicture(contentKindOf(firstBytes(file, 4096), name)))
                       if (const QImage picture(text(file.string())); !picture.isNull())
                           return [this, picture] { show({}, picture); };
                   return [this, words = wordsOf(file, name)] { show(words, {}); };
               });
}

void DocumentPage::show(const QString& words, const QImage& picture)
{
    m_text->setPlainText(words);
    m_text->setVisible(picture.isNull());
    m_picture->setVisible(!picture.isNull());
    if (picture.isNull())
        return;
    auto* label = new QLabel(m_picture);
    label->setPixmap(QPixmap::fromImage(picture));
    m_picture->setWidget(label);
    m_picture->setFocus();
}

void DocumentPage::openOutside()
{
    const auto copy = std::filesystem::path(m_copies.path().toStdString()) /
                      std::filesystem::path(m_name.toStdString()).filename();
    if (const auto copied = copyFile(m_file, copy, kLargestShelfFile); !copied)
        return void(emit problem(copied.error()));
    m_open_file(QUrl::fromLocalFile(text(copy.string())));
}

} // namespace ink::ui
