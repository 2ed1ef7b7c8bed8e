// One font of the collection: the job's words standing on a shelf board, with a label on the board's edge.
#pragma once

#include "ui/shelf/shelf_filter.h"
#include "ui/theme.h"

#include <QStyledItemDelegate>

namespace ink::ui {

class ShelfDelegate : public QStyledItemDelegate
{
    Q_OBJECT
public:
    ShelfDelegate(FontListModel& fonts, const ShelfFilter& filter, const Theme& theme,
                  QObject* parent = nullptr);

    /// Below the words, the other letters that the font holds for them.
    void setShowsForms(bool shows) { m_shows_forms = shows; }
    bool showsForms() const { return m_shows_forms; }
    int heightOfItem() const;
    /// What these words would need in an item of this width.
    double heightOfWords(const FitCard& card, double item_width) const;
    void setWordsHeight(double height);
    /// What stands below the name: letters of these words that the font does not have, then where it is and which sets it is in.
    QString aboutOf(int row) const;

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    void paintWords(QPainter& painter, const QRectF& area, const FitCard& card) const;
    void paintForms(QPainter& painter, const QRectF& area, const FitCard& card) const;
    void paintLabel(QPainter& painter, const QRectF& area, int row) const;
    void paintVerdict(QPainter& painter, const QRectF& area, int row) const;
    double labelHeight() const;

    FontListModel& m_fonts; // painting asks it for previews
    const ShelfFilter& m_filter;
    const Theme& m_theme;
    bool m_shows_forms = false;
    double m_words_height = 60.0;
};

} // namespace ink::ui
