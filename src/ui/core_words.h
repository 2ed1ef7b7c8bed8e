// What the core says to people, in the person's language. Reports for programs never go through here.
#pragma once

#include "core/base/error.h"

#include <QString>

#include <string_view>

namespace ink::ui {

/// A sentence or name of the core's tables (translations/core_sentences.h); others come as they are.
QString said(std::string_view english);

/// What may be a name somebody gave, a file's for example, or one of the core's: only whole sentences of the core, and what holds enough of
/// one, are said otherwise. "Set 1.txt" stays as it is.
QString named(std::string_view english);

/// What happened, to what, and what to do next.
QString said(const Error& error);

} // namespace ink::ui
