#include "ui/find/dossier_view.h"

#include "ui/core_words.h"

#include "core/base/file_output.h"
#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/text.h"

#include <QApplication>
#include <QClipboard>
#include <QDate>
#include <QDesktopServices>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <QTextBlock>
#include <QUrlQuery>

#include <utility>

namespace ink::ui {
namespace {

/// Of a longer sentence only the first part is shown; the document has all of it.
constexpr std::size_t kLongestQuote = 400;

QString placeOf(const Quote& quote)
{
    return QObject::tr("%1, line %2").arg(named(quote.document)).arg(quote.line);
}

QString answerInWords(const GivenAnswer& answer)
{
    const auto with = [&](const QString& word) {
        return answer.detail.empty() ? word : QObject::tr("%1, %2").arg(word, said(answer.detail));
    };
    switch (answer.answer) {
    case Answer::Yes:
        return with(QObject::tr("yes"));
    case Answer::No:
        return with(QObject::tr("no"));
    case Answer::Limited:
        return answer.detail.empty() ? QObject::tr("within limits") : said(answer.detail);
    case Answer::NotSaid:
        break;
    }
    return QObject::tr("not said");
}

} // namespace

DossierView::DossierView(const Theme& theme, RightsQuestions questions, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_questions(std::move(questions))
{
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* scroll = new QScrollArea(this);
    scroll->setObjectName(QStringLiteral("dossierScroll"));
    scroll->setAccessibleName(tr("Rights dossier"));
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* holder = new QWidget(scroll);
    m_outer = new QVBoxLayout(holder);
    m_outer->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    holder->setMinimumWidth(1);
    scroll->setWidget(holder);
    row->addWidget(scroll, 3);

    auto* side = new QWidget(this);
    side->setObjectName(QStringLiteral("sidePanel"));
    side->setAttribute(Qt::WA_StyledBackground);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(kMargin, kMargin, kMargin, kMargin);
    m_document_name = new QLabel(tr("Press a sentence to see the document it stands in."), side);
    m_document_name->setObjectName(QStringLiteral("documentName"));
    m_document_name->setWordWrap(true);
    m_document_name->setProperty("role", QStringLiteral("soft"));
    m_document = new QPlainTextEdit(side);
    m_document->setObjectName(QStringLiteral("documentText"));
    m_document->setAccessibleName(tr("The document"));
    m_document->setReadOnly(true);
    m_document->setFont(theme.text(TextSize::Small));
    m_document->setTabChangesFocus(true);
    column->addWidget(m_document_name);
    column->addWidget(m_document, 1);
    row->addWidget(side, 2);
    clear();
}

void DossierView::clear()
{
    // What is shown anew because of a signal of one of its fields must not take the field away under its feet.
    if (m_body) {
        if (const auto* words = m_body->findChild<QLineEdit*>(QStringLiteral("decisionWords")))
            m_writes = words->hasFocus();
        m_outer->removeWidget(m_body);
        for (auto* field : m_body->findChildren<QWidget*>())
            field->blockSignals(true);
        m_body->hide();
        m_body->setParent(nullptr);
        m_body->deleteLater();
    }
    m_body = new QWidget(this);
    m_column = new QVBoxLayout(m_body);
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(2 * kGrid);
    m_outer->addWidget(m_body);
    m_document->clear();
    m_document_name->setText(tr("Press a sentence to see the document it stands in."));
}

void DossierView::addHeading(const QString& heading)
{
    auto* label = new QLabel(heading, m_body);
    label->setFont(m_theme.heading(TextSize::Lead));
    label->setContentsMargins(0, 3 * kGrid, 0, 0);
    m_column->addWidget(label);
}

QLabel* DossierView::addText(const QString& words, bool is_soft)
{
    auto* label = new QLabel(words, m_body);
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    if (is_soft) {
        label->setProperty("role", QStringLiteral("soft"));
        label->setFont(m_theme.text(TextSize::Small));
    }
    m_column->addWidget(label);
    return label;
}

void DossierView::setListing(const Listing& listing)
{
    clear();
    m_rights = {};
    auto* title = addText(listing.claim.isEmpty() ? tr("The listing says nothing about selling.")
                                                  : tr("The listing says: “%1”").arg(listing.claim));
    title->setObjectName(QStringLiteral("verdict"));
    title->setFont(m_theme.heading(TextSize::Title));
    addText(tr("A listing is a hint. Fetch the package: the author's own text in it decides."));
    m_column->addStretch(1);
}

void DossierView::setRights(const FontRights* rights, const LetterFacts& facts, const QString& contact)
{
    clear();
    if (!rights) {
        addText(tr("Reading what came with the font …"), true);
        m_column->addStretch(1);
        return;
    }
    if (rights->sha256 != m_rights.sha256) {
        m_unwritten.clear();
        m_writes = false;
    }
    m_rights = *rights;
    m_facts = facts;
    m_contact = contact;
    addVerdict();
    addQuotes(tr("What decides"), m_rights.dossier.deciding);
    addNotUnderstood();
    addCounter();
    addAnswers();
    if (!m_rights.dossier.notes.empty()) {
        addHeading(tr("Also worth knowing"));
        for (const auto& note : m_rights.dossier.notes)
            addText(said(note));
    }
    addQuotes(tr("Weighed, but not deciding"), m_rights.dossier.set_aside);
    addPapers();
    addDecision();
    addLetter();
    addText(tr("This is not legal advice: it is what a careful maker would gather and keep. It holds for "
               "this file (SHA-256 %1…); another version is asked again.")
                .arg(text(m_rights.sha256).left(12)),
            true);
    m_column->addStretch(1);
    if (!m_rights.dossier.deciding.empty())
        showDocument(m_rights.dossier.deciding.front());
    else if (!m_rights.dossier.not_understood.empty())
        showDocument(m_rights.dossier.not_understood.front().quote);
}

void DossierView::addVerdict()
{
    const auto& dossier = m_rights.dossier;
    auto* chip = new QWidget(m_body);
    auto* row = new QHBoxLayout(chip);
    row->setContentsMargins(3 * kGrid, 2 * kGrid, 3 * kGrid, 2 * kGrid);
    auto* mark = new MarkLabel(m_theme, chip);
    mark->setMark(markOf(dossier.verdict));
    auto* name = new QLabel(said(nameOf(dossier.verdict)), chip);
    name->setObjectName(QStringLiteral("verdict"));
    name->setFont(m_theme.heading(TextSize::Title));
    row->addWidget(mark);
    row->addWidget(name);
    chip->setObjectName(QStringLiteral("verdictChip"));
    chip->setAttribute(Qt::WA_StyledBackground);
    const QColor tint = tintOf(dossier.verdict, m_theme.colours());
    chip->setStyleSheet(QStringLiteral("#verdictChip { background: rgba(%1,%2,%3,%4); border-radius: 8px; }")
                            .arg(tint.red())
                            .arg(tint.green())
                            .arg(tint.blue())
                            .arg(tint.alpha()));
    m_column->addWidget(chip, 0, Qt::AlignLeft);
    addText(said(dossier.reason));
    if (!m_rights.record.decisions.empty()) { // it stands beside the verdict and does not change it
        const auto& decision = m_rights.record.decisions.back();
        addText(tr("You decided on %1: %2").arg(text(decision.date), text(decision.words)))
            ->setObjectName(QStringLiteral("lastDecision"));
    }
    if (!dossier.limits.empty()) {
        QStringList limits;
        for (const auto& limit : dossier.limits)
            limits.append(said(limit));
        addText(tr("Limits: %1.").arg(limits.join(QStringLiteral("; "))));
    }
    if (!dossier.price.empty())
        addText(tr("A licence costs %1.").arg(priceInWords(text(dossier.price))));
}

/// A sentence that leads to its place in the document. `sentence` is rich text.
QPushButton* DossierView::addQuote(const Quote& quote, const QString& sentence, const QString& below,
                                   const QString& spoken)
{
    auto* button = new QPushButton(m_body);
    button->setProperty("role", QStringLiteral("mark"));
    button->setObjectName(QStringLiteral("quote"));
    button->setAccessibleName(spoken);
    auto* inside = new QVBoxLayout(button);
    inside->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
    inside->setSpacing(0);
    auto* words = new QLabel(sentence, button);
    words->setTextFormat(Qt::RichText);
    auto* place = new QLabel(below, button);
    place->setProperty("role", QStringLiteral("soft"));
    place->setFont(m_theme.text(TextSize::Small));
    place->setTextFormat(Qt::PlainText);
    for (auto* label : {words, place}) {
        label->setWordWrap(true);
        label->setAttribute(Qt::WA_TransparentForMouseEvents);
        inside->addWidget(label);
    }
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    button->setSizePolicy(policy);
    connect(button, &QPushButton::clicked, this, [this, quote] { showDocument(quote); });
    m_column->addWidget(button);
    return button;
}

void DossierView::addQuotes(const QString& title, const std::vector<Quote>& quotes)
{
    if (quotes.empty())
        return;
    addHeading(title);
    for (const auto& quote : quotes)
        addQuote(quote, tr("“%1”").arg(text(quote.sentence).left(kLongestQuote).toHtmlEscaped()),
                 placeOf(quote), tr("“%1”, %2").arg(text(quote.sentence), placeOf(quote)));
}

/// The sentences that stood in the way of a yes, the words underlined, and what it would be without them.
void DossierView::addNotUnderstood()
{
    const auto& list = m_rights.dossier.not_understood;
    if (list.empty())
        return;
    addHeading(tr("What was not understood"));
    for (const auto& unclear : list) {
        QStringList words;
        for (const auto& span : unclear.words)
            words.append(text(unclear.quote.sentence.substr(span.begin, span.end - span.begin)));
        const QString otherwise = said(nameOf(unclear.otherwise));
        QStringList below{placeOf(unclear.quote)};
        if (!unclear.why.empty())
            below.append(said(unclear.why));
        if (unclear.otherwise != Verdict::AskFirst)
            below.append(words.isEmpty() ? tr("Without this sentence: %1.").arg(otherwise)
                                         : tr("Without the underlined words: %1.").arg(otherwise));
        const QString spoken =
            words.isEmpty()
                ? tr("“%1”, %2").arg(text(unclear.quote.sentence), below.join(QStringLiteral(". ")))
                : tr("“%1”, not understood: %2. %3")
                      .arg(text(unclear.quote.sentence), words.join(QStringLiteral(", ")),
                           below.join(QStringLiteral(". ")));
        addQuote(unclear.quote, tr("“%1”").arg(underlined(unclear)), below.join(QStringLiteral(" · ")),
                 spoken)
            ->setObjectName(QStringLiteral("unclearQuote"));
    }
}

/// The sentence as rich text. Only its first part is shown when it is long.
QString DossierView::underlined(const Unclear& unclear) const
{
    const std::string& sentence = unclear.quote.sentence;
    QString rich;
    std::size_t at = 0;
    const auto add = [&](std::size_t end) { rich += text(sentence.substr(at, end - at)).toHtmlEscaped(); };
    for (const auto& span : unclear.words) {
        if (span.begin > kLongestQuote)
            break;
        add(span.begin);
        at = span.begin;
        rich += QStringLiteral("<u style='color:%1'>").arg(m_theme.colours().madder.name());
        add(span.end);
        at = span.end;
        rich += QStringLiteral("</u>");
    }
    add(std::max(at, std::min<std::size_t>(sentence.size(), kLongestQuote)));
    return rich;
}

void DossierView::showDocument(const Quote& quote)
{
    const auto evidence = std::ranges::find_if(m_rights.dossier.evidence, [&](const EvidenceText& e) {
        return e.name == quote.document && e.kind == quote.kind;
    });
    if (evidence == m_rights.dossier.evidence.end())
        return;
    m_document_name->setText(placeOf(quote));
    m_document->setPlainText(text(evidence->text).left(400'000));
    QTextCursor cursor(m_document->document()->findBlockByNumber(static_cast<int>(quote.line) - 1));
    QTextEdit::ExtraSelection shown;
    cursor.movePosition(QTextCursor::EndOfBlock, QTextCursor::KeepAnchor);
    shown.cursor = cursor;
    shown.format.setBackground(m_theme.colours().honey.darker(108));
    shown.format.setProperty(QTextFormat::FullWidthSelection, true);
    m_document->setExtraSelections({shown});
    cursor.clearSelection();
    m_document->setTextCursor(cursor);
    m_document->centerCursor();
}

void DossierView::addAnswers()
{
    addHeading(tr("What a licence is asked"));
    auto* table = new QWidget(m_body);
    auto* grid = new QGridLayout(table);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(4 * kGrid);
    grid->setVerticalSpacing(kGrid);
    grid->setColumnStretch(1, 1);
    int line = 0;
    for (const auto& answer : m_rights.dossier.answers) {
        auto* question = new QLabel(said(nameOf(answer.question)), table);
        question->setProperty("role", QStringLiteral("soft"));
        auto* given = new QPushButton(answerInWords(answer), table);
        given->setProperty("role", QStringLiteral("link"));
        given->setEnabled(!answer.quote.sentence.empty());
        given->setToolTip(answer.quote.sentence.empty()
                              ? QString()
                              : tr("“%1”\n%2").arg(text(answer.quote.sentence), placeOf(answer.quote)));
        given->setAccessibleName(question->text() + QStringLiteral(": ") + given->text());
        connect(given, &QPushButton::clicked, this, [this, quote = answer.quote] { showDocument(quote); });
        grid->addWidget(question, line, 0);
        grid->addWidget(given, line, 1, Qt::AlignLeft);
        ++line;
    }
    m_column->addWidget(table);
}

void DossierView::addCounter()
{
    if (m_rights.dossier.units == 0)
        return;
    auto* row_widget = new QWidget(m_body);
    auto* row = new QHBoxLayout(row_widget);
    row->setContentsMargins(0, 0, 0, 0);
    auto* sold = new QSpinBox(row_widget);
    sold->setObjectName(QStringLiteral("soldSoFar"));
    sold->setAccessibleName(tr("Sold so far"));
    sold->setRange(0, 1'000'000);
    sold->setValue(static_cast<int>(m_rights.record.sold));
    sold->setKeyboardTracking(false);
    row->addWidget(new QLabel(tr("Sold so far"), row_widget));
    row->addWidget(sold);
    auto* left = new QLabel(m_rights.record.sold > m_rights.dossier.units
                                ? tr("of %1: %2 too many")
                                      .arg(m_rights.dossier.units)
                                      .arg(m_rights.record.sold - m_rights.dossier.units)
                                : tr("of %1, %2 left")
                                      .arg(m_rights.dossier.units)
                                      .arg(m_rights.dossier.units - m_rights.record.sold),
                            row_widget);
    left->setObjectName(QStringLiteral("soldLeft"));
    row->addWidget(left);
    row->addStretch(1);
    connect(sold, &QSpinBox::valueChanged, this, [this](int count) {
        RightsRecord record = m_rights.record;
        record.sold = static_cast<unsigned>(count);
        emit recordChanged(record, tr("sold so far"));
    });
    m_column->addWidget(row_widget);
}

void DossierView::addPapers()
{
    addHeading(tr("Receipts and permissions"));
    for (const auto& paper : m_rights.record.papers)
        addText(tr("%1, attached on %2%3")
                    .arg(text(paper.name), text(paper.date),
                         paper.for_what.empty() ? QString() : QStringLiteral(": ") + text(paper.for_what)));
    auto* row_widget = new QWidget(m_body);
    auto* row = new QHBoxLayout(row_widget);
    row->setContentsMargins(0, 0, 0, 0);
    auto* for_what = new QLineEdit(row_widget);
    for_what->setObjectName(QStringLiteral("paperForWhat"));
    for_what->setPlaceholderText(tr("What it allows, as in: You may sell products made with this font."));
    for_what->setAccessibleName(tr("What the paper allows"));
    auto* attach = new QPushButton(tr("Attach a paper…"), row_widget);
    attach->setObjectName(QStringLiteral("attachPaper"));
    row->addWidget(for_what, 1);
    row->addWidget(attach);
    connect(attach, &QPushButton::clicked, this, [this, for_what] {
        if (const QString file = m_questions.paper(this); !file.isEmpty())
            emit paperWanted(file, for_what->text());
    });
    m_column->addWidget(row_widget);
}

void DossierView::addDecision()
{
    addHeading(tr("What you decided"));
    for (const auto& decision : m_rights.record.decisions)
        addText(tr("%1: %2 (the verdict was: %3)")
                    .arg(text(decision.date), text(decision.words), text(decision.verdict)));
    auto* row_widget = new QWidget(m_body);
    auto* row = new QHBoxLayout(row_widget);
    row->setContentsMargins(0, 0, 0, 0);
    auto* words = new QLineEdit(row_widget);
    words->setObjectName(QStringLiteral("decisionWords"));
    words->setPlaceholderText(tr("What you decided, and why"));
    words->setAccessibleName(words->placeholderText());
    auto* keep = new QPushButton(tr("Write it down"), row_widget);
    keep->setObjectName(QStringLiteral("keepDecision"));
    words->setText(m_unwritten);
    if (m_writes)
        words->setFocus();
    connect(words, &QLineEdit::textChanged, this, [this](const QString& typed) { m_unwritten = typed; });
    const auto write = [this] {
        const QString decision = std::exchange(m_unwritten, {}).trimmed();
        if (decision.isEmpty())
            return;
        RightsRecord record = m_rights.record;
        record.decisions.push_back({QDate::currentDate().toString(Qt::ISODate).toStdString(),
                                    decision.toStdString(), std::string(nameOf(m_rights.dossier.verdict))});
        emit recordChanged(record, tr("decision"));
    };
    connect(keep, &QPushButton::clicked, this, write);
    connect(words, &QLineEdit::returnPressed, this, write);
    row->addWidget(words, 1);
    row->addWidget(keep);
    m_column->addWidget(row_widget);
}

void DossierView::addLetter()
{
    if (m_rights.dossier.verdict == Verdict::MaySell)
        return;
    addHeading(tr("A letter to the author"));
    const Letter letter = letterToAuthor(m_rights.dossier, m_facts);
    auto* body = new QPlainTextEdit(text(letter.body), m_body);
    body->setObjectName(QStringLiteral("letter"));
    body->setAccessibleName(tr("Letter to the author, yours to change"));
    body->setTabChangesFocus(true);
    body->setMinimumHeight(m_theme.scaled(170));
    m_column->addWidget(body);
    auto* row_widget = new QWidget(m_body);
    auto* row = new QHBoxLayout(row_widget);
    row->setContentsMargins(0, 0, 0, 0);
    const auto add = [&](const char* name, const QString& words, auto action) {
        auto* button = new QPushButton(words, row_widget);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("quiet"));
        connect(button, &QPushButton::clicked, this, action);
        row->addWidget(button);
    };
    add("copyLetter", tr("Copy"), [body] { QApplication::clipboard()->setText(body->toPlainText()); });
    add("saveLetter", tr("Save…"), [this, body] {
        const QString path = m_questions.letter_path(this, QStringLiteral("letter.txt"));
        if (path.isEmpty())
            return;
        const auto done = writeFile(path.toStdString(), [&](std::ostream& out) -> Result<void> {
            out << body->toPlainText().toStdString() << '\n';
            return {};
        });
        m_document_name->setText(done ? tr("Saved %1").arg(path) : said(done.error()));
    });
    add("mailLetter", tr("Open in the mail program"), [this, body, subject = text(letter.subject)] {
        QUrl mail(QStringLiteral("mailto:") + m_contact);
        QUrlQuery query;
        query.addQueryItem(QStringLiteral("subject"), subject);
        query.addQueryItem(QStringLiteral("body"), body->toPlainText());
        mail.setQuery(query);
        m_questions.open_mail(mail);
    });
    row->addStretch(1);
    m_column->addWidget(row_widget);
}

} // namespace ink::ui
