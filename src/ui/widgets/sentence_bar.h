// A sentence that says what is chosen; what can be changed in it is underlined and can be pressed.
#pragma once

#include "ui/theme.h"

#include <QPushButton>
#include <QWidget>

#include <map>
#include <vector>

class QLabel;

namespace ink::ui {

/// The words that can be changed: a button that reads as text.
class Phrase : public QPushButton
{
    Q_OBJECT
public:
    Phrase(const QString& key, QWidget* parent);
    const QString& key() const { return m_key; }

private:
    QString m_key;
};

class SentenceBar : public QWidget
{
    Q_OBJECT
public:
    SentenceBar(const Theme& theme, TextSize size, QWidget* parent = nullptr);

    /// "These words {shape} and {worn}.": what stands in braces is the phrase of that key. Widgets of phrases that stay are
    /// kept, and with them the focus.
    void setSentence(const QString& sentence, const std::map<QString, QString>& phrases);
    void setTextSize(TextSize size);
    /// The sentence as it reads.
    QString text() const { return m_text; }
    /// Null when the sentence has no such phrase.
    Phrase* phrase(const QString& key) const;

signals:
    void chosen(const QString& key);

private:
    struct Part
    {
        QString key, text;
        friend bool operator==(const Part&, const Part&) = default;
    };
    static std::vector<Part> partsOf(const QString& sentence, const std::map<QString, QString>& phrases);
    void build(const std::vector<Part>& parts);
    void showWord(QLabel& label, const QString& word) const;

    const Theme& m_theme;
    TextSize m_size;
    QString m_text;
    std::vector<Part> m_parts;
    std::vector<QWidget*> m_widgets;
};

} // namespace ink::ui
