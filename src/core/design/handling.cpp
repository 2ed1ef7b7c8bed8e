#include "core/design/handling.h"

#include "core/design/lettering.h"

#include <algorithm>
#include <set>

namespace ink {

std::vector<Handling> handlingsOf(const Lettering& lettering)
{
    std::set<Handling> found;
    for (const auto& [character, choice] : lettering.letters)
        found.insert(choice.handling);
    for (const auto& piece : lettering.pieces)
        found.insert(piece.handling);
    found.erase(Handling());
    return {found.begin(), found.end()};
}

int layerOf(const std::vector<Handling>& handlings, const Handling& handling)
{
    const auto at = std::ranges::find(handlings, handling);
    return at == handlings.end() ? 0 : -1 - int(at - handlings.begin());
}

Handling handlingOf(const Lettering& lettering, const std::vector<Handling>& handlings, int layer)
{
    if (layer > 0)
        return lettering.letter(std::size_t(layer) - 1).handling;
    return layer < 0 && std::size_t(-layer) <= handlings.size() ? handlings[std::size_t(-layer) - 1]
                                                                : Handling();
}

std::optional<Operation> letterOperationOf(std::string_view id)
{
    for (const auto operation : {Operation::Cut, Operation::Score, Operation::Pen})
        if (idOf(operation) == id)
            return operation;
    return {};
}

} // namespace ink
