// The words of the job: the largest type in the window. Enter starts a line, Tab moves on.
#pragma once

#include "ui/theme.h"

#include <QPlainTextEdit>

namespace ink::ui {

class WordsEdit : public QPlainTextEdit
{
    Q_OBJECT
public:
    explicit WordsEdit(const Theme& theme, QWidget* parent = nullptr);

    /// Takes over words that came from elsewhere (undo) without moving the caret needlessly.
    void showWords(const QString& words);

signals:
    void wordsEdited(const QString& words);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void insertFromMimeData(const QMimeData* source) override;
    bool canInsertFromMimeData(const QMimeData* source) const override;

private:
    QString invitation() const;
    void fitType();
    const Theme& m_theme;
};

} // namespace ink::ui
