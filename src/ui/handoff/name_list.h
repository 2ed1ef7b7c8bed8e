// The names of the job, each as it will be made, with what Proof says of it.
#pragma once

#include "ui/handoff/handoff_model.h"
#include "ui/theme.h"

#include <QListView>
#include <QPainterPath>

namespace ink::ui {

class NameList : public QListView
{
    Q_OBJECT
public:
    NameList(const Theme& theme, QWidget* parent = nullptr);

    struct Row
    {
        HandOffModel::Name made;
        QString words;
        int copies = 1;
        /// Its outline is; here it is read.
        bool is_mirrored = false;
        LengthUnit unit{};
        friend bool operator==(const Row&, const Row&) = default;
    };
    void show(std::vector<Row> rows, std::size_t current);
    const std::vector<Row>& rows() const;

signals:
    void nameChosen(std::size_t name);
    void copiesWanted(std::size_t name, int copies);
    void removeWanted(std::size_t name);

protected:
    void currentChanged(const QModelIndex& now, const QModelIndex& before) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    bool m_is_showing = false;
};

/// "holds", "0.62 mm stroke, look", "the font lacks ł": what is to be said of a name, in a few words.
QString verdictWords(const MadeName& name, LengthUnit unit);

} // namespace ink::ui
