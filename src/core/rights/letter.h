// The letter to the author, drafted when nothing decisive was found.
#pragma once

#include "core/rights/dossier.h"

#include <string>

namespace ink {

struct LetterFacts
{
    std::string font;
    std::string version;
    std::string author;
    /// What is to be sold: "jars and aprons with the words “Fennmoor Honey”, cut in adhesive vinyl".
    std::string goods;
};

struct Letter
{
    std::string subject;
    std::string body;
};

/// A short, polite letter that asks exactly what the dossier leaves open.
Letter letterToAuthor(const Dossier& dossier, const LetterFacts& facts);

} // namespace ink
