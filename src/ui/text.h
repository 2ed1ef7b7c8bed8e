// The core's UTF-8 as the interface has it.
#pragma once

#include <QString>

#include <string_view>

namespace ink::ui {

inline QString text(std::string_view utf8)
{
    return QString::fromUtf8(utf8.data(), static_cast<qsizetype>(utf8.size()));
}

} // namespace ink::ui
