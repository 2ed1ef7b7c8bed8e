#include "ui/find/picture_page.h"

#include "ui/core_words.h"

#include "ui/find/found_delegate.h"
#include "ui/find/ink_view.h"
#include "ui/find/picture_view.h"
#include "ui/measures.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/page_stack.h"

#include <QApplication>
#include <QClipboard>
#include <QDoubleSpinBox>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPushButton>
#include <QShortcut>

#include <utility>

namespace ink::ui {
namespace {

enum Tone { Found, Dark, Light };

Picture pictureOf(const QImage& image)
{
    const QImage plain = image.convertToFormat(QImage::Format_RGB888);
    Picture picture{plain.width(), plain.height(), {}};
    picture.rgb.reserve(static_cast<std::size_t>(plain.width()) * static_cast<std::size_t>(plain.height()) *
                        3);
    for (int y = 0; y < plain.height(); ++y)
        picture.rgb.insert(picture.rgb.end(), plain.scanLine(y),
                           plain.scanLine(y) + 3 * static_cast<std::ptrdiff_t>(plain.width()));
    return picture;
}

} // namespace

PicturePage::PicturePage(LikenessModel& likeness, FontListModel& fonts, const Theme& theme,
                         std::function<QString(QWidget* parent)> picture, QWidget* parent)
    : SubPage(QStringLiteral("match"), tr("All fonts"), theme, parent), m_likeness(likeness), m_fonts(fonts),
      m_ask(std::move(picture))
{
    setAcceptDrops(true);
    m_title->setText(tr("What is this lettering, and what looks like it?"));
    auto* open = new QPushButton(tr("Open a picture…"), this);
    open->setObjectName(QStringLiteral("matchOpen"));
    open->setProperty("role", QStringLiteral("quiet"));
    auto* paste_button = new QPushButton(tr("Paste a picture"), this);
    paste_button->setObjectName(QStringLiteral("matchPaste"));
    paste_button->setProperty("role", QStringLiteral("quiet"));
    m_head->addWidget(open);
    m_head->addWidget(paste_button);
    connect(open, &QPushButton::clicked, this, &PicturePage::askForFile);
    connect(paste_button, &QPushButton::clicked, this, [this] {
        if (!paste())
            m_state->setText(tr("Nothing that was copied is a picture. Copy one first."));
    });
    auto* keys = new QShortcut(QKeySequence::Paste, this);
    keys->setContext(Qt::WidgetWithChildrenShortcut);
    connect(keys, &QShortcut::activated, this, [this] {
        if (!paste() && m_words->hasFocus())
            m_words->paste();
    });

    m_stack = new PageStack(this);
    auto* empty = new QLabel(tr("Drop a picture of lettering here, paste one, or open a file.\n"
                                "It stays on this computer."),
                             m_stack);
    empty->setObjectName(QStringLiteral("matchEmpty"));
    empty->setAlignment(Qt::AlignCenter);
    empty->setWordWrap(true);
    empty->setFont(theme.heading(TextSize::Lead));
    m_stack->addWidget(empty);
    auto* whole = new QWidget(m_stack);
    auto* column = new QVBoxLayout(whole);
    column->setContentsMargins(kMargin, 0, kMargin, 3 * kGrid);
    column->setSpacing(3 * kGrid);
    column->addWidget(buildSentence());
    auto* body = new QHBoxLayout;
    body->setSpacing(4 * kGrid);
    body->addWidget(buildViews(), 3);
    body->addWidget(buildFound(), 2);
    column->addLayout(body, 1);
    m_stack->addWidget(whole);
    m_page_column->addWidget(m_stack, 1);
    m_state = new QLabel(this);
    m_state->setObjectName(QStringLiteral("matchState"));
    m_state->setContentsMargins(kMargin, 0, kMargin, 2 * kGrid);
    m_state->setWordWrap(true);
    m_state->setProperty("role", QStringLiteral("soft"));
    m_page_column->addWidget(m_state);

    connect(&m_likeness, &LikenessModel::wantedChanged, this, &PicturePage::showReading);
    connect(&m_likeness, &LikenessModel::inkChanged, this, &PicturePage::showReading);
    connect(&m_likeness, &LikenessModel::found, this, &PicturePage::showFound);
    connect(&m_likeness, &LikenessModel::progressed, this, &PicturePage::showState);
    showReading();
    showFound();
}

QWidget* PicturePage::buildSentence()
{
    auto* holder = new QWidget(this);
    auto* row = new FlowRow(holder, 2 * kGrid);
    const auto say = [&](const QString& words) {
        auto* label = new QLabel(words, holder);
        label->setFont(m_theme.text(TextSize::Lead));
        row->addWidget(label);
        return label;
    };
    auto* says = say(tr("It says"));
    m_words = new QLineEdit(holder);
    m_words->setObjectName(QStringLiteral("matchWords"));
    m_words->setAccessibleName(tr("What the lettering says"));
    m_words->setPlaceholderText(tr("type what you read"));
    m_words->setFont(m_theme.heading(TextSize::Title));
    m_words->setMinimumWidth(m_theme.scaled(240));
    m_words->setMaxLength(static_cast<int>(kMostMatchLetters));
    says->setBuddy(m_words);
    row->addWidget(m_words);
    say(tr("in"));
    m_tone = new Choice(m_theme, holder, Choice::Ground::Paper);
    m_tone->setObjectName(QStringLiteral("matchTone"));
    m_tone->setAccessibleName(tr("Tone of the lettering"));
    row->addWidget(m_tone);
    say(tr("that rise by"));
    m_slope = new QDoubleSpinBox(holder);
    m_slope->setObjectName(QStringLiteral("matchSlope"));
    m_slope->setAccessibleName(tr("How far the line rises to the right, in degrees"));
    m_slope->setRange(-45.0, 45.0);
    m_slope->setDecimals(1);
    m_slope->setSingleStep(0.5);
    m_slope->setSuffix(tr("°"));
    m_slope->setKeyboardTracking(false);
    row->addWidget(m_slope);
    const auto button = [&](const char* name, const QString& words, const QString& tip) {
        auto* b = new QPushButton(words, holder);
        b->setObjectName(QLatin1String(name));
        b->setProperty("role", QStringLiteral("quiet"));
        b->setToolTip(tip);
        row->addWidget(b);
        return b;
    };
    m_plate = button("matchPlate", tr("Straighten the plate"),
                     tr("Put the corners on the label or sign that is seen"));
    m_whole = button("matchWhole", tr("Whole picture"), tr("Take the frame away"));
    m_unpaint =
        button("matchUnpaint", tr("Take the last stroke back"), tr("What was painted out last comes back"));

    connect(m_words, &QLineEdit::textChanged, this, [this](const QString& words) {
        if (!m_is_showing)
            m_likeness.setWords(words);
    });
    connect(m_tone, &QComboBox::activated, this, [this] {
        const int tone = m_tone->currentData().toInt();
        changeReading([tone](InkWishes& w) {
            w.is_light_on_dark = tone == Found ? std::nullopt : std::optional(tone == Light);
        });
    });
    connect(m_slope, &QDoubleSpinBox::valueChanged, this, [this](double deg) {
        changeReading([deg](InkWishes& w) {
            w.slope_deg = deg;
            w.painted_out.clear(); // they lie elsewhere in a picture that is turned otherwise
        });
    });
    connect(m_plate, &QPushButton::clicked, &m_likeness, &LikenessModel::straightenPlate);
    connect(&m_likeness, &LikenessModel::plateMissed, this, [this] {
        m_state->setText(tr("No label or sign stands out from its ground. Drag the corners by hand."));
    });
    connect(m_whole, &QPushButton::clicked, this, [this] { changeReading([](InkWishes& w) { w = {}; }); });
    connect(m_unpaint, &QPushButton::clicked, this, [this] {
        changeReading([](InkWishes& w) {
            if (!w.painted_out.empty())
                w.painted_out.pop_back();
        });
    });
    return holder;
}

QWidget* PicturePage::buildViews()
{
    auto* holder = new QWidget(this);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    m_picture = new PictureView(m_theme, holder);
    m_picture->setObjectName(QStringLiteral("matchPicture"));
    m_ink = new InkView(m_theme, holder);
    m_ink->setObjectName(QStringLiteral("matchInk"));
    m_about = new QLabel(holder);
    m_about->setObjectName(QStringLiteral("matchAbout"));
    m_about->setFont(m_theme.text(TextSize::Small));
    m_about->setWordWrap(true);
    column->addWidget(m_picture, 3);
    column->addWidget(m_ink, 3);
    column->addWidget(m_about);
    connect(m_picture, &PictureView::cornersChanged, this, [this](const FrameCorners& corners) {
        changeReading([&corners](InkWishes& w) {
            w.corners = corners;
            w.slope_deg.reset();
            w.painted_out.clear();
        });
    });
    connect(m_ink, &InkView::paintedOut, this, [this](const std::vector<Blot>& blots) {
        changeReading([&blots, this](InkWishes& w) {
            // What was painted out was seen at this slope.
            if (m_likeness.ink())
                w.slope_deg = m_likeness.ink()->slope_deg;
            w.painted_out.insert(w.painted_out.end(), blots.begin(), blots.end());
        });
    });
    return holder;
}

QWidget* PicturePage::buildFound()
{
    auto* holder = new QWidget(this);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * kGrid);
    m_found = new QListWidget(holder);
    m_found->setObjectName(QStringLiteral("matchFound"));
    m_found->setAccessibleName(tr("Fonts that look like it, the likest first"));
    m_found->setItemDelegate(new FoundDelegate(m_likeness, m_fonts, m_theme, m_found));
    m_found->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_found->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    column->addWidget(m_found, 1);
    auto* foot = new QWidget(holder);
    auto* row = new FlowRow(foot, 2 * kGrid);
    const auto button = [&](const char* name, const QString& words, const char* role) {
        auto* b = new QPushButton(words, foot);
        b->setObjectName(QLatin1String(name));
        b->setProperty("role", QLatin1String(role));
        row->addWidget(b);
        return b;
    };
    m_list = button("matchList", tr("Show them with the job's words"), "main");
    m_choose = button("matchChoose", tr("Choose this font"), "quiet");
    m_stop = button("matchStop", tr("Stop looking"), "quiet");
    column->addWidget(foot);
    connect(m_found, &QListWidget::currentRowChanged, this, [this] {
        if (!m_is_showing)
            showChosen();
    });
    connect(m_found, &QListWidget::itemActivated, this, [this] { m_choose->click(); });
    connect(m_list, &QPushButton::clicked, this, &PicturePage::listWanted);
    connect(m_choose, &QPushButton::clicked, this, [this] {
        if (const int chosen_row = chosenRow(); chosen_row >= 0)
            emit chosen(chosen_row);
    });
    connect(m_stop, &QPushButton::clicked, &m_likeness, &LikenessModel::stop);
    return holder;
}

void PicturePage::openFile(const QString& path)
{
    m_likeness.openPicture(path);
}

bool PicturePage::paste()
{
    const QImage image = QApplication::clipboard()->image();
    if (image.isNull())
        return false;
    m_likeness.setPicture(std::make_shared<Picture>(pictureOf(image)));
    return true;
}

void PicturePage::askForFile()
{
    if (const QString path = m_ask(this); !path.isEmpty())
        openFile(path);
}

void PicturePage::dragEnterEvent(QDragEnterEvent* event)
{
    if (event->mimeData()->hasImage())
        event->acceptProposedAction();
}

/// Files go to the window, which tells pictures from fonts; this is a picture dragged out of another program.
void PicturePage::dropEvent(QDropEvent* event)
{
    const auto image = qvariant_cast<QImage>(event->mimeData()->imageData());
    if (image.isNull())
        return;
    m_likeness.setPicture(std::make_shared<Picture>(pictureOf(image)));
    event->acceptProposedAction();
}

void PicturePage::changeReading(const std::function<void(InkWishes&)>& change)
{
    if (m_is_showing || !m_likeness.picture())
        return;
    InkWishes wishes = m_likeness.reading();
    change(wishes);
    m_likeness.setReading(wishes);
}

void PicturePage::showReading()
{
    m_is_showing = true;
    const auto& picture = m_likeness.picture();
    m_stack->setCurrentIndex(picture ? 1 : 0);
    if (picture) {
        const auto& wishes = m_likeness.reading();
        if (std::exchange(m_shown, picture) != picture) {
            m_picture->setPicture(picture);
            if (isVisible()) // what it says is the next thing to be told
                m_words->setFocus();
        }
        m_picture->setCorners(wishes.corners.value_or(m_picture->wholePicture()));
        if (m_words->text() != m_likeness.words())
            m_words->setText(m_likeness.words());
        const auto& ink = m_likeness.ink();
        // The first says what was found, so that the sentence reads right.
        m_tone->clear();
        m_tone->addChoice(!ink                    ? tr("the tone found")
                          : ink->is_light_on_dark ? tr("light letters")
                                                  : tr("dark letters"),
                          tr("as found"), Found);
        m_tone->addChoice(tr("dark letters"), tr("because I say so"), Dark);
        m_tone->addChoice(tr("light letters"), tr("because I say so"), Light);
        m_tone->setCurrentIndex(!wishes.is_light_on_dark ? Found : *wishes.is_light_on_dark ? Light : Dark);
        if (ink)
            m_slope->setValue(ink->slope_deg);
        m_unpaint->setVisible(!wishes.painted_out.empty());
        if (ink)
            m_ink->setInk(ink);
        else if (m_likeness.trouble())
            m_ink->setProblem(said(*m_likeness.trouble()));
    }
    m_is_showing = false;
    showChosen();
    showState();
}

void PicturePage::showFound()
{
    m_is_showing = true;
    const int chosen_before = chosenRow();
    m_found->clear();
    const auto rows =
        m_likeness.wanted() == LikenessModel::Wanted::Picture ? m_likeness.likestRows() : std::vector<int>();
    for (const int row : rows) {
        const auto* likeness = m_likeness.of(row);
        QStringList about{inWords(*likeness)};
        if (m_fonts.isListing(row))
            about << priceInWords(m_fonts.listing(row).price);
        if (const auto* rights = m_fonts.rights(row))
            about << said(nameOf(rights->dossier.verdict));
        auto* item = new QListWidgetItem(m_fonts.name(row), m_found);
        item->setData(Qt::AccessibleTextRole,
                      m_fonts.name(row) + QStringLiteral(", ") + about.join(QStringLiteral(", ")));
        item->setData(Qt::UserRole, row);
        if (row == chosen_before)
            m_found->setCurrentItem(item);
    }
    if (!m_found->currentItem() && m_found->count() > 0)
        m_found->setCurrentRow(0);
    m_is_showing = false;
    showChosen();
    showState();
}

int PicturePage::chosenRow() const
{
    const auto* item = m_found->currentItem();
    return item ? item->data(Qt::UserRole).toInt() : -1;
}

void PicturePage::showChosen()
{
    const int row = chosenRow();
    const auto* likeness = row >= 0 && row < m_fonts.rowCount() ? m_likeness.of(row) : nullptr;
    m_choose->setEnabled(likeness);
    m_list->setEnabled(likeness);
    m_ink->setOutline(likeness ? likeness->outline_px : QPainterPath(),
                      likeness ? m_fonts.name(row) : QString());
    if (!likeness || likeness->outline_px.isEmpty())
        return m_about->setText(QString());
    m_about->setText(tr("The outline of %1 over what was understood: “%2” is furthest off. A font's name "
                        "says nothing of its "
                        "licence; the verdict does.")
                         .arg(m_fonts.name(row), likeness->worst_letter));
}

void PicturePage::showState()
{
    m_stop->setVisible(m_likeness.isLooking() && m_likeness.picture());
    const auto [described, all] = m_likeness.described();
    if (m_likeness.trouble())
        return m_state->setText(said(*m_likeness.trouble()));
    if (!m_likeness.picture())
        return m_state->setText(QString());
    if (m_words->text().trimmed().isEmpty())
        return m_state->setText(
            tr("Type what the lettering says: the same words are laid over it in every font."));
    if (m_likeness.isLooking())
        return m_state->setText(
            all > 0 ? tr("Getting to know the fonts, %1 of %n so far; that happens once.", nullptr, all)
                          .arg(described)
                    : tr("Looking …"));
    m_state->setText(m_found->count() > 0
                         ? tr("%n font(s) look like it.", nullptr, m_found->count())
                         : tr("No font here looks like it. Check what it says, and the frame."));
}

} // namespace ink::ui
