#include "ui/compose/lettering_panel.h"

#include "ui/compose/lettering_view.h"
#include "ui/measures.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/undo_through.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>

#include <algorithm>

namespace ink::ui {
namespace {

/// The close-up goes in steps of 0.05 mm.
constexpr double kDepthStep_mm = 0.05;
constexpr int kDepthSteps = 40;
constexpr double kUsualDepth_mm = 0.3;

struct ShapeWords
{
    ShapeKind kind;
    const char* name;
};
constexpr ShapeWords kShapeWords[] = {
    {ShapeKind::None, QT_TR_NOOP("Straight")}, {ShapeKind::Hill, QT_TR_NOOP("Hill")},
    {ShapeKind::Valley, QT_TR_NOOP("Valley")}, {ShapeKind::Arch, QT_TR_NOOP("Arch")},
    {ShapeKind::Circle, QT_TR_NOOP("Circle")}, {ShapeKind::Wave, QT_TR_NOOP("Wave")},
    {ShapeKind::Rising, QT_TR_NOOP("Rising")}, {ShapeKind::Taper, QT_TR_NOOP("Taper")},
    {ShapeKind::Bulge, QT_TR_NOOP("Bulge")},   {ShapeKind::Slant, QT_TR_NOOP("Slant")},
    {ShapeKind::Mirror, QT_TR_NOOP("Mirror")}, {ShapeKind::Corners, QT_TR_NOOP("By its four corners")},
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
    constexpr int kWide = 38, kHigh = 24;
    QPixmap pixmap(kWide * 2, kHigh * 2);
    pixmap.setDevicePixelRatio(2.0);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const double scale = std::min((kWide - 4) / bounds.width(), (kHigh - 4) / bounds.height());
    painter.translate(kWide / 2.0, kHigh / 2.0);
    painter.scale(scale, scale);
    painter.translate(-bounds.center());
    painter.fillPath(path, theme.colours().ink);
    return QIcon(pixmap);
}

} // namespace

LetteringPanel::LetteringPanel(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_job(job), m_view(view), m_theme(theme)
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    buildCloseUp(column);
    buildShape(column);
    buildLetter(column);
    buildLines(column);
    buildGuides(column);
    buildDress(column);
    connect(&m_job, &JobModel::changed, this, &LetteringPanel::showJob);
    connect(&m_view, &LetteringView::caretMoved, this, [this] {
        showLetter();
        showShape();
    });
    showJob();
}

QLabel* LetteringPanel::caption(const QString& text, QWidget* buddy)
{
    auto* label = new QLabel(text, this);
    label->setProperty("role", QStringLiteral("caption"));
    label->setFont(m_theme.text(TextSize::Small));
    label->setBuddy(buddy);
    return label;
}

QDoubleSpinBox* LetteringPanel::figureBox(const char* name, const QString& spoken, double step, double most,
                                          const QString& unit)
{
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setToolTip(spoken);
    box->setRange(-most, most);
    box->setDecimals(1);
    box->setSingleStep(step);
    box->setSuffix(unit);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    box->setAlignment(Qt::AlignRight);
    box->setFixedWidth(m_theme.scaled(66));
    new UndoThrough(box);
    return box;
}

void LetteringPanel::buildCloseUp(QVBoxLayout* column)
{
    m_closes = new QCheckBox(tr("Close up, overlapping by"), this);
    m_closes->setObjectName(QStringLiteral("closeUp"));
    m_depth = new QSlider(Qt::Horizontal, this);
    m_depth->setObjectName(QStringLiteral("closeUpDepth"));
    m_depth->setAccessibleName(tr("How deep letters overlap"));
    m_depth->setRange(0, kDepthSteps);
    m_depth->setPageStep(4);
    m_depth_value = new QLabel(this);
    m_depth_value->setObjectName(QStringLiteral("closeUpValue"));
    m_depth_value->setFont(m_theme.text(TextSize::Body, true));
    m_pairs = new QLabel(this);
    m_pairs->setObjectName(QStringLiteral("closeUpPairs"));
    m_pairs->setWordWrap(true);
    m_pairs->setProperty("role", QStringLiteral("soft"));
    m_evenly = new QCheckBox(tr("by one equal step"), this);
    m_evenly->setObjectName(QStringLiteral("closeUpEvenly"));
    auto* row = new QHBoxLayout;
    row->addWidget(m_depth, 1);
    row->addWidget(m_depth_value);
    column->addWidget(m_closes);
    column->addLayout(row);
    column->addWidget(m_pairs);
    column->addWidget(m_evenly);

    connect(m_closes, &QCheckBox::clicked, this, [this](bool on) {
        m_job.endRun();
        m_job.changeLettering(tr("close up"), [&](Job& job) {
            job.lettering.close_up.depth_mm = on ? std::optional(kUsualDepth_mm) : std::nullopt;
        });
        m_job.endRun();
    });
    connect(m_depth, &QSlider::valueChanged, this, [this](int steps) {
        if (!m_is_showing)
            m_job.changeLettering(tr("close up"),
                                  [&](Job& job) { job.lettering.close_up.depth_mm = steps * kDepthStep_mm; });
    });
    connect(m_depth, &QSlider::sliderReleased, this, [this] { m_job.endRun(); });
    connect(m_evenly, &QCheckBox::clicked, this, [this](bool on) {
        m_job.changeLettering(tr("close up evenly"), [&](Job& job) {
            job.lettering.close_up.by = on ? CloseUp::By::Line : CloseUp::By::Pair;
            if (!job.lettering.close_up.depth_mm)
                job.lettering.close_up.depth_mm = kUsualDepth_mm;
        });
    });
}

void LetteringPanel::buildShape(QVBoxLayout* column)
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
        button->setIconSize(QSize(38, 24));
        button->setAccessibleName(tr(words.name));
        button->setToolTip(tr(words.name));
        button->setFixedHeight(m_theme.scaled(34));
        button->setMinimumWidth(0);
        button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        m_shapes->addButton(button, static_cast<int>(words.kind));
        grid->addWidget(button, place / 4, place % 4);
        ++place;
    }
    column->addSpacing(kGrid);
    column->addWidget(caption(tr("Shape"), m_shapes->button(0)));
    column->addWidget(grid_box);
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
    column->addLayout(row);
    column->addLayout(circle);
    buildCorners(column);

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
        if (!m_is_showing)
            changeShape([&](WordShape& shape) { shape.amount = value; });
    });
    connect(m_start, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        if (!m_is_showing)
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
void LetteringPanel::buildCorners(QVBoxLayout* column)
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
        const int at = static_cast<int>(names.size() - 1 - i); // the upper ones first
        grid->addWidget(label, at, 0);
        for (const bool is_up : {false, true}) {
            const std::size_t n = 2 * i + (is_up ? 1 : 0);
            auto* box =
                figureBox(("corner" + std::to_string(n)).c_str(),
                          is_up ? tr("%1 corner, up").arg(names[i]) : tr("%1 corner, across").arg(names[i]),
                          1.0, 300.0, QStringLiteral(" %"));
            grid->addWidget(box, at, is_up ? 2 : 1);
            m_corner_figures[n] = box;
            connect(box, &QDoubleSpinBox::valueChanged, this, [this, i, is_up](double value) {
                if (m_is_showing)
                    return;
                changeShape([&](WordShape& shape) {
                    WordShape pulled = shape;
                    (is_up ? pulled.corners[i].y : pulled.corners[i].x) = value / 100.0;
                    // Corners that would turn the words over stay where they were.
                    if (sensible(pulled).corners == pulled.corners)
                        shape = pulled;
                });
                showShape(); // a figure that was refused goes back
            });
        }
    }
    column->addWidget(m_corners);
}

void LetteringPanel::buildLetter(QVBoxLayout* column)
{
    m_letter_title = caption({}, nullptr);
    m_letter_title->setObjectName(QStringLiteral("letterTitle"));
    column->addSpacing(kGrid);
    column->addWidget(m_letter_title);
    m_dx = figureBox("letterDx", tr("Moved across (Alt and arrows)"), 0.1, 9999.0, {});
    m_dy = figureBox("letterDy", tr("Moved up (Alt and arrows)"), 0.1, 9999.0, {});
    m_turn =
        figureBox("letterTurn", tr("Turned (Ctrl, Alt, left and right)"), 0.5, 360.0, QStringLiteral("°"));
    m_size = figureBox("letterSize", tr("Size (Ctrl, Alt, up and down)"), 1.0, 2000.0, QStringLiteral(" %"));
    m_size->setMinimum(5.0);
    m_before = figureBox("letterBefore", tr("Space before it (Alt, comma and full stop)"), 0.1, 9999.0, {});
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(kGrid);
    auto addRow = [&, row = 0](const QString& name, std::initializer_list<QWidget*> boxes) mutable {
        auto* label = new QLabel(name, this);
        label->setProperty("role", QStringLiteral("soft"));
        grid->addWidget(label, row, 0);
        int at = 1;
        for (auto* box : boxes)
            grid->addWidget(box, row, boxes.size() == 1 ? 2 : at++);
        ++row;
    };
    if (m_theme.textScale() < 1.4) {
        addRow(tr("moved"), {m_dx, m_dy});
    } else { // one under the other: large text has no room for both
        addRow(tr("moved across"), {m_dx});
        addRow(tr("moved up"), {m_dy});
    }
    addRow(tr("turned"), {m_turn});
    addRow(tr("size"), {m_size});
    addRow(tr("space before"), {m_before});
    grid->setColumnStretch(0, 1);
    column->addLayout(grid);
    m_reset = new QPushButton(tr("Put it back"), this);
    m_reset->setObjectName(QStringLiteral("letterReset"));
    m_reset->setProperty("role", QStringLiteral("quiet"));
    m_reset->setToolTip(tr("As the font places it (Alt+0)"));
    m_font = new Choice(m_theme, this, Choice::Ground::Paper);
    m_font->setObjectName(QStringLiteral("letterFont"));
    m_font->setAccessibleName(tr("Font of these letters"));
    m_keep_letters = new QPushButton(tr("Into the tray"), this);
    m_keep_letters->setObjectName(QStringLiteral("letterToTray"));
    m_keep_letters->setProperty("role", QStringLiteral("quiet"));
    m_keep_letters->setToolTip(tr("Keeps the chosen letters as one motif, welded"));
    connect(m_keep_letters, &QPushButton::clicked, this, &LetteringPanel::keepLettersWanted);
    m_keep_part = new QPushButton(tr("A part into the tray"), this);
    m_keep_part->setObjectName(QStringLiteral("partToTray"));
    m_keep_part->setProperty("role", QStringLiteral("quiet"));
    m_keep_part->setToolTip(tr("Draw a frame over a part of the words: what is inside becomes a motif"));
    connect(m_keep_part, &QPushButton::clicked, this, &LetteringPanel::keepPartWanted);
    column->addWidget(m_font);
    auto* row = new QHBoxLayout;
    row->addWidget(m_keep_letters);
    row->addStretch(1);
    row->addWidget(m_reset);
    column->addLayout(row);
    column->addWidget(m_keep_part, 0, Qt::AlignLeft);

    const auto each = [this](const QString& name, const std::function<void(LetterChoice&)>& change) {
        if (m_is_showing)
            return;
        m_job.changeLettering(name, [&](Job& job) {
            if (const auto piece = m_view.piece()) {
                auto& placed = job.lettering.pieces[*piece];
                LetterChoice as_letter;
                as_letter.dx_em = placed.x_em;
                as_letter.dy_em = placed.y_em;
                as_letter.turn_deg = placed.turn_deg;
                as_letter.size = placed.size;
                change(as_letter);
                placed.x_em = as_letter.dx_em;
                placed.y_em = as_letter.dy_em;
                placed.turn_deg = as_letter.turn_deg;
                placed.size = as_letter.size;
                return;
            }
            for (const auto letter : m_view.letters())
                change(job.lettering.letters[letter]);
        });
    };
    const auto em = [this] { return m_composed ? m_composed->mm_per_u * 1000.0 : 1.0; };
    const auto em_up = [this] { return m_composed ? m_composed->mm_per_u_up * 1000.0 : 1.0; };
    const auto mm = [this](double value) { return toMm(value, m_job.job().unit); };
    connect(m_dx, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        each(tr("move letters"), [&](LetterChoice& c) { c.dx_em = mm(v) / em(); });
    });
    connect(m_dy, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        each(tr("move letters"), [&](LetterChoice& c) { c.dy_em = mm(v) / em_up(); });
    });
    connect(m_turn, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { each(tr("turn letters"), [&](LetterChoice& c) { c.turn_deg = v; }); });
    connect(m_size, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        each(tr("resize letters"), [&](LetterChoice& c) { c.size = v / 100.0; });
    });
    connect(m_before, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
        each(tr("space before a letter"), [&](LetterChoice& c) { c.before_em = mm(v) / em(); });
    });
    connect(m_reset, &QPushButton::clicked, this, [this] { m_view.resetLetters(); });
    connect(m_font, &QComboBox::activated, this, [this] {
        const QStringList chosen = m_font->currentData().toStringList();
        m_job.endRun();
        m_job.changeLettering(tr("font of letters"), [&](Job& job) {
            for (const auto letter : m_view.letters()) {
                auto& choice = job.lettering.letters[letter];
                choice.worn.reset();
                if (chosen.size() == 3)
                    choice.font =
                        FontRef{chosen[0].toStdString(), chosen[1].toUInt(), chosen[2].toStdString()};
                else
                    choice.font.reset();
            }
        });
        m_job.endRun();
    });
}

void LetteringPanel::buildLines(QVBoxLayout* column)
{
    m_align = new Choice(m_theme, this, Choice::Ground::Paper);
    m_align->setObjectName(QStringLiteral("lineAlign"));
    m_align->setAccessibleName(tr("How the lines stand under each other"));
    m_align->addChoice(tr("left edges"), {}, static_cast<int>(Align::Left));
    m_align->addChoice(tr("middles"), {}, static_cast<int>(Align::Middle));
    m_align->addChoice(tr("right edges"), {}, static_cast<int>(Align::Right));
    m_one_width = new QCheckBox(tr("lines of one width"), this);
    m_one_width->setObjectName(QStringLiteral("oneWidth"));
    column->addSpacing(kGrid);
    auto* row = new QHBoxLayout;
    row->addWidget(caption(tr("Lines meet at their"), m_align));
    row->addWidget(m_align, 1);
    column->addLayout(row);
    column->addWidget(m_one_width);
    m_line_gap = figureBox("lineGap", tr("Distance of the lines, of the font's own"), 1.0, 400.0,
                           QStringLiteral(" %"));
    m_line_gap->setMinimum(20.0);
    m_block_size = figureBox("blockSize", tr("Size of these lines beside the others"), 1.0, 1000.0,
                             QStringLiteral(" %"));
    m_block_size->setMinimum(5.0);
    m_stretch = figureBox("blockStretch", tr("Width of the letters beside their own proportions"), 1.0, 500.0,
                          QStringLiteral(" %"));
    m_stretch->setMinimum(20.0);
    const auto figure = [&](const QString& name, QDoubleSpinBox* box) {
        auto* line = new QHBoxLayout;
        auto* label = new QLabel(name, this);
        label->setProperty("role", QStringLiteral("soft"));
        line->addWidget(label, 1);
        line->addWidget(box);
        column->addLayout(line);
    };
    figure(tr("line to line"), m_line_gap);
    figure(tr("size of these lines"), m_block_size);
    figure(tr("width of their letters"), m_stretch);
    buildProportions(column);
    m_tail = new QCheckBox(tr("Tail under the words"), this);
    m_tail->setObjectName(QStringLiteral("tail"));
    m_tail_drop = figureBox("tailDrop", tr("How far below the letters"), 0.1, 999.0, {});
    auto* tail = new QHBoxLayout;
    tail->addWidget(m_tail, 1);
    tail->addWidget(m_tail_drop);
    column->addLayout(tail);

    connect(m_align, &QComboBox::activated, this, [this] {
        changeBlock(tr("align lines"),
                    [&](Block& b) { b.align = static_cast<Align>(m_align->currentData().toInt()); });
    });
    connect(m_line_gap, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!m_is_showing)
            changeBlock(tr("line distance"), [&](Block& b) { b.line_gap = v / 100.0; });
    });
    connect(m_block_size, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!m_is_showing)
            changeBlock(tr("size of lines"), [&](Block& b) { b.size = v / 100.0; });
    });
    connect(m_stretch, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!m_is_showing)
            changeBlock(tr("width of letters"), [&](Block& b) { b.stretch = v / 100.0; });
    });
    connect(m_one_width, &QCheckBox::clicked, this, [this](bool on) {
        changeBlock(tr("lines of one width"), [&](Block& b) { b.has_one_width = on; });
    });
    connect(m_tail, &QCheckBox::clicked, this,
            [this](bool on) { changeBlock(tr("tail under the words"), [&](Block& b) { b.has_tail = on; }); });
    connect(m_tail_drop, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (m_is_showing || !m_composed)
            return;
        changeBlock(tr("hang the tail"), [&](Block& b) {
            b.tail_drop_em = toMm(v, m_job.job().unit) / (m_composed->mm_per_u_up * 1000.0);
        });
    });
}

/// The other side of the finished size, where it is told otherwise than the proportions would have it.
void LetteringPanel::buildProportions(QVBoxLayout* column)
{
    m_proportions = new QCheckBox(tr("the whole keeps its proportions"), this);
    m_proportions->setObjectName(QStringLiteral("keepsProportions"));
    m_other_side = figureBox("otherSideFigure", tr("The other side of the finished size"), 1.0, 99999.0, {});
    m_other_side->setMinimum(0.0);
    m_other_name = new QLabel(this);
    m_other_name->setProperty("role", QStringLiteral("soft"));
    m_other_name->setBuddy(m_other_side);
    column->addWidget(m_proportions);
    auto* row = new QHBoxLayout;
    row->addWidget(m_other_name, 1);
    row->addWidget(m_other_side);
    column->addLayout(row);
    connect(m_proportions, &QCheckBox::clicked, this, [this](bool kept) {
        FinishedSize size = m_job.job().size;
        size.other_mm = kept ? std::nullopt : otherSide_mm();
        m_job.endRun();
        m_job.setSize(size);
    });
    connect(m_other_side, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        if (m_is_showing)
            return;
        FinishedSize size = m_job.job().size;
        size.other_mm = toMm(value, m_job.job().unit);
        m_job.setSize(size);
    });
}

std::optional<double> LetteringPanel::otherSide_mm() const
{
    if (!m_composed)
        return {};
    const Box& box = m_composed->design.figures_mm.box;
    return m_job.job().size.by == SizeBy::Width ? box.height() : box.width();
}

void LetteringPanel::showProportions()
{
    m_is_showing = true;
    const auto& size = m_job.job().size;
    const bool can = size.by == SizeBy::Width || size.by == SizeBy::Height;
    m_proportions->setVisible(can);
    m_other_name->setVisible(can);
    m_other_side->setVisible(can);
    m_proportions->setChecked(!size.isOutOfProportion());
    m_proportions->setEnabled(m_composed || size.isOutOfProportion());
    m_other_name->setText(size.by == SizeBy::Width ? tr("height of the whole") : tr("width of the whole"));
    m_other_side->setEnabled(size.isOutOfProportion());
    const auto shown = size.isOutOfProportion() ? size.other_mm : otherSide_mm();
    const double least = 0.5 * std::pow(10.0, -m_other_side->decimals()); // half-typed figures stay
    if (shown && std::abs(m_other_side->value() - fromMm(*shown, m_job.job().unit)) > least)
        m_other_side->setValue(fromMm(*shown, m_job.job().unit));
    m_is_showing = false;
}

void LetteringPanel::buildGuides(QVBoxLayout* column)
{
    auto* upright = new QPushButton(tr("Upright"), this);
    upright->setObjectName(QStringLiteral("guideUpright"));
    upright->setToolTip(tr("A guide at the caret; or pull one from the left ruler"));
    auto* level = new QPushButton(tr("Level"), this);
    level->setObjectName(QStringLiteral("guideLevel"));
    level->setToolTip(tr("A guide on the baseline; or pull one from the upper ruler"));
    m_guide_at = figureBox("guideAt", tr("Where the guide stands on its ruler"), 0.1, 9999.0, {});
    m_guide_remove = new QPushButton(tr("Take away"), this);
    m_guide_remove->setObjectName(QStringLiteral("guideRemove"));
    for (auto* button : {upright, level, m_guide_remove})
        button->setProperty("role", QStringLiteral("quiet"));
    column->addSpacing(kGrid);
    auto* row = new QHBoxLayout;
    row->addWidget(caption(tr("Guides"), upright), 1);
    row->addWidget(upright);
    row->addWidget(level);
    column->addLayout(row);
    auto* chosen = new QHBoxLayout;
    chosen->addWidget(m_guide_remove);
    chosen->addStretch(1);
    chosen->addWidget(m_guide_at);
    column->addLayout(chosen);
    connect(upright, &QPushButton::clicked, this, [this] { m_view.addGuide(true); });
    connect(level, &QPushButton::clicked, this, [this] { m_view.addGuide(false); });
    connect(m_guide_remove, &QPushButton::clicked, this, [this] {
        m_job.endRun();
        m_view.removeGuide();
        m_job.endRun();
    });
    connect(m_guide_at, &QDoubleSpinBox::valueChanged, this, [this](double v) {
        if (!m_is_showing)
            m_view.setGuideFigure(toMm(v, m_job.job().unit));
    });
    connect(&m_view, &LetteringView::guidesChanged, this, &LetteringPanel::showGuide);
}

void LetteringPanel::showGuide()
{
    m_is_showing = true;
    const auto at = m_view.guideFigure();
    m_guide_at->setVisible(at.has_value());
    m_guide_remove->setVisible(at.has_value());
    if (at && !m_guide_at->hasFocus())
        m_guide_at->setValue(fromMm(*at, m_job.job().unit));
    m_is_showing = false;
}

void LetteringPanel::buildDress(QVBoxLayout* column)
{
    m_dressings = new QWidget(this);
    m_dressings->setObjectName(QStringLiteral("dressings"));
    new FlowRow(m_dressings, kGrid);
    m_dress_note = new QLabel(this);
    m_dress_note->setObjectName(QStringLiteral("dressNote"));
    m_dress_note->setProperty("role", QStringLiteral("soft"));
    m_dress_note->setWordWrap(true);
    auto* button = new QPushButton(tr("Dress the words"), this);
    button->setObjectName(QStringLiteral("dress"));
    button->setToolTip(tr("Whole sets of beginnings, endings and loops that join and can be cut"));
    column->addSpacing(kGrid);
    column->addWidget(button);
    column->addWidget(m_dressings);
    column->addWidget(m_dress_note);
    m_dress_note->hide();
    m_dressings->hide();
    connect(button, &QPushButton::clicked, this, &LetteringPanel::dressWanted);
}

void LetteringPanel::setDressings(const std::vector<Dressing>& dressings, bool is_known)
{
    auto* row = m_dressings->layout();
    while (auto* item = row->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    m_dress_note->setVisible(is_known && dressings.empty());
    m_dress_note->setText(
        tr("This font has no forms that would join and hold at this size. Try a larger size or "
           "another font: Find shows which have swashes."));
    m_dressings->setVisible(!dressings.empty());
    for (int i = 0; i < static_cast<int>(dressings.size()); ++i) {
        auto* button = new QPushButton(tr(dressings[static_cast<std::size_t>(i)].name.c_str()), m_dressings);
        button->setObjectName(QStringLiteral("dressing%1").arg(i));
        button->setToolTip(
            counted(dressings[static_cast<std::size_t>(i)].dressed, "letter dressed", "letters dressed"));
        row->addWidget(button);
        button->show();
        connect(button, &QPushButton::clicked, this, [this, i] { emit dressingChosen(i); });
    }
}

std::size_t LetteringPanel::block() const
{
    const auto words = toUtf32(m_job.job().words);
    const auto blocks = blocksOf(words);
    if (blocks.empty())
        return 0;
    return blocks[std::min(m_view.caret(), blocks.size() - 1)];
}

void LetteringPanel::changeBlock(const QString& name, const std::function<void(Block&)>& change)
{
    const auto number = block();
    m_job.changeLettering(name, [&](Job& job) {
        if (job.lettering.blocks.size() <= number)
            job.lettering.blocks.resize(number + 1);
        change(job.lettering.blocks[number]);
    });
}

void LetteringPanel::changeShape(const std::function<void(WordShape&)>& change)
{
    changeBlock(tr("bend the words"), [&](Block& b) {
        change(b.shape);
        b.shape = sensible(b.shape);
    });
}

void LetteringPanel::setFonts(const std::vector<std::pair<QString, FontRef>>& fonts)
{
    const QSignalBlocker blocker(m_font);
    m_font->clear();
    m_font->addChoice(tr("the job's font"), {}, QStringList());
    for (const auto& [name, font] : fonts)
        m_font->addChoice(name, {},
                          QStringList{QString::fromStdString(font.path), QString::number(font.face),
                                      QString::fromStdString(font.instance)});
    showLetter();
}

void LetteringPanel::showComposed(std::shared_ptr<const ComposedDesign> composed)
{
    m_composed = std::move(composed);
    showLetter();
    showShape();
    showPairs();
    showGuide();
    showProportions();
}

void LetteringPanel::showPairs()
{
    const auto& depth = m_job.job().lettering.close_up.depth_mm;
    if (!depth || !m_composed) {
        m_pairs->setText(tr("Letters stand as the font spaces them."));
        return;
    }
    std::size_t joins = 0;
    QStringList apart;
    for (const auto& pair : m_composed->setting.pairs) {
        joins += pair.state == ClosePair::State::Joins ? 1 : 0;
        if (pair.state == ClosePair::State::Joins)
            continue;
        const auto words = toUtf32(m_job.job().words);
        const auto& left = m_composed->setting.letters[pair.left];
        const auto& right = m_composed->setting.letters[pair.right];
        if (left.first < words.size() && right.first < words.size())
            apart << QString::fromUcs4(&words[left.first], 1) + QString::fromUcs4(&words[right.first], 1);
    }
    const auto all = m_composed->setting.pairs.size();
    m_pairs->setText(apart.isEmpty() ? tr("✓ %1 of %2 join").arg(joins).arg(all)
                                     : tr("%1 of %2 join; left as drawn: %3")
                                           .arg(joins)
                                           .arg(all)
                                           .arg(apart.mid(0, 6).join(QStringLiteral(", "))));
}

void LetteringPanel::showJob()
{
    m_is_showing = true;
    const auto& job = m_job.job();
    const auto& close_up = job.lettering.close_up;
    m_closes->setChecked(close_up.depth_mm.has_value());
    m_depth->setEnabled(close_up.depth_mm.has_value());
    m_evenly->setEnabled(close_up.depth_mm.has_value());
    m_evenly->setChecked(close_up.by == CloseUp::By::Line);
    const double depth = close_up.depth_mm.value_or(kUsualDepth_mm);
    m_depth->setValue(qRound(depth / kDepthStep_mm));
    m_depth_value->setText(fineLength(depth, job.unit));
    for (auto* box : {m_dx, m_dy, m_before, m_tail_drop, m_guide_at, m_other_side}) {
        const bool inches = job.unit == LengthUnit::Inch;
        box->setDecimals(inches ? 3 : 1);
        box->setSingleStep(inches ? 0.005 : 0.1);
        box->setSuffix(inches ? tr(" in") : tr(" mm"));
    }
    m_is_showing = false;
    showLetter();
    showShape();
    showPairs();
    showGuide();
    showProportions();
}

void LetteringPanel::showShape()
{
    m_is_showing = true;
    const auto& b = m_job.job().lettering.block(block());
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
    m_align->setCurrentIndex(std::max(0, m_align->findData(static_cast<int>(b.align))));
    m_one_width->setChecked(b.has_one_width);
    m_line_gap->setValue(b.line_gap * 100.0);
    m_block_size->setValue(b.size * 100.0);
    m_stretch->setValue(b.stretch * 100.0);
    m_tail->setChecked(b.has_tail);
    m_tail_drop->setVisible(b.has_tail);
    if (m_composed)
        m_tail_drop->setValue(fromMm(b.tail_drop_em * m_composed->mm_per_u_up * 1000.0, m_job.job().unit));
    m_is_showing = false;
}

void LetteringPanel::showLetter()
{
    m_is_showing = true;
    const auto& job = m_job.job();
    const auto words = toUtf32(job.words);
    const auto letters = m_view.letters();
    const double em = m_composed ? m_composed->mm_per_u * 1000.0 : 1.0;
    const double em_up = m_composed ? m_composed->mm_per_u_up * 1000.0 : 1.0;
    const bool has_letter = !letters.empty() && letters.front() < words.size();
    const auto& choice = has_letter ? job.lettering.letter(letters.front()) : LetterChoice();
    if (m_view.piece())
        m_letter_title->setText(tr("This piece (Alt and arrows move it)"));
    else if (!has_letter)
        m_letter_title->setText(tr("This letter"));
    else if (letters.size() == 1 && words[letters.front()] == kMotifCharacter)
        m_letter_title->setText(tr("This motif"));
    else if (letters.size() == 1)
        m_letter_title->setText(tr("This letter: %1").arg(QString::fromUcs4(&words[letters.front()], 1)));
    else
        m_letter_title->setText(tr("These %1 letters").arg(letters.size()));
    const auto shown = [&](double em_share) { return fromMm(em_share * em, job.unit); };
    const auto set = [](QDoubleSpinBox* box, double value) {
        if (std::abs(box->value() - value) > 0.5 * std::pow(10.0, -box->decimals()) || !box->hasFocus())
            box->setValue(value);
    };
    const PlacedPiece* piece = m_view.piece() && *m_view.piece() < job.lettering.pieces.size()
                                   ? &job.lettering.pieces[*m_view.piece()]
                                   : nullptr;
    set(m_dx, shown(piece ? piece->x_em : choice.dx_em));
    set(m_dy, shown(piece ? piece->y_em : choice.dy_em) * em_up / em);
    set(m_turn, piece ? piece->turn_deg : choice.turn_deg);
    set(m_size, (piece ? piece->size : choice.size) * 100.0);
    set(m_before, shown(choice.before_em));
    for (auto* box : {m_dx, m_dy, m_turn, m_size})
        box->setEnabled(has_letter || piece);
    m_before->setEnabled(has_letter && !piece);
    m_reset->setEnabled(m_view.piece() || (has_letter && choice.isPlaced()));
    m_font->setEnabled(has_letter);
    m_keep_letters->setEnabled(has_letter && !m_view.piece());
    m_keep_part->setEnabled(m_composed != nullptr);
    const int row = choice.font ? m_font->findData(QStringList{QString::fromStdString(choice.font->path),
                                                               QString::number(choice.font->face),
                                                               QString::fromStdString(choice.font->instance)})
                                : 0;
    m_font->setCurrentIndex(std::max(0, row));
    m_is_showing = false;
}

} // namespace ink::ui
