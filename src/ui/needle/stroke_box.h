// The stroke that is chosen on the cloth: what it is, and how else it could be sewn.
#pragma once

#include "core/proof/mending.h"
#include "ui/needle/cloth_view.h"
#include "ui/needle/needle_model.h"

#include <functional>

class QLabel;

namespace ink::ui {

class Choice;

class StrokeBox : public QWidget
{
    Q_OBJECT
public:
    /// A place of the design that is shown, to be kept in the job.
    using PlaceAt = std::function<std::optional<MendingPlace>(Point mm)>;

    StrokeBox(JobModel& job, HandOffModel& names, NeedleModel& model, ClothView& cloth, PlaceAt place_at,
              const Theme& theme, QWidget* parent);

    void choose(std::optional<std::size_t> column);
    std::optional<std::size_t> stroke() const { return m_stroke; }
    /// The same stroke of what is sewn now.
    void follow();
    /// What is on the cloth is no plan of ours, and has no strokes to choose.
    void leave();

private:
    void press(Point mm);
    void step(int by);
    void showStroke();
    void sew(std::optional<SewnAs> as);
    void findPlace();
    /// The mending of the stroke that is chosen; null where it is sewn as the rest.
    const Mending* mending() const;
    bool hasStrokes() const;

    JobModel& m_job;
    HandOffModel& m_names;
    NeedleModel& m_model;
    ClothView& m_cloth;
    PlaceAt m_place_at;
    std::optional<std::size_t> m_stroke;
    /// Its middle, by which it is found again.
    Point m_at;
    struct Hangs
    {
        MendingPlace place;
        double em_mm = 0.0;
        /// A mending this near is of the same stroke.
        double near_mm = 0.0;
    };
    std::optional<Hangs> m_hangs;
    bool m_is_left = false;
    QLabel* m_words = nullptr;
    Choice* m_sewn_as = nullptr;
};

} // namespace ink::ui
