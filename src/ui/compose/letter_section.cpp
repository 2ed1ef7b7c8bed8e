#include "ui/compose/letter_section.h"

#include "ui/compose/lettering_view.h"
#include "ui/measures.h"
#include "ui/needle/needle_sections.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace ink::ui {

LetterSection::LetterSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    m_title = caption({}, nullptr);
    m_title->setObjectName(QStringLiteral("letterTitle"));
    column()->addWidget(m_title);
    m_dx = lengthBox("letterDx", tr("Moved across (Alt and arrows)"), 9999.0);
    m_dy = lengthBox("letterDy", tr("Moved up (Alt and arrows)"), 9999.0);
    m_turn =
        figureBox("letterTurn", tr("Turned (Ctrl, Alt, left and right)"), 0.5, 360.0, QStringLiteral("°"));
    m_size = figureBox("letterSize", tr("Size (Ctrl, Alt, up and down)"), 1.0, 2000.0, QStringLiteral(" %"));
    m_size->setMinimum(5.0);
    m_before = lengthBox("letterBefore", tr("Space before it (Alt, comma and full stop)"), 9999.0);
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(kGrid);
    auto add = [&, row = 0](const QString& name, std::initializer_list<QWidget*> boxes) mutable {
        grid->addWidget(softLabel(name), row, 0);
        int at = 1;
        for (auto* box : boxes)
            grid->addWidget(box, row, boxes.size() == 1 ? 2 : at++);
        ++row;
    };
    if (m_theme.textScale() < 1.4) {
        add(tr("moved"), {m_dx, m_dy});
    } else { // one under the other: large text has no room for both
        add(tr("moved across"), {m_dx});
        add(tr("moved up"), {m_dy});
    }
    add(tr("turned"), {m_turn});
    add(tr("size"), {m_size});
    add(tr("space before"), {m_before});
    grid->setColumnStretch(0, 1);
    column()->addLayout(grid);
    buildActions();
    connectFigures();
}

/// What is done to these letters as they are.
void LetterSection::buildActions()
{
    m_reset = new QPushButton(tr("Put it back"), this);
    m_reset->setObjectName(QStringLiteral("letterReset"));
    m_reset->setProperty("role", QStringLiteral("quiet"));
    m_reset->setToolTip(tr("As the font places it (Alt+0)"));
    m_font = new Choice(m_theme, this, Choice::Ground::Paper);
    m_font->setObjectName(QStringLiteral("letterFont"));
    m_font->setAccessibleName(tr("Font of these letters"));
    m_keep_letters = new QPushButton(tr("Into the tray"), this);
    m_keep_letters->setObjectName(QStringLiteral("letterToTray"));
    m_keep_letters->setProperty("role", QStringLiteral("quiet"));
    m_keep_letters->setToolTip(tr("Keeps the chosen letters as one motif, welded"));
    connect(m_keep_letters, &QPushButton::clicked, this, &LetterSection::keepLettersWanted);
    m_keep_part = new QPushButton(tr("A part into the tray"), this);
    m_keep_part->setObjectName(QStringLiteral("partToTray"));
    m_keep_part->setProperty("role", QStringLiteral("quiet"));
    m_keep_part->setToolTip(tr("Draw a frame over a part of the words: what is inside becomes a motif"));
    connect(m_keep_part, &QPushButton::clicked, this, &LetterSection::keepPartWanted);
    column()->addWidget(m_font);
    buildHandling();
    auto* row = new QHBoxLayout;
    row->addWidget(m_keep_letters);
    row->addStretch(1);
    row->addWidget(m_reset);
    column()->addLayout(row);
    column()->addWidget(m_keep_part, 0, Qt::AlignLeft);
    connect(m_reset, &QPushButton::clicked, this, [this] { m_view.resetLetters(); });
    connect(m_font, &QComboBox::activated, this, [this] {
        const QStringList chosen = m_font->currentData().toStringList();
        m_job.endRun();
        m_job.changeLettering(tr("font of letters"), [&](Job& job) {
            for (const auto letter : m_view.letters()) {
                auto& choice = job.lettering.letters[letter];
                choice.worn.reset();
                if (chosen.size() == 3)
                    choice.font =
                        FontRef{chosen[0].toStdString(), chosen[1].toUInt(), chosen[2].toStdString()};
                else
                    choice.font.reset();
            }
        });
        m_job.endRun();
    });
}

/// Of another material, or not cut: that goes to the sheets.
void LetterSection::buildHandling()
{
    m_material = new Choice(m_theme, this, Choice::Ground::Paper);
    m_material->setObjectName(QStringLiteral("letterMaterial"));
    m_material->setAccessibleName(tr("Material of these letters"));
    m_material->setToolTip(
        tr("What is of another material comes on a sheet of its own, with crosses to lay it over"));
    m_operation = new Choice(m_theme, this, Choice::Ground::Paper);
    m_operation->setObjectName(QStringLiteral("letterOperation"));
    m_operation->setAccessibleName(tr("What the tool does with these letters"));
    m_operation->addChoice(tr("cut as the rest"), {}, QString());
    m_operation->addChoice(tr("cut out"), {}, text(idOf(Operation::Cut)));
    m_operation->addChoice(tr("only scored"), {}, text(idOf(Operation::Score)));
    m_operation->addChoice(tr("drawn with a pen"), {}, text(idOf(Operation::Pen)));
    m_sewn = new Choice(m_theme, this, Choice::Ground::Paper);
    m_sewn->setObjectName(QStringLiteral("letterSewn"));
    m_sewn->setAccessibleName(tr("How these letters are sewn"));
    m_sewn->addChoice(tr("sewn as the rest"), {}, -1);
    m_sewn->addChoice(tr("sewn as satin"), {}, int(SewnAs::Satin));
    m_sewn->addChoice(tr("filled in rows"), {}, int(SewnAs::Fill));
    m_sewn->addChoice(tr("sewn as lines"), {}, int(SewnAs::Running));
    column()->addWidget(m_material);
    column()->addWidget(m_operation);
    column()->addWidget(m_sewn);
    connect(m_sewn, &QComboBox::activated, this, [this] {
        const int as = m_sewn->currentData().toInt();
        m_job.endRun();
        change(tr("how letters are sewn"),
               [as](LetterChoice& c) { c.sewn_as = as < 0 ? std::nullopt : std::optional(SewnAs(as)); });
        m_job.endRun();
    });
    connect(m_material, &QComboBox::activated, this, [this] {
        m_job.endRun();
        change(tr("material of letters"), [this](LetterChoice& c) {
            c.handling.colour = m_material->currentData().toString().toStdString();
        });
        m_job.endRun();
    });
    connect(m_operation, &QComboBox::activated, this, [this] {
        m_job.endRun();
        change(tr("what is done with letters"), [this](LetterChoice& c) {
            c.handling.operation = letterOperationOf(m_operation->currentData().toString().toStdString());
        });
        m_job.endRun();
    });
}

void LetterSection::connectFigures()
{
    const auto em = [this] { return composed() ? composed()->mm_per_u * 1000.0 : 1.0; };
    const auto em_up = [this] { return composed() ? composed()->mm_per_u_up * 1000.0 : 1.0; };
    const auto mm = [this](double value) { return toMm(value, m_job.job().unit); };
    connect(m_dx, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        change(tr("move letters"), [&](LetterChoice& c) { c.dx_em = mm(v) / em(); });
    });
    connect(m_dy, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        change(tr("move letters"), [&](LetterChoice& c) { c.dy_em = mm(v) / em_up(); });
    });
    connect(m_turn, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { change(tr("turn letters"), [&](LetterChoice& c) { c.turn_deg = v; }); });
    connect(m_size, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        change(tr("resize letters"), [&](LetterChoice& c) { c.size = v / 100.0; });
    });
    connect(m_before, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        change(tr("space before a letter"), [&](LetterChoice& c) { c.before_em = mm(v) / em(); });
    });
}

void LetterSection::change(const QString& name, const std::function<void(LetterChoice&)>& change_one)
{
    if (isShowing())
        return;
    m_job.changeLettering(name, [&](Job& job) {
        if (const auto piece = m_view.piece()) {
            auto& placed = job.lettering.pieces[*piece];
            LetterChoice as_letter;
            as_letter.dx_em = placed.x_em;
            as_letter.dy_em = placed.y_em;
            as_letter.turn_deg = placed.turn_deg;
            as_letter.size = placed.size;
            as_letter.handling = placed.handling;
            change_one(as_letter);
            placed.x_em = as_letter.dx_em;
            placed.y_em = as_letter.dy_em;
            placed.turn_deg = as_letter.turn_deg;
            placed.size = as_letter.size;
            placed.handling = as_letter.handling;
            return;
        }
        for (const auto letter : m_view.letters())
            change_one(job.lettering.letters[letter]);
    });
}

void LetterSection::setFonts(const std::vector<std::pair<QString, FontRef>>& fonts)
{
    const QSignalBlocker blocker(m_font);
    m_font->clear();
    m_font->addChoice(tr("the job's font"), {}, QStringList());
    for (const auto& [name, font] : fonts)
        m_font->addChoice(name, {},
                          QStringList{QString::fromStdString(font.path), QString::number(font.face),
                                      QString::fromStdString(font.instance)});
    showNow();
}

void LetterSection::setMaterials(const std::vector<MaterialCard>& cards)
{
    m_cards = &cards;
    m_offers_threads.reset();
    showNow();
}

/// Materials for blades, threads for needles.
void LetterSection::offerMaterials(bool is_sewn)
{
    if (!m_cards || m_offers_threads == is_sewn)
        return;
    m_offers_threads = is_sewn;
    m_material->clear();
    m_material->addChoice(is_sewn ? tr("of the job's thread") : tr("of the job's material"), {}, QString());
    if (is_sewn)
        for (const auto& [name, colour] : threadColours())
            m_material->addChoice(tr("%1 thread").arg(name), {}, text(colour));
    else
        for (const auto& card : *m_cards)
            m_material->addChoice(text(card.name), {}, text(card.id));
}

void LetterSection::showValues()
{
    const auto& job = m_job.job();
    const auto words = toUtf32(job.words);
    const auto letters = m_view.letters();
    const double em = composed() ? composed()->mm_per_u * 1000.0 : 1.0;
    const double em_up = composed() ? composed()->mm_per_u_up * 1000.0 : 1.0;
    const bool has_letter = !letters.empty() && letters.front() < words.size();
    const auto& choice = has_letter ? job.lettering.letter(letters.front()) : LetterChoice();
    if (m_view.piece())
        m_title->setText(tr("This piece (Alt and arrows move it)"));
    else if (!has_letter)
        m_title->setText(tr("This letter"));
    else if (letters.size() == 1 && words[letters.front()] == kMotifCharacter)
        m_title->setText(tr("This motif"));
    else if (letters.size() == 1)
        m_title->setText(tr("This letter: %1").arg(QString::fromUcs4(&words[letters.front()], 1)));
    else
        m_title->setText(tr("These %1 letters").arg(letters.size()));
    const auto shown = [&](double em_share) { return fromMm(em_share * em, job.unit); };
    const auto set = [](QDoubleSpinBox* box, double value) {
        if (std::abs(box->value() - value) > 0.5 * std::pow(10.0, -box->decimals()) || !box->hasFocus())
            box->setValue(value);
    };
    const PlacedPiece* piece = m_view.piece() && *m_view.piece() < job.lettering.pieces.size()
                                   ? &job.lettering.pieces[*m_view.piece()]
                                   : nullptr;
    set(m_dx, shown(piece ? piece->x_em : choice.dx_em));
    set(m_dy, shown(piece ? piece->y_em : choice.dy_em) * em_up / em);
    set(m_turn, piece ? piece->turn_deg : choice.turn_deg);
    set(m_size, (piece ? piece->size : choice.size) * 100.0);
    set(m_before, shown(choice.before_em));
    for (auto* box : {m_dx, m_dy, m_turn, m_size})
        box->setEnabled(has_letter || piece);
    m_before->setEnabled(has_letter && !piece);
    m_reset->setEnabled(m_view.piece() || (has_letter && choice.isPlaced()));
    m_font->setEnabled(has_letter);
    m_keep_letters->setEnabled(has_letter && !m_view.piece());
    m_keep_part->setEnabled(composed() != nullptr);
    const int row = choice.font ? m_font->findData(QStringList{QString::fromStdString(choice.font->path),
                                                               QString::number(choice.font->face),
                                                               QString::fromStdString(choice.font->instance)})
                                : 0;
    m_font->setCurrentIndex(std::max(0, row));
    const bool is_sewn = isSewn(job.process); // blades know no stitches, needles no scores
    offerMaterials(is_sewn);
    m_operation->setVisible(!is_sewn);
    m_sewn->setVisible(is_sewn);
    m_sewn->setEnabled(has_letter && !piece);
    m_sewn->setCurrentIndex(std::max(0, m_sewn->findData(choice.sewn_as ? int(*choice.sewn_as) : -1)));
    const Handling& handling = piece ? piece->handling : choice.handling;
    for (auto* box : {m_material, m_operation})
        box->setEnabled(has_letter || piece);
    const QString material = text(handling.colour);
    if (m_material->findData(material) < 0) // a word that no card knows
        m_material->addChoice(material, {}, material);
    m_material->setCurrentIndex(std::max(0, m_material->findData(material)));
    m_operation->setCurrentIndex(
        std::max(0, m_operation->findData(handling.operation ? text(idOf(*handling.operation)) : QString())));
}

} // namespace ink::ui
