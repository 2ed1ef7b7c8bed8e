#include "ui/shelf/carry_page.h"

#include "ui/core_words.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QButtonGroup>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace ink::ui {

CarryPage::CarryPage(const Theme& theme, QWidget* parent)
    : SubPage(QStringLiteral("carry"), tr("All my fonts"), theme, parent)
{
    m_column = addScrolledColumn(tr("Where the two computers differ"));
    m_notes = new QLabel(this);
    m_notes->setObjectName(QStringLiteral("carryNotes"));
    m_notes->setWordWrap(true);
    m_column->addWidget(m_notes);
    m_take = new QPushButton(this);
    m_take->setObjectName(QStringLiteral("carryTake"));
    m_take->setProperty("role", QStringLiteral("main"));
    m_head->addWidget(m_take);
    connect(m_take, &QPushButton::clicked, this, [this] { emit theirsWanted(m_file, m_theirs); });
}

void CarryPage::clear()
{
    m_theirs.clear();
    delete m_body;
    m_body = new QWidget(this);
    m_column->addWidget(m_body);
    auto* column = new QVBoxLayout(m_body);
    column->setContentsMargins(0, 2 * kGrid, 0, 0);
    column->setSpacing(3 * kGrid);
    m_take->setVisible(false);
}

void CarryPage::showWaiting(const QString& file)
{
    clear();
    m_notes->clear();
    m_title->setText(tr("Reading %1 …").arg(QFileInfo(file).fileName()));
}

void CarryPage::show(const QString& file, const BundleRead& read)
{
    clear();
    m_file = file;
    m_title->setText(tr("%1: %n font(s), %2 new on this shelf", nullptr, static_cast<int>(read.fonts))
                         .arg(QFileInfo(file).fileName())
                         .arg(read.added));
    auto open = read.conflicts;
    std::erase_if(open, [](const BundleConflict& conflict) { return conflict.took_theirs; });
    QStringList notes;
    for (const auto& refused : read.refused)
        notes << tr("Not taken: %1").arg(said(refused));
    if (open.size() < read.conflicts.size())
        notes << tr("Theirs were taken where you chose them.");
    notes << (open.empty()
                  ? tr("Sets, tags, notes and rights came with them. What is yours alone stays as it is.")
                  : tr("Both computers know something of these, and not the same. Yours stays unless you "
                       "choose."));
    m_notes->setText(notes.join(QLatin1Char('\n')));
    for (const auto& conflict : open)
        addConflict(conflict);
    static_cast<QVBoxLayout*>(m_body->layout())->addStretch(1);
    m_take->setVisible(!open.empty());
    m_take->setText(tr("Keep all of mine"));
    m_take->setEnabled(true);
}

void CarryPage::addConflict(const BundleConflict& conflict)
{
    auto* row = new QWidget(m_body);
    row->setObjectName(QStringLiteral("carryConflict"));
    auto* column = new QVBoxLayout(row);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGrid);
    const QString what = conflict.what == "note" ? tr("note") : tr("rights you keep");
    auto* title = new QLabel(QStringLiteral("%1, %2").arg(text(conflict.font), what), row);
    title->setFont(m_theme.heading(TextSize::Body));
    column->addWidget(title);
    auto* group = new QButtonGroup(row);
    const auto add = [&](const char* name, const QString& words, bool is_theirs) {
        auto* button = new QPushButton(words, row);
        button->setObjectName(QLatin1String(name));
        button->setCheckable(true);
        button->setChecked(!is_theirs);
        button->setProperty("role", QStringLiteral("wish"));
        button->setAccessibleName(tr("%1: %2").arg(title->text(), words));
        group->addButton(button);
        column->addWidget(button, 0, Qt::AlignLeft);
        return button;
    };
    add("carryMine", tr("Mine: %1").arg(conflict.what == "note" ? text(conflict.mine) : said(conflict.mine)),
        false);
    auto* theirs = add(
        "carryTheirs",
        tr("Theirs: %1").arg(conflict.what == "note" ? text(conflict.theirs) : said(conflict.theirs)), true);
    connect(theirs, &QPushButton::toggled, this,
            [this, key = std::pair(conflict.sha256, conflict.what)](bool is_theirs) {
                is_theirs ? void(m_theirs.insert(key)) : void(m_theirs.erase(key));
                m_take->setText(m_theirs.empty() ? tr("Keep all of mine")
                                                 : tr("Take theirs for %1").arg(m_theirs.size()));
            });
    m_body->layout()->addWidget(row);
}

} // namespace ink::ui
