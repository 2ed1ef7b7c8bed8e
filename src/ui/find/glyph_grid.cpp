#include "ui/find/glyph_grid.h"

#include "core/type/key_map.h"
#include "ui/outline_paths.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPaintEvent>
#include <QPainter>
#include <QScrollArea>
#include <QSet>
#include <QToolTip>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr std::size_t kMostGlyphs = 3000;

GridKey gridKey(const RemoteKey& key, double units_per_em)
{
    const QTransform to_em = QTransform::fromScale(1 / units_per_em, 1 / units_per_em);
    return {key.key, key.name, to_em.map(toPainterPath(key.outline_fu)), key.advance_fu / units_per_em,
            key.glyph_id};
}

bool isLatin(char32_t c)
{
    return (c >= U'A' && c <= U'Z') || (c >= U'a' && c <= U'z');
}

} // namespace

std::vector<GridSection> keyMapSections(const RemoteKeyMap& map)
{
    GridSection letters{QObject::tr("Letters, capital and small side by side"), {}},
        others{QObject::tr("Digits, marks and other characters"), {}},
        hidden{QObject::tr("With a code of their own only (Private Use Area)"), {}},
        keyless{QObject::tr("Without a key: reached through other forms only"), {}};
    const auto find = [&](char32_t c) { return std::ranges::find(map.keys, c, &RemoteKey::character); };
    for (char32_t capital = U'A'; capital <= U'Z'; ++capital)
        for (const char32_t c : {capital, static_cast<char32_t>(capital + 32)})
            if (const auto key = find(c); key != map.keys.end())
                letters.keys.push_back(gridKey(*key, map.units_per_em));
    QSet<QString> public_names; // glyphs that an ordinary key leads to as well
    for (const auto& key : map.keys)
        if (!isPrivateUse(key.character))
            public_names.insert(key.name);
    const auto isShown = [&](const RemoteKey& key) {
        return !isLatin(key.character) && !key.outline_fu.empty() &&
               !(isPrivateUse(key.character) && public_names.contains(key.name));
    };
    for (const auto& key : map.keys)
        if (isShown(key) && others.keys.size() + hidden.keys.size() < kMostGlyphs)
            (isPrivateUse(key.character) ? hidden : others).keys.push_back(gridKey(key, map.units_per_em));
    for (const auto& key : map.without_key)
        if (keyless.keys.size() < kMostGlyphs)
            keyless.keys.push_back(gridKey(key, map.units_per_em));
    std::vector<GridSection> sections;
    for (auto* section : {&letters, &others, &hidden, &keyless})
        if (!section->keys.empty())
            sections.push_back(std::move(*section));
    return sections;
}

std::vector<GridSection> alphabetSections(const RemoteKeyMap& map)
{
    std::vector<GridSection> sections;
    const auto add = [&](const QString& title, const std::u32string& characters) {
        GridSection section{title, {}};
        for (const char32_t c : characters)
            if (const auto key = std::ranges::find(map.keys, c, &RemoteKey::character); key != map.keys.end())
                section.keys.push_back(gridKey(*key, map.units_per_em));
        if (!section.keys.empty())
            sections.push_back(std::move(section));
    };
    add(QObject::tr("Capitals"), U"ABCDEFGHIJKLMNOPQRSTUVWXYZ");
    add(QObject::tr("Small letters"), U"abcdefghijklmnopqrstuvwxyz");
    add(QObject::tr("Digits and marks"), U"0123456789&!?.,:;-+*/()'\"\u20AC$%@#");
    add(QObject::tr("Letters of other languages"), U"ÄÖÜäöüßÅåÆæØøÇçÉéÈèÊêËëÍíÑñÓóÔôÚúŁłŚśŻżŠšŽž");
    return sections;
}

RemoteKeyMap localKeyMap(const FontFace& face)
{
    const KeyMap map = keyMapOf(face);
    RemoteKeyMap out;
    out.units_per_em = face.info().units_per_em;
    for (const auto& [from, to] :
         {std::pair(&map.characters, &out.keys), std::pair(&map.without_key, &out.without_key)})
        for (const auto& g : *from)
            if (to->size() < kMostGlyphs)
                to->push_back({g.character == 0 ? QString() : QString::fromStdString(keyName(g.character)),
                               QString::fromStdString(g.name), g.character, face.advance_fu(g.glyph_id),
                               face.glyphOutline(g.glyph_id), g.glyph_id});
    return out;
}

GlyphGrid::GlyphGrid(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    setFocusPolicy(Qt::StrongFocus);
}

void GlyphGrid::setSections(std::vector<GridSection> sections)
{
    m_sections = std::move(sections);
    m_has_current = false;
    QStringList spoken;
    for (const auto& section : m_sections)
        spoken << tr("%1: %2").arg(section.title).arg(section.keys.size());
    setAccessibleName(spoken.join(QStringLiteral(". ")));
    setMinimumHeight(heightForWidth(width()));
    update();
    emit currentChanged();
}

void GlyphGrid::setFlagged(std::vector<std::uint32_t> glyph_ids)
{
    m_flagged = std::move(glyph_ids);
    update();
}

const GridKey* GlyphGrid::current() const
{
    return m_has_current ? &m_sections[m_section].keys[m_key] : nullptr;
}

void GlyphGrid::choose(std::uint32_t glyph_id)
{
    for (const auto& section : m_sections)
        for (const auto& key : section.keys)
            if (key.glyph_id == glyph_id)
                return setCurrent(&key);
}

void GlyphGrid::setCurrent(const GridKey* key)
{
    for (std::size_t s = 0; s < m_sections.size(); ++s)
        for (std::size_t k = 0; k < m_sections[s].keys.size(); ++k)
            if (&m_sections[s].keys[k] == key) {
                m_section = s;
                m_key = k;
                m_has_current = true;
            }
    if (!m_has_current)
        return;
    const QRect area = areaOf(current());
    for (QWidget* above = parentWidget(); above; above = above->parentWidget())
        if (auto* scroll = qobject_cast<QScrollArea*>(above)) {
            scroll->ensureVisible(area.center().x(), area.center().y(), area.width(), area.height());
            break;
        }
    update();
    emit currentChanged();
}

QRect GlyphGrid::areaOf(const GridKey* wanted) const
{
    QRect found;
    walk(width(), [&](const GridSection*, const GridKey* key, const QRect& area) {
        if (key && key == wanted)
            found = area;
    });
    return found;
}

void GlyphGrid::mousePressEvent(QMouseEvent* event)
{
    const GridKey* pressed = nullptr;
    walk(width(), [&](const GridSection*, const GridKey* key, const QRect& area) {
        if (key && area.contains(event->position().toPoint()))
            pressed = key;
    });
    if (pressed)
        setCurrent(pressed);
}

void GlyphGrid::focusInEvent(QFocusEvent* event)
{
    QWidget::focusInEvent(event);
    if (!m_has_current && !m_sections.empty())
        setCurrent(&m_sections.front().keys.front());
    update();
}

/// Left and right go through the keys one by one; up and down to the nearest key of the next row.
void GlyphGrid::keyPressEvent(QKeyEvent* event)
{
    const bool is_back = event->key() == Qt::Key_Left || event->key() == Qt::Key_Up;
    const bool is_step = event->key() == Qt::Key_Left || event->key() == Qt::Key_Right;
    if (!m_has_current || !(is_back || is_step || event->key() == Qt::Key_Down))
        return QWidget::keyPressEvent(event);
    const QPoint from = areaOf(current()).center();
    const GridKey* before = nullptr;
    const GridKey* best = nullptr;
    int best_distance = 0;
    bool passed = false;
    walk(width(), [&](const GridSection*, const GridKey* key, const QRect& area) {
        if (!key)
            return;
        if (is_step && (is_back ? key == current() : passed) && !best)
            best = is_back ? before : key;
        passed = passed || key == current();
        before = key;
        const QPoint way = area.center() - from;
        if (is_step || way.y() == 0 || (way.y() < 0) != is_back)
            return;
        // A row's distance always outweighs how far aside the key is.
        const int distance = std::abs(way.y()) * 64 + std::abs(way.x());
        if (!best || distance < best_distance) {
            best = key;
            best_distance = distance;
        }
    });
    if (best)
        setCurrent(best);
}

/// Few keys are shown larger: the pictures of a picture font want to be seen.
int GlyphGrid::cell() const
{
    constexpr std::size_t kFew = 80;
    std::size_t keys = 0;
    for (const auto& section : m_sections)
        keys += section.keys.size();
    return m_theme.scaled(keys <= kFew ? 108 : 76);
}

int GlyphGrid::columns(int width) const
{
    const int fit = std::max(2, (width - 2 * kMargin) / cell());
    return fit - fit % 2; // pairs of capital and small letter stay together
}

/// Calls visit(section title or null, key or null, area) for everything there is; returns the height.
template <class Visit>
int GlyphGrid::walk(int width, const Visit& visit) const
{
    const int across = columns(width);
    int y = 0;
    for (const auto& section : m_sections) {
        visit(&section, nullptr, QRect(kMargin, y, width - 2 * kMargin, titleHeight()));
        y += titleHeight();
        for (std::size_t i = 0; i < section.keys.size(); ++i) {
            const int column = static_cast<int>(i) % across;
            visit(nullptr, &section.keys[i], QRect(kMargin + column * cell(), y, cell(), cell()));
            if (column == across - 1 || i + 1 == section.keys.size())
                y += cell();
        }
    }
    return y + kMargin;
}

int GlyphGrid::heightForWidth(int width) const
{
    return walk(width, [](const GridSection*, const GridKey*, const QRect&) {});
}

void GlyphGrid::resizeEvent(QResizeEvent*)
{
    setMinimumHeight(heightForWidth(width()));
}

void GlyphGrid::paintEvent(QPaintEvent* event)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    const QFont small = m_theme.text(TextSize::Tiny), heading = m_theme.text(TextSize::Small, true);
    walk(width(), [&](const GridSection* section, const GridKey* key, const QRect& area) {
        if (!area.intersects(event->rect()))
            return;
        if (section) {
            painter.setFont(heading);
            painter.setPen(c.ink);
            painter.drawText(area.adjusted(0, 0, 0, -kGrid), Qt::AlignLeft | Qt::AlignBottom, section->title);
            return;
        }
        const bool is_current = key == current();
        if (is_current)
            painter.fillRect(area, c.honey);
        painter.setPen(is_current && hasFocus() ? QPen(c.madder, 2) : QPen(c.rule));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(area).adjusted(0.5, 0.5, -0.5, -0.5));
        painter.setFont(small);
        painter.setPen(c.soft_ink);
        const QString label = key->key.isEmpty() ? key->name : key->key;
        painter.drawText(area.adjusted(5, 3, -3, 0), Qt::AlignLeft | Qt::AlignTop,
                         painter.fontMetrics().elidedText(label, Qt::ElideRight, area.width() - 8));
        const QRectF box = key->path_em.boundingRect();
        if (box.isEmpty())
            return;
        const double side = area.height() - painter.fontMetrics().height() - 14;
        const double scale = std::min({side / 1.1, side / box.height(), (area.width() - 12) / box.width()});
        QTransform place;
        place.translate(area.center().x(), area.bottom() - 7 - side / 2);
        place.scale(scale, scale);
        place.translate(-box.center().x(), -box.center().y());
        painter.fillPath(place.map(key->path_em), c.ink);
        if (key->glyph_id != 0 && std::ranges::find(m_flagged, key->glyph_id) != m_flagged.end()) {
            const QRectF cross = QRectF(area).adjusted(8, 8, -8, -8);
            painter.setPen(QPen(c.madder, 3));
            painter.drawLine(cross.topLeft(), cross.bottomRight());
            painter.drawLine(cross.topRight(), cross.bottomLeft());
        }
    });
}

bool GlyphGrid::event(QEvent* event)
{
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        QString text;
        walk(width(), [&](const GridSection*, const GridKey* key, const QRect& area) {
            if (key && area.contains(help->pos()))
                text = key->key.isEmpty() ? key->name : key->key + QStringLiteral("\n") + key->name;
        });
        QToolTip::showText(help->globalPos(), text, this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace ink::ui
