#include "ui/slot_pool.h"

#include <QMetaObject>
#include <QRunnable>
#include <QThread>

#include <algorithm>

namespace ink::ui {

SlotPool::SlotPool(QObject* parent) : QObject(parent)
{
    m_pool.setMaxThreadCount(std::max(1, QThread::idealThreadCount()));
}

SlotPool::~SlotPool()
{
    m_pool.clear();
    for (auto& pending : m_pending)
        pending.cancel.cancel();
    m_pool.waitForDone();
}

void SlotPool::cancel(quint64 slot)
{
    if (const auto it = m_pending.find(slot); it != m_pending.end()) {
        it->cancel.cancel();
        m_pending.erase(it);
    }
}

void SlotPool::run(quint64 slot, int priority, std::function<Answer(const CancelToken&)> work)
{
    cancel(slot);
    Pending pending;
    pending.serial = ++m_serial;
    m_pending.insert(slot, pending);
    auto task = [this, slot, serial = pending.serial, token = pending.cancel.token(),
                 work = std::move(work)] {
        if (token.isCancelled())
            return;
        auto answer = work(token);
        QMetaObject::invokeMethod(
            this,
            [this, slot, serial, answer = std::move(answer)] {
                const auto it = m_pending.find(slot);
                if (it == m_pending.end() || it->serial != serial)
                    return;
                m_pending.erase(it);
                answer();
            },
            Qt::QueuedConnection);
    };
    m_pool.start(QRunnable::create(std::move(task)), priority);
}

} // namespace ink::ui
