#include "ui/handoff/send_strip.h"

#include "ui/widgets/flow_row.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {

using State = CutterQueue::State;
using Fault = CutterQueue::Fault;

SendStrip::SendStrip(CutterQueue& queue, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_queue(queue)
{
    setObjectName(QStringLiteral("sendStrip"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGrid);
    m_words = new QLabel(this);
    m_words->setObjectName(QStringLiteral("sendWords"));
    m_words->setWordWrap(true);
    m_words->setFont(theme.text(TextSize::Small, true));
    column->addWidget(m_words);
    m_progress = new QProgressBar(this);
    m_progress->setObjectName(QStringLiteral("sendProgress"));
    m_progress->setAccessibleName(tr("Parts that are cut"));
    m_progress->setTextVisible(false);
    column->addWidget(m_progress);
    auto* buttons = new QWidget(this);
    auto* row = new FlowRow(buttons, 2 * kGrid, kGrid);
    row->setContentsMargins(0, 0, 0, 0);
    const auto add = [&](const char* name, auto pressed) {
        auto* button = new QPushButton(buttons);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("quiet"));
        button->setFont(theme.text(TextSize::Small));
        row->addWidget(button);
        connect(button, &QPushButton::clicked, &m_queue, pressed);
        return button;
    };
    m_pause =
        add("sendPause", [this] { m_queue.state() == State::Paused ? m_queue.resume() : m_queue.pause(); });
    m_go_on = add("sendGoOn", &CutterQueue::goOn);
    m_again = add("sendAgain", &CutterQueue::startAgain);
    m_cancel = add("sendCancel", &CutterQueue::cancel);
    m_again->setText(tr("Start again"));
    m_cancel->setText(tr("Give up"));
    column->addWidget(buttons);
    connect(&m_queue, &CutterQueue::changed, this, &SendStrip::showState);
    showState();
}

QString SendStrip::sayState() const
{
    const auto* job = m_queue.job();
    const qsizetype parts = job ? job->parts.size() : 0, done = m_queue.partsDone();
    switch (m_queue.state()) {
    case State::Idle:
        return {};
    case State::Connecting:
        return tr("Calling the cutter …");
    case State::Cutting:
        return tr("Cutting part %1 of %2").arg(std::min(done + 1, parts)).arg(parts);
    case State::Paused:
        return tr("Paused: the cutter ends what it was told, then rests");
    case State::LidOpen:
        return tr("The lid is open. Close it, and the cutter goes on.");
    case State::NoMaterial:
        return tr("The material has come to its end. Load more, and the cutter goes on.");
    case State::NextSheet:
        return tr("That sheet is cut. Lay the next one, then go on.");
    case State::Done:
        return tr("All of it is cut.");
    case State::Stopped:
        break;
    }
    switch (m_queue.fault()) {
    case Fault::NotThere:
        return tr("No cutter answers there. Switch it on, then go on.");
    case Fault::Busy:
        return tr("The cutter is busy with something else. Wait, then go on.");
    case Fault::LineDropped:
        return tr("The line to the cutter broke after part %1 of %2.").arg(done).arg(parts);
    case Fault::Silent:
        return tr("The cutter says nothing any more. Look after it, then go on.");
    case Fault::Lost:
        return tr("The cutter lost a part of what was sent: part %1 of %2 is not as it should be. Look at "
                  "the sheet before you go on.")
            .arg(done + 1)
            .arg(parts);
    case Fault::Garbled:
    case Fault::None:
        break;
    }
    return tr("What answers there is no cutter. Look at the address.");
}

void SendStrip::showState()
{
    const State state = m_queue.state();
    setVisible(state != State::Idle);
    m_words->setText(sayState());
    const auto* job = m_queue.job();
    m_progress->setRange(0, std::max(1, job ? int(job->parts.size()) : 1));
    m_progress->setValue(state == State::Done ? m_progress->maximum() : int(m_queue.partsDone()));
    const bool runs = state == State::Cutting || state == State::LidOpen || state == State::NoMaterial ||
                      state == State::Paused;
    m_pause->setVisible(runs);
    m_pause->setText(state == State::Paused ? tr("Resume") : tr("Pause"));
    m_go_on->setVisible(state == State::Stopped || state == State::NextSheet);
    m_go_on->setText(state == State::NextSheet || m_queue.partsDone() == 0
                         ? tr("Go on")
                         : tr("Go on from part %1").arg(m_queue.partsDone() + 1));
    m_again->setVisible(state == State::Stopped && m_queue.partsDone() > 0);
    m_cancel->setVisible(state != State::Idle && state != State::Done);
}

} // namespace ink::ui
