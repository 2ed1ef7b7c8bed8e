#include "ui/handoff/run_card.h"

#include "ui/measures.h"

#include <QComboBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>
#include <memory>

namespace ink::ui {
namespace {

constexpr int kFrame_ms = 16;
constexpr int kSpeeds[] = {1, 4, 16, 64};
constexpr int kUsualSpeed = 2;
/// A window that was busy goes on where it was, and does not leap.
constexpr double kLongestStep_s = 0.1;

} // namespace

RunCard::RunCard(const QString& heading, const QString& name, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme)
{
    setObjectName(name + QStringLiteral("Card"));
    setAttribute(Qt::WA_StyledBackground);
    setStyleSheet(QStringLiteral("#%1 { background: %2; border-top: 1px solid %3; }")
                      .arg(objectName(), theme.colours().card.name(), theme.colours().rule.name()));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    column->setSpacing(kGrid);
    auto* line = new QHBoxLayout;
    line->setSpacing(3 * kGrid);
    m_heading = new QLabel(heading, this);
    m_heading->setFont(theme.heading(TextSize::Lead));
    m_words = new QLabel(this);
    m_words->setObjectName(name + QStringLiteral("Words"));
    m_words->setProperty("role", QStringLiteral("soft"));
    m_words->setWordWrap(true);
    line->addWidget(m_heading);
    line->addWidget(m_words, 1);
    column->addLayout(line);
    m_ribbon = new RunRibbon(theme, this);
    m_ribbon->setObjectName(name + QStringLiteral("Ribbon"));
    m_ribbon->setAccessibleName(tr("%1, from its beginning to its end").arg(heading));
    column->addWidget(m_ribbon);
    column->addWidget(buildFoot(name));
    m_player = new QTimer(this);
    m_player->setInterval(kFrame_ms);
    connect(m_ribbon, &RunRibbon::timeChanged, this, &RunCard::timeChanged);
    connect(m_play, &QPushButton::clicked, this, [this] { play(!m_is_playing); });
    connect(new QShortcut(QKeySequence(Qt::Key_Space), m_ribbon, nullptr, nullptr, Qt::WidgetShortcut),
            &QShortcut::activated, this, [this] { play(!m_is_playing); });
    connect(m_player, &QTimer::timeout, this, [this, clock = std::make_shared<QElapsedTimer>()] {
        const double since_s = clock->isValid() ? std::min(kLongestStep_s, double(clock->restart()) / 1000.0)
                                                : (clock->start(), 0.0);
        m_ribbon->setTime(m_ribbon->time() + since_s * m_speed->currentData().toInt());
        if (m_ribbon->time() >= m_ribbon->duration())
            play(false);
    });
}

QWidget* RunCard::buildFoot(const QString& name)
{
    m_foot = new QWidget(this);
    auto* foot = new QHBoxLayout(m_foot);
    foot->setContentsMargins(0, 0, 0, 0);
    m_play = new QPushButton(tr("Play"), m_foot);
    m_play->setObjectName(name + QStringLiteral("Play"));
    m_play->setProperty("role", QStringLiteral("quiet"));
    m_play->setToolTip(tr("See it being made (Space on the ribbon)"));
    m_speed = new QComboBox(m_foot);
    m_speed->setObjectName(name + QStringLiteral("Speed"));
    m_speed->setAccessibleName(tr("How fast it plays"));
    for (const int speed : kSpeeds)
        m_speed->addItem(speed == 1 ? tr("as fast as the machine") : tr("%1 times as fast").arg(speed),
                         speed);
    m_speed->setCurrentIndex(kUsualSpeed);
    m_moment = new QLabel(m_foot);
    m_moment->setObjectName(name + QStringLiteral("Moment"));
    foot->addWidget(m_play);
    foot->addSpacing(2 * kGrid);
    foot->addWidget(m_speed);
    foot->addSpacing(2 * kGrid);
    foot->addWidget(m_moment, 1);
    return m_foot;
}

void RunCard::show(std::vector<RibbonPart> parts, double duration_s, const QString& words)
{
    m_ribbon->show(std::move(parts), duration_s);
    m_words->setText(words);
}

void RunCard::setMoment(const QString& words)
{
    m_moment->setText(words);
}

void RunCard::play(bool is_wanted)
{
    if (is_wanted && m_ribbon->duration() <= 0.0)
        return;
    if (is_wanted && m_ribbon->time() >= m_ribbon->duration())
        m_ribbon->setTime(0.0);
    m_is_playing = is_wanted;
    m_play->setText(is_wanted ? tr("Pause") : tr("Play"));
    if (is_wanted) {
        emit playBegan();
        m_player->start();
    } else {
        m_player->stop();
    }
}

void RunCard::setTight(bool is_tight)
{
    m_heading->setVisible(!is_tight);
    m_foot->setVisible(!is_tight);
    m_words->setWordWrap(!is_tight);
}

QString sayRun(const Run& run, LengthUnit unit)
{
    const bool has_frames =
        std::ranges::any_of(run.paths, [](const ToolPath& p) { return p.operation == Operation::Frame; });
    const bool has_middles = std::ranges::any_of(run.paths, [](const ToolPath& p) { return p.is_middle; });
    const QString order = has_frames    ? RunCard::tr("middles first, then letters, frames last")
                          : has_middles ? RunCard::tr("middles first, then letters")
                                        : QString();
    const bool is_drawn =
        std::ranges::all_of(run.paths, [](const ToolPath& p) { return p.operation == Operation::Pen; });
    const QString figures = (is_drawn ? RunCard::tr("%1 · %2 to draw, %3 in the air")
                                      : RunCard::tr("%1 · %2 to cut, %3 in the air"))
                                .arg(duration(run.duration_s), longLength(run.cut_length_mm, unit),
                                     longLength(run.air_length_mm, unit));
    return order.isEmpty() ? figures : RunCard::tr("%1 · %2").arg(figures, order);
}

} // namespace ink::ui
