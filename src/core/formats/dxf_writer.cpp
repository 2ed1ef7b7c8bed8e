#include "core/formats/sheet_file.h"
#include "core/geometry/biarc.h"

#include <array>
#include <charconv>
#include <cmath>
#include <ostream>

namespace ink::detail {
namespace {

/// Pairs of a code and a value, each on a line of its own.
/// Source: Autodesk, DXF Reference for release 2000 (AC1015).
class DxfText
{
public:
    void add(int code, std::string_view value)
    {
        m_text += std::to_string(code);
        m_text += '\n';
        m_text += value;
        m_text += '\n';
    }
    void add(int code, int value) { add(code, std::string_view(std::to_string(value))); }
    void add(int code, double value)
    {
        std::array<char, 64> text{};
        const auto end =
            std::to_chars(text.data(), text.data() + text.size(), value, std::chars_format::fixed, 6).ptr;
        add(code, std::string_view(text.data(), std::size_t(end - text.data())));
    }
    /// The next handle, which every object of the file has.
    std::string handle()
    {
        std::array<char, 16> text{};
        const auto end = std::to_chars(text.data(), text.data() + text.size(), ++m_handle, 16).ptr;
        return {text.data(), end};
    }
    const std::string& text() const { return m_text; }

private:
    std::string m_text;
    unsigned m_handle = 0x100;
};

constexpr std::string_view layerOf(Operation operation)
{
    constexpr std::array<std::string_view, 5> kLayers{"PEN", "SCORE", "MARK", "CUT", "FRAME"};
    return kLayers[std::size_t(operation)];
}

/// Colour numbers that every reader draws apart on white and on black (1 red to 6 magenta).
constexpr int colourOf(Operation operation)
{
    constexpr std::array<int, 5> kColours{5, 3, 4, 1, 6};
    return kColours[std::size_t(operation)];
}

/// Handles of the tables and blocks are fixed: they refer to each other.
constexpr std::string_view kModelSpace = "1F", kPaperSpace = "1B", kBlockTable = "1", kLayerTable = "2";

void beginTable(DxfText& dxf, std::string_view name, std::string_view handle, int entries)
{
    dxf.add(0, "TABLE");
    dxf.add(2, name);
    dxf.add(5, handle);
    dxf.add(330, "0");
    dxf.add(100, "AcDbSymbolTable");
    dxf.add(70, entries);
}

void beginEntry(DxfText& dxf, std::string_view kind, std::string_view subclass, std::string_view table,
                std::string_view handle, std::string_view name)
{
    dxf.add(0, kind);
    dxf.add(5, handle);
    dxf.add(330, table);
    dxf.add(100, "AcDbSymbolTableRecord");
    dxf.add(100, subclass);
    dxf.add(2, name);
}

void addHeader(DxfText& dxf, const Box& page_mm)
{
    dxf.add(0, "SECTION");
    dxf.add(2, "HEADER");
    const auto variable = [&](std::string_view name, int code, auto value) {
        dxf.add(9, name);
        dxf.add(code, value);
    };
    variable("$ACADVER", 1, "AC1015");
    variable("$DWGCODEPAGE", 3, "ANSI_1252");
    variable("$INSUNITS", 70, 4);
    variable("$MEASUREMENT", 70, 1);
    variable("$HANDSEED", 5, "FFFFF");
    dxf.add(9, "$EXTMIN");
    dxf.add(10, 0.0);
    dxf.add(20, 0.0);
    dxf.add(30, 0.0);
    dxf.add(9, "$EXTMAX");
    dxf.add(10, page_mm.width());
    dxf.add(20, page_mm.height());
    dxf.add(30, 0.0);
    dxf.add(0, "ENDSEC");
}

void addTables(DxfText& dxf)
{
    dxf.add(0, "SECTION");
    dxf.add(2, "TABLES");
    beginTable(dxf, "VPORT", "8", 0);
    dxf.add(0, "ENDTAB");
    beginTable(dxf, "LTYPE", "5", 3);
    constexpr std::array<std::pair<std::string_view, std::string_view>, 3> kTypes{
        {{"14", "BYBLOCK"}, {"15", "BYLAYER"}, {"16", "CONTINUOUS"}}};
    for (const auto& [handle, name] : kTypes) {
        beginEntry(dxf, "LTYPE", "AcDbLinetypeTableRecord", "5", handle, name);
        dxf.add(70, 0);
        dxf.add(3, "");
        dxf.add(72, 65);
        dxf.add(73, 0);
        dxf.add(40, 0.0);
    }
    dxf.add(0, "ENDTAB");
    beginTable(dxf, "LAYER", kLayerTable, 6);
    const auto layer = [&](std::string_view name, int colour) {
        beginEntry(dxf, "LAYER", "AcDbLayerTableRecord", kLayerTable, dxf.handle(), name);
        dxf.add(70, 0);
        dxf.add(62, colour);
        dxf.add(6, "CONTINUOUS");
        dxf.add(390, "F");
    };
    layer("0", 7);
    for (const auto operation : kOperations)
        layer(layerOf(operation), colourOf(operation));
    dxf.add(0, "ENDTAB");
    beginTable(dxf, "STYLE", "3", 1);
    beginEntry(dxf, "STYLE", "AcDbTextStyleTableRecord", "3", "11", "STANDARD");
    dxf.add(70, 0);
    dxf.add(40, 0.0);
    dxf.add(41, 1.0);
    dxf.add(50, 0.0);
    dxf.add(71, 0);
    dxf.add(42, 2.5);
    dxf.add(3, "txt");
    dxf.add(4, "");
    dxf.add(0, "ENDTAB");
    for (const auto& [name, handle] : {std::pair{"VIEW", "6"}, {"UCS", "7"}}) {
        beginTable(dxf, name, handle, 0);
        dxf.add(0, "ENDTAB");
    }
    beginTable(dxf, "APPID", "9", 1);
    beginEntry(dxf, "APPID", "AcDbRegAppTableRecord", "9", "12", "ACAD");
    dxf.add(70, 0);
    dxf.add(0, "ENDTAB");
    beginTable(dxf, "DIMSTYLE", "A", 0);
    dxf.add(100, "AcDbDimStyleTable");
    dxf.add(0, "ENDTAB");
    beginTable(dxf, "BLOCK_RECORD", kBlockTable, 2);
    beginEntry(dxf, "BLOCK_RECORD", "AcDbBlockTableRecord", kBlockTable, kModelSpace, "*MODEL_SPACE");
    beginEntry(dxf, "BLOCK_RECORD", "AcDbBlockTableRecord", kBlockTable, kPaperSpace, "*PAPER_SPACE");
    dxf.add(0, "ENDTAB");
    dxf.add(0, "ENDSEC");
}

void addBlocks(DxfText& dxf)
{
    dxf.add(0, "SECTION");
    dxf.add(2, "BLOCKS");
    for (const auto& [name, record] :
         {std::pair{"*MODEL_SPACE", kModelSpace}, {"*PAPER_SPACE", kPaperSpace}}) {
        const auto owner = record;
        const auto part = [&](std::string_view kind, std::string_view subclass) {
            dxf.add(0, kind);
            dxf.add(5, dxf.handle());
            dxf.add(330, owner);
            dxf.add(100, "AcDbEntity");
            dxf.add(8, "0");
            dxf.add(100, subclass);
        };
        part("BLOCK", "AcDbBlockBegin");
        dxf.add(2, name);
        dxf.add(70, 0);
        for (const int code : {10, 20, 30})
            dxf.add(code, 0.0);
        dxf.add(3, name);
        dxf.add(1, "");
        part("ENDBLK", "AcDbBlockEnd");
    }
    dxf.add(0, "ENDSEC");
}

void addPath(DxfText& dxf, const ToolPath& path, Point origin)
{
    std::vector<Arc> arcs;
    for (const auto& segment : path.segments) {
        const auto more = arcsOf(segment, kFileTolerance_mm);
        arcs.insert(arcs.end(), more.begin(), more.end());
    }
    if (arcs.empty())
        return;
    dxf.add(0, "LWPOLYLINE");
    dxf.add(5, dxf.handle());
    dxf.add(330, kModelSpace);
    dxf.add(100, "AcDbEntity");
    dxf.add(8, layerOf(path.operation));
    dxf.add(100, "AcDbPolyline");
    dxf.add(90, int(arcs.size()) + (path.is_closed ? 0 : 1));
    dxf.add(70, path.is_closed ? 1 : 0);
    const auto vertex = [&](Point p, double bulge) {
        dxf.add(10, p.x - origin.x);
        dxf.add(20, p.y - origin.y);
        if (bulge != 0.0)
            dxf.add(42, bulge);
    };
    for (const auto& arc : arcs)
        vertex(arc.start, arc.bulge);
    if (!path.is_closed)
        vertex(arcs.back().end, 0.0);
}

void addObjects(DxfText& dxf)
{
    dxf.add(0, "SECTION");
    dxf.add(2, "OBJECTS");
    dxf.add(0, "DICTIONARY");
    dxf.add(5, "C");
    dxf.add(330, "0");
    dxf.add(100, "AcDbDictionary");
    dxf.add(281, 1);
    dxf.add(3, "ACAD_GROUP");
    dxf.add(350, "D");
    dxf.add(0, "DICTIONARY");
    dxf.add(5, "D");
    dxf.add(330, "C");
    dxf.add(100, "AcDbDictionary");
    dxf.add(281, 1);
    dxf.add(0, "ENDSEC");
}

} // namespace

Result<void> writeSheetDxf(std::ostream& out, const SheetDrawing& drawing)
{
    DxfText dxf;
    addHeader(dxf, drawing.page_mm);
    dxf.add(0, "SECTION");
    dxf.add(2, "CLASSES");
    dxf.add(0, "ENDSEC");
    addTables(dxf);
    addBlocks(dxf);
    dxf.add(0, "SECTION");
    dxf.add(2, "ENTITIES");
    const Point origin{drawing.page_mm.x0, drawing.page_mm.y0}; // the lower left corner of the sheet
    for (const auto& path : drawing.paths)
        addPath(dxf, path, origin);
    dxf.add(0, "ENDSEC");
    addObjects(dxf);
    dxf.add(0, "EOF");
    out << dxf.text();
    return out ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

} // namespace ink::detail
