// Lettering in a picture: what it says, what of it is ink, and which fonts look like it.
#pragma once

#include "ui/find/likeness_model.h"
#include "ui/widgets/sub_page.h"

class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QStackedWidget;

namespace ink::ui {

class Choice;
class InkView;
class PictureView;

class PicturePage : public SubPage
{
    Q_OBJECT
public:
    /// `picture` asks for a file; empty when the person changed their mind.
    PicturePage(LikenessModel& likeness, FontListModel& fonts, const Theme& theme,
                std::function<QString(QWidget* parent)> picture, QWidget* parent);

    /// A file, or what was copied; false where nothing was copied.
    void openFile(const QString& path);
    bool paste();
    void askForFile();

signals:
    /// The wish stands in the sentence from now on, and the list shows what was found.
    void listWanted();
    /// This font, out of those that were found.
    void chosen(int row);

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    QWidget* buildSentence();
    QWidget* buildViews();
    QWidget* buildFound();
    void showReading();
    void showFound();
    void showChosen();
    void showState();
    void changeReading(const std::function<void(InkWishes&)>& change);
    int chosenRow() const;

    LikenessModel& m_likeness;
    FontListModel& m_fonts;
    std::function<QString(QWidget* parent)> m_ask;
    bool m_is_showing = false;
    /// What the view holds now: pictures are large, and readings change often.
    std::shared_ptr<const Picture> m_shown;

    QStackedWidget* m_stack = nullptr;
    QLineEdit* m_words = nullptr;
    Choice* m_tone = nullptr;
    QDoubleSpinBox* m_slope = nullptr;
    QPushButton *m_plate = nullptr, *m_unpaint = nullptr, *m_whole = nullptr;
    PictureView* m_picture = nullptr;
    InkView* m_ink = nullptr;
    QListWidget* m_found = nullptr;
    QLabel *m_state = nullptr, *m_about = nullptr;
    QPushButton *m_stop = nullptr, *m_list = nullptr, *m_choose = nullptr;
};

} // namespace ink::ui
