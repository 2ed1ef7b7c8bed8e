// The pages of a paper pattern, as they are printed and as they lie beside each other.
#pragma once

#include "core/formats/pattern_file.h"
#include "ui/theme.h"

#include <QWidget>

#include <memory>
#include <vector>

class QPainter;

namespace ink::ui {

class PatternView : public QWidget
{
    Q_OBJECT
public:
    explicit PatternView(const Theme& theme, QWidget* parent = nullptr);

    /// Null for none: then `message` says what to do.
    void show(std::shared_ptr<const Pattern> pattern, PatternWords words, const QString& message = {});
    const std::shared_ptr<const Pattern>& pattern() const { return m_pattern; }
    std::size_t chosen() const { return m_chosen; }
    void choose(std::size_t page);
    /// One page alone, as large as there is room for.
    void setAlone(bool is_alone);
    bool isAlone() const { return m_is_alone; }
    /// Where a page is painted, in widget coordinates; empty where it is not.
    QRectF rectOf(std::size_t page) const;

signals:
    void chosenChanged();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void place();
    void tellChosen();

    const Theme& m_theme;
    std::shared_ptr<const Pattern> m_pattern;
    PatternWords m_words;
    QString m_message;
    std::vector<PageMarks> m_pages;
    /// In mm, y down, from the upper left corner of all; a cover lies on the left.
    std::vector<QRectF> m_places_mm;
    QRectF m_all_mm;
    std::size_t m_chosen = 0;
    bool m_is_alone = false;
};

/// One page at the painter's scale: a unit is a millimetre, y down, from the paper's upper left corner.
void paintPage(QPainter& painter, const PageMarks& page, const QFont& font);

} // namespace ink::ui
