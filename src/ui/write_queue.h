// Work that writes, away from the interface thread: one after the other, in the order it was asked for. Nothing of it is
// overtaken, cancelled or dropped.
#pragma once

#include <QObject>
#include <QThreadPool>

#include <functional>

namespace ink::ui {

class WriteQueue : public QObject
{
    Q_OBJECT
public:
    explicit WriteQueue(QObject* parent = nullptr);
    ~WriteQueue() override;

    /// What `work` returns is called on this object's thread, always.
    using Answer = std::function<void()>;
    void add(std::function<Answer()> work);
    bool isIdle() const { return m_waiting == 0; }
    /// Waits for all that was asked for and calls its answers, which may ask for more.
    void finish();

private:
    QThreadPool m_pool;
    int m_waiting = 0;
};

} // namespace ink::ui
