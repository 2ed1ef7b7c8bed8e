// What the page of Hand off is made of; what it does stands in handoff_page.cpp.
#include "ui/handoff/handoff_page.h"

#include "ui/handoff/handed_files.h"
#include "ui/handoff/handoff_phrases.h"
#include "ui/handoff/handoff_sections.h"
#include "ui/handoff/left_out_card.h"
#include "ui/handoff/pattern_sections.h"
#include "ui/handoff/pattern_view.h"
#include "ui/handoff/run_card.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/handoff/send_strip.h"

#include "ui/measures.h"
#include "ui/needle/needle_page.h"
#include "ui/text.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/page_stack.h"
#include "ui/widgets/sentence_bar.h"
#include "ui/widgets/sentence_head.h"
#include "ui/widgets/tab_row.h"

#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>

#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr int kLeastList_px = 96;

QString nameOf(SheetFormat format)
{
    switch (format) {
    case SheetFormat::Svg:
        return HandOffPage::tr("SVG");
    case SheetFormat::Dxf:
        return HandOffPage::tr("DXF");
    case SheetFormat::Hpgl:
        return HandOffPage::tr("HPGL");
    case SheetFormat::Pdf:
        return HandOffPage::tr("PDF");
    case SheetFormat::Eps:
        return HandOffPage::tr("EPS");
    case SheetFormat::Png:
        return HandOffPage::tr("Picture");
    }
    return {};
}

} // namespace

QWidget* HandOffPage::buildSheets()
{
    auto* sheets = new QWidget(m_ways);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(buildTabs());
    m_views = new PageStack(sheets);
    m_view = new SheetView(m_theme, m_views);
    m_pattern_view = new PatternView(m_theme, m_views);
    m_views->addWidget(m_view);
    m_views->addWidget(m_pattern_view);
    left->addWidget(m_views, 1);
    m_run = new RunCard(tr("The run"), QStringLiteral("run"), m_theme, sheets);
    left->addWidget(m_run);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addLayout(left, 1);
    row->addWidget(buildPanel());
    auto* column = new QVBoxLayout(sheets);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead());
    column->addLayout(row, 1);
    setTabOrder(&m_head->sentence(), m_view);
    return sheets;
}

QWidget* HandOffPage::buildHead()
{
    auto& job = m_needs.job;
    const auto& cards = m_needs.model.materials();
    m_head = new SentenceHead(job, m_theme, "handoffSentence", this);
    auto* names = new NamesSection(job, m_needs.list_to_read, m_theme, this);
    connect(names, &NamesSection::problem, this, &HandOffPage::problem);
    connect(names, &NamesSection::taken, &m_head->leaf(), &Leaf::close);
    m_head->add(kNamesKey, names);
    m_head->add(kMaterialKey, makeMaterialSection(job, cards, m_theme, this));
    m_head->add(kApartKey, makeApartSection(job, m_theme, this));
    m_head->add(kFramesKey, makeFramesSection(job, m_theme, this));
    m_head->add(kToolKey, makeToolSection(job, m_theme, this));
    m_head->add(kBorderKey, makeBorderSection(job, cards, m_theme, this));
    m_head->add(kPaperKey, makePaperSection(job, m_theme, this));
    auto* blank = makeBlankSection(job, m_needs.blanks, m_theme, this);
    connect(blank, &SizeSection::problem, this, &HandOffPage::problem);
    m_head->add(kBlankKey, blank);
    return m_head;
}

QWidget* HandOffPage::buildTabs()
{
    m_tabs = new TabRow("handoffTabs", this);
    const auto tab = [this](const QString& words, const char* name, Look look) {
        m_tabs->addTab(words, name, [this, look] { setLook(look); });
    };
    tab(tr("Sheet"), "lookSheet", Look::Sheet);
    tab(tr("The run"), "lookRun", Look::Run);
    tab(tr("Paper pattern"), "lookPattern", Look::Pattern);
    m_previous = m_tabs->addQuiet(tr("‹"), tr("The sheet before"), "previousSheet");
    connect(m_previous, &QPushButton::clicked, this, [this] { openSheet(m_sheet - 1); });
    m_which = new QLabel(m_tabs);
    m_which->setObjectName(QStringLiteral("whichSheet"));
    m_tabs->add(m_which);
    m_next = m_tabs->addQuiet(tr("›"), tr("The next sheet"), "nextSheet");
    connect(m_next, &QPushButton::clicked, this, [this] { openSheet(m_sheet + 1); });
    m_mirrored = new QLabel(m_tabs);
    m_mirrored->setObjectName(QStringLiteral("mirroredWords"));
    m_mirrored->setProperty("role", QStringLiteral("soft"));
    m_tabs->add(m_mirrored);
    return m_tabs;
}

QWidget* HandOffPage::buildPanel()
{
    // Large text in a small window scrolls: nothing of it is squeezed away.
    m_panel = new QScrollArea(this);
    m_panel->setObjectName(QStringLiteral("handoffPanel"));
    m_panel->setAccessibleName(tr("What is handed off"));
    m_panel->setFrameShape(QFrame::NoFrame);
    m_panel->setWidgetResizable(true);
    m_panel->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(m_panel);
    inside->setObjectName(QStringLiteral("handoffInside"));
    m_panel->setWidget(inside);
    m_panel->setStyleSheet(
        QStringLiteral(
            "#handoffPanel, #handoffInside { background: %1; } #handoffPanel { border-left: 1px solid %2; }")
            .arg(m_theme.colours().card.name(), m_theme.colours().rule.name()));
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(1, 3 * kGrid, 0, 3 * kGrid);
    column->setSpacing(kGrid);
    auto* head = new QVBoxLayout;
    head->setContentsMargins(kMargin, 0, kMargin, kGrid);
    const auto label = [&](const char* name, bool is_soft) {
        auto* made = new QLabel(inside);
        made->setObjectName(QLatin1String(name));
        made->setWordWrap(true);
        if (is_soft) {
            made->setProperty("role", QStringLiteral("soft"));
            made->setFont(m_theme.text(TextSize::Small));
        }
        return made;
    };
    m_heading = label("handoffHeading", false);
    m_heading->setFont(m_theme.heading(TextSize::Lead));
    m_material = label("handoffMaterial", true);
    head->addWidget(m_heading);
    head->addWidget(m_material);
    m_left_out = new LeftOutCard(m_needs.job, m_theme, inside);
    head->addWidget(m_left_out);
    column->addLayout(head);
    m_list = new NameList(m_theme, inside);
    m_list->setMinimumHeight(m_theme.scaled(kLeastList_px));
    m_list->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    column->addWidget(m_list, 1);
    auto* foot = new QVBoxLayout;
    foot->setContentsMargins(kMargin, kGrid, kMargin, 0);
    foot->setSpacing(2 * kGrid);
    auto* names = new QPushButton(tr("Paste a list of names…"), inside);
    names->setObjectName(QStringLiteral("pasteNames"));
    names->setProperty("role", QStringLiteral("quiet"));
    connect(names, &QPushButton::clicked, this, [this] { openLeaf(kNamesKey); });
    foot->addWidget(names, 0, Qt::AlignLeading);
    m_right = label("handoffRight", true);
    foot->addWidget(m_right);
    m_foot = new QStackedWidget(inside);
    m_foot->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    m_foot->addWidget(buildSheetFoot());
    m_foot->addWidget(buildPatternFoot());
    foot->addWidget(m_foot);
    column->addLayout(foot);
    return m_panel;
}

QWidget* HandOffPage::buildSheetFoot()
{
    auto* inside = new QWidget(this);
    auto* foot = new QVBoxLayout(inside);
    foot->setContentsMargins(0, 0, 0, 0);
    foot->setSpacing(2 * kGrid);
    m_send = new QPushButton(tr("Send to the practice cutter"), inside);
    m_send->setObjectName(QStringLiteral("sendToCutter"));
    m_send->setProperty("role", QStringLiteral("main"));
    connect(m_send, &QPushButton::clicked, this, &HandOffPage::send);
    foot->addWidget(m_send);
    foot->addWidget(new SendStrip(m_needs.cutter, m_theme, inside));
    auto* say = new QLabel(tr("Save for your machine:"), inside);
    say->setFont(m_theme.text(TextSize::Small, true));
    foot->addWidget(say);
    auto* files = new QWidget(inside);
    auto* flow = new FlowRow(files, 2 * kGrid, 2 * kGrid);
    flow->setContentsMargins(0, 0, 0, 0);
    for (const auto format : kSheetFormats) {
        auto* button = new QPushButton(nameOf(format), files);
        button->setObjectName(QStringLiteral("save") + text(suffixOf(format).substr(1)));
        button->setAccessibleName(tr("Save as %1").arg(nameOf(format)));
        flow->addWidget(button);
        m_save.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, format] { save(format); });
    }
    foot->addWidget(files);
    return inside;
}

QWidget* HandOffPage::buildPatternFoot()
{
    auto* inside = new QWidget(this);
    auto* foot = new QVBoxLayout(inside);
    foot->setContentsMargins(0, 0, 0, 0);
    foot->setSpacing(2 * kGrid);
    m_pages = new QLabel(inside);
    m_pages->setObjectName(QStringLiteral("patternPages"));
    m_pages->setWordWrap(true);
    foot->addWidget(m_pages);
    m_save_pattern = new QPushButton(tr("Save the pattern (PDF)"), inside);
    m_save_pattern->setObjectName(QStringLiteral("savePattern"));
    m_save_pattern->setProperty("role", QStringLiteral("main"));
    connect(m_save_pattern, &QPushButton::clicked, this,
            [this] { m_files->savePattern(m_pattern_view->pattern()); });
    foot->addWidget(m_save_pattern);
    m_print = new QPushButton(tr("Print…"), inside);
    m_print->setObjectName(QStringLiteral("printPattern"));
    connect(m_print, &QPushButton::clicked, this,
            [this] { m_files->printPattern(m_pattern_view->pattern()); });
    foot->addWidget(m_print);
    return inside;
}

} // namespace ink::ui
