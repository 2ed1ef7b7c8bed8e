#include "ui/widgets/sentence_bar.h"

#include "ui/widgets/flow_row.h"

#include <QLabel>

#include <algorithm>

namespace ink::ui {

Phrase::Phrase(const QString& key, QWidget* parent) : QPushButton(parent), m_key(key)
{
    setObjectName(QStringLiteral("phrase_") + key);
    setProperty("role", QStringLiteral("phrase"));
    setCursor(Qt::PointingHandCursor);
}

SentenceBar::SentenceBar(const Theme& theme, TextSize size, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_size(size)
{
    new FlowRow(this, 0, 2 * kGrid);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

/// Words one by one, so that the sentence goes on in the next line between any two of them.
std::vector<SentenceBar::Part> SentenceBar::partsOf(const QString& sentence,
                                                    const std::map<QString, QString>& phrases)
{
    std::vector<Part> parts;
    const auto addWords = [&parts](const QString& words) {
        qsizetype from = 0;
        while (from < words.size()) {
            auto space = words.indexOf(QLatin1Char(' '), from);
            space = space < 0 ? words.size() : space + 1;
            parts.push_back({{}, words.mid(from, space - from)});
            from = space;
        }
    };
    qsizetype at = 0;
    while (at < sentence.size()) {
        const auto open = sentence.indexOf(QLatin1Char('{'), at),
                   close = sentence.indexOf(QLatin1Char('}'), open);
        if (open < 0 || close < 0) {
            addWords(sentence.mid(at));
            break;
        }
        addWords(sentence.mid(at, open - at));
        const QString key = sentence.mid(open + 1, close - open - 1);
        if (const auto it = phrases.find(key); it != phrases.end())
            parts.push_back({key, it->second});
        at = close + 1;
    }
    return parts;
}

void SentenceBar::setTextSize(TextSize size)
{
    if (size == m_size)
        return;
    m_size = size;
    for (auto* widget : m_widgets)
        widget->setFont(m_theme.text(m_size, qobject_cast<Phrase*>(widget) != nullptr));
    layout()->invalidate();
    updateGeometry();
}

void SentenceBar::setSentence(const QString& sentence, const std::map<QString, QString>& phrases)
{
    const auto parts = partsOf(sentence, phrases);
    if (parts == m_parts)
        return;
    const bool is_same_shape = std::ranges::equal(parts, m_parts, {}, &Part::key, &Part::key);
    m_text.clear();
    for (const auto& part : parts)
        m_text += part.text;
    setAccessibleName(m_text);
    if (!is_same_shape)
        build(parts);
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (parts[i].key.isEmpty()) {
            showWord(*static_cast<QLabel*>(m_widgets[i]), parts[i].text);
        } else {
            auto* button = static_cast<Phrase*>(m_widgets[i]);
            button->setText(parts[i].text);
            button->setAccessibleName(tr("%1, can be changed").arg(parts[i].text));
        }
    m_parts = parts;
    layout()->invalidate();
    updateGeometry();
}

void SentenceBar::build(const std::vector<Part>& parts)
{
    std::map<QString, Phrase*> kept;
    for (auto* widget : m_widgets) {
        layout()->removeWidget(widget);
        if (auto* button = qobject_cast<Phrase*>(widget))
            kept[button->key()] = button;
        else
            widget->deleteLater();
    }
    m_widgets.clear();
    // Each word that is shown would lay the whole window out again.
    layout()->setEnabled(false);
    QWidget* before = nullptr;
    for (const auto& part : parts) {
        QWidget* widget = nullptr;
        if (part.key.isEmpty()) {
            widget = new QLabel(this);
            widget->setFont(m_theme.text(m_size));
        } else if (auto old = kept.extract(part.key)) {
            widget = old.mapped();
        } else {
            auto* button = new Phrase(part.key, this);
            button->setFont(m_theme.text(m_size, true));
            connect(button, &QPushButton::clicked, this, [this, button] { emit chosen(button->key()); });
            widget = button;
        }
        layout()->addWidget(widget);
        widget->show();
        if (!part.key.isEmpty()) {
            if (before)
                setTabOrder(before, widget);
            before = widget;
        }
        m_widgets.push_back(widget);
    }
    for (auto& [key, button] : kept) {
        button->hide();
        button->deleteLater();
    }
    layout()->setEnabled(true);
}

/// The space behind a word stands behind it in either direction of writing.
void SentenceBar::showWord(QLabel& label, const QString& word) const
{
    const int space =
        word.endsWith(QLatin1Char(' ')) ? QFontMetrics(label.font()).horizontalAdvance(QLatin1Char(' ')) : 0;
    label.setText(word.trimmed());
    const QChar first = label.text().isEmpty() ? QChar() : label.text().front();
    label.setProperty(FlowRow::kStaysWithBefore, first == QLatin1Char('.') || first == QLatin1Char(',') ||
                                                     first == QLatin1Char(';') || first == QLatin1Char(':'));
    label.setMaximumWidth(label.text().isEmpty() ? space : QWIDGETSIZE_MAX);
    label.setContentsMargins(isRightToLeft() ? space : 0, 0, isRightToLeft() ? 0 : space, 0);
}

Phrase* SentenceBar::phrase(const QString& key) const
{
    for (auto* widget : m_widgets)
        if (auto* button = qobject_cast<Phrase*>(widget); button && button->key() == key)
            return button;
    return nullptr;
}

} // namespace ink::ui
