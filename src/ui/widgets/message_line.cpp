#include "ui/widgets/message_line.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <algorithm>

namespace ink::ui {

namespace {

/// Of the letters' height: what the figures have at least, to be taken for the words of a message.
constexpr int kLeastWidth_heights = 24;
/// Most messages are no longer than these: the footer has room for them, so that they hide nothing.
constexpr int kLines = 2;

} // namespace

MessageLine::MessageLine(const Theme& theme, QWidget* figures, QWidget* window)
    : QWidget(window), m_theme(theme), m_figures(figures), m_footer(figures->parentWidget()),
      m_mark(new MarkLabel(theme, this)), m_text(new QLabel(this)),
      m_close(new QPushButton(tr("Close"), this))
{
    setObjectName(QStringLiteral("messageLine"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    const QMargins margins(kGrid * 2, 4, kGrid * 2, 2); // the rule above is drawn inside
    row->setContentsMargins(margins);
    row->setSpacing(kGrid * 2);
    m_text->setObjectName(QStringLiteral("messageText"));
    m_text->setFont(theme.text(TextSize::Small));
    m_text->setWordWrap(true);
    m_text->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_close->setProperty("role", QStringLiteral("link"));
    m_close->setFont(theme.text(TextSize::Small));
    m_close->setAccessibleName(tr("Close the message"));
    row->addWidget(m_mark, 0, Qt::AlignVCenter);
    row->addWidget(m_text, 1);
    row->addWidget(m_close, 0, Qt::AlignVCenter);
    connect(m_close, &QPushButton::clicked, this, &QWidget::hide);
    m_footer->setMinimumHeight(kLines * QFontMetrics(m_text->font()).lineSpacing() + margins.top() +
                               margins.bottom());
    m_figures->installEventFilter(this);
    m_footer->installEventFilter(this);
    hide();
}

void MessageLine::show(Mark mark, const QString& text)
{
    const auto& c = m_theme.colours();
    const QColor colour = colourOf(mark, c);
    m_tells_done = mark == Mark::InOrder;
    m_mark->setMark(mark);
    m_text->setText(text.toHtmlEscaped());
    m_text->setAccessibleName(text);
    setStyleSheet(QStringLiteral("#messageLine { background: %1; border-top: 2px solid %2; }")
                      .arg(c.honey.name(), colour.name()));
    place();
    raise();
    setVisible(true);
}

void MessageLine::withdraw()
{
    if (m_tells_done)
        hide();
}

bool MessageLine::eventFilter(QObject* watched, QEvent* event)
{
    if (isVisible() && (event->type() == QEvent::Resize || event->type() == QEvent::Move))
        place();
    return QWidget::eventFilter(watched, event);
}

void MessageLine::place()
{
    ensurePolished();
    const QRect footer = m_footer->geometry();
    QRect room(m_figures->mapTo(parentWidget(), QPoint()), m_figures->size());
    const bool is_over_figures = room.width() >= kLeastWidth_heights * m_text->fontMetrics().height();
    if (!is_over_figures)
        room = footer;
    const int height = layout()->totalHeightForWidth(room.width());
    const int end = is_over_figures ? footer.bottom() : footer.top() - 1;
    const int tall = is_over_figures ? std::max(height, footer.height()) : height;
    setGeometry(room.left(), end + 1 - tall, room.width(), tall);
}

} // namespace ink::ui
