#include "ui/handoff/handoff_sections.h"

#include "ui/core_words.h"

#include "core/base/file_output.h"
#include "core/handoff/name_reader.h"
#include "core/handoff/sheet_plan.h"
#include "core/package/text_encoding.h"
#include "ui/text.h"

#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

using Measure = JobSection::Measure;

QStringList namesOf(const std::vector<MaterialCard>& cards)
{
    QStringList out;
    for (const auto& card : cards)
        out << said(card.name);
    return out;
}

int indexOf(const std::vector<MaterialCard>& cards, const std::string& id)
{
    const auto at = std::ranges::find(cards, id, &MaterialCard::id);
    return at == cards.end() ? -1 : int(at - cards.begin());
}

/// The sheet as it is now, to be changed in one of its sides.
SheetSize& ownSize(Job& job, const std::vector<MaterialCard>& cards)
{
    if (!job.sheet.size)
        job.sheet.size = chosenMaterial(cards, job.sheet, job.process).sheet;
    return *job.sheet.size;
}

QString sayRemarks(const ReadNames& read)
{
    QStringList out{NamesSection::tr("%n name(s).", nullptr, int(read.names.size()))};
    constexpr qsizetype kMostSaid = 5;
    for (const auto& remark : read.remarks) {
        if (out.size() > kMostSaid) {
            out << NamesSection::tr("And %n more remark(s).", nullptr,
                                    int(read.remarks.size()) - int(kMostSaid));
            break;
        }
        const QString words = text(remark.words).left(40);
        switch (remark.kind) {
        case NameRemark::Kind::EmptyLine:
            out << NamesSection::tr("Line %1 is empty: left out.").arg(remark.line);
            break;
        case NameRemark::Kind::TwiceTheSame:
            out << NamesSection::tr("Line %1: “%2” is in the list already. Both stay.")
                       .arg(remark.line)
                       .arg(words);
            break;
        case NameRemark::Kind::LongName:
            out << NamesSection::tr("Line %1 is longer than names are: “%2…”.").arg(remark.line).arg(words);
            break;
        case NameRemark::Kind::NoNumber:
            out << NamesSection::tr("Line %1: how many of “%2” is no number from 1 to 1000: one.")
                       .arg(remark.line)
                       .arg(words);
            break;
        case NameRemark::Kind::TooMany:
            out << NamesSection::tr("Line %1: “%2” is beyond 2000 names: left out.")
                       .arg(remark.line)
                       .arg(words);
            break;
        case NameRemark::Kind::Heading:
            out << NamesSection::tr("“%1” is taken for the heading of the list.").arg(words);
            break;
        }
    }
    return out.join(QLatin1Char('\n'));
}

} // namespace

JobSection* makeMaterialSection(JobModel& job, const std::vector<MaterialCard>& cards, const Theme& theme,
                                QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("choose the material");
    section->addChoice(
        JobSection::tr("Material"), "sheetMaterial", namesOf(cards), step,
        [&cards](const Job& now) { return indexOf(cards, chosenMaterial(cards, now.sheet, now.process).id); },
        [&cards](Job& changed, int index) {
            changed.sheet.material = cards[std::size_t(index)].id;
            changed.sheet.size.reset();
            changed.sheet.by_hand.clear();
        });
    const auto side = [&](const QString& caption, const char* name, double most, double SheetSize::*of) {
        section->addFigure(
            caption, name, Measure::Length, most, step,
            [&cards, of](const Job& now) { return chosenMaterial(cards, now.sheet, now.process).sheet.*of; },
            [&cards, of](Job& changed, double mm) {
                ownSize(changed, cards).*of = mm;
                changed.sheet = sensible(std::move(changed.sheet));
            });
    };
    side(JobSection::tr("Width"), "sheetWidthMm", kMostSheetWidth_mm, &SheetSize::width_mm);
    side(JobSection::tr("Length; 0 for a roll"), "sheetLengthMm", kMostRoll_mm, &SheetSize::length_mm);
    side(JobSection::tr("Kept free at the edges"), "sheetMarginMm", kMostSheetLength_mm,
         &SheetSize::margin_mm);
    section->addSwitch(
        JobSection::tr("Seen from the back: mirrored"), "sheetMirrored", JobSection::tr("mirror"),
        [](const Job& now) { return now.is_mirrored; },
        [](Job& changed, bool is_on) { changed.is_mirrored = is_on; });
    section->addHint(
        JobSection::tr("Your own materials are files in the folder “materials” beside your jobs."));
    section->showNow();
    return section;
}

JobSection* makeApartSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change how they lie");
    section->addFigure(
        JobSection::tr("Between any two"), "spacing", Measure::Length, kMostSheetLength_mm, step,
        [](const Job& now) { return now.sheet.spacing_mm; },
        [](Job& changed, double mm) { changed.sheet.spacing_mm = mm; });
    section->addChoice(
        JobSection::tr("Turned"), "turns",
        {JobSection::tr("not at all"), JobSection::tr("upside down where that saves"),
         JobSection::tr("by quarters where that saves"), JobSection::tr("any way that saves")},
        step, [](const Job& now) { return int(now.sheet.turns); },
        [](Job& changed, int index) { changed.sheet.turns = Turns(index); });
    section->addSwitch(
        JobSection::tr("In rows, as lines of words"), "inRows", step,
        [](const Job& now) { return now.sheet.as_rows; },
        [](Job& changed, bool is_on) { changed.sheet.as_rows = is_on; });
    section->addFigure(
        JobSection::tr("Copies of one without a list"), "sheetCopies", Measure::Count, 1000.0, step,
        [](const Job& now) { return double(now.sheet.copies); },
        [](Job& changed, double n) { changed.sheet.copies = std::max(1, int(n)); });
    section->addSwitch(
        JobSection::tr("As many as the sheet takes"), "fillSheet", step,
        [](const Job& now) { return now.sheet.fills_sheet; },
        [](Job& changed, bool is_on) { changed.sheet.fills_sheet = is_on; });
    section->addFigure(
        JobSection::tr("Of a roll, this length is filled"), "filledLength", Measure::Length, kMostRoll_mm,
        step, [](const Job& now) { return now.sheet.filled_length_mm; },
        [](Job& changed, double mm) { changed.sheet.filled_length_mm = std::max(kLeastSheet_mm, mm); });
    section->addFigure(
        JobSection::tr("Widest; 0 for any width"), "widest", Measure::Length, kMaxSize_mm,
        JobSection::tr("change the widest width"), [](const Job& now) { return now.size.widest_mm; },
        [](Job& changed, double mm) { changed.size.widest_mm = mm; });
    section->addHint(JobSection::tr(
        "What is wider is closed up where letters do not join, then made smaller, and says so."));
    section->addSwitch(
        JobSection::tr("Each name of a list ends in a quiet form that suits it"), "dressedQuietly",
        JobSection::tr("dress each name quietly"),
        [](const Job& now) { return now.names.is_dressed_quietly; },
        [](Job& changed, bool is_on) { changed.names.is_dressed_quietly = is_on; });
    section->addButton(JobSection::tr("Place all of it again"), "placeAgain", [&job, step] {
        job.endRun();
        job.changeLettering(step, [](Job& changed) { changed.sheet.by_hand.clear(); });
        job.endRun();
    });
    section->addHint(JobSection::tr("On the sheet: arrows move what is chosen, with Shift further, R turns "
                                    "it, Page Down chooses the next."));
    section->showNow();
    return section;
}

JobSection* makeFramesSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change what is cut along");
    section->addFigure(
        JobSection::tr("A frame round each, off it by"), "eachFrame", Measure::Length, kMostSheetLength_mm,
        step, [](const Job& now) { return now.weeding.frame_mm; },
        [](Job& changed, double mm) { changed.weeding.frame_mm = mm; });
    section->addFigure(
        JobSection::tr("Lines through it, off the words by"), "eachParting", Measure::Length,
        kMostSheetLength_mm, step, [](const Job& now) { return now.weeding.parting_mm; },
        [](Job& changed, double mm) { changed.weeding.parting_mm = mm; });
    section->addFigure(
        JobSection::tr("A frame round all, off them by"), "wholeFrame", Measure::Length, kMostSheetLength_mm,
        step, [](const Job& now) { return now.sheet.frame_mm; },
        [](Job& changed, double mm) { changed.sheet.frame_mm = mm; });
    section->addHint(JobSection::tr("0 is none. Frames are cut last."));
    section->showNow();
    return section;
}

JobSection* makeToolSection(JobModel& job, const Theme& theme, QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change what the tool does");
    constexpr Operation kChoices[] = {Operation::Cut, Operation::Score, Operation::Pen};
    section->addChoice(
        JobSection::tr("The letters are"), "operation",
        {JobSection::tr("cut"), JobSection::tr("scored"), JobSection::tr("drawn with a pen")}, step,
        [kChoices](const Job& now) {
            const auto operation = now.sheet.operation.value_or(usualOperation(now.process));
            return int(std::ranges::find(kChoices, operation) - std::begin(kChoices));
        },
        [kChoices](Job& changed, int index) { changed.sheet.operation = kChoices[index]; });
    const auto length = [&](const QString& caption, const char* name, double SheetSettings::*of) {
        section->addFigure(
            caption, name, Measure::Length, 20.0, step, [of](const Job& now) { return now.sheet.*of; },
            [of](Job& changed, double mm) { changed.sheet.*of = mm; });
    };
    length(JobSection::tr("Cut on past the start by"), "overcut", &SheetSettings::overcut_mm);
    length(JobSection::tr("A drag knife's tip trails by"), "blade", &SheetSettings::blade_mm);
    length(JobSection::tr("The cut is as wide as"), "kerf", &SheetSettings::kerf_mm);
    section->addSwitch(
        JobSection::tr("Outer edges clockwise, middles the other way"), "clockwise", step,
        [](const Job& now) { return now.sheet.is_clockwise; },
        [](Job& changed, bool is_on) { changed.sheet.is_clockwise = is_on; });
    section->addFigure(
        JobSection::tr("Gaps that hold each piece"), "tabs", Measure::Count, kMostTabs, step,
        [](const Job& now) { return double(now.sheet.tabs); },
        [](Job& changed, double n) { changed.sheet.tabs = int(n); });
    length(JobSection::tr("Width of a gap"), "tabWidth", &SheetSettings::tab_mm);
    section->addHint(JobSection::tr("How fast it goes is on the material's card."));
    section->showNow();
    return section;
}

JobSection* makeBorderSection(JobModel& job, const std::vector<MaterialCard>& cards, const Theme& theme,
                              QWidget* parent)
{
    auto* section = new JobSection(job, theme, parent);
    const QString step = JobSection::tr("change the border");
    section->addFigure(
        JobSection::tr("A border behind the words, of"), "border", Measure::Length, kMostSheetLength_mm, step,
        [](const Job& now) { return now.sheet.border_mm; },
        [](Job& changed, double mm) { changed.sheet.border_mm = mm; });
    section->addChoice(
        JobSection::tr("From"), "borderMaterial", namesOf(cards), step,
        [&cards](const Job& now) { return indexOf(cards, now.sheet.border_material); },
        [&cards](Job& changed, int index) { changed.sheet.border_material = cards[std::size_t(index)].id; });
    section->addHint(JobSection::tr(
        "It comes on a sheet of its own, with crosses in the same places, to be laid under the words."));
    section->showNow();
    return section;
}

NamesSection::NamesSection(JobModel& job, std::function<QString()> file_to_read, const Theme& theme,
                           QWidget* parent)
    : JobSection(job, theme, parent), m_file_to_read(std::move(file_to_read))
{
    m_text = new QPlainTextEdit(this);
    m_text->setObjectName(QStringLiteral("namesText"));
    m_text->setAccessibleName(tr("Names, one to a line"));
    m_text->setPlaceholderText(
        tr("Paste names here, one to a line, or a table with a heading: name, copies, colour, note"));
    m_text->setTabChangesFocus(true);
    m_text->setMinimumSize(theme.scaled(360), theme.scaled(150));
    column()->addWidget(m_text);
    m_remarks = new QLabel(this);
    m_remarks->setObjectName(QStringLiteral("namesRemarks"));
    m_remarks->setProperty("role", QStringLiteral("soft"));
    m_remarks->setFont(theme.text(TextSize::Small));
    m_remarks->setWordWrap(true);
    column()->addWidget(m_remarks);
    m_take = addButton(tr("Make these"), "takeNames", [this] { take(); });
    m_take->setProperty("role", QStringLiteral("main"));
    addButton(tr("From a file…"), "namesFile", [this] { readFile(); });
    m_leave = addButton(tr("No list: only the words that are shown"), "leaveList", [this] {
        this->job().endRun();
        this->job().changeLettering(tr("leave the list"), [](Job& changed) { ink::leaveList(changed); });
        this->job().endRun();
    });
    connect(m_text, &QPlainTextEdit::textChanged, this, [this] {
        m_bytes = m_text->toPlainText().toStdString();
        look();
    });
    connect(&job, &JobModel::changed, this,
            [this] { m_leave->setVisible(!this->job().job().names.isEmpty()); });
    m_leave->setVisible(!job.job().names.isEmpty());
    setFocusProxy(m_text);
    look();
}

void NamesSection::setText(const QString& words)
{
    m_text->setPlainText(words);
}

void NamesSection::readFile()
{
    const QString file = m_file_to_read();
    if (file.isEmpty())
        return;
    const auto bytes = ink::readFile(file.toStdString(), kMostList_bytes);
    if (!bytes)
        return emit problem(bytes.error());
    const auto read = readNames(*bytes);
    if (!read) {
        Error fault = read.error();
        fault.subject = file.toStdString();
        return emit problem(fault);
    }
    const QSignalBlocker blocker(m_text);
    m_text->setPlainText(text(toUtf8Text(*bytes)));
    m_bytes = *bytes;
    look();
}

void NamesSection::look()
{
    const auto read = readNames(m_bytes);
    m_remarks->setText(!read ? said(read.error()) : m_bytes.empty() ? QString() : sayRemarks(*read));
    m_remarks->setVisible(!m_remarks->text().isEmpty());
    m_take->setEnabled(read && !read->names.empty());
}

void NamesSection::take()
{
    auto read = readNames(m_bytes);
    if (!read || read->names.empty())
        return;
    job().endRun();
    job().changeLettering(tr("take a list of names"), [&](Job& changed) {
        setNames(changed, std::move(read->names));
        changed.sheet.by_hand.clear();
    });
    job().endRun();
    emit taken();
}

} // namespace ink::ui
