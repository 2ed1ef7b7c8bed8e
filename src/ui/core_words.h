// What the core says to people, in the person's language. Reports for programs never go through here.
#pragma once

#include "core/base/error.h"

#include <QString>

#include <string_view>

namespace ink::ui {

/// A sentence or name of the core's tables (translations/core_sentences.h); others come as they are.
QString said(std::string_view english);

/// What happened, to what, and what to do next.
QString said(const Error& error);

} // namespace ink::ui
