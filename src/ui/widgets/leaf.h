// A few controls that open right under the words they change, and close again: Escape takes back what was done in it.
#pragma once

#include "ui/theme.h"

#include <QFrame>
#include <QPointer>

class QScrollArea;

namespace ink::ui {

class Leaf : public QFrame
{
    Q_OBJECT
public:
    /// Lies over `page`, which has to outlive it.
    Leaf(const Theme& theme, QWidget* page);

    /// `controls` belongs to the leaf until it closes, then to `page` again, hidden.
    void open(QWidget* controls, QWidget* under);
    /// The controls that are open; null when it is closed.
    QWidget* controls() const { return m_controls; }
    QWidget* under() const { return m_under; }
    void close();
    /// Its contents, or the place it belongs to, have another size.
    void fit();

signals:
    /// Escape: what was done since it opened goes back.
    void takenBack();
    void closed();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    const Theme& m_theme;
    QScrollArea* m_scroll = nullptr;
    QPointer<QWidget> m_controls, m_under;
};

} // namespace ink::ui
