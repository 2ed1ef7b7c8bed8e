#include "core/handoff/name_reader.h"

#include "core/base/text.h"
#include "core/package/text_encoding.h"
#include "core/type/shape.h"

#include <csv.h>

#include <algorithm>
#include <array>
#include <charconv>
#include <map>
#include <optional>

namespace ink {
namespace {

enum class TableColumn { Words, Copies, Colour, Note, Other };
constexpr std::array<std::string_view, 5> kColumnIds{"words", "copies", "colour", "note", ""};

/// Headings as makers and their shops write them, in the languages of the phrase books.
constexpr std::array kHeadings{
    std::pair{"name", TableColumn::Words},
    std::pair{"names", TableColumn::Words},
    std::pair{"words", TableColumn::Words},
    std::pair{"text", TableColumn::Words},
    std::pair{"wording", TableColumn::Words},
    std::pair{"personalisation", TableColumn::Words},
    std::pair{"personalization", TableColumn::Words},
    std::pair{"vorname", TableColumn::Words},
    std::pair{"namen", TableColumn::Words},
    std::pair{"nom", TableColumn::Words},
    std::pair{"prénom", TableColumn::Words},
    std::pair{"nombre", TableColumn::Words},
    std::pair{"nome", TableColumn::Words},
    std::pair{"nama", TableColumn::Words},
    std::pair{"copies", TableColumn::Copies},
    std::pair{"quantity", TableColumn::Copies},
    std::pair{"qty", TableColumn::Copies},
    std::pair{"count", TableColumn::Copies},
    std::pair{"number", TableColumn::Copies},
    std::pair{"pieces", TableColumn::Copies},
    std::pair{"anzahl", TableColumn::Copies},
    std::pair{"menge", TableColumn::Copies},
    std::pair{"stück", TableColumn::Copies},
    std::pair{"quantité", TableColumn::Copies},
    std::pair{"cantidad", TableColumn::Copies},
    std::pair{"quantità", TableColumn::Copies},
    std::pair{"jumlah", TableColumn::Copies},
    std::pair{"colour", TableColumn::Colour},
    std::pair{"color", TableColumn::Colour},
    std::pair{"farbe", TableColumn::Colour},
    std::pair{"couleur", TableColumn::Colour},
    std::pair{"colore", TableColumn::Colour},
    std::pair{"cor", TableColumn::Colour},
    std::pair{"warna", TableColumn::Colour},
    std::pair{"material", TableColumn::Colour},
    std::pair{"note", TableColumn::Note},
    std::pair{"notes", TableColumn::Note},
    std::pair{"remark", TableColumn::Note},
    std::pair{"comment", TableColumn::Note},
    std::pair{"notiz", TableColumn::Note},
    std::pair{"bemerkung", TableColumn::Note},
    std::pair{"nota", TableColumn::Note},
    std::pair{"catatan", TableColumn::Note},
};

struct Row
{
    std::size_t line = 1;
    std::vector<std::string> fields;
};

std::string trimmed(std::string_view text)
{
    constexpr std::string_view kBlanks = " \t\r\n\v\f";
    const auto first = text.find_first_not_of(kBlanks);
    return first == std::string_view::npos
               ? std::string()
               : std::string(text.substr(first, text.find_last_not_of(kBlanks) - first + 1));
}

/// Rows of a table; blank lines are rows of one empty field.
std::vector<Row> rowsOf(const std::string& text, char separator)
{
    csv_parser parser;
    if (csv_init(&parser, CSV_APPEND_NULL | CSV_REPALL_NL) != 0)
        return {};
    csv_set_delim(&parser, static_cast<unsigned char>(separator));
    struct Reading
    {
        std::vector<Row> rows{Row{}};
    } reading;
    const auto field = [](void* bytes, std::size_t count, void* to) {
        static_cast<Reading*>(to)->rows.back().fields.push_back(
            trimmed({static_cast<const char*>(bytes), bytes ? count : 0}));
    };
    const auto row = [](int, void* to) { static_cast<Reading*>(to)->rows.emplace_back(); };
    csv_parse(&parser, text.data(), text.size(), field, row, &reading);
    csv_fini(&parser, field, row, &reading);
    csv_free(&parser);
    if (reading.rows.back().fields.empty())
        reading.rows.pop_back();
    return std::move(reading.rows);
}

TableColumn columnNamed(std::string_view heading)
{
    const std::string name = lowered(heading);
    const auto found =
        std::ranges::find(kHeadings, name, [](const auto& h) { return std::string_view(h.first); });
    return found == kHeadings.end() ? TableColumn::Other : found->second;
}

std::optional<int> wholeNumber(std::string_view text)
{
    int value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc{} || end != text.data() + text.size())
        return {};
    return value;
}

bool isHeading(const Row& row)
{
    return std::ranges::any_of(row.fields,
                               [](const std::string& f) { return columnNamed(f) == TableColumn::Words; });
}

bool isBlank(const Row& row)
{
    return std::ranges::all_of(row.fields, [](const std::string& f) { return f.empty(); });
}

/// As many fields in every line, and more than one.
bool isEven(const std::vector<Row>& rows)
{
    std::size_t fields = 0;
    for (const auto& row : rows) {
        if (isBlank(row))
            continue;
        if (fields == 0)
            fields = row.fields.size();
        if (row.fields.size() != fields)
            return false;
    }
    return fields > 1;
}

/// Names, of which some say how many behind a comma, and a note behind another: "Bram, 2".
bool areNamesWithCounts(const std::vector<Row>& rows)
{
    bool has_count = false;
    for (const auto& row : rows) {
        if (row.fields.size() < 2)
            continue;
        const auto count = wholeNumber(row.fields[1]);
        if (row.fields.size() > 3 || !count || *count < 1 || *count > kMostCopies)
            return false;
        has_count = true;
    }
    return has_count;
}

std::vector<TableColumn> columnsByContent(const std::vector<Row>& rows)
{
    std::size_t count = 0;
    for (const auto& row : rows)
        count = std::max(count, row.fields.size());
    std::vector<TableColumn> out(count, TableColumn::Other);
    bool has_words = false, has_copies = false;
    for (std::size_t i = 0; i < count; ++i) {
        bool are_numbers = true;
        for (const auto& row : rows)
            if (i < row.fields.size() && !row.fields[i].empty())
                are_numbers = are_numbers && wholeNumber(row.fields[i]).has_value();
        if (are_numbers && !has_copies) {
            out[i] = TableColumn::Copies;
            has_copies = true;
        } else if (!are_numbers && !has_words) {
            out[i] = TableColumn::Words;
            has_words = true;
        } else if (!are_numbers) {
            out[i] = TableColumn::Note;
        }
    }
    return out;
}

/// The table that the text is, or nothing where it is plain lines.
struct Table
{
    std::vector<Row> rows;
    std::vector<TableColumn> columns;
    bool has_heading = false;
    /// Where there is one column only.
    std::string only_heading = {};
};
std::optional<Table> tableOf(const std::string& text)
{
    for (const char separator : {'\t', ';', ','}) {
        Table table{rowsOf(text, separator), {}};
        if (table.rows.empty())
            continue;
        const auto first = std::ranges::find_if_not(table.rows, isBlank);
        if (first == table.rows.end())
            continue;
        if (isHeading(*first) && (first->fields.size() > 1 || separator == ',')) {
            for (const auto& field : first->fields)
                table.columns.push_back(columnNamed(field));
            table.has_heading = true;
            if (first->fields.size() == 1)
                table.only_heading = first->fields.front();
            table.rows.erase(table.rows.begin(), first + 1);
            return table;
        }
        if (!isEven(table.rows)) {
            if (separator != ',' || !areNamesWithCounts(table.rows))
                continue;
            table.columns = {TableColumn::Words, TableColumn::Copies, TableColumn::Note};
            return table;
        }
        table.columns = columnsByContent(table.rows);
        const bool has_copies = std::ranges::find(table.columns, TableColumn::Copies) != table.columns.end();
        if (std::ranges::find(table.columns, TableColumn::Words) != table.columns.end() &&
            (separator != ',' || has_copies))
            return table;
    }
    return {};
}

std::vector<std::string> linesOf(std::string_view text)
{
    std::vector<std::string> out;
    for (std::size_t at = 0; at <= text.size();) {
        const auto end = std::min(text.find('\n', at), text.size());
        out.push_back(trimmed(text.substr(at, end - at)));
        at = end + 1;
    }
    if (!out.empty() && out.back().empty())
        out.pop_back();
    return out;
}

class Collector
{
public:
    void add(std::size_t line, ListedName name)
    {
        if (name.words.empty()) {
            m_out.remarks.push_back({NameRemark::Kind::EmptyLine, line, {}});
            return;
        }
        if (m_out.names.size() >= kMostNames) {
            m_out.remarks.push_back({NameRemark::Kind::TooMany, line, name.words});
            return;
        }
        if (m_seen[name.words + '\n' + name.colour]++ > 0)
            m_out.remarks.push_back({NameRemark::Kind::TwiceTheSame, line, name.words});
        if (toUtf32(name.words).size() > kLongName)
            m_out.remarks.push_back({NameRemark::Kind::LongName, line, name.words});
        m_out.names.push_back(std::move(name));
    }
    ReadNames m_out;

private:
    std::map<std::string, int> m_seen;
};

void addRow(Collector& to, const Table& table, const Row& row, std::size_t line)
{
    ListedName name;
    bool has_bad_number = false;
    for (std::size_t i = 0; i < std::min(row.fields.size(), table.columns.size()); ++i) {
        const auto& field = row.fields[i];
        switch (table.columns[i]) {
        case TableColumn::Words:
            name.words = field;
            break;
        case TableColumn::Copies: {
            const auto copies = wholeNumber(field);
            has_bad_number = !field.empty() && (!copies || *copies < 1 || *copies > kMostCopies);
            name.copies = std::clamp(copies.value_or(1), 1, kMostCopies);
            break;
        }
        case TableColumn::Colour:
            name.colour = field;
            break;
        case TableColumn::Note:
            name.note += (name.note.empty() || field.empty() ? "" : ", ") + field;
            break;
        case TableColumn::Other:
            break;
        }
    }
    if (has_bad_number)
        to.m_out.remarks.push_back({NameRemark::Kind::NoNumber, line, name.words});
    to.add(line, std::move(name));
}

} // namespace

std::string_view idOf(NameRemark::Kind kind)
{
    static constexpr std::array<std::string_view, 5> kIds{"empty-line", "twice", "long", "no-number",
                                                          "too-many"};
    return kIds[std::size_t(kind)];
}

Result<ReadNames> readNames(std::string_view bytes)
{
    if (bytes.size() > kMostList_bytes)
        return fail(ErrorCode::DocumentUnreadable, {}, "a list is up to 4 MB");
    std::string text = toUtf8Text(bytes);
    // Control characters are in no text; a picture or a program has many.
    const auto controls = std::ranges::count_if(text, [](char c) {
        return static_cast<unsigned char>(c) < 0x20 && c != '\n' && c != '\r' && c != '\t';
    });
    if (controls * 20 > std::ptrdiff_t(text.size()))
        return fail(ErrorCode::DocumentUnreadable, {}, "it is no list of words");
    std::erase_if(text, [](char c) {
        return static_cast<unsigned char>(c) < 0x20 && c != '\n' && c != '\r' && c != '\t';
    });
    std::string lines; // one kind of line end
    for (std::size_t i = 0; i < text.size(); ++i)
        if (text[i] != '\r')
            lines += text[i];
        else if (i + 1 == text.size() || text[i + 1] != '\n')
            lines += '\n';
    Collector to;
    if (const auto table = tableOf(lines)) {
        to.m_out.has_heading = table->has_heading;
        for (const auto column : table->columns)
            to.m_out.columns.emplace_back(kColumnIds[std::size_t(column)]);
        if (!table->only_heading.empty())
            to.m_out.remarks.push_back({NameRemark::Kind::Heading, 1, table->only_heading});
        std::size_t line = table->has_heading ? 2 : 1;
        for (const auto& row : table->rows)
            addRow(to, *table, row, line++);
    } else {
        to.m_out.columns = {"words"};
        std::size_t line = 1;
        for (auto& words : linesOf(lines))
            to.add(line++, {std::move(words)});
    }
    return std::move(to.m_out);
}

std::vector<ListedName> namesBetweenSemicolons(std::string_view utf8)
{
    std::vector<ListedName> out;
    for (std::size_t at = 0; at <= utf8.size();) {
        const auto end = std::min(utf8.find(';', at), utf8.size());
        if (auto words = trimmed(utf8.substr(at, end - at)); !words.empty())
            out.push_back({std::move(words)});
        at = end + 1;
    }
    return out;
}

} // namespace ink
