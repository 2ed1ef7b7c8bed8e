// A sheet on the screen, page by page at true size, with the way to paper.
#pragma once

#include "ui/shelf/sheet.h"
#include "ui/slot_pool.h"
#include "ui/widgets/sub_page.h"

#include <functional>

class QLabel;
class QPushButton;
class QScrollArea;

namespace ink::ui {

class SheetPage : public SubPage
{
    Q_OBJECT
public:
    /// `save_path` asks where to, from a suggested name; empty when the person changed their mind.
    SheetPage(SlotPool& pool, const Theme& theme, std::function<QString(QWidget*, const QString&)> save_path,
              QWidget* parent = nullptr);

    /// Null while it is being made.
    void show(std::shared_ptr<const Sheet> sheet, const QString& file_name);

signals:
    void told(const QString& words);
    void problem(const ink::Error& error);

private:
    void save();

    SlotPool& m_pool;
    std::function<QString(QWidget*, const QString&)> m_save_path;
    std::shared_ptr<const Sheet> m_sheet;
    QString m_file_name;
    QPushButton* m_save = nullptr;
    QScrollArea* m_scroll = nullptr;
};

} // namespace ink::ui
