#include "ui/proof/pieces_view.h"

#include "ui/measures.h"
#include "ui/outline_paths.h"

#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

/// More than these cannot be told apart in one window.
constexpr std::size_t kMostTiles = 48;
constexpr int kCaption_px = 40;
constexpr int kTileAir_px = 18;
/// What falls out of a stencil lies a little lower, and turned.
constexpr double kFallen_deg = 9.0;

} // namespace

PiecesView::PiecesView(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_material(theme.colours().ink)
{
    setObjectName(QStringLiteral("piecesView"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The pieces, each on its own"));
}

void PiecesView::setMaterial(const QColor& colour)
{
    m_material = colour;
    update();
}

void PiecesView::showPieces(Shown shown)
{
    const bool is_other = shown.proof != m_shown.proof;
    m_shown = std::move(shown);
    if (is_other) { // while a size is dragged only findings change
        m_paths.clear();
        m_in_sight.clear();
    }
    if (is_other && m_shown.proof) {
        m_paths = piecePaths(m_shown.proof->outline->outline());
        const auto& pieces = m_shown.proof->outline->pieces();
        for (std::size_t i = 0; i < pieces.size(); ++i)
            m_in_sight.push_back(i);
        if (m_in_sight.size() > kMostTiles) {
            std::ranges::nth_element(m_in_sight, m_in_sight.begin() + kMostTiles, std::greater{},
                                     [&](std::size_t i) { return pieces[i].area; });
            m_in_sight.resize(kMostTiles);
        }
        std::ranges::sort(m_in_sight, {}, [&](std::size_t i) { return pieces[i].box.x0; });
    }
    m_piece = std::min(m_piece, m_in_sight.empty() ? 0 : m_in_sight.size() - 1);
    tellPiece();
    update();
}

bool PiecesView::isSpeck(std::size_t piece) const
{
    return std::ranges::any_of(m_shown.findings, [&](const ProofFinding& f) {
        return (f.kind == FindingKind::Speck || f.kind == FindingKind::LoosePiece) &&
               std::ranges::find(f.parts, piece) != f.parts.end();
    });
}

QString PiecesView::captionOf(std::size_t piece) const
{
    const auto& part = m_shown.proof->outline->pieces()[piece];
    const QString size = tr("%1 × %2").arg(figure(part.box.width(), m_shown.unit),
                                           figureWithUnit(part.box.height(), m_shown.unit));
    return tr("%1 · %2").arg(size, area(part.area, m_shown.unit));
}

void PiecesView::tellPiece()
{
    if (!m_shown.proof || m_in_sight.empty())
        return setAccessibleDescription(tr("There are no pieces yet."));
    const std::size_t piece = m_in_sight[m_piece];
    QString words = tr("Piece %1 of %2: %3")
                        .arg(m_piece + 1)
                        .arg(m_shown.proof->outline->pieces().size())
                        .arg(captionOf(piece));
    if (isSpeck(piece))
        words += tr(", too small to hold");
    setAccessibleDescription(words);
}

/// In rows, all at the same size, as large as the room allows.
std::vector<PiecesView::Tile> PiecesView::tiles(double& px_per_mm) const
{
    const auto& pieces = m_shown.proof->outline->pieces();
    const double caption = m_theme.scaled(kCaption_px), air = m_theme.scaled(kTileAir_px);
    const QRectF room = QRectF(rect()).adjusted(kMargin, kMargin, -kMargin, -kMargin);
    const double least = QFontMetrics(m_theme.text(TextSize::Small))
                             .horizontalAdvance(QStringLiteral("000.0 × 00.0 mm · 0,000 mm²"));
    const auto lay = [&](double scale, std::vector<Tile>& out) {
        out.clear();
        double x = room.left(), y = room.top(), high = 0.0;
        for (const auto i : m_in_sight) {
            const auto& box = pieces[i].box;
            const double w = std::max(least, box.width() * scale) + air,
                         h = box.height() * scale + caption + air;
            if (x > room.left() && x + w > room.right()) {
                x = room.left();
                y += high;
                high = 0.0;
            }
            out.push_back({i, QRectF(x, y, w, h)});
            x += w;
            high = std::max(high, h);
        }
        return y + high <= room.bottom() &&
               std::ranges::all_of(out, [&](const Tile& t) { return t.room.right() <= room.right() + 1; });
    };
    std::vector<Tile> out;
    double low = 0.0, high = 200.0;
    for (int i = 0; i < 24; ++i) {
        const double middle = 0.5 * (low + high);
        (lay(middle, out) ? low : high) = middle;
    }
    px_per_mm = low;
    lay(low, out);
    // Tiles of a row have one height, so that captions stand in line.
    for (std::size_t i = 0; i < out.size();) {
        std::size_t end = i;
        double tall = 0.0;
        for (; end < out.size() && out[end].room.top() == out[i].room.top(); ++end)
            tall = std::max(tall, out[end].room.height());
        for (; i < end; ++i)
            out[i].room.setHeight(tall);
    }
    return out;
}

void PiecesView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), m_theme.colours().card);
    if (m_shown.proof && !m_in_sight.empty()) {
        if (m_shown.is_stencil)
            paintSheet(painter);
        else
            paintTiles(painter);
    }
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(m_theme.colours().madder, 2));
        painter.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
    }
}

void PiecesView::paintTiles(QPainter& painter) const
{
    const auto& c = m_theme.colours();
    double px_per_mm = 1.0;
    const auto all = tiles(px_per_mm);
    const double caption = m_theme.scaled(kCaption_px);
    for (std::size_t n = 0; n < all.size(); ++n) {
        const auto& [piece, room] = all[n];
        const auto& box = m_shown.proof->outline->pieces()[piece].box;
        const bool is_speck = isSpeck(piece);
        const QRectF tile = room.adjusted(3, 3, -3, -3);
        if (n == m_piece && hasFocus()) {
            painter.setPen(QPen(c.madder, 1.5));
            painter.setBrush(c.honey);
            painter.drawRoundedRect(tile, kRadius, kRadius);
        }
        const QRectF ink_room = tile.adjusted(0, 0, 0, -caption);
        const QTransform to_tile(px_per_mm, 0, 0, px_per_mm,
                                 ink_room.center().x() - px_per_mm * (box.x0 + box.x1) / 2,
                                 ink_room.center().y() + px_per_mm * (box.y0 + box.y1) / 2);
        const QPainterPath path = to_tile.map(m_paths[piece]);
        painter.fillPath(path, m_material);
        if (contrast(m_material, c.card) < 1.6)
            painter.strokePath(path, QPen(c.ink, 1.2));
        if (is_speck) {
            painter.setPen(QPen(c.madder, 2));
            painter.setBrush(Qt::NoBrush);
            const double r =
                std::max<double>(m_theme.scaled(9), 0.75 * px_per_mm * std::hypot(box.width(), box.height()));
            painter.drawEllipse(ink_room.center(), r, r);
        }
        const QRectF below(tile.left(), tile.bottom() - caption, tile.width(), caption);
        painter.setPen(c.ink);
        painter.setFont(m_theme.text(TextSize::Small, true));
        const QString name =
            is_speck ? tr("%1, a speck").arg(n + 1) : QLocale().toString(static_cast<int>(n + 1));
        painter.drawText(below, Qt::AlignHCenter | Qt::AlignTop, name);
        painter.setPen(c.soft_ink);
        painter.setFont(m_theme.text(TextSize::Small));
        painter.drawText(below, Qt::AlignHCenter | Qt::AlignBottom, captionOf(piece));
    }
    const std::size_t more = m_shown.proof->outline->pieces().size() - m_in_sight.size();
    if (more > 0) {
        painter.setPen(c.soft_ink);
        painter.setFont(m_theme.text(TextSize::Small));
        painter.drawText(QRectF(rect()).adjusted(kMargin, 0, -kMargin, -kGrid),
                         Qt::AlignRight | Qt::AlignBottom,
                         tr("and %n smaller piece(s)", nullptr, static_cast<int>(more)));
    }
}

/// Islands that nothing ties lie below their holes.
void PiecesView::paintSheet(QPainter& painter) const
{
    const auto& c = m_theme.colours();
    const auto& outline = m_shown.proof->outline->outline();
    const QRectF ink = toRect(m_shown.proof->outline->figures().box);
    const double air = std::max(0.15 * ink.height(), 5.0);
    const QRectF sheet = ink.adjusted(-air, -air, air, air);
    const QRectF room = QRectF(rect()).adjusted(2 * kMargin, 2 * kMargin, -2 * kMargin, -3 * kMargin);
    const double scale = std::min(room.width() / sheet.width(), room.height() / sheet.height());
    const QTransform to_px(scale, 0, 0, scale, room.center().x() - scale * sheet.center().x(),
                           room.center().y() - scale * sheet.center().y());
    QPainterPath paper;
    paper.addRoundedRect(to_px.mapRect(sheet), 6, 6);
    for (const auto& piece : outline.pieces)
        paper.addPath(to_px.map(toPainterPath(Paths{piece.outer})));
    paper.setFillRule(Qt::OddEvenFill);
    painter.fillPath(paper, m_material);
    std::size_t fallen = 0;
    for (const auto& piece : outline.pieces)
        for (const auto& middle : piece.middles) {
            const QPainterPath island = to_px.map(toPainterPath(Paths{middle}));
            const QPointF centre = island.boundingRect().center();
            QTransform fall;
            fall.translate(centre.x() + 5, centre.y() + 0.5 * island.boundingRect().height() + 9);
            fall.rotate(kFallen_deg);
            fall.translate(-centre.x(), -centre.y());
            const QPainterPath lies = fall.map(island);
            painter.fillPath(lies, m_material);
            painter.strokePath(lies, QPen(c.madder, 2));
            ++fallen;
        }
    painter.setPen(fallen > 0 ? c.madder : c.soft_ink);
    painter.setFont(m_theme.text(TextSize::Body, true));
    painter.drawText(
        QRectF(rect()).adjusted(kMargin, 0, -kMargin, -kGrid * 3), Qt::AlignHCenter | Qt::AlignBottom,
        fallen > 0 ? tr("%n middle(s) (falls|fall) out of the sheet", nullptr, static_cast<int>(fallen))
                   : tr("The sheet is one piece: nothing falls out."));
}

void PiecesView::keyPressEvent(QKeyEvent* event)
{
    const int step = event->key() == Qt::Key_Right || event->key() == Qt::Key_Down ? 1
                     : event->key() == Qt::Key_Left || event->key() == Qt::Key_Up  ? -1
                                                                                   : 0;
    if (step == 0 || m_in_sight.empty())
        return QWidget::keyPressEvent(event);
    const int last = static_cast<int>(m_in_sight.size()) - 1;
    m_piece = static_cast<std::size_t>(std::clamp(static_cast<int>(m_piece) + step, 0, last));
    tellPiece();
    update();
}

void PiecesView::mousePressEvent(QMouseEvent* event)
{
    if (!m_shown.proof || m_in_sight.empty() || m_shown.is_stencil)
        return;
    double px_per_mm = 1.0;
    const auto all = tiles(px_per_mm);
    for (std::size_t n = 0; n < all.size(); ++n)
        if (all[n].room.contains(event->position()))
            m_piece = n;
    tellPiece();
    update();
}

} // namespace ink::ui
