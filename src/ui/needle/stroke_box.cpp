#include "ui/needle/stroke_box.h"

#include "core/geometry/distance.h"
#include "ui/measures.h"
#include "ui/widgets/choice.h"

#include <QLabel>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

/// A press this near beside a stroke means it.
constexpr double kPressed_mm = 1.0;
/// However thin a stroke is, a mending no further off than this is its own.
constexpr double kSameStroke_mm = 1.0;

QString kindWords(ColumnKind kind)
{
    switch (kind) {
    case ColumnKind::Running:
        return StrokeBox::tr("This stroke is a line, %1 wide as drawn.");
    case ColumnKind::Satin:
        return StrokeBox::tr("This stroke is satin of %1.");
    case ColumnKind::SplitSatin:
        return StrokeBox::tr("This stroke is satin of %1, split in the middle.");
    case ColumnKind::Fill:
        return StrokeBox::tr("This is filled in rows, up to %1 wide.");
    }
    return {};
}

} // namespace

StrokeBox::StrokeBox(JobModel& job, HandOffModel& names, NeedleModel& model, ClothView& cloth,
                     PlaceAt place_at, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_names(names), m_model(model), m_cloth(cloth),
      m_place_at(std::move(place_at))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGrid);
    m_words = new QLabel(this);
    m_words->setObjectName(QStringLiteral("strokeWords"));
    m_words->setWordWrap(true);
    m_words->setProperty("role", QStringLiteral("soft"));
    m_words->setFont(theme.text(TextSize::Small));
    column->addWidget(m_words);
    m_sewn_as = new Choice(theme, this, Choice::Ground::Paper);
    m_sewn_as->setObjectName(QStringLiteral("strokeSewn"));
    m_sewn_as->setAccessibleName(tr("How this stroke is sewn"));
    m_sewn_as->addChoice(tr("sewn as the rest"), {}, -1);
    m_sewn_as->addChoice(tr("as satin"), {}, int(SewnAs::Satin));
    m_sewn_as->addChoice(tr("in rows"), {}, int(SewnAs::Fill));
    m_sewn_as->addChoice(tr("as a line"), {}, int(SewnAs::Running));
    column->addWidget(m_sewn_as);
    connect(m_sewn_as, &QComboBox::activated, this, [this] {
        const int as = m_sewn_as->currentData().toInt();
        sew(as < 0 ? std::nullopt : std::optional(SewnAs(as)));
    });
    connect(&m_cloth, &ClothView::pressed, this, &StrokeBox::press);
    connect(&m_cloth, &ClothView::stepWanted, this, &StrokeBox::step);
}

bool StrokeBox::hasStrokes() const
{
    const auto& sewn = m_model.sewn();
    const SewnAs as = m_job.job().sewing().as;
    return !m_is_left && sewn && !sewn->error && (as == SewnAs::Satin || as == SewnAs::Fill);
}

void StrokeBox::press(Point mm)
{
    if (!hasStrokes())
        return;
    const auto& columns = m_model.sewn()->plan.columns;
    std::optional<std::size_t> nearest;
    double least = kPressed_mm;
    for (std::size_t i = 0; i < columns.size(); ++i) {
        const auto& c = columns[i];
        const double away =
            std::min(distanceTo(mm, c.from, c.middle), distanceTo(mm, c.middle, c.to)) - c.width_mm / 2;
        if (away < least) {
            least = away;
            nearest = i;
        }
    }
    choose(nearest);
}

void StrokeBox::step(int by)
{
    const int count = hasStrokes() ? int(m_model.sewn()->plan.columns.size()) : 0;
    if (count == 0)
        return;
    const int from = m_stroke ? int(*m_stroke) : by > 0 ? -1 : 0;
    choose(std::size_t((from + by + count) % count));
}

void StrokeBox::choose(std::optional<std::size_t> column)
{
    m_stroke = column;
    m_hangs.reset();
    showStroke();
}

void StrokeBox::follow()
{
    m_is_left = false;
    if (m_stroke && hasStrokes()) {
        const auto& columns = m_model.sewn()->plan.columns;
        const auto nearest = std::ranges::min_element(
            columns, {}, [this](const StitchColumn& c) { return length(c.middle - m_at); });
        m_stroke =
            nearest == columns.end() ? std::nullopt : std::optional(std::size_t(nearest - columns.begin()));
    }
    showStroke();
}

void StrokeBox::leave()
{
    m_is_left = true;
    m_stroke.reset();
    showStroke();
}

void StrokeBox::showStroke()
{
    if (m_stroke && (!hasStrokes() || *m_stroke >= m_model.sewn()->plan.columns.size()))
        m_stroke.reset();
    setVisible(hasStrokes());
    m_sewn_as->setVisible(m_stroke && m_model.hoops() == 0);
    if (!m_stroke) {
        m_words->setText(
            tr("Press a stroke to see what it is, and to sew it otherwise (Page Down goes through them)."));
        return m_cloth.showStroke({});
    }
    const auto& c = m_model.sewn()->plan.columns[*m_stroke];
    m_at = c.middle;
    findPlace();
    const QString what =
        kindWords(c.kind).arg(fineLength(c.width_mm > 0.0 ? c.width_mm : c.most_width_mm, m_job.job().unit));
    m_words->setText(m_model.hoops() == 0 ? what
                                          : tr("%1 Names one by one can be sewn otherwise.").arg(what));
    m_cloth.showStroke(ClothView::Stroke{c.from, c.middle, c.to, c.width_mm});
    const Mending* known = mending();
    const auto as = known ? sewnAsOf(known->kind) : std::nullopt;
    m_sewn_as->setCurrentIndex(m_sewn_as->findData(as ? int(*as) : -1));
}

/// Where the chosen stroke hangs, as long as it is shown: choices that follow each other quickly are about the same one.
void StrokeBox::findPlace()
{
    const auto& sewn = m_model.sewn();
    const auto& names = m_names.names();
    const std::size_t shown = m_job.job().names.isEmpty() ? 0 : m_job.job().names.shown;
    if (m_model.hoops() > 0 || shown >= names.size() || !names[shown])
        return;
    // Back from the hoop, which only turns and moves.
    const Affine& to = sewn->to_hoop;
    const auto& column = sewn->plan.columns[*m_stroke];
    const Point in_hoop = column.middle - Point{to.e, to.f};
    const auto place = m_place_at({to.a * in_hoop.x + to.b * in_hoop.y, to.c * in_hoop.x + to.d * in_hoop.y});
    if (place)
        m_hangs = Hangs{*place, names[shown]->em_mm, std::max(kSameStroke_mm, column.width_mm)};
}

const Mending* StrokeBox::mending() const
{
    if (!m_hangs)
        return nullptr;
    const auto isOfStroke = [&hangs = *m_hangs](const Mending& m) {
        return isOfStitches(m.kind) && m.place && m.place->letter == hangs.place.letter &&
               hangs.em_mm * std::hypot(m.place->x_em - hangs.place.x_em, m.place->y_em - hangs.place.y_em) <
                   hangs.near_mm;
    };
    const auto& mendings = m_job.job().lettering.mendings;
    const auto found = std::ranges::find_if(mendings, isOfStroke);
    return found == mendings.end() ? nullptr : &*found;
}

void StrokeBox::sew(std::optional<SewnAs> as)
{
    if (!m_hangs)
        return;
    const Mending* before = mending();
    const std::optional<Mending> known = before ? std::optional(*before) : std::nullopt;
    m_job.endRun();
    m_job.changeLettering(tr("how a stroke is sewn"), [&](Job& changed) {
        if (known)
            std::erase(changed.lettering.mendings, *known);
        if (!as)
            return;
        Mending chosen;
        chosen.kind = mendingOf(*as);
        chosen.place = m_hangs->place;
        changed.lettering.mendings.push_back(chosen);
    });
    m_job.endRun();
}

} // namespace ink::ui
