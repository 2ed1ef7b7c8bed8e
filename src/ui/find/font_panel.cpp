#include "ui/find/font_panel.h"

#include "ui/core_words.h"

#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/flow_row.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace ink::ui {
namespace {

/// A licence text can be pages long; the first sentences say what it is.
QString shortened(const QString& words)
{
    constexpr qsizetype kLongest = 220;
    const QString flat = words.simplified();
    return flat.size() <= kLongest
               ? flat
               : flat.left(flat.lastIndexOf(QLatin1Char(' '), kLongest)) + QStringLiteral(" …");
}

} // namespace

FontPanel::FontPanel(FontListModel& fonts, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_fonts(fonts), m_theme(theme)
{
    setObjectName(QStringLiteral("sidePanel"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(tr("The chosen font"));
    build();
}

void FontPanel::build()
{
    auto* scroll = new QScrollArea(this);
    scroll->setObjectName(QStringLiteral("sideScroll"));
    scroll->setAccessibleName(tr("About the chosen font"));
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* panel = new QWidget(scroll);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(3 * kGrid, kMargin, 3 * kGrid, kMargin);
    column->setSpacing(2 * kGrid);
    const auto label = [&](const char* name, const QFont& font, const char* role) {
        auto* l = new QLabel(panel);
        l->setObjectName(QLatin1String(name));
        l->setFont(font);
        l->setWordWrap(true);
        l->setProperty("role", QLatin1String(role));
        l->setContentsMargins(2 * kGrid, 0, 0, 0);
        column->addWidget(l);
        return l;
    };
    const auto button = [&](const char* name, const QString& words, const char* role) {
        auto* b = new QPushButton(words, panel);
        b->setObjectName(QLatin1String(name));
        b->setProperty("role", QLatin1String(role));
        return b;
    };
    m_name = label("fontName", m_theme.heading(TextSize::Title), "");
    m_facts = label("fontFacts", m_theme.text(TextSize::Small), "soft");
    // They keep their place whatever stands in the panel.
    auto* buttons = new QWidget(this);
    buttons->setObjectName(QStringLiteral("sideFoot"));
    auto* flow = new FlowRow(buttons, 2 * kGrid);
    m_main = button("composeFont", tr("Set the words in it"), "main");
    m_open = button("openCard", tr("Open the card"), "quiet");
    m_open->setToolTip(tr("Alphabet, key map, sizes, package (Ctrl+Enter)"));
    m_compare = button("compareFont", tr("Compare"), "quiet");
    m_compare->setToolTip(tr("Put two to six fonts side by side (Ctrl+K)"));
    m_like = button("likeFont", tr("What looks like it"), "quiet");
    m_like->setToolTip(tr("On the shelf, on this computer and in the catalogue (Ctrl+L)"));
    for (auto* b : {m_main, m_open, m_compare, m_like})
        flow->addWidget(b);
    flow->setContentsMargins(5 * kGrid, 2 * kGrid, 3 * kGrid, 3 * kGrid);

    buildVerdict(panel);
    column->addWidget(m_verdict_chip);
    m_quote = label("licenceQuote", m_theme.text(TextSize::Small), "");
    m_source = label("licenceSource", m_theme.text(TextSize::Small), "soft");
    m_dossier = button("openRights", tr("Rights dossier"), "quiet");
    m_dossier->setToolTip(tr("Evidence, letter to the author, receipts (Ctrl+R)"));
    column->addWidget(m_dossier, 0, Qt::AlignLeft);
    m_problem = label("marksProblem", m_theme.text(TextSize::Small), "");
    m_again = button("marksAgain", tr("Try again"), "quiet");
    column->addWidget(m_again, 0, Qt::AlignLeft);
    m_marks = new MarkPanel(m_theme, panel);
    m_marks->setObjectName(QStringLiteral("markPanel"));
    column->addWidget(m_marks);
    column->addStretch(1);
    panel->setMinimumWidth(1); // texts wrap rather than reach beyond the panel
    scroll->setWidget(panel);
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(0);
    whole->addWidget(scroll, 1);
    whole->addWidget(buttons);

    connect(m_main, &QPushButton::clicked, this, &FontPanel::mainWanted);
    connect(m_open, &QPushButton::clicked, this, &FontPanel::cardWanted);
    connect(m_dossier, &QPushButton::clicked, this, &FontPanel::rightsWanted);
    connect(m_compare, &QPushButton::clicked, this, &FontPanel::compareWanted);
    connect(m_like, &QPushButton::clicked, this, &FontPanel::likeWanted);
    connect(m_marks, &MarkPanel::shownChanged, this, &FontPanel::shownMarkChanged);
    connect(m_marks, &MarkPanel::limitsWanted, this, &FontPanel::limitsWanted);
    connect(m_again, &QPushButton::clicked, this, [this] {
        m_fonts.askAgainForFailedListings();
        if (m_row >= 0)
            m_fonts.preview(m_row);
    });
}

void FontPanel::buildVerdict(QWidget* panel)
{
    m_verdict_chip = new QWidget(panel);
    m_verdict_chip->setObjectName(QStringLiteral("panelVerdict"));
    m_verdict_chip->setAttribute(Qt::WA_StyledBackground);
    auto* chip = new QHBoxLayout(m_verdict_chip);
    chip->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
    m_verdict_mark = new MarkLabel(m_theme, m_verdict_chip);
    m_verdict = new QLabel(m_verdict_chip);
    m_verdict->setObjectName(QStringLiteral("verdictName"));
    m_verdict->setFont(m_theme.text(TextSize::Body, true));
    chip->addWidget(m_verdict_mark);
    chip->addWidget(m_verdict, 1);
}

void FontPanel::show(int row, bool is_compared)
{
    m_row = row < 0 ? FontRow() : FontRow(m_fonts, row);
    for (auto* button : {m_main, m_open, m_compare, m_like, m_dossier})
        button->setEnabled(row >= 0);
    m_main->setText(row >= 0 && m_fonts.isListing(row) ? tr("Fetch it") : tr("Set the words in it"));
    m_compare->setText(is_compared ? tr("Do not compare") : tr("Compare"));
    showFacts();
    showRights();
    showMarks();
}

void FontPanel::showFacts()
{
    if (m_row < 0) {
        m_name->setText(tr("No font chosen"));
        m_facts->setText(tr("Pick one from the list: arrow keys move, Enter sets the words in it."));
        return;
    }
    m_name->setText(m_fonts.name(m_row));
    QStringList facts;
    QString more;
    if (m_fonts.isListing(m_row)) {
        const auto& listing = m_fonts.listing(m_row);
        facts << listing.foundry << tr("by %1").arg(listing.author) << priceInWords(listing.price)
              << dayInWords(listing.published);
        more = listing.description;
    } else {
        const auto& entry = m_fonts.entry(m_row);
        facts << text(entry.info.manufacturer) << text(entry.info.style) << kindInWords(entry.info)
              << text(entry.info.version);
        if (entry.info.is_picture_font)
            facts.append(tr("pictures on the keys"));
        more = m_fonts.fileName(m_row) + QStringLiteral(", ") + originInWords(entry.origin);
    }
    facts.removeAll(QString());
    QStringList lines{facts.join(QStringLiteral(" · ")), more};
    if (const auto* preview = m_fonts.known(m_row); preview && preview->card) {
        const KindFound& kind = preview->card->marks.traits.kind;
        if (const QString reason = said(kind.reason); !reason.isEmpty())
            lines.append(tr("%1: %2").arg(said(nameOf(kind.kind)), reason.left(1).toLower() + reason.mid(1)));
    }
    m_facts->setText(lines.join(QLatin1Char('\n')));
}

void FontPanel::showRights()
{
    const FontRights* rights = m_row >= 0 && !m_fonts.isListing(m_row) ? m_fonts.rights(m_row) : nullptr;
    m_verdict_chip->setVisible(rights != nullptr);
    m_quote->setVisible(m_row >= 0);
    m_source->setVisible(m_row >= 0);
    if (m_row < 0)
        return;
    if (m_fonts.isListing(m_row)) {
        const QString claim = m_fonts.listing(m_row).claim;
        m_quote->setText(claim.isEmpty() ? tr("The listing says nothing about selling.")
                                         : QStringLiteral("“%1”").arg(claim));
        m_source->setText(tr("the listing, a hint only: the text in the package decides"));
        return;
    }
    if (!rights) {
        m_quote->setText(tr("Reading what came with the font …"));
        m_source->clear();
        return;
    }
    const auto& dossier = rights->dossier;
    m_verdict->setText(said(nameOf(dossier.verdict)));
    m_verdict_mark->setMark(markOf(dossier.verdict));
    const QColor tint = tintOf(dossier.verdict, m_theme.colours());
    m_verdict_chip->setStyleSheet(
        QStringLiteral("#panelVerdict { background: rgba(%1,%2,%3,%4); border-radius: 8px; }")
            .arg(tint.red())
            .arg(tint.green())
            .arg(tint.blue())
            .arg(tint.alpha()));
    if (dossier.deciding.empty()) {
        m_quote->setText(said(dossier.reason));
        m_source->setText(tr("The dossier has a letter to the author for you."));
    } else {
        const Quote& quote = dossier.deciding.front();
        m_quote->setText(QStringLiteral("“%1”").arg(shortened(text(quote.sentence))));
        m_source->setText(tr("%1, line %2").arg(named(quote.document)).arg(quote.line));
    }
}

void FontPanel::showMarks()
{
    const auto* preview = m_row >= 0 ? m_fonts.known(m_row) : nullptr;
    const bool has_failed = preview && preview->error;
    m_problem->setText(has_failed ? said(*preview->error) : QString());
    m_problem->setVisible(has_failed);
    // What another try can mend is on the way to the catalogue; words and sizes are mended in the job band.
    m_again->setVisible(has_failed && m_fonts.isListing(m_row));
    m_marks->setLines(preview && preview->card
                          ? fitMarkLines(*preview->card, m_fonts.job(), m_fonts.othersMarks(m_row))
                          : std::vector<FitMarkLine>{});
    m_marks->setLimits(m_fonts.job());
}

} // namespace ink::ui
