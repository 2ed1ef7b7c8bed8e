// Glyphs on their keys: the alphabet of a font, or its key map with capitals and small letters side by side.
#pragma once

#include "services/catalogue_client.h"
#include "ui/theme.h"

#include <QPainterPath>
#include <QWidget>

namespace ink::ui {

struct GridKey
{
    QString key, name;
    QPainterPath path_em;
    double advance_em = 0.0;
    /// 0 for a listing, whose file is not here.
    std::uint32_t glyph_id = 0;
};

struct GridSection
{
    QString title;
    std::vector<GridKey> keys;
};

/// Letters in pairs (A a B b …), then digits and marks, then characters of the Private Use Area, then glyphs
/// without a key.
std::vector<GridSection> keyMapSections(const RemoteKeyMap& map);
/// Capitals, small letters, digits and marks.
std::vector<GridSection> alphabetSections(const RemoteKeyMap& map);
/// The key map of a face on this computer in the same shape as the catalogue's.
RemoteKeyMap localKeyMap(const FontFace& face);

class GlyphGrid : public QWidget
{
    Q_OBJECT
public:
    explicit GlyphGrid(const Theme& theme, QWidget* parent = nullptr);

    void setSections(std::vector<GridSection> sections);
    /// Glyphs that are somebody else's mark: crossed out.
    void setFlagged(std::vector<std::uint32_t> glyph_ids);
    /// The key that arrow keys and the mouse have chosen; null when there is none.
    const GridKey* current() const;
    /// As if it had been pressed; nothing where it is not there.
    void choose(std::uint32_t glyph_id);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {600, heightForWidth(600)}; }

signals:
    void currentChanged();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    bool event(QEvent* event) override;

private:
    int columns(int width) const;
    int cell() const;
    int titleHeight() const { return m_theme.scaled(44); }
    QRect areaOf(const GridKey* wanted) const;
    void setCurrent(const GridKey* key);
    template <class Visit>
    int walk(int width, const Visit& visit) const;

    const Theme& m_theme;
    std::vector<GridSection> m_sections;
    std::vector<std::uint32_t> m_flagged;
    /// Section and key within it.
    std::size_t m_section = 0, m_key = 0;
    bool m_has_current = false;
};

} // namespace ink::ui
