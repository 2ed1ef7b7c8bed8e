// The job's words in one font of the shelf, as large as there is room for.
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/theme.h"

#include <QWidget>

namespace ink::ui {

class FontWords : public QWidget
{
    Q_OBJECT
public:
    FontWords(FontListModel& fonts, std::string sha256, const Theme& theme, QWidget* parent = nullptr);

    QSize sizeHint() const override { return {m_theme.scaled(220), m_theme.scaled(84)}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    int row() const;

    FontListModel& m_fonts;
    std::string m_sha256;
    const Theme& m_theme;
};

} // namespace ink::ui
