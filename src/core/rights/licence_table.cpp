#include "core/rights/known_licences.h"

#include "core/base/told.h"

#include <algorithm>
#include <array>

namespace ink {
namespace {

constexpr auto kYes = Answer::Yes;
constexpr auto kNo = Answer::No;
constexpr auto kLimited = Answer::Limited;
constexpr auto kNotSaid = Answer::NotSaid;

constexpr std::string_view kCredit = told("with credit to the author");
constexpr std::string_view kShareAlike =
    told("with credit; what you make from the font itself goes under the same licence");
constexpr std::string_view kNoDerivatives = told("with credit; whether welding counts as altering, ask");

// Order within a family: the stricter first, so that of two equal matches the stricter is taken.
constexpr std::array kLicences{
    KnownLicence{"OFL-1.1", "SIL Open Font License 1.1", kYes, "", kYes, kYes, kYes, kNo,
                 "does not apply to any document created using the fonts", "font software refers to",
                 "the font software is provided as is"},
    KnownLicence{"OFL-1.0", "SIL Open Font License 1.0", kYes, "", kYes, kYes, kYes, kNo,
                 "may be bundled redistributed and sold with any software", "font software refers to",
                 "the font software is provided as is"},
    KnownLicence{"Apache-2.0", "Apache License 2.0", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "perpetual worldwide non exclusive no charge royalty free irrevocable copyright license",
                 "license shall mean the terms and conditions", "end of terms and conditions"},
    KnownLicence{"MIT", "MIT licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "including without limitation the rights to use copy modify", "permission is hereby granted",
                 "the software is provided as is"},
    KnownLicence{"CC0-1.0", "Creative Commons Zero 1.0", kYes, "", kYes, kYes, kYes, kNo,
                 "including without limitation commercial advertising or promotional purposes",
                 "the laws of most jurisdictions", ""},
    KnownLicence{"CC-BY-NC-ND-4.0", "Creative Commons Attribution-NonCommercial-NoDerivatives 4.0", kNo, "",
                 kNo, kNo, kNo, kYes, "for noncommercial purposes only", "by exercising the licensed rights",
                 "creative commons is not a party"},
    KnownLicence{"CC-BY-NC-ND-3.0", "Creative Commons Attribution-NonCommercial-NoDerivs 3.0", kNo, "", kNo,
                 kNo, kNo, kYes, "primarily intended for or directed toward commercial advantage",
                 "the work as defined below is provided", "creative commons notice"},
    KnownLicence{"CC-BY-NC-SA-4.0", "Creative Commons Attribution-NonCommercial-ShareAlike 4.0", kNo, "", kNo,
                 kYes, kNo, kYes, "for noncommercial purposes only", "by exercising the licensed rights",
                 "creative commons is not a party"},
    KnownLicence{"CC-BY-NC-SA-3.0", "Creative Commons Attribution-NonCommercial-ShareAlike 3.0", kNo, "", kNo,
                 kYes, kNo, kYes, "primarily intended for or directed toward commercial advantage",
                 "the work as defined below is provided", "creative commons notice"},
    KnownLicence{"CC-BY-NC-4.0", "Creative Commons Attribution-NonCommercial 4.0", kNo, "", kNo, kYes, kNo,
                 kYes, "for noncommercial purposes only", "by exercising the licensed rights",
                 "creative commons is not a party"},
    KnownLicence{"CC-BY-NC-3.0", "Creative Commons Attribution-NonCommercial 3.0", kNo, "", kNo, kYes, kNo,
                 kYes, "primarily intended for or directed toward commercial advantage",
                 "the work as defined below is provided", "creative commons notice"},
    KnownLicence{"CC-BY-ND-4.0", "Creative Commons Attribution-NoDerivatives 4.0", kLimited, kNoDerivatives,
                 kNo, kNo, kNotSaid, kYes, "produce and reproduce but not share adapted material",
                 "by exercising the licensed rights", "creative commons is not a party"},
    KnownLicence{"CC-BY-ND-3.0", "Creative Commons Attribution-NoDerivs 3.0", kLimited, kNoDerivatives, kNo,
                 kNo, kNotSaid, kYes, "the right to make such modifications as are technically necessary",
                 "the work as defined below is provided", "creative commons notice"},
    KnownLicence{"CC-BY-SA-4.0", "Creative Commons Attribution-ShareAlike 4.0", kLimited, kShareAlike,
                 kLimited, kYes, kNotSaid, kYes,
                 "reproduce and share the licensed material in whole or in part",
                 "by exercising the licensed rights", "creative commons is not a party"},
    KnownLicence{"CC-BY-SA-3.0", "Creative Commons Attribution-ShareAlike 3.0", kLimited, kShareAlike,
                 kLimited, kYes, kNotSaid, kYes, "to distribute and publicly perform the work",
                 "the work as defined below is provided", "creative commons notice"},
    KnownLicence{"CC-BY-4.0", "Creative Commons Attribution 4.0", kLimited, kCredit, kLimited, kYes, kNotSaid,
                 kYes, "reproduce and share the licensed material in whole or in part",
                 "by exercising the licensed rights", "creative commons is not a party"},
    KnownLicence{"CC-BY-3.0", "Creative Commons Attribution 3.0", kLimited, kCredit, kLimited, kYes, kNotSaid,
                 kYes, "to distribute and publicly perform the work", "the work as defined below is provided",
                 "creative commons notice"},
    KnownLicence{"Unlicense", "the Unlicense", kYes, "", kYes, kYes, kYes, kNo,
                 "for any purpose commercial or non commercial", "this is free and unencumbered",
                 "the software is provided as is"},
    KnownLicence{"GPL-3.0", "GNU General Public License 3", kLimited, kCopyleft, kLimited, kYes, kNotSaid,
                 kNo, "you may charge any price or no price for each copy", "this license refers to version",
                 "how to apply these terms"},
    KnownLicence{"GPL-2.0", "GNU General Public License 2", kLimited, kCopyleft, kLimited, kYes, kNotSaid,
                 kNo, "you may charge a fee for the physical act of transferring a copy",
                 "this license applies to any program", "how to apply these terms"},
    KnownLicence{"LGPL-2.1", "GNU Lesser General Public License 2.1", kLimited, kCopyleft, kLimited, kYes,
                 kNotSaid, kNo, "you may charge a fee for the physical act of transferring a copy",
                 "this license agreement applies to any software library", "how to apply these terms"},
    KnownLicence{"GPL-with-font-exception", "GNU General Public License with the font exception", kYes, "",
                 kLimited, kYes, kNotSaid, kNo, "if you create a document which uses this font",
                 "as a special exception", "this exception does not however invalidate"},
    KnownLicence{"LPPL-1.3c", "LaTeX Project Public License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "you may distribute a complete unmodified copy",
                 "in this license document the following terms", "whether and how to distribute works"},
    KnownLicence{"GUST-1.0", "GUST Font License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "latex project public license", "", ""},
    KnownLicence{"Ubuntu-font-1.0", "Ubuntu Font Licence 1.0", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "does not apply to any document created using the fonts", "font software refers to", ""},
    KnownLicence{"Bitstream-Vera", "Bitstream Vera licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "to reproduce and distribute the font software", "permission is hereby granted",
                 "the font software is provided as is"},
    KnownLicence{"Arev", "Arev Fonts licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "reproduce and distribute the modifications to the bitstream vera font software",
                 "permission is hereby granted", "the font software is provided as is"},
    KnownLicence{"BSD-3-Clause", "BSD licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "redistribution and use in source and binary forms", "redistribution and use in source",
                 "this software is provided by"},
    KnownLicence{"ISC", "ISC licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "permission to use copy modify and or distribute this software for any purpose",
                 "permission to use copy modify", "the software is provided as is"},
    KnownLicence{"WTFPL", "WTFPL", kYes, "", kYes, kYes, kYes, kNo, "you just do what the",
                 "you just do what", ""},
    KnownLicence{"IPA", "IPA Font License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "use of characters in the licensed program", "the licensor provides the licensed program",
                 ""},
    KnownLicence{"Arphic-1999", "Arphic Public License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "you may copy and distribute verbatim copies", "throughout this license font means", ""},
};

} // namespace

std::span<const KnownLicence> knownLicences()
{
    return kLicences;
}

const KnownLicence* licenceById(std::string_view id)
{
    const auto it = std::ranges::find(kLicences, id, &KnownLicence::id);
    return it == kLicences.end() ? nullptr : &*it;
}

} // namespace ink
