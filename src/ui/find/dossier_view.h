// The rights dossier of one font: the verdict, the sentences it rests on, and what the person adds to it.
#pragma once

#include "core/rights/letter.h"
#include "services/catalogue_client.h"
#include "shelf/font_rights.h"
#include "ui/theme.h"

#include <QWidget>

#include <functional>

class QGridLayout;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;
class QVBoxLayout;

namespace ink::ui {

/// Questions that open a dialog or another program; tests put their answers here.
struct RightsQuestions
{
    /// A paper to attach; empty when the person changed their mind.
    std::function<QString(QWidget* parent)> paper;
    /// Where to save the letter; empty as above.
    std::function<QString(QWidget* parent, const QString& suggested)> letter_path;
    std::function<void(const QUrl& mail)> open_mail;

    static RightsQuestions asDialogs();
};

class DossierView : public QWidget
{
    Q_OBJECT
public:
    DossierView(const Theme& theme, RightsQuestions questions, QWidget* parent = nullptr);

    /// Null while it is being read. `facts` are for the letter; `contact` may be empty.
    void setRights(const FontRights* rights, const LetterFacts& facts, const QString& contact);
    /// What a listing says before anything is fetched.
    void setListing(const Listing& listing);

signals:
    /// The person attached, counted or decided something.
    void recordChanged(const ink::RightsRecord& record, const QString& what);
    void paperWanted(const QString& file, const QString& for_what);

private:
    void clear();
    void addHeading(const QString& text);
    QLabel* addText(const QString& text, bool is_soft = false);
    void addVerdict();
    QPushButton* addQuote(const Quote& quote, const QString& sentence, const QString& below,
                          const QString& spoken);
    void addQuotes(const QString& title, const std::vector<Quote>& quotes);
    void addNotUnderstood();
    QString underlined(const Unclear& unclear) const;
    void addAnswers();
    void addCounter();
    void addPapers();
    void addDecision();
    void addLetter();
    void showDocument(const Quote& quote);

    const Theme& m_theme;
    RightsQuestions m_questions;
    FontRights m_rights;
    LetterFacts m_facts;
    QString m_contact;
    /// A decision that is being written, kept when the dossier is shown anew under it.
    QString m_unwritten;
    bool m_writes = false;
    QWidget* m_body = nullptr;
    QVBoxLayout* m_column = nullptr;
    QVBoxLayout* m_outer = nullptr;
    QPlainTextEdit* m_document = nullptr;
    QLabel* m_document_name = nullptr;
};

} // namespace ink::ui
