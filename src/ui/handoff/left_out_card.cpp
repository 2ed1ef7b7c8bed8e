#include "ui/handoff/left_out_card.h"

#include "core/handoff/sheet_fit.h"
#include "ui/core_words.h"
#include "ui/handoff/handoff_model.h"
#include "ui/handoff/smaller_button.h"
#include "ui/job_model.h"
#include "ui/text.h"
#include "ui/theme.h"

#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {

LeftOutCard::LeftOutCard(JobModel& job, const Theme& theme, QWidget* parent) : QWidget(parent), m_job(job)
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGrid);
    m_words = new QLabel(this);
    m_words->setObjectName(QStringLiteral("handoffLeftOut"));
    m_words->setFont(theme.text(TextSize::Small));
    m_words->setWordWrap(true);
    column->addWidget(m_words);
    const auto add = [&](const char* name, auto* made) {
        made->setObjectName(QLatin1String(name));
        column->addWidget(made, 0, Qt::AlignLeading);
        return made;
    };
    const auto mainButton = [&](const char* name) {
        auto* made = add(name, new QPushButton(this));
        made->setProperty("role", QStringLiteral("main"));
        return made;
    };
    m_turn = mainButton("handoffTurn");
    m_turn->setText(tr("Turn by a quarter"));
    connect(m_turn, &QPushButton::clicked, this, [this] {
        m_job.changeSheet(tr("turn by a quarter"),
                          [](SheetSettings& sheet) { sheet.turns = Turns::Quarter; });
    });
    m_roomier = mainButton("handoffRoomier");
    connect(m_roomier, &QPushButton::clicked, this, [this] {
        m_job.changeSheet(tr("choose the material"), [this](SheetSettings& sheet) {
            sheet.material = m_card->id;
            sheet.size.reset();
            sheet.by_hand.clear();
        });
    });
    m_smaller = add("handoffSmaller", new SmallerButton(m_job, this));
    hide();
}

void LeftOutCard::showPlan(const HandOffModel& model)
{
    const auto& plan = model.plan();
    const bool is_wanted = plan && !plan->left_out.empty();
    setVisible(is_wanted);
    if (!is_wanted)
        return;
    QStringList out;
    for (const auto& one : plan->left_out)
        out << text(model.things()[one.thing]->words);
    m_words->setText(tr("Larger than the sheet, and left out: %1").arg(QLocale().createSeparatedList(out)));
    const Job& job = m_job.job();
    m_card = roomierMaterial(model.materials(), *plan, job.sheet, job.process);
    m_turn->setVisible(plan->would_fit_turned);
    m_roomier->setVisible(m_card && !plan->would_fit_turned);
    if (m_card)
        m_roomier->setText(tr("Take %1").arg(said(m_card->name)));
    m_smaller->offer(fittingShare(*plan, job.sheet.turns));
}

} // namespace ink::ui
