// Paints one font: its readable name, the job's words in it, and what they come to.
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/theme.h"

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

private:
    void paintWords(QPainter& painter, const QRectF& area, const FontPreview& preview) const;
    void paintFigures(QPainter& painter, const QRectF& area, const FontPreview& preview) const;

    FontListModel& m_model; // painting asks it for previews
    const JobModel& m_job;
    const Theme& m_theme;
};

/// "TrueType, variable", "OpenType", "WOFF2": the kind of font in words.
QString kindInWords(const FaceInfo& info);
/// "comes with Under Ink", "installed on this computer" …
QString originInWords(FontOrigin origin);

} // namespace ink::ui
