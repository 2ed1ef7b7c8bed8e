#include "ui/handoff/handoff_page.h"

#include "core/base/file_output.h"
#include "ui/cut_files.h"
#include "ui/handoff/handoff_sections.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/handoff/send_strip.h"
#include "ui/handoff/slip_page.h"

#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/sentence_bar.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QScrollArea>

#include <QShortcut>
#include <QStandardPaths>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

const QString kNames = QStringLiteral("names");
const QString kMaterial = QStringLiteral("material");
const QString kApart = QStringLiteral("apart");
const QString kFrames = QStringLiteral("frames");
const QString kTool = QStringLiteral("tool");
const QString kBorder = QStringLiteral("border");

constexpr int kPanel_px = 320, kNarrowPanel_px = 262, kNarrow_px = 980;
/// With less height than this the sheet comes first: smaller words, and the run by its ribbon alone.
constexpr int kTight_px = 400;
constexpr int kLeastList_px = 96;
constexpr int kFrame_ms = 16;
constexpr int kSpeeds[] = {1, 4, 16, 64};

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

/// Beside the file: FILE-rights.pdf and FILE-rights.json.
Result<void> writeSlip(const QString& path, const RightsSlip& slip, const Theme& theme)
{
    const QFileInfo info(path);
    const QString stem = info.dir().filePath(info.completeBaseName() + QStringLiteral("-rights"));
    if (auto done = writeFile((stem + QStringLiteral(".json")).toStdString(),
                              [&](std::ostream& out) -> Result<void> {
                                  writeSlipJson(out, slip);
                                  return {};
                              });
        !done)
        return done;
    return writeFile((stem + QStringLiteral(".pdf")).toStdString(),
                     [&](std::ostream& out) { return SlipPage::write(out, slip, theme); });
}

/// FILE, FILE-2 and so on.
QString sheetPath(const QString& path, std::size_t sheet)
{
    if (sheet == 0)
        return path;
    const QFileInfo info(path);
    return info.dir().filePath(
        QStringLiteral("%1-%2.%3").arg(info.completeBaseName()).arg(sheet + 1).arg(info.suffix()));
}

} // namespace

HandOffPage::HandOffPage(Needs needs, const Theme& theme, QWidget* parent)
    : Station(parent), m_needs(std::move(needs)), m_theme(theme)
{
    const QString documents = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    m_last_folder = QFileInfo(documents).isDir() ? documents : QDir::homePath();
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(buildTabs());
    m_view = new SheetView(theme, this);
    left->addWidget(m_view, 1);
    left->addWidget(buildRun());
    row->addLayout(left, 1);
    row->addWidget(buildPanel());
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead());
    column->addLayout(row, 1);
    setTabOrder(m_sentence, m_view);
    connectParts();
    modelChanged();
}

QWidget* HandOffPage::buildHead()
{
    auto* head = new QWidget(this);
    head->setObjectName(QStringLiteral("sentenceHead"));
    head->setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(head);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    m_sentence = new SentenceBar(m_theme, TextSize::Lead, head);
    m_sentence->setObjectName(QStringLiteral("handoffSentence"));
    row->addWidget(m_sentence, 1);
    m_leaf = new Leaf(m_theme, this);
    auto& job = m_needs.job;
    const auto& cards = m_needs.model.materials();
    m_names_section = new NamesSection(job, m_needs.list_to_read, m_theme, this);
    m_leaves[kNames] = m_names_section;
    m_leaves[kMaterial] = makeMaterialSection(job, cards, m_theme, this);
    m_leaves[kApart] = makeApartSection(job, m_theme, this);
    m_leaves[kFrames] = makeFramesSection(job, m_theme, this);
    m_leaves[kTool] = makeToolSection(job, m_theme, this);
    m_leaves[kBorder] = makeBorderSection(job, cards, m_theme, this);
    for (const auto& [key, section] : m_leaves)
        section->hide();
    return head;
}

QWidget* HandOffPage::buildTabs()
{
    auto* tabs = new QWidget(this);
    tabs->setObjectName(QStringLiteral("handoffTabs"));
    auto* row = new FlowRow(tabs, kMargin, 0);
    row->setContentsMargins(kMargin, 0, kMargin, 0);
    auto* group = new QButtonGroup(tabs);
    const auto add = [&](const QString& words, const char* name, Look look) {
        auto* button = new QPushButton(words, tabs);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("tab"));
        button->setCheckable(true);
        button->setChecked(look == m_look);
        group->addButton(button);
        row->addWidget(button);
        m_tabs.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, look] { setLook(look); });
    };
    add(tr("Sheet"), "lookSheet", Look::Sheet);
    add(tr("The run"), "lookRun", Look::Run);
    const auto link = [&](const QString& words, const QString& spoken, const char* name, int by) {
        auto* button = new QPushButton(words, tabs);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("quiet"));
        button->setAccessibleName(spoken);
        button->setToolTip(spoken);
        row->addWidget(button);
        connect(button, &QPushButton::clicked, this, [this, by] { openSheet(m_sheet + std::size_t(by)); });
        return button;
    };
    m_previous = link(tr("‹"), tr("The sheet before"), "previousSheet", -1);
    m_which = new QLabel(tabs);
    m_which->setObjectName(QStringLiteral("whichSheet"));
    row->addWidget(m_which);
    m_next = link(tr("›"), tr("The next sheet"), "nextSheet", 1);
    m_mirrored = new QLabel(tabs);
    m_mirrored->setObjectName(QStringLiteral("mirroredWords"));
    m_mirrored->setProperty("role", QStringLiteral("soft"));
    row->addWidget(m_mirrored);
    return tabs;
}

QWidget* HandOffPage::buildRun()
{
    auto* run = new QWidget(this);
    run->setObjectName(QStringLiteral("handoffRun"));
    run->setAttribute(Qt::WA_StyledBackground);
    run->setStyleSheet(QStringLiteral("#handoffRun { background: %1; border-top: 1px solid %2; }")
                           .arg(m_theme.colours().card.name(), m_theme.colours().rule.name()));
    auto* column = new QVBoxLayout(run);
    column->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    column->setSpacing(kGrid);
    auto* line = new QHBoxLayout;
    line->setSpacing(3 * kGrid);
    m_run_heading = new QLabel(tr("The run"), run);
    m_run_heading->setFont(m_theme.heading(TextSize::Lead));
    m_run_words = new QLabel(run);
    m_run_words->setObjectName(QStringLiteral("runWords"));
    m_run_words->setProperty("role", QStringLiteral("soft"));
    m_run_words->setWordWrap(true);
    line->addWidget(m_run_heading);
    line->addWidget(m_run_words, 1);
    column->addLayout(line);
    m_ribbon = new RunRibbon(m_theme, run);
    column->addWidget(m_ribbon);
    m_play_row = new QWidget(run);
    auto* foot = new QHBoxLayout(m_play_row);
    foot->setContentsMargins(0, 0, 0, 0);
    m_play = new QPushButton(tr("Play"), run);
    m_play->setObjectName(QStringLiteral("playRun"));
    m_play->setProperty("role", QStringLiteral("quiet"));
    m_play->setToolTip(tr("See it being made (Space on the ribbon)"));
    m_speed = new QComboBox(run);
    m_speed->setObjectName(QStringLiteral("playSpeed"));
    m_speed->setAccessibleName(tr("How fast it plays"));
    for (const int speed : kSpeeds)
        m_speed->addItem(speed == 1 ? tr("as fast as the machine") : tr("%1 times as fast").arg(speed),
                         speed);
    m_speed->setCurrentIndex(2);
    m_moment = new QLabel(run);
    m_moment->setObjectName(QStringLiteral("runMoment"));
    foot->addWidget(m_play);
    foot->addSpacing(2 * kGrid);
    foot->addWidget(m_speed);
    foot->addSpacing(2 * kGrid);
    foot->addWidget(m_moment, 1);
    column->addWidget(m_play_row);
    m_player = new QTimer(this);
    m_player->setInterval(kFrame_ms);
    return run;
}

QWidget* HandOffPage::buildPanel()
{
    // Large text in a small window scrolls: nothing of it is squeezed away.
    m_panel = new QScrollArea(this);
    m_panel->setObjectName(QStringLiteral("handoffPanel"));
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
    m_left_out = label("handoffLeftOut", false);
    m_left_out->setFont(m_theme.text(TextSize::Small));
    head->addWidget(m_heading);
    head->addWidget(m_material);
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
    connect(names, &QPushButton::clicked, this, [this] { openLeaf(kNames); });
    foot->addWidget(names, 0, Qt::AlignLeading);
    m_right = label("handoffRight", true);
    foot->addWidget(m_right);
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
        m_files.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, format] { save(format); });
    }
    foot->addWidget(files);
    column->addLayout(foot);
    return m_panel;
}

void HandOffPage::connectParts()
{
    auto& job = m_needs.job;
    connect(&m_needs.model, &HandOffModel::changed, this, &HandOffPage::modelChanged);
    connect(&job, &JobModel::changed, this, &HandOffPage::say);
    connect(m_sentence, &SentenceBar::chosen, this, &HandOffPage::openLeaf);
    connect(m_leaf, &Leaf::takenBack, this, [this] {
        if (auto& steps = m_needs.job.undoStack(); steps.index() > m_opened_at)
            steps.setIndex(m_opened_at);
    });
    connect(m_leaf, &Leaf::closed, this, [this] { m_needs.job.endRun(); });
    connect(&m_needs.cutter, &CutterQueue::changed, this, [this] {
        m_send->setEnabled(m_needs.model.plan() && !m_needs.model.plan()->laid.empty() &&
                           !m_needs.cutter.isAtWork());
    });
    connect(&m_needs.cutter, &CutterQueue::jobDone, this,
            [this](const QString& name) { emit told(tr("%1 is cut.").arg(name)); });
    connect(m_names_section, &NamesSection::problem, this, &HandOffPage::problem);
    connect(m_names_section->findChild<QPushButton*>(QStringLiteral("takeNames")), &QPushButton::clicked,
            m_leaf, &Leaf::close);
    connect(m_view, &SheetView::moveWanted, this, &HandOffPage::moveThing);
    connect(m_view, &SheetView::dragged, this, [this](std::size_t laid, const Placement& there) {
        m_view->setDragRefused(!mayLie(laid, there));
    });
    connect(m_view, &SheetView::chosenChanged, this, [this] {
        const auto& plan = m_needs.model.plan();
        if (const auto chosen = m_view->chosen(); chosen && plan)
            if (const auto number = m_needs.model.numberOf(plan->laid[*chosen].thing))
                m_list->show(m_list->rows(), *number);
    });
    connect(m_ribbon, &RunRibbon::timeChanged, this, &HandOffPage::showMoment);
    connect(m_play, &QPushButton::clicked, this, [this] { play(!m_player_runs); });
    connect(new QShortcut(QKeySequence(Qt::Key_Space), m_ribbon, nullptr, nullptr, Qt::WidgetShortcut),
            &QShortcut::activated, this, [this] { play(!m_player_runs); });
    connect(m_player, &QTimer::timeout, this, [this, clock = std::make_shared<QElapsedTimer>()] {
        const double since_s =
            clock->isValid() ? std::min(0.1, double(clock->restart()) / 1000.0) : (clock->start(), 0.0);
        m_ribbon->setTime(m_ribbon->time() + since_s * m_speed->currentData().toInt());
        if (m_ribbon->time() >= m_ribbon->duration())
            play(false);
    });
    connect(m_list, &NameList::nameChosen, this, [this](std::size_t name) {
        if (m_needs.job.job().names.isEmpty() || m_needs.job.job().names.shown == name)
            return;
        m_needs.job.changeLettering(tr("show another name"), [&](Job& changed) { showName(changed, name); });
    });
    connect(m_list, &NameList::copiesWanted, this, [this](std::size_t name, int copies) {
        m_needs.job.changeLettering(tr("change the copies"), [&](Job& changed) {
            if (changed.names.isEmpty())
                changed.sheet.copies = std::clamp(copies, 1, kMostCopies);
            else if (name < changed.names.names.size())
                changed.names.names[name].copies = std::clamp(copies, 1, kMostCopies);
        });
    });
    connect(m_list, &NameList::removeWanted, this, [this](std::size_t name) {
        const auto& list = m_needs.job.job().names;
        if (list.names.size() < 2)
            return;
        m_needs.job.endRun();
        m_needs.job.changeLettering(tr("take a name off the list"), [&](Job& changed) {
            const auto shown = changed.names.shown;
            if (shown == name)
                showName(changed, name + 1 < changed.names.names.size() ? name + 1 : name - 1);
            auto& names = changed.names.names;
            names.erase(names.begin() + std::ptrdiff_t(name));
            if (changed.names.shown > name)
                --changed.names.shown;
        });
        m_needs.job.endRun();
    });
}

QString HandOffPage::figure() const
{
    const auto& job = m_needs.job.job();
    const auto& plan = m_needs.model.plan();
    const int names = int(job.names.isEmpty() ? 1 : job.names.names.size());
    if (!plan)
        return job.names.isEmpty() ? tr("not yet") : tr("%n name(s)", nullptr, names);
    const int sheets = int(plan->sheets.size());
    return tr("%1 on %n sheet(s)", nullptr, sheets).arg(plan->laid.size());
}

void HandOffPage::activate()
{
    m_needs.model.setActive();
    for (const auto& fault : m_needs.model.cardFaults())
        emit problem(fault);
    m_view->setFocus();
}

void HandOffPage::resizeEvent(QResizeEvent* event)
{
    m_panel->setFixedWidth(std::min(
        m_theme.scaled(width() < m_theme.scaled(kNarrow_px) ? kNarrowPanel_px : kPanel_px), width() / 2));
    const bool is_tight = height() < m_theme.scaled(kTight_px);
    m_sentence->setTextSize(is_tight ? TextSize::Small : TextSize::Lead);
    m_run_heading->setVisible(!is_tight);
    m_play_row->setVisible(!is_tight);
    m_run_words->setWordWrap(!is_tight);
    Station::resizeEvent(event);
}

void HandOffPage::setLook(Look look)
{
    m_look = look;
    m_tabs[std::size_t(look)]->setChecked(true);
    if (look == Look::Sheet)
        play(false);
    showMoment();
    (look == Look::Run ? static_cast<QWidget*>(m_ribbon) : m_view)->setFocus();
}

void HandOffPage::openSheet(std::size_t sheet)
{
    const auto& plan = m_needs.model.plan();
    if (!plan || sheet >= plan->sheets.size())
        return;
    m_sheet = sheet;
    play(false);
    m_ribbon->setTime(0.0);
    showSheet();
}

void HandOffPage::openLeaf(const QString& key)
{
    auto* under = m_sentence->phrase(key);
    const auto controls = m_leaves.find(key);
    if (!under || controls == m_leaves.end())
        return;
    const bool was_open = m_leaf->controls() == controls->second;
    m_leaf->close();
    if (was_open)
        return;
    m_needs.job.endRun();
    m_opened_at = m_needs.job.undoStack().index();
    m_leaf->open(controls->second, under);
}

void HandOffPage::modelChanged()
{
    const auto& plan = m_needs.model.plan();
    m_sheet = plan && !plan->sheets.empty() ? std::min(m_sheet, plan->sheets.size() - 1) : 0;
    showSheet();
    showPanel();
    say();
    emit figureChanged();
}

void HandOffPage::showSheet()
{
    m_moves.reset(); // it speaks of what was shown before
    const auto& model = m_needs.model;
    const auto& plan = model.plan();
    const bool has_sheet = plan && m_sheet < plan->sheets.size() && !plan->laid.empty();
    const std::size_t sheets = plan ? plan->sheets.size() : 0;
    m_previous->setVisible(sheets > 1);
    m_next->setVisible(sheets > 1);
    m_which->setVisible(sheets > 1);
    m_previous->setEnabled(m_sheet > 0);
    m_next->setEnabled(m_sheet + 1 < sheets);
    m_which->setText(tr("Sheet %1 of %2").arg(m_sheet + 1).arg(sheets));
    for (auto* button : m_files)
        button->setEnabled(has_sheet);
    m_send->setEnabled(has_sheet && !m_needs.cutter.isAtWork());
    if (!has_sheet) {
        m_ribbon->show(nullptr, {});
        m_view->showMessage(
            model.refusal() ? text(model.refusal()->message())
            : plan ? tr("Nothing of it goes onto this sheet. Choose a larger one, or make the words smaller.")
            : m_needs.job.job().font.path.empty()
                ? tr("Choose a font in Find: here your words come to lie on the material.")
                : tr("Making the words …"));
        m_run_words->clear();
        m_moment->clear();
        return;
    }
    std::vector<QString> words;
    for (const auto& name : model.things())
        words.push_back(text(name->words));
    m_view->show({plan, m_sheet, words, m_needs.job.job().unit});
    const auto& sheet = plan->sheets[m_sheet];
    m_ribbon->show(std::shared_ptr<const Run>(plan, &sheet.run), QColor(text(sheet.material.colour)));
    const LengthUnit unit = m_needs.job.job().unit;
    const bool has_frames = std::ranges::any_of(
        sheet.run.paths, [](const ToolPath& p) { return p.operation == Operation::Frame; });
    const bool has_middles =
        std::ranges::any_of(sheet.run.paths, [](const ToolPath& p) { return p.is_middle; });
    QString order = has_frames    ? tr("middles first, then letters, frames last")
                    : has_middles ? tr("middles first, then letters")
                                  : QString();
    const QString figures =
        tr("%1 · %2 to cut, %3 in the air")
            .arg(duration(sheet.run.duration_s), longLength(sheet.run.cut_length_mm, unit),
                 longLength(sheet.run.air_length_mm, unit));
    m_run_words->setText(order.isEmpty() ? figures : tr("%1 · %2").arg(figures, order));
    showMoment();
}

QString HandOffPage::sayMoment() const
{
    const auto& plan = m_needs.model.plan();
    if (!plan || m_sheet >= plan->sheets.size() || plan->sheets[m_sheet].run.parts.empty())
        return {};
    const auto& run = plan->sheets[m_sheet].run;
    const double time = m_ribbon->time();
    const auto at = run.at(time);
    const auto& path = run.paths[run.parts[at.part].path];
    QString words;
    if (path.design != kNoDesign) {
        const auto laid = std::ranges::find_if(
            plan->laid, [&](const LaidThing& l) { return l.number == path.design && l.sheet == m_sheet; });
        if (laid != plan->laid.end())
            words = text(m_needs.model.things()[laid->thing]->words).simplified();
    }
    const QString when = duration(time);
    if (time >= run.duration_s)
        return tr("%1: done").arg(when);
    if (path.operation == Operation::Frame)
        return tr("%1: the weeding frame").arg(when);
    if (path.operation == Operation::Mark)
        return tr("%1: a registration cross").arg(when);
    return path.is_middle
               ? tr("%1: a middle in %2").arg(when, words)
               : tr("%1: %2, part %3 of %4").arg(when, words).arg(at.part + 1).arg(run.parts.size());
}

void HandOffPage::showMoment()
{
    const bool is_run = m_look == Look::Run;
    m_view->showTime(is_run ? std::optional(m_ribbon->time()) : std::nullopt);
    m_moment->setText(is_run ? sayMoment() : tr("Move the handle to see any moment of it."));
    if (!is_run && m_ribbon->time() > 0.0 && m_ribbon->hasFocus())
        setLook(Look::Run); // who moves the handle wants to see it
}

void HandOffPage::play(bool is_wanted)
{
    if (is_wanted && m_ribbon->duration() <= 0.0)
        return;
    if (is_wanted && m_ribbon->time() >= m_ribbon->duration())
        m_ribbon->setTime(0.0);
    m_player_runs = is_wanted;
    m_play->setText(is_wanted ? tr("Pause") : tr("Play"));
    if (is_wanted) {
        setLook(Look::Run);
        m_player->start();
    } else {
        m_player->stop();
    }
}

void HandOffPage::showPanel()
{
    const auto& model = m_needs.model;
    const Job& job = m_needs.job.job();
    const auto& plan = model.plan();
    const bool is_list = !job.names.isEmpty();
    const int names = int(is_list ? job.names.names.size() : 1), sheets = plan ? int(plan->sheets.size()) : 0;
    const QString what = is_list ? tr("%n name(s)", nullptr, names) : tr("One design");
    m_heading->setText(!plan ? what : tr("%1, %n sheet(s)", nullptr, sheets).arg(what));
    QStringList said;
    if (plan && m_sheet < plan->sheets.size()) {
        const auto& sheet = plan->sheets[m_sheet];
        said << text(sheet.material.name);
        said << tr("%1 used").arg(figureWithUnit(plan->usedLength_mm(), job.unit));
        if (plan->cost() > 0.0)
            said << tr("%1 of material").arg(QLocale().toString(plan->cost(), 'f', 2));
        if (!sheet.material.note.empty())
            said << text(sheet.material.note);
    } else if (is_list) {
        said << tr("%1 of %n made", nullptr, names).arg(model.madeCount());
    }
    m_material->setText(said.join(tr(" · ")));
    QStringList out;
    if (plan)
        for (const auto& [thing, copies] : plan->left_out)
            out << text(model.things()[thing]->words);
    m_left_out->setVisible(!out.isEmpty());
    m_left_out->setText(
        tr("Larger than the sheet, and left out: %1").arg(QLocale().createSeparatedList(out)));
    m_mirrored->setText(job.is_mirrored ? tr("seen from the back: cut mirrored") : QString());
    std::vector<NameList::Row> rows;
    for (std::size_t i = 0; i < std::size_t(names); ++i) {
        NameList::Row row;
        row.made = i < model.names().size() ? model.names()[i] : nullptr;
        row.words = text(is_list && i != job.names.shown ? job.names.names[i].words : job.words);
        row.copies = is_list ? job.names.names[i].copies : job.sheet.copies;
        row.is_mirrored = job.is_mirrored;
        row.unit = job.unit;
        rows.push_back(std::move(row));
    }
    m_list->show(std::move(rows), is_list ? job.names.shown : 0);
    m_right->setText(job.purpose == Purpose::Gift ? tr("For a gift: nobody asks for a licence.")
                     : !m_verdict                 ? tr("What the font allows is not known yet.")
                                                  : tr("The font: %1").arg(text(ink::nameOf(*m_verdict))));
}

void HandOffPage::say()
{
    const Job& job = m_needs.job.job();
    const SheetSettings& s = job.sheet;
    const auto material = m_needs.model.material();
    std::map<QString, QString> phrases;
    phrases[kNames] = job.names.isEmpty()
                          ? (s.fills_sheet  ? tr("These words, as often as the sheet takes them,")
                             : s.copies > 1 ? tr("These words, %n time(s),", nullptr, s.copies)
                                            : tr("These words"))
                          : tr("%n name(s)", nullptr, int(job.names.names.size()));
    phrases[kMaterial] =
        !s.size ? text(material.name)
        : material.sheet.isRoll()
            ? tr("%1 (%2 wide)").arg(text(material.name), figureWithUnit(material.sheet.width_mm, job.unit))
            : tr("%1 (%2 × %3)")
                  .arg(text(material.name), ink::ui::figure(material.sheet.width_mm, job.unit),
                       figureWithUnit(material.sheet.length_mm, job.unit));
    const QString apart = tr("%1 apart").arg(figureWithUnit(s.spacing_mm, job.unit));
    phrases[kApart] = s.as_rows                   ? tr("%1, in rows").arg(apart)
                      : s.turns == Turns::None    ? tr("%1, upright").arg(apart)
                      : s.turns == Turns::Half    ? tr("%1, some upside down").arg(apart)
                      : s.turns == Turns::Quarter ? tr("%1, turned by quarters").arg(apart)
                                                  : tr("%1, turned any way").arg(apart);
    phrases[kFrames] = job.weeding.frame_mm > 0.0 && s.frame_mm > 0.0 ? tr("a frame round each and round all")
                       : job.weeding.frame_mm > 0.0                   ? tr("a frame round each")
                       : s.frame_mm > 0.0                             ? tr("a frame round all")
                                                                      : tr("no frame");
    QStringList tool;
    if (s.kerf_mm > 0.0)
        tool << tr("half of %1 outside the line").arg(fineLength(s.kerf_mm, job.unit));
    if (s.blade_mm > 0.0)
        tool << tr("a blade that trails by %1").arg(fineLength(s.blade_mm, job.unit));
    if (s.overcut_mm > 0.0)
        tool << tr("%1 past the start").arg(fineLength(s.overcut_mm, job.unit));
    if (s.tabs > 0)
        tool << tr("%n gap(s) that hold", nullptr, s.tabs);
    phrases[kTool] = tool.isEmpty() ? tr("on the line") : tool.join(tr(", "));
    phrases[kBorder] = s.border_mm > 0.0
                           ? tr("a border of %1 behind them").arg(figureWithUnit(s.border_mm, job.unit))
                           : tr("no border");
    const auto operation = s.operation.value_or(usualOperation(job.process));
    m_sentence->setSentence(operation == Operation::Pen ? tr("{names} are drawn on {material}, {apart}, with "
                                                             "{frames} and {border}; the tool goes {tool}.")
                            : operation == Operation::Score
                                ? tr("{names} are scored on {material}, {apart}, with {frames} and {border}; "
                                     "the tool goes {tool}.")
                                : tr("{names} are cut from {material}, {apart}, with {frames} and {border}; "
                                     "the tool goes {tool}."),
                            phrases);
    m_leaf->fit();
    if (!m_needs.model.isIdle() || !m_needs.model.plan())
        showPanel();
}

void HandOffPage::showRight(std::optional<Verdict> verdict)
{
    if (verdict == m_verdict)
        return;
    m_verdict = verdict;
    showPanel();
}

void HandOffPage::changeSheet(const QString& name, const std::function<void(SheetSettings&)>& change)
{
    m_needs.job.changeLettering(name, [&](Job& changed) {
        change(changed.sheet);
        changed.sheet = sensible(std::move(changed.sheet));
    });
}

void HandOffPage::moveThing(std::size_t laid, const Placement& there)
{
    const auto& plan = m_needs.model.plan();
    if (!plan || laid >= plan->laid.size())
        return;
    const auto& thing = plan->laid[laid];
    if (m_needs.job.job().sheet.fills_sheet || m_needs.job.job().sheet.border_mm > 0.0)
        return emit told(tr("What fills a sheet, or has a border behind it, is placed by itself."));
    if (!mayLie(laid, there))
        return emit told(tr("There is no room for it there."));
    // Numbers of sheets are those of its own material.
    std::size_t first = thing.sheet;
    while (first > 0 && plan->sheets[first - 1].material == plan->sheets[thing.sheet].material)
        --first;
    changeSheet(tr("move it on the sheet"), [&](SheetSettings& sheet) {
        std::erase_if(sheet.by_hand, [&](const Placement& p) { return p.item == thing.number; });
        Placement wish = there;
        wish.item = thing.number;
        wish.sheet = thing.sheet - first;
        sheet.by_hand.push_back(wish);
    });
}

bool HandOffPage::mayLie(std::size_t laid, const Placement& there)
{
    const auto& plan = m_needs.model.plan();
    if (!plan || laid >= plan->laid.size())
        return false;
    if (!m_moves) {
        const Job& job = m_needs.job.job();
        m_moves = std::make_unique<SheetMoves>(*plan, job.sheet, job.weeding, plan->laid[laid].sheet);
    }
    return m_moves->mayLie(laid, there);
}

void HandOffPage::stepName(int by)
{
    const auto& list = m_needs.job.job().names;
    if (list.isEmpty())
        return emit told(tr("There is no list of names: paste one in Hand off."));
    const auto next = std::ptrdiff_t(list.shown) + by;
    if (next < 0 || next >= std::ptrdiff_t(list.names.size()))
        return emit told(by < 0 ? tr("This is the first name.") : tr("This is the last name."));
    m_needs.job.changeLettering(tr("show another name"),
                                [&](Job& changed) { showName(changed, std::size_t(next)); });
}

void HandOffPage::save(SheetFormat format)
{
    const auto plan = m_needs.model.plan();
    if (!plan || plan->laid.empty())
        return emit told(tr("There is nothing to save yet: choose a font in Find and type the words."));
    if (!m_needs.model.isUpToDate())
        return emit told(tr("The sheets are still being laid. Save again in a moment."));
    const Job job = m_needs.job.job();
    const QString name = job.names.isEmpty() ? fileNameFor(job.words)
                                             : tr("%1-and-%n-more", nullptr, int(job.names.names.size()) - 1)
                                                   .arg(fileNameFor(job.names.names.front().words));
    if (!m_needs.may_hand_off())
        return emit told(tr("Nothing was handed off."));
    const QString path = m_needs.save_path(QDir(m_last_folder).filePath(name + text(suffixOf(format))));
    if (path.isEmpty())
        return;
    m_last_folder = QFileInfo(path).absolutePath();
    const auto slip = job.purpose == Purpose::Sale ? std::optional(m_needs.slip()) : std::nullopt;
    const std::string title = withoutMotifs(job.words), rights = m_needs.rights(job.font);
    m_needs.writes.add([this, plan, format, path, title, rights, slip,
                        unit = job.unit]() -> WriteQueue::Answer {
        Result<void> done;
        for (std::size_t sheet = 0; done && sheet < plan->sheets.size(); ++sheet) {
            const auto drawing = drawingOf(*plan, sheet, title, rights);
            done = writeFile(sheetPath(path, sheet).toStdString(),
                             [&](std::ostream& out) { return writeSheet(out, drawing, format); });
        }
        if (done && slip)
            done = writeSlip(path, *slip, m_theme);
        return [this, done, plan, path, unit] {
            if (!done)
                return emit problem(done.error());
            const auto& first = plan->sheets.front();
            emit told(tr("Saved %1: %n sheet(s), the first %2 wide and %3 long. It is in %4", nullptr,
                         int(plan->sheets.size()))
                          .arg(QFileInfo(path).fileName(), figureWithUnit(first.page_mm.width(), unit),
                               figureWithUnit(first.page_mm.height(), unit), QFileInfo(path).absolutePath()));
        };
    });
}

void HandOffPage::send()
{
    const auto plan = m_needs.model.plan();
    if (!plan || plan->laid.empty() || m_needs.cutter.isAtWork())
        return;
    if (!m_needs.model.isUpToDate())
        return emit told(tr("The sheets are still being laid. Send again in a moment."));
    if (!m_needs.may_hand_off())
        return emit told(tr("Nothing was handed off."));
    for (std::size_t sheet = 0; sheet < plan->sheets.size(); ++sheet) {
        CutJob job{tr("Sheet %1 of %2").arg(sheet + 1).arg(plan->sheets.size()), "IN;PA;", {}, "PU0,0;SP0;"};
        for (const auto& part : plotterParts(drawingOf(*plan, sheet, {}, {})))
            job.parts << QByteArray::fromStdString(part);
        m_needs.cutter.add(std::move(job));
    }
}

} // namespace ink::ui
