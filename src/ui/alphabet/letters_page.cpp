#include "ui/alphabet/letters_page.h"

#include "core/alphabet/letter_names.h"
#include "core/alphabet/thread_outline.h"
#include "core/geometry/nesting.h"
#include "core/type/shape.h"
#include "ui/alphabet/letter_view.h"
#include "ui/find/glyph_grid.h"
#include "ui/outline_paths.h"
#include "ui/text.h"

#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <functional>

namespace ink::ui {
namespace {

constexpr double kMostRoom_mm = 100.0;

bool isSure(const SewnLetter& letter)
{
    return letter.confidence >= kSureOfLetter;
}

/// Moved up or down by itself.
void moveFoot(SewnLetter& letter, double by_mm)
{
    for (auto& step : letter.work)
        step.at.y += by_mm;
    letter.box_mm = boxOf(letter.work);
}

} // namespace

LettersPage::LettersPage(const QString& name, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_name(name)
{
    setObjectName(name + QStringLiteral("Page"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kMargin, 2 * kGrid, kMargin, 3 * kGrid);
    column->setSpacing(2 * kGrid);
    auto* head = new QHBoxLayout;
    head->setSpacing(3 * kGrid);
    auto* back = new QPushButton(tr("Back"), this);
    back->setObjectName(m_name + QStringLiteral("Back"));
    back->setProperty("role", QStringLiteral("quiet"));
    m_title = new QLabel(this);
    m_title->setObjectName(m_name + QStringLiteral("Title"));
    m_title->setFont(theme.heading(TextSize::Title));
    m_title->setMinimumWidth(10);
    head->addWidget(back);
    head->addWidget(m_title, 1);
    column->addLayout(head);
    m_state = new QLabel(this);
    m_state->setObjectName(m_name + QStringLiteral("State"));
    m_state->setWordWrap(true);
    column->addWidget(m_state);
    auto* parts = new QHBoxLayout;
    parts->setSpacing(4 * kGrid);
    parts->addWidget(makeGridPart(), 3);
    parts->addWidget(makeLetterPart(), 2);
    column->addLayout(parts, 1);
    connect(back, &QPushButton::clicked, this, &LettersPage::backWanted);
}

QWidget* LettersPage::makeGridPart()
{
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_grid = new GlyphGrid(m_theme, scroll);
    m_grid->setObjectName(m_name + QStringLiteral("Grid"));
    scroll->setWidget(m_grid);
    connect(m_grid, &GlyphGrid::currentChanged, this, [this] {
        if (const auto* key = m_grid->current(); key && !m_is_filling) {
            m_current = key->glyph_id - 1;
            m_changing = nullptr;
            showLetter();
        }
    });
    return scroll;
}

QDoubleSpinBox* LettersPage::addRoom(const char* name, const QString& words, double SewnLetter::*member,
                                     QGridLayout* grid)
{
    const int row = grid->rowCount();
    auto* label = new QLabel(words, this);
    label->setWordWrap(true);
    auto* spin = new QDoubleSpinBox(this);
    spin->setObjectName(m_name + QLatin1String(name));
    spin->setAccessibleName(words);
    spin->setRange(-kMostRoom_mm, kMostRoom_mm);
    spin->setSingleStep(0.1);
    spin->setDecimals(1);
    spin->setSuffix(tr(" mm"));
    label->setBuddy(spin);
    grid->addWidget(label, row, 0);
    grid->addWidget(spin, row, 1);
    connect(spin, &QDoubleSpinBox::valueChanged, this, [this, spin, member](double mm) {
        auto* letter = current();
        if (m_is_filling || !letter)
            return;
        if (m_changing != spin)
            aboutToChange();
        m_changing = spin;
        letter = current();
        if (member)
            letter->*member = mm;
        else
            moveFoot(*letter, -mm - letter->box_mm.y0); // mm: how far it hangs below the line
        m_view->show(letter, m_letters.size_mm);
        showState();
    });
    return spin;
}

QWidget* LettersPage::makeLetterPart()
{
    auto* part = new QWidget(this);
    auto* column = new QVBoxLayout(part);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    m_view = new LetterView(m_theme, part);
    column->addWidget(m_view, 1);
    m_told = new QLabel(part);
    m_told->setObjectName(m_name + QStringLiteral("Told"));
    m_told->setWordWrap(true);
    column->addWidget(m_told);
    auto* says = new QHBoxLayout;
    auto* this_is = new QLabel(tr("This is the letter"), part);
    m_letter = new QLineEdit(part);
    m_letter->setObjectName(m_name + QStringLiteral("Is"));
    m_letter->setAccessibleName(this_is->text());
    m_letter->setMaxLength(2); // one character beyond the first plane is two
    m_letter->setFixedWidth(m_theme.scaled(52));
    m_letter->setFont(m_theme.heading(TextSize::Title));
    auto* form = new QLabel(tr("in its form"), part);
    m_variant = new QLineEdit(part);
    m_variant->setObjectName(m_name + QStringLiteral("Form"));
    m_variant->setAccessibleName(tr("Form of the letter; empty for the usual one"));
    m_variant->setPlaceholderText(tr("usual"));
    m_variant->setMaxLength(20);
    says->addWidget(this_is);
    says->addWidget(m_letter);
    says->addWidget(form);
    says->addWidget(m_variant, 1);
    column->addLayout(says);
    auto* buttons = new QHBoxLayout;
    auto* say = new QPushButton(tr("It is"), part);
    say->setObjectName(m_name + QStringLiteral("Say"));
    auto* leave_out = new QPushButton(tr("Leave it out"), part);
    leave_out->setObjectName(m_name + QStringLiteral("LeaveOut"));
    leave_out->setProperty("role", QStringLiteral("quiet"));
    m_take_back = new QPushButton(tr("Take back"), part);
    m_take_back->setObjectName(m_name + QStringLiteral("TakeBack"));
    m_take_back->setProperty("role", QStringLiteral("quiet"));
    for (auto* button : {say, leave_out, m_take_back})
        buttons->addWidget(button);
    buttons->addStretch(1);
    column->addLayout(buttons);
    auto* room = new QGridLayout;
    m_foot = addRoom("Foot", tr("It hangs below the line by"), nullptr, room);
    m_before_mm = addRoom("Before", tr("Room before it"), &SewnLetter::before_mm, room);
    m_after_mm = addRoom("After", tr("Room after it"), &SewnLetter::after_mm, room);
    room->setColumnStretch(0, 1);
    column->addLayout(room);
    m_keep = new QPushButton(tr("Keep these letters"), part);
    m_keep->setObjectName(m_name + QStringLiteral("Keep"));
    m_keep->setProperty("role", QStringLiteral("main"));
    column->addWidget(m_keep, 0, Qt::AlignRight);
    connect(say, &QPushButton::clicked, this, &LettersPage::sayLetter);
    connect(m_letter, &QLineEdit::returnPressed, this, &LettersPage::sayLetter);
    connect(m_variant, &QLineEdit::returnPressed, this, &LettersPage::sayLetter);
    connect(leave_out, &QPushButton::clicked, this, &LettersPage::leaveOut);
    connect(m_take_back, &QPushButton::clicked, this, &LettersPage::takeBack);
    connect(m_keep, &QPushButton::clicked, this, [this] { emit kept(m_letters); });
    auto* scroll = new QScrollArea(this); // large text is taller than a small window
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setMinimumWidth(m_theme.scaled(330));
    scroll->setWidget(part);
    return scroll;
}

std::shared_ptr<const LettersPage::Pictures> LettersPage::picturesOf(const Alphabet& letters,
                                                                     const CancelToken& cancel)
{
    auto pictures = std::make_shared<Pictures>();
    for (const auto& letter : letters.letters)
        if (!cancel.isCancelled())
            pictures->emplace(letter.file, toPainterPath(toPaths(threadOutline(letter.work))));
    return pictures;
}

void LettersPage::open(const Alphabet& letters, std::shared_ptr<const Pictures> pictures)
{
    m_letters = letters;
    m_pictures = std::move(pictures);
    m_before.clear();
    m_changing = nullptr;
    const auto unsure = std::ranges::find_if_not(m_letters.letters, isSure);
    m_current = unsure == m_letters.letters.end() ? 0 : std::size_t(unsure - m_letters.letters.begin());
    m_title->setText(tr("Letters of %1").arg(text(m_letters.name)));
    fillGrid();
    showLetter();
    unsure == m_letters.letters.end() ? m_grid->setFocus() : m_letter->setFocus();
}

SewnLetter* LettersPage::current()
{
    return m_current < m_letters.letters.size() ? &m_letters.letters[m_current] : nullptr;
}

void LettersPage::fillGrid()
{
    m_is_filling = true;
    GridSection unsure{tr("To look at"), {}}, sure{tr("Told"), {}};
    const double em_mm = std::max(1.0, m_letters.size_mm / 0.7);
    for (std::size_t i = 0; i < m_letters.letters.size(); ++i) {
        const auto& letter = m_letters.letters[i];
        QString key = text(letter.letter);
        if (!letter.variant.empty())
            key = tr("%1, %2").arg(key, text(letter.variant));
        const auto picture = m_pictures->find(letter.file);
        (isSure(letter) ? sure : unsure)
            .keys.push_back({key, text(letter.file),
                             picture == m_pictures->end()
                                 ? QPainterPath()
                                 : QTransform::fromScale(1 / em_mm, 1 / em_mm).map(picture->second),
                             letter.box_mm.width() / em_mm, std::uint32_t(i + 1)});
    }
    std::vector<GridSection> sections;
    for (auto* section : {&unsure, &sure})
        if (!section->keys.empty())
            sections.push_back(std::move(*section));
    m_grid->setSections(std::move(sections));
    m_grid->choose(std::uint32_t(m_current + 1));
    m_is_filling = false;
}

void LettersPage::showLetter()
{
    m_is_filling = true;
    const auto* letter = current();
    m_view->show(letter, m_letters.size_mm);
    if (letter) {
        const QString file =
            QFileInfo(text(letter->called.empty() ? letter->file : letter->called)).fileName();
        m_told->setText(letter->confidence >= 1.0 ? tr("“%1”: as you said, or as its package says.").arg(file)
                        : isSure(*letter)
                            ? tr("“%1”: told from its name.").arg(file)
                            : tr("“%1”: its name does not tell surely. It is typed once you have said what "
                                 "it is.")
                                  .arg(file));
        m_letter->setText(text(letter->letter));
        m_variant->setText(text(letter->variant));
        m_foot->setValue(-letter->box_mm.y0);
        m_before_mm->setValue(letter->before_mm);
        m_after_mm->setValue(letter->after_mm);
    }
    for (QWidget* part :
         {static_cast<QWidget*>(m_letter), static_cast<QWidget*>(m_variant), static_cast<QWidget*>(m_foot),
          static_cast<QWidget*>(m_before_mm), static_cast<QWidget*>(m_after_mm)})
        part->setEnabled(letter != nullptr);
    m_is_filling = false;
    showState();
}

void LettersPage::showState()
{
    const auto unsure = int(std::ranges::count_if(m_letters.letters, std::not_fn(isSure)));
    const QString missing = text(missingOf(m_letters));
    QString said =
        unsure == 0
            ? tr("Every letter is told.")
            : tr("%n letter(s) to look at: say what (it|they) (is|are), or (it|they) cannot be typed.",
                 nullptr, unsure);
    if (!missing.isEmpty()) {
        QStringList letters;
        for (const QChar c : missing)
            letters << QString(c);
        said = tr("%1 Missing: %2.").arg(said, letters.join(QStringLiteral(", ")));
    }
    m_state->setText(said);
    m_take_back->setEnabled(!m_before.empty());
    m_keep->setEnabled(!m_before.empty() && !m_letters.letters.empty());
}

void LettersPage::aboutToChange()
{
    m_before.push_back(m_letters);
    m_changing = nullptr;
}

void LettersPage::sayLetter()
{
    const auto said = toUtf32(m_letter->text().trimmed().toStdString());
    if (!current() || said.empty())
        return;
    aboutToChange();
    auto& letter = *current();
    letter.letter = toUtf8(said.front());
    letter.variant = m_variant->text().trimmed().toStdString();
    letter.confidence = 1.0;
    // The next one that is to be looked at.
    const auto unsure = std::ranges::find_if_not(m_letters.letters, isSure);
    if (unsure != m_letters.letters.end())
        m_current = std::size_t(unsure - m_letters.letters.begin());
    fillGrid();
    showLetter();
    unsure != m_letters.letters.end() ? m_letter->selectAll() : m_keep->setFocus();
}

void LettersPage::leaveOut()
{
    if (!current())
        return;
    aboutToChange();
    m_letters.letters.erase(m_letters.letters.begin() + std::ptrdiff_t(m_current));
    m_current = std::min(m_current, m_letters.letters.empty() ? 0 : m_letters.letters.size() - 1);
    fillGrid();
    showLetter();
}

void LettersPage::takeBack()
{
    if (m_before.empty())
        return;
    m_letters = std::move(m_before.back());
    m_before.pop_back();
    m_changing = nullptr;
    fillGrid();
    showLetter();
}

} // namespace ink::ui
