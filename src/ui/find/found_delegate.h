// One font that looks like the picture: its name, the picture's words in it, how like it is, and whether it may be sold.
#pragma once

#include "ui/find/likeness_model.h"

#include "ui/theme.h"

#include <QStyledItemDelegate>

namespace ink::ui {

/// Items hold the row of the font in Qt::UserRole.
class FoundDelegate : public QStyledItemDelegate
{
    Q_OBJECT
public:
    FoundDelegate(const LikenessModel& likeness, FontListModel& fonts, const Theme& theme, QObject* parent);

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    const LikenessModel& m_likeness;
    FontListModel& m_fonts;
    const Theme& m_theme;
};

/// "the same, 92 %".
QString inWords(const LikenessModel::Likeness& likeness);

} // namespace ink::ui
