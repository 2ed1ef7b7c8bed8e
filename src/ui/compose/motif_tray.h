// The motif tray: pictures, swashes and tails kept by name, ready to be put into the line.
#pragma once

#include "core/design/lettering.h"
#include "shelf/font_rights.h"
#include "shelf/motif_store.h"
#include "ui/compose/motif_step.h"
#include "ui/slot_pool.h"
#include "ui/theme.h"
#include "ui/write_queue.h"

#include <QIcon>
#include <QWidget>

#include <filesystem>
#include <functional>
#include <memory>
#include <string>
#include <unordered_map>
#include <vector>

class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QPushButton;
class QUndoStack;

namespace ink::ui {

class Choice;

class MotifTray : public QWidget
{
    Q_OBJECT
public:
    /// What is done to the tray can be undone with `undo`.
    MotifTray(std::filesystem::path shelf_folder, QUndoStack& undo, const Theme& theme,
              QWidget* parent = nullptr);

    /// Takes in every picture of a font, named by its keys, into a collection of the font's name.
    void takeFont(const std::filesystem::path& font, unsigned face, std::shared_ptr<FontRightsReader> rights);
    void takeSvg(const QString& file);
    /// A drawing of the lettering; it takes along the rights of the fonts it was made of, beside its own.
    void takeDrawing(const MotifDrawing& drawing, std::vector<std::filesystem::path> fonts,
                     std::shared_ptr<FontRightsReader> rights);
    const std::vector<Motif>& motifs() const { return m_motifs; }
    /// As lettering holds it; null when it is not in the tray.
    std::optional<MotifDrawing> drawing(qlonglong id) const;
    bool isIdle() const { return m_pool.isIdle() && m_writes.isIdle(); }

signals:
    void intoLineWanted(qlonglong id);
    void besideWanted(qlonglong id);
    void tailWanted(qlonglong id);
    void fontWanted();
    void svgWanted();
    void refused(const Error& error);
    void changed();

protected:
    void showEvent(QShowEvent* event) override;

private:
    void buildList();
    void readAgain();
    void show(std::vector<Motif> motifs, std::vector<std::string> collections);
    void change(const QString& name, ChangeMotifs changing);
    /// One after the other, in the order they were asked for.
    void write(ChangeMotifs todo, std::function<void(bool)> then);
    QIcon pictureFor(const Motif& motif);
    void askWhereTheyBelong();
    std::vector<std::int64_t> chosen() const;
    void changeOutlines(const std::function<Result<Paths>(const Paths&)>& change);
    void takeApart();
    void edited(QListWidgetItem* item);

    std::filesystem::path m_folder;
    QUndoStack& m_undo;
    const Theme& m_theme;
    SlotPool m_pool;
    WriteQueue m_writes;
    /// Pictures that were drawn, by outline: a search draws none again.
    std::unordered_map<std::string, QIcon> m_pictures;
    std::vector<Motif> m_motifs;
    bool m_is_showing = false;
    bool m_was_read = false;
    bool m_types_into_line = false;

    QLineEdit* m_search = nullptr;
    Choice* m_collection = nullptr;
    QListWidget* m_list = nullptr;
    QLabel* m_note = nullptr;
    std::vector<QPushButton*> m_needs_choice;
};

} // namespace ink::ui
