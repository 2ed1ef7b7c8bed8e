#include "ui/compose/lettering_panel.h"

#include "ui/compose/close_up_section.h"
#include "ui/compose/guide_section.h"
#include "ui/compose/letter_section.h"
#include "ui/compose/lines_section.h"
#include "ui/compose/shape_section.h"
#include "ui/measures.h"
#include "ui/widgets/flow_row.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {

LetteringPanel::LetteringPanel(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_letter(new LetterSection(job, view, theme, this))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    m_sections = {new CloseUpSection(job, view, theme, this), new ShapeSection(job, view, theme, this),
                  m_letter, new LinesSection(job, view, theme, this),
                  new GuideSection(job, view, theme, this)};
    for (auto* section : m_sections) {
        column->addWidget(section);
        section->showNow();
    }
    buildDress(column);
    connect(m_letter, &LetterSection::keepLettersWanted, this, &LetteringPanel::keepLettersWanted);
    connect(m_letter, &LetterSection::keepPartWanted, this, &LetteringPanel::keepPartWanted);
}

void LetteringPanel::showComposed(std::shared_ptr<const ComposedDesign> composed)
{
    for (auto* section : m_sections)
        section->showComposed(composed);
}

void LetteringPanel::setFonts(const std::vector<std::pair<QString, FontRef>>& fonts)
{
    m_letter->setFonts(fonts);
}

void LetteringPanel::buildDress(QVBoxLayout* column)
{
    m_dressings = new QWidget(this);
    m_dressings->setObjectName(QStringLiteral("dressings"));
    new FlowRow(m_dressings, kGrid);
    m_dress_note = new QLabel(this);
    m_dress_note->setObjectName(QStringLiteral("dressNote"));
    m_dress_note->setProperty("role", QStringLiteral("soft"));
    m_dress_note->setWordWrap(true);
    auto* button = new QPushButton(tr("Dress the words"), this);
    button->setObjectName(QStringLiteral("dress"));
    button->setToolTip(tr("Whole sets of beginnings, endings and loops that join and can be cut"));
    column->addSpacing(kGrid);
    column->addWidget(button);
    column->addWidget(m_dressings);
    column->addWidget(m_dress_note);
    m_dress_note->hide();
    m_dressings->hide();
    connect(button, &QPushButton::clicked, this, &LetteringPanel::dressWanted);
}

void LetteringPanel::setDressings(const std::vector<Dressing>& dressings, bool is_known)
{
    auto* row = m_dressings->layout();
    while (auto* item = row->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    m_dress_note->setVisible(is_known && dressings.empty());
    m_dress_note->setText(
        tr("This font has no forms that would join and hold at this size. Try a larger size or "
           "another font: Find shows which have swashes."));
    m_dressings->setVisible(!dressings.empty());
    for (int i = 0; i < static_cast<int>(dressings.size()); ++i) {
        auto* button = new QPushButton(tr(dressings[static_cast<std::size_t>(i)].name.c_str()), m_dressings);
        button->setObjectName(QStringLiteral("dressing%1").arg(i));
        button->setToolTip(
            counted(dressings[static_cast<std::size_t>(i)].dressed, "letter dressed", "letters dressed"));
        row->addWidget(button);
        button->show();
        connect(button, &QPushButton::clicked, this, [this, i] { emit dressingChosen(i); });
    }
}

} // namespace ink::ui
