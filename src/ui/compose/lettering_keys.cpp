// What is typed into the words: editing as in any editor, and the steps that move, turn and size letters.
#include "ui/compose/lettering_view.h"
#include "ui/text.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QInputMethodEvent>
#include <QKeyEvent>
#include <QTextBoundaryFinder>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr double kStep_mm = 0.1;
constexpr double kLargeStep_mm = 1.0;
constexpr double kStep_deg = 0.5;
constexpr double kStep_size = 1.01;

} // namespace

void LetteringView::insert(const QString& typed)
{
    const auto [from, to] = selection();
    const std::size_t removed = hasSelection() ? to - from : 0;
    const std::size_t at = hasSelection() ? from : m_caret;
    const auto count = static_cast<std::size_t>(typed.toUcs4().size());
    // The caret first: what listens to the words looks at it.
    m_caret = m_anchor = 0;
    const std::size_t after = at + count;
    m_job.replaceCharacters(at, removed, typed);
    m_words = toUtf32(m_job.job().words);
    m_caret = m_anchor = std::min(after, m_words.size());
    m_caret_shown = true;
    emit caretMoved();
    update();
}

void LetteringView::erase(std::size_t from, std::size_t to)
{
    if (from >= to)
        return;
    m_job.replaceCharacters(from, to - from, {});
    m_words = toUtf32(m_job.job().words);
    m_caret = m_anchor = std::min(from, m_words.size());
    emit caretMoved();
    update();
}

std::size_t LetteringView::caretOnLine(int lines) const
{
    const auto* here = caretPlace(m_caret);
    if (!here)
        return m_caret;
    const auto wanted = static_cast<long>(here->line) + lines;
    if (wanted < 0)
        return 0;
    std::size_t best = m_words.size();
    double nearest = 1e300;
    for (const auto& place : m_carets)
        if (static_cast<long>(place.line) == wanted && std::abs(place.foot.x() - here->foot.x()) < nearest) {
            nearest = std::abs(place.foot.x() - here->foot.x());
            best = place.character;
        }
    return best;
}

std::size_t LetteringView::wordEdge(int direction) const
{
    std::size_t at = m_caret;
    const auto isWord = [&](std::size_t i) { return isWordCharacter(m_words[i]); };
    if (direction < 0) {
        while (at > 0 && !isWord(at - 1))
            --at;
        while (at > 0 && isWord(at - 1))
            --at;
    } else {
        while (at < m_words.size() && !isWord(at))
            ++at;
        while (at < m_words.size() && isWord(at))
            ++at;
    }
    return at;
}

std::size_t LetteringView::letterEdge(int direction) const
{
    // Qt's boundaries count UTF-16, the words count characters.
    const QString text = QString::fromUcs4(m_words.data(), static_cast<qsizetype>(m_words.size()));
    const auto utf16 = QString::fromUcs4(m_words.data(), static_cast<qsizetype>(m_caret)).size();
    QTextBoundaryFinder finder(QTextBoundaryFinder::Grapheme, text);
    finder.setPosition(utf16);
    const auto next = direction < 0 ? finder.toPreviousBoundary() : finder.toNextBoundary();
    if (next < 0)
        return direction < 0 ? 0 : m_words.size();
    return static_cast<std::size_t>(text.left(next).toUcs4().size());
}

QString LetteringView::lineText(std::size_t& first) const
{
    first = std::min(m_caret, m_words.size());
    while (first > 0 && m_words[first - 1] != U'\n')
        --first;
    const auto end = std::min(m_words.find(U'\n', first), m_words.size());
    return QString::fromUcs4(m_words.data() + first, static_cast<qsizetype>(end - first));
}

int LetteringView::forwards() const
{
    std::size_t first = 0;
    return lineText(first).isRightToLeft() ? -1 : 1;
}

QRectF LetteringView::caretRect(std::size_t character) const
{
    if (const auto* place = caretPlace(character))
        return QRectF(toScreen(place->foot), toScreen(place->head)).normalized().adjusted(0, 0, 1, 1);
    return {paperArea().center(), QSizeF(1, 20)};
}

void LetteringView::inputMethodEvent(QInputMethodEvent* event)
{
    m_composing = event->preeditString();
    if (event->replacementLength() > 0) {
        const auto at = static_cast<std::size_t>(
            std::max<std::ptrdiff_t>(0, static_cast<std::ptrdiff_t>(m_caret) + event->replacementStart()));
        erase(at, std::min(at + static_cast<std::size_t>(event->replacementLength()), m_words.size()));
    }
    if (!event->commitString().isEmpty())
        insert(event->commitString());
    event->accept();
    update();
}

QVariant LetteringView::inputMethodQuery(Qt::InputMethodQuery query) const
{
    std::size_t first = 0;
    const auto utf16 = [&](std::size_t character) {
        const auto from = std::min(character, m_words.size());
        return from <= first ? 0
                             : static_cast<int>(QString::fromUcs4(m_words.data() + first,
                                                                  static_cast<qsizetype>(from - first))
                                                    .size());
    };
    const QString line = lineText(first);
    switch (query) {
    case Qt::ImEnabled:
        return true;
    case Qt::ImCursorRectangle:
        return caretRect(m_caret);
    case Qt::ImFont:
        return theme().text(TextSize::Title);
    case Qt::ImCursorPosition:
        return utf16(m_caret);
    case Qt::ImAnchorPosition:
        return utf16(m_anchor);
    case Qt::ImSurroundingText:
        return line;
    case Qt::ImCurrentSelection: {
        const auto [from, to] = selection();
        return QString::fromUcs4(m_words.data() + from, static_cast<qsizetype>(to - from));
    }
    default:
        return WeldView::inputMethodQuery(query);
    }
}

/// Alt moves, turns and sizes.
bool LetteringView::placeKey(QKeyEvent* event)
{
    const auto modifiers = event->modifiers();
    if (!(modifiers & Qt::AltModifier))
        return false;
    const bool with_ctrl = modifiers & Qt::ControlModifier;
    const double step = modifiers & Qt::ShiftModifier ? kLargeStep_mm : kStep_mm;
    switch (event->key()) {
    case Qt::Key_Left:
        with_ctrl ? turn(kStep_deg) : nudge(-step, 0);
        return true;
    case Qt::Key_Right:
        with_ctrl ? turn(-kStep_deg) : nudge(step, 0);
        return true;
    case Qt::Key_Up:
        with_ctrl ? scaleBy(kStep_size) : nudge(0, step);
        return true;
    case Qt::Key_Down:
        with_ctrl ? scaleBy(1.0 / kStep_size) : nudge(0, -step);
        return true;
    case Qt::Key_Comma:
        spaceBefore(-step);
        return true;
    case Qt::Key_Period:
        spaceBefore(step);
        return true;
    case Qt::Key_0:
        resetLetters();
        return true;
    default:
        return false;
    }
}

/// Arrows, Home and End: the caret, with Shift the selection, with Ctrl by words.
bool LetteringView::moveKey(QKeyEvent* event)
{
    const bool extends = event->modifiers() & Qt::ShiftModifier;
    const bool by_word = event->modifiers() & Qt::ControlModifier;
    const auto [from, to] = selection();
    switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right: {
        // Arrows go where they point: in a line from right to left, the left one leads on.
        const int way = event->key() == Qt::Key_Right ? forwards() : -forwards();
        setCaret(by_word                      ? wordEdge(way)
                 : hasSelection() && !extends ? (way < 0 ? from : to)
                                              : letterEdge(way),
                 extends);
        return true;
    }
    case Qt::Key_Up:
        setCaret(caretOnLine(-1), extends);
        return true;
    case Qt::Key_Down:
        if (const auto* here = caretPlace(m_caret);
            here && !m_carets.empty() && here->line == m_carets.back().line && !extends) {
            emit stripWanted();
            return true;
        }
        setCaret(caretOnLine(1), extends);
        return true;
    case Qt::Key_Home:
    case Qt::Key_End: {
        std::size_t at = m_caret;
        const bool is_home = event->key() == Qt::Key_Home;
        if (by_word)
            at = is_home ? 0 : m_words.size();
        else if (is_home)
            while (at > 0 && m_words[at - 1] != U'\n')
                --at;
        else
            while (at < m_words.size() && m_words[at] != U'\n')
                ++at;
        setCaret(at, extends);
        return true;
    }
    default:
        return false;
    }
}

bool LetteringView::editKey(QKeyEvent* event)
{
    const bool by_word = event->modifiers() & Qt::ControlModifier;
    const auto [from, to] = selection();
    if (event->matches(QKeySequence::SelectAll)) {
        setCaret(0);
        setCaret(m_words.size(), true);
        return true;
    }
    if (event->matches(QKeySequence::Copy) || event->matches(QKeySequence::Cut)) {
        if (hasSelection())
            QGuiApplication::clipboard()->setText(
                QString::fromUcs4(m_words.data() + from, static_cast<qsizetype>(to - from)));
        if (event->matches(QKeySequence::Cut))
            erase(from, to);
        return true;
    }
    if (event->matches(QKeySequence::Paste)) {
        QString pasted = QGuiApplication::clipboard()->text();
        pasted.replace(QStringLiteral("\r\n"), QStringLiteral("\n"));
        pasted.remove(QChar(0));
        m_job.endRun();
        insert(pasted.left(static_cast<qsizetype>(kMaxCharacters)));
        return true;
    }
    if (moveKey(event))
        return true;
    switch (event->key()) {
    case Qt::Key_Backspace:
        if (m_piece)
            break;
        erase(hasSelection() ? from
              : by_word      ? wordEdge(-1)
                             : (m_caret > 0 ? m_caret - 1 : 0), // an accent alone, as editors do
              hasSelection() ? to : m_caret);
        return true;
    case Qt::Key_Delete:
        if (m_piece)
            break;
        erase(hasSelection() ? from : m_caret, hasSelection() ? to : by_word ? wordEdge(1) : letterEdge(1));
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        insert(QStringLiteral("\n"));
        return true;
    default:
        break;
    }
    if (m_piece && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) {
        const auto piece = *m_piece;
        m_piece.reset();
        m_job.changeLettering(tr("take a piece away"), [&](Job& job) {
            job.lettering.pieces.erase(job.lettering.pieces.begin() + static_cast<std::ptrdiff_t>(piece));
        });
        m_job.endRun();
        return true;
    }
    const QString typed = event->text();
    const bool is_text =
        !typed.isEmpty() && typed.at(0).isPrint() && !(event->modifiers() & Qt::ControlModifier);
    if (is_text)
        insert(typed);
    return is_text;
}

void LetteringView::keyPressEvent(QKeyEvent* event)
{
    if (event->modifiers() & Qt::ControlModifier && !(event->modifiers() & Qt::AltModifier)) {
        switch (event->key()) {
        case Qt::Key_Plus:
        case Qt::Key_Equal:
            return setZoom(zoom() * 1.25);
        case Qt::Key_Minus:
            return setZoom(zoom() / 1.25);
        case Qt::Key_0:
            return zoomToFit();
        case Qt::Key_1:
            return setZoom(1.0);
        default:
            break;
        }
    }
    if (partKey(event))
        return;
    if (event->key() == Qt::Key_Escape && m_piece) {
        choosePiece({});
        return;
    }
    if (placeKey(event) || editKey(event)) {
        event->accept();
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace ink::ui
