// Paints one font: its readable name, the job's words in it, its fit marks, and whether it may be sold.
#pragma once

#include "ui/find/fit_mark_list.h"
#include "ui/find/likeness_model.h"

#include <QStyledItemDelegate>

namespace ink::ui {

class FontLineDelegate : public QStyledItemDelegate
{
    Q_OBJECT
public:
    FontLineDelegate(FontListModel& model, const JobModel& job, const Theme& theme,
                     QObject* parent = nullptr);

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;

    /// Says of each font how much it looks like what is wanted; it has to outlive the delegate.
    void setLikeness(const LikenessModel& likeness) { m_likeness = &likeness; }
    /// Shows the places of this mark on the word of the chosen font; none when empty.
    void setShownMark(std::optional<FitMarkKind> kind) { m_shown_mark = kind; }
    /// The mark under a point of an item; none between them.
    std::optional<FitMarkKind> markAt(const QPoint& point, const QRect& item, int source_row) const;

private:
    struct PlacedMark
    {
        const FitMarkLine* line;
        QRectF area;
    };
    QRectF innerOf(const QRectF& item) const;
    QRectF figuresOf(const QRectF& item) const;
    std::vector<PlacedMark> placed(const std::vector<FitMarkLine>& lines, const QRectF& area) const;
    void paintHead(QPainter& painter, const QRectF& inner, int row) const;
    void paintVerdict(QPainter& painter, QRectF& room, int row) const;
    void paintWords(QPainter& painter, const QRectF& area, const FitCard& card,
                    const FitMarkLine* shown) const;
    void paintError(QPainter& painter, const QRectF& area, const Error& error) const;

    FontListModel& m_model; // painting asks it for previews
    const JobModel& m_job;
    const Theme& m_theme;
    const LikenessModel* m_likeness = nullptr;
    std::optional<FitMarkKind> m_shown_mark;
};

/// "TrueType, variable", "OpenType", "WOFF2": the kind of font in words.
QString kindInWords(const FaceInfo& info);
/// "comes with Under Ink", "installed on this computer" …
QString originInWords(FontOrigin origin);
/// Of a font whose letters come as stitches.
QString sewnInWords(const FaceInfo& info);
/// Tint behind a verdict, and the mark beside it.
QColor tintOf(Verdict verdict, const Colours& colours);
Mark markOf(Verdict verdict);

} // namespace ink::ui
