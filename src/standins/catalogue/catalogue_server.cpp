#include "standins/catalogue/catalogue_server.h"

#include "core/base/file_output.h"
#include "core/base/json_text.h"

#include <QStringList>
#include <QUrl>
#include <QUrlQuery>

#include <algorithm>
#include <charconv>

namespace ink::standin {
namespace {

using namespace std::chrono_literals;

constexpr std::size_t kManyListings = 20'000;
constexpr std::size_t kLargestPicture = 8 << 20;

// RFC 9110, section 15.
constexpr unsigned kPartialContent = 206;
constexpr unsigned kBadRequest = 400;
constexpr unsigned kNotFound = 404;
constexpr unsigned kRangeNotSatisfiable = 416;
constexpr unsigned kServerError = 500;

HttpAnswer jsonAnswer(const Json& json, unsigned status = 200)
{
    return {status, "application/json", jsonText(json, kOneLine), {}, {}};
}

HttpAnswer problem(unsigned status, const std::string& words)
{
    return jsonAnswer({{"problem", words}}, status);
}

QString parameter(const QUrlQuery& asked, const char* name)
{
    return asked.queryItemValue(QLatin1String(name), QUrl::FullyDecoded);
}

std::string words(const QUrlQuery& asked, const char* name)
{
    return parameter(asked, name).toStdString();
}

/// The first byte asked for: 0 without a range. One range from a byte to the end is all that resuming needs.
std::size_t firstByte(std::string_view range)
{
    constexpr std::string_view kUnit = "bytes=";
    std::size_t from = 0;
    if (range.starts_with(kUnit) && range.ends_with('-'))
        std::from_chars(range.data() + kUnit.size(), range.data() + range.size(), from);
    return from;
}

} // namespace

std::vector<std::string> faultNames()
{
    return {"none",           "no-answer",    "slow",     "cut-off", "wrong-length",
            "wrong-checksum", "server-error", "disagree", "many"};
}

CatalogueServer::CatalogueServer(DemoCatalogue catalogue, Fault fault)
    : m_catalogue(std::move(catalogue)), m_fault(fault),
      m_server([this](const HttpRequest& request) { return answer(request); })
{
    if (fault == Fault::Many)
        m_catalogue.multiplyTo(kManyListings);
}

HttpAnswer CatalogueServer::answer(const HttpRequest& request)
{
    if (m_fault == Fault::NoAnswer) {
        HttpAnswer silence;
        silence.delivery.is_answered = false;
        return silence;
    }
    if (m_fault == Fault::ServerError)
        return problem(kServerError, "The catalogue has a fault of its own.");
    const QUrl address(QString::fromStdString(request.target));
    const QUrlQuery asked(address);
    const QStringList parts = address.path().split(QLatin1Char('/'), Qt::SkipEmptyParts);
    const QString kind = parts.value(0), what = parts.value(2);
    if (kind == QLatin1String("catalogue"))
        return page(asked);
    if (kind == QLatin1String("package"))
        return package(parts.value(1).toStdString(), request.range);
    if (kind == QLatin1String("listing")) {
        const Json* listing = m_catalogue.listing(parts.value(1).toStdString());
        if (!listing)
            return problem(kNotFound, "There is no such listing.");
        if (what.isEmpty())
            return details(*listing);
        if (what == QLatin1String("preview"))
            return preview(*listing);
        if (what == QLatin1String("outlines"))
            return outlines(*listing, asked);
        if (what == QLatin1String("keymap"))
            return keyMap(*listing, asked);
        if (what == QLatin1String("buy") && request.method == "POST")
            return buy(*listing);
    }
    return problem(kNotFound, "There is nothing at this address.");
}

HttpAnswer CatalogueServer::page(const QUrlQuery& asked) const
{
    Query query;
    query.words = words(asked, "words");
    query.sort = words(asked, "sort");
    for (const auto& kind : parameter(asked, "kinds").split(QLatin1Char(','), Qt::SkipEmptyParts))
        query.kinds.push_back(kind.toStdString());
    query.page = parameter(asked, "page").toUInt();
    query.per_page = std::clamp(parameter(asked, "per_page").toUInt(), 1u, 1000u);
    HttpAnswer answer = jsonAnswer(m_catalogue.page(query));
    if (m_fault == Fault::Slow)
        answer.delivery.delay = 4s;
    return answer;
}

HttpAnswer CatalogueServer::details(Json listing)
{
    std::string name = listing["package"];
    if (m_fault == Fault::Disagree)
        name = "gatepost.zip"; // the listing tells the figures of another package
    if (const auto* package = m_catalogue.package(name)) {
        listing["bytes"] = package->bytes.size();
        listing["sha256"] = package->sha256;
    }
    auto files = Json::array();
    if (const auto contents = m_catalogue.contents(listing["package"]))
        for (const auto& entry : (*contents)->entries) {
            if (files.size() >= 60)
                break;
            files.push_back({{"name", entry.name}, {"role", idOf(entry.role)}});
        }
    listing["contents"] = files;
    return jsonAnswer(listing);
}

HttpAnswer CatalogueServer::preview(const Json& listing)
{
    if (const auto contents = m_catalogue.contents(listing["package"]))
        for (const auto& entry : (*contents)->entries)
            if (entry.role == EntryRole::Preview && entry.content == ContentKind::Png)
                if (const auto picture = readFile(entry.staged, kLargestPicture))
                    return {200, "image/png", *picture, {}, {}};
    return problem(kNotFound, "There is no picture of this listing.");
}

HttpAnswer CatalogueServer::outlines(const Json& listing, const QUrlQuery& asked)
{
    const auto face = m_catalogue.face(listing, words(asked, "style"));
    if (!face)
        return problem(kNotFound, face.error().message());
    const auto outlines = outlinesOf(**face, words(asked, "text"), words(asked, "features"));
    return outlines ? jsonAnswer(*outlines) : problem(kBadRequest, outlines.error().message());
}

HttpAnswer CatalogueServer::keyMap(const Json& listing, const QUrlQuery& asked)
{
    const auto face = m_catalogue.face(listing, words(asked, "style"));
    return face ? jsonAnswer(keyMapJson(**face)) : problem(kNotFound, face.error().message());
}

HttpAnswer CatalogueServer::buy(const Json& listing)
{
    const std::string name =
        listing.at("buy").is_string() ? listing.at("buy").get<std::string>() : std::string();
    const auto* bought = m_catalogue.package(name);
    if (!bought)
        return problem(kNotFound, "There is nothing to buy here; write to the author.");
    const std::string order = std::to_string(m_orders++);
    const std::string receipt = "Receipt of " + listing.at("foundry").get<std::string>() + ", order " +
                                order + "\n1 x " + listing.at("name").get<std::string>() +
                                ", commercial licence: " + listing.at("price").get<std::string>() +
                                ", paid.\nYou may sell physical products made with this font.\n";
    return jsonAnswer({{"order", order},
                       {"receipt", receipt},
                       {"package", name},
                       {"bytes", bought->bytes.size()},
                       {"sha256", bought->sha256}});
}

HttpAnswer CatalogueServer::package(const std::string& name, const std::string& range)
{
    const auto* package = m_catalogue.package(name);
    if (!package)
        return problem(kNotFound, "There is no such package.");
    HttpAnswer answer{200, "application/zip", package->bytes, {}, {}};
    if (m_fault == Fault::WrongChecksum && !answer.body.empty())
        answer.body[answer.body.size() / 2] ^= 0x55;
    answer.headers = {{"Accept-Ranges", "bytes"}, {"ETag", '"' + package->sha256 + '"'}};
    if (!range.empty()) { // RFC 9110, section 14
        const std::size_t whole = answer.body.size(), from = firstByte(range);
        if (from >= whole)
            return problem(kRangeNotSatisfiable, "The package is shorter than that.");
        answer.status = kPartialContent;
        answer.headers.emplace_back("Content-Range", "bytes " + std::to_string(from) + '-' +
                                                         std::to_string(whole - 1) + '/' +
                                                         std::to_string(whole));
        answer.body.erase(0, from);
    }
    const std::size_t length = answer.body.size();
    if (m_fault == Fault::CutOff) {
        answer.delivery.promised_bytes = length;
        answer.body.resize(length / 2);
    } else if (m_fault == Fault::WrongLength) {
        answer.delivery.promised_bytes = length + 1000;
    } else if (m_fault == Fault::Slow) {
        // A little at a time, so that there is something to pause.
        answer.delivery.bytes_a_tick = std::max<std::size_t>(512, length / 40);
    }
    return answer;
}

} // namespace ink::standin
