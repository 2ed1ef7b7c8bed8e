#include "ui/shelf/sheet_page.h"

#include "ui/measures.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPaintEvent>
#include <QPainter>
#include <QPushButton>
#include <QScreen>
#include <QScrollArea>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

constexpr int kBetweenPages = 24;
constexpr quint64 kSheetSlot = 310;

/// The pages one below the other. Only those in sight are painted.
class Pages : public QWidget
{
public:
    Pages(std::shared_ptr<const Sheet> sheet, double px_per_mm, const Theme& theme, QWidget* parent)
        : QWidget(parent), m_sheet(std::move(sheet)), m_px_per_mm(px_per_mm), m_theme(theme)
    {
        const QSizeF page = Sheet::page_mm() * m_px_per_mm;
        setFixedSize(static_cast<int>(page.width()) + 2 * kBetweenPages,
                     m_sheet->pageCount() * (static_cast<int>(page.height()) + kBetweenPages) +
                         kBetweenPages);
        setAccessibleName(QObject::tr("%1, %n page(s). %2", nullptr, m_sheet->pageCount())
                              .arg(m_sheet->title, m_sheet->note));
    }

protected:
    void paintEvent(QPaintEvent* event) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const QSizeF page = Sheet::page_mm() * m_px_per_mm;
        for (int i = 0; i < m_sheet->pageCount(); ++i) {
            const QRectF paper(
                QPointF(kBetweenPages, kBetweenPages + i * (std::floor(page.height()) + kBetweenPages)),
                page);
            if (!paper.intersects(event->rect()))
                continue;
            painter.fillRect(paper, Qt::white);
            painter.setPen(m_theme.colours().rule);
            painter.drawRect(paper);
            painter.save();
            painter.setClipRect(paper);
            painter.translate(paper.topLeft());
            painter.scale(m_px_per_mm, m_px_per_mm);
            m_sheet->paint(painter, i);
            painter.restore();
        }
    }

private:
    std::shared_ptr<const Sheet> m_sheet;
    double m_px_per_mm;
    const Theme& m_theme;
};

} // namespace

SheetPage::SheetPage(SlotPool& pool, const Theme& theme,
                     std::function<QString(QWidget*, const QString&)> save_path, QWidget* parent)
    : SubPage(QStringLiteral("sheet"), tr("All my fonts"), theme, parent), m_pool(pool),
      m_save_path(std::move(save_path))
{
    m_save = new QPushButton(tr("Save as PDF…"), this);
    m_save->setObjectName(QStringLiteral("sheetSave"));
    m_save->setProperty("role", QStringLiteral("main"));
    m_head->addWidget(m_save);
    m_scroll = new QScrollArea(this);
    m_scroll->setObjectName(QStringLiteral("sheetScroll"));
    m_scroll->setAccessibleName(tr("The sheet as it will be printed"));
    m_scroll->setAlignment(Qt::AlignHCenter);
    m_page_column->addWidget(m_scroll, 1);
    connect(m_save, &QPushButton::clicked, this, &SheetPage::save);
}

void SheetPage::show(std::shared_ptr<const Sheet> sheet, const QString& file_name)
{
    m_sheet = std::move(sheet);
    m_file_name = file_name;
    m_save->setEnabled(m_sheet != nullptr);
    if (!m_sheet) {
        m_title->setText(tr("Making the sheet …"));
        m_scroll->setWidget(new QWidget(m_scroll));
        return;
    }
    m_title->setText(
        tr("%1 · %n page(s) of A4, at true size", nullptr, m_sheet->pageCount()).arg(m_sheet->title));
    const double dpi = screen() ? screen()->physicalDotsPerInch() : 96.0;
    m_scroll->setWidget(new Pages(m_sheet, dpi / 25.4, m_theme, m_scroll));
    m_save->setFocus();
}

void SheetPage::save()
{
    const QString path = m_save_path(this, m_file_name);
    if (path.isEmpty())
        return;
    m_pool.run(kSheetSlot, 2, [this, sheet = m_sheet, path](const CancelToken&) -> SlotPool::Answer {
        const auto done = writePdf(*sheet, path.toStdString());
        return [this, done, path] {
            if (!done)
                emit problem(done.error());
            else
                emit told(tr("Saved %1. Print it at 100 %, so that the sizes hold. It is in %2")
                              .arg(QFileInfo(path).fileName(), QFileInfo(path).absolutePath()));
        };
    });
}

} // namespace ink::ui
