// The database of the shelf as its stores use it, inside this layer only.
#pragma once

#include "shelf/store_errors.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <SQLiteCpp/VariadicBind.h>

#include <filesystem>
#include <vector>

namespace ink {

/// Runs a statement with its values bound in order.
template <class... Values>
int run(SQLite::Database& database, const char* sql, const Values&... values)
{
    SQLite::Statement statement(database, sql);
    SQLite::bind(statement, values...);
    return statement.exec();
}

template <class... Values>
std::int64_t numberFrom(SQLite::Database& database, const char* sql, const Values&... values)
{
    SQLite::Statement statement(database, sql);
    SQLite::bind(statement, values...);
    return statement.executeStep() ? statement.getColumn(0).getInt64() : 0;
}

/// How long to wait for another window that writes.
inline constexpr int kPatience_ms = 10'000;

struct StoreDatabase
{
    SQLite::Database database;

    explicit StoreDatabase(const std::filesystem::path& file)
        : database(file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE, kPatience_ms)
    {
        database.exec("PRAGMA foreign_keys = ON");
        database.exec("PRAGMA synchronous = FULL");
    }
    /// Nothing is written, not even beside it. `address` is a path, or a URI.
    struct ForReading
    {
        std::string address;
    };
    explicit StoreDatabase(const ForReading& what)
        : database(what.address, SQLite::OPEN_READONLY | SQLite::OPEN_URI, kPatience_ms)
    {
    }

    template <class Change>
    Result<void> inOneStep(Change change)
    {
        return withStoreErrors(database.getFilename(), [&]() -> Result<void> {
            SQLite::Transaction step(database, SQLite::TransactionBehavior::IMMEDIATE);
            if (auto done = change(); !done)
                return done; // rolled back
            step.commit();
            return {};
        });
    }
    template <class Change>
    Result<void> ofEach(const std::vector<std::int64_t>& fonts, Change change)
    {
        return inOneStep([&]() -> Result<void> {
            for (const auto font : fonts)
                change(font);
            return {};
        });
    }
};

} // namespace ink
