// A carried shelf, read: what came, and where both computers know something different, whose word stands.
#pragma once

#include "shelf/bundle.h"
#include "ui/widgets/sub_page.h"

#include <set>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace ink::ui {

class CarryPage : public SubPage
{
    Q_OBJECT
public:
    explicit CarryPage(const Theme& theme, QWidget* parent = nullptr);

    void showWaiting(const QString& file);
    void show(const QString& file, const BundleRead& read);

    /// A font's content and what of it, "note" or "rights".
    using Theirs = std::set<std::pair<std::string, std::string>>;

signals:
    /// Read the file once more and take theirs for these.
    void theirsWanted(const QString& file, const ink::ui::CarryPage::Theirs& theirs);

private:
    void clear();
    void addConflict(const BundleConflict& conflict);

    QString m_file;
    Theirs m_theirs;
    QLabel* m_notes = nullptr;
    QPushButton* m_take = nullptr;
    QWidget* m_body = nullptr;
    QVBoxLayout* m_column = nullptr;
};

} // namespace ink::ui
