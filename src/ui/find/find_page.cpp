#include "ui/find/find_page.h"

#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>

#include <algorithm>

namespace ink::ui {
namespace {

/// A licence text can be pages long; the first sentences say what it is.
QString shortened(const QString& text)
{
    constexpr qsizetype kLongest = 220;
    const QString flat = text.simplified();
    return flat.size() <= kLongest
               ? flat
               : flat.left(flat.lastIndexOf(QLatin1Char(' '), kLongest)) + QStringLiteral(" …");
}

} // namespace

FindPage::FindPage(JobModel& job, FontListModel& fonts, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_fonts(fonts), m_theme(theme)
{
    setObjectName(QStringLiteral("page"));
    m_shown.setSourceModel(&m_fonts);
    m_shown.setFilterCaseSensitivity(Qt::CaseInsensitive);
    m_shown.setFilterRole(Qt::DisplayRole);

    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(buildList(), 1);
    row->addWidget(buildPanel());

    connect(&m_job, &JobModel::changed, this, &FindPage::showJob);
    connect(&m_shown, &QAbstractItemModel::rowsInserted, this, &FindPage::showJob);
    connect(&m_shown, &QAbstractItemModel::rowsRemoved, this, &FindPage::showCount);
    showJob();
}

QWidget* FindPage::buildList()
{
    auto* side = new QWidget(this);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);

    auto* head = new QWidget(side);
    auto* head_row = new QHBoxLayout(head);
    head_row->setContentsMargins(kMargin, 10, kMargin, 10);
    head_row->setSpacing(3 * kGrid);
    m_count = new QLabel(head);
    m_count->setObjectName(QStringLiteral("fontCount"));
    m_search = new QLineEdit(head);
    m_search->setObjectName(QStringLiteral("fontSearch"));
    m_search->setAccessibleName(tr("Show fonts whose name holds"));
    m_search->setPlaceholderText(tr("A word in the name"));
    m_search->setClearButtonEnabled(true);
    m_search->setMaximumWidth(m_theme.scaled(230));
    m_search->setMinimumWidth(m_theme.scaled(90));
    auto* folder = new QPushButton(tr("Open a folder…"), head);
    folder->setObjectName(QStringLiteral("openFolder"));
    folder->setProperty("role", QStringLiteral("quiet"));
    m_hint = new QLabel(tr("or drop a font anywhere"), head);
    m_hint->setProperty("role", QStringLiteral("soft"));
    m_hint->setFont(m_theme.text(TextSize::Small));
    head_row->addWidget(m_count);
    head_row->addWidget(m_search, 1);
    head_row->addStretch(1);
    head_row->addWidget(folder);
    head_row->addWidget(m_hint);
    column->addWidget(head);

    m_list = new QListView(side);
    m_list->setObjectName(QStringLiteral("fontList"));
    m_list->setAccessibleName(tr("Fonts, each with the job's words"));
    m_list->setModel(&m_shown);
    m_list->setItemDelegate(new FontLineDelegate(m_fonts, m_job, m_theme, m_list));
    m_list->setUniformItemSizes(true);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_list->verticalScrollBar()->setSingleStep(40);
    column->addWidget(m_list, 1);

    m_empty = new QLabel(side);
    m_empty->setObjectName(QStringLiteral("findEmpty"));
    m_empty->setAlignment(Qt::AlignCenter);
    m_empty->setWordWrap(true);
    m_empty->setFont(m_theme.heading(TextSize::Lead));
    column->addWidget(m_empty, 1);

    connect(m_search, &QLineEdit::textChanged, this, [this](const QString& text) {
        m_is_filtering = true; // a font that drops out of sight stays the chosen one
        m_shown.setFilterFixedString(text);
        m_is_filtering = false;
        showJob();
    });
    connect(m_search, &QLineEdit::returnPressed, this, &FindPage::chooseFirstShown);
    connect(folder, &QPushButton::clicked, this, &FindPage::folderWanted);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& current) { choose(current); });
    connect(m_list, &QListView::activated, this, &FindPage::composeWanted);
    return side;
}

QWidget* FindPage::buildPanel()
{
    auto* panel = new QWidget(this);
    panel->setObjectName(QStringLiteral("sidePanel"));
    panel->setAttribute(Qt::WA_StyledBackground);
    m_panel = panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    column->setSpacing(2 * kGrid);
    const auto label = [&](const char* name, const QFont& font, const char* role) {
        auto* l = new QLabel(panel);
        l->setObjectName(QLatin1String(name));
        l->setFont(font);
        l->setWordWrap(true);
        l->setProperty("role", QLatin1String(role));
        column->addWidget(l);
        return l;
    };
    m_name = label("fontName", m_theme.heading(TextSize::Title), "");
    m_facts = label("fontFacts", m_theme.text(TextSize::Small), "soft");
    column->addSpacing(2 * kGrid);
    m_quote = label("licenceQuote", m_theme.text(TextSize::Small), "");
    m_source = label("licenceSource", m_theme.text(TextSize::Small), "soft");
    column->addSpacing(2 * kGrid);
    m_compose = new QPushButton(tr("Set the words in it"), panel);
    m_compose->setObjectName(QStringLiteral("composeFont"));
    m_compose->setProperty("role", QStringLiteral("main"));
    column->addWidget(m_compose, 0, Qt::AlignLeft);
    column->addStretch(1);
    connect(m_compose, &QPushButton::clicked, this, &FindPage::composeWanted);
    return panel;
}

void FindPage::choose(const QModelIndex& current)
{
    if (current.isValid() && !m_is_filtering)
        m_job.setFont(refOf(m_fonts.entry(m_shown.mapToSource(current).row())));
}

void FindPage::showJob()
{
    const int row = m_fonts.rowOf(m_job.job().font);
    const auto index = row < 0 ? QModelIndex() : m_shown.mapFromSource(m_fonts.index(row));
    if (index.isValid() && index != m_list->currentIndex())
        m_list->setCurrentIndex(index);
    if (!index.isValid())
        m_list->clearSelection();
    showPanel();
    showCount();
}

void FindPage::showPanel()
{
    const int row = m_fonts.rowOf(m_job.job().font);
    m_compose->setEnabled(row >= 0);
    if (row < 0) {
        m_name->setText(tr("No font chosen"));
        m_facts->setText(tr("Pick one from the list: arrow keys move, Enter sets the words in it."));
        m_quote->clear();
        m_source->clear();
        return;
    }
    const auto& entry = m_fonts.entry(row);
    const auto& info = entry.info;
    m_name->setText(QString::fromStdString(info.readableName()));
    QStringList facts{QString::fromStdString(info.style), kindInWords(info)};
    if (!info.manufacturer.empty())
        facts.prepend(QString::fromStdString(info.manufacturer));
    if (info.is_picture_font)
        facts.append(tr("pictures on the keys"));
    facts.append(QString::fromStdString(info.version));
    facts.removeAll(QString());
    m_facts->setText(facts.join(QStringLiteral(" · ")) + QLatin1Char('\n') +
                     QString::fromStdString(entry.path.filename().string()) + QStringLiteral(", ") +
                     originInWords(entry.origin));
    if (info.licence.empty()) {
        m_quote->setText(tr("The font file says nothing about its licence."));
        m_source->setText(tr("Look for a licence text that came with it."));
    } else {
        m_quote->setText(QStringLiteral("“%1”").arg(shortened(QString::fromStdString(info.licence))));
        m_source->setText(tr("the font file, licence field"));
    }
}

void FindPage::showCount()
{
    const int shown = m_shown.rowCount();
    m_count->setText(QStringLiteral("<b>%1</b>%2")
                         .arg(counted(static_cast<qulonglong>(shown), "font", "fonts"),
                              m_is_searching ? tr(" · looking for more") : QString()));
    m_list->setVisible(shown > 0);
    m_empty->setVisible(shown == 0);
    if (m_is_searching && m_fonts.rowCount() == 0)
        m_empty->setText(tr("Looking for fonts …"));
    else if (m_fonts.rowCount() == 0)
        m_empty->setText(tr("No fonts yet.\nDrop a font file here, or open a folder that holds some."));
    else
        m_empty->setText(tr("No font has “%1” in its name.\nClear the search to see all %2.")
                             .arg(m_search->text())
                             .arg(m_fonts.rowCount()));
    emit countChanged();
}

void FindPage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    m_panel->setFixedWidth(std::min(m_theme.scaled(300), width() * 3 / 10));
    m_hint->setVisible(width() > m_theme.scaled(860)); // dropping works without being told
}

void FindPage::setSearching(bool is_searching)
{
    m_is_searching = is_searching;
    showCount();
}

void FindPage::focusList()
{
    m_list->setFocus();
}

void FindPage::chooseFirstShown()
{
    if (m_shown.rowCount() == 0)
        return;
    m_list->setFocus();
    const int chosen = m_fonts.rowOf(m_job.job().font);
    if (chosen < 0 || !m_shown.mapFromSource(m_fonts.index(chosen)).isValid())
        choose(m_shown.index(0, 0));
}

} // namespace ink::ui
