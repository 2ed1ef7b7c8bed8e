#include "ui/compose/dressing_strip.h"

#include "ui/compose/words_line.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QStyle>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr int kCard_px = 270;
constexpr int kCardGap_px = 10;

bool wearsTheSame(const Job& a, const Job& b)
{
    const auto worn = [](const Job& job) {
        std::vector<std::pair<std::size_t, WornForm>> forms;
        for (const auto& [character, choice] : job.lettering.letters)
            if (choice.worn)
                forms.emplace_back(character, *choice.worn);
        return forms;
    };
    return worn(a) == worn(b);
}

} // namespace

DressingStrip::DressingStrip(const Theme& theme, QWidget* parent)
    : QAbstractScrollArea(parent), m_theme(theme)
{
    setFrameShape(QFrame::NoFrame);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("What the words can be dressed in"));
    viewport()->setAutoFillBackground(false);
}

void DressingStrip::setDressings(const Job& plain, std::vector<Dressing> dressings, LengthUnit unit)
{
    m_cards.clear();
    m_message.clear();
    m_unit = unit;
    m_current = -1;
    if (dressings.empty()) {
        return setMessage(
            tr("This font has no forms that would join and hold at this size. Try a larger size or "
               "another font: Find shows which have swashes."));
    }
    Card first;
    first.name = tr("Plain");
    first.job = plain;
    m_cards.push_back(std::move(first));
    for (auto& dressing : dressings) {
        Card card;
        card.name = tr(dressing.name.c_str());
        card.dressed = dressing.dressed;
        card.job = std::move(dressing.job);
        m_cards.push_back(std::move(card));
    }
    layOut();
    viewport()->update();
}

void DressingStrip::setMessage(const QString& message)
{
    m_cards.clear();
    m_current = -1;
    m_message = message;
    setAccessibleDescription(message);
    layOut();
    viewport()->update();
}

void DressingStrip::setDrawing(int index, const std::shared_ptr<const ComposedDesign>& composed)
{
    if (index < 0 || index >= count() || !composed)
        return;
    auto& card = m_cards[static_cast<std::size_t>(index)];
    card.path = toPainterPath(composed->design.outline_mm);
    card.width_u = composed->setting.ink.width();
    card.mm_per_u = composed->mm_per_u;
    card.pairs = composed->setting.pairs.size();
    card.joined = static_cast<std::size_t>(
        std::ranges::count(composed->setting.pairs, ClosePair::State::Joins, &ClosePair::state));
    if (index == m_current)
        setAccessibleDescription(textOf(index));
    viewport()->update();
}

void DressingStrip::showWorn(const Job& job)
{
    m_current = -1;
    for (int i = 0; i < count(); ++i)
        if (wearsTheSame(m_cards[static_cast<std::size_t>(i)].job, job)) {
            m_current = i;
            break;
        }
    setAccessibleDescription(m_current >= 0 ? textOf(m_current) : m_message);
    viewport()->update();
}

QString DressingStrip::whatItChanges(const Card& card) const
{
    QStringList parts;
    if (card.dressed > 0)
        parts << tr("%n letter(s) dressed", nullptr, static_cast<int>(card.dressed));
    const auto& plain = m_cards.front();
    if (card.dressed > 0 && card.width_u > 0.0 && plain.width_u > 0.0) {
        // As wide as it would be with the letters left as large as they are.
        const double wider_mm = (card.width_u - plain.width_u) * plain.mm_per_u;
        if (std::abs(wider_mm) >= 0.1)
            parts << (wider_mm > 0.0 ? tr("%1 wider") : tr("%1 narrower"))
                         .arg(figureWithUnit(std::abs(wider_mm), m_unit));
    }
    if (card.pairs > 0)
        parts
            << (card.joined == card.pairs
                    ? tr("all joined")
                    : tr("%1 of %n pair(s) joined", nullptr, static_cast<int>(card.pairs)).arg(card.joined));
    return parts.join(tr(", ", "between two things that are listed"));
}

QString DressingStrip::textOf(int index) const
{
    const auto& card = m_cards[static_cast<std::size_t>(index)];
    const QString what = whatItChanges(card);
    return what.isEmpty() ? card.name : tr("%1: %2").arg(card.name, what);
}

QRect DressingStrip::cardRect(int index) const
{
    const int width = m_theme.scaled(kCard_px), step = width + kCardGap_px;
    const QRect straight(2 + index * step - horizontalScrollBar()->value(), 2, width,
                         viewport()->height() - 4);
    return QStyle::visualRect(layoutDirection(), viewport()->rect(), straight);
}

void DressingStrip::layOut()
{
    const int whole = count() * (m_theme.scaled(kCard_px) + kCardGap_px);
    horizontalScrollBar()->setRange(0, std::max(0, whole - viewport()->width()));
    horizontalScrollBar()->setPageStep(viewport()->width());
    horizontalScrollBar()->setSingleStep(m_theme.scaled(kCard_px) / 2);
}

void DressingStrip::paintEvent(QPaintEvent*)
{
    QPainter painter(viewport());
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    const QFont small = m_theme.text(TextSize::Small);
    if (m_cards.empty()) {
        painter.setPen(c.soft_ink);
        painter.setFont(m_theme.text(TextSize::Body));
        painter.drawText(viewport()->rect().adjusted(4, 4, -4, -4),
                         Qt::AlignLeading | Qt::AlignVCenter | Qt::TextWordWrap, m_message);
        return;
    }
    const int line = QFontMetrics(small).lineSpacing();
    for (int i = 0; i < count(); ++i) {
        const QRect rect = cardRect(i);
        const auto& card = m_cards[static_cast<std::size_t>(i)];
        const bool is_current = i == m_current;
        painter.setPen(QPen(is_current ? c.madder : c.rule, is_current ? 2 : 1));
        painter.setBrush(is_current ? c.honey : c.card);
        painter.drawRoundedRect(QRectF(rect).adjusted(0.5, 0.5, -0.5, -0.5), kRadius, kRadius);
        if (is_current && hasFocus()) {
            painter.setPen(QPen(c.ink, 1, Qt::DotLine));
            painter.setBrush(Qt::NoBrush);
            painter.drawRoundedRect(QRectF(rect).adjusted(4, 4, -4, -4), kRadius - 3, kRadius - 3);
        }
        const QString what = whatItChanges(card);
        const int what_height =
            std::min(2 * line, QFontMetrics(small)
                                   .boundingRect(0, 0, rect.width() - 24, 4 * line, Qt::TextWordWrap, what)
                                   .height());
        const QRect text = rect.adjusted(12, 0, -12, -6);
        const int name_top = text.bottom() - what_height - line;
        fillFitted(painter, card.path, QRectF(rect).adjusted(12, 8, -12, -(rect.bottom() - name_top + 4)),
                   c.ink);
        painter.setPen(c.ink);
        painter.setFont(m_theme.text(TextSize::Small, true));
        painter.drawText(QRect(text.left(), name_top, text.width(), line), Qt::AlignLeading, card.name);
        painter.setPen(c.soft_ink);
        painter.setFont(small);
        painter.drawText(QRect(text.left(), name_top + line, text.width(), what_height),
                         Qt::AlignLeading | Qt::TextWordWrap, what);
    }
}

void DressingStrip::choose(int index)
{
    if (index < 0 || index >= count())
        return;
    m_current = index;
    const QRect rect = cardRect(index);
    auto* bar = horizontalScrollBar();
    const int over = rect.left() < 0                      ? rect.left() - kCardGap_px
                     : rect.right() > viewport()->width() ? rect.right() - viewport()->width() + kCardGap_px
                                                          : 0;
    bar->setValue(bar->value() + (isRightToLeft() ? -over : over));
    setAccessibleDescription(textOf(index));
    viewport()->update();
    emit chosen(index);
}

void DressingStrip::mousePressEvent(QMouseEvent* event)
{
    for (int i = 0; i < count() && event->button() == Qt::LeftButton; ++i)
        if (cardRect(i).contains(event->pos()))
            return choose(i);
}

void DressingStrip::keyPressEvent(QKeyEvent* event)
{
    const int forwards = isRightToLeft() ? -1 : 1;
    switch (event->key()) {
    case Qt::Key_Left:
        return choose(std::clamp(m_current - forwards, 0, std::max(0, count() - 1)));
    case Qt::Key_Right:
        return choose(std::clamp(m_current + forwards, 0, std::max(0, count() - 1)));
    case Qt::Key_Home:
    case Qt::Key_Backspace:
    case Qt::Key_Delete:
        return choose(0);
    case Qt::Key_End:
        return choose(count() - 1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        emit kept();
        return;
    case Qt::Key_Escape:
        emit left();
        return;
    default:
        QAbstractScrollArea::keyPressEvent(event);
    }
}

void DressingStrip::resizeEvent(QResizeEvent*)
{
    layOut();
}

void DressingStrip::focusInEvent(QFocusEvent* event)
{
    QAbstractScrollArea::focusInEvent(event);
    viewport()->update();
}

void DressingStrip::focusOutEvent(QFocusEvent* event)
{
    QAbstractScrollArea::focusOutEvent(event);
    viewport()->update();
}

} // namespace ink::ui
