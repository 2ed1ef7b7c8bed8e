// How the collection is: what installed fonts cost, and what is missing, damaged, unused or without papers.
#pragma once

#include "shelf/shelf_health.h"
#include "ui/widgets/sub_page.h"

#include <functional>

class QLabel;
class QVBoxLayout;

namespace ink::ui {

class HealthPage : public SubPage
{
    Q_OBJECT
public:
    explicit HealthPage(const Theme& theme, QWidget* parent = nullptr);

    void showWaiting();
    void show(const ShelfHealth& health, const std::vector<ShelfFont>& never_used);

signals:
    void againWanted();
    /// Missing files may lie there under another name.
    void lookInWanted();
    void installWanted(const std::vector<std::int64_t>& fonts);
    void asideWanted(const std::vector<std::int64_t>& fonts);

private:
    void clear();
    void addSection(const char* name, const QString& heading, const QString& words,
                    const std::vector<ShelfFont>& fonts, const QString& action,
                    std::function<void(const std::vector<std::int64_t>&)> act);

    QLabel* m_cost = nullptr;
    QWidget* m_body = nullptr;
    QVBoxLayout* m_column = nullptr;
};

} // namespace ink::ui
