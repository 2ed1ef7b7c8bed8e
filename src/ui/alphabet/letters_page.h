// The letters of a stitched alphabet, looked through: which each is, where it stands, and how much room it has.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/base/cancel.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

#include <map>
#include <memory>
#include <string>
#include <vector>

class QDoubleSpinBox;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace ink::ui {

class GlyphGrid;
class LetterView;

class LettersPage : public QWidget
{
    Q_OBJECT
public:
    /// `name` begins the names of its parts: "lettersBack", "lettersKeep".
    LettersPage(const QString& name, const Theme& theme, QWidget* parent = nullptr);

    /// What the letters look like, by the files they came from: slow.
    using Pictures = std::map<std::string, QPainterPath>;
    static std::shared_ptr<const Pictures> picturesOf(const Alphabet& letters, const CancelToken& cancel);
    /// Begins with the first letter that is not told surely.
    void open(const Alphabet& letters, std::shared_ptr<const Pictures> pictures);
    const Alphabet& letters() const { return m_letters; }
    /// Something was put right since it was opened.
    bool isChanged() const { return !m_before.empty(); }

signals:
    void backWanted();
    /// The letters as they are now.
    void kept(const ink::Alphabet& letters);

private:
    QWidget* makeGridPart();
    QWidget* makeLetterPart();
    QDoubleSpinBox* addRoom(const char* name, const QString& words, double SewnLetter::*member,
                            QGridLayout* grid);
    void fillGrid();
    void showLetter();
    void showState();
    void sayLetter();
    void leaveOut();
    void takeBack();
    /// The letters before a change, so that it can be taken back.
    void aboutToChange();
    SewnLetter* current();

    const Theme& m_theme;
    QString m_name;
    Alphabet m_letters;
    std::shared_ptr<const Pictures> m_pictures;
    std::vector<Alphabet> m_before;
    /// Changes of room that follow each other are one.
    const QObject* m_changing = nullptr;
    std::size_t m_current = 0;
    bool m_is_filling = false;

    QLabel* m_title = nullptr;
    QLabel* m_state = nullptr;
    GlyphGrid* m_grid = nullptr;
    LetterView* m_view = nullptr;
    QLabel* m_told = nullptr;
    QLineEdit* m_letter = nullptr;
    QLineEdit* m_variant = nullptr;
    QDoubleSpinBox *m_foot = nullptr, *m_before_mm = nullptr, *m_after_mm = nullptr;
    QPushButton* m_take_back = nullptr;
    QPushButton* m_keep = nullptr;
};

} // namespace ink::ui
