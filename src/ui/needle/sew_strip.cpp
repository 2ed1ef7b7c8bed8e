#include "ui/needle/sew_strip.h"

#include "ui/widgets/flow_row.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {

SewStrip::SewStrip(StitcherLine& machine, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_machine(machine)
{
    setObjectName(QStringLiteral("sewStrip"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGrid);
    m_words = new QLabel(this);
    m_words->setObjectName(QStringLiteral("sewWords"));
    m_words->setWordWrap(true);
    m_words->setFont(theme.text(TextSize::Small, true));
    column->addWidget(m_words);
    m_progress = new QProgressBar(this);
    m_progress->setObjectName(QStringLiteral("sewProgress"));
    m_progress->setAccessibleName(tr("Stitches that are sewn"));
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
        connect(button, &QPushButton::clicked, &m_machine, pressed);
        return button;
    };
    m_pause = add("sewPause", [this] {
        m_machine.state() == StitcherLine::State::Sewing ? m_machine.pause() : m_machine.resume();
    });
    m_go_on = add("sewGoOn", &StitcherLine::goOn);
    m_again = add("sewAgain", &StitcherLine::startAgain);
    m_cancel = add("sewCancel", &StitcherLine::cancel);
    m_again->setText(tr("Start again"));
    m_cancel->setText(tr("Give up"));
    column->addWidget(buttons);
    connect(&m_machine, &StitcherLine::changed, this, &SewStrip::showState);
    showState();
}

QString SewStrip::sayFault() const
{
    using Fault = StitcherLine::Fault;
    switch (m_machine.fault()) {
    case Fault::NotThere:
        return tr("No machine answers there. Switch it on, then go on.");
    case Fault::Busy:
        return tr("The machine sews for somebody else. Wait, then go on.");
    case Fault::LineDropped:
        return tr("The machine went off after stitch %1. Switch it on, leave the hoop as it is, then go on.")
            .arg(m_machine.stitchesDone());
    case Fault::Silent:
        return tr("The machine says nothing any more. Look after it, then go on.");
    case Fault::WrongHoop:
        return tr("Another hoop is on than this needs. Change it, then go on.");
    case Fault::FileCutShort:
        return tr("Not all of the file came through. Send it again.");
    case Fault::Garbled:
    case Fault::None:
        break;
    }
    return tr("What answers there is no embroidery machine. Look at the address.");
}

QString SewStrip::sayState() const
{
    using State = StitcherLine::State;
    const auto done = m_machine.stitchesDone();
    switch (m_machine.state()) {
    case State::Idle:
        return {};
    case State::Connecting:
        return tr("Calling the machine …");
    case State::Sewing:
        return tr("Sewing: stitch %1 of %2").arg(done).arg(m_machine.job().stitches);
    case State::Paused:
        return tr("Paused at stitch %1").arg(done);
    case State::AtStop:
        return tr("It stops after stitch %1: lay or trim the cloth, or change the thread.").arg(done);
    case State::ThreadBroken:
        return tr("The thread broke at stitch %1. Thread it again.").arg(done);
    case State::Done:
        return tr("All of it is sewn.");
    case State::Stopped:
        break;
    }
    return sayFault();
}

void SewStrip::showState()
{
    using State = StitcherLine::State;
    const State state = m_machine.state();
    setVisible(state != State::Idle);
    m_words->setText(sayState());
    m_progress->setRange(0, std::max(1, int(m_machine.job().stitches)));
    m_progress->setValue(state == State::Done ? m_progress->maximum() : int(m_machine.stitchesDone()));
    m_pause->setVisible(state == State::Sewing || state == State::Paused || state == State::AtStop ||
                        state == State::ThreadBroken);
    m_pause->setText(state == State::Sewing ? tr("Pause") : tr("Go on sewing"));
    const bool is_stopped = state == State::Stopped;
    m_go_on->setVisible(is_stopped);
    m_go_on->setText(m_machine.stitchesDone() == 0
                         ? tr("Send it again")
                         : tr("Go on from stitch %1").arg(m_machine.stitchesDone() + 1));
    m_again->setVisible(is_stopped && m_machine.stitchesDone() > 0);
    m_cancel->setVisible(state != State::Idle && state != State::Done);
}

} // namespace ink::ui
