#include "ui/needle/needle_page.h"

#include "ui/core_words.h"

#include "core/base/file_output.h"
#include "core/geometry/measure.h"
#include "core/handoff/sheet_fit.h"
#include "ui/handoff/smaller_button.h"
#include "ui/measures.h"
#include "ui/needle/needle_sections.h"
#include "ui/needle/sew_strip.h"
#include "ui/text.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/marks.h"
#include "ui/widgets/sentence_bar.h"
#include "ui/widgets/tab_row.h"

#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <sstream>
#include <utility>

namespace ink::ui {
namespace {

constexpr int kPanelWidth_px = 320, kNarrowPanelWidth_px = 262, kNarrowWindow_px = 980;
constexpr int kTightHeight_px = 400;
constexpr int kLeastNames_px = 96;

QString formatName(StitchFormat format)
{
    switch (format) {
    case StitchFormat::Dst:
        return NeedlePage::tr("DST");
    case StitchFormat::Exp:
        return NeedlePage::tr("EXP");
    case StitchFormat::Svg:
        return NeedlePage::tr("SVG");
    case StitchFormat::Png:
        return NeedlePage::tr("Picture");
    }
    return {};
}

QString layerWords(LayerKind kind)
{
    switch (kind) {
    case LayerKind::Letters:
        return NeedlePage::tr("the letters");
    case LayerKind::Placement:
        return NeedlePage::tr("where the cloth lies");
    case LayerKind::TackDown:
        return NeedlePage::tr("the cloth held down");
    case LayerKind::Cover:
        return NeedlePage::tr("its edge covered");
    }
    return {};
}

QString percent(double share)
{
    return NeedlePage::tr("%1 %").arg(QLocale().toString(100.0 * share, 'f', 1));
}

} // namespace

QString sayFinding(const StitchFinding& f, LengthUnit unit)
{
    switch (f.kind) {
    case StitchFindingKind::LowLetters:
        return NeedlePage::tr("%1 high: letters lower than %2 run together.")
            .arg(figureWithUnit(f.value, unit), figureWithUnit(f.limit, unit));
    case StitchFindingKind::ThinColumn:
        return NeedlePage::tr(
                   "%n stroke(s) thinner than %1, down to %2: a larger size, or thicken them in Proof.",
                   nullptr, f.count)
            .arg(fineLength(f.limit, unit), fineLength(f.value, unit));
    case StitchFindingKind::WideColumn:
        return NeedlePage::tr("%n part(s) wider than %1 are filled in rows.", nullptr, f.count)
            .arg(fineLength(f.limit, unit));
    case StitchFindingKind::Thick:
        return NeedlePage::tr("%1 layers of thread in places: the needle may break. Try it without underlay, "
                              "or wider apart.")
            .arg(f.value);
    case StitchFindingKind::ShortStitches:
        return NeedlePage::tr("%1 of the stitches are shorter than 0.3 mm: thread may break.")
            .arg(percent(f.value));
    case StitchFindingKind::Open:
        return NeedlePage::tr("%1 of the letters are covered: cloth shows through.").arg(percent(f.value));
    case StitchFindingKind::TooLargeForHoop:
        return NeedlePage::tr("%1 wide: larger than the hoop, also when it is turned.")
            .arg(figureWithUnit(f.value, unit));
    }
    return {};
}

NeedlePage::NeedlePage(JobModel& job, HandOffModel& names, HandedFiles& files, StitcherLine& machine,
                       std::function<QString()> stitch_file, StrokeBox::PlaceAt place_at,
                       std::filesystem::path hoops, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_names(names), m_files(files), m_machine(machine), m_theme(theme),
      m_model(job, names)
{
    setObjectName(QStringLiteral("needlePage"));
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(buildTabs());
    m_cloth = new ClothView(theme, this);
    left->addWidget(m_cloth, 1);
    m_sewing = new RunCard(tr("The sewing"), QStringLiteral("sewing"), theme, this);
    left->addWidget(m_sewing);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addLayout(left, 1);
    row->addWidget(buildPanel(std::move(stitch_file), std::move(place_at)));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead(std::move(hoops)));
    column->addLayout(row, 1);
    setFocusProxy(m_cloth);
    connect(&m_model, &NeedleModel::changed, this, &NeedlePage::showSewn);
    connect(&m_job, &JobModel::changed, this, &NeedlePage::say);
    connect(&m_names, &HandOffModel::changed, this, &NeedlePage::showFindings);
    connect(&m_machine, &StitcherLine::changed, this, [this] {
        const auto& sewn = m_model.sewn();
        m_send->setEnabled(sewn && !sewn->error && !m_machine.isAtWork());
    });
    connect(&m_machine, &StitcherLine::jobDone, this,
            [this](const QString& name) { emit told(tr("%1 is sewn.").arg(name)); });
    connect(m_sewing, &RunCard::timeChanged, this, &NeedlePage::showMoment);
    connect(m_sewing, &RunCard::playBegan, this, &NeedlePage::showMoment);
    connect(m_list, &NameList::nameChosen, this, [this](std::size_t name) {
        if (!m_job.job().names.isEmpty() && m_job.job().names.shown != name)
            m_job.changeLettering(tr("show another name"), [&](Job& changed) { showName(changed, name); });
    });
    say();
    showSewn();
}

QWidget* NeedlePage::buildHead(std::filesystem::path hoops)
{
    m_head = new SentenceHead(m_job, m_theme, "needleSentence", this);
    m_head->add(kSewnKey, makeSewnSection(m_job, m_theme, this));
    m_head->add(kThreadKey, makeThreadSection(m_job, m_theme, this));
    auto* hoop = makeHoopSection(m_job, std::move(hoops), m_theme, this);
    connect(hoop, &SizeSection::problem, this, &NeedlePage::problem);
    m_head->add(kHoopKey, hoop);
    return m_head;
}

QWidget* NeedlePage::buildTabs()
{
    m_tabs = new TabRow("needleTabs", this);
    const auto tab = [this](const QString& words, const char* name, ClothView::Look look) {
        m_tabs->addTab(words, name, [this, look] { setLook(look); });
    };
    tab(tr("On the cloth"), "lookCloth", ClothView::Look::Cloth);
    tab(tr("The needle's way"), "lookWay", ClothView::Look::Way);
    tab(tr("How thick it lies"), "lookThickness", ClothView::Look::Thickness);
    auto* fit = m_tabs->addQuiet(tr("All of it"), tr("Show all of the sewing (0)"), "clothFit");
    fit->setFont(m_theme.text(TextSize::Small));
    connect(fit, &QPushButton::clicked, this, [this] { m_cloth->zoomToFit(); });
    return m_tabs;
}

QWidget* NeedlePage::buildPanel(std::function<QString()> stitch_file, StrokeBox::PlaceAt place_at)
{
    m_panel = new QScrollArea(this);
    m_panel->setObjectName(QStringLiteral("needlePanel"));
    m_panel->setAccessibleName(tr("What is sewn and how"));
    m_panel->setFrameShape(QFrame::NoFrame);
    m_panel->setWidgetResizable(true);
    m_panel->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(m_panel);
    inside->setObjectName(QStringLiteral("needleInside"));
    m_panel->setWidget(inside);
    m_panel->setStyleSheet(
        QStringLiteral(
            "#needlePanel, #needleInside { background: %1; } #needlePanel { border-left: 1px solid %2; }")
            .arg(m_theme.colours().card.name(), m_theme.colours().rule.name()));
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(kMargin, 3 * kGrid, kMargin, 3 * kGrid);
    column->setSpacing(2 * kGrid);
    m_heading = new QLabel(inside);
    m_heading->setObjectName(QStringLiteral("needleHeading"));
    m_heading->setFont(m_theme.heading(TextSize::Lead));
    m_heading->setWordWrap(true);
    column->addWidget(m_heading);
    m_hoop = new QLabel(inside);
    m_hoop->setObjectName(QStringLiteral("needleHoop"));
    m_hoop->setProperty("role", QStringLiteral("soft"));
    m_hoop->setFont(m_theme.text(TextSize::Small));
    m_hoop->setWordWrap(true);
    column->addWidget(m_hoop);
    m_smaller = new SmallerButton(m_job, inside);
    m_smaller->setObjectName(QStringLiteral("needleSmaller"));
    column->addWidget(m_smaller, 0, Qt::AlignLeading);
    m_lines = new QWidget(inside);
    m_line_column = new QVBoxLayout(m_lines);
    m_line_column->setContentsMargins(0, 0, 0, 0);
    m_line_column->setSpacing(2 * kGrid);
    column->addWidget(m_lines);
    m_stroke = new StrokeBox(m_job, m_names, m_model, *m_cloth, std::move(place_at), m_theme, inside);
    column->addWidget(m_stroke);
    m_list = new NameList(m_theme, inside);
    m_list->setMinimumHeight(m_theme.scaled(kLeastNames_px));
    m_list->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    column->addWidget(m_list, 1);
    column->addStretch(1);
    m_send = new QPushButton(tr("Send to the practice machine"), inside);
    m_send->setObjectName(QStringLiteral("sendToStitcher"));
    m_send->setProperty("role", QStringLiteral("main"));
    connect(m_send, &QPushButton::clicked, this, &NeedlePage::send);
    column->addWidget(m_send);
    column->addWidget(new SewStrip(m_machine, m_theme, inside));
    auto* say = new QLabel(tr("Save for your machine:"), inside);
    say->setFont(m_theme.text(TextSize::Small, true));
    column->addWidget(say);
    auto* files = new QWidget(inside);
    auto* flow = new FlowRow(files, 2 * kGrid, 2 * kGrid);
    flow->setContentsMargins(0, 0, 0, 0);
    for (const auto format : kStitchFormats) {
        auto* button = new QPushButton(formatName(format), files);
        button->setObjectName(QStringLiteral("sew") + text(suffixOf(format).substr(1)));
        button->setAccessibleName(tr("Save as %1").arg(formatName(format)));
        flow->addWidget(button);
        m_save.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, format] { save(format); });
    }
    column->addWidget(files);
    m_save_cloth = new QPushButton(tr("Save the cloth to cut (SVG)"), inside);
    m_save_cloth->setObjectName(QStringLiteral("saveCloth"));
    connect(m_save_cloth, &QPushButton::clicked, this, [this] {
        if (m_model.sewn() && !m_model.sewn()->error)
            m_files.saveCloth(m_model.sewn());
    });
    column->addWidget(m_save_cloth);
    auto* look = new QPushButton(tr("Look into a stitch file…"), inside);
    look->setObjectName(QStringLiteral("lookIntoFile"));
    look->setProperty("role", QStringLiteral("quiet"));
    connect(look, &QPushButton::clicked, this, [this, stitch_file = std::move(stitch_file)] {
        if (const QString path = stitch_file(); !path.isEmpty())
            lookInto(path);
    });
    column->addWidget(look, 0, Qt::AlignLeading);
    return m_panel;
}

void NeedlePage::resizeEvent(QResizeEvent* event)
{
    const bool is_narrow = width() < m_theme.scaled(kNarrowWindow_px);
    m_panel->setFixedWidth(
        std::min(m_theme.scaled(is_narrow ? kNarrowPanelWidth_px : kPanelWidth_px), width() / 2));
    const bool is_tight = height() < m_theme.scaled(kTightHeight_px);
    m_head->sentence().setTextSize(is_tight ? TextSize::Small : TextSize::Lead);
    m_sewing->setTight(is_tight);
    QWidget::resizeEvent(event);
}

void NeedlePage::setLook(ClothView::Look look)
{
    m_look = look;
    m_tabs->choose(std::size_t(look));
    m_cloth->setLook(look);
}

QString NeedlePage::figure() const
{
    const auto& sewn = m_model.sewn();
    return sewn && !sewn->error ? tr("%Ln stitch(es)", nullptr, int(sewn->figures.stitches)) : tr("not yet");
}

void NeedlePage::say()
{
    m_head->show();
    if (std::exchange(m_is_looking, false)) // whoever changes the job looks at it again
        showSewn();
    saySewn(m_head->sentence(), m_job.job(), m_model.sewn().get());
    m_head->leaf().fit();
}

void NeedlePage::showSewn()
{
    if (m_is_looking)
        return;
    const auto& sewn = m_model.sewn();
    for (auto* button : m_save)
        button->setEnabled(sewn && !sewn->error);
    m_send->setEnabled(sewn && !sewn->error && !m_machine.isAtWork());
    m_save_cloth->setVisible(m_job.job().process == Process::Applique);
    m_save_cloth->setEnabled(sewn && !sewn->error);
    if (!sewn || sewn->error) {
        m_shown.reset();
        m_times.clear();
        m_sewing->show({}, 0.0, {});
        m_sewing->setMoment({});
        m_cloth->showMessage(sewn ? said(*sewn->error)
                             : m_job.job().font.path.empty()
                                 ? tr("Choose a font in Find: here your words are sewn.")
                                 : tr("Threading the needle …"));
    } else {
        const auto settings = m_job.job().sewing();
        const auto file = sewnFileOf(*sewn, settings);
        auto shown = std::make_shared<ClothView::Shown>();
        shown->work = file.work;
        shown->threads = file.threads;
        shown->cloth = QColor(text(settings.cloth));
        shown->hoop_width_mm = settings.hoop_width_mm;
        shown->hoop_height_mm = settings.hoop_height_mm;
        shown->outline = sewn->outline_mm;
        if (settings.as == SewnAs::Applique) // told apart from what it lies on
            shown->laid_cloth = QColor(text(laidClothOn(settings.cloth)));
        showWork(shown, sewn->figures, settings.stitches_a_minute);
    }
    saySewn(m_head->sentence(), m_job.job(), sewn.get());
    showFindings();
    emit figureChanged();
    m_stroke->follow();
}

void NeedlePage::showWork(std::shared_ptr<const ClothView::Shown> shown, const StitchFigures& f,
                          double stitches_a_minute)
{
    m_shown = shown;
    m_times = needleTimes(shown->work, stitches_a_minute);
    // A stretch of the ribbon is what is sewn between two cuts or stops.
    std::vector<RibbonPart> parts;
    std::size_t layer = 0, from = 0;
    const auto close = [&](std::size_t to) {
        if (to > from)
            parts.push_back({from > 0 ? m_times[from - 1] : 0.0, m_times[to - 1],
                             QColor(text(shown->threads.empty()
                                             ? std::string("#a23a2b")
                                             : shown->threads[std::min(layer, shown->threads.size() - 1)])),
                             RibbonPart::Look::Full});
    };
    const auto& work = shown->work;
    for (std::size_t i = 0; i < work.size(); ++i) {
        const bool is_stop = work[i].kind == NeedleStep::Kind::Stop;
        if (!is_stop && work[i].kind != NeedleStep::Kind::Trim)
            continue;
        close(i);
        parts.push_back({i > 0 ? m_times[i - 1] : 0.0, m_times[i], m_theme.colours().soft_ink,
                         is_stop ? RibbonPart::Look::Striped : RibbonPart::Look::Low});
        from = i + 1;
        layer += is_stop;
    }
    close(work.size());
    QStringList said{duration(f.minutes * 60.0), tr("%Ln stitch(es)", nullptr, int(f.stitches)),
                     tr("%1 m of thread").arg(QLocale().toString(f.thread_m, 'f', 1)),
                     tr("%n cut(s) of the thread", nullptr, int(f.trims))};
    if (f.stops > 0)
        said << tr("%n stop(s)", nullptr, int(f.stops));
    m_cloth->show(std::move(shown));
    m_sewing->show(std::move(parts), m_times.empty() ? 0.0 : m_times.back(), said.join(tr(" · ")));
    showMoment();
}

void NeedlePage::addLine(const QString& words, const QString& figure, bool is_fine)
{
    auto* row = new QWidget(m_lines);
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(2 * kGrid);
    auto* mark = new MarkLabel(m_theme, row);
    mark->setMark(is_fine ? Mark::InOrder : Mark::LookAt);
    line->addWidget(mark, 0, Qt::AlignTop);
    auto* said = new QLabel(words, row);
    said->setWordWrap(true);
    said->setFont(m_theme.text(TextSize::Small));
    line->addWidget(said, 1);
    if (!figure.isEmpty()) {
        auto* value = new QLabel(figure, row);
        value->setFont(m_theme.text(TextSize::Small, true));
        line->addWidget(value, 0, Qt::AlignTop);
    }
    m_line_column->addWidget(row);
}

void NeedlePage::showFindings()
{
    if (m_is_looking)
        return;
    qDeleteAll(m_lines->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
    const Job& job = m_job.job();
    const auto& list = job.names;
    m_list->setVisible(!list.isEmpty());
    if (!list.isEmpty()) {
        std::vector<NameList::Row> rows;
        for (std::size_t i = 0; i < list.names.size(); ++i) {
            NameList::Row row;
            row.made = i < m_names.names().size() ? m_names.names()[i] : nullptr;
            row.words = text(i != list.shown ? list.names[i].words : job.words);
            row.copies = list.names[i].copies;
            row.unit = job.unit;
            rows.push_back(std::move(row));
        }
        m_list->show(std::move(rows), list.shown);
    }
    const auto& sewn = m_model.sewn();
    m_hoop->clear();
    m_smaller->hide();
    if (!sewn || sewn->error) {
        m_heading->setText(sewn ? tr("It cannot be sewn") : tr("Nothing is sewn yet"));
        return;
    }
    const auto& f = sewn->figures;
    const int findings = int(sewn->findings.size());
    m_heading->setText(findings == 0 ? tr("Sews well") : tr("%n thing(s) to look at", nullptr, findings));
    const auto settings = job.sewing();
    const QString size = tr("%1 × %2").arg(ink::ui::figure(f.box_mm.width(), job.unit),
                                           figureWithUnit(f.box_mm.height(), job.unit));
    m_hoop->setText(settings.hoop_width_mm <= 0.0         ? size
                    : sewn->in_hoop == InHoop::Fits       ? tr("%1, fits the hoop").arg(size)
                    : sewn->in_hoop == InHoop::FitsTurned ? tr("%1, turned to fit the hoop").arg(size)
                                                          : tr("%1, larger than the hoop").arg(size));
    if (sewn->in_hoop == InHoop::TooLarge)
        m_smaller->offer(fittingShare(bounds(*sewn->outline_mm), f.box_mm,
                                      {settings.hoop_width_mm, settings.hoop_height_mm, 0.0}, true));
    for (const auto& finding : sewn->findings)
        addLine(sayFinding(finding, job.unit), {}, false);
    if (settings.as == SewnAs::Satin || settings.as == SewnAs::Fill)
        addLine(tr("Covers the letters"), percent(f.covers));
    double thin = 1e9, wide = 0.0;
    for (const auto& column : sewn->plan.columns)
        if (column.kind != ColumnKind::Fill) {
            thin = std::min(thin, column.width_mm);
            wide = std::max(wide, column.width_mm);
        }
    if (wide > 0.0)
        addLine(tr("Columns"),
                tr("%1 to %2").arg(ink::ui::figure(thin, job.unit), figureWithUnit(wide, job.unit)));
    addLine(
        tr("Shortest and longest stitch"),
        tr("%1 to %2").arg(ink::ui::figure(f.shortest_mm, job.unit), figureWithUnit(f.longest_mm, job.unit)));
    addLine(tr("Thickest"), tr("%n layer(s)", nullptr, f.thickest));
    std::vector<std::size_t> stitches(sewn->plan.layers.size(), 0);
    std::size_t layer = 0;
    for (const auto& step : workOf(sewn->plan)) {
        layer += step.kind == NeedleStep::Kind::Stop;
        if (step.kind == NeedleStep::Kind::Stitch && layer < stitches.size())
            ++stitches[layer];
    }
    for (std::size_t i = 0; i < stitches.size(); ++i)
        addLine(tr("%1. %2").arg(i + 1).arg(layerWords(sewn->plan.layers[i].kind)),
                QLocale().toString(qulonglong(stitches[i])));
}

void NeedlePage::showMoment()
{
    if (!m_shown || m_times.empty())
        return;
    const double time = m_sewing->ribbon().time();
    // Untouched, the handle stands at the beginning and all of it is seen.
    const bool is_whole = time <= 0.0 && !m_sewing->isPlaying();
    const auto steps = std::size_t(std::ranges::upper_bound(m_times, time) - m_times.begin());
    m_cloth->showSteps(is_whole ? std::nullopt : std::optional(steps));
    if (is_whole)
        return m_sewing->setMoment(tr("Move the handle to see any moment of it."));
    std::size_t stitches = 0, stops = 0;
    for (std::size_t i = 0; i < steps; ++i) {
        stitches += m_shown->work[i].kind == NeedleStep::Kind::Stitch;
        stops += m_shown->work[i].kind == NeedleStep::Kind::Stop;
    }
    const bool stands = steps < m_shown->work.size() && m_shown->work[steps].kind == NeedleStep::Kind::Stop;
    const QString when = duration(time);
    m_sewing->setMoment(steps >= m_shown->work.size() ? tr("%1: done").arg(when)
                        : stands ? tr("%1: it stops, for you to lay or trim the cloth").arg(when)
                                 : tr("%1: stitch %2, round %3").arg(when).arg(stitches).arg(stops + 1));
}

void NeedlePage::save(StitchFormat format)
{
    const auto& sewn = m_model.sewn();
    if (!sewn || sewn->error)
        return emit told(tr("There is nothing to save yet: choose a font in Find and type the words."));
    if (!m_model.isUpToDate() || !m_names.isIdle())
        return emit told(tr("It is still being sewn. Save again in a moment."));
    std::vector<HandOffModel::Name> names;
    for (const auto& name : m_names.names())
        if (name && !name->error)
            names.push_back(name);
    m_files.saveStitches(std::move(names), m_job.job().sewing(), format);
}

void NeedlePage::send()
{
    const auto& sewn = m_model.sewn();
    if (!sewn || sewn->error || m_machine.isAtWork())
        return;
    if (!m_model.isUpToDate())
        return emit told(tr("It is still being sewn. Send again in a moment."));
    if (!m_files.mayHandOff())
        return emit told(tr("Nothing was handed off."));
    std::ostringstream file;
    if (const auto done = writeStitches(file, sewnFileOf(*sewn, m_job.job().sewing()), StitchFormat::Dst);
        !done)
        return emit problem(done.error());
    m_machine.send({text(sewn->words).simplified(), QByteArray::fromStdString(file.str()),
                    qsizetype(sewn->figures.stitches)});
    m_files.tellSent(tr("%1 is on its way to the machine.").arg(text(sewn->words).simplified()));
}

void NeedlePage::lookInto(const QString& path)
{
    const auto bytes = readFile(path.toStdString(), kMostStitchFile_bytes);
    if (!bytes)
        return emit problem(bytes.error());
    const auto format = stitchFormatOf(path.toStdString());
    auto read =
        format
            ? readStitches(*bytes, *format)
            : Result<ReadStitches>(fail(ErrorCode::DocumentDamaged, {}, "only DST and EXP files are read"));
    if (!read) {
        Error fault = read.error();
        fault.subject = path.toStdString();
        return emit problem(fault);
    }
    m_is_looking = true;
    m_head->hide();
    m_stroke->leave();
    const auto settings = m_job.job().sewing();
    // Its middle comes to lie in the middle of the hoop.
    Box box;
    for (const auto& step : read->work)
        box.add(step.at);
    auto shown = std::make_shared<ClothView::Shown>();
    for (auto& step : read->work)
        step.at = step.at - Point{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
    shown->work = std::move(read->work);
    shown->threads = {settings.thread};
    shown->cloth = QColor(text(settings.cloth));
    shown->hoop_width_mm = settings.hoop_width_mm;
    shown->hoop_height_mm = settings.hoop_height_mm;
    const auto figures = figuresOf(shown->work, settings.stitches_a_minute);
    showWork(shown, figures, settings.stitches_a_minute);
    qDeleteAll(m_lines->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
    m_smaller->hide();
    m_heading->setText(QFileInfo(path).fileName());
    m_hoop->setText(
        read->is_cut_short
            ? tr("It ends before its end: what is there is shown. Change the job to come back to it.")
            : tr("A file, not the job: change the job to come back to it."));
    addLine(tr("Size"), tr("%1 × %2").arg(ink::ui::figure(figures.box_mm.width(), m_job.job().unit),
                                          figureWithUnit(figures.box_mm.height(), m_job.job().unit)));
    addLine(tr("Stitches"), QLocale().toString(qulonglong(figures.stitches)));
    addLine(tr("Shortest and longest stitch"),
            tr("%1 to %2")
                .arg(ink::ui::figure(figures.shortest_mm, m_job.job().unit),
                     figureWithUnit(figures.longest_mm, m_job.job().unit)));
    addLine(tr("Colours"), QLocale().toString(qulonglong(figures.stops + 1)));
    addLine(tr("Cuts of the thread"), QLocale().toString(qulonglong(figures.trims)));
}

} // namespace ink::ui
