#include "services/remote_words.h"

#include <algorithm>
#include <charconv>

namespace ink {
namespace {

constexpr qsizetype kMostPathBytes = 4 << 20;
constexpr double kLargestCoordinate = 1e6;

class PathReader
{
public:
    explicit PathReader(const QByteArray& data) : m_at(data.constData()), m_end(m_at + data.size()) {}

    bool read(Paths& paths)
    {
        ContourPen pen;
        bool is_open = false;
        while (skipToCommand()) {
            const char command = *m_at++;
            Point p[3];
            switch (command) {
            case 'M':
                if (!points(p, 1))
                    return false;
                pen.moveTo(p[0]);
                is_open = true;
                break;
            case 'L':
                if (!is_open || !points(p, 1))
                    return false;
                pen.lineTo(p[0]);
                break;
            case 'Q':
                if (!is_open || !points(p, 2))
                    return false;
                pen.quadraticTo(p[0], p[1]);
                break;
            case 'C':
                if (!is_open || !points(p, 3))
                    return false;
                pen.cubicTo(p[0], p[1], p[2]);
                break;
            case 'Z':
                pen.close();
                is_open = false;
                break;
            default:
                return false;
            }
        }
        paths = pen.take();
        return true;
    }

private:
    void skipSpace()
    {
        while (m_at < m_end && (*m_at == ' ' || *m_at == ',' || *m_at == '\n'))
            ++m_at;
    }
    bool skipToCommand()
    {
        skipSpace();
        return m_at < m_end;
    }
    bool points(Point* out, int count)
    {
        for (int i = 0; i < count; ++i) {
            double xy[2];
            for (double& value : xy) {
                skipSpace();
                const auto [end, problem] = std::from_chars(m_at, m_end, value);
                if (problem != std::errc{} || !(std::abs(value) <= kLargestCoordinate))
                    return false;
                m_at = end;
            }
            out[i] = {xy[0], -xy[1]};
        }
        return true;
    }

    const char* m_at;
    const char* m_end;
};

auto broken(const char* what)
{
    return fail(ErrorCode::ServiceFault, "the catalogue", what);
}

std::vector<LetterWithForms> formsIn(const QJsonArray& list, LetterRef ref, std::uint32_t cluster,
                                     const std::string& text)
{
    LetterWithForms letter{ref, text, cluster, {}, {}};
    for (const auto& value : list) {
        const QJsonObject form = value.toObject();
        letter.forms.push_back({form[QLatin1String("feature")].toString().toStdString(),
                                static_cast<unsigned>(form[QLatin1String("value")].toInt(1)), 0,
                                form[QLatin1String("name")].toString().toStdString(),
                                form[QLatin1String("swash")].toBool()});
    }
    if (letter.forms.empty())
        return {};
    return {std::move(letter)};
}

} // namespace

Result<Paths> readPathData(const QByteArray& data)
{
    Paths paths;
    if (data.size() > kMostPathBytes || !PathReader(data).read(paths))
        return broken("an outline it sent cannot be read");
    return paths;
}

Result<RemoteWords> readRemoteWords(const QJsonObject& json, const QString& text)
{
    RemoteWords words;
    words.units_per_em = json[QLatin1String("units_per_em")].toDouble();
    const double spacing = json[QLatin1String("line_spacing")].toDouble();
    if (!(words.units_per_em >= 16 && words.units_per_em <= 65536))
        return broken("its answer has no units");
    const auto line_texts = text.split(QLatin1Char('\n'));
    double baseline = 0.0;
    const QJsonArray lines = json[QLatin1String("lines")].toArray();
    for (qsizetype l = 0; l < lines.size(); ++l) {
        const QJsonObject line = lines[l].toObject();
        PlacedLine placed;
        placed.baseline_fu = baseline;
        placed.shaped.advance_fu = line[QLatin1String("advance")].toDouble();
        placed.shaped.is_right_to_left = line[QLatin1String("right_to_left")].toBool();
        const std::string line_text = line_texts.value(l).toStdString();
        const QJsonArray glyphs = line[QLatin1String("glyphs")].toArray();
        for (qsizetype g = 0; g < glyphs.size(); ++g) {
            const QJsonObject glyph = glyphs[g].toObject();
            auto paths = readPathData(glyph[QLatin1String("path")].toString().toUtf8());
            if (!paths)
                return fail(paths.error());
            PlacedGlyph shaped;
            shaped.cluster = static_cast<std::uint32_t>(std::clamp<qint64>(
                glyph[QLatin1String("letter")].toInteger(), 0, static_cast<qint64>(line_text.size())));
            shaped.x_fu = glyph[QLatin1String("x")].toDouble();
            shaped.y_fu = -glyph[QLatin1String("y")].toDouble();
            shaped.advance_fu = glyph[QLatin1String("advance")].toDouble();
            placed.shaped.glyphs.push_back(shaped);
            const LetterRef ref{static_cast<std::size_t>(l), static_cast<std::size_t>(g)};
            for (auto& forms : formsIn(glyph[QLatin1String("alternates")].toArray(), ref, shaped.cluster,
                                       line_text.substr(shaped.cluster, 1)))
                words.alternates.push_back(std::move(forms));
            if (paths->empty())
                continue;
            words.set.glyphs_fu.push_back(
                {std::make_shared<const Paths>(std::move(*paths)), {shaped.x_fu, baseline + shaped.y_fu}, 0});
            words.set.letters.push_back(ref);
        }
        words.set.lines.push_back(std::move(placed));
        baseline -= spacing;
    }
    for (const auto& value : json[QLatin1String("missing")].toArray())
        words.set.missing += value.toString().toStdU32String();
    return words;
}

Result<RemoteKeyMap> readRemoteKeyMap(const QJsonObject& json)
{
    RemoteKeyMap map;
    map.units_per_em = json[QLatin1String("units_per_em")].toDouble(1000.0);
    for (const auto& [name, list] : {std::pair(QLatin1String("keys"), &map.keys),
                                     std::pair(QLatin1String("without_key"), &map.without_key)})
        for (const auto& value : json[name].toArray()) {
            const QJsonObject key = value.toObject();
            auto paths = readPathData(key[QLatin1String("path")].toString().toUtf8());
            if (!paths)
                return fail(paths.error());
            list->push_back({key[QLatin1String("key")].toString(), key[QLatin1String("name")].toString(),
                             static_cast<char32_t>(key[QLatin1String("character")].toInteger()),
                             key[QLatin1String("advance")].toDouble(), std::move(*paths), 0});
        }
    return map;
}

} // namespace ink
