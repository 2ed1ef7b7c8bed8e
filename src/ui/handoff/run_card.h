// The run under the sheet: what it takes, its ribbon, and playing it.
#pragma once

#include "core/base/units.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/theme.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;
class QTimer;

namespace ink::ui {

class RunCard : public QWidget
{
    Q_OBJECT
public:
    /// `name` begins the object names of its parts.
    RunCard(const QString& heading, const QString& name, const Theme& theme, QWidget* parent = nullptr);

    RunRibbon& ribbon() { return *m_ribbon; }
    /// `words` say what it takes.
    void show(std::vector<RibbonPart> parts, double duration_s, const QString& words);
    /// What is seen at the handle.
    void setMoment(const QString& words);
    void play(bool is_wanted);
    bool isPlaying() const { return m_is_playing; }
    /// Little room: the ribbon and its words in one line.
    void setTight(bool is_tight);

signals:
    void timeChanged();
    /// It begins to play: whoever shows the sheet shows the run.
    void playBegan();

private:
    QWidget* buildFoot(const QString& name);

    const Theme& m_theme;
    QLabel *m_heading = nullptr, *m_words = nullptr, *m_moment = nullptr;
    RunRibbon* m_ribbon = nullptr;
    QWidget* m_foot = nullptr;
    QPushButton* m_play = nullptr;
    QComboBox* m_speed = nullptr;
    QTimer* m_player = nullptr;
    bool m_is_playing = false;
};

/// "3 min 10 s · 4.2 m to cut, 1.1 m in the air · middles first, then letters".
QString sayRun(const Run& run, LengthUnit unit);

} // namespace ink::ui
