// A station: one step of the work, with a place on the rail and a page of its own. The window knows no more of it than this
// (docs/architecture.md, "Adding a station").
#pragma once

#include "core/base/error.h"

#include <QString>
#include <QWidget>

namespace ink::ui {

class Station : public QWidget
{
    Q_OBJECT
public:
    using QWidget::QWidget;

    /// "Compose": on the rail, and in its object name.
    virtual QString title() const = 0;
    /// The living figure below the title: "4 pieces".
    virtual QString figure() const = 0;
    /// It was opened: what the hand goes on with gets the focus.
    virtual void activate() = 0;
    /// Nothing is being made or looked for.
    virtual bool isIdle() const = 0;
    /// Of the handbook: "compose.md".
    virtual QString handbookPage() const { return QStringLiteral("index.md"); }
    /// The window closes: what is half typed is taken over.
    virtual void finish() {}

signals:
    void figureChanged();
    /// Something was done, in one sentence.
    void told(const QString& words);
    void problem(const ink::Error& error);
    void composeWanted();
};

} // namespace ink::ui
