#include "ui/compose/pair_callout.h"

#include "core/design/along_shape.h"
#include "core/design/close_up.h"
#include "ui/compose/lettering_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <algorithm>

namespace ink::ui {
namespace {

/// What a pair overlaps by where nothing else was asked for.
constexpr double kUsualDepth_mm = 0.3;

} // namespace

PairCallout::PairCallout(JobModel& job, DesignModel& design, LetteringView& view, const Theme& theme)
    : QFrame(&view), m_job(job), m_design(design), m_view(view)
{
    setObjectName(QStringLiteral("pairCallout"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
    row->setSpacing(2 * kGrid);
    m_words = new QLabel(this);
    m_words->setFont(theme.text(TextSize::Small));
    m_join = new QPushButton(tr("join them"), this);
    m_join->setObjectName(QStringLiteral("joinPair"));
    m_join->setFont(theme.text(TextSize::Small));
    row->addWidget(m_words);
    row->addWidget(m_join);
    hide();
    connect(m_join, &QPushButton::clicked, this, &PairCallout::join);
    connect(&m_design, &DesignModel::changed, this, &PairCallout::follow);
    connect(&m_view, &LetteringView::caretMoved, this, &PairCallout::follow);
    connect(&m_view, &WeldView::zoomChanged, this, &PairCallout::place);
    connect(&m_view, &WeldView::painted, this, &PairCallout::place);
}

void PairCallout::follow()
{
    m_pair.reset();
    const auto& composed = m_design.composed();
    if (composed && !m_view.hasSelection()) {
        const auto& setting = composed->setting;
        for (std::size_t i = 0; i < setting.pairs.size() && !m_pair; ++i) {
            const auto& pair = setting.pairs[i];
            const auto& right = setting.letters[pair.right];
            if (pair.state != ClosePair::State::Joins && right.first == m_view.caret())
                m_pair = i;
        }
        if (m_pair) {
            const auto& pair = setting.pairs[*m_pair];
            const auto words = toUtf32(m_job.job().words);
            const auto letter = [&](std::size_t at) {
                const auto& l = setting.letters[at];
                return l.first < words.size()
                           ? QString::fromUcs4(&words[l.first], static_cast<qsizetype>(std::min(
                                                                    l.count, words.size() - l.first)))
                           : QString();
            };
            const QString left = letter(pair.left), right = letter(pair.right);
            m_words->setText(pair.state == ClosePair::State::LeftAsDrawn
                                 ? tr("%1 and %2: left as drawn").arg(left, right)
                             : pair.state == ClosePair::State::NoCommonHeight
                                 ? tr("%1 and %2: nothing stands side by side").arg(left, right)
                                 : tr("%1 and %2: do not touch").arg(left, right));
            m_join->setAccessibleName(tr("Join %1 and %2").arg(left, right));
            m_join->setVisible(canJoin(pair));
        }
    }
    setVisible(m_pair.has_value());
    if (m_pair) {
        adjustSize();
        place();
    }
}

/// Under the two letters, below where they come nearest: nothing of them is covered.
void PairCallout::place()
{
    const auto& composed = m_design.composed();
    if (!m_pair || !composed || *m_pair >= composed->setting.pairs.size())
        return;
    const Point mm = composed->placeOf(composed->setting.pairs[*m_pair]);
    const auto& setting = composed->setting;
    const auto& pair = setting.pairs[*m_pair];
    QPointF at = m_view.toScreen({mm.x, -mm.y});
    for (const std::size_t number : {pair.left, pair.right}) {
        const auto& letter = setting.letters[number];
        const auto shape = bending(setting, letter);
        const ink::Box inked = shape && letter.hasInk() ? shape->bentBox(letter.glyphs.front()) : letter.ink;
        const Point foot = composed->to_mm.map({inked.x0, inked.y0});
        at.setY(std::max(at.y(), m_view.toScreen({foot.x, -foot.y}).y()));
    }
    const QRect room = m_view.rect().adjusted(kGrid, kGrid, -kGrid, -kGrid);
    const int left =
        std::clamp(qRound(at.x()) - width() / 3, room.left(), std::max(room.left(), room.right() - width()));
    const int top =
        std::clamp(qRound(at.y()) + 2 * kGrid, room.top(), std::max(room.top(), room.bottom() - height()));
    if (pos() != QPoint(left, top))
        move(left, top);
}

void PairCallout::join()
{
    const auto& composed = m_design.composed();
    if (!m_pair || !composed || !m_design.isUpToDate())
        return;
    const auto& pair = composed->setting.pairs[*m_pair];
    const double depth_mm = m_job.job().lettering.close_up.depth_mm.value_or(kUsualDepth_mm);
    m_job.endRun();
    m_job.changeLettering(tr("join two letters"), [&](Job& job) {
        joinPair(job, composed->setting, pair, depth_mm / composed->mm_per_u);
    });
    m_job.endRun();
    m_view.setFocus();
}

} // namespace ink::ui
