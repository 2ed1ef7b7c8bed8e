#include "ui/core_words.h"

#include "core/base/told.h"
#include "core/rights/language.h"
#include "ui/text.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>
#include <QStringList>

#include <algorithm>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace ink::ui {
namespace {

#include "translations/core_sentences.h"

/// Forms with fewer characters of their own fit many a name: they are looked for last, and never in a part of a sentence.
constexpr std::size_t kOwnWords = 9;

std::size_t ownLength(std::string_view form)
{
    std::size_t length = form.size();
    for (auto at = form.find("{}"); at != std::string_view::npos; at = form.find("{}", at + 2))
        length -= 2;
    return length;
}

struct Form
{
    /// With {} for its places, as the core fills them, and with %1, %2 as it is translated.
    std::string places, source;
};

/// What the core says, as tools/translations found it in its code.
struct Sentences
{
    std::set<std::string_view> whole;
    /// Those that say most themselves first.
    std::vector<Form> forms;

    Sentences()
    {
        for (const std::string_view sentence : kCore)
            if (sentence.find("%1") == std::string_view::npos)
                whole.insert(sentence);
            else
                forms.push_back(formOf(std::string(sentence)));
        std::ranges::stable_sort(forms, std::greater{}, [](const Form& f) { return ownLength(f.places); });
    }

    static Form formOf(const std::string& source)
    {
        QString places = QString::fromStdString(source);
        places.replace(QRegularExpression(QStringLiteral("%[1-9]")), QStringLiteral("{}"));
        return {places.toStdString(), source};
    }
};

const Sentences& sentences()
{
    static const Sentences all;
    return all;
}

QString translated(std::string_view english)
{
    return QCoreApplication::translate("Core", std::string(english).c_str());
}

/// A figure of the core as people here write it; a sentence of it in their language.
QString part(const std::string& english)
{
    bool is_figure = false;
    const QString as_text = text(english);
    const double figure = QLocale::c().toDouble(as_text, &is_figure);
    const auto point = as_text.indexOf(QLatin1Char('.'));
    if (!is_figure || point < 0)
        return named(english);
    return QLocale().toString(figure, 'f', int(as_text.size() - point - 1));
}

QString languageInWords(const std::string& english)
{
    const std::string name = languageNamed(english, QLocale().name().toStdString());
    return name.empty() ? part(english) : text(name);
}

std::optional<QString> byForm(std::string_view english, std::size_t least)
{
    for (const auto& form : sentences().forms) {
        if (ownLength(form.places) < least)
            break;
        // "up to 250.pdf: it is no font" is about a file.
        const bool is_short = ownLength(form.places) < kOwnWords && form.places != "{}: {}";
        if (is_short && english.find(": ") != std::string_view::npos)
            continue;
        const auto parts = partsOf(form.places, english);
        if (!parts)
            continue;
        QStringList said_parts;
        std::size_t place = 0;
        for (const auto& one : *parts) {
            place = form.places.find("{}", place);
            const auto before = std::string_view(form.places).substr(0, place);
            // What stands in quotation marks is somebody's own.
            said_parts << (before.ends_with("“")             ? text(one)
                           : before.ends_with("written in ") ? languageInWords(one)
                                                             : part(one));
            place += 2;
        }
        const QString sentence = translated(form.source);
        switch (said_parts.size()) {
        case 1:
            return sentence.arg(said_parts[0]);
        case 2:
            return sentence.arg(said_parts[0], said_parts[1]);
        case 3:
            return sentence.arg(said_parts[0], said_parts[1], said_parts[2]);
        default:
            qFatal("a sentence of the core has more than three places: %s", form.source.c_str());
        }
    }
    return std::nullopt;
}

/// One sentence, with the full stop it has in the table, or one that came to it.
std::optional<QString> ofOne(std::string_view english)
{
    if (sentences().whole.contains(english))
        return translated(english);
    const auto open = english.substr(0, english.size() - 1);
    if (english.ends_with('.') && sentences().whole.contains(open))
        return translated(open) + QLatin1Char('.');
    return byForm(english, kOwnWords);
}

} // namespace

namespace {

/// With forms that have so many characters of their own.
QString saidWith(std::string_view english, std::size_t least)
{
    if (sentences().whole.contains(english))
        return translated(english);
    // Notes of one thing stand behind each other.
    for (auto end = english.find(". "); end != std::string_view::npos; end = english.find(". ", end + 1))
        if (const auto first = ofOne(english.substr(0, end + 1)))
            return *first + QLatin1Char(' ') + saidWith(english.substr(end + 2), least);
    if (const auto form = byForm(english, least))
        return *form;
    return text(english);
}

} // namespace

QString said(std::string_view english)
{
    return saidWith(english, 0);
}

QString named(std::string_view english)
{
    return saidWith(english, kOwnWords);
}

QString said(const Error& error)
{
    QString out = said(errorText(error.code));
    if (!error.subject.empty())
        out = translated("%1: %2").arg(named(error.subject), out);
    else if (!out.isEmpty()) // nothing stands before it: it begins the sentence
        out = QLocale().toUpper(out.left(1)) + out.mid(1);
    if (!error.detail.empty())
        out += QStringLiteral(" (") + said(error.detail) + QLatin1Char(')');
    out += QStringLiteral(". ") + said(errorAdvice(error.code));
    return out.replace(QLatin1Char('\n'), QLatin1Char(' '));
}

} // namespace ink::ui
