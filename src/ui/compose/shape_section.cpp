#include "ui/compose/shape_section.h"

#include "ui/compose/lettering_view.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr int kIconWide_px = 38, kIconHigh_px = 24;

struct ShapeWords
{
    ShapeKind kind;
    const char* name;
};
constexpr ShapeWords kShapeWords[] = {
    {ShapeKind::None, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Straight")},
    {ShapeKind::Hill, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Hill")},
    {ShapeKind::Valley, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Valley")},
    {ShapeKind::Arch, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Arch")},
    {ShapeKind::Circle, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Circle")},
    {ShapeKind::Wave, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Wave")},
    {ShapeKind::Rising, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Rising")},
    {ShapeKind::Taper, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Taper")},
    {ShapeKind::Bulge, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Bulge")},
    {ShapeKind::Slant, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Slant")},
    {ShapeKind::Mirror, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "Mirror")},
    {ShapeKind::Corners, QT_TRANSLATE_NOOP("ink::ui::ShapeSection", "By its four corners")},
};

/// A small word as it lies in the shape: bars for letters, bent by the very map.
QIcon shapeIcon(ShapeKind kind, const Theme& theme)
{
    const Box box{0, -6, 100, 34};
    WordShape shape;
    shape.kind = kind;
    shape.bends = true;
    shape.amount =
        infoOf(kind).usual *
        (kind == ShapeKind::Wave || kind == ShapeKind::Hill || kind == ShapeKind::Valley ? 1.6 : 1.0);
    if (kind == ShapeKind::Corners) // as an example, so that the picture says what it does
        shape.corners = {{{0, 0.25}, {0, -0.1}, {0, 0.3}, {0, -0.2}}};
    const auto map = shapeMap(shape, box);
    QPainterPath path;
    QRectF bounds;
    for (int i = 0; i < 6; ++i) {
        const double x0 = i * 17.0, x1 = x0 + 11.0, top = i == 0 ? 34.0 : 24.0;
        QPolygonF bar;
        const auto add = [&](double x, double y) {
            const Point p = map({x, y});
            bar << QPointF(p.x, -p.y);
        };
        for (int k = 0; k <= 6; ++k)
            add(x0 + (x1 - x0) * k / 6, 0);
        for (int k = 0; k <= 6; ++k)
            add(x1 + (x0 - x1) * k / 6, top);
        path.addPolygon(bar);
        path.closeSubpath();
    }
    bounds = path.boundingRect();
    const int wide = theme.scaled(kIconWide_px), high = theme.scaled(kIconHigh_px);
    QPixmap pixmap(wide * 2, high * 2);
    pixmap.setDevicePixelRatio(2.0);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const double scale = std::min((wide - 4) / bounds.width(), (high - 4) / bounds.height());
    painter.translate(wide / 2.0, high / 2.0);
    painter.scale(scale, scale);
    painter.translate(-bounds.center());
    painter.fillPath(path, theme.colours().ink);
    return QIcon(pixmap);
}

} // namespace

ShapeSection::ShapeSection(JobModel& model, LetteringView& view, const Theme& theme, QWidget* parent)
    : PanelSection(model, view, theme, parent)
{
    auto* grid_box = new QWidget(this);
    auto* grid = new QGridLayout(grid_box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(kGrid);
    m_shapes = new QButtonGroup(this);
    m_shapes->setExclusive(true);
    int place = 0;
    for (const auto& words : kShapeWords) {
        auto* button = new QPushButton(grid_box);
        button->setObjectName(QStringLiteral("shape_") + QLatin1String(infoOf(words.kind).id.data()));
        button->setProperty("role", QStringLiteral("tile"));
        button->setCheckable(true);
        button->setIcon(shapeIcon(words.kind, m_theme));
        button->setIconSize(QSize(m_theme.scaled(kIconWide_px), m_theme.scaled(kIconHigh_px)));
        button->setAccessibleName(tr(words.name));
        button->setToolTip(tr(words.name));
        button->setFixedHeight(m_theme.scaled(34));
        button->setMinimumWidth(0);
        button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        m_shapes->addButton(button, static_cast<int>(words.kind));
        grid->addWidget(button, place / 4, place % 4);
        ++place;
    }
    column()->addWidget(caption(tr("Shape"), m_shapes->button(0)));
    column()->addWidget(grid_box);
    m_amount = figureBox("shapeAmount", tr("How much"), 1.0, 400.0, {});
    m_start = figureBox("shapeStart", tr("Where on the circle the words stand, from the top"), 5.0, 360.0,
                        QStringLiteral("°"));
    m_bends = new QCheckBox(tr("letters bend with it"), this);
    m_bends->setObjectName(QStringLiteral("shapeBends"));
    m_inside = new QCheckBox(tr("inside the circle"), this);
    m_inside->setObjectName(QStringLiteral("shapeInside"));
    auto* row = new QHBoxLayout;
    row->addWidget(m_bends, 1);
    row->addWidget(m_amount);
    auto* circle = new QHBoxLayout;
    circle->addWidget(m_inside, 1);
    circle->addWidget(m_start);
    column()->addLayout(row);
    column()->addLayout(circle);
    buildCorners();

    connect(m_shapes, &QButtonGroup::idClicked, this, [this](int id) {
        m_job.endRun();
        changeShape([&](WordShape& shape) {
            const auto kind = static_cast<ShapeKind>(id);
            if (kind == shape.kind)
                return;
            const bool bends = shape.kind == ShapeKind::None || shape.bends;
            shape = {kind, bends, infoOf(kind).usual, 0.0, false, {}};
        });
        m_job.endRun();
    });
    connect(m_amount, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        if (!isShowing())
            changeShape([&](WordShape& shape) { shape.amount = value; });
    });
    connect(m_start, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        if (!isShowing())
            changeShape([&](WordShape& shape) { shape.start_deg = value; });
    });
    connect(m_bends, &QCheckBox::clicked, this,
            [this](bool on) { changeShape([&](WordShape& shape) { shape.bends = on; }); });
    connect(m_inside, &QCheckBox::clicked, this, [this](bool on) {
        changeShape([&](WordShape& shape) {
            shape.is_inside = on;
            shape.start_deg = on ? 180.0 : 0.0; // where they stand upright
        });
    });
}

/// How far each corner is pulled, in shares of the block's width and height.
void ShapeSection::buildCorners()
{
    m_corners = new QWidget(this);
    auto* grid = new QGridLayout(m_corners);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(kGrid);
    const std::array<QString, 4> names{tr("lower left"), tr("lower right"), tr("upper right"),
                                       tr("upper left")};
    for (std::size_t i = 0; i < names.size(); ++i) {
        auto* label = new QLabel(names[i], m_corners);
        label->setProperty("role", QStringLiteral("soft"));
        // The upper ones first; large text has no room for a name beside two figures.
        const bool is_large = m_theme.textScale() >= 1.4;
        const int at = 2 * static_cast<int>(names.size() - 1 - i) + 1;
        is_large ? grid->addWidget(label, at - 1, 0, 1, 3) : grid->addWidget(label, at, 0);
        for (const bool is_up : {false, true}) {
            const std::size_t n = 2 * i + (is_up ? 1 : 0);
            auto* box =
                figureBox(("corner" + std::to_string(n)).c_str(),
                          is_up ? tr("%1 corner, up").arg(names[i]) : tr("%1 corner, across").arg(names[i]),
                          1.0, 300.0, QStringLiteral(" %"));
            grid->addWidget(box, at, is_up ? 2 : 1);
            m_corner_figures[n] = box;
            connect(box, &QDoubleSpinBox::valueChanged, this, [this, i, is_up](double value) {
                if (isShowing())
                    return;
                changeShape([&](WordShape& shape) {
                    WordShape pulled = shape;
                    (is_up ? pulled.corners[i].y : pulled.corners[i].x) = value / 100.0;
                    // Corners that would turn the words over stay where they were.
                    if (sensible(pulled).corners == pulled.corners)
                        shape = pulled;
                });
                showNow(); // a figure that was refused goes back
            });
        }
    }
    column()->addWidget(m_corners);
}

void ShapeSection::changeShape(const std::function<void(WordShape&)>& change)
{
    changeBlock(tr("bend the words"), [&](Block& b) {
        change(b.shape);
        b.shape = sensible(b.shape);
    });
}

void ShapeSection::showValues()
{
    const auto& b = m_job.job().lettering.block(m_view.block());
    const auto& info = infoOf(b.shape.kind);
    if (auto* button = m_shapes->button(static_cast<int>(b.shape.kind)))
        button->setChecked(true);
    m_amount->setVisible(!info.unit.empty());
    m_amount->setRange(info.least, std::max(info.least, info.most));
    m_amount->setSuffix(info.unit == "deg" ? QStringLiteral("°") : QStringLiteral(" %"));
    m_amount->setValue(b.shape.amount);
    m_bends->setVisible(info.can_keep_letters);
    m_bends->setChecked(b.shape.bends);
    const bool is_circle = b.shape.kind == ShapeKind::Circle;
    m_start->setVisible(is_circle);
    m_start->setValue(b.shape.start_deg);
    m_inside->setVisible(is_circle);
    m_corners->setVisible(b.shape.kind == ShapeKind::Corners);
    for (std::size_t i = 0; i < b.shape.corners.size(); ++i) {
        m_corner_figures[2 * i]->setValue(b.shape.corners[i].x * 100.0);
        m_corner_figures[2 * i + 1]->setValue(b.shape.corners[i].y * 100.0);
    }
    m_inside->setChecked(b.shape.is_inside);
}

} // namespace ink::ui
