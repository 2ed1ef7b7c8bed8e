#include "ui/shelf/health_page.h"

#include "ui/measures.h"
#include "ui/text.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

/// More names than these are counted.
constexpr std::size_t kMostFontsNamed = 24;

QString milliseconds(std::chrono::microseconds time)
{
    return QObject::tr("%1 ms").arg(static_cast<double>(time.count()) / 1000.0, 0, 'f', 1);
}

QString costInWords(const ShelfHealth& health)
{
    if (!health.with_installed || !health.without_installed)
        return QObject::tr(
            "What installed fonts cost could not be measured: fontconfig's fc-list is missing.");
    if (health.installed == 0)
        return QObject::tr(
                   "Nothing is installed from here. A program that starts needs %1 to learn all fonts of "
                   "this computer (the quickest of three measurements).")
            .arg(milliseconds(*health.with_installed));
    return QObject::tr(
               "A program that starts needs %1 to learn all fonts of this computer; without the %2 that "
               "you installed from here it would need %3 (the quickest of three measurements each).")
        .arg(milliseconds(*health.with_installed))
        .arg(health.installed)
        .arg(milliseconds(*health.without_installed));
}

} // namespace

HealthPage::HealthPage(const Theme& theme, QWidget* parent)
    : SubPage(QStringLiteral("health"), tr("All my fonts"), theme, parent)
{
    auto* again = new QPushButton(tr("Look again"), this);
    again->setObjectName(QStringLiteral("healthAgain"));
    m_head->addWidget(again);
    m_column = addScrolledColumn(tr("How the collection is"));
    m_cost = new QLabel(this);
    m_cost->setObjectName(QStringLiteral("healthCost"));
    m_cost->setWordWrap(true);
    m_column->addWidget(m_cost);
    connect(again, &QPushButton::clicked, this, &HealthPage::againWanted);
}

void HealthPage::clear()
{
    delete m_body;
    m_body = new QWidget(this);
    m_column->addWidget(m_body);
    auto* column = new QVBoxLayout(m_body);
    column->setContentsMargins(0, 3 * kGrid, 0, 0);
    column->setSpacing(2 * kGrid);
}

void HealthPage::showWaiting()
{
    clear();
    m_title->setText(tr("Reading every file of the shelf …"));
    m_cost->clear();
}

void HealthPage::show(const ShelfHealth& health, const std::vector<ShelfFont>& never_used)
{
    clear();
    m_title->setText(
        tr("%n font(s): %1 installed, %2 set aside, %3 never used", nullptr, static_cast<int>(health.fonts))
            .arg(health.installed)
            .arg(health.set_aside)
            .arg(health.never_used));
    m_cost->setText(costInWords(health));
    if (health.missing.empty() && health.damaged.empty() && health.not_where_installed.empty()) {
        auto* fine = new QLabel(tr("Every file is there and whole."), m_body);
        fine->setObjectName(QStringLiteral("healthFine"));
        m_body->layout()->addWidget(fine);
    }
    const auto look = [this](const auto&) { emit lookInWanted(); };
    addSection("healthMissing", tr("Missing"),
               tr("Their files are gone from the shelf. If they lie elsewhere, under whatever name, they are "
                  "found by their content."),
               health.missing, tr("Look for them in a folder…"), look);
    addSection("healthDamaged", tr("Damaged"), tr("Their content is no longer what was taken in."),
               health.damaged, tr("Look for whole ones in a folder…"), look);
    addSection("healthFound", tr("Found again"), tr("Put back from a file with the same content."),
               health.found_again, {}, {});
    addSection("healthMoved", tr("Installed, and no longer there"),
               tr("Somebody took away or changed what was put among the fonts of your programs."),
               health.not_where_installed, tr("Install them again"),
               [this](const auto& fonts) { emit installWanted(fonts); });
    addSection("healthUnpapered", tr("Without papers"),
               tr("No document came with them: what they say of themselves is all there is to go by."),
               health.without_documents, {}, {});
    addSection("healthUnused", tr("Never used"), tr("No words were handed out in them yet."), never_used,
               tr("Set them aside"), [this](const auto& fonts) { emit asideWanted(fonts); });
    static_cast<QVBoxLayout*>(m_body->layout())->addStretch(1);
}

void HealthPage::addSection(const char* name, const QString& heading, const QString& words,
                            const std::vector<ShelfFont>& fonts, const QString& action,
                            std::function<void(const std::vector<std::int64_t>&)> act)
{
    if (fonts.empty())
        return;
    auto* section = new QWidget(m_body);
    section->setObjectName(QLatin1String(name));
    auto* column = new QVBoxLayout(section);
    column->setContentsMargins(0, 2 * kGrid, 0, 2 * kGrid);
    column->setSpacing(kGrid);
    auto* title = new QLabel(QStringLiteral("%1 (%2)").arg(heading).arg(fonts.size()), section);
    title->setFont(m_theme.heading(TextSize::Lead));
    auto* about = new QLabel(words, section);
    about->setWordWrap(true);
    about->setProperty("role", QStringLiteral("soft"));
    QStringList names;
    std::vector<std::int64_t> ids;
    for (const auto& font : fonts) {
        if (ids.size() < kMostFontsNamed)
            names << text(font.readableName());
        ids.push_back(font.id);
    }
    if (fonts.size() > kMostFontsNamed)
        names << tr("and %1 more").arg(fonts.size() - kMostFontsNamed);
    auto* list = new QLabel(names.join(QStringLiteral(", ")), section);
    list->setWordWrap(true);
    for (QWidget* widget : std::initializer_list<QWidget*>{title, about, list})
        column->addWidget(widget);
    if (!action.isEmpty()) {
        auto* button = new QPushButton(action, section);
        button->setObjectName(QLatin1String(name) + QStringLiteral("Act"));
        button->setProperty("role", QStringLiteral("quiet"));
        column->addWidget(button, 0, Qt::AlignLeft);
        connect(button, &QPushButton::clicked, this, [act = std::move(act), ids] { act(ids); });
    }
    m_body->layout()->addWidget(section);
}

} // namespace ink::ui
