// What can be said about the right to sell, and where it is said.
#pragma once

#include <string>
#include <vector>

namespace ink {

/// Strongest first.
enum class EvidenceKind { Permission, Document, NameTable, Listing };

/// One text to weigh. `name` is what the person sees: "OFL.txt", "the font itself, licence description".
struct EvidenceText
{
    EvidenceKind kind = EvidenceKind::Document;
    std::string name;
    std::string text;
    /// False for a document that lies beside or below the font, in a folder that holds none: it can refuse,
    /// not allow.
    bool may_allow = true;
};

enum class Question { SellGoods, HowMany, SellFile, AlterOutlines, StitchedAlphabet, Logo, Credit, Cost };
enum class Answer { Yes, No, Limited, NotSaid };

/// A sentence and where it stands.
struct Quote
{
    EvidenceKind kind = EvidenceKind::Document;
    std::string document;
    unsigned line = 1;
    std::string sentence;

    friend bool operator==(const Quote&, const Quote&) = default;
};

/// How much a statement weighs: said outright, understood from it ("free for personal use"), or a hint that
/// decides nothing ("free", a link).
enum class Weight { Outright, Understood, Hint };
/// Which version of the font a statement is about.
enum class About { ThisFont, Demo, FullVersion, OneOfTwoTiers };

/// One sentence's answer to one question.
struct Statement
{
    Question question = Question::SellGoods;
    Answer answer = Answer::NotSaid;
    Weight weight = Weight::Outright;
    About about = About::ThisFont;
    /// What is limited, or what it costs: "up to 250", "with credit", "14.00 EUR".
    std::string detail;
    /// Largest number that may be sold; 0 when none is given.
    unsigned units = 0;
};

} // namespace ink
