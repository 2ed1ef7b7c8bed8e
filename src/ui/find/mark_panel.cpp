#include "ui/find/mark_panel.h"

#include "ui/core_words.h"

#include "ui/measures.h"
#include "ui/text.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

QString soft(const QString& words, const Theme& theme)
{
    return QStringLiteral("<span style='color:%1'>%2</span>")
        .arg(theme.colours().soft_ink.name(), words.toHtmlEscaped());
}

} // namespace

/// A button of two lines: figure and words, and under them what they mean. Buttons of Qt have no wrapped
/// text.
class MarkPanel::TextButton : public QPushButton
{
public:
    TextButton(const Theme& theme, bool has_sign, QWidget* parent)
        : QPushButton(parent), m_sign(has_sign ? new MarkLabel(theme, this) : nullptr),
          m_text(new QLabel(this))
    {
        setProperty("role", QStringLiteral("mark"));
        auto* row = new QHBoxLayout(this);
        row->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
        m_text->setWordWrap(true);
        m_text->setFont(theme.text(TextSize::Small));
        m_text->setAttribute(Qt::WA_TransparentForMouseEvents);
        if (m_sign) {
            m_sign->setAttribute(Qt::WA_TransparentForMouseEvents);
            row->addWidget(m_sign, 0, Qt::AlignTop);
        }
        row->addWidget(m_text, 1);
    }
    void say(const QString& html, const QString& spoken)
    {
        if (html == m_text->text()) // nobody is told of what stayed
            return;
        setAccessibleName(spoken);
        m_text->setText(html);
    }
    void setMark(Mark mark) { m_sign->setMark(mark); }
    QSize sizeHint() const override { return layout()->sizeHint(); }
    QSize minimumSizeHint() const override { return layout()->minimumSize(); }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return layout()->heightForWidth(width); }

private:
    MarkLabel* m_sign;
    QLabel* m_text;
};

MarkPanel::MarkPanel(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(0);
}

void MarkPanel::setLines(const std::vector<FitMarkLine>& lines)
{
    // A size is dragged with one of them in focus, and only figures change.
    if (!std::ranges::equal(lines, m_buttons, {}, &FitMarkLine::kind, [](const auto& b) { return b.first; }))
        makeButtons(lines);
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto& line = lines[i];
        auto* button = m_buttons[i].second;
        button->say(QStringLiteral("<b>%1</b> %2<br>%3")
                        .arg(line.figure.toHtmlEscaped(), line.words.toHtmlEscaped(),
                             soft(line.explanation, m_theme)),
                    line.figure + QLatin1Char(' ') + line.words + QStringLiteral(". ") + line.explanation);
        button->setMark(line.mark);
        button->setToolTip(line.places.empty()
                               ? line.explanation
                               : line.explanation + QLatin1Char('\n') + QObject::tr("Press to see where."));
    }
    setShown(m_shown);
}

void MarkPanel::makeButtons(const std::vector<FitMarkLine>& lines)
{
    for (const auto& [kind, button] : m_buttons)
        delete button;
    m_buttons.clear();
    // Each that is shown would lay the whole panel out again. (What is deleted now would not be taken out.)
    m_column->setEnabled(false);
    for (const auto& line : lines) {
        auto* button = new TextButton(m_theme, true, this);
        button->setObjectName(QStringLiteral("mark%1").arg(static_cast<int>(line.kind)));
        button->setCheckable(true);
        connect(button, &QPushButton::clicked, this, [this, kind = line.kind](bool is_on) {
            setShown(is_on ? std::optional(kind) : std::nullopt);
            emit shownChanged(m_shown);
        });
        m_column->insertWidget(static_cast<int>(m_buttons.size()), button);
        button->show();
        m_buttons.emplace_back(line.kind, button);
    }
    m_column->setEnabled(true);
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
    if (!m_limits) {
        m_limits = new TextButton(m_theme, false, this);
        m_limits->setObjectName(QStringLiteral("processLimits"));
        m_limits->setToolTip(tr("Your machine and material may hold more, or less"));
        m_column->addWidget(m_limits);
        connect(m_limits, &QPushButton::clicked, this, &MarkPanel::limitsWanted);
    }
    m_limits->say(html, what + QLatin1Char(' ') + figures + QStringLiteral(". ") + whose);
}

void MarkPanel::setShown(std::optional<FitMarkKind> kind)
{
    m_shown = kind;
    for (const auto& [own, button] : m_buttons)
        button->setChecked(kind == own);
}

} // namespace ink::ui
