#include "ui/accessible_views.h"

#include "ui/compose/dressing_strip.h"
#include "ui/compose/paper_accessible.h"
#include "ui/compose/try_on_strip.h"
#include "ui/compose/weld_view.h"
#include "ui/handoff/pattern_view.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/handoff/sheet_view.h"
#include "ui/needle/cloth_view.h"
#include "ui/proof/pieces_view.h"

#include <QAccessibleWidget>

namespace ink::ui {
namespace {

/// Time is a slider: its value is in seconds, and is said in words by the description.
class RibbonTime : public QAccessibleWidget, public QAccessibleValueInterface
{
public:
    explicit RibbonTime(RunRibbon* ribbon) : QAccessibleWidget(ribbon, QAccessible::Slider), m_ribbon(ribbon)
    {
    }
    void* interface_cast(QAccessible::InterfaceType type) override
    {
        return type == QAccessible::ValueInterface ? static_cast<QAccessibleValueInterface*>(this)
                                                   : QAccessibleWidget::interface_cast(type);
    }
    QVariant currentValue() const override { return m_ribbon->time(); }
    void setCurrentValue(const QVariant& value) override { m_ribbon->setTime(value.toDouble()); }
    QVariant minimumValue() const override { return 0.0; }
    QVariant maximumValue() const override { return m_ribbon->duration(); }
    QVariant minimumStepSize() const override { return 1.0; }

private:
    RunRibbon* m_ribbon;
};

template <class... Views>
bool isOneOf(const QObject* object)
{
    return (qobject_cast<const Views*>(object) || ...);
}

QAccessibleInterface* viewInterface(const QString&, QObject* object)
{
    if (auto* ribbon = qobject_cast<RunRibbon*>(object))
        return new RibbonTime(ribbon);
    if (isOneOf<TryOnStrip, DressingStrip>(object))
        return new QAccessibleWidget(static_cast<QWidget*>(object), QAccessible::List);
    if (isOneOf<WeldView, SheetView, PatternView, ClothView, PiecesView>(object))
        return new QAccessibleWidget(static_cast<QWidget*>(object), QAccessible::Canvas);
    return nullptr;
}

} // namespace

void makeViewsAccessible()
{
    static const bool is_installed = [] {
        // The last one installed is asked first; the words on the paper are a drawn view, too.
        QAccessible::installFactory(viewInterface);
        makePaperAccessible();
        return true;
    }();
    static_cast<void>(is_installed);
}

} // namespace ink::ui
