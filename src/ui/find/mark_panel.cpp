#include "ui/find/mark_panel.h"

#include "ui/core_words.h"

#include "ui/measures.h"
#include "ui/text.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

/// A button of two lines: figure and words, and under them what they mean. Buttons of Qt have no wrapped
/// text.
class TextButton : public QPushButton
{
public:
    TextButton(const Theme& theme, const QString& html, std::optional<Mark> mark, QWidget* parent)
        : QPushButton(parent)
    {
        setProperty("role", QStringLiteral("mark"));
        auto* row = new QHBoxLayout(this);
        row->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
        if (mark) {
            auto* sign = new MarkLabel(theme, this);
            sign->setMark(*mark);
            sign->setAttribute(Qt::WA_TransparentForMouseEvents);
            row->addWidget(sign, 0, Qt::AlignTop);
        }
        auto* text = new QLabel(html, this);
        text->setWordWrap(true);
        text->setFont(theme.text(TextSize::Small));
        text->setAttribute(Qt::WA_TransparentForMouseEvents);
        row->addWidget(text, 1);
    }
    QSize sizeHint() const override { return layout()->sizeHint(); }
    QSize minimumSizeHint() const override { return layout()->minimumSize(); }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return layout()->heightForWidth(width); }
};

QString soft(const QString& words, const Theme& theme)
{
    return QStringLiteral("<span style='color:%1'>%2</span>")
        .arg(theme.colours().soft_ink.name(), words.toHtmlEscaped());
}

QPushButton* markButton(const FitMarkLine& line, const Theme& theme, QWidget* parent)
{
    auto* button = new TextButton(
        theme,
        QStringLiteral("<b>%1</b> %2<br>%3")
            .arg(line.figure.toHtmlEscaped(), line.words.toHtmlEscaped(), soft(line.explanation, theme)),
        line.mark, parent);
    button->setCheckable(true);
    button->setAccessibleName(line.figure + QLatin1Char(' ') + line.words + QStringLiteral(". ") +
                              line.explanation);
    button->setToolTip(line.places.empty()
                           ? line.explanation
                           : line.explanation + QLatin1Char('\n') + QObject::tr("Press to see where."));
    return button;
}

} // namespace

MarkPanel::MarkPanel(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(0);
}

void MarkPanel::setLines(const std::vector<FitMarkLine>& lines)
{
    std::vector<QString> key;
    for (const auto& line : lines)
        key.push_back(line.figure + line.words + line.explanation);
    if (key == m_key)
        return;
    m_key = std::move(key);
    for (const auto& [kind, button] : m_buttons)
        delete button;
    m_buttons.clear();
    for (const auto& line : lines) {
        auto* button = markButton(line, m_theme, this);
        button->setObjectName(QStringLiteral("mark%1").arg(static_cast<int>(line.kind)));
        connect(button, &QPushButton::clicked, this, [this, kind = line.kind](bool is_on) {
            setShown(is_on ? std::optional(kind) : std::nullopt);
            emit shownChanged(m_shown);
        });
        m_column->insertWidget(static_cast<int>(m_buttons.size()), button);
        m_buttons.emplace_back(line.kind, button);
    }
    setShown(m_shown);
}

void MarkPanel::setLimits(const Job& job)
{
    const ProcessLimits limits = job.limits();
    const auto& process = infoOf(job.process);
    const QString what = tr("%1 %2 holds").arg(said(process.tool), said(process.in_what));
    const QString figures =
        tr("strokes from %1 (no care from %2), gaps from %3, pieces from %4")
            .arg(fineLength(limits.stroke_floor_mm, job.unit),
                 fineLength(limits.stroke_comfortable_mm, job.unit), fineLength(limits.gap_mm, job.unit),
                 area(limits.smallest_piece_mm2, job.unit));
    const QString whose = job.own_limits.contains(job.process)
                              ? tr("Your own figures.")
                              : tr("Usual figures, from memory of the trade.");
    const QString html =
        QStringLiteral("<b>%1</b><br>%2<br>%3 <u>%4</u>")
            .arg(what.toHtmlEscaped(), soft(figures, m_theme), soft(whose, m_theme), tr("Change them"));
    if (html == m_limits_text)
        return;
    m_limits_text = html;
    const bool had_focus = m_limits && m_limits->hasFocus();
    delete m_limits;
    m_limits = new TextButton(m_theme, html, std::nullopt, this);
    m_limits->setObjectName(QStringLiteral("processLimits"));
    m_limits->setAccessibleName(what + QLatin1Char(' ') + figures + QStringLiteral(". ") + whose);
    m_limits->setToolTip(tr("Your machine and material may hold more, or less"));
    m_column->addWidget(m_limits);
    if (had_focus)
        m_limits->setFocus();
    connect(m_limits, &QPushButton::clicked, this, &MarkPanel::limitsWanted);
}

void MarkPanel::setShown(std::optional<FitMarkKind> kind)
{
    m_shown = kind;
    for (const auto& [own, button] : m_buttons)
        button->setChecked(kind == own);
}

} // namespace ink::ui
