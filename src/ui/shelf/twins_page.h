// Fonts of the shelf that are the same in some way, side by side, with what differs.
#pragma once

#include "shelf/twins.h"
#include "ui/find/font_list_model.h"
#include "ui/widgets/sub_page.h"

class QLabel;
class QVBoxLayout;

namespace ink::ui {

/// One group as it is shown.
struct TwinsShown
{
    std::vector<std::int64_t> fonts;
    std::vector<std::string> sha256s;
    std::vector<TwinKind> kinds;
    std::vector<TwinFact> facts;
};

class TwinsPage : public SubPage
{
    Q_OBJECT
public:
    TwinsPage(FontListModel& fonts, const Theme& theme, QWidget* parent = nullptr);

    void showProgress(std::size_t done, std::size_t of);
    void show(std::vector<TwinsShown> groups);

signals:
    void stopWanted();
    /// Keep one, set the others of its group aside.
    void asideWanted(const std::vector<std::int64_t>& fonts);

private:
    void clear();
    void addGroup(const TwinsShown& group);

    FontListModel& m_fonts;
    class QPushButton* m_stop = nullptr;
    QWidget* m_body = nullptr;
    QVBoxLayout* m_column = nullptr;
};

/// "drawn alike under another name".
QString inWords(TwinKind kind);

} // namespace ink::ui
