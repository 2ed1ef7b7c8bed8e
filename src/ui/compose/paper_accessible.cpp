#include "ui/compose/paper_accessible.h"

#include "ui/compose/lettering_view.h"

#include <QAccessible>
#include <QAccessibleWidget>

namespace ink::ui {
namespace {

class PaperText : public QAccessibleWidget, public QAccessibleTextInterface
{
public:
    explicit PaperText(LetteringView* view) : QAccessibleWidget(view, QAccessible::EditableText), m_view(view)
    {
    }

    void* interface_cast(QAccessible::InterfaceType type) override
    {
        return type == QAccessible::TextInterface ? static_cast<QAccessibleTextInterface*>(this)
                                                  : QAccessibleWidget::interface_cast(type);
    }
    QString text(QAccessible::Text type) const override
    {
        return type == QAccessible::Value ? m_view->words() : QAccessibleWidget::text(type);
    }

    void selection(int index, int* start, int* end) const override
    {
        const auto [from, to] = m_view->selection();
        *start = index == 0 ? utf16(from) : 0;
        *end = index == 0 ? utf16(to) : 0;
    }
    int selectionCount() const override { return m_view->hasSelection() ? 1 : 0; }
    void addSelection(int start, int end) override { setSelection(0, start, end); }
    void removeSelection(int) override { m_view->setCaret(m_view->caret()); }
    void setSelection(int, int start, int end) override
    {
        m_view->setCaret(character(start));
        m_view->setCaret(character(end), true);
    }
    int cursorPosition() const override { return utf16(m_view->caret()); }
    void setCursorPosition(int position) override { m_view->setCaret(character(position)); }
    QString text(int start, int end) const override { return m_view->words().mid(start, end - start); }
    int characterCount() const override { return static_cast<int>(m_view->words().size()); }
    QRect characterRect(int offset) const override
    {
        return m_view->caretRect(character(offset))
            .toAlignedRect()
            .translated(m_view->mapToGlobal(QPoint(0, 0)));
    }
    int offsetAtPoint(const QPoint& point) const override
    {
        return utf16(m_view->characterAt(m_view->mapFromGlobal(QPointF(point))));
    }
    void scrollToSubstring(int, int) override {}
    QString attributes(int, int* start, int* end) const override
    {
        *start = 0;
        *end = characterCount();
        return {};
    }

private:
    /// The words count characters, the interface counts UTF-16.
    int utf16(std::size_t character) const
    {
        const auto all = m_view->words().toUcs4();
        const auto count = std::min(static_cast<qsizetype>(character), all.size());
        return static_cast<int>(
            QString::fromUcs4(reinterpret_cast<const char32_t*>(all.constData()), count).size());
    }
    std::size_t character(int offset) const
    {
        return static_cast<std::size_t>(m_view->words().left(offset).toUcs4().size());
    }

    LetteringView* m_view;
};

QAccessibleInterface* paperInterface(const QString&, QObject* object)
{
    auto* view = qobject_cast<LetteringView*>(object);
    return view ? new PaperText(view) : nullptr;
}

} // namespace

void makePaperAccessible()
{
    static const bool is_installed = [] {
        QAccessible::installFactory(paperInterface);
        return true;
    }();
    static_cast<void>(is_installed);
}

} // namespace ink::ui
