#include "ui/handoff/handoff_page.h"

#include "ui/core_words.h"

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

#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr int kPanel_px = 320, kNarrowPanel_px = 262, kNarrow_px = 980;
/// With less height than this the sheet comes first: smaller words, and the run by its ribbon alone.
constexpr int kTight_px = 400;

} // namespace

HandOffPage::HandOffPage(Needs needs, const Theme& theme, QWidget* parent)
    : Station(parent), m_needs(std::move(needs)), m_theme(theme)
{
    m_files = new HandedFiles(m_needs.files, theme, this);
    m_ways = new PageStack(this);
    m_ways->addWidget(buildSheets());
    m_needle = new NeedlePage(m_needs.job, m_needs.model, *m_files, m_needs.stitcher, m_needs.stitch_file,
                              m_needs.place_at, m_needs.hoops, theme, m_ways);
    m_ways->addWidget(m_needle);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(m_ways);
    connectParts();
    connectList();
    openWay();
    modelChanged();
}

bool HandOffPage::isIdle() const
{
    return m_needs.model.isIdle() && !m_run->isPlaying() && m_needle->isIdle();
}

void HandOffPage::lookInto(const QString& path)
{
    m_ways->setCurrentWidget(m_needle);
    m_needle->lookInto(path);
}

/// Needle, blade or paper, as the job is made.
void HandOffPage::openWay()
{
    const Process process = m_needs.job.job().process;
    const bool is_open = (m_ways->currentWidget() == m_needle) == isSewn(process);
    if (process == m_process && is_open)
        return;
    const bool was_paper = m_process == Process::PaperPattern;
    m_process = process;
    m_head->leaf().close();
    m_ways->setCurrentIndex(isSewn(process) ? 1 : 0);
    if (process == Process::PaperPattern)
        turnTo(Look::Pattern);
    else if (was_paper)
        turnTo(Look::Sheet);
    emit figureChanged();
}

void HandOffPage::connectParts()
{
    auto& job = m_needs.job;
    connect(&m_needs.model, &HandOffModel::changed, this, &HandOffPage::modelChanged);
    connect(&job, &JobModel::changed, this, &HandOffPage::openWay);
    connect(&job, &JobModel::changed, this, &HandOffPage::say);
    connect(m_needle, &NeedlePage::told, this, &HandOffPage::told);
    connect(m_needle, &NeedlePage::problem, this, &HandOffPage::problem);
    connect(m_needle, &NeedlePage::figureChanged, this, &HandOffPage::figureChanged);
    connect(m_files, &HandedFiles::told, this, &HandOffPage::told);
    connect(m_files, &HandedFiles::problem, this, &HandOffPage::problem);
    connect(&m_needs.cutter, &CutterQueue::changed, this, [this] {
        m_send->setEnabled(m_needs.model.plan() && !m_needs.model.plan()->laid.empty() &&
                           !m_needs.cutter.isAtWork());
    });
    connect(&m_needs.cutter, &CutterQueue::jobDone, this,
            [this](const QString& name) { emit told(tr("%1 is cut.").arg(name)); });
    connect(m_view, &SheetView::moveWanted, this, &HandOffPage::moveThing);
    connect(m_view, &SheetView::dragged, this,
            [this](std::size_t laid, const Placement& there, double reach_mm) {
                const auto* moves = movesFor(laid);
                if (!moves)
                    return;
                const auto rest = moves->atRest(laid, there, reach_mm);
                m_view->setDrag(rest, !moves->mayLie(laid, rest.there));
            });
    connect(m_view, &SheetView::chosenChanged, this, [this] {
        const auto& plan = m_needs.model.plan();
        if (const auto chosen = m_view->chosen(); chosen && plan)
            if (const auto number = m_needs.model.numberOf(plan->laid[*chosen].thing))
                m_list->show(m_list->rows(), *number);
    });
    connect(m_run, &RunCard::timeChanged, this, &HandOffPage::showMoment);
    connect(m_run, &RunCard::playBegan, this, [this] { setLook(Look::Run); });
}

void HandOffPage::connectList()
{
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

QString HandOffPage::handbookPage() const
{
    const auto process = m_needs.job.job().process;
    return process == Process::Applique  ? QStringLiteral("applique.md")
           : process == Process::Satin   ? QStringLiteral("embroidery.md")
           : process == Process::Stencil ? QStringLiteral("stencil.md")
                                         : QStringLiteral("hand-off.md");
}

QString HandOffPage::figure() const
{
    const auto& job = m_needs.job.job();
    if (isSewn(job.process))
        return m_needle->figure();
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
    if (isSewn(m_needs.job.job().process))
        return m_needle->setFocus();
    (m_look == Look::Pattern ? static_cast<QWidget*>(m_pattern_view) : m_view)->setFocus();
}

void HandOffPage::resizeEvent(QResizeEvent* event)
{
    m_panel->setFixedWidth(std::min(
        m_theme.scaled(width() < m_theme.scaled(kNarrow_px) ? kNarrowPanel_px : kPanel_px), width() / 2));
    const bool is_tight = height() < m_theme.scaled(kTight_px);
    m_head->sentence().setTextSize(is_tight ? TextSize::Small : TextSize::Lead);
    m_run->setTight(is_tight);
    Station::resizeEvent(event);
}

void HandOffPage::setLook(Look look)
{
    turnTo(look);
    (look == Look::Run       ? static_cast<QWidget*>(&m_run->ribbon())
     : look == Look::Pattern ? static_cast<QWidget*>(m_pattern_view)
                             : m_view)
        ->setFocus();
}

void HandOffPage::turnTo(Look look)
{
    const bool was_pattern = m_look == Look::Pattern, is_pattern = look == Look::Pattern;
    m_look = look;
    m_tabs->choose(std::size_t(look));
    if (look != Look::Run)
        m_run->play(false);
    m_views->setCurrentIndex(is_pattern ? 1 : 0);
    m_foot->setCurrentIndex(is_pattern ? 1 : 0);
    m_run->setVisible(!is_pattern);
    if (was_pattern != is_pattern) {
        m_head->leaf().close();
        say();
        showSheet();
        showPanel();
    }
    showMoment();
}

void HandOffPage::showPattern()
{
    const auto& model = m_needs.model;
    const Job& job = m_needs.job.job();
    std::vector<std::shared_ptr<const Outline>> designs;
    for (std::size_t i = 0; i < model.names().size(); ++i)
        if (const auto& name = model.names()[i]; name && name->outline_mm)
            designs.insert(designs.end(), std::size_t(job.names.isEmpty() ? 1 : name->copies),
                           name->outline_mm);
    auto settings = job.pattern;
    // What was made is mirrored for the machine already.
    settings.is_mirrored = settings.is_mirrored != job.is_mirrored;
    const auto pattern = planPattern(designs, settings);
    m_pattern_view->show(
        pattern ? std::make_shared<const Pattern>(*pattern) : nullptr, m_files->patternWords(),
        designs.empty() ? job.font.path.empty()
                              ? tr("Choose a font in Find: here your words come to lie on paper.")
                              : tr("Making the words …")
        : pattern ? QString()
                        : said(pattern.error()));
    m_save_pattern->setEnabled(bool(pattern));
    m_print->setEnabled(bool(pattern));
    m_pages->clear();
    if (!pattern)
        return;
    const QString pages = tr("%n page(s)", nullptr, int(pattern->pageCount()));
    m_pages->setText(pattern->is_joined ? tr("%1; put together they are %2 wide and %3 high")
                                              .arg(pages, figureWithUnit(pattern->whole_mm.width(), job.unit),
                                                   figureWithUnit(pattern->whole_mm.height(), job.unit))
                                        : tr("%1; each design is whole on its page").arg(pages));
}

void HandOffPage::openSheet(std::size_t sheet)
{
    const auto& plan = m_needs.model.plan();
    if (!plan || sheet >= plan->sheets.size())
        return;
    m_sheet = sheet;
    m_run->play(false);
    m_run->ribbon().setTime(0.0);
    showSheet();
}

void HandOffPage::modelChanged()
{
    const auto& plan = m_needs.model.plan();
    m_sheet = plan && !plan->sheets.empty() ? std::min(m_sheet, plan->sheets.size() - 1) : 0;
    showSheet();
    showPanel();
    say(); // and, where it is looked at, the pattern
    emit figureChanged();
}

void HandOffPage::showSheet()
{
    m_moves.reset(); // it speaks of what was shown before
    const auto& model = m_needs.model;
    const auto& plan = model.plan();
    const bool has_sheet = plan && m_sheet < plan->sheets.size() && !plan->laid.empty();
    const std::size_t sheets = plan ? plan->sheets.size() : 0;
    const bool has_several = sheets > 1 && m_look != Look::Pattern;
    m_previous->setVisible(has_several);
    m_next->setVisible(has_several);
    m_which->setVisible(has_several);
    m_mirrored->setVisible(m_look != Look::Pattern);
    m_previous->setEnabled(m_sheet > 0);
    m_next->setEnabled(m_sheet + 1 < sheets);
    m_which->setText(tr("Sheet %1 of %2").arg(m_sheet + 1).arg(sheets));
    for (auto* button : m_save)
        button->setEnabled(has_sheet);
    m_send->setEnabled(has_sheet && !m_needs.cutter.isAtWork());
    if (!has_sheet) {
        m_run->show({}, 0.0, {});
        m_view->showMessage(
            model.refusal() ? said(*model.refusal())
            : plan && plan->would_fit_turned
                ? tr("Nothing of it goes onto this sheet as it stands. Turned by a quarter it does.")
            : plan ? tr("Nothing of it goes onto this sheet. Choose a larger one, or make the words smaller.")
            : m_needs.job.job().font.path.empty()
                ? tr("Choose a font in Find: here your words come to lie on the material.")
                : tr("Making the words …"));
        m_run->setMoment({});
        return;
    }
    std::vector<QString> words;
    for (const auto& name : model.things())
        words.push_back(text(name->words));
    m_view->show({plan, m_sheet, words, m_needs.job.job().unit});
    const auto& sheet = plan->sheets[m_sheet];
    m_run->show(ribbonParts(sheet.run, QColor(text(sheet.material.colour)), m_theme), sheet.run.duration_s,
                sayRun(sheet.run, m_needs.job.job().unit));
    showMoment();
}

QString HandOffPage::sayMoment() const
{
    const auto& plan = m_needs.model.plan();
    if (!plan || m_sheet >= plan->sheets.size() || plan->sheets[m_sheet].run.parts.empty())
        return {};
    const auto& run = plan->sheets[m_sheet].run;
    const double time = m_run->ribbon().time();
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
    auto& ribbon = m_run->ribbon();
    m_view->showTime(is_run ? std::optional(ribbon.time()) : std::nullopt);
    m_run->setMoment(is_run ? sayMoment() : tr("Move the handle to see any moment of it."));
    if (!is_run && ribbon.time() > 0.0 && ribbon.hasFocus())
        setLook(Look::Run); // who moves the handle wants to see it
}

void HandOffPage::showPanel()
{
    const auto& model = m_needs.model;
    const Job& job = m_needs.job.job();
    const auto& plan = model.plan();
    const bool is_list = !job.names.isEmpty();
    const int names = int(is_list ? job.names.names.size() : 1), sheets = plan ? int(plan->sheets.size()) : 0;
    const QString what = is_list ? tr("%n name(s)", nullptr, names) : tr("One design");
    const bool is_pattern = m_look == Look::Pattern;
    m_heading->setText(!plan || is_pattern ? what : tr("%1, %n sheet(s)", nullptr, sheets).arg(what));
    QStringList said;
    if (plan && m_sheet < plan->sheets.size()) {
        const auto& sheet = plan->sheets[m_sheet];
        said << ink::ui::said(sheet.material.name);
        said << tr("%1 used").arg(figureWithUnit(plan->usedLength_mm(), job.unit));
        if (plan->cost() > 0.0)
            said << tr("%1 of material").arg(QLocale().toString(plan->cost(), 'f', 2));
        if (!sheet.material.note.empty())
            said << ink::ui::said(sheet.material.note);
    } else if (is_list) {
        said << tr("%1 of %n made", nullptr, names).arg(model.madeCount());
    }
    m_material->setText(said.join(tr(" · ")));
    m_material->setVisible(!is_pattern);
    if (is_pattern)
        m_left_out->hide();
    else
        m_left_out->showPlan(model);
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
                                  : tr("The font: %1").arg(ink::ui::said(ink::nameOf(*m_verdict))));
}

void HandOffPage::say()
{
    const Job& job = m_needs.job.job();
    if (m_look == Look::Pattern)
        sayPattern(m_head->sentence(), job);
    else
        saySheet(m_head->sentence(), job, m_needs.model.material());
    m_head->leaf().fit();
    if (m_look == Look::Pattern)
        showPattern();
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

void HandOffPage::moveThing(std::size_t laid, const Placement& there)
{
    const auto& plan = m_needs.model.plan();
    if (!plan || laid >= plan->laid.size())
        return;
    const auto& thing = plan->laid[laid];
    if (m_needs.job.job().sheet.fills_sheet || plan->sheets[thing.sheet].registered_with)
        return emit told(tr("What fills a sheet, or lies over another sheet, is placed by itself."));
    if (!movesFor(laid)->mayLie(laid, there))
        return emit told(tr("There is no room for it there."));
    // Numbers of sheets are those of its own material.
    std::size_t first = thing.sheet;
    while (first > 0 && plan->sheets[first - 1].material == plan->sheets[thing.sheet].material)
        --first;
    m_needs.job.changeSheet(tr("move it on the sheet"), [&](SheetSettings& sheet) {
        std::erase_if(sheet.by_hand, [&](const Placement& p) { return p.item == thing.number; });
        Placement wish = there;
        wish.item = thing.number;
        wish.sheet = thing.sheet - first;
        sheet.by_hand.push_back(wish);
    });
}

const SheetMoves* HandOffPage::movesFor(std::size_t laid)
{
    const auto& plan = m_needs.model.plan();
    if (!plan || laid >= plan->laid.size())
        return nullptr;
    if (!m_moves)
        m_moves = std::make_unique<SheetMoves>(*plan, m_needs.job.job().sheet, plan->laid[laid].sheet);
    return m_moves.get();
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
    m_files->saveSheets(plan, format);
}

void HandOffPage::send()
{
    const auto plan = m_needs.model.plan();
    if (!plan || plan->laid.empty() || m_needs.cutter.isAtWork())
        return;
    if (!m_needs.model.isUpToDate())
        return emit told(tr("The sheets are still being laid. Send again in a moment."));
    if (!m_files->mayHandOff())
        return emit told(tr("Nothing was handed off."));
    for (std::size_t sheet = 0; sheet < plan->sheets.size(); ++sheet) {
        CutJob job{tr("Sheet %1 of %2").arg(sheet + 1).arg(plan->sheets.size()), "IN;PA;", {}, "PU0,0;SP0;"};
        for (const auto& part : plotterParts(drawingOf(*plan, sheet, {}, {})))
            job.parts << QByteArray::fromStdString(part);
        m_needs.cutter.add(std::move(job));
    }
    m_files->tellSent(tr("%n sheet(s) are on their way to the cutter.", nullptr, int(plan->sheets.size())));
}

} // namespace ink::ui
