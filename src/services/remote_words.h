// Outlines as the catalogue sends them: JSON with SVG path data.
#pragma once

#include "services/catalogue_client.h"

namespace ink {

/// Path data of absolute M, L, Q, C and Z commands, y down.
/// Errors: ServiceFault.
/// Source: SVG 1.1, section 8.3 (the part that fonts need).
Result<Paths> readPathData(const QByteArray& data);

/// `text` is what was asked for.
/// Errors: ServiceFault when it is not what docs/formats/catalogue.md says.
Result<RemoteWords> readRemoteWords(const QJsonObject& json, const QString& text);
Result<RemoteKeyMap> readRemoteKeyMap(const QJsonObject& json);

} // namespace ink
