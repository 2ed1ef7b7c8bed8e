#include "ui/job_band.h"

#include "ui/core_words.h"

#include "ui/measures.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/undo_through.h"
#include "ui/widgets/words_edit.h"

#include <QAbstractSpinBox>
#include <QButtonGroup>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPaintEvent>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>

namespace ink::ui {
namespace {

constexpr int kPerforation = 4; // radius of the holes along the torn edge
constexpr int kPitch = 12;
constexpr int kAnswer_px = 48;
constexpr int kTwoLines_px = 66; // the words stay the largest type when there are two lines of them

} // namespace

JobBand::JobBand(JobModel& model, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_model(model), m_theme(theme)
{
    setObjectName(QStringLiteral("jobBand"));
    build();
    showJob();
    connect(&m_model, &JobModel::changed, this, &JobBand::showJob);
}

QWidget* JobBand::section(const QString& caption, QWidget* content)
{
    auto* box = new QWidget(this);
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(kMargin, 0, kMargin, 0);
    layout->setSpacing(2);
    auto* label = new QLabel(caption, box);
    label->setFont(m_theme.text(TextSize::Tiny));
    label->setBuddy(content->focusProxy() ? content->focusProxy() : content);
    // Captions stand on one line across the band, and so do the answers below them.
    content->setFixedHeight(m_theme.scaled(kAnswer_px));
    layout->addWidget(label);
    m_captions.push_back(label);
    layout->addWidget(content);
    layout->addStretch(1);
    m_sections.push_back(box);
    return box;
}

void JobBand::build()
{
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, kGrid * 3, 0, kGrid * 2 + kPerforation);
    row->setSpacing(0);

    m_words = new WordsEdit(m_theme, this);
    m_words->setObjectName(QStringLiteral("words"));
    m_words->setAccessibleName(tr("Words of this job"));
    connect(m_words, &WordsEdit::wordsEdited, &m_model, &JobModel::setWords);
    m_words->setMinimumWidth(m_theme.scaled(170)); // the answers beside them give way first
    auto* words = section(tr("Words of this job"), m_words);
    row->addWidget(words, 1);

    row->addWidget(section(tr("Finished size"), buildSize()));
    m_process = new Choice(m_theme, this);
    m_process->setObjectName(QStringLiteral("process"));
    m_process->setAccessibleName(tr("Made with"));
    for (const auto& info : allProcesses())
        m_process->addChoice(said(info.tool), said(info.in_what), static_cast<int>(info.process));
    connect(m_process, &QComboBox::activated, this,
            [this] { m_model.setProcess(static_cast<Process>(m_process->currentData().toInt())); });
    row->addWidget(section(tr("Made with"), m_process));

    auto* purpose = new QWidget(this);
    auto* purpose_row = new QHBoxLayout(purpose);
    purpose_row->setContentsMargins(0, 0, 0, 0);
    purpose_row->setSpacing(0);
    auto* group = new QButtonGroup(this);
    const auto add = [&](const QString& text, const char* name, Purpose value) {
        auto* button = new QPushButton(text, purpose);
        button->setObjectName(QLatin1String(name));
        button->setAccessibleName(tr("For %1").arg(text));
        button->setCheckable(true);
        button->setFont(m_theme.text(TextSize::Small));
        group->addButton(button);
        purpose_row->addWidget(button);
        connect(button, &QPushButton::clicked, this, [this, value] { m_model.setPurpose(value); });
        return button;
    };
    m_sale = add(tr("sale"), "purposeSale", Purpose::Sale);
    m_gift = add(tr("a gift"), "purposeGift", Purpose::Gift);
    purpose->setFocusProxy(m_sale);
    row->addWidget(section(tr("For"), purpose));
}

QWidget* JobBand::buildSize()
{
    auto* size = new QWidget(this);
    auto* size_row = new QHBoxLayout(size);
    size_row->setContentsMargins(0, 0, 0, 0);
    size_row->setSpacing(8);
    m_size = new QDoubleSpinBox(size);
    m_size->setObjectName(QStringLiteral("size"));
    m_size->setAccessibleName(tr("Finished size"));
    m_size->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_size->setFont(m_theme.text(TextSize::Title));
    m_size->setKeyboardTracking(true);
    m_size->setRange(0.0, 1e6); // what cannot be made is said in words, not typed away
    new UndoThrough(m_size);
    m_size->setFixedWidth(m_theme.scaled(84));
    m_unit = new Choice(m_theme, size);
    m_unit->setObjectName(QStringLiteral("unit"));
    m_unit->setAccessibleName(tr("Unit"));
    m_unit->addChoice(tr("mm"), {}, static_cast<int>(LengthUnit::Millimetre));
    m_unit->addChoice(tr("in"), {}, static_cast<int>(LengthUnit::Inch));
    m_by = new Choice(m_theme, size);
    m_by->setObjectName(QStringLiteral("sizeBy"));
    m_by->setAccessibleName(tr("Which side the size is"));
    m_by->addChoice(tr("wide"), {}, static_cast<int>(SizeBy::Width));
    m_by->addChoice(tr("high"), {}, static_cast<int>(SizeBy::Height));
    m_by->addChoice(tr("capitals"), {}, static_cast<int>(SizeBy::CapHeight));
    m_by->addChoice(tr("small letters"), {}, static_cast<int>(SizeBy::XHeight));
    m_by->addChoice(tr("em"), {}, static_cast<int>(SizeBy::Em));
    m_other = new QLabel(size);
    m_other->setObjectName(QStringLiteral("otherSide"));
    m_other->setFont(m_theme.text(TextSize::Small));
    m_other->setMinimumWidth(QFontMetrics(m_other->font()).horizontalAdvance(QStringLiteral("000.0 wide")));
    for (QWidget* w : {static_cast<QWidget*>(m_size), static_cast<QWidget*>(m_unit),
                       static_cast<QWidget*>(m_by), static_cast<QWidget*>(m_other)})
        size_row->addWidget(w);
    size->setFocusProxy(m_size);
    connect(m_size, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        FinishedSize changed = m_model.job().size;
        changed.value_mm = toMm(value, m_model.job().unit);
        m_model.setSize(changed);
    });
    connect(m_unit, &QComboBox::activated, this,
            [this] { m_model.setUnit(static_cast<LengthUnit>(m_unit->currentData().toInt())); });
    connect(m_by, &QComboBox::activated, this, [this] {
        FinishedSize changed = m_model.job().size;
        changed.by = static_cast<SizeBy>(m_by->currentData().toInt());
        // The thing itself keeps its size: another measure of it is asked for from now on.
        if (const auto now = m_measures_mm.find(changed.by);
            changed.by != m_model.job().size.by && now != m_measures_mm.end())
            changed.value_mm = shownValue(now->second, m_model.job().unit);
        // Out of proportion it stays, as its other side.
        const auto before = m_measures_mm.find(m_model.job().size.by);
        if (changed.by != m_model.job().size.by)
            changed.other_mm = m_model.job().size.isOutOfProportion() && before != m_measures_mm.end()
                                   ? std::optional(before->second)
                                   : std::nullopt;
        m_model.setSize(changed);
    });
    return size;
}

void JobBand::showJob()
{
    const auto& job = m_model.job();
    m_words->showWords(QString::fromStdString(job.words));
    const auto& list = job.names;
    m_captions.front()->setText(list.isEmpty() ? tr("Words of this job")
                                               : tr("Words of this job · %1 of %n name(s)", nullptr,
                                                    static_cast<int>(list.names.size()))
                                                     .arg(list.shown + 1));
    m_words->setFixedHeight(m_theme.scaled(m_words->blockCount() > 1 ? kTwoLines_px : kAnswer_px));
    {
        const QSignalBlocker blocker(m_size);
        const bool inches = job.unit == LengthUnit::Inch;
        // Setting what is set already would rewrite a figure that is half typed.
        if (const int decimals = inches ? 3 : 1; m_size->decimals() != decimals) {
            m_size->setDecimals(decimals);
            m_size->setSingleStep(inches ? 0.125 : 1.0);
        }
        // Half-typed figures stay as they are typed.
        if (const double shown = fromMm(job.size.value_mm, job.unit);
            qAbs(m_size->value() - shown) > (inches ? 5e-4 : 0.05))
            m_size->setValue(shown);
    }
    m_unit->setCurrentIndex(m_unit->findData(static_cast<int>(job.unit)));
    m_by->setCurrentIndex(std::max(0, m_by->findData(static_cast<int>(job.size.by))));
    m_process->setCurrentIndex(m_process->findData(static_cast<int>(job.process)));
    m_sale->setChecked(job.purpose == Purpose::Sale);
    m_gift->setChecked(job.purpose == Purpose::Gift);
    showOther();
}

void JobBand::showMeasures(const std::map<SizeBy, double>& measures_mm)
{
    m_measures_mm = measures_mm;
    showOther();
}

void JobBand::showOther()
{
    const auto& job = m_model.job();
    const bool by_width = job.size.by == SizeBy::Width;
    const auto other = m_measures_mm.find(by_width ? SizeBy::Height : SizeBy::Width);
    m_other->setText(other == m_measures_mm.end()
                         ? QString()
                         : QStringLiteral("%1 %2").arg(figure(other->second, job.unit),
                                                       by_width ? tr("high") : tr("wide")));
    m_other->setToolTip(job.size.isOutOfProportion() ? tr("Asked for as well: the proportions are not kept")
                                                     : tr("Follows from the size and the proportions"));
    m_other->setProperty("asked", job.size.isOutOfProportion());
    QFont font = m_theme.text(TextSize::Small, job.size.isOutOfProportion());
    m_other->setFont(font);
}

void JobBand::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    // Large text in a small window: what the person asked for stays, what follows from it gives way.
    m_other->setVisible(width() > m_theme.scaled(820));
}

void JobBand::focusWords()
{
    m_words->setFocus();
    m_words->selectAll();
}

void JobBand::paintEvent(QPaintEvent* event)
{
    QPainter painter(this);
    const auto& c = m_theme.colours();
    painter.fillRect(rect(), c.band);
    painter.setPen(QPen(c.on_band_soft, 1, Qt::DashLine));
    painter.setOpacity(0.45);
    for (std::size_t i = 1; i < m_sections.size(); ++i) {
        const int x = m_sections[i]->x();
        painter.drawLine(x, 0, x, height() - kPerforation * 2);
    }
    painter.setOpacity(1.0);
    if (event->rect().bottom() < height() - kPerforation - 1)
        return; // typing repaints the words, not the torn edge
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.paper);
    for (int x = kPitch / 2; x < width() + kPitch; x += kPitch)
        painter.drawEllipse(QPointF(x, height()), kPerforation, kPerforation);
}

} // namespace ink::ui
