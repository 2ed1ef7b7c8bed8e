// Makes designs away from the interface thread.
#pragma once

#include "core/design/composition.h"
#include "core/geometry/weld_cache.h"
#include "shelf/face_cache.h"
#include "ui/slot_pool.h"

#include <functional>
#include <memory>

namespace ink::ui {

using DesignResult = Result<std::shared_ptr<const Design>>;

class DesignService : public QObject
{
    Q_OBJECT
public:
    explicit DesignService(std::shared_ptr<FaceCache> faces, QObject* parent = nullptr);

    using Done = std::function<void(const DesignResult&)>;
    /// Calls `done` on this object's thread, unless a newer request of the same slot came first.
    /// A higher priority runs earlier.
    void request(quint64 slot, const Job& job, const FontRef& font, int priority, Done done);
    void cancel(quint64 slot) { m_pool.cancel(slot); }
    bool isIdle() const { return m_pool.isIdle(); }

private:
    std::shared_ptr<FaceCache> m_faces;
    /// Glyphs and groups welded for one request serve the next.
    std::shared_ptr<WeldCache> m_welds;
    SlotPool m_pool;
};

} // namespace ink::ui
