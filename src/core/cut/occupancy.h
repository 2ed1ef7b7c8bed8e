// Which cells of a sheet are taken, as rows of bits. Internal to placing.
#pragma once

#include "core/geometry/path.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace ink::detail {

/// Cells from `from` up to, not including, `to`.
struct CellRun
{
    int from, to;
};

/// A shape as cells, counted from its upper left corner: every cell that its ink touches.
struct CellShape
{
    /// Of the ink; its upper left corner is where the cells begin.
    Box box;
    int columns = 0;
    std::vector<std::vector<CellRun>> rows;
    /// Longest run of each row.
    std::vector<int> widest;
    /// All runs: the longest first, then from everywhere in turn, so that what is in the way is soon met.
    struct RunOfRow
    {
        int row, from, to;
    };
    std::vector<RunOfRow> telling_first;
};

/// No cell that the ink reaches by more than an eighth of a cell is missing; one beside it may be in.
/// Units:  mm.
CellShape cellsOf(const Outline& outline, double cell_mm);

/// The same, and every cell that is nearer than `by_mm` to one of them; begins `reach` cells further up and to the left.
struct GrownCells
{
    CellShape shape;
    int reach = 0;
};
GrownCells grown(const CellShape& shape, double by_mm, double cell_mm);

struct Cell
{
    int row, column;
};

class Occupancy
{
public:
    /// `rows` is 0 where the sheet goes on.
    Occupancy(int columns, int rows);

    /// The highest row from `first_row` on, and in it the first column, where the shape takes no cell that is taken; it stays
    /// left of `last_column` and, on a sheet that ends, above `last_row`.
    std::optional<Cell> firstFree(const CellShape& shape, int first_row, int last_row, int last_column) const;
    void take(const GrownCells& shape, Cell at);

private:
    using Row = std::vector<std::uint64_t>;
    void addRows(int count);
    /// Bits of columns where the shape cannot begin in this row; true where none of those asked for is left.
    bool block(const CellShape& shape, int row, Row& blocked, Row& spread, const Row& asked) const;

    int m_columns, m_rows_most;
    /// Of a row, which has one empty word more.
    std::size_t m_words;
    std::vector<Row> m_rows;
    /// Longest stretch of free cells in each row.
    std::vector<int> m_free;
};

} // namespace ink::detail
