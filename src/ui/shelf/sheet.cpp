#include "ui/shelf/sheet.h"

#include "core/base/file_output.h"
#include "core/type/key_map.h"
#include "ui/outline_paths.h"

#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr double kMargin_mm = 14.0;
constexpr double kHead_mm = 17.0;
constexpr double kSmall_mm = 2.6, kText_mm = 3.2, kTitle_mm = 6.2;
const QColor kInk(0x1d, 0x23, 0x33), kSoft(0x5d, 0x60, 0x70), kRule(0xc8, 0xc2, 0xb4);

QFont fontOf(const char* family, bool is_bold = false)
{
    QFont font{QLatin1String(family)};
    font.setPixelSize(100); // scaled to mm when it is drawn: sizes of a few units would be rounded
    font.setBold(is_bold);
    return font;
}

const QFont& plain()
{
    static const QFont font = fontOf("Lato");
    return font;
}

const QFont& heading()
{
    static const QFont font = fontOf("Vollkorn");
    return font;
}

double widthOf(const QString& text, const QFont& font, double size_mm)
{
    return QFontMetricsF(font).horizontalAdvance(text) * size_mm / 100.0;
}

/// From the left, shortened to `width_mm`; `at` is on the baseline.
void drawText(QPainter& painter, QPointF at, const QString& text, const QFont& font, double size_mm,
              const QColor& colour, double width_mm, Qt::Alignment alignment = Qt::AlignLeft)
{
    const QString shown = QFontMetricsF(font).elidedText(text, Qt::ElideRight, width_mm * 100.0 / size_mm);
    const double free = width_mm - widthOf(shown, font, size_mm);
    painter.save();
    painter.translate(at.x() + (alignment & Qt::AlignHCenter ? free / 2
                                : alignment & Qt::AlignRight ? free
                                                             : 0.0),
                      at.y());
    painter.scale(size_mm / 100.0, size_mm / 100.0);
    painter.setFont(font);
    painter.setPen(colour);
    painter.drawText(QPointF(0, 0), shown);
    painter.restore();
}

/// The outline as large as the area allows, up to `most` mm for one em, in its middle.
void drawGlyph(QPainter& painter, const QRectF& area, const QPainterPath& path, double most)
{
    const QRectF box = path.boundingRect();
    if (box.isEmpty())
        return;
    const double scale = std::min({most, area.width() / box.width(), area.height() / box.height()});
    QTransform place;
    place.translate(area.center().x(), area.center().y());
    place.scale(scale, scale);
    place.translate(-box.center().x(), -box.center().y());
    painter.fillPath(place.map(path), kInk);
}

class KeyMapSheet : public Sheet
{
public:
    explicit KeyMapSheet(std::vector<KeyCell> cells) : m_cells(std::move(cells)) {}

    int pageCount() const override
    {
        return std::max(1, static_cast<int>((m_cells.size() + perPage() - 1) / perPage()));
    }

    void paint(QPainter& painter, int page) const override
    {
        const QRectF area = paintFrame(painter, page);
        const double width = area.width() / kColumns, height = area.height() / kRows;
        for (std::size_t i = 0; i < perPage(); ++i) {
            const std::size_t at = static_cast<std::size_t>(page) * perPage() + i;
            if (at >= m_cells.size())
                break;
            paintCell(painter,
                      {area.left() + static_cast<double>(i % kColumns) * width,
                       area.top() + static_cast<double>(i / kColumns) * height, width, height},
                      m_cells[at]);
        }
    }

private:
    static constexpr std::size_t kColumns = 7, kRows = 10;
    static std::size_t perPage() { return kColumns * kRows; }

    static void paintCell(QPainter& painter, const QRectF& cell, const KeyCell& key)
    {
        painter.setPen(QPen(kRule, 0.15));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(cell);
        const QRectF inner = cell.adjusted(1.2, 1.2, -1.2, -1.0);
        drawGlyph(painter, inner.adjusted(0, 0, 0, -8.6), key.path_em, 15.0);
        if (key.is_others_mark) {
            painter.setPen(QPen(kInk, 0.3));
            painter.drawLine(inner.topLeft(), inner.bottomRight() - QPointF(0, 8.6));
        }
        drawText(painter, {inner.left(), inner.bottom() - 5.4}, key.key, plain(), kText_mm, kInk,
                 inner.width() * 0.45);
        drawText(painter, {inner.left() + inner.width() * 0.45, inner.bottom() - 5.4}, key.code, plain(), 2.2,
                 kSoft, inner.width() * 0.55, Qt::AlignRight);
        drawText(painter, {inner.left(), inner.bottom() - 1.8}, key.name, plain(), 2.2, kSoft, inner.width());
    }

    std::vector<KeyCell> m_cells;
};

class SpecimenSheet : public Sheet
{
public:
    explicit SpecimenSheet(std::vector<SpecimenLine> lines) : m_lines(std::move(lines))
    {
        double top = 0.0;
        m_pages.emplace_back();
        for (std::size_t i = 0; i < m_lines.size(); ++i) {
            const double height = heightOf(m_lines[i]);
            if (top + height > room().height() && !m_pages.back().empty()) {
                m_pages.emplace_back();
                top = 0.0;
            }
            m_pages.back().push_back({i, top});
            top += height;
        }
    }

    int pageCount() const override { return static_cast<int>(m_pages.size()); }

    void paint(QPainter& painter, int page) const override
    {
        const QRectF area = paintFrame(painter, page);
        for (const auto& [at, top] : m_pages[static_cast<std::size_t>(page)])
            paintLine(painter, area, area.top() + top, m_lines[at]);
    }

private:
    struct Placed
    {
        std::size_t line;
        double top;
    };
    static constexpr double kLabel_mm = 10.0, kGap_mm = 6.0;

    /// 1 where the words fit at their own size.
    static double scaleOf(const SpecimenLine& line)
    {
        if (!line.card)
            return 1.0;
        return std::min({1.0, room().width() / line.card->width_mm,
                         (room().height() - kLabel_mm - kGap_mm) / line.card->height_mm});
    }
    static double heightOf(const SpecimenLine& line)
    {
        return (line.card ? line.card->height_mm * scaleOf(line) : 6.0) + kLabel_mm + kGap_mm;
    }

    static void paintLine(QPainter& painter, const QRectF& area, double top, const SpecimenLine& line)
    {
        const double scale = scaleOf(line);
        double below = top;
        if (line.card) {
            const QRectF box = line.card->path_mm.boundingRect();
            QTransform place;
            place.translate(area.left(), top);
            place.scale(scale, scale);
            place.translate(-box.left(), -box.top());
            painter.fillPath(place.map(line.card->path_mm), kInk);
            below += box.height() * scale;
        }
        QString about = line.about;
        if (scale < 1.0)
            about +=
                QObject::tr(" · shown at %1 %, the page is too small for it").arg(std::floor(scale * 100.0));
        const double name_width = widthOf(line.name, heading(), 3.8);
        below += 1.0;
        drawText(painter, {area.left(), below + 5.4}, line.name, heading(), 3.8, kInk, area.width() * 0.5);
        drawText(painter, {area.left() + std::min(name_width, area.width() * 0.5) + 3.0, below + 5.4}, about,
                 plain(), kSmall_mm, kSoft,
                 area.width() * 0.8 - std::min(name_width, area.width() * 0.5) - 3.0);
        drawText(painter, {area.left() + area.width() * 0.8, below + 5.4}, line.verdict, plain(), kSmall_mm,
                 kInk, area.width() * 0.2, Qt::AlignRight);
        painter.setPen(QPen(kRule, 0.15));
        painter.drawLine(QPointF(area.left(), below + 7.6), QPointF(area.right(), below + 7.6));
    }

    std::vector<SpecimenLine> m_lines;
    std::vector<std::vector<Placed>> m_pages;
};

} // namespace

QRectF Sheet::room()
{
    return {kMargin_mm, kMargin_mm + kHead_mm, page_mm().width() - 2 * kMargin_mm,
            page_mm().height() - 2 * kMargin_mm - kHead_mm};
}

QRectF Sheet::paintFrame(QPainter& painter, int page) const
{
    const double width = page_mm().width() - 2 * kMargin_mm;
    drawText(painter, {kMargin_mm, kMargin_mm + 5.0}, title, heading(), kTitle_mm, kInk, width * 0.8);
    drawText(painter, {kMargin_mm, kMargin_mm + 11.0}, note, plain(), kSmall_mm, kSoft, width);
    drawText(painter, {kMargin_mm + width * 0.8, kMargin_mm + 5.0},
             QObject::tr("%1 of %2").arg(page + 1).arg(pageCount()), plain(), kSmall_mm, kSoft, width * 0.2,
             Qt::AlignRight);
    return room();
}

std::unique_ptr<Sheet> keyMapSheet(const QString& title, const QString& note, std::vector<KeyCell> cells)
{
    auto sheet = std::make_unique<KeyMapSheet>(std::move(cells));
    sheet->title = title;
    sheet->note = note;
    return sheet;
}

std::unique_ptr<Sheet> specimenSheet(const QString& title, const QString& note,
                                     std::vector<SpecimenLine> lines)
{
    auto sheet = std::make_unique<SpecimenSheet>(std::move(lines));
    sheet->title = title;
    sheet->note = note;
    return sheet;
}

std::vector<KeyCell> keyCellsOf(const FontFace& face, const std::vector<std::uint32_t>& others_marks)
{
    const KeyMap map = keyMapOf(face);
    const double scale = 1.0 / face.info().units_per_em;
    std::vector<KeyCell> cells;
    cells.reserve(map.characters.size() + map.without_key.size());
    for (const auto* glyphs : {&map.characters, &map.without_key})
        for (const auto& glyph : *glyphs) {
            const QString key =
                glyph.character == 0 ? QString() : QString::fromStdString(keyName(glyph.character));
            const QString code = glyph.character == 0
                                     ? QObject::tr("no key")
                                     : QStringLiteral("U+%1")
                                           .arg(static_cast<uint>(glyph.character), 4, 16, QLatin1Char('0'))
                                           .toUpper();
            cells.push_back(
                {toPainterPath(
                     transformed(face.glyphOutline(glyph.glyph_id), Affine{scale, 0, 0, scale, 0, 0})),
                 key.startsWith(QLatin1String("U+")) ? QString() : key, // the code stands beside it
                 QString::fromStdString(glyph.name), code,
                 std::ranges::find(others_marks, glyph.glyph_id) != others_marks.end()});
        }
    return cells;
}

Result<void> writePdf(const Sheet& sheet, const std::filesystem::path& file)
{
    QBuffer bytes;
    bytes.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&bytes);
        writer.setTitle(sheet.title);
        writer.setCreator(QStringLiteral("Under Ink"));
        writer.setPageSize(QPageSize(QPageSize::A4));
        writer.setPageMargins(QMarginsF(0, 0, 0, 0));
        constexpr int kDpi = 1200;
        writer.setResolution(kDpi);
        QPainter painter(&writer);
        for (int page = 0; page < sheet.pageCount(); ++page) {
            if (page > 0)
                writer.newPage();
            painter.save();
            painter.scale(kDpi / 25.4, kDpi / 25.4);
            sheet.paint(painter, page);
            painter.restore();
        }
    }
    return writeFile(file, [&](std::ostream& out) -> Result<void> {
        out.write(bytes.data().constData(), bytes.data().size());
        return {};
    });
}

} // namespace ink::ui
