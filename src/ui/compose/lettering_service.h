// Makes the lettering, its tries and its dressings away from the interface thread.
#pragma once

#include "core/design/composed_design.h"
#include "core/design/try_on.h"
#include "core/geometry/weld_cache.h"
#include "core/project/project.h"
#include "shelf/face_cache.h"
#include "shelf/font_rights.h"
#include "ui/slot_pool.h"

#include <functional>
#include <memory>
#include <vector>

namespace ink::ui {

using ComposedResult = Result<std::shared_ptr<const ComposedDesign>>;

class LetteringService : public QObject
{
    Q_OBJECT
public:
    /// Drawings that are taken from a font carry what `rights` says of it; null for nothing.
    explicit LetteringService(std::shared_ptr<FaceCache> faces, std::shared_ptr<FontRightsReader> rights = {},
                              QObject* parent = nullptr);

    /// What is stored of fonts that are not here; null for none.
    void setStored(std::shared_ptr<const Project> project) { m_stored = std::move(project); }
    /// What the person said about glyphs of a font, by its file.
    void setCorrections(const std::string& font_path, FormCorrections corrections);
    const FormCorrections& corrections(const std::string& font_path) const;
    FindLetters letters() const;

    /// Calls `done` on this object's thread, unless a newer request for the same came first.
    void compose(const Job& job, std::function<void(const ComposedResult&)> done);
    struct Tries
    {
        std::size_t character = 0;
        std::vector<TryOn> tries;
        std::shared_ptr<const FormTable> forms;
        /// With the widths of strokes, and with the pieces.
        bool is_whole = false;
    };
    /// Twice: at once without the widths of strokes and loose pieces, then with them.
    void tryOn(const Job& job, std::size_t character, std::size_t count, MmPerU mm_per_u,
               std::function<void(const Result<std::shared_ptr<const Tries>>&)> done);
    void stopTrying();
    void dress(const Job& job, MmPerU mm_per_u,
               std::function<void(const Result<std::vector<Dressing>>&)> done);
    /// A design of the job for a small picture; `slot` parts the pictures.
    void sketch(int slot, const Job& job, std::function<void(const ComposedResult&)> done);
    bool isIdle() const { return m_pool.isIdle(); }

private:
    struct Forms;
    void make(quint64 slot, int priority, const Job& job, std::function<void(const ComposedResult&)> done);
    TryOnRequest requestFor(const Job& job, std::size_t character, MmPerU mm_per_u) const;

    std::shared_ptr<FaceCache> m_faces;
    std::shared_ptr<FontRightsReader> m_rights;
    std::shared_ptr<WeldCache> m_welds;
    std::shared_ptr<SettingCache> m_settings;
    std::shared_ptr<StrokeWidths> m_strokes;
    std::shared_ptr<Forms> m_forms;
    std::shared_ptr<const Project> m_stored;
    std::map<std::string, FormCorrections> m_corrections;
    SlotPool m_pool;
};

} // namespace ink::ui
