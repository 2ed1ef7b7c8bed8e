#include "ui/first_start.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ink::ui {

FirstStart::FirstStart(const Theme& theme, QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("firstStart"));
    setWindowTitle(tr("Under Ink"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(2 * kMargin, 2 * kMargin, 2 * kMargin, 2 * kMargin);
    column->setSpacing(3 * kGrid);
    auto* title = new QLabel(tr("How would you like to begin?"), this);
    title->setFont(theme.heading(TextSize::Title));
    column->addWidget(title);
    const auto offer = [&](const char* name, const QString& words, const QString& explanation, bool is_demo) {
        auto* button = new QPushButton(words, this);
        button->setObjectName(QLatin1String(name));
        button->setAccessibleDescription(explanation);
        button->setProperty("role", is_demo ? QStringLiteral("main") : QString());
        button->setDefault(is_demo);
        auto* label = new QLabel(explanation, this);
        label->setWordWrap(true);
        label->setProperty("role", QStringLiteral("soft"));
        label->setMinimumWidth(theme.scaled(420));
        column->addSpacing(2 * kGrid);
        column->addWidget(button);
        column->addWidget(label);
        connect(button, &QPushButton::clicked, this, [this, is_demo] {
            m_is_demo = is_demo;
            accept();
        });
    };
    offer("beginWithDemo", tr("With the demo"),
          tr("Made-up fonts, packages, jobs and machines, in a home of their own. Nothing of yours is "
             "touched, and you are asked "
             "again the next time."),
          true);
    offer("beginWithOwn", tr("With my own fonts"),
          tr("An empty shelf, the fonts of this computer, and those you bring. The demo stays at hand: "
             "under-ink --demo."),
          false);
}

} // namespace ink::ui
