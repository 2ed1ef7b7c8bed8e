// A combo box that reads as text with a small wedge beside it, for the job band and for paper.
#pragma once

#include "ui/theme.h"

#include <QComboBox>

namespace ink::ui {

class Choice : public QComboBox
{
    Q_OBJECT
public:
    enum class Ground { Band, Paper };

    Choice(const Theme& theme, QWidget* parent = nullptr, Ground ground = Ground::Band);

    void addChoice(const QString& text, const QString& detail, const QVariant& value);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    static constexpr int kTextRole = Qt::UserRole + 1;
    static constexpr int kDetailRole = Qt::UserRole + 2;
    QFont detailFont() const;
    int textWidth(int index) const;
    const Theme& m_theme;
    Ground m_ground;
};

} // namespace ink::ui
