// The chosen fonts beside the collection: who sees them, in which sets they are, and what is known of them.
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/shelf/shelf_filter.h"
#include "ui/theme.h"

#include <QScrollArea>

class QDateEdit;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QVBoxLayout;

namespace ink::ui {

class Choice;
class ShelfKeeper;

class ShelfPanel : public QScrollArea
{
    Q_OBJECT
public:
    ShelfPanel(FontListModel& fonts, const ShelfFilter& filter, ShelfKeeper& shelf, const Theme& theme,
               QWidget* parent = nullptr);

    /// Rows of the list of fonts.
    void show(std::vector<int> rows);
    /// The project that fonts installed "for this job only" belong to.
    void setProject(const QString& project) { m_project = project; }
    /// Writes down what is half typed.
    void keepNote();
    /// Stitched letters are being made: the button that asked for them stops it.
    void setMakesStitches(bool makes_stitches);

signals:
    void composeWanted();
    void rightsWanted();
    void keyMapWanted(int row);
    /// Of stitched letters.
    void lettersWanted(int row);
    /// Of outlines: stitched letters are to be made of them.
    void stitchesWanted(int row);
    void stitchesNotWanted();
    void documentWanted(const QString& sha256, const QString& name);
    /// Fonts from elsewhere, by their files.
    void takeWanted(const QStringList& files);

private:
    void build();
    void connectParts();
    void showHead();
    void showStates();
    void showSets();
    void showTags();
    void showFacts();
    void move(ShelfState state);
    QLabel* addHeading(const QString& words);
    QPushButton* addAction(const char* name, const QString& words, const char* role);
    std::vector<const ShelfFont*> shelfFonts() const;
    std::vector<std::int64_t> ids() const;
    static void clear(QWidget* holder);

    FontListModel& m_fonts;
    const ShelfFilter& m_filter;
    ShelfKeeper& m_shelf;
    const Theme& m_theme;
    std::vector<FontRow> m_rows;
    QString m_project;
    std::int64_t m_noted = 0;

    QWidget* m_inside = nullptr;
    QVBoxLayout* m_column = nullptr;
    QLabel* m_name = nullptr;
    QLabel* m_state = nullptr;
    Choice* m_span = nullptr;
    QDateEdit* m_until = nullptr;
    QPushButton* m_install = nullptr;
    QPushButton* m_remove = nullptr;
    QPushButton* m_aside = nullptr;
    QPushButton* m_back = nullptr;
    QPushButton* m_take = nullptr;
    QPushButton* m_compose = nullptr;
    QWidget* m_own = nullptr;
    QWidget* m_sets = nullptr;
    QLineEdit* m_new_set = nullptr;
    QWidget* m_tags = nullptr;
    QLineEdit* m_new_tag = nullptr;
    QLabel* m_note_heading = nullptr;
    QPlainTextEdit* m_note = nullptr;
    QLabel* m_facts = nullptr;
    QWidget* m_documents = nullptr;
    QPushButton* m_letters = nullptr;
    QPushButton* m_key_map = nullptr;
    QPushButton* m_stitches = nullptr;
    bool m_makes_stitches = false;
    QPushButton* m_rights = nullptr;
};

} // namespace ink::ui
