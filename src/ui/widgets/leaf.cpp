#include "ui/widgets/leaf.h"

#include <QApplication>
#include <QMouseEvent>
#include <QScrollArea>
#include <QScrollBar>
#include <QShortcut>
#include <QVBoxLayout>

#include <algorithm>
#include <utility>

namespace ink::ui {

Leaf::Leaf(const Theme& theme, QWidget* page) : QFrame(page), m_theme(theme)
{
    setObjectName(QStringLiteral("leaf"));
    setAttribute(Qt::WA_StyledBackground);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(4 * kGrid, 3 * kGrid, 2 * kGrid, 3 * kGrid);
    m_scroll = new QScrollArea(this);
    m_scroll->setObjectName(QStringLiteral("leafScroll"));
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    column->addWidget(m_scroll);
    auto* escape = new QShortcut(Qt::Key_Escape, this);
    escape->setContext(Qt::WidgetWithChildrenShortcut);
    connect(escape, &QShortcut::activated, this, [this] {
        emit takenBack();
        close();
    });
    hide();
    page->installEventFilter(this);
}

void Leaf::open(QWidget* controls, QWidget* under)
{
    close();
    m_controls = controls;
    m_under = under;
    m_scroll->setWidget(controls);
    controls->show();
    fit();
    show();
    raise();
    qApp->installEventFilter(this);
    for (auto* widget = controls->nextInFocusChain(); widget && widget != controls;
         widget = widget->nextInFocusChain())
        if (controls->isAncestorOf(widget) && widget->isEnabled() && widget->isVisible() &&
            (widget->focusPolicy() & Qt::TabFocus)) {
            widget->setFocus(Qt::TabFocusReason);
            break;
        }
}

void Leaf::close()
{
    if (!m_controls)
        return;
    qApp->removeEventFilter(this);
    const bool had_focus = isAncestorOf(QApplication::focusWidget());
    m_scroll->takeWidget();
    auto* controls = m_controls.data();
    m_controls = nullptr;
    controls->hide();
    controls->setParent(parentWidget());
    hide();
    if (had_focus && m_under && m_under->isVisible())
        m_under->setFocus();
    emit closed();
}

/// Under the words where there is room, else as far up as it takes; scrolls where the page is too small.
void Leaf::fit()
{
    if (!m_controls || !m_under)
        return;
    const QRect page = parentWidget()->rect().adjusted(kGrid, kGrid, -kGrid, -kGrid);
    const QMargins air = layout()->contentsMargins();
    m_controls->setMinimumWidth(0);
    const int bar = m_scroll->verticalScrollBar()->sizeHint().width() + kGrid;
    const int wanted_width =
        std::clamp(m_controls->sizeHint().width(), m_theme.scaled(248), m_theme.scaled(460));
    const int width = std::min(page.width(), wanted_width + air.left() + air.right() + bar);
    const int inner = width - air.left() - air.right() - bar;
    const int wanted_height =
        m_controls->hasHeightForWidth() ? m_controls->heightForWidth(inner) : m_controls->sizeHint().height();
    const int height = std::min(page.height(), wanted_height + air.top() + air.bottom() + 2);
    const QPoint under = m_under->mapTo(parentWidget(), QPoint(0, m_under->height() + kGrid));
    const int left = isRightToLeft() ? under.x() + m_under->width() - width : under.x();
    setGeometry(std::clamp(left, page.left(), std::max(page.left(), page.right() + 1 - width)),
                std::clamp(under.y(), page.top(), std::max(page.top(), page.bottom() + 1 - height)), width,
                height);
}

bool Leaf::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == parentWidget() && event->type() == QEvent::Resize)
        fit();
    if (watched == parentWidget() && event->type() == QEvent::Hide)
        close();
    if (m_controls && event->type() == QEvent::LayoutRequest && watched == m_controls)
        fit();
    if (m_controls && event->type() == QEvent::MouseButtonPress) {
        // Lists and menus that were opened from it are windows of their own.
        const auto* widget = qobject_cast<QWidget*>(watched);
        // What a label in it does not take is sent on to the page below: the place tells, not who is told.
        const QPoint at = static_cast<QMouseEvent*>(event)->globalPosition().toPoint();
        const auto holds = [&](const QWidget* part) {
            return part && part->rect().contains(part->mapFromGlobal(at));
        };
        if (widget && widget->window() == window() && !holds(this) && !holds(m_under))
            close();
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace ink::ui
