// Sheets to print: the key map of a font, and the collection in the job's words. The same painting goes to
// the screen and to PDF, in mm at true size.
#pragma once

#include "core/base/result.h"
#include "core/type/font_face.h"
#include "ui/fit_service.h"

#include <QPainterPath>
#include <QSizeF>
#include <QString>

#include <filesystem>
#include <memory>
#include <vector>

class QPainter;

namespace ink::ui {

/// One picture of a key map: what is on the key, the key, the glyph's name and its code point.
struct KeyCell
{
    /// y down, the origin on the baseline.
    QPainterPath path_em;
    QString key, name, code;
    bool is_others_mark = false;
};

/// The words in one font, as large as they will be cut.
struct SpecimenLine
{
    QString name, about, verdict;
    std::shared_ptr<const FitCard> card;
};

class Sheet
{
public:
    virtual ~Sheet() = default;

    /// ISO 216, A4.
    static QSizeF page_mm() { return {210.0, 297.0}; }
    virtual int pageCount() const = 0;
    /// Painter units are mm, (0, 0) is the upper left corner of the paper. Always in black on white: paper
    /// is.
    virtual void paint(QPainter& painter, int page) const = 0;
    QString title, note;

protected:
    /// Title, note and page number; the room that is left.
    QRectF paintFrame(QPainter& painter, int page) const;
    static QRectF room();
};

std::unique_ptr<Sheet> keyMapSheet(const QString& title, const QString& note, std::vector<KeyCell> cells);
std::unique_ptr<Sheet> specimenSheet(const QString& title, const QString& note,
                                     std::vector<SpecimenLine> lines);

/// Every character in the order of Unicode, then the glyphs without a key. Those listed are crossed out.
std::vector<KeyCell> keyCellsOf(const FontFace& face, const std::vector<std::uint32_t>& others_marks);

/// Errors: FileUnwritable, DiskFull; an older file stays as it was.
/// Source: ISO 32000-1 (by Qt).
Result<void> writePdf(const Sheet& sheet, const std::filesystem::path& file);

} // namespace ink::ui
