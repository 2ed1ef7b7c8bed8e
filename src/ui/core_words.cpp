#include "ui/core_words.h"

#include "ui/text.h"

#include <QCoreApplication>

#include <string>

namespace ink::ui {

QString said(std::string_view english)
{
    return QCoreApplication::translate("Core", std::string(english).c_str());
}

QString said(const Error& error)
{
    QString out = said(errorText(error.code));
    if (!error.subject.empty())
        out = text(error.subject) + QStringLiteral(": ") + out;
    if (!error.detail.empty())
        out += QStringLiteral(" (") + said(error.detail) + QLatin1Char(')');
    out += QStringLiteral(". ") + said(errorAdvice(error.code));
    return out.replace(QLatin1Char('\n'), QLatin1Char(' '));
}

} // namespace ink::ui
