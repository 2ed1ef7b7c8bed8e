// One font opened: its words large with their fit marks, alphabet, key map, sizes, what the package holds,
// and its rights.
#pragma once

#include "ui/find/dossier_view.h"
#include "ui/find/font_list_model.h"
#include "ui/find/glyph_grid.h"
#include "ui/find/mark_panel.h"
#include "ui/find/words_view.h"
#include "ui/write_queue.h"

class QButtonGroup;
class QScrollArea;
class QStackedWidget;

namespace ink::ui {

class CardPage : public QWidget
{
    Q_OBJECT
public:
    enum Tab { Words, Alphabet, KeyMapTab, Sizes, Package, Rights };

    CardPage(JobModel& job, FontListModel& fonts, CatalogueClient& catalogue, const Theme& theme,
             RightsQuestions questions, QWidget* parent = nullptr);

    /// Opens the font of a row of the list.
    void open(int row, Tab tab = Words);
    void openTab(Tab tab);
    int row() const { return m_row; }
    bool isIdle() const { return m_waiting == 0 && m_writes.isIdle(); }

    /// What is kept of the rights of the font in this row is another; one step to undo.
    void keepRecordOf(int row, const RightsRecord& record, const QString& what);

signals:
    void backWanted();
    void composeWanted();
    void fetchWanted(int row);
    void buyWanted(int row);
    void stylesWanted(int row);
    void limitsWanted();
    void problem(const ink::Error& error);

private:
    QWidget* buildHead();
    QWidget* buildWords();
    QWidget* buildSizes();
    QWidget* buildPackage();
    QWidget* buildKeyMap();
    QScrollArea* scrolled(QWidget* inside, const char* name, const QString& spoken);
    void showWords();
    void showKeyMap();
    void showKey();
    void showFailure(const Error& error);
    void flagKey(bool is_others);
    void showSizes();
    void showPackage();
    void showPicture(const QByteArray& bytes);
    void showRights();
    void take(std::shared_ptr<const RemoteKeyMap> map);
    void keepRecord(const RightsRecord& record, const QString& what);
    void attach(const QString& file, const QString& for_what);

    JobModel& m_job;
    FontListModel& m_fonts;
    CatalogueClient& m_catalogue;
    const Theme& m_theme;
    FontRow m_row;
    WriteQueue m_writes;
    int m_waiting = 0;
    quint64 m_opened = 0;
    std::shared_ptr<const FitCard> m_card;

    QLabel* m_name = nullptr;
    QLabel* m_about = nullptr;
    QPushButton* m_main = nullptr;
    QPushButton* m_buy = nullptr;
    QPushButton* m_styles = nullptr;
    QPushButton* m_again = nullptr;
    QButtonGroup* m_tabs = nullptr;
    QStackedWidget* m_stack = nullptr;
    WordsView* m_view = nullptr;
    QLineEdit* m_sample = nullptr;
    QPushButton* m_swashes = nullptr;
    MarkPanel* m_marks = nullptr;
    GlyphGrid* m_alphabet = nullptr;
    GlyphGrid* m_key_map = nullptr;
    QLabel* m_key = nullptr;
    QPushButton* m_others_mark = nullptr;
    QWidget* m_sizes = nullptr;
    QLabel* m_package = nullptr;
    QLabel* m_picture = nullptr;
    DossierView* m_dossier = nullptr;
};

/// The features that dress the first and the last letter of the first line, where they can be:
/// "swsh[0:1]=1,fina[7:8]=1".
std::string swashFeatures(const FitMarks& marks, const std::string& words);

} // namespace ink::ui
