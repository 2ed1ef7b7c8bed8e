#include "ui/write_queue.h"

#include <QCoreApplication>
#include <QEvent>
#include <QMetaObject>

#include <utility>

namespace ink::ui {

WriteQueue::WriteQueue(QObject* parent) : QObject(parent)
{
    m_pool.setMaxThreadCount(1);
}

WriteQueue::~WriteQueue()
{
    m_pool.waitForDone();
}

void WriteQueue::add(std::function<Answer()> work)
{
    ++m_waiting;
    m_pool.start([this, work = std::move(work)] {
        auto answer = work();
        QMetaObject::invokeMethod(
            this,
            [this, answer = std::move(answer)] {
                --m_waiting;
                answer();
            },
            Qt::QueuedConnection);
    });
}

void WriteQueue::finish()
{
    while (m_waiting > 0) {
        m_pool.waitForDone();
        QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
    }
}

} // namespace ink::ui
