#include "ui/widgets/sentence_head.h"

#include "ui/widgets/leaf.h"
#include "ui/widgets/sentence_bar.h"

#include <QHBoxLayout>

namespace ink::ui {

SentenceHead::SentenceHead(JobModel& job, const Theme& theme, const char* sentence_name, QWidget* page)
    : QWidget(page), m_job(job)
{
    setObjectName(QStringLiteral("sentenceHead"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    m_sentence = new SentenceBar(theme, TextSize::Lead, this);
    m_sentence->setObjectName(QLatin1String(sentence_name));
    row->addWidget(m_sentence, 1);
    m_leaf = new Leaf(theme, page);
    connect(m_sentence, &SentenceBar::chosen, this, &SentenceHead::open);
    connect(m_leaf, &Leaf::takenBack, this, [this] {
        if (auto& steps = m_job.undoStack(); steps.index() > m_opened_at)
            steps.setIndex(m_opened_at);
    });
    connect(m_leaf, &Leaf::closed, this, [this] { m_job.endRun(); });
}

void SentenceHead::add(const QString& key, QWidget* controls)
{
    controls->hide();
    m_leaves[key] = controls;
}

void SentenceHead::open(const QString& key)
{
    auto* under = m_sentence->phrase(key);
    const auto controls = m_leaves.find(key.section(QLatin1Char('-'), 0, 0));
    if (!under || controls == m_leaves.end())
        return;
    const bool was_open = m_leaf->controls() == controls->second;
    m_leaf->close();
    if (was_open)
        return;
    m_job.endRun();
    m_opened_at = m_job.undoStack().index();
    m_leaf->open(controls->second, under);
}

} // namespace ink::ui
