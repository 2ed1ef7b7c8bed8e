// The words with which foundries give and refuse, in seven languages.
#pragma once

#include <cstddef>
#include <string>
#include <vector>

namespace ink::detail {

enum class Concept {
    Not,
    May,
    Forbidden,
    Only,
    Free,
    Commercial,
    NonCommercial,
    AnyUse,
    Personal,
    Buy,
    Ask,
    Donate,
    Need,
    Credit,
    Demo,
    FullVersion,
    Goods,
    PrintOnDemand,
    OwnShop,
    CutFile,
    TheFont,
    Sell,
    Share,
    Alter,
    Logo,
    StitchedAlphabet,
    UpTo,
    MoreThan,
    Units,
    Unlimited,
    But,
    Except,
    Without,
    PublicDomain,
    Included,
    Tier,
    Anew,
    Comma,
    Link,
};

struct Item
{
    Concept what;
    /// Words it covers.
    std::size_t begin = 0, end = 0;
};

/// The known phrases of a sentence, longest first, from left to right.
std::vector<Item> itemsOf(const std::vector<std::string>& words);

} // namespace ink::detail
