#include "ui/find/mark_panel.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

/// A button of two lines: figure and words, and under them what they mean. Buttons of Qt have no wrapped
/// text.
class MarkButton : public QPushButton
{
public:
    MarkButton(const FitMarkLine& line, const Theme& theme, QWidget* parent) : QPushButton(parent)
    {
        setCheckable(true);
        setProperty("role", QStringLiteral("mark"));
        setAccessibleName(line.figure + QLatin1Char(' ') + line.words + QStringLiteral(". ") +
                          line.explanation);
        setToolTip(line.places.empty() ? line.explanation
                                       : line.explanation + QLatin1Char('\n') + tr("Press to see where."));
        auto* row = new QHBoxLayout(this);
        row->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
        auto* mark = new MarkLabel(theme, this);
        mark->setMark(line.mark);
        row->addWidget(mark, 0, Qt::AlignTop);
        auto* text = new QLabel(QStringLiteral("<b>%1</b> %2<br><span style='color:%3'>%4</span>")
                                    .arg(line.figure.toHtmlEscaped(), line.words.toHtmlEscaped(),
                                         theme.colours().soft_ink.name(), line.explanation.toHtmlEscaped()),
                                this);
        text->setWordWrap(true);
        text->setFont(theme.text(TextSize::Small));
        text->setAttribute(Qt::WA_TransparentForMouseEvents);
        mark->setAttribute(Qt::WA_TransparentForMouseEvents);
        row->addWidget(text, 1);
    }
    QSize sizeHint() const override { return layout()->sizeHint(); }
    QSize minimumSizeHint() const override { return layout()->minimumSize(); }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return layout()->heightForWidth(width); }
};

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
        auto* button = new MarkButton(line, m_theme, this);
        button->setObjectName(QStringLiteral("mark%1").arg(static_cast<int>(line.kind)));
        connect(button, &QPushButton::clicked, this, [this, kind = line.kind](bool is_on) {
            setShown(is_on ? std::optional(kind) : std::nullopt);
            emit shownChanged(m_shown);
        });
        m_column->addWidget(button);
        m_buttons.emplace_back(line.kind, button);
    }
    setShown(m_shown);
}

void MarkPanel::setShown(std::optional<FitMarkKind> kind)
{
    m_shown = kind;
    for (const auto& [own, button] : m_buttons)
        button->setChecked(kind == own);
}

} // namespace ink::ui
