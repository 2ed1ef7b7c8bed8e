#include "ui/compose/worn_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/compose/words_line.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// The slot of the plain words beside dressed ones.
constexpr int kPlainSketch = 0;

Job plainOf(Job job)
{
    for (auto& [character, choice] : job.lettering.letters)
        choice.worn.reset();
    tidy(job.lettering);
    return job;
}

} // namespace

std::size_t wornForms(const Job& job)
{
    return static_cast<std::size_t>(std::ranges::count_if(
        job.lettering.letters, [](const auto& letter) { return letter.second.worn.has_value(); }));
}

WornSection::WornSection(JobModel& model, LetteringService& lettering, LetteringView& view,
                         const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent), m_lettering(lettering)
{
    m_what = softLabel({});
    m_what->setObjectName(QStringLiteral("wornWhat"));
    m_what->setWordWrap(true);
    m_plain = new WordsLine(m_theme, tr("Plain, for comparison"), this);
    m_plain->setObjectName(QStringLiteral("plainWords"));
    auto* dress = new QPushButton(tr("Dress the words"), this);
    dress->setObjectName(QStringLiteral("dressFromWorn"));
    m_off = new QPushButton(tr("Wear nothing more"), this);
    m_off->setObjectName(QStringLiteral("undress"));
    m_pieces_off = new QPushButton(tr("Take the pieces off"), this);
    m_pieces_off->setObjectName(QStringLiteral("piecesOff"));
    for (auto* button : {dress, m_off, m_pieces_off})
        button->setProperty("role", QStringLiteral("quiet"));
    for (QWidget* widget : std::initializer_list<QWidget*>{m_what, m_plain, dress, m_off, m_pieces_off})
        column()->addWidget(widget);
    connect(dress, &QPushButton::clicked, this, &WornSection::dressWanted);
    connect(m_off, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_job.changeLettering(tr("wear nothing more"), [](Job& job) { job = plainOf(job); });
        m_job.endRun();
    });
    connect(m_pieces_off, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_job.changeLettering(tr("take the pieces off"), [](Job& job) { job.lettering.pieces.clear(); });
        m_job.endRun();
    });
}

void WornSection::showEvent(QShowEvent* event)
{
    PanelSection::showEvent(event);
    showNow();
}

void WornSection::showValues()
{
    const auto& job = m_job.job();
    const auto forms = wornForms(job), pieces = job.lettering.pieces.size();
    m_what->setText(
        forms + pieces == 0
            ? tr("The letters are the font's own. Put the caret behind one to see what it could wear.")
            : tr("%n letter(s) wear another form.", nullptr, static_cast<int>(forms)) + QLatin1Char(' ') +
                  tr("%n piece(s) stand beside them.", nullptr, static_cast<int>(pieces)));
    m_off->setVisible(forms > 0);
    m_pieces_off->setVisible(pieces > 0);
    if (forms == 0 || !composed() || !isVisible())
        return m_plain->show(nullptr);
    m_lettering.sketch(kPlainSketch, plainOf(job),
                       [this](const ComposedResult& result) { m_plain->show(result ? *result : nullptr); });
}

} // namespace ink::ui
