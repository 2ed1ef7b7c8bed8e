// Letters and motifs that are not made as the rest: of another material, or scored or drawn instead of cut.
#pragma once

#include "core/cut/tool_path.h"

#include <compare>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

struct Lettering;

struct Handling
{
    /// Of the material, as the person calls it; empty for the job's.
    std::string colour = {};
    /// What the tool does; nothing for what the job's letters get.
    std::optional<Operation> operation = {};

    bool isUsual() const { return *this == Handling(); }
    friend auto operator<=>(const Handling&, const Handling&) = default;
};

/// Those of the letters and pieces that differ from the usual, in a fixed order; empty where all is made alike.
std::vector<Handling> handlingsOf(const Lettering& lettering);

/// Shapes of one handling are welded with each other only. 0 is the usual one, handlings count down from -1, a letter that is
/// kept apart has a layer of its own, above 0.
int layerOf(const std::vector<Handling>& handlings, const Handling& handling);
/// How the shapes of a layer are made.
Handling handlingOf(const Lettering& lettering, const std::vector<Handling>& handlings, int layer);

/// Of what can be chosen for letters: "cut", "score" or "pen".
std::optional<Operation> letterOperationOf(std::string_view id);

} // namespace ink
