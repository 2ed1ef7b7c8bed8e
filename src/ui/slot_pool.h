// Work away from the interface thread, by slot: the newest request of a slot wins, an older one that still
// runs is cancelled and its answer dropped.
#pragma once

#include "core/base/cancel.h"

#include <QHash>
#include <QObject>
#include <QThreadPool>

#include <functional>

namespace ink::ui {

class SlotPool : public QObject
{
    Q_OBJECT
public:
    explicit SlotPool(QObject* parent = nullptr);
    ~SlotPool() override;

    /// What `work` returns is called on this object's thread, unless a newer request of the slot came first.
    using Answer = std::function<void()>;
    /// A higher priority runs earlier.
    void run(quint64 slot, int priority, std::function<Answer(const CancelToken&)> work);
    void cancel(quint64 slot);
    bool isIdle() const { return m_pending.isEmpty(); }

private:
    struct Pending
    {
        CancelSource cancel;
        quint64 serial = 0;
    };
    QThreadPool m_pool;
    QHash<quint64, Pending> m_pending;
    quint64 m_serial = 0;
};

} // namespace ink::ui
