#include "ui/widgets/words_edit.h"

#include "ui/widgets/undo_through.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QMimeData>
#include <QPainter>
#include <QSignalBlocker>
#include <QTextBlock>

#include <algorithm>

namespace ink::ui {

WordsEdit::WordsEdit(const Theme& theme, QWidget* parent) : QPlainTextEdit(parent), m_theme(theme)
{
    setTabChangesFocus(true);
    setUndoRedoEnabled(false); // the job's own undo covers the words
    new UndoThrough(this);
    setLineWrapMode(QPlainTextEdit::NoWrap);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    setFrameShape(QFrame::NoFrame);
    setAccessibleDescription(invitation());
    document()->setDocumentMargin(0);
    connect(this, &QPlainTextEdit::textChanged, this, [this] {
        fitType();
        emit wordsEdited(toPlainText());
    });
    fitType();
}

void WordsEdit::showWords(const QString& words)
{
    if (words == toPlainText())
        return;
    const QSignalBlocker blocker(this);
    const int position = textCursor().position();
    setPlainText(words);
    auto cursor = textCursor();
    cursor.setPosition(std::min(position, static_cast<int>(words.size())));
    setTextCursor(cursor);
    fitType();
}

QString WordsEdit::invitation() const
{
    return tr("Type the words to be made");
}

void WordsEdit::paintEvent(QPaintEvent* event)
{
    QPlainTextEdit::paintEvent(event);
    if (!document()->isEmpty())
        return;
    // Qt would dim its own placeholder to half the contrast and set it in the type of the window.
    QPainter painter(viewport());
    painter.setFont(font());
    painter.setPen(m_theme.colours().on_band_soft);
    painter.drawText(viewport()->rect(), Qt::AlignLeft | Qt::AlignTop, invitation());
}

void WordsEdit::fitType()
{
    // The most type that lets every line stand in the band at once.
    static constexpr TextSize kSizes[] = {TextSize::Display, TextSize::Title, TextSize::Lead,
                                          TextSize::Small};
    const int lines = std::max(1, blockCount());
    QFont fitting;
    for (const auto size : kSizes) {
        fitting = m_theme.heading(size);
        fitting.setWeight(QFont::Medium);
        const QFontMetrics metrics(fitting);
        int widest = 0;
        for (auto block = document()->firstBlock(); block.isValid(); block = block.next())
            widest = std::max(widest, metrics.horizontalAdvance(block.text().left(400)));
        if (lines * metrics.height() <= height() && (widest <= width() - 8 || size == TextSize::Lead))
            break;
    }
    if (fitting != font())
        setFont(fitting);
}

/// Qt 6.4's own ends the program when the clipboard holds nothing at all.
void WordsEdit::keyPressEvent(QKeyEvent* event)
{
    if (event->matches(QKeySequence::Paste)) {
        event->accept();
        if (const auto* copied = QGuiApplication::clipboard()->mimeData())
            insertFromMimeData(copied);
        return;
    }
    QPlainTextEdit::keyPressEvent(event);
}

/// Words, and nothing of how they looked elsewhere.
void WordsEdit::insertFromMimeData(const QMimeData* source)
{
    if (source && source->hasText())
        insertPlainText(source->text());
}

bool WordsEdit::canInsertFromMimeData(const QMimeData* source) const
{
    return source && source->hasText();
}

void WordsEdit::contextMenuEvent(QContextMenuEvent* event)
{
    // Its standard menu pastes as the key does, and asks the clipboard in the same way.
    if (QGuiApplication::clipboard()->mimeData())
        QPlainTextEdit::contextMenuEvent(event);
}

void WordsEdit::resizeEvent(QResizeEvent* event)
{
    QPlainTextEdit::resizeEvent(event);
    fitType();
}

} // namespace ink::ui
