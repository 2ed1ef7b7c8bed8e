// A document that came with a font, to be read here or opened in its own program.
#pragma once

#include "core/base/error.h"
#include "ui/slot_pool.h"
#include "ui/widgets/sub_page.h"

#include <QTemporaryDir>
#include <QUrl>

#include <filesystem>
#include <functional>

class QLabel;
class QPlainTextEdit;
class QScrollArea;

namespace ink::ui {

class DocumentPage : public SubPage
{
    Q_OBJECT
public:
    DocumentPage(SlotPool& pool, const Theme& theme, std::function<void(const QUrl&)> open_file,
                 QWidget* parent = nullptr);

    /// `file` is kept by its content; `name` is what it was called.
    void open(const std::filesystem::path& file, const QString& name);

signals:
    void problem(const ink::Error& error);

private:
    void openOutside();
    void show(const QString& words, const QImage& picture);

    SlotPool& m_pool;
    std::function<void(const QUrl&)> m_open_file;
    std::filesystem::path m_file;
    QString m_name;
    /// Other programs go by the ending of a name, so they get a copy that has one.
    QTemporaryDir m_copies;
    QPlainTextEdit* m_text = nullptr;
    /// Instead of the text, for a key map or preview that is a picture.
    QScrollArea* m_picture = nullptr;
};

} // namespace ink::ui
