// Shapes that are looked at as Proof looks at them.
#pragma once

#include "core/geometry/weld.h"
#include "core/proof/outline_proof.h"

#include <QtGlobal>

namespace ink::test {

/// Of glyphs that are welded first.
inline OutlineProof proofOf(const std::vector<Paths>& glyphs, Unit unit)
{
    auto welded = weld(glyphs, unit);
    if (!welded)
        qFatal("%s", welded.error().message().c_str());
    auto proof = OutlineProof::of(std::move(welded->outline), unit);
    if (!proof)
        qFatal("%s", proof.error().message().c_str());
    return std::move(*proof);
}

} // namespace ink::test
